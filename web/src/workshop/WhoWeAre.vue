<script setup lang="ts">
import { ref, watch } from 'vue'
import { limits, type HourClock, type WorkshopView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { t } from '../words'

/** What stands at the head of every paper, how hours are said, and when what is not fetched is asked after. */
const props = defineProps<{ identity: WorkshopView['identity'], busy: boolean, may: boolean }>()
const emit = defineEmits<{ keep: [identity: WorkshopView['identity']] }>()
const form = ref({ ...props.identity })
watch(() => props.identity, (now) => {
  form.value = { ...now }
})
const CLOCKS: { id: HourClock, label: string }[] = [{ id: '24', label: '14:20' }, { id: '12', label: t('workshop.WhoWeAre.n220Pm') }]
const FOR: { id: 'customers' | 'own', label: string }[] = [
  { id: 'customers', label: t('workshop.WhoWeAre.forCustomers') }, { id: 'own', label: t('workshop.WhoWeAre.forOwn') },
]
const { min, max } = limits.IdentityInput.uncollectedDays
</script>

<template>
  <form class="grid gap-4 max-w-3xl pt-4" @submit.prevent="emit('keep', form)">
    <h2 class="text-2xl">{{ t('workshop.WhoWeAre.atTheHeadOfEvery') }}</h2>
    <label>{{ t('workshop.WhoWeAre.nameOfTheWorkshop') }}<input v-model="form.name" class="write" name="workshop-name" maxlength="80" :disabled="!may"></label>
    <label>{{
      t('workshop.WhoWeAre.address')
    }}<textarea v-model="form.address" class="write" name="workshop-address" rows="2" maxlength="200" :disabled="!may" /></label>
    <label>{{
      t('workshop.WhoWeAre.howYouAreReached')
    }}<input v-model="form.reach" class="write" name="workshop-reach" maxlength="120" :disabled="!may"></label>
    <p class="text-xl leading-loose">{{
                                       t('workshop.WhoWeAre.twentyPastTwoIsSaid')
                                     }} <Choice v-model="form.clock" :label="t('workshop.WhoWeAre.howHoursAreSaid')" :options="CLOCKS" :disabled="!may" />{{
                                       t('workshop.WhoWeAre.whatIsReadyAndNot')
                                     }}
      <input
        v-model.number="form.uncollectedDays" class="write w-24! min-h-11! py-0! inline-block align-middle font-semibold" name="uncollected" type="number"
        :min="min" :max="max" :aria-label="t('workshop.WhoWeAre.daysUntilWhatIsNot')" :disabled="!may"
      > {{ t('workshop.WhoWeAre.days') }}</p>
    <p class="text-xl leading-loose">{{ t('workshop.WhoWeAre.forWhom') }} <Choice
      :model-value="form.home ? 'own' : 'customers'" :label="t('workshop.WhoWeAre.forWhomLabel')" :options="FOR" :disabled="!may"
      @update:model-value="(v) => { form.home = v === 'own' }"
    />.</p>
    <button v-if="may" class="do justify-self-start px-10!" type="submit" :disabled="busy">{{ t('workshop.WhoWeAre.keepThis') }}</button>
    <p v-else class="text-soft">{{ t('workshop.WhoWeAre.theOwnerOfTheWorkshop') }}</p>
  </form>
</template>
