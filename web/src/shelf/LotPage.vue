<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { computed, watch } from 'vue'
import { api } from '../api/client'
import type { LotSheetView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { squareCode } from '../kit/squareCode'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import LotRow from './LotRow.vue'
import Moves from './Moves.vue'
import { amount } from './vessels'
import { t } from '../words'

/** One lot: what is in it, which pieces got it, and the label that opens this page. */
const props = defineProps<{ id: number }>()
const { value: sheet, problem, reload } = useLoad(() => api.get<LotSheetView>(`/lots/${props.id}`))
watch(() => props.id, () => void reload(), { immediate: true })
const { day } = useWhen()
/** Black on white in either light: a camera has to read it. */
const square = computed(() => squareCode(`${location.origin}/lots/${props.id}`))
const print = (): void => window.print()
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-4xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <template v-if="sheet">
      <header class="no-print flex flex-wrap items-end gap-3">
        <h1 class="text-3xl grow">{{ sheet.lot.name }}</h1>
        <RouterLink class="quiet" :to="`/shelf?product=${sheet.lot.product}`">{{ t('shelf.OrderList.backToTheShelf') }}</RouterLink>
        <button class="may" type="button" @click="print">{{ t('shelf.LotPage.printTheLabel') }}</button>
      </header>
      <article class="bg-raised text-ink border-2 border-ink grid grid-cols-[minmax(0,1fr)_7rem] gap-4 p-4 w-[28rem] max-w-full">
        <div class="grid content-between gap-1 min-w-0 leading-tight">
          <p class="font-head text-4xl">{{ t('shelf.LotPage.lot', [sheet.lot.id]) }}</p>
          <p class="text-xl font-semibold">{{ sheet.lot.name }}</p>
          <p>{{ t('shelf.LotPage.bought', [amount(sheet.lot.amount, sheet.lot.unit), day(sheet.lot.boughtAt)]) }}<template v-if="sheet.lot.batch"><br>{{
            t('shelf.LotPage.makersNumber', [sheet.lot.batch])
          }}</template></p>
          <p>{{
            sheet.lot.openedAt ? t('shelf.LotPage.goodUntil', [day(sheet.lot.openedAt), day(sheet.lot.goodUntil ?? '')]) : t('shelf.LotPage.opened')
          }}</p>
        </div>
        <img :src="square" width="112" height="112" class="w-full bg-white self-center" :alt="t('shelf.LotPage.aSquareCode')">
      </article>
      <ul class="no-print"><LotRow :lot="sheet.lot" :empty-g="0" @changed="reload" /></ul>
      <Moves class="no-print" :moves="sheet.moves" />
    </template>
  </main>
</template>
