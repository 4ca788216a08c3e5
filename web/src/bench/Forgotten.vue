<script setup lang="ts">
import { ref } from 'vue'
import { limits, type StepView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Its end was forgotten: how long it really took is asked, so that its coat dries from then and nobody learns from a night. */
const props = defineProps<{ step: StepView, now: number, busy: boolean }>()
const emit = defineEmits<{ took: [minutes: number] }>()
const { when } = useWhen()
const minutes = ref(Math.max(1, Math.round(props.step.minutes)))
</script>

<template>
  <form class="border-2 border-ink p-3 grid gap-2" @submit.prevent="emit('took', minutes)">
    <label class="flex flex-wrap items-center gap-x-3 gap-y-1 text-lg">{{
      t('bench.Forgotten.underWaySinceHowLong', [step.startedAt ? when(step.startedAt, now) : ''])
    }} <span class="inline-flex items-center gap-2"><input
      v-model.number="minutes" class="write w-24! font-semibold" type="number" name="really" required :min="limits.MinutesInput.minutes.min"
      :max="limits.MinutesInput.minutes.max"
    > {{ t('bench.Forgotten.minutes') }}</span></label>
    <button class="do" type="submit" :disabled="busy">{{ t('bench.Forgotten.doneAfterSoLong') }}</button>
  </form>
</template>
