<script setup lang="ts">
import { reactive } from 'vue'
import { api } from '../api/client'
import type { EyeScaleView, Off } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { t } from '../words'

/** How a dab looks beside its target to an eye: one patch on each line, or none. */
const props = defineProps<{ pot: number, busy: boolean }>()
const emit = defineEmits<{ judge: [eye: Partial<Record<Off, number>>], back: [] }>()
const { value: scale, problem, reload } = useLoad(() => api.get<EyeScaleView>(`/pots/${props.pot}/eye`))
void reload()
const said = reactive<Partial<Record<Off, number>>>({})
const say = (off: Off, other: Off, step: number): void => {
  const same = said[off] === step
  said[off] = same ? 0 : step
  said[other] = 0
}
const chosen = (): Partial<Record<Off, number>> => Object.fromEntries(Object.entries(said).filter(([, step]) => step > 0))
</script>

<template>
  <div class="grid gap-4">
    <Notice :text="problem" @again="reload" />
    <p class="text-lg">{{ t('pots.EyeForm.holdTheDryDabBeside') }}</p>
    <div v-if="scale" class="grid gap-3 bg-surround text-dark p-4">
      <div v-for="[one, other] in scale.axes" :key="one?.off" class="grid gap-1">
        <template v-if="one && other">
          <p class="grid grid-cols-3 font-semibold">
            <span>{{ one.label }}</span>
            <span class="text-center font-normal">{{ t('pots.EyeForm.theTarget') }}</span>
            <span class="text-right">{{ other.label }}</span>
          </p>
          <div class="flex items-stretch gap-px" role="group" :aria-label="t('pots.EyeForm.or', [one.label, other.label])">
            <button
              v-for="step in [5, 4, 3, 2, 1]" :key="`one-${step}`" class="grow min-h-14 border-4" type="button"
              :class="said[one.off] === step ? 'border-dark' : 'border-transparent'" :style="{ backgroundColor: one.hexes[step - 1] }"
              :aria-label="t('pots.EyeForm.by', [one.label, step])" :aria-pressed="said[one.off] === step" @click="say(one.off, other.off, step)"
            />
            <span class="grow-2 min-h-14 min-w-14" :style="{ backgroundColor: scale.aim }" />
            <button
              v-for="step in [1, 2, 3, 4, 5]" :key="`other-${step}`" class="grow min-h-14 border-4" type="button"
              :class="said[other.off] === step ? 'border-dark' : 'border-transparent'" :style="{ backgroundColor: other.hexes[step - 1] }"
              :aria-label="t('pots.EyeForm.by', [other.label, step])" :aria-pressed="said[other.off] === step" @click="say(other.off, one.off, step)"
            />
          </div>
        </template>
      </div>
    </div>
    <p class="flex flex-wrap gap-3">
      <button v-if="Object.keys(chosen()).length > 0" class="do grow" type="button" :disabled="busy" @click="emit('judge', chosen())">{{
        t('pots.EyeForm.thatIsHowItLooks')
      }}</button>
      <button v-else class="do grow" type="button" :disabled="busy" @click="emit('judge', {})">{{ t('pots.EyeForm.noDifferenceToBeSeen') }}</button>
      <button class="quiet" type="button" @click="emit('back')">{{ t('pots.EyeForm.readItInstead') }}</button>
    </p>
    <p class="text-soft">{{ t('pots.EyeForm.inDaylightDryWithThe') }}</p>
  </div>
</template>
