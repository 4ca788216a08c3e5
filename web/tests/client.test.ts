import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, Problem, setCsrfToken, whenSignedOut } from '../src/api/client'
import { useSession } from '../src/session/useSession'
import { fakeApi, lost, ok, refuses } from './fakeApi'
import { person, session as signedIn } from './views'

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
  whenSignedOut(() => undefined)
})

/** Waits that the client makes pass at once. */
const now = async <T>(asked: Promise<T>): Promise<T> => {
  asked.catch(() => undefined)
  await vi.runAllTimersAsync()
  return asked
}

describe('the client of the API', () => {
  it('asks again with the same key when an answer is lost, so that nothing is done twice', async () => {
    const computer = fakeApi(lost, lost, ok({ done: true }))
    expect(await now(api.post('/steps/1/done', { version: 3 }))).toEqual({ done: true })
    expect(computer.sent).toHaveLength(3)
    expect(new Set(computer.sent.map((s) => s.key)).size).toBe(1)
    expect(computer.sent[0]?.key).not.toBe('')
  })

  it('gives another act another key, and the same act the key that it is given', async () => {
    const computer = fakeApi(ok({}), ok({}), ok({}))
    await now(api.post('/a'))
    await now(api.post('/a'))
    await now(api.postOnce('/a', {}, 'mine'))
    const keys = computer.sent.map((s) => s.key)
    expect(new Set(keys).size).toBe(3)
    expect(keys[2]).toBe('mine')
  })

  it('says after three tries that the computer cannot be reached', async () => {
    const computer = fakeApi(lost, lost, lost)
    const problem = await now(api.get('/bench')).catch((e: unknown) => e)
    expect(problem).toBeInstanceOf(Problem)
    expect(problem).toMatchObject({ status: 0, overridable: false })
    expect((problem as Problem).detail).toContain('cannot be reached')
    expect(computer.sent).toHaveLength(3)
  })

  it('waits for a computer that is only busy', async () => {
    const computer = fakeApi(refuses(503, 'Not yet.'), ok({ here: 1 }))
    expect(await now(api.get('/bench'))).toEqual({ here: 1 })
    expect(computer.sent).toHaveLength(2)
  })

  it('does not ask again for what was refused, and shows why, field by field', async () => {
    const computer = fakeApi(refuses(422, 'A name, please.', { errors: [{ field: 'name', message: 'A name, please.' }] }))
    const problem = await now(api.put('/x', {})).catch((e: unknown) => e)
    expect(problem).toMatchObject({ status: 422, detail: 'A name, please.', errors: { name: 'A name, please.' } })
    expect(computer.sent).toHaveLength(1)
  })

  it('says so when somebody has been signed out, but not of a wrong password', async () => {
    const out = vi.fn<() => void>()
    whenSignedOut(out)
    fakeApi(refuses(401, 'Sign in, please.'), refuses(401, 'They do not belong together.'))
    await now(api.get('/bench')).catch(() => undefined)
    expect(out).toHaveBeenCalledTimes(1)
    await now(api.post('/sign-in', {})).catch(() => undefined)
    expect(out).toHaveBeenCalledTimes(1)
  })

  it('sends an act so that leaving the page does not cut it off, as long as a browser allows that', async () => {
    const computer = fakeApi(ok({}), ok({}), ok({}), lost, ok({}), ok({}))
    await now(api.post('/small', { a: 1 }))
    await now(api.post('/large', { a: 'x'.repeat(70_000) }))
    await now(api.post('/picture', new FormData()))
    await now(api.post('/again', {}))
    await now(api.get('/looked-at'))
    expect(computer.sent.map((s) => [s.path, s.keepalive])).toEqual([
      ['/small', true],
      ['/large', false],
      ['/picture', false],
      ['/again', true],
      ['/again', false],
      ['/looked-at', false],
    ])
  })

  it('carries the token of the session with every act and with no look', async () => {
    setCsrfToken('secret')
    const headers: Record<string, string>[] = []
    vi.stubGlobal('fetch', async (_url: string, init: RequestInit) => {
      headers.push(init.headers as Record<string, string>)
      return new Response('{}')
    })
    await api.get('/a')
    await api.remove('/a')
    expect(headers.map((h) => h['X-CSRF-Token'])).toEqual([undefined, 'secret'])
  })

  it('is sent once more with the new token where the same person has signed in anew, and never for somebody else', async () => {
    const old = refuses(403, 'Too long.', { type: 'csrf' })
    fakeApi(ok(signedIn({ person: person({ id: 2 }) })))
    await useSession().load()
    const same = fakeApi(old, ok(signedIn({ person: person({ id: 2 }), csrfToken: 'new' })), ok({ n: 1 }))
    expect(await api.postOnce('/a', {}, 'k')).toEqual({ n: 1 })
    expect(same.sent.map((s) => [s.path, s.key])).toEqual([['/a', 'k'], ['/session', ''], ['/a', 'k']])
    // A lost try before it makes no refusal of it, and where the session cannot be read the act is as good later.
    const late = fakeApi(lost, old, ok(signedIn({ person: person({ id: 2 }) })), ok({ n: 2 }))
    const answer = api.postOnce('/a', {}, 'k')
    await vi.runAllTimersAsync()
    expect([await answer, late.sent.map((s) => s.path)]).toEqual([{ n: 2 }, ['/a', '/a', '/session', '/a']])
    fakeApi(old, lost, lost, lost)
    const away = expect(api.post('/a')).rejects.toMatchObject({ status: 0, type: 'away' })
    await vi.runAllTimersAsync()
    await away
    const other = fakeApi(old, ok(signedIn({ person: person({ id: 3 }) })))
    await expect(api.post('/a')).rejects.toMatchObject({ status: 401, type: 'somebody-else' })
    expect(other.sent.map((s) => s.path)).toEqual(['/a', '/session'])
  })

  it('marks the page while acts are under way, and no longer', async () => {
    fakeApi(ok({}), refuses(409, 'Not now.'))
    const root = document.documentElement
    const one = api.post('/a')
    const other = api.post('/b').catch(() => undefined)
    expect(root.hasAttribute('data-acting')).toBe(true)
    await Promise.all([one, other])
    expect(root.hasAttribute('data-acting')).toBe(false)
  })
})
