<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { StepView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'
import StepCautions from './StepCautions.vue'

/** A step in words: what, on what, how much, careful, how, done when, why. */
defineProps<{ step: StepView, large?: boolean, underWay?: boolean }>()
const { span } = useWhen()
</script>

<template>
  <article class="grid gap-3">
    <div>
      <p v-if="step.half !== 'whole'" class="text-bench font-semibold">{{ step.half === 'both' ? t('step.StepWords.bothHalves') :
        t('step.StepWords.half', [step.half[0]?.toUpperCase(), step.half.slice(1)]) }}</p>
      <h2 :class="large ? 'text-[2.4rem] leading-[1.08]' : 'text-3xl'">{{ step.title }}</h2>
      <p class="text-bench mt-1">{{ t('step.StepWords.onThe', [step.where]) }}</p>
    </div>
    <p class="flex flex-wrap items-center gap-x-5 gap-y-1 text-bench">
      <span v-if="step.hex" class="inline-flex items-center gap-2 bg-surround p-1.5"><span class="block size-9" :style="{ backgroundColor: step.hex }" /></span>
      <strong v-if="!underWay">{{ t('step.StepWords.minByHand', [step.minutes]) }}</strong>
      <strong v-if="step.amount">{{ step.amount }}</strong>
      <span v-for="s in step.supplies" :key="s">{{ s }}</span>
      <span v-if="step.station !== 'bench'">{{ t('step.StepWords.atThe', [step.station]) }}</span>
      <span v-if="step.brush !== 'neutral'">{{ t('step.StepWords.brush', [step.brush]) }}</span>
      <span v-for="w in step.waits.filter((x) => x.maxMinutes !== null)" :key="w.step">{{ t('step.StepWords.within', [span(w.maxMinutes ?? 0)]) }}</span>
    </p>
    <!-- What can hurt is read before it is begun; then the hands want to know how. -->
    <StepCautions v-if="!underWay" :step="step" />
    <p class="text-bench">{{ step.how }}</p>
    <p v-if="step.gate" class="text-bench"><strong>{{ t('step.StepWords.doneWhen') }}</strong> {{ step.gate }}</p>
    <StepCautions v-if="underWay" :step="step" />
    <p v-for="note in step.notes" :key="note" class="border-l-4 border-ink pl-3 text-bench"><strong>{{ t('step.StepWords.note') }}</strong> {{ note }}</p>
    <RouterLink v-if="step.action === 'read-colour'" class="may justify-self-start" :to="`/pieces/${step.piece}/colour`">{{
      t('step.StepWords.toItsColour')
    }}</RouterLink>
    <RouterLink v-else-if="step.phase === 'record'" class="may justify-self-start" :to="`/pieces/${step.piece}/pictures`">{{
      t('step.StepWords.toThePictures')
    }}</RouterLink>
    <RouterLink v-else-if="step.phase === 'base' || step.phase === 'colour'" class="may justify-self-start" :to="`/pieces/${step.piece}/colour`">{{
      t('step.StepWords.toItsPots')
    }}</RouterLink>
    <div class="grid gap-0.5" :class="large ? 'text-bench' : ''">
      <p><strong>{{ t('step.StepWords.why') }}</strong> {{ step.why }}</p>
      <p v-for="o in step.overrides" :key="o">{{ o }}</p>
      <p v-for="r in step.because" :key="r.rule" class="text-soft grid grid-cols-[3.6rem_1fr]"><span class="font-semibold">{{ r.rule }}</span>{{ r.text }}</p>
    </div>
  </article>
</template>
