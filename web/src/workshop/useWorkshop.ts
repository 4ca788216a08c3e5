import { shallowRef } from 'vue'
import { api } from '../api/client'
import { limits, type WorkshopView } from '../api/types'
import { useAct } from '../kit/useAct'

/** What the workshop has set for itself; every change answers with all of it. */
export const useWorkshop = () => {
  const workshop = shallowRef<WorkshopView | null>(null)
  const { busy, problem, run } = useAct(async () => take(await api.get<WorkshopView>('/workshop')))
  const take = (view: WorkshopView): void => {
    workshop.value = view
  }
  const ask = (act: () => Promise<WorkshopView>): Promise<boolean> => run(act, take)
  return {
    workshop,
    problem,
    busy,
    load: () => ask(() => api.get<WorkshopView>('/workshop')),
    /** Changes a setting as it was seen: after the change before, where there is one under way. */
    put: (path: string, body: object) => ask(() => api.put<WorkshopView>(`/workshop${path}`, { ...body, version: workshop.value?.version ?? '' })),
    /** A place more or fewer than there are once the taps before have been taken: none is swallowed. */
    places: (station: string, by: number) => ask(() => {
      const now = workshop.value?.stations.find((s) => s.station === station)?.places ?? 1
      const body = { station, places: Math.min(99, Math.max(1, now + by)), version: workshop.value?.version ?? '' }
      return api.put<WorkshopView>('/workshop/stations', body)
    }),
    /** A minute more or fewer between pieces, likewise. */
    setUp: (which: 'switchMinutes' | 'handoverMinutes', by: number) => ask(() => {
      const { switchMinutes = 0, handoverMinutes = 0, version = '' } = workshop.value ?? {}
      const now = { switchMinutes, handoverMinutes }
      const { min, max } = limits.SetUpInput[which]
      return api.put<WorkshopView>('/workshop/set-up', { ...now, [which]: Math.min(max, Math.max(min, now[which] + by)), version })
    }),
    post: (path: string, body: unknown) => ask(() => api.post<WorkshopView>(`/workshop${path}`, body)),
    remove: (path: string) => ask(() => api.remove<WorkshopView>(`/workshop${path}`)),
  }
}
