<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { MoveView } from '../api/types'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import { amount } from './vessels'
import { t } from '../words'

/** Where it went, and what came in: the newest first. */
defineProps<{ moves: readonly MoveView[], named?: boolean }>()
const now = useNow()
const { when } = useWhen()
const KINDS: Partial<Record<MoveView['kind'], string>> = {
  bought: t('shelf.Moves.bought'), taken: t('shelf.Moves.taken'), settled: t('shelf.Moves.settled'), thrown: t('shelf.Moves.thrown'),
}
const what = (m: MoveView): string => KINDS[m.kind] === undefined ? m.what : `${KINDS[m.kind]}${m.note === '' ? '' : `: ${m.note}`}`
</script>

<template>
  <section v-if="moves.length > 0" :aria-label="t('shelf.Moves.whereItWent')">
    <h3 class="text-xl">{{ t('shelf.Moves.whereItWent') }}</h3>
    <ul>
      <li v-for="m in moves" :key="m.id" class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 py-1.5 border-b border-line leading-snug">
        <span>
          <template v-if="named"><RouterLink class="by-finger font-semibold" :to="`/shelf?product=${m.product}`">{{ m.productName }}</RouterLink>: </template>
          {{ what(m) }}<template v-if="m.piece !== null && m.pieceName && !named">, <RouterLink
            class="by-finger underline underline-offset-4" :to="`/pieces/${m.piece}/products`"
          >{{ m.pieceName }}</RouterLink></template>
          <span class="text-soft block text-[.92rem]">{{ when(m.at, now) }}<template v-if="m.by">, {{ m.by }}</template><template v-if="m.lot">, <RouterLink
            class="by-finger underline underline-offset-4" :to="`/lots/${m.lot}`"
          >{{ t('shelf.Moves.lot', [m.lot]) }}</RouterLink></template><template v-else>, {{ t('shelf.Moves.fromNoLot') }}</template></span>
        </span>
        <strong class="whitespace-nowrap">{{ m.amount > 0 ? '+' : '−' }}{{ amount(Math.abs(m.amount), m.unit) }}</strong>
        <div v-if="$slots.act" class="col-span-2"><slot name="act" :move="m" /></div>
      </li>
    </ul>
  </section>
</template>
