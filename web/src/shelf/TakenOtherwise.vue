<script setup lang="ts">
import { ref } from 'vue'
import { api } from '../api/client'
import type { MoveView, OnPieceView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import TakenForm from './TakenForm.vue'
import { t } from '../words'

/** What a step took was otherwise than it was booked: another amount, or from another lot. Said of all it took, out of however many lots. */
const props = defineProps<{ piece: number, move: MoveView, amount: number }>()
const emit = defineEmits<{ corrected: [on: OnPieceView] }>()
const { busy, problem, run } = useAct()
const open = ref(false)

const keep = (amount: number, lot: number | null): Promise<boolean> =>
  run(() => api.put<OnPieceView>(`/pieces/${props.piece}/steps/${props.move.step ?? 0}/taken`, { amount, lot }), (on) => {
    emit('corrected', on)
  })
</script>

<template>
  <Notice :text="problem" @again="open = false" />
  <TakenForm
    v-if="open" :taken="{ ...move, name: move.productName, amount }" :verb="t('shelf.TakenOtherwise.soItWas')" :busy="busy"
    @said="keep" @left="open = false"
  />
  <button v-else class="quiet px-0!" type="button" :disabled="busy" @click="open = true">{{ t('shelf.TakenOtherwise.otherwise') }}</button>
</template>
