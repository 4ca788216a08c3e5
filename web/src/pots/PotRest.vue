<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import type { PotView } from '../api/types'
import { figure } from '../kit/figure'
import { useNow } from '../session/useNow'
import { t } from '../words'
import { toldAll } from './told'

/** A pot that is closed: its rest is opened, used or thrown away, and its colour mixed again. */
const props = defineProps<{ pot: PotView, elsewhere: boolean, busy: boolean }>()
const emit = defineEmits<{ open: [], again: [ml: number, rest: boolean], throw: [why: string] }>()
const now = useNow()
const kept = computed(() => props.pot.state === 'kept')
const isOld = computed(() => props.pot.goodUntil !== null && now.value > Date.parse(props.pot.goodUntil))
const ml = ref((props.pot.keptMl ?? 0) > 0 ? String(props.pot.keptMl) : props.pot.total > 0 ? (props.pot.total * props.pot.dropMl).toFixed(1) : '')
const rest = ref(kept.value)
const why = ref('')
const throwing = ref(false)
</script>

<template>
  <div class="grid gap-4">
    <h2 class="text-2xl">{{ kept ? t('pots.PotScreen.mlAreKept', [pot.keptMl, pot.keptWhere === '' ? '' : `: ${pot.keptWhere}`]) :
      t('pots.PotScreen.thisPotIsUsedUp') }}</h2>
    <p class="text-lg">{{ toldAll(pot.drops) }}</p>
    <p v-if="isOld" class="caution">{{ t('pots.PotRest.keptForLongStirIt') }}</p>
    <p v-if="kept" class="flex flex-wrap gap-3">
      <RouterLink class="may" :to="`/pots/${pot.id}/label`">{{ t('pots.PotScreen.printItsLabel') }}</RouterLink>
      <button class="may" type="button" :disabled="busy" @click="emit('open')">{{ t('pots.PotRest.openItAgain') }}</button>
      <button class="quiet" type="button" @click="throwing = !throwing">{{ t('pots.PotRest.throwItAway') }}</button>
    </p>
    <form v-if="throwing && kept" class="flex flex-wrap items-end gap-3" @submit.prevent="emit('throw', why)">
      <label class="grid gap-1 grow">{{ t('pots.PotRest.why') }}<input v-model="why" class="write" maxlength="250" required></label>
      <button class="may" type="submit" :disabled="busy">{{ t('pots.PotRest.throwItAway') }}</button>
    </form>
    <form v-if="pot.total > 0" class="grid gap-3 border-t border-line pt-3" @submit.prevent="emit('again', figure(ml), kept && rest)">
      <h3 class="text-xl">{{ elsewhere ? t('pots.PotRest.mixItForTheOther') : t('pots.PotRest.mixThisColourAgain') }}</h3>
      <div class="flex flex-wrap items-end gap-3">
        <label class="grid gap-1 w-40">{{ t('pots.PotRest.howMuchMl') }}<input v-model="ml" class="write" inputmode="decimal" required></label>
        <label v-if="kept" class="flex items-center gap-2 min-h-11"><input v-model="rest" class="size-6 accent-ink" type="checkbox">{{
          t('pots.PotRest.fromTheRestAsFar')
        }}</label>
        <button class="do" type="submit" :disabled="busy">{{ t('pots.PotRest.mixItAgain') }}</button>
      </div>
    </form>
  </div>
</template>
