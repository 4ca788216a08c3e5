import { afterEach, describe, expect, it } from 'vitest'
import { effectScope } from 'vue'
import { isTyping, useKeys } from '../src/kit/keys'

const put = (html: string): HTMLElement => {
  document.body.innerHTML = html
  return document.body.querySelector<HTMLElement>('[data-at]') ?? expect.fail('nothing to look at')
}
const press = (on: HTMLElement): void => {
  on.dispatchEvent(new Event('pointerdown', { bubbles: true }))
  on.closest<HTMLElement>('button, a')?.focus()
}

describe('whose a key is', () => {
  afterEach(() => {
    document.body.innerHTML = ''
  })

  it.each([
    ['a field', '<input data-at>'],
    ['a longer text', '<textarea data-at></textarea>'],
    ['a list that is open', '<ul role="listbox"><li data-at>Sponge</li></ul>'],
    ['a dialog', '<div role="dialog"><p data-at>Why?</p></div>'],
  ])('is of %s', (_, html) => {
    expect(isTyping(put(html))).toBe(true)
  })

  it('is the foot switch’s where nothing has it', () => {
    expect(isTyping(document.body)).toBe(false)
    expect(isTyping(put('<p data-at>Walnut</p>'))).toBe(false)
    expect(isTyping(null)).toBe(false)
  })

  it('is of a button or link that somebody came to by Tab', () => {
    const button = put('<button data-at>One drop</button>')
    button.focus()
    expect(isTyping(button)).toBe(true)
    const link = put('<a href="#" data-at>The pot</a>')
    link.focus()
    expect(isTyping(link)).toBe(true)
  })

  it('is the foot switch’s after a button was pressed by mouse or finger, on its words as on its rim', () => {
    const words = put('<button><span data-at>One drop</span></button>')
    const button = document.querySelector('button') ?? expect.fail()
    press(words)
    expect(document.activeElement).toBe(button)
    expect(isTyping(button)).toBe(false)
  })

  it('is the button’s again once somebody has gone away and come back by Tab', () => {
    const button = put('<button data-at>One drop</button><input>')
    press(button)
    document.querySelector('input')?.focus()
    button.focus()
    expect(isTyping(button)).toBe(true)
  })
})

describe('a key of a screen', () => {
  const scope = effectScope()
  afterEach(() => {
    scope.stop()
    document.body.innerHTML = ''
  })

  it('is one press of it alone, while nothing is typed', () => {
    const pressed: string[] = []
    scope.run(() => useKeys((event) => pressed.push(event.key)))
    const type = (key: string, how: KeyboardEventInit = {}, on: EventTarget = document.body): void => {
      on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...how }))
    }
    type('w')
    type('p', { ctrlKey: true })
    type('p', { metaKey: true })
    type('p', { altKey: true })
    type('n', { repeat: true })
    type('n', {}, put('<input data-at>'))
    type('+', { shiftKey: true })
    expect(pressed).toEqual(['w', '+'])
  })
})
