<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { BuyInput, ProductSheetView } from '../api/types'
import { cents, money } from '../kit/money'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import LotRow from './LotRow.vue'
import Moves from './Moves.vue'
import ProductForm from './ProductForm.vue'
import { amount } from './vessels'
import { plural, t } from '../words'

/** One product: what is left of it, in which lots, and where it went. */
const props = defineProps<{ id: number, suppliers: readonly string[] }>()
const emit = defineEmits<{ changed: [] }>()
const { value: product, problem, reload } = useLoad(() => api.get<ProductSheetView>(`/products/${props.id}`))
void reload()
const { person } = useSession()
const words = useWords()
const hands = useAct(reload)
const family = computed(() => words.value?.products.find((f) => f.id === product.value?.family)?.label ?? '')
const standing = computed(() => product.value?.lots.filter((l) => l.emptiedAt === null) ?? [])
const gone = computed(() => product.value?.lots.filter((l) => l.emptiedAt !== null) ?? [])
const changing = ref(false)
const buying = ref(false)
const bought = ref({ packs: '1', price: '', place: '', batch: '' })
const wrong = ref('')

const buy = async (): Promise<void> => {
  const price = cents(bought.value.price)
  const packs = Number(bought.value.packs)
  wrong.value = price === undefined ? t('shelf.ProductSheet.thatIsNoPrice') : !Number.isInteger(packs) || packs < 1 ? t('shelf.ProductSheet.howManyPacks') : ''
  if (wrong.value !== '' || price === undefined) {
    return
  }
  const input: BuyInput = { packs, amount: null, cents: price, place: bought.value.place, batch: bought.value.batch }
  await hands.run(() => api.post<ProductSheetView>(`/products/${props.id}/lots`, input), (then) => {
    product.value = then
    buying.value = false
    emit('changed')
  })
}
const afterLot = async (): Promise<void> => {
  await reload()
  emit('changed')
}
const keepSheet = async (event: Event): Promise<void> => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file === undefined) {
    return
  }
  const form = new FormData()
  form.set('file', file)
  await hands.run(() => api.post<ProductSheetView>(`/products/${props.id}/sheet`, form), (then) => {
    product.value = then
  })
  input.value = ''
}
</script>

<template>
  <Notice :text="problem || hands.problem.value" @again="reload" />
  <ProductForm
    v-if="product && changing" :product="product" :suppliers="suppliers" @leave="changing = false"
    @kept="(p) => { product = p; changing = false; emit('changed') }"
  />
  <div v-else-if="product" class="grid gap-4">
    <header class="grid gap-1">
      <h2 class="text-2xl">{{ product.name }}</h2>
      <p class="text-soft">{{ family }}<template v-if="product.shade">, {{ product.shade.replace('-', ' ') }}</template></p>
      <p class="text-xl"><strong class="font-head text-3xl">{{ amount(product.left, product.unit) }}</strong> {{
        plural('shelf.ProductSheet.inLots', standing.length)
      }}<template v-if="product.reserved > 0">, {{ t('shelf.ProductSheet.spokenFor', [amount(product.reserved, product.unit)]) }}</template></p>
      <p v-if="product.says" class="caution">{{ product.says }}</p>
    </header>

    <form v-if="buying" class="grid gap-2 border-2 border-ink p-3" novalidate @submit.prevent="buy">
      <div class="grid grid-cols-2 gap-3">
        <label class="grid gap-1">{{ t('shelf.ProductSheet.packsOf', [amount(product.pack, product.unit)]) }}<input
          v-model="bought.packs" class="write" name="packs" inputmode="numeric"
        ></label>
        <label class="grid gap-1">{{ t('shelf.ProductSheet.priceOfOne') }}<input
          v-model="bought.price" class="write" name="price" inputmode="decimal" :placeholder="money(product.packCents)"
        ></label>
        <label class="grid gap-1">{{ t('shelf.ProductSheet.place') }}<input v-model="bought.place" class="write" name="place" maxlength="60"></label>
        <label class="grid gap-1">{{ t('shelf.ProductSheet.makersNumber') }}<input v-model="bought.batch" class="write" name="batch" maxlength="40"></label>
      </div>
      <p v-if="wrong" role="alert">{{ wrong }}</p>
      <div class="flex gap-3">
        <button class="do grow" type="submit" :disabled="hands.busy.value">{{ t('shelf.ProductSheet.putItOnTheShelf') }}</button>
        <button class="quiet" type="button" @click="buying = false">{{ t('shelf.ProductSheet.leaveIt') }}</button>
      </div>
    </form>
    <button v-else-if="person?.works" class="do" type="button" @click="buying = true">{{ t('shelf.ProductSheet.someCameIn') }}</button>

    <ul class="grid">
      <LotRow v-for="lot in standing" :key="lot.id" :lot="lot" :empty-g="product.emptyPackG" @changed="afterLot" />
    </ul>
    <details v-if="gone.length > 0">
      <summary class="quiet cursor-pointer">{{ plural('shelf.ProductSheet.emptyLots', gone.length) }}</summary>
      <ul class="grid"><LotRow v-for="lot in gone" :key="lot.id" :lot="lot" :empty-g="product.emptyPackG" @changed="afterLot" /></ul>
    </details>

    <section class="grid gap-1 leading-snug">
      <p>{{ t('shelf.ProductSheet.keeps', [product.keepsMonths]) }} {{
        product.perMonth > 0 ? t('shelf.ProductSheet.use', [amount(product.perMonth, product.unit), amount(product.usualJob, product.unit)]) : ''
      }} {{ product.orderBelow > 0 ? t('shelf.ProductSheet.orderedBelow', [amount(product.orderBelow, product.unit)]) : '' }}</p>
      <p v-if="product.water !== null">{{ t('shelf.ProductSheet.thinned', [product.water]) }}</p>
      <p v-if="product.notOn">{{ t('shelf.ProductSheet.notOn', [product.notOn]) }}</p>
      <p>{{ t('shelf.ProductSheet.packOf', [amount(product.pack, product.unit)]) }}<template v-if="product.packCents !== null">{{
        t('shelf.ProductSheet.at', [money(product.packCents)])
      }}</template><template v-if="product.supplier">{{ t('shelf.ProductSheet.from', [product.supplier, product.leadDays]) }}</template>.</p>
      <div class="flex flex-wrap gap-x-4">
        <a v-if="product.hasSheet" class="quiet px-0!" :href="`/api/products/${id}/sheet`" target="_blank" rel="noopener">{{
          t('shelf.ProductSheet.safetySheet')
        }}</a>
        <label v-if="person?.mayPlan" class="quiet px-0! cursor-pointer">{{
          product.hasSheet ? t('shelf.ProductSheet.anotherSheet') : t('shelf.ProductSheet.keepASafetySheet')
        }}<input type="file" class="sr-only" accept="application/pdf,.pdf" @change="keepSheet"></label>
        <RouterLink v-if="product.kind !== 'plain'" class="quiet px-0!" to="/colours">{{ t('shelf.ProductSheet.whatItDoesToALook') }}</RouterLink>
        <button v-if="person?.mayPlan" class="quiet px-0!" type="button" @click="changing = true">{{ t('shelf.ProductSheet.change') }}</button>
      </div>
    </section>
    <Moves :moves="product.moves" />
  </div>
</template>
