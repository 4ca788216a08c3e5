<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, Problem } from '../api/client'
import type { FamilyId, ProductInput, ProductSheetView, Shade, Unit } from '../api/types'
import Choice from '../kit/Choice.vue'
import { figure } from '../kit/figure'
import { cents, money } from '../kit/money'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** A product as it is bought and used; what of it was used already stays what it is. */
const props = defineProps<{ product?: ProductSheetView, suppliers: readonly string[] }>()
const emit = defineEmits<{ kept: [product: ProductSheetView], leave: [] }>()
const words = useWords()
const { busy, problem, run } = useAct()
const was = props.product
const text = (n: number | null | undefined): string => n === null || n === undefined ? '' : String(n)
const name = ref(was?.name ?? '')
const family = ref<FamilyId | ''>(was?.family ?? '')
const shade = ref<Shade | ''>(was?.shade ?? '')
const unit = ref<Unit>(was?.unit ?? 'ml')
const pack = ref(text(was?.pack ?? 100))
const price = ref(money(was?.packCents ?? null))
const supplier = ref(was?.supplier ?? '')
const leadDays = ref(text(was?.leadDays ?? 7))
const density = ref(text(was?.densityGPerMl ?? 1))
const emptyG = ref(text(was?.emptyPackG))
const water = ref(text(was?.water))
const notOn = ref(was?.notOn ?? '')
const months = ref(text(was?.openedMonths))
const retired = ref(was?.retired ?? false)
const errors = ref<Readonly<Record<string, string>>>({})
const families = computed(() => [{ id: '' as FamilyId | '', label: t('shelf.ProductForm.ofNoFamily') }, ...words.value?.products ?? []])
const shades = computed(() => [{ id: '' as Shade | '', label: t('shelf.ProductForm.noShade') }, ...words.value?.shades ?? []])
const UNITS = [
  { id: 'ml' as Unit, label: t('shelf.ProductForm.ml') }, { id: 'g' as Unit, label: t('shelf.ProductForm.g') },
  { id: 'm' as Unit, label: t('shelf.ProductForm.m') }, { id: 'pcs' as Unit, label: t('shelf.ProductForm.pcs') },
]
const isColour = was !== undefined && was.kind !== 'plain'
const measuredIn = computed(() => family.value === '' ? unit.value : was?.family === family.value ? was.unit : t('shelf.ProductForm.mlOrG'))
const optional = (typed: string): number | null => typed.trim() === '' ? null : figure(typed)

const keep = async (): Promise<void> => {
  const packCents = cents(price.value)
  const figures = { pack: figure(pack.value), leadDays: figure(leadDays.value), densityGPerMl: figure(density.value) }
  const faulty = Object.fromEntries(Object.entries(figures).filter(([, n]) => Number.isNaN(n)).map(([key]) => [key, t('shelf.ProductForm.aFigureIsNeeded')]))
  errors.value = packCents === undefined ? { ...faulty, packCents: t('shelf.ProductSheet.thatIsNoPrice') } : faulty
  if (Object.keys(errors.value).length > 0 || packCents === undefined) {
    return
  }
  const input: ProductInput = {
    name: name.value,
    family: family.value === '' ? null : family.value,
    shade: shade.value === '' ? null : shade.value,
    unit: unit.value,
    ...figures,
    packCents,
    supplier: supplier.value,
    emptyPackG: optional(emptyG.value),
    water: optional(water.value),
    notOn: notOn.value,
    openedMonths: optional(months.value),
    retired: retired.value,
    version: was?.version ?? 0,
  }
  await run(async () => {
    try {
      return await (was ? api.put<ProductSheetView>(`/products/${was.id}`, input) : api.post<ProductSheetView>('/products', input))
    } catch (error) {
      errors.value = error instanceof Problem ? error.errors : {}
      throw error
    }
  }, (kept) => {
    emit('kept', kept)
  })
}
</script>

<template>
  <form class="grid gap-3" novalidate @submit.prevent="keep">
    <h2 class="text-2xl">{{ was ? was.name : t('shelf.ProductForm.aNewProduct') }}</h2>
    <Notice :text="problem" @again="keep" />
    <label class="grid gap-1">{{ t('shelf.ProductForm.name') }}<input
      v-model="name" class="write" name="name" maxlength="80" :aria-invalid="'name' in errors"
    ></label>
    <p v-if="!isColour" class="text-lg leading-relaxed">
      {{ t('shelf.ProductForm.itIs') }} <Choice v-model="family" :options="families" :label="t('shelf.ProductForm.family')" />,
      <Choice v-model="shade" :options="shades" :label="t('shelf.ProductForm.shade')" /><template v-if="family === ''">, {{ t('shelf.ProductForm.measuredIn') }}
        <Choice v-model="unit" :options="UNITS" :label="t('shelf.ProductForm.unit')" /></template>.
    </p>
    <div class="grid grid-cols-2 gap-3">
      <label class="grid gap-1">{{ t('shelf.ProductForm.aPackHolds', [measuredIn]) }}<input
        v-model="pack" class="write" name="pack" inputmode="decimal" :aria-invalid="'pack' in errors"
      ></label>
      <label class="grid gap-1">{{ t('shelf.ProductForm.price') }}<input
        v-model="price" class="write" name="price" inputmode="decimal" :aria-invalid="'packCents' in errors"
      ></label>
      <label class="grid gap-1 col-span-2">{{ t('shelf.ProductForm.supplier') }}<input
        v-model="supplier" class="write" name="supplier" list="suppliers" maxlength="80"
      >
        <datalist id="suppliers"><option v-for="s in suppliers" :key="s" :value="s" /></datalist></label>
      <label class="grid gap-1">{{ t('shelf.ProductForm.daysToCome') }}<input v-model="leadDays" class="write" name="leadDays" inputmode="numeric"></label>
      <label class="grid gap-1">{{ t('shelf.ProductForm.keepsMonths') }}<input
        v-model="months" class="write" name="openedMonths" inputmode="numeric" :placeholder="text(was?.keepsMonths)"
      ></label>
      <template v-if="family !== '' || unit === 'ml' || unit === 'g'">
        <label class="grid gap-1">{{ t('shelf.ProductForm.weighs') }}<input
          v-model="density" class="write" name="density" inputmode="decimal"
        ></label>
        <label class="grid gap-1">{{ t('shelf.ProductForm.emptyPack') }}<input v-model="emptyG" class="write" name="emptyPackG" inputmode="decimal"></label>
        <label v-if="family !== ''" class="grid gap-1">{{ t('shelf.ProductForm.partsOfWater') }}<input
          v-model="water" class="write" name="water" inputmode="decimal" :placeholder="t('shelf.ProductForm.asUsual')"
        ></label>
      </template>
      <label class="grid gap-1 col-span-2">{{ t('shelf.ProductForm.notOn') }}<input v-model="notOn" class="write" name="notOn" maxlength="200"></label>
    </div>
    <label v-if="was" class="flex items-center gap-3 min-h-11"><input v-model="retired" type="checkbox" class="size-6">{{
      t('shelf.ProductForm.noLongerBought')
    }}</label>
    <ul v-if="Object.keys(errors).length > 0" role="alert"><li v-for="(message, field) in errors" :key="field">{{ message }}</li></ul>
    <div class="flex gap-3">
      <button class="do grow" type="submit" :disabled="busy">{{ t('shelf.ProductForm.keepIt') }}</button>
      <button class="quiet" type="button" @click="emit('leave')">{{ t('shelf.ProductForm.leaveIt') }}</button>
    </div>
  </form>
</template>
