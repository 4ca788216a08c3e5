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

const { person, workshop } = useSession()
const { when } = useWhen()
const now = useNow()
const words = useWords()
const sought = ref('')
const state = ref('any')
const due = ref('any')
const STATES = [
  { id: 'any', label: 'anything' },
  { id: 'to-look-over', label: 'to be looked over' },
  { id: 'to-plan', label: 'to be planned' },
  { id: 'planned', label: 'planned' },
  { id: 'in-work', label: 'in work' },
  { id: 'ready', label: 'ready to be collected' },
  { id: 'collected', label: 'collected' },
  { id: 'called-off', label: 'called off' },
  { id: 'referred', label: 'not for this bench' },
]
const DUE = [
  { id: 'any', label: 'whenever' },
  { id: '-1', label: 'overdue' },
  { id: '1', label: 'by tomorrow' },
  { id: '7', label: 'within a week' },
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
    'to-look-over': 'to be looked over',
    'to-plan': 'looked over, to be planned',
    'referred': 'not for this bench',
    'planned': `planned in ${counted(piece.stepsAll, 'step')}`,
    'in-work': `${piece.stepsDone} of ${counted(piece.stepsAll, 'step')} done`,
    'ready': `ready since ${piece.readyAt ? when(piece.readyAt, now.value) : 'now'}${piece.shelf === '' ? '' : `, at ${piece.shelf}`}`,
    'collected': 'collected',
    'called-off': 'called off',
  })[piece.state] ?? piece.state
const isOpen = (piece: PieceRowView): boolean => !['ready', 'collected', 'called-off'].includes(piece.state)
const target = (piece: PieceRowView): string =>
  !isOpen(piece)
    ? `/ledger/${piece.id}`
    : piece.hasPlan
      ? `/pieces/${piece.id}/plan`
      : `/pieces/${piece.id}`
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-7xl w-full mx-auto">
    <div class="flex flex-wrap items-end gap-x-6 gap-y-2 mb-5">
      <h1 class="text-4xl grow">Counter</h1>
      <p class="text-lg"><Choice v-model="state" label="State" :options="STATES" /> due <Choice v-model="due" label="Due" :options="DUE" /></p>
      <label class="w-full sm:w-72">
        <span class="sr-only">Find by owner, piece, tag or kind</span>
        <input v-model="sought" class="write" type="search" placeholder="Find owner, piece, tag, kind">
      </label>
      <RouterLink v-if="person?.mayPlan" class="do" to="/counter/new">New ticket</RouterLink>
    </div>
    <Notice :text="problem" @again="reload" />
    <p v-if="found && found.waiting > 0" class="caution text-lg mb-3 flex flex-wrap items-center gap-x-4">
      <span>{{ found.waiting === 1 ? 'One piece has' : `${found.waiting} pieces have` }} been ready for longer than {{ workshop?.uncollectedDays }} days.</span>
      <button v-if="state !== 'ready'" class="quiet" type="button" @click="state = 'ready'">See what is ready</button>
    </p>
    <p v-if="found && tickets.length === 0 && isAnything" class="text-xl py-16 text-center">Nothing has been handed in yet. Open the first ticket, and draw up
      what you see.</p>
    <p v-else-if="found && tickets.length === 0" class="text-xl py-16 text-center">No owner and no piece by
      {{ sought === '' ? 'that choice' : `“${sought}”` }}.</p>
    <ol class="grid">
      <li v-for="ticket in tickets" :key="ticket.id" class="grid sm:grid-cols-[17rem_minmax(0,1fr)] gap-x-6 gap-y-2 py-4 border-b border-line">
        <div>
          <h2 class="text-xl">{{ ticket.customer }}</h2>
          <p v-if="ticket.contact" class="text-soft">{{ ticket.contact }}</p>
          <p class="mt-1">
            <RouterLink
              v-if="ticket.pieces.some(isOpen)" class="inline-flex items-center min-h-11 font-semibold underline underline-offset-4"
              :to="`/tickets/${ticket.id}/promise`"
              :aria-label="ticket.promised ? `Promised ${when(ticket.promisedAt, now)}: can it be kept?` : 'No day promised yet'"
            >{{ ticket.promised ? when(ticket.promisedAt, now) : 'no day yet'
            }}</RouterLink>
            <span v-else class="font-semibold">{{ ticket.promised ? when(ticket.promisedAt, now) : 'no day yet' }}</span>
            <span
              v-if="ticket.promised && Date.parse(ticket.promisedAt) < now && ticket.pieces.some(isOpen)"
              class="ml-2 bg-ink text-raised px-2"
            >overdue</span>
          </p>
          <p v-if="ticket.pieces.some((p) => p.state === 'ready')" class="mt-2">
            <RouterLink class="do py-1!" :to="`/tickets/${ticket.id}/leaving`" :aria-label="`Collect: ${ticket.customer}`">Collect</RouterLink>
            <span class="block text-soft text-[.95rem] mt-1">{{ ticket.toldAt ? `told ${when(ticket.toldAt, now)}` : 'not told yet' }}</span>
            <span v-if="ticket.waits !== null" class="block font-semibold">ready for {{ ticket.waits }} days</span>
          </p>
          <p v-if="ticket.wish" class="text-soft text-[.95rem] mt-1">“{{ ticket.wish }}”</p>
          <p class="flex gap-5 -ml-2">
            <RouterLink class="quiet" :to="`/tickets/${ticket.id}/label`" :aria-label="`Label of ticket ${ticket.id}`">Label</RouterLink>
            <RouterLink class="quiet" :to="`/tickets/${ticket.id}/paper`" :aria-label="`Ticket ${ticket.id} on paper`">Ticket</RouterLink>
            <RouterLink
              v-if="person?.mayPlan" class="quiet" :to="`/tickets/${ticket.id}/correct`" :aria-label="`Put right: ticket ${ticket.id}`"
            >Put right</RouterLink>
          </p>
        </div>
        <div class="grid gap-1">
          <RouterLink
            v-for="piece in ticket.pieces" :key="piece.id" :to="target(piece)"
            class="grid grid-cols-[7rem_minmax(0,1fr)] sm:grid-cols-[12rem_minmax(0,1fr)] items-center gap-3 sm:gap-5 sm:px-2 hover:bg-paper"
          >
            <Standing :kind="piece.kind" :colours="piece.colours" class="h-24" />
            <span>
              <span class="block text-lg font-semibold">{{ piece.name }}</span>
              <span class="block text-soft">{{ piece.tag }} · {{ kindLabel(piece.kind) }}, {{ piece.aim.replace('-', ' ') }} · {{ sentence(piece) }}</span>
              <span v-if="piece.stepsAll > 0 && isOpen(piece)" class="flex gap-0.5 mt-1.5 max-w-[36rem]" aria-hidden="true">
                <span
                  v-for="i in piece.stepsAll" :key="i" class="h-1.5 flex-1 min-w-0 max-w-2.5" :class="i <= piece.stepsDone ? 'bg-ink' : 'border border-faint'"
                />
              </span>
            </span>
          </RouterLink>
        </div>
      </li>
    </ol>
    <p v-if="found?.more" class="py-6 text-center"><button class="may" type="button" @click="look(page + 1)">Show more</button></p>
  </main>
</template>
