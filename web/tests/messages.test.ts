import { beforeEach, describe, expect, it, vi } from 'vitest'
import Letters from '../src/owner/Letters.vue'
import Messages from '../src/owner/Messages.vue'
import { monthAfter, monthName, monthOf, monthWord } from '../src/owner/months'
import Season from '../src/owner/Season.vue'
import Jobs from '../src/ledger/Jobs.vue'
import TellOwner from '../src/counter/TellOwner.vue'
import type { FoundJobsView, MessagesView, MessageView, SeasonView } from '../src/api/types'
import { useSession } from '../src/session/useSession'
import { choose, says, settled, shown, somewhere, words as text } from './mounting'
import { ok, refuses, serving } from './fakeApi'
import { at, person, session, words } from './views'

const NOW = Date.parse(at(0))

const message = (more: Partial<MessageView> = {}): MessageView => ({
  id: 5, version: 1, owner: 7, ownerName: 'Odile', occasion: 'care', by: 'email', to: 'odile@example.org', subject: 'Care for the boots', body: 'Dear Odile',
  state: 'waiting', writtenAt: at(-5), writtenBy: 'Ida', notBefore: at(-5), tries: 0, failure: '', endedAt: null, ...more,
})
const messages = (list: MessageView[], more: Partial<MessagesView> = {}): MessagesView => ({
  messages: list, page: 0, more: false, simulated: true, letters: 0, calls: 0, failed: 0, ...more,
})
const season = (more: Partial<SeasonView> = {}): SeasonView => ({
  month: '2026-03', page: 0, more: false, notAsked: 3, kept: [],
  text: { occasion: 'care', subject: 'Care for {pieces}', text: 'Dear {owner}', fields: ['owner', 'pieces'] },
  owners: [
    {
      owner: 7, name: 'Odile', by: 'email', contact: 'odile@example.org', told: false,
      cares: [{ passport: 1, piece: 'The boots', kind: 'feed', label: 'feed', at: '2026-03-20T00:00:00Z', why: '', late: false, told: false }],
    },
    { owner: 8, name: 'Bruno', by: 'phone', contact: '0664', told: true, cares: [] },
    { owner: 9, name: 'Ruth', by: null, contact: '', told: false, cares: [] },
  ],
  ...more,
})
const signedIn = async (answers: Parameters<typeof serving>[0], mayPlan = true) => {
  const acts = serving({ 'GET /words': ok(words()), 'GET /session': ok(session({ person: person({ mayPlan }) })), ...answers })
  await useSession().load()
  return acts
}

beforeEach(() => {
  document.body.innerHTML = ''
  vi.useFakeTimers({ toFake: ['Date'], now: NOW })
})

describe('a season', () => {
  const opened = async (more: Parameters<typeof serving>[0] = {}) => {
    const acts = await signedIn({
      'GET /season/2026-03?page=0': ok(season()),
      'GET /season/2026-03/owners/7': ok({ subject: 'Care for the boots', body: 'Dear Odile, feed them.' }), ...more,
    })
    const router = somewhere('/season')
    const it = shown(Season, {}, router)
    await settled()
    await settled()
    return { it, acts, router }
  }

  it('has everybody ticked who can be told something new, shows what they will read, and writes to them', async () => {
    const { it, acts, router } = await opened({ 'POST /season': ok(messages([message()])) })
    expect(text(it)).toContain('Due in March 2026')
    expect(text(it)).toContain('Dear Odile, feed them.')
    expect(text(it)).toContain('3 owners with pieces of their own')
    expect(it.findAll('input[type=checkbox]').map((b) => [(b.element as HTMLInputElement).checked, b.attributes('disabled') !== undefined]))
      .toEqual([[true, false], [false, true], [false, true]])
    await says(it, 'Write to this one').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ month: '2026-03', owners: [7] })
    expect(router.currentRoute.value.path).toBe('/messages')
  })

  it('keeps words of one’s own, and what was typed where a field is unknown', async () => {
    const { it, acts } = await opened({ 'PUT /message-texts/care': refuses(422, 'Nothing is known of {soon}.') })
    await says(it, 'Other words').trigger('click')
    await it.find('[name=text]').setValue('Dear {owner}, {soon}')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toEqual({ subject: 'Care for {pieces}', text: 'Dear {owner}, {soon}' })
    expect(text(it)).toContain('Nothing is known of {soon}.')
    expect((it.find('[name=text]').element as HTMLTextAreaElement).value).toBe('Dear {owner}, {soon}')
  })

  it('goes from month to month over the end of a year', () => {
    expect(monthOf(Date.parse('2026-12-31T23:00:00Z'))).toBe('2026-12')
    expect([monthAfter('2026-12', 1), monthAfter('2026-01', -1), monthAfter('2026-03', 0)]).toEqual(['2027-01', '2025-12', '2026-03'])
    expect([monthName('2026-02'), monthWord('2026-02')]).toEqual(['February 2026', 'February'])
  })
})

describe('messages', () => {
  const opened = async (list: MessagesView, more: Parameters<typeof serving>[0] = {}, mayPlan = true) => {
    const acts = await signedIn({ 'GET /messages?page=0': ok(list), ...more }, mayPlan)
    const it = shown(Messages, {}, somewhere('/messages'))
    await settled()
    return { it, acts }
  }

  it('say whether anything leaves the house, and that an e-mail goes by itself', async () => {
    const { it } = await opened(messages([message()]))
    expect(text(it)).toContain('only shown here')
    expect(text(it)).not.toContain('They know now')
    expect(text(it)).toContain('Do not send it')
    const real = await opened(messages([message({ state: 'sent', endedAt: at(-1) })], { simulated: false }))
    expect(text(real.it)).not.toContain('only shown here')
    expect(text(real.it)).not.toContain('Do not send it')
  })

  it('say when one goes in the morning, and why one did not', async () => {
    const { it } = await opened(messages([message({ notBefore: at(600) })]))
    expect(text(it)).toContain('goes')
    const failed = await opened(
      messages([message({ state: 'failed', failure: 'Nobody answers.', endedAt: at(-1) })], { failed: 1 }),
      { 'POST /messages/5/again': ok(message()) },
    )
    expect(text(failed.it)).toContain('1 did not go')
    expect(text(failed.it)).toContain('Nobody answers.')
    await says(failed.it, 'Send it again').trigger('click')
    await settled()
    expect(failed.acts()[0]?.path).toBe('/messages/5/again')
  })

  it('have the number large for who rings up, who ticks it off', async () => {
    const call = message({ by: 'phone', to: '0664 1' })
    const { it, acts } = await opened(messages([call], { calls: 1 }), { 'POST /messages/5/done': ok(message()) }, false)
    expect(it.find('.text-4xl.font-head').text()).toBe('0664 1')
    expect(text(it)).not.toContain('Do not send it')
    await says(it, 'They know now').trigger('click')
    await settled()
    expect(acts()[0]?.path).toBe('/messages/5/done')
  })

  it('are letters on paper with an address, ticked off together', async () => {
    const acts = await signedIn({
      'GET /messages?state=waiting&by=post': ok(messages([message({ by: 'post', to: 'Mill Lane 14\nCanal Row' }), message({ id: 6, by: 'post', to: 'X' })])),
      'POST /messages/5/done': ok(message()), 'POST /messages/6/done': ok(message()),
    })
    const it = shown(Letters, {}, somewhere('/messages/letters'))
    await settled()
    expect(it.findAll('article')).toHaveLength(2)
    expect(it.find('address').text()).toContain('Mill Lane 14\nCanal Row')
    await says(it, 'All have been posted').trigger('click')
    await settled()
    await settled()
    expect(acts().map((a) => a.path)).toEqual(['/messages/5/done', '/messages/6/done'])
  })
})

describe('an owner is told of a ticket', () => {
  it('that it is ready, in the way they like', async () => {
    const acts = await signedIn({ 'POST /tickets/3/messages': ok(message({ occasion: 'ready' })) })
    const it = shown(TellOwner, { ticket: 3, occasion: 'ready' }, somewhere('/counter'))
    await says(it, 'Write to them that it is ready').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ occasion: 'ready', why: '' })
    expect(text(it)).toContain('An e-mail to odile@example.org is written.')
  })

  it('that it will be late only with a reason; what was typed stays where it is refused', async () => {
    await signedIn({ 'POST /tickets/3/messages': refuses(409, 'No day has been promised yet.') })
    const it = shown(TellOwner, { ticket: 3, occasion: 'late' }, somewhere('/counter'))
    expect(it.find('button').attributes('disabled')).toBeDefined()
    await it.find('[name=why]').setValue('the dye is not dry')
    await it.find('button').trigger('click')
    await settled()
    expect(text(it)).toContain('No day has been promised yet.')
    expect((it.find('[name=why]').element as HTMLInputElement).value).toBe('the dye is not dry')
  })

  it('by nobody who may not', async () => {
    await signedIn({}, false)
    expect(shown(TellOwner, { ticket: 3, occasion: 'ready' }, somewhere('/counter')).text()).toBe('')
  })
})

describe('the ledger', () => {
  const found = (more: Partial<FoundJobsView> = {}): FoundJobsView => ({
    page: 0, more: false, people: [{ id: 2, name: 'Tomas Bell' }],
    jobs: [{
      piece: 31, passport: 4, tag: '9-1', name: 'The boots', kind: 'low-shoe/derby', hex: '#553311', customer: 'Odile', openedAt: at(-9000), finishedAt: null,
      fault: 'streaks', found: ['scuff'], lines: [{ at: at(-8000), person: 'Tomas Bell', text: 'The heel is hollow.' }],
    }],
    ...more,
  })

  it('answers to a word and to marks, under an address that can be kept', async () => {
    vi.useFakeTimers({ now: NOW })
    await signedIn({
      'GET /jobs?find=hollow': ok(found()), 'GET /jobs?find=hollow&finding=scuff': ok(found({ jobs: [] })),
      'GET /jobs?find=hollow&finding=scuff&person=2': ok(found()),
    })
    const router = somewhere('/jobs?find=hollow')
    await router.isReady()
    const it = shown(Jobs, {}, router)
    await vi.advanceTimersByTimeAsync(400)
    expect(text(it)).toContain('The heel is hollow.')
    expect(text(it)).toContain('came back: streaks')
    await choose(it, 'Finding', 'scuff')
    await vi.advanceTimersByTimeAsync(400)
    expect(text(it)).toContain('Nothing of that was ever written here.')
    await choose(it, 'Person', 'Tomas Bell')
    await vi.advanceTimersByTimeAsync(400)
    expect(text(it)).toContain('The boots')
    expect(router.currentRoute.value.query).toEqual({ find: 'hollow', finding: 'scuff', person: '2' })
    expect(it.find('a[href^="/api/jobs.csv"]').attributes('href')).toBe('/api/jobs.csv?find=hollow&finding=scuff&person=2')
  })
})
