<script setup lang="ts">
import { computed } from 'vue'
import type { ShiftView } from '../api/types'
import { angle, arc, onDial } from './dial'

/** A day on the clock on the wall: a ring a person, thick where they are here; large with its hours and its hand, small as one of a week. */
const props = defineProps<{ people: readonly { name: string, shifts: readonly ShiftView[] }[], large?: boolean, now?: number | null }>()
/** Rings lie inside each other, the first outermost; with many people they are thinner. */
const WIDEST = 15
const [OUTER, INNER] = [76, 22]
const gap = computed(() => Math.min(WIDEST, (OUTER - INNER) / Math.max(1, props.people.length)))
const rings = computed(() => props.people.map((p, i) => {
  const radius = OUTER - gap.value * (i + 0.5)
  return { name: p.name, radius, arcs: p.shifts.map((s) => arc(s, radius)).filter((d) => d !== '') }
}))
const HOURS = Array.from({ length: 24 }, (_, hour) => ({ hour, at: angle(60 * hour) }))
const tick = (degrees: number, from: number): string => `M${onDial(degrees, from).join(' ')}L${onDial(degrees, 81).join(' ')}`
</script>

<template>
  <svg viewBox="-100 -100 200 200" class="block w-full" aria-hidden="true">
    <circle r="97" class="fill-raised stroke-ink" :stroke-width="large ? 3 : 5" />
    <template v-if="large">
      <path v-for="h in HOURS" :key="h.hour" :d="tick(h.at, h.hour % 3 === 0 ? 77 : 79)" class="stroke-soft" :stroke-width="h.hour % 3 === 0 ? 2 : 0.8" />
      <text
        v-for="h in HOURS.filter((x) => x.hour % 3 === 0)" :key="`t${h.hour}`" :x="onDial(h.at, 88)[0]" :y="onDial(h.at, 88)[1] + 3"
        text-anchor="middle" font-size="8.6" font-weight="600" class="fill-ink"
      >{{ h.hour }}</text>
    </template>
    <g v-for="ring in rings" :key="ring.name">
      <circle :r="ring.radius" fill="none" class="stroke-line" :stroke-width="large ? 0.8 : 1.5" />
      <path v-for="d in ring.arcs" :key="d" :d="d" fill="none" class="stroke-ink" :stroke-width="gap * 0.62" />
    </g>
    <g v-if="now !== null && now !== undefined" :transform="`rotate(${angle(now)})`">
      <path d="M0 8V-82" class="stroke-paper" stroke-width="4.5" /><path d="M0 8V-82" class="stroke-ink" stroke-width="2" />
      <circle r="4" class="fill-ink" />
    </g>
  </svg>
</template>
