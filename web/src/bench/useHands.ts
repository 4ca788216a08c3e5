import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { BenchView, DryingPlace, StepView } from '../api/types'
import type { Act } from './useAway'

interface Refusal { readonly sentence: string, readonly path: string, readonly body: Readonly<Record<string, unknown>> }

/** Where an act is kept while the workshop's computer is out of reach. */
interface Keeping { mayKeep: (path: string) => boolean, keep: (act: Act) => void, now: () => string }

/** What hands say to a step. A refusal that may be overridden waits for a word why. */
export const useHands = (then: (bench: BenchView) => void | Promise<void>, stale: () => void | Promise<void> = () => undefined, away?: Keeping) => {
  const busy = ref(false)
  const problem = ref('')
  const refusal = ref<Refusal | null>(null)

  const run = async <T>(act: () => Promise<T>, after: (result: T) => void | Promise<void>): Promise<void> => {
    if (busy.value) {
      return
    }
    busy.value = true
    problem.value = ''
    try {
      await after(await act())
    } catch (error) {
      problem.value = error instanceof Problem ? error.detail : 'That did not work.'
      if (error instanceof Problem && error.status === 409) {
        await stale()
      }
    } finally {
      busy.value = false
    }
  }
  const say = (path: string, body: Readonly<Record<string, unknown>>, words = ''): Promise<void> => run(async () => {
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

  return {
    busy,
    problem,
    refusal,
    run,
    start: (step: StepView) => say(`/steps/${step.id}/start`, { version: step.version }, `Begin “${step.title}”`),
    done: (step: StepView) => say(`/steps/${step.id}/done`, { version: step.version }, `End “${step.title}”`),
    putDown: (step: StepView) => say(`/steps/${step.id}/put-down`, { version: step.version }, `Put “${step.title}” down`),
    interrupt: (step: StepView) => say(`/steps/${step.id}/interrupt`, { version: step.version }, `Interrupt “${step.title}”`),
    handOn: (step: StepView, person: number) => say(`/steps/${step.id}/hand-on`, { version: step.version, person }),
    spoiled: (step: StepView) => say(`/steps/${step.id}/spoiled`, { version: step.version }),
    move: (piece: number, place: DryingPlace) => say(`/pieces/${piece}/place`, { place }),
    again: (step: { id: number, version: number }) => say(`/steps/${step.id}/again`, { version: step.version }),
    gate: (step: { id: number, version: number }, answer: 'passed' | 'not-yet') => say(`/steps/${step.id}/gate`, { version: step.version, answer }, answer === 'passed' ? 'Passed its test' : 'Not yet'),
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
