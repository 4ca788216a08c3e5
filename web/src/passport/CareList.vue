<script setup lang="ts">
import type { CareDueView, CareKind } from '../api/types'
import { t } from '../words'
import { careDay, often } from './careDay'

/** What a piece needs next, the soonest first: when, how often, why and how. */
defineProps<{ cares: readonly CareDueView[], mayTick: boolean, busy: boolean }>()
const emit = defineEmits<{ done: [kind: CareKind] }>()
const everySo = (days: number): string => {
  const { unit, count } = often(days)
  switch (unit) {
    case 'day': return t('passport.CareList.day')
    case 'days': return t('passport.CareList.days', [count])
    case 'weeks': return t('passport.CareList.weeks', [count])
    case 'months': return t('passport.CareList.months', [count])
    default: return t('passport.CareList.year')
  }
}
</script>

<template>
  <ol class="grid">
    <li v-for="c in cares" :key="c.kind" class="grid grid-cols-[minmax(0,11rem)_1fr] gap-x-5 border-t border-line py-2 leading-snug">
      <p><strong class="text-lg">{{ c.label.charAt(0).toUpperCase() + c.label.slice(1) }}</strong><br>
        <span :class="c.late ? 'font-bold underline underline-offset-4' : ''">{{
          c.late ? t('passport.CareList.since', [careDay(c.at)]) : careDay(c.at)
        }}</span><br>
        <span class="text-soft text-[.95rem]">{{ everySo(c.everyDays) }}{{ c.isTheShops ? t('passport.CareList.atTheShop') : '' }}</span></p>
      <p>{{ c.how }} <span class="text-soft">{{ c.why }}</span>
        <button v-if="mayTick && !c.isTheShops" class="quiet no-print" type="button" :disabled="busy" @click="emit('done', c.kind)">{{
          t('passport.CareList.doneToday')
        }}</button></p>
    </li>
  </ol>
</template>
