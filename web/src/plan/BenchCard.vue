<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { Half, Halves, PartName, PieceView, PlanView, StepView } from '../api/types'
import { colourMap, halvesOf } from '../drawing/colours'
import Silhouette from '../drawing/Silhouette.vue'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { runs } from './runs'
import { t } from '../words'

/** The plan on paper: numbered parts, steps with boxes, amounts, times, cautions. */
const props = defineProps<{ id: number }>()
const { value: plan, problem, reload } = useLoad(() => api.get<PlanView>(`/pieces/${props.id}/plan`))
const { value: piece, reload: reloadPiece } = useLoad(() => api.get<PieceView>(`/pieces/${props.id}`))
void reload()
void reloadPiece()
const words = useWords()
const { span, date, time } = useWhen()
const kind = computed(() => words.value?.kinds.find((k) => k.id === plan.value?.kind))
/** Parts that are worked on get a number, in the order in which they go round the piece. */
const numbers = computed<Partial<Record<PartName, number>>>(() => {
  const worked = new Set(
    (plan.value?.steps ?? [])
      .filter((s) => s.onParts)
      .flatMap((s) => s.parts),
  )
  return Object.fromEntries((kind.value?.parts ?? []).filter((p) => worked.has(p.id)).map((p, i) => [p.id, i + 1]))
})
const colours = (half: Half): Partial<Record<PartName, string>> => colourMap(piece.value?.parts ?? [], half)
const legend = computed(() =>
  Object.entries(numbers.value).map(([id, n]) => {
    const made = [
      ...new Set(
        (piece.value?.parts ?? []).filter((p) => p.part === id).map((p) => words.value?.materials.find((m) => m.id === p.material)?.label ?? p.material),
      ),
    ]
    return { n, text: `${kind.value?.parts.find((p) => p.id === id)?.label ?? id}, ${made.join(t('plan.BenchCard.and'))}` }
  }),
)
/** What is wrong with it, the same on several places said once. */
const found = computed(() => {
  const places = new Map<string, string[]>()
  for (const f of piece.value?.findings ?? []) {
    const size = f.lengthMm === null ? '' : t('plan.BenchCard.mm', [f.lengthMm])
    const said = `${f.label}, ${words.value?.severities.find((s) => s.id === f.severity)?.label ?? f.severity}${size}`
    const at = `${f.half === 'whole' ? '' : `${f.half} `}${kind.value?.parts.find((p) => p.id === f.part)?.label ?? f.part}`
    places.set(said, [...(places.get(said) ?? []), at])
  }
  return [...places].map(([said, at]) => `${said} (${at.length > 6 ? t('plan.BenchCard.andMore', [at.slice(0, 5).join(', '), at.length - 5]) : at.join(', ')})`)
})
const figures = (step: StepView): string => runs(step.parts.map((p) => numbers.value[p]).filter((n) => n !== undefined))
const side = (half: Halves): string => (half === 'left' ? 'L' : half === 'right' ? 'R' : half === 'both' ? 'L R' : '')
const wait = (step: StepView): number => Math.max(0, ...step.waits.map((w) => w.minMinutes ?? 0))
const limit = (step: StepView): number | null =>
  step.waits.reduce<number | null>(
    (least, w) => (w.maxMinutes !== null && w.maxMinutes < 600 && (least === null || w.maxMinutes < least) ? w.maxMinutes : least),
    null,
  )
const cautions = computed(() => {
  const said = new Map<string, { text: string; steps: number[] }>()
  for (const [i, step] of (plan.value?.steps ?? []).entries()) {
    for (const c of step.cautions) {
      said.set(c.rule, { text: c.text, steps: [...(said.get(c.rule)?.steps ?? []), i + 1] })
    }
  }
  return [...said.entries()].map(([rule, c]) => ({ rule, ...c }))
})
const print = (): void => window.print()
</script>

<template>
  <main class="card px-4 sm:px-8 py-5 grid gap-4 content-start max-w-[72rem] w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 class="text-4xl grow">{{ t('plan.BenchCard.benchCard') }}</h1>
      <RouterLink class="quiet" :to="`/pieces/${id}/plan`">{{ t('plan.BenchCard.backToThePlan') }}</RouterLink>
      <button class="do" type="button" @click="print">{{ t('plan.BenchCard.print') }}</button>
    </header>
    <PaperHead />
    <template v-if="plan && piece">
      <section
        class="grid grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_auto] print:grid-cols-[minmax(0,1fr)_auto] gap-x-8 gap-y-3 border-b-2 border-ink
        pb-3"
      >
        <div>
          <h2 class="text-3xl">{{ piece.tag }} · {{ plan.name }}</h2>
          <p class="text-lg">{{ t('plan.BenchCard.agreedTo', [plan.customer, kind?.label, words?.aims.find((a) => a.id === piece?.aim)?.label]) }}</p>
          <p v-if="piece.wish" class="text-lg">“{{ piece.wish }}”</p>
          <p v-if="piece.unwanted" class="text-lg">{{ t('plan.BenchCard.notWanted', [piece.unwanted]) }}</p>
          <p class="text-lg"><strong>{{
            plan.promised ? t('plan.BenchCard.for', [date(plan.promisedAt), time(plan.promisedAt)]) : t('plan.BenchCard.noDayPromisedYet')
          }}</strong> {{
            t('plan.BenchCard.byHandFromFirstTo', [counted(plan.steps.length, 'step'), span(plan.handsOnMinutes), span(plan.elapsedMinutes)])
          }}</p>
          <p v-if="found.length > 0" class="mt-1 leading-snug"><strong>{{ t('plan.BenchCard.seen') }}</strong> {{ found.join('; ') }}.</p>
          <ol class="legend columns-2 mt-2 leading-snug max-w-2xl">
            <li v-for="l in legend" :key="l.n" class="break-inside-avoid grid grid-cols-[1.6rem_1fr]">
              <strong class="tabular-nums">{{ l.n }}</strong>{{ l.text }}</li>
          </ol>
        </div>
        <div class="flex items-end gap-3">
          <figure v-for="half in halvesOf(piece?.parts ?? [])" :key="half" class="w-40 sm:w-56 min-w-0">
            <Silhouette :kind="plan.kind" :half="half" :colours="colours(half)" :numbers="numbers" :weight="1.2" />
            <figcaption v-if="half !== 'whole'" class="text-center font-semibold">{{ half }}</figcaption>
          </figure>
        </div>
      </section>
      <ol class="steps gap-x-8 lg:columns-2" :aria-label="t('plan.BenchCard.steps')">
        <li
          v-for="(step, i) in plan.steps" :key="step.key"
          class="grid grid-cols-[1.4rem_1.8rem_1fr] gap-x-2 border-b border-line py-1 leading-snug break-inside-avoid"
        >
          <span
            class="size-5 border-2 border-ink mt-0.5 grid place-items-center text-sm leading-none"
            aria-hidden="true"
          >{{ step.status === 'done' ? '×' : '' }}</span>
          <strong class="text-right tabular-nums">{{ i + 1 }}</strong>
          <span>
            <span v-if="wait(step) >= 5" class="block text-soft">{{
              t('plan.BenchCard.whenItHasDried', [span(wait(step))])
            }}<template v-if="limit(step) !== null">{{ t('plan.BenchCard.within', [span(limit(step) ?? 0)]) }}</template></span>
            <strong>{{ step.title }}</strong> <span v-if="side(step.half)" class="font-semibold">{{ side(step.half) }}</span>
            <span v-if="figures(step)"> · {{ figures(step) }}</span>
            <span class="text-soft">{{ t('plan.BenchCard.min', [step.minutes]) }}<template v-if="step.amount"> · {{ step.amount }}</template>
              <template v-for="s in step.supplies" :key="s"> · {{ s }}</template><template v-if="step.gate"> · {{ step.gate }}</template></span>
          </span>
        </li>
      </ol>
      <section class="grid sm:grid-cols-2 print:grid-cols-2 gap-8">
        <div>
          <h3 class="text-xl">{{ t('plan.BenchCard.layOut') }}</h3>
          <ul class="columns-2 leading-snug"><li v-for="k in plan.kit" :key="k" class="break-inside-avoid">{{ k }}</li></ul>
        </div>
        <div>
          <h3 class="text-xl">{{ t('plan.BenchCard.careful') }}</h3>
          <p v-for="c in cautions" :key="c.rule" class="leading-snug py-0.5"><strong>{{ c.steps.length > 8 ? `${c.steps.slice(0, 7).join(', ')} …` :
            c.steps.join(', ') }}</strong> {{ c.text }}</p>
          <p class="leading-snug py-0.5">{{ t('plan.BenchCard.theMakersLabelAndLocal') }}</p>
        </div>
      </section>
    </template>
  </main>
</template>

<style scoped>
@media print {
  .card { max-width: none; padding: 0; font-size: 9pt; gap: 6px; }
  .card h2 { font-size: 15pt; }
  .card h3 { font-size: 11pt; }
  .card .text-lg { font-size: 9.5pt; }
  .card figure { width: 150px; }
  .card .steps > li { grid-template-columns: 16px 18px 1fr; }
  .card .steps > li > span:first-child { width: 13px; height: 13px; }
  .steps { columns: 2; column-gap: 22px; }
}
</style>
