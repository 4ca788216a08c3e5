<script setup lang="ts">
import { ref, watch } from 'vue'
import type { HoursInput, Phase, WorkshopView } from '../api/types'
import { counted } from '../kit/counted'
import { read, written } from './shifts'
import { t } from '../words'

/** When each person is here in a usual week, and at what. */
const props = defineProps<{ workshop: WorkshopView, busy: boolean, may: (person: number) => boolean }>()
const emit = defineEmits<{ keep: [person: number, hours: Omit<HoursInput, 'version'>] }>()
const DAYS = [t('workshop.Hours.mon'), t('workshop.Hours.tue'), t('workshop.Hours.wed'),
  t('workshop.Hours.thu'), t('workshop.Hours.fri'), t('workshop.Hours.sat'), t('workshop.Hours.sun')]
const drafts = ref<Record<number, string[]>>({})
const skills = ref<Record<number, Phase[]>>({})
watch(() => props.workshop, (workshop) => {
  drafts.value = Object.fromEntries(workshop.people.map((p) => [p.id, p.week.map((d) => written(d.shifts))]))
  skills.value = Object.fromEntries(workshop.people.map((p) => [p.id, p.skills.length === 0 ? [...workshop.phases] : [...p.skills]]))
}, { immediate: true })
const does = (person: number): string => {
  const some = skills.value[person]?.length ?? 0
  const all = props.workshop.phases.length
  return some === all
    ? t('workshop.Hours.doesEverything')
    : some === 0 ? t('workshop.Hours.doesNothingYetTickWhat')
    : t('workshop.Hours.doesOfKindsOfWork', [some, all])
}
const keep = (person: number): void => {
  const chosen = skills.value[person] ?? []
  emit('keep', person, {
    week: (drafts.value[person] ?? []).map((text, i) => ({ day: i + 1, shifts: read(text) })),
    skills: chosen.length === props.workshop.phases.length ? [] : chosen,
  })
}
</script>

<template>
  <section class="grid gap-8 pt-4" :aria-label="t('workshop.Hours.hours')">
    <p class="max-w-3xl">{{ t('workshop.Hours.stepsAreOnlyPlannedWhile') }} <strong>09:00–12:30</strong>{{ t('workshop.Hours.nothingMeansFreeTheOwner') }}</p>
    <form v-for="person in workshop.people" :key="person.id" class="grid gap-3 border-b-[5px] border-soft pb-5" @submit.prevent="keep(person.id)">
      <div class="flex items-baseline gap-4">
        <h2 class="text-2xl">{{ person.name }}</h2>
        <span class="text-soft">{{ person.role }}<template v-if="person.paceEvidence > 0">{{
          t('workshop.Hours.takesOfTheUsualMinutes', [Math.round(100 * person.pace), counted(person.paceEvidence, 'step')])
        }}</template></span>
      </div>
      <div class="grid grid-cols-2 md:grid-cols-4 xl:grid-cols-7 gap-3">
        <label v-for="(day, i) in DAYS" :key="day" class="grid gap-1">{{ day }}<textarea
          v-model="drafts[person.id]![i]"
          class="write leading-tight! resize-none tabular-nums" rows="2" :name="`hours-${person.id}-${i + 1}`" :disabled="!may(person.id)"
          :placeholder="t('workshop.Hours.free')"
        /></label>
      </div>
      <details>
        <summary class="min-h-11 cursor-pointer">{{ does(person.id) }}</summary>
        <div class="grid grid-cols-2 md:grid-cols-4 xl:grid-cols-6 gap-x-4">
          <label v-for="phase in workshop.phases" :key="phase" class="flex items-center gap-2 min-h-11">
            <input v-model="skills[person.id]" type="checkbox" class="size-6 accent-ink" :value="phase" :disabled="!may(person.id)">
            {{ phase.replace('-', ' ') }}</label>
        </div>
      </details>
      <button
        v-if="may(person.id)" class="may justify-self-start" type="submit" :disabled="busy || skills[person.id]?.length === 0"
      >{{ t('workshop.Hours.keepSHours', [person.name]) }}</button>
    </form>
  </section>
</template>
