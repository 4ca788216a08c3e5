import { useIntervalFn } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { useSession } from '../people/useSession'

/** The workshop's time in milliseconds, going on every second. */
export const useNow = (): Ref<number> => {
  const { behind } = useSession()
  const now = ref(Date.now() + behind.value)
  useIntervalFn(() => {
    now.value = Date.now() + behind.value
  }, 1000)
  return now
}
