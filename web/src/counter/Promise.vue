<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, Problem } from '../api/client'
import type { PromiseView } from '../api/types'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import { useSession } from '../session/useSession'
import WorkingHour from '../step/WorkingHour.vue'
import TellOwner from './TellOwner.vue'
import { usePromise } from './usePromise'
import { t } from '../words'

/** The earliest date that holds in nine weeks of ten with all that is on the bench, and what a rush would cost others. */
const props = defineProps<{ id: number }>()
const { value: promise, problem, reload, keep } = usePromise(() => props.id)
void reload()
const { person } = useSession()
const { date, time, when } = useWhen()
const now = useNow()
const busy = ref(false)
const refused = ref('')
const given = ref(false)
const rushing = ref(false)

const give = async (at: string, rush: boolean): Promise<void> => {
  if (!promise.value) {
    return
  }
  busy.value = true
  try {
    void keep(await api.post<PromiseView>(`/tickets/${props.id}/promise`, { promisedAt: at, was: promise.value.promisedAt, rush }))
    refused.value = ''
    given.value = true
  } catch (error) {
    refused.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
    await reload()
  } finally {
    busy.value = false
  }
}
const promisedFor = computed(() => t('counter.Promise.promisedFor', [promise.value?.rush === true ? t('counter.Promise.asARush') : '']))
const breaks = computed(() => promise.value?.pushed.filter((p) => p.breaks) ?? [])
/** A working day and an hour of it that the owner would rather have. */
const hour = ref('')
const days = computed(() => (promise.value?.days ?? []).map((d) => d.hours.map((h) => h.at)))
const chosenDay = computed(() => promise.value?.days.flatMap((d) => d.hours).find((h) => h.at === hour.value))
/** In how many weeks it would hold as a rush, where that is more. */
const sooner = computed(() => {
  const [holds, rushed] = [chosenDay.value?.holds ?? 0, chosenDay.value?.rushed ?? null]
  return rushed !== null && rushed > holds ? rushed : null
})
/** Further than the hours of anybody here are known. */
const later = ref('')
const isLater = ref(false)
const surely = (holds: number): string =>
  holds >= 90 ? t('counter.Promise.itCanBeKept') : holds >= 60 ? t('counter.Promise.itMayNotBeKept')
    : holds >= 10 ? t('counter.Promise.itWillHardlyBeKept') : t('counter.Promise.itCannotBeKept')
</script>

<template>
  <main class="px-4 sm:px-9 py-6 grid gap-6 content-start max-w-6xl w-full mx-auto">
    <Notice :text="problem || refused" @again="reload" />
    <header class="flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 class="text-4xl grow">{{ t('counter.Promise.aPromiseFor', [promise?.customer ?? '…']) }}</h1>
      <RouterLink class="quiet" to="/counter">{{ t('counter.Promise.backToTheCounter') }}</RouterLink>
    </header>
    <p v-if="!promise && !problem" class="text-xl text-soft">{{ t('counter.Promise.theBenchIsBeingPlayed') }}</p>
    <template v-if="promise">
      <div v-if="promise.unseen.length > 0" class="text-xl grid gap-2">
        <p>{{ t('counter.Promise.nothingCanBeSaidYet') }} <strong>{{ promise.unseen.join(', ') }}</strong>.</p>
        <p>{{ t('counter.Promise.openEachAtTheCounter') }}</p>
      </div>
      <p v-else-if="promise.tooMuch" class="stop text-xl">{{ t('counter.Promise.thereIsSoMuchOn') }}
        <strong>{{ date(promise.promisedAt) }}, {{ time(promise.promisedAt) }}</strong>{{ t('counter.Promise.whetherItCanBeKept') }}{{
          promise.even ? t('counter.Promise.everyOtherTimeItIs', [when(promise.even, now)]) : ''
        }}</p>
      <p v-else-if="promise.stepsLeft === 0" class="text-xl">{{ t('counter.Promise.nothingIsLeftToBe') }}</p>
      <template v-else>
        <section class="border-y-4 border-ink py-5 grid gap-3" :aria-label="t('counter.Promise.whatMayBePromised')">
          <p class="text-lg">{{ t('counter.Promise.byHandAfterWhatIs', [counted(promise.stepsLeft, 'step'), counted(promise.minutesLeft, 'minute')]) }}</p>
          <template v-if="promise.certain">
            <p class="font-head text-4xl sm:text-[3.2rem] leading-tight">{{ date(promise.certain) }}, {{ time(promise.certain) }}</p>
            <p class="text-lg">{{ t('counter.Promise.isKeptNineTimesOut') }}<template v-if="promise.even && promise.even !== promise.certain">{{
              t('counter.Promise.everyOtherTimeItIs', [when(promise.even, now)])
            }}</template></p>
          </template>
          <p v-else-if="promise.sharpens" class="font-head text-3xl">{{
            promise.even ? t('counter.Promise.everyOtherTimeSoFar', [when(promise.even, now)]) : t('counter.Promise.theBenchIsBeingPlayed')
          }}</p>
          <div v-else class="stop text-xl grid gap-2">
            <p>{{ t('counter.Promise.thereAreNotEnoughHours') }}</p>
            <template v-if="promise.missing">
              <p v-if="promise.missing.from">{{ t('counter.Promise.nobodysHoursAreKnownAfter', [when(promise.missing.from, now)]) }}
                {{ promise.missing.steps > 0
                  ? t('counter.Promise.cannotBeDoneBeforeThat', [counted(promise.missing.steps, 'step'), counted(promise.missing.minutes, 'minute')])
                  : t('counter.Promise.inMostWeeksButNot') }}</p>
              <p v-for="why in promise.missing.why" :key="why">{{ why }}</p>
            </template>
            <p>{{ t('counter.Promise.enterMoreHours') }}</p>
          </div>
          <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
            <button
              v-if="promise.certain && person?.mayReceive" class="do text-2xl! min-h-20! px-10!" type="button" :disabled="busy || promise.sharpens"
              @click="give(promise.certain, false)"
            >{{ t('counter.Promise.promiseThis') }}</button>
            <p v-if="promise.sharpens" class="text-lg text-soft" role="status">{{ t('counter.Promise.playedSoOften', [promise.played, promise.outOf]) }}</p>
          </div>
        </section>
        <p v-for="s in promise.aloud" :key="s" class="stop text-lg">{{ s }}</p>
        <section v-if="promise.short.length > 0" class="grid gap-1" :aria-label="t('counter.Promise.theShelf')">
          <h2 class="text-xl">{{ t('counter.Promise.theShelf') }}</h2>
          <p v-for="s in promise.short" :key="s.says" class="caution">{{ s.says }}</p>
        </section>
        <p v-if="!promise.promised" class="text-xl">{{ t('counter.Promise.noDayIsPromisedYet') }}</p>
        <p v-else class="text-xl" aria-live="polite"><strong v-if="given">{{ t('counter.Promise.written') }}</strong><span>{{ promisedFor }}
          <strong>{{ date(promise.promisedAt) }}, {{ time(promise.promisedAt) }}</strong>. </span>
          <template v-if="promise.holds !== null || !promise.sharpens"><span>{{ surely(promise.holds ?? 0) }}. </span>
            <span class="text-soft">{{ t('counter.Promise.keptTimesOutOfA', [promise.holds]) }}</span></template></p>
        <section v-if="promise.days.length > 0 && person?.mayReceive" class="grid gap-2" :aria-label="t('counter.Promise.anotherDay')">
          <p class="text-lg">{{ t('counter.Promise.anotherDay2') }} <WorkingHour v-model="hour" :days="days" :label="t('counter.Promise.anotherDay')" />
            <button v-if="!isLater" class="quiet ml-3" type="button" @click="isLater = true">{{ t('counter.Promise.aLaterOne') }}</button></p>
          <form v-if="isLater" class="flex items-end gap-3" @submit.prevent="give(`${later}T17:00`, false); isLater = false">
            <label>{{ t('counter.Promise.whichDay') }}<input v-model="later" class="write" name="later" type="date" required></label>
            <button class="may" type="submit" :disabled="busy || later === ''">{{ t('counter.Promise.promiseThatDay') }}</button>
          </form>
          <p v-if="chosenDay" class="text-lg">{{ t('counter.Promise.timesOutOfAHundred', [surely(chosenDay.holds), chosenDay.holds]) }}
            <span v-if="sooner !== null">{{ t('counter.Promise.takenBeforeEverythingElseTimes', [sooner]) }}</span>
            <button class="may ml-3" type="button" :disabled="busy" @click="give(chosenDay.at, false); hour = ''">{{
              t('counter.Promise.promise', [date(chosenDay.at)])
            }}</button>
            <button
              v-if="sooner !== null" class="may ml-3" type="button" :disabled="busy"
              @click="give(chosenDay.at, true); hour = ''"
            >{{ t('counter.Promise.promiseItAsARush') }}</button></p>
          <ul v-if="chosenDay && sooner !== null && breaks.length > 0" class="pl-5 list-disc text-lg">
            <li v-for="p in breaks" :key="p.piece">{{ t('counter.Promise.asARushItBreaks', [p.customer, p.name, when(p.promisedAt, now)]) }}</li>
          </ul>
        </section>
        <section v-if="promise.promised" class="grid gap-2" :aria-label="t('counter.Promise.itWillBeLate')">
          <h2 class="text-2xl">{{ t('counter.Promise.itWillBeLate') }}</h2>
          <p class="text-lg">{{ t('counter.Promise.promiseTheNewDayFirst') }}</p>
          <TellOwner :ticket="id" occasion="late" />
        </section>
        <section v-if="promise.rushed" class="grid gap-3" :aria-label="t('counter.Promise.aRush')">
          <h2 class="text-2xl">{{ t('counter.Promise.ifItGoesBeforeEverything') }}</h2>
          <p v-if="promise.rushed === promise.certain" class="text-lg">{{ t('counter.Promise.itWouldBeReadyNo') }}</p>
          <template v-else>
            <p class="text-xl"><strong>{{ date(promise.rushed) }}, {{ time(promise.rushed) }}</strong>.
              {{ breaks.length > 0
                ? t('counter.Promise.itWouldBreak', [breaks.length === 1 ? t('counter.Promise.aPromise') : t('counter.Promise.promises', [breaks.length])])
                : promise.pushed.length > 0 ?
                  t('counter.Promise.noPromiseBreaksItPushes') : t('counter.Promise.nobodyIsPushedBack') }}</p>
            <ul class="grid">
              <li
                v-for="p in promise.pushed" :key="p.piece" class="grid grid-cols-[minmax(0,1fr)_auto] gap-4 border-b border-line py-2 text-lg"
                :class="p.breaks ? 'font-semibold' : ''"
              >
                <span>{{ p.customer }}<span class="text-soft font-normal"> · {{ p.name }}</span></span>
                <span>{{ p.was ? when(p.was, now) : t('counter.Promise.never') }} → {{
                  p.becomes ? when(p.becomes, now) : t('counter.Promise.noHoursLeft')
                }}<template v-if="p.breaks">{{ t('counter.Promise.promised', [when(p.promisedAt, now)]) }}</template></span>
              </li>
            </ul>
            <div v-if="person?.mayReceive" class="flex gap-4">
              <button v-if="!rushing" class="may" type="button" @click="rushing = true">{{ t('counter.Promise.takeItAsARush') }}</button>
              <template v-else>
                <button class="do" type="button" :disabled="busy" @click="give(promise.rushed, true); rushing = false">{{
                  t('counter.Promise.yesBeforeEverythingElse')
                }}</button>
                <button class="may" type="button" @click="rushing = false">{{ t('counter.Promise.no') }}</button>
              </template>
            </div>
          </template>
        </section>
      </template>
    </template>
  </main>
</template>
