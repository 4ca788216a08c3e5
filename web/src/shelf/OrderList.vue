<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { OnTheWayView, OrderLineView, OrdersView } from '../api/types'
import { money } from '../kit/money'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { amount } from './vessels'
import { plural, t } from '../words'

/** What is to be ordered from whom, and what is on its way; received with two taps. */
const { value: orders, problem, reload } = useLoad(() => api.get<OrdersView>('/orders'))
void reload()
const hands = useAct(reload)
const { person } = useSession()
const { date } = useWhen()
const asked = ref<number | null>(null)
const suppliers = computed(() => {
  const by = new Map<string, OrderLineView[]>()
  for (const line of orders.value?.toOrder ?? []) {
    by.set(line.supplier, [...by.get(line.supplier) ?? [], line])
  }
  return [...by]
})
const sum = (lines: readonly OrderLineView[]): number => lines.reduce((all, l) => all + (l.cents ?? 0), 0)
const take = (then: OrdersView): void => {
  orders.value = then
  asked.value = null
}
const order = (line: OrderLineView): Promise<boolean> => hands.run(() => api.post<OrdersView>('/orders', { product: line.product, packs: line.packs }), take)
const orderAll = async (lines: readonly OrderLineView[]): Promise<void> => {
  for (const line of lines) {
    await order(line)
  }
}
const receive = (o: OnTheWayView): void => {
  if (asked.value === o.id) {
    void hands.run(() => api.post<OrdersView>(`/orders/${o.id}/received`, {}), take)
  } else {
    asked.value = o.id
  }
}
const print = (): void => window.print()
</script>

<template>
  <main class="grid gap-6 content-start px-4 sm:px-9 py-6 max-w-5xl w-full mx-auto">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <PaperHead />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('shelf.OrderList.orderList') }}</h1>
      <RouterLink class="quiet no-print" to="/shelf">{{ t('shelf.OrderList.backToTheShelf') }}</RouterLink>
      <a class="may no-print" href="/api/orders.csv">{{ t('shelf.OrderList.asATable') }}</a>
      <button class="may no-print" type="button" @click="print">{{ t('shelf.OrderList.print') }}</button>
    </header>
    <p v-if="orders && orders.toOrder.length === 0" class="text-xl">{{ t('shelf.OrderList.nothingIsToBeOrdered') }}</p>
    <section v-for="[supplier, lines] in suppliers" :key="supplier" class="grid gap-1" :aria-label="supplier">
      <div class="flex flex-wrap items-baseline gap-4 border-b-2 border-ink pb-1">
        <h2 class="text-2xl grow">{{ supplier || t('shelf.OrderList.fromNobodyYet') }}</h2>
        <span v-if="sum(lines) > 0" class="text-lg">{{ t('shelf.OrderList.about', [money(sum(lines))]) }}</span>
        <button v-if="person?.mayPlan && lines.length > 1" class="may no-print" type="button" :disabled="hands.busy.value" @click="orderAll(lines)">{{
          t('shelf.OrderList.allOfItIsOrdered')
        }}</button>
      </div>
      <ul>
        <li
          v-for="line in lines" :key="line.product"
          class="grid grid-cols-[5.5rem_minmax(0,1fr)_auto] items-center gap-x-4 border-b border-line py-2 leading-snug break-inside-avoid"
        >
          <strong class="text-2xl font-head">{{ line.packs }} ×</strong>
          <span><strong class="text-lg">{{ line.name }}</strong>, {{ amount(line.pack, line.unit) }}<template v-if="line.cents !== null">, {{
            money(line.cents)
          }}</template><span class="block text-soft">{{ line.why }}</span></span>
          <button v-if="person?.mayPlan" class="may no-print" type="button" :disabled="hands.busy.value" @click="order(line)">{{
            t('shelf.OrderList.itIsOrdered')
          }}</button>
        </li>
      </ul>
    </section>
    <section v-if="orders && orders.onTheWay.length > 0" class="no-print grid gap-1" :aria-label="t('shelf.OrderList.onTheWay')">
      <h2 class="text-2xl border-b-2 border-ink pb-1">{{ t('shelf.OrderList.onTheWay') }}</h2>
      <ul>
        <li
          v-for="o in orders.onTheWay" :key="o.id"
          class="grid grid-cols-[5.5rem_minmax(0,1fr)] sm:grid-cols-[5.5rem_minmax(0,1fr)_auto] items-center gap-x-4 border-b border-line py-2 leading-snug"
        >
          <strong class="text-2xl font-head">{{ o.packs }} ×</strong>
          <span><strong class="text-lg">{{ o.name }}</strong>, {{ amount(o.pack, o.unit) }}<span class="block text-soft">{{
            t('shelf.OrderList.orderedBy', [o.supplier, o.orderedBy, date(o.orderedAt)])
          }} <strong v-if="o.late">{{ t('shelf.OrderList.shouldBeHere', [date(o.expectedAt)]) }}</strong><template v-else>{{
            t('shelf.OrderList.expected', [date(o.expectedAt)])
          }}</template></span></span>
          <span class="flex gap-2 col-span-2 sm:col-span-1">
            <button v-if="person?.works" class="may" :class="asked === o.id ? 'do!' : ''" type="button" :disabled="hands.busy.value" @click="receive(o)">{{
              asked === o.id ? plural('shelf.OrderList.yesPacksAreHere', o.packs) : t('shelf.OrderList.itIsHere')
            }}</button>
            <button
              v-if="person?.mayPlan && asked !== o.id" class="quiet" type="button" :disabled="hands.busy.value"
              @click="hands.run(() => api.remove<OrdersView>(`/orders/${o.id}`), take)"
            >{{ t('shelf.OrderList.calledOff') }}</button>
            <button v-else-if="asked === o.id" class="quiet" type="button" @click="asked = null">{{ t('shelf.OrderList.notYet') }}</button>
          </span>
        </li>
      </ul>
    </section>
  </main>
</template>
