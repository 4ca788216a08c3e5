<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, Problem } from '../api/client'
import type { OwnerPageView, PieceView, SignatureInput } from '../api/types'
import Standing from '../drawing/Standing.vue'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import SignaturePad from '../step/SignaturePad.vue'
import { money } from '../kit/money'

/** What we tell the owner: read out, signed, printed. */
const props = defineProps<{ id: number }>()
const { value: page, problem, reload } = useLoad(() => api.get<OwnerPageView>(`/pieces/${props.id}/owner-page`))
const { value: piece, reload: reloadPiece } = useLoad(() => api.get<PieceView>(`/pieces/${props.id}`))
void reload()
void reloadPiece()
const words = useWords()
const { person } = useSession()
const { date } = useWhen()

const signedBy = ref('')
const strokes = ref<[number, number][][]>([])
const refused = ref('')
const busy = ref(false)
const aim = computed(() => words.value?.aims.find((a) => a.id === piece.value?.aim))
const sections = computed(() => page.value === null ? [] : [
  { head: 'What will be gone', lines: page.value.gone },
  { head: 'What will be softer', lines: page.value.softer },
  { head: 'What stays', lines: page.value.stays },
  { head: 'What it risks', lines: page.value.risks },
].filter((s) => s.lines.length > 0))

const sign = async (): Promise<void> => {
  busy.value = true
  try {
    const body: SignatureInput = { version: page.value?.version ?? 0, signedBy: signedBy.value, strokes: strokes.value }
    page.value = await api.post<OwnerPageView>(`/pieces/${props.id}/signature`, body)
    refused.value = ''
    strokes.value = []
  } catch (error) {
    refused.value = error instanceof Problem ? error.detail : 'That did not work.'
    if (error instanceof Problem && error.type === 'changed-meanwhile') {
      await Promise.all([reload(), reloadPiece()])
    }
  } finally {
    busy.value = false
  }
}
const print = (): void => window.print()
</script>

<template>
  <main class="px-4 sm:px-8 py-6 max-w-5xl w-full mx-auto grid gap-5 content-start text-xl leading-relaxed">
    <PaperHead />
    <header v-if="piece" class="grid sm:grid-cols-[minmax(0,1fr)_15rem] items-end gap-6 border-b-2 border-ink pb-3">
      <div>
        <h1 class="text-4xl">{{ piece.name }}</h1>
        <p class="text-lg">{{ piece.customer }} · {{ piece.tag }} · {{ piece.promised ? `for ${date(piece.promisedAt)}` : 'no day promised yet' }}</p>
        <p>Agreed: to <strong>{{ aim?.label ?? piece.aim }}</strong>. <span v-if="aim">{{ aim.meaning }}</span></p>
        <p v-if="piece.unwanted">Not wanted: {{ piece.unwanted }}</p>
        <p v-if="piece.replaceCents !== null && piece.valueCents !== null && piece.valueCents < piece.replaceCents" class="text-lg">A new one would cost about
          {{ money(piece.replaceCents) }}; to you this one is worth {{ money(piece.valueCents) }}.</p>
      </div>
      <Standing :kind="piece.kind" :colours="piece.parts" class="bg-surround h-32 p-2" />
    </header>
    <Notice class="no-print text-base" :text="problem || refused" @again="reload" />

    <template v-if="page">
      <section v-if="page.declined.length > 0" class="grid gap-2 break-inside-avoid">
        <h2 class="text-2xl">What we do not take on</h2>
        <p v-for="d in page.declined" :key="d.text" class="stop">{{ d.text }} This is for {{ d.to }}.</p>
      </section>
      <section v-for="s in sections" :key="s.head" class="grid gap-1 break-inside-avoid">
        <h2 class="text-2xl">{{ s.head }}</h2>
        <ul class="grid gap-1"><li v-for="l in s.lines" :key="l">{{ l }}</li></ul>
      </section>
      <p v-if="sections.length === 0 && page.declined.length === 0">Nothing wrong has been found yet.
        <RouterLink class="quiet no-print" :to="`/pieces/${id}`">Look it over first</RouterLink>, then there is something to tell.</p>
      <p class="text-base text-soft">This is a plan and not a warranty. Makers’ labels and care rules come first; leather may be made to resist water, never
        to keep it out.</p>

      <section v-if="page.signed" class="grid gap-1 border-t border-line pt-3 break-inside-avoid" aria-label="Signed">
        <svg viewBox="0 0 600 200" class="w-80" role="img" :aria-label="`Signature of ${page.signed.by}`">
          <path :d="page.signed.path" fill="none" stroke="currentColor" stroke-width="4" stroke-linecap="round" stroke-linejoin="round" />
        </svg>
        <p class="text-lg">Heard and agreed: <strong>{{ page.signed.by }}</strong>, {{ date(page.signed.at) }}.</p>
        <p v-if="page.signed.outdated" class="caution text-lg">The piece was looked at again after this was signed. Read it out once more, and have it signed
          anew.</p>
      </section>
      <div v-if="page.signed === null || page.signed.outdated" class="print-only gap-10 pt-16 break-inside-avoid" aria-hidden="true">
        <p class="grow border-t border-ink text-base">heard and agreed</p>
        <p class="w-56 border-t border-ink text-base">day</p>
      </div>
      <form
        v-if="person?.mayPlan && (page.signed === null || page.signed.outdated)" class="no-print grid gap-3 border-t border-line pt-3" novalidate
        @submit.prevent="sign"
      >
        <SignaturePad v-model="strokes" />
        <div class="flex flex-wrap items-end gap-4 text-base">
          <label class="grid gap-1 font-semibold w-72">Name of who signs<input v-model="signedBy" class="write font-normal" name="signedBy">
          </label>
          <button class="may" type="button" @click="strokes = []">Clear</button>
          <button class="do" type="submit" :disabled="busy">Heard and agreed</button>
        </div>
      </form>
    </template>
    <footer class="no-print flex gap-4 border-t-2 border-ink pt-4 text-base">
      <RouterLink class="may" :to="`/pieces/${id}`">Back to the piece</RouterLink>
      <button class="may" type="button" @click="print">Print</button>
    </footer>
  </main>
</template>
