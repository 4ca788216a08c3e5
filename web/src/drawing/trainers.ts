import { along, at, back, backAll, band, closed, curve, dot, line, ribbon, shifted, through, type Curve, type Point } from './geometry'
import { insoleApart } from './boots'
import { shape, type Drawing, type Drawings, type Ornament, type PartShape } from './shape'

/** A trainer from outside, toe to the right. */
interface TrainerCut {
  readonly heelBack: Curve
  readonly collarTop: readonly Curve[]
  readonly throatTop: Curve
  readonly instep: Curve
  readonly toeTop: readonly [Curve, Curve]
  readonly vampSeam: Curve
  readonly toeSeam: Curve
  readonly heelSeam: Curve
  /** heel to tip: where upper and sole meet */
  readonly feather: readonly [Curve, Curve, Curve, Curve]
  /** lower edge of the midsole */
  readonly ground: readonly Curve[]
  readonly foxing: number
  /** where laces cross, along the instep */
  readonly lacing: readonly number[]
  readonly mark: string
  readonly markAt: Point
  readonly ornaments: readonly Ornament[]
}

const trainer = (c: TrainerCut): Drawing => {
  const first = (c.collarTop[0] as Curve).from
  const last = c.throatTop.to
  const parts: PartShape[] = [
    shape(
      'lining',
      closed(...c.collarTop, c.throatTop, curve(last, [last[0] - 30, last[1] + 8], [first[0] + 26, first[1] - 8], first)),
      at(c.collarTop[0] as Curve, 0.8),
      6,
    ),
    shape(
      'tongue',
      closed(
        ...through(
          [last[0] - 14, last[1] + 16],
          [last[0] - 16, last[1] - 14],
          [last[0] + 2, last[1] - 24],
          [last[0] + 18, last[1] - 12],
          [last[0] + 34, last[1] + 20],
        ),
        line([last[0] + 34, last[1] + 20], [last[0] - 14, last[1] + 16]),
      ),
      [last[0] + 2, last[1] - 10],
      6,
    ),
    insoleApart(284, 74),
    shape(
      'midsole',
      closed(...c.feather, line((c.feather[3] as Curve).to, (c.ground.at(-1) as Curve).to), ...backAll([...c.ground])),
      at(shifted(c.feather[1], 0, 10), 0.5),
      8,
    ),
    shape('outsole', band(c.ground, 0, 6), at(shifted(c.ground[0] as Curve, 0, 3), 0.7), 4),
    shape(
      'side-panel',
      closed(...c.collarTop, c.throatTop, c.instep, c.vampSeam, back(c.feather[2]), back(c.feather[1]), back(c.heelSeam)),
      at(line(at(c.heelSeam, 0.6), at(c.vampSeam, 0.6)), 0.35),
      26,
    ),
    shape('heel-tab', closed(c.heelBack, c.heelSeam, back(c.feather[0])), at(line(at(c.heelBack, 0.4), at(c.heelSeam, 0.4)), 0.5), 8),
    shape(
      'vamp',
      closed(c.toeTop[0], c.toeSeam, back(line(at(c.feather[3], 0.12), c.toeSeam.to)), back(c.vampSeam), ...[]),
      at(line(at(c.vampSeam, 0.35), at(c.toeSeam, 0.4)), 0.5),
      14,
    ),
    shape('toe-box', closed(c.toeTop[1], back(c.feather[3]), back(c.toeSeam)), at(line(at(c.toeSeam, 0.5), at(c.toeTop[1], 0.6)), 0.5), 12),
    shape(
      'eyestay',
      closed(
        c.throatTop,
        c.instep,
        line(c.instep.to, [c.instep.to[0] - 16, c.instep.to[1] + 16]),
        back(shifted(c.instep, -16, 16)),
        line(shifted(c.instep, -16, 16).from, c.throatTop.from),
      ),
      at(shifted(c.instep, -8, 8), 0.5),
      8,
    ),
    shape('collar', band(c.collarTop, 0, 14), at(shifted(c.collarTop[0] as Curve, 0, 7), 0.4), 7),
  ]
  if (c.foxing > 0) {
    parts.push(shape('foxing', band([...c.feather], 0, c.foxing), at(shifted(c.feather[3], 0, c.foxing / 2), 0.5), 5))
  }
  parts.push(
    shape('marks', c.mark, c.markAt, 6),
    shape(
      'laces',
      c.lacing
        .map((t) => at(c.instep, t))
        .map(([x, y]) => ribbon([line([x + 5, y - 4], [x - 11, y + 9])], 5))
        .join(''),
      at(c.instep, 0.3),
      5,
    ),
    shape('stitching', band([shifted(c.vampSeam, 2, 0)], 5, 0), at(shifted(c.vampSeam, 4, 0), 0.5), 4),
  )
  const eyelets = c.lacing.map((t) => at(shifted(c.instep, -11, 10), t))
  return {
    parts,
    ornaments: [
      { path: along(shifted(c.heelSeam, 4, 0)) + along(shifted(c.toeSeam, -4, 0)) + along(shifted(c.instep, -19, 19)), kind: 'stitch' },
      { path: eyelets.map(([x, y]) => dot(x, y, 1.8)).join(''), kind: 'hole' },
      ...c.ornaments,
    ],
    outline: closed(
      c.heelBack, ...c.collarTop, c.throatTop, c.instep, ...c.toeTop,
      line((c.feather[3] as Curve).to, (c.ground.at(-1) as Curve).to),
      ...backAll([...c.ground]),
      line((c.ground[0] as Curve).from, c.heelBack.from),
    ),
    box: [8, 50, 384, 206],
  }
}

const court: TrainerCut = {
  heelBack: curve([38, 208], [30, 184], [34, 158], [44, 138]),
  collarTop: [curve([44, 138], [52, 130], [62, 134], [76, 146]), curve([76, 146], [94, 160], [118, 158], [138, 142])],
  throatTop: curve([138, 142], [146, 134], [154, 126], [164, 118]),
  instep: curve([164, 118], [188, 134], [212, 150], [240, 166]),
  toeTop: [curve([240, 166], [262, 174], [278, 178], [298, 182]), curve([298, 182], [330, 184], [366, 194], [366, 216])],
  vampSeam: curve([240, 166], [236, 184], [226, 202], [214, 215]),
  toeSeam: curve([298, 182], [286, 192], [284, 206], [288, 218]),
  heelSeam: curve([76, 146], [76, 168], [82, 192], [92, 212]),
  feather: [
    curve([38, 208], [56, 211], [74, 212], [92, 212]),
    curve([92, 212], [132, 214], [172, 214], [214, 215]),
    curve([214, 215], [240, 216], [264, 217], [288, 218]),
    curve([288, 218], [318, 219], [346, 219], [366, 216]),
  ],
  ground: [curve([36, 244], [140, 246], [260, 246], [340, 245]), curve([340, 245], [354, 244], [368, 236], [368, 218])],
  foxing: 9,
  lacing: [0.1, 0.32, 0.54, 0.76],
  mark: 'M118 196L150 176L158 180L126 200ZM138 204L170 184L178 188L146 208Z',
  markAt: [148, 190],
  ornaments: [],
}

const running: TrainerCut = {
  ...court,
  heelBack: curve([40, 200], [26, 178], [36, 150], [34, 126]),
  collarTop: [curve([34, 126], [46, 122], [58, 132], [76, 146]), curve([76, 146], [96, 160], [120, 156], [140, 138])],
  throatTop: curve([140, 138], [148, 130], [156, 122], [166, 116]),
  instep: curve([166, 116], [190, 134], [214, 152], [242, 168]),
  toeTop: [curve([242, 168], [264, 178], [282, 184], [302, 188]), curve([302, 188], [338, 194], [378, 202], [382, 218])],
  vampSeam: curve([242, 168], [246, 186], [240, 204], [228, 216]),
  toeSeam: curve([302, 188], [306, 200], [304, 212], [300, 221]),
  feather: [
    curve([40, 200], [56, 204], [74, 206], [92, 208]),
    curve([92, 208], [136, 214], [180, 212], [228, 216]),
    curve([228, 216], [254, 218], [278, 220], [300, 221]),
    curve([300, 221], [330, 223], [366, 223], [382, 218]),
  ],
  heelSeam: curve([76, 146], [72, 168], [80, 190], [92, 208]),
  ground: [
    curve([26, 238], [48, 248], [96, 246], [150, 244]),
    curve([150, 244], [220, 246], [290, 248], [336, 246]),
    curve([336, 246], [364, 242], [384, 232], [390, 214]),
  ],
  foxing: 0,
  mark: closed(...through([112, 200], [140, 182], [176, 186], [206, 170]), ...through([206, 170], [180, 198], [146, 196], [112, 200])),
  markAt: [158, 190],
  ornaments: [
    { path: along(...through([40, 226], [70, 216], [104, 230], [150, 220], [200, 232], [262, 228], [330, 236], [384, 226])), kind: 'line' },
    { path: [[258, 190], [268, 196], [278, 192], [262, 204], [274, 206], [288, 200]].map(([x, y]) => dot(x ?? 0, y ?? 0, 1.4)).join(''), kind: 'hole' },
  ],
}

const skate: TrainerCut = {
  ...court,
  instep: curve([164, 118], [186, 132], [208, 148], [232, 164]),
  toeTop: [curve([232, 164], [252, 172], [268, 178], [284, 184]), curve([284, 184], [318, 188], [358, 198], [360, 218])],
  vampSeam: curve([232, 164], [222, 182], [204, 200], [180, 214]),
  toeSeam: curve([284, 184], [252, 196], [246, 210], [248, 217]),
  feather: [
    court.feather[0],
    curve([92, 212], [122, 213], [150, 214], [180, 214]),
    curve([180, 214], [204, 215], [226, 216], [248, 217]),
    curve([248, 217], [292, 219], [336, 220], [360, 218]),
  ],
  ground: [curve([38, 245], [140, 246], [250, 246], [352, 245]), curve([352, 245], [358, 240], [361, 230], [362, 220])],
  foxing: 16,
  mark: closed(
    ...through([66, 192], [100, 180], [140, 196], [176, 204]),
    ...through([176, 204], [140, 204], [100, 190], [66, 198]),
    line([66, 198], [66, 192]),
  ),
  markAt: [118, 192],
  ornaments: [{ path: along(...through([40, 236], [150, 238], [260, 238], [358, 236])), kind: 'line' }],
}

const highTop: TrainerCut = {
  ...court,
  heelBack: curve([44, 208], [38, 160], [46, 116], [40, 74]),
  collarTop: [curve([40, 74], [58, 70], [76, 74], [92, 78]), curve([92, 78], [108, 80], [120, 78], [134, 72])],
  throatTop: curve([134, 72], [135, 75], [136, 77], [137, 79]),
  instep: curve([137, 79], [150, 112], [192, 144], [240, 166]),
  heelSeam: curve([92, 78], [74, 120], [78, 170], [92, 212]),
  mark: dot(112, 150, 17),
  markAt: [112, 150],
  feather: [curve([44, 208], [60, 211], [76, 212], [92, 212]), court.feather[1], court.feather[2], court.feather[3]],
  foxing: 14,
  lacing: [0.05, 0.2, 0.35, 0.5, 0.65, 0.8],
  ornaments: [{ path: dot(112, 150, 12), kind: 'stitch' }],
}

export const trainers: Drawings<'trainer'> = {
  'trainer/court': trainer(court),
  'trainer/running': trainer(running),
  'trainer/skate': trainer(skate),
  'trainer/high-top': { ...trainer(highTop), box: [8, 30, 384, 226] },
}
