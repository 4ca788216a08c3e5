import type { Half, PartColoursView, PartName, PartView } from '../api/types'

/** The colour of a part, or of all parts of a half that have it. */
export type Coloured = Pick<PartView, 'half' | 'part' | 'hex'> | PartColoursView

/** The colours of one half by part, as a drawing wants them. */
export const colourMap = (colours: readonly Coloured[], half: Half): Partial<Record<PartName, string>> =>
  Object.fromEntries(colours.filter((c) => c.half === half).flatMap((c) => ('parts' in c ? c.parts : [c.part]).map((part) => [part, c.hex])))

/** The halves that have parts, in the order in which they stand: left and right, or the one whole. */
export const halvesOf = (parts: readonly { readonly half: Half }[]): readonly Half[] => [...new Set(parts.map((p) => p.half))]
