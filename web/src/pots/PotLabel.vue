<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { PotLabelView, PotView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { squareCode } from '../kit/squareCode'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import HalfFields from './HalfFields.vue'
import { t } from '../words'
import { toldAll } from './told'

/** What is stuck on the kept fifth: the colour, what is in it, whose it is. The square opens the pot. */
const props = defineProps<{ id: number }>()
const { value: pot, problem, reload } = useLoad(() => api.get<PotView>(`/pots/${props.id}`))
const { value: label, reload: reloadLabel } = useLoad(() => api.get<PotLabelView>(`/pots/${props.id}/label`))
void reload()
void reloadLabel()
const { date } = useWhen()
const square = computed(() => squareCode(`${location.origin}/pots/${props.id}`))
const print = (): void => window.print()
</script>

<template>
  <main class="px-4 sm:px-8 py-6 grid gap-6 content-start justify-items-start">
    <Notice :text="problem" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-x-6 gap-y-2 w-full">
      <h1 class="text-4xl grow">{{ t('pots.PotLabel.labelOfAPot') }}</h1>
      <RouterLink class="quiet" :to="`/pots/${id}`">{{ t('pots.PotLabel.backToThePot') }}</RouterLink>
      <button class="do" type="button" @click="print">{{ t('pots.PotLabel.print') }}</button>
    </header>
    <article
      v-if="pot"
      class="bg-raised text-ink border-2 border-ink grid grid-cols-[4rem_minmax(0,1fr)_6rem] sm:grid-cols-[9rem_minmax(0,1fr)_8rem] gap-4 p-4
        w-[38rem] max-w-full break-inside-avoid"
    >
      <HalfFields
        :left="pot.target.daylight" :right="(pot.dabs[0]?.seen ?? pot.now?.seen)?.daylight ?? null" :left-label="t('pots.PotLabel.target')"
        :right-label="t('pots.PotLabel.pot')"
      />
      <div class="leading-snug min-w-0">
        <p class="font-head text-2xl font-semibold leading-tight">{{ pot.name }}</p>
        <p v-if="label">{{ t('pots.PotLabel.ofWhom', [label.customer, pot.place.pieceName, label.places]) }}</p>
        <p class="font-semibold">{{ toldAll(pot.drops) }}</p>
        <p>{{
          t('pots.PotLabel.dropsOfL', [pot.total, (pot.dropMl * 1000).toFixed(0)])
        }}<template v-if="pot.dabs[0]">{{ t('pots.PotLabel.eDry', [pot.dabs[0].difference.dE00.toFixed(1)]) }}</template><template v-if="pot.keptMl !== null">{{
          t('pots.PotLabel.ml', [pot.keptMl, pot.keptWhere === '' ? '' : `, ${pot.keptWhere}`])
        }}</template></p>
        <p v-if="label && label.lots.length > 0" class="text-[.9rem]">{{ label.lots.join(', ') }}</p>
        <p>{{ date(pot.history[0]?.at ?? '') }} {{
          (pot.history[0]?.at ?? '').slice(0, 4)
        }}<template v-if="label">{{ t('pots.PotLabel.finish', [label.finish]) }}</template></p>
      </div>
      <img :src="square" width="128" height="128" class="w-full bg-white self-center" :alt="t('pots.PotLabel.aSquareCodeThatOpens', [pot.name])">
    </article>
  </main>
</template>
