import { describe, expect, it } from 'vitest'
import type { Kind, PartName } from '../src/api/types'
import { colourMap, halvesOf } from '../src/drawing/colours'
import { along, at, back, both, box, closed, curve, cut, line, mirror, poly, ribbon, shifted, through, twice, type Point } from '../src/drawing/geometry'
import { drawings, isHigh } from '../src/drawing/kinds'
import { mark } from '../src/drawing/marks'
import type { Drawing } from '../src/drawing/shape'

const c = curve([0, 0], [10, 40], [30, -20], [50, 10])
const near = (a: Point, b: Point): void => {
  expect(a[0]).toBeCloseTo(b[0], 9)
  expect(a[1]).toBeCloseTo(b[1], 9)
}

describe('curves', () => {
  it('begin and end where they say, and are the same line from the other end', () => {
    near(at(c, 0), c.from)
    near(at(c, 1), c.to)
    for (const t of [0.1, 0.35, 0.8]) {
      near(at(back(c), t), at(c, 1 - t))
    }
  })

  it('are cut into two that follow the same line', () => {
    const [one, other] = cut(c, 0.3)
    near(one.to, at(c, 0.3))
    near(other.from, at(c, 0.3))
    for (const t of [0, 0.25, 0.5, 1]) {
      near(at(one, t), at(c, 0.3 * t))
      near(at(other, t), at(c, 0.3 + 0.7 * t))
    }
  })

  it('run straight between two points, and smoothly through more of them', () => {
    near(at(line([0, 0], [30, 60]), 0.5), [15, 30])
    const points: Point[] = [[0, 0], [40, 20], [80, 0], [120, 40]]
    const smooth = through(...points)
    expect(smooth.map((s) => s.from)).toEqual(points.slice(0, -1))
    expect(smooth.map((s) => s.to)).toEqual(points.slice(1))
    smooth.slice(1).forEach((s, i) => {
      const before = smooth[i]
      // The direction in which it comes to a point is that in which it leaves it.
      const into = [s.from[0] - (before?.two[0] ?? 0), s.from[1] - (before?.two[1] ?? 0)] as const
      const out = [s.one[0] - s.from[0], s.one[1] - s.from[1]] as const
      expect(into[0] * out[1] - into[1] * out[0]).toBeCloseTo(0, 9)
    })
  })

  it('are moved and mirrored about the middle of the frame', () => {
    near(shifted(c, 5, -3).two, [35, -23])
    near(mirror(c).from, [400, 0])
    near(mirror(mirror(c)).two, c.two)
  })

  it('become paths: open, closed, doubled, as wide as asked', () => {
    expect(along(line([0, 0], [3, 0]))).toBe('M0 0C1 0 2 0 3 0')
    expect(closed(line([0, 0], [3, 0]), line([3, 0], [3, 3]))).toBe('M0 0C1 0 2 0 3 0L3 0C3 1 3 2 3 3Z')
    expect(twice(c).match(/M/g)).toHaveLength(2)
    expect(both(...poly([200, 0], [150, 0], [150, 40], [200, 40])).match(/Z/g)).toHaveLength(1)
    // A strap of 10 along a level line reaches 5 to both sides.
    const ys = [...ribbon([line([0, 50], [100, 50])], 10).matchAll(/[\d.]+ (-?[\d.]+)/g)].map((m) => Number(m[1]))
    expect([Math.min(...ys), Math.max(...ys)]).toEqual([45, 55])
    expect(box(10, 20, 100, 50, 4)).toMatch(/^M14 20H106.*Z$/)
  })
})

const sides = (d: Drawing): Drawing[] => [d, ...(d.other ? [d.other] : [])]
const kinds = Object.entries(drawings) as [Kind, Drawing][]

describe.each(kinds)('the drawing of %s', (_kind, drawing) => {
  it('has parts that are whole shapes, each once a side, with an anchor in its frame', () => {
    for (const side of sides(drawing)) {
      const [x, y, width, height] = side.box
      expect(new Set(side.parts.map((p) => p.part)).size).toBe(side.parts.length)
      for (const part of side.parts) {
        expect(part.path, part.part).toMatch(/^M/)
        expect(part.path, part.part).not.toMatch(/NaN|undefined|Infinity/)
        // Boxes are drawn with some air around them.
        expect(part.anchor[0], part.part).toBeGreaterThanOrEqual(x - 20)
        expect(part.anchor[0], part.part).toBeLessThanOrEqual(x + width + 20)
        expect(part.anchor[1], part.part).toBeGreaterThanOrEqual(y - 20)
        expect(part.anchor[1], part.part).toBeLessThanOrEqual(y + height + 20)
        expect(part.reach).toBeGreaterThan(0)
      }
      for (const ornament of side.ornaments) {
        expect(ornament.path).not.toMatch(/NaN|undefined|Infinity/)
      }
    }
  })

  it('can be turned where it has names for two sides', () => {
    if (drawing.other !== undefined) {
      expect(drawing.sides).toHaveLength(2)
      expect(drawing.sides?.[0]).not.toBe(drawing.sides?.[1])
    }
  })
})

describe('pieces as they stand', () => {
  it('are high or long', () => {
    expect(isHigh('tall-boot/riding')).toBe(true)
    expect(isHigh('low-shoe/derby')).toBe(false)
  })

  it('have the halves and colours that their parts have, in their order', () => {
    const colours = [
      { half: 'left' as const, part: 'toe' as PartName, hex: '#111111' },
      { half: 'left' as const, part: 'vamp' as PartName, hex: '#222222' },
      { half: 'right' as const, part: 'toe' as PartName, hex: '#333333' },
    ]
    expect(halvesOf(colours)).toEqual(['left', 'right'])
    expect(colourMap(colours, 'left')).toEqual({ toe: '#111111', vamp: '#222222' })
    expect(halvesOf([])).toEqual([])
  })
})

describe('marks of findings', () => {
  const finding = (more: object) => ({ id: 1, kind: 'scuff' as const, group: 'surface' as const, severity: 2, lengthMm: 20, ...more })

  it('are heavier the worse it is, and dashed where it is only a colour', () => {
    const weight = (severity: number): number => mark(finding({ severity }), [100, 100], 20, 0).weight
    expect([1, 2, 3, 4].map(weight)).toEqual([...[1, 2, 3, 4].map(weight)].sort((a, b) => a - b))
    expect(weight(4)).toBeGreaterThan(weight(1))
    expect(mark(finding({ kind: 'faded', group: 'colour' }), [0, 0], 9, 0).dashed).toBe(true)
    expect(mark(finding({}), [0, 0], 9, 0).dashed).toBe(false)
  })

  it('do not lie on each other, and stay within reach of their place', () => {
    const start = (index: number): Point => {
      const [, x, y] = /^M(-?[\d.]+) (-?[\d.]+)/.exec(mark(finding({ kind: 'scratch', lengthMm: 10 }), [200, 150], 20, index).path) ?? []
      return [Number(x), Number(y)]
    }
    const places = [0, 1, 2, 3].map(start)
    expect(new Set(places.map(String)).size).toBe(4)
    places.forEach((p) => expect(Math.hypot(p[0] - (places[0]?.[0] ?? 0), p[1] - (places[0]?.[1] ?? 0))).toBeLessThanOrEqual(21))
  })

  const KINDS = ['scuff', 'scratch', 'gouge', 'crack', 'crease', 'open-seam', 'dust', 'flat-nap', 'sole-parting'] as const
  it.each(KINDS)('draw a %s whatever its length', (kind) => {
    for (const lengthMm of [null, 0, 5, 900]) {
      expect(mark(finding({ kind, lengthMm }), [10, 10], 5, 3).path).toMatch(/^M[^N]*$/)
    }
  })
})
