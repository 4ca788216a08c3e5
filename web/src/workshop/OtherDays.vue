<script setup lang="ts">
import { reactive } from 'vue'
import type { OtherDayInput, WorkshopView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'

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
  <section class="grid gap-6 pt-4 max-w-4xl" aria-label="Days that are otherwise">
    <p v-if="workshop.days.length === 0" class="text-xl">Every day ahead is as usual. Enter a day off or other hours below, and all that lies ahead moves with
      it.</p>
    <ul class="grid">
      <li v-for="day in workshop.days" :key="day.id" class="flex items-center gap-4 border-b border-line py-2 text-lg">
        <strong class="w-64">{{ date(`${day.day}T12:00:00Z`) }}</strong>
        <span class="grow">{{ day.person ?? 'the whole workshop' }}: {{ day.shifts.length === 0 ? 'off' : day.shifts.map((s) =>
          `${s.from}–${s.until}`).join(', ') }}<span v-if="day.why" class="text-soft"> · {{ day.why }}</span></span>
        <button v-if="may" class="quiet" type="button" @click="emit('remove', day.id)">as usual again</button>
      </li>
    </ul>
    <form v-if="may" class="grid grid-cols-2 md:grid-cols-6 gap-3 items-end" @submit.prevent="add">
      <label class="grid gap-1 md:col-span-2">Day<input v-model="form.day" class="write" type="date" name="day" required></label>
      <p class="md:col-span-2 text-lg self-center">for <Choice
        v-model="form.person" label="Who"
        :options="[{ id: 'all', label: 'the whole workshop' }, ...workshop.people.map((p) => ({ id: String(p.id), label: p.name }))]"
      /></p>
      <label class="grid gap-1">from<input v-model="form.from" class="write" type="time" name="from"></label>
      <label class="grid gap-1">until<input v-model="form.until" class="write" type="time" name="until"></label>
      <label class="grid gap-1 col-span-2 md:col-span-4">Why<input
        v-model="form.why" class="write" name="why"
        placeholder="fitting at the theatre"
      ></label>
      <button class="do md:col-span-2" type="submit" :disabled="busy">{{ form.from === '' ? 'Enter a day off' : 'Enter these hours' }}</button>
    </form>
  </section>
</template>
