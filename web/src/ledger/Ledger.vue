<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { EntryView, Event, LedgerView } from '../api/types'
import Silhouette from '../drawing/Silhouette.vue'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import PartPictures from '../picture/PartPictures.vue'
import { t } from '../words'
import { outerIn } from './outerIn'

const props = defineProps<{ piece: number | null }>()
const { value: ledger, problem, reload } = useLoad(() => api.get<LedgerView>(props.piece === null ? '/ledger' : `/ledger/${props.piece}`))
void reload()
const now = useNow()
const { when, time, span, date } = useWhen()
const current = computed(() => ledger.value?.pieces.find((p) => p.id === ledger.value?.piece))
const ENDS: readonly Event[] = ['done', 'put-down', 'spoiled']
/** Started is told by the end that followed it; what is still under way is told by itself. */
const entries = computed(() => {
  const all = ledger.value?.entries ?? []
  const lastEnd = new Map<string, number>()
  for (const e of all.filter((each) => ENDS.includes(each.event))) {
    lastEnd.set(`${e.text}-${e.half}`, Math.max(e.id, lastEnd.get(`${e.text}-${e.half}`) ?? 0))
  }
  return all.filter((e) => e.event !== 'started' || e.id > (lastEnd.get(`${e.text}-${e.half}`) ?? 0))
})
const days = computed(() => {
  const found: { day: string, entries: EntryView[] }[] = []
  for (const entry of entries.value) {
    const day = date(entry.at)
    if (found.at(-1)?.day !== day) {
      found.push({ day, entries: [] })
    }
    found.at(-1)?.entries.push(entry)
  }
  return found
})
/** So many lines are read in one go; a longer job shows its last day, the others are opened. */
const LONG = 40
const handsOn = (list: readonly EntryView[]): number => list.reduce((sum, e) => sum + (e.event === 'done' ? e.realMinutes ?? 0 : 0), 0)
const isLong = computed(() => entries.value.length > LONG)
const WORDS: Readonly<Record<Event, string>> = {
  'opened': t('ledger.Ledger.counter'),
  'agreed': t('ledger.Ledger.agreed'),
  'planned': t('ledger.Ledger.plan'),
  'started': t('ledger.Ledger.underWay'),
  'done': t('ledger.Ledger.done3'),
  'gate-passed': t('ledger.Ledger.testPassed'),
  'gate-not-yet': t('ledger.Ledger.notYet'),
  'look-enough': t('ledger.Ledger.enough'),
  'look-not-enough': t('ledger.Ledger.aRungUp'),
  'overridden': t('ledger.Ledger.allTheSame'),
  'put-down': t('ledger.Ledger.putDown'),
  'again': t('ledger.Ledger.onceMore'),
  'finished': t('ledger.Ledger.ready'),
  'collected': t('ledger.Ledger.collected'),
  'called-off': t('ledger.Ledger.calledOff'),
  'told': t('ledger.Ledger.told'),
  'corrected': t('ledger.Ledger.putRight'),
  'taken-back': t('ledger.Ledger.takenBack'),
  'noted': t('ledger.Ledger.note'),
  'colour-read': t('ledger.Ledger.colour'),
  'compared': t('ledger.Ledger.compared'),
  'pot-laid': t('ledger.Ledger.pot'),
  'interrupted': t('ledger.Ledger.interrupted'),
  'taken-over': t('ledger.Ledger.handedOn'),
  'spoiled': t('ledger.Ledger.spoiled'),
  'keyed': t('ledger.Ledger.windowMissed'),
  'promised': t('ledger.Ledger.promised'),
  'offered': t('ledger.Ledger.offer'),
  'supplement': t('ledger.Ledger.foundBeside'),
  'invoiced': t('ledger.Ledger.invoice'),
}
</script>

<template>
  <main class="grid grid-cols-1 md:grid-cols-[21rem_2.5rem_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <nav
      :class="piece === null ? '' : 'max-md:hidden'" class="overflow-y-auto bg-raised" :aria-label="t('ledger.Ledger.piecesInTheLedger')"
    >
      <RouterLink class="do m-3 text-center" to="/jobs">{{ t('ledger.Ledger.askTheLedger') }}</RouterLink>
      <RouterLink
        v-for="p in ledger?.pieces ?? []" :key="p.id" :to="`/ledger/${p.id}`"
        class="relative grid grid-cols-[5.5rem_1fr] items-center gap-3 pl-4 pr-14 py-2 line" :class="p.id === ledger?.piece ? '' : 'hover:bg-paper'"
        :aria-current="p.id === ledger?.piece ? 'page' : undefined"
      >
        <!-- The ribbon lies where the book is open. -->
        <svg v-if="p.id === ledger?.piece" class="absolute right-4 top-0" width="22" height="52" viewBox="0 0 22 52" aria-hidden="true">
          <path d="M0 0H22V52L11 42L0 52Z" fill="currentColor" />
        </svg>
        <span class="bg-surround p-1"><Silhouette :kind="p.kind" half="right" class="max-h-24" :colours="outerIn(p.kind, p.hex)" :weight="2" /></span>
        <span class="leading-tight">
          <span class="block" :class="p.id === ledger?.piece ? 'font-bold' : 'font-semibold'">{{ p.name }}</span>
          <span class="text-[.92rem]">{{ p.finishedAt ? t('ledger.Ledger.done', [when(p.finishedAt, now)]) : p.customer }}</span>
        </span>
      </RouterLink>
    </nav>
    <!-- Bound where it is sewn. -->
    <span class="spine max-md:hidden" aria-hidden="true" />
    <section class="relative overflow-y-auto px-4 sm:px-9 py-5 bg-raised" :aria-label="t('ledger.Ledger.whatHappened')" tabindex="0">
      <Notice :text="problem" @again="reload" />
      <p v-if="ledger && ledger.pieces.length === 0" class="text-xl py-16 text-center">{{ t('ledger.Ledger.theLedgerIsEmptyWhat') }}</p>
      <template v-if="ledger && current">
        <header class="flex flex-wrap items-end gap-x-10 gap-y-1 border-b-2 border-ink pb-3">
          <div class="grow">
            <RouterLink class="quiet md:hidden -ml-2" to="/ledger">{{ t('ledger.Ledger.everyPiece') }}</RouterLink>
            <h1 class="text-3xl">{{ current.name }}</h1>
            <p class="text-soft">{{ current.customer }}<template v-if="current.finishedAt">{{
              t('ledger.Ledger.done2', [when(current.finishedAt, now)])
            }}</template></p>
          </div>
          <p class="text-lg">{{ t('ledger.Ledger.planned') }} <strong>{{
            span(ledger.plannedMinutes)
          }}</strong>{{ t('ledger.Ledger.really') }} <strong>{{ span(ledger.realMinutes) }}</strong> {{ t('ledger.Ledger.byHand') }}
            <RouterLink class="quiet" :to="`/pieces/${current.id}/passport`">{{ t('ledger.Ledger.passport') }}</RouterLink>
            <RouterLink class="quiet" :to="`/pieces/${current.id}/products`">{{ t('ledger.Ledger.whatWasOnIt') }}</RouterLink></p>
        </header>
        <PartPictures :piece="current.id" :part="null" :half="null" class="pt-4" />
        <details v-for="({ day, entries: list }, n) in days" :key="`${current.id} ${day}`" class="pt-4" :open="!isLong || n === 0">
          <summary class="min-h-11 flex flex-wrap items-center gap-x-4 cursor-pointer"><h2 class="text-xl">{{ day }}</h2>
            <span class="text-soft">{{ counted(list.length, 'line') }}{{
              handsOn(list) > 0 ? t('ledger.Ledger.byHand2', [span(handsOn(list))]) : ''
            }}</span></summary>
          <ol class="border-l-2 border-dashed border-ink ml-2">
            <li
              v-for="e in list" :key="e.id"
              class="relative grid grid-cols-[4rem_minmax(0,1fr)] lg:grid-cols-[4rem_8rem_minmax(0,1fr)_auto] gap-x-4 pl-6 py-1.5 items-baseline"
            >
              <svg class="absolute -left-[9px] top-2.5" width="16" height="16" aria-hidden="true">
                <rect v-if="e.event === 'done'" x="5.5" y="0" width="5" height="16" fill="currentColor" />
                <circle v-else cx="8" cy="8" r="4.5" class="fill-room" stroke="currentColor" stroke-width="2" />
              </svg>
              <span class="font-semibold">{{ time(e.at) }}</span>
              <span class="text-soft">{{ WORDS[e.event] }}</span>
              <span class="max-lg:col-span-2">{{ e.text }}<span v-if="e.half && e.half !== 'whole'" class="text-soft"> · {{ e.half }}</span></span>
              <span class="lg:text-right text-[.95rem] max-lg:col-span-2">
                <template v-if="e.event === 'done'"><strong>{{ e.realMinutes }}</strong> {{ t('ledger.Ledger.ofMin', [e.plannedMinutes]) }}</template>
                <span class="text-soft">{{ e.person.split(' ')[0] }}<template v-if="e.tempC !== null"> · {{ e.tempC.toFixed(1) }} °C {{ e.humidity }}
                  %</template></span>
              </span>
            </li>
          </ol>
        </details>
      </template>
    </section>
  </main>
</template>

<style scoped>
.line { border-bottom: 1px dotted var(--soft); }
.spine { background: var(--room); position: relative; border-inline: 1px solid var(--soft); }
.spine::after { content: ''; position: absolute; inset-block: 18px; left: 50%; border-left: 4px dashed var(--ink); transform: translateX(-50%); }
</style>
