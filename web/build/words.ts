import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Plugin } from 'vite'

const LIST = resolve('web/src/words/en.json')
/** Screens or whole folders whose texts the first pages say: signing in, and the bench. `web/tests/catalogue.test.ts` holds it against what those import. */
export const FIRST = [
  'api', 'app', 'bench', 'help', 'kit', 'people.ItWasMe', 'people.SignIn', 'people.SureDialog', 'people.TakeOver', 'session', 'shelf.TakenForm', 'step',
]
const isFirst = (folder: string, screen: string): boolean => FIRST.includes(folder) || FIRST.includes(`${folder}.${screen}`)
type Texts = Record<string, Record<string, Record<string, string>>>

/** The list of texts in two: those of the first pages, and the others. */
export const wordsInTwo = (): Plugin => ({
  name: 'words-in-two',
  resolveId: (id) => (id === 'virtual:words/first' || id === 'virtual:words/more' ? `\0${id}` : undefined),
  load(id) {
    if (id !== '\0virtual:words/first' && id !== '\0virtual:words/more') {
      return undefined
    }
    this.addWatchFile(LIST)
    const first = id.endsWith('first')
    const all = Object.entries(JSON.parse(readFileSync(LIST, 'utf8')) as Texts)
    const half = all.map(([folder, screens]) =>
      [folder, Object.fromEntries(Object.entries(screens).filter(([screen]) => isFirst(folder, screen) === first))] as const)
    return `export default ${JSON.stringify(Object.fromEntries(half.filter(([, screens]) => Object.keys(screens).length > 0)))}`
  },
})
