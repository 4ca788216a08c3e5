<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import type { BlockView, CallView, Event as Act, FamilyId, LastActView, Outcome, RackPieceView } from '../api/types'
import { vFocus } from '../kit/vFocus'
import { useWhen } from '../session/useWhen'
import { isForgotten, minutesUnderWay } from '../step/forgotten'
import NoteForm from '../step/NoteForm.vue'
import StepWords from '../step/StepWords.vue'
import CompareForm from './CompareForm.vue'
import Forgotten from './Forgotten.vue'
import RareAct from './RareAct.vue'
import StepSeam from './StepSeam.vue'
import TakesFrom from './TakesFrom.vue'
import { t } from '../words'

/** The one thing to do, large; under it the two that follow. */
const props = defineProps<{
  call: CallView | null
  following: readonly CallView[]
  now: number
  busy: boolean
  rack: readonly RackPieceView[]
  ahead: string
  helpers: readonly { person: number; name: string }[]
  /** what was done last, to take back */
  last: LastActView | null
  /** the foot switch bounces: for a moment nothing is begun or ended */
  locked: boolean
  /** a piece calls: the one key comes to it */
  rings?: boolean
  /** out of hours: what one goes on with, and when */
  goesOn?: BlockView | null
}>()
const emit = defineEmits<{
  act: []
  /** ended, after so many minutes */
  took: [minutes: number]
  notYet: []
  notEnough: []
  otherwise: [product: FamilyId, outcome: Outcome]
  stop: []
  putDown: []
  interrupt: []
  handOn: [person: number, note: string]
  spoiled: []
  allTheSame: []
  takeBack: []
  noted: []
  /** ended, with what was really taken from the shelf */
  doneWith: [amount: number, lot: number | null]
}>()
const { time, when } = useWhen()
const minutes = computed(() => (props.call ? minutesUnderWay(props.call.step, props.now) : 0))
const verb = computed(() => (props.call?.urgency === 'running' ? t('bench.Hand.done2') : t('bench.Hand.start')))
/** Under way, it is answered rather than done. */
const isLook = computed(() => props.call?.urgency === 'running' && props.call.step.isLook)
const isCompare = computed(() => props.call?.urgency === 'running' && props.call.step.action === 'compare')
const otherwise = ref(false)
/** Who goes on with it, and what they should know. */
const to = ref<{ person: number, name: string } | null>(null)
const note = ref('')
const handOn = (): void => {
  if (to.value !== null) {
    emit('handOn', to.value.person, note.value.trim())
    to.value = null
  }
}
watch(() => props.call?.step.id, () => {
  otherwise.value = false
  to.value = null
})
const looks = computed(() => {
  const half = props.call?.step.half ?? 'whole'
  return half === 'whole' ? t('bench.Hand.aLook') : half === 'both' ? t('bench.Hand.aLookAtBothHalves') : t('bench.Hand.aLookAtTheHalf', [half])
})
const TOLD: Partial<Record<Act, string>> = {
  'done': t('bench.Hand.ended'), 'gate-passed': t('bench.Hand.passed2'), 'gate-not-yet': t('bench.Hand.notYet2'), 'spoiled': t('bench.Hand.spoiled2'),
  'taken-over': t('bench.Hand.handedOn'), 'interrupted': t('bench.Hand.interrupted2'),
  'again': t('bench.Hand.openedAgain'), 'put-down': t('bench.Hand.putDown'),
}

const inHand = computed(() => props.rack.find((p) => p.piece === props.call?.step.piece))
/** When nothing calls: what opens first. */
const opens = computed(
  () =>
    [...props.rack]
      .filter((p) => p.opensAt !== null && p.standing === 'waiting')
      .sort((a, b) => Date.parse(a.opensAt ?? '') - Date.parse(b.opensAt ?? ''))[0],
)
</script>

<template>
  <template v-if="call">
    <div
      class="grow min-h-0 lg:overflow-y-auto lg:pb-5 lg:mask-b-from-[calc(100%-1.25rem)] grid grid-cols-[minmax(0,1fr)] content-start gap-2.5"
      role="region" :aria-label="t('bench.Hand.whatToDo')" tabindex="0"
    >
      <div class="flex flex-wrap items-baseline gap-x-4">
        <p class="text-bench grow"><strong>{{ call.pieceName }}</strong></p>
        <p v-if="call.urgency === 'running' && !isLook && !isCompare" class="text-bench leading-none"><span
          class="text-[2rem] font-head mr-2"
        >{{ minutes }}</span>{{ t('bench.Hand.ofAbout', [call.step.minutes, call.step.minutes === 1 ? t('bench.Hand.minute') : t('bench.Hand.minutes')]) }}</p>
      </div>
      <StepSeam v-if="inHand" :key="inHand.piece" :done="inHand.stepsDone" :all="inHand.stepsAll" />
      <button
        v-if="last" class="quiet justify-self-start text-left leading-tight px-0! max-w-full" type="button" :disabled="busy"
        @click="emit('takeBack')"
      ><span class="truncate">{{
         t('bench.Hand.takeBack', [last.title, last.pieceName === call.pieceName ? '' : `, ${last.pieceName},`, TOLD[last.event] ?? t('bench.Hand.done')])
       }}</span>
        <span class="key ml-2 shrink-0">U</span></button>
      <p v-if="goesOn" class="border-l-4 border-ink pl-3 leading-snug">{{
        t('bench.Hand.outOfHoursYouGo', [when(goesOn.start, now), goesOn.title, goesOn.pieceName])
      }}</p>
      <p v-if="call.urgency === 'closing' && call.closesAt" class="stop text-bench">{{ t('bench.Hand.soonTooLateUntil', [time(call.closesAt)]) }}</p>
      <p v-if="call.urgency === 'missed'" class="stop text-bench">{{
        t('bench.Hand.itsWindowClosed', [call.closesAt ? t('bench.Hand.at', [when(call.closesAt, now)]) : ''])
      }}<template
        v-if="call.again"
      >{{ t('bench.Hand.doAgain', [call.again.title]) }}</template></p>

      <template v-if="call.urgency === 'test'">
        <p class="text-bench font-semibold">{{
          t('bench.Hand.gateTest', [
            call.step.half === 'whole' ? '' : call.step.half === 'both' ? t('bench.Hand.bothHalves') : t('bench.Hand.half', [call.step.half])
          ])
        }}</p>
        <h2 class="text-[2.4rem] leading-[1.08]">{{ call.step.gate }}</h2>
        <p class="text-bench">{{
          t('bench.Hand.afterOnTheEnded', [call.step.title, call.step.where, call.step.endedAt ? when(call.step.endedAt, now) : ''])
        }}</p>
      </template>
      <template v-else-if="isLook">
        <p class="text-bench font-semibold">{{ looks }}</p>
        <h2 class="text-[2.4rem] leading-[1.08]">{{ call.step.title }}</h2>
        <p class="text-bench">{{ t('bench.Hand.onThe', [call.step.where, call.step.how]) }}</p>
        <p class="text-soft">{{ call.step.why }}</p>
      </template>
      <template v-else-if="isCompare">
        <p class="text-bench font-semibold">{{ t('bench.Hand.oneHalfAgainstTheOther') }}</p>
        <h2 class="text-[2.4rem] leading-[1.08]">{{ call.step.title }}</h2>
        <p class="text-bench">{{ call.step.how }}</p>
        <CompareForm
          v-if="otherwise" :step="call.step" :busy="busy" @otherwise="(product, outcome) => emit('otherwise', product, outcome)" @leave="otherwise = false"
        />
        <p class="text-soft">{{ call.step.why }}</p>
      </template>
      <template v-else>
        <form v-if="to" class="border-2 border-ink p-3 grid gap-2" novalidate @submit.prevent="handOn">
          <label class="grid gap-1 text-bench">{{ t('bench.Hand.whatShouldKnow', [to.name]) }}
            <textarea v-model="note" v-focus class="write" name="handed" rows="2" maxlength="500" @keydown.enter.prevent="handOn" /></label>
          <div class="flex gap-3">
            <button class="do grow" type="submit" :disabled="busy">{{ t('bench.Hand.handItOnTo', [to.name]) }}</button>
            <button class="quiet" type="button" @click="to = null">{{ t('bench.Hand.leaveIt') }}</button>
          </div>
        </form>
        <Forgotten
          v-if="call.urgency === 'running' && isForgotten(call.step, now)" :key="call.step.id" :step="call.step" :now="now" :busy="busy"
          @took="(minutes) => emit('took', minutes)"
        />
        <StepWords :step="call.step" large :under-way="call.urgency === 'running'" />
        <p v-if="call.shelf" class="caution"><strong>{{ t('bench.Hand.shelf') }}</strong> {{ call.shelf }}</p>
        <p v-if="call.pot" class="text-bench" :class="call.pot.enough ? '' : 'caution'">
          <RouterLink class="underline underline-offset-4" :to="`/pots/${call.pot.pot}`">{{ t('bench.Hand.fromThePot', [call.pot.name]) }}</RouterLink>{{
            t('bench.Hand.ofWhatIsLeft', [call.pot.takesMl, call.pot.leftMl])
          }}
        </p>
        <TakesFrom
          v-if="call.takes" :key="`takes-${call.step.id}`" :takes="call.takes" :running="call.urgency === 'running'" :busy="busy"
          @done="(amount, lot) => emit('doneWith', amount, lot)"
        />
        <NoteForm :key="call.step.id" :path="`/pieces/${call.step.piece}/notes`" :at="{ step: call.step.id }" @kept="emit('noted')" />
        <p v-if="call.goesTo" class="text-bench">{{ t('bench.Hand.thenGoesOnWithIt', [call.goesTo.name, when(call.goesTo.at, now)]) }}</p>
      </template>

      <div v-if="following.length > 0" class="border-t-2 border-ink pt-2 mt-2">
        <div class="flex flex-wrap items-baseline gap-x-3">
          <span class="text-bench font-head font-semibold">{{ t('bench.Hand.then') }}</span>
          <span class="text-soft grow">{{ ahead }}</span>
        </div>
        <p v-for="next in following" :key="next.step.id" class="flex gap-3 py-1.5 border-b border-line last:border-0 text-bench leading-tight">
          <span class="grow">{{ next.urgency === 'test' ? t('bench.Hand.test') : '' }}{{ next.step.title }}<span
            class="text-soft block"
          >{{ next.pieceName }}{{ next.step.half === 'whole' ? '' : `, ${next.step.half}` }}</span></span>
          <span class="text-soft whitespace-nowrap">{{ t('bench.Hand.min', [next.minutes]) }}</span>
        </p>
      </div>
    </div>

    <div class="grid gap-2 shrink-0" :class="rings ? 'called' : ''">
      <template v-if="call.urgency === 'test'">
        <button class="do text-2xl! min-h-18!" type="button" :disabled="busy || locked" @click="emit('act')">{{
          t('bench.Hand.passed')
        }} <span class="key">{{ t('bench.Hand.space') }}</span></button>
        <div class="grid grid-cols-2 gap-2">
          <RareAct :label="t('bench.Hand.notYet')" meaning="give it more time" letter="N" sign="time" :disabled="busy" @act="emit('notYet')" />
          <RareAct :label="t('bench.Hand.itIsSpoiled')" meaning="it is laid once more" letter="X" sign="drop" :disabled="busy" @act="emit('spoiled')" />
        </div>
      </template>
      <template v-else-if="isLook">
        <button class="do text-2xl! min-h-18!" type="button" :disabled="busy || locked" @click="emit('act')">{{
          t('bench.Hand.enough')
        }} <span class="key">{{ t('bench.Hand.space') }}</span></button>
        <div class="grid grid-cols-2 gap-2">
          <RareAct :label="t('bench.Hand.notEnough')" meaning="a rung up" letter="N" sign="rung" :disabled="busy" @act="emit('notEnough')" />
          <RareAct :label="t('bench.Hand.putItDown')" meaning="as if it had not been begun" letter="Esc" sign="shelf" :disabled="busy" @act="emit('putDown')" />
        </div>
      </template>
      <template v-else-if="isCompare">
        <template v-if="!otherwise">
          <button class="do text-2xl! min-h-18!" type="button" :disabled="busy || locked" @click="emit('act')">{{ t('bench.Hand.theSameForTheOther') }}
            <span class="key">{{ t('bench.Hand.space') }}</span></button>
          <button class="may min-h-16! text-bench" type="button" :disabled="busy" @click="otherwise = true">{{
            t('bench.Hand.somethingElseForTheOther')
          }}</button>
          <button class="may min-h-16! text-bench" type="button" :disabled="busy" @click="emit('stop')">{{ t('bench.Hand.noFurtherTheOtherStays') }}</button>
          <button class="quiet justify-self-start" type="button" :disabled="busy" @click="emit('putDown')">{{ t('bench.Hand.putItDown') }}
            <span class="key ml-2">{{ t('bench.Hand.esc') }}</span></button>
        </template>
      </template>
      <template v-else>
        <button
          v-if="call.urgency === 'missed' && call.again" class="do text-2xl! min-h-18!" type="button" :disabled="busy || locked"
          @click="emit('act')"
        >{{ t('bench.Hand.again', [call.again.title]) }} <span class="key">{{ t('bench.Hand.space') }}</span></button>
        <button v-else class="do text-2xl! min-h-18!" type="button" :disabled="busy || locked" @click="emit('act')">{{ verb }}
          <span class="key">{{ t('bench.Hand.space') }}</span></button>
        <div v-if="call.urgency === 'running'" class="grid grid-flow-col auto-cols-fr gap-1.5">
          <RareAct
            :label="t('bench.Hand.interrupted')" meaning="called away; the minutes so far are kept" letter="I" sign="door" :disabled="busy"
            @act="emit('interrupt')"
          />
          <RareAct :label="t('bench.Hand.putItDown')" meaning="as if it had not been begun" letter="Esc" sign="shelf" :disabled="busy" @act="emit('putDown')" />
          <Menu v-if="helpers.length > 0" as="div" class="relative grid">
            <MenuButton as="template" :disabled="busy">
              <RareAct :label="t('bench.Hand.aHelperGoesOn')" meaning="from your hands to theirs" letter="H" sign="hands" data-helper :disabled="busy" />
            </MenuButton>
            <MenuItems class="absolute right-0 bottom-full z-40 mb-1 w-64 bg-raised border-2 border-ink py-1 focus:outline-none">
              <MenuItem v-for="helper in helpers" :key="helper.person" v-slot="{ active }">
                <button
                  class="w-full text-left px-4 min-h-14 text-bench" :class="active ? 'bg-ink text-raised' : ''"
                  @click="to = helper; note = ''"
                >{{ helper.name }}</button>
              </MenuItem>
            </MenuItems>
          </Menu>
          <RareAct :label="t('bench.Hand.spoiled')" meaning="it is laid once more" letter="X" sign="drop" :disabled="busy" @act="emit('spoiled')" />
        </div>
        <button v-if="call.urgency === 'missed' && call.again" class="quiet justify-self-start" type="button" :disabled="busy" @click="emit('allTheSame')">{{
          t('bench.Hand.goOnAllTheSame')
        }}</button>
      </template>
    </div>
  </template>
  <div v-else class="grid gap-4 py-10">
    <h2 class="text-[2.4rem] leading-[1.08]">{{ t('bench.Hand.handsFree') }}</h2>
    <button v-if="last" class="quiet justify-self-start text-left" type="button" :disabled="busy" @click="emit('takeBack')">{{
      t('bench.Hand.takeBack2', [last.title, last.pieceName, TOLD[last.event] ?? t('bench.Hand.done')])
    }} <span class="key ml-2">U</span></button>
    <p v-if="goesOn" class="text-xl">{{
      t('bench.Hand.youGoOn')
    }} <strong>{{ when(goesOn.start, now) }}</strong>: “{{ goesOn.title }}”, {{ goesOn.pieceName }}.</p>
    <p v-else-if="opens?.opensAt" class="text-xl">{{ t('bench.Hand.everythingIsDryingTheNext', [opens.next, opens.name]) }}
      <strong>{{ when(opens.opensAt, now) }}</strong>.</p>
    <p v-else-if="rack.length > 0" class="text-xl">{{ t('bench.Hand.nothingWaitsForYouJust') }}</p>
    <p v-else class="text-xl">{{ t('bench.Hand.takeAPieceInAt') }}</p>
  </div>
</template>

<style scoped>
/* While a piece calls, the one key comes to it. */
.called .do .key { visibility: hidden; }
</style>
