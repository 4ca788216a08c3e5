<script setup lang="ts">
import { computed, ref } from 'vue'
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
/** In mm, as core/Colour/WorkshopCard.php has it; with white paper round the frame. */
const [paper, width, height, frame, margin, gap, columns, rows] = [4, 100, 70, 4, 4, 2, 4, 3]
const edge = frame + margin
const w = (width - 2 * edge - (columns - 1) * gap) / columns
const h = (height - 2 * edge - (rows - 1) * gap) / rows
const fields = computed(() => (card.value?.printed ?? []).map((hex, i) => ({
  hex, name: card.value?.painted[i] ?? '', x: edge + (i % columns) * (w + gap), y: edge + Math.floor(i / columns) * (h + gap),
})))
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
      v-if="card" class="max-w-full" :style="{ width: `${width + 2 * paper}mm` }"
      :viewBox="`${-paper} ${-paper} ${width + 2 * paper} ${height + 2 * paper}`" role="img" :aria-label="t('colour.CardPage.theWorkshopsCard')"
    >
      <rect :x="-paper" :y="-paper" :width="width + 2 * paper" :height="height + 2 * paper" fill="#fff" />
      <rect
        :x="-paper + .15" :y="-paper + .15" :width="width + 2 * paper - .3" :height="height + 2 * paper - .3" fill="none" stroke="#999" stroke-width=".2"
        stroke-dasharray="1 1"
      />
      <rect x="0" y="0" :width="width" :height="height" fill="#000" />
      <rect :x="frame" :y="frame" :width="width - 2 * frame" :height="height - 2 * frame" fill="#fff" />
      <g v-for="f in fields" :key="`${f.x}-${f.y}`">
        <rect :x="f.x" :y="f.y" :width="w" :height="h" :fill="painted ? '#fff' : f.hex" :stroke="painted ? '#bbb' : 'none'" stroke-width=".2" />
        <text v-if="painted" :x="f.x + w / 2" :y="f.y + h / 2 + 1" font-size="2.6" text-anchor="middle" fill="#777">{{ f.name }}</text>
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
