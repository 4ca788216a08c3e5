<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { Applicator, ColoursView, DyesView } from '../api/types'
import { useAct } from '../kit/useAct'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import HalfFields from '../pots/HalfFields.vue'
import { useLamp } from '../pots/useLamp'
import { measure } from './useColour'
import { counted } from '../kit/counted'

/** Dyes on this very ground: what each let-down and coat gives, what comes nearest, and what no dye can do. */
const props = defineProps<{ id: number, ground: number, target: number | null }>()
const applicator = ref<Applicator>('cloth')
type Look = 'dry' | 'wet' | 'satin' | 'mirror'
const look = ref<Look>('dry')
const looks: readonly { id: Look, label: string, meaning: string }[] = [
  { id: 'dry', label: 'dry and bare', meaning: 'as it is judged' },
  { id: 'wet', label: 'still wet', meaning: 'deeper than it will be' },
  { id: 'satin', label: 'under a satin finish', meaning: 'sealed with resin' },
  { id: 'mirror', label: 'under a mirror finish', meaning: 'waxed and polished' },
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
      said.value = 'It is in the log.'
      await reload()
    },
  )
const best = computed(() => dyes.value?.matches[0])
</script>

<template>
  <main class="grid gap-4 content-start px-4 sm:px-9 py-6">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">Dye on this ground</h1>
      <RouterLink class="may" :to="`/pieces/${id}/colour`">Back to its colour</RouterLink>
    </header>
    <template v-if="dyes && words">
      <p class="text-lg">Laid by <Choice v-model="applicator" label="Applicator" :options="words.applicators.filter((a) => a.laysDye)" />:
        {{ dyes.factor.toFixed(2) }} of a full coat each time{{ dyes.swatches === 0 ? ', as is usual; no swatch has taught otherwise yet' :
          `, taught by ${counted(dyes.swatches, 'swatch', 'swatches')}` }}. Shown <Choice v-model="look" label="Shown" :options="looks" />;
        differences are of the dry leather.</p>
      <p v-if="dyes.never" class="stop">{{ dyes.never }}</p>
      <section v-if="dyes.target" class="grid gap-2" aria-label="Nearest">
        <h2 class="text-2xl">Nearest to the target</h2>
        <p v-if="best" class="text-lg">Bring a pale spot up first, then wash the whole part up to its seams. Rub off until a white cloth stays clean.</p>
        <ol class="grid grid-cols-1 md:grid-cols-2 gap-x-8">
          <li v-for="m in dyes.matches" :key="m.sentence" class="grid grid-cols-[8rem_1fr] gap-4 items-center border-t border-line py-2">
            <HalfFields class="bg-surround p-2" :left="under(dyes.target)" :right="m.hex" left-label="target" right-label="dyed" />
            <span><strong>ΔE {{ m.dE00.toFixed(1) }}</strong><br>{{ m.sentence }}</span>
          </li>
        </ol>
      </section>
      <section class="grid gap-2" aria-label="Depth ladders">
        <h2 class="text-2xl">Depth ladders: let-down by coats</h2>
        <div class="bg-surround text-dark p-5 grid grid-cols-1 md:grid-cols-2 gap-6">
          <figure v-for="l in dyes.ladders" :key="l.code" class="grid grid-cols-[7rem_1fr] gap-3">
            <figcaption class="leading-tight"><strong class="text-lg">{{ l.name }}</strong><br>in {{ l.diluent }}</figcaption>
            <table class="w-full border-collapse text-[.9rem]">
              <thead><tr><th class="text-left font-normal">coats</th><th v-for="n in thinners" :key="n" class="font-normal">1:{{ n }}</th></tr></thead>
              <tbody>
                <tr v-for="c in [1, 2, 3]" :key="c">
                  <th class="text-left font-normal">{{ c }}</th>
                  <td
                    v-for="thinner in thinners" :key="thinner" class="p-0 h-9 w-1/5"
                    :style="{ backgroundColor: l.rungs.find((r) => r.thinner === thinner && r.coats === c)?.hex }"
                  >
                    <span class="sr-only">{{ l.rungs.find((r) => r.thinner === thinner && r.coats === c)?.dE00 }} from the target</span>
                  </td>
                </tr>
              </tbody>
            </table>
          </figure>
        </div>
      </section>
      <section class="grid gap-3 border-t-2 border-ink pt-3" aria-label="Log of swatches">
        <h2 class="text-2xl">Teach it with a real swatch</h2>
        <button v-if="shelf === null" class="may justify-self-start" type="button" @click="openLog">Read a swatch…</button>
        <form v-else class="flex flex-wrap gap-3 items-end" @submit.prevent="teach">
          <label class="grid gap-1">Dye<select v-model="teaching.dye" class="write"><option
            v-for="p in shelf.products.filter((x) => x.kind === 'dye')"
            :key="p.id" :value="String(p.id)"
          >{{ p.name }}</option></select></label>
          <label class="grid gap-1">Let down<select v-model="teaching.thinner" class="write">
            <option v-for="n in thinners" :key="n" :value="String(n)">1:{{ n }}</option></select></label>
          <label class="grid gap-1">Coats<select v-model="teaching.coats" class="write"><option v-for="c in ['1', '2', '3']" :key="c">{{ c }}</option>
          </select></label>
          <label class="grid gap-1">On<select v-model="teaching.leather" class="write"><option
            v-for="s in shelf.swatches" :key="s.id"
            :value="String(s.id)"
          >{{ s.name }}</option></select></label>
          <button class="do" type="submit" :disabled="hands.busy.value">Read bare and dyed</button>
          <span role="status">{{ said }}</span>
        </form>
      </section>
    </template>
  </main>
</template>
