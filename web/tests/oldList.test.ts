import { describe, expect, it, vi } from 'vitest'
import type { ArchiveView, OldListView, PieceTakenView } from '../src/api/types'
import OldList from '../src/workshop/OldList.vue'
import OutAndIn from '../src/workshop/OutAndIn.vue'
import { ok, refuses, serving, type Sent } from './fakeApi'
import { onThePage, says, settled, shown } from './mounting'

const list = (over: Partial<OldListView> = {}): OldListView => ({
  columns: [{ head: 'customer', is: 'owner', samples: ['Hedda Quarrie'] }, { head: 'stuff', is: null, samples: ['Walking boots'] }],
  newOwners: 2, knownOwners: 0, newVisits: 0, knownVisits: 0, faulty: 1,
  rows: [{ line: 4, name: 'Ada', says: '“31.4.2024” is no day.', isFaulty: true }], done: false, ...over,
})
const words = ok({ kinds: [{ id: 'low-shoe/derby', label: 'derby' }] })
const form = (sent: Sent | undefined): FormData => sent?.body as FormData

const choose = async (on: ReturnType<typeof shown>, name: string): Promise<void> => {
  const input = on.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['a;b'], name)], configurable: true })
  await input.trigger('change')
  await settled()
}

describe('an old list', () => {
  it('is looked at first, with what each column is taken for, and each faulty row by its number', async () => {
    const acts = serving({ 'POST /old-list': ok(list()), 'GET /words': words })
    const page = shown(OldList)
    await choose(page, 'owners.csv')
    expect(acts().map((a) => a.path)).toEqual(['/old-list'])
    expect(page.text()).toContain('2 new owners')
    expect(page.text()).toContain('row 4')
    expect(page.text()).toContain('One row cannot be read')
    expect(page.text()).toContain('Walking boots')
  })

  it('is looked at once more when a column is said otherwise, and comes in as it was said', async () => {
    const acts = serving({ 'POST /old-list': (sent) => ok(list({ done: sent.path.includes('apply=1') })), 'GET /words': words })
    const page = shown(OldList)
    await choose(page, 'owners.csv')
    await says(page, '“stuff” is: nothing').trigger('click')
    await settled()
    await says(onThePage(), 'kind of piece').trigger('click')
    await settled()
    expect(JSON.parse(form(acts()[1]).get('columns') as string)).toEqual({ customer: 'owner', stuff: 'kind' })
    await says(page, 'Take it in').trigger('click')
    await settled()
    expect(acts()[2]?.path).toBe('/old-list?apply=1')
    expect(page.text()).toContain('Taken in:')
    expect(page.text()).not.toContain('Take it in')
  })

  it('stays chosen when it could not be read', async () => {
    const acts = serving({ 'POST /old-list': refuses(422, 'Say which column has the names of the owners.'), 'GET /words': words })
    const page = shown(OldList)
    await choose(page, 'owners.csv')
    expect(page.text()).toContain('Say which column has the names')
    await says(page, 'Try again').trigger('click')
    await settled()
    expect(acts()).toHaveLength(2)
    expect((form(acts()[1]).get('file') as File).name).toBe('owners.csv')
  })
})

describe('out and in', () => {
  const none: ArchiveView = { id: 0, askedAt: null, by: '', isOnItsWay: false, what: '', done: 0, total: 0, failure: null, bytes: null }

  it('asks for an archive, looks again while it is made, and then there is one to fetch', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    let looks = 0
    serving({
      'GET /archive': () => ok(++looks === 1 ? none : { ...none, id: 7, askedAt: '2026-11-30T10:00:00Z', by: 'Ida', bytes: 2_500_000 }),
      'POST /archive': ok({ ...none, id: 7, askedAt: '2026-11-30T10:00:00Z', by: 'Ida', isOnItsWay: true, what: 'pictures', done: 30, total: 90 }),
    })
    const page = shown(OutAndIn)
    await settled()
    expect(page.text()).not.toContain('Fetch it')
    await says(page, 'Make an archive').trigger('click')
    await settled()
    expect(page.text()).toContain('30 of 90 pictures')
    vi.advanceTimersByTime(3000)
    await settled()
    expect(page.text()).toContain('2.5 MB')
    says(page, 'Fetch it')
    vi.useRealTimers()
  })

  it('takes a piece in and says how many of its visits were new', async () => {
    const taken: PieceTakenView = { passport: 12, visits: 3 }
    const acts = serving({ 'GET /archive': ok(none), 'POST /passports/archive': ok(taken) })
    const page = shown(OutAndIn)
    await settled()
    await choose(page, 'piece.tar')
    expect((form(acts()[0]).get('file') as File).name).toBe('piece.tar')
    expect(page.text()).toContain('with 3 visits')
    expect(says(page, 'Its passport').attributes('href')).toBe('/passports/12')
  })
})
