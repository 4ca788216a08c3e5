<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api } from '../api/client'
import type { Aim, Meaning, OfferView, PieceView, WayDateView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import Choice from '../kit/Choice.vue'
import { cents, money } from '../kit/money'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import CareOfAYear from './CareOfAYear.vue'
import Supplements from './Supplements.vue'
import Way from './Way.vue'
import { t } from '../words'

/** What lies before the owner: ways on one cord, from the least to the most, and leaving it as it is. */
const props = defineProps<{ id: number }>()
const router = useRouter()
const { person } = useSession()
const { date } = useWhen()
const replace = ref('')
const meaning = ref<Meaning>('some')
const dates = ref<Partial<Record<Aim, WayDateView>>>({})
const wrong = ref('')
const { value: piece, reload: reloadPiece } = useLoad(() => api.get<PieceView>(`/pieces/${props.id}`))
const { value: offer, problem, reload } = useLoad(async () => {
  const view = await api.get<OfferView>(`/pieces/${props.id}/offer`)
  seen(view)
  return view
})
const hands = useAct(reload)
const may = computed(() => person.value?.mayReceive ?? false)
const MEANINGS = [
  { id: 'none' as Meaning, label: t('offer.Offer.nothingBeyond') }, { id: 'some' as Meaning, label: t('offer.Offer.something') },
  { id: 'dear' as Meaning, label: t('offer.Offer.dear') }, { id: 'heirloom' as Meaning, label: t('offer.Offer.heirloom') },
]

/** The days are played through one after the other; the prices are there meanwhile. */
const play = async (view: OfferView): Promise<void> => {
  for (const way of view.ways.filter((w) => w.cannot === null)) {
    const on = await api.get<WayDateView>(`/pieces/${props.id}/offer/${way.aim}/date`).catch(() => ({ aim: way.aim, certain: null }))
    if (offer.value?.id === view.id) {
      dates.value = { ...dates.value, [way.aim]: on }
    }
  }
}
function seen(view: OfferView): void {
  replace.value = money(view.replaceCents)
  meaning.value = view.meaning
  if (view.ways.length > 0 && view.chosen === null && !view.left) {
    setTimeout(() => void play(view))
  }
}
const take = (view: OfferView): void => {
  offer.value = view
  dates.value = {}
  seen(view)
}
const reckon = async (): Promise<void> => {
  const sum = cents(replace.value)
  wrong.value = sum === undefined ? t('offer.Offer.thatIsNoSum') : ''
  if (sum !== undefined) {
    const body = { version: offer.value?.version ?? 0, replaceCents: sum, meaning: meaning.value }
    await hands.run(() => api.post<OfferView>(`/pieces/${props.id}/offer`, body), take)
  }
}
const choose = async (aim: Aim | null): Promise<void> => {
  const done = await hands.run(() => api.put<OfferView>(`/pieces/${props.id}/offer/${offer.value?.id ?? 0}`, { version: offer.value?.version ?? 0, aim }), take)
  if (done && aim !== null) {
    await router.push(`/pieces/${props.id}/owner`)
  }
}
const print = (): void => window.print()
void reload()
void reloadPiece()
</script>

<template>
  <main class="grid gap-4 content-start px-4 sm:px-8 py-5">
    <PaperHead />
    <Notice class="no-print" :text="problem || hands.problem.value" @again="reload" />
    <header v-if="offer" class="flex flex-wrap items-end gap-x-6 gap-y-2">
      <Standing v-if="piece" :kind="piece.kind" :colours="piece.parts" class="bg-surround h-20 w-28 p-1" />
      <div class="grow">
        <h1 class="text-3xl">{{ offer.name }}</h1>
        <p class="text-soft">{{ offer.customer }}<template v-if="offer.at"> · {{ t('offer.Offer.reckoned', [date(offer.at), offer.by]) }}</template></p>
      </div>
      <nav class="no-print flex flex-wrap gap-2">
        <RouterLink class="may" :to="`/pieces/${id}`">{{ t('offer.Offer.backToThePiece') }}</RouterLink>
        <RouterLink v-if="offer.chosen" class="may" :to="`/pieces/${id}/owner`">{{ t('offer.Offer.readOutAndSign') }}</RouterLink>
        <RouterLink class="may" :to="`/tickets/${offer.ticket}/invoice`">{{ t('offer.Offer.invoice') }}</RouterLink>
        <button class="may" type="button" @click="print">{{ t('offer.Offer.print') }}</button>
      </nav>
    </header>
    <form v-if="offer && may && offer.chosen === null" class="no-print flex flex-wrap items-center gap-x-4 gap-y-2 text-lg" novalidate @submit.prevent="reckon">
      <label class="flex items-center gap-2">{{ t('offer.Offer.anotherOneWouldCost') }}<input
        v-model="replace" class="write w-28!" name="replace" inputmode="decimal" :aria-invalid="wrong !== ''"
      ></label>
      <p>{{ t('offer.Offer.andThisOneMeans') }} <Choice v-model="meaning" :options="MEANINGS" :label="t('offer.Offer.whatItMeans')" />.</p>
      <button :class="offer.ways.length === 0 || offer.outdated ? 'do' : 'may'" type="submit" :disabled="hands.busy.value">{{
        offer.ways.length === 0 ? t('offer.Offer.reckonTheWays') : t('offer.Offer.reckonAnew')
      }}</button>
      <span v-if="wrong" role="alert">{{ wrong }}</span>
    </form>
    <p v-if="offer?.outdated" class="caution no-print">{{ t('offer.Offer.lookedAtSince') }}</p>
    <p v-else-if="offer?.otherTerms && offer.chosen === null" class="caution no-print">{{ t('offer.Offer.otherPricesSince') }}</p>
    <p v-if="offer && offer.ways.length === 0" class="text-xl max-w-3xl py-4">{{ t('offer.Offer.nothingOfferedYet') }}</p>

    <section v-if="offer && offer.ways.length > 0" class="ways border-t-4 border-ink grid gap-x-6 gap-y-6 md:grid-cols-2 lg:grid-cols-[1fr_1fr_1fr_.72fr]!">
      <Way
        v-for="way in offer.ways" :key="way.aim" :way="way" :date="dates[way.aim] ?? null" :open="offer.chosen === null && !offer.left"
        :currency="offer.currency" :asked="way.aim === offer.aim && offer.chosen === null" :taken="offer.chosen === way.aim"
        :may="may && !offer.outdated && offer.chosen === null" :busy="hands.busy.value" @take="choose(way.aim)"
      />
      <article class="grid content-start gap-3 min-w-0 px-1 break-inside-avoid" :aria-label="t('offer.Offer.leaveIt')">
        <svg viewBox="0 0 240 132" class="w-full max-w-72 justify-self-center" aria-hidden="true">
          <path d="M120 0C112 26 130 40 118 70c-6 15 6 22 2 34" fill="none" stroke="var(--ink)" stroke-width="2.5" />
        </svg>
        <h2 class="text-2xl">{{ t('offer.Offer.leaveIt') }}</h2>
        <ul class="grid gap-0.5 leading-snug"><li v-for="line in offer.leave" :key="line">{{ line }}</li></ul>
        <p v-if="offer.left" class="caution">{{ t('offer.Offer.itIsLeft', [date(offer.chosenAt ?? '')]) }}</p>
        <button
          v-else-if="may && offer.chosen === null" class="may no-print text-lg" type="button" :disabled="hands.busy.value"
          @click="choose(null)"
        >{{ t('offer.Offer.theyLeaveIt') }}</button>
      </article>
    </section>
    <p v-if="offer && offer.ways.length > 0" class="text-soft">{{ t('offer.Offer.taxIncluded', [offer.currency]) }}</p>
    <p v-if="offer?.chosenAt && offer.chosen" class="text-lg no-print">{{ t('offer.Offer.taken', [date(offer.chosenAt)]) }}</p>
    <Supplements v-if="offer && (offer.chosen || offer.supplements.length > 0)" :offer="offer" :may="may" :may-add="person?.mayPlan ?? false" @changed="take" />
    <CareOfAYear v-if="offer" class="no-print" :replace-cents="offer.replaceCents" />
  </main>
</template>
