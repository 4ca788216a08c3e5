import help from './help.json'

/** What a screen is asked about: its keys, the three things people ask there, and the words of the trade on it. */
export interface Page { readonly keys: readonly (readonly string[])[], readonly asks: readonly (readonly string[])[], readonly words: readonly string[] }
type Name = Exclude<keyof typeof help, 'every' | 'words'>

/** The longest that fits comes first. */
const SCREENS: readonly (readonly [RegExp, Name])[] = [
  [/^\/bench/, 'bench'], [/^\/counter\/new|^\/tickets\/\d+\/add/, 'new-ticket'], [/^\/counter|^\/tickets/, 'counter'],
  [/^\/pieces\/\d+\/(?:plan|card)/, 'plan'],
  [/^\/pots|^\/pieces\/\d+\/(?:colour|dye)|^\/colours/, 'pots'], [/^\/pieces\/\d+/, 'look-over'], [/^\/shelf/, 'shelf'],
  [/^\/ledger|^\/jobs|^\/passports|^\/comes-back/, 'ledger'], [/^\/workshop|^\/people|^\/own/, 'workshop'],
]

export const pageOf = (path: string): Page => {
  const page = help[SCREENS.find(([where]) => where.test(path))?.[1] ?? 'other']
  // A key that means something else on this screen is said once.
  return { ...page, keys: [...page.keys, ...help.every.keys.filter(([key]) => !page.keys.some(([here]) => here === key))] }
}
export const meaning = (word: string): string => (help.words as Readonly<Record<string, string>>)[word] ?? ''
