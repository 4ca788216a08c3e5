import { useEventListener } from '@vueuse/core'

/** The button or link that was pressed by mouse or finger and has had the focus since. */
let pressed: Element | null = null

document.addEventListener('pointerdown', ({ target }) => {
  pressed = target instanceof Element ? target.closest('button, a') : null
}, { capture: true })
document.addEventListener('focusin', ({ target }) => {
  pressed = target === pressed ? pressed : null
}, { capture: true })

/**
 * Keys belong to what is typed into, to what is open, and to a button or link that somebody came to by Tab; the rest are the foot switch's.
 * Not `:focus-visible`: a button that was pressed by mouse matches it too as soon as the next key goes down.
 */
export const isTyping = (target: EventTarget | null): boolean => target instanceof HTMLElement && (
  ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
  || target.closest('[role="menu"],[role="listbox"],[role="dialog"]') !== null
  || (target.matches('button, a') && target !== pressed)
)

/** What one press of one key does, without any other held down and while nothing is typed. */
export const useKeys = (press: (event: KeyboardEvent) => void): void => {
  useEventListener(window, 'keydown', (event) => {
    if (!isTyping(event.target) && !event.ctrlKey && !event.metaKey && !event.altKey && !event.repeat) {
      press(event)
    }
  })
}
