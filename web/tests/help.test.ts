import { beforeEach, describe, expect, it } from 'vitest'
import Help from '../src/help/Help.vue'
import help from '../src/help/help.json'
import { meaning, pageOf } from '../src/help/pages'
import { router } from '../src/router'
import en from '../src/words/en.json'
import { onThePage, says, settled, shown } from './mounting'

const screens = Object.entries(help).filter(([name]) => name !== 'words' && name !== 'every').map(([, page]) => page as unknown as ReturnType<typeof pageOf>)

describe('what people ask', () => {
  it('is three things on each screen, each with an answer of a breath', () => {
    for (const page of screens) {
      expect(page.asks).toHaveLength(3)
      for (const [asked, answer] of page.asks) {
        expect(asked).toMatch(/[.?]$/)
        expect(answer?.length).toBeLessThan(260)
      }
    }
  })

  it('names what stands on the screens as it stands there', () => {
    const texts = Object.values(en).flatMap((s) => Object.values(s).flatMap((words) => Object.values(words as Record<string, string>)))
    const shownTexts = texts.join('\n').toLowerCase()
    const quoted = [...JSON.stringify(help).matchAll(/“([^”]+)”/g)].map((m) => m[1] ?? '')
    expect(quoted.length).toBeGreaterThan(8)
    expect(quoted.filter((q) => !shownTexts.includes(q.toLowerCase()))).toEqual([])
  })

  it('explains each word of the trade in one sentence, and none that nobody meets', () => {
    const used = new Set(screens.flatMap((page) => page.words))
    for (const word of used) {
      expect(meaning(word), word).toMatch(/^[A-Z].*[.]$/)
    }
    expect(Object.keys(help.words).filter((word) => !used.has(word))).toEqual([])
  })

  it('is there for every address, and its own for each room', () => {
    for (const route of router.getRoutes()) {
      expect(pageOf(route.path).asks).toHaveLength(3)
    }
    const rooms = ['/bench', '/counter', '/counter/new', '/pieces/4', '/pieces/4/plan', '/pots/3', '/shelf', '/ledger/4', '/workshop', '/things']
    expect(new Set(rooms.map((path) => pageOf(path).asks[0]?.[0])).size).toBe(rooms.length)
    expect(pageOf('/pieces/4/colour')).toEqual(pageOf('/pots'))
  })
})

describe('the page of help', () => {
  beforeEach(() => {
    document.body.innerHTML = ''
  })

  it('shows keys, questions and words of the screen it was asked on, and goes away', async () => {
    const it = shown(Help, { path: '/bench' })
    await settled()
    const page = onThePage().text().replaceAll(/\s+/g, ' ')
    expect(page).toContain('I tapped Done and it was not. What now?')
    expect(page).toContain('take back what was tapped last')
    expect(page).not.toContain('a new ticket')
    expect(page).toContain('gate test: What the hand feels for')
    await says(onThePage(), 'Go on').trigger('click')
    expect(it.emitted('leave')).toHaveLength(1)
  })
})
