import type { Phase, StepView } from '../api/types'
import { t } from '../words'

/** What a plan is read in: clean, mend, colour, finish. */
export type StretchName = 'ready' | 'try' | 'clean' | 'down' | 'mend' | 'colour' | 'feed' | 'polish' | 'finish'

export interface Stretch { readonly key: string, readonly name: StretchName, readonly steps: readonly StepView[] }

const OF: Readonly<Record<Phase, StretchName>> = {
  'take-apart': 'ready', record: 'ready',
  trial: 'try',
  'dry-clean': 'clean', clean: 'clean', degrease: 'clean',
  strip: 'down',
  repair: 'mend', fill: 'mend',
  mask: 'colour', base: 'colour', colour: 'colour', seal: 'colour', unmask: 'colour', edges: 'colour',
  condition: 'feed',
  polish: 'polish', protect: 'polish',
  'put-together': 'finish', shape: 'finish', 'hand-over': 'finish',
}
/** Done again and again between other things: once the work is under way they belong to what they are done for. */
const ON_THE_WAY: readonly StretchName[] = ['ready', 'try', 'clean']
/** Before it the first cleaning is one of its own. */
const AT_FIRST: readonly (StretchName | undefined)[] = ['ready', 'try']
const FEW = 3

/** The steps of a plan in stretches of work, in the order in which they are done. A brush, a wipe or a trial in the middle is part of what follows it. */
export const stretches = (steps: readonly StepView[]): Stretch[] => {
  const runs: { name: StretchName, steps: StepView[] }[] = []
  for (const step of steps) {
    const name = OF[step.phase]
    const last = runs.at(-1)
    if (last?.name === name) {
      last.steps.push(step)
    } else {
      runs.push({ name, steps: [step] })
    }
  }
  const joined: { name: StretchName, steps: StepView[] }[] = []
  for (const [i, run] of runs.entries()) {
    const next = runs[i + 1]
    const isOnTheWay = i > 0 && ON_THE_WAY.includes(run.name) && run.steps.length < FEW
    const last = joined.at(-1)
    if (isOnTheWay && next !== undefined && !(AT_FIRST.includes(last?.name) && run.name === 'clean')) {
      next.steps.unshift(...run.steps)
    } else if (last?.name === run.name) {
      last.steps.push(...run.steps)
    } else {
      joined.push(run)
    }
  }
  return joined.map((run) => ({ ...run, key: `${run.name}-${run.steps[0]?.key ?? ''}` }))
}

export const stretchLabel = (name: StretchName): string => t(`plan.stretches.${name}`)
