<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client'
import { limits, type TicketView } from '../api/types'
import Notice from '../kit/Notice.vue'
import NoteForm from '../step/NoteForm.vue'
import { useAct } from '../kit/useAct'

/** What was written down wrongly at the counter; what is typed stays until it is kept. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const ticket = ref<TicketView | null>(null)
interface Form { customer: string, contact: string, wish: string, pieces: { id: number, name: string, sizeEu: number | null, lengthMm: number | null }[] }
const form = ref<Form>({ customer: '', contact: '', wish: '', pieces: [] })
/** Somebody else has corrected it meanwhile: what they wrote is seen, what was typed here stays. */
const look = async (): Promise<void> => {
  ticket.value = await api.get<TicketView>(`/tickets/${props.id}`)
}
const { busy, problem, run } = useAct(look)
const load = (): Promise<boolean> => run(() => api.get<TicketView>(`/tickets/${props.id}`), (view) => {
  ticket.value = view
  const { customer, contact, wish, pieces } = view
  form.value = { customer, contact, wish, pieces: pieces.map(({ id, name, sizeEu, lengthMm }) => ({ id, name, sizeEu, lengthMm })) }
})
void load()
const number = (event: Event): number | null => {
  const { value } = event.target as HTMLInputElement
  return value === '' ? null : Number(value)
}
const keep = (): void => void run(
  () => api.put<TicketView>(`/tickets/${props.id}`, { ...form.value, seen: ticket.value?.seen ?? '' }),
  () => void router.push('/counter'),
)
</script>

<template>
  <main class="px-8 py-6 max-w-3xl w-full mx-auto grid gap-5 content-start">
    <h1 class="text-4xl">Put right</h1>
    <Notice :text="problem" @again="look" />
    <form v-if="ticket" class="grid gap-5" @submit.prevent="keep">
      <label>Owner<input v-model="form.customer" class="write" name="customer" required></label>
      <label>How to reach them<input v-model="form.contact" class="write" name="contact"></label>
      <label>Wish<textarea v-model="form.wish" class="write" name="wish" rows="3" /></label>
      <fieldset v-for="piece in form.pieces" :key="piece.id" class="grid grid-cols-[1fr_10rem] gap-4 border-t border-line pt-4">
        <label>Name<input v-model="piece.name" class="write" :name="`name-${piece.id}`" required></label>
        <label v-if="piece.sizeEu !== null">Size (EU)
          <input
            class="write" type="number" step="0.5" :value="piece.sizeEu" :name="`size-${piece.id}`" :min="limits.CorrectPieceInput.sizeEu.min"
            :max="limits.CorrectPieceInput.sizeEu.max" @change="piece.sizeEu = number($event) ?? piece.sizeEu"
          ></label>
        <label v-else>Longest side (mm)
          <input
            class="write" type="number" step="5" :value="piece.lengthMm" :name="`length-${piece.id}`" :min="limits.CorrectPieceInput.lengthMm.min"
            :max="limits.CorrectPieceInput.lengthMm.max" @change="piece.lengthMm = number($event) ?? piece.lengthMm"
          ></label>
      </fieldset>
      <div class="flex gap-4">
        <button class="do px-10!" type="submit" :disabled="busy">Keep</button>
        <RouterLink class="may" to="/counter">Leave it</RouterLink>
      </div>
    </form>
    <NoteForm v-if="ticket" :path="`/tickets/${ticket.id}/notes`" about="the ticket" />
  </main>
</template>
