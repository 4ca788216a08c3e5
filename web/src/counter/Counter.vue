<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { PieceRowView, TicketsView } from '../api/types'
import Silhouette from '../drawing/Silhouette.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useNow } from '../kit/useNow'
import { useWhen } from '../kit/useWhen'
import { useSession } from '../people/useSession'
import { colourMap } from './colours'

const { value: tickets, problem, reload } = useLoad(() => api.get<TicketsView>('/tickets'))
void reload()
const { person } = useSession()
const { when } = useWhen()
const now = useNow()
const sought = ref('')

const shown = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter((w) => w !== '')
  return (tickets.value?.tickets ?? []).filter((t) => {
    const text = [t.customer, t.contact, t.wish, ...t.pieces.flatMap((p) => [p.name, p.kind, p.state])].join(' ').toLowerCase()
    return words.every((w) => text.includes(w))
  })
})
const sentence = (piece: PieceRowView): string => ({
  'to-look-over': 'to be looked over',
  'to-plan': 'looked over, to be planned',
  'referred': 'not for this bench',
  'planned': `planned in ${piece.stepsAll} steps`,
  'in-work': `${piece.stepsDone} of ${piece.stepsAll} steps done`,
  'finished': 'handed over',
}[piece.state] ?? piece.state)
const target = (piece: PieceRowView): string => (piece.state === 'finished' ? `/ledger/${piece.id}` : ['planned', 'in-work', 'referred'].includes(piece.state) ? `/pieces/${piece.id}/plan` : `/pieces/${piece.id}`)
</script>

<template>
  <main class="px-8 py-6 max-w-7xl w-full mx-auto">
    <div class="flex items-end gap-6 mb-5">
      <h1 class="text-4xl grow">Counter</h1>
      <label class="w-80"><span class="sr-only">Find by owner, piece or state</span><input v-model="sought" class="write" type="search" placeholder="Find owner, piece, state"></label>
      <RouterLink v-if="person?.mayPlan" class="do" to="/counter/new">New ticket</RouterLink>
    </div>
    <Notice :text="problem" @again="reload" />
    <p v-if="tickets && tickets.tickets.length === 0" class="text-xl py-16 text-center">Nothing has been handed in yet. Open the first ticket, and draw up what you see.</p>
    <p v-else-if="tickets && shown.length === 0" class="text-xl py-16 text-center">Nobody and nothing by “{{ sought }}”.</p>
    <ol v-if="tickets" class="grid">
      <li v-for="ticket in shown" :key="ticket.id" class="grid grid-cols-[17rem_1fr] gap-6 py-4 border-b border-line">
        <div>
          <h2 class="text-xl">{{ ticket.customer }}</h2>
          <p v-if="ticket.contact" class="text-soft">{{ ticket.contact }}</p>
          <p class="mt-1"><span class="font-semibold">{{ when(ticket.promisedAt, now) }}</span><span v-if="Date.parse(ticket.promisedAt) < now && ticket.pieces.some((p) => p.state !== 'finished')" class="ml-2 bg-ink text-raised px-2">overdue</span></p>
          <p v-if="ticket.wish" class="text-soft text-[.95rem] mt-1">“{{ ticket.wish }}”</p>
        </div>
        <div class="grid gap-1">
          <RouterLink v-for="piece in ticket.pieces" :key="piece.id" :to="target(piece)" class="grid grid-cols-[12rem_1fr] items-center gap-5 px-2 hover:bg-paper">
            <div class="flex items-end">
              <Silhouette :kind="piece.kind" half="left" :colours="colourMap(piece.colours, 'left')" :weight="1.5" />
              <Silhouette :kind="piece.kind" half="right" :colours="colourMap(piece.colours, 'right')" :weight="1.5" />
            </div>
            <span>
              <span class="block text-lg font-semibold">{{ piece.name }}</span>
              <span class="block text-soft">{{ piece.kind.replace('-', ' ') }}, {{ piece.aim }} · {{ sentence(piece) }}</span>
              <span v-if="piece.stepsAll > 0 && piece.state !== 'finished'" class="flex gap-0.5 mt-1.5" aria-hidden="true">
                <span v-for="i in piece.stepsAll" :key="i" class="h-1.5 w-2.5" :class="i <= piece.stepsDone ? 'bg-ink' : 'border border-faint'" />
              </span>
            </span>
          </RouterLink>
        </div>
      </li>
    </ol>
  </main>
</template>
