<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api } from '../api/client'
import type { ChangeInput, MissingPictureView, PicturesView, StepView } from '../api/types'
import OverrideDialog from '../step/OverrideDialog.vue'
import Notice from '../kit/Notice.vue'
import { useWhen } from '../session/useWhen'
import { useSession } from '../session/useSession'
import AddStep from './AddStep.vue'
import ChangeStep from './ChangeStep.vue'
import Schools from './Schools.vue'
import Seams from './Seams.vue'
import StepFaults from './StepFaults.vue'
import StepWords from '../step/StepWords.vue'
import NoteForm from '../step/NoteForm.vue'
import { useHands } from '../step/useHands'
import TookMinutes from './TookMinutes.vue'
import TrialResults from './TrialResults.vue'
import { usePlan } from './usePlan'
import WholePlan from './WholePlan.vue'
import WishedHere from './WishedHere.vue'
import { plural, t } from '../words'

const props = defineProps<{ id: number }>()
const router = useRouter()
const { span, date, time } = useWhen()
/** Of the days on which hands are at it, so many are named. */
const DAYS = 3
const { person, workshop } = useSession()
/** One’s own things are promised to nobody, and nobody is made an offer. */
const isHome = computed(() => workshop.value?.home === true)
const { plan, problem, reload, hands, steps, chosen, faultsOf, show, make, change, tried, wish } = usePlan(props.id, async () => {
  await router.push('/bench')
})
/** How long what is done really took. */
const minutes = useHands(async () => reload(), async () => reload())
/** O-1: they cannot be taken afterwards. */
const missing = ref<readonly MissingPictureView[]>([])
void api.get<PicturesView>(`/pieces/${props.id}/pictures`).then((p) => {
  missing.value = p.missing
}).catch(() => undefined)
const picturesMissing = computed(() => t('plan.Plan.beforeAnythingWetPicturesAre', [
  missing.value.slice(0, 4).map((m) => m.label).join(', '), missing.value.length > 4 ? t('plan.Plan.andMore', [missing.value.length - 4]) : '',
]))
const done = computed(() => steps.value.filter((s) => s.status === 'done').length)
const may = computed(() => person.value?.mayPlan === true)
const changing = ref(false)
const adding = ref(false)
const comparing = ref(false)
const stopping = computed(() => plan.value?.faults.filter((f) => f.stops && f.reason === null) ?? [])
const stops = computed(() => stopping.value.length)
const stop = computed(() => stopping.value[0])
/** What was considered for the parts of this step and is not done. */
const refusedHere = computed(() => plan.value?.refused.filter((r) => r.parts.some((p) => chosen.value?.parts.includes(p))).slice(0, 4) ?? [])
const fast = computed(() => plan.value?.aim === 'ready-fast')

/** A plan opens where the work stands. */
void reload().then(async () => {
  await nextTick()
  document.getElementById(`stitch-${chosen.value?.key ?? ''}`)?.scrollIntoView({ block: 'center' })
})
const move = async (by: number): Promise<void> => {
  const index = steps.value.findIndex((s) => s.key === chosen.value?.key)
  const next = steps.value[Math.min(steps.value.length - 1, Math.max(0, index + by))]
  if (next) {
    await show(next.key)
  }
}
const alter = async (given: Omit<ChangeInput, 'version'>): Promise<void> => {
  await change(given)
  const key = chosen.value?.key
  if (key !== undefined) {
    await show(key)
  }
}
const add = async (given: Omit<ChangeInput, 'version'>): Promise<void> => {
  const known = new Set(steps.value.map((s) => s.key))
  await change(given)
  adding.value = false
  const fresh = steps.value.find((s) => !known.has(s.key))
  if (fresh) {
    await show(fresh.key)
  }
}
const take = async (school: string, side: string | null): Promise<void> => {
  await make({ schools: { [school]: side } })
}
const begin = (step: StepView): Promise<boolean> => hands.start(step)
</script>

<template>
  <main class="grid grid-rows-[auto_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <header class="grid sm:grid-cols-[minmax(0,1fr)_auto] items-center gap-x-6 gap-y-1 px-4 sm:px-8 pt-3 pb-3 border-b border-line">
      <h1 class="text-3xl">{{ plan?.name ?? '…' }}</h1>
      <p v-if="plan" class="text-soft row-start-2 sm:col-span-2">{{
        isHome ? '' : `${plan.customer}, `
      }}{{ isHome ? '' : plan.promised ? t('plan.Plan.for', [date(plan.promisedAt)]) : t('plan.Plan.noDayPromisedYet')
      }}<template v-if="steps.length > 0">{{ isHome ? '' : ' · ' }}
        <strong class="text-ink">{{
          span(plan.handsOnMinutes)
        }}</strong> {{ t('plan.Plan.byHand') }} <strong class="text-ink">{{ span(plan.elapsedMinutes) }}</strong> {{
          t('plan.Plan.fromFirstToLastOf', [done, steps.length])
        }}</template></p>
      <p v-if="plan && plan.days.length > 0" class="row-start-3 sm:col-span-2 flex flex-wrap gap-x-5">
        <span v-for="d in plan.days.slice(0, DAYS)" :key="d.from"><strong>{{ date(d.from) }}</strong> {{
          t('plan.Plan.fromUntil', [time(d.from), time(d.until), span(d.minutes)])
        }}</span>
        <span v-if="plan.days.length > DAYS" class="text-soft">{{ plural('plan.Plan.moreDays', plan.days.length - DAYS) }}</span>
      </p>
      <nav v-if="plan" class="flex flex-wrap gap-3" :aria-label="t('plan.Plan.thisPlan')">
        <RouterLink v-if="!isHome && !plan.promised && steps.length > 0" class="may bg-ink! text-raised!" :to="`/tickets/${plan.ticket}/promise`">{{
          t('plan.Plan.promiseADay')
        }}
        </RouterLink>
        <RouterLink class="may" :to="`/pieces/${id}`">{{ t('plan.Plan.whatWasSeen') }}</RouterLink>
        <template v-if="steps.length > 0">
          <button v-if="may" class="may" type="button" @click="comparing = true">{{ t('plan.Plan.schools') }}</button>
          <button
            v-if="may" class="may" type="button" :aria-pressed="changing" @click="changing = !changing"
          >{{ changing ? t('plan.Plan.endChanging') : t('plan.Plan.changeByHand')
          }}</button>
          <RouterLink v-if="!isHome" class="may" :to="`/pieces/${id}/offer`">{{ t('plan.Plan.offer') }}</RouterLink>
          <RouterLink class="may" :to="`/pieces/${id}/card`">{{ t('plan.Plan.benchCard') }}</RouterLink>
        </template>
      </nav>
    </header>

    <div v-if="plan && steps.length === 0" class="px-8 py-8 grid gap-4 content-start max-w-3xl">
      <Notice :text="problem || hands.problem.value" @again="reload" />
      <template v-if="plan.referrals.length > 0">
        <h2 class="text-2xl">{{ t('plan.Plan.notForThisBench') }}</h2>
        <p v-for="r in plan.referrals" :key="r.text" class="stop text-lg">{{ r.text }}</p>
        <p v-for="r in plan.tellOwner" :key="r.text">{{ r.text }}</p>
      </template>
      <template v-else>
        <p v-if="plan.dropped.length > 0" class="text-xl">{{ t('plan.Plan.nothingCanBeDryBy') }}</p>
        <p v-else class="text-xl">{{ t('plan.Plan.noPlanHasBeenMade') }}</p>
        <button v-if="may" class="do justify-self-start" type="button" @click="make()">{{ t('plan.Plan.makeThePlan') }}</button>
      </template>
    </div>

    <div v-else-if="plan && chosen" class="grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] min-h-0">
      <section
        class="relative overflow-y-auto px-4 sm:px-6 py-4 max-sm:max-h-[45dvh]" :aria-label="t('plan.Plan.theSeams')" @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
      >
        <button v-if="stop" type="button" class="stop w-full text-left mb-3 text-lg" @click="show(stop.step, 'center')">{{
          t('plan.Plan.lookAtIt', [stops === 1 ? t('plan.Plan.oneStepWouldDoHarm') : t('plan.Plan.inPlacesAStepWould', [stops])])
        }}</button>
        <Seams :steps="steps" :chosen="chosen.key" :faults="plan.faults" :open="changing" @choose="(key) => show(key)" />
      </section>
      <section
        class="relative overflow-y-auto bg-paper px-4 sm:px-8 py-5 grid gap-4 content-start" :aria-label="t('plan.Plan.theStepUnderTheNeedle')" tabindex="0"
      >
        <Notice :text="problem || hands.problem.value" @again="reload" />
        <div v-if="plan.stale" class="caution flex items-center gap-4">
          <span class="grow">{{ t('plan.Plan.thePieceWasLookedAt') }}</span>
          <button v-if="may" class="may" type="button" :disabled="hands.busy.value" @click="make()">{{
            done > 0 ? t('plan.Plan.planTheRestAnew') : t('plan.Plan.planAnew')
          }}</button>
        </div>
        <p v-if="missing.length > 0 && done < 3" class="caution">{{ picturesMissing }}
          <RouterLink class="quiet" :to="`/pieces/${id}/pictures`">{{ t('plan.Plan.takeThem') }}</RouterLink></p>
        <StepFaults
          :faults="faultsOf(chosen.key)" :may="may && chosen.status === 'open'" :busy="hands.busy.value"
          @mend="(rule) => alter({ change: 'mend', step: chosen?.key ?? null, rule })"
          @override="(rule, reason) => alter({ change: 'override', step: chosen?.key ?? null, rule, reason })"
        />
        <ChangeStep v-if="changing && chosen.status === 'open'" :step="chosen" :steps="steps" :busy="hands.busy.value" @change="alter" @add="adding = true" />
        <WishedHere v-if="changing" :piece="id" :version="plan.version" :step="chosen" :busy="hands.busy.value" @wish="wish" />
        <StepWords :step="chosen" />
        <Notice v-if="minutes.problem.value" :text="minutes.problem.value" @again="reload" />
        <TookMinutes
          v-if="chosen.status === 'done'" :step="chosen" :busy="minutes.busy.value" @took="(took: number) => chosen && minutes.took(chosen, took)"
        />
        <NoteForm :path="`/pieces/${id}/notes`" :at="{ step: chosen.id }" :about="t('plan.Plan.thisStep')" @kept="reload" />
        <section v-if="refusedHere.length > 0" class="grid gap-1" :aria-label="t('plan.Plan.refusedOnTheseParts')">
          <p v-for="r in refusedHere" :key="r.text" class="text-[.98rem]"><strong>{{
            t('plan.Plan.notHere')
          }}</strong> {{ r.text }} <span class="text-soft">{{ r.rule }}</span>
          </p>
        </section>
        <TrialResults v-if="chosen.action === 'trial' && may" :key="chosen.key" :step="chosen" :busy="hands.busy.value" @tried="tried" />
        <WholePlan :plan="plan" :may="may" :busy="hands.busy.value" :fast="fast" @make="make" />
        <button v-if="plan.byHand && may" class="quiet justify-self-start" type="button" :disabled="hands.busy.value" @click="make()">{{
          t('plan.Plan.planAnewWithoutWhatWas')
        }}</button>
        <div
          v-if="chosen.status === 'open' && !changing && person?.works"
          class="sticky -bottom-5 -mx-8 -mb-5 px-8 py-3 bg-paper border-t border-line flex gap-4"
        >
          <button class="do" type="button" :disabled="hands.busy.value" @click="begin(chosen)">{{ t('plan.Plan.beginThisStep') }}</button>
          <RouterLink class="may" to="/bench">{{ t('plan.Plan.toTheBench') }}</RouterLink>
        </div>
      </section>
    </div>
    <Notice v-else-if="problem" class="m-8" :text="problem" @again="reload" />
    <OverrideDialog :refusal="hands.refusal.value" @why="hands.override" @leave="hands.leave" />
    <OverrideDialog :refusal="minutes.refusal.value" @why="minutes.override" @leave="minutes.leave" />
    <AddStep v-if="plan" :open="adding" :kind="plan.kind" :before="chosen" :busy="hands.busy.value" @add="add" @leave="adding = false" />
    <Schools
      v-if="plan" :open="comparing" :piece="id" :schools="plan.schools" :busy="hands.busy.value" @take="take" @workshop="reload" @leave="comparing = false"
    />
  </main>
</template>
