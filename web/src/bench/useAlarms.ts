import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import type { BenchView } from '../api/types'
import { play, type Calls } from '../kit/bell'
import { t } from '../words'

/** Which piece calls, what for and when, and how that sounds. */
export interface Alarm {
  readonly key: string, readonly at: number, readonly words: string, readonly calls: Calls, readonly piece: string, readonly pieceId: number
}

/** A window is called out so long before it closes. */
const BEFORE_CLOSING_MS = 20 * 60_000
/** What nobody has planned is called out a day before its promise. */
const BEFORE_PROMISE_MS = 24 * 3_600_000
const SNOOZE_MS = 5 * 60_000
const REMEMBERED = 300
const WORST: readonly Calls[] = ['missed', 'closes', 'opens', 'message']

/** Everything on the bench that will call, with its moment: the tests of coats, what may begin, what closes. One thing has one key. */
export const coming = (bench: BenchView): Alarm[] => {
  const alarms: Alarm[] = []
  for (const piece of bench.rack) {
    const whose = { piece: piece.name, pieceId: piece.piece }
    const tests = piece.coats.filter((c) => c.gateAt !== null)
    for (const coat of tests) {
      alarms.push({
        key: `test-${coat.step}-${coat.gateAt}`, at: Date.parse(coat.gateAt ?? ''), words: t('bench.useAlarms.timeToTest', [coat.title]), calls: 'opens',
        ...whose,
      })
    }
    for (const bell of piece.bells) {
      alarms.push({ key: `bell-${piece.piece}-${bell.at}-${bell.words}`, at: Date.parse(bell.at), words: bell.words, calls: 'opens', ...whose })
    }
    if (
      piece.next !== null &&
      piece.opensAt !== null &&
      !tests.some((c) => Math.abs(Date.parse(c.gateAt ?? '') - Date.parse(piece.opensAt ?? '')) < 60_000)
    ) {
      alarms.push({
        key: `open-${piece.piece}-${piece.opensAt}`, at: Date.parse(piece.opensAt), words: t('bench.useAlarms.mayBegin', [piece.next]), calls: 'opens',
        ...whose,
      })
    }
    if (piece.next !== null && piece.closesAt !== null) {
      alarms.push({
        key: `close-${piece.piece}-${piece.closesAt}`,
        at: Date.parse(piece.closesAt) - BEFORE_CLOSING_MS,
        words: t('bench.useAlarms.soonTooLate', [piece.next]),
        calls: 'closes',
        ...whose,
      })
      alarms.push({
        key: `missed-${piece.piece}-${piece.closesAt}`, at: Date.parse(piece.closesAt), words: t('bench.useAlarms.tooLateNow', [piece.next]), calls: 'missed',
        ...whose,
      })
    }
  }
  for (const piece of bench.unplanned.filter((p) => p.promised)) {
    alarms.push({
      key: `unplanned-${piece.piece}`, at: Date.parse(piece.promisedAt) - BEFORE_PROMISE_MS, words: t('bench.useAlarms.promisedForTomorrowAndNot'),
      calls: 'message', piece: piece.name, pieceId: piece.piece,
    })
  }
  return alarms
}

/** Alarms that go off by this device's own time, whether the workshop's computer is in reach or not: each once, over reloads too, and again when put off. */
export const useAlarms = (bench: Ref<BenchView | null>, now: Ref<number>, sound: Ref<string>, wanted: Ref<boolean>) => {
  const heard = useLocalStorage<string[]>('kindheel-heard', [])
  const putOff = useLocalStorage<Record<string, number>>('kindheel-put-off', {})
  /** What this device has been waiting for: it rings after a reload too. What it first hears of when it is due stands on the bench anyhow. */
  const awaited = useLocalStorage<string[]>('kindheel-awaited', [])
  const ringing = ref<Alarm[]>([])
  let first = true

  const hear = (alarms: readonly Alarm[]): void => {
    const fresh = alarms.map((a) => a.key).filter((key) => !heard.value.includes(key))
    if (fresh.length > 0) {
      heard.value = [...heard.value, ...fresh].slice(-REMEMBERED)
    }
  }
  const due = computed(() => (bench.value === null ? [] : coming(bench.value).filter((a) => (putOff.value[a.key] ?? a.at) <= now.value)))
  watch(due, (alarms) => {
    if (bench.value === null) {
      return
    }
    // What has been seen to on the bench rings no more.
    if (ringing.value.some((r) => !alarms.some((a) => a.key === r.key))) {
      ringing.value = ringing.value.filter((r) => alarms.some((a) => a.key === r.key))
    }
    const fresh = alarms.filter((a) => putOff.value[a.key] !== undefined || !heard.value.includes(a.key))
    const loud = fresh.filter((a) => putOff.value[a.key] !== undefined || !first || awaited.value.includes(a.key))
    first = false
    hear(fresh)
    const next = coming(bench.value).filter((a) => a.at > now.value).map((a) => a.key).slice(0, REMEMBERED)
    if (next.join() !== awaited.value.join()) {
      awaited.value = next
    }
    if (fresh.some((a) => putOff.value[a.key] !== undefined)) {
      putOff.value = Object.fromEntries(Object.entries(putOff.value).filter(([key]) => !fresh.some((a) => a.key === key)))
    }
    if (loud.length === 0) {
      return
    }
    ringing.value = [...ringing.value, ...loud]
    if (wanted.value) {
      // What is worst is heard.
      const worst = WORST.find((calls) => loud.some((a) => a.calls === calls)) ?? 'opens'
      play(sound.value, worst, worst === 'message' ? 1 : 3)
    }
    if (typeof Notification !== 'undefined' && Notification.permission === 'granted' && document.hidden) {
      for (const alarm of loud) {
        // The same tag replaces what this device has said of it already.
        new Notification(alarm.words, { body: alarm.piece, tag: alarm.key })
      }
    }
  })

  return {
    ringing,
    /** Somebody comes, or leaves it to others. */
    stop: (): void => {
      ringing.value = []
    },
    snooze: (): void => {
      putOff.value = { ...putOff.value, ...Object.fromEntries(ringing.value.map((a) => [a.key, now.value + SNOOZE_MS])) }
      ringing.value = []
    },
    /** What follows from one's own hands is expected, not news. */
    expected: (view: BenchView): void => hear(coming(view).filter((a) => a.at <= now.value)),
  }
}
