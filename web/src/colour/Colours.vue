<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { ColoursView, ProductView, RangeTakenView } from '../api/types'
import { useAct } from '../kit/useAct'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import OwnPaint from './OwnPaint.vue'
import { money } from '../kit/money'
import { t } from '../words'

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
    said.value = t('colour.Colours.cameIn', [taken.added, taken.known > 0 ? t('colour.Colours.wereHereAlreadyAndStay', [taken.known]) : ''])
    await reload()
  })
  input.value = ''
}
const left = (p: ProductView): string => `${p.leftMl.toFixed(0)} ml${p.centsPer100Ml === null ? '' : t('colour.Colours.atFor100', [money(p.centsPer100Ml)])}`
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('colour.Colours.theShelfOfColours') }}</h1>
      <RouterLink class="may" to="/colours/card">{{ t('colour.CardPage.theWorkshopsCard') }}</RouterLink>
      <button v-if="person?.mayPlan" class="may" type="button" @click="own = true">{{ t('colour.Colours.aPaintOfYourOwn') }}</button>
      <label v-if="person?.mayPlan" class="may cursor-pointer">{{ t('colour.Colours.bringInARange') }}<input
        type="file" class="sr-only" accept=".json,application/json"
        @change="take"
      ></label>
      <a class="may" href="/api/colours/range">{{ t('colour.Colours.takeOutTheRange') }}</a>
    </header>
    <p v-if="said" class="text-lg" role="status">{{ said }}</p>
    <p v-if="colours && colours.products.length === 0" class="text-xl py-8 max-w-3xl">{{ t('colour.Colours.theShelfIsBareBring') }}</p>
    <section v-if="paints.length > 0" class="grid gap-2" :aria-label="t('colour.Colours.paints')">
      <h2 class="text-2xl">{{ t('colour.Colours.paintsThickAndAtThe') }}</h2>
      <ul class="bg-surround text-dark grid sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-4 p-6">
        <li v-for="p in paints" :key="p.id" class="grid grid-cols-[9rem_minmax(0,1fr)] gap-3 items-center">
          <svg viewBox="0 0 140 60" class="w-full" aria-hidden="true"><path d="M0 0h78v60H0z" :fill="p.hex" /><path d="M78 0h62v60H78z" :fill="p.tint" /></svg>
          <span class="leading-tight"><strong class="text-lg">{{ p.name }}</strong><br>{{ p.undertone.replace(' at the edge', '') }}<br>
            <span v-if="p.kind === 'paint'">{{ t('colour.Colours.oneCoatCovers', [Math.round(p.cover * 100)]) }}<br></span>{{ left(p) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="dyes.length > 0" class="grid gap-2" :aria-label="t('colour.Colours.dyes')">
      <h2 class="text-2xl">{{ t('colour.Colours.dyesDeepAndLetDown') }}</h2>
      <ul class="bg-surround text-dark grid sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-4 p-6">
        <li v-for="p in dyes" :key="p.id" class="grid grid-cols-[9rem_minmax(0,1fr)] gap-3 items-center">
          <svg viewBox="0 0 140 60" class="w-full" aria-hidden="true"><path d="M0 0h78v60H0z" :fill="p.hex" /><path d="M78 0h62v60H78z" :fill="p.tint" /></svg>
          <span class="leading-tight"><strong class="text-lg">{{ p.name }}</strong><br>{{
            t('colour.Colours.thinnedWith', [p.diluent])
          }}<br>{{ left(p) }}</span>
        </li>
      </ul>
    </section>
    <p v-if="colours?.products.some((p) => p.madeUp)" class="text-soft">{{ t('colour.Colours.thisRangeIsMadeUp') }}</p>
    <OwnPaint :open="own" :products="colours?.products ?? []" @leave="own = false" @added="own = false; reload()" />
  </main>
</template>
