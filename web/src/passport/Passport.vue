<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import Standing from '../drawing/Standing.vue'
import type { VisitView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { squareCode } from '../kit/squareCode'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { sum } from '../offer/sums'
import { t } from '../words'
import CameBack from './CameBack.vue'
import CareList from './CareList.vue'
import LikeJobs from './LikeJobs.vue'
import UseForm from './UseForm.vue'
import { usePassport } from './usePassport'

/** A piece for life: whose it is, what it is made of, every visit, and what it needs next. */
const props = defineProps<{ id?: number, code?: string, piece?: number }>()
const path = (): string => (props.code !== undefined
  ? `/passports/tagged/${props.code}`
  : props.piece !== undefined ? `/pieces/${props.piece}/passport` : `/passports/${props.id ?? 0}`)
const { passport, problem, reload, hands, use, caredFor, show, hide, store, causes, cameBack, didNot, handOn } = usePassport(path)
const words = useWords()
const { person } = useSession()
const { day, span } = useWhen()
const kind = computed(() => words.value?.kinds.find((k) => k.id === passport.value?.kind)?.label ?? '')
const tying = ref<number | null>(null)
const askedUse = ref(false)
const reach = ref(false)
const place = ref('')
const until = ref('')
const address = computed(() => (passport.value?.address ? `${location.origin}/care/${passport.value.address}` : null))
const { origin } = location
const picturesOf = (v: VisitView) => [
  { src: v.ofOwner, label: t('passport.Passport.fromTheOwner') }, { src: v.before, label: t('passport.Passport.before') },
  { src: v.after, label: t('passport.Passport.after') },
].flatMap(({ src, label }) => (src === null ? [] : [{ src, label }]))
/** The newest of its visits of which there is before and after. */
const lastMended = computed(() => passport.value?.visits.find((v) => v.before !== null && v.after !== null))
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1fr_1.15fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section
      class="bg-surround text-dark px-4 sm:px-8 py-6 grid gap-5 content-start overflow-y-auto" :aria-label="t('passport.Passport.thePiece')" tabindex="0"
    >
      <Notice :text="problem" @again="reload" />
      <template v-if="passport">
        <Standing :kind="passport.kind" :colours="passport.colours" :weight="1.4" class="max-h-72 w-full" />
        <div>
          <h1 class="text-4xl">{{ passport.name }}</h1>
          <p class="text-xl">{{ kind }}, {{ t('passport.Passport.of') }} <RouterLink class="quiet px-0!" :to="`/owners/${passport.owner}`">{{
            passport.ownerName
          }}</RouterLink>, {{ t('passport.Passport.knownSince', [day(passport.since)]) }}</p>
        </div>
        <dl class="grid gap-2 text-lg">
          <div v-for="m in passport.made" :key="m.parts + m.material">
            <dt class="font-semibold inline">{{ m.parts.charAt(0).toUpperCase() + m.parts.slice(1) }}:</dt>
            <dd class="inline ml-1">{{ m.material }}, {{ m.certainty }}<template v-if="m.shownBy">{{
              t('passport.Passport.shownBy', [m.shownBy])
            }}</template><template v-if="m.measuredDm2">{{ t('passport.Passport.measured', [m.measuredDm2.toFixed(1)]) }}</template></dd>
          </div>
        </dl>
        <ul v-if="passport.read.length > 0" class="grid gap-1" :aria-label="t('passport.Passport.coloursRead')">
          <li v-for="(c, i) in passport.read" :key="i" class="grid grid-cols-[4rem_1fr] gap-3 items-center">
            <span class="h-8" :style="{ backgroundColor: c.hex }" />
            <span>{{ c.where }} · {{ c.l }} / {{ c.a }} / {{ c.b }} · {{ day(c.at) }}</span>
          </li>
        </ul>
        <ul v-if="passport.pots.length > 0" class="grid gap-1" :aria-label="t('passport.Passport.itsPots')">
          <li v-for="p in passport.pots" :key="p.id">
            <RouterLink class="grid grid-cols-[4rem_1fr] gap-3 items-center min-h-11" :to="`/pots/${p.id}`">
              <span class="flex h-8"><span class="grow" :style="{ backgroundColor: p.target }" /><span
                class="grow" :style="{ backgroundColor: p.mixed ?? p.target }"
              /></span>
              <span>{{ p.name }}<template v-if="p.keptWhere">{{ t('passport.Passport.keptIn', [p.keptWhere]) }}</template></span>
            </RouterLink>
          </li>
        </ul>
        <div class="flex items-center gap-4">
          <img :src="squareCode(`${origin}/t/${passport.code}`)" width="96" height="96" class="bg-white" :alt="t('passport.Passport.aSquareCode')">
          <p>{{ t('passport.Passport.onItsTag') }}<br><strong class="text-2xl tracking-wider">{{ passport.code }}</strong></p>
        </div>
        <div v-if="lastMended" class="grid grid-cols-2 gap-3">
          <figure v-for="p in picturesOf(lastMended).slice(-2)" :key="p.src">
            <img :src="p.src" class="w-full aspect-3/2 object-cover" :alt="p.label">
            <figcaption>{{ p.label }}</figcaption>
          </figure>
        </div>
      </template>
    </section>
    <section class="px-4 sm:px-8 py-6 grid gap-6 content-start overflow-y-auto" :aria-label="t('passport.Passport.visitsAndCare')" tabindex="0">
      <template v-if="passport">
        <section class="grid gap-2" :aria-label="t('passport.Passport.careAhead')">
          <div class="flex flex-wrap items-end gap-3">
            <h2 class="text-3xl grow">{{ t('passport.Passport.whatItNeedsNext') }}</h2>
            <RouterLink class="may" :to="`/passports/${passport.id}/care-card`">{{ t('passport.Passport.careCard') }}</RouterLink>
          </div>
          <p v-if="passport.use === null && !askedUse" class="caution">{{ t('passport.Passport.nobodyHasAsked') }}
            <button class="quiet" type="button" @click="askedUse = true">{{ t('passport.Passport.sayHow') }}</button></p>
          <UseForm v-else :use="passport.use" :version="passport.version" :busy="hands.busy.value" @save="use" />
          <p class="text-lg">{{
            t('passport.Passport.aYearOfIt', [
              span(passport.careCost.ownMinutes),
              passport.careCost.materialCents === null ? t('passport.Passport.notPriced') : sum(passport.careCost.materialCents),
              sum(passport.careCost.shopCents), passport.careCost.currency,
            ])
          }}</p>
          <CareList :cares="passport.cares" may-tick :busy="hands.busy.value" @done="caredFor" />
        </section>
        <section class="grid gap-2" :aria-label="t('passport.Passport.carePage')">
          <h2 class="text-2xl">{{ t('passport.Passport.carePage') }}</h2>
          <div v-if="address" class="grid grid-cols-[6rem_1fr] gap-4 items-center">
            <img :src="squareCode(address)" width="96" height="96" class="bg-white" :alt="t('passport.Passport.aSquareCode')">
            <p class="leading-relaxed"><a class="underline underline-offset-4 break-all" :href="address">{{ address }}</a><br>
              <button class="quiet" type="button" :disabled="hands.busy.value" @click="hide">{{ t('passport.Passport.takeItBack') }}</button></p>
          </div>
          <p v-else>{{ t('passport.Passport.whoeverHasTheAddress') }}
            <button class="may" type="button" :disabled="hands.busy.value" @click="show">{{ t('passport.Passport.makeAnAddress') }}</button></p>
        </section>
        <section class="grid gap-2" :aria-label="t('passport.Passport.storedHere')">
          <h2 class="text-2xl">{{ t('passport.Passport.storedHere') }}</h2>
          <p v-if="passport.storedAt !== ''" class="text-lg">{{
            passport.storedUntil ? t('passport.Passport.inUntil', [passport.storedAt, day(passport.storedUntil)]) : passport.storedAt
          }} <button class="quiet" type="button" :disabled="hands.busy.value" @click="store('', null)">{{ t('passport.Passport.notAnyMore') }}</button></p>
          <form v-else class="flex flex-wrap items-end gap-3" @submit.prevent="store(place, until || null)">
            <label class="grid gap-1 grow">{{ t('passport.Passport.where') }}<input v-model="place" class="write" maxlength="80" required></label>
            <label class="grid gap-1">{{ t('passport.Passport.until') }}<input v-model="until" class="write" type="date"></label>
            <button class="may" type="submit" :disabled="hands.busy.value">{{ t('passport.Passport.keepItHere') }}</button>
          </form>
        </section>
        <section v-if="person?.mayPlan" class="grid gap-2" :aria-label="t('passport.Passport.handOn')">
          <h2 class="text-2xl">{{ t('passport.Passport.handOn') }}</h2>
          <p>{{ t('passport.Passport.handOnAbout') }}</p>
          <p class="flex flex-wrap items-center gap-x-5 gap-y-2">
            <label class="flex items-center gap-3 min-h-11"><input v-model="reach" type="checkbox" class="size-5">{{
              t('passport.Passport.withReach', [passport.ownerName])
            }}</label>
            <button class="may" type="button" :disabled="hands.busy.value" @click="handOn(reach)">{{ t('passport.Passport.takeTheFile') }}</button>
          </p>
        </section>
        <LikeJobs v-if="passport.visits[0]" :key="passport.visits[0].piece" :piece="passport.visits[0].piece" />
        <section class="grid gap-1" :aria-label="t('passport.Passport.visits')">
          <h2 class="text-3xl">{{ t('passport.Passport.visits') }}</h2>
          <ol class="grid">
            <li v-for="(v, i) in passport.visits" :key="v.piece" class="grid gap-2 border-t-2 border-line py-3">
              <div class="flex flex-wrap items-baseline gap-x-4">
                <h3 class="text-xl grow"><strong>{{ day(v.openedAt) }}</strong>{{
                  v.elsewhere ? t('passport.Passport.at', [v.elsewhere]) : ''
                }}{{
                  v.calledOff ? t('passport.Passport.calledOff') : v.leftAt ? t('passport.Passport.wentHome', [day(v.leftAt)]) : t('passport.Passport.isHere')
                }}</h3>
                <RouterLink class="quiet" :to="`/pieces/${v.piece}`">{{ v.tag }}</RouterLink>
                <RouterLink class="quiet" :to="`/ledger/${v.piece}`">{{ t('passport.Passport.ledger') }}</RouterLink>
              </div>
              <p v-if="v.fault" class="caution">{{ t('passport.Passport.cameBackFor', [v.mended ? day(v.mended) : '', v.fault]) }}<template v-if="v.cause">{{
                t('passport.Passport.by', [v.cause])
              }}</template> <button class="quiet" type="button" :disabled="hands.busy.value" @click="didNot(v.piece)">{{
                t('passport.Passport.itDidNot')
              }}</button></p>
              <div v-if="v.before || v.after || v.ofOwner" class="flex flex-wrap gap-2">
                <figure v-for="p in picturesOf(v)" :key="p.src" class="grid">
                  <img :src="p.src" class="h-40 object-cover" :alt="t('passport.Passport.aPicture')">
                  <figcaption class="text-soft text-[.9rem]">{{ p.label }}</figcaption>
                </figure>
              </div>
              <p v-if="v.wish">“{{ v.wish }}”</p>
              <p v-if="v.found.length > 0"><span class="text-soft">{{ t('passport.Passport.found') }}</span> {{ v.found.join(', ') }}</p>
              <p v-if="v.done.length > 0"><span class="text-soft">{{ t('passport.Passport.done') }}</span> {{ v.done.join(', ') }}</p>
              <template v-if="!v.fault && passport.visits.length > i + 1 && !v.calledOff">
                <p v-if="tying !== v.piece"><button class="quiet" type="button" @click="tying = v.piece">{{
                  t('passport.Passport.itCameBackForWhatWasDone')
                }}</button></p>
                <CameBack
                  v-else :visit="v" :earlier="passport.visits.slice(i + 1).filter((e) => !e.calledOff)" :busy="hands.busy.value" @look="causes"
                  @tie="(given) => cameBack(v.piece, given).then(() => { tying = null })" @close="tying = null"
                />
              </template>
            </li>
          </ol>
        </section>
      </template>
    </section>
  </main>
</template>
