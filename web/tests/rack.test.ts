import type { DOMWrapper } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import RackPiece from '../src/bench/RackPiece.vue'
import Tape from '../src/bench/Tape.vue'
import type { BenchView, BlockView, RackPieceView } from '../src/api/types'
import Silhouette from '../src/drawing/Silhouette.vue'
import { fakeApi, ok } from './fakeApi'
import { choose, says, settled, shown, words as text } from './mounting'
import { at, coat, ms, rackPiece, words } from './views'

beforeEach(() => {
  document.body.innerHTML = ''
  fakeApi(ok(words()))
})

const rack = (piece: RackPieceView, more: { minutes?: number, chosen?: boolean, small?: boolean } = {}) =>
  shown(RackPiece, { piece, now: ms(more.minutes ?? 0), chosen: more.chosen ?? false, small: more.small ?? false })

describe('a pair on the shelf', () => {
  it.each([
    [rackPiece({ standing: 'open', next: 'Wax' }), 'May begin: Wax.'],
    [rackPiece({ standing: 'open', next: 'Wax', closesAt: at(30) }), 'Wax: until'],
    [rackPiece({ standing: 'to-test' }), 'To be tested.'],
    [rackPiece({ standing: 'waiting', next: 'Wax', opensAt: at(30) }), 'Wax from'],
    [rackPiece({ standing: 'waiting', next: 'Wax', opensAt: at(30), closesAt: at(60) }), ', until'],
    [rackPiece({ standing: 'waiting' }), 'Waits.'],
    [rackPiece({ standing: 'late', next: 'Wax' }), 'Window missed: Wax.'],
    [rackPiece({ standing: 'stalled' }), 'Does not dry in this air.'],
    [rackPiece({ standing: null }), 'All done.'],
    [rackPiece({ standing: 'open', next: 'Wax', atWork: ['Tomas'] }), 'Tomas is at it.'],
    [rackPiece({ standing: 'open', next: 'Wax', atWork: ['Tomas', 'Wren'] }), 'Tomas and Wren are at it.'],
  ])('says what it waits for (%#)', (piece, said) => {
    expect(text(rack(piece))).toContain(said)
  })

  it('says what wants a look next, and nothing of what has rung', () => {
    const bells = [{ at: at(240), words: 'Turn it again.' }, { at: at(120), words: 'Turn it.' }]
    expect(text(rack(rackPiece({ bells }), { minutes: 60 }))).toMatch(/\d\d:00: Turn it\./)
    expect(text(rack(rackPiece({ bells }), { minutes: 180 }))).toContain('Turn it again.')
    expect(text(rack(rackPiece({ bells }), { minutes: 300 }))).not.toContain('Turn it')
    expect(text(rack(rackPiece({ bells }), { minutes: 60, small: true }))).not.toContain('Turn it')
  })

  it('says how far it is and when it is due', async () => {
    const it = rack(rackPiece({ stepsDone: 3, stepsAll: 12, promisedAt: at(600) }))
    expect(text(it)).toMatch(/due \d\d:00 · 3 of 12/)
    await it.find('button').trigger('click')
    expect(it.emitted('take')).toHaveLength(1)
  })

  const wet = (minutes: number): number | undefined => {
    const it = rack(rackPiece({ coats: [coat({ half: 'left', parts: ['vamp'], touchAt: at(10), nextAt: at(110) })] }), { minutes })
    return it.findAllComponents(Silhouette).find((s) => s.props('half') === 'left')?.props('wet')?.['vamp']
  }

  it('is as wet as it is: all of it when just laid, half at the touch, nothing once the next may follow', () => {
    expect([0, 5, 10, 60, 110, 500].map((m) => wet(m))).toEqual([1, 0.75, 0.5, 0.25, 0, 0])
  })

  it('is wet on the half that was laid, or on both', () => {
    const halves = (half: 'left' | 'both') =>
      rack(rackPiece({ coats: [coat({ half })] })).findAllComponents(Silhouette).map((s) => s.props('wet')?.['vamp'] ?? 0)
    expect(halves('left')).toEqual([1, 0])
    expect(halves('both')).toEqual([1, 1])
  })

  it('says when it may be touched, laid on and bent, and until when the window is open', () => {
    const it = rack(rackPiece({ coats: [coat({ recoatUntilAt: at(200) })] }))
    expect(text(it)).toMatch(/touch\s*\d\d:10\s*next coat\s*\d\d:20\s*until\s*\d\d:20\s*flex/)
    expect(it.find('[aria-label^="left:"]').attributes('aria-label')).toBe('left: 0 % of the wait has passed')
    expect(rack(rackPiece({ coats: [coat({})] }), { minutes: 55 }).find('[aria-label^="left:"]').attributes('aria-label')).toContain('50 %')
  })

  it('never says that the next coat may follow before the first may be touched', () => {
    expect(text(rack(rackPiece({ coats: [coat({ touchAt: at(30), recoatFromAt: at(20) })] })))).toMatch(/next coat\s*\d\d:30/)
  })

  it('says what is the matter where a coat does not dry', () => {
    expect(text(rack(rackPiece({ coats: [coat({ nextAt: null, warnings: ['It is too cold for it.'] })] })))).toContain('It is too cold for it.')
  })

  it('may be found ready before its time, once it may be touched', async () => {
    const gated = rackPiece({ coats: [coat({ step: 8, version: 3, gateAt: at(40) })] })
    expect(text(rack(gated, { minutes: 5 }))).not.toContain('passes its test now')
    expect(text(rack(gated, { minutes: 41 }))).not.toContain('passes its test now')
    const it = rack(gated, { minutes: 20 })
    await says(it, 'passes its test now').trigger('click')
    expect(it.emitted('test')).toEqual([[{ id: 8, version: 3 }, 'passed']])
  })

  it('is small among many: its times are left to the one in the hand', () => {
    const it = rack(rackPiece({ coats: [coat()] }), { small: true })
    expect(text(it)).not.toContain('flex')
    expect(it.findAll('[aria-label^="left:"]')).toHaveLength(1)
  })

  it('is moved to where it shall dry', async () => {
    const it = rack(rackPiece({ coats: [coat()], place: 'rack' }), { chosen: true })
    await settled()
    await choose(it, 'Place', 'drying box')
    expect(it.emitted('move')).toEqual([['box']])
  })
})

describe('how a piece is arranged for the work', () => {
  const worked = { chosen: true }
  const arranged: RackPieceView['arranged'] = [
    { how: 'off', half: 'left', parts: ['laces'] }, { how: 'off', half: 'right', parts: ['laces', 'insole'] }, { how: 'taped', half: 'left', parts: ['welt'] },
    { how: 'held', half: 'right', parts: ['outsole', 'welt'] }, { how: 'on-tree', half: 'left', parts: [] },
  ]

  it('is drawn on the half that it is true of', () => {
    const it = rack(rackPiece({ arranged }))
    const [left, right] = it.findAllComponents(Silhouette)
    const drawn = (half: typeof left) => half?.findAll('[data-arranged]').map((e) => e.attributes('data-arranged')).sort()
    expect(drawn(left)).toEqual(['off', 'on-tree', 'taped'])
    // Two parts that lie beside each other are held by one clamp.
    expect(drawn(right)).toEqual(['held', 'off', 'off'])
    expect(rack(rackPiece()).find('[data-arranged]').exists()).toBe(false)
  })

  it('leaves what is off out of what can be seen of it', () => {
    const colours: RackPieceView['colours'] = [{ half: 'left', hex: '#112233', parts: ['laces'] }, { half: 'left', hex: '#553311', parts: ['vamp'] }]
    expect(rack(rackPiece({ colours })).html()).toContain('#112233')
    expect(rack(rackPiece({ colours, arranged })).html()).not.toContain('#112233')
    expect(rack(rackPiece({ colours, arranged })).html()).toContain('#553311')
  })

  it('is said in words of the one in the hand', () => {
    expect(text(rack(rackPiece({ arranged }), worked))).toContain('Off: laces, insole. Under tape: welt. In clamps: outsole, welt. On trees.')
    expect(text(rack(rackPiece({ arranged })))).not.toContain('Under tape')
  })
})

describe('today as a tape', () => {
  const block = (from: number, until: number, more: Partial<BlockView> = {}): BlockView =>
    ({ step: 1, start: at(from), end: at(until), title: 'Cream', piece: 1, pieceName: 'The derbies', done: false, ...more })
  const tape = (bench: Partial<BenchView>, minutes = 0) =>
    shown(Tape, { bench: { dayFrom: at(-60), dayUntil: at(540), tapes: [], threads: [], rack: [], brushChanges: 0, ...bench }, now: ms(minutes) })
  const whole = [{ start: at(-60), end: at(540) }]
  const one = (today: BlockView[], tomorrow: BlockView[] = [], hours = whole) => ({ person: 1, name: 'Ida Moss', today, tomorrow, hours, next: null })
  const left = (e: DOMWrapper<Element> | undefined): string => /left: ([\d.]+)%/.exec(e?.attributes('style') ?? '')?.[1] ?? ''
  const width = (e: DOMWrapper<Element> | undefined): string => /width: ([\d.]+)%/.exec(e?.attributes('style') ?? '')?.[1] ?? ''

  it('shows whose each stretch of work is, where in the day it is', async () => {
    const blocks = [block(0, 30), block(30, 60), block(120, 126, { done: true, piece: 2, pieceName: 'The bag' })]
    const it = tape({ tapes: [one(blocks)], rack: [rackPiece({ piece: 1 })] })
    const stretches = it.findAll('.stretch')
    expect(stretches.map((b) => b.attributes('aria-label'))).toEqual([
      expect.stringMatching(/^Ida Moss, \d\d:00 to \d\d:00: The derbies, 2 steps$/), expect.stringMatching(/: The bag, Cream$/),
    ])
    // Ten hours are the whole width: an hour after the first is at a tenth.
    expect([left(stretches[0]), width(stretches[0])]).toEqual(['10', '10'])
    expect(it.findAll('.stands'), 'its piece stands over it where it is known').toHaveLength(1)
    /** Two pieces in turn, so many minutes apart. */
    const inTurn = (apart: number) => tape({
      tapes: [one([0, 1, 2, 3].map((n) => block(apart * n, apart * n + 2, { piece: n % 2 + 1, pieceName: `Piece ${n}` })))],
      rack: [1, 2].map((piece) => rackPiece({ piece })),
    }).findAll('.stands')
    expect(inTurn(60), 'where there is room').toHaveLength(4)
    expect(inTurn(6), 'and not in each other’s way').toHaveLength(1)
    expect(stretches.map((b) => b.classes('opacity-50'))).toEqual([false, true])
    const row = it.find('[role=group]')
    await row.trigger('keydown', { key: 'ArrowRight' })
    expect(text(it), 'the arrows read it').toContain('The derbies, 2 steps')
    await row.trigger('keydown', { key: 'ArrowRight' })
    expect(text(it)).toContain('The bag, Cream')
    await row.trigger('mouseleave')
    expect(text(it)).not.toContain('The bag, Cream')
    vi.spyOn(row.element, 'getBoundingClientRect').mockReturnValue({ left: 0, width: 1000 } as DOMRect)
    await row.trigger('click', { clientX: 320 })
    expect(text(it), 'a finger need not hit it').toContain('The bag, Cream')
  })

  it('takes the colour of the piece for its stretch', () => {
    const colours: RackPieceView['colours'] = [{ half: 'left', hex: '#111111', parts: ['toe'] }, { half: 'left', hex: '#aa5500', parts: ['vamp', 'quarter'] }]
    const it = tape({ tapes: [one([block(0, 60)])], rack: [rackPiece({ piece: 1, colours })] })
    expect(it.find('.stretch > span:last-child').attributes('style')).toContain('#aa5500')
  })

  it('shows when nobody works', () => {
    const it = tape({ tapes: [one([block(0, 60)], [], [{ start: at(0), end: at(180) }, { start: at(240), end: at(480) }])] })
    expect(it.findAll('.closed').map((c) => [left(c), width(c)])).toEqual([['0', '10'], ['40', '10'], ['90', '10']])
    expect(tape({ tapes: [one([])] }).findAll('.closed')).toHaveLength(0)
    expect(tape({ tapes: [one([], [], [])] }).findAll('.closed').map(width), 'a day off').toEqual(['100'])
  })

  it('says how much by hand is left of today, and what begins tomorrow', () => {
    const it = tape({ tapes: [one([block(0, 60), block(120, 150), block(-50, -40, { done: true })], [block(1440, 1470)])], brushChanges: 1 }, 70)
    expect(it.attributes('aria-label')).toBe('Today: 1 step, 30 minutes by hand today')
    expect(text(it)).toMatch(/tomorrow from \d\d:00, 1 step, 30 min/)
    expect(text(it)).toContain('one brush change ahead')
    expect(tape({ tapes: [one([])] }).attributes('aria-label')).toBe('Today: nothing more for hands today')
  })

  it('shows the others narrow, and only those who have something to do', () => {
    const wren = { ...one([block(0, 30), block(40, 50, { done: true, piece: 2, pieceName: 'The bag' })]), person: 2, name: 'Wren' }
    const it = tape({ tapes: [one([]), wren, { ...one([]), person: 3, name: 'Nell' }], brushChanges: 2 })
    expect(it.findAll('[aria-label$=" ahead"]').map((t) => t.attributes('aria-label'))).toEqual(['Ida Moss: 0 steps ahead', 'Wren: 1 step ahead'])
    expect(text(it)).not.toContain('Nell')
    expect(text(it)).toContain('2 brush changes ahead')
  })

  it('lays threads that dry side by side on heights of their own', () => {
    const thread = (from: number, until: number) => ({ start: at(from), end: at(until), title: 'Paint', pieceName: 'The boots' })
    const it = tape({ tapes: [one([])], threads: [thread(0, 120), thread(60, 180), thread(130, 200)] })
    expect(it.findAll('.thread').map((t) => /top: (\d+)px/.exec(t.attributes('style') ?? '')?.[1])).toEqual(['44', '48', '44'])
  })
})
