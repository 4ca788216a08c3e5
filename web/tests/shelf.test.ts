import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { LotView, MoveView, OrdersView, ProductRowView, ProductSheetView } from '../src/api/types'
import TakesFrom from '../src/bench/TakesFrom.vue'
import { useSession } from '../src/session/useSession'
import LotRow from '../src/shelf/LotRow.vue'
import OnPiece from '../src/shelf/OnPiece.vue'
import OrderList from '../src/shelf/OrderList.vue'
import PriceLists from '../src/shelf/PriceLists.vue'
import ProductForm from '../src/shelf/ProductForm.vue'
import Shelf from '../src/shelf/Shelf.vue'
import StockTaking from '../src/shelf/StockTaking.vue'
import { lotIn } from '../src/shelf/useScanner'
import { amount, level, vesselOf } from '../src/shelf/vessels'
import { ok, refuses, serving } from './fakeApi'
import { says, settled, shown, somewhere, words as text } from './mounting'
import { at, person, session, words } from './views'

const row = (more: Partial<ProductRowView> = {}): ProductRowView => ({
  id: 3, name: 'Conditioner', family: 'conditioner', phase: 'condition', kind: 'plain', hex: null, unit: 'g', pack: 250, left: 180, reserved: 0, lots: 1,
  state: 'enough', says: null, order: 0, ordered: 0, supplier: 'the tannery', retired: false, ...more,
})
const lot = (more: Partial<LotView> = {}): LotView => ({
  id: 12, product: 3, name: 'Conditioner', unit: 'g', amount: 250, left: 180, boughtAt: at(0), openedAt: at(0), emptiedAt: null, goodUntil: at(600), old: false,
  place: 'wall shelf', batch: '', cents: null, ...more,
})
const sheet = (more: Partial<ProductSheetView> = {}): ProductSheetView => ({
  id: 3, version: 2, name: 'Conditioner', kind: 'plain', family: 'conditioner', shade: null, unit: 'g', pack: 250, packCents: 1540, supplier: 'the tannery',
  leadDays: 5, densityGPerMl: 1, emptyPackG: 28, water: null, notOn: '', openedMonths: null, keepsMonths: 18, hasSheet: false, retired: false, left: 180,
  reserved: 0, perMonth: 0, usualJob: 0, orderBelow: 0, order: 0, says: null, lots: [lot()], moves: [], ...more,
})
const signedIn = async (answers: Parameters<typeof serving>[0], may = true) => {
  const acts = serving({ 'GET /words': ok(words()), 'GET /session': ok(session({ person: person({ mayPlan: may }) })), ...answers })
  await useSession().load()
  return acts
}

beforeEach(() => {
  document.body.innerHTML = ''
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse(at(0)) })
})

describe('what stands on the shelf', () => {
  it.each([['12', 12], ['lot 12', 12], ['Lot 7 ', 7], ['http://127.0.0.1:8600/lots/41', 41], ['', null], ['/pieces/4', null], ['K 12x', null]])(
    'reads %j as the lot %s', (typed, is) => {
      expect(lotIn(typed)).toBe(is)
    })

  it('is drawn in what it comes in, as full as it is', () => {
    expect(vesselOf(row())).toBe('jar')
    expect(vesselOf(row({ family: 'alcohol', unit: 'ml' }))).toBe('bottle')
    expect(vesselOf(row({ family: null, unit: 'm' }))).toBe('spool')
    expect(level(row({ lots: 2, left: 250 }))).toBe(0.5)
    expect(level(row({ lots: 0, left: 0 }))).toBe(0)
    expect(level(row({ left: -20 }))).toBe(0)
    expect([amount(4.24, 'g'), amount(4, 'ml'), amount(182.6, 'ml'), amount(-0.4, 'g')]).toEqual(['4.2 g', '4 ml', '183 ml', '-0.4 g'])
  })

  it('shows the most pressing first, and each on the board of its work', async () => {
    await signedIn({
      'GET /shelf': ok({
        products: [
          row({ id: 1, name: 'Oil', state: 'low', says: 'Only a little.' }), row({ id: 2, name: 'Wax', state: 'out', says: 'None is left.', left: 0 }),
          row({ id: 4, name: 'Soap', phase: 'clean', family: 'soap' }), row({ id: 5, name: 'Thread', phase: null, family: null, unit: 'm' }),
          row({ id: 6, name: 'Old glue', retired: true, left: 0 }),
        ],
        toOrder: 2, suppliers: [],
      }),
    })
    const it = shown(Shelf, { product: null }, somewhere('/shelf'))
    await settled()
    const worries = it.findAll('aside li').map((li) => li.text())
    expect(worries[0]).toContain('Wax')
    expect(worries[1]).toContain('Oil')
    expect(it.findAll('section section').map((s) => s.attributes('aria-label'))).toEqual(['To clean', 'To feed, finish and protect', 'Beside'])
    expect(text(it)).not.toContain('Old glue')
    await it.find('input[type=search]').setValue('thr')
    expect(it.findAll('section section').map((s) => s.attributes('aria-label'))).toEqual(['Beside'])
  })
})

describe('a lot', () => {
  it('is weighed, or looked at; what is no figure is asked for and nothing is sent', async () => {
    const acts = await signedIn({ 'PUT /lots/12/left': ok({ lot: lot(), moves: [] }) })
    const it = shown(LotRow, { lot: lot(), emptyG: 28 })
    await says(it, 'Weigh').trigger('click')
    await it.find('form').trigger('submit')
    expect(text(it)).toContain('A figure is needed')
    await it.find('input').setValue('208,5')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toEqual({ grossG: 208.5, emptyG: null })
    await says(it, 'Weigh').trigger('click')
    await says(it, 'Looked at').trigger('click')
    await it.find('input').setValue('90')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[1]?.body).toEqual({ left: 90 })
  })

  it('asks once what its empty pack weighs, and keeps what was typed when it is refused', async () => {
    await signedIn({ 'PUT /lots/12/left': refuses(422, 'It cannot weigh less than its empty pack.') })
    const it = shown(LotRow, { lot: lot(), emptyG: null })
    await says(it, 'Weigh').trigger('click')
    expect(it.find('input[name=empty]').exists()).toBe(true)
    await it.find('input[name=figure]').setValue('20')
    await it.find('input[name=empty]').setValue('28')
    await it.find('form').trigger('submit')
    await settled()
    expect(text(it)).toContain('cannot weigh less')
    expect((it.find('input[name=figure]').element as HTMLInputElement).value).toBe('20')
  })

  it('says what was taken beyond what was in it', () => {
    expect(text(shown(LotRow, { lot: lot({ left: -4 }), emptyG: null }))).toContain('More was taken from it than was in it.')
  })
})

describe('stock-taking', () => {
  it('writes one lot down after the other, and strikes what was counted', async () => {
    const acts = await signedIn({
      'GET /lots': ok({ lots: [lot(), lot({ id: 13, name: 'Wax', left: 40 })] }), 'PUT /lots/12/left': ok({ lot: lot({ left: 90 }), moves: [] }),
      'PUT /lots/13/left': ok({ lot: lot({ id: 13, name: 'Wax', left: 40 }), moves: [] }),
    })
    const it = shown(StockTaking)
    await settled()
    await it.find('#lot-12').setValue('90')
    await it.findAll('form')[0]?.trigger('submit')
    await it.findAll('form')[1]?.findAll('button')[1]?.trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ left: 90 }, { left: 40 }])
    expect(text(it)).toContain('2 of 2')
    await it.find('#lot-12').setValue('x')
    await it.findAll('form')[0]?.trigger('submit')
    expect(text(it)).toContain('A figure is needed')
    expect(acts()).toHaveLength(2)
  })
})

describe('the order list', () => {
  const orders = (more: Partial<OrdersView> = {}): OrdersView => ({
    toOrder: [{
      product: 3, name: 'Conditioner', supplier: 'the tannery', packs: 2, pack: 250, unit: 'g', cents: 3080, leadDays: 5, left: 4, reserved: 0, why: 'Low.',
    }],
    onTheWay: [{
      id: 8, product: 9, name: 'Wax', supplier: 'the quay', packs: 1, pack: 100, unit: 'g', orderedAt: at(0), orderedBy: 'Ida',
      expectedAt: at(9000), late: false,
    }],
    ...more,
  })

  it('is ordered with one tap and received with two', async () => {
    const acts = await signedIn({
      'GET /orders': ok(orders()), 'POST /orders': ok(orders({ toOrder: [] })), 'POST /orders/8/received': ok(orders({ toOrder: [], onTheWay: [] })),
    })
    const it = shown(OrderList)
    await settled()
    expect(text(it)).toContain('about 30.80')
    await says(it, 'It is ordered').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ product: 3, packs: 2 })
    await says(it, 'It is here').trigger('click')
    expect(acts()).toHaveLength(1)
    await says(it, 'Yes, 1 pack is here').trigger('click')
    await settled()
    expect(acts()).toHaveLength(2)
    expect(text(it)).not.toContain('On its way')
  })
})

describe('a list that comes in', () => {
  it('is shown before anything is written, and not written while a row is faulty', async () => {
    const rows = [{ line: 2, name: 'Wax', kind: 'changed' as const, says: 'price: 7.40 → 7.90' }, { line: 3, name: 'X', kind: 'faulty' as const, says: 'No.' }]
    const acts = await signedIn({ 'POST /products/csv': ok({ new: 0, changed: 1, same: 4, faulty: 1, rows, done: false }) })
    const it = shown(PriceLists)
    const input = it.find('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File(['name\n'], 'a.csv')] })
    await input.trigger('change')
    await settled()
    expect(acts()).toHaveLength(1)
    expect(text(it)).toContain('1 row cannot be taken in, so nothing is.')
    expect(text(it)).not.toContain('Take it in')
    expect(it.findAll('li')[0]?.text()).toContain('row 3')
  })
})

describe('a product', () => {
  it('keeps what was typed and says which field is wrong', async () => {
    const acts = await signedIn({ 'POST /products': ok(sheet()) })
    const it = shown(ProductForm, { suppliers: [] })
    await settled()
    await it.find('input[name=name]').setValue('Conditioner')
    await it.find('input[name=price]').setValue('twelve')
    await it.find('form').trigger('submit')
    expect(text(it)).toContain('That is no price.')
    expect(acts()).toHaveLength(0)
    await it.find('input[name=price]').setValue('12,50')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toMatchObject({ name: 'Conditioner', packCents: 1250, pack: 100, family: null, version: 0 })
  })
})

describe('what was on a piece', () => {
  it('may be said otherwise afterwards', async () => {
    const move: MoveView = {
      id: 4, kind: 'step', amount: -3.4, unit: 'g', at: at(0), by: 'Ida', lot: 12, product: 3, productName: 'Conditioner', piece: 9, pieceName: 'The derbies',
      step: 77, what: 'Feed with conditioner', note: '',
    }
    const acts = await signedIn({
      'GET /pieces/9/products': ok({ piece: 9, name: 'The derbies', moves: [move] }), 'GET /products/3': ok(sheet({ lots: [lot(), lot({ id: 13 })] })),
      'PUT /pieces/9/steps/77/taken': ok({ piece: 9, name: 'The derbies', moves: [{ ...move, amount: -5, lot: 13 }] }),
    })
    const it = shown(OnPiece, { id: 9 })
    await settled()
    await says(it, 'it was otherwise').trigger('click')
    await settled()
    expect((it.find('input').element as HTMLInputElement).value).toBe('3.4')
    await it.find('input').setValue('5')
    await says(it, 'lot 13').trigger('click')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toEqual({ amount: 5, lot: 13 })
    expect(text(it)).toContain('5 g')
  })

  it('is said otherwise once for what came out of two lots, and not for an earlier go at it', async () => {
    const move = (id: number, amount: number, of: Partial<MoveView> = {}): MoveView => ({
      id, kind: 'step', amount, unit: 'g', at: at(0), by: 'Ida', lot: id, product: 3, productName: 'Conditioner', piece: 9, pieceName: 'The derbies',
      step: 77, what: 'Feed with conditioner', note: '', ...of,
    })
    const moves = [move(6, -1.25), move(5, -2.1), move(4, -9, { at: at(-60) }), move(3, -0.5, { step: 76 }), move(2, -1, { kind: 'taken', step: null })]
    await signedIn({ 'GET /pieces/9/products': ok({ piece: 9, name: 'The derbies', moves }), 'GET /products/3': ok(sheet({ lots: [lot({ id: 6 })] })) })
    const it = shown(OnPiece, { id: 9 })
    await settled()
    expect(it.findAll('li').map((li) => li.text().includes('it was otherwise'))).toEqual([true, false, false, true, false])
    await says(it, 'it was otherwise').trigger('click')
    await settled()
    expect((it.find('input').element as HTMLInputElement).value).toBe('3.35')
  })
})

describe('what a step takes', () => {
  it('may be said otherwise when it is ended', async () => {
    await signedIn({ 'GET /products/3': ok(sheet({ lots: [lot(), lot({ id: 13 })] })) })
    const it = shown(TakesFrom, { takes: { product: 3, name: 'Conditioner', amount: 3.4, unit: 'g' }, running: true, busy: false })
    await says(it, 'it was otherwise').trigger('click')
    await settled()
    await it.find('input').setValue('5,5')
    await says(it, 'lot 13').trigger('click')
    await it.find('form').trigger('submit')
    expect(it.emitted('done')).toEqual([[5.5, 13]])
  })
})
