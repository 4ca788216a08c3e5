import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, Problem } from '../api/client'
import type { BenchView, CallView } from '../api/types'

export interface Act { readonly key: string, readonly path: string, readonly body: Readonly<Record<string, unknown>>, readonly at: string, readonly words: string }
interface NotTaken { readonly words: string, readonly at: string, readonly why: string }

/** What may be done while the workshop's computer is out of reach: what needs nothing from it. */
const KEPT = ['start', 'done', 'interrupt', 'put-down', 'gate']

/** The bench as it looks after an act, until the workshop's computer says how it stands. */
const after = (bench: BenchView, act: Act): BenchView => {
  const [, , id, what] = act.path.split('/')
  const step = Number(id)
  const changed = (call: CallView): CallView | null => {
    if (call.step.id !== step) {
      return call
    }
    const next = { ...call.step, version: call.step.version + 1 }
    switch (what) {
      case 'start': return { ...call, urgency: 'running', step: { ...next, status: 'running', startedAt: act.at } }
      case 'interrupt':
      case 'put-down': return { ...call, urgency: 'open', step: { ...next, status: 'open', startedAt: null } }
      default: return null
    }
  }
  const calls = bench.calls.map(changed).filter((c) => c !== null)
  return { ...bench, calls: [...calls.filter((c) => c.urgency === 'running'), ...calls.filter((c) => c.urgency !== 'running')] }
}

/** Keeps what is done while the workshop's computer is out of reach, and sends it once, in order, when it is back. */
export const useAway = () => {
  const kept = useLocalStorage<Act[]>('kindheel-kept', [])
  const notTaken = useLocalStorage<NotTaken[]>('kindheel-not-taken', [])
  const sending = ref(false)

  return {
    kept: computed(() => kept.value),
    notTaken: computed(() => notTaken.value),
    mayKeep: (path: string): boolean => KEPT.includes(path.split('/').at(-1) ?? ''),
    keep: (act: Act): void => {
      kept.value = [...kept.value, act]
    },
    after,
    /** The bench with all that is kept done to it. */
    apply: (bench: BenchView): BenchView => kept.value.reduce(after, bench),
    /** Sends what is kept; answers the last bench that came back, or null when there was nothing, or it is still out of reach. */
    send: async (): Promise<BenchView | null> => {
      if (sending.value) {
        return null
      }
      sending.value = true
      let bench: BenchView | null = null
      try {
        for (let act = kept.value[0]; act !== undefined; act = kept.value[0]) {
          try {
            bench = await api.postOnce<BenchView>(act.path, { ...act.body, at: act.at }, act.key)
          } catch (error) {
            if (!(error instanceof Problem) || error.status === 0 || error.status === 401 || error.status >= 500) {
              return null
            }
            notTaken.value = [...notTaken.value, { words: act.words, at: act.at, why: error.detail }]
          }
          kept.value = kept.value.slice(1)
        }
      } finally {
        sending.value = false
      }
      return bench
    },
    dismiss: (): void => {
      notTaken.value = []
    },
  }
}
