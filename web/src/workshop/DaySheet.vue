<script setup lang="ts">
import { computed } from 'vue'
import { api } from '../api/client'
import type { BenchView } from '../api/types'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { sittings } from '../step/sittings'
import { t } from '../words'

/** Today on paper: what each pair of hands is needed for, with a box to tick, and what is promised. */
const { value: bench, problem, reload } = useLoad(() => api.get<BenchView>('/bench'))
void reload()
const { time, date, when } = useWhen()
const people = computed(() =>
  (bench.value?.tapes ?? []).map((t) => ({ name: t.name, sittings: sittings(t.today.filter((b) => !b.done)) })).filter((t) => t.sittings.length > 0),
)
const due = computed(() => [...(bench.value?.rack ?? [])].sort((a, b) => Date.parse(a.promisedAt) - Date.parse(b.promisedAt)).slice(0, 8))
const print = (): void => window.print()
</script>

<template>
  <main class="px-4 sm:px-9 py-6 grid gap-6 content-start">
    <PaperHead />
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 class="text-4xl grow">{{ bench ? date(bench.now) : t('workshop.DaySheet.daySheet') }}</h1>
      <button class="do no-print" type="button" @click="print">{{ t('workshop.DaySheet.print') }}</button>
    </header>
    <p v-if="bench && people.length === 0" class="text-xl">{{ t('workshop.DaySheet.noHandWorkIsPlanned') }}</p>
    <div class="grid md:grid-cols-2 xl:grid-cols-3 gap-8">
      <section v-for="person in people" :key="person.name" class="break-inside-avoid">
        <h2 class="text-2xl border-b-2 border-ink">{{ person.name }}</h2>
        <ol>
          <li v-for="sitting in person.sittings" :key="sitting.start" class="border-b-2 border-line py-2 break-inside-avoid">
            <p class="flex gap-3 items-baseline"><strong class="tabular-nums">{{ time(sitting.start) }}–{{ time(sitting.end) }}</strong>
              <strong class="grow">{{ sitting.pieceName }}</strong></p>
            <ol>
              <li v-for="block in sitting.blocks" :key="block.step + block.start" class="grid grid-cols-[1.5rem_1fr] gap-2 items-baseline py-0.5 leading-tight">
                <span class="inline-block size-5 border-2 border-ink translate-y-1" aria-hidden="true" />
                <span>{{ block.title }}</span>
              </li>
            </ol>
          </li>
        </ol>
      </section>
    </div>
    <section v-if="due.length > 0" class="break-inside-avoid">
      <h2 class="text-2xl border-b-2 border-ink">{{ t('workshop.DaySheet.promisedNext') }}</h2>
      <p v-for="piece in due" :key="piece.piece" class="flex gap-4 border-b border-line py-1.5">
        <strong class="w-44">{{ bench ? when(piece.promisedAt, Date.parse(bench.now)) : '' }}</strong>
        <span>{{ piece.name }}, {{ piece.customer }}</span>
      </p>
    </section>
    <p class="text-soft">{{ t('workshop.DaySheet.asItStoodAtTimes', [bench ? time(bench.now) : '']) }}</p>
  </main>
</template>
