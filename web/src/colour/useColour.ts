import { computed, shallowRef } from 'vue'
import { api } from '../api/client'
import type { LookInput, MeasurementView, PieceColourView, PieceView, PotInput, PotView, ReadingInput, SettlingInput, WantedInput } from '../api/types'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'

/** One measurement by the reader on the bench. */
export const measure = (what: LookInput): Promise<MeasurementView> => api.post<MeasurementView>('/reader', what)

/** The colours of a piece, and hands that read and compare them. */
export const useColour = (id: number) => {
  const { value: colour, problem, reload } = useLoad(() => api.get<PieceColourView>(`/pieces/${id}/colour`))
  const { value: piece, reload: reloadPiece } = useLoad(() => api.get<PieceView>(`/pieces/${id}`))
  const hands = useAct()
  const inHand = shallowRef<readonly MeasurementView[]>([])
  const take = (answer: PieceColourView): void => {
    colour.value = answer
    inHand.value = []
  }
  return {
    colour,
    piece,
    problem: computed(() => problem.value || hands.problem.value),
    reload: async (): Promise<void> => {
      await Promise.all([reload(), reloadPiece()])
    },
    hands,
    inHand,
    read: (what: LookInput) => hands.run(() => measure(what), (one) => {
      inHand.value = [...inHand.value, one]
    }),
    put: (...measured: MeasurementView[]): void => {
      inHand.value = measured
    },
    keep: (given: ReadingInput) => hands.run(() => api.post<PieceColourView>(`/pieces/${id}/readings`, given), take),
    want: (given: WantedInput) => hands.run(() => api.post<PieceColourView>(`/pieces/${id}/wanted-colours`, given), take),
    /** A place is watched while it comes back. */
    watchBack: (given: SettlingInput) => hands.run(() => api.post<PieceColourView>(`/pieces/${id}/settlings`, given), take),
    leave: (settling: number) => hands.run(() => api.remove<PieceColourView>(`/settlings/${settling}`), take),
    compare: (one: number, other: number) => hands.run(() => api.post<PieceColourView>(`/readings/${one}/against/${other}`), take),
    mix: (given: PotInput, then: (pot: PotView) => void) => hands.run(() => api.post<PotView>('/pots', given), then),
  }
}
