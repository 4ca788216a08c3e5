<script setup lang="ts">
import { computed } from 'vue'
import type { BenchView, BlockView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { counted } from '../kit/counted'

/** Today as a maker's tape, one's own large and the others' narrow: blocks need hands, threads dry by themselves, bare tape is free, the awl stands at now. */
const props = defineProps<{ bench: BenchView, now: number }>()
const { time } = useWhen()
const from = computed(() => Date.parse(props.bench.dayFrom))
const until = computed(() => Date.parse(props.bench.dayUntil))
const x = (at: number): number => (1000 * (Math.min(until.value, Math.max(from.value, at)) - from.value)) / (until.value - from.value)
const hours = computed(() => {
  const marks: { x: number, label: string, whole: boolean }[] = []
  for (let t = from.value; t <= until.value; t += 900_000) {
    marks.push({ x: x(t), label: time(t), whole: (t - from.value) % 3_600_000 === 0 })
  }
  return marks
})
const drawn = (blocks: readonly BlockView[]) =>
  blocks.map((b) => ({ ...b, x: x(Date.parse(b.start)), w: Math.max(1.2, x(Date.parse(b.end)) - x(Date.parse(b.start)) - 0.6) }))
const mine = computed(() => props.bench.tapes[0])
const others = computed(() => props.bench.tapes.slice(1).filter((t) => t.today.length > 0))
/** Threads on up to three heights, so that they do not lie on each other. */
const threads = computed(() => {
  const ends = [0, 0, 0]
  return props.bench.threads
    .map((t) => ({ from: x(Date.parse(t.start)), to: x(Date.parse(t.end)), title: t.title, pieceName: t.pieceName }))
    .sort((a, b) => a.from - b.from)
    .map((t) => {
      const row = Math.max(
        0,
        ends.findIndex((e) => e <= t.from),
      )
      ends[row] = t.to
      return { ...t, row }
    })
})
const minutes = (blocks: readonly BlockView[]): number => Math.round(blocks.reduce((sum, b) => sum + (Date.parse(b.end) - Date.parse(b.start)) / 60000, 0))
const free = computed(() => {
  const ahead = (mine.value?.today ?? []).filter((b) => !b.done && Date.parse(b.end) > props.now)
  return ahead.length === 0
    ? 'nothing more for hands today'
    : `${counted(ahead.length, 'step')}, ${counted(minutes(ahead), 'minute')} by hand until ${time(until.value)}`
})
const tomorrow = computed(() => {
  const blocks = mine.value?.tomorrow ?? []
  return blocks[0] === undefined ? 'free' : `from ${time(blocks[0].start)}, ${counted(blocks.length, 'step')}, ${minutes(blocks)} min`
})
</script>

<template>
  <footer class="border-t-2 border-ink bg-raised px-6 pt-1 pb-1 hidden sm:grid grid-cols-[minmax(0,1fr)_auto]" :aria-label="`Today: ${free}`">
    <div>
      <svg viewBox="0 0 1000 62" preserveAspectRatio="none" class="w-full h-[62px] block" role="img" :aria-label="free">
        <g v-for="mark in hours" :key="mark.x">
          <path :d="`M${mark.x} 0V${mark.whole ? 14 : 7}`" stroke="currentColor" :stroke-width="mark.whole ? 1.6 : 0.8" vector-effect="non-scaling-stroke" />
        </g>
        <path
          v-for="(t, i) in threads" :key="`t${i}`" :d="`M${t.from} ${50 + 4 * t.row}H${t.to}`" stroke="currentColor" stroke-width="1.6" stroke-dasharray="1 4"
          stroke-linecap="round" vector-effect="non-scaling-stroke"
        >
          <title>{{ t.title }}, {{ t.pieceName }} dries</title>
        </path>
        <rect v-for="(b, i) in drawn(mine?.today ?? [])" :key="`b${i}`" :x="b.x" y="20" :width="b.w" height="24" :class="b.done ? 'fill-faint' : 'fill-ink'">
          <title>{{ b.title }}, {{ b.pieceName }}</title>
        </rect>
        <path :d="`M${x(now)} 62V14l-3.2 -14h6.4l-3.2 14`" class="fill-paper stroke-ink" stroke-width="2" vector-effect="non-scaling-stroke" />
      </svg>
      <div class="relative h-5 text-[.82rem] text-soft" aria-hidden="true">
        <span
          v-for="mark in hours.filter((h) => h.whole && h.x < 985)" :key="mark.x" class="absolute"
          :style="{ left: `${mark.x / 10}%` }"
        >{{ mark.label }}</span>
      </div>
      <div
        v-for="tape in others" :key="tape.person" class="relative h-4 mt-0.5"
        :aria-label="`${tape.name}: ${counted(tape.today.filter((b) => !b.done).length, 'step')} ahead`" role="img"
      >
        <svg viewBox="0 0 1000 16" preserveAspectRatio="none" class="w-full h-4 block" aria-hidden="true">
          <path d="M0 8H1000" stroke="currentColor" stroke-width="0.6" vector-effect="non-scaling-stroke" />
          <rect v-for="(b, i) in drawn(tape.today)" :key="i" :x="b.x" y="3" :width="b.w" height="10" :class="b.done ? 'fill-faint' : 'fill-ink'">
            <title>{{ tape.name }}: {{ b.title }}, {{ b.pieceName }}</title>
          </rect>
        </svg>
      </div>
    </div>
    <div class="pl-4 ml-3 border-l-4 border-double border-ink text-[.92rem] leading-tight w-44">
      <p class="h-[62px] pt-1"><span class="text-soft block">tomorrow</span><strong class="font-semibold">{{ tomorrow }}</strong></p>
      <p class="h-5 text-[.82rem] text-soft">{{ bench.brushChanges === 1 ? 'one brush change' : `${bench.brushChanges} brush changes` }} ahead</p>
      <p v-for="tape in others" :key="tape.person" class="h-4 mt-0.5 text-[.82rem] leading-4 text-soft">{{ tape.name }}</p>
    </div>
  </footer>
</template>
