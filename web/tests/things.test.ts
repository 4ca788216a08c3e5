import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { ThingsView } from '../src/api/types'
import NewTicket from '../src/counter/NewTicket.vue'
import TopBar from '../src/kit/TopBar.vue'
import Things from '../src/owner/Things.vue'
import { useSession } from '../src/session/useSession'
import Begin from '../src/workshop/Begin.vue'
import { ok, serving } from './fakeApi'
import { says, settled, shown, words as text } from './mounting'
import { at, session, words } from './views'

const things = (more: Partial<ThingsView> = {}): ThingsView => ({
  owner: {
    id: 3, version: 1, name: 'Mara Quill', ways: [], likes: null, language: '', notes: '', mayKeepPictures: true, mayRemind: false, since: at(0),
    erased: false, alike: [], pieces: [
      { id: 8, name: 'Church derbies', kind: 'low-shoe/derby', hex: '#553322', visits: 2, lastAt: at(0), here: false, care: 'polish', careAt: '2026-12-01' },
      { id: 9, name: 'Walking boots', kind: 'boot/lace', hex: '#222222', visits: 1, lastAt: at(0), here: true, care: null, careAt: null },
    ],
  },
  atWork: [{ passport: 9, piece: 41, ticket: 12, name: 'Walking boots', hasPlan: true, isReady: false, nextAt: '2026-03-03T18:00:00Z' }],
  sittings: [{ from: '2026-03-03T18:00:00Z', until: '2026-03-03T19:15:00Z', minutes: 48, pieces: ['Walking boots'] }], ...more,
})
const atHome = session({ workshop: { name: '', address: '', reach: '', clock: '24', uncollectedDays: 21, home: true } })

beforeEach(async () => {
  vi.unstubAllGlobals()
  serving({ 'GET /session': ok(atHome) })
  await useSession().load()
})

describe('one’s own things', () => {
  it('say what lies on the bench first, when it goes on, and what the rest needs next', async () => {
    serving({ 'GET /things': ok(things()), 'GET /words': ok(words()) })
    const it = shown(Things)
    await settled()
    const said = text(it)
    expect(said.indexOf('Walking boots')).toBeLessThan(said.indexOf('Church derbies'))
    expect(said).toContain('goes on Tuesday 3 March')
    expect(said).toContain('next: polish')
    expect(said).toContain('48 min by hand')
    expect(says(it, 'Its plan').attributes('href')).toBe('/pieces/41/plan')
  })

  it('that are done are put away, without anybody who pays', async () => {
    const ready = things({ atWork: [{ passport: 9, piece: 41, ticket: 12, name: 'Walking boots', hasPlan: true, isReady: true, nextAt: null }] })
    const acts = serving({ 'GET /things': ok(ready), 'GET /words': ok(words()), 'POST /tickets/12/collect': ok({}) })
    const it = shown(Things)
    await settled()
    await says(it, 'Put it away').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ pieces: [41], by: 'Mara Quill', paid: 'nothing' }])
  })

  it('stand where a workshop has its counter, and nobody is asked whose they are', async () => {
    serving({ 'GET /things': ok(things()), 'GET /words': ok(words()), 'GET /usual-jobs': ok({ jobs: [] }), 'GET /owners': ok({ owners: [] }) })
    const bar = shown(TopBar)
    expect(text(bar)).toContain('My things')
    expect(text(bar)).not.toContain('Counter')
    const ticket = shown(NewTicket)
    await settled()
    expect(text(ticket)).toContain('To the bench')
    expect(ticket.find('[name=contact]').exists()).toBe(false)
  })
})

describe('the first page', () => {
  it('asks for whom; for oneself it wants evenings and no name of a workshop', async () => {
    const acts = serving({ 'POST /begin': ok(atHome), 'GET /words': ok(words()) })
    const it = shown(Begin)
    expect(it.find('[name=workshop]').exists()).toBe(true)
    await says(it, 'For my own things').trigger('click')
    expect(it.find('[name=workshop]').exists()).toBe(false)
    expect(text(it)).toContain('It can become a workshop later')
    await it.find('[name=name]').setValue('Mara Quill')
    await it.find('[name=password]').setValue('seven wet lasts')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toMatchObject({ home: true, workshop: '', days: [2, 4], shifts: [{ from: '19:00', until: '20:30' }], login: 'mara' })
  })
})
