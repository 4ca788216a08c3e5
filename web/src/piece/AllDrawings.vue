<script setup lang="ts">
import type { Half, Kind, PartName } from '../api/types'
import { computed } from 'vue'
import { useWords } from '../kit/useWords'
import { drawings } from '../drawing/kinds'
import Silhouette from '../drawing/Silhouette.vue'
import { t } from '../words'

/** Every kind, at every size, empty and filled, from both sides: the page to look at when a drawing changes. */
const words = useWords()
const kinds = Object.keys(drawings) as Kind[]
const samples = ['#2f2a28', '#5b3a2a', '#8a5a35', '#a97f4f', '#5a2a2c', '#6d6a55']
const PALE: readonly PartName[] = ['lining', 'insole', 'welt', 'laces', 'stitching', 'flesh-side', 'holes', 'marks', 'midsole', 'badges']
const METAL: readonly PartName[] = ['hardware', 'buckle', 'hooks', 'zip', 'zips']
const colour = (part: PartName, i: number): string =>
  METAL.includes(part)
    ? '#9b9890'
    : PALE.includes(part)
      ? '#c9a67c'
      : part === 'heel-stack' || part === 'sole-edge'
        ? '#3d2c24'
        : (samples[i % samples.length] ?? '#555')
const filled = computed(() =>
  Object.fromEntries(
    kinds.map((kind, i) => {
      const drawing = drawings[kind]
      return [kind, Object.fromEntries([...drawing.parts, ...(drawing.other?.parts ?? [])].map((p) => [p.part, colour(p.part, i)]))]
    }),
  ),
)
const label = (kind: Kind): string => words.value?.kinds.find((k) => k.id === kind)?.label ?? kind
/** Parts that a kind has and no side of its drawing shows. */
const undrawn = (kind: Kind): string[] => {
  const drawing = drawings[kind]
  const drawn = [...drawing.parts, ...(drawing.other?.parts ?? [])].map((p) => p.part)
  return (words.value?.kinds.find((k) => k.id === kind)?.parts ?? []).filter((p) => p.usual).map((p) => p.id).filter((p) => !drawn.includes(p))
}
const half = (kind: Kind, side: Half): Half => (words.value?.kinds.find((k) => k.id === kind)?.halves.includes('left') === false ? 'whole' : side)
</script>

<template>
  <main class="p-8 grid gap-8">
    <section v-for="kind in kinds" :key="kind" class="grid gap-2" :data-kind="kind">
      <h2 class="text-2xl">{{ label(kind) }} <span v-if="undrawn(kind).length > 0" class="undrawn font-bold">{{
        t('piece.AllDrawings.notDrawn', [undrawn(kind).join(', ')])
      }}</span>
      </h2>
      <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div class="w-16"><Silhouette :kind="kind" :half="half(kind, 'right')" :weight="2" /></div>
        <div class="w-60"><Silhouette :kind="kind" :half="half(kind, 'left')" :colours="filled[kind] ?? {}" /></div>
        <div class="w-60">
          <Silhouette
            :kind="kind" :half="half(kind, 'right')" turned :colours="filled[kind] ?? {}" :wet="{ vamp: 1, toe: 0.4, quarter: 0.15, front: 1, body: 0.4 }"
          />
        </div>
        <div class="w-120"><Silhouette :kind="kind" :half="half(kind, 'right')" /></div>
      </div>
    </section>
  </main>
</template>
