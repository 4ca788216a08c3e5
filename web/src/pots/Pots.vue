<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { PotRowView, PotsView, Shade } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import HalfFields from './HalfFields.vue'
import { t } from '../words'

/** Every pot there ever was: what is being mixed, and the kept fifths, found again by piece, by paint and by colour. */
const props = defineProps<{ near: number | null, shade: Shade | null }>()
const { value: pots, problem, reload } = useLoad(() => api.get<PotsView>(
  props.near !== null ? `/pots?near=${props.near}` : props.shade !== null ? `/pots?shade=${props.shade}` : '/pots',
))
watch(() => [props.near, props.shade], () => void reload(), { immediate: true })
const now = useNow()
const { when } = useWhen()
const sought = ref('')
const found = computed(() => {
  const words = sought.value
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '')
  return (pots.value?.pots ?? []).filter((p) =>
    words.every((w) => `${p.name} ${p.pieceName} ${p.customer} ${p.recipe} ${p.keptWhere}`.toLowerCase().includes(w)),
  )
})
const state = (p: PotRowView): string =>
  p.state === 'kept'
    ? t('pots.Pots.mlKept', [p.keptMl, p.keptWhere === '' ? '' : `, ${p.keptWhere}`])
    : p.state === 'empty'
      ? t('pots.Pots.usedUp')
      : p.drops === 0
        ? t('pots.Pots.stillEmpty')
        : t('pots.Pots.dropsInIt', [p.drops])
</script>

<template>
  <main class="grid gap-4 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-6">
      <h1 class="text-3xl grow">{{ near === null && shade === null ? t('pots.Pots.pots') : t('pots.Pots.potsNearestToThatColour') }}</h1>
      <RouterLink v-if="near !== null || shade !== null" class="may" to="/pots">{{ t('pots.Pots.allPots') }}</RouterLink>
      <label class="grid gap-1 w-80">{{ t('pots.Pots.findByPieceOwnerPaint') }}<input v-model="sought" class="write" type="search"></label>
      <RouterLink class="may" to="/colours">{{ t('pots.Pots.theShelfOfColours') }}</RouterLink>
    </header>
    <p v-if="pots && pots.pots.length === 0" class="text-xl py-10 max-w-3xl">{{
      t('pots.Pots.noPotHasBeenMixed')
    }} <strong>{{ t('pots.Pots.colour') }}</strong>{{
      t('pots.Pots.readASoundPlaceAnd')
    }}</p>
    <p v-else-if="pots && found.length === 0" class="text-xl py-10">{{ t('pots.Pots.noPotLikeThat') }}</p>
    <ul class="grid grid-cols-1 md:grid-cols-2 gap-x-8">
      <li v-for="p in found" :key="p.id" class="border-b-[5px] border-soft">
        <RouterLink
          :to="near === null ? `/pots/${p.id}` : `/pots/${p.id}?for=${near}`"
          class="grid grid-cols-[6rem_minmax(0,1fr)] sm:grid-cols-[9rem_minmax(0,1fr)] gap-4 items-center py-3 hover:bg-paper"
        >
          <HalfFields class="bg-surround p-3" :left="p.target" :right="p.mixed" :left-label="t('pots.Pots.target')" :right-label="t('pots.Pots.pot')" />
          <span class="leading-snug min-w-0">
            <span class="font-semibold text-lg block truncate">{{ p.name }}</span>
            <span class="block truncate">{{ p.pieceName }}, {{ p.customer }}</span>
            <span class="block truncate text-soft">{{ p.recipe || t('pots.Pots.nothingInItYet') }}</span>
            <span class="block"><strong>{{ state(p) }}</strong> · {{ when(p.at, now) }}<template v-if="p.near !== null"> · ΔE
              {{ p.near.toFixed(1) }}</template></span>
          </span>
        </RouterLink>
      </li>
    </ul>
  </main>
</template>
