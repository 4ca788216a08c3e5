import { useIntervalFn } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { useSession } from '../people/useSession'

/** More than a tick may be off between the two clocks of a browser. */
const JUMP_MS = 2000
let lastDate = Date.now()
let lastEven = performance.now()

/**
 * How far the device's clock has been set since it was last looked at. Put back, it is recognised and undone; put forward it looks like sleep, through which
 * time really went on: then only the workshop's computer knows better.
 */
const setBack = (): number => {
  const jumped = Date.now() - lastDate - (performance.now() - lastEven)
  lastDate = Date.now()
  lastEven = performance.now()
  return jumped < -JUMP_MS ? -jumped : 0
}

/** The workshop's time in milliseconds, going on every second. */
export const useNow = (): Ref<number> => {
  const { behind } = useSession()
  const now = ref(Date.now() + behind.value)
  useIntervalFn(() => {
    behind.value += setBack()
    now.value = Date.now() + behind.value
  }, 1000)
  return now
}
