<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { InvoicesView } from '../api/types'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { sum } from './sums'
import { t } from '../words'

/** What a ticket comes to, under its number, tax apart. */
const props = defineProps<{ id: number }>()
const { value: found, problem, reload } = useLoad(() => api.get<InvoicesView>(`/tickets/${props.id}/invoice`))
void reload()
const hands = useAct(reload)
const { person } = useSession()
const { day } = useWhen()
const invoice = computed(() => found.value?.invoices[0] ?? null)
const write = (): Promise<boolean> => hands.run(() => api.post<InvoicesView>(`/tickets/${props.id}/invoice`, {}), (view) => {
  found.value = view
})
const pay = (paid: boolean): Promise<boolean> => hands.run(
  () => api.put<InvoicesView>(`/invoices/${invoice.value?.id ?? 0}/paid`, { paid, how: '' }), () => reload(),
)
const print = (): void => window.print()
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-4xl w-full mx-auto">
    <PaperHead />
    <Notice class="no-print" :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ invoice ? t('offer.Invoice.number', [invoice.number]) : t('offer.Invoice.invoice') }}</h1>
      <RouterLink class="quiet no-print" to="/counter">{{ t('offer.Invoice.toTheCounter') }}</RouterLink>
      <RouterLink v-if="person?.mayReceive" class="quiet no-print" to="/invoices">{{ t('offer.Invoice.allOfThem') }}</RouterLink>
      <button v-if="invoice" class="may no-print" type="button" @click="print">{{ t('offer.Offer.print') }}</button>
    </header>
    <div v-if="found && !invoice" class="grid gap-3">
      <p class="text-xl">{{ t('offer.Invoice.noneYet') }}</p>
      <button v-if="person?.mayReceive" class="do justify-self-start" type="button" :disabled="hands.busy.value" @click="write">{{
        t('offer.Invoice.writeIt')
      }}</button>
    </div>
    <article v-if="invoice" class="grid gap-4 text-lg">
      <p>{{ t('offer.Invoice.forWhom', [invoice.customer, day(invoice.at), id]) }}</p>
      <dl class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-6 gap-y-1.5">
        <template v-for="line in invoice.lines" :key="line.what">
          <dt class="first-letter:uppercase">{{ line.what }}</dt><dd class="text-right">{{ sum(line.cents) }}</dd>
        </template>
        <dt class="border-t border-line pt-1 text-soft">{{ t('offer.Invoice.ofThatNet') }}</dt>
        <dd class="border-t border-line pt-1 text-right text-soft">{{ sum(invoice.netCents) }}</dd>
        <dt class="text-soft">{{ t('offer.Invoice.andTax', [invoice.taxPercent]) }}</dt><dd class="text-right text-soft">{{ sum(invoice.taxCents) }}</dd>
        <dt class="border-t-4 border-ink pt-2 text-2xl font-head">{{ t('offer.Invoice.toPay', [invoice.currency]) }}</dt>
        <dd class="border-t-4 border-ink pt-2 text-2xl font-head text-right">{{ sum(invoice.grossCents) }}</dd>
      </dl>
      <p>{{ invoice.paidAt ? t('offer.Invoice.paid', [day(invoice.paidAt)]) : t('offer.Invoice.open') }}</p>
      <div v-if="person?.mayReceive" class="no-print flex gap-3">
        <button v-if="!invoice.paidAt" class="do" type="button" :disabled="hands.busy.value" @click="pay(true)">{{ t('offer.Invoice.itIsPaid') }}</button>
        <button v-else class="quiet px-0!" type="button" :disabled="hands.busy.value" @click="pay(false)">{{ t('offer.Invoice.itIsNotPaid') }}</button>
      </div>
    </article>
  </main>
</template>
