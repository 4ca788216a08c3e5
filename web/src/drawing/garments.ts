import { stitches } from './bags'
import { along, both, box, closed, curve, dot, line, mirror, poly, ribbon, shapeOf, through, twice, type Curve } from './geometry'
import { shape, type Drawing, type Drawings, type Ornament, type PartShape } from './shape'

const SIDES = ['front', 'back'] as const
const FRAME = [8, 2, 384, 254] as const
const of = (parts: readonly PartShape[], outline: string, ornaments: readonly Ornament[]): Drawing => ({ parts, outline, ornaments, box: FRAME })
const holes = (x: number, y: number, w: number, h: number): string => {
  const dots: string[] = []
  for (let i = 0; i < w; i++) {
    for (let j = 0; j < h; j++) {
      dots.push(dot(x + i * 6, y + j * 6, 1.2))
    }
  }
  return dots.join('')
}
const flipped = (path: Curve[]): string => along(...path) + along(...path.map(mirror))

/** Jacket and coat: half of the outline runs from the middle of the neck down to the middle of the hem. */
const topHalf = (hem: number, wide: number): Curve[] => [
  ...through([200, 34], [176, 30], [160, 38], [128, 50]),
  ...through([128, 50], [126, 90], [124, 130], [200 - wide, hem]),
  line([200 - wide, hem], [200, hem]),
]
const arm = (out: number, down: number): Curve[] => [
  ...through([128, 50], [108, 58], [96, 84], [out, down]),
  line([out, down], [out + 30, down + 6]),
  ...through([out + 30, down + 6], [118, 130], [126, 96]),
  line([126, 96], [128, 50]),
]
const cuff = (out: number, down: number): Curve[] =>
  poly([out - 1, down - 4], [out - 4, down + 16], [out + 28, down + 22], [out + 30, down + 2], [out - 1, down - 4])

const jacket = (): Drawing => {
  const hem = 206
  const body = both(...topHalf(hem, 72))
  const sleeves = twice(...arm(62, 184))
  const outline = body + sleeves
  const collar = both(...through([200, 46], [180, 40], [160, 38], [150, 40]), ...through([150, 40], [164, 20], [184, 14], [200, 14]))
  const shared = (back: boolean): PartShape[] => [
    shape('lining', both(...through([200, 42], [184, 40], [170, 34]), ...through([170, 34], [184, 24], [200, 22])), [200, 30], 4),
    shape('sleeves', sleeves, [92, 130], 16),
    shape('body', body, [back ? 200 : 160, 120], 30),
    shape('armour-covers', twice(...through([112, 60], [100, 74], [100, 88], [112, 92], [122, 80], [122, 62], [112, 60])), [111, 76], 5),
    shape('stretch-panels', twice(...poly([126, 96], [132, 96], [134, 150], [128, 190], [122, 130], [126, 96])), [129, 140], 5),
  ]
  return {
    ...of([
      ...shared(false),
      shape('perforated-panels', twice(...poly([146, 92], [182, 96], [182, 128], [146, 124], [146, 92])), [164, 110], 7),
      shape('collar', collar, [170, 32], 7),
      shape('cuffs', twice(...cuff(62, 184)), [76, 194], 6),
      shape('zips', box(196, 46, 8, 160, 2) + twice(...poly([140, 162], [176, 152], [178, 157], [142, 168], [140, 162])), [200, 140], 6),
      shape('badges', box(222, 66, 30, 18, 3), [237, 75], 5),
      shape('stitching', twice(...poly([132, 196], [190, 198], [190, 203], [131, 201], [132, 196])), [160, 199], 4),
    ], outline, [
      stitches(flipped(through([132, 56], [160, 64], [192, 64])), 'M196 50V204M204 50V204'),
      { path: holes(150, 98, 5, 5) + holes(222, 98, 5, 5), kind: 'hole' },
      { path: 'M200 14v30', kind: 'line' },
    ]),
    sides: SIDES,
    other: of([
      ...shared(true),
      shape('collar', collar, [200, 26], 7),
      shape('cuffs', twice(...cuff(62, 184)), [76, 194], 6),
      shape('badges', box(164, 76, 72, 34, 4), [200, 93], 8),
    ], outline, [stitches(along(...through([132, 60], [200, 70], [268, 60])), 'M150 70L146 204M250 70L254 204')]),
  }
}

const coat = (): Drawing => {
  const hem = 248
  const body = both(...topHalf(hem, 84))
  const sleeves = twice(...arm(70, 166))
  const outline = body + sleeves
  const collar = twice(...poly([200, 44], [166, 32], [150, 44], [172, 96], [200, 110], [200, 44]))
  const shared: PartShape[] = [
    shape('lining', both(...through([200, 42], [184, 40], [170, 34]), ...through([170, 34], [184, 22], [200, 20])), [200, 30], 4),
    shape('sleeves', sleeves, [96, 120], 16),
    shape('body', body, [164, 160], 30),
  ]
  return {
    ...of([
      ...shared,
      shape('collar', collar, [172, 62], 8),
      shape('cuffs', twice(...cuff(70, 166)), [84, 176], 6),
      shape('zips', box(197, 110, 6, 136, 2), [200, 200], 5),
      shape('badges', box(228, 112, 24, 14, 3), [240, 119], 4),
      shape('stitching', twice(...poly([118, 238], [190, 240], [190, 245], [118, 243], [118, 238])), [150, 241], 4),
    ], outline, [
      stitches(flipped(through([134, 150], [150, 178], [152, 200]))),
      { path: [126, 152, 178, 204].map((y) => dot(214, y, 4)).join(''), kind: 'metal' },
      { path: 'M124 172L276 172M124 184L276 184', kind: 'line' },
      { path: 'M188 168h24v20h-24Z', kind: 'metal' },
    ]),
    sides: SIDES,
    other: of([
      ...shared,
      shape('collar', both(...through([200, 54], [176, 48], [156, 40]), ...through([156, 40], [176, 22], [200, 18])), [200, 36], 7),
      shape('cuffs', twice(...cuff(70, 166)), [84, 176], 6),
    ], outline, [stitches('M200 56V172', along(...through([132, 62], [200, 74], [268, 62]))), { path: 'M150 172H250V184H150Z M200 190V248', kind: 'line' }]),
  }
}

const trousers = (): Drawing => {
  const half: Curve[] = [
    ...poly([200, 20], [146, 20]),
    ...through([146, 20], [136, 70], [130, 150], [132, 240]),
    line([132, 240], [178, 242]),
    ...through([178, 242], [184, 180], [192, 120], [200, 96]),
  ]
  const outline = both(...half)
  const shared: PartShape[] = [shape('lining', shapeOf([150, 20], [250, 20], [244, 12], [156, 12]), [200, 16], 4), shape('body', outline, [162, 90], 22)]
  return {
    ...of(
      [
        ...shared,
        shape('armour-covers', twice(...through([144, 140], [140, 166], [150, 186], [170, 184], [178, 164], [174, 142], [144, 140])), [158, 162], 9),
        shape('perforated-panels', twice(...poly([146, 52], [184, 56], [184, 84], [144, 80], [146, 52])), [166, 68], 6),
        shape('stretch-panels', twice(...poly([182, 130], [190, 120], [184, 190], [180, 200], [182, 130])), [185, 150], 5),
        shape('cuffs', twice(...poly([131, 226], [180, 228], [179, 243], [131, 241], [131, 226])), [156, 235], 6),
        shape('zips', box(196, 24, 8, 50, 2) + twice(...poly([136, 196], [142, 196], [140, 226], [134, 226], [136, 196])), [200, 50], 5),
        shape('badges', box(222, 38, 20, 12, 3), [232, 44], 4),
        shape('stitching', box(148, 32, 104, 5, 1), [176, 34], 4),
      ],
      outline,
      [stitches(flipped(through([140, 60], [134, 150], [137, 226]))), { path: holes(150, 58, 5, 4) + holes(226, 58, 5, 4), kind: 'hole' }],
    ),
    sides: SIDES,
    other: of(
      [
        ...shared,
        shape('seat', both(...through([200, 110], [184, 104], [160, 84], [152, 50]), ...poly([152, 50], [200, 46])), [200, 76], 16),
        shape('stretch-panels', box(152, 34, 96, 12, 3) + twice(...poly([140, 150], [180, 152], [180, 168], [139, 166], [140, 150])), [200, 40], 5),
        shape('cuffs', twice(...poly([131, 226], [180, 228], [179, 243], [131, 241], [131, 226])), [156, 235], 6),
      ],
      outline,
      [stitches('M200 24V100', flipped(through([160, 30], [154, 140], [156, 226])))],
    ),
  }
}

const skirt = (): Drawing => {
  const outline = both(
    ...poly([200, 44], [156, 44]),
    ...through([156, 44], [140, 90], [124, 160], [116, 236]),
    ...through([116, 236], [150, 244], [200, 246]),
  )
  return {
    ...of(
      [
        shape('lining', both(...through([200, 246], [150, 244], [118, 237]), ...through([118, 237], [150, 250], [200, 252])), [150, 247], 4),
        shape('body', outline, [164, 150], 34),
        shape('zips', box(236, 50, 7, 60, 2), [240, 80], 5),
        shape('badges', box(160, 62, 26, 14, 3), [173, 69], 4),
        shape('stitching', both(...poly([200, 58], [150, 58], [149, 63], [200, 63])), [200, 60], 4),
      ],
      outline,
      [stitches(flipped(through([176, 64], [166, 150], [160, 240])))],
    ),
    sides: SIDES,
    other: of(
      [shape('body', outline, [200, 150], 34), shape('stitching', both(...poly([200, 58], [150, 58], [149, 63], [200, 63])), [200, 60], 4)],
      outline,
      [stitches('M200 64V244')],
    ),
  }
}

const apron = (): Drawing => {
  const outline = both(...poly([200, 52], [164, 52]), ...through([164, 52], [160, 90], [140, 112], [116, 120]), ...poly([116, 120], [110, 240], [200, 244]))
  return {
    ...of(
      [
        shape('body', outline, [200, 96], 24),
        shape('lining', both(...poly([200, 244], [110, 240], [112, 250], [200, 254])), [150, 248], 4),
        shape('badges', box(184, 64, 32, 16, 3), [200, 72], 5),
        shape('stitching', both(...poly([200, 144], [146, 144], [146, 150], [200, 150])), [164, 147], 4),
      ],
      outline,
      [
        stitches(flipped(through([168, 58], [164, 92], [144, 118], [120, 126])), 'M146 156H254V204H146Z M200 156V204'),
        {
          path:
            ribbon(through([168, 54], [172, 24], [200, 14], [228, 24], [232, 54]), 7) +
            ribbon(through([118, 126], [84, 134], [66, 156]), 6) +
            ribbon(through([282, 126], [316, 134], [334, 156]), 6),
          kind: 'line',
        },
        { path: dot(168, 56, 4) + dot(232, 56, 4), kind: 'metal' },
      ],
    ),
    sides: SIDES,
    other: of([shape('lining', outline, [200, 150], 34)], outline, [stitches(flipped(through([168, 58], [164, 92], [144, 118], [120, 126])))]),
  }
}

/** A glove of the right hand from its back, fingers up. */
const gloves = (): Drawing => {
  const hand: Curve[] = [
    ...through([150, 196], [146, 160], [142, 120], [136, 70], [144, 60], [154, 66], [160, 104]),
    ...through([160, 104], [162, 40], [172, 28], [184, 36], [186, 100]),
    ...through([186, 100], [192, 22], [204, 12], [214, 22], [214, 100]),
    ...through([214, 100], [226, 34], [238, 30], [246, 42], [240, 116]),
    ...through([240, 116], [262, 104], [288, 96], [294, 108], [276, 130], [252, 156], [242, 196]),
    line([242, 196], [150, 196]),
  ]
  const gauntlet: Curve[] = [
    line([148, 196], [244, 196]),
    ...through([244, 196], [254, 220], [262, 248]),
    line([262, 248], [132, 248]),
    ...through([132, 248], [142, 220], [148, 196]),
  ]
  const outline = closed(...hand) + closed(...gauntlet)
  const shared: PartShape[] = [
    shape('lining', shapeOf([134, 248], [260, 248], [254, 255], [140, 255]), [196, 252], 4),
    shape('cuffs', closed(...gauntlet), [197, 224], 12),
  ]
  return {
    ...of(
      [
        ...shared,
        shape('body', closed(...hand), [198, 150], 22),
        shape(
          'armour-covers',
          closed(...through([162, 118], [180, 106], [200, 104], [220, 106], [238, 120]), ...through([238, 128], [200, 120], [162, 128])),
          [200, 114],
          5,
        ),
        shape(
          'perforated-panels',
          [
            [150, 84], [174, 60], [203, 50], [232, 64],
          ]
            .map(([x, y]) => box((x ?? 0) - 6, (y ?? 0) - 12, 12, 26, 5))
            .join(''),
          [203, 50],
          5,
        ),
        shape('stretch-panels', box(156, 184, 80, 10, 4), [196, 189], 5),
        shape('badges', box(182, 222, 28, 16, 4), [196, 230], 4),
        shape('stitching', closed(...poly([140, 240], [256, 240], [256, 245], [140, 245], [140, 240])), [230, 242], 4),
      ],
      outline,
      [
        stitches(
          along(...through([168, 126], [172, 150], [176, 176])),
          along(...through([200, 124], [200, 150], [200, 178])),
          along(...through([230, 126], [226, 150], [222, 176])),
        ),
        {
          path:
            [146, 154].map((x) => dot(x, 80, 1)).join('') +
            [168, 174, 180].map((x) => dot(x, 60, 1.2)).join('') +
            [198, 204, 210].map((x) => dot(x, 50, 1.2)).join('') +
            [228, 234].map((x) => dot(x, 64, 1.2)).join(''),
          kind: 'hole',
        },
      ],
    ),
    sides: ['back of the hand', 'palm'],
    other: of(
      [
        ...shared,
        shape('body', closed(...hand), [198, 80], 14),
        shape(
          'palms',
          closed(
            ...through([152, 126], [196, 118], [238, 128]),
            ...through([238, 128], [248, 150], [238, 186]),
            line([238, 186], [154, 186]),
            ...through([154, 186], [150, 156], [152, 126]),
          ),
          [196, 154],
          18,
        ),
      ],
      outline,
      [stitches(along(...through([158, 132], [196, 124], [234, 134])), along(...through([234, 140], [218, 160], [214, 182])))],
    ),
  }
}

const suit = (): Drawing => {
  const half: Curve[] = [
    ...through([200, 26], [186, 24], [176, 28], [154, 34]),
    ...through([154, 34], [153, 70], [158, 100], [154, 130]),
    ...through([154, 130], [148, 170], [150, 210], [152, 244]),
    line([152, 244], [182, 246]),
    ...through([182, 246], [188, 200], [194, 166], [200, 150]),
  ]
  const body = both(...half)
  const sleeve: Curve[] = [
    ...through([154, 34], [140, 42], [128, 76], [112, 128]),
    line([112, 128], [132, 134]),
    ...through([132, 134], [148, 96], [154, 66]),
    line([154, 66], [154, 34]),
  ]
  const sleeves = twice(...sleeve)
  const outline = body + sleeves
  const shared: PartShape[] = [
    shape('lining', both(...through([200, 30], [190, 28], [182, 26]), ...through([182, 26], [190, 16], [200, 14])), [200, 22], 4),
    shape('sleeves', sleeves, [134, 92], 10),
    shape('body', body, [176, 112], 14),
    shape('collar', both(...through([200, 34], [186, 30], [176, 28]), ...through([176, 28], [186, 14], [200, 12])), [200, 18], 5),
    shape(
      'cuffs',
      twice(...poly([112, 122], [109, 134], [131, 140], [134, 128], [112, 122])) + twice(...poly([151, 234], [184, 236], [183, 247], [151, 245], [151, 234])),
      [121, 131],
      5,
    ),
  ]
  return {
    ...of(
      [
        ...shared,
        shape(
          'armour-covers',
          twice(...through([150, 36], [140, 44], [136, 56], [146, 60], [154, 52], [150, 36])) +
            twice(...through([156, 178], [152, 196], [160, 208], [176, 206], [182, 192], [178, 178], [156, 178])),
          [166, 192],
          8,
        ),
        shape('perforated-panels', twice(...poly([164, 52], [192, 54], [192, 82], [166, 80], [164, 52])), [178, 66], 6),
        shape(
          'stretch-panels',
          twice(...poly([156, 96], [162, 100], [160, 132], [153, 136], [156, 96])) +
            twice(...poly([184, 170], [192, 164], [188, 206], [184, 210], [184, 170])),
          [158, 116],
          5,
        ),
        shape('zips', box(197, 30, 6, 116, 2), [200, 104], 5),
        shape('badges', box(212, 38, 22, 10, 2), [223, 43], 4),
        shape('stitching', twice(...poly([168, 44], [194, 46], [194, 50], [168, 48], [168, 44])), [180, 47], 3),
      ],
      outline,
      [stitches(flipped(through([166, 86], [168, 130], [170, 172]))), { path: holes(168, 58, 4, 4) + holes(214, 58, 4, 4), kind: 'hole' }],
    ),
    sides: SIDES,
    other: of(
      [
        ...shared,
        shape('seat', both(...through([200, 172], [186, 166], [164, 150], [158, 126]), ...poly([158, 126], [200, 122])), [200, 146], 12),
        shape('stretch-panels', box(164, 106, 72, 14, 4), [200, 113], 5),
        shape('badges', box(172, 52, 56, 22, 3), [200, 63], 5),
      ],
      outline,
      [
        stitches(along(...through([160, 44], [200, 50], [240, 44])), 'M200 76V106'),
        { path: along(curve([186, 32], [184, 44], [216, 44], [214, 32])), kind: 'line' },
      ],
    ),
  }
}

export const garments: Drawings<'garment'> = {
  'garment/jacket': jacket(),
  'garment/coat': coat(),
  'garment/trousers': trousers(),
  'garment/skirt': skirt(),
  'garment/apron': apron(),
  'garment/gloves': gloves(),
  'garment/one-piece-suit': suit(),
}
