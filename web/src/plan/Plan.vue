<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api } from '../api/client'
import type { MissingPictureView, PicturesView, PlanView, StepView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../kit/useWhen'
import { useSession } from '../people/useSession'
import { useHands } from '../bench/useHands'
import OverrideDialog from '../bench/OverrideDialog.vue'
import Seams from './Seams.vue'
import StepWords from './StepWords.vue'

const props = defineProps<{ id: number }>()
const { value: plan, problem, reload } = useLoad(() => api.get<PlanView>(`/pieces/${props.id}/plan`))
const { span, date } = useWhen()
const { person } = useSession()
const router = useRouter()
/** O-1: they cannot be taken afterwards. */
const missing = ref<readonly MissingPictureView[]>([])
void api.get<PicturesView>(`/pieces/${props.id}/pictures`).then((p) => {
  missing.value = p.missing
}).catch(() => undefined)
const chosenKey = ref<string | null>(null)
const steps = computed(() => plan.value?.steps ?? [])
/** Under the needle: the chosen step, or the first that is not done. */
const chosen = computed(() => steps.value.find((s) => s.key === chosenKey.value) ?? steps.value.find((s) => s.status !== 'done') ?? steps.value[0])
const done = computed(() => steps.value.filter((s) => s.status === 'done').length)
const hands = useHands(async () => {
  await router.push('/bench')
})
/** A plan opens where the work stands. */
void reload().then(async () => {
  await nextTick()
  document.getElementById(`stitch-${chosen.value?.key ?? ''}`)?.scrollIntoView({ block: 'center' })
})

const move = async (by: number): Promise<void> => {
  const index = steps.value.findIndex((s) => s.key === chosen.value?.key)
  const next = steps.value[Math.min(steps.value.length - 1, Math.max(0, index + by))]
  if (next) {
    chosenKey.value = next.key
    await nextTick()
    document.getElementById(`stitch-${next.key}`)?.scrollIntoView({ block: 'nearest' })
  }
}
const begin = (step: StepView): Promise<void> => hands.start(step)
const remake = async (): Promise<void> => {
  await hands.run(() => api.post<PlanView>(`/pieces/${props.id}/plan`, { version: plan.value?.version ?? 0 }), async () => reload())
}
</script>

<template>
  <main class="grid grid-rows-[auto_1fr] min-h-0 lg:h-[calc(100dvh-4rem)]">
    <header class="flex flex-wrap items-end gap-x-8 gap-y-2 px-8 pt-5 pb-3 border-b border-line">
      <div class="grow">
        <h1 class="text-3xl">{{ plan?.name ?? '…' }}</h1>
        <p v-if="plan" class="text-soft">{{ plan.customer }}, for {{ date(plan.promisedAt) }}</p>
      </div>
      <p v-if="plan && steps.length > 0" class="text-lg"><strong>{{ span(plan.handsOnMinutes) }}</strong> by hand, <strong>{{ span(plan.elapsedMinutes) }}</strong> from first to last · {{ done }} of {{ steps.length }} done</p>
      <RouterLink class="quiet" :to="`/pieces/${id}`">What was seen</RouterLink>
    </header>

    <div v-if="plan && steps.length === 0" class="px-8 py-8 grid gap-4 content-start max-w-3xl">
      <Notice :text="problem || hands.problem.value" @again="reload" />
      <template v-if="plan.referrals.length > 0">
        <h2 class="text-2xl">Not for this bench</h2>
        <p v-for="r in plan.referrals" :key="r.text" class="stop text-lg">{{ r.text }}</p>
        <p v-for="r in plan.tellOwner" :key="r.text">{{ r.text }}</p>
      </template>
      <template v-else>
        <p class="text-xl">No plan has been made yet. Look the piece over first; then the plan follows from what was seen.</p>
        <button v-if="person?.mayPlan" class="do justify-self-start" type="button" @click="remake">Make the plan</button>
      </template>
    </div>

    <div v-else-if="plan && chosen" class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] min-h-0">
      <section class="relative overflow-y-auto px-6 py-4" aria-label="The seams" @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)">
        <Seams :steps="steps" :chosen="chosen.key" @choose="(key) => chosenKey = key" />
      </section>
      <section class="relative overflow-y-auto bg-paper px-8 py-5 grid gap-4 content-start" aria-label="The step under the needle" tabindex="0">
        <Notice :text="problem || hands.problem.value" @again="reload" />
        <div v-if="plan.stale && plan.state === 'to-plan'" class="caution flex items-center gap-4">
          <span class="grow">The piece was looked at again after this plan was made.</span>
          <button v-if="person?.mayPlan" class="may" type="button" @click="remake">Plan anew</button>
        </div>
        <p v-if="missing.length > 0 && done < 3" class="caution">Before anything wet, pictures are still to be taken: {{ missing.slice(0, 4).map((m) => m.label).join(', ') }}{{ missing.length > 4 ? ` and ${missing.length - 4} more` : '' }}. <RouterLink class="quiet" :to="`/pieces/${id}/pictures`">Take them</RouterLink></p>
        <StepWords :step="chosen" />
        <div v-if="chosen.status === 'open'" class="flex gap-4">
          <button class="do" type="button" :disabled="hands.busy.value" @click="begin(chosen)">Begin this step</button>
          <RouterLink class="may" to="/bench">To the bench</RouterLink>
        </div>
        <div v-if="plan.refused.length + plan.tellOwner.length > 0" class="grid gap-2 border-t border-line pt-4">
          <h2 class="text-xl">With the whole plan</h2>
          <p v-for="r in plan.refused" :key="r.text" class="caution"><strong>{{ r.rule }}</strong> {{ r.text }}</p>
          <p v-for="r in plan.tellOwner" :key="r.text"><strong>Tell the owner:</strong> {{ r.text }}</p>
        </div>
      </section>
    </div>
    <Notice v-else-if="problem" class="m-8" :text="problem" @again="reload" />
    <OverrideDialog :refusal="hands.refusal.value" @why="hands.override" @leave="hands.leave" />
  </main>
</template>
