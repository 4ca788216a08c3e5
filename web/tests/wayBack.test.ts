import { beforeEach, describe, expect, it } from 'vitest'
import type { PieceColourView, SettlingView } from '../src/api/types'
import PieceColour from '../src/colour/PieceColour.vue'
import WayBack from '../src/colour/WayBack.vue'
import { ok, serving } from './fakeApi'
import { says, settled, shown, somewhere, words as text } from './mounting'
import { at, ms, part, piece, reading, seen, session, words } from './views'

const settling = (more: Partial<SettlingView> = {}): SettlingView => ({
  id: 7, half: 'left', part: 'vamp', where: 'left vamp', what: 'conditioner', dye: null, laidAt: at(0), before: seen(46), looks: [],
  way: [{ hours: 0, off: 6 }, { hours: 2, off: 3 }, { hours: 36, off: 0.4 }], least: 0.2, most: 0.9, final: seen(45), alike: 0,
  sentence: 'About nine tenths back by the same hour tomorrow.', advice: 'wait', judgedFrom: at(600), lookAt: at(120), beside: false, ...more,
})
const look = (hours: number, off: number) => ({ at: at(hours * 60), hours, off, seen: seen(38) })

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  serving({ 'GET /words': ok(words()), 'GET /session': ok(session()) })
})

describe('the way back of a darkened place', () => {
  const back = (of: Partial<SettlingView>, minutes = 10, alone = false) => shown(WayBack, { settling: settling(of), now: ms(minutes), alone, busy: false })

  it.each([
    ['read', false, 'Read it now, while it is wet.'],
    ['wait', false, 'the other half is left until then'],
    ['wait', true, 'the rest is left until then'],
    ['go-on', false, 'go on with the other half'],
    ['go-on', true, 'It has come back: go on.'],
    ['tell', false, 'if the owner agrees'],
    ['ask', false, 'Show the owner'],
  ] as const)('says what may be done: %s (%s)', (advice, alone, said) => {
    expect(text(back({ advice }, 10, alone))).toContain(said)
  })

  it('is read again when it is due, and no more once it is judged', async () => {
    const waits = back({}, 60)
    expect(text(waits)).toMatch(/Read it again: \d\d:00/)
    const due = back({}, 130)
    await says(due, 'Read it now').trigger('click')
    expect(due.emitted('read')).toHaveLength(1)
    const judged = back({ lookAt: null, advice: 'go-on' })
    expect(text(judged)).not.toMatch(/Read it (now|again)/)
    await says(judged, 'Watch it no longer').trigger('click')
    expect(judged.emitted('leave')).toHaveLength(1)
  })

  it('draws each reading where it was taken, the wet one far from what it was', () => {
    const dots = back({ looks: [look(0.1, 6), look(2, 3), look(24, 0.5)] }).findAll('circle')
    const place = (name: string) => dots.map((d) => Number(d.attributes(name)))
    expect(place('cx')).toEqual([...place('cx')].sort((a, b) => a - b))
    expect(place('cy')).toEqual([...place('cy')].sort((a, b) => b - a))
    expect(place('cx').at(-1)).toBeLessThan(320)
  })

  it('says what it goes by', () => {
    expect(text(back({}))).toContain('As is usual')
    expect(text(back({ alike: 3, beside: true }))).toMatch(/As 3 pieces of this leather did here\..*untouched half/)
    expect(text(back({ dye: 'Night blue' }))).toContain('conditioner over Night blue')
  })
})

describe('on the page of its colour', () => {
  const colour = (more: Partial<PieceColourView> = {}): PieceColourView => ({
    piece: 4, name: 'The derbies', kind: 'low-shoe/derby', customer: 'Mirela', gloss: 'satin', readings: [reading()], pairs: [], pots: [], areas: {},
    planned: [], outer: ['vamp'], settlings: [], mayDarken: [], ...more,
  })
  const open = async (of: PieceColourView, answers: Parameters<typeof serving>[0] = {}) => {
    const acts = serving({
      'GET /words': ok(words()), 'GET /session': ok(session()), 'GET /pieces/4/colour': ok(of), 'GET /pieces/4': ok(piece({ parts: [part()] })), ...answers,
    })
    const router = somewhere('/pieces/4/colour?part=vamp&half=left')
    const it = shown(PieceColour, { id: 4, part: 'vamp', half: 'left' }, router)
    await settled()
    return { it, acts, router }
  }

  it('what was just laid may be watched, since it was laid', async () => {
    const mayDarken = [{
      step: 3, title: 'Condition', family: 'conditioner' as const, laidAt: new Date(Date.now() - 20 * 60_000).toISOString(),
      places: [{ half: 'left' as const, part: 'vamp' as const }],
    }]
    const { it, acts } = await open(colour({ mayDarken }), { 'POST /pieces/4/settlings': ok(colour({ settlings: [settling()] })) })
    await says(it, 'Watch how the left').trigger('click')
    await settled()
    expect(acts().find((a) => a.method === 'POST')?.body).toEqual({ half: 'left', part: 'vamp', family: 'conditioner', minutesAgo: 20 })
    expect(text(it)).toContain('nine tenths back')
  })

  it('a watched place is read as the treated one, or watched no longer', async () => {
    const { it, router, acts } = await open(colour({ settlings: [settling({ lookAt: at(0) })] }), { 'DELETE /settlings/7': ok(colour()) })
    await says(it, 'Read it now').trigger('click')
    await settled()
    expect(router.currentRoute.value.query).toEqual({ part: 'vamp', half: 'left', spot: 'settling' })
    await says(it, 'Watch it no longer').trigger('click')
    await settled()
    expect(acts().map((a) => a.method)).toContain('DELETE')
    expect(text(it)).not.toContain('Coming back')
  })
})
