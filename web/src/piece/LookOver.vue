<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { AgreementInput } from '../api/types'
import Silhouette from '../drawing/Silhouette.vue'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useWhen } from '../kit/useWhen'
import { useWords } from '../kit/useWords'
import { useSession } from '../people/useSession'
import FindingForm from './FindingForm.vue'
import PartSentence from './PartSentence.vue'
import { usePiece } from './usePiece'

const props = defineProps<{ id: number }>()
const words = useWords()
const router = useRouter()
const { person } = useSession()
const { date } = useWhen()
const { piece, problem, busy, reload, see, mark, unmark, agree, plan } = usePiece(props.id)
void reload()

const half = ref('left')
/** a part, or the whole upper */
const part = ref<string | null>(null)
const kind = computed(() => words.value?.kinds.find((k) => k.id === piece.value?.kind))
const names = computed(() => Object.fromEntries((kind.value?.parts ?? []).map((p) => [p.id, p.label])))
const upper = computed(() => (kind.value?.parts ?? []).filter((p) => p.upper).map((p) => p.id))
const chosen = computed(() => (part.value === null ? [] : part.value === 'upper' ? upper.value : [part.value]))
const parts = computed(() => piece.value?.parts.filter((p) => p.half === half.value && chosen.value.includes(p.part)) ?? [])
const findings = computed(() => piece.value?.findings.filter((f) => f.half === half.value && chosen.value.includes(f.part)) ?? [])
const colours = (side: string): Record<string, string> => Object.fromEntries((piece.value?.parts ?? []).filter((p) => p.half === side).map((p) => [p.part, p.hex]))
const guesses = computed(() => (piece.value?.parts ?? []).filter((p) => p.certainty === 'guess').length)
const mayEdit = computed(() => person.value?.mayPlan === true && piece.value?.state !== 'finished')

const choose = (side: string, name: string): void => {
  half.value = side
  part.value = name
}
const makePlan = async (): Promise<void> => {
  if (await plan()) {
    await router.push(`/pieces/${props.id}/plan`)
  }
}
const size = (f: { lengthMm: number | null, widthMm: number | null }): string => (f.lengthMm === null ? '' : f.widthMm === null ? `, ${f.lengthMm} mm` : `, ${f.lengthMm} × ${f.widthMm} mm`)
const severity = (value: number): string => words.value?.severities.find((s) => s.id === String(value))?.label ?? ''
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.2fr_1fr] min-h-0 lg:h-[calc(100dvh-4rem)]">
    <section class="bg-surround px-8 py-5 flex flex-col gap-2 min-h-80" aria-label="The pair, drawn">
      <template v-if="piece">
        <div v-for="side in ['left', 'right']" :key="side" class="grid grid-cols-[4.5rem_1fr] items-center">
          <h2 class="text-xl text-dark" :class="half === side && part ? 'underline underline-offset-8 decoration-2' : ''">{{ side }}</h2>
          <Silhouette
            class="max-w-140 justify-self-center" :kind="piece.kind" :half="side" :colours="colours(side)" :names="names"
            :findings="piece.findings.filter((f) => f.half === side)" :selected="half === side && part !== 'upper' ? part : null"
            :only="part === null ? null : half === side ? chosen : []" :label="`${side} half of ${piece.name}`" @choose="(name) => choose(side, name)"
          />
        </div>
        <div class="flex gap-3 mt-auto justify-center">
          <button class="may bg-paper" type="button" :aria-pressed="part === 'upper'" @click="choose(half, 'upper')">The whole upper</button>
          <button class="may bg-paper" type="button" :disabled="part === null" @click="part = null">The whole pair</button>
        </div>
      </template>
    </section>

    <section class="px-8 py-5 grid gap-4 content-start relative overflow-y-auto" aria-label="What is known" tabindex="0">
      <Notice :text="problem" @again="reload" />
      <header v-if="piece" class="grid gap-1">
        <h1 class="text-3xl">{{ piece.name }}</h1>
        <p class="text-soft">{{ piece.customer }}, for {{ date(piece.promisedAt) }}</p>
        <p v-if="words" class="text-lg">
          Agreed: to <Choice :model-value="piece.aim" label="Aim" :disabled="!mayEdit" :options="words.aims" @update:model-value="(aim) => agree({ aim: aim as AgreementInput['aim'], gloss: piece?.gloss as AgreementInput['gloss'] })" />,
          with a <Choice :model-value="piece.gloss" label="Gloss" :disabled="!mayEdit" :options="words.glosses" @update:model-value="(gloss) => agree({ aim: piece?.aim as AgreementInput['aim'], gloss: gloss as AgreementInput['gloss'] })" /> finish.
        </p>
      </header>

      <template v-if="piece && words && part !== null">
        <PartSentence :half="half" :part="part" :name="part === 'upper' ? 'whole upper' : names[part] ?? part" :parts="parts" :kind="kind" :words="words" :disabled="!mayEdit || busy" @see="see" />
        <ul v-if="findings.length > 0" class="grid">
          <li v-for="f in findings" :key="f.id" class="flex items-center gap-3 border-t border-line min-h-12">
            <span class="grow"><span class="font-semibold">{{ f.label }}</span><span v-if="part === 'upper'"> on the {{ names[f.part] }}</span>, {{ severity(f.severity) }}{{ size(f) }}</span>
            <button v-if="mayEdit" class="quiet" type="button" :aria-label="`take away: ${f.label}`" @click="unmark(f.id)">take away</button>
          </li>
        </ul>
        <FindingForm v-if="mayEdit && part !== 'upper'" :key="`${half}-${part}`" :words="words" :half="half" :part="part" :busy="busy" :mark="mark" />
      </template>
      <div v-else-if="piece" class="grid gap-3 py-2">
        <p class="text-xl">Choose a part on the drawing, and say what it is made of and what is wrong with it.</p>
        <p v-if="piece.findings.length > 0" class="text-soft">{{ piece.findings.length }} {{ piece.findings.length === 1 ? 'finding' : 'findings' }} so far.</p>
        <p v-if="guesses > 0" class="caution">{{ guesses }} {{ guesses === 1 ? 'part is' : 'parts are' }} a guess: the plan treats {{ guesses === 1 ? 'it' : 'them' }} as delicate and begins with a trial.</p>
      </div>

      <footer v-if="piece" class="flex gap-4 pt-3 border-t-2 border-ink mt-2">
        <button v-if="mayEdit && piece.state !== 'in-work'" class="do grow" type="button" :disabled="busy" @click="makePlan">Make the plan</button>
        <RouterLink v-if="['planned', 'in-work', 'referred', 'finished'].includes(piece.state)" class="may" :to="`/pieces/${id}/plan`">See the plan</RouterLink>
      </footer>
    </section>
  </main>
</template>
