import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { Problem } from '../api/client'
import { t } from '../words'

/**
 * Something that a screen loads: its value, and the sentence when it could not be had. What was there stays there; an answer that comes after a newer question
 * is not shown.
 */
export const useLoad = <T>(load: () => Promise<T>): {
  value: ShallowRef<T | null>
  problem: Ref<string>
  reload: () => Promise<void>
  keep: (answer: T) => void
} => {
  const value = shallowRef<T | null>(null)
  const problem = ref('')
  let asked = 0
  const reload = async (): Promise<void> => {
    const mine = ++asked
    try {
      const answer = await load()
      if (mine === asked) {
        value.value = answer
        problem.value = ''
      }
    } catch (error) {
      if (mine === asked) {
        problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
        // Better how it stood than nothing.
        value.value ??= (error instanceof Problem ? error.seen as T | undefined : undefined) ?? null
      }
    }
  }
  /** What an act was answered with is newer than anything that was asked before it. */
  const keep = (answer: T): void => {
    asked++
    value.value = answer
    problem.value = ''
  }
  return { value, problem, reload, keep }
}
