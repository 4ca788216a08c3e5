<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { TicketView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import Notice from '../kit/Notice.vue'
import { squareCode } from '../kit/squareCode'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** A label for every piece of a ticket: what hangs on it while it is here. The square opens the piece. */
const props = defineProps<{ id: number }>()
const { value: ticket, problem, reload } = useLoad(() => api.get<TicketView>(`/tickets/${props.id}`))
void reload()
const words = useWords()
const { date } = useWhen()
const kind = (id: string): string => words.value?.kinds.find((k) => k.id === id)?.label ?? id
/** Black on white in either light: a camera has to read it. */
const square = (piece: number): string => squareCode(`${location.origin}/pieces/${piece}`)
const print = (): void => window.print()
</script>

<template>
  <main class="px-4 sm:px-8 py-6 grid gap-6 content-start justify-items-start">
    <Notice :text="problem" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-x-6 gap-y-2 w-full">
      <h1 class="text-4xl grow">{{ t('counter.Label.labels') }}</h1>
      <RouterLink class="quiet" to="/counter">{{ t('counter.Label.backToTheCounter') }}</RouterLink>
      <button class="do" type="button" @click="print">{{ t('counter.Label.print') }}</button>
    </header>
    <article
      v-for="piece in ticket?.pieces ?? []" :key="piece.id"
      class="label bg-raised text-ink border-2 border-ink grid grid-cols-[minmax(0,1fr)_7rem] sm:grid-cols-[minmax(0,1fr)_11rem] gap-5 p-5
        w-[38rem] max-w-full break-inside-avoid"
    >
      <div class="grid content-between gap-2 min-w-0">
        <p class="font-head text-6xl leading-none tracking-tight">{{ piece.tag }}</p>
        <p class="text-2xl font-semibold leading-tight">{{ piece.name }}</p>
        <p class="text-lg leading-tight">{{ ticket?.customer }}<br>{{ t('counter.Label.to', [kind(piece.kind), piece.aim.replace('-', ' ')]) }}</p>
        <p class="text-xl font-bold">{{
          ticket?.promised === false ? t('counter.Label.noDayPromisedYet') : t('counter.Label.for', [date(ticket?.promisedAt ?? '')])
        }}</p>
      </div>
      <div class="grid gap-2 content-between">
        <img :src="square(piece.id)" width="176" height="176" class="w-full bg-white" :alt="t('counter.Label.aSquareCodeThatOpens', [piece.name])">
        <Standing :kind="piece.kind" :colours="[]" :weight="2" class="h-16" />
      </div>
    </article>
  </main>
</template>
