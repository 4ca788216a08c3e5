<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import Notice from '../kit/Notice.vue'
import { useKeys } from '../kit/keys'
import { useLight } from '../kit/useLight'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import { useSession } from '../session/useSession'
import AlarmBar from './AlarmBar.vue'
import AirLine from './AirLine.vue'
import FitMinutes from './FitMinutes.vue'
import Hand from './Hand.vue'
import LatePieces from './LatePieces.vue'
import { isForgotten } from '../step/forgotten'
import { handMinutes } from '../step/sittings'
import OverrideDialog from '../step/OverrideDialog.vue'
import RackPiece from './RackPiece.vue'
import Tape from './Tape.vue'
import TimeLapse from './TimeLapse.vue'
import TryFirst from './TryFirst.vue'
import Unplanned from './Unplanned.vue'
import { useAlarms } from './useAlarms'
import { useAway } from './useAway'
import { useBench } from './useBench'
import { useHands } from '../step/useHands'
import { t } from '../words'

const router = useRouter()
const { sound } = useLight()
const { alarm, demo, person } = useSession()
/** Who is at the counter looks on. */
const works = computed(() => person.value?.works !== false)
const now = useNow()
const away = useAway()
const { bench, problem, outOfReach, look, took, assume, calls } = useBench(away)
const alarms = useAlarms(bench, now, alarm, sound)
/** The foot switch bounces: what an act has brought into the hand is not begun or ended by the same press. Locked for so long, and shown to be. */
const LOCK_MS = 1200
const locked = ref(false)
const { start: unlockLater } = useTimeoutFn(() => {
  locked.value = false
}, LOCK_MS, { immediate: false })
const hands = useHands((view) => {
  alarms.stop()
  took(view)
  locked.value = true
  unlockLater()
  alarms.expected(view)
}, look, {
  mayKeep: away.mayKeep,
  now: () => new Date(now.value).toISOString().replace(/\.\d+Z$/, '+00:00'),
  keep: (act) => {
    away.keep(act)
    if (bench.value !== null) {
      assume(away.after(bench.value, act))
    }
  },
})
const { time, when } = useWhen()
/** So many pieces stand on the shelf at their full size. */
const FEW = 3
/** A piece taken from the rack goes before what would be next. */
const taken = ref<number | null>(null)
const takeStep = (step: number): void => {
  taken.value = calls.value.find((c) => c.step.id === step)?.step.piece ?? taken.value
}
const running = computed(() => calls.value.find((c) => c.urgency === 'running'))
const ordered = computed(() =>
  running.value || taken.value === null
    ? calls.value
    : [...calls.value.filter((c) => c.step.piece === taken.value), ...calls.value.filter((c) => c.step.piece !== taken.value)],
)
const inHand = computed(() => (works.value ? ordered.value[0] ?? null : null))
/** Out of one's own hours, and nothing under way: when one goes on, and with what. */
const goesOn = computed(() => {
  const mine = works.value ? bench.value?.tapes[0] : undefined
  const open = (mine?.hours ?? []).some((h) => Date.parse(h.start) <= now.value && now.value < Date.parse(h.end))
  return mine === undefined || open || running.value !== undefined || mine.next === null || Date.parse(mine.next.start) <= now.value ? null : mine.next
})
const following = computed(() => ordered.value.slice(1, 3))

/** A step that asks for pictures or a colour is done there. */
const records = computed(() => {
  const step = inHand.value?.urgency === 'running' ? inHand.value.step : null
  return step?.action === 'photograph' ? { label: t('bench.Bench.takeThePictures'), to: `/pieces/${step.piece}/pictures` } :
    step?.action === 'read-colour' ? { label: t('bench.Bench.readTheColour'), to: `/pieces/${step.piece}/colour` } : null
})

/** What begins to call does not catch a press of the foot switch that was meant for what is in the hand; a tap on a button means that button. */
const justRang = ref(false)
const { start: hearLater } = useTimeoutFn(() => {
  justRang.value = false
}, LOCK_MS, { immediate: false })
watch(() => alarms.ringing.value.length, (many, before) => {
  if (many > before) {
    justRang.value = true
    hearLater()
  }
})
/** The piece that calls comes into the hand; what is under way on another is broken off, and its minutes are kept. */
const come = async (): Promise<void> => {
  const calling = alarms.ringing.value[0]
  alarms.stop()
  if (calling === undefined || hands.refusal.value !== null) {
    return
  }
  if (bench.value?.unplanned.some((p) => p.piece === calling.pieceId) === true) {
    await router.push(`/pieces/${calling.pieceId}`)
    return
  }
  if (running.value !== undefined && running.value.step.piece !== calling.pieceId && !(await hands.interrupt(running.value.step))) {
    return
  }
  taken.value = calling.pieceId
}
/** What the rest of today asks of the hands. */
const ahead = computed(() => {
  const blocks = (bench.value?.tapes[0]?.today ?? []).filter((b) => !b.done)
  return blocks.length === 0 || bench.value === null ? '' : t('bench.Bench.minByHandUntil', [handMinutes(blocks), time(bench.value.dayUntil)])
})

const act = (): void => {
  const call = inHand.value
  if (call === null || hands.refusal.value !== null || locked.value) {
    return
  }
  if (isForgotten(call.step, now.value)) {
    // How long it was really is asked first.
    document.querySelector<HTMLInputElement>('input[name=really]')?.select()
    return
  }
  switch (call.urgency) {
    case 'running':
      void (call.step.isLook ? hands.look(call.step, true) : call.step.action === 'compare' ? hands.compare(call.step, 'same') : hands.done(call.step))
      break
    case 'test':
      void hands.gate(call.step, 'passed')
      break
    case 'missed':
      void (call.again ? hands.again(call.again) : hands.start(call.step))
      break
    default:
      void hands.start(call.step)
  }
}
const takeBack = (): void => {
  const last = bench.value?.lastAct ?? null
  if (last !== null && hands.refusal.value === null) {
    void hands.takeBack({ id: last.step, version: last.version })
  }
}
useKeys((event) => {
  const rings = alarms.ringing.value.length > 0
  if (event.code === 'Space') {
    event.preventDefault()
    if (rings && justRang.value) {
      return
    }
    if (rings) {
      // While a piece calls, the one press that there is comes to it.
      void come()
    } else {
      act()
    }
  } else if (event.key === 'c' && rings) {
    void come()
  } else if (event.key === 'q' && rings) {
    alarms.stop()
  } else if (event.key === 'u' && works.value) {
    takeBack()
  } else if (event.key === 'z' && rings) {
    alarms.snooze()
  } else if (event.key === 'n' && inHand.value?.urgency === 'test') {
    void hands.gate(inHand.value.step, 'not-yet')
  } else if (event.key === 'n' && inHand.value?.urgency === 'running' && inHand.value.step.isLook) {
    void hands.look(inHand.value.step, false)
  } else if (event.key === 'i' && inHand.value?.urgency === 'running') {
    void hands.interrupt(inHand.value.step)
  } else if (event.key === 'x' && (inHand.value?.urgency === 'running' || inHand.value?.urgency === 'test')) {
    void hands.spoiled(inHand.value.step)
  } else if (event.key === 'h' && inHand.value?.urgency === 'running') {
    document.querySelector<HTMLButtonElement>('[data-helper]')?.click()
  } else if (event.key === 'Escape' && inHand.value?.urgency === 'running') {
    void hands.putDown(inHand.value.step)
  } else if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && bench.value) {
    const pieces = bench.value.rack.map((p) => p.piece)
    const index = pieces.indexOf(taken.value ?? inHand.value?.step.piece ?? -1)
    taken.value = pieces[(index + (event.key === 'ArrowDown' ? 1 : pieces.length - 1)) % pieces.length] ?? null
    event.preventDefault()
  }
})
</script>

<template>
  <main
    class="grid lg:h-[calc(100dvh-var(--above))] min-h-0 lg:grid-rows-[minmax(0,1fr)_auto_auto]"
    :class="works ? 'lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]!' : ''"
  >
    <section class="relative overflow-y-auto px-6 py-2" :aria-label="t('bench.Bench.theRack')" tabindex="0">
      <div class="flex items-baseline gap-6">
        <h1 class="text-2xl">{{ t('bench.Bench.theRack') }}</h1>
        <span class="grow" />
        <FitMinutes v-if="works && bench && bench.rack.length > 0" @take="takeStep" />
        <AirLine v-if="bench" :air="bench.air" @typed="look" />
      </div>
      <Notice v-if="!works" :text="problem" @again="look" />
      <TryFirst v-if="works && bench && demo" />
      <div v-if="bench && bench.rack.length === 0" class="py-16 text-center text-xl grid gap-3">
        <p>{{ t('bench.Bench.theRackIsEmpty') }}</p>
        <p><RouterLink class="quiet" to="/counter">{{ t('bench.Bench.atTheCounter') }}</RouterLink> {{ t('bench.Bench.aPieceIsTakenIn') }}</p>
      </div>
      <p v-if="outOfReach || away.kept.value.length > 0" class="caution my-2" role="status">{{
        t('bench.Bench.theWorkshopsComputerIsOut', [
          away.kept.value.length === 0 ? t('bench.Bench.whatYouDoIsKept') : t('bench.Bench.whatYouDidIsKept', [away.kept.value.length])
        ])
      }}</p>
      <p v-for="name in away.others.value" :key="name" class="caution my-2" role="status">{{ t('bench.Bench.whatDidOutOfReach', [name, name]) }}</p>
      <div v-if="away.notTaken.value.length > 0" class="stop my-2 grid gap-1" role="alert">
        <p v-for="(missed, i) in away.notTaken.value" :key="i">{{ t('bench.Bench.wasNotTakenIn', [missed.words, when(missed.at, now), missed.why]) }}</p>
        <button class="quiet justify-self-start" type="button" @click="away.dismiss">{{ t('bench.Bench.iHaveReadIt') }}</button>
      </div>
      <p v-if="bench?.replanningStillSince" class="caution my-2" role="status">{{
        t('bench.Bench.rePlanningStandsStillSince', [when(bench.replanningStillSince, now)])
      }}</p>
      <p v-if="bench?.notBackedUpSince" class="caution my-2" role="status">{{
        t('bench.Bench.nothingHasBeenBackedUp', [when(bench.notBackedUpSince, now)])
      }}</p>
      <Unplanned v-if="bench && bench.unplanned.length > 0" :pieces="bench.unplanned" :now="now" />
      <LatePieces v-if="bench" :late="bench.late" :now="now" />
      <AlarmBar
        v-if="bench" :ringing="alarms.ringing.value" :rack="bench.rack" :locked="justRang" @come="come" @quiet="alarms.stop" @snooze="alarms.snooze"
      />
      <ul v-if="bench" class="grid" :class="bench.rack.length > FEW ? 'xl:grid-cols-2 xl:grid-flow-row-dense gap-x-3' : ''">
        <RackPiece
          v-for="piece in bench.rack" :key="piece.piece" :piece="piece" :now="now" :chosen="inHand?.step.piece === piece.piece"
          :small="bench.rack.length > FEW && inHand?.step.piece !== piece.piece && taken !== piece.piece" @take="taken = piece.piece" @test="hands.gate"
          @move="(place) => hands.move(piece.piece, place)"
        />
      </ul>
    </section>
    <section
      v-if="works"
      class="order-first lg:order-none lg:row-span-2 lg:col-start-2 lg:row-start-1 bg-paper relative border-line border-b lg:border-b-0 lg:border-l px-6 py-3
        flex flex-col gap-3 min-h-0"
      :aria-label="t('bench.Bench.inTheHand')" :data-locked="locked || undefined" data-first tabindex="0"
    >
      <Notice :text="hands.problem.value || problem" @again="look" />
      <Hand
        v-if="bench" :call="inHand" :following="following" :now="now" :busy="hands.busy.value" :rack="bench.rack" :ahead="ahead"
        :last="bench.lastAct" :locked="locked" :rings="alarms.ringing.value.length > 0" :goes-on="goesOn"
        :helpers="bench.tapes.slice(1)" @took="(minutes: number) => inHand && hands.done(inHand.step, minutes)"
        @done-with="(amount, lot) => inHand && hands.done(inHand.step, undefined, { amount, lot })"
        @noted="look" @act="act" @take-back="takeBack" @not-yet="inHand && hands.gate(inHand.step, 'not-yet')"
        @not-enough="inHand && hands.look(inHand.step, false)" @stop="inHand && hands.compare(inHand.step, 'stop')"
        @otherwise="(product, outcome) => inHand && hands.compare(inHand.step, 'otherwise', { product, outcome })"
        @put-down="inHand && hands.putDown(inHand.step)"
        @interrupt="inHand && hands.interrupt(inHand.step)" @hand-on="(person: number, note: string) => inHand && hands.handOn(inHand.step, person, note)"
        @spoiled="inHand && hands.spoiled(inHand.step)" @all-the-same="inHand && hands.start(inHand.step)"
      />
    </section>
    <Tape v-if="bench" :bench="bench" :now="now" />
    <TimeLapse v-if="bench && demo" class="lg:col-span-full" :now="now" @forward="took" />
    <OverrideDialog :refusal="hands.refusal.value" :instead="records" @why="hands.override" @leave="hands.leave" />
  </main>
</template>
