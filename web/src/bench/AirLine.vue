<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, reactive, ref, shallowRef } from 'vue'
import { api, Problem } from '../api/client'
import type { AirView, DryingPlace, WhatIfView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { figure } from '../kit/figure'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { t } from '../words'

/** The air at each place; a reading can be typed and holds for an hour against the instrument; what opening the window or a fan would save. */
const props = defineProps<{ air: readonly AirView[] }>()
const emit = defineEmits<{ typed: [] }>()
const bench = computed(() => props.air.find((a) => a.place === 'bench') ?? props.air[0])
const said = computed(() => props.air.flatMap((a) => a.said))
const { span } = useWhen()
const words = useWords()
const places = computed(() => [{ id: 'room' as const, label: t('bench.AirLine.wholeRoom') }, ...(words.value?.places ?? [])])
const where = ref<DryingPlace | 'room'>('room')
const form = reactive({ tempC: bench.value?.tempC ?? 20, humidity: bench.value?.humidity ?? 50, speedMs: bench.value?.speedMs ?? 0.1 })
const problem = ref('')
const CHANGES = { window: t('bench.AirLine.windowOpen'), fan: t('bench.AirLine.fanOn'), heater: '+3 °C', box: t('bench.AirLine.dryingBox') } as const
const asked = ref<keyof typeof CHANGES | null>(null)
const outside = reactive({ tempC: 10, humidity: 65 })
const answer = shallowRef<WhatIfView | null>(null)

const keep = async (close: () => void): Promise<void> => {
  try {
    await api.post<AirView>('/air', {
      tempC: figure(String(form.tempC)),
      humidity: figure(String(form.humidity)),
      speedMs: figure(String(form.speedMs)),
      place: where.value === 'room' ? null : where.value,
    })
    problem.value = ''
    close()
    emit('typed')
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
}
const ask = async (change: keyof typeof CHANGES): Promise<void> => {
  asked.value = change
  try {
    const out = `outsideC=${figure(String(outside.tempC))}&outsideHumidity=${figure(String(outside.humidity))}`
    answer.value = await api.get<WhatIfView>(`/air/what-if?do=${change}&${out}`)
    problem.value = ''
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
}
</script>

<template>
  <Popover v-slot="{ close }" class="relative">
    <PopoverButton class="min-h-11 text-lg border-b-2 border-ink">
      <template v-if="bench"><strong>{{ bench.tempC.toFixed(1) }} °C</strong> · <strong>{{ bench.humidity }} %</strong>
        <span v-if="bench.source !== 'instrument'" class="text-soft">{{ ` ${bench.source}` }}</span>
        <span v-if="said.length > 0" class="font-semibold">{{ ' !' }}</span></template>
      <template v-else>{{ t('bench.AirLine.airNotReadYet') }}</template>
      <span class="sr-only">{{ t('bench.AirLine.inTheWorkshopTypeA') }}</span>
    </PopoverButton>
    <PopoverPanel class="absolute right-0 z-30 mt-2 w-[27rem] max-h-[min(70vh,27rem)] overflow-y-auto bg-raised border-2 border-ink p-5 grid gap-4">
      <table v-if="air.length > 0" class="w-full">
        <caption class="sr-only">{{ t('bench.AirLine.theAirAtEachPlace') }}</caption>
        <tbody>
          <tr v-for="place in air" :key="place.place" class="border-b border-line last:border-0">
            <th scope="row" class="text-left font-normal py-1">{{ place.label }}</th>
            <td class="text-right font-semibold">{{ place.tempC.toFixed(1) }} °C</td>
            <td class="text-right font-semibold">{{ place.humidity }} %</td>
            <td class="text-right text-soft">{{ place.speedMs.toFixed(1) }} m/s{{ place.source === 'instrument' ? '' : `, ${place.source}` }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="sentence in said" :key="sentence" class="caution">{{ sentence }}</p>
      <div class="grid gap-2">
        <h2 class="text-lg">{{ t('bench.AirLine.whatWouldItSave') }}</h2>
        <div class="flex gap-2" role="group" :aria-label="t('bench.AirLine.whatIsDoneToThe')">
          <button
            v-for="(label, change) in CHANGES" :key="change" type="button" class="grow min-h-14 border-2 leading-tight"
            :class="asked === change ? 'border-ink bg-ink text-raised' : 'border-line'" :aria-pressed="asked === change"
            @click="ask(change)"
          >{{ label }}</button>
        </div>
        <div v-if="asked === 'window'" class="grid grid-cols-2 gap-3">
          <label>{{
            t('bench.AirLine.outsideC')
          }}<input v-model.number="outside.tempC" class="write" type="number" name="outsideC" @change="ask('window')"></label>
          <label>{{
            t('bench.AirLine.outsideHumidity')
          }}<input v-model.number="outside.humidity" class="write" type="number" name="outsideHumidity" @change="ask('window')"></label>
        </div>
        <template v-if="answer && asked">
          <p aria-live="polite">{{ t('bench.AirLine.theRackWouldHave') }} <strong>{{ answer.tempC.toFixed(1) }} °C, {{ answer.humidity }} %</strong>{{
            t('bench.AirLine.movingMS', [answer.speedMs.toFixed(1)])
          }} <strong v-if="answer.coats.length > 0">{{ answer.minutes >= 0 ?
            t('bench.AirLine.savesOfWaitingInAll', [span(answer.minutes)]) : t('bench.AirLine.costsOfWaitingInAll', [span(-answer.minutes)]) }}</strong>
            <template v-else>{{ t('bench.AirLine.nothingIsDryingNow') }}</template></p>
          <ul class="grid">
            <li v-for="(coat, i) in answer.coats.slice(0, 5)" :key="i" class="flex gap-3 leading-tight py-1 border-b border-line last:border-0">
              <span class="grow">{{ coat.pieceName }}<span class="text-soft block text-[.92rem]">{{ coat.title }}</span></span>
              <span class="font-semibold whitespace-nowrap">{{ coat.minutes > 0 ? t('bench.AirLine.sooner', [span(coat.minutes)]) : coat.minutes < 0 ?
                t('bench.AirLine.later', [span(-coat.minutes)]) : t('bench.AirLine.theSame') }}</span>
            </li>
          </ul>
          <p v-if="answer.caution" class="caution">{{ answer.caution }}</p>
        </template>
      </div>
      <form class="grid gap-3 border-t-2 border-ink pt-3" novalidate @submit.prevent="keep(close)">
        <p>{{
          t('bench.AirLine.readItYourselfInThe')
        }} <Choice v-model="where" :label="t('bench.AirLine.where')" :options="places" />{{ t('bench.AirLine.itHoldsForAnHour') }}</p>
        <div class="grid grid-cols-3 gap-3">
          <label>°C<input v-model.number="form.tempC" class="write" name="tempC" type="number" step="0.1"></label>
          <label>{{ t('bench.AirLine.humidity') }}<input v-model.number="form.humidity" class="write" name="humidity" type="number"></label>
          <label>{{ t('bench.AirLine.movesMS') }}<input v-model.number="form.speedMs" class="write" name="speedMs" type="number" step="0.1"></label>
        </div>
        <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
        <button class="do" type="submit">{{ t('bench.AirLine.takeThisReading') }}</button>
      </form>
    </PopoverPanel>
  </Popover>
</template>
