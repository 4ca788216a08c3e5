<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { MoveView, OnPieceView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import Moves from './Moves.vue'
import TakenOtherwise from './TakenOtherwise.vue'
import { t } from '../words'

/** “What was on this piece?” */
const props = defineProps<{ id: number }>()
const { value: on, problem, reload } = useLoad(() => api.get<OnPieceView>(`/pieces/${props.id}/products`))
void reload()
/** What each step took when it was last done, out of however many lots: by the move under which it may be said otherwise. */
const lastTaken = computed(() => {
  const last = new Map<number, { move: MoveView, amount: number }>()
  for (const move of on.value?.moves ?? []) {
    if (move.kind === 'step' && move.step !== null) {
      const of = last.get(move.step)
      if (of === undefined) {
        last.set(move.step, { move, amount: -move.amount })
      } else if (of.move.at === move.at) {
        of.amount -= move.amount
      }
    }
  }
  return new Map([...last.values()].map(({ move, amount }) => [move.id, Math.round(amount * 1000) / 1000]))
})
const { person } = useSession()
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-4xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('shelf.OnPiece.whatWasOn', [on?.name ?? '…']) }}</h1>
      <RouterLink class="quiet" :to="`/ledger/${id}`">{{ t('shelf.OnPiece.itsLedger') }}</RouterLink>
    </header>
    <p v-if="on && on.moves.length === 0" class="text-xl">{{ t('shelf.OnPiece.nothingYet') }}</p>
    <Moves v-else-if="on" :moves="on.moves" named>
      <template #act="{ move }"><TakenOtherwise
        v-if="person?.works && lastTaken.has(move.id)" :key="move.id" :piece="id" :move="move" :amount="lastTaken.get(move.id) ?? 0"
        @corrected="(now) => { on = now }"
      /></template>
    </Moves>
  </main>
</template>
