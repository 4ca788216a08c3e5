<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { FindingInput, WordsView } from '../api/types'

/** Marks what is wrong at a place: what, how much it shows, how large. */
const props = defineProps<{
  words: WordsView
  half: string
  part: string
  busy: boolean
  mark: (finding: Omit<FindingInput, 'version'>) => Promise<boolean>
}>()

const groups = computed(() => [...new Set(props.words.findings.map((f) => f.group))])
const group = ref('surface')
const kind = ref<string | null>(null)
const form = reactive<{ severity: number, lengthMm: number | '', widthMm: number | '', depthMm: number | '' }>({ severity: 2, lengthMm: '', widthMm: '', depthMm: '' })
const offered = computed(() => props.words.findings.filter((f) => f.group === group.value))
const chosen = computed(() => props.words.findings.find((f) => f.id === kind.value))
const number = (value: number | ''): number | null => (value === '' ? null : value)

const set = async (): Promise<void> => {
  const done = await props.mark({
    part: props.part as FindingInput['part'],
    half: props.half as FindingInput['half'],
    kind: kind.value as FindingInput['kind'],
    severity: form.severity,
    lengthMm: number(form.lengthMm),
    widthMm: number(form.widthMm),
    depthMm: number(form.depthMm),
  })
  if (done) {
    kind.value = null
    Object.assign(form, { severity: 2, lengthMm: '', widthMm: '', depthMm: '' })
  }
}
</script>

<template>
  <form class="grid gap-3 border-t border-line pt-3" novalidate @submit.prevent="set">
    <div class="flex items-baseline gap-x-1 flex-wrap" role="group" aria-label="What is wrong on the drawn half">
      <span class="font-semibold mr-2">On the {{ half }}, something is wrong:</span>
      <button v-for="g in groups" :key="g" type="button" class="quiet" :class="g === group ? 'font-bold no-underline! bg-raised' : ''" :aria-pressed="g === group" @click="group = g; kind = null">{{ g }}</button>
    </div>
    <div class="flex flex-wrap gap-2">
      <button v-for="f in offered" :key="f.id" type="button" class="may px-3!" :class="f.id === kind ? 'bg-ink! text-raised!' : ''" :aria-pressed="f.id === kind" @click="kind = f.id">{{ f.label }}</button>
    </div>
    <template v-if="chosen">
      <div class="flex flex-wrap gap-2" role="group" aria-label="How much it shows">
        <button v-for="s in words.severities.slice(1)" :key="s.id" type="button" class="may px-3! flex-col! gap-0! py-1.5" :class="Number(s.id) === form.severity ? 'bg-ink! text-raised!' : ''" :aria-pressed="Number(s.id) === form.severity" @click="form.severity = Number(s.id)">
          <svg width="44" height="10" aria-hidden="true"><path d="M4 7C14 2 26 8 40 3" fill="none" stroke="currentColor" :stroke-width="0.8 + 0.9 * Number(s.id)" stroke-linecap="round" /></svg>
          <span class="text-[.85rem]">{{ s.label }}</span>
        </button>
      </div>
      <div class="flex flex-wrap items-end gap-3">
        <template v-if="chosen.hasSize">
          <label>length, mm<input v-model.number="form.lengthMm" class="write block w-28!" name="lengthMm" type="number" min="0" step="0.5"></label>
          <label>width, mm<input v-model.number="form.widthMm" class="write block w-28!" name="widthMm" type="number" min="0" step="0.5"></label>
          <label v-if="chosen.id === 'gouge'">depth, mm<input v-model.number="form.depthMm" class="write block w-28!" name="depthMm" type="number" min="0" step="0.1"></label>
        </template>
        <button class="do grow" type="submit" :disabled="busy">Mark {{ chosen.label }}</button>
      </div>
    </template>
  </form>
</template>
