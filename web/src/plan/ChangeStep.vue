<script setup lang="ts">
import { computed } from 'vue'
import { limits } from '../api/types'
import type { ChangeInput, StepView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'

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
      >Earlier</button>
      <button
        class="may" type="button" :disabled="busy || !mayFall" @click="emit('change', { change: 'move', step: step.key, before: afterNext?.key ?? null
        })"
      >Later</button>
      <button class="may" type="button" :disabled="busy" @click="emit('change', { change: 'drop', step: step.key })">Leave it out</button>
      <button class="may" type="button" :disabled="busy" @click="emit('add')">Put a step in before it…</button>
    </div>
    <p v-if="step.family && words" class="text-lg">
      It lays <Choice
        label="product" :model-value="step.family" :options="words.products" :disabled="busy"
        @update:model-value="(id) => emit('change', { change: 'swap', step: step.key, family: id })"
      />
      with <Choice
        label="applicator" :model-value="step.applicator" :options="words.applicators" :disabled="busy"
        @update:model-value="(id) => emit('change', { change: 'swap', step: step.key, family: step.family, applicator: id })"
      />,
      coats:
      <button
        class="may min-w-12" type="button" aria-label="One coat fewer" :disabled="busy || step.coats <= limits.ChangeInput.coats.min"
        @click="emit('change', { change: 'coats', step: step.key, coats: step.coats - 1 })"
      >−</button>
      <strong class="inline-block min-w-8 text-center">{{ step.coats }}</strong>
      <button
        class="may min-w-12" type="button" aria-label="One coat more" :disabled="busy || step.coats >= limits.ChangeInput.coats.max"
        @click="emit('change', { change: 'coats', step: step.key, coats: step.coats + 1 })"
      >+</button>
    </p>
    <p v-for="w in waits" :key="w.step" class="flex flex-wrap items-center gap-3">
      <span>It waits {{ span(w.minMinutes ?? 0) }} after “{{ titleOf(w.step) }}”.</span>
      <button class="may" type="button" :disabled="busy" @click="emit('change', { change: 'hurry', step: step.key, after: w.step })">Do not wait</button>
    </p>
  </div>
</template>
