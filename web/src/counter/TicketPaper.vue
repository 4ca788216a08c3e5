<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { LeavingView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** What was handed in, on paper: one for the owner to bring along when it is fetched. */
const props = defineProps<{ id: number }>()
const { value: leaving, problem, reload } = useLoad(() => api.get<LeavingView>(`/tickets/${props.id}/leaving`))
const ticket = computed(() => leaving.value?.ticket ?? null)
const nameOf = (piece: number): string => ticket.value?.pieces.find((p) => p.id === piece)?.name ?? ''
void reload()
const words = useWords()
const { date, time } = useWhen()
const kind = (id: string): string => words.value?.kinds.find((k) => k.id === id)?.label ?? id
const aim = (id: string): string => words.value?.aims.find((a) => a.id === id)?.label ?? id
const print = (): void => window.print()
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-4xl w-full mx-auto grid gap-5 content-start">
    <Notice :text="problem" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 class="text-4xl grow">{{ t('counter.TicketPaper.ticket') }}</h1>
      <RouterLink class="quiet" to="/counter">{{ t('counter.TicketPaper.backToTheCounter') }}</RouterLink>
      <button class="do" type="button" @click="print">{{ t('counter.TicketPaper.print') }}</button>
    </header>
    <article v-if="ticket" class="grid gap-5 bg-raised p-5 sm:p-8 border border-line text-xl">
      <PaperHead />
      <div class="flex flex-wrap items-end gap-x-6 gap-y-2 border-b-2 border-ink pb-3">
        <p class="font-head text-6xl leading-none">{{ ticket.id }}</p>
        <div class="grow">
          <h2 class="text-3xl">{{ ticket.customer }}</h2>
          <p v-if="ticket.contact">{{ ticket.contact }}</p>
        </div>
        <p class="text-right">{{ t('counter.TicketPaper.handedInOn', [date(ticket.openedAt)]) }}<br>
          <strong>{{
            ticket.promised ? t('counter.TicketPaper.readyOn', [date(ticket.promisedAt), time(ticket.promisedAt)]) : t('counter.TicketPaper.noDayPromisedYet')
          }}</strong></p>
      </div>
      <p v-if="ticket.wish">“{{ ticket.wish }}”</p>
      <div
        v-for="piece in ticket.pieces" :key="piece.id"
        class="grid grid-cols-[7rem_minmax(0,1fr)] sm:grid-cols-[12rem_minmax(0,1fr)] items-center gap-6 break-inside-avoid"
      >
        <Standing :kind="piece.kind" :colours="piece.colours" class="h-24" />
        <p><strong>{{ piece.tag }} · {{ piece.name }}</strong><br>{{ kind(piece.kind) }}<template v-if="piece.sizeEu">{{
          t('counter.TicketPaper.size', [piece.sizeEu])
        }}</template>{{ t('counter.TicketPaper.to', [aim(piece.aim)]) }}</p>
      </div>
      <section v-for="g in leaving?.gone ?? []" :key="g.at" class="break-inside-avoid" :aria-label="t('counter.TicketPaper.collected')">
        <svg v-if="g.path !== ''" viewBox="0 0 600 200" class="w-60" role="img" :aria-label="t('counter.TicketPaper.signatureOf', [g.by])">
          <path :d="g.path" fill="none" stroke="currentColor" stroke-width="4" stroke-linecap="round" stroke-linejoin="round" />
        </svg>
        <p>{{ t('counter.TicketPaper.collectedBy', [g.pieces.map(nameOf).join(', '), g.by, date(g.at)]) }}</p>
      </section>
      <div class="grid grid-cols-2 gap-10 pt-10 break-inside-avoid">
        <p class="border-t border-ink pt-1 text-base">{{ t('counter.TicketPaper.handedInBy') }}</p>
        <p class="border-t border-ink pt-1 text-base">{{ t('counter.TicketPaper.takenInBy') }}</p>
      </div>
      <p class="text-base text-soft">{{ t('counter.TicketPaper.pleaseBringThisAlongTimes') }}</p>
    </article>
  </main>
</template>
