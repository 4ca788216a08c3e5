<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { limits } from '../api/types'
import { figure } from '../kit/figure'
import { useKeys } from '../kit/keys'
import ForHands from '../kit/ForHands.vue'
import Notice from '../kit/Notice.vue'
import { useNow } from '../session/useNow'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import CoatStrip from './CoatStrip.vue'
import DropShape from './DropShape.vue'
import EyeForm from './EyeForm.vue'
import HalfFields from './HalfFields.vue'
import Jar from './Jar.vue'
import LampChoice from './LampChoice.vue'
import PotRest from './PotRest.vue'
import PotSize from './PotSize.vue'
import Recipes from './Recipes.vue'
import { signed, useLamp } from './useLamp'
import { usePot } from './usePot'
import { t } from '../words'

/** Come from another colour that was read, a closed pot is mixed again for that one. */
const props = defineProps<{ id: number, forReading: number | null }>()
const now = useNow()
const {
  pot,
  problem,
  reload,
  hands,
  phase,
  due,
  recipes,
  correction,
  coats,
  asItIs,
  inPot,
  onTheWay,
  total,
  notTaken,
  dismiss,
  find,
  without,
  doWithout,
  ladder,
  choose,
  addTo,
  again,
  drop,
  dab,
  lay,
  keep,
  dropSize,
  portion,
  judge,
  finish,
  jar,
  amount,
  pour,
  rename,
  openAgain,
  throwAway,
  useAgain,
} = usePot(props.id, () => now.value)
void reload()
const { under } = useLamp()
const router = useRouter()
const { when } = useWhen()
const { person } = useSession()
const next = computed(() => due.value[0])
const rest = computed(() => due.value.slice(1))
const dabbed = computed(() => pot.value?.dabs[0])
/** Right half: the dried dab while nothing has gone in since, else what the drops predict. */
const right = computed(() => (pot.value?.dabbed === true ? dabbed.value?.seen : pot.value?.now?.seen) ?? null)
const rightLabel = computed(() => (pot.value?.total === 0
  ? t('pots.PotScreen.thePotEmpty')
  : pot.value?.dabbed === true ? t('pots.PotScreen.theDabDry') : t('pots.PotScreen.thePotPredicted')))
const sentence = computed(() => {
  const p = pot.value
  if (p === null || p.total === 0) {
    return ''
  }
  if (p.dabbed && dabbed.value !== undefined && dabbed.value.eye !== null) {
    return t('pots.PotScreen.byEyeIt', [dabbed.value.eye])
  }
  const off = p.dabbed ? dabbed.value?.difference : p.now?.off
  return off ? `${off.words.charAt(0).toUpperCase()}${off.words.slice(1)}.` : ''
})
/** What an eye said has no figures. */
const numbers = computed(() => {
  const eye = pot.value?.dabbed === true && dabbed.value !== undefined && dabbed.value.eye !== null
  return eye ? null : (pot.value?.dabbed === true ? dabbed.value?.difference : pot.value?.now?.off) ?? null
})
const laid = ref(0)
watch([pot, coats], () => {
  laid.value = Math.max(coats.value?.bare.coats ?? 0, pot.value?.need.coats ?? 1)
})
/** The steps of its plan lay it, and are counted as they end at the bench: nothing is laid twice. */
const bySteps = computed(() => pot.value?.coats.some((c) => !c.done) === true)
const kept = ref('')
const where = ref('')
const twenty = ref('')
const reachedCoats = computed(() => pot.value?.history.some((h) => h.kind === 'laid') === true)
/** So many drops are drawn one by one; more are a bar that fills. */
const DRAWN = 60
const dueOf = (code: string): number => due.value.find((d) => d.code === code)?.drops ?? 0
const isMuch = (code: string): boolean => inPot(code) + dueOf(code) > DRAWN
const share = (code: string): number => (100 * inPot(code)) / Math.max(1, inPot(code) + dueOf(code))
/** What nobody counts in drops is told in ml. */
const COUNTED = 400
const held = (code: string): string => {
  const drops = inPot(code)
  return drops <= COUNTED ? String(drops) : t('pots.PotScreen.ml', [(drops * (pot.value?.dropMl ?? 0)).toFixed(1)])
}
const byEye = ref(false)
const weighed = ref('')
/** What is due is measured first; once drops of it are on their way, the rest is drops. */
const stillMeasured = computed(() => {
  const due = next.value
  return due === undefined || onTheWay(due.code) !== 0 || due.portion.by === 'drops' ? null : due.portion
})
watch(stillMeasured, (p) => {
  weighed.value = p === null ? '' : String(p.amount)
}, { immediate: true })
const measured = (): void => {
  if (next.value !== undefined && stillMeasured.value !== null) {
    void portion(next.value.code, stillMeasured.value.by, figure(weighed.value), 0)
  }
}

/** Space, or a foot switch that types it, is one drop of what is due, whichever button was tapped last. */
useKeys((event) => {
  if (event.key === ' ' && next.value !== undefined && person.value?.works !== false) {
    event.preventDefault()
    drop(next.value.code, 1, next.value.name)
  }
})
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.35fr_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section
      class="bg-surround text-dark px-4 sm:px-8 py-4 flex flex-col gap-3 min-w-0 overflow-y-auto" :aria-label="t('pots.PotScreen.theTwoColours')"
      tabindex="0"
    >
      <template v-if="pot">
        <div class="flex flex-wrap sm:flex-nowrap items-center justify-between gap-3">
          <div class="min-w-0">
            <h1 class="text-2xl leading-tight">{{ pot.name }}</h1>
            <p><RouterLink
              class="py-3 underline underline-offset-4" :to="`/pieces/${pot.place.piece}/colour`"
            >{{ pot.place.pieceName
            }}</RouterLink>, {{ pot.place.half === 'whole' ? '' : `${pot.place.half} ` }}{{ pot.place.partLabel }}</p>
          </div>
          <LampChoice />
        </div>
        <HalfFields big class="shrink-0" :left="under(pot.aim)" :right="under(right)" :left-label="t('pots.PotScreen.target')" :right-label="rightLabel" />
        <div class="min-h-16 shrink-0 grid content-start">
          <p class="text-2xl font-semibold leading-tight">{{ sentence }}</p>
          <p v-if="numbers" class="text-lg">ΔE {{ numbers.dE00.toFixed(1) }} <span class="pl-3">ΔL {{ signed(numbers.dL) }}</span> <span class="pl-2">ΔC
            {{ signed(numbers.dC) }}</span> <span class="pl-2">ΔH {{ signed(numbers.dH) }}</span></p>
          <p v-if="pot.now">{{ pot.now.lights }}</p>
          <p v-if="pot.total === 0">{{ pot.aimWords }}</p>
        </div>
        <div v-if="pot.total > 0 || pot.recipe.length > 0" class="grid sm:grid-cols-[8rem_minmax(0,1fr)] gap-x-6 gap-y-2 shrink-0">
          <Jar
            class="sm:row-span-2 justify-self-center" :drops="total" :capacity="pot.capacity" :need="pot.need.drops" :hex="pot.total > 0 ? under(right) : null"
            :next="next === undefined ? null : pot.paints.find((p) => p.code === next?.code)?.hex ?? null"
            :label="t('pots.PotScreen.theJarHolds', [total, pot.capacity])"
          />
          <div class="grid gap-2 content-start">
            <div
              v-for="d in pot.paints.filter((p) => inPot(p.code) > 0 || due.some((x) => x.code === p.code))" :key="d.code"
              class="grid grid-cols-[6.5rem_3.5rem_1fr_auto] items-center gap-3"
            >
              <span class="text-lg font-semibold">{{ d.name }}</span>
              <span class="text-2xl font-semibold text-right whitespace-nowrap">{{ held(d.code) }}</span>
              <span v-if="isMuch(d.code)" class="grid gap-1">
                <span class="block h-5 border-2 border-dark" aria-hidden="true"><span
                  class="block h-full" :style="{ width: `${share(d.code)}%`, backgroundColor: d.hex }"
                /></span>
                <span v-if="onTheWay(d.code) !== 0">{{ t('pots.PotScreen.onTheWay', [onTheWay(d.code)]) }}</span>
              </span>
              <span v-else class="flex flex-wrap gap-0.5 items-center">
                <DropShape
                  v-for="n in inPot(d.code)" :key="n" :class="n > inPot(d.code) - onTheWay(d.code) ? 'opacity-45' : ''" :hex="d.hex" :size="13"
                  aria-hidden="true"
                />
                <DropShape
                  v-for="n in dueOf(d.code)" :key="`due-${n}`"
                  :hex="d.hex" :full="false" :size="13" aria-hidden="true"
                />
                <span v-if="onTheWay(d.code) !== 0" class="pl-2">{{ t('pots.PotScreen.onTheWay', [onTheWay(d.code)]) }}</span>
              </span>
              <span v-if="person?.works !== false" class="flex gap-2">
                <button
                  v-if="pot.state === 'mixing'" class="size-14 border-2 border-dark rounded-full text-2xl" type="button"
                  :aria-label="t('pots.PotScreen.oneDropOf', [d.name])" @click="drop(d.code, 1, d.name)"
                >+</button>
                <button
                  v-if="pot.state === 'mixing'" class="min-h-14 px-2 underline underline-offset-4 disabled:no-underline disabled:opacity-50" type="button"
                  :aria-label="t('pots.PotScreen.undoATapOf', [d.name])"
                  :disabled="inPot(d.code) === 0" @click="drop(d.code, -1, d.name)"
                >{{ t('pots.PotScreen.undo') }}</button>
              </span>
            </div>
          </div>
          <p class="text-lg">{{
            t('pots.PotScreen.dropsMlTheJobTakes', [
              total, (total * pot.dropMl).toFixed(2), pot.need.drops, pot.need.layMl, pot.need.coats, pot.need.applicator, pot.need.keepMl
            ])
          }}</p>
        </div>
      </template>
    </section>

    <section class="px-7 py-5 grid gap-4 content-start overflow-y-auto" :aria-label="t('pots.PotScreen.whatToDo')" data-first tabindex="0">
      <Notice :text="problem || hands.problem.value" @again="reload" />
      <div v-if="notTaken.length > 0" class="stop grid gap-1" role="alert">
        <p v-for="(missed, i) in notTaken" :key="i">{{ t('pots.PotScreen.notTakenIn', [missed.words, missed.why]) }}</p>
        <button class="quiet justify-self-start" type="button" @click="dismiss">{{ t('pots.PotScreen.iHaveReadIt') }}</button>
      </div>
      <ForHands v-if="pot">
        <p v-if="pot.state === 'mixing' && pot.finish !== pot.agreedFinish" class="caution">{{
          t('pots.PotScreen.agreedOnSince', [pot.agreedFinish, pot.finish])
        }} <button class="quiet" type="button" :disabled="hands.busy.value" @click="finish(pot.agreedFinish)">{{
          t('pots.PotScreen.matchItFor', [pot.agreedFinish])
        }}</button></p>
        <Recipes
          v-if="phase === 'recipe'" :recipes="recipes" :aim="pot.aim" :busy="hands.busy.value" :paints="pot.paints" :without="without" @choose="choose"
          @without="doWithout"
        />

        <template v-else-if="phase === 'drops' && next">
          <h2 class="text-2xl">{{ stillMeasured ? t('pots.PotScreen.measureIn') : t('pots.PotScreen.dropIn') }}</h2>
          <template v-if="stillMeasured">
            <div class="flex items-center gap-5">
              <DropShape :hex="next.hex" :size="70" />
              <p class="leading-tight">
                <span class="text-[44px] font-bold block leading-none">{{ stillMeasured.measured }}</span>
                <span class="text-2xl">{{ t('pots.PotScreen.ofPaint', [next.name]) }}</span>
              </p>
            </div>
            <form class="flex flex-wrap items-end gap-3" @submit.prevent="measured">
              <label class="grid gap-1 w-40">{{
                stillMeasured.by === 'g' ? t('pots.PotScreen.onTheScalesG') : t('pots.PotScreen.inTheMeasureMl')
              }}<input v-model="weighed" class="write" inputmode="decimal" required></label>
              <button class="do min-h-20! text-xl grow" type="submit" :disabled="hands.busy.value">{{ t('pots.PotScreen.itIsIn') }}</button>
            </form>
            <p v-if="stillMeasured.drops > 0" class="text-lg">{{ t('pots.PotScreen.thenDrops', [stillMeasured.drops]) }}</p>
          </template>
          <div v-else class="flex items-center gap-5">
            <DropShape :hex="next.hex" :size="70" />
            <p class="leading-tight">
              <span class="text-[44px] font-bold block leading-none">{{ next.drops }}</span>
              <span class="text-2xl">{{ t('pots.PotScreen.moreOf', [next.name]) }}</span>
            </p>
          </div>
          <div v-if="!stillMeasured" class="grid grid-cols-[2fr_1fr_1fr] gap-3">
            <button class="do min-h-20! text-xl" type="button" @click="drop(next.code, 1, next.name)"><span class="key">{{ t('pots.PotScreen.space') }}</span>{{
              t('pots.PotScreen.oneDrop')
            }}</button>
            <button v-if="next.drops >= 5" class="may" type="button" @click="drop(next.code, 5, next.name)">{{ t('pots.PotScreen.five') }}</button>
            <button v-if="next.drops >= 20" class="may" type="button" @click="drop(next.code, 20, next.name)">{{ t('pots.PotScreen.twenty') }}</button>
          </div>
          <ul v-if="rest.length > 0" class="text-lg grid">
            <li v-for="d in rest" :key="d.code" class="flex items-center gap-3 border-t border-line py-2">
              <DropShape :hex="d.hex" :size="18" />{{
                t('pots.PotScreen.thenOf', [d.portion.by === 'drops' ? d.drops : d.portion.words, d.name])
              }}</li>
          </ul>
          <p class="text-soft">{{ t('pots.PotScreen.theLightOrWeakColour') }}</p>
        </template>

        <template v-else-if="phase === 'dab'">
          <h2 class="text-2xl">{{ t('pots.PotScreen.dabItOnPaperOf') }}</h2>
          <EyeForm v-if="byEye" :key="pot.version" :pot="pot.id" :busy="hands.busy.value" @judge="judge" @back="byEye = false" />
          <template v-else>
            <button class="do min-h-20!" type="button" :disabled="hands.busy.value" @click="dab">{{ t('pots.PotScreen.readTheDryDab') }}</button>
            <button class="may" type="button" @click="byEye = true">{{ t('pots.PotScreen.judgeItByEye') }}</button>
            <p class="text-soft">{{ t('pots.PotScreen.aWetDabSaysNothing') }}</p>
          </template>
        </template>

        <template v-else-if="phase === 'correct'">
          <h2 class="text-2xl">{{ t('pots.PotScreen.whatToAdd') }}</h2>
          <p v-if="correction === null" class="text-lg text-soft" role="status">{{ t('pots.PotScreen.workingItOutForThis') }}</p>
          <template v-else>
            <p class="text-2xl font-semibold leading-tight">{{ correction.sentence }}</p>
            <p v-if="correction.additions.length > 0" class="text-lg">{{ t('pots.PotScreen.itShouldThenBeWithin', [correction.dE00.toFixed(1)]) }}</p>
            <button
              v-if="correction.additions.length > 0 && correction.advice !== 'start-again'" class="do" type="button" :disabled="hands.busy.value"
              @click="addTo(correction.additions)"
            >{{ t('pots.PotScreen.addThese') }}</button>
            <button
              v-if="correction.restart" :class="correction.advice === 'start-again' ? 'do' : 'may'" type="button" :disabled="hands.busy.value"
              @click="again(correction.restart, (fresh) => router.push(`/pots/${fresh.id}`))"
            >{{ t('pots.PotScreen.startAgainInAClean') }}</button>
            <button :class="correction.advice === 'lay' ? 'do' : 'quiet justify-self-start'" type="button" @click="asItIs = true">{{
              t('pots.PotScreen.layItAsItIs')
            }}</button>
            <p v-if="dabbed && dabbed.eye !== null" class="text-soft">{{ dabbed.verdict }}</p>
            <p v-else-if="dabbed" class="text-soft">{{
              t('pots.PotScreen.thisPotCameOut', [
                dabbed.verdict, dabbed.prediction.words === 'no difference to be seen'
                  ? t('pots.PotScreen.asItsDropsSaid')
                  : t('pots.PotScreen.againstItsDropsByThat', [dabbed.prediction.words, dabbed.prediction.dE00.toFixed(1)])
              ])
            }}</p>
          </template>
        </template>

        <template v-else-if="phase === 'lay'">
          <h2 class="text-2xl">{{ dabbed?.verdict }}</h2>
          <p v-if="!reachedCoats" class="text-lg">{{
            t('pots.PotScreen.stirLoadTakeMostOf', [dabbed?.near ? t('pots.PotScreen.itIsReady') : t('pots.PotScreen.asItIsItWill')])
          }}</p>
          <button v-if="asItIs && !reachedCoats" class="quiet justify-self-start" type="button" @click="asItIs = false">{{
            t('pots.PotScreen.backToWhatToAdd')
          }}</button>
          <CoatStrip v-if="coats && pot.ground" :coats="coats" :target="under(pot.target) ?? ''" />
          <p v-else-if="pot.ground === null" class="caution">{{ t('pots.PotScreen.theGroundWasNotRead') }}</p>
          <p v-if="pot.need.caution" class="caution">{{ pot.need.caution }}</p>
          <p v-if="bySteps" class="text-lg">{{ t('pots.PotScreen.itsStepsLayIt') }}
            <RouterLink class="quiet" to="/bench">{{ t('pots.PotScreen.toTheBench') }}</RouterLink></p>
          <div v-else class="flex items-center gap-4">
            <button
              class="may min-w-14" type="button" :aria-label="t('pots.PotScreen.oneCoatFewer')" :disabled="laid <= limits.LayInput.coats.min" @click="laid--"
            >−</button>
            <strong class="text-3xl min-w-8 text-center">{{ laid }}</strong>
            <button
              class="may min-w-14" type="button" :aria-label="t('pots.PotScreen.oneCoatMore')" :disabled="laid >= limits.LayInput.coats.max" @click="laid++"
            >+</button>
            <button
              class="grow" :class="reachedCoats ? 'may' : 'do'" type="button" :disabled="hands.busy.value"
              @click="lay(laid)"
            >{{ laid === 1 ? t('pots.PotScreen.oneCoatIsLaid') : t('pots.PotScreen.coatsAreLaid', [laid]) }}</button>
          </div>
          <RouterLink v-if="reachedCoats" class="do" :to="`/pieces/${pot.place.piece}/colour?part=${pot.place.part}&half=${pot.place.half}&spot=damage`">{{
            t('pots.PotScreen.readTheMendedPlace')
          }}</RouterLink>
          <form
            v-if="reachedCoats" class="grid grid-cols-[7rem_1fr_auto] gap-3 items-end border-t border-line pt-3" @submit.prevent="keep(figure(kept), where)"
          >
            <label class="grid gap-1">{{ t('pots.PotScreen.leftMl') }}<input v-model="kept" class="write" inputmode="decimal" required></label>
            <label class="grid gap-1">{{
              t('pots.PotScreen.keptWhere')
            }}<input v-model="where" class="write" :placeholder="t('pots.PotScreen.thirdDrawerBlueLid')"></label>
            <button class="may" type="submit" :disabled="hands.busy.value">{{ t('pots.PotScreen.keepTheRest') }}</button>
          </form>
        </template>

        <template v-else-if="phase === 'closed'">
          <PotRest
            :key="pot.version" :pot="pot" :elsewhere="forReading !== null" :busy="hands.busy.value" @open="openAgain" @throw="throwAway"
            @again="(ml, rest) => useAgain(forReading, ml, rest, (fresh) => router.push(`/pots/${fresh.id}`))"
          />
        </template>

        <div v-if="pot.shortMl !== null && pot.state === 'mixing'" class="caution grid gap-2">
          <p>{{ t('pots.PotScreen.itsCoatsWantMore', [pot.shortMl.toFixed(1)]) }}</p>
          <button class="may justify-self-start" type="button" :disabled="hands.busy.value" @click="amount(pot.need.layMl + pot.need.keepMl)">{{
            t('pots.PotScreen.makeItLargeEnough')
          }}</button>
        </div>
        <section v-if="pot.coats.length > 0" class="grid gap-1 border-t border-line pt-3" :aria-label="t('pots.PotScreen.coatsOfThePlan')">
          <h2 class="text-xl">{{ t('pots.PotScreen.coatsOfThePlan') }}</h2>
          <p class="text-soft">{{ t('pots.PotScreen.onPlaces', [pot.places.join(', ')]) }}</p>
          <ol class="grid">
            <li v-for="c in pot.coats" :key="c.step" class="grid grid-cols-[1fr_auto] gap-3 py-0.5" :class="c.done ? 'text-soft' : ''">
              <span>{{ c.done ? t('pots.PotScreen.laid', [c.title]) : c.title }}</span><span>{{ t('pots.PotScreen.ml', [c.ml.toFixed(1)]) }}</span>
            </li>
          </ol>
          <p v-if="pot.total > 0"><strong>{{ t('pots.PotScreen.leftInIt', [pot.leftMl.toFixed(1), pot.capacityMl.toFixed(0)]) }}</strong></p>
        </section>

        <section v-if="pot.dabs.length > 0" class="grid gap-2 border-t-2 border-ink pt-3" :aria-label="t('pots.PotScreen.dabsSoFar')">
          <h2 class="text-xl">{{ t('pots.PotScreen.dabs') }}</h2>
          <ol class="flex flex-wrap gap-3">
            <li v-for="d in pot.dabs" :key="d.at + d.drops" class="w-40 grid gap-1">
              <HalfFields
                class="bg-surround p-2" :left="under(pot.aim)" :right="under(d.seen)" :left-label="t('pots.PotScreen.target2')"
                :right-label="t('pots.PotScreen.dab')"
              />
              <span v-if="d.eye !== null" class="leading-tight text-[.95rem]"><strong>{{ t('pots.PotScreen.byEye') }}</strong> {{
                t('pots.PotScreen.atDrops', [d.drops, d.eye])
              }}</span>
              <span v-else class="leading-tight text-[.95rem]"><strong>ΔE {{ d.difference.dE00.toFixed(1) }}</strong> {{
                t('pots.PotScreen.atDrops', [d.drops, d.difference.words])
              }}</span>
            </li>
          </ol>
        </section>

        <Disclosure v-if="pot.state === 'mixing'" v-slot="{ open }" as="div" class="border-t border-line">
          <DisclosureButton class="quiet">{{ open ? t('pots.PotScreen.less') : t('pots.PotScreen.otherPaintsTheSizeOf') }}</DisclosureButton>
          <DisclosurePanel class="grid gap-3 pb-3">
            <div class="flex flex-wrap gap-2">
              <button v-for="p in pot.paints" :key="p.code" class="may" type="button" :disabled="p.leftMl <= 0" @click="drop(p.code, 1, p.name)">
                <DropShape :hex="p.hex" :size="16" />{{ p.name }}</button>
            </div>
            <form class="flex items-end gap-3" @submit.prevent="dropSize(figure(twenty))">
              <label class="grid gap-1 grow">{{ t('pots.PotScreen.twentyDropsMeasureMlNow', [(pot.dropMl * 20).toFixed(2)]) }}<input
                v-model="twenty" class="write"
                inputmode="decimal" required
              ></label>
              <button class="may" type="submit">{{ t('pots.PotScreen.countWithIt') }}</button>
            </form>
            <p class="flex flex-wrap gap-3">
              <button v-if="pot.total === 0" class="may" type="button" @click="find">{{ t('pots.PotScreen.findRecipesAnew') }}</button>
              <button v-if="pot.ground" class="may" type="button" :disabled="pot.total === 0 && pot.recipe.length === 0" @click="ladder">{{
                t('pots.PotScreen.seeTheCoats')
              }}</button>
            </p>
            <CoatStrip v-if="coats && pot.ground && phase !== 'lay'" :coats="coats" :target="under(pot.target) ?? ''" />
          </DisclosurePanel>
        </Disclosure>
        <Disclosure v-if="pot.state === 'mixing'" v-slot="{ open }" as="div" class="border-t border-line">
          <DisclosureButton class="quiet">{{ open ? t('pots.PotScreen.less') : t('pots.PotScreen.itsAmountItsJarPour') }}</DisclosureButton>
          <DisclosurePanel>
            <PotSize :key="pot.version" :pot="pot" :busy="hands.busy.value" @amount="amount" @jar="jar" @pour="pour" @name="rename" />
          </DisclosurePanel>
        </Disclosure>
        <Disclosure v-slot="{ open }" as="div" class="border-t border-line">
          <DisclosureButton class="quiet">{{
            open ? t('pots.PotScreen.closeItsHistory') : t('pots.PotScreen.itsHistoryLines', [pot.history.length])
          }}</DisclosureButton>
          <DisclosurePanel as="ol" class="grid pb-3">
            <li v-for="(h, i) in pot.history" :key="i" class="grid grid-cols-[7rem_1fr] gap-3 py-0.5 leading-snug">
              <span class="text-soft">{{ when(h.at, now) }}</span>
              <span>{{ h.text }} <span class="text-soft">{{ h.person.split(' ')[0] }}</span></span>
            </li>
          </DisclosurePanel>
        </Disclosure>
      </ForHands>
    </section>
  </main>
</template>
