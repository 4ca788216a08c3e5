<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../api/client'
import type { PieceInput, TicketInput, TicketView } from '../api/types'
import Silhouette from '../drawing/Silhouette.vue'
import Choice from '../kit/Choice.vue'
import { useNow } from '../kit/useNow'
import { useWhen } from '../kit/useWhen'
import { useWords } from '../kit/useWords'

const words = useWords()
const router = useRouter()
const now = useNow()
const { field } = useWhen()
const newPiece = (): PieceInput => ({ name: '', kind: 'derby', sizeEu: 42, aim: 'freshen', gloss: 'satin', shade: 'chestnut' })
const form = reactive({ customer: '', contact: '', wish: '', promisedAt: field(now.value, 7, '17:00'), pieces: [newPiece()] })
const errors = ref<Readonly<Record<string, string>>>({})
const problem = ref('')
const busy = ref(false)
/** The page is not loaded anew, so `autofocus` alone would not do. */
const vFocus = { mounted: (field: HTMLElement): void => field.focus() }
const current = ref(0)

const kinds = computed(() => words.value?.kinds ?? [])
const aims = computed(() => words.value?.aims ?? [])
const glosses = computed(() => words.value?.glosses ?? [])
const shades = computed(() => words.value?.shades ?? [])
const piece = computed(() => form.pieces[current.value] ?? form.pieces[0] as PieceInput)
const colours = computed(() => {
  const hex = shades.value.find((s) => s.id === piece.value.shade)?.hex ?? '#777777'
  return Object.fromEntries((kinds.value.find((k) => k.id === piece.value.kind)?.parts ?? []).map((p) => [p.id, p.upper ? hex : '']).filter(([, h]) => h !== ''))
})
const aimMeaning = computed(() => aims.value.find((a) => a.id === piece.value.aim)?.meaning ?? '')

const open = async (): Promise<void> => {
  busy.value = true
  problem.value = ''
  errors.value = {}
  try {
    const body: TicketInput = { ...form, pieces: form.pieces.map((p) => ({ ...p, sizeEu: Number(p.sizeEu) })) }
    const ticket = await api.post<TicketView>('/tickets', body)
    await router.push(`/pieces/${ticket.pieces[0]?.id ?? 0}`)
  } catch (error) {
    if (error instanceof Problem) {
      errors.value = error.errors
      problem.value = error.detail
    } else {
      problem.value = 'That did not work.'
    }
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.1fr_1fr] min-h-0">
    <section class="bg-surround flex flex-col justify-center px-10 py-8 gap-4" aria-label="The piece">
      <div class="flex items-end gap-1 shelf px-4">
        <Silhouette :kind="piece.kind" half="left" :colours="colours" />
        <Silhouette :kind="piece.kind" half="right" :colours="colours" />
      </div>
      <p class="text-center text-xl font-semibold bg-paper self-center px-4 py-1">{{ piece.name || 'A pair of shoes' }}</p>
    </section>
    <form class="px-10 py-4 grid gap-3.5 content-start" novalidate @submit.prevent="open">
      <h1 class="text-3xl">New ticket</h1>
      <label class="grid gap-1 font-semibold">Whose is it?
        <input v-model="form.customer" class="write font-normal" name="customer" maxlength="200" :aria-invalid="!!errors['customer']" v-focus>
        <span v-if="errors['customer']" class="font-normal">{{ errors['customer'] }}</span>
      </label>
      <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-4">
        <label class="grid gap-1 font-semibold">How to reach them
          <input v-model="form.contact" class="write font-normal" name="contact" maxlength="200" :aria-invalid="!!errors['contact']">
        </label>
        <label class="grid gap-1 font-semibold">Promised for
          <input v-model="form.promisedAt" class="write font-normal" name="promisedAt" type="datetime-local" :aria-invalid="!!errors['promisedAt']">
          <span v-if="errors['promisedAt']" class="font-normal">{{ errors['promisedAt'] }}</span>
        </label>
      </div>
      <label class="grid gap-1 font-semibold">What they want, in their words
        <textarea v-model="form.wish" class="write font-normal" name="wish" rows="2" maxlength="1200" :aria-invalid="!!errors['wish']" />
      </label>
      <fieldset class="grid gap-2 border-t-2 border-ink pt-3">
        <legend class="sr-only">The piece</legend>
        <div v-if="form.pieces.length > 1" class="flex flex-wrap gap-2">
          <button v-for="(p, i) in form.pieces" :key="i" type="button" class="may" :aria-pressed="i === current" :class="i === current ? 'bg-ink! text-raised!' : ''" @click="current = i">{{ p.name || `Piece ${i + 1}` }}</button>
        </div>
        <label class="grid gap-1 font-semibold">What do you call it?
          <input v-model="piece.name" class="write font-normal" name="name" maxlength="200" placeholder="The Captain’s shoes" :aria-invalid="!!errors[`pieces[${current}].name`]">
          <span v-if="errors[`pieces[${current}].name`]" class="font-normal">{{ errors[`pieces[${current}].name`] }}</span>
        </label>
        <p class="text-xl leading-loose">
          A pair of <Choice v-model="piece.kind" label="Kind" :options="(kinds as readonly { id: PieceInput['kind'], label: string }[])" />,
          mostly <Choice v-model="(piece.shade as NonNullable<PieceInput['shade']>)" label="Shade" :options="(shades as readonly { id: NonNullable<PieceInput['shade']>, label: string, hex: string }[])" />,
          size <input v-model.number="piece.sizeEu" class="write w-24! min-h-11! py-0! leading-none inline-block align-middle font-semibold" name="sizeEu" type="number" min="15" max="55" step="0.5" aria-label="Size (EU)" :aria-invalid="!!errors[`pieces[${current}].sizeEu`]">.
          To <Choice v-model="piece.aim" label="Aim" :options="(aims as readonly { id: PieceInput['aim'], label: string, meaning: string }[])" />,
          with a <Choice v-model="(piece.gloss as NonNullable<PieceInput['gloss']>)" label="Gloss" :options="(glosses as readonly { id: NonNullable<PieceInput['gloss']>, label: string }[])" /> finish.
        </p>
        <p class="text-soft">{{ aimMeaning }}</p>
      </fieldset>
      <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
      <div class="flex gap-4">
        <button class="do grow" type="submit" :disabled="busy">Open the ticket</button>
        <button class="may" type="button" @click="form.pieces.push(newPiece()); current = form.pieces.length - 1">One more piece</button>
      </div>
    </form>
  </main>
</template>
