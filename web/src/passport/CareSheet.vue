<script setup lang="ts">
import { computed } from 'vue'
import type { CarePageView } from '../api/types'
import Standing from '../drawing/Standing.vue'
import { t } from '../words'
import CareList from './CareList.vue'
import { careDay } from './careDay'

/** What an owner is given along: what was done, what comes next, what not to do. The same on paper and under its address. */
const props = defineProps<{ page: CarePageView }>()
const done = computed(() => props.page.done.join(', '))
</script>

<template>
  <article class="grid gap-5 text-xl leading-snug">
    <header class="grid gap-2">
      <Standing :kind="page.kind" :colours="page.colours" :weight="1.6" class="max-h-56 w-full" />
      <h1 class="text-4xl">{{ page.name }}</h1>
      <p v-if="page.workshop || page.leftAt" class="text-soft">{{
        [page.workshop, page.leftAt ? t('passport.CareSheet.wentHome', [careDay(page.leftAt)]) : ''].filter((w) => w !== '').join(' · ')
      }}</p>
    </header>
    <section v-if="page.done.length > 0"><h2 class="text-2xl">{{ t('passport.CareSheet.whatWasDone') }}</h2><p>{{ done }}.</p></section>
    <section v-if="page.shows.length > 0" class="grid gap-1">
      <h2 class="text-2xl">{{ t('passport.CareSheet.whatToKnow') }}</h2>
      <p v-for="(s, i) in page.shows" :key="i">{{ s }}</p>
    </section>
    <section class="grid gap-1 break-inside-avoid"><h2 class="text-2xl">{{ t('passport.CareSheet.whatComesNext') }}</h2>
      <CareList :cares="page.cares" :may-tick="false" :busy="false" /></section>
    <section class="break-inside-avoid"><h2 class="text-2xl">{{ t('passport.CareSheet.whatNotToDo') }}</h2>
      <ul class="list-disc pl-6 grid gap-1"><li v-for="(n, i) in page.not" :key="i">{{ n }}</li></ul></section>
    <section class="break-inside-avoid"><h2 class="text-2xl">{{ t('passport.CareSheet.afterRain') }}</h2><p>{{ page.afterRain }}</p></section>
    <section class="break-inside-avoid"><h2 class="text-2xl">{{ t('passport.CareSheet.storing') }}</h2><p>{{ page.storing }}</p></section>
    <p class="text-soft text-lg">{{ t('passport.CareSheet.theLabelComesFirst') }}</p>
  </article>
</template>
