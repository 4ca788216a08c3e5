<script setup lang="ts">
import { reactive, watch } from 'vue'
import type { CareUseInput, CareUseView, WornFor } from '../api/types'
import Choice from '../kit/Choice.vue'
import { figure } from '../kit/figure'
import { t } from '../words'

/** How a piece is used: a sentence with the choices inside. */
const props = defineProps<{ use: CareUseView | null, version: number, busy: boolean }>()
const emit = defineEmits<{ save: [given: CareUseInput] }>()
const form = reactive({ days: '2', for: 'everyday' as WornFor, wet: false, salt: false, sun: false, darkCloth: false, storedFrom: '' })
watch(() => props.use, (use) => {
  if (use !== null) {
    Object.assign(form, {
      days: String(use.daysAWeek), for: use.for, wet: use.wet, salt: use.salt, sun: use.sun, darkCloth: use.darkCloth, storedFrom: String(use.storedFrom ?? ''),
    })
  }
}, { immediate: true })
const kinds: readonly { id: WornFor, label: string }[] = [
  { id: 'everyday', label: t('passport.UseForm.everyday') }, { id: 'dress', label: t('passport.UseForm.dress') },
  { id: 'work', label: t('passport.UseForm.work') }, { id: 'riding', label: t('passport.UseForm.riding') }, { id: 'stage', label: t('passport.UseForm.stage') },
]
const month = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' })
const months = [
  { id: '', label: t('passport.UseForm.never') },
  ...Array.from({ length: 12 }, (_, i) => ({ id: String(i + 1), label: month.format(Date.UTC(2026, i, 1)) })),
]
const save = (): void => {
  const { days, storedFrom, ...rest } = form
  emit('save', { ...rest, version: props.version, daysAWeek: figure(days), storedFrom: storedFrom === '' ? null : Number(storedFrom) })
}
</script>

<template>
  <form class="grid gap-3" @submit.prevent="save">
    <p class="text-lg leading-loose">{{
      t('passport.UseForm.usedFor')
    }} <Choice v-model="form.for" :label="t('passport.UseForm.kindOfUse')" :options="kinds" />{{
      t('passport.UseForm.on')
    }} <input
      v-model="form.days" class="write w-16! inline-block" inputmode="decimal" required :aria-label="t('passport.UseForm.daysAWeek')"
    > {{ t('passport.UseForm.daysAWeekPutAway') }} <Choice v-model="form.storedFrom" :label="t('passport.UseForm.putAwayFrom')" :options="months" />.</p>
    <p class="flex flex-wrap gap-x-6 gap-y-1 text-lg">
      <label class="flex items-center gap-2 min-h-11"><input v-model="form.wet" type="checkbox" class="size-5">{{ t('passport.UseForm.wet') }}</label>
      <label class="flex items-center gap-2 min-h-11"><input v-model="form.salt" type="checkbox" class="size-5">{{ t('passport.UseForm.salt') }}</label>
      <label class="flex items-center gap-2 min-h-11"><input v-model="form.sun" type="checkbox" class="size-5">{{ t('passport.UseForm.sun') }}</label>
      <label class="flex items-center gap-2 min-h-11"><input v-model="form.darkCloth" type="checkbox" class="size-5">{{
        t('passport.UseForm.darkCloth')
      }}</label>
      <button class="may" type="submit" :disabled="busy">{{ t('passport.UseForm.save') }}</button>
    </p>
  </form>
</template>
