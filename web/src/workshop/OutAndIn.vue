<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { ArchiveView, PieceTakenView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { fetchFile } from '../session/fetchFile'
import { useWhen } from '../session/useWhen'
import { plural, t } from '../words'

/** What is the workshop’s goes out as files that other programs read, and comes in. */
const AGAIN_MS = 3000
const { busy, problem, run } = useAct()
const { day } = useWhen()
const archive = ref<ArchiveView | null>(null)
const taken = ref<PieceTakenView | null>(null)
let again = 0
const take = (view: ArchiveView): void => {
  archive.value = view
  window.clearTimeout(again)
  if (view.isOnItsWay) {
    again = window.setTimeout(() => void look(), AGAIN_MS)
  }
}
const look = (): Promise<boolean> => run(() => api.get<ArchiveView>('/archive'), take)
void look()
onBeforeUnmount(() => window.clearTimeout(again))
const ask = (): Promise<boolean> => run(() => api.post<ArchiveView>('/archive'), take)
const fetchIt = (): Promise<boolean> => run(() => fetchFile(`/archive/${archive.value?.id ?? 0}.tar`), () => undefined)
const size = computed(() => ((archive.value?.bytes ?? 0) / 1e6).toFixed(1))
const bringPiece = (event: Event): void => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file !== undefined) {
    const form = new FormData()
    form.set('file', file)
    taken.value = null
    void run(() => api.post<PieceTakenView>('/passports/archive', form), (view) => {
      taken.value = view
    })
  }
  input.value = ''
}
const tables = [
  { at: '/api/owners.csv', label: t('workshop.OutAndIn.owners') }, { at: '/api/products.csv', label: t('workshop.OutAndIn.products') },
  { at: '/api/offers.csv', label: t('workshop.OutAndIn.offers') }, { at: '/api/invoices.csv', label: t('workshop.OutAndIn.invoices') },
  { at: '/api/figures.csv', label: t('workshop.OutAndIn.figures') }, { at: '/api/colours/range', label: t('workshop.OutAndIn.range') },
]
</script>

<template>
  <div class="grid lg:grid-cols-2 gap-x-12 gap-y-8 py-5 max-w-6xl">
    <Notice v-if="problem" class="lg:col-span-2" :text="problem" @again="look" />
    <section class="grid gap-3 content-start" :aria-label="t('workshop.OutAndIn.everything')">
      <h2 class="text-2xl">{{ t('workshop.OutAndIn.everything') }}</h2>
      <p class="text-lg leading-snug">{{ t('workshop.OutAndIn.everythingAbout') }}</p>
      <p v-if="archive?.isOnItsWay" class="text-lg" role="status">{{
        archive.total > 0 ? t('workshop.OutAndIn.onItsWayOf', [archive.done, archive.total]) : t('workshop.OutAndIn.onItsWay')
      }}</p>
      <template v-else>
        <p v-if="archive?.failure" class="stop">{{ t('workshop.OutAndIn.failed', [archive.failure]) }}</p>
        <div v-if="archive && archive.bytes !== null && archive.askedAt" class="grid gap-2 border-l-4 border-ink pl-4">
          <p class="text-lg">{{ t('workshop.OutAndIn.thereIsOne', [day(archive.askedAt), size, archive.by]) }}</p>
          <button class="do justify-self-start" type="button" :disabled="busy" @click="fetchIt">{{ t('workshop.OutAndIn.fetchIt') }}</button>
        </div>
        <button :class="archive?.bytes ? 'may' : 'do'" class="justify-self-start" type="button" :disabled="busy" @click="ask">{{
          t('workshop.OutAndIn.make')
        }}</button>
      </template>
      <p class="text-soft leading-snug">{{ t('workshop.OutAndIn.noPasswords') }}</p>
    </section>
    <section class="grid gap-3 content-start" :aria-label="t('workshop.OutAndIn.comesIn')">
      <h2 class="text-2xl">{{ t('workshop.OutAndIn.aPiece') }}</h2>
      <p class="text-lg leading-snug">{{ t('workshop.OutAndIn.aPieceAbout') }}</p>
      <label class="may justify-self-start inline-flex items-center cursor-pointer" :class="busy ? 'opacity-60' : ''">{{
        t('workshop.OutAndIn.bringPiece')
      }}<input type="file" class="sr-only" accept=".tar,application/x-tar" :disabled="busy" @change="bringPiece"></label>
      <p v-if="taken" class="text-lg" role="status">{{
        taken.visits === 0 ? t('workshop.OutAndIn.knownAlready') : plural('workshop.OutAndIn.cameIn', taken.visits)
      }} <RouterLink class="quiet" :to="`/passports/${taken.passport}`">{{ t('workshop.OutAndIn.itsPassport') }}</RouterLink></p>
      <h2 class="text-2xl mt-4">{{ t('workshop.OutAndIn.oldList') }}</h2>
      <p class="text-lg leading-snug">{{ t('workshop.OutAndIn.oldListAbout') }}</p>
      <RouterLink class="may justify-self-start inline-flex items-center" to="/old-list">{{ t('workshop.OutAndIn.bringList') }}</RouterLink>
    </section>
    <section class="lg:col-span-2 grid gap-3" :aria-label="t('workshop.OutAndIn.tables')">
      <h2 class="text-2xl">{{ t('workshop.OutAndIn.tables') }}</h2>
      <p class="flex flex-wrap gap-x-6">
        <a v-for="table in tables" :key="table.at" class="quiet inline-flex items-center min-h-11" :href="table.at">{{ table.label }}</a>
      </p>
    </section>
  </div>
</template>
