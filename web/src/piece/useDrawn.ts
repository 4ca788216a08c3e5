import { computed, ref, type Ref } from 'vue'
import type { PartName, PieceView } from '../api/types'
import { drawings } from '../drawing/kinds'
import { useWords } from '../kit/useWords'

/** What a screen needs to draw a piece and to let its parts be chosen: its kind, its halves, the names of its parts, the side that is shown. */
export const useDrawn = (piece: Ref<PieceView | null>) => {
  const words = useWords()
  const turned = ref(false)
  const kind = computed(() => words.value?.kinds.find((k) => k.id === piece.value?.kind))
  const drawing = computed(() => (piece.value === null ? undefined : drawings[piece.value.kind]))
  return {
    kind,
    drawing,
    turned,
    halves: computed(() => kind.value?.halves ?? []),
    names: computed<Partial<Record<PartName, string>>>(() => Object.fromEntries((kind.value?.parts ?? []).map((p) => [p.id, p.label]))),
    /** Names of the parts that this piece has. */
    choosable: computed<Partial<Record<PartName, string>>>(() => {
      const here = new Set(piece.value?.parts.map((p) => p.part))
      return Object.fromEntries((kind.value?.parts ?? []).filter((p) => here.has(p.id)).map((p) => [p.id, p.label]))
    }),
    /** Turns to the side that shows a part. */
    turnTo: (part: PartName): void => {
      const shows = (d: typeof drawing.value): boolean => d?.parts.some((p) => p.part === part) === true
      if (drawing.value?.other !== undefined) {
        turned.value = turned.value ? shows(drawing.value.other) : !shows(drawing.value)
      }
    },
  }
}
