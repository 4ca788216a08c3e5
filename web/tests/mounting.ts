import { DOMWrapper, enableAutoUnmount, mount, type VueWrapper } from '@vue/test-utils'
import { afterEach } from 'vitest'
import { nextTick, type Component } from 'vue'
import { createMemoryHistory, createRouter, type Router } from 'vue-router'

enableAutoUnmount(afterEach)

/** A router that goes anywhere and shows nothing. */
export const somewhere = (path = '/'): Router => {
  const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:all(.*)*', component: { template: '<i />' } }] })
  void router.push(path)
  return router
}

/** A component on the page, as it is used. */
export const shown = (component: Component, props: Record<string, unknown> = {}, router: Router = somewhere()): VueWrapper =>
  mount(component, { props, global: { plugins: [router] }, attachTo: document.body })

export const settled = async (): Promise<void> => {
  for (let i = 0; i < 30; i++) {
    await Promise.resolve()
    await nextTick()
  }
}

/** What can be looked through: a component, or the page with what lies over it. */
type Looked = Pick<VueWrapper, 'find' | 'findAll' | 'text'>

/** All that is on the page, with the dialogs that lie over it. */
export const onThePage = (): DOMWrapper<Element> => new DOMWrapper(document.body)

/** The button or link that says this. */
export const says = (on: Looked, text: string) => {
  const found = on.findAll('button, a, [role=option]').find((b) => b.text().replace(/\s+/g, ' ').includes(text) || b.attributes('aria-label')?.includes(text))
  if (found === undefined) {
    throw new Error(`Nothing says “${text}”: ${on.text()}`)
  }
  return found
}

/** Opens a choice in a sentence and takes one of its options. */
export const choose = async (on: Looked, label: string, option: string): Promise<void> => {
  await on.find(`button[aria-label^="${label}:"]`).trigger('click')
  await settled()
  await says(on, option).trigger('click')
  await settled()
}

export const words = (on: { text: () => string }): string => on.text().replace(/\s+/g, ' ')
