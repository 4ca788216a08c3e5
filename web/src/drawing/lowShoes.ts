import { along, at, curve, cut, line, shifted, type Curve, type Point } from './geometry'
import { lowShoe, type Cut } from './lowShoe'
import type { Drawings } from './shape'


const heelBlock = (top: Point, front: Point, base: number, breast: number): { heel: string; heelCap: string } => ({
  heel: `M${top[0]} ${top[1]}C${top[0] + 24} ${top[1] + 5} ${front[0] - 28} ${front[1] - 3} ${front[0]} ${front[1]}L${breast} 245L${base} 245Z`,
  heelCap: `M${base} 245L${breast} 245L${breast - 0.5} 250L${base + 0.5} 250Z`,
})

const FEATHER: Cut['feather'] = [
  curve([31, 209], [55, 215], [85, 216], [112, 218]),
  curve([112, 218], [128, 219], [142, 220], [158, 222]),
  curve([158, 222], [200, 228], [240, 236], [288, 236]),
  curve([288, 236], [325, 236], [362, 232], [379, 224]),
]

const HOLE = 1.5
/** A row of punched holes that follows a seam. */
const punched = (curves: readonly Curve[], count: number, dx: number): string =>
  curves.flatMap((c) => Array.from({ length: count }, (_, i) => at(shifted(c, dx, 1), (i + 0.5) / count)))
    .map(([x, y]) => `M${x - HOLE} ${y}a${HOLE} ${HOLE} 0 1 0 ${2 * HOLE} 0a${HOLE} ${HOLE} 0 1 0 ${-2 * HOLE} 0`).join('')

/** Closed lacing: the facings lie under the vamp; a straight cap. */
const oxford: Cut = {
  heelBack: curve([31, 209], [19, 186], [22, 150], [33, 127]),
  topBack: curve([33, 127], [42, 133], [50, 137], [60, 141]),
  topDip: [curve([60, 141], [78, 147], [94, 152], [114, 151]), curve([114, 151], [132, 150], [148, 142], [158, 131])],
  topFront: curve([158, 131], [167, 121], [174, 110], [182, 99]),
  instep: curve([182, 99], [204, 112], [222, 132], [246, 148]),
  throat: curve([246, 148], [264, 159], [284, 168], [304, 175]),
  toeTop: curve([304, 175], [338, 185], [384, 194], [379, 224]),
  vampSeam: [curve([246, 148], [240, 156], [232, 160], [224, 164]), curve([224, 164], [202, 176], [184, 202], [158, 222])],
  facingSeam: curve([158, 131], [176, 140], [200, 156], [224, 164]),
  toeSeam: [curve([304, 175], [294, 196], [286, 216], [288, 236])],
  counterSeam: curve([60, 141], [66, 170], [84, 204], [112, 218]),
  feather: FEATHER,
  tongue: 'M177 108C174 94 178 82 190 80C202 79 210 92 212 118Z',
  soleThickness: 14,
  ...heelBlock([29, 220], [120, 230], 33, 118),
  welted: true,
  laced: true,
  ornaments: [],
}

/** Open lacing: the facings lie on the vamp, with a rounded tab in front. */
const derby: Cut = {
  ...oxford,
  instep: curve([182, 99], [200, 109], [216, 124], [230, 137]),
  throat: curve([230, 137], [256, 153], [284, 168], [304, 175]),
  vampSeam: [curve([230, 137], [252, 152], [256, 172], [236, 180]), curve([236, 180], [208, 184], [182, 204], [158, 222])],
  facingSeam: curve([158, 131], [172, 150], [198, 176], [236, 180]),
  toeSeam: [curve([304, 175], [313, 196], [310, 220], [288, 236])],
  anchors: { facing: [208, 146], laces: [206, 114] },
  ornaments: [],
}

/** An apron over the toes and a strap across it; slips on. */
const loafer: Cut = {
  ...oxford,
  topDip: [curve([60, 141], [84, 150], [104, 158], [128, 158]), curve([128, 158], [150, 158], [166, 150], [176, 142])],
  topFront: curve([176, 142], [184, 134], [190, 127], [198, 120]),
  instep: curve([198, 120], [208, 126], [216, 132], [226, 138]),
  throat: curve([226, 138], [256, 154], [292, 166], [322, 176]),
  toeTop: curve([322, 176], [354, 186], [386, 196], [379, 224]),
  vampSeam: [curve([226, 138], [216, 150], [206, 162], [200, 172]), curve([200, 172], [188, 192], [176, 208], [158, 222])],
  facingSeam: null,
  toeSeam: [curve([322, 176], [346, 190], [338, 204], [312, 201]), curve([312, 201], [288, 198], [284, 218], [288, 236])],
  laced: false,
  tongue: 'M190 128C190 110 202 100 214 104C226 109 236 126 240 146Z',
  anchors: { tongue: [213, 117], vamp: [236, 206], toe: [340, 218], quarter: [128, 190], lining: [120, 146], insole: [124, 154] },
  ornaments: [
    { path: 'M226 138C216 150 206 162 196 184L228 201C236 184 244 168 254 153Z', kind: 'line' },
    { path: 'M231 158L240 163L231 179L222 174Z', kind: 'line' },
    {
      path: along(
        shifted(curve([254, 154], [284, 166], [318, 176], [322, 178]), 0, 15),
        shifted(curve([322, 178], [340, 188], [336, 202], [312, 200]), -5, 4),
      ),
      kind: 'stitch',
    },
  ],
}

/** A strap from the quarter over the instep, held by a buckle. */
const monk: Cut = {
  ...oxford,
  topFront: curve([158, 131], [165, 122], [171, 113], [178, 104]),
  instep: curve([178, 104], [198, 116], [218, 132], [240, 146]),
  throat: curve([240, 146], [262, 159], [284, 168], [304, 175]),
  vampSeam: [curve([240, 146], [248, 158], [240, 168], [226, 172]), curve([226, 172], [204, 182], [182, 202], [158, 222])],
  facingSeam: null,
  toeSeam: [curve([304, 175], [312, 196], [308, 220], [288, 236])],
  tongue: 'M172 114C168 94 176 82 190 82C206 84 216 104 222 128Z',
  laced: false,
  anchors: { tongue: [190, 95] },
  ornaments: [
    { path: 'M150 160C172 152 196 136 206 122L232 140C220 160 190 178 156 182Z', kind: 'line' },
    { path: 'M196 146L210 138L218 151L204 160Z', kind: 'metal' },
    { path: 'M203 144L212 156', kind: 'metal' },
    { path: 'M170 169a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0M181 164a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0', kind: 'hole' },
  ],
}

/** A deep open throat and a higher, shaped heel. */
const court: Cut = {
  heelBack: curve([36, 190], [24, 170], [24, 146], [32, 128]),
  topBack: curve([32, 128], [40, 138], [46, 146], [54, 154]),
  topDip: [curve([54, 154], [80, 178], [120, 194], [164, 199]), curve([164, 199], [200, 203], [226, 200], [246, 190])],
  topFront: curve([246, 190], [254, 185], [260, 181], [266, 177]),
  instep: curve([266, 177], [270, 178], [274, 180], [278, 181]),
  throat: curve([278, 181], [288, 184], [298, 187], [308, 190]),
  toeTop: curve([308, 190], [344, 200], [388, 208], [384, 230]),
  vampSeam: [curve([278, 181], [262, 190], [248, 196], [234, 201]), curve([234, 201], [214, 208], [196, 214], [178, 222])],
  facingSeam: null,
  toeSeam: [curve([308, 190], [300, 206], [294, 222], [294, 240])],
  counterSeam: curve([54, 154], [62, 176], [84, 194], [112, 203]),
  feather: [
    curve([36, 190], [58, 196], [86, 198], [112, 203]),
    curve([112, 203], [138, 208], [158, 214], [178, 222]),
    curve([178, 222], [212, 236], [254, 241], [294, 240]),
    curve([294, 240], [330, 240], [368, 237], [384, 230]),
  ],
  tongue: null,
  soleThickness: 9,
  heel: 'M34 198C56 204 84 206 114 212C104 222 98 232 96 245L52 245C48 226 42 212 34 198Z',
  heelCap: 'M52 245L96 245L95.5 250L52.5 250Z',
  welted: true,
  laced: false,
  anchors: {
    'heel-stack': [74, 228],
    'quarter': [136, 202],
    'counter': [56, 178],
    'vamp': [262, 214],
    'toe': [336, 220],
    'topline': [150, 200],
    'lining': [120, 166],
    'insole': [150, 190],
    'sole-edge': [150, 216],
    'welt': [230, 238],
  },
  ornaments: [{ path: 'M246 190C258 184 266 182 278 184', kind: 'stitch' }],
}

const wing: Cut['toeSeam'] = [curve([284, 168], [304, 178], [306, 192], [288, 200]), curve([288, 200], [256, 212], [224, 220], [212, 229])]
const [, wingFront] = cut(curve([158, 222], [200, 228], [240, 236], [288, 236]), 0.42)
const [beforeWing] = cut(curve([158, 222], [200, 228], [240, 236], [288, 236]), 0.42)

/** A winged cap with rows of holes along its seams. */
const brogue: Cut = {
  ...oxford,
  throat: curve([246, 148], [258, 156], [270, 162], [284, 168]),
  toeTop: curve([284, 168], [338, 184], [386, 194], [379, 224]),
  toeSeam: [wing[0] as Curve, curve([288, 200], [256, 212], [224, 216], beforeWing.to)],
  feather: [FEATHER[0], FEATHER[1], beforeWing, { ...wingFront, two: [362, 232], to: [379, 224] }],
  anchors: { vamp: [236, 186], toe: [330, 208] },
  ornaments: [
    { path: punched(wing, 11, 6), kind: 'hole' },
    { path: punched([curve([60, 141], [66, 170], [84, 204], [112, 218])], 9, -6), kind: 'hole' },
    { path: punched([curve([158, 131], [176, 140], [200, 156], [224, 164])], 8, -3), kind: 'hole' },
    {
      path: 'M330 192a2 2 0 1 0 4 0a2 2 0 1 0 -4 0M341 199a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0M320 199a1.6 1.6 0 1 0 3.2 0' +
        'a1.6 1.6 0 1 0 -3.2 0M334 208a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0',
      kind: 'hole',
    },
  ],
}

/** Light and close to the foot: a thin sole with a break under the arch and a flared heel. */
const danceShoe: Cut = {
  heelBack: curve([44, 200], [34, 180], [34, 158], [42, 140]),
  topBack: curve([42, 140], [50, 146], [58, 150], [66, 154]),
  topDip: [curve([66, 154], [84, 162], [104, 167], [124, 166]), curve([124, 166], [144, 165], [158, 158], [168, 148])],
  topFront: curve([168, 148], [176, 139], [182, 130], [190, 119]),
  instep: curve([190, 119], [208, 130], [226, 146], [246, 160]),
  throat: curve([246, 160], [266, 172], [286, 180], [306, 187]),
  toeTop: curve([306, 187], [340, 198], [380, 210], [382, 232]),
  vampSeam: [curve([246, 160], [240, 168], [234, 174], [226, 178]), curve([226, 178], [206, 190], [190, 208], [168, 224])],
  facingSeam: curve([168, 148], [186, 156], [206, 170], [226, 178]),
  toeSeam: [curve([306, 187], [300, 206], [292, 224], [294, 242])],
  counterSeam: curve([66, 154], [74, 178], [92, 200], [118, 211]),
  feather: [
    curve([44, 200], [64, 205], [92, 206], [118, 211]),
    curve([118, 211], [136, 214], [152, 218], [168, 224]),
    curve([168, 224], [206, 238], [248, 243], [294, 242]),
    curve([294, 242], [330, 242], [366, 239], [382, 232]),
  ],
  tongue: 'M185 127C183 114 188 104 198 103C209 103 216 116 219 138Z',
  soleThickness: 7,
  heel: 'M42 206C64 211 90 212 120 217C112 226 110 236 110 245L46 245C50 232 48 218 42 206Z',
  heelCap: 'M46 245L110 245L109.5 250L46.5 250Z',
  welted: false,
  laced: true,
  anchors: {
    'heel-stack': [80, 230],
    'tongue': [198, 114],
    'quarter': [132, 196],
    'counter': [64, 182],
    'facing': [204, 148],
    'vamp': [246, 206],
    'toe': [338, 220],
    'topline': [84, 162],
    'lining': [116, 154],
    'insole': [118, 162],
    'sole-edge': [150, 222],
    'laces': [218, 138],
  },
  ornaments: [{ path: along(line([196, 236], [240, 244])), kind: 'line' }],
}

/** The kinds of low shoe. */
export const lowShoes: Drawings<'low-shoe'> = {
  'low-shoe/oxford': lowShoe(oxford),
  'low-shoe/derby': lowShoe(derby),
  'low-shoe/loafer': lowShoe(loafer),
  'low-shoe/monk': lowShoe(monk),
  'low-shoe/court': lowShoe(court),
  'low-shoe/brogue': lowShoe(brogue),
  'low-shoe/dance-shoe': lowShoe(danceShoe),
}
