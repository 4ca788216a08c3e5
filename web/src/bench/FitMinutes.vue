<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ref, shallowRef } from 'vue'
import { api, Problem } from '../api/client'
import type { FreeMinutesView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** “I have 25 minutes”: what fits into them, one thing after the other. */
const emit = defineEmits<{ take: [step: number] }>()
const { time } = useWhen()
const CHOICES = [10, 15, 25, 40, 60]
const minutes = ref(25)
const fit = shallowRef<FreeMinutesView | null>(null)
const problem = ref('')

const ask = async (): Promise<void> => {
  try {
    fit.value = await api.get<FreeMinutesView>(`/bench/fit?minutes=${minutes.value}`)
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
}
const choose = (wanted: number): void => {
  minutes.value = wanted
  void ask()
}
</script>

<template>
  <Popover v-slot="{ close }" class="relative">
    <PopoverButton class="min-h-11 text-lg border-b-2 border-ink" @click="ask">{{ t('bench.FitMinutes.iHaveMinutes', [minutes]) }}</PopoverButton>
    <PopoverPanel class="absolute top-full right-0 z-30 mt-2 w-96 max-h-[min(60vh,27rem)] overflow-y-auto bg-raised border-2 border-ink p-4 grid gap-3">
      <div class="flex gap-2" role="group" :aria-label="t('bench.FitMinutes.howManyMinutes')">
        <button
          v-for="n in CHOICES" :key="n" type="button" class="grow min-h-14 border-2 text-lg"
          :class="n === minutes ? 'border-ink bg-ink text-raised' : 'border-line'" :aria-pressed="n === minutes" @click="choose(n)"
        >{{ n }}</button>
      </div>
      <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
      <p v-else-if="fit && fit.blocks.length === 0" class="text-lg">{{ t('bench.FitMinutes.nothingThatMayBeginNow') }}</p>
      <ol v-else-if="fit" class="grid">
        <li v-for="(block, i) in fit.blocks" :key="block.step" class="border-b border-line last:border-0">
          <component
            :is="i === 0 ? 'button' : 'div'" :type="i === 0 ? 'button' : undefined" class="w-full text-left flex gap-3 py-2 leading-tight"
            @click="i === 0 && (emit('take', block.step), close())"
          >
            <span class="tabular-nums font-semibold">{{ time(block.start) }}</span>
            <span class="grow">{{ block.title }}<span class="text-soft block text-[.92rem]">{{ block.pieceName }}</span></span>
            <span class="text-soft">{{ t('bench.FitMinutes.min', [Math.round((Date.parse(block.end) - Date.parse(block.start)) / 60000)]) }}</span>
          </component>
        </li>
      </ol>
    </PopoverPanel>
  </Popover>
</template>
