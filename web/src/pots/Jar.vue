<script setup lang="ts">
import { computed, useId } from 'vue'
import DropShape from './DropShape.vue'

/** The jar as it stands on the bench: how full it is, of what, up to where the job needs it, and the drop that falls next. */
const props = defineProps<{ drops: number, capacity: number, need: number, hex: string | null, next: string | null, label: string }>()
const FLOOR = 142
const HIGH = 96
const id = useId()
const at = (drops: number): number => FLOOR - HIGH * Math.min(1, Math.max(0, drops / Math.max(1, props.capacity)))
/** A first drop is seen, however large the jar. */
const level = computed(() => (props.drops > 0 ? Math.min(FLOOR - 2, at(props.drops)) : FLOOR))
</script>

<template>
  <figure class="relative w-32" role="img" :aria-label="label">
    <DropShape v-if="next" class="absolute left-1/2 -translate-x-1/2 -top-1" :hex="next" :size="20" aria-hidden="true" />
    <svg viewBox="0 0 100 150" class="w-full" aria-hidden="true">
      <clipPath :id="id"><path d="M24 28H76V34C90 39 92 46 92 56V132Q92 142 82 142H18Q8 142 8 132V56C8 46 10 39 24 34Z" /></clipPath>
      <rect v-if="hex && drops > 0" class="level" x="0" width="100" :y="level" :height="FLOOR - level" :fill="hex" :clip-path="`url(#${id})`" />
      <path v-if="need > 0 && need < capacity" class="mark" :d="`M8 ${at(need)}H92`" />
      <path class="glass" d="M24 28H76V34C90 39 92 46 92 56V132Q92 142 82 142H18Q8 142 8 132V56C8 46 10 39 24 34Z" />
      <path class="glass" d="M20 24H80" />
    </svg>
  </figure>
</template>

<style scoped>
.glass { fill: none; stroke: var(--dark, #171717); stroke-width: 3; stroke-linejoin: round; stroke-linecap: round; }
.mark { fill: none; stroke: var(--dark, #171717); stroke-width: 2; stroke-dasharray: 5 4; }
.level { transition: y .5s, height .5s; }
@media (prefers-reduced-motion: reduce) { .level { transition: none; } }
</style>
