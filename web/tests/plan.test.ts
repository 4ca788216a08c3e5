import { beforeEach, describe, expect, it } from 'vitest'
import type { CompareView, FaultView, PlanView, SchoolView, StepView } from '../src/api/types'
import AddStep from '../src/plan/AddStep.vue'
import BenchCard from '../src/plan/BenchCard.vue'
import ChangeStep from '../src/plan/ChangeStep.vue'
import Plan from '../src/plan/Plan.vue'
import Schools from '../src/plan/Schools.vue'
import Seams from '../src/plan/Seams.vue'
import { stretches } from '../src/plan/stretches'
import StepFaults from '../src/plan/StepFaults.vue'
import TookMinutes from '../src/plan/TookMinutes.vue'
import TrialResults from '../src/plan/TrialResults.vue'
import WholePlan from '../src/plan/WholePlan.vue'
import { useSession } from '../src/session/useSession'
import StepWords from '../src/step/StepWords.vue'
import { ok, refuses, serving } from './fakeApi'
import { choose, onThePage, says, settled, shown, words as text } from './mounting'
import { at, kind, part, person, piece, plan, session, step, words } from './views'

const house = { 'GET /words': ok(words()), 'GET /session': ok(session()) }

beforeEach(() => {
  document.body.innerHTML = ''
  serving(house)
})

const first = step({ key: 's01', title: 'Wipe', coats: 1, family: 'conditioner' })
const second = step({ id: 2, key: 's02', title: 'Paint', coats: 2, family: 'conditioner', waits: [{ step: 's01', minMinutes: 45, maxMinutes: null }] })
const third = step({ id: 3, key: 's03', title: 'Wax', coats: 3, family: null })

describe('a step changed by hand', () => {
  const change = async (of: StepView, steps: readonly StepView[] = [first, second, third], busy = false) => {
    const it = shown(ChangeStep, { step: of, steps, busy })
    await settled()
    return it
  }
  const asked = (it: Awaited<ReturnType<typeof change>>) => it.emitted('change')?.map(([given]) => given as unknown)

  it('goes before the one that stands before it, or after the one that follows', async () => {
    const it = await change(second)
    await says(it, 'Earlier').trigger('click')
    await says(it, 'Later').trigger('click')
    expect(asked(it)).toEqual([{ change: 'move', step: 's02', before: 's01' }, { change: 'move', step: 's02', before: null }])
  })

  it('goes later than the next and before the one after that', async () => {
    const it = await change(first)
    await says(it, 'Later').trigger('click')
    expect(asked(it)).toEqual([{ change: 'move', step: 's01', before: 's03' }])
  })

  it('cannot go before what is begun, before the first, or behind the last', async () => {
    const locked = async (of: StepView, steps: readonly StepView[]) => {
      const it = await change(of, steps)
      return ['Earlier', 'Later'].map((w) => says(it, w).attributes('disabled') !== undefined)
    }
    expect(await locked(first, [first, second, third])).toEqual([true, false])
    expect(await locked(third, [first, second, third])).toEqual([false, true])
    expect(await locked(second, [step({ ...first, status: 'done' }), second, third])).toEqual([true, false])
  })

  it('is left out, or has another put in before it', async () => {
    const it = await change(second)
    await says(it, 'Leave it out').trigger('click')
    await says(it, 'Put a step in before it').trigger('click')
    expect(asked(it)).toEqual([{ change: 'drop', step: 's02' }])
    expect(it.emitted('add')).toHaveLength(1)
  })

  it('lays another product, or the same with another tool', async () => {
    const it = await change(second)
    await choose(it, 'product', 'cream polish')
    await choose(it, 'applicator', 'sponge')
    expect(asked(it)).toEqual([
      { change: 'swap', step: 's02', family: 'cream' },
      { change: 'swap', step: 's02', family: 'conditioner', applicator: 'sponge' },
    ])
  })

  it('has a coat more or fewer, never none', async () => {
    const it = await change(second)
    await says(it, 'One coat more').trigger('click')
    await says(it, 'One coat fewer').trigger('click')
    expect(asked(it)).toEqual([{ change: 'coats', step: 's02', coats: 3 }, { change: 'coats', step: 's02', coats: 1 }])
    expect(says(await change(first), 'One coat fewer').attributes('disabled')).toBeDefined()
  })

  it('has no coats where nothing is laid', async () => {
    expect(text(await change(third))).not.toContain('coats')
  })

  it('may be told not to wait for the one it waits for', async () => {
    const it = await change(second)
    expect(text(it)).toContain('It waits 45 min after “Wipe”.')
    await says(it, 'Do not wait').trigger('click')
    expect(asked(it)).toEqual([{ change: 'hurry', step: 's02', after: 's01' }])
    expect(text(await change(first))).not.toContain('Do not wait')
  })

  it('takes no second change while the first is under way', async () => {
    expect((await change(second, undefined, true)).findAll('button').every((b) => b.attributes('disabled') !== undefined)).toBe(true)
  })
})

describe('a step of one’s own', () => {
  const adding = async (before: StepView | undefined) => {
    const it = shown(AddStep, { open: false, kind: 'low-shoe/derby', before, busy: false })
    await settled()
    await it.setProps({ open: true })
    await settled()
    return it
  }
  const ticked = () => [...document.querySelectorAll<HTMLInputElement>('input[type=checkbox]')].map((box) => box.checked)

  it('begins on the parts and halves of the step it goes before', async () => {
    await adding(step({ key: 's02', half: 'left', parts: ['vamp', 'toe'], title: 'Paint' }))
    expect(ticked()).toEqual([true, true, false, false, false, false])
    document.body.innerHTML = ''
    await adding(step({ half: 'both', parts: ['vamp'] }))
    expect(ticked()).toEqual([false, true, false, false, true, false])
  })

  it('lays a product with a tool, on these parts, before that step', async () => {
    const it = await adding(step({ key: 's02', half: 'left', parts: ['vamp'], title: 'Paint' }))
    expect(document.body.textContent).toContain('before “Paint”')
    await choose(onThePage(), 'what', 'cream polish')
    await says(onThePage(), 'Put it in').trigger('click')
    expect(it.emitted('add')).toEqual([[
      { change: 'add', before: 's02', family: 'cream', applicator: 'cloth', places: [{ half: 'left', part: 'vamp' }] },
    ]])
  })

  it('is an act that lays nothing and needs no tool', async () => {
    const it = await adding(step({ key: 's02', half: 'left', parts: ['vamp'] }))
    await choose(onThePage(), 'what', 'brush to a shine')
    expect(document.body.textContent).not.toContain('laid with')
    await says(onThePage(), 'Put it in').trigger('click')
    expect(it.emitted('add')).toEqual([[{ change: 'add', before: 's02', action: 'buff', places: [{ half: 'left', part: 'vamp' }] }]])
  })

  it('goes to the end when nothing comes after, and needs a part to be on', async () => {
    const it = await adding(undefined)
    expect(document.body.textContent).toContain('before “the end”')
    expect(says(onThePage(), 'Put it in').attributes('disabled')).toBeDefined()
    await onThePage().find('input[type=checkbox]').setValue(true)
    await says(onThePage(), 'Put it in').trigger('click')
    expect(it.emitted('add')?.[0]?.[0]).toMatchObject({ before: null, places: [{ half: 'left', part: 'toe' }] })
  })
})

const fault = (more: Partial<FaultView> = {}): FaultView =>
  ({ step: 's02', rule: 'O-15', stops: true, message: 'The welt lies open.', because: 'Paint wets it.', reason: null, ...more })

describe('what the rules say to it', () => {
  it('is a stop with the smallest mend', async () => {
    const it = shown(StepFaults, { faults: [fault(), fault({ rule: 'O-6', stops: false, message: 'Grease repels.' })], may: true, busy: false })
    expect(it.findAll('.stop').map((s) => s.text())).toHaveLength(1)
    expect(it.findAll('.caution').map((s) => s.text())[0]).toContain('O-6')
    await says(it, 'Mend it').trigger('click')
    expect(it.emitted('mend')).toEqual([['O-15']])
  })

  it('may be gone over with a word why, and not without', async () => {
    const it = shown(StepFaults, { faults: [fault()], may: true, busy: false })
    await says(it, 'Do it all the same').trigger('click')
    const keep = says(it, 'Keep it, and note why')
    await it.find('input[name=reason]').setValue('   ')
    expect(keep.attributes('disabled')).toBeDefined()
    await it.find('input[name=reason]').setValue('It is masked by hand.')
    await it.find('form').trigger('submit')
    expect(it.emitted('override')).toEqual([['O-15', 'It is masked by hand.']])
  })

  it('begins afresh with the next step: no reason is carried over', async () => {
    const it = shown(StepFaults, { faults: [fault()], may: true, busy: false })
    await says(it, 'Do it all the same').trigger('click')
    await it.find('input[name=reason]').setValue('because')
    await it.setProps({ faults: [fault({ step: 's03' })] })
    expect(it.find('form').exists()).toBe(false)
    await says(it, 'Do it all the same').trigger('click')
    expect(it.find<HTMLInputElement>('input[name=reason]').element.value).toBe('')
  })

  it('says why it was gone over, and stops nobody any more', () => {
    const it = shown(StepFaults, { faults: [fault({ reason: 'The owner wants it.' })], may: true, busy: false })
    expect(text(it)).toContain('Gone over all the same: The owner wants it.')
    expect(it.find('.stop').exists()).toBe(false)
    expect(it.findAll('button')).toHaveLength(0)
  })

  it('is only read by whoever may not plan', () => {
    expect(shown(StepFaults, { faults: [fault()], may: false, busy: false }).findAll('button')).toHaveLength(0)
  })
})

describe('what came of a trial', () => {
  it('is noted for each product on the first part, and speaks for the others it was on', async () => {
    const it = shown(TrialResults, { step: step({ tries: ['conditioner', 'cream'], half: 'left', parts: ['vamp', 'toe'] }), busy: false })
    await settled()
    await choose(it, 'outcome of cream polish', 'it darkens')
    await it.findAll('button').filter((b) => b.text() === 'Note it')[1]?.trigger('click')
    expect(it.emitted('tried')).toEqual([[{
      part: 'vamp', half: 'left', trial: 'T-7', outcome: 'darkens', product: 'cream', speaksFor: [{ part: 'toe', half: 'left' }],
    }]])
  })

  it('is asked of no step that tries nothing', async () => {
    const it = shown(TrialResults, { step: step({ tries: [] }), busy: false })
    await settled()
    expect(text(it)).toBe('')
  })
})

describe('the seams of a plan', () => {
  const seams = (steps: StepView[], faults: FaultView[] = []) => shown(Seams, { steps, chosen: steps[0]?.key ?? '', faults })

  it('show a wait as a gap that grows with it, before the step that waits longest', () => {
    const gap = (minutes: number): number => {
      const it = seams([step({ waits: [{ step: 's00', minMinutes: 2, maxMinutes: null }, { step: 's01', minMinutes: minutes, maxMinutes: null }] })])
      return it.find('svg.gap').exists() ? Number(it.find('svg.gap').attributes('height')) : 0
    }
    expect([0, 3, 4, 16, 1024].map(gap)).toEqual([0, 0, 20, 40, 100])
  })

  it('say of which half it is that dries, where it is one', () => {
    const waits = [{ step: 's00', minMinutes: 90, maxMinutes: null }]
    expect(text(seams([step({ half: 'left', waits })]))).toContain('left dries 1 h 30')
    expect(text(seams([step({ half: 'both', waits })]))).toMatch(/(?<!both )dries 1 h 30/)
  })

  it('are one where there is no pair', () => {
    const paths = (half: StepView['half']) => seams([
      step({ half, waits: [{ step: 'x', minMinutes: 90, maxMinutes: null }] }),
    ]).find('svg.gap').findAll('path')
    expect(paths('whole')).toHaveLength(1)
    expect(paths('left')).toHaveLength(2)
  })

  const long = Array.from({ length: 14 }, (_, i) => step({
    id: i, key: `s${i}`, title: `Step ${i}`, phase: (['take-apart', 'clean', 'colour', 'hand-over'] as const)[Math.min(3, Math.floor(i / 4))] ?? 'clean',
    status: i < 5 ? 'done' : 'open',
  }))
  const shownSteps = (it: ReturnType<typeof seams>): number => it.findAll('[id^="stitch-"]').length

  it('are folded into stretches of work, and open where the work stands, where harm is done, and where somebody looks', async () => {
    const it = shown(Seams, { steps: long, chosen: 's5', faults: [] })
    expect(it.findAll('[aria-expanded]').map((b) => b.text().replaceAll(/\s+/g, ' '))).toEqual([
      'Take apart and look 4 steps, 32 min by hand', 'Clean 1 of 4 steps done, 32 min by hand', 'Colour 4 steps, 32 min by hand',
      'Put together and hand over 2 steps, 16 min by hand',
    ])
    expect(shownSteps(it)).toBe(4)
    await says(it, 'Colour').trigger('click')
    expect(shownSteps(it)).toBe(8)
    await says(it, 'Colour').trigger('click')
    expect(shownSteps(it)).toBe(4)
    await it.setProps({ chosen: 's13' })
    expect(shownSteps(it)).toBe(6)
    await it.setProps({ faults: [fault({ step: 's9', reason: null })] })
    expect(shownSteps(it)).toBe(10)
    await says(it, 'Open all of it').trigger('click')
    expect(shownSteps(it)).toBe(14)
    await says(it, 'Only where the work stands').trigger('click')
    await it.setProps({ open: true })
    expect(shownSteps(it)).toBe(14)
  })

  it('take a brush or a wipe on the way with what it is done for', () => {
    const names = (...phases: StepView['phase'][]) => stretches(phases.map((phase, i) => step({ key: `s${i}`, phase }))).map((s) => [s.name, s.steps.length])
    expect(names('take-apart', 'record', 'dry-clean', 'clean', 'fill', 'degrease', 'colour', 'colour', 'seal', 'condition', 'polish', 'dry-clean', 'degrease',
      'edges', 'polish', 'put-together', 'hand-over')).toEqual([
      ['ready', 2], ['clean', 2], ['mend', 1], ['colour', 4], ['feed', 1], ['polish', 1], ['colour', 3], ['polish', 1], ['finish', 2],
    ])
    expect(names('record', 'trial', 'trial', 'trial', 'clean', 'repair')).toEqual([['ready', 1], ['try', 3], ['clean', 1], ['mend', 1]])
    expect(names('clean', 'condition', 'trial', 'condition')).toEqual([['clean', 1], ['feed', 3]])
    expect(names('degrease')).toEqual([['clean', 1]])
  })

  it('say what is done, what was gone over, and what stops', async () => {
    const it = seams(
      [step({ key: 's01', status: 'done', title: 'Wipe' }), step({ key: 's02', title: 'Paint', overrides: ['Gone over'] })],
      [fault(), fault({ rule: 'O-6', reason: 'meant' }), fault({ rule: 'O-9', step: 's07' })],
    )
    expect(text(it)).toContain('done: both: Wipe')
    expect(text(it)).toContain('gone over')
    expect(it.findAll('.stop').map((s) => s.text())).toEqual(['O-15 The welt lies open.'])
    await it.find('.stop').trigger('click')
    await says(it, 'Wipe').trigger('click')
    expect(it.emitted('choose')).toEqual([['s02'], ['s01']])
  })
})

describe('what goes with the plan as a whole', () => {
  const whole = async (of: Partial<PlanView>, more: { may?: boolean, fast?: boolean } = {}) => {
    const it = shown(WholePlan, { plan: plan(of), may: more.may ?? true, busy: false, fast: more.fast ?? false })
    await settled()
    return it
  }

  it('is said only where there is something to say', async () => {
    const it = await whole({})
    expect(it.findAll('h2')).toHaveLength(0)
    const full = await whole({
      changes: [{ rule: '', text: 'Two coats more.' }], dropped: [{ rule: '', text: 'No wax.' }], refused: [{ rule: 'C-4', text: 'No oil.', parts: ['vamp'] }],
      referrals: [{ rule: 'X-1', text: 'To a cobbler.' }], tellOwner: [{ rule: 'B-1', text: 'It darkens.' }], kit: ['two cloths'],
    })
    expect(full.findAll('h2').map((h) => h.text())).toEqual(['What changed', 'Left out to keep the hour', 'Considered and refused', 'Tell the owner'])
    expect(text(full)).toContain('To a cobbler.')
  })

  it('takes a product off what is not wanted, and puts it back on', async () => {
    const it = await whole({ exclude: ['cream', 'solvent'] })
    await says(it, 'Not wanted: 2').trigger('click')
    await settled()
    const box = (label: string) => it.findAll('label').find((l) => l.text().includes(label))?.find('input')
    expect(box('no solvent')?.element.checked).toBe(true)
    await box('no conditioner')?.trigger('change')
    await box('no cream polish')?.trigger('change')
    expect(it.emitted('make')).toEqual([[{ exclude: ['cream', 'solvent', 'conditioner'] }], [{ exclude: ['solvent'] }]])
  })

  it('asks for an hour where it has to be fast', async () => {
    expect((await whole({})).findAll('form')).toHaveLength(0)
    serving({ ...house, 'GET /workshop/working-days': ok({ days: [[at(60), at(510)]] }) })
    const it = await whole({}, { fast: true })
    expect(says(it, 'Plan for that hour').attributes('disabled')).toBeDefined()
    await choose(it, 'Ready by', 'Tuesday 3 March')
    await choose(it, 'By which hour', '10:00')
    await it.find('form').trigger('submit')
    expect(it.emitted('make')).toEqual([[{ readyBy: at(60) }]])
  })

  it('is only read by whoever may not plan', async () => {
    const it = await whole({ exclude: ['cream'] }, { may: false, fast: true })
    expect(it.findAll('input')).toHaveLength(0)
    expect(it.findAll('button').map((b) => b.text())).toEqual(['The kit list'])
  })
})

describe('two schools beside each other', () => {
  const school = (more: Partial<SchoolView> = {}): SchoolView => ({
    id: 'cleaning', label: 'Cleaning', usual: 'as the leather asks', sides: [{ id: 'dry', says: 'brush only' }, { id: 'wet', says: 'wash it' }],
    workshop: null, plan: null, ...more,
  })
  const side = (id: string, taken: boolean, more: object = {}) => ({
    side: id, says: `${id} first`, taken, steps: taken ? 12 : 15, handsOnMinutes: 90, elapsedMinutes: 300, only: [], products: [], risks: [], ...more,
  })
  const compared: CompareView = { school: 'cleaning', label: 'Cleaning', usual: 'as it asks', sides: [side('dry', true), side('wet', false, {
    only: ['1', '2', '3', '4', '5', '6', '7', '8', '9'].map((n) => `Step ${n}`),
  })] }
  const schools = async (of: SchoolView[], answers: Parameters<typeof serving>[0] = {}) => {
    const acts = serving({ ...house, 'GET /pieces/4/plan/schools/cleaning': ok(compared), ...answers })
    const it = shown(Schools, { open: false, piece: 4, schools: of, busy: false })
    await it.setProps({ open: true })
    await settled()
    return { it, acts }
  }

  it('say how much each takes and what only it has, the long list cut short', async () => {
    await schools([school()])
    const page = document.body.textContent
    expect(page).toContain('Dry first')
    expect(page).toContain('Step 6')
    expect(page).not.toContain('Step 7')
    expect(page).toContain('and 3 more')
    expect(page).toContain('“Wet first.”')
    expect(page).toContain('The plan as it stands: 12 steps, 1 h 30 by hand, 5 h from first to last.')
    expect(page).toContain('3 steps more, against the plan as it stands.')
  })

  it('say what follows from the other: fewer steps, more by hand, shorter; or just as long', async () => {
    const other = (more: object): CompareView => ({ ...compared, sides: [side('dry', true), side('wet', false, { steps: 12, ...more })] })
    await schools([school()], { 'GET /pieces/4/plan/schools/cleaning': ok(other({ steps: 11, handsOnMinutes: 95, elapsedMinutes: 240 })) })
    expect(document.body.textContent).toContain('1 step fewer, 5 min more by hand, 1 h shorter from first to last, against')
    document.body.innerHTML = ''
    await schools([school()], { 'GET /pieces/4/plan/schools/cleaning': ok(other({})) })
    expect(document.body.textContent).toContain('It takes just as long.')
  })

  it('let the other be taken, for this plan or for the workshop', async () => {
    const { it, acts } = await schools([school()], { 'PUT /schools/cleaning': ok({ schools: [] }) })
    await says(onThePage(), 'Do it this way').trigger('click')
    expect(it.emitted('take')).toEqual([['cleaning', 'wet']])
    await onThePage().findAll('button').filter((b) => b.text().includes('the workshop’s own'))[1]?.trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ side: 'wet', was: null }])
    expect(it.emitted('workshop')).toHaveLength(1)
  })

  it('can be given back: to the workshop’s way, and the workshop’s to each case', async () => {
    const { it, acts } = await schools([school({ plan: 'dry', workshop: 'wet' })], { 'PUT /schools/cleaning': ok({ schools: [] }) })
    await says(onThePage(), 'As the workshop has it').trigger('click')
    expect(it.emitted('take')).toEqual([['cleaning', null]])
    await says(onThePage(), 'case by case').trigger('click')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ side: null, was: 'wet' }])
  })

  it('say so when they cannot be compared', async () => {
    await schools([school()], { 'GET /pieces/4/plan/schools/cleaning': refuses(500, 'no') })
    expect(document.body.textContent).toContain('The sides cannot be compared just now.')
  })
})

describe('the plan on the page', () => {
  const open = async (of: Partial<PlanView>, answers: Parameters<typeof serving>[0] = {}, may = true) => {
    const acts = serving({
      ...house,
      'GET /session': ok(session({ person: person({ mayPlan: may }) })),
      'GET /pieces/4/plan': ok(plan(of)),
      'GET /pieces/4/pictures': ok({ piece: 4, pictures: [], missing: [] }),
      ...answers,
    })
    await useSession().load()
    const it = shown(Plan, { id: 4 })
    await settled()
    return { it, acts }
  }

  it('opens where the work stands: at the first step that is not done', async () => {
    const { it } = await open({ steps: [step({ ...first, status: 'done' }), second, third] })
    expect(it.find('article h2').text()).toBe('Paint')
    expect(text(it)).toContain('1 of 3 done')
    await it.find('[aria-label="The seams"]').trigger('keydown', { key: 'ArrowDown' })
    await settled()
    expect(it.find('article h2').text()).toBe('Wax')
    await it.find('[aria-label="The seams"]').trigger('keydown', { key: 'ArrowDown' })
    await settled()
    expect(it.find('article h2').text()).toBe('Wax')
  })

  it('is made with one tap where there is none, and says so where it is not for this bench', async () => {
    const { it, acts } = await open({}, { 'POST /pieces/4/plan': ok(plan({ steps: [first] })) })
    await says(it, 'Make the plan').trigger('click')
    await settled()
    expect(acts().map((a) => [a.path, a.body])).toEqual([['/pieces/4/plan', { version: 7 }]])
    expect(it.find('article h2').text()).toBe('Wipe')
    const referred = await open({ referrals: [{ rule: 'X', text: 'To a furrier.' }], tellOwner: [{ rule: 'X', text: 'It is fur.' }] })
    expect(text(referred.it)).toContain('Not for this benchTo a furrier.It is fur.')
    expect(text((await open({ dropped: [{ rule: '', text: 'all' }] })).it)).toContain('Nothing can be dry by then.')
  })

  it('leads to the first step that would do harm', async () => {
    const { it } = await open({ steps: [first, second, third], faults: [fault({ step: 's03' }), fault({ step: 's02', reason: 'meant' })] })
    await says(it, 'One step would do harm or fail.').trigger('click')
    await settled()
    expect(it.find('article h2').text()).toBe('Wax')
    expect(text((await open({ steps: [first, second], faults: [fault(), fault({ rule: 'O-1' })] })).it)).toContain('In 2 places a step would do harm')
  })

  it('shows the new step after it was put in, and sends what stands to be changed with its version', async () => {
    const fresh = step({ id: 9, key: 's09', title: 'Feed' })
    const { it, acts } = await open({ steps: [first, second] }, { 'POST /pieces/4/plan/change': ok(plan({ version: 8, steps: [first, fresh, second] })) })
    await says(it, 'Change by hand').trigger('click')
    await says(it, 'Put a step in before it').trigger('click')
    await settled()
    await says(onThePage(), 'Put it in').trigger('click')
    await settled()
    expect(acts()[0]?.body).toMatchObject({ version: 7, change: 'add', before: 's01' })
    expect(it.find('article h2').text()).toBe('Feed')
  })

  it('takes a wish of the owner for a part of the step, and plans anew with it', async () => {
    const toe = part({ part: 'toe', mayWish: ['darker-toe'] })
    const { it, acts } = await open({ steps: [step({ ...first, parts: ['toe', 'vamp'] })] }, {
      'GET /pieces/4': ok(piece({ parts: [toe, { ...toe, half: 'right' }, part({ part: 'quarter', mayWish: ['whole-part'] })] })),
      'PUT /pieces/4/parts': ok(piece()),
      'POST /pieces/4/plan': ok(plan({ steps: [second] })),
    })
    await says(it, 'Change by hand').trigger('click')
    await settled()
    const boxes = it.findAll('[aria-label="What the owner asks for here"] input')
    expect(boxes).toHaveLength(1)
    await boxes[0]?.setValue(true)
    await settled()
    expect(acts().map((a) => a.body)).toEqual([
      { version: 7, places: [{ part: 'toe', half: 'left' }, { part: 'toe', half: 'right' }], wishes: ['darker-toe'] }, { version: 7 },
    ])
    expect(it.find('article h2').text()).toBe('Paint')
  })

  it('keeps the plan and says why when it is refused, and reads it again when somebody was quicker', async () => {
    let reads = 0
    const { it } = await open({}, {
      'GET /pieces/4/plan': () => {
        reads++
        return ok(plan({ steps: [first, second] }))
      },
      'POST /pieces/4/plan/change': refuses(409, 'Somebody else changed this meanwhile.'),
    })
    await says(it, 'Change by hand').trigger('click')
    await says(it, 'Leave it out').trigger('click')
    await settled()
    expect(it.find('[role=alert]').text()).toContain('Somebody else changed this meanwhile.')
    expect(reads).toBe(2)
    expect(text(it)).toContain('Paint')
  })

  it('asks why when a step is begun too early, and says it with the reason', async () => {
    let asked = 0
    const { it, acts } = await open({ steps: [first] }, {
      'POST /steps/1/start': () => (asked++ === 0 ? refuses(409, 'It is not dry.', { overridable: true }) : ok({})),
    })
    await says(it, 'Begin this step').trigger('click')
    await settled()
    expect(document.body.textContent).toContain('It is not dry.')
    await onThePage().find('input[name=why]').setValue('It is dry to the hand.')
    await onThePage().find('form').trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ version: 1 }, { version: 1, why: 'It is dry to the hand.' }])
  })

  it('says which pictures are missing while nothing wet was done yet', async () => {
    const missing = ['a', 'b', 'c', 'd', 'e', 'f'].map((label) => ({ half: 'left', side: 'top', label: `left ${label}` }))
    const pictures = { 'GET /pieces/4/pictures': ok({ piece: 4, pictures: [], missing }) }
    expect(text((await open({ steps: [first] }, pictures)).it)).toContain('left a, left b, left c, left d and 2 more')
    const done = [1, 2, 3].map((id) => step({ id, key: `d${id}`, status: 'done' }))
    expect(text((await open({ steps: [...done, first] }, pictures)).it)).not.toContain('pictures are still to be taken')
  })

  it('says when it was looked at again, and what for these parts was refused', async () => {
    const { it, acts } = await open(
      {
        stale: true, steps: [first, second], refused: [
          { rule: 'C-4', text: 'No oil here.', parts: ['vamp'] }, { rule: 'C-9', text: 'Not there.', parts: ['toe'] },
        ],
      },
      { 'POST /pieces/4/plan': ok(plan({ steps: [first] })) },
    )
    const here = it.find('[aria-label="Refused on these parts"]').text()
    expect(here).toContain('No oil here.')
    expect(here).not.toContain('Not there.')
    await says(it, 'Plan anew').trigger('click')
    await settled()
    expect(acts()).toHaveLength(1)
  })

  it('is only read by whoever may not plan', async () => {
    const { it } = await open({ stale: true, byHand: true, steps: [first, second], faults: [fault({ step: 's01' })] }, {}, false)
    for (const act of ['Change by hand', 'Schools', 'Plan anew', 'Mend it', 'not wanted']) {
      expect(text(it), act).not.toContain(act)
    }
  })
})

describe('a step in words', () => {
  const said = (more: Partial<StepView>) => text(shown(StepWords, { step: step(more) }))

  it('names the half, the amount, the room and the window only where they matter', () => {
    expect(said({ half: 'left' })).toContain('Left half')
    expect(said({ half: 'both' })).toContain('Both halves')
    expect(said({ half: 'whole' })).not.toContain('half')
    expect(said({ station: 'bench' })).not.toContain('at the bench')
    expect(said({ station: 'booth' })).toContain('at the booth')
    expect(said({ brush: 'neutral' })).not.toContain('brush:')
    const waits = [{ step: 'a', minMinutes: 10, maxMinutes: null }, { step: 'b', minMinutes: null, maxMinutes: 150 }]
    expect(said({ waits })).toContain('within 2 h 30')
  })

  it('says what can hurt before how it is done, and once it is under way how it is done before that', () => {
    const dyed = step({ gate: 'No tack.', amount: '4 ml', cautions: [{ rule: 'S-1', text: 'Wear gloves.' }] })
    expect(text(shown(StepWords, { step: dyed }))).toMatch(/4 ml.*Careful\. Wear gloves\..*Done when: No tack\./)
    const underWay = text(shown(StepWords, { step: dyed, underWay: true }))
    expect(underWay).toMatch(/4 ml.*Done when: No tack\..*Careful\. Wear gloves\./)
    expect(underWay.match(/Careful/g)).toHaveLength(1)
  })

  it('leads to what it needs: the colour, the pictures or the pots', () => {
    const leads = (more: Partial<StepView>) => shown(StepWords, { step: step(more) }).find('a')
    expect(leads({ action: 'read-colour', phase: 'record' }).attributes('href')).toBe('/pieces/1/colour')
    expect(leads({ phase: 'record' }).attributes('href')).toBe('/pieces/1/pictures')
    expect(leads({ phase: 'colour' }).text()).toContain('pots')
    expect(leads({ phase: 'clean' }).exists()).toBe(false)
  })
})

describe('the plan on paper', () => {
  const card = async (of: Partial<PlanView>) => {
    serving({
      ...house, 'GET /pieces/4/plan': ok(plan(of)),
      'GET /pieces/4': ok(piece({ parts: [part({ part: 'toe' }), part({ part: 'toe', half: 'right', material: 'suede' }), part()] })),
    })
    const it = shown(BenchCard, { id: 4 })
    await settled()
    return it
  }

  it('numbers the parts that are worked on, in the order of the piece, and says what each is made of', async () => {
    const it = await card({
      steps: [step({ parts: ['vamp'] }), step({ key: 's2', parts: ['laces'], onParts: false }), step({ key: 's3', parts: ['toe', 'vamp'] })],
    })
    expect(it.findAll('.legend li').map((l) => l.text())).toEqual(['1toe, aniline leather and suede', '2vamp, aniline leather'])
    expect(it.findAll('.steps li').map((l) => / · (\d[ \d]*) · /.exec(text({ text: () => l.text() }))?.[1])).toEqual(['2', undefined, '1 2'])
    expect(kind().parts.map((p) => p.id)).toEqual(['toe', 'vamp', 'laces'])
  })

  it('says each caution once, with the steps it is for', async () => {
    const gloves = { rule: 'S-1', text: 'Wear gloves.' }
    const it = await card({
      steps: [step({ cautions: [gloves] }), step({ key: 's2' }), step({ key: 's3', cautions: [gloves, { rule: 'S-2', text: 'Air it.' }] })],
    })
    expect(text(it)).toContain('1, 3 Wear gloves.3 Air it.')
    const many = await card({ steps: [...'abcdefghij'].map((key) => step({ key, cautions: [gloves] })) })
    expect(text(many)).toContain('1, 2, 3, 4, 5, 6, 7 … Wear gloves.')
  })

  it('says how long it has to have dried, and the window where it closes within the day', async () => {
    const it = await card({ steps: [
      step({ waits: [{ step: 'a', minMinutes: 45, maxMinutes: 240 }, { step: 'b', minMinutes: 60, maxMinutes: 180 }] }),
      step({ key: 's2', status: 'done', waits: [{ step: 'a', minMinutes: 4, maxMinutes: null }] }),
      step({ key: 's3', waits: [{ step: 'a', minMinutes: 5, maxMinutes: 4000 }] }),
    ] })
    const lines = it.findAll('.steps li').map((l) => l.text().replace(/\s+/g, ' '))
    expect(lines[0]).toContain('when it has dried 1 h, within 3 h')
    expect(lines[1]).toMatch(/^×\s?2\s?Lay cream/)
    expect(lines[2]).toContain('when it has dried 5 minLay cream')
  })
})

describe('how long a step took', () => {
  it('is said, and put right where it is wrong', async () => {
    const it = shown(TookMinutes, { step: step({ status: 'done', minutes: 8.4, tookMinutes: 1 }), busy: false })
    expect(text(it)).toContain('It took 1 minute of 8.')
    await says(it, 'Put the minutes right').trigger('click')
    await it.find('[name=took]').setValue(7)
    await it.find('form').trigger('submit')
    expect(it.emitted('took')).toEqual([[7]])
    await says(it, 'Leave it').trigger('click')
    expect(text(it)).toContain('It took')
  })

  it('is not there while it is not done', () => {
    expect(text(shown(TookMinutes, { step: step(), busy: false }))).toBe('')
  })
})
