/** Days of the calendar, counted: a day is a day, however many hours it has. */
const DAY_MS = 86_400_000

/** The day of a moment in a zone, counted from 1970-01-01. */
export const dayNumber = (ms: number, timezone: string): number => {
  const part = Object.fromEntries(new Intl.DateTimeFormat('en-GB', { year: 'numeric', month: 'numeric', day: 'numeric', timeZone: timezone })
    .formatToParts(ms).map((p) => [p.type, Number(p.value)]))
  return Date.UTC(part['year'] ?? 0, (part['month'] ?? 1) - 1, part['day'] ?? 1) / DAY_MS
}

/** “2026-03-29” of a day that was counted. */
export const isoDay = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10)
