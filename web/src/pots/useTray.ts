import { createEventHook, useIntervalFn } from '@vueuse/core'
import type { PotView } from '../api/types'
import { limits } from '../api/types'
import { counted } from '../kit/counted'
import { useOutbox, type Act } from '../kit/useOutbox'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** Out of reach, it is tried again so often. */
const AGAIN_MS = 2000

const pathOf = (pot: number): string => `/pots/${pot}/drops`
const wordsOf = (drops: number, name: string): string =>
  drops < 0 ? t('kit.tray.aTapOfTakenBack', [name]) : t('kit.tray.of', [counted(drops, 'drop'), name])
const dropsOf = (act: Act): number => Number(act.body['drops'])

/** Taps of one paint into one pot that follow each other are one act. */
export const together = (earlier: Act, later: Act): Act | 'nothing' | null => {
  const drops = dropsOf(earlier) + dropsOf(later)
  if (earlier.path !== later.path || earlier.body['code'] !== later.body['code'] || Math.abs(drops) > limits.DropsInput.drops.max) {
    return null
  }
  return drops === 0 ? 'nothing' : { ...later, key: earlier.key, body: { ...later.body, drops }, words: wordsOf(drops, String(later.body['name'])) }
}

/**
 * Drops that were tapped in and are on their way into their pots: counted at once, sent in order, summed where they follow each other. One tray for all pots,
 * which goes on sending whatever page is open.
 */
const makeTray = () => {
  const outbox = useOutbox<PotView>('drops', ({ body }) => ({ code: body['code'], drops: body['drops'] }), together)
  const taken = createEventHook<PotView>()
  const into = (pot: number): Act[] => outbox.kept.value.filter((act) => act.path === pathOf(pot))
  const send = async (): Promise<void> => {
    await outbox.send((pot) => void taken.trigger(pot))
  }
  return {
    notTaken: outbox.notTaken,
    dismiss: outbox.dismiss,
    send,
    onTaken: taken.on,
    /** Sends what was left behind, and tries again what could not be sent. */
    keepSending: (): void => {
      const { person } = useSession()
      useIntervalFn(() => {
        // Whoever did it signs in first.
        if (outbox.kept.value.length > 0 && person.value !== null) {
          void send()
        }
      }, AGAIN_MS, { immediateCallback: true })
    },
    tap: (pot: number, code: string, drops: number, name: string, at: Date): void => {
      outbox.add({ key: crypto.randomUUID(), path: pathOf(pot), body: { code, drops, name }, at: at.toISOString(), words: wordsOf(drops, name) })
      void send()
    },
    /** Drops of a paint on their way into a pot; of all paints where none is named. */
    onTheWay: (pot: number, code?: string): number =>
      into(pot).filter((act) => code === undefined || act.body['code'] === code).reduce((sum, act) => sum + dropsOf(act), 0),
    isEmpty: (pot: number): boolean => into(pot).length === 0,
  }
}

let tray: ReturnType<typeof makeTray> | null = null
export const useTray = (): ReturnType<typeof makeTray> => (tray ??= makeTray())
