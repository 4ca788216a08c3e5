<script setup lang="ts">
import { computed } from 'vue'
import { useWords } from '../kit/useWords'
import { drawings } from './kinds'
import Silhouette from './Silhouette.vue'

/** Every kind, at every size, empty and filled: the page to look at when a drawing changes. */
const words = useWords()
const kinds = Object.keys(drawings)
const samples = ['#2f2a28', '#5b3a2a', '#8a5a35', '#a97f4f', '#5a2a2c']
const filled = computed(() => Object.fromEntries(kinds.map((kind, i) => [kind, Object.fromEntries((drawings[kind]?.parts ?? []).map((p) => [p.part, p.part === 'lining' || p.part === 'insole' || p.part === 'welt' ? '#c9a67c' : p.part === 'heel-stack' || p.part === 'sole-edge' ? '#3d2c24' : samples[i % samples.length] ?? '#555']))])))
const label = (kind: string): string => words.value?.kinds.find((k) => k.id === kind)?.label ?? kind
</script>

<template>
  <main class="p-8 grid gap-10">
    <section v-for="kind in kinds" :key="kind" class="grid gap-3">
      <h2 class="text-2xl">{{ label(kind) }}</h2>
      <div class="flex items-end gap-6">
        <div class="w-16"><Silhouette :kind="kind" half="right" :weight="2" /></div>
        <div class="w-50"><Silhouette :kind="kind" half="left" :colours="filled[kind] ?? {}" /></div>
        <div class="w-50"><Silhouette :kind="kind" half="right" :colours="filled[kind] ?? {}" :wet="{ vamp: 1, toe: 0.4, quarter: 0.15 }" /></div>
        <div class="w-150"><Silhouette :kind="kind" half="right" /></div>
      </div>
    </section>
  </main>
</template>
