<script setup lang="ts">
import { computed, ref } from 'vue'
import { t } from '../words'

/** A field to sign in, by finger, pen or mouse: 600 × 200, as it is kept. */
const strokes = defineModel<[number, number][][]>({ required: true })
const field = ref<SVGSVGElement | null>(null)
const drawing = ref(false)
const path = computed(() => strokes.value.filter((s) => s.length > 0).map((s) => `M${s.map(([x, y]) => `${x} ${y}`).join('L')}`).join(''))

const point = (event: PointerEvent): [number, number] | null => {
  const box = field.value?.getBoundingClientRect()
  return box === undefined ? null : [
    Math.min(600, Math.max(0, Math.round(((event.clientX - box.left) / box.width) * 600))),
    Math.min(200, Math.max(0, Math.round(((event.clientY - box.top) / box.height) * 200))),
  ]
}
const begin = (event: PointerEvent): void => {
  const at = point(event)
  if (at !== null) {
    field.value?.setPointerCapture(event.pointerId)
    drawing.value = true
    strokes.value = [...strokes.value, [at]]
  }
}
const go = (event: PointerEvent): void => {
  const at = point(event)
  const last = strokes.value.at(-1)
  if (drawing.value && at !== null && last !== undefined) {
    strokes.value = [...strokes.value.slice(0, -1), [...last, at]]
  }
}
</script>

<template>
  <svg
    ref="field" viewBox="0 0 600 200" class="w-full max-w-150 bg-raised border-2 border-ink touch-none cursor-crosshair" role="img"
    :aria-label="t('step.SignaturePad.fieldForTheSignature')"
    @pointerdown.prevent="begin" @pointermove.prevent="go" @pointerup="drawing = false" @pointercancel="drawing = false"
  >
    <path d="M40 156H560" stroke="currentColor" stroke-opacity=".4" stroke-dasharray="3 5" />
    <path d="M40 140l10 10m0-10l-10 10" stroke="currentColor" stroke-width="2" />
    <path :d="path" fill="none" stroke="currentColor" stroke-width="3" stroke-linecap="round" stroke-linejoin="round" />
  </svg>
</template>
