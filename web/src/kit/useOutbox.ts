import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, Problem } from '../api/client'
import { useSession } from '../session/useSession'

/** Something that hands did, ready to be sent as often as it takes: the same key asks for the same act. */
export interface Act {
  readonly key: string
  readonly path: string
  readonly body: Readonly<Record<string, unknown>>
  /** the workshop's time at which it was done */
  readonly at: string
  readonly words: string
}
/** Sent at least once: whatever came of that, the same key asks for the same act. */
interface Tried { readonly tried?: boolean }
/** Of whom: what somebody did is sent by nobody else, and what was refused is shown to them. */
interface Whose { readonly person: number, readonly name: string }
export interface NotTaken { readonly words: string, readonly at: string, readonly why: string }

/** The workshop's computer is not there, or knows nobody: the act is as good later. */
const canWait = (error: unknown): boolean => !(error instanceof Problem) || error.status === 0 || error.status === 401 || error.status >= 500

/**
 * Acts that are sent one after the other in the order in which they were done, each once, by the one who did them. What cannot be sent stays on this device,
 * over reloads and sign-ins of others too, until it can; what is refused is set aside with the reason until its person has read it.
 *
 * `together` makes one act of two that follow each other, where that is the same; null where it is not, and `'nothing'` where one undoes the other.
 */
export const useOutbox = <T>(
  name: string,
  bodyOf: (act: Act) => unknown = (act) => act.body,
  together: (earlier: Act, later: Act) => Act | 'nothing' | null = () => null,
) => {
  const all = useLocalStorage<(Act & Whose & Tried)[]>(`kindheel-${name}`, [])
  const refused = useLocalStorage<(NotTaken & Whose)[]>(`kindheel-${name}-refused`, [])
  const { person, last: lastHere } = useSession()
  const me = computed(() => person.value ?? lastHere.value)
  const isMine = (one: Whose): boolean => one.person === (me.value?.id ?? 0)
  const kept = computed(() => all.value.filter(isMine))
  const notTaken = computed(() => refused.value.filter(isMine))
  let underWay: Promise<T | null> | null = null

  /** The first of one's own, with what follows it and has not been sent either. */
  const first = (): (Act & Whose & Tried) | undefined => {
    for (;;) {
      const [one, next] = kept.value
      const both = one === undefined || next === undefined || one.tried === true || next.tried === true ? null : together(one, next)
      if (both === null || one === undefined) {
        return one
      }
      const merged = both === 'nothing' ? [] : [{ ...one, ...both }]
      all.value = all.value.filter((act) => act.key !== next?.key).flatMap((act) => (act.key === one.key ? merged : [act]))
    }
  }

  const sendAll = async (each: (answer: T, act: Act) => void): Promise<T | null> => {
    let last: T | null = null
    for (let act = first(); act !== undefined; act = first()) {
      const { key } = act
      let answer: T | null = null
      all.value = all.value.map((one) => (one.key === key ? { ...one, tried: true } : one))
      try {
        answer = await api.postOnce<T>(act.path, bodyOf(act), key)
        last = answer
      } catch (error) {
        if (canWait(error)) {
          return null
        }
        const { words, at, person: whose, name: called } = act
        refused.value = [...refused.value, { words, at, person: whose, name: called, why: error instanceof Problem ? error.detail : '' }]
      }
      all.value = all.value.filter((one) => one.key !== key)
      if (answer !== null) {
        each(answer, act)
      }
    }
    return last
  }

  return {
    kept,
    notTaken,
    /** Whose acts wait on this device until they sign in themselves. */
    others: computed(() => [...new Set(all.value.filter((one) => !isMine(one)).map((one) => one.name))]),
    add: (act: Act): void => {
      all.value = [...all.value, { ...act, person: me.value?.id ?? 0, name: me.value?.name ?? '' }]
    },
    /** Sends what is kept; the last answer, or null when there was nothing or it is still out of reach. Called again meanwhile, it is the same sending. */
    send: (each: (answer: T, act: Act) => void = () => undefined): Promise<T | null> => {
      underWay ??= sendAll(each).finally(() => {
        underWay = null
      })
      return underWay
    },
    dismiss: (): void => {
      refused.value = refused.value.filter((one) => !isMine(one))
    },
  }
}
