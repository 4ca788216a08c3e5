import { beforeEach, describe, expect, it } from 'vitest'
import type { CareDueView, CarePageView, OwnerDetailsView, OwnerListView, PassportView, VisitView, WhatComesBackView } from '../src/api/types'
import OwnerFile from '../src/owner/OwnerFile.vue'
import Owners from '../src/owner/Owners.vue'
import CarePage from '../src/passport/CarePage.vue'
import { careDay, often } from '../src/passport/careDay'
import ComesBack from '../src/passport/ComesBack.vue'
import Passport from '../src/passport/Passport.vue'
import { ok, refuses, serving } from './fakeApi'
import { says, settled, shown, somewhere, words as text } from './mounting'
import { session, words } from './views'

const house = { 'GET /words': ok(words()), 'GET /session': ok(session()) }
const care = (more: Partial<CareDueView> = {}): CareDueView => ({
  kind: 'feed', label: 'feed', at: '2026-05-01T00:00:00+00:00', everyDays: 180, why: 'It is used now and then.', how: 'A little conditioner.', late: false,
  isTheShops: false, minutes: 20, timesAYear: 2, ...more,
})
const visit = (piece: number, more: Partial<VisitView> = {}): VisitView => ({
  piece, tag: `${piece}-1`, openedAt: `2026-0${piece}-03T09:00:00+00:00`, leftAt: `2026-0${piece}-09T09:00:00+00:00`, aim: 'freshen', wish: '', done: [],
  found: [], before: null, after: null, ofOwner: null, fault: null, cause: null, mended: null, calledOff: false, elsewhere: '', ...more,
})
const passport = (more: Partial<PassportView> = {}): PassportView => ({
  id: 5, version: 2, name: 'Father’s oxfords', kind: 'low-shoe/oxford', owner: 3, ownerName: 'Odile', code: 'abcdefghjk', since: '2026-01-03T09:00:00+00:00',
  colours: [], made: [], visits: [visit(3), visit(1)], use: null, cares: [care()], read: [], pots: [],
  careCost: { ownMinutes: 400, materialCents: 1240, shopCents: 850, currency: 'EUR' }, address: null, storedAt: '', storedUntil: null, ...more,
})

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  serving(house)
})

describe('how often', () => {
  it.each([
    [1, 'day', 1], [3, 'days', 3], [13, 'days', 13], [14, 'weeks', 2], [50, 'weeks', 7], [61, 'months', 2], [182, 'months', 6], [349, 'months', 11],
    [350, 'year', 1], [365, 'year', 1],
  ] as const)('every %i days is said by the %s', (days, unit, count) => {
    expect(often(days)).toEqual({ unit, count })
  })

  it('a day of care is that day wherever its owner is', () => {
    expect(careDay('2026-05-01T00:00:00+00:00')).toBe('1 May 2026')
  })
})

describe('a passport', () => {
  const open = async (of: Partial<PassportView> = {}, answers: Parameters<typeof serving>[0] = {}) => {
    const acts = serving({ ...house, 'GET /passports/5': ok(passport(of)), ...answers })
    const it = shown(Passport, { id: 5 }, somewhere('/passports/5'))
    await settled()
    return { it, acts }
  }

  it('asks how the piece is used, and reckons care anew', async () => {
    const { it, acts } = await open({}, { 'PUT /passports/5/use': ok(passport({ version: 3, cares: [care({ everyDays: 20 })] })) })
    expect(text(it)).toContain('Nobody has asked yet')
    await says(it, 'Say how').trigger('click')
    await it.find('input[inputmode="decimal"]').setValue('4,5')
    await it.findAll('input[type="checkbox"]')[0]?.setValue(true)
    await says(it, 'So it is').trigger('click')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts().find((a) => a.method === 'PUT')?.body).toEqual({
      version: 2, daysAWeek: 4.5, for: 'everyday', wet: true, salt: false, sun: false, darkCloth: false, storedFrom: null,
    })
    expect(text(it)).toContain('every 3 weeks')
  })

  it('what was done at home is ticked, and not what the shop does', async () => {
    const cares = [care(), care({ kind: 'sole-check', label: 'look at soles', isTheShops: true })]
    const { it, acts } = await open({ cares }, { 'POST /passports/5/cares': ok(passport()) })
    expect(it.findAll('button').filter((b) => b.text() === 'Done today')).toHaveLength(1)
    await says(it, 'Done today').trigger('click')
    await settled()
    expect(acts().find((a) => a.method === 'POST')?.body).toEqual({ kind: 'feed' })
  })

  it('late care is said to be', async () => {
    const { it } = await open({ cares: [care({ late: true })] })
    expect(text(it)).toContain('since 1 May 2026')
  })

  it('its care page has an address only while somebody is to see it', async () => {
    const { it } = await open({}, {
      'POST /passports/5/care-page': ok(passport({ address: '5-xyz' })), 'DELETE /passports/5/care-page': ok(passport()),
    })
    await says(it, 'Make an address').trigger('click')
    await settled()
    expect(it.find('a[href$="/care/5-xyz"]').exists()).toBe(true)
    await says(it, 'Take the address back').trigger('click')
    await settled()
    expect(it.find('a[href*="/care/"]').exists()).toBe(false)
  })

  it('a visit that puts an earlier one right is tied to it with what failed and why', async () => {
    const causes = { causes: [{ cause: 'fat-below', label: 'fat under the paint', share: 0.6, sign: 'It was laid on cream.' }], coats: ['Paint, by Ida'] }
    const { it, acts } = await open({}, {
      'GET /pieces/1/causes/peels': ok(causes), 'GET /pieces/1/causes/sticky': ok({ causes: [], coats: [] }),
      'PUT /pieces/3/came-back': ok(passport({
        visits: [visit(3, { fault: 'peels in sheets', cause: 'fat under the paint', mended: '2026-01-03T09:00:00Z' }), visit(1)],
      })),
    })
    expect(it.findAll('button').filter((b) => b.text().startsWith('It came back'))).toHaveLength(1)
    await says(it, 'It came back').trigger('click')
    await settled()
    expect(text(it)).toContain('The record shows it: It was laid on cream.')
    await says(it, 'That was it').trigger('click')
    await settled()
    expect(acts().find((a) => a.method === 'PUT')?.body).toEqual({ visit: 1, fault: 'peels', cause: 'fat-below' })
    expect(text(it)).toContain('peels in sheets, by fat under the paint.')
  })

  it('how something like it was done before is looked for when it is asked for', async () => {
    const job = {
      piece: 9, name: 'The derbies', kind: 'low-shoe/derby', aim: 'freshen', likeness: 0.83, found: ['scuff'], done: ['cream'], minutes: 48,
      finishedAt: '2026-02-03T09:00:00Z',
    }
    const { it } = await open({}, { 'GET /pieces/3/like': ok({ jobs: [job] }) })
    expect(text(it)).not.toContain('The derbies')
    await says(it, 'Look for it').trigger('click')
    await settled()
    expect(text(it)).toMatch(/The derbies.*83 % alike.*48 minutes by hand/)
  })

  it('what stands here over summer has a place and a day', async () => {
    const { it, acts } = await open({}, { 'PUT /passports/5/stored': ok(passport({ storedAt: 'Attic shelf 2', storedUntil: '2026-10-01' })) })
    await it.find('input[maxlength="80"]').setValue('Attic shelf 2')
    await it.find('input[type="date"]').setValue('2026-10-01')
    await it.find('section[aria-label="Kept here for its owner"] form').trigger('submit')
    await settled()
    expect(acts().find((a) => a.method === 'PUT')?.body).toEqual({ version: 2, at: 'Attic shelf 2', until: '2026-10-01' })
    expect(text(it)).toMatch(/Attic shelf 2, until 1 Oct/)
  })
})

describe('owners', () => {
  const list = (more: Partial<OwnerListView> = {}): OwnerListView =>
    ({ owners: [{ id: 3, name: 'Odile', contact: '0664', pieces: 2, here: 1, lastAt: '2026-03-03T09:00:00Z' }], page: 0, more: false, ...more })
  const owner = (more: Partial<OwnerDetailsView> = {}): OwnerDetailsView => ({
    id: 3, version: 4, name: 'Odile', ways: [{ by: 'phone', at: '0664' }], likes: null, language: '', notes: '', mayKeepPictures: true, mayRemind: false,
    since: '2026-01-03T09:00:00Z', erased: false, pieces: [], alike: [], ...more,
  })

  it('are found by a few letters, page by page', async () => {
    serving({
      ...house, 'GET /owners/all?find=&page=0': ok(list({ more: true })), 'GET /owners/all?find=&page=1': ok(list({ page: 1 })),
      'GET /owners/all?find=xx&page=0': ok(list({ owners: [] })),
    })
    const it = shown(Owners, {}, somewhere('/owners'))
    await settled()
    expect(text(it)).toContain('2 pieces, 1 here')
    expect(says(it, 'Before').attributes('disabled')).toBeDefined()
    await says(it, 'Further').trigger('click')
    await settled()
    expect(says(it, 'Before').attributes('disabled')).toBeUndefined()
    expect(says(it, 'Further').attributes('disabled')).toBeDefined()
    await it.find('input').setValue('xx')
    await settled()
    expect(text(it)).toContain('Nobody called so')
  })

  it('are written down with how they are reached and what they allow', async () => {
    const acts = serving({ ...house, 'GET /owners/3': ok(owner()), 'PUT /owners/3': ok(owner({ version: 5 })) })
    const it = shown(OwnerFile, { id: 3 }, somewhere('/owners/3'))
    await settled()
    await says(it, 'One more way').trigger('click')
    const ways = it.findAll('input[maxlength="160"]')
    await ways[1]?.setValue('odile@example.org')
    await it.findAll('input[type="checkbox"]')[1]?.setValue(true)
    await it.find('form').trigger('submit')
    await settled()
    expect(acts().find((a) => a.method === 'PUT')?.body).toMatchObject({
      version: 4, name: 'Odile', mayRemind: true, likes: null, ways: [{ by: 'phone', at: '0664' }, { by: 'email', at: 'odile@example.org' }],
    })
  })

  it('what was typed stays when it is refused', async () => {
    serving({ ...house, 'GET /owners/3': ok(owner()), 'PUT /owners/3': refuses(409, 'Somebody has changed this owner meanwhile.') })
    const it = shown(OwnerFile, { id: 3 }, somewhere('/owners/3'))
    await settled()
    await it.find('textarea').setValue('Mornings only.')
    await it.find('form').trigger('submit')
    await settled()
    expect(text(it)).toContain('Somebody has changed this owner')
    expect((it.find('textarea').element as HTMLTextAreaElement).value).toBe('Mornings only.')
  })

  it('two that are one are joined', async () => {
    const alike = [{ id: 9, name: 'Odile', contact: 'odile@example.org', pieces: 1, here: 0, lastAt: '2026-03-03T09:00:00Z' }]
    const acts = serving({ ...house, 'GET /owners/3': ok(owner({ alike })), 'POST /owners/3/joined': ok(owner()) })
    const { useSession } = await import('../src/session/useSession')
    await useSession().load()
    const it = shown(OwnerFile, { id: 3 }, somewhere('/owners/3'))
    await settled()
    await says(it, 'They are one').trigger('click')
    await settled()
    expect(acts().find((a) => a.method === 'POST')?.body).toEqual({ version: 4, other: 9 })
    expect(text(it)).not.toContain('may be the same person')
  })

  it('are erased only by the workshop’s owner, and not by one tap', async () => {
    const as = (role: 'owner' | 'restorer') => ok(session({ person: { ...session().person, role } as never }))
    const acts = serving({
      ...house, 'GET /session': as('owner'), 'GET /owners/3': ok(owner()), 'DELETE /owners/3': ok(owner({ erased: true, name: 'Owner 3' })),
    })
    const { useSession } = await import('../src/session/useSession')
    await useSession().load()
    const it = shown(OwnerFile, { id: 3 }, somewhere('/owners/3'))
    await settled()
    await says(it, 'Erase them').trigger('click')
    expect(acts().some((a) => a.method === 'DELETE')).toBe(false)
    await says(it, 'Erase for good').trigger('click')
    await settled()
    expect(text(it)).toContain('was erased, as they asked')
  })
})

describe('what comes back', () => {
  const back = (more: Partial<WhatComesBackView> = {}): WhatComesBackView => ({
    years: 1, pieces: 31, back: [{
      piece: 9, passport: 5, name: 'The derbies', fault: 'peels in sheets', cause: 'not degreased', mendedAt: '2026-01-03T09:00:00Z',
      backAt: '2026-02-03T09:00:00Z',
    }], products: [{ what: 'leather paint', pieces: 12, back: 1 }], steps: [], lots: [], seasons: [{ what: 'winter', pieces: 20, back: 1 }], ...more,
  })

  it('is said of how many, and what they have in common', async () => {
    serving({ ...house, 'GET /comes-back': ok(back()) })
    const it = shown(ComesBack, {}, somewhere('/comes-back'))
    await settled()
    expect(text(it)).toContain('1 came back, of 31 pieces')
    expect(text(it)).toMatch(/By product\s*leather paint\s*1 of 12/)
    expect(text(it)).toContain('peels in sheets, by not degreased.')
    expect(text(it)).not.toContain('By lot')
  })

  it('is said where nothing did', async () => {
    serving({ ...house, 'GET /comes-back': ok(back({ back: [], products: [], seasons: [] })) })
    const it = shown(ComesBack, {}, somewhere('/comes-back'))
    await settled()
    expect(text(it)).toContain('nothing has come back')
  })
})

describe('the page for an owner', () => {
  const page: CarePageView = {
    workshop: 'The yard', name: 'Father’s oxfords', kind: 'low-shoe/oxford', colours: [], leftAt: null, done: ['conditioner', 'wax'], shows: ['A scar stays.'],
    cares: [care()], not: ['No heat.'], afterRain: 'Blot it.', storing: 'Trees in it.',
  }

  it('says what was done, what comes next and what not to do', async () => {
    serving({ ...house, 'GET /care/5-xyz': ok(page) })
    const it = shown(CarePage, { address: '5-xyz' }, somewhere('/care/5-xyz'))
    await settled()
    for (const said of ['conditioner, wax.', 'A scar stays.', '1 May 2026', 'No heat.', 'Blot it.', 'Trees in it.']) {
      expect(text(it)).toContain(said)
    }
    expect(it.find('a[href="/calendar/care/5-xyz.ics"]').exists()).toBe(true)
    expect(text(it)).not.toContain('Done today')
  })

  it('an address that leads nowhere is said in a sentence', async () => {
    serving({ ...house, 'GET /care/5-no': refuses(404, 'There is nothing here by that name.') })
    const it = shown(CarePage, { address: '5-no' }, somewhere('/care/5-no'))
    await settled()
    expect(text(it)).toContain('There is nothing here by that name.')
  })
})
