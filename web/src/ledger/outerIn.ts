import type { Kind, PartName } from '../api/types'
import { drawings } from '../drawing/kinds'

/** A drawing in one colour: what is seen first, not what lies inside or holds it together. */
export const outerIn = (kind: Kind, hex: string): Partial<Record<PartName, string>> =>
  Object.fromEntries(drawings[kind].parts.filter((p) => !['lining', 'insole', 'welt', 'laces'].includes(p.part)).map((p) => [p.part, hex]))
