<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api } from '../api/client'
import { limits, type CalledOff, type Kind, type PieceRowView, type Shade, type TicketView } from '../api/types'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useWords } from '../kit/useWords'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import NoteForm from '../step/NoteForm.vue'
import { isAway } from '../step/progress'
import { t } from '../words'

/** What was written down wrongly at the counter, what is called off, and what is here after all; what is typed stays until it is kept. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const words = useWords()
const { when } = useWhen()
const now = useNow()
const ticket = ref<TicketView | null>(null)
interface PieceForm { id: number, name: string, kind: Kind, shade: Shade | '', sizeEu: number | null, lengthMm: number | null }
interface Form { customer: string, contact: string, wish: string, pieces: PieceForm[] }
const form = ref<Form>({ customer: '', contact: '', wish: '', pieces: [] })
/** Somebody else has corrected it meanwhile: what they wrote is seen, what was typed here stays. */
const look = async (): Promise<void> => {
  ticket.value = await api.get<TicketView>(`/tickets/${props.id}`)
}
const { busy, problem, run } = useAct(look)
/** Pieces leave and come back; what was typed about the others stays. */
const take = (view: TicketView): void => {
  ticket.value = view
  form.value.pieces = view.pieces.filter((p) => !isAway(p.state)).map(({ id, name, kind, sizeEu, lengthMm }) =>
    form.value.pieces.find((p) => p.id === id) ?? { id, name, kind, shade: '', sizeEu, lengthMm })
}
void run(() => api.get<TicketView>(`/tickets/${props.id}`), (view) => {
  const { customer, contact, wish } = view
  form.value = { customer, contact, wish, pieces: [] }
  take(view)
})
const kinds = computed(() => words.value?.kinds ?? [])
const shades = computed(() => [{ id: '' as const, label: t('counter.Correct.theColourThatItHas') }, ...(words.value?.shades ?? [])])
const kindOf = (piece: PieceForm) => kinds.value.find((k) => k.id === piece.kind)
/** Kinds of the same family first, then every other. */
const kindsFor = (piece: PieceForm) => {
  const family = kindOf(piece)?.family
  return [...kinds.value].sort((a, b) => Number(b.family === family) - Number(a.family === family))
}
const goesBySize = (piece: PieceForm): boolean => kindOf(piece)?.goesBySize !== false
const number = (event: Event): number | null => {
  const { value } = event.target as HTMLInputElement
  return value === '' ? null : Number(value)
}
const given = (piece: PieceForm) => ({
  ...piece, shade: piece.shade === '' ? null : piece.shade,
  sizeEu: goesBySize(piece) ? piece.sizeEu : null, lengthMm: goesBySize(piece) ? null : piece.lengthMm,
})
const keep = (): void => void run(
  () => api.put<TicketView>(`/tickets/${props.id}`, { ...form.value, pieces: form.value.pieces.map(given), seen: ticket.value?.seen ?? '' }),
  () => void router.push('/counter'),
)

const here = computed(() => ticket.value?.pieces.filter((p) => !isAway(p.state)) ?? [])
const away = computed(() => ticket.value?.pieces.filter((p) => isAway(p.state)) ?? [])
const WHAT: { id: CalledOff, label: string }[] = [
  { id: 'given-back', label: t('counter.Correct.givenBackAsItIs') },
  { id: 'kept', label: t('counter.Correct.keptHereAsItIs') },
  { id: 'discarded', label: t('counter.Correct.thrownAwayAsItsOwner') },
  { id: 'never-came', label: t('counter.Correct.neverHereWrittenDownBy') },
]
const off = ref<number[]>([])
const what = ref<CalledOff>('given-back')
const why = ref('')
const callOff = (): void => void run(
  () => api.post<TicketView>(`/tickets/${props.id}/call-off`, { pieces: off.value, what: what.value, why: why.value }),
  (view) => {
    off.value = []
    why.value = ''
    take(view)
  },
)
/** Why something that is away is here after all, by piece. */
const afterAll = ref<Record<number, string>>({})
const back = (piece: PieceRowView): void => void run(
  () => api.post<TicketView>(`/pieces/${piece.id}/back`, { why: afterAll.value[piece.id] ?? '' }), take,
)
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-4xl w-full mx-auto grid gap-6 content-start">
    <h1 class="text-4xl">{{ t('counter.Correct.putRight') }}</h1>
    <Notice :text="problem" @again="look" />
    <form v-if="ticket" class="grid gap-4" @submit.prevent="keep">
      <label>{{ t('counter.Correct.owner') }}<input v-model="form.customer" class="write" name="customer" required></label>
      <label>{{ t('counter.Correct.howToReachThem') }}<input v-model="form.contact" class="write" name="contact"></label>
      <label>{{ t('counter.Correct.wish') }}<textarea v-model="form.wish" class="write" name="wish" rows="2" /></label>
      <p class="text-lg">{{ ticket.promised ? t('counter.Correct.promisedFor', [when(ticket.promisedAt, now)]) : t('counter.Correct.noDayIsPromisedYet') }}
        <RouterLink class="quiet" :to="`/tickets/${id}/promise`">{{
          ticket.promised ? t('counter.Correct.promiseAnotherDay') : t('counter.Correct.promiseADay')
        }}</RouterLink></p>
      <fieldset v-for="piece in form.pieces" :key="piece.id" class="grid gap-2 border-t border-line pt-4">
        <div class="grid sm:grid-cols-[minmax(0,1fr)_10rem] gap-4">
          <label>{{ t('counter.Correct.name') }}<input v-model="piece.name" class="write" :name="`name-${piece.id}`" required></label>
          <label v-if="goesBySize(piece)">{{ t('counter.Correct.sizeEu') }}
            <input
              class="write" type="number" step="0.5" :value="piece.sizeEu" :name="`size-${piece.id}`" :min="limits.CorrectPieceInput.sizeEu.min"
              :max="limits.CorrectPieceInput.sizeEu.max" @change="piece.sizeEu = number($event) ?? piece.sizeEu"
            ></label>
          <label v-else>{{ t('counter.Correct.longestSideMm') }}
            <input
              class="write" type="number" step="5" :value="piece.lengthMm" :name="`length-${piece.id}`" :min="limits.CorrectPieceInput.lengthMm.min"
              :max="limits.CorrectPieceInput.lengthMm.max" @change="piece.lengthMm = number($event) ?? piece.lengthMm"
            ></label>
        </div>
        <p class="text-lg">{{
          t('counter.Correct.itIsA')
        }} <Choice v-model="piece.kind" :label="t('counter.Correct.kindOf', [piece.name])" :options="kindsFor(piece)" />{{
          t('counter.Correct.mostly')
        }} <Choice v-model="piece.shade" :label="t('counter.Correct.colourOf', [piece.name])" :options="shades" />.</p>
      </fieldset>
      <div class="flex flex-wrap gap-4">
        <button class="do px-10!" type="submit" :disabled="busy">{{ t('counter.Correct.keep') }}</button>
        <RouterLink class="may" to="/counter">{{ t('counter.Correct.leaveIt') }}</RouterLink>
        <RouterLink v-if="here.length > 0" class="may" :to="`/tickets/${id}/add`">{{ t('counter.Correct.oneMorePiece') }}</RouterLink>
      </div>
    </form>
    <form v-if="here.length > 0" class="grid gap-3 border-t-2 border-ink pt-4" :aria-label="t('counter.Correct.callOff')" @submit.prevent="callOff">
      <h2 class="text-2xl">{{ t('counter.Correct.itIsNotToBe') }}</h2>
      <div class="flex flex-wrap gap-x-8">
        <label v-for="piece in here" :key="piece.id" class="flex items-center gap-3 min-h-12 text-lg">
          <input v-model="off" type="checkbox" class="size-7 accent-ink" :value="piece.id">{{ piece.name }}
        </label>
      </div>
      <template v-if="off.length > 0">
        <p class="text-lg">{{
          off.length === 1 ? t('counter.Correct.itWas') : t('counter.Correct.theyWere')
        }} <Choice v-model="what" :label="t('counter.Correct.whatBecameOfIt')" :options="WHAT" />.</p>
        <label>{{
          t('counter.Correct.why')
        }}<input v-model="why" class="write" name="why-off" maxlength="200" :placeholder="t('counter.Correct.sheBoughtNewOnes')"></label>
        <button class="may justify-self-start" type="submit" :disabled="busy || why.trim() === ''">{{ t('counter.Correct.callOff') }}</button>
      </template>
    </form>
    <section v-if="away.length > 0" class="grid gap-3 border-t-2 border-ink pt-4" :aria-label="t('counter.Correct.notHereAnyMore')">
      <h2 class="text-2xl">{{ t('counter.Correct.notHereAnyMore') }}</h2>
      <form v-for="piece in away" :key="piece.id" class="grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto] items-end gap-4" @submit.prevent="back(piece)">
        <p class="text-lg self-center"><strong>{{ piece.name }}</strong>, {{
          piece.state === 'collected' ? t('counter.Correct.collected') : t('counter.Correct.calledOff')
        }}</p>
        <label>{{ piece.state === 'collected' ? t('counter.Correct.itIsStillHereWhy') : t('counter.Correct.itGoesOnAfterAll') }}
          <input v-model="afterAll[piece.id]" class="write" :name="`why-back-${piece.id}`" maxlength="200"></label>
        <button class="may" type="submit" :disabled="busy || (afterAll[piece.id] ?? '').trim() === ''">{{ t('counter.Correct.takeThatBack') }}</button>
      </form>
    </section>
    <NoteForm v-if="ticket" :path="`/tickets/${ticket.id}/notes`" :about="t('counter.Correct.theTicket')" />
  </main>
</template>
