import {
  along, backAll, band, both, box, closed, curve, dot, line, mirror, poly, ribbon, shapeOf, shifted, through, twice, type Point,
} from './geometry'
import { shape, type Drawing, type Drawings, type Ornament, type PartShape } from './shape'

const SIDES = ['front', 'back'] as const
const FRAME = [8, 4, 384, 252] as const

/** A stud, a lock, a ring: metal. */
export const ring = (x: number, y: number, r: number): string => dot(x, y, r) + dot(x, y, r - 2.5)
export const stitches = (...paths: string[]): Ornament => ({ path: paths.join(''), kind: 'stitch' })
/** A narrow frame along the inside of a box, as a shape of its own. */
const rim = (x: number, y: number, w: number, h: number, by: number, r = 6): string =>
  box(x, y, w, h, r) + box(x + by, y + by, w - 2 * by, h - 2 * by, Math.max(1, r - 2))

/** A strap that nobody holds: from its rings over the edge, down both sides to the ground, and under the bag. */
const hanging = (...[from, ...points]: readonly [Point, ...Point[]]): string => {
  const side = through(from, ...points)
  return ribbon(side, 11) + ribbon(side.map(mirror), 11)
}

/** Front and back of a bag; what both sides show is drawn once. */
const bag = (
  outline: string,
  shared: readonly PartShape[],
  front: readonly PartShape[],
  back: readonly PartShape[],
  frontLines: readonly Ornament[],
  backLines: readonly Ornament[],
  frame: Drawing['box'] = FRAME,
): Drawing => ({
  parts: [...shared, ...front],
  ornaments: frontLines,
  outline,
  box: frame,
  sides: SIDES,
  other: { parts: [...shared, ...back], ornaments: backLines, outline, box: frame },
})

const satchel = (): Drawing => {
  const body = box(84, 96, 232, 150, 8)
  const bulge = through([68, 112], [61, 176], [60, 226], [66, 246])
  const flap = closed(
    ...poly([80, 92], [320, 92], [320, 160]),
    ...through([320, 160], [306, 184], [260, 192], [200, 194], [140, 192], [94, 184], [80, 160]),
    line([80, 160], [80, 92]),
  )
  const flapEdge = closed(
    ...through([320, 160], [306, 184], [260, 192], [200, 194], [140, 192], [94, 184], [80, 160]),
    ...through([80, 152], [94, 176], [140, 184], [200, 186], [260, 184], [306, 176], [320, 152]),
    line([320, 152], [320, 160]),
  )
  const shared = [
    shape('strap', hanging([70, 130], [60, 112], [46, 126], [36, 176], [32, 226], [44, 245], [90, 240]), [35, 200], 6),
    shape('handle', ribbon(through([160, 92], [164, 70], [200, 62], [236, 70], [240, 92]), 11), [200, 63], 6),
    shape(
      'gusset',
      twice(...poly([84, 102], [68, 112]), ...bulge, ...poly([66, 246], [84, 246], [84, 102])),
      [73, 190],
      6,
    ),
    shape('lining', shapeOf([92, 92], [308, 92], [302, 84], [98, 84]), [140, 88], 4),
  ]
  return bag(
    both(...poly([200, 92], [80, 92], [68, 112]), ...bulge, line([66, 246], [200, 246])),
    shared,
    [
      shape('front', body, [200, 216], 20),
      shape('base', box(84, 232, 232, 14, 5), [200, 239], 6),
      shape('piping', band([...poly([88, 228], [312, 228])], 0, 4), [110, 230], 3),
      shape('flap', flap, [200, 130], 24),
      shape('edge-paint', flapEdge, [150, 188], 4),
      shape('trim', [120, 256].map((x) => box(x, 150, 24, 70, 4)).join(''), [132, 166], 5),
      shape('hardware', [120, 256].map((x) => box(x + 3, 196, 18, 15, 2)).join('') + ring(70, 128, 7) + ring(330, 128, 7), [268, 203], 5),
      shape('stitching', rim(88, 100, 224, 56, 4), [102, 101], 4),
    ],
    [
      shape('back', body, [200, 170], 28),
      shape('base', box(84, 232, 232, 14, 5), [200, 239], 6),
      shape('hardware', ring(70, 128, 7) + ring(330, 128, 7), [330, 128], 5),
      shape('stitching', rim(88, 100, 224, 128, 4), [102, 101], 4),
    ],
    [
      stitches('M90 102H310', along(...through([312, 152], [300, 172], [258, 180], [200, 182], [142, 180], [100, 172], [88, 152]))),
      { path: 'M132 204h0M126 203h12M262 203h12', kind: 'line' },
    ],
    [stitches('M96 106H304V226H96Z'), { path: box(130, 126, 140, 80, 4), kind: 'line' }],
    [20, 44, 360, 212],
  )
}

const tote = (): Drawing => {
  // Soft leather: the rim sags between the handles, the sides bulge where the load lies.
  const rim = [curve([92, 92], [140, 92], [168, 97], [200, 97]), curve([200, 97], [232, 97], [260, 92], [308, 92])]
  const side = through([308, 92], [314, 140], [328, 200], [324, 246])
  const bulge = through([80, 104], [70, 150], [54, 206], [60, 246])
  const body = closed(...rim, ...side, line([324, 246], [76, 246]), ...backAll(side.map(mirror)))
  const grip = ribbon(through([140, 120], [140, 60], [168, 26], [232, 26], [260, 60], [260, 120]), 12)
  const shared = [
    shape(
      'gusset',
      twice(line([92, 92], [80, 104]), ...bulge, line([60, 246], [76, 246]), ...backAll(side.map(mirror))),
      [65, 200],
      6,
    ),
    shape('lining', closed(...rim, ...poly([308, 92], [298, 82], [102, 82], [92, 92])), [200, 87], 4),
  ]
  return bag(
    closed(...rim, line([308, 92], [320, 104]), ...bulge.map(mirror), line([340, 246], [60, 246]), ...backAll(bulge), line([80, 104], [92, 92])),
    shared,
    [
      shape('front', body, [200, 176], 34),
      shape('base', closed(...poly([75, 216], [325, 216], [324, 246], [76, 246], [75, 216])), [200, 232], 10),
      shape('trim', band(rim, 0, 13), [200, 103], 6),
      shape('handle', grip, [200, 26], 6),
      shape('edge-paint', ribbon(through([146, 118], [146, 62], [170, 32], [230, 32], [254, 62], [254, 118]), 3), [254, 80], 4),
      shape('piping', band(side, -5, 0) + band(side.map(mirror), 5, 0), [82, 170], 4),
      shape('hardware', [[140, 116], [260, 116]].map(([x, y]) => ring(x ?? 0, y ?? 0, 6)).join(''), [140, 116], 5),
      shape('stitching', band(poly([80, 210], [320, 210]), 0, 5), [284, 212], 4),
    ],
    [
      shape('back', body, [200, 160], 34),
      shape('base', closed(...poly([75, 216], [325, 216], [324, 246], [76, 246], [75, 216])), [200, 232], 10),
      shape('handle', grip, [200, 26], 6),
      shape('stitching', band(poly([80, 210], [320, 210]), 0, 5), [284, 212], 4),
    ],
    [stitches(along(...rim.map((r) => shifted(r, 0, 17))), 'M132 126V100M148 126V100M252 126V100M268 126V100')],
    [stitches(along(...rim.map((r) => shifted(r, 0, 17)))), { path: 'M140 130H260V190H140Z', kind: 'line' }],
  )
}

const shoulder = (): Drawing => {
  const body = closed(...through([96, 118], [86, 180], [110, 236], [200, 246], [290, 236], [314, 180], [304, 118]), line([304, 118], [96, 118]))
  const flap = closed(...poly([92, 108], [308, 108]), ...through([308, 108], [302, 160], [262, 196], [200, 206], [138, 196], [98, 160], [92, 108]))
  const shared = [
    shape('strap', hanging([95, 116], [86, 96], [68, 112], [54, 170], [46, 224], [60, 245], [92, 246], [120, 226]), [50, 200], 6),
    shape('gusset', twice(...through([96, 118], [80, 176], [104, 232], [120, 238]), ...through([120, 238], [96, 210], [88, 170], [96, 118])), [90, 206], 5),
    shape('lining', shapeOf([100, 108], [300, 108], [292, 100], [108, 100]), [200, 104], 4),
  ]
  return bag(
    closed(...poly([92, 108], [308, 108]), ...through([308, 108], [316, 180], [290, 238], [200, 246], [110, 238], [84, 180], [92, 108])),
    shared,
    [
      shape('front', body, [200, 224], 12),
      shape(
        'base',
        closed(
          ...through([122, 230], [160, 242], [200, 246], [240, 242], [278, 230]),
          ...through([278, 230], [240, 235], [200, 238], [160, 235], [122, 230]),
        ),
        [200, 241],
        6,
      ),
      shape('flap', flap, [200, 146], 28),
      shape(
        'edge-paint',
        closed(
          ...through([308, 108], [302, 160], [262, 196], [200, 206], [138, 196], [98, 160], [92, 108]),
          ...through([97, 108], [104, 156], [142, 189], [200, 199], [258, 189], [296, 156], [303, 108]),
        ),
        [268, 186],
        4,
      ),
      shape('trim', box(186, 178, 28, 36, 6), [200, 190], 5),
      shape('piping', ribbon(through([98, 200], [120, 232], [200, 241], [280, 232], [302, 200]), 4), [112, 226], 3),
      shape('hardware', ring(200, 204, 6) + ring(95, 114, 7) + ring(305, 114, 7), [305, 114], 5),
      shape('stitching', ribbon(through([108, 116], [115, 153], [150, 181], [200, 189], [250, 181], [285, 153], [292, 116]), 5), [120, 152], 4),
    ],
    [
      shape('back', body, [200, 176], 30),
      shape(
        'base',
        closed(
          ...through([122, 230], [160, 242], [200, 246], [240, 242], [278, 230]),
          ...through([278, 230], [240, 235], [200, 238], [160, 235], [122, 230]),
        ),
        [200, 241],
        6,
      ),
      shape('hardware', ring(95, 114, 7) + ring(305, 114, 7), [305, 114], 5),
    ],
    [stitches(along(...through([300, 116], [294, 154], [256, 182], [200, 191], [144, 182], [106, 154], [100, 116])))],
    [stitches(along(...through([106, 124], [98, 180], [120, 226], [200, 236], [280, 226], [302, 180], [294, 124]), line([294, 124], [106, 124])))],
    [36, 76, 328, 180],
  )
}

const clutch = (): Drawing => {
  const shared = [
    shape('gusset', twice(...poly([70, 120], [58, 128], [58, 230], [70, 238], [70, 120])), [64, 180], 5),
    shape('lining', shapeOf([76, 112], [324, 112], [318, 104], [82, 104]), [200, 108], 4),
  ]
  return bag(
    closed(...poly([58, 128], [70, 112], [330, 112], [342, 128], [342, 230], [330, 240], [70, 240], [58, 230], [58, 128])),
    shared,
    [
      shape('front', box(70, 116, 260, 124, 8), [200, 222], 16),
      shape('base', box(70, 228, 260, 12, 5), [120, 234], 5),
      shape('flap', shapeOf([70, 112], [330, 112], [330, 132], [200, 206], [70, 132]), [200, 148], 24),
      shape('edge-paint', shapeOf([330, 124], [330, 132], [200, 206], [70, 132], [70, 124], [200, 198]), [134, 165], 4),
      shape('trim', box(178, 186, 44, 30, 10), [188, 200], 4),
      shape('piping', band(poly([76, 222], [324, 222]), 0, 4), [292, 224], 3),
      shape('hardware', ring(200, 201, 7), [200, 201], 5),
      shape('stitching', band(poly([78, 116], [322, 116]), 0, 5), [250, 118], 4),
    ],
    [
      shape('back', box(70, 112, 260, 128, 8), [200, 176], 30),
      shape('base', box(70, 228, 260, 12, 5), [200, 234], 5),
    ],
    [stitches('M80 128L200 196L320 128')],
    [stitches('M78 120H322V226H78Z')],
  )
}

const doctors = (): Drawing => {
  const body = closed(
    ...through([108, 92], [84, 120], [74, 180], [78, 236], [92, 246]),
    line([92, 246], [308, 246]),
    ...through([308, 246], [322, 236], [326, 180], [316, 120], [292, 92]),
    line([292, 92], [108, 92]),
  )
  const base = closed(
    ...poly([77, 222], [323, 222]),
    ...through([323, 222], [321, 238], [308, 246]),
    line([308, 246], [92, 246]),
    ...through([92, 246], [79, 238], [77, 222]),
  )
  const shared = [
    shape(
      'gusset',
      twice(...through([108, 92], [70, 128], [58, 190], [64, 236], [78, 240]), ...through([78, 240], [72, 190], [82, 124], [108, 92])),
      [68, 190],
      6,
    ),
    shape('lining', shapeOf([120, 80], [280, 80], [272, 72], [128, 72]), [150, 76], 4),
    shape('handle', ribbon(through([164, 78], [166, 50], [182, 36], [218, 36], [234, 50], [236, 78]), 13), [200, 36], 7),
  ]
  return bag(
    closed(
      ...through([108, 86], [70, 128], [58, 190], [64, 236], [92, 246]),
      line([92, 246], [308, 246]),
      ...through([308, 246], [336, 236], [342, 190], [330, 128], [292, 86]),
      line([292, 86], [108, 86]),
    ),
    shared,
    [
      shape('front', body, [200, 164], 36),
      shape('base', base, [200, 234], 10),
      shape('trim', twice(...poly([88, 110], [122, 110], [118, 200], [76, 200], [88, 110])), [100, 160], 8),
      shape('edge-paint', band(poly([110, 90], [290, 90]), 0, 4), [270, 92], 3),
      shape('piping', band(poly([78, 218], [322, 218]), 0, 4), [150, 220], 3),
      shape('hardware', box(104, 76, 192, 13, 3) + box(186, 84, 28, 30, 4) + dot(140, 102, 4) + dot(260, 102, 4), [200, 98], 6),
      shape('stitching', twice(...poly([122, 110], [118, 200], [124, 200], [128, 110], [122, 110])), [124, 190], 4),
    ],
    [
      shape('back', body, [200, 160], 36),
      shape('base', base, [200, 234], 10),
      shape('hardware', box(104, 76, 192, 13, 3), [200, 82], 5),
    ],
    [stitches('M132 112L128 214M268 112L272 214', 'M82 212H318'), { path: 'M200 92v12M92 226v0', kind: 'line' }],
    [stitches('M96 120H304V212H84Z')],
  )
}

const briefcase = (): Drawing => {
  const shared = [
    shape('gusset', box(56, 92, 288, 8, 3), [90, 96], 4),
    shape('lining', shapeOf([70, 92], [330, 92], [324, 84], [76, 84]), [110, 88], 4),
    shape('handle', ribbon(through([150, 92], [154, 62], [176, 54], [224, 54], [246, 62], [250, 92]), 14), [200, 54], 7),
  ]
  return bag(
    box(56, 92, 288, 154, 10),
    shared,
    [
      shape('front', box(56, 98, 288, 148, 10), [200, 176], 36),
      shape('base', box(56, 236, 288, 10, 5), [200, 241], 5),
      shape('trim', [[56, 98], [314, 98], [56, 216], [314, 216]].map(([x, y]) => box(x ?? 0, y ?? 0, 30, 30, 8)).join(''), [71, 113], 7),
      shape('edge-paint', rim(56, 98, 288, 148, 4, 10), [342, 170], 3),
      shape('piping', rim(64, 106, 272, 132, 4, 6), [240, 108], 3),
      shape('hardware', [110, 258].map((x) => box(x, 100, 32, 22, 3)).join('') + box(142, 86, 14, 12, 2) + box(244, 86, 14, 12, 2), [126, 111], 6),
      shape('stitching', band(poly([96, 228], [304, 228]), 0, 5), [200, 230], 4),
    ],
    [
      shape('back', box(56, 98, 288, 148, 10), [200, 176], 36),
      shape('base', box(56, 236, 288, 10, 5), [200, 241], 5),
    ],
    [stitches('M72 114H328V230H72Z'), { path: 'M126 106v10M274 106v10', kind: 'line' }],
    [stitches('M72 114H328V230H72Z')],
  )
}

const wallet = (): Drawing => {
  const outline = box(78, 108, 244, 136, 10)
  return bag(
    outline,
    [shape('lining', shapeOf([84, 108], [316, 108], [312, 98], [88, 98]), [200, 103], 4)],
    [
      shape('front', outline, [200, 170], 34),
      shape(
        'trim',
        closed(
          ...poly([262, 154], [334, 154]),
          curve([334, 154], [350, 154], [350, 194], [334, 194]),
          line([334, 194], [262, 194]),
          line([262, 194], [262, 154]),
        ),
        [286, 174],
        6,
      ),
      shape('piping', rim(88, 118, 224, 116, 4, 6), [160, 120], 3),
      shape('edge-paint', rim(78, 108, 244, 136, 4, 10), [80, 200], 3),
      shape('hardware', ring(328, 174, 8), [328, 174], 5),
      shape('stitching', band(poly([96, 222], [304, 222]), 0, 5), [200, 224], 4),
    ],
    [shape('back', outline, [200, 176], 34), shape('edge-paint', rim(78, 108, 244, 136, 4, 10), [80, 200], 3)],
    [stitches('M92 122H308V230H92Z'), { path: 'M200 110V118M200 234V242', kind: 'line' }],
    [stitches('M92 122H308V230H92Z'), { path: 'M200 110V242', kind: 'line' }],
  )
}

export const bags: Drawings<'bag'> = {
  'bag/satchel': satchel(),
  'bag/tote': tote(),
  'bag/shoulder': shoulder(),
  'bag/clutch': clutch(),
  'bag/doctors': doctors(),
  'bag/case': briefcase(),
  'bag/wallet': wallet(),
}

