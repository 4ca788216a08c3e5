import type { Arranged, PartName } from '../api/types'
import type { Point } from './geometry'

/** What is off a half while it is worked on, under tape, in clamps or on a tree. */
export interface ArrangedParts {
  readonly how: Arranged
  readonly parts: readonly PartName[]
}

/** A clamp that holds a join at a point: a bow, a screw, a foot. */
export const clamp = ([x, y]: Point): string =>
  `M${x - 9} ${y + 13}H${x + 9}V${y + 17}H${x - 18}V${y - 34}H${x + 7}V${y - 30}H${x - 13}V${y + 13}Z` +
  `M${x - 2} ${y - 42}H${x + 4}V${y - 10}H${x - 2}ZM${x - 8} ${y - 46}H${x + 10}V${y - 41}H${x - 8}ZM${x - 8} ${y - 10}H${x + 10}V${y - 5}H${x - 8}Z`

/** The heel of a tree as it looks out of the opening, with its knob. */
export const tree = ([x, y]: Point): string =>
  `M${x - 24} ${y + 6}C${x - 26} ${y - 14} ${x - 10} ${y - 20} ${x + 2} ${y - 18}C${x + 20} ${y - 16} ${x + 26} ${y - 4} ${x + 26} ${y + 6}Z` +
  `M${x - 3} ${y - 18}V${y - 27}H${x + 3}V${y - 18}ZM${x - 9} ${y - 34}A9 8 0 1 0 ${x + 9} ${y - 34}A9 8 0 1 0 ${x - 9} ${y - 34}Z`
