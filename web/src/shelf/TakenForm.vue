<script setup lang="ts">
import { ref } from 'vue'
import { api } from '../api/client'
import type { LotView, ProductSheetView } from '../api/types'
import { figure } from '../kit/figure'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { vFocus } from '../kit/vFocus'
import { t } from '../words'

/** How much of a product was taken, and from which lot. */
const props = defineProps<{ taken: { product: number, name: string, amount: number, unit: string, lot?: number | null }, verb: string, busy: boolean }>()
const emit = defineEmits<{ said: [amount: number, lot: number | null], left: [] }>()
const { problem, run } = useAct()
const amount = ref(String(props.taken.amount))
const lot = ref(props.taken.lot ?? null)
const lots = ref<readonly LotView[]>([])
const wrong = ref(false)

const ask = (): Promise<boolean> => run(() => api.get<ProductSheetView>(`/products/${props.taken.product}`), (product) => {
  lots.value = product.lots.filter((l) => l.emptiedAt === null || l.id === props.taken.lot)
  lot.value ??= lots.value[0]?.id ?? null
})
void ask()
const say = (): void => {
  const n = figure(amount.value)
  wrong.value = !(n >= 0)
  if (!wrong.value) {
    emit('said', n, lot.value)
  }
}
</script>

<template>
  <Notice :text="problem" @again="ask" />
  <form class="border-2 border-ink p-3 grid gap-2" novalidate @submit.prevent="say">
    <label class="grid gap-1">{{ t('shelf.TakenForm.taken', [taken.name, taken.unit]) }}<input
      v-model="amount" v-focus class="write" name="taken" inputmode="decimal" :aria-invalid="wrong"
    ></label>
    <div v-if="lots.length > 1" class="flex flex-wrap gap-2" role="group" :aria-label="t('shelf.TakenForm.fromWhichLot')">
      <button v-for="l in lots" :key="l.id" class="may" type="button" :aria-pressed="l.id === lot" @click="lot = l.id">{{
        t('shelf.TakenForm.lot', [l.id, l.left, l.unit])
      }}</button>
    </div>
    <p v-if="wrong" role="alert">{{ t('shelf.TakenForm.aFigureIsNeeded') }}</p>
    <div class="flex gap-3">
      <button class="do grow" type="submit" :disabled="busy">{{ verb }}</button>
      <button class="quiet" type="button" @click="emit('left')">{{ t('shelf.TakenForm.leaveIt') }}</button>
    </div>
  </form>
</template>
