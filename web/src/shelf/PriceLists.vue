<script setup lang="ts">
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { CsvPreviewView, CsvRowView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { plural, t } from '../words'

/** Products and prices as tables, out and in; what would change is shown before anything does. */
const { busy, problem, run } = useAct()
const preview = ref<CsvPreviewView | null>(null)
const chosen = ref<File | null>(null)
const SEEN = 200
const order = (rows: readonly CsvRowView[]): CsvRowView[] =>
  [...rows].filter((r) => r.kind !== 'same').sort((a, b) => Number(b.kind === 'faulty') - Number(a.kind === 'faulty') || a.line - b.line).slice(0, SEEN)

const send = (apply: boolean): Promise<boolean> => {
  const form = new FormData()
  if (chosen.value !== null) {
    form.set('file', chosen.value)
  }
  return run(() => api.post<CsvPreviewView>(`/products/csv${apply ? '?apply=1' : ''}`, form), (then) => {
    preview.value = then
  })
}
const choose = (event: Event): void => {
  const input = event.target as HTMLInputElement
  chosen.value = input.files?.[0] ?? null
  preview.value = null
  if (chosen.value !== null) {
    void send(false)
  }
  input.value = ''
}
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-5xl w-full mx-auto">
    <Notice :text="problem" @again="send(false)" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('shelf.PriceLists.listsInAndOut') }}</h1>
      <RouterLink class="quiet" to="/shelf">{{ t('shelf.OrderList.backToTheShelf') }}</RouterLink>
    </header>
    <p class="text-lg max-w-3xl">{{ t('shelf.PriceLists.about') }}</p>
    <div class="flex flex-wrap gap-3">
      <a class="may" href="/api/products.csv">{{ t('shelf.PriceLists.takeOut') }}</a>
      <label class="do cursor-pointer" :class="busy ? 'opacity-60' : ''">{{ t('shelf.PriceLists.bringIn') }}<input
        type="file" class="sr-only" accept=".csv,text/csv,text/plain" :disabled="busy" @change="choose"
      ></label>
    </div>
    <section v-if="preview" class="grid gap-3" aria-live="polite">
      <p class="text-xl" role="status">{{ preview.done ? t('shelf.PriceLists.taken') : t('shelf.PriceLists.would') }}
        <strong>{{ plural('shelf.PriceLists.newOnes', preview.new) }}</strong>, <strong>{{ plural('shelf.PriceLists.changed', preview.changed) }}</strong>, {{
          plural('shelf.PriceLists.same', preview.same)
        }}.</p>
      <p v-if="preview.faulty > 0" class="stop text-lg">{{ plural('shelf.PriceLists.faulty', preview.faulty) }}</p>
      <button
        v-if="!preview.done && preview.faulty === 0 && preview.new + preview.changed > 0" class="do justify-self-start" type="button" :disabled="busy"
        @click="send(true)"
      >{{ t('shelf.PriceLists.takeItIn') }}</button>
      <ul>
        <li v-for="row in order(preview.rows)" :key="row.line" class="grid grid-cols-[5rem_minmax(0,1fr)] gap-x-4 border-b border-line py-2 leading-snug">
          <span class="text-soft">{{ t('shelf.PriceLists.row', [row.line]) }}</span>
          <span><strong>{{ row.name || '–' }}</strong> {{ row.kind === 'new' ? t('shelf.PriceLists.isNew') : row.says }}</span>
        </li>
      </ul>
    </section>
  </main>
</template>
