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
