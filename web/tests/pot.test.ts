import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick } from 'vue'
import type { PotView } from '../src/api/types'
import type { Act } from '../src/kit/useOutbox'
import Jar from '../src/pots/Jar.vue'
import { phaseOf, stillDue } from '../src/pots/phases'
import { usePot } from '../src/pots/usePot'
import { together, useTray } from '../src/pots/useTray'
import { useSession } from '../src/session/useSession'
import { fakeApi, lost, ok, refuses } from './fakeApi'
import { shown } from './mounting'
import { drop } from './views'

const pot = (more: Partial<PotView>): PotView =>
  ({ id: 5, version: 1, phase: 'drops', state: 'mixing', drops: [], recipe: [], due: [], total: 0, dabs: [], ground: null, ...more } as unknown as PotView)

describe('what a pot wants next, as hands see it', () => {
  it('counts drops that are on their way', () => {
    expect(stillDue([drop('straw', 3), drop('brick', 1)], (code) => (code === 'brick' ? 1 : 2))).toMatchObject([{ code: 'straw', drops: 1 }])
  })

  it.each([
    ['recipe', false, false, false, 'recipe'],
    ['drops', true, true, false, 'drops'],
    ['drops', false, true, false, 'dab'],
    ['correct', false, false, false, 'correct'],
    ['correct', false, false, true, 'lay'],
    ['lay', false, false, true, 'lay'],
    ['closed', false, true, false, 'closed'],
    ['dab', false, true, true, 'dab'],
  ] as const)('is, when the computer says %s, due %s, on their way %s, near enough for the eye %s: %s', (phase, due, onTheirWay, asItIs, expected) => {
    expect(phaseOf({ phase }, due, onTheirWay, asItIs)).toBe(expected)
  })

  it('is nothing before the pot is there', () => {
    expect(phaseOf(null, false, false, false)).toBe('loading')
  })
})

describe('the jar', () => {
  const jar = (drops: number, need = 40, next: string | null = null) =>
    shown(Jar, { drops, capacity: 100, need, hex: drops > 0 ? '#aa5500' : null, next, label: 'The jar' })
  const level = (drops: number): number => Number(jar(drops).find('.level').attributes('height'))

  it('is as full as drops are in it, and no fuller than full', () => {
    expect(level(50)).toBeCloseTo(level(100) / 2)
    expect(level(150)).toBe(level(100))
    expect(level(1)).toBeGreaterThanOrEqual(2)
    expect(jar(50).find('.level').attributes('fill')).toBe('#aa5500')
    expect(jar(0).find('.level').exists()).toBe(false)
  })

  it('has a mark for what the job needs, where it holds so much, and shows the drop that falls next', () => {
    const mark = (need: number) => jar(10, need).find('.mark')
    expect(mark(40).attributes('d')).toBe(`M8 ${142 - 0.4 * level(100)}H92`)
    expect([mark(100).exists(), mark(0).exists()]).toEqual([false, false])
    expect([jar(10).findAll('svg').length, jar(10, 40, '#ffcc00').findAll('svg').length]).toEqual([1, 2])
  })
})

describe('taps that follow each other', () => {
  const tap = (key: string, code: string, drops: number, pot = 1): Act =>
    ({ key, path: `/pots/${pot}/drops`, body: { code, drops, name: code }, at: '2026-03-03T10:00:00+00:00', words: '' })

  it('are one act with the key of the first and the sum of both', () => {
    expect(together(tap('a', 'straw', 1), tap('b', 'straw', 5))).toMatchObject({ key: 'a', body: { code: 'straw', drops: 6 }, words: '6 drops of straw' })
  })

  it('are nothing where one takes the other back', () => {
    expect(together(tap('a', 'straw', 1), tap('b', 'straw', -1))).toBe('nothing')
  })

  it.each([
    ['of another paint', tap('b', 'brick', 1)],
    ['into another pot', tap('b', 'straw', 1, 2)],
    ['more than may go in at a time', tap('b', 'straw', 100)],
  ])('stay apart: %s', (_, other) => {
    expect(together(tap('a', 'straw', 1), other)).toBeNull()
  })
})

describe('the pot', () => {
  let scope = effectScope()
  beforeEach(() => {
    localStorage.clear()
    scope = effectScope()
    vi.stubGlobal('setTimeout', (then: () => void) => {
      then()
      return 0
    })
  })
  afterEach(() => {
    scope.stop()
  })
  let id = 100
  const open = async (first: PotView, ...answers: Parameters<typeof fakeApi>) => {
    const computer = fakeApi(ok(first), ...answers)
    const found = scope.run(() => usePot(++id, () => 0))
    if (found === undefined) {
      throw new Error('No scope.')
    }
    await found.reload()
    return { ...found, computer }
  }
  const settled = async (): Promise<void> => {
    for (let i = 0; i < 40; i++) {
      await Promise.resolve()
      await nextTick()
    }
  }

  it('counts every tap at once, and sends them one after the other, each once', async () => {
    const first = pot({ due: [drop('straw', 3)], recipe: [drop('straw', 3)] })
    const answers = [1, 3].map((n) => {
      const due = n < 3 ? [drop('straw', 3 - n)] : []
      return ok(pot({ id: id + 1, version: 1 + n, drops: [drop('straw', n)], due, total: n, phase: n < 3 ? 'drops' : 'dab' }))
    })
    const p = await open(first, ...answers)
    p.drop('straw', 1, 'straw')
    p.drop('straw', 1, 'straw')
    p.drop('straw', 1, 'straw')
    expect([p.inPot('straw'), p.total.value, p.due.value, p.phase.value]).toEqual([3, 3, [], 'dab'])
    await settled()
    expect([p.inPot('straw'), p.total.value, p.phase.value]).toEqual([3, 3, 'dab'])
    const drops = p.computer.sent.filter((s) => s.path.endsWith('/drops'))
    // The first is under way at once; what was tapped meanwhile goes as one.
    expect(drops.map((s) => s.body)).toEqual([{ code: 'straw', drops: 1 }, { code: 'straw', drops: 2 }])
    expect(new Set(drops.map((s) => s.key)).size).toBe(2)
  })

  it('shows what is on the way as such, for each paint', async () => {
    const first = pot({ due: [drop('straw', 3)], recipe: [drop('straw', 3)], drops: [drop('straw', 2)], total: 2 })
    const p = await open(first, lost, lost, lost)
    p.drop('straw', 2, 'straw')
    expect([p.onTheWay('straw'), p.onTheWay('brick'), p.inPot('straw'), p.total.value]).toEqual([2, 0, 4, 4])
    await settled()
    p.computer.answers(ok(pot({ id, drops: [drop('straw', 4)], total: 4 })))
    await useTray().send()
    expect([p.onTheWay('straw'), p.inPot('straw')]).toEqual([0, 4])
  })

  it('takes the answer to drops that another page of it sent', async () => {
    const p = await open(pot({ id: id + 1 }), ok(pot({ id: id + 1, version: 2, total: 4 })))
    useTray().tap(id, 'straw', 4, 'straw', new Date(0))
    await settled()
    expect(p.pot.value?.total).toBe(4)
  })

  it('keeps taps that could not be sent, and dabs only when they have gone in', async () => {
    const p = await open(pot({ due: [drop('straw', 1)], recipe: [drop('straw', 1)] }), lost, lost, lost)
    p.drop('straw', 1, 'straw')
    await settled()
    expect([p.inPot('straw'), p.phase.value]).toEqual([1, 'dab'])
    const gone = ok(pot({ id, version: 2, drops: [drop('straw', 1)], total: 1, phase: 'dab' }))
    p.computer.answers(gone, ok(pot({ version: 3, drops: [drop('straw', 1)], total: 1, phase: 'lay' })))
    await p.dab()
    expect(p.computer.sent.slice(-2).map((s) => [s.path, s.body])).toEqual([
      [`/pots/${id}/drops`, { code: 'straw', drops: 1 }],
      [`/pots/${id}/dabs`, { version: 2 }],
    ])
    expect(p.phase.value).toBe('lay')
  })

  it('says which tap was not taken in, and why', async () => {
    const p = await open(pot({ due: [drop('straw', 5)], recipe: [drop('straw', 5)] }), refuses(409, 'The pot has room for 80 drops.'))
    p.drop('straw', 5, 'straw')
    await settled()
    expect(p.notTaken.value).toMatchObject([{ words: '5 drops of straw', why: 'The pot has room for 80 drops.' }])
    expect(p.inPot('straw')).toBe(0)
  })

  it('makes what a correction adds part of the recipe', async () => {
    const now = pot({ drops: [drop('straw', 10), drop('brick', 2)], total: 12, phase: 'correct' })
    const p = await open(now, ok({ additions: [] }), ok(pot({ version: 2 })), ok({ recipes: [] }))
    await p.addTo([drop('brick', 3), drop('moss', 1)])
    expect(p.computer.sent.find((s) => s.path.endsWith('/recipe'))?.body).toEqual({ version: 1, drops: { straw: 10, brick: 5, moss: 1 } })
  })
})

/** As often as a request that got lost is asked before it is left for later. */
const ATTEMPTS = 3

describe('what was left behind on the tray', () => {
  const session = (id: number | null) =>
    ok({ person: id === null ? null : { id, name: 'Ida', isMaster: true }, csrfToken: 'a', now: '2026-03-03T10:00:00Z' })

  it('goes when whoever tapped it is here, not before', async () => {
    localStorage.clear()
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] })
    const computer = fakeApi(session(1), lost, lost, lost, session(null))
    await useSession().load()
    await useTray().send()
    useTray().tap(900, 'straw', 2, 'straw', new Date(0))
    await vi.waitFor(() => {
      expect(computer.sent).toHaveLength(1 + ATTEMPTS)
    })
    await useSession().load()
    const scope = effectScope()
    scope.run(() => {
      useTray().keepSending()
    })
    await vi.advanceTimersByTimeAsync(10_000)
    const before = computer.sent.length
    expect(before).toBe(2 + ATTEMPTS)
    computer.answers(session(1), ok(pot({ id: 900, version: 2, total: 2 })))
    await useSession().load()
    await vi.advanceTimersByTimeAsync(2_000)
    expect(computer.sent.slice(before + 1).map((s) => [s.path, s.body])).toEqual([['/pots/900/drops', { code: 'straw', drops: 2 }]])
    scope.stop()
    vi.useRealTimers()
  })
})
