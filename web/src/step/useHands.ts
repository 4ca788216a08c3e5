import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { BenchView, CompareAnswer, CompareInput, DryingPlace, StepView } from '../api/types'
import { useAct } from '../kit/useAct'
import type { Act } from '../kit/useOutbox'
import { t } from '../words'

interface Refusal { readonly sentence: string, readonly path: string, readonly body: Readonly<Record<string, unknown>> }

/** Where an act is kept while the workshop's computer is out of reach. */
interface Keeping { mayKeep: (path: string) => boolean, keep: (act: Act) => void, now: () => string }

/** What hands say to a step. A refusal that may be overridden waits for a word why. */
export const useHands = (then: (bench: BenchView) => void | Promise<void>, stale: () => void | Promise<void> = () => undefined, away?: Keeping) => {
  const { busy, problem, run } = useAct(stale)
  const refusal = ref<Refusal | null>(null)
  /** A second tap on the same button says what the first has said. */
  const saying = new Map<string, Promise<boolean>>()

  const send = (path: string, body: Readonly<Record<string, unknown>>, words: string): Promise<boolean> => run(async () => {
    const key = crypto.randomUUID()
    try {
      return await api.postOnce<BenchView>(path, body, key)
    } catch (error) {
      if (error instanceof Problem && error.overridable) {
        refusal.value = { sentence: error.detail, path, body }
        return null
      }
      if (error instanceof Problem && error.status === 0 && away?.mayKeep(path)) {
        away.keep({ key, path, body, at: away.now(), words })
        return null
      }
      throw error
    }
  }, async (bench) => {
    if (bench !== null) {
      refusal.value = null
      await then(bench)
    }
  })
  const say = (path: string, body: Readonly<Record<string, unknown>>, words = ''): Promise<boolean> => {
    const what = path + JSON.stringify(body)
    const said = saying.get(what) ?? send(path, body, words).finally(() => saying.delete(what))
    saying.set(what, said)
    return said
  }
  const tell = (step: { id: number, version: number }, what: string, words = '', more: Readonly<Record<string, unknown>> = {}): Promise<boolean> =>
    say(`/steps/${step.id}/${what}`, { version: step.version, ...more }, words)

  return {
    busy,
    problem,
    refusal,
    run,
    start: (step: StepView) => tell(step, 'start', t('step.useHands.begin', [step.title])),
    /** With minutes, it ended so long after it was begun: its end was forgotten. */
    done: (step: StepView, minutes?: number, taken: { amount?: number, lot?: number | null } = {}) =>
      tell(step, 'done', t('step.useHands.end', [step.title]), { ...minutes === undefined ? {} : { minutes }, ...taken }),
    /** How long it really took. */
    took: (step: StepView, minutes: number) => tell(step, 'minutes', '', { minutes }),
    putDown: (step: StepView) => tell(step, 'put-down', t('step.useHands.putDown', [step.title])),
    interrupt: (step: StepView) => tell(step, 'interrupt', t('step.useHands.interrupt', [step.title])),
    handOn: (step: StepView, person: number, note = '') => tell(step, 'hand-on', '', { person, note }),
    spoiled: (step: StepView) => tell(step, 'spoiled'),
    look: (step: { id: number, version: number }, enough: boolean) => tell(step, 'look', '', { enough }),
    /** One half against the other: the same, another way, or no further. */
    compare: (step: { id: number, version: number }, answer: CompareAnswer, more: Pick<CompareInput, 'product' | 'outcome'> = {}) =>
      tell(step, 'compare', '', { answer, ...more }),
    /** The last thing done to it was a mistake. */
    takeBack: (step: { id: number, version: number }) => tell(step, 'take-back'),
    again: (step: { id: number, version: number }) => tell(step, 'again'),
    gate: (step: { id: number, version: number }, answer: 'passed' | 'not-yet') =>
      tell(step, 'gate', answer === 'passed' ? t('step.useHands.passedItsTest') : t('step.useHands.notYet'), { answer }),
    move: (piece: number, place: DryingPlace) => say(`/pieces/${piece}/place`, { place }),
    override: async (why: string): Promise<void> => {
      const refused = refusal.value
      if (refused !== null) {
        await say(refused.path, { ...refused.body, why })
      }
    },
    leave: (): void => {
      refusal.value = null
    },
  }
}
