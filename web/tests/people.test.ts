import { beforeEach, describe, expect, it, vi } from 'vitest'
import ItWasMe from '../src/people/ItWasMe.vue'
import Own from '../src/people/Own.vue'
import SignIn from '../src/people/SignIn.vue'
import Staff from '../src/people/Staff.vue'
import SureDialog from '../src/people/SureDialog.vue'
import TakeOver from '../src/people/TakeOver.vue'
import Begin from '../src/workshop/Begin.vue'
import type { OwnView, StaffRowView, StaffView } from '../src/api/types'
import { useSession } from '../src/session/useSession'
import { ok, refuses, serving } from './fakeApi'
import { onThePage, says, settled, shown, words as text } from './mounting'
import { at, person, session, words } from './views'

const row = (more: Partial<StaffRowView> = {}): StaffRowView => ({
  id: 2, login: 'tomas', name: 'Tomas', role: 'restorer', version: 3, leftOn: null, wordUntil: null, seenAt: at(0), signedIn: 1, hasSecondFactor: false,
  isYou: false, ...more,
})
const staff = (people: readonly StaffRowView[], more: Partial<StaffView> = {}): StaffView => ({
  people, roles: ['owner', 'restorer', 'apprentice', 'counter'], word: null, wordFor: null, ...more,
})
const own = (more: Partial<OwnView> = {}): OwnView => ({
  login: 'ida', name: 'Ida', role: 'owner', hasPin: false, hasSecondFactor: false,
  signIns: [{ id: 7, device: 'Firefox on Linux', beganAt: at(0), seenAt: at(0), byPin: false, here: true }], ...more,
})
const signedIn = async (answers: Parameters<typeof serving>[0]): Promise<ReturnType<typeof serving>> => {
  const acts = serving({ 'GET /words': ok(words()), 'GET /session': ok(session({ person: person({ role: 'owner' }) })), ...answers })
  await useSession().load()
  return acts
}

beforeEach(() => {
  vi.unstubAllGlobals()
})

describe('how somebody signs in', () => {
  it('is told when it changed, until they say that it was them', async () => {
    const acts = await signedIn({
      'GET /session': ok(session({ person: person({ notes: [{ what: 'elsewhere', device: 'Firefox on Linux', at: at(0) }] }) })),
      'DELETE /own/notes': ok(own()),
    })
    const it = shown(ItWasMe, {})
    expect(text(it)).toContain('a browser that is new here')
    expect(text(it)).toContain('Firefox on Linux')
    await says(it, 'That was me').trigger('click')
    await settled()
    expect(acts().map((a) => `${a.method} ${a.path}`)).toEqual(['DELETE /own/notes'])
    expect(text(it)).toBe('')
  })
})

describe('who works here', () => {
  it('shows a word once, until the next thing is done', async () => {
    const acts = await signedIn({
      'GET /people': ok(staff([row()])),
      'POST /people/2/word': ok(staff([row({ wordUntil: at(600), version: 4 })], { word: 'abcd-efgh-jkmn', wordFor: 2 })),
      'PUT /people/2': ok(staff([row({ name: 'Tom', version: 5 })])),
    })
    const it = shown(Staff, {})
    await settled()
    await says(it, 'Tomas').trigger('click')
    await says(it, 'They forgot their password').trigger('click')
    await settled()
    expect(text(it)).toContain('Tomas signs in once as tomas with')
    expect(text(it)).toContain('abcd-efgh-jkmn')
    expect(acts()[0]?.body).toEqual({ version: 3 })
    await says(it, 'Tomas').trigger('click')
    await says(it, 'Keep this').trigger('click')
    await it.find('form').trigger('submit')
    await settled()
    expect(text(it)).not.toContain('abcd-efgh-jkmn')
    expect(acts()[1]?.body).toEqual({ name: 'Tomas', login: 'tomas', role: 'restorer', version: 4 })
  })

  it('asks once more before somebody leaves, and keeps them below', async () => {
    const acts = await signedIn({
      'GET /people': ok(staff([row(), row({ id: 1, name: 'Ida', isYou: true })])),
      'POST /people/2/left': ok(staff([row({ leftOn: '2026-03-03' })])),
    })
    const it = shown(Staff, {})
    await settled()
    await says(it, 'Ida').trigger('click')
    expect(text(it)).not.toContain('They leave')
    await says(it, 'Tomas').trigger('click')
    await says(it, 'They leave').trigger('click')
    expect(acts()).toHaveLength(0)
    await says(it, 'Yes, Tomas leaves').trigger('click')
    await settled()
    expect(text(it)).toContain('Were here before')
    expect(text(it)).toContain('left on')
  })
})

describe('signing in', () => {
  it('asks for the digits once the password was right', async () => {
    const acts = await signedIn({ 'POST /sign-in': refuses(401, 'Now the six digits that your app shows.', { type: 'second-factor' }) })
    const it = shown(SignIn, {})
    await it.find('[name=login]').setValue('ida')
    await it.find('[name=password]').setValue('x')
    expect(it.find('[name=code]').exists()).toBe(false)
    await it.find('form').trigger('submit')
    await settled()
    expect(it.find('[role=alert]').exists()).toBe(false)
    await it.find('[name=code]').setValue('123 456')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts().map((a) => a.body)).toEqual([{ login: 'ida', password: 'x' }, { login: 'ida', password: 'x', code: '123 456' }])
    expect(it.find('[role=alert]').text()).toContain('six digits')
  })

  it('ends it elsewhere, and keeps a number', async () => {
    const elsewhere = { id: 8, device: 'Chrome on Android', beganAt: at(0), seenAt: at(0), byPin: true, here: false }
    const acts = await signedIn({
      'GET /own': ok(own({ signIns: [...own().signIns, elsewhere] })), 'DELETE /own/sign-ins/8': ok(own()), 'PUT /own/pin': ok(own({ hasPin: true })),
    })
    const it = shown(Own, {})
    await settled()
    expect(text(it)).toContain('Chrome on Android')
    await says(it, 'Sign out').trigger('click')
    await settled()
    expect(text(it)).not.toContain('Chrome on Android')
    await it.find('[name=pin]').setValue('2580')
    await it.findAll('form')[0]?.trigger('submit')
    await settled()
    expect(acts().map((a) => [a.method, a.path, a.body])).toEqual([['DELETE', '/own/sign-ins/8', {}], ['PUT', '/own/pin', { pin: '2580' }]])
    expect(text(it)).toContain('Another number')
  })
})

describe('a shared tablet', () => {
  it('is taken over by a number, tapped or typed, and a wrong one is said', async () => {
    const acts = await signedIn({
      'GET /hands': ok({ hands: [{ id: 3, name: 'Wren' }] }), 'POST /hands': refuses(422, 'That is not their number. 4 tries are left.'),
    })
    const it = shown(TakeOver, { open: false })
    await it.setProps({ open: true })
    await settled()
    await says(onThePage(), 'Wren').trigger('click')
    await settled()
    const form = onThePage().find('[role=dialog] form')
    expect(document.activeElement).toBe(form.element)
    await says(onThePage(), '2').trigger('click')
    for (const key of ['5', '7', 'Backspace', '8', '0']) {
      await form.trigger('keydown', { key })
    }
    await form.trigger('keydown', { key: 'Enter' })
    await settled()
    expect(acts().map((a) => [a.path, a.body])).toEqual([['/hands', { person: 3, pin: '2580' }]])
    expect(onThePage().find('[role=dialog] [role=alert]').text()).toContain('4 tries are left')
  })
})

describe('what matters', () => {
  it('asks for the password once more, and goes on from there with the same key', async () => {
    let sure = false
    const acts = await signedIn({
      'GET /own': ok(own()),
      'PUT /own/pin': () => (sure ? ok(own({ hasPin: true })) : refuses(403, 'This matters.', { type: 'password-asked' })),
      'POST /session/sure': () => {
        sure = true
        return ok(own())
      },
    })
    const dialog = shown(SureDialog, {})
    const it = shown(Own, {})
    await settled()
    await it.find('[name=pin]').setValue('2580')
    await it.findAll('form')[0]?.trigger('submit')
    await settled()
    await onThePage().find('[name=sure-password]').setValue('open sesame')
    await onThePage().find('[role=dialog] form').trigger('submit')
    await settled()
    await settled()
    expect(acts().map((a) => a.path)).toEqual(['/own/pin', '/session/sure', '/own/pin'])
    expect(acts()[2]?.key).toBe(acts()[0]?.key)
    expect(text(it)).toContain('Another number')
    dialog.unmount()
  })
})

describe('a workshop of one’s own', () => {
  it('is begun with hours as they were typed and a login that is guessed', async () => {
    const acts = await signedIn({ 'POST /begin': refuses(422, 'Too easy to guess.', { errors: [{ field: 'password', message: 'Too easy to guess.' }] }) })
    const it = shown(Begin, {})
    await it.find('[name=word]').setValue('abc')
    await it.find('[name=workshop]').setValue('Quill')
    await it.find('[name=name]').setValue('Mara Quill')
    await it.find('[name=password]').setValue('mara quill')
    await it.find('[name=hours]').setValue('8-12')
    await it.find('form').trigger('submit')
    await settled()
    expect(acts()[0]?.body).toEqual({
      word: 'abc', workshop: 'Quill', address: '', reach: '', currency: 'EUR', days: [1, 2, 3, 4, 5], shifts: [{ from: '08:00', until: '12:00' }],
      name: 'Mara Quill', login: 'mara', password: 'mara quill', home: false,
    })
    expect(it.find('[name=password]').attributes('aria-invalid')).toBe('true')
    expect((it.find('[name=workshop]').element as HTMLInputElement).value).toBe('Quill')
  })
})
