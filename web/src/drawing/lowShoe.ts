import type { PartName } from '../api/types'
import { along, at, back, backAll, closed, curve, cut, shifted, type Curve, type Point } from './geometry'
import type { Drawing, Ornament, PartShape } from './shape'

/** What the cuts of low shoes share and where they differ. Right half from outside, toe to the right. */
export interface Cut {
  /** back seam from the feather line up to the topline */
  readonly heelBack: Curve
  /** from the top of the back down to the counter seam */
  readonly topBack: Curve
  /** from the counter seam through the dip to the facing */
  readonly topDip: readonly Curve[]
  /** from there to the front end of the opening */
  readonly topFront: Curve
  /** along the instep to the throat */
  readonly instep: Curve
  readonly throat: Curve
  readonly toeTop: Curve
  /** between vamp and quarter, from the throat to where the facing ends, then to the feather line */
  readonly vampSeam: readonly [Curve, Curve]
  readonly facingSeam: Curve | null
  readonly toeSeam: readonly Curve[]
  readonly counterSeam: Curve
  /** the feather line: heel to counter seam, to vamp seam, to toe seam, to the tip */
  readonly feather: readonly [Curve, Curve, Curve, Curve]
  readonly tongue: string | null
  readonly soleThickness: number
  readonly heel: string
  readonly heelCap: string
  readonly welted: boolean
  readonly laced: boolean
  readonly ornaments: readonly Ornament[]
  readonly anchors?: Readonly<Partial<Record<PartName, Point>>>
}

/** What a sole needs to know of the cut above it. */
export type Sole = Pick<Cut, 'feather' | 'soleThickness' | 'heel' | 'heelCap' | 'welted' | 'anchors'>

const ANCHORS: Readonly<Partial<Record<PartName, readonly [Point, number]>>> = {
  'lining': [[112, 139], 8],
  'insole': [[112, 147], 4],
  'tongue': [[192, 93], 6],
  'quarter': [[128, 188], 26],
  'counter': [[58, 178], 18],
  'facing': [[196, 131], 10],
  'vamp': [[240, 196], 26],
  'toe': [[334, 208], 18],
  'topline': [[76, 147], 6],
  'welt': [[230, 240], 6],
  'sole-edge': [[176, 233], 5],
  'heel-stack': [[74, 237], 10],
  'outsole': [[210, 246], 4],
  'laces': [[216, 122], 6],
}

/** Curves along the sole, cut to where the feather line begins to leave the heel. */
export const sole = (cutting: Sole): PartShape[] => {
  const t = cutting.soleThickness
  const feather = cutting.feather
  const welt = cutting.welted ? Math.min(4, t / 3) : 0
  const tip = (by: number): Curve[] =>
    feather.map((c) => shifted(c, 0, by)).map((c, i) => (i === 3 ? curve(c.from, c.one, [c.two[0] + 2, c.two[1]], [c.to[0] + 2, c.to[1]]) : c))
  const [, waist] = cut(feather[0], 0.72)
  const forward = [waist, ...feather.slice(1)]
  const below = (by: number): Curve[] => {
    const [, w] = cut(tip(by)[0] as Curve, 0.72)
    return [w, ...tip(by).slice(1)]
  }
  const parts: PartShape[] = [
    shape(cutting, 'outsole', closed(...below(t - 3), ...backAll(below(t))) + cutting.heelCap),
    shape(cutting, 'sole-edge', closed(...feather, ...backAll(tip(t - 3)))),
    shape(cutting, 'heel-stack', cutting.heel),
  ]
  if (cutting.welted) {
    parts.push(shape(cutting, 'welt', closed(...forward, ...backAll(below(welt + 0.5)))))
  }
  return parts
}

const shape = (cutting: Pick<Cut, 'anchors'>, part: PartName, path: string): PartShape => {
  const [anchor, reach] = ANCHORS[part] ?? [[200, 200], 10]
  return { part, path, anchor: cutting.anchors?.[part] ?? anchor, reach }
}

/** Bars across the facing from near the edge, and a small bow at the top. */
const laces = (cutting: Cut): string => {
  const bars: string[] = []
  for (const t of [0.12, 0.34, 0.56, 0.78]) {
    const [x, y] = at(cutting.instep, t)
    bars.push(
      `M${x - 1} ${y - 2.5}C${x - 1} ${y + 4} ${x - 6} ${y + 11} ${x - 13} ${y + 14}L${x - 15} ${y + 10.5}` +
        `C${x - 9} ${y + 8} ${x - 5} ${y + 3} ${x - 5} ${y - 4}Z`,
    )
  }
  const [x, y] = at(cutting.instep, 0.12)
  const upper = `M${x} ${y - 2}C${x + 4} ${y - 13} ${x + 17} ${y - 14} ${x + 18} ${y - 7}C${x + 18} ${y - 2} ${x + 8} ${y} ${x} ${y - 2}Z`
  const lower = `M${x - 1} ${y - 2}C${x + 8} ${y + 1} ${x + 20} ${y + 4} ${x + 17} ${y + 10}C${x + 13} ${y + 13} ${x + 3} ${y + 6} ${x - 1} ${y - 2}Z`
  return bars.join('') + upper + lower
}

/** Puts the parts of a cut together; every seam serves both parts that it joins. */
export const lowShoe = (cutting: Cut): Drawing => {
  const { feather, vampSeam, toeSeam, counterSeam, facingSeam } = cutting
  const topline = [cutting.topBack, ...cutting.topDip]
  const opening = [...topline, cutting.topFront]
  const farSide = curve(cutting.topFront.to, [cutting.topFront.to[0] - 34, cutting.topFront.to[1] + 20], [92, 132], cutting.topBack.from)
  const dip = cutting.topDip[0] as Curve
  const parts: PartShape[] = [
    shape(cutting, 'lining', closed(...opening, farSide)),
    shape(
      cutting,
      'insole',
      closed(
        dip,
        ...cutting.topDip.slice(1),
        curve((cutting.topDip.at(-1) as Curve).to, [dip.to[0] + 8, dip.to[1] - 4], [dip.to[0] - 20, dip.to[1] - 5], dip.from),
      ),
    ),
  ]
  if (cutting.tongue !== null) {
    parts.push(shape(cutting, 'tongue', cutting.tongue))
  }
  parts.push(...sole(cutting))
  const quarterFront = facingSeam === null ? [cutting.topFront, cutting.instep, ...vampSeam] : [facingSeam, vampSeam[1]]
  parts.push(
    shape(cutting, 'quarter', closed(...cutting.topDip, ...quarterFront, back(feather[1]), back(counterSeam))),
    shape(cutting, 'counter', closed(cutting.heelBack, cutting.topBack, counterSeam, back(feather[0]))),
    shape(cutting, 'vamp', closed(cutting.throat, ...toeSeam, back(feather[2]), ...backAll(vampSeam))),
    shape(cutting, 'toe', closed(cutting.toeTop, back(feather[3]), ...backAll(toeSeam))),
  )
  if (facingSeam !== null) {
    parts.push(shape(cutting, 'facing', closed(cutting.topFront, cutting.instep, vampSeam[0], back(facingSeam))))
  }
  const seam = shifted(vampSeam[1], 3, 1)
  parts.push(shape({ anchors: { stitching: at(seam, 0.5) } }, 'stitching', closed(seam, back(shifted(seam, 4, 1)))))
  parts.push(shape(cutting, 'topline', closed(...topline, ...backAll(topline.map((c) => shifted(c, 0, 6))))))
  if (cutting.laced) {
    parts.push(shape(cutting, 'laces', laces(cutting)))
  }
  const rows = [...toeSeam.map((c) => shifted(c, -4, 0)), shifted(counterSeam, 4, 0)]
  const stitch = rows.map((c) => along(c)).join('') + along(...vampSeam.map((c) => shifted(c, 4, 2)))
  return {
    parts,
    ornaments: [
      { path: stitch, kind: 'stitch' },
      {
        path: along(...(cutting.welted ? feather.slice(1) : []).map((c) => shifted(c, 0, 2.2)), ...(cutting.welted ? [] : [shifted(feather[2], 0, -4)])),
        kind: 'stitch',
      },
      ...cutting.ornaments,
    ],
    box: [8, 70, 384, 186],
    outline: closed(cutting.heelBack, ...opening, cutting.instep, cutting.throat, cutting.toeTop, ...backAll([...feather])),
  }
}
