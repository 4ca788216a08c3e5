<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { limits } from '../api/types'
import type { FindingGroup, FindingInput, FindingKind, Half, Material, PartName, WordsView } from '../api/types'
import SeverityExample from './SeverityExample.vue'

/** Marks what is wrong at a place: what, how much it shows, how large. */
const props = defineProps<{
  words: WordsView
  half: Half
  part: PartName
  material: Material
  /** the other half, where there is one */
  other: Half | null
  busy: boolean
  mark: (finding: Omit<FindingInput, 'version'>) => Promise<boolean>
}>()

const groups = computed(() => [...new Set(props.words.findings.map((f) => f.group))])
const group = ref<FindingGroup>('surface')
const kind = ref<FindingKind | null>(null)
/** What is seldom found on this material is one step further. */
const further = ref(false)
/** The same on the other half; what differs is touched afterwards. */
const both = ref(false)
const empty = { severity: 2, lengthMm: '', widthMm: '', depthMm: '', share: '' } as const
const form = reactive<{ severity: number, lengthMm: number | '', widthMm: number | '', depthMm: number | '', share: number | '' }>({ ...empty })
const possible = computed(() => props.words.findings.filter((f) => f.group === group.value && f.parts.includes(props.part)))
const offered = computed(() => possible.value.filter((f) => further.value || f.usualOn.includes(props.material)))
const seldom = computed(() => possible.value.length - possible.value.filter((f) => f.usualOn.includes(props.material)).length)
const chosen = computed(() => props.words.findings.find((f) => f.id === kind.value))
const number = (value: number | ''): number | null => (value === '' ? null : value)

const set = async (): Promise<void> => {
  if (kind.value === null) {
    return
  }
  const finding = {
    part: props.part,
    kind: kind.value,
    severity: form.severity,
    lengthMm: number(form.lengthMm),
    widthMm: number(form.widthMm),
    depthMm: number(form.depthMm),
    share: form.share === '' ? null : form.share / 100,
  }
  const on = async (half: Half): Promise<boolean> => props.mark({ ...finding, half })
  if (await on(props.half) && (!both.value || props.other === null || await on(props.other))) {
    kind.value = null
    Object.assign(form, empty)
  }
}
</script>

<template>
  <form class="grid gap-3 border-t border-line pt-3" novalidate @submit.prevent="set">
    <div class="flex items-baseline gap-x-1 flex-wrap" role="group" :aria-label="`What is wrong${half === 'whole' ? '' : ` on the ${half}`}`">
      <span class="font-semibold mr-2">{{ half === 'whole' ? 'Something is wrong:' : `On the ${half}, something is wrong:` }}</span>
      <button
        v-for="g in groups" :key="g" type="button" class="quiet" :class="g === group ? 'font-bold no-underline! bg-raised' : ''"
        :aria-pressed="g === group" @click="group = g; kind = null"
      >{{ g }}</button>
    </div>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="f in offered" :key="f.id" type="button" class="may px-3!" :class="f.id === kind ? 'bg-ink! text-raised!' : ''"
        :aria-pressed="f.id === kind" @click="kind = f.id"
      >{{ f.label }}</button>
      <button v-if="seldom > 0" type="button" class="quiet" :aria-expanded="further" @click="further = !further">{{ further ? 'only the usual' :
        `${seldom} more, seldom on this` }}</button>
      <p v-if="possible.length === 0" class="text-soft">Nothing of this kind is found on this part.</p>
    </div>
    <template v-if="chosen">
      <div class="grid grid-cols-5 gap-1.5" role="group" aria-label="How much it shows">
        <button
          v-for="s in words.severities" :key="s.id" type="button" class="may px-1! flex-col! gap-1! py-1.5 justify-start! leading-tight"
          :class="s.id === form.severity ? 'bg-ink! text-raised!' : ''" :aria-pressed="s.id === form.severity" @click="form.severity = s.id"
        >
          <SeverityExample :group="chosen.group" :severity="Number(s.id)" />
          <span class="text-[.85rem]">{{ s.label }}</span>
        </button>
      </div>
      <div class="flex flex-wrap items-end gap-3">
        <template v-if="chosen.hasSize">
          <label>length, mm<input v-model.number="form.lengthMm" class="write block w-26!" name="lengthMm" type="number" min="0" step="0.5"></label>
          <label>width, mm<input v-model.number="form.widthMm" class="write block w-26!" name="widthMm" type="number" min="0" step="0.5"></label>
          <label v-if="chosen.hasDepth">depth, mm<input
            v-model.number="form.depthMm" class="write block w-26!" name="depthMm" type="number" min="0"
            step="0.1"
          ></label>
        </template>
        <label v-else>share, %<input
          v-model.number="form.share" class="write block w-26!" name="share" type="number"
          :min="100 * limits.FindingInput.share.min" :max="100 * limits.FindingInput.share.max" step="5"
        ></label>
        <label v-if="other !== null" class="flex items-center gap-2 min-h-12"><input v-model="both" type="checkbox" class="size-5 accent-ink"> same on the
          {{ other }}</label>
        <button class="do grow" type="submit" :disabled="busy">Mark {{ chosen.label }}</button>
      </div>
    </template>
  </form>
</template>
