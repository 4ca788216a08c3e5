<script setup lang="ts">
import { computed, ref } from 'vue'
import type { KindView, PartView, PartsInput, WordsView } from '../api/types'
import Choice from '../kit/Choice.vue'

/** What is known of a part, as a sentence with the choices inside it. */
const props = defineProps<{
  half: string
  part: string
  name: string
  parts: readonly PartView[]
  kind: KindView | undefined
  words: WordsView
  disabled: boolean
}>()
const emit = defineEmits<{ see: [parts: Omit<PartsInput, 'version'>] }>()

const alike = ref(true)
const first = computed(() => props.parts[0])
const mixed = (key: 'material' | 'certainty' | 'dryness' | 'shade'): boolean => new Set(props.parts.map((p) => p[key])).size > 1
const materials = computed(() => {
  const usual = props.kind?.parts.find((p) => p.id === first.value?.part)?.materials ?? []
  return props.words.materials.filter((m) => usual.includes(m.id))
})
const meaning = computed(() => (mixed('material') ? '' : props.words.materials.find((m) => m.id === first.value?.material)?.meaning ?? ''))
const say = (what: Omit<PartsInput, 'version' | 'places'>): void => {
  const halves = alike.value ? ['left', 'right'] : [props.half]
  emit('see', { places: halves.flatMap((half) => props.parts.map((p) => ({ part: p.part, half }))) as PartsInput['places'], ...what })
}
</script>

<template>
  <div v-if="first" class="grid gap-2 border-t-2 border-ink pt-3">
    <p class="text-xl leading-loose">
      The <strong>{{ alike ? '' : half }} {{ name }}</strong> is
      <Choice :model-value="first.material" :mixed="mixed('material')" label="Material" :disabled="disabled" :options="materials" @update:model-value="(v) => say({ material: v as PartsInput['material'] })" />,
      <Choice :model-value="first.certainty" :mixed="mixed('certainty')" label="Certainty" :disabled="disabled" :options="words.certainties" @update:model-value="(v) => say({ certainty: v as PartsInput['certainty'] })" />;
      it is <Choice :model-value="first.dryness" :mixed="mixed('dryness')" label="Dryness" :disabled="disabled" :options="words.dryness" @update:model-value="(v) => say({ dryness: v as PartsInput['dryness'] })" />,
      and <Choice :model-value="first.shade" :mixed="mixed('shade')" label="Shade" :disabled="disabled" :options="words.shades" @update:model-value="(v) => say({ shade: v as PartsInput['shade'] })" />.
    </p>
    <p v-if="meaning" class="text-soft">{{ meaning }}</p>
    <div class="flex flex-wrap gap-x-6">
      <label class="flex items-center gap-3 min-h-11"><input v-model="alike" type="checkbox" class="size-5 accent-ink"> same on both halves</label>
      <label v-for="flag in words.flags.filter((f) => f.id === 'contrast-stitching')" :key="flag.id" class="flex items-center gap-3 min-h-11">
        <input type="checkbox" class="size-5 accent-ink" :disabled="disabled" :checked="first.flags.includes(flag.id)" @change="say({ flags: (first.flags.includes(flag.id) ? first.flags.filter((f) => f !== flag.id) : [...first.flags, flag.id]) as PartsInput['flags'] })"> {{ flag.label }}
      </label>
    </div>
  </div>
</template>
