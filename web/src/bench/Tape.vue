<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BenchView, TapeView } from '../api/types'
import { counted } from '../kit/counted'
import Standing from '../drawing/Standing.vue'
import { useWhen } from '../session/useWhen'
import { handMinutes, sittings, type Sitting } from '../step/sittings'
import { t } from '../words'

/** The day of these pieces: whose each stretch of work is, what dries by itself, when nobody works; one's own large, the others' below. */
const props = defineProps<{ bench: BenchView, now: number }>()
const { time } = useWhen()
const from = computed(() => Date.parse(props.bench.dayFrom))
const until = computed(() => Date.parse(props.bench.dayUntil))
/** Where a moment lies, in hundredths of the tape. */
const x = (at: number | string): number => {
  const moment = typeof at === 'number' ? at : Date.parse(at)
  return (100 * (Math.min(until.value, Math.max(from.value, moment)) - from.value)) / (until.value - from.value)
}
const ALL_SAID = 12
const hours = computed(() => {
  const marks: { x: number, label: string }[] = []
  for (let t = from.value; t < until.value; t += 3_600_000) {
    marks.push({ x: x(t), label: time(t) })
  }
  // Of a long day every other hour is said.
  return marks.map((mark, i) => (marks.length > ALL_SAID && i % 2 === 1 ? { ...mark, label: '' } : mark))
})
/** A drawing of a piece takes so much of the tape; where two would stand in each other's way the second is told by its colour. */
const DRAWING = 4.2
const LEAST = 0.5
const MAIN = '#8a8a8a'
const rack = computed(() => new Map(props.bench.rack.map((p) => [p.piece, p])))
const colour = (piece: number): string => {
  const parts = new Map<string, number>()
  for (const c of rack.value.get(piece)?.colours ?? []) parts.set(c.hex, (parts.get(c.hex) ?? 0) + c.parts.length)
  return [...parts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? MAIN
}
interface Drawn extends Sitting {
  readonly person: string, readonly x: number, readonly w: number, readonly piece: number, readonly done: boolean, readonly hex: string
  /** where its piece stands over it, if it does */
  readonly stands: number | null
}
const drawn = (tape: TapeView): Drawn[] => {
  let last: { at: number, piece: number } | null = null
  return sittings(tape.today).map((s) => {
    const piece = s.blocks[0]?.piece ?? 0
    const [from, wide] = [x(s.start), Math.max(LEAST, x(s.end) - x(s.start))]
    const at = Math.min(100 - DRAWING / 2, Math.max(DRAWING / 2, from + wide / 2))
    // A piece that is gone on with at once stands there already.
    const stands = rack.value.has(piece) && (last === null || at - last.at >= (last.piece === piece ? 2 * DRAWING : DRAWING))
    if (stands) {
      last = { at, piece }
    }
    return {
      ...s, person: tape.name, x: from, w: wide, piece, done: s.blocks.every((b) => b.done), hex: colour(piece), stands: stands ? at : null,
    }
  })
}
const tapes = computed(() => props.bench.tapes.filter((t, i) => i === 0 || t.today.length > 0).map((t) => ({ ...t, drawn: drawn(t), closed: closed(t) })))
/** Where nobody of them works: before, between and after their hours. */
const closed = (tape: TapeView): { x: number, w: number }[] => {
  const edges = [0, ...tape.hours.flatMap((h) => [x(h.start), x(h.end)]), 100]
  return edges.flatMap((edge, i) => (i % 2 === 0 && (edges[i + 1] ?? edge) - edge > 0.1 ? [{ x: edge, w: (edges[i + 1] ?? edge) - edge }] : []))
}
/** Threads on up to three heights, so that they do not lie on each other. */
const threads = computed(() => {
  const ends = [0, 0, 0]
  return props.bench.threads
    .map((t) => ({ from: x(t.start), to: x(t.end), title: t.title, pieceName: t.pieceName }))
    .sort((a, b) => a.from - b.from)
    .map((t) => {
      const row = Math.max(0, ends.findIndex((e) => e <= t.from))
      ends[row] = t.to
      return { ...t, row }
    })
})
const ahead = computed(() => {
  const blocks = (props.bench.tapes[0]?.today ?? []).filter((b) => !b.done && Date.parse(b.end) > props.now)
  return blocks.length === 0
    ? t('bench.Tape.nothingMoreForHandsToday')
    : t('bench.Tape.byHandToday', [counted(blocks.length, 'step'), counted(handMinutes(blocks), 'minute')])
})
const tomorrow = computed(() => {
  const blocks = props.bench.tapes[0]?.tomorrow ?? []
  return blocks[0] === undefined ? 'free' : t('bench.Tape.fromMin', [time(blocks[0].start), counted(blocks.length, 'step'), handMinutes(blocks)])
})
/** What a finger, the pointer or the arrows have come to, in words. */
const read = ref<Drawn | null>(null)
/** The stretch of a tape that lies nearest to where it is touched: some are narrower than a finger. */
const nearest = (event: MouseEvent, drawnHere: readonly Drawn[]): void => {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const at = (100 * (event.clientX - box.left)) / Math.max(1, box.width)
  const away = (s: Drawn): number => Math.max(0, s.x - at, at - s.x - s.w)
  read.value = [...drawnHere].sort((a, b) => away(a) - away(b))[0] ?? null
}
const along = (event: KeyboardEvent, drawnHere: readonly Drawn[]): void => {
  const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
  if (step !== 0 && drawnHere.length > 0) {
    const here = drawnHere.findIndex((s) => s.start === read.value?.start && s.person === read.value.person)
    read.value = drawnHere[here < 0 ? 0 : Math.min(drawnHere.length - 1, Math.max(0, here + step))] ?? null
    event.preventDefault()
  }
}
const told = (s: Drawn): string =>
  t('bench.Tape.to', [s.person, time(s.start), time(s.end), s.pieceName, s.blocks.length === 1 ? s.blocks[0]?.title ?? '' : counted(s.blocks.length, 'step')])
</script>

<template>
  <footer
    class="border-t-2 border-ink bg-raised pl-6 pr-4 pt-1 pb-1 hidden sm:grid grid-cols-[4rem_minmax(0,1fr)] gap-x-2 lg:col-start-1"
    :aria-label="t('bench.Tape.today', [ahead])"
  >
    <span />
    <div class="relative h-5 text-[.82rem] text-soft leading-5" aria-hidden="true">
      <span v-for="mark in hours" :key="mark.x" class="absolute border-l border-line pl-1 h-full" :style="{ left: `${mark.x}%` }">{{ mark.label }}</span>
      <span v-if="read" class="absolute inset-x-0 top-0 bg-raised text-ink truncate font-semibold">{{ told(read) }}</span>
    </div>
    <template v-for="(tape, row) in tapes" :key="tape.person">
      <span class="text-[.82rem] leading-tight text-soft self-center truncate col-start-1">{{ tape.name.split(' ')[0] }}</span>
      <div
        class="relative col-start-2" :class="row === 0 ? 'h-14' : 'h-8 mt-0.5'" role="group" :tabindex="tape.drawn.length > 0 ? 0 : undefined"
        @mousemove="nearest($event, tape.drawn)" @click="nearest($event, tape.drawn)" @mouseleave="read = null" @blur="read = null"
        @keydown="along($event, tape.drawn)"
        :aria-label="t('bench.Tape.ahead2', [tape.name, counted(tape.today.filter((b) => !b.done).length, 'step')])"
      >
        <span class="absolute inset-x-0 border-b-2 border-soft" :class="row === 0 ? 'top-10' : 'bottom-0'" />
        <span
          v-for="gap in tape.closed" :key="gap.x" class="absolute closed" :class="row === 0 ? 'top-0 h-10' : 'inset-y-0'"
          :style="{ left: `${gap.x}%`, width: `${gap.w}%` }" :title="t('bench.Tape.nobodyWorks')"
        />
        <span
          v-for="s in tape.drawn" :key="s.start" class="absolute flex items-end justify-center overflow-hidden stretch" role="img" :aria-label="told(s)"
          :class="[row === 0 ? 'h-10 top-0' : 'h-8 top-0', s.done ? 'opacity-50' : '']" :style="{ left: `${s.x}%`, width: `${s.w}%` }"
        >
          <span class="absolute inset-x-px bottom-0 border border-ink h-2" :style="{ backgroundColor: s.hex }" />
        </span>
        <template v-for="s in tape.drawn" :key="`p${s.start}`">
          <Standing
            v-if="s.stands !== null" class="stands absolute -translate-x-1/2 pointer-events-none" :class="[row === 0 ? 'h-7 top-1' : 'h-6 top-0', s.done ?
              'opacity-50' : '']" :style="{ left: `${s.stands}%`, width: `${DRAWING}%` }" :kind="rack.get(s.piece)!.kind"
            :colours="rack.get(s.piece)!.colours" :weight="0.8" aria-hidden="true"
          />
        </template>
        <template v-if="row === 0">
          <span
            v-for="(thread, i) in threads" :key="`t${i}`" class="absolute thread" :title="t('bench.Tape.dries', [thread.title, thread.pieceName])"
            :style="{ left: `${thread.from}%`, width: `${thread.to - thread.from}%`, top: `${44 + 4 * thread.row}px` }"
          />
          <span class="absolute -top-1 bottom-0 border-l-[3px] border-ink" :style="{ left: `${x(now)}%` }" aria-hidden="true" />
        </template>
      </div>
    </template>
    <p class="col-start-2 leading-snug pt-0.5">
      <span class="text-soft">{{ t('bench.Tape.tomorrow') }}</span> <strong class="font-semibold">{{ tomorrow }}</strong>,
      <span class="text-soft">{{
        t('bench.Tape.ahead', [bench.brushChanges === 1 ? t('bench.Tape.oneBrushChange') : t('bench.Tape.brushChanges', [bench.brushChanges])])
      }}</span>
    </p>
  </footer>
</template>

<style scoped>
.closed { background: repeating-linear-gradient(135deg, var(--line) 0 1px, transparent 1px 9px); }
.thread { border-top: 2px dotted var(--ink); }
</style>
