<script setup lang="ts">
import { computed, ref } from 'vue'
import type { RecipesView, RecipeView, SeenView } from '../api/types'
import Choice from '../kit/Choice.vue'
import HalfFields from './HalfFields.vue'
import { useLamp } from './useLamp'
import { money } from '../kit/money'
import { t } from '../words'
import { toldAll } from './told'

/** Recipes from the shelf, each edge to edge with its target. */
const props = defineProps<{ recipes: RecipesView | null, aim: SeenView, busy: boolean }>()
const emit = defineEmits<{ choose: [recipe: RecipeView] }>()
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
