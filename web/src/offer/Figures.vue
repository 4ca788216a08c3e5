<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { ComparedView, FiguresView } from '../api/types'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { sum } from './sums'
import { t } from '../words'

/** What the last months really took: each a seam, foreseen above, taken below. */
const { value: figures, problem, reload } = useLoad(() => api.get<FiguresView>('/figures'))
void reload()
const { day, span } = useWhen()
const most = computed(() => Math.max(1, ...(figures.value?.months ?? []).flatMap((m) => [m.foreseenMinutes, m.realMinutes])))
const HIGH = 150
const EACH = 78
const height = (minutes: number): number => HIGH * minutes / most.value
const kept = computed(() => (figures.value?.months ?? []).filter((m) => m.promised > 0))
const back = computed(() => (figures.value?.months ?? []).reduce((n, m) => n + m.back, 0))
const off = (c: { foreseenMinutes: number, realMinutes: number }): string => {
  const share = c.foreseenMinutes === 0 ? 0 : Math.round(100 * (c.realMinutes / c.foreseenMinutes - 1))
  return share === 0 ? t('offer.Figures.asForeseen') : t(share > 0 ? 'offer.Figures.longer' : 'offer.Figures.shorter', [Math.abs(share)])
}
const lists = computed<readonly { head: string, rows: readonly ComparedView[] }[]>(() => figures.value === null ? [] : [
  { head: t('offer.Figures.byKind'), rows: figures.value.kinds }, { head: t('offer.Figures.byPerson'), rows: figures.value.people },
])
</script>

<template>
  <main class="grid gap-6 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('offer.Figures.whatItReallyTook') }}</h1>
      <a class="may inline-flex items-center" href="/api/figures.csv">{{ t('offer.Figures.asATable') }}</a>
      <RouterLink class="may" to="/prices">{{ t('offer.Prices.whatWeAskFor') }}</RouterLink>
    </header>
    <p v-if="figures && figures.months.length === 0" class="text-xl">{{ t('offer.Figures.nothingDoneYet') }}</p>
    <template v-else-if="figures">
      <section class="grid gap-8">
        <figure class="grid gap-1 content-start justify-items-start">
          <svg
            :viewBox="`0 0 ${Math.max(4, figures.months.length) * EACH} ${HIGH + 44}`" class="h-56 max-w-full" role="img"
            :aria-label="t('offer.Figures.minutesByMonth')"
          >
            <g v-for="(m, i) in figures.months" :key="m.month" :transform="`translate(${i * EACH} 0)`">
              <path :d="`M26 ${HIGH}V${HIGH - height(m.foreseenMinutes)}`" stroke="var(--soft)" stroke-width="5" stroke-dasharray="9 5" />
              <path :d="`M44 ${HIGH}V${HIGH - height(m.realMinutes)}`" stroke="var(--ink)" stroke-width="14" />
              <text x="36" :y="HIGH + 18" text-anchor="middle" font-size="14" fill="var(--ink)">{{ m.month.slice(2).replace('-', '/') }}</text>
              <text x="36" :y="HIGH + 36" text-anchor="middle" font-size="13" fill="var(--soft)">{{ span(m.realMinutes) }}</text>
            </g>
            <path :d="`M0 ${HIGH}H${Math.max(4, figures.months.length) * EACH}`" stroke="var(--ink)" stroke-width="3" />
          </svg>
          <figcaption class="text-soft">{{ t('offer.Figures.dashedForeseen') }}</figcaption>
        </figure>
        <div class="grid sm:grid-cols-2 gap-8 content-start">
          <div v-for="list in lists" :key="list.head">
            <h2 class="text-xl">{{ list.head }}</h2>
            <ul><li v-for="row in list.rows" :key="row.name" class="border-b border-line py-1.5 leading-snug">
              <strong>{{ row.name }}</strong><br>{{ span(row.realMinutes) }}, {{ off(row) }}
            </li></ul>
          </div>
        </div>
      </section>
      <section class="grid sm:grid-cols-2 xl:grid-cols-3 gap-8 content-start">
        <div v-if="kept.length > 0">
          <h2 class="text-xl">{{ t('offer.Figures.promisesKept') }}</h2>
          <ul><li v-for="m in kept" :key="m.month" class="grid grid-cols-[4rem_1fr_auto] gap-3 items-center border-b border-line py-1.5">
            <span>{{ m.month.slice(2).replace('-', '/') }}</span>
            <svg class="h-4 w-full" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
              <path d="M0 5H100" stroke="var(--soft)" stroke-width="2" stroke-dasharray="3 3" />
              <path :d="`M0 5H${100 * m.kept / m.promised}`" stroke="var(--ink)" stroke-width="8" />
            </svg>
            <strong>{{ t('offer.Figures.of', [m.kept, m.promised]) }}</strong>
          </li></ul>
          <p class="pt-1">{{ back === 0 ? t('offer.Figures.nothingBack') : t('offer.Figures.cameBack', [back]) }}
            <RouterLink class="quiet" to="/comes-back">{{ t('offer.Figures.whatAndWhy') }}</RouterLink></p>
        </div>
        <div v-if="figures.waits.length > 0">
          <h2 class="text-xl">{{ t('offer.Figures.waitsByAir') }}</h2>
          <ul><li v-for="w in figures.waits" :key="w.air" class="border-b border-line py-1.5 leading-snug">
            <strong class="first-letter:uppercase inline-block">{{ w.air }}</strong><br>{{
              t('offer.Figures.waited', [span(w.realMinutes), off(w), counted(w.waits, 'time')])
            }}
          </li></ul>
        </div>
        <div v-if="figures.coats.length > 0">
          <h2 class="text-xl">{{ t('offer.Figures.whatWasLaid') }}</h2>
          <ul><li v-for="c in figures.coats" :key="c.product" class="flex gap-3 border-b border-line py-1.5">
            <span class="grow">{{ c.product }}</span><span>{{ counted(c.times, 'time') }}, {{ c.amount }} {{ c.unit }}</span>
          </li></ul>
        </div>
      </section>
      <section v-if="figures.pieces.length > 0" :aria-label="t('offer.Figures.whatWasLeft')">
        <h2 class="text-xl border-b-2 border-ink pb-1">{{ t('offer.Figures.whatWasLeft') }}</h2>
        <ul>
          <li v-for="p in figures.pieces" :key="p.piece" class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-line py-2 leading-snug">
            <span><RouterLink class="by-finger text-lg font-semibold underline underline-offset-4" :to="`/ledger/${p.piece}`">{{ p.name }}</RouterLink>
              <span class="text-soft"> · {{ day(p.at) }}</span><br>{{
                t('offer.Figures.told', [sum(p.offeredCents), sum(p.workCents), sum(p.materialCents), p.realMinutes, p.foreseenMinutes])
              }}</span>
            <strong class="text-xl self-center">{{ sum(p.marginCents) }}</strong>
          </li>
        </ul>
      </section>
      <p v-else class="text-lg">{{ t('offer.Figures.noOfferDone') }}</p>
    </template>
  </main>
</template>
