<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../api/client'
import { limits } from '../api/types'
import type { PieceFamily, PieceInput, TicketInput, TicketView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import Choice from '../kit/Choice.vue'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'

const words = useWords()
const router = useRouter()
const now = useNow()
const { field } = useWhen()
/** A piece being written down: colour and gloss are always chosen. */
type Draft = PieceInput & Required<Pick<PieceInput, 'shade' | 'gloss'>>
const newPiece = (): Draft => ({ name: '', kind: 'low-shoe/derby', sizeEu: 42, lengthMm: null, aim: 'freshen', gloss: 'satin', shade: 'chestnut' })
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
const piece = computed(() => form.pieces[current.value] ?? form.pieces[0] as Draft)
const colours = computed(() => {
  const hex = shades.value.find((s) => s.id === piece.value.shade)?.hex ?? '#777777'
  return (kinds.value.find((k) => k.id === piece.value.kind)?.parts ?? []).filter((p) => p.outer).map((p) => ({ part: p.id, hex }))
})
const aimMeaning = computed(() => aims.value.find((a) => a.id === piece.value.aim)?.meaning ?? '')

const kind = computed(() => kinds.value.find((k) => k.id === piece.value.kind))
const families = computed(() => words.value?.families ?? [])
const family = computed<PieceFamily>({
  get: () => kind.value?.family ?? 'low-shoe',
  set: (id: PieceFamily) => {
    piece.value.kind = kinds.value.find((k) => k.family === id)?.id ?? piece.value.kind
  },
})
const ofFamily = computed(() => kinds.value.filter((k) => k.family === family.value))
/** Footwear goes by its size, all else by its longest side; left empty, it is the usual one. */
const measured = (p: PieceInput): Pick<PieceInput, 'sizeEu' | 'lengthMm'> => {
  const bySize = kinds.value.find((k) => k.id === p.kind)?.goesBySize !== false
  const number = (value: unknown): number | null => (value === '' || value === null || value === undefined ? null : Number(value))
  return bySize ? { sizeEu: number(p.sizeEu), lengthMm: null } : { sizeEu: null, lengthMm: number(p.lengthMm) }
}
const standing = computed(() => (kind.value?.halves ?? []).flatMap((half) => colours.value.map((c) => ({ half, ...c }))))

const open = async (): Promise<void> => {
  busy.value = true
  problem.value = ''
  errors.value = {}
  try {
    const body: TicketInput = { ...form, pieces: form.pieces.map((p) => ({ ...p, ...measured(p) })) }
    const ticket = await api.post<TicketView>('/tickets', body)
    await router.push(`/pieces/${ticket.pieces[0]?.id ?? 0}`)
  } catch (error) {
    if (error instanceof Problem) {
      errors.value = error.errors
      problem.value = error.detail
      const wrong = form.pieces.findIndex((_, i) => Object.keys(error.errors).some((field) => field.startsWith(`pieces[${i}].`)))
      current.value = wrong === -1 ? current.value : wrong
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
      <div class="shelf px-4 h-72 flex items-end justify-center"><Standing class="h-full w-full" :kind="piece.kind" :colours="standing" :weight="1" /></div>
      <p class="text-center text-xl font-semibold bg-paper self-center px-4 py-1">{{ piece.name || kind?.label || 'A piece' }}</p>
    </section>
    <form class="px-10 py-4 grid gap-3.5 content-start" novalidate @submit.prevent="open">
      <h1 class="text-3xl">New ticket</h1>
      <label class="grid gap-1 font-semibold">Whose is it?
        <input v-model="form.customer" class="write font-normal" name="customer" :aria-invalid="!!errors['customer']" v-focus>
        <span v-if="errors['customer']" class="font-normal">{{ errors['customer'] }}</span>
      </label>
      <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-4">
        <label class="grid gap-1 font-semibold">How to reach them
          <input v-model="form.contact" class="write font-normal" name="contact" :aria-invalid="!!errors['contact']">
          <span v-if="errors['contact']" class="font-normal">{{ errors['contact'] }}</span>
        </label>
        <label class="grid gap-1 font-semibold">Promised for
          <input v-model="form.promisedAt" class="write font-normal" name="promisedAt" type="datetime-local" :aria-invalid="!!errors['promisedAt']">
          <span v-if="errors['promisedAt']" class="font-normal">{{ errors['promisedAt'] }}</span>
        </label>
      </div>
      <label class="grid gap-1 font-semibold">What they want, in their words
        <textarea v-model="form.wish" class="write font-normal" name="wish" rows="2" :aria-invalid="!!errors['wish']" />
        <span v-if="errors['wish']" class="font-normal">{{ errors['wish'] }}</span>
      </label>
      <fieldset class="grid gap-2 border-t-2 border-ink pt-3">
        <legend class="sr-only">The piece</legend>
        <div v-if="form.pieces.length > 1" class="flex flex-wrap gap-2">
          <button
            v-for="(p, i) in form.pieces" :key="i" type="button" class="may" :aria-pressed="i === current"
            :class="i === current ? 'bg-ink! text-raised!' : ''" @click="current = i"
          >{{ p.name || `Piece ${i + 1}` }}</button>
        </div>
        <label class="grid gap-1 font-semibold">What do you call it?
          <input
            v-model="piece.name" class="write font-normal" name="name" placeholder="The Captain’s shoes"
            :aria-invalid="!!errors[`pieces[${current}].name`]"
          >
          <span v-if="errors[`pieces[${current}].name`]" class="font-normal">{{ errors[`pieces[${current}].name`] }}</span>
        </label>
        <p class="text-xl leading-loose">
          {{ (kind?.halves.length ?? 0) > 1 ? 'A pair, of the' : 'One piece, of the' }} <Choice v-model="family" label="Family" :options="families" />:
          <Choice v-model="piece.kind" label="Kind" :options="ofFamily" />,
          mostly <Choice v-model="piece.shade" label="Shade" :options="shades" />,
          <template v-if="kind?.goesBySize !== false">size <input
            v-model.number="piece.sizeEu"
            class="write w-24! min-h-11! py-0! leading-none inline-block align-middle font-semibold" name="sizeEu" type="number"
            :min="limits.PieceInput.sizeEu.min" :max="limits.PieceInput.sizeEu.max" step="0.5"
            aria-label="Size (EU)" :aria-invalid="!!errors[`pieces[${current}].sizeEu`]"
          >.</template>
          <template v-else>longest side <input
            v-model.number="piece.lengthMm" class="write w-28! min-h-11! py-0! leading-none inline-block align-middle font-semibold"
            name="lengthMm" type="number" :min="limits.PieceInput.lengthMm.min" :max="limits.PieceInput.lengthMm.max" step="5" aria-label="Longest side (mm)"
            :placeholder="String(kind?.usualLengthMm ?? '')" :aria-invalid="!!errors[`pieces[${current}].lengthMm`]"
          > mm.</template>
          To <Choice v-model="piece.aim" label="Aim" :options="aims" />,
          with a <Choice v-model="piece.gloss" label="Gloss" :options="glosses" /> finish.
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
