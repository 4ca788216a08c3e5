<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { reactive, ref } from 'vue'
import { api, Problem } from '../api/client'
import type { AirInput, AirView } from '../api/types'

/** The air in the workshop; a reading can be typed, and holds for an hour against the instrument. */
const props = defineProps<{ air: AirView | null }>()
const emit = defineEmits<{ typed: [] }>()
const form = reactive<AirInput>({ tempC: props.air?.tempC ?? 20, humidity: props.air?.humidity ?? 50, speedMs: props.air?.speedMs ?? 0.1 })
const problem = ref('')

const keep = async (close: () => void): Promise<void> => {
  try {
    await api.post<AirView>('/air', { tempC: Number(form.tempC), humidity: Number(form.humidity), speedMs: Number(form.speedMs) })
    problem.value = ''
    close()
    emit('typed')
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : 'That did not work.'
  }
}
</script>

<template>
  <Popover v-slot="{ close }" class="relative">
    <PopoverButton class="min-h-11 text-lg border-b-2 border-ink">
      <template v-if="air"><strong>{{ air.tempC.toFixed(1) }} °C</strong> · <strong>{{ air.humidity }} %</strong><span v-if="air.source === 'typed'" class="text-soft"> typed</span></template>
      <template v-else>air not read yet</template>
      <span class="sr-only"> in the workshop; type a reading</span>
    </PopoverButton>
    <PopoverPanel class="absolute right-0 z-30 mt-2 w-96 bg-raised border-2 border-ink p-5">
      <form class="grid gap-3" novalidate @submit.prevent="keep(close)">
        <p>Read it yourself? It holds for an hour, and every wait moves with it.</p>
        <div class="grid grid-cols-3 gap-3">
          <label>°C<input v-model.number="form.tempC" class="write" name="tempC" type="number" step="0.1"></label>
          <label>humidity %<input v-model.number="form.humidity" class="write" name="humidity" type="number"></label>
          <label>moves m/s<input v-model.number="form.speedMs" class="write" name="speedMs" type="number" step="0.1"></label>
        </div>
        <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
        <button class="do" type="submit">Take this reading</button>
      </form>
    </PopoverPanel>
  </Popover>
</template>
