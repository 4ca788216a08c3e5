import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { Problem } from '../api/client'

/** Something that a screen loads: its value, and the sentence when it could not be had. What was there stays there. */
export const useLoad = <T>(load: () => Promise<T>): { value: ShallowRef<T | null>, problem: Ref<string>, reload: () => Promise<void> } => {
  const value = shallowRef<T | null>(null)
  const problem = ref('')
  const reload = async (): Promise<void> => {
    try {
      value.value = await load()
      problem.value = ''
    } catch (error) {
      problem.value = error instanceof Problem ? error.detail : 'That did not work.'
    }
  }
  return { value, problem, reload }
}
