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
const isAway = (piece: PieceRowView): boolean => piece.state === 'collected' || piece.state === 'called-off'
const load = (): Promise<boolean> => run(() => api.get<TicketView>(`/tickets/${props.id}`), (view) => {
  ticket.value = view
  const { customer, contact, wish, pieces } = view
  form.value = {
    customer, contact, wish,
    pieces: pieces.filter((p) => !isAway(p)).map(({ id, name, kind, sizeEu, lengthMm }) => ({ id, name, kind, shade: '' as const, sizeEu, lengthMm })),
  }
})
void load()
const kinds = computed(() => words.value?.kinds ?? [])
const shades = computed(() => [{ id: '' as const, label: 'the colour that it has' }, ...(words.value?.shades ?? [])])
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

const here = computed(() => ticket.value?.pieces.filter((p) => !isAway(p)) ?? [])
const away = computed(() => ticket.value?.pieces.filter(isAway) ?? [])
const WHAT: { id: CalledOff, label: string }[] = [
  { id: 'given-back', label: 'given back as it is' },
  { id: 'kept', label: 'kept here as it is' },
  { id: 'discarded', label: 'thrown away, as its owner wished' },
  { id: 'never-came', label: 'never here: written down by mistake' },
]
const off = ref<number[]>([])
const what = ref<CalledOff>('given-back')
const why = ref('')
const callOff = (): void => void run(
  () => api.post<TicketView>(`/tickets/${props.id}/call-off`, { pieces: off.value, what: what.value, why: why.value }),
  () => {
    off.value = []
    why.value = ''
    void load()
  },
)
/** Why something that is away is here after all, by piece. */
const afterAll = ref<Record<number, string>>({})
const back = (piece: PieceRowView): void => void run(
  () => api.post<TicketView>(`/pieces/${piece.id}/back`, { why: afterAll.value[piece.id] ?? '' }), () => void load(),
)
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-4xl w-full mx-auto grid gap-6 content-start">
    <h1 class="text-4xl">Put right</h1>
    <Notice :text="problem" @again="look" />
    <form v-if="ticket" class="grid gap-4" @submit.prevent="keep">
      <label>Owner<input v-model="form.customer" class="write" name="customer" required></label>
      <label>How to reach them<input v-model="form.contact" class="write" name="contact"></label>
      <label>Wish<textarea v-model="form.wish" class="write" name="wish" rows="2" /></label>
      <p class="text-lg">{{ ticket.promised ? `Promised for ${when(ticket.promisedAt, now)}.` : 'No day is promised yet.' }}
        <RouterLink class="quiet" :to="`/tickets/${id}/promise`">{{ ticket.promised ? 'Promise another day' : 'Promise a day' }}</RouterLink></p>
      <fieldset v-for="piece in form.pieces" :key="piece.id" class="grid gap-2 border-t border-line pt-4">
        <div class="grid sm:grid-cols-[minmax(0,1fr)_10rem] gap-4">
          <label>Name<input v-model="piece.name" class="write" :name="`name-${piece.id}`" required></label>
          <label v-if="goesBySize(piece)">Size (EU)
            <input
              class="write" type="number" step="0.5" :value="piece.sizeEu" :name="`size-${piece.id}`" :min="limits.CorrectPieceInput.sizeEu.min"
              :max="limits.CorrectPieceInput.sizeEu.max" @change="piece.sizeEu = number($event) ?? piece.sizeEu"
            ></label>
          <label v-else>Longest side (mm)
            <input
              class="write" type="number" step="5" :value="piece.lengthMm" :name="`length-${piece.id}`" :min="limits.CorrectPieceInput.lengthMm.min"
              :max="limits.CorrectPieceInput.lengthMm.max" @change="piece.lengthMm = number($event) ?? piece.lengthMm"
            ></label>
        </div>
        <p class="text-lg">It is a <Choice v-model="piece.kind" :label="`Kind of ${piece.name}`" :options="kindsFor(piece)" />,
          mostly <Choice v-model="piece.shade" :label="`Colour of ${piece.name}`" :options="shades" />.</p>
      </fieldset>
      <div class="flex flex-wrap gap-4">
        <button class="do px-10!" type="submit" :disabled="busy">Keep</button>
        <RouterLink class="may" to="/counter">Leave it</RouterLink>
        <RouterLink v-if="here.length > 0" class="may" :to="`/tickets/${id}/add`">One more piece</RouterLink>
      </div>
    </form>
    <form v-if="here.length > 0" class="grid gap-3 border-t-2 border-ink pt-4" aria-label="Call off" @submit.prevent="callOff">
      <h2 class="text-2xl">It is not to be done after all</h2>
      <div class="flex flex-wrap gap-x-8">
        <label v-for="piece in here" :key="piece.id" class="flex items-center gap-3 min-h-12 text-lg">
          <input v-model="off" type="checkbox" class="size-7 accent-ink" :value="piece.id">{{ piece.name }}
        </label>
      </div>
      <template v-if="off.length > 0">
        <p class="text-lg">{{ off.length === 1 ? 'It was' : 'They were' }} <Choice v-model="what" label="What became of it" :options="WHAT" />.</p>
        <label>Why?<input v-model="why" class="write" name="why-off" maxlength="200" placeholder="She bought new ones."></label>
        <button class="may justify-self-start" type="submit" :disabled="busy || why.trim() === ''">Call off</button>
      </template>
    </form>
    <section v-if="away.length > 0" class="grid gap-3 border-t-2 border-ink pt-4" aria-label="Not here any more">
      <h2 class="text-2xl">Not here any more</h2>
      <form v-for="piece in away" :key="piece.id" class="grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto] items-end gap-4" @submit.prevent="back(piece)">
        <p class="text-lg self-center"><strong>{{ piece.name }}</strong>, {{ piece.state === 'collected' ? 'collected' : 'called off' }}</p>
        <label>{{ piece.state === 'collected' ? 'It is still here? Why?' : 'It goes on after all? Why?' }}
          <input v-model="afterAll[piece.id]" class="write" :name="`why-back-${piece.id}`" maxlength="200"></label>
        <button class="may" type="submit" :disabled="busy || (afterAll[piece.id] ?? '').trim() === ''">Take that back</button>
      </form>
    </section>
    <NoteForm v-if="ticket" :path="`/tickets/${ticket.id}/notes`" about="the ticket" />
  </main>
</template>
