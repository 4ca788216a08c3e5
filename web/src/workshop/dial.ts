import type { ShiftView } from '../api/types'

/** A wall clock of twenty-four hours, noon at its top: minutes since midnight as degrees, clockwise from there. */
export const angle = (minutes: number): number => (((minutes - 720) / 1440) * 360 + 360) % 360

/** “09:30” in minutes since midnight; NaN where it is no time of day. */
export const minutesOf = (clock: string): number => {
  const [, hour, minute] = /^(\d\d):(\d\d)$/.exec(clock) ?? []
  return Number(hour) * 60 + Number(minute)
}

/** A point on a circle around 0, 0. */
export const onDial = (degrees: number, radius: number): readonly [number, number] => [
  radius * Math.sin((degrees * Math.PI) / 180), -radius * Math.cos((degrees * Math.PI) / 180),
]

const round = (value: number): number => Math.round(value * 100) / 100

/** An arc along a circle from one time to a later one, as a path. Nothing for what is no shift. */
export const arc = (shift: ShiftView, radius: number): string => {
  const [from, until] = [minutesOf(shift.from), minutesOf(shift.until)]
  if (!(until > from)) {
    return ''
  }
  const [x, y] = onDial(angle(from), radius).map(round)
  const [u, v] = onDial(angle(until), radius).map(round)
  return `M${x} ${y}A${radius} ${radius} 0 ${until - from > 720 ? 1 : 0} 1 ${u} ${v}`
}
