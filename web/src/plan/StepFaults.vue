<script setup lang="ts">
import { ref, watch } from 'vue'
import type { FaultView } from '../api/types'
import { t } from '../words'

/** What the rules say to a step that hands have put here: a stop or a warning, the smallest mend, or a word why it is right. */
const props = defineProps<{ faults: readonly FaultView[], may: boolean, busy: boolean }>()
const emit = defineEmits<{ mend: [rule: string], override: [rule: string, reason: string] }>()
const asking = ref<string | null>(null)
const reason = ref('')
watch(() => props.faults, () => {
  asking.value = null
  reason.value = ''
})
</script>

<template>
  <section v-for="f in faults" :key="f.rule" class="grid gap-2" :aria-label="`${f.rule}: ${f.message}`">
    <p :class="f.stops && f.reason === null ? 'stop' : 'caution'" class="text-lg"><strong>{{ f.rule }}</strong> {{ f.message }}
      <span class="block text-[.95rem]">{{ f.because }}</span></p>
    <p v-if="f.reason !== null">{{ t('plan.StepFaults.goneOverAllTheSame', [f.reason]) }}</p>
    <div v-else-if="may" class="flex flex-wrap gap-3">
      <button class="do" type="button" :disabled="busy" @click="emit('mend', f.rule)">{{ t('plan.StepFaults.mendIt') }}</button>
      <button class="may" type="button" :disabled="busy" @click="asking = f.rule">{{ t('plan.StepFaults.doItAllTheSame') }}</button>
    </div>
    <form v-if="asking === f.rule" class="grid gap-2" @submit.prevent="emit('override', f.rule, reason)">
      <label class="grid gap-1 font-semibold">{{ t('plan.StepFaults.whyIsItRightHere') }}
        <input v-model="reason" class="write font-normal" name="reason" required>
      </label>
      <button class="may justify-self-start" type="submit" :disabled="busy || reason.trim() === ''">{{ t('plan.StepFaults.keepItAndNoteWhy') }}</button>
    </form>
  </section>
</template>
