<script setup lang="ts">
import { ref, watch } from 'vue'
import { limits, type HourClock, type WorkshopView } from '../api/types'
import Choice from '../kit/Choice.vue'

/** What stands at the head of every paper, how hours are said, and when what is not fetched is asked after. */
const props = defineProps<{ identity: WorkshopView['identity'], busy: boolean, may: boolean }>()
const emit = defineEmits<{ keep: [identity: WorkshopView['identity']] }>()
const form = ref({ ...props.identity })
watch(() => props.identity, (now) => {
  form.value = { ...now }
})
const CLOCKS: { id: HourClock, label: string }[] = [{ id: '24', label: '14:20' }, { id: '12', label: '2:20 pm' }]
const { min, max } = limits.IdentityInput.uncollectedDays
</script>

<template>
  <form class="grid gap-4 max-w-3xl pt-4" @submit.prevent="emit('keep', form)">
    <h2 class="text-2xl">At the head of every paper</h2>
    <label>Name of the workshop<input v-model="form.name" class="write" name="workshop-name" maxlength="80" :disabled="!may"></label>
    <label>Address<textarea v-model="form.address" class="write" name="workshop-address" rows="2" maxlength="200" :disabled="!may" /></label>
    <label>How you are reached<input v-model="form.reach" class="write" name="workshop-reach" maxlength="120" :disabled="!may"></label>
    <p class="text-xl leading-loose">Twenty past two is said <Choice v-model="form.clock" label="How hours are said" :options="CLOCKS" :disabled="!may" />.
      What is ready and not collected is asked after when it has waited
      <input
        v-model.number="form.uncollectedDays" class="write w-24! min-h-11! py-0! inline-block align-middle font-semibold" name="uncollected" type="number"
        :min="min" :max="max" aria-label="Days until what is not collected is asked after" :disabled="!may"
      > days.</p>
    <button v-if="may" class="do justify-self-start px-10!" type="submit" :disabled="busy">Keep this</button>
    <p v-else class="text-soft">The owner of the workshop sets this.</p>
  </form>
</template>
