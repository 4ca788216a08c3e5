import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { InvoiceView, MeasureView, OfferView, PicturesView, PriceTermsView, SupplementView, WayView } from '../src/api/types'
import Figures from '../src/offer/Figures.vue'
import Invoice from '../src/offer/Invoice.vue'
import Offer from '../src/offer/Offer.vue'
import Prices from '../src/offer/Prices.vue'
import { sum } from '../src/offer/sums'
import Supplements from '../src/offer/Supplements.vue'
import Measure from '../src/picture/Measure.vue'
import { useSession } from '../src/session/useSession'
import { ok, refuses, serving } from './fakeApi'
import { choose, says, settled, shown, somewhere, words as text } from './mounting'
import { at, person, piece, session, words } from './views'

const way = (more: Partial<WayView> = {}): WayView => ({
  aim: 'freshen', cannot: null, lines: [{ what: 'Cleaning', cents: 1200 }], overhead: 180, rush: 0, net: 1380, tax: 262, rounding: 8, gross: 1650, low: 1450,
  high: 1900, share: 8, advice: 'worth-it', adviceSays: 'Another one would cost a good deal more.', minutes: 14, gone: ['The mud.'], softer: [], stays: [],
  risks: [], care: ['Brushed after wearing.'], dropped: [], fixed: [], unpriced: [], ...more,
})
const offer = (more: Partial<OfferView> = {}): OfferView => ({
  piece: 4, ticket: 2, version: 7, name: 'The derbies', customer: 'Mirela', aim: 'freshen', currency: 'EUR', id: 9, at: at(0), by: 'Ida', outdated: false,
  otherTerms: false, replaceCents: 20000, meaning: 'some', ways: [way({ aim: 'keep', gross: 900 }), way(), way({ aim: 'restore', gross: 5000 })],
  leave: ['It stays as it is.'], chosen: null, left: false, chosenAt: null, supplements: [], ...more,
})
const year = { ownHands: 1167, shop: 6800, kept: 1667, wornOut: 5000, says: 'Kept by your own hands it costs less.' }
const CARE = 'GET /care-of-a-year?everyMonths=9&ownMinutes=25&ownHourCents=1500&materialCents=250&shopCents=4500&tripCents=600&replaceCents=20000'
  + '&yearsCaredFor=12&yearsUncaredFor=4'
const signedIn = async (answers: Parameters<typeof serving>[0], role: 'owner' | 'restorer' = 'restorer') => {
  const acts = serving({
    'GET /words': ok(words()), 'GET /session': ok(session({ person: person({ role, mayPlan: true }) })), 'GET /pieces/4': ok(piece()), [CARE]: ok(year),
    'GET /pieces/4/offer/keep/date': ok({ aim: 'keep', certain: at(600) }), 'GET /pieces/4/offer/freshen/date': ok({ aim: 'freshen', certain: at(900) }),
    'GET /pieces/4/offer/restore/date': ok({ aim: 'restore', certain: null }), ...answers,
  })
  await useSession().load()
  return acts
}

beforeEach(() => {
  document.body.innerHTML = ''
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse(at(0)) })
})

describe('sums', () => {
  it.each([[0, '0.00'], [1650, '16.50'], [124000, '1 240.00'], [-305, '−3.05'], [123456789, '1 234 567.89']])('writes %d as %s', (cents, written) => {
    expect(sum(cents)).toBe(written)
  })
})

describe('an offer', () => {
  it('hangs its ways on one cord, with the day of each, and takes the one that is chosen', async () => {
    const taken = offer({ chosen: 'restore', aim: 'restore', chosenAt: at(1) })
    const acts = await signedIn({ 'GET /pieces/4/offer': ok(offer()), 'PUT /pieces/4/offer/9': ok(taken) })
    const router = somewhere('/pieces/4/offer')
    const it = shown(Offer, { id: 4 }, router)
    await settled()
    await vi.waitFor(() => {
      expect(text(it)).toContain('No day can be said')
    })
    expect(it.findAll('article').map((a) => a.find('svg').attributes('aria-label'))).toEqual(
      ['9.00 14.50 to 19.00', '16.50 14.50 to 19.00', '50.00 14.50 to 19.00', undefined],
    )
    expect(text(it)).toContain('as asked')
    await it.findAll('article')[2]?.find('button.may').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ version: 7, aim: 'restore' })
    expect(router.currentRoute.value.path).toBe('/pieces/4/owner')
  })

  it('is left as it is with one tap, and nothing is signed then', async () => {
    const acts = await signedIn({ 'GET /pieces/4/offer': ok(offer()), 'PUT /pieces/4/offer/9': ok(offer({ left: true, chosenAt: at(1) })) })
    const router = somewhere('/pieces/4/offer')
    const it = shown(Offer, { id: 4 }, router)
    await settled()
    await says(it, 'They leave it').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ version: 7, aim: null })
    expect(text(it)).toContain('It is left as it is')
    expect(router.currentRoute.value.path).not.toBe('/pieces/4/owner')
  })

  it('keeps what was typed where it is no sum, and takes nothing of what is outdated', async () => {
    const acts = await signedIn({ 'GET /pieces/4/offer': ok(offer({ outdated: true })) })
    const it = shown(Offer, { id: 4 }, somewhere('/pieces/4/offer'))
    await settled()
    expect(text(it)).toContain('looked at again since')
    expect(text(it)).not.toContain('They take this')
    await it.find('input[name=replace]').setValue('twelve')
    await it.find('form').trigger('submit')
    expect(text(it)).toContain('That is no sum.')
    expect((it.find('input[name=replace]').element as HTMLInputElement).value).toBe('twelve')
    expect(acts()).toHaveLength(0)
  })

  it('says why a way cannot be, and aloud what is dear', async () => {
    const ways = [way({ aim: 'keep', cannot: 'It is brittle.' }), way({ advice: 'say-out-loud', adviceSays: 'Another one costs less.' })]
    await signedIn({ 'GET /pieces/4/offer': ok(offer({ ways })) })
    const it = shown(Offer, { id: 4 }, somewhere('/pieces/4/offer'))
    await settled()
    expect(it.find('.caution').text()).toBe('It is brittle.')
    expect(it.find('.stop').text()).toBe('Another one costs less.')
    expect(it.findAll('button').filter((b) => b.text() === 'They take this')).toHaveLength(1)
  })
})

describe('something found beside', () => {
  const found = (more: Partial<SupplementView> = {}): SupplementView => ({
    id: 3, piece: 4, what: 'An eyelet', minutes: 12, grossCents: 1500, readyAt: null, at: at(0), by: 'Ida', agreed: null, answeredBy: '', how: '',
    answeredAt: null, ...more,
  })

  it('is told with its price and answered, never silent', async () => {
    const acts = await signedIn({ 'POST /pieces/4/supplements': ok(offer()), 'PUT /pieces/4/supplements/3': ok(offer()) })
    const it = shown(Supplements, { offer: offer({ chosen: 'freshen', supplements: [found()] }), may: true, mayAdd: true })
    expect(text(it)).toContain('Nothing of it is done.')
    await says(it, 'Something more was found').trigger('click')
    await it.find('input[name=what]').setValue('The welt')
    await it.find('input[name=minutes]').setValue('x')
    await it.find('form').trigger('submit')
    expect(text(it)).toContain('How many minutes')
    await it.find('input[name=minutes]').setValue('18')
    await it.find('input[name=materials]').setValue('2,50')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toEqual({ what: 'The welt', minutes: 18, materialCents: 250, readyOn: null })
    await says(it, 'The owner has answered').trigger('click')
    await it.find('input[name=by]').setValue('Mirela')
    await says(it, 'They decline').trigger('click')
    await settled()
    expect(acts()[1]?.body).toEqual({ agreed: false, by: 'Mirela', how: '', strokes: [] })
  })
})

describe('an invoice', () => {
  const invoice = (more: Partial<InvoiceView> = {}): InvoiceView => ({
    id: 1, number: 7, ticket: 2, customer: 'Mirela', currency: 'EUR', at: at(0), lines: [{ what: 'The derbies: freshen', cents: 1650 }], netCents: 1387,
    taxCents: 263, taxPercent: '19', grossCents: 1650, paidAt: null, how: '', ...more,
  })

  it('is written once, shows its tax apart, and is paid', async () => {
    const acts = await signedIn({
      'GET /tickets/2/invoice': ok({ invoices: [] }), 'POST /tickets/2/invoice': ok({ invoices: [invoice()] }),
      'PUT /invoices/1/paid': ok({ invoices: [invoice({ paidAt: at(1) })] }),
    })
    const it = shown(Invoice, { id: 2 })
    await settled()
    await says(it, 'Write the invoice').trigger('click')
    await settled()
    expect(text(it)).toContain('Invoice 7')
    expect(it.findAll('dd').map((d) => d.text())).toEqual(['16.50', '13.87', '2.63', '16.50'])
    await says(it, 'It is paid').trigger('click')
    await settled()
    expect(acts()[1]?.body).toEqual({ paid: true, how: '' })
  })

  it('says why it cannot be written', async () => {
    await signedIn({ 'GET /tickets/2/invoice': ok({ invoices: [] }), 'POST /tickets/2/invoice': refuses(409, 'No price was agreed for “The derbies”.') })
    const it = shown(Invoice, { id: 2 })
    await settled()
    await says(it, 'Write the invoice').trigger('click')
    await settled()
    expect(text(it)).toContain('No price was agreed')
  })
})

describe('the prices', () => {
  const terms = (more: Partial<PriceTermsView> = {}): PriceTermsView => ({
    seen: 4, currency: 'EUR', rate: '54.00', byPerson: false, kinds: [{ id: 'cleaning', name: 'Cleaning', rate: '' }],
    people: [{ id: '1', name: 'Ida', rate: '60.00' }], markup: '30', waste: '10', overhead: '15', consumables: '2.50', minimum: '25.00', rush: '25', tax: '19',
    roundTo: '0.50', fixed: [{ job: 2, name: 'Polish', price: '', done: 3, earnedAnHour: 4100 }], history: [], ...more,
  })

  it('are the owner’s, and keep what was typed when they are refused', async () => {
    const acts = await signedIn({ 'GET /prices': ok(terms()), 'PUT /prices': refuses(422, '“much” is no sum.') }, 'owner')
    const it = shown(Prices)
    await settled()
    expect(text(it)).toContain('3 done, 41.00 left an hour')
    await it.find('input[name=rate]').setValue('much')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toMatchObject({ rate: 'much', seen: 4, kinds: { cleaning: '' }, people: { 1: '60.00' }, fixed: { 2: '' } })
    expect((it.find('input[name=rate]').element as HTMLInputElement).value).toBe('much')
  })

  it('are only read by others', async () => {
    await signedIn({ 'GET /prices': ok(terms()) })
    const it = shown(Prices)
    await settled()
    expect(text(it)).toContain('set by the owner')
    expect(it.find('fieldset').attributes('disabled')).toBeDefined()
  })
})

describe('what it really took', () => {
  it('tells of each piece what was left', async () => {
    await signedIn({
      'GET /figures': ok({
        currency: 'EUR',
        months: [{ month: '2026-03', foreseenMinutes: 60, realMinutes: 75, pieces: 1, offeredCents: 4000, costCents: 3500, promised: 4, kept: 3, back: 1 }],
        coats: [{ product: 'Chestnut cream', times: 6, amount: 18.4, unit: 'g' }],
        waits: [{ air: 'damp, over 60 %', waits: 2, foreseenMinutes: 40, realMinutes: 60 }],
        kinds: [{ name: 'Cleaning', steps: 3, foreseenMinutes: 40, realMinutes: 50 }],
        people: [{ name: 'Ida', steps: 3, foreseenMinutes: 60, realMinutes: 60 }],
        pieces: [{
          piece: 4, name: 'The derbies', at: at(0), foreseenMinutes: 60, realMinutes: 75, offeredCents: 4000, workCents: 3400, materialCents: 100,
          marginCents: 500,
        }],
      }),
    }, 'owner')
    const it = shown(Figures)
    await settled()
    expect(text(it)).toContain('25 % longer than foreseen')
    expect(text(it)).toContain('3 of 4')
    expect(text(it)).toContain('Came back: 1.')
    expect(text(it)).toContain('1 h on average, 50 % longer than foreseen (2 times)')
    expect(text(it)).toContain('6 times, 18.4 g')
    expect(text(it)).toContain('as foreseen')
    expect(text(it)).toContain('Offered 40.00 before tax; work 34.00, materials 1.00; 75 minutes where 60 were foreseen.')
  })
})

describe('measuring on a picture', () => {
  const view = (more: Partial<MeasureView> = {}): MeasureView => ({
    piece: 4, version: 7, name: 'The derbies', cardMm: [85, 55],
    parts: [{ part: 'vamp', half: 'left', label: 'left vamp', dm2: 1.4, measured: false, picture: null, outline: [] }],
    findings: [{ id: 5, label: 'scuff, left toe', lengthMm: 12, widthMm: 4 }], ...more,
  })
  const pictures = {
    pictures: [{
      id: 8, moment: 'before', half: 'left', part: null, side: null, width: 2000, height: 1000, thumb: '/t.jpg', full: '/f.jpg', at: at(0),
    }], missing: [],
  } as unknown as PicturesView
  const measured = { areaDm2: 1.25, lengthMm: 450, longMm: 140, wideMm: 90, tiltDeg: 4, caution: null, says: '1.25 dm², 140 × 90 mm' }

  it('takes four corners and an outline, and keeps it for a part', async () => {
    const acts = await signedIn({
      'GET /pieces/4/measures': ok(view()), 'GET /pieces/4/pictures': ok(pictures), 'POST /pieces/4/measures/look': ok(measured),
      'POST /pieces/4/measures': ok(view({ version: 8 })),
    })
    const it = shown(Measure, { id: 4, of: 8 })
    await settled()
    const svg = it.find('svg.absolute')
    svg.element.getBoundingClientRect = () => new DOMRect(0, 0, 1000, 500)
    const tap = (x: number, y: number) => svg.trigger('click', { clientX: x, clientY: y })
    expect(text(it)).toContain('Tap corner 1')
    for (const [x, y] of [[10, 10], [95, 10], [95, 65], [10, 65], [200, 100], [400, 100], [400, 300]] as const) {
      await tap(x, y)
    }
    expect(text(it)).toContain('3 points')
    await says(it, 'Last point back').trigger('click')
    expect(text(it)).toContain('2 points')
    await tap(400, 300)
    await says(it, 'Measure it').trigger('click')
    await settled()
    expect(acts()[0]?.body).toMatchObject({ version: 7, picture: 8, card: [[20, 20], [190, 20], [190, 130], [20, 130]] })
    expect(text(it)).toContain('This is 1.25 dm², 140 × 90 mm.')
    await choose(it, 'What it is', 'left vamp')
    await says(it, 'Keep it').trigger('click')
    await settled()
    expect(acts()[1]?.body).toMatchObject({ half: 'left', part: 'vamp' })
    expect(text(it)).toContain('Kept.')
  })
})
