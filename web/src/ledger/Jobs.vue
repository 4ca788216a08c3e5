<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { api } from '../api/client'
import type { FoundJobsView, FoundJobView } from '../api/types'
import Silhouette from '../drawing/Silhouette.vue'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'
import { outerIn } from './outerIn'

/** The ledger is asked: any word that was ever written of a piece, and what it is, had, was treated with, and by whom. */
const FIELDS = ['find', 'family', 'material', 'finding', 'product', 'person', 'from', 'until', 'back'] as const
type Field = (typeof FIELDS)[number]
const route = useRoute()
const router = useRouter()
const said = (field: Field): string => (typeof route.query[field] === 'string' ? route.query[field] : '')
const asked = reactive(Object.fromEntries(FIELDS.map((f) => [f, said(f)])) as Record<Field, string>)
const lot = typeof route.query['lot'] === 'string' ? route.query['lot'] : ''
const page = ref(0)
const query = computed(() => new URLSearchParams([...FIELDS.map((f) => [f, asked[f]]), ['lot', lot]].filter(([, v]) => v !== '') as string[][]).toString())
const { value: found, problem, reload } = useLoad(() => api.get<FoundJobsView>(`/jobs?${query.value}${page.value > 0 ? `&page=${page.value}` : ''}`))
const look = useDebounceFn(async () => {
  page.value = 0
  void router.replace({ query: Object.fromEntries(new URLSearchParams(query.value)) })
  await reload()
}, 250)
watch(query, () => void look())
watch(page, () => void reload())
void reload()
const words = useWords()
const { person } = useSession()
const { day } = useWhen()
const any = (label: string) => [{ id: '', label }]
const families = computed(() => [...any(t('ledger.Jobs.anyPiece')), ...(words.value?.families ?? [])])
const materials = computed(() => [...any(t('ledger.Jobs.anyMaterial')), ...(words.value?.materials ?? [])])
const findings = computed(() => [...any(t('ledger.Jobs.anything')), ...(words.value?.findings ?? [])])
const products = computed(() => [...any(t('ledger.Jobs.anyProduct')), ...(words.value?.products ?? [])])
const people = computed(() => [...any(t('ledger.Jobs.anybody')), ...(found.value?.people ?? []).map((p) => ({ id: String(p.id), label: p.name }))])
const BACK = [{ id: '', label: t('ledger.Jobs.backOrNot') }, { id: '1', label: t('ledger.Jobs.onlyBack') }]
const shades = computed(() => [...any(t('ledger.Jobs.aColour')), ...(words.value?.shades ?? [])])
const shade = ref('')
watch(shade, (s) => {
  if (s !== '') {
    void router.push(`/pots?shade=${s}`)
  }
})
const kind = (of: FoundJobView): string => words.value?.kinds.find((k) => k.id === of.kind)?.label ?? ''
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-6xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-4xl grow">{{ t('ledger.Jobs.askTheLedger') }}</h1>
      <a v-if="person?.mayPlan" class="may inline-flex items-center" :href="`/api/jobs.csv?${query}`">{{ t('ledger.Jobs.asATable') }}</a>
      <RouterLink class="quiet" to="/ledger">{{ t('ledger.Jobs.theLedger') }}</RouterLink>
    </header>
    <label class="grid gap-1 text-lg">{{ t('ledger.Jobs.anyWord') }}
      <input v-model="asked.find" class="write text-2xl! min-h-14!" type="search" name="find" autocomplete="off" maxlength="120"></label>
    <p class="text-xl leading-loose" role="group" :aria-label="t('ledger.Jobs.whichJobs')">
      {{ t('ledger.Jobs.jobsOn') }} <Choice v-model="asked.family" :label="t('ledger.Jobs.piece')" :options="families" />
      {{ t('ledger.Jobs.of') }} <Choice v-model="asked.material" :label="t('ledger.Jobs.material')" :options="materials" />
      {{ t('ledger.Jobs.with') }} <Choice v-model="asked.finding" :label="t('ledger.Jobs.finding')" :options="findings" />,
      {{ t('ledger.Jobs.treatedWith') }} <Choice v-model="asked.product" :label="t('ledger.Jobs.product')" :options="products" />
      {{ t('ledger.Jobs.by') }} <Choice v-model="asked.person" :label="t('ledger.Jobs.person')" :options="people" />,
      <Choice v-model="asked.back" :label="t('ledger.Jobs.cameBack')" :options="BACK" />;
      <label class="inline-flex items-center gap-2">{{ t('ledger.Jobs.from') }} <input v-model="asked.from" class="write w-44!" type="date"></label>
      <label class="inline-flex items-center gap-2 ml-2">{{ t('ledger.Jobs.until') }} <input v-model="asked.until" class="write w-44!" type="date"></label>
    </p>
    <p class="text-lg">{{ t('ledger.Jobs.recipesNear') }} <Choice v-model="shade" :label="t('ledger.Jobs.recipesNear')" :options="shades" /></p>
    <p v-if="found && found.jobs.length === 0" class="text-xl py-6">{{ t('ledger.Jobs.nothing') }}</p>
    <ol v-if="found" class="grid">
      <li v-for="j in found.jobs" :key="j.piece" class="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-4 border-t border-line py-3">
        <span class="bg-surround p-1 self-start"><Silhouette
          :kind="j.kind" half="right" class="max-h-24" :colours="outerIn(j.kind, j.hex)" :weight="2"
        /></span>
        <div class="leading-snug">
          <p class="flex flex-wrap items-baseline gap-x-4">
            <RouterLink class="by-finger text-xl font-bold underline underline-offset-4" :to="`/ledger/${j.piece}`">{{ j.name }}</RouterLink>
            <span class="grow">{{ kind(j) }}, {{ j.customer }}</span>
            <span class="text-soft">{{ j.tag }} · {{ day(j.openedAt) }}</span>
          </p>
          <p v-if="j.found.length > 0">{{ j.found.join(', ') }}</p>
          <p v-if="j.fault"><strong>{{ t('ledger.Jobs.cameBackFor', [j.fault]) }}</strong></p>
          <p v-for="(l, i) in j.lines" :key="i" class="pl-4 border-l-2 border-dashed border-ink">{{ l.text }} <span class="text-soft">{{ l.person }}, {{
            day(l.at)
          }}</span></p>
        </div>
      </li>
    </ol>
    <p v-if="found && (found.more || page > 0)" class="flex gap-3">
      <button class="may" type="button" :disabled="page === 0" @click="page -= 1">{{ t('ledger.Jobs.newer') }}</button>
      <button class="may" type="button" :disabled="!found.more" @click="page += 1">{{ t('ledger.Jobs.older') }}</button>
    </p>
  </main>
</template>
