<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { api } from '../api/client'
import type { PartsInput, PartView, PieceView, StepView, Wish } from '../api/types'
import { useWords } from '../kit/useWords'
import PartWishes from '../step/PartWishes.vue'
import { t } from '../words'

/** What the owner asks for on the parts of a step; the plan is made anew with it. */
const props = defineProps<{ piece: number, version: number, step: StepView, busy: boolean }>()
const emit = defineEmits<{ wish: [given: Pick<PartsInput, 'places' | 'wishes'>] }>()
const words = useWords()
const parts = shallowRef<readonly PartView[]>([])
watch(() => [props.piece, props.version], () => {
  void api.get<PieceView>(`/pieces/${props.piece}`).then((p) => {
    parts.value = p.parts
  }).catch(() => undefined)
}, { immediate: true })
const here = computed(() => parts.value.filter((p) => props.step.parts.includes(p.part) && (props.step.half === 'both' || p.half === props.step.half)))
/** What can be asked for is asked part by part: a darker toe is not one of the quarters. */
const apart = computed(() => [...new Set(here.value.map((p) => p.part))].map((part) => here.value.filter((p) => p.part === part)).filter((p) =>
  p.some((one) => one.mayWish.length > 0)))
const wish = (of: readonly PartView[], wishes: Wish[]): void =>
  emit('wish', { places: of.map(({ part, half }) => ({ part, half })), wishes })
</script>

<template>
  <section v-if="words && apart.length > 0" class="grid gap-2" :aria-label="t('plan.WishedHere.whatTheOwnerAsksFor')">
    <PartWishes
      v-for="of in apart" :key="of[0]?.part" :parts="of" :words="words" :disabled="busy" :on="apart.length > 1 ? of[0]?.part.replaceAll('-', ' ') : undefined"
      @wish="(wishes) => wish(of, wishes)"
    />
  </section>
</template>
