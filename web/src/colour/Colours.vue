<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '../api/client'
import type { ColoursView, ProductView, RangeTakenView } from '../api/types'
import { useAct } from '../kit/useAct'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import OwnPaint from './OwnPaint.vue'
import { money } from '../kit/money'

/** The colours that are really there, and what each does at its edge. */
const { value: colours, problem, reload } = useLoad(() => api.get<ColoursView>('/colours'))
void reload()
const hands = useAct()
const { person } = useSession()
const own = ref(false)
const said = ref('')
const paints = computed(() => (colours.value?.products ?? []).filter((p) => p.kind !== 'dye'))
const dyes = computed(() => (colours.value?.products ?? []).filter((p) => p.kind === 'dye'))
const take = async (event: Event): Promise<void> => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file === undefined) {
    return
  }
  const text = await file.text()
  await hands.run(() => api.post<RangeTakenView>('/colours/range', { text }), async (taken) => {
    said.value = `${taken.added} came in${taken.known > 0 ? `, ${taken.known} were here already and stay as they are` : ''}.`
    await reload()
  })
  input.value = ''
}
const left = (p: ProductView): string => `${p.leftMl.toFixed(0)} ml${p.centsPer100Ml === null ? '' : ` at ${money(p.centsPer100Ml)} for 100`}`
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">The shelf of colours</h1>
      <button v-if="person?.mayPlan" class="may" type="button" @click="own = true">A paint of your own…</button>
      <label v-if="person?.mayPlan" class="may cursor-pointer">Bring in a range<input
        type="file" class="sr-only" accept=".json,application/json"
        @change="take"
      ></label>
      <a class="may" href="/api/colours/range">Take out the range</a>
    </header>
    <p v-if="said" class="text-lg" role="status">{{ said }}</p>
    <p v-if="colours && colours.products.length === 0" class="text-xl py-8 max-w-3xl">The shelf is bare. Bring a range in as a JSON document, or draw a paint
      of your own down over white and black.</p>
    <section v-if="paints.length > 0" class="grid gap-2" aria-label="Paints">
      <h2 class="text-2xl">Paints: thick, and at the edge in white</h2>
      <ul class="bg-surround text-dark grid sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-4 p-6">
        <li v-for="p in paints" :key="p.id" class="grid grid-cols-[9rem_minmax(0,1fr)] gap-3 items-center">
          <svg viewBox="0 0 140 60" class="w-full" aria-hidden="true"><path d="M0 0h78v60H0z" :fill="p.hex" /><path d="M78 0h62v60H78z" :fill="p.tint" /></svg>
          <span class="leading-tight"><strong class="text-lg">{{ p.name }}</strong><br>{{ p.undertone.replace(' at the edge', '') }}<br>
            <span v-if="p.kind === 'paint'">one coat covers {{ Math.round(p.cover * 100) }} %<br></span>{{ left(p) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="dyes.length > 0" class="grid gap-2" aria-label="Dyes">
      <h2 class="text-2xl">Dyes: deep, and let down</h2>
      <ul class="bg-surround text-dark grid sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-4 p-6">
        <li v-for="p in dyes" :key="p.id" class="grid grid-cols-[9rem_minmax(0,1fr)] gap-3 items-center">
          <svg viewBox="0 0 140 60" class="w-full" aria-hidden="true"><path d="M0 0h78v60H0z" :fill="p.hex" /><path d="M78 0h62v60H78z" :fill="p.tint" /></svg>
          <span class="leading-tight"><strong class="text-lg">{{ p.name }}</strong><br>thinned with {{ p.diluent }}<br>{{ left(p) }}</span>
        </li>
      </ul>
    </section>
    <p v-if="colours?.products.some((p) => p.madeUp)" class="text-soft">This range is made up. A workshop brings in its own, from draw-downs of its own
      tubes.</p>
    <OwnPaint :open="own" :products="colours?.products ?? []" @leave="own = false" @added="own = false; reload()" />
  </main>
</template>
