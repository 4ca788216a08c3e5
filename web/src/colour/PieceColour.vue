<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { Half, PartName, ReadSpot } from '../api/types'
import { isHigh } from '../drawing/kinds'
import Silhouette from '../drawing/Silhouette.vue'
import Choice from '../kit/Choice.vue'
import ForHands from '../kit/ForHands.vue'
import Notice from '../kit/Notice.vue'
import { useNow } from '../session/useNow'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import HalfFields from '../pots/HalfFields.vue'
import LampChoice from '../pots/LampChoice.vue'
import { signed, useLamp } from '../pots/useLamp'
import MixPot from './MixPot.vue'
import { useDrawn } from '../piece/useDrawn'
import TakeColour from './TakeColour.vue'
import WantedColour from './WantedColour.vue'
import WayBack from './WayBack.vue'
import { useColour } from './useColour'
import { t } from '../words'

const props = defineProps<{ id: number, part?: PartName | undefined, half?: Half | undefined, spot?: ReadSpot | undefined }>()
const { colour, piece, problem, reload, hands, inHand, read, put, keep, want, watchBack, leave, compare, mix } = useColour(props.id)
void reload()
const router = useRouter()
const now = useNow()
const { when } = useWhen()
const { person } = useSession()
const { under } = useLamp()
const part = computed(() => props.part)
const spot = computed<ReadSpot>(() => props.spot ?? 'sound')
const { kind, drawing, turned, halves, names, choosable } = useDrawn(piece)
const mixing = ref(false)
const at = computed(() => props.half ?? halves.value[0] ?? 'whole')
const willBe = ref(props.spot === 'wanted')
const lastRead = (side: Half, name: PartName, where: ReadSpot) =>
  colour.value?.readings.find((r) => r.half === side && r.part === name && r.spot === where)?.seen.daylight
const wanted = (side: Half, name: PartName) => (willBe.value ? lastRead(side, name, 'wanted') : undefined)
const colours = (side: Half): Partial<Record<PartName, string>> =>
  Object.fromEntries(
    (piece.value?.parts ?? [])
      .filter((p) => p.half === side)
      .map((p) => [p.part, wanted(side, p.part) ?? lastRead(side, p.part, 'sound') ?? p.hex]),
  )
const hasWanted = computed(() => (colour.value?.readings ?? []).some((r) => r.spot === 'wanted'))
const here = computed(() => (colour.value?.readings ?? []).filter((r) => r.part === part.value && r.half === at.value))
const latest = (s: ReadSpot) => here.value.find((r) => r.spot === s) ?? null
const pairs = computed(() =>
  (colour.value?.pairs ?? []).filter((p) => part.value === undefined || here.value.some((r) => r.id === p.one || r.id === p.other)),
)
const reading = (id: number) => colour.value?.readings.find((r) => r.id === id)
const go = (half: Half, name: PartName, where: ReadSpot): void => {
  put()
  mixing.value = false
  void router.replace({ query: { part: name, half, spot: where } })
}
const choose = (side: Half, name: PartName): void => {
  go(side, name, spot.value)
}
const settled = computed(() => (colour.value?.settlings ?? []).some((s) => s.part === part.value && s.half === at.value))
const spots = computed(() => [
  { id: 'sound', label: t('colour.PieceColour.aSoundPlace'), meaning: t('colour.PieceColour.cleanDryConditionedNotFaded') },
  { id: 'damage', label: t('colour.PieceColour.thePlaceToMend'), meaning: t('colour.PieceColour.theStainScuffOrFaded') },
  { id: 'wanted', label: t('colour.PieceColour.theWantedColour'), meaning: t('colour.PieceColour.anyColourFromASample') },
  ...(settled.value
    ? [{ id: 'settling', label: t('colour.PieceColour.theTreatedPlace'), meaning: t('colour.PieceColour.whileItComesBack') } as const]
    : []),
] as const)
/** What a pot is to match: the wanted colour where there is one, else a sound place; and what it will lie on. */
const target = computed(() => latest('wanted') ?? latest('sound'))
const ground = computed(() => latest('damage') ?? (latest('wanted') === null ? null : latest('sound')))
const places = computed(() => (piece.value?.parts ?? [])
  .filter((p) => colour.value?.outer.includes(p.part))
  .map((p) => ({ half: p.half, part: p.part, label: names.value[p.part] ?? p.part })))
const potName = computed(() => `${piece.value?.name ?? ''}, ${part.value === undefined ? '' : (names.value[part.value] ?? part.value)}`.slice(0, 120))
/** How the part is to shine: as agreed for it, or for the piece. */
const agreedGloss = computed(() =>
  piece.value?.parts.find((p) => p.part === part.value && p.half === at.value)?.agreed?.gloss ?? colour.value?.gloss ?? 'satin')
const swatchNeeded = computed(() => latest('wanted') !== null || (latest('sound') !== null && latest('damage') !== null))
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.1fr_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section class="bg-surround px-4 sm:px-8 py-5 flex flex-col gap-3 min-h-80 min-w-0" :aria-label="t('colour.PieceColour.thePieceDrawn')">
      <template v-if="piece && kind">
        <div class="grow min-h-0 grid gap-2 items-center" :class="isHigh(piece.kind) && halves.length > 1 ? 'grid-cols-2' : ''">
          <div
            v-for="side in halves" :key="side" class="grid items-center min-h-0 min-w-0"
            :class="halves.length === 1 || isHigh(piece.kind) ? '' : 'grid-cols-[4.5rem_1fr]'"
          >
            <h2 v-if="halves.length > 1" class="text-xl text-dark">{{ side }}</h2>
            <Silhouette
              class="max-w-150 max-h-[60dvh] justify-self-center" :kind="piece.kind" :half="side" :turned="turned" :colours="colours(side)" :names="choosable"
              :findings="piece.findings.filter((f) => f.half === side)" :selected="at === side ? part ?? null : null" :label="side === 'whole' ? piece.name :
                t('colour.PieceColour.halfOf', [side, piece.name])" @choose="(name) => choose(side, name)"
            />
          </div>
        </div>
        <div class="flex flex-wrap gap-3 justify-center">
          <LampChoice />
          <span v-if="hasWanted" class="flex gap-3">
            <button class="may bg-paper" type="button" :aria-pressed="!willBe" @click="willBe = false">{{ t('colour.PieceColour.asItIs') }}</button>
            <button class="may bg-paper" type="button" :aria-pressed="willBe" @click="willBe = true">{{ t('colour.PieceColour.asItWillBe') }}</button>
          </span>
          <button v-if="drawing?.sides" class="may bg-paper" type="button" @click="turned = !turned">{{
            t('colour.PieceColour.turnToThe', [drawing.sides[turned ? 0 : 1]])
          }}</button>
        </div>
      </template>
    </section>
    <section class="px-4 sm:px-8 py-5 grid gap-4 content-start overflow-y-auto" :aria-label="t('colour.PieceColour.itsColour')" tabindex="0">
      <Notice :text="problem" @again="reload" />
      <header v-if="piece" class="flex flex-wrap items-end gap-3">
        <div class="grow"><h1 class="text-3xl">{{ piece.name }}</h1><p class="text-soft">{{ t('colour.PieceColour.colour', [piece.customer]) }}</p></div>
        <RouterLink class="may" :to="`/pieces/${id}`">{{ t('colour.PieceColour.lookOver') }}</RouterLink>
      </header>
      <p v-if="part === undefined" class="text-xl">{{ t('colour.PieceColour.chooseAPartOnThe') }}</p>
      <template v-else-if="piece && colour">
        <p class="text-xl">{{
          spot === 'wanted' ? t('colour.PieceColour.choose') : t('colour.PieceColour.read')
        }} <Choice
          :model-value="spot" :label="t('colour.PieceColour.where')" :options="spots" @update:model-value="(where) => part && go(at, part, where)"
        /> {{
          t('colour.PieceColour.ofThe')
        }} <strong>{{
          at === 'whole' ? '' : `${at} `
        }}{{ names[part] ?? part }}</strong>:</p>
        <ForHands v-if="spot === 'wanted'" planning>
          <WantedColour
            :key="`${at}-${part}-wanted`" :piece="id" :half="at" :part="part" :gloss="colour.gloss" :busy="hands.busy.value"
            :in-hand="inHand" :readings="colour.readings" :places="places" @read="read" @forget="put()"
            @want="(given) => want(given).then((done) => { willBe = done || willBe })"
          />
        </ForHands>
        <ForHands v-else>
          <TakeColour
            :key="`${at}-${part}-${spot}`" :piece="id" :half="at" :part="part" :spot="spot" :gloss="colour.gloss" :busy="hands.busy.value"
            :in-hand="inHand" @read="read" @forget="put()" @keep="keep"
          />
        </ForHands>
        <p v-if="hasWanted && colour.planned.length === 0" class="caution">{{ t('colour.PieceColour.whatIsWantedIsAgreed') }}
          <RouterLink class="quiet" :to="`/pieces/${id}/plan`">{{ t('colour.PieceColour.toItsPlan') }}</RouterLink></p>
        <ul v-if="here.length > 0" class="grid" :aria-label="t('colour.PieceColour.readingsOfThisPlace')">
          <li v-for="r in here" :key="r.id" class="grid grid-cols-[5.5rem_1fr] gap-4 items-center border-t border-line py-2">
            <span class="bg-surround p-2"><span class="block h-12" :style="{ backgroundColor: under(r.seen) ?? '' }" /></span>
            <span class="leading-snug"><strong>{{ r.spotLabel.charAt(0).toUpperCase() + r.spotLabel.slice(1) }}</strong>{{
              t('colour.PieceColour.lABGiveOr', [r.seen.lab.l.toFixed(1), r.seen.lab.a.toFixed(1), r.seen.lab.b.toFixed(1), r.doubt.toFixed(1)])
            }}<br>
              <span class="text-soft">{{ r.sourceLabel }}<template v-if="r.taken > 1">{{
                t('colour.PieceColour.meanOf', [r.taken - r.leftOut.length])
              }}</template>
                <template v-if="r.leftOut.length > 0">{{ t('colour.PieceColour.leftOut', [r.leftOut.length]) }} <span
                  v-for="(h, i) in r.leftOut" :key="i"
                  class="inline-block size-4 align-middle border border-soft" :style="{ backgroundColor: h }"
                /></template>
                <template v-if="r.whereabouts !== ''">, {{ r.whereabouts }}</template> · {{ when(r.at, now) }}</span></span>
          </li>
        </ul>
        <template v-if="target">
          <div v-if="!mixing" class="flex flex-wrap gap-3">
            <button v-if="person?.works" :class="swatchNeeded ? 'do' : 'may'" type="button" @click="mixing = true">{{
              t('colour.PieceColour.mixAPotForIt')
            }}</button>
            <RouterLink class="may" :to="`/pieces/${id}/dye?ground=${(ground ?? target).id}&target=${target.id}`">{{
              t('colour.PieceColour.tryDyesOnIt')
            }}</RouterLink>
            <RouterLink class="may" :to="`/pots?near=${target.id}`">{{ t('colour.PieceColour.aKeptPotLikeIt') }}</RouterLink>
          </div>
          <MixPot
            v-else :target="target" :ground="ground" :gloss="agreedGloss" :busy="hands.busy.value"
            :name="potName" :areas="colour.areas" :planned="colour.planned" @mix="(given) => mix(given, (pot) => router.push(`/pots/${pot.id}`))"
          />
        </template>
      </template>
      <section
        v-if="colour && (colour.settlings.length > 0 || colour.mayDarken.length > 0)" class="grid gap-1" :aria-label="t('colour.PieceColour.comingBack')"
      >
        <h2 class="text-2xl">{{ t('colour.PieceColour.comingBack') }}</h2>
        <ForHands silent>
          <div v-for="d in colour.mayDarken" :key="d.step" class="border-t border-line py-2">
            <p>{{ t('colour.PieceColour.justLaid', [d.title, when(d.laidAt, now)]) }}</p>
            <p class="flex flex-wrap gap-3">
              <button
                v-for="p in d.places" :key="`${p.half}-${p.part}`" class="may" type="button" :disabled="hands.busy.value"
                @click="watchBack({ half: p.half, part: p.part, family: d.family, minutesAgo: Math.max(0, Math.round((now - Date.parse(d.laidAt)) / 60000)) })"
              >{{ t('colour.PieceColour.watchIt', [`${p.half === 'whole' ? '' : `${p.half} `}${names[p.part] ?? p.part}`]) }}</button>
            </p>
          </div>
          <WayBack
            v-for="s in colour.settlings" :key="s.id" :settling="s" :now="now" :alone="s.half === 'whole'" :busy="hands.busy.value"
            @read="go(s.half, s.part, 'settling')" @leave="leave(s.id)"
          />
        </ForHands>
      </section>
      <section v-if="pairs.length > 0" class="grid gap-1" :aria-label="t('colour.PieceColour.sideBySide')">
        <h2 class="text-2xl">{{ t('colour.PieceColour.sideBySide') }}</h2>
        <div v-for="p in pairs" :key="`${p.one}-${p.other}-${p.what}`" class="grid grid-cols-[8rem_1fr] gap-4 items-center border-t border-line py-2">
          <HalfFields
            class="bg-surround p-2" :left="under(reading(p.one)?.seen)" :right="under(reading(p.other)?.seen)"
            :left-label="t('colour.PieceColour.theFirst')" :right-label="t('colour.PieceColour.theOther')"
          />
          <span class="leading-snug"><strong>{{ p.what.charAt(0).toUpperCase() + p.what.slice(1) }}</strong>
            <br>{{ p.difference.words }}: ΔE {{ p.difference.dE00.toFixed(1) }}, ΔL {{ signed(p.difference.dL) }}, ΔC {{ signed(p.difference.dC) }}, ΔH
            {{ signed(p.difference.dH) }}. <span :class="p.near ? '' : 'font-semibold'">{{ p.verdict }}</span>
            <button v-if="person?.works" class="quiet" type="button" :disabled="hands.busy.value" @click="compare(p.one, p.other)">{{
              t('colour.PieceColour.toTheLedger')
            }}</button></span>
        </div>
      </section>
      <section v-if="colour && colour.pots.length > 0" class="grid gap-1" :aria-label="t('colour.PieceColour.pots')">
        <h2 class="text-2xl">{{ t('colour.PieceColour.pots') }}</h2>
        <RouterLink
          v-for="p in colour.pots" :key="p.id" :to="`/pots/${p.id}`"
          class="grid grid-cols-[8rem_1fr] gap-4 items-center border-t border-line py-2 hover:bg-paper"
        >
          <HalfFields
            class="bg-surround p-2" :left="p.target" :right="p.mixed" :left-label="t('colour.PieceColour.target')" :right-label="t('colour.PieceColour.pot')"
          />
          <span><strong>{{ p.name }}</strong><br>{{ p.recipe || t('colour.PieceColour.nothingInItYet') }}</span>
        </RouterLink>
      </section>
      <p v-if="colour && colour.readings.length > 0"><a class="quiet" :href="`/api/pieces/${id}/readings.txt`">{{
        t('colour.PieceColour.allReadingsAsACgats')
      }}</a></p>
    </section>
  </main>
</template>
