/** Keys belong to what is typed into, to what is open, and to a button or link that somebody came to by Tab; the rest are the foot switch's. */
export const isTyping = (target: EventTarget | null): boolean => target instanceof HTMLElement && (
  ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
  || target.closest('[role="menu"],[role="listbox"],[role="dialog"]') !== null
  || target.matches('button:focus-visible, a:focus-visible')
)
