import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { FIRST } from '../build/words'
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
    // Counted nouns, rooms and stretches of work are named by what they are.
    const silent = keys.filter((key) => !all.includes(`'${key}'`) && !/^(?:kit\.(?:counted|TopBar)|plan\.stretches)\./.test(key))
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

  it('is there at once for the first pages, whatever they bring with them', () => {
    const needed = new Set<string>()
    const seen = new Set<string>()
    const follow = (path: string): void => {
      if (seen.has(path) || !existsSync(path) || path.endsWith('.json')) {
        return
      }
      seen.add(path)
      const text = readFileSync(path, 'utf8')
      for (const [, screen] of text.matchAll(/\b(?:t|plural)\((?:\s*)[`'](\w+\.\w+)\./g)) {
        needed.add(screen ?? '')
      }
      // What is imported where it is needed has its own time; so have the pages of the router.
      for (const [, from] of text.matchAll(/^import (?!type )[^;]*? from '(\.[^']+)'/gm)) {
        const target = join(dirname(path), from ?? '')
        follow([target, `${target}.ts`, join(target, 'index.ts')].find((file) => existsSync(file) && statSync(file).isFile()) ?? '')
      }
    }
    for (const page of ['main.ts', 'App.vue', 'bench/Bench.vue', 'people/SignIn.vue']) {
      follow(`web/src/${page}`)
    }
    expect(seen.size).toBeGreaterThan(40)
    expect([...needed].filter((screen) => !FIRST.includes(screen) && !FIRST.includes(screen.split('.')[0] ?? ''))).toEqual([])
    const unneeded = FIRST.filter((part) => ![...needed].some((screen) => screen === part || screen.startsWith(`${part}.`)) && part !== 'help')
    expect(unneeded, 'and no more than they need').toEqual([])
  })

  it('has the places that are filled, and no others', () => {
    expect(t('bench.FitMinutes.iHaveMinutes', [25])).toBe('I have 25 minutes')
    const textOf = (key: string): string => key.split('.').reduce<unknown>((at, part) => (at as Record<string, unknown>)[part], en) as string
    const wrong = keys.filter((key) => /\{(?!\d+\}|n\}|'[{}@|$]'\})/.test(textOf(key)))
    expect(wrong).toEqual([])
  })
})
