<script setup lang="ts">
import type { RackPieceView } from '../api/types'
import { colourMap, halvesOf } from '../drawing/colours'
import Silhouette from '../drawing/Silhouette.vue'
import type { Alarm } from './useAlarms'
import { t } from '../words'

/** The piece that calls steps forward, between the brackets of its window, until somebody comes, puts it off or leaves it to others. */
defineProps<{
  ringing: readonly Alarm[]
  rack: readonly RackPieceView[]
  /** a press of the foot switch was perhaps meant for something else yet: its sign comes when it counts */
  locked?: boolean
}>()
const emit = defineEmits<{ come: [], snooze: [], quiet: [] }>()
</script>

<template>
  <section
    v-if="ringing[0]" class="calls sticky top-0 z-30 -mx-4 mb-2 bg-raised px-9 py-4 grid gap-x-8 gap-y-2 min-h-[19rem] content-center items-center
      sm:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)]" role="alert" :aria-label="t('bench.AlarmBar.alarm')" :data-calls="ringing[0].calls"
  >
    <div v-for="piece in rack.filter((p) => p.piece === ringing[0]?.pieceId)" :key="piece.piece" class="grid" aria-hidden="true">
      <div class="flex items-end justify-center h-36">
        <Silhouette
          v-for="half in halvesOf(piece.colours)" :key="half" :kind="piece.kind" :half="half" :colours="colourMap(piece.colours, half)"
          :arranged="piece.arranged.filter((a) => a.half === half)" :weight="1.2" class="max-h-full"
        />
      </div>
      <div class="shelf" />
    </div>
    <div class="grid gap-2" :class="rack.some((p) => p.piece === ringing[0]?.pieceId) ? '' : 'sm:col-span-2'">
      <p class="text-bench font-semibold">{{ ringing[0].piece }}</p>
      <p class="font-head text-[2.4rem] leading-[1.08]">{{ ringing[0].words }}</p>
      <p v-for="alarm in ringing.slice(1, 3)" :key="alarm.key" class="text-bench leading-snug">{{ t('bench.AlarmBar.also', [alarm.words, alarm.piece]) }}</p>
      <p v-if="ringing.length > 3" class="text-bench">{{ t('bench.AlarmBar.andMore', [ringing.length - 3]) }}</p>
    </div>
    <div class="sm:col-span-2 flex flex-wrap items-center gap-x-2">
      <button class="do min-h-16! px-8! text-2xl! grow sm:grow-0" type="button" @click="emit('come')">{{ t('bench.AlarmBar.iCome') }}
        <span class="key" :class="locked ? 'invisible' : ''">{{ t('bench.AlarmBar.space') }}</span></button>
      <button class="quiet min-h-16! text-bench" type="button" @click="emit('snooze')">{{ t('bench.AlarmBar.inFiveMinutes') }}
        <span class="key ml-2">Z</span></button>
      <button class="quiet min-h-16! text-bench" type="button" data-quiet @click="emit('quiet')">{{ t('bench.AlarmBar.somebodyElseDoes') }}
        <span class="key ml-2">Q</span></button>
    </div>
  </section>
</template>

<style scoped>
.calls::before, .calls::after {
  content: ''; position: absolute; inset-block: .4rem; width: 1.1rem; border-block: 8px solid var(--ink); pointer-events: none;
}
.calls::before { left: .4rem; border-left: 8px solid var(--ink); }
.calls::after { right: .4rem; border-right: 8px solid var(--ink); }
@media (prefers-reduced-motion: no-preference) {
  .calls::before { animation: closing-left 1.6s ease-in-out infinite alternate; }
  .calls::after { animation: closing-right 1.6s ease-in-out infinite alternate; }
}
@keyframes closing-left { to { translate: .35rem; } }
@keyframes closing-right { to { translate: -.35rem; } }
</style>
