<script setup lang="ts">
import { ref } from 'vue'
import { api } from '../api/client'
import type { LotView, ProductSheetView, TakesView } from '../api/types'
import { figure } from '../kit/figure'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { vFocus } from '../kit/vFocus'
import { t } from '../words'

/** What the step takes from the shelf; where it was more, less or from another lot, it is ended with that. */
const props = defineProps<{ takes: TakesView, running: boolean, busy: boolean }>()
const emit = defineEmits<{ done: [amount: number, lot: number | null] }>()
const { problem, run } = useAct()
const open = ref(false)
const amount = ref('')
const lot = ref<number | null>(null)
const lots = ref<readonly LotView[]>([])
const wrong = ref(false)

const ask = async (): Promise<void> => {
  amount.value = String(props.takes.amount)
  await run(() => api.get<ProductSheetView>(`/products/${props.takes.product}`), (product) => {
    lots.value = product.lots.filter((l) => l.emptiedAt === null)
    lot.value = lots.value[0]?.id ?? null
  })
  open.value = true
}
const end = (): void => {
  const n = figure(amount.value)
  wrong.value = !(n >= 0)
  if (!wrong.value) {
    emit('done', n, lot.value)
  }
}
</script>

<template>
  <Notice :text="problem" @again="ask" />
  <form v-if="open && running" class="border-2 border-ink p-3 grid gap-2" novalidate @submit.prevent="end">
    <label class="grid gap-1">{{ t('bench.TakesFrom.taken', [takes.name, takes.unit]) }}<input
      v-model="amount" v-focus class="write" name="taken" inputmode="decimal" :aria-invalid="wrong"
    ></label>
    <div v-if="lots.length > 1" class="flex flex-wrap gap-2" role="group" :aria-label="t('bench.TakesFrom.fromWhichLot')">
      <button v-for="l in lots" :key="l.id" class="may" type="button" :aria-pressed="l.id === lot" @click="lot = l.id">{{
        t('bench.TakesFrom.lot', [l.id, l.left, l.unit])
      }}</button>
    </div>
    <p v-if="wrong" role="alert">{{ t('bench.TakesFrom.aFigureIsNeeded') }}</p>
    <div class="flex gap-3">
      <button class="do grow" type="submit" :disabled="busy">{{ t('bench.TakesFrom.doneWithThat') }}</button>
      <button class="quiet" type="button" @click="open = false">{{ t('bench.TakesFrom.leaveIt') }}</button>
    </div>
  </form>
  <p v-else class="flex flex-wrap items-baseline gap-x-3">{{ t('bench.TakesFrom.takes', [takes.amount, takes.unit, takes.name]) }}
    <button v-if="running" class="quiet px-0!" type="button" :disabled="busy" @click="ask">{{ t('bench.TakesFrom.otherwise') }}</button></p>
</template>
