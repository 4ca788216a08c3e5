<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import type { AgreedView, Half, KindView, PartAgreementInput, PartName, PartsInput, PartView, WordsView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { newShades } from './newShades'
import PartWishes from '../step/PartWishes.vue'
import { t } from '../words'

/** What is known of a part, as a sentence with the choices inside it. */
const props = defineProps<{
  half: Half
  part: PartName | 'outer'
  name: string
  plural: boolean
  parts: readonly PartView[]
  kind: KindView
  words: WordsView
  disabled: boolean
  /** what was agreed for the whole piece */
  agreed: AgreedView
}>()
const emit = defineEmits<{ see: [parts: Omit<PartsInput, 'version'>], agree: [given: Omit<PartAgreementInput, 'version'>] }>()

const alike = ref(true)
const first = computed(() => props.parts[0])
const isPair = computed(() => props.kind.halves.length > 1)
const mixed = (key: 'material' | 'certainty' | 'dryness' | 'shade'): boolean => new Set(props.parts.map((p) => p[key])).size > 1
/** The usual ones first, then every other that it may be after all. */
const materials = computed(() => {
  const usual = props.kind.parts.find((p) => p.id === first.value?.part)?.materials ?? []
  const outer = props.kind.parts.find((p) => p.id === first.value?.part)?.outer === true
  const found = usual.flatMap((id) => props.words.materials.filter((m) => m.id === id))
  return outer ? [...found, ...props.words.materials.filter((m) => m.upper && !usual.includes(m.id))] : found
})
const meaning = computed(() => (mixed('material') ? '' : props.words.materials.find((m) => m.id === first.value?.material)?.meaning ?? ''))
const places = (): PartsInput['places'] => {
  const halves = alike.value ? props.kind.halves : [props.half]
  return halves.flatMap((half) => props.parts.map((p) => ({ part: p.part, half })))
}
const say = (what: Omit<PartsInput, 'version' | 'places'>): void => emit('see', { places: places(), ...what })
const own = computed(() => first.value?.agreed ?? null)
const agree = (what: Partial<NonNullable<PartAgreementInput['agreed']>>): void =>
  emit('agree', { places: places(), agreed: { ...props.agreed, ...own.value, ...what } })
const flagged = computed(() => {
  const said = new Set<string>([...(first.value?.flags ?? []), ...(first.value?.wishes ?? [])])
  return [...props.words.flags, ...props.words.wishes].filter((w) => said.has(w.id)).map((w) => w.label)
})
const area = ref<number | ''>('')
</script>

<template>
  <div v-if="first" class="grid gap-2 border-t-2 border-ink pt-3">
    <p class="text-xl leading-loose">
      {{ t('piece.PartSentence.the') }} <strong>{{ alike || half === 'whole' ? '' : half }} {{ name }}</strong> {{
        plural ? t('piece.PartSentence.are') : t('piece.PartSentence.is')
      }}
      <Choice
        :model-value="first.material" :mixed="mixed('material')" :label="t('piece.PartSentence.material')" :disabled="disabled" :options="materials"
        @update:model-value="(material) => say({ material })"
      />,
      <Choice
        :model-value="first.certainty" :mixed="mixed('certainty')" :label="t('piece.PartSentence.certainty')" :disabled="disabled" :options="words.certainties"
        @update:model-value="(certainty) => say({ certainty })"
      />;
      {{ plural ? t('piece.PartSentence.theyAre') : t('piece.PartSentence.itIs') }} <Choice
        :model-value="first.dryness" :mixed="mixed('dryness')" :label="t('piece.PartSentence.dryness')" :disabled="disabled"
        :options="words.dryness" @update:model-value="(dryness) => say({ dryness })"
      />{{ t('piece.PartSentence.and') }} <Choice
        :model-value="first.shade" :mixed="mixed('shade')" :label="t('piece.PartSentence.shade')" :disabled="disabled" :options="words.shades"
        @update:model-value="(shade) => say({ shade })"
      />.
    </p>
    <p v-if="meaning" class="text-soft">{{ meaning }}</p>
    <div class="flex flex-wrap gap-x-6 items-center">
      <label v-if="isPair" class="flex items-center gap-3 min-h-11"><input v-model="alike" type="checkbox" class="size-5 accent-ink"> {{
        t('piece.PartSentence.sameOnBothHalves')
      }}</label>
      <Disclosure v-slot="{ open }" as="div" class="contents">
        <DisclosureButton class="quiet">{{
          t('piece.PartSentence.aboutIt', [
            open ? t('piece.PartSentence.less') : t('piece.PartSentence.more'), flagged.length > 0 ? `: ${flagged.join(', ')}` : ''
          ])
        }}</DisclosureButton>
        <DisclosurePanel class="basis-full grid gap-2 pb-1">
          <div class="flex flex-wrap gap-x-6">
            <label v-for="flag in words.flags" :key="flag.id" class="flex items-center gap-3 min-h-11">
              <input
                type="checkbox" class="size-5 accent-ink" :disabled="disabled" :checked="first.flags.includes(flag.id)"
                @change="say({ flags: first.flags.includes(flag.id) ? first.flags.filter((f) => f !== flag.id) : [...first.flags, flag.id] })"
              >
              {{ flag.label }}
            </label>
          </div>
          <PartWishes :parts="parts" :words="words" :disabled="disabled" @wish="(wishes) => say({ wishes })" />
          <form class="flex items-end gap-3" novalidate @submit.prevent="area !== '' && say({ areaDm2: area })">
            <label>{{ t('piece.PartSentence.measuredAreaDm') }}<input
              v-model.number="area" class="write block w-32!" name="areaDm2" type="number" min="0" step="0.1"
              :placeholder="first.areaDm2 === null ? '' : String(first.areaDm2)" :disabled="disabled"
            ></label>
            <button class="may" type="submit" :disabled="disabled || area === ''">{{ t('piece.PartSentence.takeIt') }}</button>
          </form>
          <p class="text-lg">
            <template v-if="own">
              {{ t('piece.PartSentence.itGoesItsOwnWay') }} <Choice
                :model-value="own.aim" :label="t('piece.PartSentence.aimOfThePart')" :disabled="disabled" :options="words.aims"
                @update:model-value="(aim) => agree({ aim })"
              />,
              <Choice
                :model-value="own.gloss" :label="t('piece.PartSentence.glossOfThePart')" :disabled="disabled" :options="words.glosses"
                @update:model-value="(gloss) => agree({ gloss })"
              />,
              <template v-if="own.aim === 'recolour'">{{ t('piece.PartSentence.in') }} <Choice
                :model-value="own.newShade ?? ''" :label="t('piece.PartSentence.newColourOfThePart')" :disabled="disabled" :options="newShades(words)"
                @update:model-value="(shade) => agree({ newShade: shade === '' ? null : shade })"
              />,</template>
              {{ t('piece.PartSentence.signsOfAge') }} <Choice
                :model-value="own.patina" :label="t('piece.PartSentence.patinaOfThePart')" :disabled="disabled" :options="words.patinas"
                @update:model-value="(patina) => agree({ patina })"
              />.
              <button type="button" class="quiet" :disabled="disabled" @click="emit('agree', { places: places(), agreed: null })">{{
                t('piece.PartSentence.asTheRest')
              }}</button>
            </template>
            <button v-else type="button" class="quiet" :disabled="disabled" @click="agree({})">{{ t('piece.PartSentence.agreeOnSomethingElseFor') }}</button>
          </p>
        </DisclosurePanel>
      </Disclosure>
    </div>
  </div>
</template>
