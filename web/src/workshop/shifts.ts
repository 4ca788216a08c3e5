import type { ShiftView } from '../api/types'

/** “09:00–12:30”, one on each line; nothing is a free day. */
export const written = (shifts: readonly ShiftView[]): string => shifts.map((s) => `${s.from}–${s.until}`).join('\n')

/** What was typed, as hours: “9-12:30” will do. What is no hour is left as it is, for the workshop's computer to say so. */
export const read = (text: string): ShiftView[] =>
  text
    .split(/[,\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const [from = '', until = ''] = part.split(/\s*[–-]\s*/)
      return { from: clock(from), until: clock(until) }
    })

const clock = (value: string): string => value.trim().replace(/^(\d)(?=:|$)/, '0$1').replace(/^(\d\d)$/, '$1:00')
