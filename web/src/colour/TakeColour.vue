<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { api, Problem } from '../api/client'
import { figure } from '../kit/figure'
import type {
  CardFoundView,
  ColoursView,
  Gloss,
  Half,
  LookInput,
  MeasurementView,
  PartName,
  PictureColourView,
  PicturesView,
  ReadingInput,
  ReadSpot,
  SamplesView,
  SampleView,
} from '../api/types'
import { RouterLink } from 'vue-router'
import { t } from '../words'

/** A colour of a place, read in one of four ways. */
const props = defineProps<{ piece: number; half: Half; part: PartName; spot: ReadSpot; gloss: Gloss; busy: boolean; inHand: readonly MeasurementView[] }>()
const emit = defineEmits<{ read: [what: LookInput]; forget: []; keep: [given: ReadingInput] }>()
const whereabouts = ref('')
const problem = ref('')
const place = computed(() => ({ half: props.half, part: props.part, spot: props.spot, gloss: props.gloss, whereabouts: whereabouts.value }))
const look = (): void => emit('read', { what: 'place', piece: props.piece, half: props.half, part: props.part, spot: props.spot })

const typed = ref({ l: '', a: '', b: '' })
const keepTyped = (): void => emit('keep', { ...place.value, source: 'typed', labs: [[figure(typed.value.l), figure(typed.value.a), figure(typed.value.b)]] })

const samples = shallowRef<readonly SampleView[]>([])
const openFile = async (event: Event): Promise<void> => {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file === undefined) {
    return
  }
  problem.value = ''
  samples.value = []
  try {
    samples.value = (await api.post<SamplesView>('/readings/file', { text: await file.text() })).samples
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('colour.TakeColour.thatFileCouldNotBe')
  }
}
const keepSample = (s: SampleView): void =>
  emit('keep', {
    ...place.value,
    source: 'file',
    whereabouts: whereabouts.value || s.name.slice(0, 120),
    ...(s.values === null ? { labs: [[s.lab.l, s.lab.a, s.lab.b]] } : { measured: [s.values] }),
  })

const colours = shallowRef<ColoursView | null>(null)
const pictures = shallowRef<PicturesView | null>(null)
const chosenPicture = ref<number | null>(null)
type Tap = readonly [number, number]
const grey = ref<Tap | null>(null)
const card = ref<Tap[]>([])
const at = ref<Tap | null>(null)
const seen = shallowRef<PictureColourView | null>(null)
const withCard = ref(false)
/** The workshop's card as it was found by itself; its fields need no taps then. */
const found = shallowRef<CardFoundView | null>(null)
const looking = ref(false)
const CARD_FIELDS = 12
const shown = computed(() => pictures.value?.pictures.find((p) => p.id === chosenPicture.value))
const wanted = computed(() =>
  withCard.value && card.value.length < CARD_FIELDS
    ? t('colour.TakeColour.tapFieldOfTheCard', [card.value.length + 1])
    : !withCard.value && grey.value === null
      ? t('colour.TakeColour.tapTheGreyCard')
      : at.value === null
        ? t('colour.TakeColour.tapTheLeather')
        : '',
)
const startAgain = (): void => {
  found.value = null
  grey.value = null
  card.value = []
  at.value = null
  seen.value = null
}
watch([chosenPicture, withCard], startAgain)
const findCard = async (): Promise<void> => {
  withCard.value = true
  await nextTick()
  startAgain()
  problem.value = ''
  looking.value = true
  try {
    const card12 = await api.get<CardFoundView>(`/pictures/${chosenPicture.value}/card`)
    found.value = card12
    card.value = card12.fields.map(([x = 0, y = 0]) => [x, y])
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
  looking.value = false
}
const tap = async (event: MouseEvent): Promise<void> => {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const spot: Tap = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]
  if (withCard.value && card.value.length < CARD_FIELDS) {
    card.value = [...card.value, spot]
    return
  }
  if (!withCard.value && grey.value === null) {
    grey.value = spot
    return
  }
  at.value = spot
  problem.value = ''
  try {
    seen.value = await api.post<PictureColourView>(`/pictures/${chosenPicture.value}/colour`, {
      at: spot,
      grey: withCard.value ? null : grey.value,
      card: card.value,
      printed: found.value?.printed ?? false,
    })
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
}
const opened = async (tab: number): Promise<void> => {
  problem.value = ''
  if (tab === 1 && pictures.value === null) {
    pictures.value = await api.get<PicturesView>(`/pieces/${props.piece}/pictures`)
    chosenPicture.value = pictures.value.pictures[0]?.id ?? null
  }
  if (tab === 3 && colours.value === null) {
    colours.value = await api.get<ColoursView>('/colours')
  }
}
const ways = [t('colour.TakeColour.reader'), t('colour.TakeColour.picture2'), t('colour.TakeColour.numbersOrFile'), t('colour.TakeColour.nearestSwatch')]
const mark = (t: Tap) => ({ left: `calc(${t[0] * 100}% - 9px)`, top: `calc(${t[1] * 100}% - 9px)` })
/** What a leather can be held beside: swatches, and paints of the shelf as they dry. */
const compared = computed(() => [
  ...(colours.value?.swatches ?? []).map((x) => ({ key: x.code, name: x.name, hex: x.seen.daylight, lab: x.seen.lab })),
  ...(colours.value?.products ?? []).filter((p) => p.kind === 'paint').map((p) => ({ key: p.code, name: p.name, hex: p.hex, lab: p.lab })),
])
</script>

<template>
  <TabGroup as="section" class="grid gap-3" :aria-label="t('colour.TakeColour.readItsColour')" @change="opened">
    <TabList class="flex flex-wrap border-b-2 border-ink">
      <Tab v-for="w in ways" :key="w" v-slot="{ selected }" as="template">
        <button type="button" class="min-h-12 px-4 font-semibold" :class="selected ? 'bg-ink text-raised' : ''">{{ w }}</button>
      </Tab>
    </TabList>
    <p v-if="problem" class="caution" role="alert">{{ problem }}</p>
    <TabPanels>
      <TabPanel class="grid gap-3">
        <div class="flex flex-wrap items-center gap-3">
          <button
            :class="inHand.length < 3 ? 'do' : 'may'" type="button" :disabled="busy"
            @click="look"
          >{{ inHand.length === 0 ? t('colour.TakeColour.setTheReaderDownAnd') : t('colour.TakeColour.readOnceMore') }}</button>
          <button
            v-if="inHand.length > 0" :class="inHand.length < 3 ? 'may' : 'do'" type="button" :disabled="busy"
            @click="emit('keep', { ...place, source: 'reader', measured: inHand.map((m) => m.values) })"
          >{{ inHand.length === 1 ? t('colour.TakeColour.keepThisOne') :
            t('colour.TakeColour.keepTheMeanOf', [inHand.length]) }}</button>
          <button v-if="inHand.length > 0" class="quiet" type="button" @click="emit('forget')">{{ t('colour.TakeColour.forgetThem') }}</button>
        </div>
        <ol v-if="inHand.length > 0" class="flex flex-wrap bg-surround p-3 gap-x-3 gap-y-2 text-dark" :aria-label="t('colour.TakeColour.measurements')">
          <li v-for="(m, i) in inHand" :key="i" class="w-24">
            <span class="block h-12" :style="{ backgroundColor: m.seen.daylight }" />
            <span class="text-[.85rem]">{{ m.seen.lab.l.toFixed(1) }} {{ m.seen.lab.a.toFixed(1) }} {{ m.seen.lab.b.toFixed(1) }}</span>
          </li>
        </ol>
        <p class="text-soft">{{ t('colour.TakeColour.cleanDryAndConditionedWhere') }}</p>
      </TabPanel>
      <TabPanel class="grid gap-3">
        <p v-if="pictures && pictures.pictures.length === 0" class="text-lg">{{ t('colour.TakeColour.thereIsNoPictureOf') }}</p>
        <template v-if="shown">
          <div class="flex gap-2 overflow-x-auto" tabindex="0" :aria-label="t('colour.TakeColour.picturesOfThisPiece')">
            <button
              v-for="p in pictures?.pictures ?? []" :key="p.id" type="button" class="border-4 shrink-0"
              :class="p.id === chosenPicture ? 'border-ink' : 'border-transparent'"
              :aria-label="t('colour.TakeColour.picture', [p.id])" @click="chosenPicture = p.id"
            >
              <img :src="p.thumb" alt="" class="h-16">
            </button>
          </div>
          <div class="flex flex-wrap gap-3">
            <button class="do" type="button" :disabled="looking" @click="findCard">{{ t('colour.TakeColour.findTheCard') }}</button>
            <button class="may" type="button" :aria-pressed="!withCard" @click="withCard = false">{{ t('colour.TakeColour.aGreyCardIsIn') }}</button>
            <button class="may" type="button" :aria-pressed="withCard" @click="withCard = true">{{ t('colour.TakeColour.theWorkshopsCardIsIn') }}</button>
            <button class="quiet" type="button" @click="startAgain">{{ t('colour.TakeColour.tapAnew') }}</button>
            <RouterLink class="quiet" to="/colours/card">{{ t('colour.TakeColour.printACard') }}</RouterLink>
          </div>
          <p v-if="found" role="status">{{ t('colour.TakeColour.theCardIsFound', [found.sentence]) }}</p>
          <p class="text-lg font-semibold" role="status">{{ wanted }}</p>
          <div class="relative cursor-crosshair" @click="tap">
            <img :src="shown.full" :alt="t('colour.TakeColour.thePictureToTap')" class="w-full">
            <span
              v-for="(tapped, i) in [...(grey ? [grey] : []), ...card, ...(at ? [at] : [])]" :key="i"
              class="absolute size-[18px] border-2 border-raised outline-2 outline-dark rounded-full" :style="mark(tapped)"
            />
          </div>
          <div v-if="seen" class="flex items-center gap-4">
            <span class="bg-surround p-3"><span class="block size-16" :style="{ backgroundColor: seen.hex }" /></span>
            <p class="grow">{{ seen.sentence }}</p>
            <button
              class="do shrink-0" type="button" :disabled="busy" 
              @click="emit('keep', { ...place, source: 'picture', labs: [[seen.lab.l, seen.lab.a, seen.lab.b]], doubt: seen.doubt })"
            >{{ t('colour.TakeColour.keepIt') }}</button>
          </div>
        </template>
      </TabPanel>
      <TabPanel class="grid gap-4">
        <form class="grid grid-cols-[1fr_1fr_1fr_auto] gap-3 items-end" @submit.prevent="keepTyped">
          <label class="grid gap-1">L*<input v-model="typed.l" class="write" inputmode="decimal" required></label>
          <label class="grid gap-1">a*<input v-model="typed.a" class="write" required></label>
          <label class="grid gap-1">b*<input v-model="typed.b" class="write" required></label>
          <button class="do" type="submit" :disabled="busy">{{ t('colour.TakeColour.keepIt') }}</button>
        </form>
        <label class="grid gap-1">{{ t('colour.TakeColour.fromAFileCgatsText') }}<input
          type="file" class="write" accept=".txt,.csv,.cgats,text/plain,text/csv"
          @change="openFile"
        ></label>
        <ul v-if="samples.length > 0" class="grid max-h-72 overflow-y-auto">
          <li v-for="(s, i) in samples" :key="i">
            <button
              type="button" class="w-full flex items-center gap-4 min-h-12 border-t border-line text-left hover:bg-raised" :disabled="busy"
              @click="keepSample(s)"
            >
              <span class="bg-surround p-1"><span class="block h-8 w-14" :style="{ backgroundColor: s.hex }" /></span>
              <span class="grow">{{ s.name }}</span>
              <span class="text-soft">{{ s.values === null ? 'L*a*b*' : t('colour.TakeColour.spectrum') }}</span>
            </button>
          </li>
        </ul>
      </TabPanel>
      <TabPanel class="grid gap-3">
        <p>{{ t('colour.TakeColour.holdTheLeatherBesideThem') }}</p>
        <div class="bg-surround p-4 grid grid-cols-3 sm:grid-cols-4 items-start gap-4">
          <button
            v-for="s in compared" :key="s.key" type="button" class="text-dark text-[.9rem] leading-tight" :disabled="busy"
            @click="emit('keep', { ...place, source: 'swatch', labs: [[s.lab.l, s.lab.a, s.lab.b]], whereabouts: whereabouts || `nearest: ${s.name}` })"
          ><span class="block h-16" :style="{ backgroundColor: s.hex }" />{{ s.name }}</button>
        </div>
      </TabPanel>
    </TabPanels>
    <label class="grid gap-1">{{
      t('colour.TakeColour.whereExactly')
    }}<input v-model="whereabouts" class="write" :placeholder="t('colour.TakeColour.underTheFlapInsideThe')"></label>
  </TabGroup>
</template>
