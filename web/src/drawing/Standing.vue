<script setup lang="ts">
import type { PartColourView } from '../api/types'
import { colourMap } from '../counter/colours'
import { halvesOf } from './kinds'
import Silhouette from './Silhouette.vue'

/** A piece as it stands on a shelf: both halves side by side, or the one that it is. */
withDefaults(defineProps<{ kind: string, colours: readonly PartColourView[], weight?: number }>(), { weight: 1.5 })
</script>

<template>
  <div class="flex items-end justify-center">
    <Silhouette v-for="half in halvesOf(kind)" :key="half" :kind="kind" :half="half" :colours="colourMap(colours, half)" :weight="weight" class="max-h-full" />
  </div>
</template>
