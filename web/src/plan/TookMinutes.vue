<script setup lang="ts">
import { ref, watch } from 'vue'
import { limits, type StepView } from '../api/types'
import { counted } from '../kit/counted'
import { t } from '../words'

/** How long a step took, put right by whoever worked it. */
const props = defineProps<{ step: StepView, busy: boolean }>()
const emit = defineEmits<{ took: [minutes: number] }>()
const open = ref(false)
const minutes = ref(1)
watch(() => props.step.key + String(props.step.tookMinutes), () => {
  open.value = false
  minutes.value = props.step.tookMinutes ?? 1
}, { immediate: true })
</script>

<template>
  <p v-if="step.tookMinutes !== null && !open" class="flex flex-wrap items-baseline gap-x-3">{{ t('plan.TookMinutes.itTook') }}
    <strong>{{ counted(step.tookMinutes, 'minute') }}</strong> {{ t('plan.TookMinutes.of', [Math.round(step.minutes)]) }}
    <button class="quiet" type="button" @click="open = true">{{ t('plan.TookMinutes.putTheMinutesRight') }}</button></p>
  <form v-else-if="step.tookMinutes !== null" class="flex flex-wrap items-center gap-3" @submit.prevent="emit('took', minutes)">
    <label class="flex items-center gap-3">{{ t('plan.TookMinutes.itReallyTook') }} <input
      v-model.number="minutes" class="write w-24!" type="number" name="took" required :min="limits.MinutesInput.minutes.min"
      :max="limits.MinutesInput.minutes.max"
    > {{ t('plan.TookMinutes.minutes') }}</label>
    <button class="may" type="submit" :disabled="busy">{{ t('plan.TookMinutes.putRight') }}</button>
    <button class="quiet" type="button" @click="open = false">{{ t('plan.TookMinutes.leaveIt') }}</button>
  </form>
</template>
