import type { Half, PartColourView, PartName } from '../api/types'

/** The colours of one half by part, as a drawing wants them. */
export const colourMap = (colours: readonly Pick<PartColourView, 'half' | 'part' | 'hex'>[], half: Half): Partial<Record<PartName, string>> =>
  Object.fromEntries(colours.filter((c) => c.half === half).map((c) => [c.part, c.hex]))

/** The halves that have parts, in the order in which they stand: left and right, or the one whole. */
export const halvesOf = (parts: readonly { readonly half: Half }[]): readonly Half[] => [...new Set(parts.map((p) => p.half))]
