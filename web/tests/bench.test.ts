import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { BenchView, CallView } from '../src/api/types'
import { after, useAway } from '../src/bench/useAway'
import type { Act } from '../src/kit/useOutbox'
import { fakeApi, ok } from './fakeApi'

const call = (id: number, urgency: CallView['urgency']): CallView =>
  ({ urgency, step: { id, version: 3, status: 'open', startedAt: null } } as unknown as CallView)
const bench = (...calls: CallView[]): BenchView => ({ calls } as unknown as BenchView)
const act = (step: number, what: string): Act => ({ key: `${step}-${what}`, path: `/steps/${step}/${what}`, body: { version: 3 }, at: 'then', words: '' })
const shown = (view: BenchView): unknown[] => view.calls.map((c) => [c.step.id, c.urgency, c.step.version])

describe('the bench while its computer is out of reach', () => {
  it('has what was begun in the hand, since then', () => {
    const view = after(bench(call(1, 'open'), call(2, 'closing')), act(2, 'start'))
    expect(shown(view)).toEqual([[2, 'running', 4], [1, 'open', 3]])
    expect(view.calls[0]?.step).toMatchObject({ status: 'running', startedAt: 'then' })
  })

  it('no longer calls for what was ended or tested', () => {
    expect(shown(after(bench(call(1, 'running'), call(2, 'test')), act(1, 'done')))).toEqual([[2, 'test', 3]])
    expect(shown(after(bench(call(1, 'running'), call(2, 'test')), act(2, 'gate')))).toEqual([[1, 'running', 3]])
  })

  it.each(['interrupt', 'put-down'])('lays back what was left (%s)', (what) => {
    expect(shown(after(bench(call(1, 'running')), act(1, what)))).toEqual([[1, 'open', 4]])
  })
})

describe('what is done while it is out of reach', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.stubGlobal('setTimeout', (then: () => void) => {
      then()
      return 0
    })
  })

  it('may be kept where it needs nothing from the computer', () => {
    const { mayKeep } = useAway()
    expect(['start', 'done', 'interrupt', 'put-down', 'gate'].map((w) => mayKeep(`/steps/1/${w}`))).toEqual([true, true, true, true, true])
    expect(['spoiled', 'again', 'hand-on'].map((w) => mayKeep(`/steps/1/${w}`))).toEqual([false, false, false])
    expect(mayKeep('/pieces/1/place')).toBe(false)
  })

  it('shows on the bench at once, is sent with its own time, and is gone', async () => {
    const away = useAway()
    away.keep(act(1, 'start'))
    away.keep(act(1, 'done'))
    expect(shown(away.apply(bench(call(1, 'open'))))).toEqual([])
    const computer = fakeApi(ok({ calls: [] }), ok({ calls: ['last'] }))
    expect(await away.send()).toEqual({ calls: ['last'] })
    expect(computer.sent.map((s) => [s.path, s.body, s.key])).toEqual([
      ['/steps/1/start', { version: 3, at: 'then' }, '1-start'],
      ['/steps/1/done', { version: 3, at: 'then' }, '1-done'],
    ])
    expect(away.kept.value).toEqual([])
  })
})
