import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { StepView } from '../src/api/types'
import { useAct } from '../src/kit/useAct'
import { useLoad } from '../src/kit/useLoad'
import type { Act } from '../src/kit/useOutbox'
import { useHands } from '../src/step/useHands'
import { fakeApi, lost, ok, refuses } from './fakeApi'

const step = (id: number, version = 1): StepView => ({ id, version, title: `Step ${id}` } as StepView)
const held = <T>() => {
  let release: (value: T) => void = () => undefined
  const promise = new Promise<T>((resolve) => {
    release = resolve
  })
  return { promise, release }
}

beforeEach(() => {
  vi.stubGlobal('setTimeout', (then: () => void) => {
    then()
    return 0
  })
})

describe('acts of one screen', () => {
  it('are done one after the other, and none that comes meanwhile is lost', async () => {
    const { busy, run } = useAct()
    const first = held<string>()
    const log: string[] = []
    const one = run(() => first.promise, (r) => void log.push(r))
    const other = run(async () => 'second', (r) => void log.push(r))
    await Promise.resolve()
    expect(log).toEqual([])
    expect(busy.value).toBe(true)
    first.release('first')
    expect(await Promise.all([one, other])).toEqual([true, true])
    expect(log).toEqual(['first', 'second'])
    expect(busy.value).toBe(false)
  })

  it('say why one could not be done, and go on with the next', async () => {
    fakeApi(refuses(422, 'So it cannot be.'), ok({}))
    const { busy, problem, run } = useAct()
    const { api } = await import('../src/api/client')
    const after = vi.fn<() => void>()
    expect(await run(() => api.post('/a'), after)).toBe(false)
    expect(problem.value).toBe('So it cannot be.')
    expect(after).not.toHaveBeenCalled()
    expect(await run(() => api.post('/b'), after)).toBe(true)
    expect(problem.value).toBe('')
    expect(busy.value).toBe(false)
  })

  it('look again when somebody was quicker, and only then', async () => {
    const { api } = await import('../src/api/client')
    const stale = vi.fn<() => void>()
    const { run } = useAct(stale)
    fakeApi(refuses(422, 'No.'), refuses(409, 'Somebody was quicker.'))
    await run(() => api.post('/a'), () => undefined)
    expect(stale).not.toHaveBeenCalled()
    await run(() => api.post('/a'), () => undefined)
    expect(stale).toHaveBeenCalledTimes(1)
  })

  it('do not show what went wrong inside', async () => {
    const { problem, run } = useAct()
    await run(() => Promise.reject(new Error('undefined is not a function')), () => undefined)
    expect(problem.value).toBe('That did not work.')
  })
})

describe('hands at a step', () => {
  it('say a thing once, however often the button is tapped, and another thing as well', async () => {
    const computer = fakeApi(ok({ b: 1 }), ok({ b: 2 }), ok({ b: 3 }))
    const seen: unknown[] = []
    const hands = useHands((bench) => void seen.push(bench))
    await Promise.all([hands.start(step(1)), hands.start(step(1)), hands.start(step(2))])
    expect(computer.sent.map((s) => s.path)).toEqual(['/steps/1/start', '/steps/2/start'])
    expect(seen).toEqual([{ b: 1 }, { b: 2 }])
    await hands.start(step(1))
    expect(computer.sent).toHaveLength(3)
  })

  it('carry the version that was looked at, and the answer of a test', async () => {
    const computer = fakeApi(ok({}), ok({}))
    const hands = useHands(() => undefined)
    await hands.gate({ id: 4, version: 9 }, 'not-yet')
    await hands.handOn(step(5, 2), 3)
    expect(computer.sent.map((s) => s.body)).toEqual([{ version: 9, answer: 'not-yet' }, { version: 2, person: 3, note: '' }])
  })

  it('are asked for a word why where one may go on, and then do the same with it', async () => {
    const computer = fakeApi(refuses(409, 'It is not dry.', { overridable: true }), ok({}))
    const then = vi.fn<() => void>()
    const hands = useHands(then)
    await hands.start(step(1))
    expect(hands.refusal.value?.sentence).toBe('It is not dry.')
    expect(hands.problem.value).toBe('')
    expect(then).not.toHaveBeenCalled()
    await hands.override('It is for tonight.')
    expect(computer.sent[1]).toMatchObject({ path: '/steps/1/start', body: { version: 1, why: 'It is for tonight.' } })
    expect(hands.refusal.value).toBeNull()
    expect(then).toHaveBeenCalledTimes(1)
  })

  it('leave it, where it is not worth a word', async () => {
    fakeApi(refuses(409, 'It is not dry.', { overridable: true }))
    const hands = useHands(() => undefined)
    await hands.start(step(1))
    hands.leave()
    await hands.override('why')
    expect(hands.refusal.value).toBeNull()
  })

  it('keep what they did while the computer is out of reach, where that may be kept', async () => {
    fakeApi(lost, lost, lost, lost, lost, lost)
    const kept: Act[] = []
    const keeping = { mayKeep: (path: string) => path.endsWith('done'), keep: (a: Act) => void kept.push(a), now: () => 'now' }
    const hands = useHands(() => undefined, () => undefined, keeping)
    await hands.done(step(1))
    expect(kept).toMatchObject([{ path: '/steps/1/done', body: { version: 1 }, at: 'now', words: 'End “Step 1”' }])
    expect(hands.problem.value).toBe('')
    await hands.spoiled(step(1))
    expect(kept).toHaveLength(1)
    expect(hands.problem.value).toContain('cannot be reached')
  })
})

describe('what a screen loads', () => {
  it('stays when it could not be had anew', async () => {
    let answer: () => Promise<number> = async () => 7
    const { value, problem, reload } = useLoad(() => answer())
    await reload()
    expect([value.value, problem.value]).toEqual([7, ''])
    answer = () => Promise.reject(new Error('x'))
    await reload()
    expect([value.value, problem.value]).toEqual([7, 'That did not work.'])
  })
})
