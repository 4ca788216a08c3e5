import type { FindingGroup, FindingKind } from '../api/types'
import type { Point } from './geometry'

/** A finding as it is drawn: lines in the weight of its severity, around a place on its part. */
export interface Mark {
  readonly id: number
  readonly path: string
  readonly weight: number
  readonly dashed: boolean
}

interface Finding {
  readonly id: number
  readonly kind: FindingKind
  readonly group: FindingGroup
  readonly severity: number
  readonly lengthMm: number | null
}

/** About 300 mm of shoe on 360 units of drawing. */
const UNITS_PER_MM = 1.2

/** Spreads the findings of one part so that they do not lie on each other; the same finding is always at the same place. */
const spread = (anchor: Point, reach: number, index: number): Point => {
  const angle = index * 2.4
  const far = index === 0 ? 0 : Math.min(reach, 6 + 5 * index)
  return [anchor[0] + Math.cos(angle) * far, anchor[1] + Math.sin(angle) * far * 0.7]
}

const path = (f: Finding, x: number, y: number): string => {
  const half = Math.max(6, Math.min(34, ((f.lengthMm ?? 14) * UNITS_PER_MM) / 2))
  switch (f.kind) {
    case 'scuff':
      return [-5, 0, 5].map((d) => `M${x - half + d} ${y + d}l${half * 1.3} ${-half * 0.35}`).join('')
    case 'scratch':
      return `M${x - half} ${y + 3}C${x - half / 3} ${y - 2} ${x + half / 3} ${y + 3} ${x + half} ${y - 3}`
    case 'gouge':
      return `M${x - half} ${y}L${x - 2} ${y + 7}L${x + half} ${y - 2}Z`
    case 'crack':
      return `M${x - half} ${y + 4}L${x - 2} ${y}L${x + half} ${y - 6}M${x - 2} ${y}L${x + half * 0.7} ${y + 6}`
    case 'crease':
      return `M${x - half * 0.6} ${y - 12}Q${x + 2} ${y} ${x - half * 0.4} ${y + 14}M${x + 4} ${y - 10}Q${x + 12} ${y} ${x + 5} ${y + 12}`
    case 'open-seam':
    case 'sole-parting':
      return `M${x - half} ${y}Q${x} ${y + 7} ${x + half} ${y}Q${x} ${y - 5} ${x - half} ${y}Z`
    default:
  }
  switch (f.group) {
    case 'dirt':
      return [
        [-7, -3], [0, 3], [6, -4], [9, 4], [-3, 7],
      ]
        .map(([dx, dy]) => `M${x + (dx ?? 0) - 1.4} ${y + (dy ?? 0)}a1.4 1.4 0 1 0 2.8 0a1.4 1.4 0 1 0 -2.8 0`)
        .join('')
    case 'build':
      return `M${x - 8} ${y}l5 -6l5 6l5 -6l5 6`
    default:
      return `M${x - half} ${y}C${x - half} ${y - 9} ${x - 3} ${y - 8} ${x + 2} ${y - 6}S${x + half} ${y - 6} ${x + half - 1} ${y + 2}` +
        `S${x - 1} ${y + 9} ${x - 5} ${y + 7}S${x - half} ${y + 7} ${x - half} ${y}Z`
  }
}

export const mark = (finding: Finding, anchor: Point, reach: number, index: number): Mark => {
  const [x, y] = spread(anchor, reach, index)
  return {
    id: finding.id,
    path: path(finding, Math.round(x), Math.round(y)),
    weight: 0.8 + 0.55 * finding.severity,
    dashed: finding.group === 'colour' || finding.group === 'salts',
  }
}
