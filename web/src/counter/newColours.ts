import type { NewColourInput, PartName, Shade } from '../api/types'

/** A part that is to have a colour of its own. */
export interface OwnColour { readonly part: PartName, readonly shade: Shade }

/** What a recolour is to bring, by colour: that of the whole first, then those of parts; a part that the kind lacks is left out. */
export const newColours = (whole: Shade | '', own: readonly OwnColour[], parts: readonly PartName[]): NewColourInput[] => {
  const by = new Map<Shade, PartName[]>()
  for (const { part, shade } of own) {
    if (parts.includes(part) && ![...by.values()].flat().includes(part)) {
      by.set(shade, [...by.get(shade) ?? [], part])
    }
  }
  return [...whole === '' ? [] : [{ shade: whole, parts: [] }], ...[...by].map(([shade, on]) => ({ shade, parts: on }))]
}

/** The colour that a part is to have; as it is where none is said. */
export const colourToBe = (part: PartName, now: Shade, whole: Shade | '', own: readonly OwnColour[]): Shade =>
  own.find((o) => o.part === part)?.shade ?? (whole === '' ? now : whole)
