<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { ShareBackView, WhatComesBackView } from '../api/types'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** What came back, and what those pieces have in common. */
const years = ref('1')
const YEARS = ['1', '3', '10'].map((id) => ({ id, label: id === '1' ? t('passport.ComesBack.aYear') : t('passport.ComesBack.years', [id]) }))
const { value: found, problem, reload } = useLoad(() => api.get<WhatComesBackView>(`/comes-back?years=${years.value}`))
watch(years, () => void reload(), { immediate: true })
const { day } = useWhen()
const lists = computed<readonly { head: string, rows: readonly ShareBackView[] }[]>(() => (found.value === null ? [] : [
  { head: t('passport.ComesBack.byProduct'), rows: found.value.products }, { head: t('passport.ComesBack.byStep'), rows: found.value.steps },
  { head: t('passport.ComesBack.byLot'), rows: found.value.lots }, { head: t('passport.ComesBack.bySeason'), rows: found.value.seasons },
].filter((l) => l.rows.length > 0)))
</script>

<template>
  <main class="grid gap-6 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-4">
      <h1 class="text-4xl grow">{{ t('passport.ComesBack.whatComesBack') }}</h1>
      <p class="text-lg">{{ t('passport.ComesBack.within') }} <Choice v-model="years" :label="t('passport.ComesBack.within')" :options="YEARS" /></p>
    </header>
    <template v-if="found">
      <p class="text-xl">{{
        found.back.length === 0 ? t('passport.ComesBack.nothingCameBack', [found.pieces]) : t('passport.ComesBack.ofThese', [found.back.length, found.pieces])
      }}</p>
      <section v-if="lists.length > 0" class="grid sm:grid-cols-2 xl:grid-cols-4 gap-8">
        <div v-for="l in lists" :key="l.head">
          <h2 class="text-2xl">{{ l.head }}</h2>
          <ul><li v-for="r in l.rows" :key="r.what" class="flex gap-3 border-t border-line py-1.5">
            <span class="grow">{{ r.what }}</span><strong>{{ t('passport.ComesBack.of', [r.back, r.pieces]) }}</strong>
          </li></ul>
        </div>
      </section>
      <ol class="grid max-w-4xl">
        <li v-for="b in found.back" :key="b.piece" class="border-t border-line py-2 leading-snug">
          <RouterLink class="quiet px-0! font-bold text-lg" :to="`/passports/${b.passport}`">{{ b.name }}</RouterLink>
          {{ b.fault }}<template v-if="b.cause">{{ t('passport.Passport.by', [b.cause]) }}</template>
          <span class="text-soft">{{ t('passport.ComesBack.doneAndBack', [day(b.mendedAt), day(b.backAt)]) }}</span>
        </li>
      </ol>
    </template>
  </main>
</template>
