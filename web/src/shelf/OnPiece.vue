<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { OnPieceView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import Moves from './Moves.vue'
import TakenOtherwise from './TakenOtherwise.vue'
import { t } from '../words'

/** “What was on this piece?” */
const props = defineProps<{ id: number }>()
const { value: on, problem, reload } = useLoad(() => api.get<OnPieceView>(`/pieces/${props.id}/products`))
void reload()
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
        v-if="move.kind === 'step'" :key="move.id" :piece="id" :move="move" @corrected="(now) => { on = now }"
      /></template>
    </Moves>
  </main>
</template>
