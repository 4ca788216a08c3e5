<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { LateView } from '../api/types'
import { useWhen } from '../session/useWhen'

/** What will not be done by its promise as things stand: said once, calmly, with where to see what can still be done. */
defineProps<{ late: readonly LateView[], now: number }>()
const { when } = useWhen()
</script>

<template>
  <section v-if="late.length > 0" class="caution my-2 grid gap-1" aria-label="Will be late">
    <p v-for="piece in late.slice(0, 3)" :key="piece.piece" class="leading-snug">
      <RouterLink :to="`/pieces/${piece.piece}/plan`" class="font-semibold underline underline-offset-4">{{ piece.name }}</RouterLink>
      {{ piece.endsAt === null ? 'has no hours left to be done in' : `would be done ${when(piece.endsAt, now)}` }}; promised {{ when(piece.promisedAt, now) }}
      to {{ piece.customer }}.
      <RouterLink :to="`/tickets/${piece.ticket}/promise`" class="underline underline-offset-4">What can be done?</RouterLink>
    </p>
    <p v-if="late.length > 3" class="text-soft">And {{ late.length - 3 }} more.</p>
  </section>
</template>
