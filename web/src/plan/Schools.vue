<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { CompareView, SchoolsView, SchoolView, SideView } from '../api/types'
import { counted } from '../kit/counted'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Where good restorers disagree: what each of them says, and what follows from it, before one is believed. */
const props = defineProps<{ open: boolean, piece: number, schools: readonly SchoolView[], busy: boolean }>()
const emit = defineEmits<{ take: [school: string, side: string | null], workshop: [], leave: [] }>()
const { span } = useWhen()
const chosen = ref('cleaning')
const compared = ref<CompareView | null>(null)
const problem = ref('')
const school = computed(() => props.schools.find((s) => s.id === chosen.value))
const compare = async (): Promise<void> => {
  compared.value = null
  problem.value = ''
  try {
    compared.value = await api.get<CompareView>(`/pieces/${props.piece}/plan/schools/${chosen.value}`)
  } catch {
    problem.value = t('plan.Schools.theSidesCannotBeCompared')
  }
}
watch(() => [props.open, chosen.value, props.schools], ([open]) => {
  if (open === true) {
    void compare()
  }
})
const forWorkshop = async (side: string | null): Promise<void> => {
  try {
    await api.put<SchoolsView>(`/schools/${chosen.value}`, { side, was: school.value?.workshop ?? null })
    emit('workshop')
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('plan.Schools.thatCouldNotBeKept')
    emit('workshop')
  }
}
/** What changes against the plan as it stands. */
const follows = (side: SideView): string => {
  const now = compared.value?.sides.find((s) => s.taken) ?? side
  const [steps, byHand, elapsed] = [side.steps - now.steps, side.handsOnMinutes - now.handsOnMinutes, side.elapsedMinutes - now.elapsedMinutes]
  const said = [
    steps === 0 ? '' : t(steps > 0 ? 'plan.Schools.moreSteps' : 'plan.Schools.fewerSteps', [counted(Math.abs(steps), 'step')]),
    byHand === 0 ? '' : t(byHand > 0 ? 'plan.Schools.moreByHand' : 'plan.Schools.lessByHand', [span(Math.abs(byHand))]),
    elapsed === 0 ? '' : t(elapsed > 0 ? 'plan.Schools.longer' : 'plan.Schools.shorter', [span(Math.abs(elapsed))]),
  ].filter((part) => part !== '')
  return said.length === 0 ? t('plan.Schools.takesJustAsLong') : t('plan.Schools.thenIt', [said.join(', ')])
}
const some = (lines: readonly string[]): readonly string[] => (lines.length > 7 ? [...lines.slice(0, 6), t('plan.Schools.andMore', [lines.length - 6])] : lines)
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="emit('leave')">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-[76rem] h-[calc(100dvh-2rem)] grid grid-cols-[16rem_1fr] grid-rows-[auto_1fr]">
        <div class="col-span-2 flex items-center gap-6 px-6 pt-4 pb-2 border-b border-line">
          <DialogTitle class="text-3xl grow">{{ t('plan.Schools.schools') }}</DialogTitle>
          <button class="may" type="button" @click="emit('leave')">{{ t('plan.Schools.backToThePlan') }}</button>
        </div>
        <ul class="overflow-y-auto border-r border-line py-2">
          <li v-for="s in schools" :key="s.id">
            <button
              type="button" class="w-full text-left px-5 py-2 min-h-14 leading-tight" :class="s.id === chosen ? 'bg-ink text-raised' : 'hover:bg-raised'"
              :aria-current="s.id === chosen" @click="chosen = s.id"
            >
              {{ s.label }}<span v-if="s.plan ?? s.workshop" class="block text-sm">{{ s.sides.find((x) => x.id === (s.plan ?? s.workshop))?.says }}</span>
            </button>
          </li>
        </ul>
        <section class="overflow-y-auto p-6 grid gap-4 content-start" :aria-label="school?.label">
          <p class="text-lg max-w-[46rem]">{{
            t('plan.Schools.goodRestorersDisagree')
          }} <strong>{{ t('plan.Schools.usualHere') }}</strong> {{ school?.usual }}</p>
          <p v-if="problem" class="caution">{{ problem }}</p>
          <template v-if="compared">
            <article
              v-for="side in compared.sides" :key="side.side" class="grid md:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)] gap-x-10 gap-y-3 py-5 pl-5 border-l-8"
              :class="side.taken ? 'border-ink' : 'border-line'"
            >
              <h2 class="text-3xl leading-tight">“{{ side.says[0]?.toUpperCase() }}{{ side.says.slice(1) }}.”</h2>
              <div class="grid gap-2 content-start text-lg leading-snug">
                <p><template v-if="side.taken"><strong>{{ t('plan.Schools.thePlanAsItStands') }}</strong>{{
                  t('plan.Schools.so', [counted(side.steps, 'step'), span(side.handsOnMinutes), span(side.elapsedMinutes)])
                }}</template><template v-else>{{ follows(side) }}</template></p>
                <p v-if="side.only.length > 0"><strong>{{ t('plan.Schools.onlyOnThisSide') }}</strong> {{ some(side.only).join('; ') }}.</p>
                <p v-if="side.products.length > 0"><strong>{{ t('plan.Schools.takes') }}</strong> {{ some(side.products).join(', ') }}.</p>
                <p v-for="l in some(side.risks)" :key="l" class="caution">{{ l }}</p>
                <p class="flex flex-wrap items-center gap-x-6">
                  <button v-if="!side.taken" class="may border-2!" type="button" :disabled="busy" @click="emit('take', chosen, side.side)">{{
                    t('plan.Schools.takeThisSide')
                  }}</button>
                  <button v-if="school?.workshop !== side.side" class="quiet -ml-2.5" type="button" :disabled="busy" @click="forWorkshop(side.side)">{{
                    t('plan.Schools.makeItTheWorkshopsOwn')
                  }}</button>
                  <span v-else class="min-h-11 grid items-center text-soft">{{ t('plan.Schools.theWorkshopsOwn') }}</span>
                </p>
              </div>
            </article>
          </template>
          <p v-else-if="!problem" class="text-soft text-lg">{{ t('plan.Schools.planningBothWays') }}</p>
          <p v-if="school?.plan ?? school?.workshop" class="flex flex-wrap gap-3">
            <button v-if="school?.plan" class="may" type="button" :disabled="busy" @click="emit('take', chosen, null)">{{
              t('plan.Schools.asTheWorkshopHasIt')
            }}</button>
            <button v-if="school?.workshop" class="may" type="button" :disabled="busy" @click="forWorkshop(null)">{{
              t('plan.Schools.theWorkshopGoesCaseBy')
            }}</button>
          </p>
        </section>
      </DialogPanel>
    </div>
  </Dialog>
</template>
