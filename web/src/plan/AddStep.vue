<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import type { Action, Applicator, ChangeInput, FamilyId, Kind, KindView, PlaceInput, StepView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** A step of one's own: what, with what, on which parts. */
const props = defineProps<{ open: boolean, kind: Kind, before: StepView | undefined, busy: boolean }>()
const emit = defineEmits<{ add: [given: Omit<ChangeInput, 'version'>], leave: [] }>()
const words = useWords()
const what = ref<FamilyId | Action>('conditioner')
const applicator = ref<Applicator>('cloth')
const places = ref<PlaceInput[]>([])
const kind = computed<KindView | undefined>(() => words.value?.kinds.find((k) => k.id === props.kind))
const options = computed(() => [...(words.value?.products ?? []), ...(words.value?.acts ?? [])])
/** Those that its cut has, and what the step before was on. */
const parts = computed(() => kind.value?.parts.filter((p) => p.usual || props.before?.parts.includes(p.id) === true) ?? [])
const product = computed(() => words.value?.products.find((p) => p.id === what.value))
watch(() => props.open, (open) => {
  if (open) {
    const halves = props.before === undefined || props.before.half === 'both' ? kind.value?.halves ?? [] : [props.before.half]
    places.value = (props.before?.parts ?? []).flatMap((part) => halves.map((half) => ({ half, part })))
  }
})
const add = (): void => {
  emit('add', {
    change: 'add',
    before: props.before?.key ?? null,
    ...(product.value
      ? { family: product.value.id, applicator: applicator.value }
      : { action: words.value?.acts.find((a) => a.id === what.value)?.id ?? null }),
    places: places.value,
  })
}
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="emit('leave')">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-6 overflow-y-auto">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-3xl p-5 sm:p-8 grid gap-5">
        <DialogTitle class="text-3xl">{{ t('plan.AddStep.aStepOfYourOwn') }}</DialogTitle>
        <p class="text-xl leading-loose">
          <Choice v-model="what" :label="t('plan.AddStep.what')" :options="options" />
          <template v-if="product && words">{{
            t('plan.AddStep.laidWith')
          }} <Choice v-model="applicator" :label="t('plan.AddStep.applicator')" :options="words.applicators" /></template>{{
            t('plan.AddStep.beforeOn', [before?.title ?? t('plan.AddStep.theEnd')])
          }}
        </p>
        <fieldset class="grid gap-2">
          <legend class="sr-only">{{ t('plan.AddStep.parts') }}</legend>
          <div v-for="half in kind?.halves ?? []" :key="half" class="flex flex-wrap gap-x-5 gap-y-1">
            <strong v-if="half !== 'whole'" class="w-14 self-center">{{ half }}</strong>
            <label v-for="p in parts" :key="p.id" class="flex items-center gap-2 min-h-11">
              <input v-model="places" type="checkbox" class="size-5 accent-ink" :value="{ half, part: p.id }"> {{ p.label }}</label>
          </div>
        </fieldset>
        <div class="flex gap-4">
          <button class="do grow" type="button" :disabled="busy || places.length === 0" @click="add">{{ t('plan.AddStep.putItIn') }}</button>
          <button class="may" type="button" @click="emit('leave')">{{ t('plan.AddStep.leaveIt') }}</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
