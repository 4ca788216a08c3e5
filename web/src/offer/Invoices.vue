<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { InvoicesView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { sum } from './sums'
import { t } from '../words'

/** Every invoice, the newest first; what is open stands out. */
const { value: all, problem, reload } = useLoad(() => api.get<InvoicesView>('/invoices'))
void reload()
const { person } = useSession()
const { day } = useWhen()
const open = computed(() => (all.value?.invoices ?? []).filter((i) => i.paidAt === null))
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-4xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('offer.Invoices.invoices') }}</h1>
      <a v-if="person?.role === 'owner'" class="may" href="/api/invoices.csv">{{ t('offer.Invoices.forTheBookkeeper') }}</a>
    </header>
    <p v-if="all && all.invoices.length === 0" class="text-xl">{{ t('offer.Invoices.noneYet') }}</p>
    <p v-else-if="all" class="text-lg">{{ t('offer.Invoices.openOf', [open.length, sum(open.reduce((s, i) => s + i.grossCents, 0))]) }}</p>
    <ul>
      <li v-for="i in all?.invoices ?? []" :key="i.id" class="border-b border-line">
        <RouterLink :to="`/tickets/${i.ticket}/invoice`" class="grid grid-cols-[4rem_minmax(0,1fr)_auto] gap-x-4 py-2.5 min-h-12 hover:bg-paper text-lg">
          <strong class="font-head">{{ i.number }}</strong>
          <span>{{ i.customer }}<span class="text-soft"> · {{ day(i.at) }}</span></span>
          <span class="text-right"><strong>{{ sum(i.grossCents) }}</strong> {{ i.paidAt ? t('offer.Invoices.paid') : t('offer.Invoices.open') }}</span>
        </RouterLink>
      </li>
    </ul>
  </main>
</template>
