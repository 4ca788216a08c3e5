import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { AirView, BenchView, CallView, PersonView, PieceView } from '../src/api/types'
import AirLine from '../src/bench/AirLine.vue'
import Bench from '../src/bench/Bench.vue'
import FitMinutes from '../src/bench/FitMinutes.vue'
import TimeLapse from '../src/bench/TimeLapse.vue'
import ForHands from '../src/kit/ForHands.vue'
import Silhouette from '../src/drawing/Silhouette.vue'
import PartPictures from '../src/picture/PartPictures.vue'
import LookOver from '../src/piece/LookOver.vue'
import Pots from '../src/pots/Pots.vue'
import { useSession } from '../src/session/useSession'
import { ok, refuses, serving } from './fakeApi'
import { choose, onThePage, says, settled, shown, somewhere, words as text } from './mounting'
import { at, bench, call, finding, part, person, piece, rackPiece, session, words } from './views'

const house = { 'GET /words': ok(words()), 'GET /session': ok(session()) }
type Answers = Parameters<typeof serving>[0]

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse(at(0)) })
  serving(house)
})

const press = async (key: string, on: EventTarget = window, more: KeyboardEventInit = {}): Promise<void> => {
  on.dispatchEvent(new KeyboardEvent('keydown', { key, code: key === ' ' ? 'Space' : key, bubbles: true, cancelable: true, ...more }))
  await settled()
}

describe('the bench by keys', () => {
  const open = async (calls: CallView[], more: Partial<BenchView> = {}, answers: Answers = {}) => {
    const acts = serving({ ...house, 'GET /bench': ok(bench({ calls, rack: [rackPiece()], ...more })), ...answers })
    await useSession().load()
    const it = shown(Bench)
    await settled()
    return { it, acts: () => acts().map((a) => [a.path, a.body]) }
  }
  const running = () => call({ urgency: 'running', step: { id: 3, version: 2, status: 'running', startedAt: at(-5) } })
  const test = () => call({ urgency: 'test', step: { id: 4, version: 5, gate: 'No tack.', status: 'done' } })

  it.each([
    ['begins what may begin', call({ step: { id: 2, version: 7 } }), '/steps/2/start', { version: 7 }],
    ['ends what is under way', running(), '/steps/3/done', { version: 2 }],
    ['passes what stands its test', test(), '/steps/4/gate', { version: 5, answer: 'passed' }],
    ['does again what a missed window asks for', call({ urgency: 'missed', again: { id: 9, version: 1, title: 'Wipe' } }), '/steps/9/again', { version: 1 }],
    ['goes on where nothing is to be done again', call({ urgency: 'missed', step: { id: 2, version: 7 } }), '/steps/2/start', { version: 7 }],
  ])('Space %s', async (_, one, path, body) => {
    const { acts } = await open([one], {}, { [`POST ${path}`]: ok(bench()) })
    await press(' ')
    expect(acts()).toEqual([[path, body]])
  })

  it('says since when nobody plans anew, and nothing of it while somebody does', async () => {
    const { it } = await open([], { replanningStillSince: at(-18) })
    expect(it.text()).toContain('Re-planning stands still since 08:42')
    it.unmount()
    expect((await open([])).it.text()).not.toContain('Re-planning')
  })

  it.each([
    ['n', test(), '/steps/4/gate', { version: 5, answer: 'not-yet' }],
    ['x', test(), '/steps/4/spoiled', { version: 5 }],
    ['x', running(), '/steps/3/spoiled', { version: 2 }],
    ['i', running(), '/steps/3/interrupt', { version: 2 }],
    ['Escape', running(), '/steps/3/put-down', { version: 2 }],
  ])('“%s” says the other thing', async (key, one, path, body) => {
    const { acts } = await open([one], {}, { [`POST ${path}`]: ok(bench()) })
    await press(key)
    expect(acts()).toEqual([[path, body]])
  })

  it.each([['n', running()], ['i', test()], ['Escape', test()], ['Escape', call()], ['x', call()], ['h', call()]])(
    '“%s” says nothing where it means nothing', async (key, one) => {
      const { acts } = await open([one])
      await press(key)
      expect(acts()).toEqual([])
    },
  )

  it('never begins and ends a step with one press that bounces, and shows that it is locked', async () => {
    const begun = bench({ calls: [call({ urgency: 'running', step: { id: 2, version: 8, status: 'running', startedAt: at(0) } })] })
    const { it, acts } = await open([call({ step: { id: 2, version: 7 } })], {}, { 'POST /steps/2/start': ok(begun), 'POST /steps/2/done': ok(bench()) })
    await press(' ')
    await press(' ')
    expect(acts()).toEqual([['/steps/2/start', { version: 7 }]])
    expect(it.find('[data-locked]').exists()).toBe(true)
    expect(says(it, 'Done').attributes('disabled')).toBeDefined()
    await new Promise((resolve) => setTimeout(resolve, 1300))
    expect(it.find('[data-locked]').exists()).toBe(false)
    await press(' ')
    expect(acts()).toHaveLength(2)
  })

  it('takes back what was done last, with “u” or a tap, and offers nothing where nothing was done', async () => {
    const lastAct = { step: 5, version: 9, title: 'Wipe', pieceName: 'The boots', event: 'done', at: at(-1) } as const
    const { it, acts } = await open([call()], { lastAct }, { 'POST /steps/5/take-back': ok(bench()) })
    expect(says(it, 'Take back: “Wipe”').text()).toContain('The boots, ended')
    await press('u')
    expect(acts()).toEqual([['/steps/5/take-back', { version: 9 }]])
    const none = await open([call()])
    await press('u')
    expect(none.acts()).toEqual([])
    expect(text(none.it)).not.toContain('Take back')
  })

  it('leaves keys alone that are typed, held down, or meant for the browser', async () => {
    const { acts } = await open([call()])
    const input = document.createElement('input')
    document.body.append(input)
    await press(' ', input)
    await press(' ', window, { repeat: true })
    await press(' ', window, { ctrlKey: true })
    expect(acts()).toEqual([])
  })

  it('takes another piece of the rack in hand with the arrows, round and round, and not while something is under way', async () => {
    const pieces = [1, 2, 3].map((n) => rackPiece({ piece: n, name: `Piece ${n}` }))
    const calls = [1, 2, 3].map((n) => call({ pieceName: `Piece ${n}`, step: { id: n, piece: n, title: `Step ${n}` } }))
    const { it } = await open(calls, { rack: pieces })
    const inHand = () => it.find('[aria-label="In the hand"] h2').text()
    const seen = [inHand()]
    for (const key of ['ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowUp']) {
      await press(key)
      seen.push(inHand())
    }
    expect(seen).toEqual(['Step 1', 'Step 2', 'Step 3', 'Step 1', 'Step 3'])
    const busy = await open([running(), ...calls], { rack: pieces })
    await press('ArrowDown')
    expect(busy.it.find('[aria-label="In the hand"] h2').text()).toBe('Lay cream')
  })

  it('asks why when it is too early, and Space is then no second try', async () => {
    const { acts } = await open([call({ step: { id: 2, version: 7 } })], {}, { 'POST /steps/2/start': refuses(409, 'It is not dry.', { overridable: true }) })
    await press(' ')
    expect(document.body.textContent).toContain('It is not dry.')
    await press(' ')
    expect(acts()).toHaveLength(1)
    await says(onThePage(), 'Wait for it').trigger('click')
    await settled()
    await press(' ')
    expect(acts()).toHaveLength(2)
  })

  it('is helpful when the rack is empty, and plays with time in the demo alone', async () => {
    const { it } = await open([], { rack: [] })
    expect(text(it)).toContain('The rack is empty.')
    expect(it.find('[aria-label="The demo’s time"]').exists()).toBe(true)
    const real = await open([], { rack: [] }, { 'GET /session': ok(session({ demo: false })) })
    expect(real.it.find('[aria-label="The demo’s time"]').exists()).toBe(false)
  })
})

describe('the air', () => {
  const air = (more: Partial<AirView> = {}): AirView =>
    ({ place: 'bench', label: 'bench', tempC: 21.26, humidity: 48, speedMs: 0.1, source: 'instrument', at: at(0), said: [], ...more })
  const line = async (views: AirView[], answers: Answers) => {
    const acts = serving({ ...house, ...answers })
    const it = shown(AirLine, { air: views })
    await it.find('button').trigger('click')
    await settled()
    return { it, acts }
  }
  const whatIf = (more: object) => ok({ label: '', tempC: 24, humidity: 40, speedMs: 0.5, caution: null, coats: [], minutes: 0, ...more })
  const saved = (minutes: number) => ({ pieceName: 'The boots', title: `Coat ${minutes}`, was: null, becomes: null, minutes })

  it('is read at the bench, and calls when there is something to say of it', async () => {
    const { it } = await line([air({ place: 'rack', label: 'rack', tempC: 19, said: ['Too moist to lay resin.'] }), air({ source: 'typed' })], {})
    expect(it.find('button').text()).toMatch(/21\.3 °C · 48 % ?typed ?!/)
    expect(text(it)).toContain('Too moist to lay resin.')
    expect(text(shown(AirLine, { air: [] }))).toContain('air not read yet')
  })

  it('is typed for one place or for the whole room; what is left empty is not taken for nought', async () => {
    const { it, acts } = await line([air()], { 'POST /air': refuses(422, 'A number is needed here.') })
    await it.find('[name=tempC]').setValue('23.5')
    await it.find('form').trigger('submit')
    await settled()
    expect(it.find('[role=alert]').text()).toBe('A number is needed here.')
    await it.find('[name=humidity]').setValue('')
    await choose(it, 'Where', 'rack')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([
      { tempC: 23.5, humidity: 48, speedMs: 0.1, place: null }, { tempC: 23.5, humidity: null, speedMs: 0.1, place: 'rack' },
    ])
    expect(it.emitted('typed')).toBeUndefined()
  })

  it('says what a fan would save, coat by coat, sooner, later or the same', async () => {
    const { it } = await line([air()], {
      'GET /air/what-if?do=fan&outsideC=10&outsideHumidity=65': whatIf({ minutes: 95, coats: [saved(95), saved(0), saved(-10)], caution: 'Not on wet resin.' }),
      'GET /air/what-if?do=heater&outsideC=10&outsideHumidity=65': whatIf({ minutes: -20, coats: [saved(-20)] }),
      'GET /air/what-if?do=box&outsideC=10&outsideHumidity=65': whatIf({}),
    })
    await says(it, 'fan on').trigger('click')
    await settled()
    expect(text(it)).toContain('Saves 1 h 35 of waiting in all.')
    expect(it.findAll('li').map((l) => l.findAll('span').at(-1)?.text())).toEqual(['1 h 35 sooner', 'the same', '10 min later'])
    expect(text(it)).toContain('Not on wet resin.')
    await says(it, '+3 °C').trigger('click')
    await settled()
    expect(text(it)).toContain('Costs 20 min of waiting in all.')
    await says(it, 'drying box').trigger('click')
    await settled()
    expect(text(it)).toContain('Nothing is drying now.')
  })

  it('asks what it is like outside before the window is opened', async () => {
    const { it } = await line([air()], {
      'GET /air/what-if?do=window&outsideC=10&outsideHumidity=65': whatIf({ tempC: 15 }),
      'GET /air/what-if?do=window&outsideC=-4&outsideHumidity=65': whatIf({ tempC: 8 }),
    })
    await says(it, 'window open').trigger('click')
    await settled()
    expect(text(it)).toContain('The rack would have 15.0 °C')
    await it.find('[name=outsideC]').setValue('-4')
    await it.find('[name=outsideC]').trigger('change')
    await settled()
    expect(text(it)).toContain('The rack would have 8.0 °C')
  })
})

describe('what only some may do', () => {
  const shownTo = async (of: Partial<PersonView>, planning: boolean) => {
    serving({ ...house, 'GET /session': ok(session({ person: person(of) })) })
    await useSession().load()
    return mount(ForHands, { props: { planning }, slots: { default: '<button>One drop</button>' } })
  }

  it.each([
    ['a restorer mixes', {}, false, true],
    ['an apprentice mixes', { mayPlan: false }, false, true],
    ['the counter looks on', { works: false, mayPlan: false }, false, false],
    ['an apprentice settles nothing', { mayPlan: false }, true, false],
    ['a restorer settles it', {}, true, true],
  ])('%s', async (_, of, planning, may) => {
    const it = await shownTo(of, planning)
    expect(it.find('fieldset').element.disabled).toBe(!may)
    expect(text(it).includes('You look on here')).toBe(!may)
    expect(text(it).includes(planning ? 'settled by a restorer' : 'whoever is at the bench')).toBe(!may)
  })
})

describe('some minutes to spare', () => {
  const blocks = [1, 2].map((n) => ({ step: n, piece: n, pieceName: `Piece ${n}`, title: `Step ${n}`, start: at(n * 10), end: at(n * 10 + 7), done: false }))

  it('are filled with what fits; the first of it can be taken in hand', async () => {
    serving({ ...house, 'GET /bench/fit?minutes=25': ok({ blocks: [] }), 'GET /bench/fit?minutes=40': ok({ blocks }) })
    const it = shown(FitMinutes)
    await says(it, 'I have 25 minutes').trigger('click')
    await settled()
    expect(text(it)).toContain('Nothing that may begin now is over by then.')
    await it.findAll('button').find((b) => b.text() === '40')?.trigger('click')
    await settled()
    expect(it.findAll('li').map((l) => l.text())).toEqual(['09:10Step 1Piece 17 min', '09:20Step 2Piece 27 min'])
    expect(it.findAll('li button')).toHaveLength(1)
    await it.find('li button').trigger('click')
    expect(it.emitted('take')).toEqual([[1]])
  })
})

describe('the demo’s time', () => {
  it('goes on by what was said, with one’s own hands or without, one leap at a time', async () => {
    const acts = serving({ ...house, 'POST /demo/forward': ok(bench()) })
    const it = shown(TimeLapse, { now: Date.parse(at(0)) })
    expect(text(it)).toContain('Demo: Tuesday 3 March, 09:00')
    await says(it, '4 hours on').trigger('click')
    await says(it, '4 hours on').trigger('click')
    await settled()
    await it.find('input').setValue(true)
    await says(it, '15 hours on').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ minutes: 240, me: false, busily: false }, { minutes: 900, me: true, busily: false }])
    expect(it.emitted('forward')).toHaveLength(2)
  })

  it('goes on by a busy week, some hours at a time, until it is over or stopped', async () => {
    const acts = serving({ ...house, 'POST /demo/forward': ok(bench()) })
    const it = shown(TimeLapse, { now: Date.parse(at(0)) })
    await says(it, 'a busy week on').trigger('click')
    expect(says(it, '1 hour on').attributes('disabled')).toBeDefined()
    await vi.waitFor(() => { expect(text(it)).toContain('a busy week on') })
    expect(acts().map((a) => a.body)).toEqual(Array.from({ length: 42 }, () => ({ minutes: 240, me: false, busily: true })))
    await says(it, 'a busy week on').trigger('click')
    await says(it, 'stop: 7 days to go').trigger('click')
    await settled()
    await settled()
    expect(acts().length, 'what is under way comes to its end, and no more').toBe(43)
  })

  it('says when it cannot', async () => {
    serving({ ...house, 'POST /demo/forward': refuses(409, 'The demo’s year is over.') })
    const it = shown(TimeLapse, { now: Date.parse(at(0)) })
    await says(it, '1 hour on').trigger('click')
    await settled()
    expect(it.find('[role=alert]').text()).toBe('The demo’s year is over.')
  })
})

describe('looking a piece over', () => {
  const both = (half: 'left' | 'right') => [part({ half }), part({ half, part: 'toe', shade: 'black' }), part({ half, part: 'laces', material: 'textile' })]
  const open = async (of: Partial<PieceView> = {}, answers: Answers = {}, may = true) => {
    const acts = serving({
      ...house, 'GET /session': ok(session({ person: person({ mayPlan: may }) })), 'GET /pieces/4': ok(
        piece({ parts: [...both('left'), ...both('right')], ...of }),
      ),
      'GET /pieces/4/pictures': ok({ piece: 4, pictures: [], missing: [] }), ...answers,
    })
    await useSession().load()
    const router = somewhere('/pieces/4')
    await router.isReady()
    const it = shown(LookOver, { id: 4 }, router)
    await settled()
    return { it, acts: () => acts().map((a) => [a.method, a.path, a.body]), router }
  }
  const tap = async (it: Awaited<ReturnType<typeof open>>['it'], half: string, name: string) => {
    it.findAllComponents(Silhouette).find((s) => s.props('half') === half)?.vm.$emit('choose', name)
    await settled()
  }

  it('shows what is known of the part that is tapped, with what was found there and how large', async () => {
    const { it } = await open({
      findings: [
        finding({ id: 5, half: 'right', lengthMm: 30, widthMm: 4, depthMm: 0.3 }), finding({ id: 6, half: 'right', part: 'toe', share: 0.4, label: 'fading' }),
      ],
    })
    await tap(it, 'right', 'vamp')
    expect(text(it)).toContain('scuff, some, 30 × 4 mm, 0.3 mm deep')
    expect(text(it)).not.toContain('fading')
    await says(it, 'The whole upper').trigger('click')
    await settled()
    expect(text(it)).toContain('scuff on the vamp')
    expect(text(it)).toContain('fading on the toe, some, 40 % of it')
  })

  it('sends what is agreed with all that was agreed before', async () => {
    const { it, acts } = await open({ unwanted: 'no wax', valueCents: 4000 }, { 'PUT /pieces/4/agreement': ok(piece({ aim: 'restore' })) })
    await choose(it, 'Aim', 'restore')
    expect(acts()).toEqual([['PUT', '/pieces/4/agreement', {
      aim: 'restore', gloss: 'satin', patina: 'keep', newShade: null, unwanted: 'no wax', valueCents: 4000, replaceCents: null, version: 7,
    }]])
  })

  it('takes a finding away that was a mistake', async () => {
    const { it, acts } = await open({ findings: [finding({ id: 5 })] }, { 'DELETE /pieces/4/findings/5': ok(piece()) })
    await tap(it, 'left', 'vamp')
    await says(it, 'take away: scuff').trigger('click')
    await settled()
    expect(acts()).toEqual([['DELETE', '/pieces/4/findings/5', { version: 7 }]])
  })

  it('makes the plan and goes to it, and stays when there is something to say first', async () => {
    const { it, acts, router } = await open({}, { 'POST /pieces/4/plan': ok({}) })
    await says(it, 'Make the plan').trigger('click')
    await settled()
    expect(acts()).toEqual([['POST', '/pieces/4/plan', { version: 7 }]])
    expect(router.currentRoute.value.path).toBe('/pieces/4/plan')
    const refused = await open({}, { 'POST /pieces/4/plan': refuses(409, 'It is being worked on.') })
    await says(refused.it, 'Make the plan').trigger('click')
    await settled()
    expect(refused.router.currentRoute.value.path).toBe('/pieces/4')
    expect(refused.it.find('[role=alert]').text()).toContain('It is being worked on.')
    expect(text((await open({ state: 'in-work' })).it)).toContain('Plan the rest anew')
  })

  it.each([
    ['by whoever may not plan', {}, false], ['when it was handed over', { state: 'collected' } as const, true],
  ])('is only read %s', async (_, of, may) => {
    const { it } = await open({ findings: [finding({ id: 5 })], ...of }, {}, may)
    await tap(it, 'left', 'vamp')
    for (const act of ['take away', 'Make the plan']) {
      expect(text(it)).not.toContain(act)
    }
    expect(it.find('button[aria-label^="Aim:"]').attributes('disabled')).toBeDefined()
  })
})

describe('every pot there ever was', () => {
  it('is found by piece, owner, paint and place, and says how it stands', async () => {
    const row = (id: number, more: object) => ({
      id, name: `Pot ${id}`, pieceName: 'The boots', customer: 'Mirela', recipe: '12 straw', state: 'mixing', drops: 0, keptMl: null, keptWhere: '', at: at(0),
      target: '#1', mixed: null, near: null, ...more,
    })
    const list = [
      row(1, {}), row(2, { drops: 12, customer: 'Ana' }), row(3, { state: 'kept', keptMl: 4, keptWhere: 'third drawer', near: 1.26 }),
      row(4, { state: 'empty', recipe: '3 brick' }),
    ]
    serving({ ...house, 'GET /pots': ok({ pots: list }), 'GET /pots?near=11': ok({ pots: [] }) })
    const it = shown(Pots, { near: null, shade: null })
    await settled()
    expect(it.findAll('li strong').map((s) => s.text())).toEqual(['still empty', '12 drops in it', '4 ml kept, third drawer', 'used up'])
    expect(text(it)).toContain('ΔE 1.3')
    const found = async (sought: string) => {
      await it.find('input').setValue(sought)
      return it.findAll('li').map((l) => /Pot \d/.exec(l.text())?.[0])
    }
    expect(await found('brick')).toEqual(['Pot 4'])
    expect(await found('boots DRAWER')).toEqual(['Pot 3'])
    expect(await found('ana straw')).toEqual(['Pot 2'])
    expect(await found('ana brick')).toEqual([])
    expect(text(it)).toContain('No pot like that.')
    await it.find('input').setValue('')
    await it.setProps({ near: 11 })
    await settled()
    expect(text(it)).toContain('Pots nearest to that colour')
    expect(it.findAll('li')).toHaveLength(0)
  })
})

describe('pictures beside a part', () => {
  it('are those pinned to it, or a before with its after', async () => {
    const picture = (id: number, more: object) => ({
      id, moment: 'before', half: 'left', part: null, side: 'toe', thumb: `/t${id}`, full: `/f${id}`, at: at(0), ...more,
    })
    const list = [
      picture(1, {}), picture(2, { part: 'vamp', side: null }), picture(
        3, { part: 'vamp', half: 'right', side: null },
      ), picture(4, { part: 'vamp', half: null, side: null }),
      picture(5, { moment: 'after', side: 'heel' }), picture(6, { moment: 'after' }),
    ]
    serving({ ...house, 'GET /pieces/4/pictures': ok({ piece: 4, pictures: list, missing: [] }) })
    const shows = async (props: { part: string | null, half: string | null }) => {
      const it = shown(PartPictures, { piece: 4, ...props })
      await settled()
      return it.findAll('img').map((i) => i.attributes('src'))
    }
    expect(await shows({ part: 'vamp', half: 'left' })).toEqual(['/t2', '/t4'])
    expect(await shows({ part: 'toe', half: 'left' })).toEqual([])
    expect(await shows({ part: null, half: null })).toEqual(['/t1', '/t6'])
    expect(document.body.innerHTML, 'large where there are pixels for it').toContain('/f6 2400w')
  })
})
