import { createI18n } from 'vue-i18n'
import first from 'virtual:words/first'
import type en from './en.json'

/**
 * Every text that the screens say by themselves, by the screen that says it: `en.json` beside this. What the craft says – steps, findings, reasons – comes from
 * the workshop's computer, in words of its own. Those of the first pages are here at once, the others before any other page is shown.
 */
const i18n = createI18n({ legacy: false, locale: 'en', messages: { en: first }, warnHtmlMessage: false })

type Keys<T, Before extends string = ''> = { [K in keyof T & string]: T[K] extends string ? `${Before}${K}` : Keys<T[K], `${Before}${K}.`> }[keyof T & string]
export type Words = Keys<typeof en>

let more: Promise<void> | null = null
/** The rest of the texts; asked for again where they did not come. */
export const allWords = (): Promise<void> => more ??= import('virtual:words/more').then(
  (rest) => {
    i18n.global.mergeLocaleMessage('en', rest.default)
  },
  (error: unknown) => {
    more = null
    throw error
  },
)

/** A text with what stands at {0}, {1} …; a key that is none does not compile. */
export const t = (key: Words, values: readonly unknown[] = []): string => i18n.global.t(key, values as unknown[])

/** A number with its noun: “1 step”, “3 steps”. */
export const plural = (key: Words, count: number): string => i18n.global.t(key, { n: count }, count)
