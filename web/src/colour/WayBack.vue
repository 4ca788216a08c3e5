<script setup lang="ts">
import { computed } from 'vue'
import type { SettlingView } from '../api/types'
import { counted } from '../kit/counted'
import { useWhen } from '../session/useWhen'
import { useLamp } from '../pots/useLamp'
import { t } from '../words'

/** A darkened place on its way back: what was read, where it will end, and what may be done now. */
const props = defineProps<{ settling: SettlingView, now: number, alone: boolean, busy: boolean }>()
const emit = defineEmits<{ read: [], leave: [] }>()
const { when } = useWhen()
const { under } = useLamp()
const WIDTH = 320
const HEIGHT = 96
const HOURS = 36
/** More room for the first hours, in which most of it happens. */
const x = (hours: number): number => WIDTH * Math.sqrt(Math.min(HOURS, hours) / HOURS)
const most = computed(() => Math.max(2, ...props.settling.way.map((p) => p.off), ...props.settling.looks.map((l) => l.off)))
const y = (off: number): number => 6 + (HEIGHT - 12) * (off / most.value)
const line = computed(() => props.settling.way.map((p) => `${x(p.hours).toFixed(1)},${y(p.off).toFixed(1)}`).join(' '))
const marks = [
  { hours: 0, label: t('colour.WayBack.wet') }, { hours: 2, label: t('colour.WayBack.twoHours') }, { hours: 24, label: t('colour.WayBack.nextDay') },
]
const last = computed(() => props.settling.looks.at(-1) ?? null)
const due = computed(() => props.settling.lookAt !== null && Date.parse(props.settling.lookAt) <= props.now)
const next = computed(() => {
  const s = props.settling
  switch (s.advice) {
    case 'read': return t('colour.WayBack.readItNowWhileItIs')
    case 'wait': return t(props.alone ? 'colour.WayBack.notJudgedAlone' : 'colour.WayBack.notJudged', [when(s.judgedFrom, props.now)])
    case 'go-on': return props.alone ? t('colour.WayBack.itIsBack') : t('colour.WayBack.goOn')
    case 'tell': return props.alone ? t('colour.WayBack.tellAlone') : t('colour.WayBack.tell')
    default: return t('colour.WayBack.ask')
  }
})
</script>

<template>
  <article class="grid gap-2 border-t border-line py-3" :aria-label="settling.where">
    <h3 class="text-xl"><strong>{{ settling.where.charAt(0).toUpperCase() + settling.where.slice(1) }}</strong>{{
      settling.dye === null ? t('colour.WayBack.laid', [settling.what, when(settling.laidAt, now)])
      : t('colour.WayBack.laidOver', [settling.what, settling.dye, when(settling.laidAt, now)])
    }}</h3>
    <p class="text-lg font-semibold">{{ settling.sentence }}</p>
    <p :class="settling.advice === 'ask' ? 'stop' : 'text-lg'">{{ next }}</p>
    <div class="grid grid-cols-[1fr_auto] gap-5 items-end max-w-2xl">
      <svg :viewBox="`-6 0 ${WIDTH + 12} ${HEIGHT + 26}`" class="w-full" role="img" :aria-label="t('colour.WayBack.theWayBack')">
        <line x1="0" :x2="WIDTH" :y1="y(0)" :y2="y(0)" stroke="currentColor" stroke-dasharray="2 4" />
        <rect
          :x="x(24)" :width="WIDTH - x(24)" :y="y(settling.least)" :height="Math.max(1, y(settling.most) - y(settling.least))"
          fill="currentColor" opacity="0.15"
        />
        <polyline :points="line" fill="none" stroke="currentColor" stroke-width="1.5" />
        <circle
          v-for="look in settling.looks" :key="look.at" :cx="x(look.hours)" :cy="y(look.off)" r="6" stroke="currentColor" :fill="under(look.seen) ?? 'none'"
        />
        <text
          v-for="mark in marks" :key="mark.hours" :x="x(mark.hours)" :y="HEIGHT + 19" :text-anchor="mark.hours === 0 ? 'start' : 'middle'" class="text-[15px]"
          fill="currentColor"
        >{{ mark.label }}</text>
      </svg>
      <dl class="flex bg-surround p-2 gap-0 text-dark text-[.9rem] text-center">
        <div class="w-16"><dt>{{ t('colour.WayBack.before') }}</dt><dd class="h-12" :style="{ backgroundColor: under(settling.before) ?? '' }" /></div>
        <div v-if="last" class="w-16"><dt>{{
          t('colour.WayBack.lastRead')
        }}</dt><dd class="h-12" :style="{ backgroundColor: under(last.seen) ?? '' }" /></div>
        <div v-if="last" class="w-16"><dt>{{
          t('colour.WayBack.inTheEnd')
        }}</dt><dd class="h-12" :style="{ backgroundColor: under(settling.final) ?? '' }" /></div>
      </dl>
    </div>
    <p class="text-soft text-[.95rem]">{{
      settling.alike === 0 ? t('colour.WayBack.asIsUsual') : t('colour.WayBack.taughtBy', [counted(settling.alike, 'piece')])
    }}<template v-if="settling.beside">{{ t('colour.WayBack.besideTheOther') }}</template></p>
    <p class="flex flex-wrap gap-3">
      <button v-if="settling.lookAt !== null" :class="due ? 'do' : 'may'" type="button" :disabled="busy" @click="emit('read')">{{
        due ? t('colour.WayBack.readItNow') : t('colour.WayBack.readItAgainAt', [when(settling.lookAt, now)])
      }}</button>
      <button class="quiet" type="button" :disabled="busy" @click="emit('leave')">{{ t('colour.WayBack.watchItNoLonger') }}</button>
    </p>
  </article>
</template>
