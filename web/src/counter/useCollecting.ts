import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { LeavingView } from '../api/types'

type Run = <T>(act: () => Promise<T>, then: (answer: T) => void) => Promise<boolean>

/** Pieces go home; where one is not done yet a word why is asked for. */
export const useCollecting = (ticket: string, run: Run, take: (view: LeavingView) => void) => {
  const refusal = ref<{ sentence: string } | null>(null)
  return {
    refusal,
    collect: (body: object) => run(async () => {
      try {
        return await api.post<LeavingView>(`/tickets/${ticket}/collect`, body)
      } catch (error) {
        if (error instanceof Problem && error.overridable) {
          refusal.value = { sentence: error.detail }
          return null
        }
        throw error
      }
    }, (view) => {
      if (view !== null) {
        refusal.value = null
        take(view)
      }
    }),
  }
}
