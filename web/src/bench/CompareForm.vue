<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '../api/client'
import type { FamilyId, Outcome, PlanView, StepView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** The first half did not come out as it should: what did it, and what it did. The other half is planned without it. */
const props = defineProps<{ step: StepView, busy: boolean }>()
const emit = defineEmits<{ otherwise: [product: FamilyId, outcome: Outcome], leave: [] }>()
const words = useWords()
const laid = ref<FamilyId[]>([])
const product = ref<FamilyId | null>(null)
const outcome = ref<Outcome>('darkens')
const problem = ref('')
void api.get<PlanView>(`/pieces/${props.step.piece}/plan`).then((plan) => {
  laid.value = [...new Set(plan.steps.filter((s) => s.status === 'done' && s.family !== null).flatMap((s) => s.family ?? []))]
  product.value = laid.value.at(-1) ?? null
}).catch(() => {
  problem.value = t('bench.CompareForm.whatWasLaidCannotBe')
})
const products = computed(() => (words.value?.products ?? []).filter((p) => laid.value.includes(p.id)))
const FINE: readonly Outcome[] = ['no-change', 'darkens-returns']
const outcomes = computed(() => (words.value?.trials.find((t) => t.id === 'T-8')?.outcomes ?? []).filter((o) => !FINE.includes(o.id)))
</script>

<template>
  <form class="grid gap-3 border-y-2 border-ink py-3" @submit.prevent="product && emit('otherwise', product, outcome)">
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <p v-if="product" class="text-xl leading-loose">{{
                                                      t('bench.CompareForm.onTheFirstHalfThe')
                                                    }} <Choice v-model="product" :label="t('bench.CompareForm.product')" :options="products" :disabled="busy" />
      {{ t('bench.CompareForm.didThis') }} <Choice v-model="outcome" :label="t('bench.CompareForm.whatItDid')" :options="outcomes" :disabled="busy" />.</p>
    <div class="flex gap-3">
      <button class="do grow" type="submit" :disabled="busy || product === null">{{ t('bench.CompareForm.planTheOtherWithoutIt') }}</button>
      <button class="may" type="button" @click="emit('leave')">{{ t('bench.CompareForm.back') }}</button>
    </div>
  </form>
</template>
