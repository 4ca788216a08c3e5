import type { Half, KindView, PartName } from '../api/types'

/** A piece of which one colour is known, for a drawing: whatever is seen of it first. */
export const inOneColour = (kind: KindView | undefined, hex: string): { half: Half, part: PartName, hex: string }[] =>
  (kind?.halves ?? []).flatMap((half) => (kind?.parts ?? []).filter((p) => p.outer && p.usual).map((p) => ({ half, part: p.id, hex })))
