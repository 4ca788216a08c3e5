<script setup lang="ts">
import { t } from '../words'
/** Two colours edge to edge, with nothing between them, in the grey of the room. */
defineProps<{ left: string | null, right: string | null, leftLabel: string, rightLabel: string, big?: boolean }>()
</script>

<template>
  <figure class="m-0" :aria-label="t('pots.HalfFields.beside', [leftLabel, rightLabel])">
    <svg
      :viewBox="big ? '0 0 640 300' : '0 0 160 60'" :class="big ? 'h-[22dvh] lg:h-[32dvh] min-h-44' : ''" class="block w-full" role="img"
      :aria-label="t('pots.HalfFields.leftRight', [leftLabel, rightLabel])" preserveAspectRatio="none" shape-rendering="crispEdges"
    >
      <rect v-if="left" x="0" y="0" :width="big ? 320 : 80" :height="big ? 300 : 60" :fill="left" />
      <rect v-else x="1.5" y="1.5" :width="big ? 317 : 77" :height="big ? 297 : 57" fill="none" class="stroke-dark" stroke-width="1.5" stroke-dasharray="5 5" />
      <rect v-if="right" :x="big ? 320 : 80" y="0" :width="big ? 320 : 80" :height="big ? 300 : 60" :fill="right" />
      <rect
        v-else :x="big ? 321.5 : 81.5" y="1.5" :width="big ? 317 : 77" :height="big ? 297 : 57" fill="none" class="stroke-dark" stroke-width="1.5"
        stroke-dasharray="5 5"
      />
    </svg>
    <figcaption v-if="big" class="grid grid-cols-2 text-dark text-lg pt-1">
      <span>{{ leftLabel }}</span>
      <span class="text-right">{{ rightLabel }}</span>
    </figcaption>
  </figure>
</template>
