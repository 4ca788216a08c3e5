import { along, at, back, backAll, band, closed, curve, cut, dot, line, poly, ribbon, shapeOf, shifted, through, type Curve, type Point } from './geometry'
import { sole, type Sole } from './lowShoe'
import { shape, type Drawing, type Drawings, type Ornament, type PartShape } from './shape'

/** A boot from outside, toe to the right: what its cuts share and where they differ. */
interface BootCut extends Sole {
  /** from the feather line up to the ankle, and on to the top */
  readonly heelBack: Curve
  readonly shaftBack: Curve
  /** from back to front */
  readonly top: readonly Curve[]
  /** down the front of the shaft to the ankle, on to the throat, over the toe */
  readonly shaftFront: Curve
  readonly instep: Curve
  readonly toeTop: readonly [Curve, Curve]
  /** where the shaft meets the quarter, back to front */
  readonly ankle: Curve
  readonly counterSeam: Curve
  readonly vampSeam: Curve
  readonly toeSeam: Curve
  readonly collarHeight: number
  readonly laced: boolean
  readonly hooks: boolean
  readonly falseTongue: boolean
  readonly gusset: boolean
  readonly pulls: readonly Point[]
  readonly ornaments: readonly Ornament[]
}

/** An insole that lies beside its boot: it comes off, and inside nobody would see it. */
export const insoleApart = (x: number, y: number): PartShape => ({
  apart: true,
  ...shape(
    'insole',
    closed(
      ...through(
        [x, y + 13], [x + 4, y + 4], [x + 24, y + 4], [x + 48, y + 5], [x + 72, y], [x + 92, y + 6], [x + 96, y + 15], [x + 84, y + 25],
        [x + 60, y + 24], [x + 34, y + 20], [x + 8, y + 23], [x, y + 13],
      ),
    ),
    [x + 48, y + 13],
    8,
  ),
})

const boot = (c: BootCut): Drawing => {
  const topEnd = (c.top.at(-1) as Curve).to
  const topStart = (c.top[0] as Curve).from
  const arc = curve(topEnd, [topEnd[0] - 10, topEnd[1] - 17], [topStart[0] + 16, topStart[1] - 15], topStart)
  const front = [c.shaftFront, c.instep]
  const facingIn = front.map((f) => shifted(f, -18, 5))
  const parts: PartShape[] = [shape('lining', closed(...c.top, arc), [(topStart[0] + topEnd[0]) / 2, topStart[1] - 6], 5)]
  if (c.laced) {
    const [x, y] = topEnd
    parts.push(
      shape(
        'tongue',
        closed(...through([x - 14, y + 8], [x - 12, y - 14], [x + 4, y - 18], [x + 12, y - 6], [x + 12, y + 34]), line([x + 12, y + 34], [x - 14, y + 8])),
        [x + 2, y - 8],
        5,
      ),
    )
  }
  parts.push(...sole(c), insoleApart(288, 60))
  const [vampTop, toeOver] = c.toeTop
  parts.push(
    shape('shaft', closed(c.shaftBack, ...c.top, c.shaftFront, back(c.ankle)), [(topStart[0] + topEnd[0]) / 2 - 6, (topStart[1] + c.ankle.from[1]) / 2], 24),
    shape(
      'quarter',
      closed(c.ankle, c.instep, c.vampSeam, back(c.feather[1]), back(c.counterSeam)),
      at(line(at(c.ankle, 0.6), at(c.feather[1], 0.6)), 0.55),
      20,
    ),
    shape('counter', closed(c.heelBack, c.counterSeam, back(c.feather[0])), at(line(at(c.heelBack, 0.4), at(c.counterSeam, 0.55)), 0.5), 14),
    shape('vamp', closed(vampTop, c.toeSeam, back(c.feather[2]), back(c.vampSeam)), at(line(at(c.vampSeam, 0.5), at(c.toeSeam, 0.5)), 0.5), 20),
    shape('toe', closed(toeOver, back(c.feather[3]), back(c.toeSeam)), at(line(at(c.toeSeam, 0.55), at(toeOver, 0.55)), 0.5), 14),
    shape('collar', band(c.top, 0, c.collarHeight), at(shifted(c.top[0] as Curve, 0, c.collarHeight / 2), 0.5), 6),
  )
  const ornaments: Ornament[] = [...c.ornaments]
  if (c.laced) {
    parts.push(shape('facing', closed(...front, line(c.instep.to, (facingIn[1] as Curve).to), ...backAll(facingIn)), at(shifted(c.instep, -9, 3), 0.3), 7))
  }
  if (c.falseTongue) {
    // It lies over the throat, under the first laces: its upper edge is the instep’s, its fringe hangs towards the toe.
    const over = [cut(c.instep, 0.5)[1], cut(vampTop, 0.5)[0]].map((o) => shifted(o, 0, -2.5))
    const [[x, y], [tipX, tipY]] = [(over[0] as Curve).from, (over[1] as Curve).to]
    const fringe: Point[] = [[tipX - 2, tipY + 13], [tipX - 7, tipY + 9], [tipX - 9, tipY + 18], [tipX - 14, tipY + 12], [tipX - 17, tipY + 20]]
    parts.push(
      shape(
        'false-tongue',
        closed(...over, ...poly([tipX, tipY], ...fringe, [tipX - 22, tipY + 13], [x - 2, y + 14], [x, y])),
        [(x + tipX) / 2 - 2, (y + tipY) / 2 + 7],
        6,
      ),
    )
  }
  if (c.gusset) {
    const a = at(c.ankle, 0.38)
    parts.push(
      shape(
        'gusset',
        closed(
          ...through([a[0] - 14, topStart[1] + 3], [a[0] - 11, (a[1] + topStart[1]) / 2], [a[0] + 6, a[1] + 22]),
          ...through([a[0] + 6, a[1] + 22], [a[0] + 25, (a[1] + topStart[1]) / 2], [a[0] + 28, topStart[1] + 3]),
          line([a[0] + 28, topStart[1] + 3], [a[0] - 14, topStart[1] + 3]),
        ),
        [a[0] + 6, (a[1] + topStart[1]) / 2],
        9,
      ),
    )
    for (const d of [-7, 0, 7, 14, 21]) {
      ornaments.push({ path: `M${a[0] + d} ${topStart[1] + 6}L${a[0] + d * 0.5 + 3} ${a[1] + 4}`, kind: 'line' })
    }
  }
  parts.push(
    shape(
      'pull',
      c.pulls
        .map(
          ([x, y]) =>
            `M${x - 6} ${y + 16}V${y - 6}Q${x - 6} ${y - 15} ${x} ${y - 15}Q${x + 6} ${y - 15} ${x + 6} ${y - 6}V${y + 16}H${x + 2.5}` +
              `V${y - 4}Q${x + 2.5} ${y - 9} ${x} ${y - 9}Q${x - 2.5} ${y - 9} ${x - 2.5} ${y - 4}V${y + 16}Z`,
        )
        .join(''),
      [c.pulls[0]?.[0] ?? 0, (c.pulls[0]?.[1] ?? 0) - 4],
      4,
    ),
  )
  if (c.laced) {
    const bars = [0.08, 0.3, 0.52, 0.74].map((t) => at(c.instep, t)).concat([0.55, 0.8].map((t) => at(c.shaftFront, t)))
    parts.push(
      shape(
        'laces',
        bars.map(([x, y]) => ribbon([line([x + 3, y - 2], [x - 12, y + 7])], 4)).join('') +
          ribbon(
            through(
              at(c.shaftFront, 0.42),
              [at(c.shaftFront, 0.42)[0] + 16, at(c.shaftFront, 0.42)[1] - 8],
              [at(c.shaftFront, 0.42)[0] + 22, at(c.shaftFront, 0.42)[1] + 4],
              [at(c.shaftFront, 0.42)[0] + 4, at(c.shaftFront, 0.42)[1] + 3],
            ),
            3,
          ),
        [at(c.instep, 0.3)[0] - 2, at(c.instep, 0.3)[1] + 2],
        5,
      ),
    )
  }
  if (c.hooks) {
    const places = [0.12, 0.26, 0.4]
      .map((t) => at(shifted(c.shaftFront, -9, 2), t))
      .concat([0.1, 0.32, 0.54, 0.76].map((t) => at(shifted(c.instep, -13, 8), t)))
    parts.push(shape('hooks', places.map(([x, y]) => dot(x, y, 3.4)).join(''), at(shifted(c.shaftFront, -9, 2), 0.26), 4))
  }
  const rows = [shifted(c.counterSeam, 4, 0), shifted(c.vampSeam, 4, 0), shifted(c.toeSeam, -4, 0), shifted(c.ankle, 0, -4)]
  parts.push(shape('stitching', band([cut(shifted(c.vampSeam, 3, 0), 0.5)[0]], 5, 0), at(shifted(c.vampSeam, 5, 0), 0.25), 4))
  return {
    parts,
    ornaments: [{ path: rows.map((r) => along(r)).join(''), kind: 'stitch' }, ...ornaments],
    outline: closed(c.heelBack, c.shaftBack, ...c.top, c.shaftFront, c.instep, ...c.toeTop, ...backAll([...c.feather])),
    box: [8, 4, 384, 252],
  }
}

const lace: BootCut = {
  heelBack: curve([64, 206], [54, 178], [58, 150], [68, 130]),
  shaftBack: curve([68, 130], [74, 104], [70, 74], [66, 44]),
  top: [curve([66, 44], [92, 40], [124, 40], [152, 46])],
  shaftFront: curve([152, 46], [152, 76], [154, 98], [164, 116]),
  instep: curve([164, 116], [180, 138], [200, 148], [222, 156]),
  toeTop: [curve([222, 156], [240, 162], [256, 166], [272, 170]), curve([272, 170], [308, 176], [338, 190], [334, 222])],
  ankle: curve([68, 130], [96, 142], [130, 138], [164, 116]),
  counterSeam: curve([68, 130], [78, 162], [98, 196], [122, 214]),
  vampSeam: curve([222, 156], [208, 176], [192, 204], [172, 221]),
  toeSeam: curve([272, 170], [262, 190], [260, 214], [264, 234]),
  feather: [
    curve([64, 206], [84, 211], [102, 212], [122, 214]),
    curve([122, 214], [140, 215], [156, 218], [172, 221]),
    curve([172, 221], [202, 229], [232, 234], [264, 234]),
    curve([264, 234], [294, 234], [324, 231], [334, 222]),
  ],
  soleThickness: 15,
  heel: 'M62 217C84 222 106 222 128 226L127 245L66 245Z',
  heelCap: 'M66 245L127 245L126.5 250L66.5 250Z',
  welted: true,
  anchors: { 'heel-stack': [94, 236], 'welt': [222, 237], 'sole-edge': [160, 232], 'outsole': [220, 246] },
  collarHeight: 12,
  laced: true,
  hooks: true,
  falseTongue: true,
  gusset: false,
  pulls: [[70, 44]],
  ornaments: [],
}

const ankle: BootCut = {
  ...lace,
  shaftBack: curve([68, 130], [71, 120], [70, 108], [68, 96]),
  top: [curve([68, 96], [92, 92], [122, 90], [150, 92])],
  shaftFront: curve([150, 92], [152, 100], [156, 108], [164, 116]),
  toeTop: [curve([222, 156], [246, 163], [266, 168], [286, 172]), curve([286, 172], [320, 178], [352, 194], [346, 222])],
  toeSeam: curve([286, 172], [278, 192], [274, 214], [276, 234]),
  feather: [lace.feather[0], lace.feather[1], curve([172, 221], [202, 230], [238, 235], [276, 234]), curve([276, 234], [306, 234], [336, 231], [346, 222])],
  collarHeight: 8,
  hooks: false,
  falseTongue: false,
  pulls: [[72, 96]],
}

const chelsea: BootCut = {
  ...ankle,
  shaftBack: curve([68, 130], [72, 112], [70, 94], [68, 74]),
  top: [curve([68, 74], [82, 82], [94, 82], [108, 80]), curve([108, 80], [124, 78], [138, 72], [152, 66])],
  shaftFront: curve([152, 66], [152, 84], [156, 102], [166, 118]),
  instep: curve([166, 118], [182, 138], [202, 148], [222, 156]),
  ankle: curve([68, 130], [96, 142], [130, 138], [166, 118]),
  laced: false,
  gusset: true,
  pulls: [[70, 74], [149, 68]],
}

const western: BootCut = {
  ...lace,
  heelBack: curve([70, 196], [62, 174], [64, 150], [72, 130]),
  shaftBack: curve([72, 130], [78, 100], [66, 66], [58, 26]),
  top: [curve([58, 26], [76, 24], [92, 32], [108, 46]), curve([108, 46], [124, 32], [144, 24], [164, 26])],
  shaftFront: curve([164, 26], [158, 66], [154, 96], [166, 118]),
  instep: curve([166, 118], [182, 140], [206, 156], [236, 168]),
  toeTop: [curve([236, 168], [258, 176], [276, 182], [294, 188]), curve([294, 188], [324, 197], [366, 208], [374, 224])],
  ankle: curve([72, 130], [98, 146], [130, 142], [166, 118]),
  counterSeam: curve([72, 130], [82, 164], [102, 190], [126, 206]),
  vampSeam: curve([236, 168], [212, 178], [196, 200], [176, 219]),
  toeSeam: curve([294, 188], [282, 200], [276, 218], [280, 237]),
  feather: [
    curve([70, 196], [88, 198], [106, 202], [126, 206]),
    curve([126, 206], [144, 209], [160, 214], [176, 219]),
    curve([176, 219], [208, 231], [242, 238], [280, 237]),
    curve([280, 237], [316, 237], [356, 233], [374, 224]),
  ],
  soleThickness: 10,
  heel: 'M69 205C88 208 110 211 132 217C126 228 120 236 116 245L80 245C78 232 74 220 69 205Z',
  heelCap: 'M80 245L116 245L115.5 250L80.5 250Z',
  anchors: { 'heel-stack': [98, 230], 'welt': [236, 238], 'sole-edge': [162, 222], 'outsole': [220, 243] },
  collarHeight: 9,
  laced: false,
  hooks: false,
  falseTongue: false,
  pulls: [[78, 34], [142, 34]],
  ornaments: [
    { path: along(...through([84, 118], [92, 92], [84, 76], [98, 60], [108, 88], [120, 60], [134, 76], [128, 92], [138, 116])), kind: 'stitch' },
    { path: along(...through([94, 120], [104, 100], [108, 112], [114, 100], [126, 118])), kind: 'stitch' },
    { path: along(...through([186, 150], [200, 172], [216, 178], [238, 190])), kind: 'stitch' },
  ],
}

const work: BootCut = {
  ...lace,
  shaftBack: curve([68, 130], [72, 110], [66, 84], [62, 62]),
  top: [curve([62, 62], [70, 50], [92, 50], [106, 58]), curve([106, 58], [124, 58], [140, 54], [156, 58])],
  shaftFront: curve([156, 58], [154, 82], [156, 100], [166, 116]),
  instep: curve([166, 116], [182, 136], [200, 144], [220, 150]),
  toeTop: [curve([220, 150], [236, 154], [250, 156], [262, 158]), curve([262, 158], [312, 150], [352, 178], [342, 218])],
  ankle: curve([68, 130], [96, 142], [130, 138], [166, 116]),
  vampSeam: curve([220, 150], [206, 172], [192, 200], [172, 221]),
  toeSeam: curve([262, 158], [248, 182], [248, 212], [256, 232]),
  feather: [lace.feather[0], lace.feather[1], curve([172, 221], [198, 227], [226, 232], [256, 232]), curve([256, 232], [292, 232], [330, 230], [342, 218])],
  soleThickness: 19,
  heel: 'M60 220C84 224 106 224 132 228L132 245L62 245Z',
  heelCap: 'M62 245L132 245L131.5 251L62.5 251Z',
  collarHeight: 18,
  pulls: [[66, 60]],
  ornaments: [],
}

const field: BootCut = {
  ...lace,
  shaftBack: curve([68, 130], [74, 96], [62, 58], [58, 22]),
  top: [curve([58, 22], [86, 18], [126, 18], [158, 22])],
  shaftFront: curve([158, 22], [152, 62], [152, 94], [164, 116]),
  collarHeight: 26,
  falseTongue: true,
  pulls: [[62, 22]],
  soleThickness: 17,
  ornaments: [
    { path: along(...poly([58, 40], [156, 40])), kind: 'line' },
    { path: 'M122 26H142V44H122Z', kind: 'metal' },
    { path: 'M132 26V44', kind: 'metal' },
    { path: [86, 98, 110].map((x) => dot(x, 34, 1.6)).join(''), kind: 'hole' },
  ],
}

export const boots: Drawings<'boot'> = {
  'boot/ankle': boot(ankle),
  'boot/lace': boot(lace),
  'boot/chelsea': boot(chelsea),
  'boot/western': boot(western),
  'boot/work': boot(work),
  'boot/field': boot(field),
}

/** A tall boot: a shaft of one and a half feet, swelling at the calf. */
const tall = (dress: boolean, inner: boolean): Drawing => {
  const feather: Sole['feather'] = [
    curve([100, 214], [116, 218], [132, 219], [148, 221]),
    curve([148, 221], [160, 222], [172, 224], [186, 226]),
    curve([186, 226], [206, 231], [228, 235], [250, 235]),
    curve([250, 235], [270, 235], [292, 232], [300, 226]),
  ]
  const heelBack = curve([100, 214], [93, 198], [94, 184], [100, 172])
  const topBack: Point = dress ? [88, 24] : [90, 26]
  const topFront: Point = dress ? [176, 6] : [174, 24]
  const shaftBack = through([100, 172], [104, 150], [92, 104], [86, 64], topBack)
  const top = dress ? through(topBack, [116, 22], [148, 12], topFront) : through(topBack, [118, 22], [146, 22], topFront)
  const shaftFront = through(topFront, [176, 70], [170, 120], [172, 160], [180, 176])
  const instep = curve([180, 176], [190, 188], [204, 194], [218, 198])
  const toeTop: [Curve, Curve] = [curve([218, 198], [230, 200], [240, 202], [252, 205]), curve([252, 205], [276, 208], [302, 214], [300, 226])]
  const ankle = curve([100, 172], [124, 184], [154, 186], [180, 176])
  const counterSeam = curve([100, 172], [108, 192], [126, 210], [148, 221])
  const toeSeam = curve([252, 205], [246, 214], [246, 226], [250, 235])
  const cutting: Sole = {
    feather, soleThickness: 11, welted: true,
    heel: 'M99 223C116 227 134 227 152 230L150 245L103 245Z', heelCap: 'M103 245L150 245L149.5 250L103.5 250Z',
    anchors: { 'heel-stack': [126, 238], 'welt': [218, 236], 'sole-edge': [176, 234], 'outsole': [220, 245] },
  }
  const zipLine = through([104, 40], [106, 84], [118, 130], [120, 178])
  const leg = inner ? through([122, 36], [138, 90], [144, 140], [140, 181]) : []
  const parts: PartShape[] = [
    shape('lining', closed(...top, curve(topFront, [topFront[0] - 20, topFront[1] - 12], [topBack[0] + 24, topBack[1] - 14], topBack)), [132, 14], 4),
    ...sole(cutting),
    insoleApart(204, 66),
    shape('shaft', closed(...shaftBack, ...top, ...shaftFront, back(ankle)), inner ? [134, 31] : [132, 96], inner ? 5 : 24),
    shape('vamp', closed(ankle, instep, toeTop[0], toeSeam, back(feather[2]), back(feather[1]), back(counterSeam)), [196, 208], 14),
    shape('counter', closed(heelBack, counterSeam, back(feather[0])), [112, 204], 8),
    shape('toe', closed(toeTop[1], back(feather[3]), back(toeSeam)), [272, 220], 8),
  ]
  if (inner) {
    parts.push(
      shape('inner-leg', closed(...leg, ...through([140, 181], [160, 172], [164, 120], [168, 70], [164, 40]), line([164, 40], [122, 36])), [150, 112], 14),
      shape('zip', ribbon(zipLine, 9), [112, 104], 5),
    )
  } else {
    parts.push(shape('spur-rest', shapeOf([92, 182], [104, 180], [106, 189], [94, 191]), [99, 186], 4))
  }
  parts.push(
    shape(
      'pull',
      [topBack[0] + 16, topFront[0] - 20]
        .map((x) => `M${x - 5} ${topBack[1] + 16}V${topBack[1] - 8}Q${x} ${topBack[1] - 18} ${x + 5} ${topBack[1] - 8}V${topBack[1] + 16}Z`)
        .join(''),
      [topBack[0] + 16, topBack[1] - 2],
      4,
    ),
    shape(
      'stitching',
      ribbon(
        through([topBack[0] + 6, 60], [100, 110], [108, 150]).map((s) => shifted(s, 2, 0)),
        5,
      ),
      [102, 122],
      4,
    ),
  )
  const ornaments: Ornament[] = [
    { path: along(shifted(ankle, 0, -4)) + along(shifted(counterSeam, 4, 0)) + along(shifted(toeSeam, -4, 0)), kind: 'stitch' },
    ...(dress
      ? [{ path: along(...top.map((t) => shifted(t, 0, 12))), kind: 'stitch' as const }]
      : [
          {
            path: band(
              top.map((t) => shifted(t, 0, 14)),
              0,
              12,
            ),
            kind: 'line' as const,
          },
          { path: along(...through([108, 164], [140, 172], [176, 164])), kind: 'line' as const },
        ]),
  ]
  if (inner) {
    ornaments.push({ path: along(...zipLine), kind: 'stitch' }, { path: 'M101 40h7v9h-7Z', kind: 'metal' })
  }
  return {
    parts,
    ornaments,
    outline: closed(heelBack, ...shaftBack, ...top, ...shaftFront, instep, ...toeTop, ...backAll([...feather])),
    box: [76, -8, 240, 262],
  }
}

export const tallBoots: Drawings<'tall-boot'> = {
  'tall-boot/riding': { ...tall(false, false), other: tall(false, true), sides: ['outer side', 'inner side'] },
  'tall-boot/dress': { ...tall(true, false), other: tall(true, true), sides: ['outer side', 'inner side'] },
}
