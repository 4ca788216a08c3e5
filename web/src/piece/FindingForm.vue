<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import { limits } from '../api/types'
import type { FindingGroup, FindingKind, FindingsInput, Half, Material, PartName, WordsView } from '../api/types'
import { useKeys } from '../kit/keys'
import SeverityExample from './SeverityExample.vue'
import { t } from '../words'

/** Marks what is wrong at a place, or on several parts at once: what, one thing or several, how much it shows, how large. */
const props = defineProps<{
  words: WordsView
  half: Half
  /** one part, or all that are meant */
  parts: readonly PartName[]
  material: Material
  /** the other half, where there is one */
  other: Half | null
  busy: boolean
  mark: (given: Omit<FindingsInput, 'version'>) => Promise<boolean>
}>()

const groups = computed(() => [...new Set(props.words.findings.map((f) => f.group))])
/** The group that was used last is open again. */
const group = useLocalStorage<FindingGroup>('kindheel-finding-group', 'surface')
const kinds = ref<readonly FindingKind[]>([])
/** What is seldom found on this material is one step further. */
const further = ref(false)
/** The same on the other half; what differs is touched afterwards. All of the outside is mostly alike. */
const both = ref(props.parts.length > 1)
const empty = { severity: 2, lengthMm: '', widthMm: '', depthMm: '', share: '' } as const
const form = reactive<{ severity: number, lengthMm: number | '', widthMm: number | '', depthMm: number | '', share: number | '' }>({ ...empty })
const possible = computed(() => props.words.findings.filter((f) => f.group === group.value && f.parts.some((p) => props.parts.includes(p))))
const offered = computed(() => possible.value.filter((f) => further.value || f.usualOn.includes(props.material)))
const seldom = computed(() => possible.value.length - possible.value.filter((f) => f.usualOn.includes(props.material)).length)
const chosen = computed(() => props.words.findings.filter((f) => kinds.value.includes(f.id)))
const sized = computed(() => chosen.value.length > 0 && chosen.value.every((f) => f.hasSize))
const number = (value: number | ''): number | null => (value === '' ? null : value)
const toggle = (kind: FindingKind): void => {
  kinds.value = kinds.value.includes(kind) ? kinds.value.filter((k) => k !== kind) : [...kinds.value, kind]
}

const set = async (): Promise<void> => {
  if (kinds.value.length === 0) {
    return
  }
  const halves = both.value && props.other !== null ? [props.half, props.other] : [props.half]
  const done = await props.mark({
    places: halves.flatMap((half) => props.parts.map((part) => ({ part, half }))),
    findings: kinds.value.map((kind) => ({
      kind,
      severity: form.severity,
      lengthMm: sized.value ? number(form.lengthMm) : null,
      widthMm: sized.value ? number(form.widthMm) : null,
      depthMm: sized.value ? number(form.depthMm) : null,
      share: sized.value || form.share === '' ? null : form.share / 100,
    })),
  })
  if (done) {
    kinds.value = []
    Object.assign(form, empty)
  }
}
/** The keys: a figure for what is wrong, plus and minus for how much, Enter marks it. */
useKeys((event) => {
  if (props.busy) {
    return
  }
  const severities = props.words.severities.map((s) => Number(s.id))
  const nth = offered.value[Number(event.key) - 1]
  if (nth !== undefined) {
    toggle(nth.id)
  } else if (event.key === '+' || event.key === '-') {
    form.severity = severities[severities.indexOf(form.severity) + (event.key === '+' ? 1 : -1)] ?? form.severity
  } else if (event.key === 'g') {
    group.value = groups.value[(groups.value.indexOf(group.value) + 1) % groups.value.length] ?? group.value
    kinds.value = []
  } else if (event.key === 'Enter' && kinds.value.length > 0) {
    event.preventDefault()
    void set()
  }
})
</script>

<template>
  <form class="grid gap-3 border-t border-line pt-3" novalidate @submit.prevent="set">
    <div
      class="flex items-baseline gap-x-1 flex-wrap" role="group"
      :aria-label="t('piece.FindingForm.whatIsWrong', [half === 'whole' ? '' : t('piece.FindingForm.onThe', [half])])"
    >
      <span class="font-semibold mr-2">{{
        half === 'whole' || both ? t('piece.FindingForm.somethingIsWrong') : t('piece.FindingForm.onTheSomethingIsWrong', [half])
      }}</span>
      <button
        v-for="g in groups" :key="g" type="button" class="quiet" :class="g === group ? 'font-bold no-underline! bg-raised' : ''"
        :aria-pressed="g === group" @click="group = g; kinds = []"
      >{{ g }}</button>
      <span class="key" :title="t('piece.FindingForm.nextGroup')">G</span>
    </div>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="(f, i) in offered" :key="f.id" type="button" class="may px-3!" :class="kinds.includes(f.id) ? 'bg-ink! text-raised!' : ''"
        :aria-pressed="kinds.includes(f.id)" @click="toggle(f.id)"
      >{{ f.label }}<span v-if="i < 9" class="key" aria-hidden="true">{{ i + 1 }}</span></button>
      <button
        v-if="seldom > 0" type="button" class="quiet" :aria-expanded="further" @click="further = !further"
      >{{ further ? t('piece.FindingForm.onlyTheUsual') :
        t('piece.FindingForm.moreSeldomOnThis', [seldom]) }}</button>
      <p v-if="possible.length === 0" class="text-soft">{{
        t('piece.FindingForm.nothingOfThisKindIs', [parts.length > 1 ? t('piece.FindingForm.there') : t('piece.FindingForm.onThisPart')])
      }}</p>
    </div>
    <template v-if="chosen[0]">
      <div class="grid grid-cols-5 gap-1.5" role="group" :aria-label="t('piece.FindingForm.howMuchItShows')">
        <button
          v-for="s in words.severities" :key="s.id" type="button" class="may px-1! flex-col! gap-1! py-1.5 justify-start! leading-tight"
          :class="s.id === form.severity ? 'bg-ink! text-raised!' : ''" :aria-pressed="s.id === form.severity" @click="form.severity = s.id"
        >
          <SeverityExample :group="chosen[0].group" :severity="Number(s.id)" />
          <span class="text-[.85rem]">{{ s.label }}</span>
        </button>
      </div>
      <div class="flex flex-wrap items-end gap-3">
        <template v-if="parts.length === 1 && sized">
          <label>{{
            t('piece.FindingForm.lengthMm')
          }}<input v-model.number="form.lengthMm" class="write block w-26!" name="lengthMm" type="number" min="0" step="0.5"></label>
          <label>{{
            t('piece.FindingForm.widthMm')
          }}<input v-model.number="form.widthMm" class="write block w-26!" name="widthMm" type="number" min="0" step="0.5"></label>
          <label v-if="chosen.every((f) => f.hasDepth)">{{ t('piece.FindingForm.depthMm') }}<input
            v-model.number="form.depthMm" class="write block w-26!" name="depthMm" type="number" min="0"
            step="0.1"
          ></label>
        </template>
        <label v-else-if="parts.length === 1">{{ t('piece.FindingForm.share') }}<input
          v-model.number="form.share" class="write block w-26!" name="share" type="number"
          :min="100 * limits.FindingInput.share.min" :max="100 * limits.FindingInput.share.max" step="5"
        ></label>
        <label v-if="other !== null" class="flex items-center gap-2 min-h-12"><input v-model="both" type="checkbox" class="size-5 accent-ink"> {{
          t('piece.FindingForm.sameOnThe', [other])
        }}</label>
        <button class="do grow" type="submit" :disabled="busy">{{
          t('piece.FindingForm.mark', [chosen.map((f) => f.label).join(t('piece.FindingForm.and'))])
        }} <span class="key">{{ t('piece.FindingForm.enter') }}</span></button>
      </div>
    </template>
  </form>
</template>
