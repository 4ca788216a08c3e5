const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })

/** “3 March 2026”: a day of care is a day wherever its owner lives. */
export const careDay = (iso: string): string => day.format(Date.parse(iso))

/** “every day”, “every 3 days”, “every 6 weeks”, “every 9 months”, “once a year” */
export const often = (days: number): { unit: 'day' | 'days' | 'weeks' | 'months' | 'year', count: number } => {
  if (days <= 1) {
    return { unit: 'day', count: 1 }
  }
  if (days < 14) {
    return { unit: 'days', count: days }
  }
  if (days < 61) {
    return { unit: 'weeks', count: Math.round(days / 7) }
  }
  return days < 350 ? { unit: 'months', count: Math.round(days / 30.4) } : { unit: 'year', count: 1 }
}
