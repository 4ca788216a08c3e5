<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, Problem } from '../api/client'
import type { PriceTermsView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { sum } from './sums'
import { t } from '../words'

/** What the workshop asks for its work; each change is kept, and an old offer keeps what it was reckoned with. */
type Sums = 'rate' | 'markup' | 'waste' | 'overhead' | 'consumables' | 'minimum' | 'rush' | 'tax' | 'roundTo' | 'currency'
const { person } = useSession()
const { day } = useWhen()
const may = computed(() => person.value?.role === 'owner')
const typed = ref<Record<Sums, string>>({
  rate: '', markup: '', waste: '', overhead: '', consumables: '', minimum: '', rush: '', tax: '', roundTo: '', currency: '',
})
const byPerson = ref(false)
const kinds = ref<Record<string, string>>({})
const people = ref<Record<string, string>>({})
const fixed = ref<Record<string, string>>({})
const errors = ref<Readonly<Record<string, string>>>({})
const said = ref(false)
const { value: terms, problem, reload } = useLoad(async () => {
  const view = await api.get<PriceTermsView>('/prices')
  show(view)
  return view
})
const hands = useAct()
function show(view: PriceTermsView): void {
  for (const key of Object.keys(typed.value) as Sums[]) {
    typed.value[key] = view[key]
  }
  byPerson.value = view.byPerson
  kinds.value = Object.fromEntries(view.kinds.map((k) => [k.id, k.rate]))
  people.value = Object.fromEntries(view.people.map((p) => [p.id, p.rate]))
  fixed.value = Object.fromEntries(view.fixed.map((f) => [String(f.job), f.price]))
}
void reload()
const FIELDS: readonly { key: Sums, label: string }[] = [
  { key: 'consumables', label: t('offer.Prices.consumables') }, { key: 'minimum', label: t('offer.Prices.minimum') },
  { key: 'markup', label: t('offer.Prices.markup') }, { key: 'waste', label: t('offer.Prices.waste') }, { key: 'overhead', label: t('offer.Prices.overhead') },
  { key: 'rush', label: t('offer.Prices.rush') }, { key: 'tax', label: t('offer.Prices.tax') }, { key: 'roundTo', label: t('offer.Prices.roundTo') },
]
const keep = async (): Promise<void> => {
  errors.value = {}
  said.value = await hands.run(async () => {
    try {
      return await api.put<PriceTermsView>('/prices', {
        ...typed.value, byPerson: byPerson.value, kinds: kinds.value, people: people.value, fixed: fixed.value, seen: terms.value?.seen ?? 0,
      })
    } catch (error) {
      errors.value = error instanceof Problem ? error.errors : {}
      throw error
    }
  }, (view) => {
    terms.value = view
    show(view)
  })
}
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-5xl w-full mx-auto">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('offer.Prices.whatWeAskFor') }}</h1>
      <RouterLink v-if="may" class="may" to="/figures">{{ t('offer.Prices.whatItReallyTook') }}</RouterLink>
      <RouterLink class="may" to="/invoices">{{ t('offer.Invoices.invoices') }}</RouterLink>
    </header>
    <form v-if="terms" class="grid gap-6" novalidate @submit.prevent="keep">
      <fieldset class="grid gap-3" :disabled="!may">
        <div class="flex flex-wrap items-end gap-4">
          <label class="grid gap-1 text-xl">{{ t('offer.Prices.anHour') }}<input
            v-model="typed.rate" class="write text-2xl w-40!" name="rate" inputmode="decimal" :aria-invalid="'rate' in errors"
          ></label>
          <label class="grid gap-1 w-24">{{ t('offer.Prices.currency') }}<input v-model="typed.currency" class="write" name="currency" maxlength="3"></label>
          <div class="flex gap-2" role="group" :aria-label="t('offer.Prices.ratesGoBy')">
            <button class="may" type="button" :aria-pressed="!byPerson" @click="byPerson = false">{{ t('offer.Prices.byKind') }}</button>
            <button class="may" type="button" :aria-pressed="byPerson" @click="byPerson = true">{{ t('offer.Prices.byPerson') }}</button>
          </div>
        </div>
        <div class="grid sm:grid-cols-2 lg:grid-cols-3 gap-x-6 gap-y-2">
          <template v-if="byPerson">
            <label v-for="p in terms.people" :key="p.id" class="grid grid-cols-[minmax(0,1fr)_7rem]! items-center gap-3">{{ p.name }}<input
              v-model="people[p.id]" class="write" :name="`person-${p.id}`" inputmode="decimal" :placeholder="typed.rate"
            ></label>
          </template>
          <template v-else>
            <label v-for="k in terms.kinds" :key="k.id" class="grid grid-cols-[minmax(0,1fr)_7rem]! items-center gap-3 leading-tight">{{ k.name }}<input
              v-model="kinds[k.id]" class="write" :name="`kind-${k.id}`" inputmode="decimal" :placeholder="typed.rate"
            ></label>
          </template>
        </div>
      </fieldset>
      <fieldset class="grid sm:grid-cols-2 lg:grid-cols-4 gap-4 border-t border-line pt-4" :disabled="!may">
        <label v-for="f in FIELDS" :key="f.key" class="grid gap-1 content-end">{{ f.label }}<input
          v-model="typed[f.key]" class="write" :name="f.key" inputmode="decimal" :aria-invalid="f.key in errors"
        ></label>
      </fieldset>
      <fieldset v-if="terms.fixed.length > 0" class="grid gap-2 border-t border-line pt-4" :disabled="!may">
        <legend class="text-xl font-head font-semibold float-left w-full">{{ t('offer.Prices.fixedPrices') }}</legend>
        <div class="grid sm:grid-cols-2 gap-x-8 gap-y-2">
          <label v-for="f in terms.fixed" :key="f.job" class="grid grid-cols-[minmax(0,1fr)_7rem]! items-center gap-3 leading-tight">
            <span>{{ f.name }}<span v-if="f.earnedAnHour !== null" class="block text-soft">{{
              t('offer.Prices.earned', [f.done, sum(f.earnedAnHour)])
            }}</span></span><input v-model="fixed[String(f.job)]" class="write" :name="`fixed-${f.job}`" inputmode="decimal">
          </label>
        </div>
      </fieldset>
      <ul v-if="Object.keys(errors).length > 0" role="alert"><li v-for="(message, field) in errors" :key="field">{{ message }}</li></ul>
      <div v-if="may" class="flex items-center gap-4">
        <button class="do" type="submit" :disabled="hands.busy.value">{{ t('offer.Prices.keepThem') }}</button>
        <span v-if="said" role="status">{{ t('offer.Prices.kept') }}</span>
      </div>
      <p v-else class="text-soft">{{ t('offer.Prices.ownersAlone') }}</p>
    </form>
    <section v-if="terms && terms.history.length > 0" class="border-t-2 border-ink pt-3" :aria-label="t('offer.Prices.before')">
      <h2 class="text-xl">{{ t('offer.Prices.before') }}</h2>
      <ul><li v-for="h in terms.history" :key="h.id" class="border-b border-line py-1.5 leading-snug">
        <strong>{{ day(h.at) }}, {{ h.by }}</strong> {{ h.changed.join('; ') }}
      </li></ul>
    </section>
  </main>
</template>
