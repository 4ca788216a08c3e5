<script setup lang="ts">
import { computed } from 'vue'
import type { FaultView, StepView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Two seams down the page, left and right; they meet where a step is for both, and a wait is a gap as long as it feels. What is no pair has one seam. */
const props = withDefaults(defineProps<{ steps: readonly StepView[], chosen: string, faults?: readonly FaultView[] }>(), { faults: () => [] })
const emit = defineEmits<{ choose: [key: string] }>()
const { span } = useWhen()

interface Row { step: StepView, gap: number, wait: number }

/** A wait is shown where it is felt: before the first step of a half that must wait for it. */
const rows = computed<Row[]>(() => props.steps.map((step) => {
  const wait = Math.max(0, ...step.waits.map((w) => w.minMinutes ?? 0))
  return { step, wait, gap: wait < 4 ? 0 : Math.round(10 * Math.log2(wait)) }
}))
const faultsOf = (key: string): readonly FaultView[] => props.faults.filter((f) => f.step === key && f.reason === null)
/** A step of both halves, or of a piece that has none. */
const isJoint = (half: string): boolean => half === 'both' || half === 'whole'
const single = computed(() => props.steps.every((s) => s.half === 'whole'))
const seams = (half: string): { left: boolean, right: boolean } => ({ left: half !== 'right', right: half !== 'left' })
</script>

<template>
  <ol class="grid">
    <li v-for="{ step, gap, wait } in rows" :id="`stitch-${step.key}`" :key="step.key" class="grid grid-cols-[5.5rem_1fr]">
      <template v-if="gap > 0">
        <svg :height="gap" width="88" class="col-start-1" aria-hidden="true">
          <path v-if="single" :d="`M44 0V${gap}`" stroke="currentColor" stroke-width="1.5" stroke-dasharray="1 5" />
          <path
            v-if="!single" :d="`M26 0V${gap}`" stroke="currentColor" stroke-width="1.5" :stroke-dasharray="seams(step.half).left ? '1 5' : undefined"
            :stroke-opacity="seams(step.half).left ? 1 : 0.45"
          />
          <path
            v-if="!single" :d="`M62 0V${gap}`" stroke="currentColor" stroke-width="1.5" :stroke-dasharray="seams(step.half).right ? '1 5' : undefined"
            :stroke-opacity="seams(step.half).right ? 1 : 0.45"
          />
        </svg>
        <span class="text-soft text-[.9rem] self-center leading-none">{{
          t('plan.Seams.dries', [isJoint(step.half) ? '' : `${step.half} `, span(wait)])
        }}</span>
      </template>
      <svg viewBox="0 0 88 52" preserveAspectRatio="none" class="col-start-1 w-[88px] h-full min-h-[52px]" aria-hidden="true">
        <g fill="none" stroke="currentColor" stroke-width="5" stroke-linecap="round">
          <template v-if="isJoint(step.half)">
            <path
              :d="single ? 'M44 0V52' : 'M26 0C26 14 44 10 44 26S26 38 26 52M62 0C62 14 44 10 44 26S62 38 62 52'" stroke-width="1.5" stroke-opacity="0.45"
            />
            <path d="M44 12V40" :stroke-dasharray="step.status === 'done' ? undefined : '0.1 8'" />
          </template>
          <template v-else>
            <path d="M26 0V52M62 0V52" stroke-width="1.5" stroke-opacity="0.45" />
            <path :d="step.half === 'left' ? 'M26 12V40' : 'M62 12V40'" :stroke-dasharray="step.status === 'done' ? undefined : '0.1 8'" />
          </template>
          <path v-if="step.status === 'running'" :d="step.half === 'left' ? 'M18 26H34' : step.half === 'right' ? 'M54 26H70' : 'M36 26H52'" stroke-width="3" />
        </g>
      </svg>
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
        v-for="f in faultsOf(step.key)" :key="f.rule" type="button" class="col-start-2 text-left text-[.95rem] leading-tight mb-1" :class="[f.stops ? 'stop' :
          'caution', step.half === 'right' ? 'ml-4' : '']"
        @click="emit('choose', step.key)"
      >
        <strong>{{ f.rule }}</strong> {{ f.message }}
      </button>
    </li>
  </ol>
</template>
