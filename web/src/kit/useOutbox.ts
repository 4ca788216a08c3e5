import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, Problem } from '../api/client'

/** Something that hands did, ready to be sent as often as it takes: the same key asks for the same act. */
export interface Act {
  readonly key: string
  readonly path: string
  readonly body: Readonly<Record<string, unknown>>
  /** the workshop's time at which it was done */
  readonly at: string
  readonly words: string
}
export interface NotTaken { readonly words: string, readonly at: string, readonly why: string }

/** The workshop's computer is not there, or knows nobody: the act is as good later. */
const canWait = (error: unknown): boolean => !(error instanceof Problem) || error.status === 0 || error.status === 401 || error.status >= 500

/**
 * Acts that are sent one after the other in the order in which they were done, each once. What cannot be sent stays on this device, over reloads too, until it
 * can; what is refused is set aside with the reason.
 */
export const useOutbox = <T>(name: string, bodyOf: (act: Act) => unknown = (act) => act.body) => {
  const kept = useLocalStorage<Act[]>(`kindheel-${name}`, [])
  const notTaken = useLocalStorage<NotTaken[]>(`kindheel-${name}-refused`, [])
  let underWay: Promise<T | null> | null = null

  const sendAll = async (each: (answer: T) => void): Promise<T | null> => {
    let last: T | null = null
    for (let act = kept.value[0]; act !== undefined; act = kept.value[0]) {
      try {
        last = await api.postOnce<T>(act.path, bodyOf(act), act.key)
      } catch (error) {
        if (canWait(error)) {
          return null
        }
        notTaken.value = [...notTaken.value, { words: act.words, at: act.at, why: error instanceof Problem ? error.detail : '' }]
      }
      kept.value = kept.value.slice(1)
      if (last !== null) {
        each(last)
      }
    }
    return last
  }

  return {
    kept: computed(() => kept.value),
    notTaken: computed(() => notTaken.value),
    add: (act: Act): void => {
      kept.value = [...kept.value, act]
    },
    /** Sends what is kept; the last answer, or null when there was nothing or it is still out of reach. Called again meanwhile, it is the same sending. */
    send: (each: (answer: T) => void = () => undefined): Promise<T | null> => {
      underWay ??= sendAll(each).finally(() => {
        underWay = null
      })
      return underWay
    },
    dismiss: (): void => {
      notTaken.value = []
    },
  }
}
