<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { CameBackInput, CausesView, Fault, VisitView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** A visit that puts an earlier one right: which, what failed, and why. */
const props = defineProps<{ visit: VisitView, earlier: readonly VisitView[], busy: boolean }>()
const emit = defineEmits<{
  look: [visit: number, fault: Fault, then: (found: CausesView) => void], tie: [given: CameBackInput], close: [],
}>()
const { day } = useWhen()
const faults: readonly { id: Fault, label: string }[] = [
  { id: 'peels', label: t('passport.CameBack.peels') }, { id: 'cracks', label: t('passport.CameBack.cracks') },
  { id: 'streaks', label: t('passport.CameBack.streaks') }, { id: 'rubs-off', label: t('passport.CameBack.rubsOff') },
  { id: 'pale-specks', label: t('passport.CameBack.paleSpecks') }, { id: 'craters', label: t('passport.CameBack.craters') },
  { id: 'orange-peel', label: t('passport.CameBack.orangePeel') }, { id: 'ragged-line', label: t('passport.CameBack.raggedLine') },
  { id: 'haze', label: t('passport.CameBack.haze') }, { id: 'darker-half', label: t('passport.CameBack.darkerHalf') },
  { id: 'sticky', label: t('passport.CameBack.sticky') }, { id: 'tide-line', label: t('passport.CameBack.tideLine') },
  { id: 'opens-again', label: t('passport.CameBack.opensAgain') },
]
const of = ref(String(props.earlier[0]?.piece ?? 0))
const fault = ref<Fault>('peels')
const found = shallowRef<CausesView | null>(null)
const visits = computed(() => props.earlier.map((v) => ({ id: String(v.piece), label: day(v.openedAt) })))
watch([of, fault], () => {
  found.value = null
  emit('look', Number(of.value), fault.value, (causes) => {
    found.value = causes
  })
}, { immediate: true })
const percent = (share: number): string => `${Math.round(100 * share)} %`
</script>

<template>
  <section class="grid gap-3 border-2 border-ink p-4" :aria-label="t('passport.CameBack.itCameBack')">
    <p class="text-lg leading-loose">{{
                                       t('passport.CameBack.whatWasDoneOn')
                                     }} <Choice v-model="of" :label="t('passport.CameBack.visit')" :options="visits" />
      {{ t('passport.CameBack.failed') }} <Choice v-model="fault" :label="t('passport.CameBack.whatFailed')" :options="faults" />.</p>
    <template v-if="found">
      <ul class="grid">
        <li v-for="c in found.causes" :key="c.cause" class="flex flex-wrap items-center gap-x-4 border-t border-line py-1">
          <span class="grow"><strong>{{ c.label.charAt(0).toUpperCase() + c.label.slice(1) }}</strong> <span class="text-soft">{{ percent(c.share) }}</span>
            <template v-if="c.sign"><br>{{ t('passport.CameBack.theRecordShows', [c.sign]) }}</template></span>
          <button class="may" type="button" :disabled="busy" @click="emit('tie', { visit: Number(of), fault, cause: c.cause })">{{
            t('passport.CameBack.thatWasIt')
          }}</button>
        </li>
      </ul>
      <details v-if="found.coats.length > 0">
        <summary class="min-h-11 flex items-center underline underline-offset-4">{{ t('passport.CameBack.whatWasLaid', [found.coats.length]) }}</summary>
        <ul class="list-disc pl-6"><li v-for="(c, i) in found.coats" :key="i">{{ c }}</li></ul>
      </details>
    </template>
    <p class="flex flex-wrap gap-3">
      <button class="may" type="button" :disabled="busy" @click="emit('tie', { visit: Number(of), fault, cause: null })">{{
        t('passport.CameBack.nobodyKnows')
      }}</button>
      <button class="quiet" type="button" @click="emit('close')">{{ t('passport.CameBack.leaveIt') }}</button>
    </p>
  </section>
</template>
