<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '../api/client'
import type { LeavingView, OffView, Paid, PieceRowView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import { counted } from '../kit/counted'
import Choice from '../kit/Choice.vue'
import { cents } from '../kit/money'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useAct } from '../kit/useAct'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import OverrideDialog from '../step/OverrideDialog.vue'
import { isAway } from '../step/progress'
import SignaturePad from '../step/SignaturePad.vue'
import TellOwner from './TellOwner.vue'
import { useCollecting } from './useCollecting'
import { t } from '../words'

/** Pieces go home: what goes with them, what is to be said, what is missing, and who takes them. */
const props = defineProps<{ id: string }>()
const { when, date, time } = useWhen()
const now = useNow()
const leaving = ref<LeavingView | null>(null)
const take = (view: LeavingView): void => {
  leaving.value = view
}
const { busy, problem, run } = useAct(async () => take(await api.get<LeavingView>(`/tickets/${props.id}/leaving`)))
const load = (): Promise<boolean> => run(() => api.get<LeavingView>(`/tickets/${props.id}/leaving`), take)
void load()

const PAID: { id: Paid, label: string }[] = [
  { id: 'now', label: t('counter.Leaving.paidNow') }, { id: 'before', label: t('counter.Leaving.paidBefore') },
  { id: 'later', label: t('counter.Leaving.toBePaidLater') },
  { id: 'nothing', label: t('counter.Leaving.nothingToPay') },
]
const going = ref<number[]>([])
const by = ref('')
const paid = ref<Paid>('now')
const amount = ref('')
const how = ref('')
const note = ref('')
const toldHow = ref('')
/** What lay apart and goes along, as piece, half and part. */
const tray = ref<string[]>([])
const strokes = ref<[number, number][][]>([])
const keyOf = (piece: number, off: OffView): string => `${piece} ${off.half} ${off.part}`
const here = computed(() => (leaving.value?.ticket.pieces ?? []).filter((p) => !isAway(p.state)))
const about = (piece: PieceRowView) => leaving.value?.pieces.find((p) => p.piece === piece.id)
const isGoing = (piece: PieceRowView): boolean => going.value.includes(piece.id)
watch(here, (pieces, before) => {
  if (before.length === 0) {
    going.value = pieces.filter((p) => p.state === 'ready').map((p) => p.id)
  }
})
const print = (): void => window.print()
const sum = computed(() => cents(amount.value))
const { refusal, collect } = useCollecting(props.id, run, take)
const send = (why?: string): void => void collect({
  pieces: going.value, by: by.value, strokes: strokes.value,
  tray: (leaving.value?.pieces ?? []).flatMap((p) => p.off.filter((o) => tray.value.includes(keyOf(p.piece, o))).map(({ part, half }) => ({
    piece: p.piece, at: { part, half },
  }))),
  paid: paid.value, amountCents: paid.value === 'now' ? sum.value ?? null : null, how: how.value, note: note.value,
  ...(why === undefined ? {} : { why }),
}).then((done) => {
  if (done && refusal.value === null) {
    strokes.value = []
  }
})
const shelve = (piece: PieceRowView, event: Event): void => {
  const shelf = (event.target as HTMLInputElement).value
  if (shelf !== piece.shelf) {
    void run(() => api.put<LeavingView>(`/pieces/${piece.id}/shelf`, { shelf }), take)
  }
}
const tell = (): void => void run(() => api.post<LeavingView>(`/tickets/${props.id}/told`, { how: toldHow.value }), (view) => {
  take(view)
  toldHow.value = ''
})
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-6xl w-full mx-auto grid gap-6 content-start">
    <Notice :text="problem" @again="load" />
    <PaperHead />
    <template v-if="leaving">
      <header>
        <h1 class="text-4xl">{{ leaving.ticket.customer }}</h1>
        <p class="text-soft text-lg">{{ leaving.ticket.contact }}</p>
        <RouterLink class="quiet px-0! no-print" :to="`/tickets/${id}/invoice`">{{ t('counter.Leaving.invoice') }}</RouterLink>
      </header>
      <section v-if="leaving.warnings.length > 0" class="caution grid gap-2 text-lg" :aria-label="t('counter.Leaving.toGoAlong')">
        <h2 class="text-2xl">{{ t('counter.Leaving.toGoAlongNotCured') }}</h2>
        <p v-for="w in leaving.warnings" :key="w.piece"><strong>{{ w.name }}</strong> {{
          t('counter.Leaving.untilDoNotWearOr', [date(w.until), time(w.until)])
        }}</p>
        <p><button class="may no-print" type="button" @click="print">{{ t('counter.Leaving.printThis') }}</button></p>
      </section>
      <p v-if="here.length === 0" class="no-print text-xl">{{ t('counter.Leaving.nothingOfThisTicketIs') }}
        <RouterLink class="quiet" to="/counter">{{ t('counter.Leaving.backToTheCounter') }}</RouterLink></p>
      <section
        v-for="piece in here" :key="piece.id" class="no-print grid sm:grid-cols-[11rem_minmax(0,1fr)] gap-x-6 gap-y-2 border-t border-line pt-4"
        :aria-label="piece.name"
      >
        <Standing :kind="piece.kind" :colours="piece.colours" class="h-24" />
        <div class="grid gap-2">
          <label class="flex items-center gap-3 text-2xl font-head font-semibold min-h-11">
            <input v-model="going" type="checkbox" class="size-7 accent-ink" :value="piece.id">{{ piece.name }}
          </label>
          <p class="text-lg">{{
                               piece.readyAt
                                 ? t('counter.Leaving.readySince', [when(piece.readyAt, now)])
                                 : t('counter.Leaving.ofDone', [piece.stepsDone, counted(piece.stepsAll, 'step')])
                             }}
            <label v-if="piece.readyAt" class="ml-4">{{ t('counter.Leaving.onTheShelfAt') }}
              <input
                class="write inline-block! w-28" :value="piece.shelf" maxlength="40" :aria-label="t('counter.Leaving.placeOf', [piece.name])"
                @change="shelve(piece, $event)"
              ></label></p>
          <p v-for="missing in about(piece)?.missing" :key="missing" class="stop">{{ missing }}</p>
          <p v-if="about(piece)?.curesUntil" class="stop">{{ t('counter.Leaving.itCuresUntilUntilThen', [when(about(piece)?.curesUntil ?? '', now)]) }}</p>
          <div v-if="isGoing(piece) && (about(piece)?.off.length ?? 0) > 0" class="flex flex-wrap gap-x-6 text-lg">
            <span class="self-center">{{ t('counter.Leaving.fromItsTray') }}</span>
            <label v-for="off in about(piece)?.off" :key="off.label" class="flex items-center gap-3 min-h-11">
              <input v-model="tray" type="checkbox" class="size-6 accent-ink" :value="keyOf(piece.id, off)">{{ off.label }}
            </label>
          </div>
          <ul v-if="isGoing(piece)" class="list-disc pl-5">
            <li v-for="said in about(piece)?.toKnow" :key="said">{{ said }}</li>
          </ul>
        </div>
      </section>
      <form v-if="here.some((p) => p.readyAt)" class="no-print flex flex-wrap items-end gap-4 border-t border-line pt-4" @submit.prevent="tell">
        <label class="grow">{{
                              leaving.ticket.toldAt
                                ? t('counter.Leaving.toldHowWereTheyTold', [when(leaving.ticket.toldAt, now)])
                                : t('counter.Leaving.doesTheOwnerKnowHow')
                            }}
          <input v-model="toldHow" class="write" name="told" :placeholder="t('counter.Leaving.rangSheComesOnFriday')">
        </label>
        <button class="may" type="submit" :disabled="busy || toldHow.trim() === ''">{{ t('counter.Leaving.theOwnerKnows') }}</button>
        <TellOwner :ticket="leaving.ticket.id" occasion="ready" />
      </form>
      <form v-if="here.length > 0" class="no-print grid gap-4 border-t-2 border-ink pt-4" @submit.prevent="send()">
        <h2 class="text-2xl">{{ t('counter.Leaving.goingHome') }}</h2>
        <label>{{ t('counter.Leaving.whoTakes', [going.length === 1 ? t('counter.Leaving.it') : t('counter.Leaving.them')]) }}
          <input v-model="by" class="write" name="by" autocomplete="off" :placeholder="leaving.ticket.customer">
        </label>
        <p class="text-xl"><Choice v-model="paid" :label="t('counter.Leaving.payment')" :options="PAID" /></p>
        <div v-if="paid === 'now'" class="grid grid-cols-2 gap-4">
          <label>{{ t('counter.Leaving.howMuch') }}<input v-model="amount" class="write" name="amount" inputmode="decimal" placeholder="64.50"></label>
          <label>{{ t('counter.Leaving.paidHow') }}<input v-model="how" class="write" name="how" :placeholder="t('counter.Leaving.cashCard')"></label>
        </div>
        <p v-if="paid === 'now' && sum === undefined" class="stop">{{ t('counter.Leaving.isNoSum', [amount]) }}</p>
        <label>{{ t('counter.Leaving.anythingToNote') }}<input v-model="note" class="write" name="note"></label>
        <div class="grid gap-2">
          <p>{{ t('counter.Leaving.signedByWhoTakesIf', [going.length === 1 ? t('counter.Leaving.it') : t('counter.Leaving.them')]) }}
            <button v-if="strokes.length > 0" class="quiet" type="button" @click="strokes = []">{{ t('counter.Leaving.clear') }}</button></p>
          <SignaturePad v-model="strokes" />
        </div>
        <button
          class="do justify-self-start px-10!" type="submit"
          :disabled="busy || going.length === 0 || by.trim() === '' || (paid === 'now' && sum === undefined)"
        >{{ t('counter.Leaving.collected') }}</button>
      </form>
    </template>
    <OverrideDialog :refusal="refusal" @why="send" @leave="refusal = null" />
  </main>
</template>
