<script setup lang="ts">
import { computed } from 'vue'
import type { LearnedView, ResetInput, WorkshopView } from '../api/types'
import { counted } from '../kit/counted'
import { t } from '../words'

/** What was learned, with what it rests on: each stroke is one time it was seen, long against the book to the right. */
const props = defineProps<{ workshop: WorkshopView, may: boolean }>()
const emit = defineEmits<{ reset: [of: ResetInput] }>()
const kinds = computed(() => [
  { kind: 'drying', title: t('workshop.LearnedHere.howCoatsDryHere'), rows: props.workshop.learned.filter((l) => l.kind === 'drying') },
  { kind: 'minutes', title: t('workshop.LearnedHere.howLongHandsTakeHere'), rows: props.workshop.learned.filter((l) => l.kind === 'minutes') },
])
/** From a third of the book’s time to three times, on a log scale. */
const x = (ratio: number): number => 100 + (100 * Math.log(Math.min(3, Math.max(1 / 3, ratio)))) / Math.log(3)
const words = (row: LearnedView): string =>
  Math.abs(row.factor - 1) < 0.03
    ? t('workshop.LearnedHere.asTheBookSays')
    : row.factor > 1
      ? t('workshop.LearnedHere.longer', [Math.round(100 * (row.factor - 1))])
      : t('workshop.LearnedHere.shorter', [Math.round(100 * (1 - row.factor))])
</script>

<template>
  <div class="grid gap-8 pt-4">
    <section v-for="{ kind, title, rows } in kinds" :key="kind" class="grid gap-2">
      <h2 class="text-2xl">{{ title }}</h2>
      <p v-if="rows.length === 0" class="max-w-2xl">{{
        t('workshop.LearnedHere.nothingHasBeenSeenYet', [
          kind === 'drying' ? t('workshop.LearnedHere.everyAnswerToAGate') : t('workshop.LearnedHere.everyStepThatIsBegun')
        ])
      }}</p>
      <ul class="grid">
        <li
          v-for="row in rows" :key="row.what"
          class="grid sm:grid-cols-[minmax(0,1.2fr)_minmax(10rem,1fr)_11rem_auto] gap-x-4 gap-y-1 py-2 items-center border-b border-line min-h-14"
        >
          <span class="text-lg">{{ row.label }}</span>
          <svg viewBox="0 0 200 24" class="w-full h-8" role="img" :aria-label="t('workshop.LearnedHere.seen', [row.seen.join(', ')])">
            <path d="M100 2V22" stroke="currentColor" stroke-width="1" stroke-dasharray="2 3" />
            <path v-for="(ratio, i) in row.seen" :key="i" :d="`M${x(ratio)} 8V16`" stroke="currentColor" stroke-width="1.5" opacity=".55" />
            <path :d="`M${x(row.factor)} 1V23`" stroke="currentColor" stroke-width="4" />
          </svg>
          <span>
            <strong>{{ words(row) }}</strong>
            <span class="text-soft block text-[.92rem]">{{ t('workshop.LearnedHere.seen2', [counted(row.evidence, 'time')]) }}</span>
          </span>
          <button v-if="may" class="quiet" type="button" @click="emit('reset', { kind: row.kind, what: row.what })">{{
            t('workshop.LearnedHere.forgetThisAndLearnAgain')
          }}</button>
        </li>
      </ul>
    </section>
  </div>
</template>
