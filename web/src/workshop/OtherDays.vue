<script setup lang="ts">
import { reactive } from 'vue'
import type { OtherDayInput, WorkshopView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Days off, fairs, a morning at the theatre: days that are otherwise than usual. */
defineProps<{ workshop: WorkshopView; busy: boolean; may: boolean }>()
const emit = defineEmits<{ add: [day: OtherDayInput]; remove: [id: number] }>()
const { date } = useWhen()
const form = reactive({ day: '', person: 'all', from: '', until: '', why: '' })
const add = (): void => {
  emit('add', {
    day: form.day,
    person: form.person === 'all' ? null : Number(form.person),
    shifts: form.from === '' ? [] : [{ from: form.from, until: form.until }],
    why: form.why,
  })
}
</script>

<template>
  <section class="grid gap-6 pt-4 max-w-4xl" :aria-label="t('workshop.OtherDays.daysThatAreOtherwise')">
    <p v-if="workshop.days.length === 0" class="text-xl">{{ t('workshop.OtherDays.everyDayAheadIsAs') }}</p>
    <ul class="grid">
      <li v-for="day in workshop.days" :key="day.id" class="flex items-center gap-4 border-b border-line py-2 text-lg">
        <strong class="w-64">{{ date(`${day.day}T12:00:00Z`) }}</strong>
        <span class="grow">{{
          day.person ?? t('workshop.OtherDays.theWholeWorkshop')
        }}: {{ day.shifts.length === 0 ? t('workshop.OtherDays.off') : day.shifts.map((s) =>
          `${s.from}–${s.until}`).join(', ') }}<span v-if="day.why" class="text-soft"> · {{ day.why }}</span></span>
        <button v-if="may" class="quiet" type="button" @click="emit('remove', day.id)">{{ t('workshop.OtherDays.asUsualAgain') }}</button>
      </li>
    </ul>
    <form v-if="may" class="grid grid-cols-2 md:grid-cols-6 gap-3 items-end" @submit.prevent="add">
      <label class="grid gap-1 md:col-span-2">{{ t('workshop.OtherDays.day') }}<input v-model="form.day" class="write" type="date" name="day" required></label>
      <p class="md:col-span-2 text-lg self-center">{{ t('workshop.OtherDays.for') }} <Choice
        v-model="form.person" :label="t('workshop.OtherDays.who')"
        :options="[{ id: 'all', label: t('workshop.OtherDays.theWholeWorkshop') }, ...workshop.people.map((p) => ({ id: String(p.id), label: p.name }))]"
      /></p>
      <label class="grid gap-1">{{ t('workshop.OtherDays.from') }}<input v-model="form.from" class="write" type="time" name="from"></label>
      <label class="grid gap-1">{{ t('workshop.OtherDays.until') }}<input v-model="form.until" class="write" type="time" name="until"></label>
      <label class="grid gap-1 col-span-2 md:col-span-4">{{ t('workshop.OtherDays.why') }}<input
        v-model="form.why" class="write" name="why"
        :placeholder="t('workshop.OtherDays.fittingAtTheTheatre')"
      ></label>
      <button class="do md:col-span-2" type="submit" :disabled="busy">{{
        form.from === '' ? t('workshop.OtherDays.enterADayOff') : t('workshop.OtherDays.enterTheseHours')
      }}</button>
    </form>
  </section>
</template>
