<script setup lang="ts">
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { CardView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { t } from '../words'

/** The workshop's card on paper: printed with its colours, or with empty fields to be painted from the workshop's own tubes. */
const { value: card, problem, reload } = useLoad(() => api.get<CardView>('/colours/card'))
void reload()
const painted = ref(false)
const print = (): void => window.print()
</script>

<template>
  <main class="px-4 sm:px-8 py-6 grid gap-6 content-start">
    <Notice :text="problem" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 class="text-4xl grow">{{ t('colour.CardPage.theWorkshopsCard') }}</h1>
      <RouterLink class="quiet" to="/colours">{{ t('colour.CardPage.theShelfOfColours') }}</RouterLink>
      <button class="do" type="button" @click="print">{{ t('colour.CardPage.print') }}</button>
    </header>
    <p class="no-print flex flex-wrap gap-3">
      <button class="may" type="button" :aria-pressed="!painted" @click="painted = false">{{ t('colour.CardPage.printedColours') }}</button>
      <button class="may" type="button" :aria-pressed="painted" @click="painted = true">{{ t('colour.CardPage.emptyFieldsToPaint') }}</button>
    </p>
    <svg
      v-if="card" class="max-w-full" :style="{ width: `${card.width + 2 * card.paper}mm` }"
      :viewBox="`${-card.paper} ${-card.paper} ${card.width + 2 * card.paper} ${card.height + 2 * card.paper}`"
      role="img" :aria-label="t('colour.CardPage.theWorkshopsCard')"
    >
      <rect :x="-card.paper" :y="-card.paper" :width="card.width + 2 * card.paper" :height="card.height + 2 * card.paper" fill="#fff" />
      <rect
        :x="-card.paper + .15" :y="-card.paper + .15" :width="card.width + 2 * card.paper - .3" :height="card.height + 2 * card.paper - .3"
        fill="none" stroke="#999" stroke-width=".2" stroke-dasharray="1 1"
      />
      <rect x="0" y="0" :width="card.width" :height="card.height" fill="#000" />
      <rect :x="card.frame" :y="card.frame" :width="card.width - 2 * card.frame" :height="card.height - 2 * card.frame" fill="#fff" />
      <g v-for="f in card.fields" :key="`${f.x}-${f.y}`">
        <rect
          :x="f.x" :y="f.y" :width="f.width" :height="f.height" :fill="painted ? '#fff' : f.printed" :stroke="painted ? '#bbb' : 'none'" stroke-width=".2"
        />
        <text v-if="painted" :x="f.x + f.width / 2" :y="f.y + f.height / 2 + 1" font-size="2.6" text-anchor="middle" fill="#777">{{ f.painted }}</text>
      </g>
    </svg>
    <ol class="grid gap-2 text-lg max-w-3xl list-decimal pl-6">
      <li>{{ painted ? t('colour.CardPage.printItAndPaintEach') : t('colour.CardPage.printItInColourOn') }}</li>
      <li>{{ t('colour.CardPage.measureTheFrame') }}</li>
      <li>{{ painted ? t('colour.CardPage.checkAPaintedCard') : t('colour.CardPage.checkAPrintedCard') }}</li>
      <li>{{ t('colour.CardPage.layItFlatBeside') }}</li>
    </ol>
  </main>
</template>
