<script setup lang="ts">
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import type { HoursInput, Phase, ShiftView, WorkshopView } from '../api/types'
import { counted } from '../kit/counted'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import Dial from './Dial.vue'
import { read, written } from './shifts'
import { t } from '../words'

/** When each person is here in a usual week, and at what: a clock on the wall for each day, a ring for each person. */
const props = defineProps<{ workshop: WorkshopView, busy: boolean, may: (person: number) => boolean }>()
const emit = defineEmits<{ keep: [person: number, hours: Omit<HoursInput, 'version'>] }>()
const DAYS = [t('workshop.Hours.mondays'), t('workshop.Hours.tuesdays'), t('workshop.Hours.wednesdays'),
  t('workshop.Hours.thursdays'), t('workshop.Hours.fridays'), t('workshop.Hours.saturdays'), t('workshop.Hours.sundays')]
const WORKING = 5
const now = useNow()
const { minuteOfDay, weekday } = useWhen()
const today = computed(() => weekday(now.value))
const day = ref(today.value)
const drafts = ref<Record<number, string[]>>({})
const skills = ref<Record<number, Phase[]>>({})
watch(() => props.workshop, (workshop) => {
  drafts.value = Object.fromEntries(workshop.people.map((p) => [p.id, p.week.map((d) => written(d.shifts))]))
  skills.value = Object.fromEntries(workshop.people.map((p) => [p.id, p.skills.length === 0 ? [...workshop.phases] : [...p.skills]]))
}, { immediate: true })
/** As it is written just now, so that the clock goes along with what is typed. */
const here = (of: number): { name: string, shifts: ShiftView[] }[] =>
  props.workshop.people.map((p) => ({ name: p.name, shifts: read(drafts.value[p.id]?.[of] ?? '') }))
/** One ring of them all: which of the clock’s is whose. */
const onlyOf = (person: number): { name: string, shifts: ShiftView[] }[] =>
  here(day.value).map((p, i) => (props.workshop.people[i]?.id === person ? p : { ...p, shifts: [] }))
const said = (shifts: readonly ShiftView[]): string => shifts.map((s) => `${s.from}–${s.until}`).join(', ')
const whoIsHere = (of: number): string =>
  here(of).filter((p) => p.shifts.length > 0).map((p) => `${p.name} ${said(p.shifts)}`).join('; ') || t('workshop.Hours.nobody')
const changed = (person: number): boolean => {
  const kept = props.workshop.people.find((p) => p.id === person)
  const usual = kept === undefined || kept.skills.length === 0 ? props.workshop.phases : kept.skills
  return kept?.week.some((d, i) => written(d.shifts) !== drafts.value[person]?.[i]) === true ||
    usual.length !== skills.value[person]?.length || usual.some((s) => skills.value[person]?.includes(s) !== true)
}
const does = (person: number): string => {
  const some = skills.value[person]?.length ?? 0
  const all = props.workshop.phases.length
  return some === all
    ? t('workshop.Hours.doesEverything')
    : some === 0 ? t('workshop.Hours.doesNothingYetTickWhat')
    : t('workshop.Hours.doesOfKindsOfWork', [some, all])
}
const sameAllWeek = (person: number): void => {
  const draft = drafts.value[person]
  const text = draft?.[day.value]
  if (draft !== undefined && text !== undefined) {
    drafts.value[person] = draft.map((other, i) => (i < WORKING ? text : other))
  }
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
  <section class="grid gap-5 pt-4" :aria-label="t('workshop.Hours.hours')">
    <RadioGroup v-model="day" class="grid grid-cols-4 sm:grid-cols-7 gap-2" :aria-label="t('workshop.Hours.whichDay')">
      <RadioGroupOption
        v-for="(name, i) in DAYS" :key="name" v-slot="{ checked }" :value="i" class="cursor-pointer" :data-day="i + 1"
        :aria-label="`${name}: ${whoIsHere(i)}`"
      >
        <span
          class="grid justify-items-center gap-1 py-1 border-b-4 text-[.82rem] sm:text-base"
          :class="checked ? 'border-ink font-semibold' : 'border-transparent'"
        >
          <span class="w-16"><Dial :people="here(i)" /></span>{{ name }}</span>
      </RadioGroupOption>
    </RadioGroup>
    <div class="grid lg:grid-cols-[21rem_minmax(0,1fr)] gap-x-10 gap-y-4 items-start">
      <div class="w-full max-w-84 justify-self-center">
        <Dial :people="here(day)" large :now="day === today ? minuteOfDay(now) : null" />
      </div>
      <div class="grid gap-1">
        <p class="text-bench">{{ t('workshop.Hours.stepsAreOnlyPlannedWhile') }} <strong>09:00–12:30</strong>{{
          t('workshop.Hours.nothingMeansFreeTheOwner')
        }}</p>
        <form
          v-for="person in workshop.people" :key="person.id" class="grid sm:grid-cols-[minmax(0,1fr)_12rem] gap-x-6 border-t-[3px] border-soft pt-2 pb-3"
          @submit.prevent="keep(person.id)"
        >
          <div class="flex items-start gap-4">
            <span class="w-14 shrink-0"><Dial :people="onlyOf(person.id)" /></span>
            <div>
              <h2 class="text-2xl">{{ person.name }}</h2>
              <p class="text-soft">{{ person.role }}<template v-if="person.paceEvidence > 0">{{
                t('workshop.Hours.takesOfTheUsualMinutes', [Math.round(100 * person.pace), counted(person.paceEvidence, 'step')])
              }}</template></p>
              <details>
                <summary class="min-h-11 py-2 cursor-pointer">{{ does(person.id) }}</summary>
                <div class="grid grid-cols-2 md:grid-cols-3 xl:grid-cols-4 gap-x-4">
                  <label v-for="phase in workshop.phases" :key="phase" class="flex items-center gap-2 min-h-11">
                    <input v-model="skills[person.id]" type="checkbox" class="size-6 accent-ink" :value="phase" :disabled="!may(person.id)">
                    {{ phase.replace('-', ' ') }}</label>
                </div>
              </details>
            </div>
          </div>
          <label><span class="sr-only">{{ `${person.name}, ${DAYS[day]}` }}</span><textarea
            v-model="drafts[person.id]![day]" class="write text-bench! leading-tight! resize-none tabular-nums" rows="2"
            :name="`hours-${person.id}-${day + 1}`" :disabled="!may(person.id)" :placeholder="t('workshop.Hours.free')"
          /></label>
          <div v-if="may(person.id) && changed(person.id)" class="sm:col-span-2 flex flex-wrap items-center gap-x-4">
            <button class="do" type="submit" :disabled="busy || skills[person.id]?.length === 0">{{ t('workshop.Hours.keepSHours', [person.name]) }}</button>
            <button v-if="day < WORKING" class="quiet" type="button" @click="sameAllWeek(person.id)">{{ t('workshop.Hours.sameAllWeek') }}</button>
          </div>
        </form>
      </div>
    </div>
  </section>
</template>
