<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { FamilyId, Hazard, PlanInput, PlanView, WorkingDaysView } from '../api/types'
import { useWords } from '../kit/useWords'
import WorkingHour from '../step/WorkingHour.vue'
import { t } from '../words'

/** What goes with the plan as a whole: what changed, what was left out and refused, what the owner hears, what it takes. */
const props = defineProps<{ plan: PlanView; may: boolean; busy: boolean; fast: boolean }>()
const emit = defineEmits<{ make: [terms: Omit<PlanInput, 'version'>] }>()
const words = useWords()
const readyBy = ref('')
const days = ref<WorkingDaysView['days']>([])
if (props.fast && props.may) {
  void api.get<WorkingDaysView>('/workshop/working-days').then((view) => {
    days.value = view.days
  }).catch(() => undefined)
}
const toggle = (id: FamilyId | Hazard): void =>
  emit('make', { exclude: props.plan.exclude.includes(id) ? props.plan.exclude.filter((e) => e !== id) : [...props.plan.exclude, id] })
</script>

<template>
  <div class="grid gap-3 border-t border-line pt-4">
    <section v-if="plan.changes.length > 0" :aria-label="t('plan.WholePlan.whatChanged')">
      <h2 class="text-xl">{{ t('plan.WholePlan.whatChanged') }}</h2>
      <ul class="leading-snug"><li v-for="c in plan.changes" :key="c.text" class="py-0.5">{{ c.text }}</li></ul>
    </section>
    <section v-if="fast && may" class="grid gap-2" :aria-label="t('plan.WholePlan.readyBy')">
      <form class="flex flex-wrap items-center gap-3 text-lg" @submit.prevent="emit('make', { readyBy })">
        <p>{{ t('plan.WholePlan.readyBy') }} <WorkingHour v-model="readyBy" :days="days" :label="t('plan.WholePlan.readyBy')" /></p>
        <button class="may" type="submit" :disabled="busy || readyBy === ''">{{ t('plan.WholePlan.planForThatHour') }}</button>
      </form>
    </section>
    <section v-if="plan.short.length > 0" class="grid gap-1" :aria-label="t('plan.WholePlan.theShelf')">
      <h2 class="text-xl">{{ t('plan.WholePlan.theShelf') }}</h2>
      <p v-for="s in plan.short" :key="s.says" class="caution">{{ s.says }} <RouterLink
        v-if="s.product !== null" class="by-finger underline underline-offset-4" :to="`/shelf?product=${s.product}`"
      >{{ t('plan.WholePlan.toTheShelf') }}</RouterLink></p>
    </section>
    <section v-if="plan.dropped.length > 0" class="grid gap-1" :aria-label="t('plan.WholePlan.leftOutToKeepThe')">
      <h2 class="text-xl">{{ t('plan.WholePlan.leftOutToKeepThe') }}</h2>
      <p v-for="d in plan.dropped" :key="d.text" class="caution">{{ d.text }}</p>
    </section>
    <section v-if="plan.refused.length > 0" class="grid gap-1" :aria-label="t('plan.WholePlan.consideredAndRefused')">
      <h2 class="text-xl">{{ t('plan.WholePlan.consideredAndRefused') }}</h2>
      <p v-for="r in plan.refused" :key="r.text" class="caution"><strong>{{ r.rule }}</strong> {{ r.text }}</p>
    </section>
    <section v-if="plan.referrals.length > 0" class="grid gap-1" :aria-label="t('plan.WholePlan.forOthers')">
      <p v-for="r in plan.referrals" :key="r.text" class="caution">{{ r.text }}</p>
    </section>
    <section v-if="plan.tellOwner.length > 0" :aria-label="t('plan.WholePlan.tellTheOwner')">
      <h2 class="text-xl">{{ t('plan.WholePlan.tellTheOwner') }}</h2>
      <p v-for="r in plan.tellOwner" :key="r.text" class="py-0.5">{{ r.text }}</p>
    </section>
    <Disclosure v-slot="{ open }" as="section">
      <DisclosureButton class="may">{{ open ? t('plan.WholePlan.closeTheKitList') : t('plan.WholePlan.theKitList') }}</DisclosureButton>
      <DisclosurePanel>
        <ul class="columns-2 pt-2 leading-snug"><li v-for="k in plan.kit" :key="k" class="py-0.5 break-inside-avoid">{{ k }}</li></ul>
      </DisclosurePanel>
    </Disclosure>
    <Disclosure v-if="may && words" v-slot="{ open }" as="section">
      <DisclosureButton
        class="may"
      >{{ open ? t('plan.WholePlan.closeWhatIsNotWanted') : plan.exclude.length > 0 ? t('plan.WholePlan.notWanted', [plan.exclude.length]) :
        t('plan.WholePlan.whatIsNotWanted') }}</DisclosureButton>
      <DisclosurePanel class="flex flex-wrap gap-x-6 pt-2">
        <label v-for="h in words.hazards" :key="h.id" class="flex items-center gap-2 min-h-11">
          <input type="checkbox" class="size-5 accent-ink" :checked="plan.exclude.includes(h.id)" :disabled="busy" @change="toggle(h.id)"> {{
            t('plan.WholePlan.no', [h.label])
          }}</label>
        <label v-for="p in words.products" :key="p.id" class="flex items-center gap-2 min-h-11">
          <input type="checkbox" class="size-5 accent-ink" :checked="plan.exclude.includes(p.id)" :disabled="busy" @change="toggle(p.id)"> {{
            t('plan.WholePlan.no', [p.label])
          }}</label>
      </DisclosurePanel>
    </Disclosure>
  </div>
</template>
