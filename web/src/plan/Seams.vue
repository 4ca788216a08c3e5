<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FaultView, Halves, StepView } from '../api/types'
import { counted } from '../kit/counted'
import { useWhen } from '../session/useWhen'
import { t } from '../words'
import Stitch from './Stitch.vue'
import { stretches, stretchLabel, type Stretch } from './stretches'

/**
 * A plan as it is sewn: stretches of work that open, in each its steps as stitches in two edges. What dries is a gap as long as it feels, with the thread of
 * the wet half hanging in it. What is no pair has one row.
 */
const props = withDefaults(defineProps<{ steps: readonly StepView[], chosen: string, faults?: readonly FaultView[], open?: boolean }>(), {
  faults: () => [], open: false,
})
const emit = defineEmits<{ choose: [key: string] }>()
const { span } = useWhen()

/** A plan so short is read at a glance. */
const SHORT = 12
const waitOf = (step: StepView): number => Math.max(0, ...step.waits.map((w) => w.minMinutes ?? 0))
const gapOf = (wait: number): number => (wait < 4 ? 0 : Math.round(10 * Math.log2(wait)))
/** Slack, while something dries. */
const thread = (x: number, gap: number): string => `M${x} 0q9 ${gap / 4} 0 ${gap / 2}t0 ${gap / 2}`
const faultsOf = (key: string): readonly FaultView[] => props.faults.filter((f) => f.step === key && f.reason === null)
/** A step of both halves, or of a piece that has none. */
const isJoint = (half: Halves): boolean => half === 'both' || half === 'whole'
const single = computed(() => props.steps.every((s) => s.half === 'whole'))
const parts = computed(() => stretches(props.steps))
const opened = ref<readonly string[]>([])
const all = ref(false)
const holds = (stretch: Stretch, key: string): boolean => stretch.steps.some((s) => s.key === key)
const isStopped = (stretch: Stretch): boolean => stretch.steps.some((s) => faultsOf(s.key).some((f) => f.stops))
const isOpen = (stretch: Stretch): boolean =>
  all.value || props.open || props.steps.length <= SHORT || opened.value.includes(stretch.key) || isStopped(stretch)
// Whatever is looked at lies open.
watch(() => [props.chosen, parts.value] as const, ([chosen, now]) => {
  const here = now.find((s) => holds(s, chosen))
  if (here !== undefined && !opened.value.includes(here.key)) {
    opened.value = [...opened.value, here.key]
  }
}, { immediate: true })
const toggle = (stretch: Stretch): void => {
  opened.value = opened.value.includes(stretch.key) ? opened.value.filter((k) => k !== stretch.key) : [...opened.value, stretch.key]
}
const isDone = (stretch: Stretch): boolean => stretch.steps.every((s) => s.status === 'done')
const about = (stretch: Stretch): string => {
  const waits = stretch.steps.reduce((sum, s) => sum + waitOf(s), 0)
  const left = stretch.steps.filter((s) => s.status !== 'done').length
  const count = stretch.steps.length
  const steps = left === 0 || left === count ? counted(count, 'step') : t('plan.Seams.ofDone', [count - left, count])
  const hands = span(stretch.steps.reduce((sum, s) => sum + s.minutes, 0))
  return waits < 4 ? t('plan.Seams.byHand', [steps, hands]) : t('plan.Seams.byHandAndDries', [steps, hands, span(waits)])
}
const last = computed(() => props.steps.at(-1)?.key)
/** Where the needle is. */
const next = computed(() => props.steps.find((s) => s.status !== 'done')?.key)
/** A stretch that is folded up: its stitches close together, those to come as holes. */
const folded = (stretch: Stretch): { key: string, d: string, done: boolean }[] => {
  const each = 56 / stretch.steps.length
  return stretch.steps.map((s, i) => {
    const [from, to] = [4 + each * i + 0.2 * each, 4 + each * i + 0.8 * each]
    const x = s.half === 'left' ? 26 : s.half === 'right' ? 62 : 44
    const across = isJoint(s.half) && !single.value
    const holes = (across ? [26, 62] : [x]).map((hole) => `M${hole} ${from}h.01M${hole} ${to}h.01`).join('')
    const sewn = across ? `M26 ${from}L62 ${to}M62 ${from}L26 ${to}` : `M${x} ${from}V${to}`
    return { key: s.key, done: s.status === 'done', d: s.status === 'done' ? sewn : holes }
  })
}
</script>

<template>
  <div>
    <button v-if="steps.length > SHORT && !open" type="button" class="quiet mb-2 -ml-2" :aria-pressed="all" @click="all = !all">{{
      all ? t('plan.Seams.onlyWhereTheWorkStands') : t('plan.Seams.openAllOfIt')
    }}</button>
    <ol>
      <li v-for="stretch in parts" :key="stretch.key" class="edges" :class="single ? 'single' : ''">
        <button
          type="button" class="w-full text-left min-h-16 grid grid-cols-[5.5rem_1fr_auto] items-center" :aria-expanded="isOpen(stretch)"
          @click="toggle(stretch)"
        >
          <svg v-if="!isOpen(stretch)" viewBox="0 0 88 64" width="88" height="64" aria-hidden="true" stroke="currentColor" stroke-linecap="round">
            <path v-for="s in folded(stretch)" :key="s.key" :d="s.d" :stroke-width="s.done ? 3 : 2.6" />
          </svg>
          <span v-else />
          <span class="px-3 leading-tight"><span class="font-head text-2xl block" :class="isDone(stretch) ? 'line-through decoration-2' : ''">{{
            stretchLabel(stretch.name)
          }}</span> <span class="text-soft">{{ about(stretch) }}</span></span>
          <svg viewBox="0 0 20 12" width="20" height="12" class="mr-2" :class="isOpen(stretch) ? 'rotate-180' : ''" aria-hidden="true">
            <path d="M2 2L10 10L18 2" fill="none" stroke="currentColor" stroke-width="2.5" />
          </svg>
        </button>
        <ol v-if="isOpen(stretch)">
          <li v-for="step in stretch.steps" :id="`stitch-${step.key}`" :key="step.key" class="grid grid-cols-[5.5rem_1fr]">
            <template v-if="gapOf(waitOf(step)) > 0">
              <svg :height="gapOf(waitOf(step))" width="88" class="col-start-1 gap" aria-hidden="true" fill="none" stroke="currentColor">
                <path v-if="single" :d="thread(44, gapOf(waitOf(step)))" stroke-width="2" />
                <template v-else>
                  <path
                    v-for="[x, wet] in [[26, step.half !== 'right'], [62, step.half !== 'left']] as const" :key="x"
                    :d="thread(x, gapOf(waitOf(step)))" :stroke-width="wet ? 2 : 1" :stroke-opacity="wet ? 1 : 0.25"
                  />
                </template>
              </svg>
              <span class="text-soft text-[.95rem] self-center leading-none">{{
                t('plan.Seams.dries', [isJoint(step.half) ? '' : `${step.half} `, span(waitOf(step))])
              }}</span>
            </template>
            <Stitch :half="step.half" :single="single" :status="step.status" :next="step.key === next" :last="step.key === last" />
            <button
              type="button" class="text-left min-h-[52px] px-3 leading-tight flex items-center gap-3"
              :class="[step.key === chosen ? 'bg-ink text-raised' : 'hover:bg-paper', step.half === 'right' ? 'ml-4' : '']"
              :aria-current="step.key === chosen ? 'step' : undefined" @click="emit('choose', step.key)"
            >
              <span v-if="step.hex" class="size-5 shrink-0 border" :style="{ backgroundColor: step.hex }" aria-hidden="true" />
              <span class="grow" :class="step.status === 'done' ? 'line-through decoration-2' : ''">
                <span class="sr-only">{{
                  step.status === 'done' ? t('plan.Seams.done') : ''
                }}{{ step.half === 'whole' ? '' : `${step.half}: ` }}</span>{{ step.title }}
              </span>
              <span v-if="step.spoiled" class="shrink-0 text-[.9rem]">{{ t('plan.Seams.spoiled') }}</span>
              <span v-if="step.overrides.length > 0" class="shrink-0 text-[.9rem]">{{ t('plan.Seams.goneOver') }}</span>
              <span class="shrink-0 text-[.9rem]">{{ t('plan.Seams.min', [step.minutes]) }}</span>
            </button>
            <button
              v-for="f in faultsOf(step.key)" :key="f.rule" type="button" class="col-start-2 text-left text-[.95rem] leading-tight mb-1" :class="[f.stops ?
                'stop' : 'caution', step.half === 'right' ? 'ml-4' : '']"
              @click="emit('choose', step.key)"
            >
              <strong>{{ f.rule }}</strong> {{ f.message }}
            </button>
          </li>
        </ol>
      </li>
    </ol>
  </div>
</template>

<style scoped>
/* The edges that are sewn: of two halves side by side, or folded once. */
.edges {
  background-image: linear-gradient(to right, transparent 8px, var(--raised) 8px 41px, transparent 41px 47px, var(--raised) 47px 80px, transparent 80px);
}
.edges.single { background-image: linear-gradient(to right, transparent 24px, var(--raised) 24px 64px, transparent 64px); }
</style>
