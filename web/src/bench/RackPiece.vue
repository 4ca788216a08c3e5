<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue'
import type { CoatView, DryingPlace, Half, PartName, RackPieceView } from '../api/types'
import { colourMap, halvesOf } from '../drawing/colours'
import Silhouette from '../drawing/Silhouette.vue'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** A pair on the shelf: as wet as it is, with what it waits for in one line of words; small among many, with all its times when it is in the hand. */
const props = defineProps<{ piece: RackPieceView, now: number, chosen: boolean, small: boolean }>()
const emit = defineEmits<{ take: [], test: [step: { id: number, version: number }, answer: 'passed' | 'not-yet'], move: [place: DryingPlace] }>()
const { when, brief } = useWhen()

const words = useWords()
const row = useTemplateRef<HTMLElement>('row')
/** What is chosen by the arrows is brought to where it is seen. */
watch(() => props.chosen, (chosen) => {
  if (chosen) {
    row.value?.scrollIntoView({ block: 'nearest' })
  }
}, { flush: 'post' })
const places = computed(() => words.value?.places ?? [])
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
const wet = (half: Half): Partial<Record<PartName, number>> => {
  const found: Partial<Record<PartName, number>> = {}
  for (const coat of props.piece.coats) {
    if (coat.half === half || coat.half === 'both') {
      for (const part of coat.parts) {
        found[part] = Math.max(found[part] ?? 0, wetness(coat))
      }
    }
  }
  return found
}
const sides = computed(() =>
  halvesOf(props.piece.colours).map((half) => {
    const coat = props.piece.coats.find(
      (c) => (c.half === half || c.half === 'both') && (c.gateAt !== null || (c.nextAt !== null && Date.parse(c.nextAt) > props.now) || c.nextAt === null),
    )
    return { half, coat, share: coat ? travelled(coat) : 0 }
  }),
)
/** How far the mark has travelled between the brackets: from laying to ready. */
const travelled = (coat: CoatView): number => {
  const end = coat.gateAt ?? coat.nextAt
  return end === null ? 0 : Math.min(1, Math.max(0, (props.now - Date.parse(coat.laidAt)) / Math.max(1, Date.parse(end) - Date.parse(coat.laidAt))))
}
/** May be touched, and its test is not due yet: somebody may find that it passes all the same. */
const early = (coat: CoatView): boolean =>
  coat.gateAt !== null && Date.parse(coat.gateAt) > props.now && coat.touchAt !== null && Date.parse(coat.touchAt) <= props.now
/** What wants a look next, while it is let be. */
const nextBell = computed(() => [...props.piece.bells].sort((a, b) => Date.parse(a.at) - Date.parse(b.at)).find((b) => Date.parse(b.at) > props.now))
/** The next coat of the same product, never before the first may be touched; another product waits longer. */
const nextCoat = (coat: CoatView): string => {
  const from = [coat.recoatFromAt ?? coat.nextAt, coat.touchAt]
    .filter((t) => t !== null)
    .sort()
    .at(-1)
  return from === undefined ? '–' : brief(from, props.now)
}
/** In words, for the one that is in the hand. */
const arrangedWords = computed(() => {
  const words = {
    'off': t('bench.RackPiece.off'), 'taped': t('bench.RackPiece.taped'), 'held': t('bench.RackPiece.held'), 'on-tree': t('bench.RackPiece.onTree'),
    'filled-out': t('bench.RackPiece.filledOut'), 'laid-flat': t('bench.RackPiece.laidFlat'),
  }
  const said = (Object.keys(words) as (keyof typeof words)[]).flatMap((how) => {
    const here = props.piece.arranged.filter((a) => a.how === how)
    const parts = [...new Set(here.flatMap((a) => a.parts))].map((p) => p.replaceAll('-', ' ')).join(', ')
    return here.length === 0 ? [] : [`${words[how]}${parts === '' ? '' : `: ${parts}`}.`]
  })
  return said.join(' ')
})
const line = computed(() => {
  const p = props.piece
  if (p.atWork.length > 0) {
    return t('bench.RackPiece.atIt', [p.atWork.join(t('bench.RackPiece.and')), p.atWork.length > 1 ? 'are' : 'is'])
  }
  switch (p.standing) {
    case 'open': return p.closesAt ? t('bench.RackPiece.until2', [p.next, when(p.closesAt, props.now)]) : t('bench.RackPiece.mayBegin', [p.next])
    case 'to-test': return t('bench.RackPiece.toBeTested')
    case 'waiting': return p.opensAt
      ? t('bench.RackPiece.from', [p.next, when(p.opensAt, props.now), p.closesAt ? `, until ${when(p.closesAt, props.now)}` : ''])
      : t('bench.RackPiece.waits')
    case 'late': return t('bench.RackPiece.windowMissed', [p.next])
    case 'stalled': return t('bench.RackPiece.doesNotDryInThis')
    default: return t('bench.RackPiece.allDone')
  }
})
</script>

<template>
  <li ref="row" class="px-3 pt-1.5 pb-2" :class="[chosen ? 'bg-paper' : '', small ? 'grid content-between' : 'xl:col-span-2']">
    <button type="button" class="w-full text-left flex flex-wrap items-baseline gap-x-3 min-h-11" :class="small ? '' : 'xl:flex-nowrap'" @click="emit('take')">
      <span class="font-semibold leading-tight grow" :class="small ? 'text-bench' : 'text-xl xl:grow-0 xl:shrink-0'">{{ piece.name }}</span>
      <span class="leading-tight order-last basis-full text-bench" :class="small ? '' : 'xl:order-none xl:basis-0 xl:grow'">{{ line }}</span>
      <span class="text-soft shrink-0">{{
        t('bench.RackPiece.of', [
          piece.promised ? t('bench.RackPiece.due', [when(piece.promisedAt, now)]) : t('bench.RackPiece.notPromised'), piece.stepsDone, piece.stepsAll
        ])
      }}</span>
    </button>
    <p v-if="nextBell && !small" class="text-bench">{{ t('bench.RackPiece.bell', [brief(nextBell.at, now), nextBell.words]) }}</p>
    <div v-if="chosen" class="flex flex-wrap items-baseline gap-x-4">
      <p class="grow">{{ arrangedWords }}</p>
      <p v-if="piece.coats.length > 0" class="flex items-baseline gap-1">{{ t('bench.RackPiece.standsInThe') }}
        <Choice
          :model-value="piece.place" :label="t('bench.RackPiece.place')" :options="places" @update:model-value="(place: DryingPlace) => emit('move', place)"
        /></p></div>
    <div class="grid items-end" :class="[sides.length > 1 ? 'grid-cols-2' : 'grid-cols-[minmax(0,.5fr)]', small ? 'gap-x-3' : 'gap-x-6']">
      <div
        v-for="{ half, coat, share } in sides" :key="half" class="grid gap-x-3 items-end"
        :class="small ? 'grid-cols-1' : 'grid-cols-[minmax(0,1fr)_auto]'"
      >
        <Silhouette
          :kind="piece.kind" :half="half" :colours="colourMap(piece.colours, half)" :wet="wet(half)"
          :arranged="piece.arranged.filter((a) => a.half === half)"
          :label="half === 'whole' ? piece.name : `${piece.name}, ${half}`" :weight="1.2" :class="small ? 'max-h-20' : 'max-h-44'"
        />
        <div v-if="!small" class="text-bench leading-tight pb-1">
          <template v-if="coat && coat.nextAt === null">{{ coat.warnings[0] ?? t('bench.RackPiece.doesNotDryInThis') }}</template>
          <dl v-else-if="coat" class="grid grid-cols-[auto_auto] justify-start gap-x-2 gap-y-0.5 whitespace-nowrap">
            <dt class="text-soft">{{ t('bench.RackPiece.touch') }}</dt><dd class="font-semibold">{{ coat.touchAt ? brief(coat.touchAt, now) : '–' }}</dd>
            <dt class="text-soft">{{ t('bench.RackPiece.nextCoat') }}</dt><dd class="font-semibold">{{ nextCoat(coat) }}</dd>
            <template v-if="coat.recoatUntilAt"><dt class="text-soft">{{ t('bench.RackPiece.until') }}</dt><dd class="font-semibold">{{
              brief(coat.recoatUntilAt, now)
            }}</dd></template>
            <dt class="text-soft">{{ t('bench.RackPiece.flex') }}</dt><dd class="font-semibold">{{ coat.fullAt ? brief(coat.fullAt, now) : '–' }}</dd>
          </dl>
          <button
            v-if="coat && early(coat)" type="button" class="underline underline-offset-4 min-h-11"
            @click="emit('test', { id: coat.step, version: coat.version }, 'passed')"
          >{{ t('bench.RackPiece.passesItsTestNow') }}</button>
        </div>
        <div class="shelf" :class="small ? '' : 'col-span-2'" />
        <svg
          v-if="coat" viewBox="0 0 200 12" class="w-full h-3.5 mt-1" :class="small ? '' : 'col-span-2'" preserveAspectRatio="none" role="img"
          :aria-label="t('bench.RackPiece.ofTheWaitHasPassed', [half, Math.round(share * 100)])"
        >
          <path d="M6 1H1V11H6M194 1H199V11H194" fill="none" stroke="currentColor" stroke-width="2.5" vector-effect="non-scaling-stroke" />
          <path d="M3 6H197" stroke="currentColor" stroke-width="1" stroke-dasharray="2 4" vector-effect="non-scaling-stroke" />
          <rect :x="2 + 192 * share" y="1.5" width="4" height="9" fill="currentColor" />
        </svg>
        <span v-else class="h-3.5 mt-1" :class="small ? '' : 'col-span-2'" />
      </div>
    </div>
  </li>
</template>
