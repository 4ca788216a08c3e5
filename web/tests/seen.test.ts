import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api, Problem } from '../src/api/client'
import { forget, forgetOtherBuilds, lastSeen, remember } from '../src/api/seen'
import { useLoad } from '../src/kit/useLoad'
import { useSession } from '../src/session/useSession'
import { lost, ok, serving } from './fakeApi'
import { person, session } from './views'

/** What a browser keeps on the device. */
let kept: Map<string, Map<string, string>>
let writes = 0

beforeEach(() => {
  kept = new Map()
  writes = 0
  vi.useFakeTimers({ toFake: ['Date', 'setTimeout'], now: Date.UTC(2026, 2, 3, 9) })
  vi.stubGlobal('caches', {
    open: (name: string) => {
      const cache = kept.get(name) ?? new Map<string, string>()
      kept.set(name, cache)
      return Promise.resolve({
        put: async (path: string, answer: Response) => {
          writes++
          cache.set(path, await answer.text())
        },
        match: (path: string) => Promise.resolve(cache.has(path) ? new Response(cache.get(path)) : undefined),
      })
    },
    keys: () => Promise.resolve([...kept.keys()]),
    delete: (name: string) => Promise.resolve(kept.delete(name)),
  })
})
const now = async <T>(asked: Promise<T>): Promise<T> => {
  asked.catch(() => undefined)
  await vi.runAllTimersAsync()
  return asked
}

describe('what was seen last', () => {
  it('stands on the screen when the computer is away and the page is new', async () => {
    await forget()
    serving({ 'GET /pieces/4': ok({ name: 'The derbies' }) })
    await now(api.get('/pieces/4'))
    await vi.advanceTimersByTimeAsync(0)
    serving({ 'GET /pieces/4': lost })
    const { value, problem, reload } = useLoad(() => api.get<{ name: string }>('/pieces/4'))
    await now(reload())
    expect(value.value).toEqual({ name: 'The derbies' })
    expect(problem.value).toContain('cannot be reached')
  })

  it('is not kept of what changes hands or is looked for, and not written every other second', async () => {
    await forget()
    await remember('/owners?find=or', { owners: [] })
    expect(await lastSeen('/owners?find=or')).toBeUndefined()
    await remember('/bench', { now: 1 })
    await remember('/bench', { now: 2 })
    expect([writes, await lastSeen('/bench')]).toEqual([1, { now: 1 }])
    await remember('/bench', { now: 3 }, true)
    expect(await lastSeen('/bench')).toEqual({ now: 3 })
    vi.advanceTimersByTime(5001)
    await remember('/bench', { now: 4 })
    expect(await lastSeen('/bench')).toEqual({ now: 4 })
  })

  it('goes with who signs out, and with another build', async () => {
    await forget()
    await remember('/words', { kinds: [] })
    kept.set('kindheel-seen assets/of-another.js', new Map())
    kept.set('kindheel-page', new Map())
    await forgetOtherBuilds()
    expect([...kept.keys()]).toEqual(['kindheel-seen ', 'kindheel-page'])
    serving({ 'POST /sign-out': ok(session({ person: null })), 'GET /session': ok(session()) })
    await now(useSession().signOut())
    expect([...kept.keys()]).toEqual(['kindheel-page'])
  })

  it('lets nobody in whom this device has not seen, and asks anew who is there', async () => {
    await forget()
    serving({ 'GET /session': lost })
    const refused = await now(useSession().load()).catch((e: unknown) => e)
    expect(refused).toBeInstanceOf(Problem)
    serving({ 'GET /session': ok(session({ person: person({ name: 'Ida' }) })) })
    await now(useSession().load())
    expect(useSession().person.value?.name).toBe('Ida')
  })
})
