<script setup lang="ts">
import { computed } from 'vue'
import type { Kind } from '../api/types'
import { colourMap, halvesOf, type Coloured } from './colours'
import Silhouette from './Silhouette.vue'

/** A piece as it stands on a shelf: both halves side by side, or the one that it is. */
const props = withDefaults(defineProps<{ kind: Kind, colours: readonly Coloured[], weight?: number }>(), { weight: 1.5 })
const halves = computed(() => halvesOf(props.colours))
</script>

<template>
  <div class="flex items-end justify-center">
    <Silhouette v-for="half in halves" :key="half" :kind="kind" :half="half" :colours="colourMap(colours, half)" :weight="weight" class="max-h-full" />
  </div>
</template>
