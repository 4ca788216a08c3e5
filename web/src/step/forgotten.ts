import type { StepView } from '../api/types'

/** So much longer than it was meant to take, and at least so many minutes: nobody works that long, its end was forgotten. */
const TIMES = 5
const LEAST_MINUTES = 60

export const minutesUnderWay = (step: StepView, now: number): number =>
  step.startedAt === null ? 0 : Math.floor((now - Date.parse(step.startedAt)) / 60_000)

/** A step under way whose end was forgotten. */
export const isForgotten = (step: StepView, now: number): boolean =>
  step.status === 'running' && minutesUnderWay(step, now) > Math.max(LEAST_MINUTES, TIMES * step.minutes)
