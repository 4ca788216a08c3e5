import { useIntervalFn } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { behind, undoSetBack } from './clock'

/** The workshop's time in milliseconds, going on every second. */
export const useNow = (): Ref<number> => {
  const now = ref(Date.now() + behind.value)
  useIntervalFn(() => {
    undoSetBack()
    now.value = Date.now() + behind.value
  }, 1000)
  return now
}
