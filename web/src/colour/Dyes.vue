<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { Applicator, ColoursView, DyesView, DyeWashView, PieceColourView } from '../api/types'
import { useAct } from '../kit/useAct'
import Choice from '../kit/Choice.vue'
import ForHands from '../kit/ForHands.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import HalfFields from '../pots/HalfFields.vue'
import { useLamp } from '../pots/useLamp'
import { measure } from './useColour'
import { counted } from '../kit/counted'
import { t } from '../words'

/** Dyes on this very ground: what each let-down and coat gives, what comes nearest, and what no dye can do. */
const props = defineProps<{ id: number, ground: number, target: number | null }>()
const applicator = ref<Applicator>('cloth')
type Look = 'finished' | 'dry' | 'wet'
const look = ref<Look>('finished')
const looks: readonly { id: Look, label: string, meaning: string }[] = [
  { id: 'finished', label: t('colour.Dyes.finished'), meaning: t('colour.Dyes.asItIsCompared') },
  { id: 'dry', label: t('colour.Dyes.dryAndBare'), meaning: t('colour.Dyes.beforeItsFinish') },
  { id: 'wet', label: t('colour.Dyes.stillWet'), meaning: t('colour.Dyes.deeperThanItWillBe') },
]
const words = useWords()
const { under } = useLamp()
const target = props.target === null || props.target === props.ground ? '' : `&target=${props.target}`
const load = (): Promise<DyesView> => api.get<DyesView>(`/dyes/${props.ground}?applicator=${applicator.value}&look=${look.value}${target}`)
const { value: dyes, problem, reload } = useLoad(load)
void reload()
watch([applicator, look], () => void reload())
const thinners = [0, 1, 3, 7]
const hands = useAct()
const shelf = shallowRef<ColoursView | null>(null)
const teaching = ref({ dye: '', thinner: '1', coats: '1', leather: '' })
const openLog = async (): Promise<void> => {
  shelf.value = await api.get<ColoursView>('/colours')
  teaching.value.dye = String(shelf.value.products.find((p) => p.kind === 'dye')?.id ?? '')
  teaching.value.leather = String(shelf.value.swatches[0]?.id ?? '')
}
const said = ref('')
const teach = () =>
  hands.run(
    async () => {
      const t = teaching.value
      const [leather, dyed] = await Promise.all([
        measure({ what: 'swatch', swatch: Number(t.leather) }),
        measure({
          what: 'dyed',
          product: Number(t.dye),
          swatch: Number(t.leather),
          thinner: Number(t.thinner),
          coats: Number(t.coats),
          applicator: applicator.value,
        }),
      ])
      return api.post<ColoursView>('/dyes/swatches', {
        dye: Number(t.dye),
        thinner: Number(t.thinner),
        coats: Number(t.coats),
        applicator: applicator.value,
        leather: leather.values,
        dyed: dyed.values,
      })
    },
    async () => {
      said.value = t('colour.Dyes.itIsInTheLog')
      await reload()
    },
  )
const finish = computed(() => words.value?.glosses.find((g) => g.id === dyes.value?.finish)?.label ?? '')
const best = computed(() => dyes.value?.matches[0])
/** What was chosen from the ladder for the part that the ground was read on. */
const taken = ref('')
const take = (washes: readonly DyeWashView[], words: string) =>
  hands.run(
    () => api.post<PieceColourView>(`/pieces/${props.id}/dye-choices`, { parts: [dyes.value?.part], washes, applicator: applicator.value }),
    () => {
      taken.value = words
    },
  )
const rung = (code: string, name: string, thinner: number, count: number) =>
  take([{ dye: code, thinner, coats: count }], `${counted(count, 'coat')}, ${name} 1:${thinner}`)
</script>

<template>
  <main class="grid gap-4 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('colour.Dyes.dyeOnThisGround') }}</h1>
      <RouterLink class="may" :to="`/pieces/${id}/colour`">{{ t('colour.Dyes.backToItsColour') }}</RouterLink>
    </header>
    <template v-if="dyes && words">
      <p class="text-lg">{{
        t('colour.Dyes.laidBy')
      }} <Choice v-model="applicator" :label="t('colour.Dyes.applicator')" :options="words.applicators.filter((a) => a.laysDye)" />{{
        t('colour.Dyes.ofAFullCoatEach', [
          dyes.factor.toFixed(2), dyes.swatches === 0
            ? t('colour.Dyes.asIsUsualNoSwatch')
            : t('colour.Dyes.taughtBy', [counted(dyes.swatches, 'swatch')])
        ])
      }} <Choice v-model="look" :label="t('colour.Dyes.shown')" :options="looks" />{{ t('colour.Dyes.differencesAreOfTheFinished', [finish]) }}</p>
      <p v-if="dyes.never" class="stop">{{ dyes.never }}</p>
      <p v-if="taken !== ''" class="caution" role="status">{{ t('colour.Dyes.chosenPlanItAnew', [taken]) }}
        <RouterLink class="quiet" :to="`/pieces/${id}/plan`">{{ t('colour.PieceColour.toItsPlan') }}</RouterLink></p>
      <ForHands planning>
        <section v-if="dyes.target" class="grid gap-2" :aria-label="t('colour.Dyes.nearest')">
          <h2 class="text-2xl">{{ t('colour.Dyes.nearestToTheTarget') }}</h2>
          <p v-if="best" class="text-lg">{{ t('colour.Dyes.bringAPaleSpotUp') }}</p>
          <ol class="grid grid-cols-1 md:grid-cols-2 gap-x-8">
            <li v-for="m in dyes.matches" :key="m.sentence" class="grid grid-cols-[8rem_1fr] gap-4 items-center border-t border-line py-2">
              <HalfFields
                class="bg-surround p-2" :left="under(dyes.target)" :right="m.hex" :left-label="t('colour.Dyes.target')" :right-label="t('colour.Dyes.dyed')"
              />
              <span><strong>ΔE {{ m.dE00.toFixed(1) }}</strong><br>{{ m.sentence }}
                <button class="quiet" type="button" :disabled="hands.busy.value" @click="take(m.washes, m.sentence)">{{
                  t('colour.Dyes.intoThePlan')
                }}</button></span>
            </li>
          </ol>
        </section>
        <section class="grid gap-2" :aria-label="t('colour.Dyes.depthLadders')">
          <h2 class="text-2xl">{{ t('colour.Dyes.depthLaddersLetDownBy') }}</h2>
          <div class="bg-surround text-dark p-5 grid grid-cols-1 md:grid-cols-2 gap-6">
            <figure v-for="l in dyes.ladders" :key="l.code" class="grid grid-cols-[7rem_1fr] gap-3">
              <figcaption class="leading-tight"><strong class="text-lg">{{ l.name }}</strong><br>{{ t('colour.Dyes.in', [l.diluent]) }}</figcaption>
              <table class="w-full border-collapse text-[.9rem]">
                <thead><tr><th class="text-left font-normal">{{
                  t('colour.Dyes.coats')
                }}</th><th v-for="n in thinners" :key="n" class="font-normal">1:{{ n }}</th></tr></thead>
                <tbody>
                  <tr v-for="c in [1, 2, 3]" :key="c">
                    <th class="text-left font-normal">{{ c }}</th>
                    <td
                      v-for="thinner in thinners" :key="thinner" class="p-0 h-11 w-1/5"
                      :style="{ backgroundColor: l.rungs.find((r) => r.thinner === thinner && r.coats === c)?.hex }"
                    >
                      <button
                        class="block size-full min-h-11" type="button" :disabled="hands.busy.value"
                        :aria-label="t('colour.Dyes.rungIntoThePlan', [l.name, c, thinner, l.rungs.find((r) => r.thinner === thinner && r.coats === c)?.dE00])"
                        @click="rung(l.code, l.name, thinner, c)"
                      />
                    </td>
                  </tr>
                </tbody>
              </table>
            </figure>
          </div>
        </section>
      </ForHands>
      <ForHands silent>
        <section class="grid gap-3 border-t-2 border-ink pt-3" :aria-label="t('colour.Dyes.logOfSwatches')">
          <h2 class="text-2xl">{{ t('colour.Dyes.teachItWithAReal') }}</h2>
          <button v-if="shelf === null" class="may justify-self-start" type="button" @click="openLog">{{ t('colour.Dyes.readASwatch') }}</button>
          <form v-else class="flex flex-wrap gap-3 items-end" @submit.prevent="teach">
            <label class="grid gap-1">{{ t('colour.Dyes.dye') }}<select v-model="teaching.dye" class="write"><option
              v-for="p in shelf.products.filter((x) => x.kind === 'dye')"
              :key="p.id" :value="String(p.id)"
            >{{ p.name }}</option></select></label>
            <label class="grid gap-1">{{ t('colour.Dyes.letDown') }}<select v-model="teaching.thinner" class="write">
              <option v-for="n in thinners" :key="n" :value="String(n)">1:{{ n }}</option></select></label>
            <label class="grid gap-1">{{
              t('colour.Dyes.coats2')
            }}<select v-model="teaching.coats" class="write"><option v-for="c in ['1', '2', '3']" :key="c">{{ c }}</option>
            </select></label>
            <label class="grid gap-1">{{ t('colour.Dyes.on') }}<select v-model="teaching.leather" class="write"><option
              v-for="s in shelf.swatches" :key="s.id"
              :value="String(s.id)"
            >{{ s.name }}</option></select></label>
            <button class="do" type="submit" :disabled="hands.busy.value">{{ t('colour.Dyes.readBareAndDyed') }}</button>
            <span role="status">{{ said }}</span>
          </form>
        </section>
      </ForHands>
    </template>
  </main>
</template>
