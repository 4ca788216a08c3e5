<script setup lang="ts">
import { computed } from 'vue'
import type { CoatView, RackPieceView } from '../api/types'
import { colourMap } from '../counter/colours'
import Silhouette from '../drawing/Silhouette.vue'
import { useWhen } from '../kit/useWhen'

/** A pair on the shelf: as wet as it is, with what it waits for in one line of words. */
const props = defineProps<{ piece: RackPieceView, now: number, chosen: boolean }>()
const emit = defineEmits<{ take: [], test: [step: { id: number, version: number }, answer: 'passed' | 'not-yet'] }>()
const { when, time } = useWhen()

/** 1 when just laid, half at the touch, nothing once it is ready for the next. */
const wetness = (coat: CoatView): number => {
  const laid = Date.parse(coat.laidAt)
  const touch = coat.touchAt === null ? Infinity : Date.parse(coat.touchAt)
  const next = coat.nextAt === null ? Infinity : Date.parse(coat.nextAt)
  if (props.now < touch) {
    return 1 - 0.5 * Math.min(1, (props.now - laid) / Math.max(1, touch - laid))
  }
  return props.now < next ? 0.5 * (1 - (props.now - touch) / Math.max(1, next - touch)) : 0
}
const wet = (half: string): Record<string, number> => {
  const found: Record<string, number> = {}
  for (const coat of props.piece.coats) {
    if (coat.half === half || coat.half === 'both') {
      for (const part of coat.parts) {
        found[part] = Math.max(found[part] ?? 0, wetness(coat))
      }
    }
  }
  return found
}
const sides = computed(() => ['left', 'right'].map((half) => {
  const coat = props.piece.coats.find((c) => (c.half === half || c.half === 'both') && (c.gateAt !== null || (c.nextAt !== null && Date.parse(c.nextAt) > props.now) || c.nextAt === null))
  return { half, coat, share: coat ? travelled(coat) : 0 }
}))
/** How far the mark has travelled between the brackets: from laying to ready. */
const travelled = (coat: CoatView): number => {
  const end = coat.gateAt ?? coat.nextAt
  return end === null ? 0 : Math.min(1, Math.max(0, (props.now - Date.parse(coat.laidAt)) / Math.max(1, Date.parse(end) - Date.parse(coat.laidAt))))
}
const early = (coat: CoatView): boolean => coat.gateAt !== null && coat.touchAt !== null && Date.parse(coat.touchAt) <= props.now
const line = computed(() => {
  const p = props.piece
  if (p.atWork) {
    return `${p.atWork} is at it.`
  }
  switch (p.standing) {
    case 'open': return p.closesAt ? `${p.next}: until ${when(p.closesAt, props.now)}.` : `May begin: ${p.next}.`
    case 'to-test': return 'To be tested.'
    case 'waiting': return p.opensAt ? `${p.next} from ${when(p.opensAt, props.now)}${p.closesAt ? `, until ${when(p.closesAt, props.now)}` : ''}.` : 'Waits.'
    case 'late': return `Window missed: ${p.next}.`
    case 'stalled': return 'Does not dry in this air.'
    default: return 'All done.'
  }
})
</script>

<template>
  <li class="shelf pt-2 pb-0.5 px-2 grid grid-cols-[minmax(0,23rem)_minmax(0,1fr)] gap-5 items-end" :class="chosen ? 'bg-paper' : ''">
    <div class="flex items-end gap-1">
      <Silhouette v-for="half in ['left', 'right']" :key="half" :kind="piece.kind" :half="half" :colours="colourMap(piece.colours, half)" :wet="wet(half)" :label="`${piece.name}, ${half}`" />
    </div>
    <div class="pb-2 grid gap-1 self-center">
      <button type="button" class="text-left" @click="emit('take')">
        <span class="block text-lg leading-tight font-semibold">{{ piece.name }}</span>
        <span class="block text-soft text-[.92rem]">{{ piece.customer }}, due {{ when(piece.promisedAt, now) }} · {{ piece.stepsDone }}/{{ piece.stepsAll }}</span>
      </button>
      <p class="text-lg leading-snug">{{ line }}</p>
      <div v-for="{ half, coat, share } in sides" :key="half">
        <div v-if="coat" class="grid grid-cols-[3rem_1fr] items-center gap-x-2 text-[.92rem] leading-tight">
          <span class="font-semibold">{{ half }}</span>
          <svg viewBox="0 0 200 14" class="w-full h-3.5" preserveAspectRatio="none" aria-hidden="true">
            <path d="M7 1H2V13H7M193 1H198V13H193" fill="none" stroke="currentColor" stroke-width="2" vector-effect="non-scaling-stroke" />
            <path d="M4 7H196" stroke="currentColor" stroke-width="1" stroke-dasharray="2 4" vector-effect="non-scaling-stroke" />
            <rect :x="2 + 190 * share" y="2" width="5" height="10" fill="currentColor" />
          </svg>
          <span class="col-start-2">
            <template v-if="coat.nextAt === null">{{ coat.warnings[0] ?? 'Does not dry in this air.' }}</template>
            <template v-else>
              touch <strong>{{ coat.touchAt ? time(coat.touchAt) : '–' }}</strong> · next <strong>{{ when(coat.recoatFromAt ?? coat.nextAt, now) }}</strong><template v-if="coat.recoatUntilAt"> until <strong>{{ when(coat.recoatUntilAt, now) }}</strong></template> · flex <strong>{{ coat.fullAt ? when(coat.fullAt, now) : '–' }}</strong>
            </template>
            <button v-if="early(coat)" type="button" class="underline underline-offset-4 ml-2 min-h-8" @click="emit('test', { id: coat.step, version: coat.version }, 'passed')">gate test passed</button>
          </span>
        </div>
      </div>
    </div>
  </li>
</template>
