import { onScopeDispose, type Ref, type ShallowRef } from 'vue'
import { api } from '../api/client'
import type { PromiseView } from '../api/types'
import { useLoad } from '../kit/useLoad'

/** Milliseconds that each look may take: the first is there at once, the last is as sure as it gets. */
const WITHIN = [200, 1000, 10_000]

/** What may be promised for a ticket: a first answer at once, and surer ones as long as there is something to be gained. */
export const usePromise = (ticket: () => number): {
  value: ShallowRef<PromiseView | null>
  problem: Ref<string>
  reload: () => Promise<void>
  keep: (answer: PromiseView) => Promise<void>
} => {
  let within = 0
  const { value, problem, reload: look, keep } = useLoad(() => api.get<PromiseView>(`/tickets/${ticket()}/promise?within=${within}`))
  let turn = 0
  const sharpen = async (times: number[]): Promise<void> => {
    const mine = ++turn
    for (const ms of times) {
      within = ms
      await look()
      if (mine !== turn || problem.value !== '' || value.value?.sharpens !== true) {
        return
      }
    }
  }
  onScopeDispose(() => {
    turn++
  })
  return {
    value,
    problem,
    reload: () => sharpen(WITHIN),
    /** What an act was answered with stands, and gets surer in its turn. */
    keep: (answer) => {
      keep(answer)
      return sharpen(answer.sharpens ? WITHIN.slice(1) : [])
    },
  }
}
