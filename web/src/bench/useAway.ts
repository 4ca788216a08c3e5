import type { BenchView, CallView } from '../api/types'
import { useOutbox, type Act } from '../kit/useOutbox'

/** What may be done while the workshop's computer is out of reach: what needs nothing from it. */
const KEPT = ['start', 'done', 'interrupt', 'put-down', 'gate']

/** The bench as it looks after an act, until the workshop's computer says how it stands. */
export const after = (bench: BenchView, act: Act): BenchView => {
  const [, , id, what] = act.path.split('/')
  const step = Number(id)
  const changed = (call: CallView): CallView | null => {
    if (call.step.id !== step) {
      return call
    }
    const next = { ...call.step, version: call.step.version + 1 }
    switch (what) {
      case 'start': return { ...call, urgency: 'running', step: { ...next, status: 'running', startedAt: act.at } }
      case 'interrupt':
      case 'put-down': return { ...call, urgency: 'open', step: { ...next, status: 'open', startedAt: null } }
      default: return null
    }
  }
  const calls = bench.calls.map(changed).filter((c) => c !== null)
  return { ...bench, calls: [...calls.filter((c) => c.urgency === 'running'), ...calls.filter((c) => c.urgency !== 'running')] }
}

/** Keeps what is done while the workshop's computer is out of reach, and sends it once, in order, when it is back. */
export const useAway = () => {
  const outbox = useOutbox<BenchView>('kept', (act) => ({ ...act.body, at: act.at }))

  return {
    kept: outbox.kept,
    notTaken: outbox.notTaken,
    others: outbox.others,
    mayKeep: (path: string): boolean => KEPT.includes(path.split('/').at(-1) ?? ''),
    keep: outbox.add,
    after,
    /** The bench with all that is kept done to it. */
    apply: (bench: BenchView): BenchView => outbox.kept.value.reduce(after, bench),
    send: (): Promise<BenchView | null> => outbox.send(),
    dismiss: outbox.dismiss,
  }
}
