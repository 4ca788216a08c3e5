import Correct from '../src/counter/Correct.vue'
import Leaving from '../src/counter/Leaving.vue'
import { sittings } from '../src/step/sittings'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { EntryView, LeavingView, OwnerPageView, PieceRowView, PromiseView, SessionView, TicketView, WorkerView, WorkshopView } from '../src/api/types'
import Counter from '../src/counter/Counter.vue'
import Label from '../src/counter/Label.vue'
import NewTicket from '../src/counter/NewTicket.vue'
import { colourToBe, newColours } from '../src/counter/newColours'
import PromisePage from '../src/counter/Promise.vue'
import Ledger from '../src/ledger/Ledger.vue'
import OwnerPage from '../src/owner/OwnerPage.vue'
import SignaturePad from '../src/step/SignaturePad.vue'
import TicketPaper from '../src/counter/TicketPaper.vue'
import WhoWeAre from '../src/workshop/WhoWeAre.vue'
import SignIn from '../src/people/SignIn.vue'
import { useSession } from '../src/session/useSession'
import DaySheet from '../src/workshop/DaySheet.vue'
import { angle, arc, minutesOf } from '../src/workshop/dial'
import Hours from '../src/workshop/Hours.vue'
import LearnedHere from '../src/workshop/LearnedHere.vue'
import OtherDays from '../src/workshop/OtherDays.vue'
import SetUp from '../src/workshop/SetUp.vue'
import Stations from '../src/workshop/Stations.vue'
import { useWorkshop } from '../src/workshop/useWorkshop'
import { ok, refuses, serving } from './fakeApi'
import { choose, onThePage, says, settled, shown, somewhere, words as text } from './mounting'
import { at, person, piece, rackPiece, session, words } from './views'

const NOW = Date.parse(at(0))
const house = { 'GET /words': ok(words()), 'GET /session': ok(session()) }
const signedIn = async (may: boolean, answers: Parameters<typeof serving>[0], more: Partial<SessionView> = {}) => {
  const acts = serving({ ...house, 'GET /session': ok(session({ person: person({ mayPlan: may }), ...more })), ...answers })
  await useSession().load()
  return acts
}

beforeEach(() => {
  document.body.innerHTML = ''
  vi.useFakeTimers({ toFake: ['Date'], now: NOW })
  serving(house)
})

describe('a new ticket', () => {
  const jobs = [
    { id: 1, name: 'Clean and feed', families: [], aim: 'keep', gloss: 'satin' },
    { id: 2, name: 'Polish', families: ['low-shoe'], aim: 'freshen', gloss: 'glow' },
    { id: 4, name: 'Deep clean trainers', families: ['trainer'], aim: 'freshen', gloss: 'satin' },
  ]
  const oxfords = {
    id: 7, tag: '1-1', name: 'The oxfords', kind: 'low-shoe/derby', sizeEu: 44, lengthMm: null, shade: 'black', aim: 'freshen', gloss: 'glow',
  }
  const opened = async (answers: Parameters<typeof serving>[0] = { 'POST /intake': ok({ pieces: [{ id: 31, hasPlan: false }] }) }) => {
    const acts = await signedIn(true, {
      'GET /usual-jobs': ok({ jobs }), 'GET /owners?find=Mir': ok({ owners: [{ customer: 'Mirela', contact: '12 34', lastAt: at(0), pieces: [oxfords] }] }),
      ...answers,
    })
    const router = somewhere('/counter/new')
    const it = shown(NewTicket, {}, router)
    await settled()
    return { it, acts, router }
  }
  type Sent = { ticket: { customer: string, contact: string, pieces: Record<string, unknown>[] }, with: { like: number | null, job: number | null }[] }
  const whole = (acts: () => readonly { body: unknown }[], n = 0) => acts()[n]?.body as Sent
  const sent = (acts: () => readonly { body: unknown }[]) => whole(acts).ticket

  it('asks for no day, and leads to its first piece', async () => {
    const { it, acts, router } = await opened()
    await it.find('[name=customer]').setValue('Orsolya')
    await it.find('[name=name]').setValue('The boots')
    await it.find('form').trigger('submit')
    await settled()
    expect(sent(acts)).not.toHaveProperty('promisedAt')
    expect(sent(acts).pieces).toEqual([
      { name: 'The boots', kind: 'low-shoe/derby', sizeEu: 42, lengthMm: null, aim: 'freshen', gloss: 'satin', shade: 'chestnut' },
    ])
    expect(whole(acts).with).toEqual([{ like: null, job: null }])
    expect(router.currentRoute.value.fullPath).toBe('/pieces/31')
  })

  it('takes the colours of a recolour: the whole, and parts that get another', async () => {
    const { it, acts } = await opened()
    await it.find('[name=customer]').setValue('Orsolya')
    await it.find('[name=name]').setValue('The boots')
    expect(it.text()).not.toContain('Its new colour is')
    await choose(it, 'Aim', 'recolour')
    expect(it.text()).not.toContain('As it will be')
    await choose(it, 'New colour', 'black')
    expect(it.text()).toContain('As it will be')
    await it.findAll('button').find((b) => b.text() === 'A part in another colour')?.trigger('click')
    await settled()
    await it.find('form').trigger('submit')
    await settled()
    const [whole, own] = (acts()[0]?.body as { with: { newColours: { shade: string, parts: string[] }[] }[] }).with[0]?.newColours ?? []
    expect(whole).toEqual({ shade: 'black', parts: [] })
    expect(own?.shade).toBe('ivory')
    expect(own?.parts).toHaveLength(1)
  })

  it('groups parts by their colour, and leaves out what the kind lacks and what is said twice', () => {
    const own = [
      { part: 'toe', shade: 'ivory' }, { part: 'flap', shade: 'black' }, { part: 'counter', shade: 'ivory' }, { part: 'toe', shade: 'black' },
    ] as const
    expect(newColours('navy', own, ['toe', 'vamp', 'counter'])).toEqual([{ shade: 'navy', parts: [] }, { shade: 'ivory', parts: ['toe', 'counter'] }])
    expect(newColours('', [], ['toe'])).toEqual([])
    expect(colourToBe('toe', 'chestnut', 'navy', own)).toBe('ivory')
    expect(colourToBe('vamp', 'chestnut', 'navy', own)).toBe('navy')
    expect(colourToBe('vamp', 'chestnut', '', own)).toBe('chestnut')
  })

  it('finds a known owner by a few letters, takes the piece as last time and a usual job, and leads to the plan', async () => {
    vi.useFakeTimers({ now: NOW })
    const { it, acts, router } = await opened({ 'POST /intake': ok({ pieces: [{ id: 31, hasPlan: true }] }) })
    const customer = it.find<HTMLInputElement>('[name=customer]')
    await customer.setValue('Mir')
    await vi.advanceTimersByTimeAsync(200)
    vi.useRealTimers()
    await settled()
    expect(it.findAll('[role=option]').map((o) => o.text())).toEqual(['Mirela 12 34 · 1 piece'])
    await customer.trigger('keydown', { key: 'ArrowDown' })
    await customer.trigger('keydown', { key: 'Enter' })
    await settled()
    expect([customer.element.value, it.find<HTMLInputElement>('[name=contact]').element.value]).toEqual(['Mirela', '12 34'])
    expect(document.activeElement?.textContent, 'Enter goes on').toBe('The oxfords')
    await says(it, 'The oxfords').trigger('click')
    await settled()
    expect(it.find<HTMLInputElement>('[name=sizeEu]').element.value).toBe('44')
    expect(document.activeElement?.textContent).toBe('Clean and feed')
    expect(text(it), 'only what is for shoes').not.toContain('Deep clean trainers')
    await says(it, 'Polish').trigger('click')
    await settled()
    expect(document.activeElement?.textContent?.trim()).toBe('Open the ticket and plan it')
    await it.find('form').trigger('submit')
    await settled()
    expect(whole(acts)).toMatchObject({
      ticket: { customer: 'Mirela', contact: '12 34', pieces: [{ name: 'The oxfords', gloss: 'glow' }] }, with: [{ like: 7, job: 2 }],
    })
    expect(router.currentRoute.value.fullPath).toBe('/pieces/31/plan')
  })

  it('is no usual job any more when it is pressed once more', async () => {
    const { it, acts } = await opened()
    await it.find('[name=customer]').setValue('Orsolya')
    await says(it, 'Polish').trigger('click')
    await says(it, 'Polish').trigger('click')
    await it.find('form').trigger('submit')
    await settled()
    expect(whole(acts).with).toEqual([{ like: null, job: null }])
  })

  it('forgets a job that is not done to the kind of piece it has become', async () => {
    const { it, acts } = await opened()
    await it.find('[name=customer]').setValue('Orsolya')
    await says(it, 'Polish').trigger('click')
    await choose(it, 'Family', 'bags')
    expect(text(it)).not.toContain('Open the ticket and plan it')
    await it.find('form').trigger('submit')
    await settled()
    expect(whole(acts).with).toEqual([{ like: null, job: null }])
  })

  it('measures footwear by its size and all else by its longest side, and nothing where nothing was typed', async () => {
    const { it, acts } = await opened()
    await choose(it, 'Family', 'bags')
    expect(it.find('[name=sizeEu]').exists()).toBe(false)
    expect(it.find('[name=lengthMm]').attributes('placeholder')).toBe('420')
    await it.find('form').trigger('submit')
    await settled()
    expect(sent(acts).pieces[0]).toMatchObject({ kind: 'bag/tote', sizeEu: null, lengthMm: null })
    await it.find('[name=lengthMm]').setValue('380')
    await it.find('form').trigger('submit')
    await settled()
    expect(whole(acts, 1).ticket).toMatchObject({ pieces: [{ lengthMm: 380, sizeEu: null }] })
  })

  it('takes several pieces, each with what is its own', async () => {
    const { it, acts } = await opened()
    await it.find('[name=name]').setValue('The boots')
    await says(it, 'One more piece').trigger('click')
    await it.find('[name=name]').setValue('The bag')
    await choose(it, 'Family', 'bags')
    await choose(it, 'Shade', 'black')
    await says(it, 'The boots').trigger('click')
    expect(it.find<HTMLInputElement>('[name=name]').element.value).toBe('The boots')
    await it.find('form').trigger('submit')
    await settled()
    expect(sent(acts).pieces.map((p) => [p['name'], p['kind'], p['shade']])).toEqual([
      ['The boots', 'low-shoe/derby', 'chestnut'], ['The bag', 'bag/tote', 'black'],
    ])
  })

  it('keeps all that was typed when it is refused, and shows the piece that is wrong', async () => {
    const { it } = await opened({
      'POST /intake': refuses(422, 'Something is missing.', {
        errors: [{ field: 'ticket.customer', message: 'Whose is it?' }, { field: 'ticket.pieces[0].name', message: 'Give it a name.' }],
      }),
    })
    await it.find('[name=wish]').setValue('As they were')
    await says(it, 'One more piece').trigger('click')
    await it.find('form').trigger('submit')
    await settled()
    expect(it.find('[role=alert]').text()).toBe('Something is missing.')
    expect(text(it)).toContain('Whose is it?')
    expect(text(it)).toContain('Give it a name.')
    expect(it.find('[name=name]').attributes('aria-invalid')).toBe('true')
    expect(it.find<HTMLTextAreaElement>('[name=wish]').element.value).toBe('As they were')
    expect(says(it, 'Open the ticket').attributes('disabled')).toBeUndefined()
  })
})

const row = (more: Partial<PieceRowView> = {}): PieceRowView => ({
  id: 1, tag: '2-1', name: 'The derbies', kind: 'low-shoe/derby', aim: 'freshen', state: 'planned', hasPlan: true, stepsDone: 0, stepsAll: 20,
  colours: [], readyAt: null, shelf: '', sizeEu: 42, lengthMm: null, ...more,
})
const ticket = (more: Partial<TicketView> = {}): TicketView =>
  ({ id: 2, customer: 'Mirela', contact: '', wish: '', promisedAt: at(60), promised: true, openedAt: at(-600), toldAt: null, waits: null,
    seen: 'abc', pieces: [row()], ...more })

describe('the counter', () => {
  const counter = async (tickets: TicketView[], may = true) => {
    await signedIn(may, { 'GET /tickets': ok({ tickets }) })
    const it = shown(Counter)
    await settled()
    return it
  }
  const names = (it: Awaited<ReturnType<typeof counter>>) => it.findAll('.text-lg.font-semibold').map((n) => n.text())
  const some = () => [
    ticket({
      id: 1, customer: 'Mirela', wish: 'for the ball', promisedAt: at(-60), pieces: [
        row(), row({ id: 2, tag: '2-2', name: 'The bag', kind: 'bag/tote', state: 'to-plan' }),
      ],
    }),
    ticket({ id: 2, customer: 'Orsolya', promisedAt: at(36 * 60), pieces: [row({ id: 3, tag: '3-1', name: 'The boots', state: 'in-work', stepsDone: 7 })] }),
    ticket({ id: 3, customer: 'Tomas', promisedAt: at(-6000), pieces: [row({ id: 4, name: 'The belt', state: 'collected' })] }),
    ticket({ id: 4, customer: 'Ana', promisedAt: at(6 * 24 * 60), pieces: [row({ id: 5, name: 'The coat', state: 'to-look-over', hasPlan: false })] }),
  ]

  /** The workshop's computer as it finds, and what it was asked for. */
  const finding = async (answer: (query: URLSearchParams) => object) => {
    const asked: string[] = []
    await signedIn(true, {
      'GET /tickets': ({ path }) => {
        const query = new URLSearchParams(path.split('?')[1])
        asked.push(query.toString())
        return ok(answer(query))
      },
    })
    const it = shown(Counter)
    await settled()
    return { it, asked }
  }
  const rested = async (): Promise<void> => {
    await new Promise((resolve) => setTimeout(resolve, 250))
    await settled()
  }

  it('looks for what is sought where it is stored, once the hand rests', async () => {
    const { it, asked } = await finding((query) => ({ tickets: query.get('find') === 'mirela' ? [some()[0]] : [], more: false }))
    const field = it.find('input[type=search]')
    await field.setValue('mir')
    await field.setValue('mirela')
    await rested()
    expect(asked).toEqual(['find=&page=0', 'find=mirela&page=0'])
    expect(names(it)).toEqual(['The derbies', 'The bag'])
    await field.setValue('mirela boots')
    await rested()
    expect(text(it)).toContain('No owner and no piece by “mirela boots”.')
  })

  it('asks for what is due and for a state', async () => {
    const { it, asked } = await finding(() => ({ tickets: [], more: false }))
    await choose(it, 'Due', 'overdue')
    await choose(it, 'Due', 'within a week')
    await choose(it, 'State', 'to be planned')
    await settled()
    expect(asked.slice(1)).toEqual(['find=&page=0&due=-1', 'find=&page=0&due=7', 'find=&page=0&state=to-plan&due=7'])
    expect(text(it)).toContain('No owner and no piece by that choice.')
  })

  it('shows more after what it shows, for as long as there is more', async () => {
    const { it, asked } = await finding((query) => query.get('page') === '0'
      ? { tickets: some().slice(0, 2), more: true }
      : { tickets: some().slice(2), more: false })
    expect(names(it)).toEqual(['The derbies', 'The bag', 'The boots'])
    await says(it, 'Show more').trigger('click')
    await settled()
    expect(names(it)).toEqual(['The derbies', 'The bag', 'The boots', 'The belt', 'The coat'])
    expect(asked.at(-1)).toBe('find=&page=1')
    expect(text(it)).not.toContain('Show more')
  })

  it('leads to the next thing for each piece, and marks what is overdue while it is here', async () => {
    const it = await counter(some())
    expect(it.findAll('a:has(.board)').map((a) => a.attributes('href'))).toEqual([
      '/pieces/1/plan', '/pieces/2/plan', '/pieces/3/plan', '/ledger/4', '/pieces/5',
    ])
    expect(it.findAll('li').map((li) => li.text().includes('overdue'))).toEqual([true, false, false, false])
    expect(it.findAll('a[href$="/promise"]')).toHaveLength(3)
  })

  it('is helpful when it is empty, and opens no ticket for whoever may not', async () => {
    expect(text(await counter([]))).toContain('Open the first ticket')
    expect((await counter([])).find('a[href="/counter/new"]').exists()).toBe(true)
    expect((await counter([], false)).find('a[href="/counter/new"]').exists()).toBe(false)
  })

  it('prints a label for each piece with a square that opens it', async () => {
    serving({ ...house, 'GET /tickets/1': ok(some()[0]), 'GET /tickets/99': refuses(404, 'There is nothing here by that name.') })
    const it = shown(Label, { id: 1 })
    await settled()
    expect(it.findAll('.label').map((l) => l.find('.font-head').text())).toEqual(['2-1', '2-2'])
    expect(it.findAll('img').map((i) => i.attributes('alt'))).toEqual(['A square code that opens The derbies', 'A square code that opens The bag'])
    const gone = shown(Label, { id: 99 })
    await settled()
    expect(text(gone)).toContain('There is nothing here by that name.')
  })
})

describe('a promise', () => {
  const promise = (more: Partial<PromiseView> = {}): PromiseView => ({
    ticket: 2, customer: 'Mirela', promisedAt: at(300), promised: true, rush: false, holds: 95, certain: at(1440), even: at(1200), rushed: at(400), pushed: [],
    unseen: [], tooMuch: false, played: 80, outOf: 80, sharpens: false, missing: null, days: [], short: [], aloud: [],
    stepsLeft: 12, minutesLeft: 80, ...more,
  })
  const asked = async (of: Partial<PromiseView>, answers: Parameters<typeof serving>[0] = {}, may = true) => {
    const acts = await signedIn(may, { 'GET /tickets/2/promise': ok(promise(of)), ...answers })
    const it = shown(PromisePage, { id: 2 })
    await settled()
    return { it, acts }
  }
  const pushed = (more: object = {}) => ({
    piece: 7, name: 'The boots', customer: 'Orsolya', promisedAt: at(500), was: at(450), becomes: at(700), breaks: true, ...more,
  })

  it('takes another working day, with how surely it would hold', async () => {
    const days = [
      { hours: [{ at: at(420), holds: 8, rushed: 95 }, { at: at(480), holds: 12, rushed: 96 }] }, { hours: [{ at: at(1920), holds: 97, rushed: 100 }] },
    ]
    const { it, acts } = await asked({ promised: false, days }, { 'POST /tickets/2/promise': ok(promise({ promised: true, promisedAt: at(480) })) })
    expect(text(it)).toContain('No day is promised yet.')
    await choose(it, 'Another day', 'Tuesday 3 March')
    expect(text(it)).toContain('It will hardly be kept: 12 times out of a hundred.')
    expect(text(it)).toContain('Taken before everything else, 96 times.')
    await says(it, 'Promise Tuesday').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ promisedAt: at(480), was: at(300), rush: false })
    expect(text(it)).toContain('Written.')
  })

  it.each([[100, 'It can be kept.'], [90, 'It can be kept.'], [89, 'It may not be kept.'], [60, 'It may not be kept.'], [59, 'It will hardly be kept.'],
    [
      10, 'It will hardly be kept.',
    ], [9, 'It cannot be kept.'], [null, 'It cannot be kept.']])('that is kept %s times out of a hundred: %s', async (holds, sentence) => {
    expect(text((await asked({ holds })).it)).toContain(sentence)
  })

  it('says at once what is likely, asks on as long as it gets surer, and promises only what is sure', async () => {
    const within: string[] = []
    const looks: Record<string, Partial<PromiseView>> = {
      200: { sharpens: true, played: 7, certain: null, holds: null, rushed: null },
      1000: { sharpens: true, played: 31 },
      10000: { certain: at(2880) },
    }
    const look = (until: string) => (asked: { path: string }) => {
      const ms = asked.path.split('within=')[1] ?? ''
      within.push(ms)
      return ok(promise(looks[Number(ms) > Number(until) ? until : ms] ?? {}))
    }
    const first = (await asked({}, { 'GET /tickets/2/promise': look('200') })).it
    expect(text(first)).toContain('Every other time it is ready by tomorrow 05:00, so far.')
    expect(text(first)).toContain('Played through 7 of 80 times; it gets surer as it goes on.')
    expect(text(first)).not.toContain('It cannot be kept')
    expect(text(first)).not.toContain('Promise this')
    const next = (await asked({}, { 'GET /tickets/2/promise': look('1000') })).it
    expect(says(next, 'Promise this').attributes('disabled')).toBeDefined()
    within.length = 0
    const last = (await asked({}, { 'GET /tickets/2/promise': look('10000') })).it
    expect(says(last, 'Promise this').attributes('disabled')).toBeUndefined()
    expect(text(last)).not.toContain('Played through')
    expect(within).toEqual(['200', '1000', '10000'])
  })

  it('goes on from what a promise that was given is answered with', async () => {
    const within: string[] = []
    const { it } = await asked({}, {
      'GET /tickets/2/promise': (asked) => {
        within.push(asked.path.split('within=')[1] ?? '')
        return ok(promise({ promisedAt: within.length > 1 ? at(1440) : at(300) }))
      },
      'POST /tickets/2/promise': ok(promise({ promisedAt: at(1440), sharpens: true })),
    })
    await says(it, 'Promise this').trigger('click')
    await settled()
    expect(within).toEqual(['200', '1000'])
    expect(text(it)).toContain('Written.')
  })

  it('says from when on hours are missing, and for what', async () => {
    const none = { certain: null, even: null, holds: 0, rushed: null }
    const { it } = await asked({ ...none, missing: { from: at(20160), steps: 3, minutes: 140, why: ['Nobody has the skill “colour”.'] } })
    expect(text(it)).toContain('There are not enough hours ahead to promise any day.')
    expect(text(it)).toContain('Nobody’s hours are known after 17 Mar 09:00.')
    expect(text(it)).toContain('3 steps, 140 minutes by hand, cannot be done before that.')
    expect(text(it)).toContain('Nobody has the skill “colour”.')
    const most = (await asked({ ...none, missing: { from: at(20160), steps: 0, minutes: 0, why: [] } })).it
    expect(text(most)).toContain('Before that it is done in most weeks, but not in nine of ten.')
  })

  it('says so where the bench is too full to be played through, and promises nothing', async () => {
    const { it } = await asked({ tooMuch: true, certain: null, even: null, rushed: null, holds: null })
    expect(text(it)).toContain('whether it can be kept cannot be said just now')
    expect(text(it)).not.toContain('Promise this')
    expect(text(it)).not.toContain('not enough hours')
  })

  it('is given with what it was, so that nobody else’s promise is undone', async () => {
    const { it, acts } = await asked({}, { 'POST /tickets/2/promise': ok(promise({ promisedAt: at(1440) })) })
    await says(it, 'Promise this').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ promisedAt: at(1440), was: at(300), rush: false }])
    expect(text(it)).toContain('Written. Promised for Wednesday 4 March, 09:00.')
  })

  it('as a rush says whom it pushes back, and is asked about twice', async () => {
    const { it, acts } = await asked(
      { pushed: [pushed(), pushed({ piece: 8, name: 'The bag', breaks: false, becomes: null })] }, { 'POST /tickets/2/promise': ok(promise()) },
    )
    expect(text(it)).toContain('It would break a promise:')
    expect(text(it)).toMatch(/Orsolya · The boots16:30 → 20:40, promised 17:20/)
    expect(text(it)).toContain('no hours left')
    await says(it, 'Take it as a rush').trigger('click')
    expect(acts()).toHaveLength(0)
    await says(it, 'Yes, before everything else').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ promisedAt: at(400), was: at(300), rush: true }])
  })

  it('says what a rush would not bring', async () => {
    expect(text((await asked({ rushed: at(1440) })).it)).toContain('it waits for its coats, not for hands')
    expect(text((await asked({})).it)).toContain('Nobody is pushed back.')
    expect(text((await asked({ pushed: [pushed({ breaks: false })] })).it)).toContain('No promise breaks; it pushes back:')
    expect(text((await asked({ pushed: [pushed(), pushed({ piece: 9 })] })).it)).toContain('It would break 2 promises:')
  })

  it('cannot be given for what nobody looked over, where nothing is left, or with no hours', async () => {
    expect(text((await asked({ unseen: ['The bag', 'The belt'], certain: null })).it)).toContain('Not looked over: The bag, The belt.')
    expect(text((await asked({ stepsLeft: 0 })).it)).toContain('Nothing is left to be done for this ticket.')
    const none = (await asked({ certain: null, even: null, rushed: null })).it
    expect(text(none)).toContain('There are not enough hours ahead')
    expect(text(none)).not.toContain('Promise this')
    expect(text((await asked({}, {}, false)).it)).not.toContain('Promise this')
  })

  it('that was refused says why and shows how it stands', async () => {
    let reads = 0
    const { it } = await asked({}, {
      'GET /tickets/2/promise': () => ok(promise({ promisedAt: at(reads++ === 0 ? 300 : 900) })),
      'POST /tickets/2/promise': refuses(409, 'It was promised anew meanwhile.'),
    })
    await says(it, 'Promise this').trigger('click')
    await settled()
    expect(text(it)).toContain('It was promised anew meanwhile.')
    expect(text(it)).toContain('Wednesday 4 March, 00:00')
  })
})

describe('the owner’s page', () => {
  const page = (more: Partial<OwnerPageView> = {}): OwnerPageView =>
    ({ piece: 4, version: 9, gone: ['The scuffs.'], softer: [], stays: ['The crease.'], risks: [], declined: [], price: null, signed: null, ...more })
  const told = async (of: Partial<OwnerPageView>, answers: Parameters<typeof serving>[0] = {}, may = true) => {
    const acts = await signedIn(
      may, { 'GET /pieces/4/owner-page': ok(page(of)), 'GET /pieces/4': ok(piece({ valueCents: 4000, replaceCents: 120_000 })), ...answers },
    )
    const it = shown(OwnerPage, { id: 4 })
    await settled()
    return { it, acts }
  }

  it('says what will be gone and what stays, and nothing of what there is none of', async () => {
    const { it } = await told({ declined: [{ rule: 'X', text: 'The zip is broken.', to: 'a tailor' }] })
    expect(it.findAll('h2').map((h) => h.text())).toEqual(['What we do not take on', 'What will be gone', 'What stays'])
    expect(text(it)).toContain('The zip is broken. This is for a tailor.')
    expect(text(it)).toMatch(/A new one would cost about 1.?200.*; to you this one is worth 40/)
    expect(text((await told({ gone: [], stays: [] })).it)).toContain('Nothing wrong has been found yet.')
  })

  it('is signed with a name and what was drawn; what is refused stays drawn', async () => {
    let tries = 0
    const { it, acts } = await told({}, {
      'POST /pieces/4/signature': () => (tries++ === 0
        ? refuses(422, 'Sign in the field.')
        : ok(page({ version: 10, signed: { by: 'Mirela', at: at(0), path: 'M1 1L2 2', outdated: false } }))),
    })
    const pad = it.findComponent(SignaturePad)
    pad.vm.$emit('update:modelValue', [[[1, 1], [2, 2]]])
    await it.find('[name=signedBy]').setValue('Mirela')
    await it.find('form').trigger('submit')
    await settled()
    expect(text(it)).toContain('Sign in the field.')
    expect(pad.props('modelValue')).toEqual([[[1, 1], [2, 2]]])
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[1]?.body).toEqual({ version: 9, signedBy: 'Mirela', strokes: [[[1, 1], [2, 2]]] })
    expect(text(it)).toContain('Heard and agreed: Mirela, Tuesday 3 March.')
    expect(it.find('form').exists()).toBe(false)
  })

  it('asks for another signature when it was looked at again, and of nobody who may not plan', async () => {
    const signed = { by: 'Mirela', at: at(0), path: '', outdated: true }
    const { it } = await told({ signed })
    expect(text(it)).toContain('have it signed anew')
    expect(it.find('form').exists()).toBe(true)
    expect((await told({ signed }, {}, false)).it.find('form').exists()).toBe(false)
  })

  it('reads it again when the piece was changed meanwhile', async () => {
    let reads = 0
    const { it } = await told({}, {
      'GET /pieces/4/owner-page': () => ok(page({ gone: [`Reading ${++reads}.`] })),
      'POST /pieces/4/signature': refuses(409, 'Changed meanwhile.', { type: 'changed-meanwhile' }),
    })
    await it.find('form').trigger('submit')
    await settled()
    expect(text(it)).toContain('Reading 2.')
  })
})

describe('a signature', () => {
  const pad = () => {
    const it = shown(SignaturePad, { modelValue: [] })
    it.element.getBoundingClientRect = () => ({ left: 100, top: 50, width: 300, height: 100, right: 400, bottom: 150, x: 100, y: 50, toJSON: () => null })
    ;(it.element as SVGSVGElement).setPointerCapture = () => undefined
    return it
  }
  const drawn = async (it: ReturnType<typeof pad>) => {
    const strokes = it.emitted('update:modelValue')?.at(-1)?.[0]
    await it.setProps({ modelValue: strokes })
    return strokes
  }

  it('is kept in its own field of 600 by 200, whatever size it has on the screen', async () => {
    const it = pad()
    await it.trigger('pointerdown', { clientX: 100, clientY: 50 })
    await drawn(it)
    await it.trigger('pointermove', { clientX: 250, clientY: 100 })
    await drawn(it)
    await it.trigger('pointermove', { clientX: 900, clientY: -20 })
    expect(await drawn(it)).toEqual([[[0, 0], [300, 100], [600, 0]]])
    expect(it.findAll('path').at(-1)?.attributes('d')).toBe('M0 0L300 100L600 0')
  })

  it('draws nothing while no finger is down, and begins a new stroke with the next', async () => {
    const it = pad()
    await it.trigger('pointermove', { clientX: 250, clientY: 100 })
    expect(it.emitted('update:modelValue')).toBeUndefined()
    await it.trigger('pointerdown', { clientX: 130, clientY: 60 })
    await drawn(it)
    await it.trigger('pointerup')
    await it.trigger('pointermove', { clientX: 200, clientY: 100 })
    await it.trigger('pointerdown', { clientX: 160, clientY: 60 })
    expect(await drawn(it)).toEqual([[[60, 20]], [[120, 20]]])
  })
})

describe('the ledger', () => {
  let id = 0
  const entry = (more: Partial<EntryView>): EntryView => ({
    id: ++id, at: at(id), event: 'done', person: 'Ida Moser', piece: 1, text: 'Wipe', half: 'both', tempC: null, humidity: null,
    plannedMinutes: 5, realMinutes: 7, ...more,
  })
  const ledger = async (entries: EntryView[]) => {
    serving({
      ...house, 'GET /pieces/1/pictures': ok({ piece: 1, pictures: [], missing: [] }),
      'GET /ledger/1': ok({
        pieces: [{
          id: 1, name: 'The derbies', customer: 'Mirela', kind: 'low-shoe/derby', finishedAt: null, hex: '#553311',
        }], piece: 1, entries, plannedMinutes: 65,
        realMinutes: 80,
      }),
    })
    const it = shown(Ledger, { piece: 1 })
    await settled()
    return it
  }
  const lines = (it: Awaited<ReturnType<typeof ledger>>) => it.findAll('li').map((l) => l.text().replace(/\s+/g, ' '))

  it('tells what is under way by itself, and what was ended by its end alone', async () => {
    const it = await ledger([
      entry({ event: 'done' }), entry({ event: 'started', text: 'Paint', half: 'left' }), entry({ event: 'done', text: 'Paint', half: 'left' }),
      entry({ event: 'started', text: 'Paint', half: 'right' }),
    ])
    expect(lines(it).filter((l) => l.includes('Under way'))).toHaveLength(1)
    expect(lines(it)[2]).toContain('Under way')
  })

  it('tells a coat that is laid once more, though the first was ended', async () => {
    const it = await ledger([
      entry({ event: 'started', text: 'Paint' }), entry({ event: 'done', text: 'Paint' }), entry({ event: 'again', text: 'Paint' }),
      entry({ event: 'started', text: 'Paint' }),
    ])
    expect(lines(it).map((l) => /Under way|Done|Once more/.exec(l)?.[0])).toEqual(['Done', 'Once more', 'Under way'])
  })

  it('says of each line what it is of, money too', async () => {
    const it = await ledger([entry({ event: 'offered' }), entry({ event: 'supplement' }), entry({ event: 'invoiced' })])
    expect(it.findAll('li').map((l) => /Offer|Found beside|Invoice/.exec(l.text())?.[0])).toEqual(['Offer', 'Found beside', 'Invoice'])
  })

  it('is by days, with minutes against the plan and the air where it was known', async () => {
    const it = await ledger([entry({ at: at(0), tempC: 21, humidity: 48 }), entry({ at: at(10), text: 'Buff' }), entry({ at: at(24 * 60) })])
    expect(it.findAll('h2').map((h) => h.text())).toEqual(['Tuesday 3 March', 'Wednesday 4 March'])
    expect(lines(it)[0]).toMatch(/7 of 5 min · Ida · 21\.0 °C 48 %/)
    expect(lines(it)[1]).not.toContain('°C')
    expect(text(it)).toContain('planned 1 h 05, really 1 h 20 by hand')
  })
})

const worker = (more: Partial<WorkerView> = {}): WorkerView => ({
  id: 3, name: 'Wren', role: 'apprentice', week: [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, shifts: day < 6 ? [{ from: '09:00', until: '12:30' }] : [] })),
  skills: [], pace: 1.25, paceEvidence: 8, ...more,
})
const workshop = (more: Partial<WorkshopView> = {}): WorkshopView => ({
  people: [worker()], days: [], stations: [
    { station: 'tree', label: 'shoe trees', places: 6 }, { station: 'booth', label: 'spray booth', places: 1 },
  ], switchMinutes: 2, handoverMinutes: 5, switchSeen: null, handoverSeen: null, alarm: 'bell',
  identity: { name: 'The yard', address: '', reach: '', clock: '24', uncollectedDays: 21, home: false },
  learned: [], feeds: [], phases: ['clean', 'colour', 'polish'], version: 'v1', ...more,
})

describe('hours of the week', () => {
  const hours = (of: Partial<WorkshopView> = {}, may = true) => shown(Hours, { workshop: workshop(of), busy: false, may: () => may })

  it('are kept as they stand, all days, with what was typed read', async () => {
    const it = hours()
    expect(text(it)).toContain('takes 125 % of the usual minutes (8 steps)')
    expect(it.text(), 'what has not changed need not be kept').not.toContain('Keep Wren’s hours')
    await it.find('[data-day="6"]').trigger('click')
    await it.find('[name=hours-3-6]').setValue('9-11, 14:30-16')
    expect(it.find('[data-day="6"]').attributes('aria-label')).toBe('Saturdays: Wren 09:00–11:00, 14:30–16:00')
    await it.find('form').trigger('submit')
    const [id, kept] = it.emitted('keep')?.[0] as [number, { week: { day: number, shifts: unknown[] }[], skills: string[] }]
    expect(id).toBe(3)
    expect(kept.week.map((d) => d.shifts.length)).toEqual([1, 1, 1, 1, 1, 2, 0])
    expect(kept.week[5]).toEqual({ day: 6, shifts: [{ from: '09:00', until: '11:00' }, { from: '14:30', until: '16:00' }] })
    expect(kept.skills).toEqual([])
  })

  it('are for some kinds of work, where not all are ticked', async () => {
    const it = hours({ people: [worker({ skills: ['clean', 'polish'] })] })
    expect(it.find('summary').text()).toBe('Does 2 of 3 kinds of work')
    await it.findAll('input[type=checkbox]')[0]?.setValue(false)
    await it.find('form').trigger('submit')
    expect(it.emitted('keep')?.[0]?.[1]).toMatchObject({ skills: ['polish'] })
    await it.findAll('input[type=checkbox]')[0]?.setValue(true)
    await it.findAll('input[type=checkbox]')[1]?.setValue(true)
    expect(it.find('summary').text()).toBe('Does everything')
  })

  it('are never taken for everything when nothing is ticked', async () => {
    const it = hours({ people: [worker({ skills: ['clean'] })] })
    await it.findAll('input[type=checkbox]')[0]?.setValue(false)
    expect(it.find('summary').text()).toContain('Does nothing yet')
    expect(says(it, 'Keep Wren’s hours').attributes('disabled')).toBeDefined()
  })

  it('are only read by whoever may not plan', () => {
    const it = hours({}, false)
    expect(it.findAll('button')).toHaveLength(0)
    expect(it.findAll('textarea').length).toBeGreaterThan(0)
    expect(it.findAll('textarea').every((t) => t.attributes('disabled') !== undefined)).toBe(true)
  })
})

describe('the clock on the wall', () => {
  it('has noon at its top and goes round once a day', () => {
    expect([720, 1080, 0, 360].map(angle)).toEqual([0, 90, 180, 270])
    expect(['09:30', '00:00', 'nine', '9:30'].map(minutesOf)).toEqual([570, 0, NaN, NaN])
  })

  it('draws a shift from its beginning to its end, the long way round where it is long, and nothing for what is none', () => {
    // From six in the morning, at the left, to noon, at the top.
    expect(arc({ from: '06:00', until: '12:00' }, 50)).toBe('M-50 0A50 50 0 0 1 0 -50')
    expect(arc({ from: '06:00', until: '21:00' }, 50)).toMatch(/^M-50 0A50 50 0 1 1 /)
    expect([arc({ from: '12:00', until: '09:00' }, 50), arc({ from: 'soon', until: '09:00' }, 50)]).toEqual(['', ''])
  })

  it('goes along with what is typed, and takes one day for the whole working week', async () => {
    const it = shown(Hours, { workshop: workshop(), busy: false, may: () => true })
    await it.find('[data-day="2"]').trigger('click')
    const before = it.findAll('svg').map((s) => s.html())
    await it.find('[name=hours-3-2]').setValue('8-12\n13-16')
    expect(it.findAll('svg').filter((s, i) => s.html() !== before[i]), 'its day of the week, the large one, and whose ring it is').toHaveLength(3)
    await says(it, 'The same from Monday to Friday').trigger('click')
    await it.find('form').trigger('submit')
    const [, kept] = it.emitted('keep')?.[0] as [number, { week: { shifts: unknown[] }[] }]
    expect(kept.week.map((d) => d.shifts.length)).toEqual([2, 2, 2, 2, 2, 0, 0])
  })
})

describe('days that are otherwise', () => {
  it('are a day off for all, or other hours for one', async () => {
    const it = shown(OtherDays, { workshop: workshop(), busy: false, may: true })
    await it.find('[name=day]').setValue('2026-03-09')
    expect(text(it)).toContain('Enter a day off')
    await it.find('form').trigger('submit')
    await choose(it, 'Who', 'Wren')
    await it.find('[name=from]').setValue('13:00')
    await it.find('[name=until]').setValue('18:00')
    await it.find('[name=why]').setValue('fair')
    expect(text(it)).toContain('Enter these hours')
    await it.find('form').trigger('submit')
    expect(it.emitted('add')).toEqual([
      [{ day: '2026-03-09', person: null, shifts: [], why: '' }],
      [{ day: '2026-03-09', person: 3, shifts: [{ from: '13:00', until: '18:00' }], why: 'fair' }],
    ])
  })

  it('are listed with whose they are, and taken back', async () => {
    const days = [
      { id: 5, day: '2026-03-09', person: null, shifts: [], why: 'fair' }, {
        id: 6, day: '2026-03-10', person: 'Wren', shifts: [{ from: '13:00', until: '18:00' }], why: '',
      },
    ]
    const it = shown(OtherDays, { workshop: workshop({ days }), busy: false, may: true })
    expect(it.findAll('li').map((l) => l.text())).toEqual([
      'Monday 9 Marchthe whole workshop: off · fairas usual again', 'Tuesday 10 MarchWren: 13:00–18:00as usual again',
    ])
    await says(it, 'as usual again').trigger('click')
    expect(it.emitted('remove')).toEqual([[5]])
    expect(shown(OtherDays, { workshop: workshop({ days }), busy: false, may: false }).findAll('button')).toHaveLength(0)
  })
})

describe('what the workshop has and has learned', () => {
  it('has a place more or fewer, never none', async () => {
    const it = shown(Stations, { stations: workshop().stations, may: true })
    await says(it, 'More shoe trees').trigger('click')
    await says(it, 'Fewer shoe trees').trigger('click')
    expect(it.emitted('change')).toEqual([['tree', 1], ['tree', -1]])
    expect(says(it, 'Fewer spray booth').attributes('disabled')).toBeDefined()
  })

  it('says what going from piece to piece really took, where that is something else, and counts with it at a tap', async () => {
    const it = shown(SetUp, { switchMinutes: 2, handoverMinutes: 5, switchSeen: 4, handoverSeen: 5, may: true })
    expect(text(it).match(/Of late it took/g)).toHaveLength(1)
    await says(it, 'Count with it').trigger('click')
    expect(it.emitted('change')).toEqual([['switchMinutes', 2]])
    expect(text(shown(SetUp, { switchMinutes: 2, handoverMinutes: 5, switchSeen: null, handoverSeen: null, may: true }))).not.toContain('Of late')
    expect(text(shown(SetUp, { switchMinutes: 2, handoverMinutes: 5, switchSeen: 4, handoverSeen: null, may: false }))).not.toContain('Count with')
  })

  it('takes every tap, each after the one before and on the settings as that left them', async () => {
    const acts = serving({
      ...house,
      'GET /workshop': ok(workshop()),
      'PUT /workshop/stations': ({ body }) => {
        const { station, places } = body as { station: string, places: number }
        return ok(workshop({ stations: [{ station, label: 'shoe trees', places }], version: `v${places}` }))
      },
    })
    const { load, places } = useWorkshop()
    await load()
    await Promise.all([places('tree', 1), places('tree', 1), places('tree', -1), places('tree', -9)])
    expect(acts().map((a) => a.body)).toEqual([
      { station: 'tree', places: 7, version: 'v1' }, { station: 'tree', places: 8, version: 'v7' },
      { station: 'tree', places: 7, version: 'v8' }, { station: 'tree', places: 1, version: 'v7' },
    ])
  })

  it('says how much longer or shorter, each time as a stroke on a scale of ratios', async () => {
    const learned = [[1.02, 'as the book says'], [1.25, '25 % longer'], [0.8, '20 % shorter']] as const
    for (const [factor, sentence] of learned) {
      const it = shown(LearnedHere, {
        workshop: workshop({ learned: [{ kind: 'drying', what: 'cream', label: 'cream', factor, evidence: 3, seen: [1, 3, 1 / 3, 9] }] }), may: true,
      })
      expect(text(it)).toContain(sentence)
      expect(text(it)).toContain('seen 3 times')
      const strokes = it.findAll('path').slice(1, 5).map((p) => Number.parseFloat(p.attributes('d')?.slice(1) ?? ''))
      expect(strokes.map((s) => Math.abs(Math.round(s)))).toEqual([100, 200, 0, 200])
      await says(it, 'Forget this').trigger('click')
      expect(it.emitted('reset')).toEqual([[{ kind: 'drying', what: 'cream' }]])
    }
    expect(text(shown(LearnedHere, { workshop: workshop(), may: true }))).toContain('Every answer to a gate test teaches it.')
  })
})

describe('a ticket that is put right', () => {
  const page = async (answer: Parameters<typeof serving>[0][string]) => {
    const router = somewhere('/tickets/2/correct')
    const acts = serving({ ...house, 'GET /tickets/2': ok(ticket({ contact: 'stage door' })), 'PUT /tickets/2': answer })
    const it = shown(Correct, { id: '2' }, router)
    await settled()
    return { it, acts, router }
  }

  it('sends all of it as it was seen, and leads back to the counter', async () => {
    const { it, acts, router } = await page(ok(ticket()))
    expect(it.find<HTMLInputElement>('[name=contact]').element.value).toBe('stage door')
    await it.find('[name=customer]').setValue('Orsolya')
    await it.find('[name=size-1]').setValue('44.5')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts().map(({ body }) => body)).toEqual([{
      customer: 'Orsolya', contact: 'stage door', wish: '', seen: 'abc',
      pieces: [{ id: 1, name: 'The derbies', kind: 'low-shoe/derby', shade: null, sizeEu: 44.5, lengthMm: null }],
    }])
    expect(router.currentRoute.value.path).toBe('/counter')
  })

  it('keeps what was typed where it is refused', async () => {
    const { it, router } = await page(refuses(409, '“The derbies” has been worked on as size 42.'))
    await it.find('[name=name-1]').setValue('Renamed')
    await it.find('form').trigger('submit')
    await settled()
    expect(text(it)).toContain('worked on as size 42')
    expect(it.find<HTMLInputElement>('[name=name-1]').element.value).toBe('Renamed')
    expect(router.currentRoute.value.path).not.toBe('/counter')
  })
})

describe('a ticket that is called off', () => {
  it('says what became of it and why, and one that is away can be here after all', async () => {
    const pieces = [row(), row({ id: 5, name: 'The bag', state: 'collected' }), row({ id: 6, name: 'The belt', state: 'called-off' })]
    const acts = serving({
      ...house, 'GET /tickets/2': ok(ticket({ pieces })), 'POST /tickets/2/call-off': ok(ticket({ pieces })),
      'POST /pieces/5/back': ok(ticket({ pieces })),
    })
    const it = shown(Correct, { id: '2' })
    await settled()
    expect(it.findAll('[name^=name-]')).toHaveLength(1)
    await it.find('[name=customer]').setValue('Typed and not kept yet')
    const form = it.find('[aria-label="Call off"]')
    expect(form.find('button[type=submit]').exists()).toBe(false)
    await form.find('input[type=checkbox]').setValue(true)
    await choose(it, 'What became of it', 'never here')
    await form.find('[name=why-off]').setValue('Another ticket.')
    await form.trigger('submit')
    await settled()
    await it.find('[name=why-back-5]').setValue('It was the other bag.')
    await it.find('[aria-label="Not here any more"] form').trigger('submit')
    await settled()
    expect(acts().map(({ path, body }) => [path, body])).toEqual([
      ['/tickets/2/call-off', { pieces: [1], what: 'never-came', why: 'Another ticket.' }], ['/pieces/5/back', { why: 'It was the other bag.' }],
    ])
    expect(it.find<HTMLInputElement>('[name=customer]').element.value).toBe('Typed and not kept yet')
  })
})

describe('a ticket on paper', () => {
  it('says who the workshop is, whose it is and for when, with lines to sign', async () => {
    const gone = [{ pieces: [1], by: 'Her sister', at: at(0), path: 'M1 1L9 9' }]
    await signedIn(true, { 'GET /tickets/2/leaving': ok({ ticket: ticket({ customer: 'Mirela', promised: false }), pieces: [], warnings: [], gone }) }, {
      workshop: { name: 'The yard', address: 'Mill Lane 3\n\nby the bridge', reach: '555', clock: '24', uncollectedDays: 21, home: false },
    })
    const it = shown(TicketPaper, { id: 2 })
    await settled()
    expect(text(it)).toContain('The yard')
    expect(text(it)).toContain('Mill Lane 3 · by the bridge · 555')
    expect(text(it)).toContain('no day promised yet')
    expect(text(it)).toContain('2-1 · The derbies')
    expect(text(it)).toContain('handed in by')
    expect(text(it)).toContain('The derbies: collected by Her sister, Tuesday 3 March.')
    expect(it.find('[aria-label="Signature of Her sister"] path').attributes('d')).toBe('M1 1L9 9')
  })
})

describe('who the workshop is', () => {
  const identity = { name: 'The yard', address: '', reach: '', clock: '24' as const, uncollectedDays: 21, home: false }

  it('is kept as it is typed, with the clock that was chosen', async () => {
    const it = shown(WhoWeAre, { identity, busy: false, may: true })
    await it.find('[name=workshop-name]').setValue('The lane')
    await choose(it, 'How hours are said', '2:20 pm')
    await it.find('form').trigger('submit')
    expect(it.emitted('keep')).toEqual([[{ ...identity, name: 'The lane', clock: '12' }]])
  })

  it('is the owner’s to set', () => {
    const it = shown(WhoWeAre, { identity, busy: false, may: false })
    expect(it.find('button[type=submit]').exists()).toBe(false)
    expect(text(it)).toContain('The owner of the workshop sets this.')
  })
})

describe('what goes home', () => {
  const leaving = (more: Partial<LeavingView> = {}): LeavingView => ({
    ticket: ticket({ pieces: [row({ state: 'ready', readyAt: at(-90), shelf: 'B 2' }), row({ id: 5, name: 'The bag', state: 'in-work', stepsDone: 3 })] }),
    pieces: [
      { piece: 1, off: [{ part: 'laces', half: 'left', label: 'left laces' }, { part: 'insole', half: 'left', label: 'left insole' }],
        toKnow: ['Not to be flexed before tomorrow.'],
        missing: ['There is no picture of how it leaves.'], curesUntil: null },
      { piece: 5, off: [], toKnow: ['Dye may rub off.'], missing: ['It is not done yet.'], curesUntil: null },
    ],
    warnings: [], gone: [],
    ...more,
  })
  const page = async (answers: Parameters<typeof serving>[0] = {}) => {
    const acts = serving({ ...house, 'GET /tickets/2/leaving': ok(leaving()), ...answers })
    const it = shown(Leaving, { id: '2' })
    await settled()
    return { it, acts }
  }

  it('has what is ready ticked, says what goes with it and what is missing, and waits for a name', async () => {
    const { it, acts } = await page({ 'POST /tickets/2/collect': ok(leaving({ pieces: [], ticket: ticket({ pieces: [row({ state: 'collected' })] }) })) })
    expect(text(it)).toMatch(/From its tray:\s*left laces/)
    expect(text(it)).toContain('Not to be flexed before tomorrow.')
    expect(text(it)).not.toContain('Dye may rub off.')
    expect(text(it)).toContain('There is no picture of how it leaves.')
    expect(says(it, 'Collected').attributes('disabled')).toBeDefined()
    await it.find('[name=by]').setValue('Her sister')
    await it.find('[name=amount]').setValue('64,5')
    await it.find('[name=how]').setValue('cash')
    await it.find('[value="1 left laces"]').setValue(true)
    await it.findAll('form').at(-1)?.trigger('submit')
    await settled()
    expect(acts().map(({ body }) => body)).toEqual([
      {
        pieces: [1], by: 'Her sister', paid: 'now', amountCents: 6450, how: 'cash', note: '', strokes: [],
        tray: [{ piece: 1, at: { part: 'laces', half: 'left' } }],
      },
    ])
    expect(text(it)).toContain('Nothing of this ticket is here any more.')
  })

  it('warns of what is not cured, before and after it went', async () => {
    const curing = leaving()
    const pieces = curing.pieces.map((p) => ({ ...p, curesUntil: at(600) }))
    const warnings = [{ piece: 1, name: 'The derbies', until: at(600) }]
    const { it } = await page({ 'GET /tickets/2/leaving': ok(leaving({ pieces, warnings })) })
    expect(text(it)).toContain('It cures until')
    expect(text(it.find('[aria-label="To go along"]'))).toContain('The derbies until Tuesday 3 March, 19:00: do not wear or flex it')
  })

  it('asks why something goes that is not done', async () => {
    const { it, acts } = await page({ 'POST /tickets/2/collect': refuses(409, '“The bag” is not done yet.', { overridable: true }) })
    await it.find('[aria-label="The bag"] input[type=checkbox]').setValue(true)
    await it.find('[name=by]').setValue('She')
    await it.findAll('form').at(-1)?.trigger('submit')
    await settled()
    expect(document.body.textContent).toContain('“The bag” is not done yet.')
    await onThePage().find('[name=why]').setValue('called off')
    await onThePage().find('[role=dialog] form').trigger('submit')
    await settled()
    expect(acts().at(-1)?.body).toMatchObject({ pieces: [1, 5], why: 'called off' })
  })

  it('keeps the place on the shelf and that the owner knows', async () => {
    const { it, acts } = await page({ 'PUT /pieces/1/shelf': ok(leaving()), 'POST /tickets/2/told': ok(leaving({ ticket: ticket({ toldAt: at(0) }) })) })
    await it.find('[aria-label="Place of The derbies"]').setValue('C 4')
    await settled()
    await it.find('[name=told]').setValue('rang')
    await it.findAll('form')[0]?.trigger('submit')
    await settled()
    expect(acts().map(({ path, body }) => [path, body])).toEqual([
      ['/pieces/1/shelf', { shelf: 'C 4' }], ['/tickets/2/told', { how: 'rang' }],
    ])
  })
})

describe('the day on paper', () => {
  it('has a box for what is still to be done, by person, and what is promised next', async () => {
    const block = (title: string, done: boolean) => ({
      step: title.length, piece: 1, pieceName: 'The boots', title, start: at(30), end: at(40), done, hex: null, half: 'both',
    })
    serving({
      ...house,
      'GET /bench': ok({
        now: at(0), tapes: [
          { person: 1, name: 'Ida', today: [block('Wipe', true), block('Paint it', false)], tomorrow: [] }, { person: 2, name: 'Wren', today: [] },
        ],
        rack: [...'abcdefghij'].map((name, i) => rackPiece({ piece: i, name, promisedAt: at(600 - i) })),
      }),
    })
    const it = shown(DaySheet)
    await settled()
    expect(it.findAll('li li').map((l) => l.text())).toEqual(['Paint it'])
    expect(it.findAll('ol > li > p').map((l) => l.text())).toEqual(['09:30–09:40The boots'])
    expect(it.findAll('h2').map((h) => h.text())).toEqual(['Ida', 'Promised next'])
    expect(it.findAll('section > p').map((p) => p.text().split(', ')[0]?.at(-1))).toEqual(['j', 'i', 'h', 'g', 'f', 'e', 'd', 'c'])
  })
})

describe('signing in', () => {
  const sign = async (path: string, answer: ReturnType<typeof ok>) => {
    const acts = await signedIn(true, { 'POST /sign-in': answer })
    const router = somewhere(path)
    await router.isReady()
    const it = shown(SignIn, {}, router)
    await it.find('[name=login]').setValue(' ida ')
    await it.find('[name=password]').setValue(' secret ')
    await it.find('form').trigger('submit')
    await settled()
    return { it, acts, router }
  }

  it('leads back to where one was, or to the bench', async () => {
    const { acts, router } = await sign('/sign-in?to=/pieces/4/plan', ok(session()))
    expect(acts()[0]?.body).toEqual({ login: 'ida', password: ' secret ' })
    expect(router.currentRoute.value.path).toBe('/pieces/4/plan')
    expect((await sign('/sign-in', ok(session()))).router.currentRoute.value.path).toBe('/bench')
  })

  it.each(['https://elsewhere.example', '//elsewhere.example', 'javascript:1'])('leads nowhere else: %s', async (to) => {
    expect((await sign(`/sign-in?to=${encodeURIComponent(to)}`, ok(session()))).router.currentRoute.value.path).toBe('/bench')
  })

  it('says what is wrong, and stays', async () => {
    const { it, router } = await sign('/sign-in', refuses(401, 'Name or password is wrong.'))
    expect(it.find('[role=alert]').text()).toBe('Name or password is wrong.')
    expect(router.currentRoute.value.path).toBe('/sign-in')
    expect(onThePage().find<HTMLInputElement>('[name=login]').element.value).toBe(' ida ')
  })
})

describe('the day sheet', () => {
  it('puts together what one person does on one piece in a row', () => {
    const block = (step: number, from: string, until: string, pieceName: string) => ({
      step, start: `2026-03-03T${from}:00Z`, end: `2026-03-03T${until}:00Z`, piece: pieceName.length, pieceName, title: `step ${step}`, done: false,
    })
    const day = [
      block(1, '09:00', '09:05', 'Boots'), block(2, '09:05', '09:08', 'Boots'), block(3, '09:10', '09:20', 'Bag'),
      block(4, '09:22', '09:30', 'Boots'), block(5, '10:30', '10:35', 'Boots'),
    ]
    expect(sittings(day).map((s) => [s.pieceName, s.blocks.length, s.start.slice(11, 16), s.end.slice(11, 16)])).toEqual([
      ['Boots', 2, '09:00', '09:08'], ['Bag', 1, '09:10', '09:20'], ['Boots', 1, '09:22', '09:30'], ['Boots', 1, '10:30', '10:35'],
    ])
  })
})
