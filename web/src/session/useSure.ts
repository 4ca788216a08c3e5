import { computed, ref } from 'vue'
import { api, whenSureIsAsked } from '../api/client'

/** What matters most asks for the password once more: whoever asked waits here until it was given, or was not. */
const waiting = ref<((sure: boolean) => void)[]>([])
whenSureIsAsked(() => new Promise((answer) => {
  waiting.value = [...waiting.value, answer]
}))
const answer = (sure: boolean): void => {
  const all = waiting.value
  waiting.value = []
  all.forEach((one) => one(sure))
}

export const useSure = () => ({
  asked: computed(() => waiting.value.length > 0),
  give: async (password: string, code: string): Promise<void> => {
    await api.post('/session/sure', code === '' ? { password } : { password, code })
    answer(true)
  },
  leave: (): void => answer(false),
})
