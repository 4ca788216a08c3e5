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
import { t } from '../words'

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
  { head: t('owner.OwnerPage.whatWillBeGone'), lines: page.value.gone },
  { head: t('owner.OwnerPage.whatWillBeSofter'), lines: page.value.softer },
  { head: t('owner.OwnerPage.whatStays'), lines: page.value.stays },
  { head: t('owner.OwnerPage.whatItRisks'), lines: page.value.risks },
].filter((s) => s.lines.length > 0))

const sign = async (): Promise<void> => {
  busy.value = true
  try {
    const body: SignatureInput = { version: page.value?.version ?? 0, signedBy: signedBy.value, strokes: strokes.value }
    page.value = await api.post<OwnerPageView>(`/pieces/${props.id}/signature`, body)
    refused.value = ''
    strokes.value = []
  } catch (error) {
    refused.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
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
        <p class="text-lg">{{ piece.customer }} · {{ piece.tag }} · {{
          piece.promised ? t('owner.OwnerPage.for', [date(piece.promisedAt)]) : t('owner.OwnerPage.noDayPromisedYet')
        }}</p>
        <p>{{ t('owner.OwnerPage.agreedTo') }} <strong>{{ aim?.label ?? piece.aim }}</strong>. <span v-if="aim">{{ aim.meaning }}</span></p>
        <p v-if="piece.unwanted">{{ t('owner.OwnerPage.notWanted', [piece.unwanted]) }}</p>
        <p v-if="piece.replaceCents !== null && piece.valueCents !== null && piece.valueCents < piece.replaceCents" class="text-lg">{{
          t('owner.OwnerPage.aNewOneWouldCost', [money(piece.replaceCents), money(piece.valueCents)])
        }}</p>
      </div>
      <Standing :kind="piece.kind" :colours="piece.parts" class="bg-surround h-32 p-2" />
    </header>
    <Notice class="no-print text-base" :text="problem || refused" @again="reload" />

    <template v-if="page">
      <section v-if="page.declined.length > 0" class="grid gap-2 break-inside-avoid">
        <h2 class="text-2xl">{{ t('owner.OwnerPage.whatWeDoNotTake') }}</h2>
        <p v-for="d in page.declined" :key="d.text" class="stop">{{ t('owner.OwnerPage.thisIsFor', [d.text, d.to]) }}</p>
      </section>
      <section v-for="s in sections" :key="s.head" class="grid gap-1 break-inside-avoid">
        <h2 class="text-2xl">{{ s.head }}</h2>
        <ul class="grid gap-1"><li v-for="l in s.lines" :key="l">{{ l }}</li></ul>
      </section>
      <p v-if="page.price" class="font-semibold">{{ page.price }}</p>
      <p v-if="sections.length === 0 && page.declined.length === 0">{{ t('owner.OwnerPage.nothingWrongHasBeenFound') }}
        <RouterLink class="quiet no-print" :to="`/pieces/${id}`">{{ t('owner.OwnerPage.lookItOverFirst') }}</RouterLink>{{
          t('owner.OwnerPage.thenThereIsSomethingTo')
        }}</p>
      <p class="text-base text-soft">{{ t('owner.OwnerPage.thisIsAPlanAnd') }}</p>

      <section v-if="page.signed" class="grid gap-1 border-t border-line pt-3 break-inside-avoid" :aria-label="t('owner.OwnerPage.signed')">
        <svg viewBox="0 0 600 200" class="w-80" role="img" :aria-label="t('owner.OwnerPage.signatureOf', [page.signed.by])">
          <path :d="page.signed.path" fill="none" stroke="currentColor" stroke-width="4" stroke-linecap="round" stroke-linejoin="round" />
        </svg>
        <p class="text-lg">{{ t('owner.OwnerPage.heardAndAgreed') }} <strong>{{ page.signed.by }}</strong>, {{ date(page.signed.at) }}.</p>
        <p v-if="page.signed.outdated" class="caution text-lg">{{ t('owner.OwnerPage.thePieceWasLookedAt') }}</p>
      </section>
      <div v-if="page.signed === null || page.signed.outdated" class="print-only gap-10 pt-16 break-inside-avoid" aria-hidden="true">
        <p class="grow border-t border-ink text-base">{{ t('owner.OwnerPage.heardAndAgreed2') }}</p>
        <p class="w-56 border-t border-ink text-base">{{ t('owner.OwnerPage.day') }}</p>
      </div>
      <form
        v-if="person?.mayReceive && (page.signed === null || page.signed.outdated)" class="no-print grid gap-3 border-t border-line pt-3" novalidate
        @submit.prevent="sign"
      >
        <SignaturePad v-model="strokes" />
        <div class="flex flex-wrap items-end gap-4 text-base">
          <label class="grid gap-1 font-semibold w-72">{{
            t('owner.OwnerPage.nameOfWhoSigns')
          }}<input v-model="signedBy" class="write font-normal" name="signedBy">
          </label>
          <button class="may" type="button" @click="strokes = []">{{ t('owner.OwnerPage.clear') }}</button>
          <button class="do" type="submit" :disabled="busy">{{ t('owner.OwnerPage.heardAndAgreed3') }}</button>
        </div>
      </form>
    </template>
    <footer class="no-print flex gap-4 border-t-2 border-ink pt-4 text-base">
      <RouterLink class="may" :to="`/pieces/${id}`">{{ t('owner.OwnerPage.backToThePiece') }}</RouterLink>
      <button class="may" type="button" @click="print">{{ t('owner.OwnerPage.print') }}</button>
    </footer>
  </main>
</template>
