<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { CompareView, SchoolsView, SchoolView } from '../api/types'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Where good restorers disagree: the sides beside each other, with what each changes, before one is taken. */
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
          <p class="text-lg"><strong>{{ t('plan.Schools.usualHere') }}</strong> {{ school?.usual }}</p>
          <p v-if="problem" class="caution">{{ problem }}</p>
          <div
            v-if="compared" class="grid gap-x-6 grid-rows-[repeat(5,auto)_1fr]"
            :style="{ gridTemplateColumns: `repeat(${compared.sides.length}, minmax(0, 1fr))` }"
          >
            <article
              v-for="side in compared.sides" :key="side.side" class="row-span-6 grid grid-rows-subgrid gap-3 content-start border-t-4 pt-3"
              :class="side.taken ? 'border-ink' : 'border-line'"
            >
              <h2 class="text-2xl">{{ side.says[0]?.toUpperCase() }}{{ side.says.slice(1) }}</h2>
              <p class="text-lg"><strong class="text-3xl">{{ side.steps }}</strong> {{ t('plan.Schools.steps') }}<br><strong>{{
                span(side.handsOnMinutes)
              }}</strong> {{ t('plan.Schools.byHand') }}<br>
                <strong>{{ span(side.elapsedMinutes) }}</strong> {{ t('plan.Schools.fromFirstToLast') }}</p>
              <button v-if="!side.taken" class="do" type="button" :disabled="busy" @click="emit('take', chosen, side.side)">{{
                t('plan.Schools.takeThisSide')
              }}</button>
              <p v-else class="min-h-14 grid items-center font-semibold">{{ t('plan.Schools.thePlanAsItStands') }}</p>
              <button
                v-if="school?.workshop !== side.side" class="quiet justify-self-start" type="button" :disabled="busy"
                @click="forWorkshop(side.side)"
              >{{ t('plan.Schools.makeItTheWorkshopsOwn') }}</button>
              <p v-else class="min-h-11 grid items-center">{{ t('plan.Schools.theWorkshopsOwn') }}</p>
              <div class="grid gap-2 content-start">
                <h3 class="text-lg">{{ t('plan.Schools.onlyOnThisSide') }}</h3>
                <p v-if="side.only.length === 0" class="text-soft">{{ t('plan.Schools.nothing') }}</p>
                <ul class="leading-snug"><li v-for="l in some(side.only)" :key="l" class="py-0.5">{{ l }}</li></ul>
              </div>
              <div class="grid gap-2 content-start">
                <div v-if="side.products.length > 0">
                  <h3 class="text-lg">{{ t('plan.Schools.takes') }}</h3>
                  <ul class="leading-snug"><li v-for="l in some(side.products)" :key="l" class="py-0.5">{{ l }}</li></ul>
                </div>
                <div v-if="side.risks.length > 0">
                  <h3 class="text-lg">{{ t('plan.Schools.mind') }}</h3>
                  <p v-for="l in some(side.risks)" :key="l" class="caution mt-1 leading-snug">{{ l }}</p>
                </div>
              </div>
            </article>
          </div>
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
