import first from 'virtual:words/first'
import type en from './en.json'

/**
 * Every text that the screens say by themselves, by the screen that says it: `en.json` beside this. What the craft says – steps, findings, reasons – comes from
 * the workshop's computer, in words of its own. Those of the first pages are here at once, the others before any other page is shown.
 */
interface Texts { readonly [key: string]: string | Texts }
let texts: Texts = first

type Keys<T, Before extends string = ''> = { [K in keyof T & string]: T[K] extends string ? `${Before}${K}` : Keys<T[K], `${Before}${K}.`> }[keyof T & string]
export type Words = Keys<typeof en>

let more: Promise<void> | null = null
/** The rest of the texts; asked for again where they did not come. */
export const allWords = (): Promise<void> => more ??= import('virtual:words/more').then(
  (rest) => {
    // Of some folders one screen was there before the others.
    texts = { ...first, ...Object.fromEntries(Object.entries(rest.default).map(([folder, screens]) => [folder, { ...first[folder], ...screens }])) }
  },
  (error: unknown) => {
    more = null
    throw error
  },
)

/** A text as it is written; the key itself where none is. */
const text = (key: string): string => {
  let found: string | Texts | undefined = texts
  for (const part of key.split('.')) {
    found = typeof found === 'object' ? found[part] : undefined
  }
  return typeof found === 'string' ? found : key
}
const filled = (words: string, values: Readonly<Record<string, unknown>> | readonly unknown[]): string =>
  words.replace(/\{(\w+)\}/g, (_, name: string) => String((values as Readonly<Record<string, unknown>>)[name] ?? ''))

/** A text with what stands at {0}, {1} …; a key that is none does not compile. */
export const t = (key: Words, values: readonly unknown[] = []): string => filled(text(key), values)

/** A number with its noun: “1 step”, “3 steps”. Of three forms the first is for none. */
export const plural = (key: Words, count: number): string => {
  const forms = text(key).split(' | ')
  const form = forms.length > 2 ? Math.min(count, 2) : count === 1 ? 0 : 1
  return filled(forms[form] ?? forms.at(-1) ?? '', { n: count })
}
