<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { LotSheetView, LotsView, LotView } from '../api/types'
import { figure } from '../kit/figure'
import ForHands from '../kit/ForHands.vue'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { amount } from './vessels'
import { t } from '../words'

/** Walking along the shelf: lot after lot, place by place, what is left is typed, and the next one is asked for. */
const { value: lots, problem, reload } = useLoad(() => api.get<LotsView>('/lots'))
void reload()
const hands = useAct(reload)
const typed = ref<Record<number, string>>({})
const counted = ref<Record<number, boolean>>({})
const wrong = ref<number | null>(null)
const places = computed(() => {
  const by = new Map<string, LotView[]>()
  for (const lot of lots.value?.lots ?? []) {
    by.set(lot.place, [...by.get(lot.place) ?? [], lot])
  }
  return [...by]
})
const done = computed(() => Object.values(counted.value).filter((is) => is).length)

const next = (id: number): void => {
  const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-lot]')]
  void nextTick(() => fields[fields.findIndex((f) => f.dataset['lot'] === String(id)) + 1]?.focus())
}
/** As it stands in the book, or as it was typed. */
const settle = (lot: LotView, left: number): void => {
  wrong.value = left >= 0 ? null : lot.id
  if (left >= 0) {
    next(lot.id)
    void hands.run(() => api.put<LotSheetView>(`/lots/${lot.id}/left`, { left }), (then) => {
      counted.value[lot.id] = true
      typed.value[lot.id] = ''
      lots.value = { lots: (lots.value?.lots ?? []).map((l) => l.id === lot.id ? then.lot : l) }
    })
  }
}
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-5xl w-full mx-auto">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-4">
      <h1 class="text-3xl grow">{{ t('shelf.StockTaking.stockTaking') }}</h1>
      <p class="text-xl" role="status">{{ t('shelf.StockTaking.of', [done, lots?.lots.length ?? 0]) }}</p>
      <RouterLink class="quiet" to="/shelf">{{ t('shelf.OrderList.backToTheShelf') }}</RouterLink>
    </header>
    <p v-if="lots && lots.lots.length === 0" class="text-xl">{{ t('shelf.StockTaking.nothingStandsHere') }}</p>
    <ForHands>
      <section v-for="[place, here] in places" :key="place" :aria-label="place || t('shelf.StockTaking.noPlace')">
        <h2 class="text-2xl border-b-[5px] border-soft pb-1">{{ place || t('shelf.StockTaking.noPlace') }}</h2>
        <form
          v-for="lot in here" :key="lot.id"
          class="grid grid-cols-[minmax(0,1fr)_7rem_auto] items-center gap-x-4 border-b border-line py-2" novalidate
          @submit.prevent="settle(lot, figure(typed[lot.id] ?? ''))"
        >
          <label :for="`lot-${lot.id}`" class="leading-snug" :class="counted[lot.id] ? 'line-through decoration-2' : ''">
            <strong class="text-lg">{{ lot.name }}</strong>, {{ t('shelf.Moves.lot', [lot.id]) }}{{ lot.openedAt ? '' : t('shelf.StockTaking.notOpened') }}
            <span v-if="wrong === lot.id" role="alert" class="block font-semibold">{{ t('shelf.LotRow.aFigureIsNeeded') }}</span>
          </label>
          <input
            :id="`lot-${lot.id}`" v-model="typed[lot.id]" :data-lot="lot.id" class="write text-xl text-right" inputmode="decimal"
            :placeholder="amount(lot.left, lot.unit)" :aria-invalid="wrong === lot.id"
          >
          <span class="flex gap-2">
            <button class="may" type="submit">{{ t('shelf.StockTaking.writeDown') }}</button>
            <button class="may" type="button" :disabled="lot.left < 0" @click="settle(lot, lot.left)">{{ t('shelf.StockTaking.asItSays') }}</button>
          </span>
        </form>
      </section>
    </ForHands>
  </main>
</template>
