<script setup lang="ts">
import { computed } from 'vue'
import { limits } from '../api/types'
import type { ChangeInput, StepView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** Changing a step by hand: its place, its product, its coats, its wait. */
const props = defineProps<{ step: StepView, steps: readonly StepView[], busy: boolean }>()
const emit = defineEmits<{ change: [given: Omit<ChangeInput, 'version'>], add: [] }>()
const words = useWords()
const { span } = useWhen()
const index = computed(() => props.steps.findIndex((s) => s.key === props.step.key))
const before = computed(() => props.steps[index.value - 1])
const afterNext = computed(() => props.steps[index.value + 2])
const mayRise = computed(() => before.value?.status === 'open')
const mayFall = computed(() => index.value < props.steps.length - 1)
const waits = computed(() => props.step.waits.filter((w) => (w.minMinutes ?? 0) > 0))
const titleOf = (key: string): string => props.steps.find((s) => s.key === key)?.title ?? key
</script>

<template>
  <div class="grid gap-3 border-y border-line py-3">
    <div class="flex flex-wrap gap-3">
      <button
        class="may" type="button" :disabled="busy || !mayRise" @click="emit('change', { change: 'move', step: step.key, before: before?.key ?? null
        })"
      >{{ t('plan.ChangeStep.earlier') }}</button>
      <button
        class="may" type="button" :disabled="busy || !mayFall" @click="emit('change', { change: 'move', step: step.key, before: afterNext?.key ?? null
        })"
      >{{ t('plan.ChangeStep.later') }}</button>
      <button class="may" type="button" :disabled="busy" @click="emit('change', { change: 'drop', step: step.key })">{{
        t('plan.ChangeStep.leaveItOut')
      }}</button>
      <button class="may" type="button" :disabled="busy" @click="emit('add')">{{ t('plan.ChangeStep.putAStepInBefore') }}</button>
    </div>
    <p v-if="step.family && words" class="text-lg">
      {{ t('plan.ChangeStep.itLays') }} <Choice
        :label="t('plan.ChangeStep.product')" :model-value="step.family" :options="words.products" :disabled="busy"
        @update:model-value="(id) => emit('change', { change: 'swap', step: step.key, family: id })"
      />
      {{ t('plan.ChangeStep.with') }} <Choice
        :label="t('plan.ChangeStep.applicator')" :model-value="step.applicator" :options="words.applicators" :disabled="busy"
        @update:model-value="(id) => emit('change', { change: 'swap', step: step.key, family: step.family, applicator: id })"
      />{{ t('plan.ChangeStep.coats') }}
      <button
        class="may min-w-12" type="button" :aria-label="t('plan.ChangeStep.oneCoatFewer')" :disabled="busy || step.coats <= limits.ChangeInput.coats.min"
        @click="emit('change', { change: 'coats', step: step.key, coats: step.coats - 1 })"
      >−</button>
      <strong class="inline-block min-w-8 text-center">{{ step.coats }}</strong>
      <button
        class="may min-w-12" type="button" :aria-label="t('plan.ChangeStep.oneCoatMore')" :disabled="busy || step.coats >= limits.ChangeInput.coats.max"
        @click="emit('change', { change: 'coats', step: step.key, coats: step.coats + 1 })"
      >+</button>
    </p>
    <p v-for="w in waits" :key="w.step" class="flex flex-wrap items-center gap-3">
      <span>{{ t('plan.ChangeStep.itWaitsAfter', [span(w.minMinutes ?? 0), titleOf(w.step)]) }}</span>
      <button class="may" type="button" :disabled="busy" @click="emit('change', { change: 'hurry', step: step.key, after: w.step })">{{
        t('plan.ChangeStep.doNotWait')
      }}</button>
    </p>
  </div>
</template>
