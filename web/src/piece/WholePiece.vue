<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import { cents, money } from '../kit/money'
import type { AgreementInput, Half, HasInput, KindView, OffInput, PartName, PieceView, QuestionsView, QuestionView } from '../api/types'
import { counted } from '../kit/counted'
import { t } from '../words'

/** What is said of the piece as a whole: what still changes the plan, how the halves differ, what came off, what it is worth. */
const props = defineProps<{ piece: PieceView; kind: KindView; disabled: boolean; hands: boolean }>()
const emit = defineEmits<{
  choose: [half: Half, part: PartName]
  off: [given: Omit<OffInput, 'version'>]
  copy: [from: number]
  has: [given: Omit<HasInput, 'version'>]
  agree: [given: Partial<AgreementInput>]
}>()

const questions = ref<readonly QuestionView[]>([])
/** Planned anew for every material it may be: asked for when the piece has changed, not with it. */
watch(
  () => props.piece.version,
  () => {
    void api
      .get<QuestionsView>(`/pieces/${props.piece.id}/questions`)
      .then((answer) => {
        questions.value = answer.questions
      })
      .catch(() => undefined)
  },
  { immediate: true },
)

const name = (id: PartName): string => props.kind.parts.find((p) => p.id === id)?.label ?? id
const detachable = computed(() => props.piece.parts.filter((p) => props.kind.parts.find((k) => k.id === p.part)?.detachable === true))
const hasPart = (id: PartName): boolean => props.piece.parts.some((p) => p.part === id)
/** Of a part that it has beside others of its cut, or lacks: both halves are alike. */
const toggle = (id: PartName): void => {
  const places = hasPart(id) ? props.piece.parts.filter((p) => p.part === id) : props.kind.halves.map((half) => ({ part: id, half }))
  emit('has', { places: places.map(({ part, half }) => ({ part, half })), has: !hasPart(id) })
}
const form = ref({ unwanted: props.piece.unwanted, value: money(props.piece.valueCents), replace: money(props.piece.replaceCents) })
const problem = ref('')
/** A usual job of the workshop, made from this one. */
const job = ref('')
const keptJob = ref('')
const keepJob = async (): Promise<void> => {
  try {
    await api.post('/usual-jobs', { name: job.value, piece: props.piece.id })
    keptJob.value = t('piece.WholePiece.isOfferedAtTheCounter', [job.value.trim()])
    job.value = ''
  } catch (error) {
    keptJob.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
}
const keep = (): void => {
  const [valueCents, replaceCents] = [cents(form.value.value), cents(form.value.replace)]
  if (valueCents === undefined || replaceCents === undefined) {
    problem.value = 'Write a sum in figures, such as 120 or 120.50.'
    return
  }
  problem.value = ''
  emit('agree', { unwanted: form.value.unwanted, valueCents, replaceCents })
}
</script>

<template>
  <div class="grid gap-4">
    <p v-if="piece.findings.length === 0" class="text-xl">{{ t('piece.WholePiece.chooseAPartOnThe') }}</p>
    <p v-else class="text-xl">{{ t('piece.WholePiece.soFarChooseAPart', [counted(piece.findings.length, 'finding')]) }}</p>
    <section v-if="questions.length > 0" class="grid gap-2" :aria-label="t('piece.WholePiece.whatStillChangesThePlan')">
      <template v-for="q in questions" :key="q.text">
        <button v-if="q.plans > 1" type="button" class="caution text-left text-lg" @click="emit('choose', q.half, q.part)">{{ q.text }}</button>
        <p v-else class="text-soft">{{ q.text }}</p>
      </template>
    </section>
    <section
      v-if="piece.past.length > 0 && !disabled && piece.findings.length === 0" class="flex flex-wrap items-center gap-2"
      :aria-label="t('piece.WholePiece.copyAPastPiece')"
    >
      <span>{{ t('piece.WholePiece.madeLikeOneThatWas') }}</span>
      <button v-for="p in piece.past" :key="p.id" type="button" class="may" @click="emit('copy', p.id)">{{ p.name }} ({{ p.tag }})</button>
    </section>
    <section v-if="piece.differences.length > 0" :aria-label="t('piece.WholePiece.leftAgainstRight')">
      <h2 class="text-xl">{{ t('piece.WholePiece.leftAgainstRight') }}</h2>
      <ul><li v-for="d in piece.differences" :key="d">{{ d }}</li></ul>
    </section>
    <section v-if="detachable.length > 0" :aria-label="t('piece.WholePiece.whatComesOff')">
      <h2 class="text-xl">{{ t('piece.WholePiece.whatComesOff') }}</h2>
      <div class="flex flex-wrap gap-x-6">
        <label v-for="p in detachable" :key="`${p.half}-${p.part}`" class="flex items-center gap-3 min-h-11">
          <input
            type="checkbox" class="size-5 accent-ink" :checked="p.off" :disabled="!hands"
            @change="emit('off', { part: p.part, half: p.half, off: !p.off })"
          >
          {{ t('piece.WholePiece.off', [p.half === 'whole' ? '' : p.half, name(p.part)]) }}
        </label>
      </div>
    </section>
    <Disclosure v-if="!disabled" v-slot="{ open }">
      <DisclosureButton class="quiet justify-self-start">{{ open ? t('piece.WholePiece.close') : t('piece.WholePiece.itLacksAPartOr') }}</DisclosureButton>
      <DisclosurePanel class="flex flex-wrap gap-x-6">
        <label v-for="p in kind.parts" :key="p.id" class="flex items-center gap-3 min-h-11">
          <input type="checkbox" class="size-5 accent-ink" :checked="hasPart(p.id)" @change="toggle(p.id)">{{ p.label }}
        </label>
      </DisclosurePanel>
    </Disclosure>
    <form v-if="!disabled && piece.findings.length > 0" class="flex flex-wrap items-end gap-3" novalidate @submit.prevent="keepJob">
      <label class="grid gap-1">{{ t('piece.WholePiece.thisJobComesAgainKeep') }}
        <input v-model="job" class="write" name="job" maxlength="80" :placeholder="t('piece.WholePiece.cleanAndFeed')"></label>
      <button class="may" type="submit" :disabled="job.trim() === ''">{{ t('piece.WholePiece.keepIt') }}</button>
      <p v-if="keptJob" role="status">{{ keptJob }}</p>
    </form>
    <Disclosure v-if="!disabled || piece.unwanted" v-slot="{ open }">
      <DisclosureButton class="quiet justify-self-start">{{ open ? t('piece.WholePiece.close') : t('piece.WholePiece.whatItIsWorthAnd') }}</DisclosureButton>
      <DisclosurePanel>
        <form class="grid gap-3" novalidate @submit.prevent="keep">
          <label class="grid gap-1 font-semibold">{{ t('piece.WholePiece.theOwnerDoesNotWant') }}<textarea
            v-model="form.unwanted" class="write font-normal" name="unwanted" rows="2" :disabled="disabled"
          /></label>
          <div class="flex items-end gap-4">
            <label class="grid gap-1 font-semibold">{{ t('piece.WholePiece.worthToTheOwner') }}<input
              v-model="form.value" class="write font-normal" name="value" inputmode="decimal"
              :disabled="disabled"
            ></label>
            <label class="grid gap-1 font-semibold">{{ t('piece.WholePiece.priceOfANewOne') }}<input
              v-model="form.replace" class="write font-normal" name="replace"
              inputmode="decimal" :disabled="disabled"
            ></label>
            <button class="may" type="submit" :disabled="disabled">{{ t('piece.WholePiece.keepThis') }}</button>
          </div>
          <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
        </form>
      </DisclosurePanel>
    </Disclosure>
  </div>
</template>
