<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { BenchView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Of the demo only: lets hours go by in a moment, while the others work along. */
defineProps<{ now: number }>()
const emit = defineEmits<{ forward: [bench: BenchView] }>()
const { date, time } = useWhen()
const STEP = 15
const me = ref(false)
const busy = ref(false)
const problem = ref('')
const forward = async (minutes: number, busily = false): Promise<void> => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    emit('forward', await api.post<BenchView>('/demo/forward', { minutes, me: me.value, busily }))
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
    left.value = 0
    pause()
  } finally {
    busy.value = false
  }
}
/** Hours of a week that are still to go by, some at a time, while people come and bring. */
const [WEEK, HOURS] = [7 * 24, 4]
const left = ref(0)
const week = async (): Promise<void> => {
  for (left.value = WEEK; left.value > 0; left.value -= HOURS) {
    await forward(60 * HOURS, true)
  }
}
const { pause, resume, isActive } = useIntervalFn(() => void forward(STEP), 2000, { immediate: false })
</script>

<template>
  <section class="bg-paper border-t border-line px-6 py-0.5 flex flex-wrap items-center gap-3 text-[.95rem]" :aria-label="t('bench.TimeLapse.theDemosTime')">
    <span class="font-semibold">{{ t('bench.TimeLapse.demo', [date(new Date(now).toISOString()), time(now)]) }}</span>
    <button
      v-for="[minutes, label] in [[15, '15 min'], [60, '1 hour'], [240, '4 hours'], [900, '15 hours']] as const" :key="minutes"
      class="min-h-11 px-3 underline underline-offset-4" type="button" :disabled="busy || isActive || left > 0" @click="forward(minutes)"
    >{{ t('bench.TimeLapse.on', [label]) }}</button>
    <button
      class="min-h-11 px-3 underline underline-offset-4" type="button" :disabled="left === 0 && (busy || isActive)" @click="left > 0 ? left = 0 : week()"
    >{{ left > 0 ? t('bench.TimeLapse.daysLeft', [Math.ceil(left / 24)]) : t('bench.TimeLapse.aBusyWeekOn') }}</button>
    <button
      class="min-h-11 px-3 font-semibold underline underline-offset-4" type="button" :disabled="left > 0"
      @click="isActive ? pause() : resume()"
    >{{ isActive ? t('bench.TimeLapse.stop') : t('bench.TimeLapse.letItRun') }}</button>
    <label class="flex items-center gap-2 min-h-11"><input v-model="me" type="checkbox" class="size-5 accent-ink">{{
      t('bench.TimeLapse.myHandsWorkAlong')
    }}</label>
    <span v-if="busy" role="status">…</span>
    <span v-if="problem" role="alert">{{ problem }}</span>
  </section>
</template>
