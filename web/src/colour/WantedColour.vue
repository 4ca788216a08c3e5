<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { api } from '../api/client'
import type { Gloss, Half, LookInput, MeasurementView, PartName, PotsView, ReadingInput, ReadingView, WantedInput } from '../api/types'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import TakeColour from './TakeColour.vue'
import { t } from '../words'

/** The colour that a part is to have, and which others with it. */
const props = defineProps<{
  piece: number
  half: Half
  part: PartName
  gloss: Gloss
  busy: boolean
  inHand: readonly MeasurementView[]
  readings: readonly ReadingView[]
  places: readonly { half: Half, part: PartName, label: string }[]
}>()
const emit = defineEmits<{ want: [given: WantedInput], read: [what: LookInput], forget: [] }>()
const words = useWords()
const { value: pots, reload } = useLoad(() => api.get<PotsView>('/pots'))
void reload()
const key = (p: { half: Half, part: PartName }): string => `${p.half}/${p.part}`
/** Both halves get it, unless somebody says otherwise, and other parts with them. */
const both = ref(props.half !== 'whole')
const also = ref<PartName[]>([])
const others = computed(() => props.places.filter((p, i, all) => p.part !== props.part && all.findIndex((q) => q.part === p.part) === i))
const toggle = (part: PartName): void => {
  also.value = also.value.includes(part) ? also.value.filter((p) => p !== part) : [...also.value, part]
}
const on = computed(() => props.places
  .filter((p) => (p.part === props.part || also.value.includes(p.part)) && (both.value || p.half === props.half))
  .map(({ half, part }) => ({ half, part })))
const want = (given: Omit<WantedInput, 'places'>): void => emit('want', { gloss: props.gloss, ...given, places: on.value })
const found = (given: ReadingInput): void => want({
  source: given.source, measured: given.measured ?? [], labs: given.labs ?? [], whereabouts: given.whereabouts ?? '', doubt: given.doubt ?? null,
})
const like = ref('')
const pot = ref('')
const alike = computed(() => props.readings.filter((r) => r.spot === 'sound' && key(r) !== `${props.half}/${props.part}`))
const mixed = computed(() => (pots.value?.pots ?? []).filter((p) => p.mixed !== null))
</script>

<template>
  <section class="grid gap-4" :aria-label="t('colour.WantedColour.theColourItIsTo')">
    <div v-if="others.length > 0 || half !== 'whole'" class="grid gap-2" role="group" :aria-label="t('colour.WantedColour.withItTheSameColour')">
      <p class="text-lg">{{ t('colour.WantedColour.withItTheSameColour') }}</p>
      <p class="flex flex-wrap gap-2">
        <button v-if="half !== 'whole'" class="may min-h-11!" type="button" :aria-pressed="both" @click="both = !both">{{
          t('colour.WantedColour.bothHalves')
        }}</button>
        <button
          v-for="p in others" :key="p.part" class="may min-h-11!" type="button" :aria-pressed="also.includes(p.part)" @click="toggle(p.part)"
        >{{ p.label }}</button>
      </p>
    </div>
    <div v-if="words" class="grid gap-2">
      <h2 class="text-xl">{{ t('colour.WantedColour.aFamilyOfColours') }}</h2>
      <div class="bg-surround p-3 grid grid-cols-4 sm:grid-cols-7 items-start gap-2">
        <button
          v-for="s in words.shades" :key="s.id" type="button" class="text-dark text-[.9rem] leading-tight" :disabled="busy"
          @click="want({ shade: s.id })"
        ><span class="block h-12" :style="{ backgroundColor: s.hex }" />{{ s.label }}</button>
      </div>
    </div>
    <form v-if="alike.length > 0" class="flex flex-wrap items-end gap-3" @submit.prevent="want({ reading: Number(like) })">
      <label class="grid gap-1 grow min-w-52">{{ t('colour.WantedColour.asAnotherPlaceIs') }}<select v-model="like" class="write" required>
        <option value="" disabled>{{ t('colour.WantedColour.whichPlace') }}</option>
        <option v-for="r in alike" :key="r.id" :value="String(r.id)">{{ r.half === 'whole' ? '' : `${r.half} ` }}{{ r.partLabel }}</option>
      </select></label>
      <button class="may" type="submit" :disabled="busy || like === ''">{{ t('colour.WantedColour.likeThat') }}</button>
    </form>
    <form v-if="mixed.length > 0" class="flex flex-wrap items-end gap-3" @submit.prevent="want({ pot: Number(pot) })">
      <label class="grid gap-1 grow min-w-52">{{ t('colour.WantedColour.asAPotThatWas') }}<select v-model="pot" class="write" required>
        <option value="" disabled>{{ t('colour.WantedColour.whichPot') }}</option>
        <option v-for="p in mixed" :key="p.id" :value="String(p.id)">{{ p.name }}, {{ p.customer }}</option>
      </select></label>
      <button class="may" type="submit" :disabled="busy || pot === ''">{{ t('colour.WantedColour.likeThat') }}</button>
    </form>
    <Disclosure v-slot="{ open }" as="div" class="border-t border-line">
      <DisclosureButton class="quiet">{{ open ? t('colour.WantedColour.less') : t('colour.WantedColour.readPicturedTypedOrFrom') }}</DisclosureButton>
      <DisclosurePanel>
        <TakeColour
          :piece="piece" :half="half" :part="part" spot="wanted" :gloss="gloss" :busy="busy" :in-hand="inHand"
          @read="(what) => emit('read', what)" @forget="emit('forget')" @keep="found"
        />
      </DisclosurePanel>
    </Disclosure>
  </section>
</template>
