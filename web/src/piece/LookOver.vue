<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { AgreementInput, Half, PartName } from '../api/types'
import { colourMap } from '../drawing/colours'
import { isHigh } from '../drawing/kinds'
import Silhouette from '../drawing/Silhouette.vue'
import Choice from '../kit/Choice.vue'
import { useKeys } from '../kit/keys'
import Notice from '../kit/Notice.vue'
import { useWhen } from '../session/useWhen'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import PartPictures from '../picture/PartPictures.vue'
import NoteForm from '../step/NoteForm.vue'
import { isOpen } from '../step/progress'
import FindingForm from './FindingForm.vue'
import MaterialFinder from './MaterialFinder.vue'
import { newShades } from './newShades'
import PartSentence from './PartSentence.vue'
import { useDrawn } from './useDrawn'
import { usePiece } from './usePiece'
import WholePiece from './WholePiece.vue'
import { t } from '../words'

const props = defineProps<{ id: number }>()
const words = useWords()
const router = useRouter()
const { person } = useSession()
const { date } = useWhen()
const { piece, problem, busy, reload, see, mark, unmark, tried, forgetTrial, partAgreement, takeOff, has, copy, agree, plan } = usePiece(props.id)
void reload()

const { kind, drawing, turned, halves, names, choosable, turnTo } = useDrawn(piece)
/** A small drawing is made larger, so that a finger hits one part. */
const large = ref(false)
/** Parts that it has and the drawing does not show. */
const unseen = computed(() => Object.keys(choosable.value).map((id) => id as PartName)
  .filter((id) => ![...(drawing.value?.parts ?? []), ...(drawing.value?.other?.parts ?? [])].some((p) => p.part === id)))
const half = ref<Half | null>(null)
/** a part, or all of the outside */
const part = ref<PartName | 'outer' | null>(null)
const outer = computed(() => (kind.value?.parts ?? []).filter((p) => p.outer && choosable.value[p.id] !== undefined).map((p) => p.id))
const at = computed(() => half.value ?? halves.value[0] ?? 'whole')
const chosen = computed(() => (part.value === null ? [] : part.value === 'outer' ? outer.value : [part.value]))
const parts = computed(() => piece.value?.parts.filter((p) => p.half === at.value && chosen.value.includes(p.part)) ?? [])
const findings = computed(() => piece.value?.findings.filter((f) => f.half === at.value && chosen.value.includes(f.part)) ?? [])
const mayEdit = computed(() => person.value?.mayPlan === true && piece.value !== null && isOpen(piece.value.state))
const single = computed(() => (part.value === 'outer' ? undefined : parts.value[0]))

const choose = (side: Half, name: PartName | 'outer'): void => {
  half.value = side
  part.value = name
  if (name !== 'outer') {
    turnTo(name)
  }
}
const agreeOn = async (given: Partial<AgreementInput>): Promise<void> => {
  if (piece.value !== null) {
    const { aim, gloss, patina, newShade, unwanted, valueCents, replaceCents } = piece.value
    await agree({ aim, gloss, patina, newShade, unwanted, valueCents, replaceCents, ...given })
  }
}
/** With the keys alone: the whole upper, the plan. */
useKeys((event) => {
  if (!mayEdit.value) {
    return
  }
  if (event.key === 'w') {
    choose(at.value, 'outer')
  } else if (event.key === 'p') {
    void makePlan()
  }
})
const makePlan = async (): Promise<void> => {
  if (await plan()) {
    await router.push(`/pieces/${props.id}/plan`)
  }
}
const size = (f: { lengthMm: number | null, widthMm: number | null, depthMm: number | null, share: number | null }): string => [
  f.lengthMm === null ? '' : f.widthMm === null ? t('piece.LookOver.mm', [f.lengthMm]) : t('piece.LookOver.mm2', [f.lengthMm, f.widthMm]),
  f.depthMm === null ? '' : t('piece.LookOver.mmDeep', [f.depthMm]), f.share === null ? '' : t('piece.LookOver.ofIt', [Math.round(f.share * 100)]),
].join('')
const severity = (value: number): string => words.value?.severities.find((s) => s.id === value)?.label ?? ''
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.2fr_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section class="bg-surround px-4 sm:px-8 py-5 flex flex-col gap-2 min-h-80 min-w-0" :aria-label="t('piece.LookOver.thePieceDrawn')">
      <template v-if="piece && kind">
        <div
          class="grow min-h-0 min-w-0 grid gap-2 items-center"
          :class="[isHigh(piece.kind) && halves.length > 1 ? 'grid-cols-2' : '', large ? 'overflow-x-auto' : '']"
        >
          <div
            v-for="side in halves" :key="side" class="grid items-center min-h-0 min-w-0"
            :class="halves.length === 1 || isHigh(piece.kind) ? '' : 'grid-cols-[4.5rem_1fr]'"
          >
            <h2 v-if="halves.length > 1" class="text-xl text-dark" :class="half === side && part ? 'underline underline-offset-8 decoration-2' : ''">{{ side
            }}</h2>
            <Silhouette
              :class="large ? 'w-[54rem]!' : 'max-w-150 max-h-[62dvh]'" class="justify-self-center" :kind="piece.kind" :half="side"
              :turned="turned" :colours="colourMap(piece.parts, side)"
              :names="choosable"
              :findings="piece.findings.filter((f) => f.half === side)" :selected="at === side && part !== 'outer' ? part : null"
              :only="part === null ? null : at === side ? chosen : []" :label="side === 'whole' ? piece.name : t('piece.LookOver.halfOf', [side, piece.name])"
              @choose="(name) => choose(side, name)"
            />
          </div>
        </div>
        <div class="flex flex-wrap gap-3 justify-center">
          <button class="may bg-paper" type="button" :aria-pressed="part === 'outer'" @click="choose(at, 'outer')">
            {{ t('piece.LookOver.theWhole', [kind.outer]) }} <span class="key">W</span></button>
          <button class="may bg-paper" type="button" :disabled="part === null" @click="part = null">{{
            t('piece.LookOver.theWhole', [halves.length > 1 ? t('piece.LookOver.pair') : t('piece.LookOver.piece')])
          }}</button>
          <button
            v-for="name in unseen" :key="name" class="may bg-paper" type="button" :aria-pressed="part === name" @click="choose(at, name)"
          >{{ names[name] }}</button>
          <button class="may bg-paper lg:hidden" type="button" :aria-pressed="large" @click="large = !large">{{
            large ? t('piece.LookOver.smaller') : t('piece.LookOver.larger')
          }}</button>
          <button v-if="drawing?.sides" class="may bg-paper" type="button" :aria-pressed="turned" @click="turned = !turned">{{
            t('piece.LookOver.turnToThe', [drawing.sides[turned ? 0 : 1]])
          }}</button>
        </div>
      </template>
    </section>

    <section class="px-4 sm:px-8 py-5 grid gap-4 content-start relative overflow-y-auto" :aria-label="t('piece.LookOver.whatIsKnown')" tabindex="0">
      <Notice :text="problem" @again="reload" />
      <header v-if="piece" class="grid gap-1">
        <h1 class="text-3xl">{{ piece.name }}</h1>
        <p class="text-soft">{{ piece.tag }} · {{ piece.customer }}, {{
          piece.promised ? t('piece.LookOver.for', [date(piece.promisedAt)]) : t('piece.LookOver.noDayPromisedYet')
        }}</p>
        <p v-if="words" class="text-lg">
          {{
            t('piece.LookOver.agreedTo')
          }} <Choice
            :model-value="piece.aim" :label="t('piece.LookOver.aim')" :disabled="!mayEdit" :options="words.aims"
            @update:model-value="(aim) => agreeOn({ aim })"
          />{{
            t('piece.LookOver.withA')
          }} <Choice
            :model-value="piece.gloss" :label="t('piece.LookOver.gloss')" :disabled="!mayEdit" :options="words.glosses"
            @update:model-value="(gloss) => agreeOn({ gloss })"
          /> {{ t('piece.LookOver.finish') }}
          <template v-if="piece.aim === 'recolour'">{{ t('piece.LookOver.theNewColour') }} <Choice
            :model-value="piece.newShade ?? ''" :label="t('piece.LookOver.newColour')" :disabled="!mayEdit" :options="newShades(words)"
            @update:model-value="(shade) => agreeOn({ newShade: shade === '' ? null : shade })"
          />;</template>
          {{ t('piece.LookOver.signsOfAge') }} <Choice
            :model-value="piece.patina" :label="t('piece.LookOver.patina')" :disabled="!mayEdit" :options="words.patinas"
            @update:model-value="(patina) => agreeOn({ patina })"
          />.
        </p>
      </header>

      <template v-if="piece && words && kind && part !== null">
        <PartSentence
          :half="at" :part="part" :name="part === 'outer' ? t('piece.LookOver.whole', [kind.outer]) : names[part] ?? part"
          :plural="part !== 'outer' && kind.parts.find((p) =>
            p.id === part)?.plural === true"
          :parts="parts" :kind="kind" :words="words" :disabled="!mayEdit || busy"
          :agreed="{ aim: piece.aim, gloss: piece.gloss, patina: piece.patina, newShade: piece.newShade }" @see="see" @agree="partAgreement"
        />
        <ul v-if="findings.length > 0" class="grid">
          <li v-for="f in findings" :key="f.id" class="flex items-center gap-3 border-t border-line min-h-12">
            <span class="grow"><span class="font-semibold">{{ f.label }}</span><span v-if="part === 'outer'">{{
              t('piece.LookOver.onThe', [names[f.part]])
            }}</span>,
              {{ severity(f.severity) }}{{ size(f) }}</span>
            <button v-if="mayEdit" class="quiet" type="button" :aria-label="t('piece.LookOver.takeAway', [f.label])" @click="unmark(f.id)">{{
              t('piece.LookOver.takeAway2')
            }}</button>
          </li>
        </ul>
        <PartPictures v-if="single" :piece="id" :part="single.part" :half="single.half" />
        <MaterialFinder
          v-if="single" :key="`${single.half}-${single.part}`" :part="single" :kind="kind" :words="words" :trials="piece.trials" :busy="busy"
          :disabled="!mayEdit" :tried="tried" @forget="forgetTrial"
        />
        <FindingForm
          v-if="mayEdit && parts[0]" :key="`form-${at}-${part}`" :words="words" :half="at" :parts="parts.map((p) => p.part)" :material="parts[0].material"
          :other="halves.find((h) => h !== at) ?? null" :busy="busy" :mark="mark"
        />
      </template>
      <WholePiece
        v-else-if="piece && kind" :piece="piece" :kind="kind" :disabled="!mayEdit" :hands="person?.works !== false"
        @choose="choose" @off="takeOff" @has="has" @copy="copy" @agree="agreeOn"
      />

      <NoteForm
        v-if="piece" :key="`note-${at}-${part}`" :path="`/pieces/${id}/notes`" :at="single ? { part: single.part, half: single.half } : {}"
        :about="single ? t('piece.LookOver.the', [names[single.part] ?? single.part]) : t('piece.LookOver.it')"
      />
      <footer
        v-if="piece" :class="part === null ? 'lg:sticky lg:-bottom-5' : ''"
        class="flex flex-wrap gap-1.5 pt-3 pb-5 -mb-5 border-t-2 border-ink mt-2 bg-room z-10"
      >
        <button
          v-if="mayEdit" class="grow" :class="piece.state === 'in-work' ? 'may px-2.5!' : 'do px-4!'" type="button" :disabled="busy"
          @click="makePlan"
        >{{ piece.state === 'in-work' ? t('piece.LookOver.planTheRestAnew') : t('piece.LookOver.makeThePlan') }} <span class="key">P</span></button>
        <RouterLink v-if="piece.hasPlan" class="may px-2.5!" :to="`/pieces/${id}/plan`">{{ t('piece.LookOver.seeThePlan') }}</RouterLink>
        <RouterLink class="may px-2.5!" :to="`/pieces/${id}/colour`">{{ t('piece.LookOver.colour') }}</RouterLink>
        <RouterLink class="may px-2.5!" :to="`/pieces/${id}/offer`">{{ t('piece.LookOver.offer') }}</RouterLink>
        <RouterLink class="may px-2.5!" :to="`/pieces/${id}/owner`">{{ t('piece.LookOver.forTheOwner') }}</RouterLink>
        <RouterLink class="may px-2.5!" :to="`/pieces/${id}/passport`">{{ t('piece.LookOver.passport') }}</RouterLink>
        <RouterLink class="may px-2.5!" :to="`/pieces/${id}/pictures`">{{ t('piece.LookOver.pictures') }}</RouterLink>
      </footer>
    </section>
  </main>
</template>
