<script setup lang="ts">
import { ref } from 'vue'
import { api } from '../api/client'
import type { OfferView, SupplementView } from '../api/types'
import { figure } from '../kit/figure'
import { cents } from '../kit/money'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useWhen } from '../session/useWhen'
import SignaturePad from '../step/SignaturePad.vue'
import { sum } from './sums'
import { t } from '../words'

/** What was found beside while working: told with its price, agreed to or declined. */
const props = defineProps<{ offer: OfferView, may: boolean, mayAdd: boolean }>()
const emit = defineEmits<{ changed: [offer: OfferView] }>()
const { busy, problem, run } = useAct()
const { date } = useWhen()
const telling = ref(false)
const what = ref('')
const minutes = ref('')
const materials = ref('')
const readyOn = ref('')
const wrong = ref('')
const asked = ref<number | null>(null)
const by = ref('')
const how = ref('')
const strokes = ref<[number, number][][]>([])
const path = `/pieces/${props.offer.piece}/supplements`

const tell = async (): Promise<void> => {
  const cost = cents(materials.value)
  const n = figure(minutes.value)
  wrong.value = !Number.isInteger(n) ? t('offer.Supplements.howManyMinutes') : cost === undefined ? t('offer.Offer.thatIsNoSum') : ''
  if (wrong.value === '') {
    const body = { what: what.value, minutes: n, materialCents: cost ?? 0, readyOn: readyOn.value === '' ? null : readyOn.value }
    await run(() => api.post<OfferView>(path, body), (view) => {
      telling.value = false
      what.value = minutes.value = materials.value = readyOn.value = ''
      emit('changed', view)
    })
  }
}
const answer = (s: SupplementView, agreed: boolean): Promise<boolean> =>
  run(() => api.put<OfferView>(`${path}/${s.id}`, { agreed, by: by.value, how: how.value, strokes: strokes.value }), (view) => {
    asked.value = null
    by.value = how.value = ''
    strokes.value = []
    emit('changed', view)
  })
</script>

<template>
  <section class="grid gap-3 border-t-2 border-ink pt-3" :aria-label="t('offer.Supplements.foundBeside')">
    <div class="flex flex-wrap items-baseline gap-4">
      <h2 class="text-2xl grow">{{ t('offer.Supplements.foundBeside') }}</h2>
      <button v-if="mayAdd && !telling" class="may no-print" type="button" @click="telling = true">{{ t('offer.Supplements.somethingMore') }}</button>
    </div>
    <Notice class="no-print" :text="problem" @again="asked = null" />
    <p v-if="offer.supplements.length === 0 && !telling" class="text-soft no-print">{{ t('offer.Supplements.nothingYet') }}</p>
    <form v-if="telling" class="no-print grid gap-3 max-w-3xl border-2 border-ink p-4" novalidate @submit.prevent="tell">
      <label class="grid gap-1">{{ t('offer.Supplements.what') }}<input v-model="what" class="write" name="what" maxlength="300"></label>
      <div class="grid grid-cols-3 gap-3">
        <label class="grid gap-1">{{ t('offer.Supplements.minutes') }}<input v-model="minutes" class="write" name="minutes" inputmode="numeric"></label>
        <label class="grid gap-1">{{ t('offer.Supplements.materials') }}<input v-model="materials" class="write" name="materials" inputmode="decimal"></label>
        <label class="grid gap-1">{{ t('offer.Supplements.readyOn') }}<input v-model="readyOn" class="write" name="readyOn" type="date"></label>
      </div>
      <p v-if="wrong" role="alert">{{ wrong }}</p>
      <div class="flex gap-3">
        <button class="do" type="submit" :disabled="busy">{{ t('offer.Supplements.writeItDown') }}</button>
        <button class="quiet" type="button" @click="telling = false">{{ t('offer.Supplements.leaveIt') }}</button>
      </div>
    </form>
    <ul>
      <li v-for="s in offer.supplements" :key="s.id" class="grid gap-2 border-b border-line py-2 text-lg">
        <p class="flex flex-wrap gap-x-4"><strong class="grow" :class="s.agreed === false ? 'line-through' : ''">{{ s.what }}</strong>
          <span>{{ offer.currency }} {{ sum(s.grossCents) }}<template v-if="s.readyAt">, {{
            t('offer.Supplements.ready', [date(s.readyAt)])
          }}</template></span></p>
        <p v-if="s.agreed !== null" class="text-base">{{
          t(s.agreed ? 'offer.Supplements.agreed' : 'offer.Supplements.declined', [s.answeredBy, date(s.answeredAt ?? '')])
        }}<template v-if="s.how">, {{ s.how }}</template></p>
        <form v-else-if="asked === s.id" class="no-print grid gap-3 max-w-3xl" novalidate @submit.prevent="answer(s, true)">
          <div class="grid grid-cols-2 gap-3 text-base">
            <label class="grid gap-1">{{ t('offer.Supplements.whoSaidSo') }}<input v-model="by" class="write" name="by" maxlength="120"></label>
            <label class="grid gap-1">{{ t('offer.Supplements.how') }}<input v-model="how" class="write" name="how" maxlength="40"></label>
          </div>
          <SignaturePad v-model="strokes" />
          <div class="flex flex-wrap gap-3">
            <button class="do" type="submit" :disabled="busy">{{ t('offer.Supplements.theyAgree') }}</button>
            <button class="may min-h-14!" type="button" :disabled="busy" @click="answer(s, false)">{{ t('offer.Supplements.theyDecline') }}</button>
            <button class="quiet" type="button" @click="asked = null">{{ t('offer.Supplements.leaveIt') }}</button>
          </div>
        </form>
        <p v-else class="flex flex-wrap items-center gap-4"><span class="caution text-base">{{ t('offer.Supplements.notAskedYet') }}</span>
          <button v-if="may" class="may no-print" type="button" @click="asked = s.id">{{ t('offer.Supplements.theOwnerHasAnswered') }}</button></p>
      </li>
    </ul>
  </section>
</template>
