<script setup lang="ts">
import { limits } from '../api/types'
import { t } from '../words'

/** What going from piece to piece takes, and what it takes more when a piece changes hands. */
const props = defineProps<{
  switchMinutes: number, handoverMinutes: number, switchSeen: number | null, handoverSeen: number | null, may: boolean
}>()
const emit = defineEmits<{ change: [which: 'switchMinutes' | 'handoverMinutes', by: number] }>()
const { min, max } = limits.SetUpInput.switchMinutes
const rows = [
  { which: 'switchMinutes', seen: 'switchSeen', words: t('workshop.SetUp.toSetAPieceDown') },
  { which: 'handoverMinutes', seen: 'handoverSeen', words: t('workshop.SetUp.moreWhenSomebodyElseGoes') },
] as const
</script>

<template>
  <section class="grid md:grid-cols-2 gap-x-10 pt-6" aria-labelledby="set-up">
    <h2 id="set-up" class="text-xl md:col-span-2">{{ t('workshop.SetUp.minutesBetweenPieces') }}</h2>
    <div v-for="row in rows" :key="row.which" class="flex items-center gap-4 border-b border-line py-2 text-xl">
      <button
        class="may size-14 text-2xl" type="button" :disabled="!may || props[row.which] <= min" :aria-label="t('workshop.SetUp.fewerMinutes', [row.words])"
        @click="emit('change', row.which, -1)"
      >−</button>
      <strong class="w-10 text-center text-3xl font-head">{{ props[row.which] }}</strong>
      <button
        class="may size-14 text-2xl" type="button" :disabled="!may || props[row.which] >= max" :aria-label="t('workshop.SetUp.moreMinutes', [row.words])"
        @click="emit('change', row.which, 1)"
      >+</button>
      <span class="leading-tight">{{ t('workshop.SetUp.min', [row.words]) }}<template v-if="(props[row.seen] ?? props[row.which]) !== props[row.which]"><br>
        <span class="text-soft text-lg">{{ t('workshop.SetUp.tookOfLate', [props[row.seen]]) }}
          <button v-if="may" class="quiet" type="button" @click="emit('change', row.which, (props[row.seen] ?? 0) - props[row.which])">{{
            t('workshop.SetUp.countWithIt')
          }}</button></span></template></span>
    </div>
  </section>
</template>
