<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { LateView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** What will not be done by its promise as things stand: said once, calmly, with where to see what can still be done. */
defineProps<{ late: readonly LateView[], now: number }>()
const { when } = useWhen()
</script>

<template>
  <section v-if="late.length > 0" class="caution my-2 grid gap-1" :aria-label="t('bench.LatePieces.willBeLate')">
    <p v-for="piece in late.slice(0, 3)" :key="piece.piece" class="text-bench leading-snug">
      <RouterLink :to="`/pieces/${piece.piece}/plan`" class="by-finger font-semibold underline underline-offset-4">{{ piece.name }}</RouterLink>
      {{
        t('bench.LatePieces.promisedTo', [
          piece.endsAt === null
            ? t('bench.LatePieces.hasNoHoursLeftTo')
            : t('bench.LatePieces.wouldBeDone', [when(piece.endsAt, now)]), when(piece.promisedAt, now), piece.customer
        ])
      }}
      <RouterLink :to="`/tickets/${piece.ticket}/promise`" class="by-finger underline underline-offset-4">{{ t('bench.LatePieces.whatCanBeDone') }}</RouterLink>
    </p>
    <p v-if="late.length > 3" class="text-soft">{{ t('bench.LatePieces.andMore', [late.length - 3]) }}</p>
  </section>
</template>
