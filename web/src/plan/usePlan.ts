import { computed, nextTick, ref } from 'vue'
import { api } from '../api/client'
import type { BenchView, ChangeInput, PartsInput, PlanInput, PlanView, TrialInput } from '../api/types'
import { useHands } from '../step/useHands'
import { useLoad } from '../kit/useLoad'

/** A plan and what may be done to it; every answer is the plan as it then stands. */
export const usePlan = (id: number, atBench: (bench: BenchView) => void | Promise<void>) => {
  const { value: plan, problem, reload } = useLoad(() => api.get<PlanView>(`/pieces/${id}/plan`))
  const hands = useHands(atBench, async () => reload())
  const chosenKey = ref<string | null>(null)
  const steps = computed(() => plan.value?.steps ?? [])
  /** Under the needle: the chosen step, or the first that is not done. */
  const chosen = computed(() => steps.value.find((s) => s.key === chosenKey.value) ?? steps.value.find((s) => s.status !== 'done') ?? steps.value[0])
  const faultsOf = (key: string) => (plan.value?.faults ?? []).filter((f) => f.step === key)

  const show = async (key: string, block: ScrollLogicalPosition = 'nearest'): Promise<void> => {
    chosenKey.value = key
    await nextTick()
    document.getElementById(`stitch-${key}`)?.scrollIntoView({ block })
  }
  const take = (answer: PlanView): void => {
    plan.value = answer
  }
  const version = (): number => plan.value?.version ?? 0
  /** Something is kept with the piece, and the plan follows. */
  const planAfter = (keep: () => Promise<unknown>) => hands.run(async () => {
    await keep()
    const fresh = await api.get<PlanView>(`/pieces/${id}/plan`)
    return api.post<PlanView>(`/pieces/${id}/plan`, { version: fresh.version })
  }, take)

  return {
    plan,
    problem,
    reload,
    hands,
    steps,
    chosen,
    faultsOf,
    show,
    make: (terms: Omit<PlanInput, 'version'> = {}) => hands.run(() => api.post<PlanView>(`/pieces/${id}/plan`, { version: version(), ...terms }), take),
    change: (given: Omit<ChangeInput, 'version'>) => hands.run(() => api.post<PlanView>(`/pieces/${id}/plan/change`, { version: version(), ...given }), take),
    /** What came of a hidden trial. */
    tried: (given: Omit<TrialInput, 'version'>) => planAfter(() => api.post(`/pieces/${id}/trials`, { version: version(), ...given })),
    /** What the owner asks for on some parts. */
    wish: (given: Pick<PartsInput, 'places' | 'wishes'>) => planAfter(() => api.put(`/pieces/${id}/parts`, { version: version(), ...given })),
  }
}
