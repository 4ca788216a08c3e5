<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Vessel } from './vessels'

/** A bottle, a tube, a tin, drawn: how full it is, and of what colour. */
const props = defineProps<{ vessel: Vessel, hex: string | null, level: number, old?: boolean }>()
const SHAPES: Record<Vessel, { body: string, cap: string, from: number, to: number }> = {
  bottle: { body: 'M22 34c0-6 8-7 8-13h12c0 6 8 7 8 13v56H22z', cap: 'M29 8h14v13H29z', from: 30, to: 90 },
  tube: { body: 'M24 24h24l6 60H18z', cap: 'M30 10h12v14H30z', from: 24, to: 84 },
  jar: { body: 'M16 42h40v48H16z', cap: 'M14 30h44v12H14z', from: 42, to: 90 },
  tin: { body: 'M12 56h48v34H12z', cap: 'M10 48h52v8H10z', from: 56, to: 90 },
  can: { body: 'M24 30c0-6 24-6 24 0v60H24z', cap: 'M29 10h14v16H29z', from: 28, to: 90 },
  bag: { body: 'M18 40c-3 16-4 34-2 50h40c2-16 1-34-2-50z', cap: 'M22 28l28 0-4 12H26z', from: 40, to: 90 },
  spool: { body: 'M22 42h28v40H22z', cap: 'M16 34h40v8H16zM16 82h40v8H16z', from: 42, to: 82 },
  roll: { body: 'M36 44a23 23 0 1 0 .01 0zm0 14a9 9 0 1 1-.01 0z', cap: '', from: 44, to: 90 },
}
const shape = computed(() => SHAPES[props.vessel])
const top = computed(() => shape.value.to - (shape.value.to - shape.value.from) * props.level)
const id = useId()
</script>

<template>
  <svg viewBox="0 0 72 94" aria-hidden="true" fill-rule="evenodd">
    <defs>
      <clipPath :id="`${id}-in`"><path :d="shape.body" /></clipPath>
      <pattern :id="`${id}-old`" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0h7" stroke="var(--ink)" stroke-width="2" />
      </pattern>
    </defs>
    <path :d="shape.body" fill="var(--raised)" />
    <g :clip-path="`url(#${id}-in)`">
      <rect x="0" :y="top" width="72" :height="94 - top" :fill="hex ?? 'var(--metal)'" />
      <rect v-if="old" x="0" :y="top" width="72" :height="94 - top" :fill="`url(#${id}-old)`" opacity=".55" />
    </g>
    <path :d="shape.body" fill="none" stroke="var(--drawn)" stroke-width="2" stroke-linejoin="round" :stroke-dasharray="level <= 0 ? '4 3' : undefined" />
    <path v-if="shape.cap" :d="shape.cap" fill="var(--soft)" stroke="var(--drawn)" stroke-width="2" stroke-linejoin="round" />
  </svg>
</template>
