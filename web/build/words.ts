import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Plugin } from 'vite'

const LIST = resolve('web/src/words/en.json')
/** Folders whose texts the first pages say: signing in, and the bench. `web/tests/catalogue.test.ts` holds it against what those pages import. */
export const FIRST = ['api', 'app', 'bench', 'help', 'kit', 'people', 'session', 'shelf', 'step']

/** The list of texts in two: those of the first pages, and the others. */
export const wordsInTwo = (): Plugin => ({
  name: 'words-in-two',
  resolveId: (id) => (id === 'virtual:words/first' || id === 'virtual:words/more' ? `\0${id}` : undefined),
  load(id) {
    if (id !== '\0virtual:words/first' && id !== '\0virtual:words/more') {
      return undefined
    }
    this.addWatchFile(LIST)
    const all = Object.entries(JSON.parse(readFileSync(LIST, 'utf8')) as Record<string, unknown>)
    return `export default ${JSON.stringify(Object.fromEntries(all.filter(([folder]) => FIRST.includes(folder) === id.endsWith('first'))))}`
  },
})
