import { tryOnScopeDispose } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { CoatsView, CorrectionView, CountBy, DropView, Gloss, Off, PotView, RecipesView, RecipeView } from '../api/types'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { phaseOf, stillDue } from './phases'
import { t } from '../words'
import { useTray } from './useTray'

/** A pot: what is in it, what to do with it next, and the hands that do it. Every answer is the pot as it then stands. */
export const usePot = (id: number, now: () => number) => {
  const { value: pot, problem, reload } = useLoad(() => api.get<PotView>(`/pots/${id}`))
  const tray = useTray()
  const hands = useAct(reload)
  const recipes = shallowRef<RecipesView | null>(null)
  const correction = shallowRef<CorrectionView | null>(null)
  const coats = shallowRef<CoatsView | null>(null)

  /** Near enough for the one who looks at it, whatever the numbers say. */
  const asItIs = ref(false)

  /** Drops of a paint that were tapped in and are not in the answer yet. */
  const onTheWay = (code: string): number => tray.onTheWay(id, code)
  const inPot = (code: string): number => (pot.value?.drops.find((d) => d.code === code)?.drops ?? 0) + onTheWay(code)
  const total = computed(() => (pot.value?.total ?? 0) + tray.onTheWay(id))
  /** Paints of the recipe that still want drops, the base first: strong colour goes in last. */
  const due = computed<readonly DropView[]>(() => stillDue(pot.value?.due ?? [], onTheWay))
  const phase = computed(() => phaseOf(pot.value, due.value.length > 0, !tray.isEmpty(id), asItIs.value))
  const take = (answer: PotView): void => {
    pot.value = answer
  }
  const { off } = tray.onTaken((answer) => {
    if (answer.id === id) {
      take(answer)
    }
  })
  tryOnScopeDispose(off)
  /** What is in the tray was done before. */
  const act = (what: () => Promise<PotView>, then: (answer: PotView) => void = take): Promise<boolean> => hands.run(async () => {
    await tray.send()
    return what()
  }, then)
  const version = (): number => pot.value?.version ?? 0
  const asMap = (drops: readonly DropView[]): Record<string, number> => Object.fromEntries(drops.map((d) => [d.code, d.drops]))

  /** Looked up beside what the hands do: it changes nothing, and hands need not wait for it. */
  const lookUp = async <T>(path: string, then: (found: T) => void): Promise<void> => {
    try {
      then(await api.get<T>(`/pots/${id}/${path}`))
    } catch (error) {
      hands.problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
    }
  }
  /** Paints that a recipe is to do without. */
  const without = ref<readonly string[]>([])
  const find = async (): Promise<void> => {
    recipes.value = null
    await lookUp<RecipesView>(without.value.length === 0 ? 'recipes' : `recipes?without=${without.value.join(',')}`, (found) => {
      recipes.value = found
    })
  }
  const doWithout = (codes: readonly string[]): Promise<void> => {
    without.value = codes
    return find()
  }
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

  const follow = (drops: Record<string, number>) => act(() => api.put<PotView>(`/pots/${id}/recipe`, { version: version(), drops }))

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
    without,
    doWithout,
    ladder,
    choose: (recipe: RecipeView) => follow(asMap(recipe.drops)),
    /** What a correction adds becomes part of the recipe. */
    addTo: (additions: readonly DropView[]) =>
      follow({ ...asMap(pot.value?.drops ?? []), ...Object.fromEntries(additions.map((a) => [a.code, inPot(a.code) + a.drops])) }),
    /** A clean pot for the same place. */
    again: (recipe: RecipeView, then: (fresh: PotView) => void) =>
      act(() => api.post<PotView>(`/pots/${id}/again`, { version: version(), drops: asMap(recipe.drops) }), then),
    onTheWay,
    drop: (code: string, drops: number, name: string): void => {
      tray.tap(id, code, drops, name, new Date(now()))
    },
    notTaken: tray.notTaken,
    dismiss: tray.dismiss,
    total,
    /** By the measure or on the scales, and drops after that. */
    portion: (code: string, by: CountBy, amount: number, drops: number) =>
      act(() => api.post<PotView>(`/pots/${id}/portions`, { code, by, amount, drops })),
    dab: () => act(() => api.post<PotView>(`/pots/${id}/dabs`, { version: version() })),
    judge: (eye: Partial<Record<Off, number>>) => act(() => api.post<PotView>(`/pots/${id}/dabs`, { version: version(), eye })),
    finish: (finish: Gloss) => act(() => api.put<PotView>(`/pots/${id}/finish`, { version: version(), finish })),
    jar: (ml: number) => act(() => api.put<PotView>(`/pots/${id}/jar`, { version: version(), ml })),
    amount: (ml: number) => act(() => api.put<PotView>(`/pots/${id}/amount`, { version: version(), ml })),
    pour: (from: number, share: number) => act(() => api.post<PotView>(`/pots/${id}/pour`, { version: version(), from, share })),
    rename: (name: string) => act(() => api.put<PotView>(`/pots/${id}/name`, { version: version(), name })),
    openAgain: () => act(() => api.post<PotView>(`/pots/${id}/opened-again`, { version: version() })),
    throwAway: (why: string) => act(() => api.post<PotView>(`/pots/${id}/thrown-away`, { version: version(), why })),
    /** For the colour that it was mixed for, or for another reading. */
    useAgain: (target: number | null, ml: number, rest: boolean, then: (fresh: PotView) => void) =>
      act(() => api.post<PotView>(`/pots/${id}/used-again`, { target, ml, rest }), then),
    lay: (laid: number) => act(() => api.post<PotView>(`/pots/${id}/coats`, { version: version(), coats: laid })),
    keep: (ml: number, where: string) => act(() => api.put<PotView>(`/pots/${id}/kept`, { version: version(), ml, where })),
    dropSize: (mlOfTwenty: number) => act(() => api.put<PotView>(`/pots/${id}/drop-size`, { version: version(), mlOfTwenty })),
  }
}
