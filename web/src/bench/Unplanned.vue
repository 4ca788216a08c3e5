<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { UnplannedView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** What was taken in and that nobody has planned: so that nothing is forgotten at the counter. */
defineProps<{ pieces: readonly UnplannedView[], now: number }>()
const { when } = useWhen()
const MOST = 3
</script>

<template>
  <p class="my-1 text-bench leading-snug" role="status">{{
    t('bench.Unplanned.notPlannedYet')
  }} <template v-for="(piece, i) in pieces.slice(0, MOST)" :key="piece.piece">{{ i > 0 ? ', ' : ''
  }}<RouterLink
    :to="`/pieces/${piece.piece}`" class="by-finger font-semibold underline underline-offset-4"
  >{{ piece.name }}</RouterLink>{{ piece.promised ?
    t('bench.Unplanned.for', [when(piece.promisedAt, now)]) : '' }}</template>{{
    pieces.length > MOST ? t('bench.Unplanned.andMore', [pieces.length - MOST]) : ''
  }}.</p>
</template>
