import { ref, shallowRef } from 'vue'
import { api, Problem } from '../api/client'
import type { WorkshopView } from '../api/types'

/** What the workshop has set for itself; every change answers with all of it. */
export const useWorkshop = () => {
  const workshop = shallowRef<WorkshopView | null>(null)
  const problem = ref('')
  const busy = ref(false)
  const run = async (act: () => Promise<WorkshopView>): Promise<boolean> => {
    busy.value = true
    try {
      workshop.value = await act()
      problem.value = ''
      return true
    } catch (error) {
      problem.value = error instanceof Problem ? error.detail : 'That did not work.'
      return false
    } finally {
      busy.value = false
    }
  }
  return {
    workshop,
    problem,
    busy,
    load: () => run(() => api.get<WorkshopView>('/workshop')),
    put: (path: string, body: unknown) => run(() => api.put<WorkshopView>(`/workshop${path}`, body)),
    post: (path: string, body: unknown) => run(() => api.post<WorkshopView>(`/workshop${path}`, body)),
    remove: (path: string) => run(() => api.remove<WorkshopView>(`/workshop${path}`)),
  }
}
