<script setup lang="ts">
import { ref, watch } from 'vue'
import { limits, type StepView } from '../api/types'
import { counted } from '../kit/counted'

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
  <p v-if="step.tookMinutes !== null && !open" class="flex flex-wrap items-baseline gap-x-3">It took
    <strong>{{ counted(step.tookMinutes, 'minute') }}</strong> of {{ Math.round(step.minutes) }}.
    <button class="quiet" type="button" @click="open = true">Put the minutes right</button></p>
  <form v-else-if="step.tookMinutes !== null" class="flex flex-wrap items-center gap-3" @submit.prevent="emit('took', minutes)">
    <label class="flex items-center gap-3">It really took <input
      v-model.number="minutes" class="write w-24!" type="number" name="took" required :min="limits.MinutesInput.minutes.min"
      :max="limits.MinutesInput.minutes.max"
    > minutes</label>
    <button class="may" type="submit" :disabled="busy">Put right</button>
    <button class="quiet" type="button" @click="open = false">Leave it</button>
  </form>
</template>
