<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '../api/client'
import type { DrawDownInput, FitView, LookInput, MeasurementView, ProductView } from '../api/types'
import { figure } from '../kit/figure'
import { useAct } from '../kit/useAct'
import { measure } from './useColour'
import { t } from '../words'

/** A paint of one's own from two draw-downs of one film, over a white and over a black. */
const props = defineProps<{ open: boolean, products: readonly ProductView[] }>()
const emit = defineEmits<{ leave: [], added: [] }>()
const hands = useAct()
const name = ref('')
const dryUm = ref('6')
const tube = ref('')
watch(
  () => props.open,
  () => {
    tube.value ||= props.products.find((p) => p.kind === 'paint')?.code ?? ''
  },
)
const got = shallowRef<Partial<Record<'white' | 'black' | 'overWhite' | 'overBlack', MeasurementView>>>({})
const fit = shallowRef<FitView | null>(null)
const product = computed(() => props.products.find((p) => p.code === tube.value)?.id ?? props.products.find((p) => p.kind === 'paint')?.id ?? 0)
const fields = [
  { id: 'white', label: t('colour.OwnPaint.theWhiteCardBare') },
  { id: 'black', label: t('colour.OwnPaint.theBlackCardBare') },
  { id: 'overWhite', label: t('colour.OwnPaint.theFilmOverWhite') },
  { id: 'overBlack', label: t('colour.OwnPaint.theFilmOverBlack') },
] as const
const look = (id: (typeof fields)[number]['id']): LookInput =>
  id === 'white' || id === 'black'
    ? { what: 'card', card: id }
    : { what: 'draw-down', product: product.value, card: id === 'overWhite' ? 'white' : 'black', dryUm: figure(dryUm.value) }
const read = (id: (typeof fields)[number]['id']) =>
  hands.run(
    () => measure(look(id)),
    (one) => {
      got.value = { ...got.value, [id]: one }
      fit.value = null
    },
  )
const ready = computed(() => fields.every((f) => got.value[f.id] !== undefined) && name.value !== '')
const send = (keep: boolean) =>
  hands.run(
    () =>
      api.post<FitView>('/colours', {
        name: name.value,
        dryUm: figure(dryUm.value),
        keep,
        white: got.value.white?.values ?? [],
        black: got.value.black?.values ?? [],
        overWhite: got.value.overWhite?.values ?? [],
        overBlack: got.value.overBlack?.values ?? [],
      } satisfies DrawDownInput),
    (found) => {
      fit.value = found
      if (keep) {
        got.value = {}
        fit.value = null
        name.value = ''
        emit('added')
      }
    },
  )
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="emit('leave')">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-3xl max-h-[calc(100dvh-2rem)] overflow-y-auto p-6 grid gap-4">
        <DialogTitle class="text-3xl">{{ t('colour.OwnPaint.aPaintOfYourOwn') }}</DialogTitle>
        <p>{{ t('colour.OwnPaint.drawItDownInOne') }}</p>
        <div class="grid grid-cols-[1fr_10rem] gap-3">
          <label class="grid gap-1">{{ t('colour.OwnPaint.name') }}<input v-model="name" class="write"></label>
          <label class="grid gap-1">{{ t('colour.OwnPaint.dryFilmM') }}<input v-model="dryUm" class="write" inputmode="decimal"></label>
        </div>
        <label class="grid gap-1">{{ t('colour.OwnPaint.withTheSimulatedReaderThe') }}<select v-model="tube" class="write">
          <option v-for="p in products.filter((x) => x.kind === 'paint')" :key="p.code" :value="p.code">{{ p.name }}</option></select></label>
        <ul class="grid">
          <li v-for="f in fields" :key="f.id" class="grid grid-cols-[5rem_1fr_auto] items-center gap-4 border-t border-line py-2">
            <span class="bg-surround p-1.5">
              <span class="block h-10" :class="got[f.id] ? '' : 'border border-dashed border-dark'" :style="{ backgroundColor: got[f.id]?.seen.daylight }" />
            </span>
            <span class="text-lg">{{ f.label }}</span>
            <button
              class="may" type="button" :disabled="hands.busy.value"
              :aria-label="`${got[f.id] ? t('colour.OwnPaint.readAgain') : t('colour.OwnPaint.read')}: ${f.label}`"
              @click="read(f.id)"
            >{{ got[f.id] ? t('colour.OwnPaint.readAgain') : t('colour.OwnPaint.read') }}</button>
          </li>
        </ul>
        <p v-if="hands.problem.value" class="caution" role="alert">{{ hands.problem.value }}</p>
        <div v-if="fit" class="flex items-center gap-4">
          <span class="bg-surround p-3"><span class="block size-16" :style="{ backgroundColor: fit.masstone.daylight }" /></span>
          <p class="text-lg grow" :class="fit.good ? '' : 'font-semibold'">{{ fit.sentence }}</p>
        </div>
        <div class="flex flex-wrap gap-3">
          <button :class="fit?.good ? 'may' : 'do'" type="button" :disabled="!ready || hands.busy.value" @click="send(false)">{{
            t('colour.OwnPaint.checkTheFit')
          }}</button>
          <button v-if="fit?.good" class="do" type="button" :disabled="hands.busy.value" @click="send(true)">{{ t('colour.OwnPaint.putItOnTheShelf') }}</button>
          <button class="quiet" type="button" @click="emit('leave')">{{ t('colour.OwnPaint.leaveIt') }}</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
