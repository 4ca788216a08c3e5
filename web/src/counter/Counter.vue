<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { PieceRowView, TicketsView, TicketView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import { counted } from '../kit/counted'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import { useSession } from '../session/useSession'
import { useWords } from '../kit/useWords'
import { isOpen } from '../step/progress'
import { t } from '../words'

const { person, workshop } = useSession()
const { when } = useWhen()
const now = useNow()
const words = useWords()
const sought = ref('')
const state = ref('any')
const due = ref('any')
const STATES = [
  { id: 'any', label: t('counter.Counter.anything') },
  { id: 'to-look-over', label: t('counter.Counter.toBeLookedOver') },
  { id: 'to-plan', label: t('counter.Counter.toBePlanned') },
  { id: 'planned', label: t('counter.Counter.planned') },
  { id: 'in-work', label: t('counter.Counter.inWork') },
  { id: 'ready', label: t('counter.Counter.readyToBeCollected') },
  { id: 'collected', label: t('counter.Counter.collected') },
  { id: 'called-off', label: t('counter.Counter.calledOff') },
  { id: 'referred', label: t('counter.Counter.notForThisBench') },
]
const DUE = [
  { id: 'any', label: t('counter.Counter.whenever') },
  { id: '-1', label: t('counter.Counter.overdue') },
  { id: '1', label: t('counter.Counter.byTomorrow') },
  { id: '7', label: t('counter.Counter.withinAWeek') },
]
const kindLabel = (kind: string): string => words.value?.kinds.find((k) => k.id === kind)?.label ?? kind

const page = ref(0)
/** What is looked for is found where it is stored, a page at a time. */
const { value: found, problem, reload } = useLoad(() => {
  const query = new URLSearchParams({ find: sought.value, page: String(page.value) })
  if (state.value !== 'any') {
    query.set('state', state.value)
  }
  if (due.value !== 'any') {
    query.set('due', due.value)
  }
  return api.get<TicketsView>(`/tickets?${query.toString()}`)
})
const tickets = ref<readonly TicketView[]>([])
watch(found, (now) => {
  tickets.value = [...(page.value === 0 ? [] : tickets.value), ...(now?.tickets ?? [])]
})
const look = (at = 0): Promise<void> => {
  page.value = at
  return reload()
}
void look()
watch([state, due], () => look())
watch(sought, useDebounceFn(() => look(), 200))
const isAnything = computed(() => sought.value.trim() === '' && state.value === 'any' && due.value === 'any')
const sentence = (piece: PieceRowView): string =>
  ({
    'to-look-over': t('counter.Counter.toBeLookedOver'),
    'to-plan': t('counter.Counter.lookedOverToBePlanned'),
    'referred': t('counter.Counter.notForThisBench'),
    'planned': t('counter.Counter.plannedIn', [counted(piece.stepsAll, 'step')]),
    'in-work': t('counter.Counter.ofDone', [piece.stepsDone, counted(piece.stepsAll, 'step')]),
    'ready': t('counter.Counter.readySince', [piece.readyAt ? when(piece.readyAt, now.value) : 'now', piece.shelf === '' ? '' : `, at ${piece.shelf}`]),
    'collected': 'collected',
    'called-off': t('counter.Counter.calledOff'),
  })[piece.state] ?? piece.state
const target = (piece: PieceRowView): string =>
  !isOpen(piece.state)
    ? `/ledger/${piece.id}`
    : piece.hasPlan
      ? `/pieces/${piece.id}/plan`
      : `/pieces/${piece.id}`
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-7xl w-full mx-auto">
    <div class="flex flex-wrap items-end gap-x-6 gap-y-2 mb-5">
      <h1 class="text-4xl grow">{{ t('counter.Counter.counter') }}</h1>
      <p class="text-lg"><Choice v-model="state" :label="t('counter.Counter.state')" :options="STATES" /> {{
        t('counter.Counter.due')
      }} <Choice v-model="due" :label="t('counter.Counter.due2')" :options="DUE" /></p>
      <label class="w-full sm:w-72">
        <span class="sr-only">{{ t('counter.Counter.findByOwnerPieceTag') }}</span>
        <input v-model="sought" class="write" type="search" :placeholder="t('counter.Counter.findOwnerPieceTagKind')">
      </label>
      <RouterLink class="may" to="/owners">{{ t('counter.Counter.owners') }}</RouterLink>
      <RouterLink v-if="person?.mayReceive" class="do" to="/counter/new">{{ t('counter.Counter.newTicket') }}</RouterLink>
    </div>
    <Notice :text="problem" @again="reload" />
    <p v-if="found && found.waiting > 0" class="caution text-lg mb-3 flex flex-wrap items-center gap-x-4">
      <span>{{
        t('counter.Counter.beenReadyForLongerThan', [
          found.waiting === 1 ? t('counter.Counter.onePieceHas') : t('counter.Counter.piecesHave', [found.waiting]), workshop?.uncollectedDays
        ])
      }}</span>
      <button v-if="state !== 'ready'" class="quiet" type="button" @click="state = 'ready'">{{ t('counter.Counter.seeWhatIsReady') }}</button>
    </p>
    <p v-if="found && tickets.length === 0 && isAnything" class="text-xl py-16 text-center">{{ t('counter.Counter.nothingHasBeenHandedIn') }}</p>
    <p v-else-if="found && tickets.length === 0" class="text-xl py-16 text-center">{{
      t('counter.Counter.noOwnerAndNoPiece', [sought === '' ? t('counter.Counter.thatChoice') : `“${sought}”`])
    }}</p>
    <ol class="grid gap-y-4">
      <li v-for="ticket in tickets" :key="ticket.id" class="grid sm:grid-cols-[17rem_minmax(0,1fr)] gap-x-6 gap-y-2 pb-4">
        <div>
          <h2 class="text-xl">{{ ticket.customer }}</h2>
          <p v-if="ticket.contact" class="text-soft">{{ ticket.contact }}</p>
          <p class="mt-1">
            <RouterLink
              v-if="ticket.pieces.some((p) => isOpen(p.state))" class="inline-flex items-center min-h-11 font-semibold underline underline-offset-4"
              :to="`/tickets/${ticket.id}/promise`"
              :aria-label="ticket.promised ? t('counter.Counter.promisedCanItBeKept', [when(ticket.promisedAt, now)]) : t('counter.Counter.noDayPromisedYet')"
            >{{ ticket.promised ? when(ticket.promisedAt, now) : t('counter.Counter.noDayYet')
            }}</RouterLink>
            <span v-else class="font-semibold">{{ ticket.promised ? when(ticket.promisedAt, now) : t('counter.Counter.noDayYet') }}</span>
            <span
              v-if="ticket.promised && Date.parse(ticket.promisedAt) < now && ticket.pieces.some((p) => isOpen(p.state))"
              class="ml-2 bg-ink text-raised px-2"
            >{{ t('counter.Counter.overdue') }}</span>
          </p>
          <p v-if="ticket.pieces.some((p) => p.state === 'ready')" class="mt-2">
            <RouterLink class="do py-1!" :to="`/tickets/${ticket.id}/leaving`" :aria-label="t('counter.Counter.collect', [ticket.customer])">{{
              t('counter.Counter.collect2')
            }}</RouterLink>
            <span class="block text-soft text-[.95rem] mt-1">{{
              ticket.toldAt ? t('counter.Counter.told', [when(ticket.toldAt, now)]) : t('counter.Counter.notToldYet')
            }}</span>
            <span v-if="ticket.waits !== null" class="block font-semibold">{{ t('counter.Counter.readyForDays', [ticket.waits]) }}</span>
          </p>
          <p v-if="ticket.wish" class="text-soft text-[.95rem] mt-1">“{{ ticket.wish }}”</p>
          <p class="flex gap-5 -ml-2">
            <RouterLink class="quiet" :to="`/tickets/${ticket.id}/label`" :aria-label="t('counter.Counter.labelOfTicket', [ticket.id])">{{
              t('counter.Counter.label')
            }}</RouterLink>
            <RouterLink class="quiet" :to="`/tickets/${ticket.id}/paper`" :aria-label="t('counter.Counter.ticketOnPaper', [ticket.id])">{{
              t('counter.Counter.ticket')
            }}</RouterLink>
            <RouterLink
              v-if="person?.mayReceive" class="quiet" :to="`/tickets/${ticket.id}/correct`" :aria-label="t('counter.Counter.putRightTicket', [ticket.id])"
            >{{ t('counter.Counter.putRight') }}</RouterLink>
          </p>
        </div>
        <!-- The shelf by the door: what one owner brought stands on one board, each with its tag. -->
        <div class="flex flex-wrap content-start">
          <RouterLink v-for="piece in ticket.pieces" :key="piece.id" :to="target(piece)" class="w-full min-[30rem]:w-64 hover:bg-paper">
            <span class="board flex items-end px-4"><Standing :kind="piece.kind" :colours="piece.colours" class="h-28 w-full" /></span>
            <span class="block px-4 leading-snug">
              <span class="tag" aria-hidden="true" /><span class="tag-number">{{ piece.tag }}</span>
              <span class="block text-lg font-semibold">{{ piece.name }}</span>
              <span class="block text-soft">{{ kindLabel(piece.kind) }}, {{ piece.aim.replace('-', ' ') }}</span>
              <span class="block">{{ sentence(piece) }}</span>
              <span v-if="piece.stepsAll > 0 && isOpen(piece.state)" class="flex items-center gap-[3px] mt-1.5 pb-1" aria-hidden="true">
                <span
                  v-for="i in piece.stepsAll" :key="i" class="flex-1 min-w-0 max-w-2.5 rounded-full"
                  :class="i <= piece.stepsDone ? 'h-1 bg-ink' : 'size-[3px] max-w-[3px]! bg-soft'"
                />
              </span>
            </span>
          </RouterLink>
          <span class="board grow basis-8 hidden sm:block" aria-hidden="true" />
        </div>
      </li>
    </ol>
    <p v-if="found?.more" class="py-6 text-center"><button class="may" type="button" @click="look(page + 1)">{{ t('counter.Counter.showMore') }}</button></p>
  </main>
</template>

<style scoped>
.board { height: 7.5rem; border-bottom: 7px solid var(--soft); }
/* It hangs from the board by a string through its hole. */
.tag { display: block; height: 11px; border-left: 1.5px solid var(--ink); margin-left: .5rem; }
.tag-number {
  display: block; width: fit-content; border: 1.5px solid var(--ink); border-radius: 8px 3px 3px 8px; padding: 0 .6rem 0 1.2rem; line-height: 1.5;
  font-weight: 600;
  background: radial-gradient(circle at .55rem 50%, var(--ink) 2.5px, var(--raised) 3px); margin-bottom: .3rem;
}
</style>
