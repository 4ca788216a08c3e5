<script setup lang="ts">
import { computed, ref } from 'vue'
import { limits } from '../api/types'
import type { Applicator, Gloss, PlannedColourView, PotInput, ReadingView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { figure } from '../kit/figure'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** What a new pot is for: one sentence with the choices in it. */
const props = defineProps<{
  target: ReadingView
  ground: ReadingView | null
  gloss: Gloss
  busy: boolean
  name: string
  areas: Readonly<Record<string, number>>
  planned: readonly PlannedColourView[]
}>()
const emit = defineEmits<{ mix: [given: PotInput] }>()
const words = useWords()
const finish = ref(props.gloss)
const applicator = ref<Applicator>('sponge')
const coats = ref(props.ground === null ? 2 : 3)
/** What the plan lays there, on these and perhaps on other parts. */
const ofPlan = computed(() => props.planned.find((g) => g.places.some((p) => p.half === props.target.half && p.part === props.target.part)) ?? null)
const byPlan = ref(ofPlan.value !== null)
const area = ref('0.3')
const mix = (): void => {
  const given = { name: props.name, target: props.target.id, ground: props.ground?.id ?? null, finish: finish.value, applicator: applicator.value }
  emit('mix', byPlan.value && ofPlan.value !== null
    ? { ...given, coats: ofPlan.value.coats, areaDm2: Math.max(0.01, whole.value), places: ofPlan.value.places, planned: true }
    : { ...given, coats: coats.value, areaDm2: figure(area.value) })
}
const halves = computed(() => Object.keys(props.areas).filter((key) => key.endsWith(`/${props.target.part}`)))
const whole = computed(() => halves.value.reduce((sum, key) => sum + (props.areas[key] ?? 0), 0))
</script>

<template>
  <form
    v-if="words" class="grid gap-3 border-2 border-ink p-4"
    @submit.prevent="mix"
  >
    <h2 class="text-2xl">{{ t('colour.MixPot.aPotForIt') }}</h2>
    <div v-if="ofPlan" class="flex flex-wrap gap-3">
      <button class="may" type="button" :aria-pressed="byPlan" @click="byPlan = true">{{ t('colour.MixPot.theCoatsOfThePlan') }}</button>
      <button class="may" type="button" :aria-pressed="!byPlan" @click="byPlan = false">{{ t('colour.MixPot.somethingElse') }}</button>
    </div>
    <template v-if="ofPlan && byPlan">
      <p class="text-lg">{{ t('colour.MixPot.coatsOnMl', [ofPlan.coats, ofPlan.words, ofPlan.ml]) }}</p>
      <p class="text-lg">{{ t('colour.MixPot.withAFinish') }} <Choice v-model="finish" :label="t('colour.MixPot.finish')" :options="words.glosses" /> {{
        t('colour.MixPot.finishOverIt')
      }}</p>
    </template>
    <p v-if="!byPlan" class="text-lg leading-loose">
      {{
        t('colour.MixPot.toMatchOfThe', [target.spotLabel, target.half === 'whole' ? '' : target.half, target.partLabel])
      }}<template v-if="ground">{{ t('colour.MixPot.over', [ground.spotLabel]) }}</template>,
      <label>{{
        t('colour.MixPot.on')
      }} <input v-model="area" class="write w-20! min-h-11! inline-block text-right" inputmode="decimal" :aria-label="t('colour.MixPot.areaInDm')"> {{
        t('colour.MixPot.dm')
      }}</label>{{ t('colour.MixPot.in') }} <button
        class="may min-w-11 min-h-11!" type="button" :aria-label="t('colour.MixPot.oneCoatFewer')" :disabled="coats <= limits.PotInput.coats.min"
        @click="coats--"
      >−</button> <strong>{{ coats }}</strong> <button
        class="may min-w-11 min-h-11!" type="button" :aria-label="t('colour.MixPot.oneCoatMore')" :disabled="coats >= limits.PotInput.coats.max"
        @click="coats++"
      >+</button> {{
        t('colour.MixPot.coatsBy')
      }} <Choice v-model="applicator" :label="t('colour.MixPot.applicator')" :options="words.applicators.filter((a) => a.laysPaint)" />{{
        t('colour.MixPot.withA')
      }} <Choice v-model="finish" :label="t('colour.MixPot.finish')" :options="words.glosses" /> {{
        t('colour.MixPot.finishOverIt')
      }}
    </p>
    <p v-if="!byPlan" class="flex flex-wrap gap-3">
      <button class="may" type="button" :aria-pressed="area === '0.3'" @click="area = '0.3'">{{ t('colour.MixPot.theSpot') }}</button>
      <button class="may" type="button" :aria-pressed="area === whole.toFixed(1)" @click="area = whole.toFixed(1)">{{
        t('colour.MixPot.theWholeDm', [target.partLabel, halves.length > 1 ? t('colour.MixPot.bothHalves') : '', whole.toFixed(1)])
      }}</button>
    </p>
    <button class="do justify-self-start" type="submit" :disabled="busy">{{ t('colour.MixPot.openThePot') }}</button>
  </form>
</template>
