import type { PartColourView } from '../api/types'

/** The colours of one half by part, as a drawing wants them. */
export const colourMap = (colours: readonly PartColourView[], half: string): Record<string, string> =>
  Object.fromEntries(colours.filter((c) => c.half === half).map((c) => [c.part, c.hex]))
