import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { t } from '../src/words'
import en from '../src/words/en.json'

const sources = (folder: string): string[] => readdirSync(folder).flatMap((name) => {
  const path = join(folder, name)
  return statSync(path).isDirectory() ? sources(path) : /\.(vue|ts)$/.test(name) ? [path] : []
})
const texts = sources('web/src').map((path) => [path, readFileSync(path, 'utf8')] as const)
const keys = Object.entries(en).flatMap(([folder, screens]) => Object.entries(screens).flatMap(([screen, words]) => Object.keys(words).map((word) =>
  `${folder}.${screen}.${word}`)))

describe('what the screens say', () => {
  it('is said somewhere, each text of the list', () => {
    const all = texts.map(([, text]) => text).join('\n')
    // Counted nouns and rooms are named by what they are.
    const silent = keys.filter((key) => !all.includes(`'${key}'`) && !/^kit\.(counted|TopBar)\./.test(key))
    expect(silent).toEqual([])
  })

  it('stands in the list and not in the templates', () => {
    const bare = texts.filter(([path]) => path.endsWith('.vue')).flatMap(([path, text]) => {
      const template = /<template>([\s\S]*)<\/template>/.exec(text)?.[1] ?? ''
      const shown = template.replace(/<!--[\s\S]*?-->/g, '').replace(/\{\{[\s\S]*?\}\}/g, '').replace(/<\/?[\w-]+(?:"[^"]*"|'[^']*'|[^'">])*>/g, '\n')
      return shown.split('\n').map((line) => line.trim()).filter((line) => /[A-Za-z]{3,}/.test(line)).map((line) => `${path}: ${line}`)
    })
    expect(bare).toEqual([])
  })

  it('has the places that are filled, and no others', () => {
    expect(t('bench.FitMinutes.iHaveMinutes', [25])).toBe('I have 25 minutes')
    const textOf = (key: string): string => key.split('.').reduce<unknown>((at, part) => (at as Record<string, unknown>)[part], en) as string
    const wrong = keys.filter((key) => /\{(?!\d+\}|n\}|'[{}@|$]'\})/.test(textOf(key)))
    expect(wrong).toEqual([])
  })
})
