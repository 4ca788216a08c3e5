/** A point in the frame of 400 × 280, ground at y = 250. */
export type Point = readonly [x: number, y: number]

/** A cubic Bézier from one node to the next. Seams are drawn once and used by both neighbours. */
export interface Curve {
  readonly from: Point
  readonly one: Point
  readonly two: Point
  readonly to: Point
}

export const curve = (from: Point, one: Point, two: Point, to: Point): Curve => ({ from, one, two, to })

export const back = (c: Curve): Curve => curve(c.to, c.two, c.one, c.from)

export const backAll = (curves: readonly Curve[]): Curve[] => [...curves].reverse().map(back)

export const line = (from: Point, to: Point): Curve => {
  const along = (t: number): Point => [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t]
  return curve(from, along(1 / 3), along(2 / 3), to)
}

export const shifted = (c: Curve, dx: number, dy: number): Curve => {
  const move = (p: Point): Point => [p[0] + dx, p[1] + dy]
  return curve(move(c.from), move(c.one), move(c.two), move(c.to))
}

const n = (value: number): string => String(Math.round(value * 10) / 10)
const p = (point: Point): string => `${n(point[0])} ${n(point[1])}`

/** An open path along curves that follow each other. */
export const along = (...curves: readonly Curve[]): string =>
  curves.map((c, i) => `${i === 0 ? `M${p(c.from)}` : ''}C${p(c.one)} ${p(c.two)} ${p(c.to)}`).join('')

/** A closed shape; gaps between curves are bridged by straight lines. */
export const closed = (...curves: readonly Curve[]): string =>
  `${curves.map((c, i) => `${i === 0 ? 'M' : 'L'}${p(c.from)}C${p(c.one)} ${p(c.two)} ${p(c.to)}`).join('')}Z`

/** The point of a curve at t from 0 to 1. */
export const at = (c: Curve, t: number): Point => {
  const u = 1 - t
  const mix = (i: 0 | 1): number => u ** 3 * c.from[i] + 3 * u * u * t * c.one[i] + 3 * u * t * t * c.two[i] + t ** 3 * c.to[i]
  return [mix(0), mix(1)]
}

/** Both parts of a curve cut at t (de Casteljau). */
export const cut = (c: Curve, t: number): [Curve, Curve] => {
  const mid = (a: Point, b: Point): Point => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]
  const ab = mid(c.from, c.one)
  const bc = mid(c.one, c.two)
  const cd = mid(c.two, c.to)
  const abc = mid(ab, bc)
  const bcd = mid(bc, cd)
  const m = mid(abc, bcd)
  return [curve(c.from, ab, abc, m), curve(m, bcd, cd, c.to)]
}

/** A smooth line through points (Catmull–Rom, as cubic Béziers). */
export const through = (...points: readonly Point[]): Curve[] =>
  points.slice(1).map((to, i) => {
    const from = points[i] as Point
    const before = points[i - 1] ?? from
    const after = points[i + 2] ?? to
    return curve(
      from,
      [from[0] + (to[0] - before[0]) / 6, from[1] + (to[1] - before[1]) / 6],
      [to[0] - (after[0] - from[0]) / 6, to[1] - (after[1] - from[1]) / 6],
      to,
    )
  })

export const poly = (...points: readonly Point[]): Curve[] => points.slice(1).map((to, i) => line(points[i] as Point, to))

/** A closed shape with corners. */
export const shapeOf = (...points: readonly Point[]): string => `M${points.map(p).join('L')}Z`

/** A box with round corners. */
export const box = (x: number, y: number, w: number, h: number, r = 4): string =>
  `M${n(x + r)} ${n(y)}H${n(x + w - r)}Q${n(x + w)} ${n(y)} ${n(x + w)} ${n(y + r)}V${n(y + h - r)}` +
    `Q${n(x + w)} ${n(y + h)} ${n(x + w - r)} ${n(y + h)}H${n(x + r)}Q${n(x)} ${n(y + h)} ${n(x)} ${n(y + h - r)}V${n(y + r)}` +
    `Q${n(x)} ${n(y)} ${n(x + r)} ${n(y)}Z`

export const dot = (x: number, y: number, r: number): string => `M${n(x - r)} ${n(y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`

/** Mirrored about the middle of the frame. */
export const mirror = (c: Curve): Curve => {
  const flip = (q: Point): Point => [400 - q[0], q[1]]
  return curve(flip(c.from), flip(c.one), flip(c.two), flip(c.to))
}

/** A shape whose other side is its mirror image; the curves run down one side, from middle to middle. */
export const both = (...curves: readonly Curve[]): string => closed(...curves, ...backAll(curves.map(mirror)))

/** A shape and its mirror image. */
export const twice = (...curves: readonly Curve[]): string => closed(...curves) + closed(...curves.map(mirror))

/** A band of an even width below a line. */
export const band = (curves: readonly Curve[], dx: number, dy: number): string => closed(...curves, ...backAll(curves.map((c) => shifted(c, dx, dy))))

/** A strap of an even width along a line: offset to both sides by the normals at the ends of each piece. */
export const ribbon = (curves: readonly Curve[], width: number): string => {
  const offset = (c: Curve, by: number): Curve => {
    const normal = (a: Point, b: Point): Point => {
      const l = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1
      return [(-(b[1] - a[1]) / l) * by, ((b[0] - a[0]) / l) * by]
    }
    const s = normal(c.from, c.one)
    const e = normal(c.two, c.to)
    const move = (q: Point, d: Point): Point => [q[0] + d[0], q[1] + d[1]]
    return curve(move(c.from, s), move(c.one, s), move(c.two, e), move(c.to, e))
  }
  return closed(...curves.map((c) => offset(c, width / 2)), ...backAll(curves.map((c) => offset(c, -width / 2))))
}
