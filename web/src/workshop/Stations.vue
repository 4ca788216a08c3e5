<script setup lang="ts">
import type { StationInput, StationView } from '../api/types'

/** How many pieces each station takes at once; no more are planned there together. */
defineProps<{ stations: readonly StationView[], may: boolean }>()
const emit = defineEmits<{ keep: [station: StationInput] }>()
const LABELS: Readonly<Record<string, string>> = { bench: 'places at the bench', booth: 'pieces in the spray booth', sink: 'pieces at the sink', lamp: 'pieces under the lamp' }
const change = (station: string, places: number): void => emit('keep', { station: station as StationInput['station'], places })
</script>

<template>
  <section class="grid gap-2 pt-4 max-w-2xl" aria-label="Stations">
    <div v-for="station in stations" :key="station.station" class="flex items-center gap-4 border-b border-line py-2 text-xl">
      <button class="may size-14 text-2xl" type="button" :disabled="!may || station.places <= 1" :aria-label="`Fewer ${LABELS[station.station]}`" @click="change(station.station, station.places - 1)">−</button>
      <strong class="w-10 text-center text-3xl font-head">{{ station.places }}</strong>
      <button class="may size-14 text-2xl" type="button" :disabled="!may" :aria-label="`More ${LABELS[station.station]}`" @click="change(station.station, station.places + 1)">+</button>
      <span>{{ LABELS[station.station] ?? station.station }}</span>
    </div>
  </section>
</template>
