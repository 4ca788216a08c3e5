import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Problem } from '../api/client'
import { remember } from '../api/seen'
import type { BenchView } from '../api/types'
import { sync } from '../session/clock'
import type { useAway } from './useAway'
import { t } from '../words'

/** Another tablet's change is here before anybody has looked up. */
const EVERY_MS = 1800

/** The bench as the workshop's computer sees it, looked at again every other second; what was done out of reach of it is sent first. */
export const useBench = (away: ReturnType<typeof useAway>) => {
  const bench = shallowRef<BenchView | null>(null)
  const problem = ref('')
  const outOfReach = ref(false)
  let asked = 0

  const take = (view: BenchView): void => {
    asked++
    sync(view.now)
    bench.value = view
    problem.value = ''
    outOfReach.value = false
  }
  const look = async (): Promise<void> => {
    const mine = ++asked
    try {
      if (away.kept.value.length > 0) {
        const sent = await away.send()
        if (sent !== null) {
          take(sent)
          return
        }
      }
      const view = await api.get<BenchView>('/bench')
      // What hands have said meanwhile is newer.
      if (mine === asked) {
        take(away.apply(view))
      }
    } catch (error) {
      outOfReach.value = error instanceof Problem && error.status === 0
      // The page was loaded while the computer is away: the bench as it was seen last, with what was done since.
      if (outOfReach.value && bench.value === null && error instanceof Problem && error.seen !== undefined) {
        bench.value = away.apply(error.seen as BenchView)
      }
      problem.value = outOfReach.value ? '' : error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
    }
  }
  void look()
  useIntervalFn(() => void look(), EVERY_MS)
  const visibility = useDocumentVisibility()
  watch(visibility, (state) => {
    if (state === 'visible') {
      void look()
    }
  })

  return {
    bench,
    problem,
    outOfReach,
    look,
    /** After hands have acted. */
    took: (view: BenchView): void => {
      take(view)
      void remember('/bench', view, true)
    },
    /** Out of reach: as it must stand now. */
    assume: (view: BenchView): void => {
      asked++
      bench.value = view
      outOfReach.value = true
    },
    calls: computed(() => bench.value?.calls ?? []),
  }
}
