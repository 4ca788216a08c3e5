<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { PictureView, PieceView } from '../api/types'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import Slider from './Slider.vue'
import { usePictures, type Where } from './usePictures'
import { t } from '../words'

/** What it looked like before anything was touched, while it was worked on, and after. */
const props = defineProps<{ id: number }>()
const { value: piece, reload: reloadPiece } = useLoad(() => api.get<PieceView>(`/pieces/${props.id}`))
void reloadPiece()
const { pictures, problem, refused, busy, reload, add, remove } = usePictures(props.id)
void reload()
const words = useWords()
const { person } = useSession()
const { date } = useWhen()

const moment = ref('before')
const MOMENTS = [
  { id: 'before', label: t('picture.Pictures.before') },
  { id: 'during', label: t('picture.Pictures.duringTheWork') },
  { id: 'after', label: t('picture.Pictures.after') },
  { id: 'owners', label: t('picture.Pictures.fromTheOwner') },
]
const part = ref('all')
const parts = computed(() => [
  { id: 'all', label: t('picture.Pictures.theWholeOfIt') },
  ...(words.value?.kinds.find((k) => k.id === piece.value?.kind)?.parts ?? [])
    .filter((p) => piece.value?.parts.some((has) => has.part === p.id)).map((p) => ({ id: p.id, label: t('picture.Pictures.the', [p.label]) })),
])
const half = ref('')
const halves = computed(() => words.value?.kinds.find((k) => k.id === piece.value?.kind)?.halves ?? [])
const halfChoices = computed(() => [
  { id: '', label: t('picture.Pictures.bothHalves') }, ...halves.value.map((h) => ({ id: h as string, label: t('picture.Pictures.theHalf', [h]) })),
])
const large = ref<PictureView | null>(null)
const label = (p: PictureView): string =>
  [
    p.half !== 'whole' ? p.half : '',
    p.side?.replace('-', ' ') ?? words.value?.kinds.find((k) => k.id === piece.value?.kind)?.parts.find((x) => x.id === p.part)?.label ?? '',
  ]
    .filter((x) => x !== '' && x !== null)
    .join(' ') || t('picture.Pictures.theWholeOfIt')
/** A picture from the same side before and after, of which the slider shows the change. */
const pairs = computed(() =>
  (pictures.value?.pictures ?? [])
    .filter((p) => p.moment === 'after')
    .flatMap((after) => {
      const before = pictures.value?.pictures.find((p) => p.moment === 'before' && p.half === after.half && p.side === after.side && p.part === after.part)
      return before === undefined ? [] : [{ before, after }]
    }),
)
const shown = ref(0)
const take = async (event: Event, where: Where): Promise<void> => {
  const input = event.target as HTMLInputElement
  await add([...input.files ?? []], where)
  input.value = ''
}
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-7xl w-full mx-auto grid gap-6 content-start">
    <header class="flex flex-wrap items-end gap-6">
      <div class="grow"><h1 class="text-4xl">{{
        t('picture.Pictures.pictures')
      }}</h1><p v-if="piece" class="text-soft">{{ piece.tag }} · {{ piece.name }}, {{ piece.customer }}</p></div>
      <RouterLink class="may" :to="`/pieces/${id}`">{{ t('picture.Pictures.backToThePiece') }}</RouterLink>
    </header>
    <Notice :text="refused || problem" @again="reload" />

    <section v-if="pictures && pictures.missing.length > 0" class="grid gap-3" :aria-label="t('picture.Pictures.stillToBeTakenBefore')">
      <h2 class="text-2xl">{{ t('picture.Pictures.beforeAnythingIsTouched') }}</h2>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
        <li v-for="m in pictures.missing" :key="`${m.half}-${m.side}`">
          <label
            class="may w-full h-16 border-dashed! cursor-pointer text-center leading-tight focus-within:outline-3 focus-within:outline-ink"
            :class="busy ? 'opacity-60' : ''"
          >
            {{ m.label }}
            <input
              class="sr-only" type="file" accept="image/jpeg,image/png,image/webp" capture="environment" :disabled="busy"
              :aria-label="t('picture.Pictures.takeThePicture', [m.label])" @change="take($event, { moment: 'before', half: m.half, side: m.side })"
            >
          </label>
        </li>
      </ul>
    </section>

    <section class="border-t-2 border-ink pt-4 flex flex-wrap items-center gap-x-3 text-xl" :aria-label="t('picture.Pictures.addAPicture')">
      <p>{{
           t('picture.Pictures.addOneFrom')
         }} <Choice v-model="moment" :label="t('picture.Pictures.moment')" :options="MOMENTS" />{{
           t('picture.Pictures.of')
         }} <Choice v-model="part" :label="t('picture.Pictures.part')" :options="parts" />
        <template v-if="halves.length > 1">, <Choice
          v-model="half" :label="t('picture.Pictures.half')" :options="halfChoices"
        /></template></p>
      <label class="do ml-auto cursor-pointer focus-within:outline-3 focus-within:outline-ink">
        {{ busy ? t('picture.Pictures.itIsBeingKept') : t('picture.Pictures.chooseOrTake') }}
        <input
          class="sr-only" type="file" multiple accept="image/jpeg,image/png,image/webp"
          :aria-label="t('picture.Pictures.chooseOrTakeAPicture')" :disabled="busy"
          @change="take($event, { moment, half: half || (halves.length === 1 ? 'whole' : ''), part: part === 'all' ? '' : part })"
        >
      </label>
    </section>

    <section v-if="pairs[shown]" class="grid gap-3" :aria-label="t('picture.Pictures.beforeAndAfter')">
      <div class="flex gap-2 items-center">
        <h2 class="text-2xl grow">{{ t('picture.Pictures.beforeAndAfter') }}</h2>
        <button
          v-for="(p, i) in pairs" :key="p.after.id" type="button" class="may" :aria-pressed="i === shown"
          :class="i === shown ? 'bg-ink! text-raised!' : ''" @click="shown = i"
        >{{ label(p.after) }}</button>
      </div>
      <Slider :before="pairs[shown]!.before" :after="pairs[shown]!.after" />
    </section>

    <template v-for="m in MOMENTS" :key="m.id">
      <section v-if="pictures?.pictures.some((p) => p.moment === m.id)" class="grid gap-3" :aria-label="m.label">
        <h2 class="text-2xl first-letter:uppercase">{{ m.label }}</h2>
        <ul class="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-4">
          <li v-for="p in pictures.pictures.filter((x) => x.moment === m.id)" :key="p.id" class="grid gap-1">
            <button type="button" class="bg-surround p-2" :aria-label="t('picture.Pictures.seeItLarge', [label(p)])" @click="large = p">
              <img :src="p.thumb" :alt="label(p)" class="h-40 w-full object-contain" loading="lazy">
            </button>
            <div class="flex items-center gap-2">
              <span class="grow">{{ label(p) }}<span class="block text-soft text-[.9rem]">{{ date(p.at) }}</span></span>
              <RouterLink class="quiet" :to="`/pieces/${id}/measure?of=${p.id}`">{{ t('picture.Pictures.measure') }}</RouterLink>
              <button v-if="person?.mayPlan" type="button" class="quiet" :aria-label="t('picture.Pictures.takeAway', [label(p)])" @click="remove(p.id)">{{
                t('picture.Pictures.takeAway2')
              }}</button>
            </div>
          </li>
        </ul>
      </section>
    </template>
    <p v-if="pictures && pictures.pictures.length === 0" class="text-xl">{{ t('picture.Pictures.noPictureYetWithoutOne') }}</p>

    <Dialog :open="large !== null" class="relative z-50" @close="large = null">
      <DialogPanel v-if="large" class="fixed inset-0 bg-surround grid grid-rows-[1fr_auto]">
        <DialogTitle class="sr-only">{{ label(large) }}</DialogTitle>
        <img :src="large.full" :alt="label(large)" class="size-full object-contain min-h-0">
        <button class="do" type="button" @click="large = null">{{ t('picture.Pictures.close') }}</button>
      </DialogPanel>
    </Dialog>
  </main>
</template>
