import { beforeEach, describe, expect, it } from 'vitest'
import AlarmBar from '../src/bench/AlarmBar.vue'
import Hand from '../src/bench/Hand.vue'
import LatePieces from '../src/bench/LatePieces.vue'
import type { BlockView, CallView, RackPieceView } from '../src/api/types'
import { ok, serving } from './fakeApi'
import { choose, says, settled, shown, words } from './mounting'
import { at, call, ms, plan, rackPiece, step, words as shopWords } from './views'

beforeEach(() => {
  document.body.innerHTML = ''
})

const hand = (one: CallView | null, more: { busy?: boolean, rack?: RackPieceView[], following?: CallView[], minutes?: number, goesOn?: BlockView } = {}) =>
  shown(Hand, {
    call: one, following: more.following ?? [], now: ms(more.minutes ?? 0), busy: more.busy ?? false, rack: more.rack ?? [],
    ahead: '40 min by hand until 18:00', helpers: [{ person: 3, name: 'Wren' }], goesOn: more.goesOn ?? null,
    last: null, locked: false,
  })

describe('the one thing to do', () => {
  it('is to begin what may begin, with what it is and how long it takes', async () => {
    const it = hand(call({ step: { title: 'Lay cream', minutes: 8 } }))
    expect(words(it)).toContain('Lay cream')
    expect(words(it)).toContain('8 min')
    await says(it, 'Start').trigger('click')
    expect(it.emitted('act')).toHaveLength(1)
    expect(words(it)).not.toContain('Interrupted')
  })

  it('says which pot a coat is laid from, and when there is too little in it', () => {
    const of = (enough: boolean) => hand(call({ pot: { pot: 5, name: 'Vamp, navy', takesMl: 3.1, leftMl: enough ? 12.4 : 1.2, enough } }))
    expect(words(of(true))).toContain('From the pot “Vamp, navy”: about 3.1 ml of the 12.4 ml that are left.')
    expect(of(false).find('a[href="/pots/5"]').element.closest('.caution')).not.toBeNull()
    expect(of(true).find('a[href="/pots/5"]').element.closest('.caution')).toBeNull()
  })

  it('is to end what is under way, or to interrupt, hand on, put down or spoil it', async () => {
    const it = hand(call({ urgency: 'running', step: { startedAt: at(0), minutes: 8, status: 'running' } }), { minutes: 5.9 })
    expect(words(it)).toContain('5of about 8 minutes')
    for (const [text, event] of [['Done', 'act'], ['Interrupted', 'interrupt'], ['Spoiled', 'spoiled'], ['Put it down', 'putDown']] as const) {
      await says(it, text).trigger('click')
      expect(it.emitted(event), text).toHaveLength(1)
    }
    await says(it, 'A helper goes on').trigger('click')
    await settled()
    await says(it, 'Wren').trigger('click')
    expect(it.emitted('handOn'), 'what they should know is asked').toBeUndefined()
    await it.find('[name=handed]').setValue('The left is done. ')
    await it.find('form').trigger('submit')
    expect(it.emitted('handOn')).toEqual([[3, 'The left is done.']])
  })

  it('asks how long it really was, where its end was forgotten', async () => {
    const night = hand(call({ urgency: 'running', step: { startedAt: at(0), minutes: 8, status: 'running' } }), { minutes: 900 })
    expect(words(night)).toContain('How long was it really?')
    await night.find('[name=really]').setValue(9)
    await night.find('form').trigger('submit')
    expect(night.emitted('took')).toEqual([[9]])
    expect(words(hand(call({ urgency: 'running', step: { startedAt: at(0), minutes: 8, status: 'running' } }), { minutes: 59 }))).not.toContain('really')
    expect(words(hand(call({ urgency: 'running', step: { startedAt: at(0), minutes: 30, status: 'running' } }), { minutes: 149 }))).not.toContain('really')
  })

  it('is to answer a look: enough, or a rung up', async () => {
    const look = { title: 'Look again: is it clean enough?', why: 'Ground-in dirt: next comes foam.', half: 'both', status: 'running', isLook: true } as const
    const it = hand(call({ urgency: 'running', step: { ...look, startedAt: at(0), minutes: 1 } }))
    expect(words(it)).toContain('A look at both halves')
    expect(words(it)).toContain('next comes foam')
    expect(words(it)).not.toContain('Spoiled')
    await says(it, 'Enough').trigger('click')
    await says(it, 'Not enough').trigger('click')
    await says(it, 'Put it down').trigger('click')
    expect([it.emitted('act'), it.emitted('notEnough'), it.emitted('putDown')].map((e) => e?.length)).toEqual([1, 1, 1])
    expect(words(hand(call({ step: { ...look, status: 'open' } })))).toContain('Start')
  })

  it('is to decide how the other half goes on, once one has been compared', async () => {
    serving({
      'GET /words': ok(shopWords({ trials: [{
        id: 'T-8', label: 'one half first', how: '', identifies: false,
        outcomes: [{ id: 'no-change', label: 'nothing', meaning: '' }, { id: 'darkens', label: 'it stays darker', meaning: '' },
          { id: 'dulls', label: 'it dulls', meaning: '' }],
      }] })),
      'GET /pieces/1/plan': ok(plan({ steps: [
        step({ key: 'a', status: 'done', family: 'conditioner' }), step({ key: 'b', status: 'done', family: null }),
        step({ key: 'c', status: 'open', family: 'cream' }),
      ] })),
    })
    const it = hand(call({ urgency: 'running', step: { title: 'Compare the halves', action: 'compare', status: 'running', startedAt: at(0) } }))
    await says(it, 'The same for the other').trigger('click')
    await says(it, 'No further').trigger('click')
    expect([it.emitted('act'), it.emitted('stop')].map((e) => e?.length)).toEqual([1, 1])
    await says(it, 'Something else for the other').trigger('click')
    await settled()
    expect(words(it), 'only what was laid did anything').not.toContain('cream polish')
    await choose(it, 'What it did', 'it dulls')
    await it.find('form').trigger('submit')
    expect(it.emitted('otherwise')).toEqual([['conditioner', 'dulls']])
    await says(it, 'Back').trigger('click')
    expect(words(it)).toContain('The same for the other')
  })

  it('is to test what should be ready, and to say so when it is not', async () => {
    const it = hand(call({ urgency: 'test', step: { gate: 'A knuckle wipes it to a shine.', half: 'left', endedAt: at(-20), where: 'vamp' } }))
    expect(words(it)).toContain('Gate test, left half')
    expect(words(it)).toContain('A knuckle wipes it to a shine.')
    await says(it, 'Passed').trigger('click')
    await says(it, 'Not yet').trigger('click')
    await says(it, 'It is spoiled').trigger('click')
    expect([it.emitted('act'), it.emitted('notYet'), it.emitted('spoiled')].map((e) => e?.length)).toEqual([1, 1, 1])
  })

  it('says until when, before it is too late', () => {
    expect(words(hand(call({ urgency: 'closing', closesAt: at(25) })))).toMatch(/Soon too late: until \d\d:25\./)
  })

  it('is to do again what a missed window asks for, or to go on all the same', async () => {
    const it = hand(call({ urgency: 'missed', closesAt: at(-5), again: { id: 9, version: 2, title: 'Wipe with alcohol' } }))
    expect(words(it)).toMatch(/Its window closed at \d\d:55\. Do “Wipe with alcohol” again\./)
    await says(it, 'Wipe with alcohol again').trigger('click')
    await says(it, 'Go on all the same').trigger('click')
    expect([it.emitted('act')?.length, it.emitted('allTheSame')?.length]).toEqual([1, 1])
  })

  it('says when one goes on, out of hours', () => {
    const goesOn = { step: 4, start: at(900), end: at(910), title: 'Lay wax', piece: 1, pieceName: 'The boots', done: false }
    expect(words(hand(call(), { goesOn }))).toMatch(/Out of hours\. You go on .*: “Lay wax”, The boots\./)
    expect(words(hand(null, { goesOn }))).toMatch(/You go on .*: “Lay wax”, The boots\./)
    expect(words(hand(call()))).not.toContain('Out of hours')
  })

  it('cannot be tapped twice while the first tap is under way', () => {
    const it = hand(call({ urgency: 'running', step: { startedAt: at(0) } }), { busy: true })
    expect(it.findAll('button:not([data-note])').every((b) => b.attributes('disabled') !== undefined)).toBe(true)
  })

  it('is followed by what comes then, and how much of the day that is', () => {
    const it = hand(call(), { following: [call({ urgency: 'test', pieceName: 'The boots', minutes: 2, step: { title: 'Paint', half: 'right' } })] })
    expect(words(it)).toContain('40 min by hand until 18:00')
    expect(words(it)).toContain('Test: PaintThe boots, right2 min')
  })

  it('is nothing while all of it dries, until the first of it opens', () => {
    const rack = [
      rackPiece({ piece: 1, name: 'The boots', standing: 'waiting', next: 'Wax', opensAt: at(90) }),
      rackPiece({ piece: 2, name: 'The bag', standing: 'waiting', next: 'Cream', opensAt: at(30) }),
      rackPiece({ piece: 3, name: 'The belt', standing: 'stalled', next: 'Oil', opensAt: at(10) }),
    ]
    expect(words(hand(null, { rack }))).toMatch(/Hands free.*“Cream” on The bag, at \d\d:30/)
    expect(words(hand(null, { rack: [rackPiece()] }))).toContain('Nothing waits for you just now.')
    expect(words(hand(null))).toContain('Take a piece in at the counter')
  })
})

describe('what calls from across the room', () => {
  const alarm = (n: number) => ({ key: `k${n}`, at: 0, words: `Time to test: coat ${n}`, piece: `Piece ${n}`, pieceId: n })

  it('is said large with the piece that calls, and answered by coming, putting off or leaving it to others', async () => {
    const it = shown(AlarmBar, { ringing: [alarm(1), alarm(2), alarm(3), alarm(4), alarm(5)], rack: [rackPiece({ piece: 1 }), rackPiece({ piece: 2 })] })
    expect(words(it)).toContain('coat 1')
    expect(it.findAll('[aria-hidden=true] svg').length, 'the piece that calls is drawn').toBeGreaterThan(0)
    expect(words(it)).toContain('Also: Time to test: coat 2, Piece 2')
    expect(words(it)).not.toContain('coat 4')
    expect(words(it)).toContain('and 2 more')
    await says(it, 'Coming').trigger('click')
    await says(it, 'In five minutes').trigger('click')
    await says(it, 'Somebody else has it').trigger('click')
    expect([it.emitted('come')?.length, it.emitted('snooze')?.length, it.emitted('quiet')?.length]).toEqual([1, 1, 1])
  })

  it('is not there when nothing calls', () => {
    expect(shown(AlarmBar, { ringing: [], rack: [] }).find('[role=alert]').exists()).toBe(false)
    const sign = (locked: boolean) => shown(AlarmBar, { ringing: [alarm(1)], rack: [], locked }).find('.key').classes('invisible')
    expect([sign(true), sign(false)], 'the sign of the foot switch comes when a press counts').toEqual([true, false])
  })
})

describe('what will be late', () => {
  const late = (n: number, endsAt: string | null) => ({ piece: n, ticket: 10 + n, name: `Piece ${n}`, customer: 'Mirela', promisedAt: at(60), endsAt })

  it('is said with the day it would be done, for three of them and the number of the rest', () => {
    const it = shown(LatePieces, { late: [late(1, at(90)), late(2, null), late(3, at(90)), late(4, at(90)), late(5, at(90))], now: ms(0) })
    expect(words(it)).toMatch(/Piece 1 would be done \d\d:30; promised \d\d:00 to Mirela\./)
    expect(words(it)).toContain('Piece 2 has no hours left to be done in')
    expect(words(it)).not.toContain('Piece 4')
    expect(words(it)).toContain('And 2 more.')
    expect(it.findAll('a').map((a) => a.attributes('href'))).toContain('/tickets/11/promise')
  })
})
