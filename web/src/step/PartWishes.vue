<script setup lang="ts">
import { computed } from 'vue'
import type { PartView, Wish, WordsView } from '../api/types'
import { t } from '../words'

/** What the owner asks for on some parts beside aim, shine and signs of age; offered where it can be had. */
const props = defineProps<{ parts: readonly PartView[]; words: WordsView; disabled: boolean; on?: string | undefined }>()
const emit = defineEmits<{ wish: [wishes: Wish[]] }>()
const first = computed(() => props.parts[0])
const offered = computed(() => props.words.wishes.filter((w) => props.parts.some((p) => p.mayWish.includes(w.id) || p.wishes.includes(w.id))))
/** Only the mark and the whole part cannot both be had. */
const OPPOSITE: Partial<Record<Wish, Wish>> = { 'local-only': 'whole-part', 'whole-part': 'local-only' }
const toggle = (wish: Wish): void => {
  const have = first.value?.wishes ?? []
  emit('wish', have.includes(wish) ? have.filter((w) => w !== wish) : [...have.filter((w) => w !== OPPOSITE[wish]), wish])
}
</script>

<template>
  <fieldset v-if="offered.length > 0" class="flex flex-wrap gap-x-6">
    <legend class="font-semibold">{{ t('step.PartWishes.theOwnerAsksFor', [on ? t('step.PartWishes.onThe', [on]) : '']) }}</legend>
    <label v-for="w in offered" :key="w.id" class="flex items-center gap-3 min-h-11">
      <input type="checkbox" class="size-5 accent-ink" :disabled="disabled" :checked="first?.wishes.includes(w.id)" @change="toggle(w.id)">
      {{ w.label }}
    </label>
  </fieldset>
</template>
