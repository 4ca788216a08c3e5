<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '../api/client'
import type { LeavingView, Paid, PieceRowView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import OverrideDialog from '../step/OverrideDialog.vue'
import { cents } from './money'
import { useCollecting } from './useCollecting'

/** Pieces go home: what goes with them, what is to be said, what is missing, and who takes them. */
const props = defineProps<{ id: string }>()
const { when } = useWhen()
const now = useNow()
const leaving = ref<LeavingView | null>(null)
const take = (view: LeavingView): void => {
  leaving.value = view
}
const { busy, problem, run } = useAct(async () => take(await api.get<LeavingView>(`/tickets/${props.id}/leaving`)))
const load = (): Promise<boolean> => run(() => api.get<LeavingView>(`/tickets/${props.id}/leaving`), take)
void load()

const PAID: { id: Paid, label: string }[] = [
  { id: 'now', label: 'paid now' }, { id: 'before', label: 'paid before' }, { id: 'later', label: 'to be paid later' },
  { id: 'nothing', label: 'nothing to pay' },
]
const going = ref<number[]>([])
const by = ref('')
const paid = ref<Paid>('now')
const amount = ref('')
const how = ref('')
const note = ref('')
const toldHow = ref('')
const here = computed(() => (leaving.value?.ticket.pieces ?? []).filter((p) => p.state !== 'collected'))
const about = (piece: PieceRowView) => leaving.value?.pieces.find((p) => p.piece === piece.id)
const isGoing = (piece: PieceRowView): boolean => going.value.includes(piece.id)
watch(here, (pieces, before) => {
  if (before.length === 0) {
    going.value = pieces.filter((p) => p.state === 'ready').map((p) => p.id)
  }
})
const sum = computed(() => cents(amount.value))
const { refusal, collect } = useCollecting(props.id, run, take)
const send = (why?: string): void => void collect({
  pieces: going.value, by: by.value, paid: paid.value, amountCents: paid.value === 'now' ? sum.value : null, how: how.value, note: note.value,
  ...(why === undefined ? {} : { why }),
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
  <main class="px-8 py-6 max-w-6xl w-full mx-auto grid gap-6 content-start">
    <Notice :text="problem" @again="load" />
    <template v-if="leaving">
      <header>
        <h1 class="text-4xl">{{ leaving.ticket.customer }}</h1>
        <p class="text-soft text-lg">{{ leaving.ticket.contact }}</p>
      </header>
      <p v-if="here.length === 0" class="text-xl">Everything of this ticket has been collected.
        <RouterLink class="quiet" to="/counter">Back to the counter</RouterLink></p>
      <section v-for="piece in here" :key="piece.id" class="grid grid-cols-[11rem_1fr] gap-6 border-t border-line pt-4" :aria-label="piece.name">
        <Standing :kind="piece.kind" :colours="piece.colours" class="h-24" />
        <div class="grid gap-2">
          <label class="flex items-center gap-3 text-2xl font-head font-semibold min-h-11">
            <input v-model="going" type="checkbox" class="size-7 accent-ink" :value="piece.id">{{ piece.name }}
          </label>
          <p class="text-lg">{{ piece.readyAt ? `Ready since ${when(piece.readyAt, now)}` : `${piece.stepsDone} of ${piece.stepsAll} steps done` }}
            <label v-if="piece.readyAt" class="ml-4">on the shelf at
              <input
                class="write inline-block! w-28" :value="piece.shelf" maxlength="40" :aria-label="`Place of ${piece.name}`"
                @change="shelve(piece, $event)"
              ></label></p>
          <p v-for="missing in about(piece)?.missing" :key="missing" class="stop">{{ missing }}</p>
          <p v-if="isGoing(piece) && (about(piece)?.off.length ?? 0) > 0" class="text-lg">In its tray: <strong>{{ about(piece)?.off.join(', ') }}</strong>.</p>
          <ul v-if="isGoing(piece)" class="list-disc pl-5">
            <li v-for="said in about(piece)?.toKnow" :key="said">{{ said }}</li>
          </ul>
        </div>
      </section>
      <form v-if="here.some((p) => p.readyAt)" class="flex flex-wrap items-end gap-4 border-t border-line pt-4" @submit.prevent="tell">
        <label class="grow">{{ leaving.ticket.toldAt ? `Told ${when(leaving.ticket.toldAt, now)}. Told again, how?` : 'Does the owner know? Told, how?' }}
          <input v-model="toldHow" class="write" name="told" placeholder="rang, she comes on Friday">
        </label>
        <button class="may" type="submit" :disabled="busy || toldHow.trim() === ''">The owner knows</button>
      </form>
      <form v-if="here.length > 0" class="grid gap-4 border-t-2 border-ink pt-4" @submit.prevent="send()">
        <h2 class="text-2xl">Going home</h2>
        <label>Who takes {{ going.length === 1 ? 'it' : 'them' }}?
          <input v-model="by" class="write" name="by" autocomplete="off" :placeholder="leaving.ticket.customer">
        </label>
        <p class="text-xl"><Choice v-model="paid" label="Payment" :options="PAID" /></p>
        <div v-if="paid === 'now'" class="grid grid-cols-2 gap-4">
          <label>How much?<input v-model="amount" class="write" name="amount" inputmode="decimal" placeholder="64.50"></label>
          <label>How?<input v-model="how" class="write" name="how" placeholder="cash, card"></label>
        </div>
        <p v-if="paid === 'now' && amount.trim() !== '' && sum === null" class="stop">“{{ amount }}” is no sum.</p>
        <label>Anything to keep?<input v-model="note" class="write" name="note"></label>
        <button
          class="do justify-self-start px-10!" type="submit"
          :disabled="busy || going.length === 0 || by.trim() === '' || (paid === 'now' && amount.trim() !== '' && sum === null)"
        >Collected</button>
      </form>
    </template>
    <OverrideDialog :refusal="refusal" @why="send" @leave="refusal = null" />
  </main>
</template>
