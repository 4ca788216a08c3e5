<script setup lang="ts">
import type { CoatsView, LadderView } from '../api/types'
import { counted } from '../kit/counted'

/** The colour after each coat over the real ground, in a row that ends at the target. */
defineProps<{ coats: CoatsView, ground: string, target: string }>()
const first = (l: LadderView): string => (l.baseCoats === 0 ? 'No base' : `${l.baseCoats} × ${l.base} below`)
</script>

<template>
  <section class="grid gap-2" aria-label="Coats">
    <p class="text-lg font-semibold">{{ coats.sentence }}</p>
    <div v-for="l in [coats.bare, ...coats.based]" :key="first(l)" class="grid gap-1">
      <p class="text-[.95rem]">{{ first(l) }}: {{ l.coats === null ? 'does not cover' :
        `${counted(l.coats, 'coat')} by ${coats.applicator}` }}, {{ l.dryUm }} µm dry<span v-if="l.cracks">, too thick where it
        bends</span></p>
      <div class="flex bg-surround p-2">
        <span class="h-10 w-12 shrink-0" :style="{ backgroundColor: ground }" title="the ground" />
        <span
          v-for="s in l.steps.slice(0, 12)" :key="s.coat" class="h-10 grow" :style="{ backgroundColor: s.hex }"
          :title="`after coat ${s.coat}: ${s.toOpaque.toFixed(1)} from the full colour`"
        />
        <span class="h-10 w-12 shrink-0" :style="{ backgroundColor: target }" title="the target" />
      </div>
    </div>
  </section>
</template>
