import { computed, ref, shallowRef, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { CoatsView, CorrectionView, DropView, PotView, RecipesView, RecipeView } from '../api/types'
import { useHands } from '../bench/useHands'
import { useLoad } from '../kit/useLoad'

/** A pot: what is in it, what to do with it next, and the hands that do it. Every answer is the pot as it then stands. */
export const usePot = (id: number) => {
  const { value: pot, problem, reload } = useLoad(() => api.get<PotView>(`/pots/${id}`))
  const hands = useHands(() => undefined, () => reload())
  const recipes = shallowRef<RecipesView | null>(null)
  const correction = shallowRef<CorrectionView | null>(null)
  const coats = shallowRef<CoatsView | null>(null)

  /** Near enough for the one who looks at it, whatever the numbers say. */
  const asItIs = ref(false)

  const inPot = (code: string): number => pot.value?.drops.find((d) => d.code === code)?.drops ?? 0
  /** Paints of the recipe that still want drops, the base first: strong colour goes in last. */
  const due = computed<readonly DropView[]>(() => [...(pot.value?.recipe ?? [])].sort((a, b) => b.drops - a.drops).map((d) => ({ ...d, drops: d.drops - inPot(d.code) })).filter((d) => d.drops > 0))
  const phase = computed(() => {
    const p = pot.value
    if (p === null) {
      return 'loading'
    }
    if (p.state !== 'mixing') {
      return 'closed'
    }
    if (due.value.length > 0) {
      return 'drops'
    }
    if (p.total === 0) {
      return 'recipe'
    }
    return !p.dabFresh ? 'dab' : p.dabs[0]?.near === true || asItIs.value ? 'lay' : 'correct'
  })
  const take = (answer: PotView): void => {
    pot.value = answer
  }
  const version = (): number => pot.value?.version ?? 0
  const asMap = (drops: readonly DropView[]): Record<string, number> => Object.fromEntries(drops.map((d) => [d.code, d.drops]))

  /** Looked up beside what the hands do: it changes nothing, and hands need not wait for it. */
  const lookUp = async <T>(path: string, then: (found: T) => void): Promise<void> => {
    try {
      then(await api.get<T>(`/pots/${id}/${path}`))
    } catch (error) {
      hands.problem.value = error instanceof Problem ? error.detail : 'That did not work.'
    }
  }
  const find = () => lookUp<RecipesView>('recipes', (found) => {
    recipes.value = found
  })
  const correct = () => lookUp<CorrectionView>('correction', (found) => {
    correction.value = found
  })
  const ladder = () => lookUp<CoatsView>('coats', (found) => {
    coats.value = found
  })
  watch(phase, (now) => {
    correction.value = null
    if (now === 'drops') {
      asItIs.value = false
    }
    if (now === 'recipe') {
      void find()
    }
    if (now === 'correct') {
      void correct()
    }
    if (now === 'lay' && (pot.value?.ground ?? null) !== null) {
      void ladder()
    }
  })

  const follow = (drops: Record<string, number>) => hands.run(() => api.put<PotView>(`/pots/${id}/recipe`, { version: version(), drops }), take)

  return {
    pot,
    problem,
    reload,
    hands,
    phase,
    due,
    recipes,
    correction,
    coats,
    asItIs,
    inPot,
    find,
    ladder,
    choose: (recipe: RecipeView) => follow(asMap(recipe.drops)),
    /** What a correction adds becomes part of the recipe. */
    addTo: (additions: readonly DropView[]) => follow(Object.fromEntries([...new Set([...(pot.value?.drops ?? []), ...additions].map((d) => d.code))].map((code) => [code, inPot(code) + (additions.find((a) => a.code === code)?.drops ?? 0)]))),
    /** A clean pot for the same place. */
    again: (recipe: RecipeView, then: (fresh: PotView) => void) => hands.run(() => api.post<PotView>(`/pots/${id}/again`, { version: version(), drops: asMap(recipe.drops) }), then),
    drop: (code: string, drops: number) => hands.run(() => api.post<PotView>(`/pots/${id}/drops`, { version: version(), code, drops }), take),
    dab: () => hands.run(() => api.post<PotView>(`/pots/${id}/dabs`, { version: version() }), take),
    lay: (laid: number) => hands.run(() => api.post<PotView>(`/pots/${id}/coats`, { version: version(), coats: laid }), take),
    keep: (ml: number, where: string) => hands.run(() => api.put<PotView>(`/pots/${id}/kept`, { version: version(), ml, where }), take),
    dropSize: (mlOfTwenty: number) => hands.run(() => api.put<PotView>(`/pots/${id}/drop-size`, { version: version(), mlOfTwenty }), take),
  }
}
