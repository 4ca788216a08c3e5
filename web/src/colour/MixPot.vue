<script setup lang="ts">
import { computed, ref } from 'vue'
import { limits } from '../api/types'
import type { Applicator, Gloss, PotInput, ReadingView } from '../api/types'
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
}>()
const emit = defineEmits<{ mix: [given: PotInput] }>()
const words = useWords()
const finish = ref(props.gloss)
const applicator = ref<Applicator>('sponge')
const coats = ref(props.ground === null ? 2 : 3)
const area = ref('0.3')
const halves = computed(() => Object.keys(props.areas).filter((key) => key.endsWith(`/${props.target.part}`)))
const whole = computed(() => halves.value.reduce((sum, key) => sum + (props.areas[key] ?? 0), 0))
</script>

<template>
  <form
    v-if="words" class="grid gap-3 border-2 border-ink p-4"
    @submit.prevent="emit('mix', { name, target: target.id, ground: ground?.id ?? null, finish, applicator, coats, areaDm2: figure(area) })"
  >
    <h2 class="text-2xl">{{ t('colour.MixPot.aPotForIt') }}</h2>
    <p class="text-lg leading-loose">
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
    <p class="flex flex-wrap gap-3">
      <button class="may" type="button" :aria-pressed="area === '0.3'" @click="area = '0.3'">{{ t('colour.MixPot.theSpot') }}</button>
      <button class="may" type="button" :aria-pressed="area === whole.toFixed(1)" @click="area = whole.toFixed(1)">{{
        t('colour.MixPot.theWholeDm', [target.partLabel, halves.length > 1 ? t('colour.MixPot.bothHalves') : '', whole.toFixed(1)])
      }}</button>
    </p>
    <button class="do justify-self-start" type="submit" :disabled="busy">{{ t('colour.MixPot.openThePot') }}</button>
  </form>
</template>
