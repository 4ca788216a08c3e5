import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useOutbox, type Act } from '../src/kit/useOutbox'
import { useSession } from '../src/session/useSession'
import { fakeApi, lost, ok, refuses } from './fakeApi'
import { person, session as signedIn } from './views'

const act = (key: string, path = `/steps/${key}/done`): Act => ({ key, path, body: { version: 1 }, at: `2026-03-03T10:0${key}:00+00:00`, words: `End ${key}` })
/** Each with a shelf of its own. */
let shelf = 0
const fresh = (): string => `test-${shelf++}`
const quick = (): void => {
  vi.stubGlobal('setTimeout', (then: () => void) => {
    then()
    return 0
  })
}

beforeEach(() => {
  localStorage.clear()
  quick()
})

describe('what is kept on this device until it is sent', () => {
  it('goes out in the order in which it was done, each once, with the key that it was done with', async () => {
    const computer = fakeApi(ok({ n: 1 }), ok({ n: 2 }), ok({ n: 3 }))
    const outbox = useOutbox<{ n: number }>(fresh())
    ;['1', '2', '3'].forEach((k) => outbox.add(act(k)))
    const seen: number[] = []
    expect(await outbox.send((a) => seen.push(a.n))).toEqual({ n: 3 })
    expect(seen).toEqual([1, 2, 3])
    expect(computer.sent.map((s) => [s.path, s.key])).toEqual([['/steps/1/done', '1'], ['/steps/2/done', '2'], ['/steps/3/done', '3']])
    expect(outbox.kept.value).toEqual([])
  })

  it('takes what is added while it is sending into the same sending', async () => {
    const computer = fakeApi(ok({}), ok({}))
    const outbox = useOutbox(fresh())
    outbox.add(act('1'))
    const first = outbox.send()
    outbox.add(act('2'))
    expect(outbox.send()).toBe(first)
    await first
    expect(computer.sent.map((s) => s.key)).toEqual(['1', '2'])
  })

  it('stays, in order, when the computer is out of reach, and goes on from there', async () => {
    const computer = fakeApi(ok({}), lost, lost, lost)
    const outbox = useOutbox(fresh())
    ;['1', '2', '3'].forEach((k) => outbox.add(act(k)))
    expect(await outbox.send()).toBeNull()
    expect(outbox.kept.value.map((a) => a.key)).toEqual(['2', '3'])
    computer.answers(ok({}), ok({ last: true }))
    expect(await outbox.send()).toEqual({ last: true })
    expect(outbox.kept.value).toEqual([])
    expect(computer.sent.map((s) => s.key)).toEqual(['1', '2', '2', '2', '2', '3'])
  })

  it.each([401, 500, 503])('waits through a %i as well: the act is as good later', async (status) => {
    fakeApi(...Array.from({ length: 3 }, () => refuses(status, 'Later.')))
    const outbox = useOutbox(fresh())
    outbox.add(act('1'))
    expect(await outbox.send()).toBeNull()
    expect(outbox.kept.value).toHaveLength(1)
    expect(outbox.notTaken.value).toEqual([])
  })

  it('sets aside what is refused, with the reason, and goes on with the rest', async () => {
    fakeApi(refuses(409, 'Somebody was quicker.'), ok({ n: 2 }))
    const outbox = useOutbox<{ n: number }>(fresh())
    outbox.add(act('1'))
    outbox.add(act('2'))
    expect(await outbox.send()).toEqual({ n: 2 })
    expect(outbox.notTaken.value).toMatchObject([{ words: 'End 1', at: '2026-03-03T10:01:00+00:00', why: 'Somebody was quicker.' }])
    outbox.dismiss()
    expect(outbox.notTaken.value).toEqual([])
  })

  it('sums what follows each other and has not been sent, and asks again for what has been with the key and body it had', async () => {
    const sum = (a: Act, b: Act): Act | 'nothing' => {
      const n = Number(a.body['n']) + Number(b.body['n'])
      return n === 0 ? 'nothing' : { ...b, key: a.key, body: { n } }
    }
    const computer = fakeApi(lost, lost, lost)
    const outbox = useOutbox(fresh(), undefined, sum)
    const add = (key: string, n: number): void => outbox.add({ ...act(key, '/n'), body: { n } })
    add('1', 1)
    await outbox.send()
    add('2', 1)
    add('3', 2)
    add('4', -1)
    computer.answers(ok({}), ok({}))
    await outbox.send()
    expect(computer.sent.map((s) => [s.key, s.body])).toEqual([['1', { n: 1 }], ['1', { n: 1 }], ['1', { n: 1 }], ['1', { n: 1 }], ['2', { n: 2 }]])
    add('5', 1)
    add('6', -1)
    await outbox.send()
    expect([computer.sent.length, outbox.kept.value]).toEqual([5, []])
  })

  it('gives each answer once, and none for what was refused', async () => {
    fakeApi(ok({ n: 1 }), refuses(409, 'No.'), ok({ n: 3 }))
    const outbox = useOutbox<{ n: number }>(fresh())
    ;['1', '2', '3'].forEach((k) => outbox.add(act(k)))
    const seen: [number, string][] = []
    await outbox.send((a, of) => seen.push([a.n, of.key]))
    expect(seen).toEqual([[1, '1'], [3, '3']])
  })

  it('is still there after a reload of the page', async () => {
    const name = fresh()
    useOutbox(name).add(act('1'))
    await nextTick()
    const computer = fakeApi(ok({}))
    const again = useOutbox(name)
    expect(again.kept.value.map((a) => a.key)).toEqual(['1'])
    await again.send()
    expect(computer.sent).toHaveLength(1)
  })

  it('says when it was done, where that is asked for', async () => {
    const computer = fakeApi(ok({}))
    const outbox = useOutbox(fresh(), (a) => ({ ...a.body, at: a.at }))
    outbox.add(act('1'))
    await outbox.send()
    expect(computer.sent[0]?.body).toEqual({ version: 1, at: '2026-03-03T10:01:00+00:00' })
  })

  it('has nothing to say when there is nothing', async () => {
    fakeApi()
    expect(await useOutbox(fresh()).send()).toBeNull()
  })

  it('is sent by nobody but the one who did it, however often others sign in between', async () => {
    const as = async (id: number, name: string): Promise<void> => {
      fakeApi(ok(signedIn({ person: person({ id, name }) })))
      await useSession().load()
    }
    const name = fresh()
    await as(2, 'Tomas')
    const outbox = useOutbox(name)
    outbox.add(act('1'))
    await as(3, 'Wren')
    outbox.add(act('2'))
    expect([outbox.kept.value.map((a) => a.key), outbox.others.value]).toEqual([['2'], ['Tomas']])
    const hers = fakeApi(ok({}))
    await outbox.send()
    expect(hers.sent.map((s) => s.key)).toEqual(['2'])
    await as(2, 'Tomas')
    expect([outbox.kept.value.map((a) => a.key), outbox.others.value]).toEqual([['1'], []])
    const his = fakeApi(refuses(409, 'Somebody was quicker.'))
    await outbox.send()
    expect(his.sent.map((s) => s.key)).toEqual(['1'])
    await as(3, 'Wren')
    expect(outbox.notTaken.value).toEqual([])
    outbox.dismiss()
    await as(2, 'Tomas')
    expect(outbox.notTaken.value.map((n) => n.why)).toEqual(['Somebody was quicker.'])
  })

  it('waits where the session has ended, and is still of the one who was here', async () => {
    fakeApi(ok(signedIn({ person: person({ id: 2, name: 'Tomas' }) })))
    await useSession().load()
    const outbox = useOutbox(fresh())
    fakeApi(ok(signedIn({ person: null })))
    await useSession().load()
    outbox.add(act('1'))
    fakeApi(refuses(401, 'Please sign in.'))
    await outbox.send()
    fakeApi(ok(signedIn({ person: person({ id: 2, name: 'Tomas' }) })))
    await useSession().load()
    expect(outbox.kept.value.map((a) => a.key)).toEqual(['1'])
    expect(outbox.notTaken.value).toEqual([])
  })
})
