<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { LotSheetView, LotView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { figure as read } from '../kit/figure'
import { vFocus } from '../kit/vFocus'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { amount } from './vessels'
import { t } from '../words'

/** A lot, and what hands do to it. */
const props = defineProps<{ lot: LotView, emptyG: number | null }>()
const emit = defineEmits<{ changed: [] }>()
const { busy, problem, run } = useAct()
const { day } = useWhen()
const { person } = useSession()
const form = ref<'' | 'left' | 'taken' | 'empty'>('')
const byWeight = ref(true)
const figure = ref('')
const empty = ref('')
const why = ref('')
const counted = computed(() => props.lot.unit === 'm' || props.lot.unit === 'pcs')
const wrong = ref('')

const act = (what: () => Promise<LotSheetView>): Promise<boolean> => run(what, () => {
  form.value = ''
  figure.value = ''
  why.value = ''
  emit('changed')
})
const begin = (which: 'left' | 'taken' | 'empty'): void => {
  form.value = which
  wrong.value = ''
  byWeight.value = !counted.value
}
const send = async (): Promise<void> => {
  const n = read(figure.value)
  if (form.value === 'empty') {
    await act(() => api.post<LotSheetView>(`/lots/${props.lot.id}/empty`, { why: why.value }))
    return
  }
  if (!(n >= 0)) {
    wrong.value = t('shelf.LotRow.aFigureIsNeeded')
    return
  }
  if (form.value === 'taken') {
    await act(() => api.post<LotSheetView>(`/lots/${props.lot.id}/taken`, { amount: n, note: why.value }))
  } else if (byWeight.value) {
    await act(() => api.put<LotSheetView>(`/lots/${props.lot.id}/left`, { grossG: n, emptyG: empty.value.trim() === '' ? null : read(empty.value) }))
  } else {
    await act(() => api.put<LotSheetView>(`/lots/${props.lot.id}/left`, { left: n }))
  }
}
</script>

<template>
  <li class="border-b border-line py-2.5 grid gap-2">
    <div class="flex flex-wrap items-baseline gap-x-3">
      <RouterLink class="by-finger font-semibold underline underline-offset-4" :to="`/lots/${lot.id}`">{{ t('shelf.LotRow.lot', [lot.id]) }}</RouterLink>
      <span class="grow leading-snug">{{
        lot.emptiedAt ? t('shelf.LotRow.empty', [day(lot.emptiedAt)])
        : lot.openedAt ? t(lot.old ? 'shelf.LotRow.tooOld' : 'shelf.LotRow.open', [day(lot.openedAt), day(lot.goodUntil ?? '')])
          : t('shelf.LotRow.notOpened', [day(lot.boughtAt)])
      }}<template v-if="lot.place">, {{ lot.place }}</template></span>
      <strong v-if="!lot.emptiedAt" class="text-xl">{{ amount(lot.left, lot.unit) }}</strong>
    </div>
    <p v-if="!lot.emptiedAt && lot.left < 0" class="caution">{{ t('shelf.LotRow.beyond') }}</p>
    <Notice :text="problem" @again="form = ''" />
    <form v-if="form !== ''" class="grid gap-2 border-2 border-ink p-3" novalidate @submit.prevent="send">
      <template v-if="form === 'left'">
        <div v-if="!counted" class="flex gap-2">
          <button class="may grow" type="button" :aria-pressed="byWeight" @click="byWeight = true">{{ t('shelf.LotRow.weighed') }}</button>
          <button class="may grow" type="button" :aria-pressed="!byWeight" @click="byWeight = false">{{ t('shelf.LotRow.lookedAt') }}</button>
        </div>
        <label class="grid gap-1">{{ byWeight ? t('shelf.LotRow.packAndAllWeigh') : t('shelf.LotRow.isLeft', [lot.unit]) }}<input
          v-model="figure" v-focus class="write" name="figure" inputmode="decimal"
        ></label>
        <label v-if="byWeight && emptyG === null" class="grid gap-1">{{ t('shelf.LotRow.theEmptyPackWeighs') }}<input
          v-model="empty" class="write" name="empty" inputmode="decimal"
        ></label>
      </template>
      <template v-else-if="form === 'taken'">
        <label class="grid gap-1">{{ t('shelf.LotRow.wasTaken', [lot.unit]) }}<input
          v-model="figure" v-focus class="write" name="figure" inputmode="decimal"
        ></label>
        <label class="grid gap-1">{{ t('shelf.LotRow.whatFor') }}<input v-model="why" class="write" name="why" maxlength="200"></label>
      </template>
      <label v-else class="grid gap-1">{{ t('shelf.LotRow.why') }}<input v-model="why" v-focus class="write" name="why" maxlength="200"></label>
      <p v-if="wrong" role="alert">{{ wrong }}</p>
      <div class="flex gap-3">
        <button class="do grow" type="submit" :disabled="busy">{{ form === 'empty' ? t('shelf.LotRow.itIsEmpty') : t('shelf.LotRow.writeItDown') }}</button>
        <button class="quiet" type="button" @click="form = ''">{{ t('shelf.LotRow.leaveIt') }}</button>
      </div>
    </form>
    <div v-else-if="lot.emptiedAt && person?.works" class="flex">
      <button class="quiet px-0!" type="button" :disabled="busy" @click="act(() => api.remove<LotSheetView>(`/lots/${lot.id}/empty`))">{{
        t('shelf.LotRow.itWasNotEmpty')
      }}</button>
    </div>
    <div v-else-if="person?.works" class="flex flex-wrap gap-x-4">
      <button v-if="!lot.openedAt" class="quiet px-0!" type="button" :disabled="busy" @click="act(() => api.post<LotSheetView>(`/lots/${lot.id}/open`, {}))">{{
        t('shelf.LotRow.openIt')
      }}</button>
      <button class="quiet px-0!" type="button" @click="begin('left')">{{ counted ? t('shelf.LotRow.count') : t('shelf.LotRow.weigh') }}</button>
      <button class="quiet px-0!" type="button" @click="begin('taken')">{{ t('shelf.LotRow.take') }}</button>
      <button class="quiet px-0!" type="button" @click="begin('empty')">{{ t('shelf.LotRow.emptyOrThrown') }}</button>
    </div>
  </li>
</template>
