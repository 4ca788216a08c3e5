<script setup lang="ts">
import { computed } from 'vue'

/** How far the work on a piece has come: a stitch for each step that is done, holes for those to come; the last one is pulled tight as it is made. */
const props = defineProps<{ done: number, all: number }>()
const [HIGH, EDGE] = [12, 3]
/** Between two stitches, of a stitch’s length. */
const GAP = 0.2
/** Long plans have shorter stitches, never none. */
const pitch = computed(() => 400 / Math.max(1, props.all))
const x = (i: number): number => EDGE + (i * (400 - 2 * EDGE)) / Math.max(1, props.all)
</script>

<template>
  <svg :viewBox="`0 0 400 ${HIGH}`" preserveAspectRatio="none" class="block w-full h-3" aria-hidden="true">
    <circle v-for="i in all + 1" :key="`h${i}`" :cx="x(i - 1)" :cy="HIGH / 2" r="1.3" class="fill-soft" />
    <path
      v-for="i in done" :key="i" :class="i === done ? 'pulled' : ''" fill="none" class="stitch stroke-ink" stroke-linecap="round" stroke-width="3"
      vector-effect="non-scaling-stroke" :d="`M${x(i - 1) + pitch * GAP} ${HIGH / 2}H${x(i) - pitch * GAP}`"
    />
  </svg>
</template>

<style scoped>
@media (prefers-reduced-motion: no-preference) {
  .pulled { transform-box: fill-box; animation: pulled-tight .7s cubic-bezier(.3, 1.4, .5, 1); }
}
/* A slack loop of thread that is drawn down to the seam. */
@keyframes pulled-tight {
  from { translate: 0 -5px; scale: 1 3; opacity: .3; }
  60% { translate: 0 1px; opacity: 1; }
}
</style>
