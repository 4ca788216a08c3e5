import type { Kind, PartName, PieceFamily } from '../api/types'
import type { Point } from './geometry'

/** A part as it is drawn: its outline, where its label and its findings sit, and how far it reaches. */
export interface PartShape {
  readonly part: PartName
  readonly path: string
  /** where a finding or a number is set */
  readonly anchor: Point
  /** room around the anchor for several findings */
  readonly reach: number
  /** it lies beside the piece, and is drawn only where parts are chosen */
  readonly apart?: boolean
}

/** Lines on top of the parts: seams that are only sewn, punched rows, buckles. */
export interface Ornament {
  readonly path: string
  readonly kind: 'stitch' | 'line' | 'hole' | 'metal'
}

/** A kind of piece as data: parts from the back of the drawing to the front, then ornaments, then the outline. */
export interface Drawing {
  readonly parts: readonly PartShape[]
  readonly ornaments: readonly Ornament[]
  readonly outline: string
  /** what of the frame it fills: x, y, width, height */
  readonly box: readonly [number, number, number, number]
  /** the side that this one hides, and what the two are called */
  readonly other?: Drawing
  readonly sides?: readonly [string, string]
}

/** Every kind of a family, drawn. */
export type Drawings<Family extends PieceFamily> = Readonly<Record<Extract<Kind, `${Family}/${string}`>, Drawing>>

export const shape = (part: PartName, path: string, anchor: Point, reach = 10): PartShape => ({ part, path, anchor, reach })
