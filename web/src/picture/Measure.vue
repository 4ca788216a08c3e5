<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { MeasuredView, MeasureView, PicturesView, PictureView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { figure } from '../kit/figure'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** A part, a mark or a length, measured on a picture in which a card of known size lies beside it. */
const props = defineProps<{ id: number, of: number | null }>()
type Point = [number, number]
const { value: view, problem, reload } = useLoad(() => api.get<MeasureView>(`/pieces/${props.id}/measures`))
const { value: pictures, reload: reloadPictures } = useLoad(() => api.get<PicturesView>(`/pieces/${props.id}/pictures`))
void reload()
void reloadPictures()
const hands = useAct(reload)
const { person } = useSession()
const chosen = ref<number | null>(props.of)
const picture = computed<PictureView | null>(() => {
  const all = pictures.value?.pictures ?? []
  return all.find((p) => p.id === chosen.value) ?? all[0] ?? null
})
const card = ref<Point[]>([])
const outline = ref<Point[]>([])
const measured = ref<MeasuredView | null>(null)
const keptFor = ref('')
const said = ref('')
const long = ref('')
const short = ref('')
watch(view, (is) => {
  [long.value, short.value] = (is?.cardMm ?? []).map(String) as [string, string]
})
watch(picture, () => {
  again()
})
const CORNERS = 4
/** Light within dark, so that it is seen on any leather. */
const LINES = [{ stroke: '#161616', width: 2.4 }, { stroke: '#ffffff', width: 1 }]
function again(): void {
  card.value = []
  outline.value = []
  measured.value = null
  said.value = ''
}
const tap = (event: MouseEvent): void => {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  const of = picture.value
  if (of === null || measured.value !== null) {
    return
  }
  const at: Point = [(event.clientX - box.left) / box.width * of.width, (event.clientY - box.top) / box.height * of.height]
  if (card.value.length < CORNERS) {
    card.value = [...card.value, at]
  } else {
    outline.value = [...outline.value, at]
  }
}
const back = (): void => {
  measured.value = null
  if (outline.value.length > 0) {
    outline.value = outline.value.slice(0, -1)
  } else {
    card.value = card.value.slice(0, -1)
  }
}
const body = computed(() => ({ version: view.value?.version ?? 0, picture: picture.value?.id ?? 0, card: card.value, outline: outline.value }))
const look = (): Promise<boolean> => hands.run(() => api.post<MeasuredView>(`/pieces/${props.id}/measures/look`, body.value), (is) => {
  measured.value = is
})
const choices = computed(() => [
  { id: '', label: t('picture.Measure.nothingChosen') },
  ...(measured.value?.areaDm2 === null ? [] : (view.value?.parts ?? []).map((p) => ({ id: `part:${p.half}:${p.part}`, label: p.label }))),
  ...(view.value?.findings ?? []).map((f) => ({ id: `finding:${f.id}`, label: t('picture.Measure.aMark', [f.label]) })),
])
const keep = async (): Promise<void> => {
  const [what, a, b] = keptFor.value.split(':')
  const where = what === 'part' ? { half: a, part: b } : { finding: Number(a) }
  await hands.run(() => api.post<MeasureView>(`/pieces/${props.id}/measures`, { ...body.value, ...where }), (is) => {
    view.value = is
    again()
    said.value = t('picture.Measure.kept')
  })
}
const forget = (part: MeasureView['parts'][number]): Promise<boolean> => hands.run(
  () => api.remove<MeasureView>(`/pieces/${props.id}/measures`, { version: view.value?.version ?? 0, part: part.part, half: part.half }), (is) => {
    view.value = is
  },
)
const sized = async (): Promise<void> => {
  const [wasLongMm = 0, wasShortMm = 0] = view.value?.cardMm ?? []
  const sides = { longMm: figure(long.value), shortMm: figure(short.value), wasLongMm, wasShortMm }
  await hands.run(() => api.put<MeasureView>(`/pieces/${props.id}/measures/card`, sides), (is) => {
    view.value = is
    measured.value = null
  })
}
const path = (points: readonly (readonly number[])[], closed: boolean): string =>
  points.length === 0 ? '' : `M${points.map(([x, y]) => `${x} ${y}`).join('L')}${closed ? 'Z' : ''}`
const says = computed(() =>
  card.value.length < CORNERS ? t('picture.Measure.tapCorner', [card.value.length + 1])
    : outline.value.length < 2 ? t('picture.Measure.tapRound') : t('picture.Measure.tapOn', [outline.value.length]))
const before = computed(() => view.value?.parts.filter((p) => p.picture === picture.value?.id && p.outline.length > 0) ?? [])
const thick = computed(() => (picture.value?.width ?? 1000) / 320)
</script>

<template>
  <main class="grid gap-4 content-start px-4 sm:px-8 py-5">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-4">
      <div class="grow"><h1 class="text-3xl">{{ t('picture.Measure.measure') }}</h1><p class="text-soft">{{ view?.name }}</p></div>
      <RouterLink class="may" :to="`/pieces/${id}/pictures`">{{ t('picture.Measure.backToPictures') }}</RouterLink>
    </header>
    <p v-if="pictures && picture === null" class="text-xl max-w-3xl">{{ t('picture.Measure.noPicture') }}</p>
    <div v-else-if="picture" class="grid lg:grid-cols-[minmax(0,1fr)_23rem]! gap-6">
      <div class="grid gap-2 content-start min-w-0">
        <p class="text-xl" role="status">{{ measured ? t('picture.Measure.thisIs', [measured.says]) : says }}</p>
        <div class="relative justify-self-start max-w-full">
          <img :src="picture.full" :width="picture.width" :height="picture.height" :alt="t('picture.Measure.picture')" class="max-h-[68dvh] w-auto max-w-full">
          <svg
            :viewBox="`0 0 ${picture.width} ${picture.height}`" class="absolute inset-0 size-full cursor-crosshair" preserveAspectRatio="none"
            role="img" :aria-label="says" @click="tap"
          >
            <path v-for="p in before" :key="p.label" :d="path(p.outline, true)" fill="none" stroke="#fff" :stroke-width="thick" stroke-dasharray="30 18" />
            <g v-for="line in LINES" :key="line.stroke" :stroke="line.stroke" :stroke-width="line.width * thick" fill="none">
              <path :d="path(card, card.length === CORNERS)" /><path :d="path(outline, measured !== null)" />
            </g>
            <circle
              v-for="(p, i) in [...card, ...outline]" :key="i" :cx="p[0]" :cy="p[1]" :r="3.2 * thick" :fill="i < CORNERS ? '#161616' : '#fff'"
              :stroke="i < CORNERS ? '#fff' : '#161616'" :stroke-width="thick"
            />
          </svg>
        </div>
        <div class="flex gap-3 overflow-x-auto" role="group" :aria-label="t('picture.Measure.whichPicture')">
          <button
            v-for="p in pictures?.pictures ?? []" :key="p.id" type="button" class="bg-surround p-1 shrink-0 border-2"
            :class="p.id === picture.id ? 'border-ink' : 'border-transparent'" :aria-pressed="p.id === picture.id" @click="chosen = p.id"
          ><img :src="p.thumb" alt="" class="h-14 w-20 object-cover"></button>
        </div>
      </div>
      <aside class="grid gap-4 content-start">
        <button v-if="measured === null" class="do" type="button" :disabled="outline.length < 2 || hands.busy.value" @click="look">{{
          t('picture.Measure.measureIt')
        }}</button>
        <template v-else>
          <p v-if="measured.caution" class="caution">{{ measured.caution }}</p>
          <template v-if="person?.mayPlan">
            <p class="text-lg">{{ t('picture.Measure.itIs') }} <Choice v-model="keptFor" :options="choices" :label="t('picture.Measure.thePart')" /></p>
            <button class="do" type="button" :disabled="keptFor === '' || hands.busy.value" @click="keep">{{ t('picture.Measure.keepIt') }}</button>
          </template>
        </template>
        <div class="flex flex-wrap gap-3">
          <button class="may" type="button" :disabled="card.length === 0" @click="back">{{ t('picture.Measure.lastPointBack') }}</button>
          <button class="may" type="button" :disabled="card.length === 0" @click="again">{{ t('picture.Measure.startAgain') }}</button>
        </div>
        <p v-if="said" role="status">{{ said }}</p>
        <form v-if="person?.mayPlan" class="flex flex-wrap items-center gap-2" novalidate @submit.prevent="sized">
          <label class="flex items-center gap-2">{{ t('picture.Measure.cardIs') }}<input
            v-model="long" class="write w-20!" name="long" inputmode="decimal"
          ></label>
          <label class="flex items-center gap-2">{{ t('picture.Measure.by') }}<input
            v-model="short" class="write w-20!" name="short" inputmode="decimal"
          ></label>
          <span>{{ t('picture.Measure.mm') }}</span>
          <button v-if="view && (figure(long) !== view.cardMm[0] || figure(short) !== view.cardMm[1])" class="may" type="submit">{{
            t('picture.Measure.thatIsIt')
          }}</button>
        </form>
        <section v-if="view" :aria-label="t('picture.Measure.parts')">
          <h2 class="text-xl">{{ t('picture.Measure.parts') }}</h2>
          <ul>
            <li v-for="p in view.parts" :key="`${p.half}-${p.part}`" class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
              <span class="grow">{{ p.label }}</span><strong>{{ p.dm2.toFixed(2) }} dm²</strong>
              <span class="w-full text-soft text-[.92rem]">{{ p.measured ? t('picture.Measure.measured') : t('picture.Measure.asPlanned') }}
                <button v-if="p.measured && person?.mayPlan" class="quiet" type="button" :disabled="hands.busy.value" @click="forget(p)">{{
                  t('picture.Measure.planningFigureAgain')
                }}</button></span>
            </li>
          </ul>
        </section>
      </aside>
    </div>
  </main>
</template>
