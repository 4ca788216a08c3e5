<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed } from 'vue'
import type { WayDateView, WayView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { sum } from './sums'
import PriceTag from './PriceTag.vue'
import { t } from '../words'

/** One way: its tag on the cord, when it could be fetched, what it brings and asks. */
const props = defineProps<{
  way: WayView, date: WayDateView | null, currency: string, asked: boolean, taken: boolean, open: boolean, may: boolean, busy: boolean
}>()
const emit = defineEmits<{ take: [] }>()
const words = useWords()
const { date: onDay, time } = useWhen()
const aim = computed(() => words.value?.aims.find((a) => a.id === props.way.aim))
const sections = computed(() => [
  { head: t('offer.Way.gone'), lines: props.way.gone }, { head: t('offer.Way.softer'), lines: props.way.softer },
  { head: t('offer.Way.stays'), lines: props.way.stays }, { head: t('offer.Way.leftOut'), lines: props.way.dropped },
  { head: t('offer.Way.risks'), lines: props.way.risks }, { head: t('offer.Way.careAfter'), lines: props.way.care },
].filter((s) => s.lines.length > 0))
</script>

<template>
  <article class="grid content-start gap-3 min-w-0 px-1 break-inside-avoid" :aria-label="aim?.label ?? way.aim">
    <PriceTag
      v-if="way.cannot === null" :sum="sum(way.gross)" :range="t('offer.Way.to', [sum(way.low), sum(way.high)])" :taken="taken"
      class="justify-self-center"
    />
    <div v-else class="h-[7.5rem]" />
    <header class="grid gap-0.5">
      <h2 class="text-2xl first-letter:uppercase">{{ aim?.label ?? way.aim }}<span v-if="asked" class="text-base font-sans font-normal ml-2">{{
        t('offer.Way.asAsked')
      }}</span></h2>
      <p class="leading-snug">{{ aim?.meaning }}</p>
    </header>
    <p v-if="way.cannot" class="caution">{{ way.cannot }}</p>
    <template v-else>
      <p v-if="open" class="text-lg font-semibold">{{ date === null ? t('offer.Way.theDayIsBeingPlayed') : date.certain === null ? t('offer.Way.noDayCanBeSaid')
        : t('offer.Way.readyFrom', [onDay(date.certain), time(date.certain)]) }}</p>
      <p v-if="way.adviceSays" :class="way.advice === 'say-out-loud' ? 'stop' : way.advice === 'think' ? 'caution' : ''">{{ way.adviceSays }}</p>
      <button v-if="may && !taken" class="may no-print text-lg" type="button" :disabled="busy" @click="emit('take')">{{ t('offer.Way.theyTakeThis') }}</button>
      <section v-for="s in sections" :key="s.head" class="leading-snug">
        <h3 class="font-sans font-bold text-base">{{ s.head }}</h3>
        <ul class="grid gap-0.5"><li v-for="line in s.lines" :key="line">{{ line }}</li></ul>
      </section>
      <Disclosure v-slot="{ open: shown }" as="section">
        <DisclosureButton class="quiet px-0! no-print">{{ shown ? t('offer.Way.closeTheLines') : t('offer.Way.whatItIsMadeOf') }}</DisclosureButton>
        <DisclosurePanel>
          <dl class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 leading-snug">
            <template v-for="line in way.lines" :key="line.what"><dt>{{ line.what }}</dt><dd class="text-right">{{ sum(line.cents) }}</dd></template>
            <template v-if="way.overhead > 0"><dt>{{ t('offer.Way.theHouse') }}</dt><dd class="text-right">{{ sum(way.overhead) }}</dd></template>
            <template v-if="way.rush > 0"><dt>{{ t('offer.Way.beforeOthers') }}</dt><dd class="text-right">{{ sum(way.rush) }}</dd></template>
            <dt class="border-t border-line">{{ t('offer.Way.beforeTax') }}</dt><dd class="border-t border-line text-right">{{ sum(way.net) }}</dd>
            <dt>{{ t('offer.Way.tax') }}</dt><dd class="text-right">{{ sum(way.tax) }}</dd>
            <template v-if="way.rounding > 0"><dt>{{ t('offer.Way.rounded') }}</dt><dd class="text-right">{{ sum(way.rounding) }}</dd></template>
            <dt class="font-bold border-t-2 border-ink">{{ currency }}</dt><dd class="font-bold border-t-2 border-ink text-right">{{ sum(way.gross) }}</dd>
          </dl>
          <p class="no-print text-soft pt-1">{{ t('offer.Way.byHand', [way.minutes]) }}</p>
          <p v-for="f in way.fixed" :key="f.what" class="no-print">{{ t('offer.Way.ourPrice', [f.what, sum(f.cents)]) }}</p>
          <p v-if="way.unpriced.length > 0" class="no-print caution">{{ t('offer.Way.noPriceKnown', [way.unpriced.join(', ')]) }}</p>
        </DisclosurePanel>
      </Disclosure>
    </template>
  </article>
</template>
