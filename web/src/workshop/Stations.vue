<script setup lang="ts">
import type { StationView } from '../api/types'
import { t } from '../words'

/** How many pieces each station takes at once – no more are planned there together – and how many trees, clamps and slots there are. */
defineProps<{ stations: readonly StationView[], may: boolean }>()
const emit = defineEmits<{ change: [station: string, by: number] }>()
</script>

<template>
  <section class="grid md:grid-cols-2 gap-x-10 pt-4" :aria-label="t('workshop.Stations.stations')">
    <div v-for="station in stations" :key="station.station" class="flex items-center gap-4 border-b border-line py-2 text-xl">
      <button
        class="may size-14 text-2xl" type="button" :disabled="!may || station.places <= 1" :aria-label="t('workshop.Stations.fewer', [station.label])"
        @click="emit('change', station.station, -1)"
      >−</button>
      <strong class="w-10 text-center text-3xl font-head">{{ station.places }}</strong>
      <button
        class="may size-14 text-2xl" type="button" :disabled="!may" :aria-label="t('workshop.Stations.more', [station.label])"
        @click="emit('change', station.station, 1)"
      >+</button>
      <span>{{ station.label }}</span>
    </div>
  </section>
</template>
