<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FamilyId, KindView, Material, Outcome, PartView, PlaceInput, Trial, TrialInput, TrialView, WordsView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { t } from '../words'

/** From a guess to what is known: the odds so far, the trial that settles most for the least risk, and what came of those that were done. */
const props = defineProps<{
  part: PartView
  kind: KindView
  words: WordsView
  trials: readonly TrialView[]
  busy: boolean
  disabled: boolean
  tried: (trial: Omit<TrialInput, 'version'>) => Promise<boolean>
}>()
const emit = defineEmits<{ forget: [trial: number] }>()

const own = ref<Trial | null>(null)
const speaks = ref('fellow')
const product = ref<FamilyId>('conditioner')
/** Readings of the hidden place before the product and dry after it, as L* a* b*. */
const before = ref('')
const after = ref('')
const lab = (text: string): number[] | null =>
  text.trim() === ''
    ? null
    : text
        .trim()
        .split(/[\s,;]+/)
        .map(Number)
const trial = computed(() => props.words.trials.find((t) => t.id === (own.value ?? props.part.nextTrial)))
const here = computed(() =>
  props.trials.filter((t) => (t.half === props.part.half && t.part === props.part.part) || t.speaksFor.includes(`${props.part.half}/${props.part.part}`)),
)
const material = (id: Material): string => props.words.materials.find((m) => m.id === id)?.label ?? id
const said = (t: TrialView): string => {
  const word = props.words.trials.find((x) => x.id === t.trial)
  const product = t.product ? ` (${props.words.products.find((p) => p.id === t.product)?.label ?? t.product})` : ''
  return `${word?.label ?? t.trial}${product}: ${word?.outcomes.find((o) => o.id === t.outcome)?.label ?? t.outcome}`
}
const outer = computed(() => props.kind.parts.find((p) => p.id === props.part.part)?.outer === true)
const SPEAKS = computed(() => [
  ...(props.kind.halves.length > 1 ? [{ id: 'fellow', label: t('piece.MaterialFinder.thisPartOnBothHalves') }] : []),
  { id: 'here', label: t('piece.MaterialFinder.thisPartOnly') },
  ...(outer.value ? [{ id: 'outer', label: t('piece.MaterialFinder.theWhole', [props.kind.outer]) }] : []),
])
const chosenSpeaks = computed(() => (SPEAKS.value.some((s) => s.id === speaks.value) ? speaks.value : 'here'))
const places = (): PlaceInput[] => {
  const parts = chosenSpeaks.value === 'outer' ? props.kind.parts.filter((p) => p.outer).map((p) => p.id) : [props.part.part]
  const halves = chosenSpeaks.value === 'here' ? [props.part.half] : props.kind.halves
  return parts.flatMap((part) => halves.map((half) => ({ part, half } as PlaceInput))).filter((p) => p.part !== props.part.part || p.half !== props.part.half)
}
const came = async (outcome: Outcome): Promise<void> => {
  if (trial.value === undefined) {
    return
  }
  const done = await props.tried({
    part: props.part.part,
    half: props.part.half,
    trial: trial.value.id,
    outcome,
    speaksFor: places(),
    ...(trial.value.id === 'T-7' ? { product: product.value, before: lab(before.value), after: lab(after.value) } : {}),
  })
  if (done) {
    own.value = null
    before.value = ''
    after.value = ''
  }
}
</script>

<template>
  <section v-if="part.odds.length > 0 || here.length > 0" class="grid gap-2 bg-paper px-4 py-3" :aria-label="t('piece.MaterialFinder.whatItIsMadeOf')">
    <p v-if="part.odds.length > 1" class="flex flex-wrap gap-x-4 gap-y-1">
      <span v-for="o in part.odds" :key="o.material" class="inline-flex items-center gap-2">
        <span class="inline-block h-2.5 bg-ink" :style="{ width: `${Math.max(2, o.odds * 70)}px` }" aria-hidden="true" />{{
          t('piece.MaterialFinder.in100', [material(o.material), Math.round(o.odds * 100)])
        }}</span>
    </p>
    <p v-for="c in part.contradictions" :key="c" class="caution">{{ c }}</p>
    <ul v-if="here.length > 0">
      <li v-for="made in here" :key="made.id" class="flex items-center gap-3 min-h-11">
        <span v-if="made.before" class="size-6 border border-soft" :style="{ backgroundColor: made.before }" :title="t('piece.MaterialFinder.before')" />
        <span v-if="made.after" class="size-6 border border-soft -ml-3" :style="{ backgroundColor: made.after }" :title="t('piece.MaterialFinder.afterDry')" />
        <span class="grow first-letter:uppercase">{{ said(made) }}</span>
        <button
          v-if="!disabled" type="button" class="quiet" :aria-label="t('piece.MaterialFinder.takeAwayTheTrial', [said(made)])"
          @click="emit('forget', made.id)"
        >{{
          t('piece.MaterialFinder.takeAway')
        }}</button>
      </li>
    </ul>
    <template v-if="trial && !disabled">
      <p class="text-lg"><span class="font-bold">{{
                           own === null ? t('piece.MaterialFinder.next') : ''
                         }}{{ trial.label }}.</span> {{ t('piece.MaterialFinder.itSpeaksFor', [trial.how]) }}
        <Choice :model-value="chosenSpeaks" :label="t('piece.MaterialFinder.itSpeaksFor2')" :options="SPEAKS" @update:model-value="(v) => speaks = v" />
        <template v-if="trial.id === 'T-7'">{{
          t('piece.MaterialFinder.with')
        }} <Choice v-model="product" :label="t('piece.MaterialFinder.product')" :options="words.products" /></template>.</p>
      <div v-if="trial.id === 'T-7'" class="flex gap-3">
        <label>{{
          t('piece.MaterialFinder.readingBefore')
        }}<input v-model="before" class="write block" name="labBefore" placeholder="L* a* b*: 40 12 20"></label>
        <label>{{
          t('piece.MaterialFinder.readingAfterDry')
        }}<input v-model="after" class="write block" name="labAfter" placeholder="L* a* b*: 37 12 18"></label>
      </div>
      <div class="flex flex-wrap gap-2" role="group" :aria-label="t('piece.MaterialFinder.whatCameOfIt', [trial.label])">
        <button v-for="o in trial.outcomes" :key="o.id" type="button" class="may px-3!" :disabled="busy" @click="came(o.id)">{{ o.label }}</button>
      </div>
    </template>
    <p v-else-if="part.certainty !== 'known' && !disabled" class="text-soft">{{ t('piece.MaterialFinder.noTrialIsWorthIts') }}</p>
    <p v-if="!disabled" class="text-soft">{{ t('piece.MaterialFinder.anotherTrial') }} <Choice
      :model-value="own ?? ''" :label="t('piece.MaterialFinder.anotherTrial2')"
      :options="[{ id: '', label: t('piece.MaterialFinder.theOneProposed') }, ...words.trials]" @update:model-value="(v) => own = v === '' ? null : v"
    /></p>
  </section>
</template>
