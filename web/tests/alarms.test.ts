import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref, shallowRef } from 'vue'
import type { BenchView, CoatView, RackPieceView } from '../src/api/types'
import { coming, useAlarms } from '../src/bench/useAlarms'
import { play } from '../src/kit/bell'

vi.mock('../src/kit/bell', () => ({ play: vi.fn<(sound: string, calls: string, times: number) => void>() }))

const at = (minutes: number): string => new Date(minutes * 60_000).toISOString()
const coat = (step: number, gate: number | null): CoatView =>
  ({ step, title: `Coat ${step}`, gateAt: gate === null ? null : at(gate) } as CoatView)
const piece = (id: number, more: Partial<RackPieceView> = {}): RackPieceView =>
  ({ piece: id, name: `Piece ${id}`, coats: [], bells: [], next: null, opensAt: null, closesAt: null, ...more } as RackPieceView)
const bench = (...rack: RackPieceView[]): BenchView => ({ rack, unplanned: [] } as unknown as BenchView)

describe('what will call', () => {
  it('is every test, what may begin, and a window twenty minutes before it closes', () => {
    const found = coming(bench(piece(1, { coats: [coat(7, 30), coat(8, null)], next: 'Wax', opensAt: at(90), closesAt: at(120) })))
    expect(found.every((a) => a.pieceId === 1)).toBe(true)
    expect(found.map((a) => [a.words, a.at / 60_000, a.piece])).toEqual([
      ['Time to test: Coat 7', 30, 'Piece 1'],
      ['May begin: Wax', 90, 'Piece 1'],
      ['Soon too late: Wax', 100, 'Piece 1'],
      ['Too late now: Wax', 120, 'Piece 1'],
    ])
    expect(found.map((a) => a.calls)).toEqual(['opens', 'opens', 'closes', 'missed'])
  })

  it('is one thing where a test and what it opens fall together', () => {
    expect(coming(bench(piece(1, { coats: [coat(7, 30)], next: 'Wax', opensAt: at(30.5) }))).map((a) => a.words)).toEqual(['Time to test: Coat 7'])
    expect(coming(bench(piece(1, { coats: [coat(7, 30)], next: 'Wax', opensAt: at(31.5) })))).toHaveLength(2)
  })

  it('is what nobody has planned, a day before its promise, and nothing that was promised to nobody', () => {
    const unplanned = [{ piece: 4, name: 'The bag', customer: 'Ana', promisedAt: at(2000), promised: true },
      { piece: 5, name: 'The belt', customer: 'Ana', promisedAt: at(2000), promised: false }]
    const found = coming({ rack: [], unplanned } as unknown as BenchView)
    expect(found.map((a) => [a.pieceId, a.at / 60_000])).toEqual([[4, 2000 - 1440]])
  })

  it('is each look that a wait wants, by itself', () => {
    const found = coming(bench(piece(1, { bells: [{ at: at(120), words: 'Look at it.' }, { at: at(240), words: 'Look at it.' }] })))
    expect(found.map((a) => [a.words, a.at / 60_000])).toEqual([['Look at it.', 120], ['Look at it.', 240]])
    expect(new Set(found.map((a) => a.key)).size).toBe(2)
  })

  it('is another thing when its moment has moved', () => {
    const key = (gate: number): string | undefined => coming(bench(piece(1, { coats: [coat(7, gate)] })))[0]?.key
    expect(key(30)).not.toBe(key(31))
  })
})

describe('alarms', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.mocked(play).mockClear()
  })

  /** A device that looks at a bench: time passes by hand. */
  const device = (sound = true) => {
    const view = shallowRef<BenchView | null>(null)
    const now = ref(0)
    const scope = effectScope()
    const alarms = scope.run(() => useAlarms(view, now, ref('knock'), ref(sound)))
    if (alarms === undefined) {
      throw new Error('No scope.')
    }
    return {
      alarms,
      words: () => alarms.ringing.value.map((a) => a.words),
      sees: async (b: BenchView): Promise<void> => {
        view.value = b
        await nextTick()
      },
      minute: async (minutes: number): Promise<void> => {
        now.value = minutes * 60_000
        await nextTick()
      },
      off: () => scope.stop(),
    }
  }

  it('ring when their moment comes, once, with the workshop’s sound', async () => {
    const d = device()
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] })))
    expect(d.words()).toEqual([])
    await d.minute(29)
    expect(d.words()).toEqual([])
    await d.minute(30)
    expect(d.words()).toEqual(['Time to test: Coat 7'])
    expect(play).toHaveBeenCalledExactlyOnceWith('knock', 'opens', 3)
    d.alarms.stop()
    await d.minute(31)
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] })))
    expect(d.words()).toEqual([])
    expect(play).toHaveBeenCalledTimes(1)
  })

  it('make no sound where none is wanted', async () => {
    const d = device(false)
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] })))
    await d.minute(30)
    expect(d.words()).toHaveLength(1)
    expect(play).not.toHaveBeenCalled()
  })

  it('are no news when they were due before this device first looked', async () => {
    const d = device()
    await d.minute(40)
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] })))
    expect(d.words()).toEqual([])
    await d.minute(50)
    expect(d.words()).toEqual([])
  })

  it('ring after a reload for what was awaited before it, and not again for what was heard', async () => {
    const d = device()
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] }), piece(2, { coats: [coat(8, 60)] })))
    await d.minute(30)
    expect(d.words()).toEqual(['Time to test: Coat 7'])
    await nextTick()
    d.off()
    const reloaded = device()
    await reloaded.minute(65)
    await reloaded.sees(bench(piece(1, { coats: [coat(7, 30)] }), piece(2, { coats: [coat(8, 60)] })))
    expect(reloaded.words()).toEqual(['Time to test: Coat 8'])
  })

  it('are put off for five minutes and come back', async () => {
    const d = device()
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] })))
    await d.minute(30)
    d.alarms.snooze()
    expect(d.words()).toEqual([])
    await d.minute(34)
    expect(d.words()).toEqual([])
    await d.minute(35)
    expect(d.words()).toEqual(['Time to test: Coat 7'])
    d.alarms.stop()
    await d.minute(45)
    expect(d.words()).toEqual([])
  })

  it('fall silent when somebody has seen to it at another tablet', async () => {
    const d = device()
    await d.sees(bench(piece(1, { coats: [coat(7, 30)] }), piece(2, { coats: [coat(8, 30)] })))
    await d.minute(30)
    expect(d.words()).toHaveLength(2)
    await d.sees(bench(piece(2, { coats: [coat(8, 30)] })))
    expect(d.words()).toEqual(['Time to test: Coat 8'])
  })

  it('say nothing of what follows from one’s own hands', async () => {
    const d = device()
    await d.sees(bench(piece(1)))
    await d.minute(10)
    const after = bench(piece(1, { next: 'Wax', opensAt: at(10) }))
    d.alarms.expected(after)
    await d.sees(after)
    expect(d.words()).toEqual([])
  })
})
