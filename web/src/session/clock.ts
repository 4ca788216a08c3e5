import { ref } from 'vue'

/** More than a tick may be off between the two clocks of a browser. */
const JUMP_MS = 2000
let lastDate = Date.now()
let lastEven = performance.now()

/** How far this device's clock is behind the workshop's, in milliseconds. */
export const behind = ref(0)

/** The workshop's computer has just said what time it is. */
export const sync = (now: string): void => {
  lastDate = Date.now()
  lastEven = performance.now()
  behind.value = Date.parse(now) - lastDate
}

/**
 * Undoes that the device's clock was put back since it was last looked at. Put forward it looks like sleep, through which time really went on: then only the
 * workshop's computer knows better.
 */
export const undoSetBack = (): void => {
  const jumped = Date.now() - lastDate - (performance.now() - lastEven)
  lastDate = Date.now()
  lastEven = performance.now()
  if (jumped < -JUMP_MS) {
    behind.value -= jumped
  }
}
