<script setup lang="ts">
import type { CoatsView, LadderView } from '../api/types'
import { counted } from '../kit/counted'
import { t } from '../words'

/** The colour after each coat over the real ground, in a row that ends at the target. */
defineProps<{ coats: CoatsView, target: string }>()
const first = (l: LadderView): string => (l.baseCoats === 0 ? t('pots.CoatStrip.noBase') : t('pots.CoatStrip.below', [l.baseCoats, l.base]))
</script>

<template>
  <section class="grid gap-2" :aria-label="t('pots.CoatStrip.coats')">
    <p class="text-lg font-semibold">{{ coats.sentence }}</p>
    <p v-if="coats.changes" class="text-[.95rem]">{{ t('pots.CoatStrip.readBefore', [coats.changes, coats.over ?? t('pots.CoatStrip.asItWasRead')]) }}</p>
    <div v-for="l in [coats.bare, ...coats.based]" :key="first(l)" class="grid gap-1">
      <p class="text-[.95rem]">{{
        t('pots.CoatStrip.mDry', [
          first(l), l.coats === null ? t('pots.CoatStrip.doesNotCover') : t('pots.CoatStrip.by', [counted(l.coats, 'coat'), coats.applicator]), l.dryUm
        ])
      }}<span v-if="l.cracks">{{ t('pots.CoatStrip.tooThickWhereItBends') }}</span></p>
      <div class="flex bg-surround p-2">
        <span class="h-10 w-12 shrink-0" :style="{ backgroundColor: coats.groundHex }" :title="t('pots.CoatStrip.theGround')" />
        <span
          v-for="s in l.steps.slice(0, 12)" :key="s.coat" class="h-10 grow" :style="{ backgroundColor: s.hex }"
          :title="t('pots.CoatStrip.afterCoatFromTheFull', [s.coat, s.toOpaque.toFixed(1)])"
        />
        <span class="h-10 w-12 shrink-0" :style="{ backgroundColor: target }" :title="t('pots.CoatStrip.theTarget')" />
      </div>
    </div>
  </section>
</template>
