<script setup lang="ts">
import { ref } from 'vue'
import type { StepView, TrialInput } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** What came of a hidden trial, judged dry; a bad outcome changes the plan. */
const props = defineProps<{ step: StepView, busy: boolean }>()
const emit = defineEmits<{ tried: [given: Omit<TrialInput, 'version'>] }>()
const words = useWords()
const came = ref<Record<string, string>>({})
const outcomes = (): readonly { id: string, label: string }[] => words.value?.trials.find((t) => t.id === 'T-7')?.outcomes ?? []
const label = (id: string): string => words.value?.products.find((p) => p.id === id)?.label ?? id
const note = (family: string): void => {
  const [first, ...rest] = props.step.parts.map((part) => ({ part, half: props.step.half }))
  if (first !== undefined) {
    emit('tried', { ...first, trial: 'T-7', outcome: came.value[family] ?? 'no-change', product: family, speaksFor: rest } as Omit<TrialInput, 'version'>)
  }
}
</script>

<template>
  <section v-if="words && step.tries.length > 0" class="grid gap-1 border-y border-line py-3" :aria-label="t('plan.TrialResults.whatCameOfTheTrials')">
    <h3 class="text-lg">{{ t('plan.TrialResults.whatCameOfItDry') }}</h3>
    <p v-for="family in step.tries" :key="family" class="flex flex-wrap items-center gap-x-3 text-lg">
      <span class="min-w-40">{{ label(family) }}:</span>
      <Choice
        :label="t('plan.TrialResults.outcomeOf', [label(family)])" :model-value="came[family] ?? 'no-change'" :options="outcomes()" :disabled="busy"
        @update:model-value="(id) => came[family] = id"
      />
      <button class="quiet" type="button" :disabled="busy" @click="note(family)">{{ t('plan.TrialResults.noteIt') }}</button>
    </p>
  </section>
</template>
