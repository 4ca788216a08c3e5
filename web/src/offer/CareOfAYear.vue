<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api } from '../api/client'
import type { CareYearView } from '../api/types'
import { cents, money } from '../kit/money'
import { useLoad } from '../kit/useLoad'
import { sum } from './sums'
import { t } from '../words'

/** What it costs a year to keep it, by own hands or ours, against wearing it out; drawn as threads as long as they cost. */
const props = defineProps<{ replaceCents: number | null }>()
const every = ref(9)
const own = ref(25)
const ownHour = ref('15')
const materials = ref('2.50')
const shop = ref('45')
const trips = ref('6')
const replace = ref(money(props.replaceCents ?? 20000))
const cared = ref(12)
const uncared = ref(4)
const { value: year, reload } = useLoad(() => api.get<CareYearView>(`/care-of-a-year?everyMonths=${every.value}&ownMinutes=${own.value}&ownHourCents=${
  cents(ownHour.value) ?? 0}&materialCents=${cents(materials.value) ?? 0}&shopCents=${cents(shop.value) ?? 0}&tripCents=${
  cents(trips.value) ?? 0}&replaceCents=${cents(replace.value) ?? 0}&yearsCaredFor=${cared.value}&yearsUncaredFor=${uncared.value}`))
const later = useDebounceFn(reload, 250)
watch([every, own, ownHour, materials, shop, trips, replace, cared, uncared], () => void later())
watch(() => props.replaceCents, (is) => {
  if (is !== null) {
    replace.value = money(is)
  }
})
void reload()
const threads = computed(() => year.value === null ? [] : [
  { label: t('offer.CareOfAYear.ownHands'), care: year.value.ownHands, wear: year.value.kept },
  { label: t('offer.CareOfAYear.byUs'), care: year.value.shop, wear: year.value.kept },
  { label: t('offer.CareOfAYear.wornOut'), care: 0, wear: year.value.wornOut },
])
const most = computed(() => Math.max(1, ...threads.value.map((x) => x.care + x.wear)))
const LONG = 520
</script>

<template>
  <details class="border-t border-line pt-2">
    <summary class="quiet px-0! cursor-pointer text-lg">{{ t('offer.CareOfAYear.whatCareCosts') }}</summary>
    <div class="grid lg:grid-cols-[22rem_minmax(0,1fr)] gap-6 pt-2">
      <div class="grid grid-cols-2 gap-3 content-start">
        <label class="grid gap-1">{{ t('offer.CareOfAYear.everyMonths') }}<input v-model.number="every" class="write" type="number" min="1" max="60"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.ownMinutes') }}<input v-model.number="own" class="write" type="number" min="0" max="600"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.ownHour') }}<input v-model="ownHour" class="write" inputmode="decimal"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.materials') }}<input v-model="materials" class="write" inputmode="decimal"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.ourPrice') }}<input v-model="shop" class="write" inputmode="decimal"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.trips') }}<input v-model="trips" class="write" inputmode="decimal"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.anotherOne') }}<input v-model="replace" class="write" inputmode="decimal"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.yearsCared') }}<input v-model.number="cared" class="write" type="number" min="1" max="100"></label>
        <label class="grid gap-1">{{ t('offer.CareOfAYear.yearsUncared') }}<input
          v-model.number="uncared" class="write" type="number" min="1" max="100"
        ></label>
      </div>
      <div v-if="year" class="grid gap-2 content-start">
        <svg :viewBox="`0 0 ${LONG + 240} 132`" class="w-full max-w-3xl" role="img" :aria-label="year.says">
          <g v-for="(x, i) in threads" :key="x.label" :transform="`translate(0 ${10 + 42 * i})`">
            <text x="0" y="20" font-size="16" fill="var(--ink)">{{ x.label }}</text>
            <path :d="`M150 14h${LONG * x.care / most}`" stroke="var(--ink)" stroke-width="5" stroke-dasharray="12 5" />
            <path :d="`M${150 + LONG * x.care / most} 14h${LONG * x.wear / most}`" stroke="var(--faint)" stroke-width="9" />
            <text :x="160 + LONG * (x.care + x.wear) / most" y="20" font-size="17" font-weight="600" fill="var(--ink)">{{ sum(x.care + x.wear) }}</text>
          </g>
        </svg>
        <p class="text-soft">{{ t('offer.CareOfAYear.aYear') }}</p>
        <p class="text-lg">{{ year.says }}</p>
      </div>
    </div>
  </details>
</template>
