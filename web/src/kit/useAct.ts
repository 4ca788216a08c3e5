import { ref } from 'vue'
import { Problem } from '../api/client'
import { t } from '../words'

/**
 * Acts of one screen, one after the other: what is done while another is under way waits for it and is not lost. `busy` is for buttons; `problem` is the
 * sentence when one could not be done, `errors` one for each wrong field; `stale` looks again when somebody else was quicker.
 */
export const useAct = (stale: () => void | Promise<void> = () => undefined) => {
  const busy = ref(false)
  const problem = ref('')
  const errors = ref<Readonly<Record<string, string>>>({})
  let last: Promise<unknown> = Promise.resolve()
  let waiting = 0

  const one = async <T>(act: () => Promise<T>, after: (result: T) => void | Promise<void>): Promise<boolean> => {
    problem.value = ''
    errors.value = {}
    try {
      await after(await act())
      return true
    } catch (error) {
      problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
      errors.value = error instanceof Problem ? error.errors : {}
      if (error instanceof Problem && error.status === 409) {
        await stale()
      }
      return false
    }
  }

  return {
    busy,
    problem,
    errors,
    /** Answers whether it was done. */
    run: <T>(act: () => Promise<T>, after: (result: T) => void | Promise<void>): Promise<boolean> => {
      waiting++
      busy.value = true
      const mine = last.then(() => one(act, after)).finally(() => {
        waiting--
        busy.value = waiting > 0
      })
      last = mine
      return mine
    },
  }
}
