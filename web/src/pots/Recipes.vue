<script setup lang="ts">
import { computed, ref } from 'vue'
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import type { DropView, RecipesView, RecipeView, SeenView } from '../api/types'
import Choice from '../kit/Choice.vue'
import HalfFields from './HalfFields.vue'
import { useLamp } from './useLamp'
import { money } from '../kit/money'
import { t } from '../words'
import { toldAll } from './told'

/** Recipes from the shelf, each edge to edge with its target. */
const props = defineProps<{
  recipes: RecipesView | null
  aim: SeenView
  busy: boolean
  paints: readonly DropView[]
  without: readonly string[]
}>()
const emit = defineEmits<{ choose: [recipe: RecipeView], without: [codes: readonly string[]] }>()
const shelf = computed(() => props.paints.filter((p) => p.leftMl > 0))
const toggle = (code: string): void =>
  emit('without', props.without.includes(code) ? props.without.filter((c) => c !== code) : [...props.without, code])
const { under } = useLamp()
type Order = 'match' | 'paints' | 'cover' | 'cost'
const order = ref<Order>('match')
const orders: readonly { id: Order, label: string, meaning: string }[] = [
  { id: 'match', label: t('pots.Recipes.nearestMatch'), meaning: t('pots.Recipes.underTheThreeLights') },
  { id: 'paints', label: t('pots.Recipes.fewestPaints'), meaning: t('pots.Recipes.easierToMixAgain') },
  { id: 'cover', label: t('pots.Recipes.bestCover'), meaning: t('pots.Recipes.oneCoatOverBlackAnd') },
  { id: 'cost', label: t('pots.Recipes.lowestCost'), meaning: t('pots.Recipes.wherePricesAreKnown') },
]
const by: Record<Order, (r: RecipeView) => number> = {
  match: (r) => r.weighted,
  paints: (r) => r.paints,
  cover: (r) => -r.cover,
  cost: (r) => r.cents ?? Infinity,
}
const sorted = computed(() => once(props.recipes?.recipes ?? []).sort((a, b) => by[order.value](a) - by[order.value](b) || a.weighted - b.weighted))
/** Two that differ by nothing are one. */
const once = (all: readonly RecipeView[]): RecipeView[] => all.filter((r, i) => all.findIndex((other) => drops(other) === drops(r)) === i)
const drops = (r: RecipeView): string => toldAll(r.drops)
</script>

<template>
  <div class="grid gap-3 content-start">
    <p class="text-lg">{{
      t('pots.Recipes.recipesFromTheShelf')
    }} <Choice v-model="order" :label="t('pots.Recipes.order')" :options="orders" /> {{ t('pots.Recipes.first') }}</p>
    <Disclosure v-slot="{ open }" as="div">
      <DisclosureButton class="quiet">{{
        open ? t('pots.Recipes.less') : without.length === 0 ? t('pots.Recipes.leavePaintsStanding') : t('pots.Recipes.leftStanding', [without.length])
      }}</DisclosureButton>
      <DisclosurePanel class="flex flex-wrap gap-x-5 gap-y-1" role="group" :aria-label="t('pots.Recipes.paintsThatARecipe')">
        <label v-for="p in shelf" :key="p.code" class="inline-flex items-center gap-2 min-h-11"><input
          type="checkbox" class="size-5 accent-ink" :checked="!without.includes(p.code)" @change="toggle(p.code)"
        ><span class="size-5 border border-soft" :style="{ backgroundColor: p.hex }" />{{ p.name }}</label>
      </DisclosurePanel>
    </Disclosure>
    <p v-if="recipes === null" class="text-lg text-soft" role="status">{{ t('pots.Recipes.tryingEverySetOfPaints') }}</p>
    <p v-if="recipes?.missing" class="caution">{{ recipes.missing }}</p>
    <ol class="grid">
      <li v-for="(r, i) in sorted" :key="drops(r)" class="grid grid-cols-[7rem_1fr] gap-x-4 gap-y-1 border-t border-line py-3">
        <HalfFields
          class="bg-surround p-2 self-start" :left="under(aim)" :right="under(r.seen)" :left-label="t('pots.Recipes.target')"
          :right-label="t('pots.Recipes.recipe', [i + 1])"
        />
        <div class="grid gap-1 min-w-0">
          <p class="font-semibold leading-snug">{{ drops(r) }}</p>
          <p class="text-[.95rem] leading-snug">{{
            t('pots.Recipes.eByDayByLamp', [
              r.day.toFixed(1), r.lamp.toFixed(1), r.tube.toFixed(1), r.lights, r.total, r.ml.toFixed(1), Math.round(r.cover * 100)
            ])
          }}<template v-if="r.cents !== null">{{ t('pots.Recipes.costs', [money(r.cents)]) }}</template>.</p>
          <p v-for="s in r.short" :key="s" class="caution text-[.95rem]">{{ s }}</p>
          <button :class="i === 0 ? 'do' : 'may'" class="justify-self-start" type="button" :disabled="busy" @click="emit('choose', r)">{{
            t('pots.Recipes.mixThisOne')
          }}</button>
        </div>
      </li>
    </ol>
  </div>
</template>
