<script setup lang="ts">
import { ref } from 'vue'
import { api } from '../api/client'
import type { LotView, MoveView, OnPieceView, ProductSheetView } from '../api/types'
import { figure } from '../kit/figure'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { vFocus } from '../kit/vFocus'
import { t } from '../words'

/** What a step took was otherwise than it was booked: another amount, or from another lot. */
const props = defineProps<{ piece: number, move: MoveView }>()
const emit = defineEmits<{ corrected: [on: OnPieceView] }>()
const { busy, problem, run } = useAct()
const open = ref(false)
const amount = ref('')
const lot = ref<number | null>(null)
const lots = ref<readonly LotView[]>([])
const wrong = ref(false)

const ask = async (): Promise<void> => {
  amount.value = String(Math.abs(props.move.amount))
  lot.value = props.move.lot
  await run(() => api.get<ProductSheetView>(`/products/${props.move.product}`), (product) => {
    lots.value = product.lots.filter((l) => l.emptiedAt === null || l.id === props.move.lot)
  })
  open.value = true
}
const keep = async (): Promise<void> => {
  const n = figure(amount.value)
  wrong.value = !(n >= 0)
  if (!wrong.value) {
    await run(() => api.put<OnPieceView>(`/pieces/${props.piece}/steps/${props.move.step ?? 0}/taken`, { amount: n, lot: lot.value }), (on) => {
      emit('corrected', on)
    })
  }
}
</script>

<template>
  <Notice :text="problem" @again="open = false" />
  <form v-if="open" class="border-2 border-ink p-3 grid gap-2" novalidate @submit.prevent="keep">
    <label class="grid gap-1">{{ t('shelf.TakenOtherwise.taken', [move.productName, move.unit]) }}<input
      v-model="amount" v-focus class="write" name="taken" inputmode="decimal" :aria-invalid="wrong"
    ></label>
    <div v-if="lots.length > 1" class="flex flex-wrap gap-2" role="group" :aria-label="t('shelf.TakenOtherwise.fromWhichLot')">
      <button v-for="l in lots" :key="l.id" class="may" type="button" :aria-pressed="l.id === lot" @click="lot = l.id">{{
        t('shelf.Moves.lot', [l.id])
      }}</button>
    </div>
    <p v-if="wrong" role="alert">{{ t('shelf.LotRow.aFigureIsNeeded') }}</p>
    <div class="flex gap-3">
      <button class="do" type="submit" :disabled="busy">{{ t('shelf.TakenOtherwise.soItWas') }}</button>
      <button class="quiet" type="button" @click="open = false">{{ t('shelf.LotRow.leaveIt') }}</button>
    </div>
  </form>
  <button v-else class="quiet px-0!" type="button" :disabled="busy" @click="ask">{{ t('shelf.TakenOtherwise.otherwise') }}</button>
</template>
