import { ring, stitches } from './bags'
import { along, box, closed, curve, dot, line, poly, ribbon, shapeOf, shifted, through, type Curve, type Point } from './geometry'
import { shape, type Drawing, type Drawings, type Ornament, type PartShape } from './shape'

const SIDES = ['face', 'flesh side'] as const
const FRAME = [8, 34, 384, 222] as const

/** A strap in a gentle S: face or flesh side, its cut edge below, holes along it, a buckle at its head. */
const strapLike = (
  along_: readonly Curve[],
  width: number,
  hole: readonly Point[],
  buckle: string,
  buckleAt: Point,
  ornaments: readonly Ornament[],
): Drawing => {
  const body = ribbon(along_, width)
  const middle = along_[Math.floor(along_.length / 2)] as Curve
  const edge = ribbon(
    along_.map((c) => shifted(c, 0, width / 2)),
    5,
  )
  const thread = ribbon(
    along_.map((c) => shifted(c, 0, -width / 2 + 6)),
    3.5,
  )
  const head: Point = [middle.from[0], middle.from[1]]
  const base: PartShape[] = hole.length > 0 ? [shape('holes', hole.map(([x, y]) => dot(x, y, 3.2)).join(''), hole[0] ?? [0, 0], 4)] : []
  const metal = [shape('buckle', buckle, buckleAt, 6)]
  return {
    parts: [
      shape('face', body, head, 24),
      shape('edge', edge, [middle.to[0], middle.to[1] + width / 2], 4),
      shape('stitching', thread, [middle.to[0], middle.to[1] - width / 2 + 6], 4),
      ...base,
      ...metal,
    ],
    ornaments: [{ path: along(...along_.map((c) => shifted(c, 0, width / 2 - 6))), kind: 'stitch' }, ...ornaments],
    outline: body,
    box: FRAME,
    sides: SIDES,
    other: {
      parts: [shape('flesh-side', body, head, 24), shape('edge', edge, [middle.to[0], middle.to[1] + width / 2], 4), ...base, ...metal],
      ornaments: [],
      outline: body,
      box: FRAME,
    },
  }
}

const buckleAt = (x: number, y: number, w: number, h: number): string =>
  box(x - w / 2, y - h / 2, w, h, 5) + box(x - w / 2 + 5, y - h / 2 + 5, w - 10, h - 10, 3) + box(x - 2, y - 2, w / 2 + 4, 4, 1)

const belt = strapLike(
  through([52, 176], [110, 190], [170, 168], [230, 128], [300, 112], [368, 130]),
  28,
  [
    [276, 117], [292, 113], [308, 112], [324, 114], [340, 119],
  ],
  buckleAt(44, 172, 34, 44),
  [36, 172],
  [{ path: 'M84 168V200M92 170V201', kind: 'line' }],
)
const strap = strapLike(
  through([40, 206], [90, 210], [140, 160], [200, 146], [260, 132], [310, 84], [362, 88]),
  17,
  [
    [300, 93],
    [316, 85],
    [332, 83],
  ],
  ring(36, 206, 14) + ring(366, 88, 12),
  [36, 206],
  [],
)
const instrument = strapLike(
  through([36, 96], [84, 84], [136, 120], [200, 150], [264, 180], [320, 210], [366, 196]),
  40,
  [
    [330, 205],
    [344, 203],
    [356, 199],
  ],
  buckleAt(306, 204, 20, 50) + ring(28, 96, 9),
  [306, 204],
  [{ path: along(...through([60, 78], [100, 84], [150, 116], [200, 138], [250, 162], [290, 184])), kind: 'stitch' }],
)

const holster = (): Drawing => {
  const body = closed(
    ...through([120, 60], [200, 48], [282, 62]),
    ...through([282, 62], [290, 100], [262, 140], [240, 214], [216, 246]),
    ...through([216, 246], [176, 244], [156, 200], [134, 140], [120, 60]),
  )
  const edge = closed(
    ...through([282, 62], [290, 100], [262, 140], [240, 214], [216, 246]),
    ...through([211, 243], [233, 212], [255, 137], [282, 100], [275, 62]),
  )
  const loop = box(166, 40, 60, 34, 6)
  const parts = (side: 'face' | 'flesh-side'): PartShape[] => [
    shape(side, body, [196, 150], 26),
    shape('edge', edge, [262, 140], 5),
    shape('holes', dot(150, 90, 3.5) + dot(254, 90, 3.5), [150, 90], 4),
    shape('buckle', ring(196, 100, 9), [196, 100], 6),
  ]
  return {
    parts: [
      ...parts('face'),
      shape(
        'stitching',
        closed(...through([266, 84], [252, 132], [230, 204], [212, 232]), ...through([206, 230], [224, 202], [246, 130], [260, 82])),
        [238, 176],
        4,
      ),
    ],
    ornaments: [{ path: loop + 'M196 74V92', kind: 'line' }, stitches(along(...through([132, 76], [146, 140], [166, 198], [184, 230])))],
    outline: body,
    box: [40, 30, 320, 226],
    sides: SIDES,
    other: { parts: parts('flesh-side'), ornaments: [{ path: loop, kind: 'line' }], outline: body, box: [40, 30, 320, 226] },
  }
}

const harness = (): Drawing => {
  const breast = through([70, 168], [140, 150], [200, 168], [260, 150], [330, 168])
  const straps = [
    through([104, 158], [112, 96], [160, 54], [196, 46]),
    through([296, 158], [288, 96], [240, 54], [204, 46]),
    through([200, 168], [198, 200], [200, 240]),
  ]
  const all = ribbon(breast, 24) + straps.map((s) => ribbon(s, 15)).join('')
  const parts = (side: 'face' | 'flesh-side'): PartShape[] => [
    shape(side, all, [150, 152], 12),
    shape(
      'edge',
      ribbon(
        breast.map((c) => shifted(c, 0, 12)),
        5,
      ),
      [262, 163],
      4,
    ),
    shape(
      'holes',
      [
        [198, 206],
        [199, 216],
        [200, 226],
      ]
        .map(([x, y]) => dot(x ?? 0, y ?? 0, 2.6))
        .join(''),
      [198, 206],
      4,
    ),
    shape('buckle', ring(200, 46, 13) + ring(200, 168, 15) + buckleAt(74, 168, 22, 34) + buckleAt(326, 168, 22, 34), [200, 168], 7),
  ]
  return {
    parts: [
      ...parts('face'),
      shape(
        'stitching',
        ribbon(
          breast.map((c) => shifted(c, 0, -7)),
          3.5,
        ),
        [240, 148],
        4,
      ),
    ],
    ornaments: [stitches(along(...breast.map((c) => shifted(c, 0, 6))), ...straps.map((s) => along(...s)))],
    outline: '',
    box: FRAME,
    sides: SIDES,
    other: { parts: parts('flesh-side'), ornaments: [], outline: '', box: FRAME },
  }
}

const bookCover = (): Drawing => {
  const outline = box(52, 62, 296, 184, 6)
  return {
    parts: [
      shape('face', outline, [270, 150], 34),
      shape('edge', box(52, 62, 296, 184, 6) + box(57, 67, 286, 174, 4), [54, 200], 4),
      shape('stitching', box(66, 76, 268, 156, 3) + box(71, 81, 258, 146, 2), [120, 78], 4),
    ],
    ornaments: [
      { path: 'M186 62V246M214 62V246', kind: 'line' },
      { path: [92, 124, 184, 216].map((y) => along(curve([186, y], [194, y - 5], [206, y - 5], [214, y]))).join(''), kind: 'line' },
      { path: box(240, 106, 72, 96, 2), kind: 'stitch' },
    ],
    outline,
    box: [30, 40, 340, 216],
    sides: ['face', 'inside'],
    other: {
      parts: [shape('flesh-side', outline, [200, 150], 30), shape('edge', box(52, 62, 296, 184, 6) + box(57, 67, 286, 174, 4), [54, 200], 4)],
      ornaments: [
        {
          path:
            closed(...poly([52, 62], [110, 62], [110, 246], [52, 246]), line([52, 246], [52, 62])) + shapeOf([348, 62], [290, 62], [290, 246], [348, 246]),
          kind: 'line',
        },
        { path: 'M186 62V246M214 62V246', kind: 'stitch' },
      ],
      outline,
      box: [30, 40, 340, 216],
    },
  }
}

export const smallGoods: Drawings<'small-goods'> = {
  'small-goods/belt': belt,
  'small-goods/strap': strap,
  'small-goods/holster': holster(),
  'small-goods/harness': harness(),
  'small-goods/instrument-strap': instrument,
  'small-goods/book-cover': bookCover(),
}
