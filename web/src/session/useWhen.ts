import { dayNumber, isoDay } from './days'
import { useSession } from './useSession'
import { t } from '../words'

const formats = new Map<string, Intl.DateTimeFormat>()
const format = (timezone: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat => {
  const key = timezone + JSON.stringify(options)
  const known = formats.get(key) ?? new Intl.DateTimeFormat('en-GB', { ...options, timeZone: timezone })
  formats.set(key, known)
  return known
}

/** Times in the words of the bench, in the workshop's zone. */
export const useWhen = () => {
  const { timezone, workshop } = useSession()
  const day = (ms: number): number => dayNumber(ms, timezone.value)
  /** “14:20”, or “2:20 pm” where the workshop says it so */
  const time = (iso: string | number): string =>
    format(timezone.value, workshop.value?.clock === '12' ? { hour: 'numeric', minute: '2-digit', hour12: true } : { hour: '2-digit', minute: '2-digit' })
      .format(typeof iso === 'number' ? iso : Date.parse(iso))
  return {
    time,
    /** “14:20”, “tomorrow 11:00”, “Fri 11:00”, “3 Dec 11:00” */
    when: (iso: string, now: number): string => {
      const at = Date.parse(iso)
      const days = day(at) - day(now)
      switch (days) {
        case 0: return time(at)
        case 1: return t('session.useWhen.tomorrow', [time(at)])
        case -1: return t('session.useWhen.yesterday', [time(at)])
      }
      return `${format(timezone.value, Math.abs(days) < 6 ? { weekday: 'short' } : { day: 'numeric', month: 'short' }).format(at)} ${time(at)}`
    },
    /** “14:20”, or with the day where it is another: “Thu 10:16” */
    brief: (iso: string, now: number): string => {
      const at = Date.parse(iso)
      return day(at) === day(now) ? time(at) : `${format(timezone.value, { weekday: 'short' }).format(at)} ${time(at)}`
    },
    date: (iso: string): string => format(timezone.value, { weekday: 'long', day: 'numeric', month: 'long' }).format(Date.parse(iso)),
    /** “3 Dec 2026” */
    day: (iso: string): string => format(timezone.value, { day: 'numeric', month: 'short', year: 'numeric' }).format(Date.parse(iso)),
    /** “8 min”, “2 h 10”, “1 d 4 h” */
    span: (minutes: number): string => {
      const whole = Math.max(0, Math.round(minutes))
      if (whole < 60) {
        return t('session.useWhen.min', [whole])
      }
      if (whole < 24 * 60) {
        return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
      }
      const hours = Math.round(whole / 60)
      return hours % 24 === 0 ? `${hours / 24} d` : `${Math.floor(hours / 24)} d ${hours % 24} h`
    },
    /** The day of the week, from 0 for a Monday. */
    weekday: (ms: number): number => (day(ms) + 3) % 7,
    /** Minutes since midnight in the workshop. */
    minuteOfDay: (ms: number): number => {
      const [hour, minute] = format(timezone.value, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(ms).split(':')
      return Number(hour) * 60 + Number(minute)
    },
    /** The value of a date-time field, so many days from now, at an hour of the workshop. */
    field: (now: number, days: number, hour: string): string => `${isoDay(day(now) + days)}T${hour}`,
  }
}
