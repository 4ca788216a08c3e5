import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { CoatsView, MeasurementView, PictureView, PlannedColourView, PotView, ReadingView } from '../src/api/types'
import Dyes from '../src/colour/Dyes.vue'
import MixPot from '../src/colour/MixPot.vue'
import OwnPaint from '../src/colour/OwnPaint.vue'
import TakeColour from '../src/colour/TakeColour.vue'
import WantedColour from '../src/colour/WantedColour.vue'
import { figure } from '../src/kit/figure'
import Pictures from '../src/picture/Pictures.vue'
import CoatStrip from '../src/pots/CoatStrip.vue'
import PotScreen from '../src/pots/PotScreen.vue'
import Recipes from '../src/pots/Recipes.vue'
import { signed, useLamp } from '../src/pots/useLamp'
import { useSession } from '../src/session/useSession'
import { ok, refuses, serving } from './fakeApi'
import { choose, onThePage, says, settled, shown, somewhere, words as text } from './mounting'
import { at, dab, difference, drop, part, piece, pot, reading, recipe, seen, session, words } from './views'

const house = { 'GET /words': ok(words()), 'GET /session': ok(session()) }

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  useLamp().lamp.value = 'daylight'
  serving(house)
})

describe('a number as hands type it', () => {
  it.each([['12.5', 12.5], ['12,5', 12.5], [' 7 ', 7], ['−3,2', -3.2], ['-3.2', -3.2], ['0', 0]])('“%s” is %s', (typed, number) => {
    expect(figure(typed)).toBe(number)
  })

  it.each(['', '  ', 'much', '1,2,3'])('“%s” is none', (typed) => {
    expect(figure(typed)).toBeNaN()
  })

  it.each([[1.24, '+1.2'], [-0.51, '−0.5'], [0.04, '0.0'], [-0.04, '0.0'], [0, '0.0']])('%s as a difference is %s', (value, said) => {
    expect(signed(value)).toBe(said)
  })
})

describe('the pot on its screen', () => {
  const open = async (of: Partial<PotView>, answers: Parameters<typeof serving>[0] = {}, forReading: number | null = null) => {
    const acts = serving({ ...house, 'GET /pots/5': ok(pot(of)), ...answers })
    const router = somewhere('/pots/5')
    const it = shown(PotScreen, { id: 5, forReading }, router)
    await settled()
    return { it, acts, router }
  }
  const space = (on: EventTarget, more: KeyboardEventInit = {}) => on.dispatchEvent(
    new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true, ...more }),
  )
  const straw = { due: [drop('straw', 6), drop('brick', 2)], recipe: [drop('straw', 6), drop('brick', 2)], paints: [drop('straw', 0), drop('brick', 0)] }
  const counts = () => {
    let taken = 0
    return {
      'POST /pots/5/drops': () => ok(pot({ ...straw, due: [drop('straw', 6 - ++taken), drop('brick', 2)], drops: [drop('straw', taken)], total: taken })),
    }
  }

  it('says the one drop that is due, and the rest after it', async () => {
    const { it } = await open(straw)
    expect(text(it)).toContain('6more of straw')
    expect(text(it)).toContain('then 2 of brick')
    expect(text(it)).toContain('0 drops, 0.00 ml. The job takes 15: 0.6 ml for 2 coats by sponge, and 0.12 kept back.')
  })

  it('takes a Space as a drop of what is due, whichever button was tapped last', async () => {
    const { it, acts } = await open(straw, counts())
    space(document.body)
    const undo = says(it, 'undo a tap of straw').element as HTMLButtonElement
    vi.spyOn(undo, 'matches').mockReturnValue(false)
    const taken = space(undo)
    await settled()
    expect(taken).toBe(false)
    expect(acts().map((a) => a.body)).toEqual([{ code: 'straw', drops: 1 }, { code: 'straw', drops: 1 }])
    expect(text(it)).toContain('4more of straw')
  })

  it('leaves Space to what is typed into, to a button that was come to by Tab, and to a key that is held down', async () => {
    const { it, acts } = await open(straw, counts())
    await says(it, 'Other paints').trigger('click')
    await settled()
    space(it.find('input').element)
    const tabbed = says(it, 'undo a tap of straw').element as HTMLButtonElement
    vi.spyOn(tabbed, 'matches').mockReturnValue(true)
    space(tabbed)
    space(document.body, { repeat: true })
    await settled()
    expect(acts()).toEqual([])
  })

  it('takes five or twenty at once where so many are due, and takes a tap back', async () => {
    const { it, acts } = await open({ ...straw, due: [drop('straw', 21)], drops: [drop('straw', 2)], total: 2 }, { 'POST /pots/5/drops': ok(pot(straw)) })
    await says(it, 'Twenty').trigger('click')
    await settled()
    await says(it, 'Five').trigger('click')
    expect(it.findAll('button').some((b) => b.text() === 'Twenty')).toBe(false)
    await settled()
    await says(it, '+ one drop of brick').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ code: 'straw', drops: 20 }, { code: 'straw', drops: 5 }, { code: 'brick', drops: 1 }])
    expect(says(it, 'undo a tap of straw').attributes('disabled')).toBeDefined()
  })

  it('shows what the drops predict until the dab is dry, then the dab, in words and numbers', async () => {
    const now = { seen: seen(38), lights: 'Alike in all lights.', off: difference(3.1, 'darker and redder'), day: 3.1, lamp: 3, tube: 3 }
    const mixing = await open({ ...straw, total: 4, now })
    expect(text(mixing.it)).toContain('Darker and redder.')
    expect(text(mixing.it)).toContain('ΔE 3.1')
    expect(text(mixing.it)).toMatch(/ΔL \+1\.2.*ΔC −0\.5.*ΔH 0\.0/)
    expect(text(mixing.it)).toContain('The pot, predicted')
    const dabbed = await open({ ...straw, total: 4, now, dabs: [dab({ difference: difference(1.8, 'lighter') })], dabbed: true })
    expect(text(dabbed.it)).toContain('The dab, dry')
    expect(text(dabbed.it)).toContain('Lighter.')
    expect(text(dabbed.it)).toContain('ΔE 1.8')
    expect(text((await open({})).it)).toContain('The pot, empty')
  })

  const correction = (more: object) => ok({
    advice: 'add', sentence: 'Two more of moss.', additions: [drop('moss', 2)], after: seen(41), dE00: 0.7, restart: null, ...more,
  })
  const off = { phase: 'correct' as const, drops: [drop('straw', 10)], total: 10, dabs: [dab()], dabbed: true }

  it('says what to add, and makes it part of the recipe', async () => {
    const { it, acts } = await open(off, { 'GET /pots/5/correction': correction({}), 'PUT /pots/5/recipe': ok(pot(straw)) })
    expect(text(it)).toContain('It should then be within 0.7.')
    expect(text(it)).toContain('redder against its drops, by 0.3; that is reckoned in.')
    await says(it, 'Add these').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1, drops: { straw: 10, moss: 2 } }])
  })

  it('offers a clean pot where nothing that is added helps, and goes to it', async () => {
    const { it, acts, router } = await open(off, {
      'GET /pots/5/correction': correction({ advice: 'start-again', restart: recipe() }), 'POST /pots/5/again': ok(pot({ id: 6 })),
    })
    expect(text(it)).not.toContain('Add these')
    await says(it, 'Start again in a clean pot').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1, drops: { straw: 12 } }])
    expect(router.currentRoute.value.path).toBe('/pots/6')
  })

  it('may be laid as it is, or gone back to', async () => {
    const { it } = await open(off, { 'GET /pots/5/correction': correction({ advice: 'lay', additions: [] }) })
    await says(it, 'Lay it as it is').trigger('click')
    await settled()
    expect(text(it)).toContain('As it is, it will show beside a sound place.')
    await says(it, 'Back to what to add').trigger('click')
    await settled()
    expect(text(it)).toContain('Two more of moss.')
  })

  it('is matched for the finish that was agreed on since, with one tap', async () => {
    const { it, acts } = await open({ agreedFinish: 'glow' }, { 'PUT /pots/5/finish': ok(pot({ finish: 'glow', agreedFinish: 'glow' })) })
    expect(text(it)).toContain('a glow finish. This pot is matched for a satin one')
    await says(it, 'Match it for a glow finish').trigger('click')
    await settled()
    expect(acts().find((a) => a.method === 'PUT')?.body).toEqual({ version: 1, finish: 'glow' })
    expect(text(it)).not.toContain('Match it for')
  })

  it('is laid in so many coats as the ground takes, read where it was mended, and the rest kept', async () => {
    const coats: CoatsView = {
      ground: 'bare', changes: null, over: null, groundHex: '#775533', applicator: 'sponge', bare: {
        baseCoats: 0, base: 'white', coats: 3, dryUm: 18, steps: [], cracks: false,
      }, based: [], sentence: 'Three will do.',
    }
    const near = { phase: 'lay' as const, ground: seen(60), dabs: [dab({ near: true, verdict: 'It matches.' })], dabbed: true, total: 12 }
    const laid = pot({ ...near, history: [{ at: at(0), person: 'Ida Moser', text: '4 coats laid', kind: 'laid' }] })
    const { it, acts } = await open(
      near, { 'GET /pots/5/coats': ok(coats), 'POST /pots/5/coats': ok(laid), 'PUT /pots/5/kept': ok(pot({ state: 'kept', phase: 'closed' })) },
    )
    expect(text(it)).toContain('3 coats are laid')
    await says(it, 'One coat more').trigger('click')
    await says(it, '4 coats are laid').trigger('click')
    await settled()
    expect(it.find('a[href*="spot=damage"]').attributes('href')).toBe('/pieces/4/colour?part=shaft&half=right&spot=damage')
    const kept = it.findAll('form').find((f) => f.text().includes('Left, ml'))
    await kept?.findAll('input')[0]?.setValue('2,5')
    await kept?.findAll('input')[1]?.setValue('third drawer')
    await kept?.trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1, coats: 4 }, { version: 1, ml: 2.5, where: 'third drawer' }])
  })

  it('foretells no coats where the ground was not read', async () => {
    expect(text((await open({ phase: 'lay', dabs: [dab()] })).it)).toContain('The ground was not read, so coats are not foretold.')
  })

  it('says where the rest is, or that it is used up', async () => {
    const drops = [drop('straw', 12), drop('brick', 1)]
    const kept = await open({ phase: 'closed', state: 'kept', keptMl: 4, keptWhere: 'third drawer', drops })
    expect(text(kept.it)).toContain('4 ml are kept: third drawer.')
    expect(text(kept.it)).toContain('12 straw + 1 brick')
    expect(kept.it.find('a[href="/pots/5/label"]').exists()).toBe(true)
    expect(text((await open({ phase: 'closed', state: 'empty', drops })).it)).toContain('This pot is used up.')
  })

  it('is measured in by the measure or on the scales, and then by drops', async () => {
    const much = { ...drop('straw', 1347), portion: { by: 'ml' as const, amount: 60, drops: 14, measured: '60 ml', words: '60 ml, then 14 drops' } }
    const { it, acts } = await open({ ...straw, recipe: [much], due: [much] }, { 'POST /pots/5/portions': ok(pot(straw)) })
    expect(text(it)).toContain('Measure in60 mlof straw')
    expect(text(it)).toContain('Then 14 drops.')
    const form = it.findAll('form').find((f) => f.text().includes('In the measure, ml'))
    await form?.find('input').setValue('59,5')
    await form?.trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ code: 'straw', by: 'ml', amount: 59.5, drops: 0 }])
  })

  it('is judged by an eye where no instrument is at hand: one word of two opposites', async () => {
    const axis = (one: 'deeper' | 'greener', other: 'lighter' | 'redder') =>
      [one, other].map((off) => ({ off, label: off, hexes: ['#1', '#2', '#3', '#4', '#5'] }))
    const { it, acts } = await open({ ...straw, phase: 'dab', recipe: [], due: [], total: 6, drops: [drop('straw', 6)] }, {
      'GET /pots/5/eye': ok({ aim: '#aa5500', axes: [axis('deeper', 'lighter'), axis('greener', 'redder')] }),
      'POST /pots/5/dabs': ok(pot({ phase: 'correct', dabbed: true, total: 6, dabs: [dab({ eye: 'lighter by 2 steps' })] })),
      'GET /pots/5/correction': ok({ additions: [] }),
    })
    await says(it, 'Judge it by eye').trigger('click')
    await settled()
    expect(says(it, 'No difference to be seen').exists()).toBe(true)
    await says(it, 'deeper by 3').trigger('click')
    await says(it, 'lighter by 2').trigger('click')
    await says(it, 'redder by 1').trigger('click')
    await says(it, 'redder by 1').trigger('click')
    await says(it, 'That is how it looks').trigger('click')
    await settled()
    expect(acts().at(-1)?.body).toEqual({ version: 1, eye: { lighter: 2 } })
    expect(text(it)).toContain('By eye: lighter by 2 steps.')
    expect(text(it)).not.toContain('ΔE')
  })

  it('is made larger, halved, put into another jar and given another name', async () => {
    const some = { ...drop('straw', 40), ml: 2 }
    const answer = ok(pot({ ...straw, drops: [some], total: 40, recipe: [some] }))
    const { it, acts } = await open({ ...straw, drops: [some], total: 40, recipe: [some], due: [] }, {
      'GET /pots': ok({ pots: [] }), 'PUT /pots/5/amount': answer, 'PUT /pots/5/jar': answer, 'PUT /pots/5/name': answer,
    })
    const opened = async (): Promise<void> => {
      await says(it, 'Its amount, its jar').trigger('click')
      await settled()
    }
    await opened()
    await says(it, 'Twice as much').trigger('click')
    await settled()
    const form = (words: string) => it.findAll('form').find((f) => f.text().includes(words))
    await form('A jar of')?.find('input').setValue('30')
    await form('A jar of')?.trigger('submit')
    await settled()
    await form('Its name')?.find('input').setValue('Toe')
    await form('Its name')?.trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1, ml: 4 }, { version: 1, ml: 30 }, { version: 1, name: 'Toe' }])
  })

  it('says before it is mixed that its coats want more, and is made large enough', async () => {
    const coats = [{ step: 9, title: 'Paint, first coat', done: true, ml: 2.1 }]
    const { it, acts } = await open({ ...straw, shortMl: 3.2, places: ['left toe', 'right toe'], coats }, {
      'PUT /pots/5/amount': ok(pot(straw)),
    })
    expect(text(it)).toContain('Its coats want 3.2 ml more than it comes to.')
    expect(text(it)).toContain('Laid: Paint, first coat2.1 ml')
    await says(it, 'Make it large enough').trigger('click')
    await settled()
    expect(acts()[0]?.body).toEqual({ version: 1, ml: 0.72 })
  })

  it('is opened again, mixed again from its rest, or thrown away with a reason', async () => {
    const kept = { phase: 'closed' as const, state: 'kept' as const, keptMl: 4, drops: [drop('straw', 12)], total: 12 }
    const { it, acts } = await open(kept, {
      'POST /pots/5/opened-again': ok(pot(kept)), 'POST /pots/5/used-again': ok(pot({ id: 6 })), 'POST /pots/5/thrown-away': ok(pot(kept)),
    })
    await says(it, 'Open it again').trigger('click')
    await settled()
    await says(it, 'Throw it away').trigger('click')
    const why = it.findAll('form').find((f) => f.text().startsWith('Why'))
    await why?.find('input').setValue('It smells.')
    await why?.trigger('submit')
    await settled()
    const again = it.findAll('form').find((f) => f.text().includes('How much, ml'))
    await again?.find('input').setValue('8')
    await again?.trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1 }, { version: 1, why: 'It smells.' }, { target: null, ml: 8, rest: true }])
  })

  it('is mixed for the colour one came from, and warns when it has been kept for too long', async () => {
    const old = { phase: 'closed' as const, state: 'kept' as const, keptMl: 4, drops: [drop('straw', 12)], total: 12, goodUntil: '2020-01-01T00:00:00Z' }
    const { it, acts } = await open(old, { 'POST /pots/5/used-again': ok(pot({ id: 6 })) }, 77)
    expect(text(it)).toContain('kept longer than it is good for')
    const other = it.findAll('form').find((f) => f.text().includes('Mix it for the other place'))
    await other?.trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ target: 77, ml: 4, rest: true }])
    expect(text((await open({ ...old, goodUntil: '2999-01-01T00:00:00Z' })).it)).not.toContain('kept longer')
  })

  it('offers no coats to be laid by hand where steps of its plan lay them', async () => {
    const lay = { ...straw, phase: 'lay' as const, due: [], drops: [drop('straw', 6), drop('brick', 2)], total: 8 }
    const coats = [{ step: 9, title: 'Paint, first coat', done: false, ml: 0.3 }]
    expect(text((await open({ ...lay, coats })).it)).toContain('Its coats are laid by their steps')
    const byHand = (await open({ ...lay, coats: [{ step: 9, title: 'Paint, first coat', done: true, ml: 0.3 }] })).it
    expect(text(byHand)).not.toContain('laid by their steps')
    expect(byHand.find('[aria-label="One coat fewer"]').exists()).toBe(true)
  })

  it('measures its drops by twenty of them', async () => {
    const { it, acts } = await open(straw, { 'PUT /pots/5/drop-size': ok(pot(straw)) })
    await says(it, 'Other paints').trigger('click')
    await settled()
    expect(text(it)).toContain('Twenty drops measure, ml (now 1.00)')
    const form = it.findAll('form').find((f) => f.text().includes('Twenty drops'))
    await form?.find('input').setValue('1,1')
    await form?.trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1, mlOfTwenty: 1.1 }])
  })
})

describe('recipes from the shelf', () => {
  const some = [
    recipe({ drops: [drop('a', 1)], weighted: 0.5, paints: 3, cover: 0.5, cents: 40 }), recipe({
      drops: [drop('b', 2)], weighted: 0.9, paints: 1, cover: 0.7, cents: null,
    }),
    recipe({ drops: [drop('c', 3)], weighted: 0.7, paints: 1, cover: 0.9, cents: 1200, short: ['Only 2 ml of c are left.'] }),
  ]
  const order = (it: ReturnType<typeof shown>) => it.findAll('li p.font-semibold').map((p) => p.text().at(-1)).join('')

  it('stand by what is wanted most, then by the match; what has no price comes last', async () => {
    const it = shown(Recipes, { recipes: { recipes: [...some].reverse(), missing: null }, aim: seen(40), busy: false, paints: [], without: [] })
    expect(order(it)).toBe('acb')
    await choose(it, 'Order', 'fewest paints')
    expect(order(it)).toBe('cba')
    await choose(it, 'Order', 'best cover')
    expect(order(it)).toBe('cba')
    await choose(it, 'Order', 'lowest cost')
    expect(order(it)).toBe('acb')
    await it.findAll('button').find((b) => b.text() === 'Mix this one')?.trigger('click')
    expect(it.emitted('choose')?.[0]?.[0]).toMatchObject({ drops: [{ code: 'a' }] })
  })

  it('say what they cost, cover and lack', () => {
    const lacking = { recipes: some, missing: 'There is no green on the shelf.' }
    const said = text(shown(Recipes, { recipes: lacking, aim: seen(40), busy: false, paints: [], without: [] }))
    expect(said).toContain('There is no green on the shelf.')
    expect(said).toContain('one coat covers 50 %; costs')
    expect(said).toContain('one coat covers 70 %.')
    expect(said).toContain('Only 2 ml of c are left.')
    expect(text(shown(Recipes, { recipes: null, aim: seen(40), busy: false, paints: [], without: [] }))).toContain('Trying every set of paints')
  })
})

describe('coats over the real ground', () => {
  it('are shown one after the other, with a base below where that is fewer', () => {
    const ladder = (baseCoats: number, coats: number | null, steps: number) => ({
      baseCoats, base: 'white base', coats, dryUm: 18, cracks: coats === null,
      steps: Array.from({ length: steps }, (_, i) => ({ coat: i + 1, hex: '#111111', change: 1, toOpaque: 9 - i })),
    })
    const coats: CoatsView = {
      ground: 'dark', changes: null, over: null, groundHex: '#775533', applicator: 'sponge',
      bare: ladder(0, null, 20), based: [ladder(1, 1, 2)], sentence: 'A base saves eight coats.',
    }
    const it = shown(CoatStrip, { coats, target: '#ffffff' })
    expect(it.findAll('p').map((p) => p.text().replace(/\s+/g, ' '))).toEqual([
      'A base saves eight coats.', 'No base: does not cover, 18 µm dry, too thick where it bends', '1 × white base below: 1 coat by sponge, 18 µm dry',
    ])
    expect(it.findAll('.flex').map((f) => f.findAll('span').length)).toEqual([14, 4])
  })
})

describe('what a pot is for', () => {
  const usual = { 'left/vamp': 1.24, 'right/vamp': 1.2, 'right/toe': 9 }
  const mixing = async (ground: ReadingView | null, areas: Record<string, number> = usual, planned: readonly PlannedColourView[] = []) => {
    const it = shown(MixPot, { target: reading(), ground, gloss: 'satin', busy: false, name: 'The boots, vamp', areas, planned })
    await settled()
    return it
  }

  it('is as large as the coats that the plan lays there, on all parts that get the same', async () => {
    const places = [{ half: 'right' as const, part: 'vamp' as const }, { half: 'right' as const, part: 'toe' as const }]
    const it = await mixing(null, usual, [{ places, words: 'right vamp and right toe', coats: 3, ml: 12.5 }])
    expect(text(it)).toContain('3 coats on the right vamp and right toe: 12.5 ml, and a fifth kept back.')
    await it.find('form').trigger('submit')
    expect(it.emitted('mix')?.[0]?.[0]).toMatchObject({ places, planned: true, coats: 3 })
    await says(it, 'Something else').trigger('click')
    await it.find('form').trigger('submit')
    expect(it.emitted('mix')?.[1]?.[0]).not.toHaveProperty('planned')
  })

  it('is the spot or the whole part on both halves, in the coats and the finish that are said', async () => {
    const it = await mixing(reading({ id: 12, spot: 'damage', spotLabel: 'the place to mend' }))
    await says(it, 'The whole vamp, both halves: 2.4 dm²').trigger('click')
    await says(it, 'One coat more').trigger('click')
    await choose(it, 'Finish', 'matt')
    await it.find('form').trigger('submit')
    expect(it.emitted('mix')).toEqual([[
      { name: 'The boots, vamp', target: 11, ground: 12, finish: 'matt', applicator: 'sponge', coats: 4, areaDm2: 2.4 },
    ]])
  })

  it('takes fewer coats where nothing is to be hidden, and offers only what lays paint', async () => {
    const it = await mixing(null, { 'right/vamp': 1.2 })
    await it.find('input').setValue('0,7')
    await it.find('form').trigger('submit')
    expect(it.emitted('mix')?.[0]?.[0]).toMatchObject({ ground: null, coats: 2, areaDm2: 0.7 })
    expect(text(it)).not.toContain('both halves')
    await it.find('button[aria-label^="Applicator:"]').trigger('click')
    await settled()
    expect(it.findAll('[role=option]').map((o) => o.text().replace(' ·', ''))).toEqual(['sponge'])
  })
})

describe('a colour that is read', () => {
  const measured = (l: number): MeasurementView => ({ values: [l / 100], seen: seen(l) })
  const picture: PictureView = {
    id: 8, moment: 'before', half: 'right', part: null, side: 'outer-side', width: 100, height: 50, thumb: '/t', full: '/f', at: at(0),
  }
  const take = async (inHand: MeasurementView[] = [], answers: Parameters<typeof serving>[0] = {}) => {
    const acts = serving({ ...house, 'GET /pieces/4/pictures': ok({ piece: 4, pictures: [picture], missing: [] }), ...answers })
    const it = shown(TakeColour, { piece: 4, half: 'right', part: 'vamp', spot: 'sound', gloss: 'satin', busy: false, inHand })
    await settled()
    return { it, acts }
  }
  const place = { half: 'right', part: 'vamp', spot: 'sound', gloss: 'satin', whereabouts: '' }
  const tab = async (it: Awaited<ReturnType<typeof take>>['it'], name: string) => {
    await says(it, name).trigger('click')
    await settled()
  }

  it('is the mean of what the reader saw, all of it sent', async () => {
    const { it } = await take([measured(40), measured(42), measured(41)])
    await says(it, 'Keep the mean of 3').trigger('click')
    expect(it.emitted('keep')).toEqual([[{ ...place, source: 'reader', measured: [[0.4], [0.42], [0.41]] }]])
    await says(it, 'forget them').trigger('click')
    expect(it.emitted('forget')).toHaveLength(1)
    expect(text((await take()).it)).toContain('Set the reader down and read')
  })

  it('is typed, with commas and minus signs as people write them, and where it was', async () => {
    const { it } = await take()
    await tab(it, 'Numbers or file')
    const fields = it.find('form').findAll('input')
    for (const [i, value] of ['41,5', '−2', '7.25'].entries()) {
      await fields[i]?.setValue(value)
    }
    await it.find('input[placeholder^="under the flap"]').setValue('inside the cuff')
    await it.find('form').trigger('submit')
    expect(it.emitted('keep')).toEqual([[{ ...place, whereabouts: 'inside the cuff', source: 'typed', labs: [[41.5, -2, 7.25]] }]])
  })

  const file = async (it: Awaited<ReturnType<typeof take>>['it']) => {
    const input = it.find('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File(['CGATS'], 'a.txt')], configurable: true })
    await input.trigger('change')
    await settled()
  }

  it('comes from a file, as spectrum or as numbers, under the name it has there', async () => {
    const samples = [
      { name: 'No 1', values: [0.1, 0.2], lab: { l: 1, a: 2, b: 3 }, hex: '#1' }, { name: 'No 2', values: null, lab: { l: 4, a: 5, b: 6 }, hex: '#2' },
    ]
    const { it, acts } = await take([], { 'POST /readings/file': ok({ samples }) })
    await tab(it, 'Numbers or file')
    await file(it)
    expect(acts()[0]?.body).toEqual({ text: 'CGATS' })
    await says(it, 'No 1').trigger('click')
    await says(it, 'No 2').trigger('click')
    expect(it.emitted('keep')).toEqual([
      [{ ...place, whereabouts: 'No 1', source: 'file', measured: [[0.1, 0.2]] }], [{ ...place, whereabouts: 'No 2', source: 'file', labs: [[4, 5, 6]] }],
    ])
  })

  it('says what a file has wrong, and shows nothing of the file before', async () => {
    let tries = 0
    const sample = { name: 'No 1', values: null, lab: { l: 1, a: 2, b: 3 }, hex: '#1' }
    const { it } = await take([], { 'POST /readings/file': () => (tries++ === 0 ? ok({ samples: [sample] }) : refuses(422, 'Line 3 has no number.')) })
    await tab(it, 'Numbers or file')
    await file(it)
    await file(it)
    expect(it.find('[role=alert]').text()).toBe('Line 3 has no number.')
    expect(text(it)).not.toContain('No 1')
  })

  const tapped = async (it: Awaited<ReturnType<typeof take>>['it'], x: number, y: number) => {
    const area = it.find('.cursor-crosshair')
    area.element.getBoundingClientRect = () => ({ left: 10, top: 20, width: 200, height: 100, right: 210, bottom: 120, x: 10, y: 20, toJSON: () => null })
    await area.trigger('click', { clientX: x, clientY: y })
    await settled()
  }
  const found = { 'POST /pictures/8/colour': ok({ hex: '#aa5500', lab: { l: 41, a: 20, b: 30 }, doubt: 3.5, sentence: 'Brown, give or take 3.5.' }) }

  it('comes from a picture: the grey card is tapped, then the leather', async () => {
    const { it, acts } = await take([], found)
    await tab(it, 'Picture')
    expect(it.find('[role=status]').text()).toBe('Tap the grey card.')
    await tapped(it, 60, 70)
    expect(it.find('[role=status]').text()).toBe('Tap the leather.')
    await tapped(it, 110, 45)
    expect(acts()[0]?.body).toEqual({ at: [0.5, 0.25], grey: [0.25, 0.5], card: [], printed: false })
    await says(it, 'Keep it').trigger('click')
    expect(it.emitted('keep')).toEqual([[{ ...place, source: 'picture', labs: [[41, 20, 30]], doubt: 3.5 }]])
  })

  it('comes from a picture with the workshop’s card: its twelve fields in order, then the leather', async () => {
    const { it, acts } = await take([], found)
    await tab(it, 'Picture')
    await says(it, 'The workshop’s card is in it').trigger('click')
    for (let i = 0; i < 12; i++) {
      expect(it.find('[role=status]').text()).toBe(`Tap field ${i + 1} of the card.`)
      await tapped(it, 10 + i * 10, 20)
    }
    await tapped(it, 110, 70)
    const sent = acts()[0]?.body as { grey: unknown, card: number[][] }
    expect(sent.grey).toBeNull()
    expect(sent.card.map(([x]) => x)).toEqual([0, 0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.55])
    await says(it, 'tap anew').trigger('click')
    expect(it.find('[role=status]').text()).toBe('Tap field 1 of the card.')
  })

  it('comes from a picture whose card is found by itself: only the leather is tapped', async () => {
    const fields = Array.from({ length: 12 }, (_, i) => [0.02 * i, 0.5])
    const card = ok({ fields, printed: true, doubt: 1.8, sentence: 'It may be off by 1.8.' })
    const { it, acts } = await take([], { ...found, 'GET /pictures/8/card': card })
    await tab(it, 'Picture')
    await says(it, 'Find the card').trigger('click')
    await settled()
    expect(text(it)).toContain('The card is found. It may be off by 1.8.')
    await tapped(it, 110, 70)
    expect(acts()[0]?.body).toMatchObject({ grey: null, card: fields, printed: true })
  })

  it('says why no card is found, and asks for taps', async () => {
    const none = refuses(422, 'One side of the card lies in shade.')
    const { it } = await take([], { ...found, 'GET /pictures/8/card': none })
    await tab(it, 'Picture')
    await says(it, 'Find the card').trigger('click')
    await settled()
    expect(it.find('[role=alert]').text()).toBe('One side of the card lies in shade.')
    expect(it.find('[role=status]').text()).toBe('Tap field 1 of the card.')
  })

  it('is the nearest of swatches and paints, not of dyes', async () => {
    const product = (code: string, what: string) => ({ id: 1, code, name: code, kind: what, lab: { l: 9, a: 8, b: 7 }, hex: '#1' })
    const { it } = await take([], {
      'GET /colours': ok({ products: [product('straw', 'paint'), product('walnut', 'dye')], swatches: [{ id: 2, code: 's1', name: 'calf', seen: seen(50) }] }),
    })
    await tab(it, 'Nearest swatch')
    expect(text(it)).not.toContain('walnut')
    await says(it, 'straw').trigger('click')
    await says(it, 'calf').trigger('click')
    expect(it.emitted('keep')?.map(([k]) => k)).toMatchObject([
      { source: 'swatch', labs: [[9, 8, 7]], whereabouts: 'nearest: straw' }, { source: 'swatch', labs: [[50, 0, 0]], whereabouts: 'nearest: calf' },
    ])
  })
})

describe('a paint of one’s own', () => {
  it('is fitted to four readings of one film, and goes on the shelf only when the fit is good', async () => {
    let fits = 0
    const fit = (good: boolean) => ok({
      overWhite: 0.2, overBlack: 0.3, hidden: 0.8, sentence: good ? 'It fits.' : 'The film is too thick.', good, masstone: seen(30),
    })
    const acts = serving({
      ...house, 'POST /reader': ({ body }) => ok({
        values: [(body as { card: string }).card === 'white' ? 0.9 : 0.1], seen: seen(9),
      }), 'POST /colours': () => fit(fits++ > 0),
    })
    const products = [{ id: 3, code: 'straw', name: 'straw', kind: 'paint' }, { id: 4, code: 'walnut', name: 'walnut', kind: 'dye' }]
    const it = shown(OwnPaint, { open: false, products })
    await it.setProps({ open: true })
    await settled()
    await onThePage().find('input').setValue('my red')
    const check = () => says(onThePage(), 'Check the fit')
    for (const field of ['The white card, bare', 'The black card, bare', 'The film over white', 'The film over black']) {
      expect(check().attributes('disabled')).toBeDefined()
      await says(onThePage(), `Read: ${field}`).trigger('click')
      await settled()
    }
    expect(acts().map((a) => a.body)).toEqual([
      { what: 'card', card: 'white' }, { what: 'card', card: 'black' }, { what: 'draw-down', product: 3, card: 'white', dryUm: 6 },
      { what: 'draw-down', product: 3, card: 'black', dryUm: 6 },
    ])
    await check().trigger('click')
    await settled()
    expect(document.body.textContent).toContain('The film is too thick.')
    expect(document.body.textContent).not.toContain('Put it on the shelf')
    await check().trigger('click')
    await settled()
    await says(onThePage(), 'Put it on the shelf').trigger('click')
    await settled()
    expect(acts().at(-1)?.body).toEqual({ name: 'my red', dryUm: 6, keep: true, white: [0.9], black: [0.1], overWhite: [0.9], overBlack: [0.1] })
    expect(it.emitted('added')).toHaveLength(1)
  })
})

describe('pictures of a piece', () => {
  const view = (more: Partial<PictureView> = {}): PictureView =>
    ({ id: 1, moment: 'before', half: 'left', part: null, side: 'outer-side', width: 10, height: 10, thumb: '/t1', full: '/f1', at: at(0), ...more })
  const pictures = async (list: PictureView[], answers: Parameters<typeof serving>[0] = {}, missing: object[] = []) => {
    const pair = piece({ parts: [part({ part: 'vamp' })] })
    const acts = serving({ ...house, 'GET /pieces/4': ok(pair), 'GET /pieces/4/pictures': ok({ piece: 4, pictures: list, missing }), ...answers })
    await useSession().load()
    const it = shown(Pictures, { id: 4 })
    await settled()
    return { it, acts }
  }
  const give = async (it: Awaited<ReturnType<typeof pictures>>['it'], label: string, files: File[]) => {
    const input = it.find(`input[aria-label="${label}"]`)
    Object.defineProperty(input.element, 'files', { value: files, configurable: true })
    await input.trigger('change')
    await settled()
  }
  const sized = (name: string, bytes: number) => {
    const file = new File(['x'], name, { type: 'image/jpeg' })
    Object.defineProperty(file, 'size', { value: bytes })
    return file
  }

  it('are taken where they are missing, each with its half and side', async () => {
    const { it, acts } = await pictures(
      [], { 'POST /pieces/4/pictures': ok({ piece: 4, pictures: [view()], missing: [] }) }, [{ half: 'left', side: 'outer-side', label: 'left, outside' }],
    )
    await give(it, 'Take the picture: left, outside', [sized('a.jpg', 10)])
    expect(Object.fromEntries((acts()[0]?.body as FormData).entries())).toMatchObject({ moment: 'before', half: 'left', side: 'outer-side' })
    expect(text(it)).not.toContain('Before anything is touched')
  })

  it('are taken several at once; what is wrong with one is said though the next is kept', async () => {
    let tries = 0
    const { it, acts } = await pictures([], {
      'POST /pieces/4/pictures': () => (tries++ === 1 ? refuses(422, 'This is no picture.') : ok({ piece: 4, pictures: [view()], missing: [] })),
    })
    await choose(it, 'Part', 'the vamp')
    await give(it, 'Choose or take a picture', [sized('a.jpg', 10), sized('b.jpg', 10), sized('c.jpg', 31_000_000), sized('d.jpg', 10)])
    expect(acts()).toHaveLength(3)
    expect(Object.fromEntries((acts()[0]?.body as FormData).entries())).toMatchObject({ moment: 'before', part: 'vamp' })
    expect(it.find('[role=alert]').text()).toContain('This is no picture. “c.jpg” has 31 MB; up to 25 MB can be kept.')
    expect(it.findAll('img')).toHaveLength(1)
  })

  it('are laid over each other where one from before and one from after are of the same side', async () => {
    const { it } = await pictures([
      view(), view({ id: 2, moment: 'after', thumb: '/t2', full: '/f2' }), view({ id: 3, moment: 'after', half: 'right', thumb: '/t3' }),
    ])
    const compared = it.find('[aria-label="Before and after"]')
    expect(compared.findAll('button').map((b) => b.text())).toEqual(['left outer side'])
    expect(compared.findAll('img').map((i) => i.attributes('src')).sort()).toEqual(['/f1', '/f2'])
    expect((await pictures([view()])).it.find('[aria-label="Before and after"]').exists()).toBe(false)
  })

  it('are taken away one by one, and a refusal is said', async () => {
    const { it, acts } = await pictures([view()], { 'DELETE /pictures/1': refuses(409, 'The owner’s page shows it.') })
    await says(it, 'take away').trigger('click')
    await settled()
    expect(acts().map((a) => a.path)).toEqual(['/pictures/1'])
    expect(it.find('[role=alert]').text()).toContain('The owner’s page shows it.')
    expect(it.findAll('img')).toHaveLength(1)
  })
})

describe('the colour that a part is to have', () => {
  const places = [
    { half: 'left' as const, part: 'vamp' as const, label: 'vamp' },
    { half: 'right' as const, part: 'vamp' as const, label: 'vamp' },
    { half: 'left' as const, part: 'toe' as const, label: 'toe' },
  ]
  const wanting = async () => {
    const pots = [{ id: 8, name: 'Toe', customer: 'Crew', mixed: '#123456' }, { id: 9, name: 'Empty', customer: 'Crew', mixed: null }]
    serving({ ...house, 'GET /pots': ok({ pots }) })
    const it = shown(WantedColour, {
      piece: 4, half: 'left', part: 'vamp', gloss: 'satin', busy: false, inHand: [], readings: [reading({ id: 12, part: 'toe', partLabel: 'toe' })], places,
    })
    await settled()
    return it
  }
  const both = [{ half: 'left', part: 'vamp' }, { half: 'right', part: 'vamp' }]

  it('is a family of colours, on both halves unless somebody says otherwise, and on others with it', async () => {
    const it = await wanting()
    await says(it, 'chestnut').trigger('click')
    expect(it.emitted('want')?.[0]?.[0]).toEqual({ gloss: 'satin', shade: 'chestnut', places: both })
    await says(it, 'both halves').trigger('click')
    await says(it, 'toe').trigger('click')
    await says(it, 'black').trigger('click')
    expect(it.emitted('want')?.[1]?.[0]).toMatchObject({ shade: 'black', places: [{ half: 'left', part: 'vamp' }, { half: 'left', part: 'toe' }] })
  })

  it('is as another place is, or as a pot that has a colour in it', async () => {
    const it = await wanting()
    const form = (words: string) => it.findAll('form').find((f) => f.text().includes(words))
    await form('As another place is')?.find('select').setValue('12')
    await form('As another place is')?.trigger('submit')
    expect(form('As a pot that was mixed')?.text()).not.toContain('Empty')
    await form('As a pot that was mixed')?.find('select').setValue('8')
    await form('As a pot that was mixed')?.trigger('submit')
    expect(it.emitted('want')?.map((w) => w[0])).toMatchObject([{ reading: 12, places: both }, { pot: 8, places: both }])
  })

  it('is typed, with what is not said left empty', async () => {
    const it = await wanting()
    await says(it, 'Read off a sample').trigger('click')
    await settled()
    await says(it, 'Numbers or file').trigger('click')
    await settled()
    const fields = it.findAll('form').find((f) => f.text().includes('L*'))?.findAll('input') ?? []
    for (const [i, value] of ['30', '5', '-12'].entries()) {
      await fields[i]?.setValue(value)
    }
    await it.findAll('form').find((f) => f.text().includes('L*'))?.trigger('submit')
    expect(it.emitted('want')?.[0]?.[0]).toEqual({
      gloss: 'satin', source: 'typed', measured: [], labs: [[30, 5, -12]], whereabouts: '', doubt: null, places: both,
    })
  })
})

describe('recipes without some paints', () => {
  it('are found anew when a paint is left standing, or taken again', async () => {
    const paints = [drop('straw', 0), drop('brick', 0), { ...drop('moss', 0), leftMl: 0 }]
    const it = shown(Recipes, { recipes: null, aim: seen(40), busy: false, paints, without: ['brick'] })
    await says(it, '1 left standing').trigger('click')
    await settled()
    expect(it.findAll('input').map((i) => (i.element as HTMLInputElement).checked)).toEqual([true, false])
    await it.findAll('input')[0]?.trigger('change')
    await it.findAll('input')[1]?.trigger('change')
    expect(it.emitted('without')).toEqual([[['brick', 'straw']], [[]]])
  })
})

describe('dyes on a ground', () => {
  const dyes = {
    part: 'vamp', ground: seen(60), target: seen(40), applicator: 'cloth', factor: 1, swatches: 0, never: null,
    matches: [{ washes: [{ dye: 'walnut', thinner: 3, coats: 2 }], sentence: '2 × walnut, 1:3 in alcohol', hex: '#332211', dE00: 0.8 }],
    ladders: [{ code: 'walnut', name: 'walnut', diluent: 'alcohol', rungs: [{ thinner: 1, coats: 3, hex: '#221100', dE00: 2.5 }] }],
  }

  it('go into the plan as the nearest match, or as any rung of a ladder', async () => {
    const acts = serving({ ...house, 'GET /dyes/11': ok(dyes), 'POST /pieces/4/dye-choices': ok({}) })
    const it = shown(Dyes, { id: 4, ground: 11, target: 12 })
    await settled()
    await says(it, 'Into the plan').trigger('click')
    await settled()
    expect(text(it)).toContain('Chosen: 2 × walnut, 1:3 in alcohol. Plan it anew')
    await says(it, 'walnut, 3 washes 1:1, 2.5 from the target').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([
      { parts: ['vamp'], washes: [{ dye: 'walnut', thinner: 3, coats: 2 }], applicator: 'cloth' },
      { parts: ['vamp'], washes: [{ dye: 'walnut', thinner: 1, coats: 3 }], applicator: 'cloth' },
    ])
  })
})
