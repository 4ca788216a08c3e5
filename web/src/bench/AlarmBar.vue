<script setup lang="ts">
import type { RackPieceView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import type { Alarm } from './useAlarms'
import { t } from '../words'

/** A piece calls: with itself, large enough to be noticed from another room, until somebody comes, puts it off or leaves it to others. */
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
    v-if="ringing[0]" class="sticky top-0 z-30 -mx-6 px-6 py-4 mb-2 bg-ink text-raised grid gap-3 min-h-[19rem] content-center" role="alert"
    :aria-label="t('bench.AlarmBar.alarm')"
  >
    <div class="grid grid-cols-[minmax(0,1fr)_auto] gap-6 items-center">
      <p class="font-head text-[2.6rem] leading-tight">{{ ringing[0].words }}<span class="block text-2xl font-sans">{{ ringing[0].piece }}</span></p>
      <div v-for="piece in rack.filter((p) => p.piece === ringing[0]?.pieceId)" :key="piece.piece" class="bg-surround p-3 w-56 h-32" aria-hidden="true">
        <Standing class="h-full w-full" :kind="piece.kind" :colours="piece.colours" :weight="1.2" />
      </div>
    </div>
    <p v-for="alarm in ringing.slice(1, 3)" :key="alarm.key" class="text-xl">{{ t('bench.AlarmBar.also', [alarm.words, alarm.piece]) }}</p>
    <p v-if="ringing.length > 3" class="text-xl">{{ t('bench.AlarmBar.andMore', [ringing.length - 3]) }}</p>
    <div class="flex flex-wrap gap-3">
      <button class="min-h-16 px-8 text-2xl font-semibold bg-raised text-ink grow" type="button" @click="emit('come')">{{ t('bench.AlarmBar.iCome') }}
        <span class="key" :class="locked ? 'invisible' : ''">{{ t('bench.AlarmBar.space') }}</span></button>
      <button class="min-h-16 px-6 text-xl border-2 border-raised" type="button" @click="emit('snooze')">{{
        t('bench.AlarmBar.inFiveMinutes')
      }} <span class="key">Z</span></button>
      <button class="min-h-16 px-6 text-xl border-2 border-raised" type="button" data-quiet @click="emit('quiet')">{{ t('bench.AlarmBar.somebodyElseDoes') }}
        <span class="key">Q</span></button>
    </div>
  </section>
</template>
