import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { BenchView, CallView } from '../api/types'

const EVERY_MS = 8000

/** The bench as the workshop's computer sees it, looked at again every few seconds. */
export const useBench = (onCall: (call: CallView) => void) => {
  const bench = shallowRef<BenchView | null>(null)
  const problem = ref('')
  let known: Set<string> | null = null

  const take = (view: BenchView): void => {
    bench.value = view
    problem.value = ''
    const pressing = view.calls.filter((c) => ['closing', 'test', 'open'].includes(c.urgency))
    const keys = new Set(pressing.map((c) => `${c.urgency}-${c.step.id}-${c.step.version}`))
    const fresh = pressing.find((c) => known !== null && !known.has(`${c.urgency}-${c.step.id}-${c.step.version}`))
    known = keys
    if (fresh) {
      onCall(fresh)
    }
  }
  const look = async (): Promise<void> => {
    try {
      take(await api.get<BenchView>('/bench'))
    } catch (error) {
      problem.value = error instanceof Problem ? error.detail : 'That did not work.'
    }
  }
  /** After hands have acted what follows is expected, not news. */
  const took = (view: BenchView): void => {
    known = null
    take(view)
  }
  void look()
  useIntervalFn(() => void look(), EVERY_MS)
  const visibility = useDocumentVisibility()
  watch(visibility, (state) => {
    if (state === 'visible') {
      void look()
    }
  })

  return { bench, problem, look, took, calls: computed(() => bench.value?.calls ?? []) }
}
