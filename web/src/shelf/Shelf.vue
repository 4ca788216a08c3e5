<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api } from '../api/client'
import type { ProductRowView, ShelfView, StockState } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import ProductForm from './ProductForm.vue'
import ProductSheet from './ProductSheet.vue'
import { lotIn, useScanner } from './useScanner'
import { amount, level, vesselOf } from './vessels'
import Vessel from './Vessel.vue'
import { plural, t } from '../words'

/** The shelf as it hangs on the wall: what stands there, how full it is, and what wants looking after. */
const props = defineProps<{ product: number | null }>()
const router = useRouter()
const { person } = useSession()
const { value: shelf, problem, reload } = useLoad(() => api.get<ShelfView>('/shelf'))
void reload()
const sought = ref('')
const adding = ref(false)

/** The order of the work, and what is of no family last. */
const BOARDS: readonly { id: string, phases: readonly string[], label: string }[] = [
  { id: 'clean', phases: ['dry-clean', 'clean'], label: t('shelf.Shelf.toClean') },
  { id: 'strip', phases: ['repair', 'strip', 'fill', 'degrease', 'base'], label: t('shelf.Shelf.toStripFillAndMend') },
  { id: 'colour', phases: ['colour'], label: t('shelf.Shelf.toColour') },
  { id: 'finish', phases: ['seal', 'condition', 'polish', 'edges', 'protect', 'shape'], label: t('shelf.Shelf.toFeedFinishAndProtect') },
]
const STATES: Readonly<Record<StockState, string>> = {
  out: t('shelf.Shelf.out'), short: t('shelf.Shelf.short'), old: t('shelf.Shelf.old'), beyond: t('shelf.Shelf.beyond'), low: t('shelf.Shelf.low'), enough: '',
}
const URGENT = Object.keys(STATES)
const words = computed(() => sought.value.toLowerCase().split(/\s+/).filter((w) => w !== ''))
const found = computed(() => (shelf.value?.products ?? []).filter((p) =>
  (!p.retired || p.left > 0) && words.value.every((w) => `${p.name} ${p.supplier} ${p.family ?? ''}`.toLowerCase().includes(w))))
const boards = computed(() => {
  const of = (phases: readonly string[]): ProductRowView[] => found.value.filter((p) => p.phase !== null && phases.includes(p.phase))
  const named = BOARDS.map((b) => ({ ...b, products: of(b.phases) }))
  const there = new Set(named.flatMap((b) => b.products.map((p) => p.id)))
  const beside = found.value.filter((p) => !there.has(p.id))
  return [...named, { id: 'beside', label: t('shelf.Shelf.beside'), products: beside }].filter((b) => b.products.length > 0)
})
const worries = computed(() => found.value.filter((p) => p.says !== null).sort((a, b) => URGENT.indexOf(a.state) - URGENT.indexOf(b.state)))
const open = (id: number | null): void => {
  void router.replace({ path: '/shelf', query: id === null ? {} : { product: String(id) } })
  // On a small screen its sheet comes before the shelf.
  window.scrollTo({ top: 0 })
}
watch(() => props.product, () => {
  adding.value = false
})
const number = ref('')
const wrong = ref('')
const toLot = (text: string): void => {
  const lot = lotIn(text)
  wrong.value = lot === null ? t('shelf.Shelf.thatIsNoLot') : ''
  if (lot !== null) {
    void router.push(`/lots/${lot}`)
  }
}
const video = useTemplateRef<HTMLVideoElement>('video')
const { can, looking, start, stop } = useScanner(video, toLot)
</script>

<template>
  <main class="grid lg:grid-cols-[minmax(0,1fr)_26rem]! content-start lg:h-[calc(100dvh-var(--above))] min-h-0">
    <section class="grid gap-4 content-start px-4 sm:px-7 py-5 lg:overflow-y-auto" :aria-label="t('shelf.Shelf.shelf')">
      <Notice :text="problem" @again="reload" />
      <header class="flex flex-wrap items-end gap-x-4 gap-y-2">
        <h1 class="text-3xl grow">{{ t('shelf.Shelf.shelf') }}</h1>
        <label class="grid gap-1 w-56">{{ t('shelf.Shelf.find') }}<input v-model="sought" class="write" type="search"></label>
        <form class="flex items-end gap-2" novalidate @submit.prevent="toLot(number)">
          <label class="grid gap-1 w-28">{{ t('shelf.Shelf.lotNumber') }}<input
            v-model="number" class="write" name="lot" inputmode="numeric" :aria-invalid="wrong !== ''"
          ></label>
          <button class="may" type="submit">{{ t('shelf.Shelf.openIt') }}</button>
          <button v-if="can" class="may" type="button" @click="looking ? stop() : start()">{{
            looking ? t('shelf.Shelf.stop') : t('shelf.Shelf.scan')
          }}</button>
        </form>
      </header>
      <p v-if="wrong" role="alert" class="caution justify-self-end">{{ wrong }}</p>
      <video v-show="looking" ref="video" class="w-80 max-w-full border-2 border-ink" muted playsinline />
      <nav class="flex flex-wrap gap-2">
        <RouterLink class="may" to="/shelf/order">{{
          shelf && shelf.toOrder > 0 ? t('shelf.Shelf.toOrder', [shelf.toOrder]) : t('shelf.Shelf.orderList')
        }}</RouterLink>
        <RouterLink class="may" to="/shelf/count">{{ t('shelf.Shelf.stockTaking') }}</RouterLink>
        <RouterLink v-if="person?.mayPlan" class="may" to="/shelf/list">{{ t('shelf.Shelf.listsInAndOut') }}</RouterLink>
        <RouterLink class="may" to="/colours">{{ t('shelf.Shelf.whatEachColourDoes') }}</RouterLink>
        <button v-if="person?.mayPlan" class="may" type="button" @click="adding = true; open(null)">{{ t('shelf.Shelf.aNewProduct') }}</button>
      </nav>
      <p v-if="shelf && shelf.products.length === 0" class="text-xl py-8 max-w-2xl">{{ t('shelf.Shelf.nothingStandsHereYet') }}</p>
      <p v-else-if="shelf && found.length === 0" class="text-xl py-8">{{ t('shelf.Shelf.nothingOfThatName') }}</p>
      <section v-for="board in boards" :key="board.id" :aria-label="board.label">
        <h2 class="text-xl mb-1">{{ board.label }}</h2>
        <ul class="grid grid-cols-[repeat(auto-fill,minmax(6.2rem,1fr))] gap-y-3">
          <li v-for="p in board.products" :key="p.id" class="shelf flex">
            <button
              class="grow grid content-start justify-items-center px-1 pt-1 pb-1.5 leading-tight hover:bg-paper" type="button"
              :class="p.id === product ? 'bg-raised outline-2 -outline-offset-2 outline-ink' : ''" :aria-pressed="p.id === product" @click="open(p.id)"
            >
              <span class="relative">
                <Vessel :vessel="vesselOf(p)" :hex="p.hex" :level="level(p)" :old="p.state === 'old'" class="h-20" />
                <span
                  v-if="p.state !== 'enough'" class="absolute -top-1 -right-5 bg-ink text-raised px-1.5 text-[.8rem] font-semibold"
                >{{ STATES[p.state] }}</span>
              </span>
              <span class="text-[.92rem] font-semibold text-center">{{ p.name }}</span>
              <span class="text-[.92rem]">{{ amount(p.left, p.unit) }}</span>
            </button>
          </li>
        </ul>
      </section>
    </section>
    <aside
      class="bg-paper border-ink px-4 sm:px-6 py-5 lg:border-l-2 lg:overflow-y-auto"
      :class="product !== null || adding ? 'max-lg:order-first max-lg:border-b-2' : 'max-lg:border-t-2'" :aria-label="t('shelf.Shelf.theProduct')"
    >
      <button v-if="product !== null" class="quiet px-0! lg:hidden!" type="button" @click="open(null)">{{ t('shelf.Shelf.allOfTheShelf') }}</button>
      <ProductForm v-if="adding" :suppliers="shelf?.suppliers ?? []" @leave="adding = false" @kept="(p) => { adding = false; void reload(); open(p.id) }" />
      <ProductSheet v-else-if="product !== null" :key="product" :id="product" :suppliers="shelf?.suppliers ?? []" @changed="reload" />
      <div v-else class="grid gap-3">
        <h2 class="text-2xl">{{ worries.length > 0 ? t('shelf.Shelf.wantsLookingAfter') : t('shelf.Shelf.allIsWell') }}</h2>
        <p v-if="worries.length === 0">{{ t('shelf.Shelf.touchAProduct') }}</p>
        <ul v-else class="grid">
          <li v-for="p in worries" :key="p.id" class="border-b border-line">
            <button class="w-full text-left py-2 min-h-12 leading-snug hover:bg-raised" type="button" @click="open(p.id)">
              <strong>{{ p.name }}</strong><br>{{ p.says }}<template v-if="p.ordered > 0">{{ ' ' }}{{
                plural('shelf.Shelf.packsAreOnTheirWay', p.ordered)
              }}</template>
            </button>
          </li>
        </ul>
      </div>
    </aside>
  </main>
</template>
