const name = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' })

const word = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' })

/** “2026-12” of a moment. */
export const monthOf = (ms: number): string => new Date(ms).toISOString().slice(0, 7)

/** So many months later, or earlier where it is below 0. */
export const monthAfter = (month: string, months: number): string => {
  const [year = 0, of = 1] = month.split('-').map(Number)
  return monthOf(Date.UTC(year, of - 1 + months, 15))
}

/** “December 2026” */
export const monthName = (month: string): string => name.format(Date.parse(`${month}-15`))

/** “December” */
export const monthWord = (month: string): string => word.format(Date.parse(`${month}-15`))
