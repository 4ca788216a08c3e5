<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { OldListColumn, OldListView } from '../api/types'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useWords } from '../kit/useWords'
import { plural, t } from '../words'

/** Owners and pieces out of an old list: which column is what, what it would bring, and what cannot be read. */
type Column = OldListColumn | 'nothing'
const { busy, problem, run } = useAct()
const words = useWords()
const list = ref<OldListView | null>(null)
const file = ref<File | null>(null)
const columns = ref<Record<string, Column>>({})
const otherwise = ref('')
const choices: readonly { id: Column, label: string }[] = [
  { id: 'nothing', label: t('workshop.OldList.nothing') }, { id: 'owner', label: t('workshop.OldList.owner') },
  { id: 'first-name', label: t('workshop.OldList.firstName') }, { id: 'email', label: t('workshop.OldList.email') },
  { id: 'phone', label: t('workshop.OldList.phone') }, { id: 'address', label: t('workshop.OldList.address') },
  { id: 'notes', label: t('workshop.OldList.notes') }, { id: 'piece', label: t('workshop.OldList.piece') },
  { id: 'kind', label: t('workshop.OldList.kind') }, { id: 'size', label: t('workshop.OldList.size') },
  { id: 'colour', label: t('workshop.OldList.colour') }, { id: 'came-in', label: t('workshop.OldList.dayIn') },
  { id: 'went-home', label: t('workshop.OldList.wentHome') }, { id: 'done', label: t('workshop.OldList.done') },
]
const kinds = computed(() => [
  { id: '', label: t('workshop.OldList.leftOut') }, ...(words.value?.kinds ?? []).map((k) => ({ id: k.id as string, label: k.label })),
])
const faulty = computed(() => (list.value?.rows ?? []).filter((r) => r.isFaulty))
const otherwiseRead = computed(() => (list.value?.rows ?? []).filter((r) => !r.isFaulty))

const send = (apply: boolean): Promise<boolean> => {
  const form = new FormData()
  if (file.value !== null) {
    form.set('file', file.value)
  }
  form.set('columns', JSON.stringify(Object.fromEntries(Object.entries(columns.value).map(([head, is]) => [head, is === 'nothing' ? '' : is]))))
  const query = new URLSearchParams({ ...(apply ? { apply: '1' } : {}), ...(otherwise.value === '' ? {} : { else: otherwise.value }) }).toString()
  return run(() => api.post<OldListView>(`/old-list${query === '' ? '' : `?${query}`}`, form), (view) => {
    list.value = view
    columns.value = Object.fromEntries(view.columns.map((c) => [c.head, c.is ?? 'nothing']))
  })
}
const choose = (event: Event): void => {
  const input = event.target as HTMLInputElement
  file.value = input.files?.[0] ?? null
  list.value = null
  columns.value = {}
  if (file.value !== null) {
    void send(false)
  }
  input.value = ''
}
const is = (head: string, column: Column): void => {
  columns.value = { ...columns.value, [head]: column }
  void send(false)
}
const instead = (kind: string): void => {
  otherwise.value = kind
  void send(false)
}
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-6xl w-full mx-auto">
    <Notice v-if="problem" :text="problem" @again="send(false)" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('workshop.OldList.title') }}</h1>
      <RouterLink class="quiet" to="/workshop">{{ t('workshop.OldList.back') }}</RouterLink>
    </header>
    <p class="text-lg max-w-3xl leading-snug">{{ t('workshop.OldList.about') }}</p>
    <label class="justify-self-start cursor-pointer inline-flex items-center" :class="[list ? 'may' : 'do', busy ? 'opacity-60' : '']">{{
      list ? t('workshop.OldList.anotherFile') : t('workshop.OldList.chooseFile')
    }}<input type="file" class="sr-only" accept=".csv,text/csv,text/plain" :disabled="busy" @change="choose"></label>
    <template v-if="list">
      <section v-if="!list.done" class="grid gap-1" :aria-label="t('workshop.OldList.columns')">
        <h2 class="text-2xl">{{ t('workshop.OldList.columns') }}</h2>
        <ul class="grid md:grid-cols-2 gap-x-10">
          <li
            v-for="c in list.columns" :key="c.head" class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 items-center border-b border-line py-1 leading-snug"
          >
            <span class="min-w-0"><strong class="text-lg">{{ c.head || t('workshop.OldList.noHead') }}</strong><br>
              <span class="text-soft block truncate">{{ c.samples.join(' · ') || t('workshop.OldList.empty') }}</span></span>
            <Choice
              :model-value="columns[c.head] ?? 'nothing'" :options="choices" :label="t('workshop.OldList.isWhat', [c.head])"
              @update:model-value="(v) => is(c.head, v)"
            />
          </li>
        </ul>
        <p class="text-lg mt-2">{{ t('workshop.OldList.unknownKind') }} <Choice
          :model-value="otherwise" :options="kinds" :label="t('workshop.OldList.unknownKind')" @update:model-value="instead"
        />.</p>
      </section>
      <section class="grid gap-3" aria-live="polite">
        <p class="text-xl leading-snug" role="status">{{ list.done ? t('workshop.OldList.cameIn') : t('workshop.OldList.would') }}
          <strong>{{ plural('workshop.OldList.newOwners', list.newOwners) }}</strong>, <strong>{{
            plural('workshop.OldList.newVisits', list.newVisits)
          }}</strong>. <span class="text-soft">{{ t('workshop.OldList.known', [list.knownOwners, list.knownVisits]) }}</span></p>
        <RouterLink v-if="list.done" class="may justify-self-start inline-flex items-center" to="/owners">{{ t('workshop.OldList.toOwners') }}</RouterLink>
        <p v-if="list.faulty > 0" class="stop text-lg">{{ plural('workshop.OldList.faulty', list.faulty) }}</p>
        <button
          v-if="!list.done && list.newOwners + list.newVisits > 0" class="do justify-self-start" type="button" :disabled="busy" @click="send(true)"
        >{{ t('workshop.OldList.takeItIn') }}</button>
        <ul v-if="faulty.length + otherwiseRead.length > 0">
          <li
            v-for="row in [...faulty, ...otherwiseRead]" :key="row.line"
            class="grid grid-cols-[5rem_minmax(0,1fr)] gap-x-4 border-b border-line py-2 leading-snug"
          >
            <span class="text-soft">{{ t('workshop.OldList.row', [row.line]) }}</span>
            <span><strong>{{ row.name || '–' }}</strong> {{ row.says }}</span>
          </li>
        </ul>
      </section>
    </template>
  </main>
</template>
