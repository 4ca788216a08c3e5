<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** A working day and an hour of it, chosen from those at which somebody is here; at first when the last goes home. */
const props = defineProps<{ days: readonly (readonly string[])[], label: string }>()
const hour = defineModel<string>({ required: true })
const { date, time } = useWhen()
const day = ref('')
const hours = computed(() => props.days.find((d) => d.at(-1) === day.value) ?? [])
const dayChoices = computed(() => [
  { id: '', label: t('step.WorkingHour.chooseOne') }, ...props.days.map((d) => ({ id: d.at(-1) ?? '', label: date(d.at(-1) ?? '') })),
])
const hourChoices = computed(() => hours.value.map((at) => ({ id: at, label: time(at) })))
watch(day, (at) => {
  hour.value = at
})
watch(hour, (at) => {
  if (at === '') {
    day.value = ''
  }
})
</script>

<template>
  <span><Choice v-model="day" :label="label" :options="dayChoices" /><template
    v-if="hours.length > 0"
  >{{ t('step.WorkingHour.by') }}<Choice v-model="hour" :label="t('step.WorkingHour.byWhichHour')" :options="hourChoices" /></template></span>
</template>
