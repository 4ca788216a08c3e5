<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { Kind, PassportRowView, ThingAtWorkView, ThingsView } from '../api/types'
import { inOneColour } from '../drawing/inOneColour'
import Standing from '../drawing/Standing.vue'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import { careDay } from '../passport/careDay'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** One’s own things: what is due, what lies on the bench, and what the next sittings bring. */
const { value: things, problem, reload } = useLoad(() => api.get<ThingsView>('/things'))
void reload()
const hands = useAct(reload)
const words = useWords()
const { date, time, span } = useWhen()
const atWork = (passport: number): ThingAtWorkView | undefined => things.value?.atWork.find((w) => w.passport === passport)
/** What lies on the bench first, then what is due the soonest. */
const pieces = computed(() => [...things.value?.owner.pieces ?? []].sort((a, b) =>
  Number(b.here) - Number(a.here) || (a.careAt ?? '9').localeCompare(b.careAt ?? '9')))
const colours = (id: Kind, hex: string) => inOneColour(words.value?.kinds.find((k) => k.id === id), hex)
/** Where it is, and what it needs. */
const stands = (p: PassportRowView): string => {
  const work = atWork(p.id)
  if (work?.isReady) {
    return t('owner.Things.isReady')
  }
  if (work?.nextAt) {
    return t('owner.Things.goesOn', [date(work.nextAt), time(work.nextAt)])
  }
  if (p.here) {
    return t('owner.Things.onTheBench')
  }
  return p.care && p.careAt ? t('owner.Things.next', [p.care, careDay(p.careAt)]) : t('owner.Things.nothingDue')
}
/** It is done and goes back into the wardrobe. */
const putAway = (w: ThingAtWorkView): Promise<boolean> => hands.run(
  () => api.post(`/tickets/${w.ticket}/collect`, { pieces: [w.piece], by: things.value?.owner.name ?? '', paid: 'nothing' }), reload,
)
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.4fr_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section class="bg-surround text-dark px-4 sm:px-8 py-6 grid gap-2 content-start overflow-y-auto" :aria-label="t('owner.Things.myThings')" tabindex="0">
      <Notice v-if="problem || hands.problem.value" :text="problem || hands.problem.value" @again="reload" />
      <header class="flex flex-wrap items-end gap-3 mb-2">
        <h1 class="text-4xl grow">{{ t('owner.Things.myThings') }}</h1>
        <RouterLink class="do inline-flex items-center" to="/counter/new">{{ t('owner.Things.takeOne') }}</RouterLink>
      </header>
      <p v-if="things && pieces.length === 0" class="text-xl max-w-xl leading-snug">{{ t('owner.Things.none') }}</p>
      <article
        v-for="p in pieces" :key="p.id" class="grid grid-cols-[8rem_minmax(0,1fr)] sm:grid-cols-[11rem_minmax(0,1fr)_auto] gap-x-5 gap-y-2 items-center
        border-t border-dark/30 py-3"
      >
        <Standing :kind="p.kind" :colours="colours(p.kind, p.hex)" :weight="1.6" class="h-24" />
        <p class="leading-snug min-w-0">
          <RouterLink class="text-2xl font-semibold underline-offset-4 hover:underline" :to="`/passports/${p.id}`">{{ p.name }}</RouterLink><br>
          <span class="text-lg">{{ stands(p) }}</span>
        </p>
        <template v-for="w in [atWork(p.id)]" :key="w?.piece ?? 0">
          <button v-if="w?.isReady" class="do" type="button" :disabled="hands.busy.value" @click="putAway(w)">{{ t('owner.Things.putAway') }}</button>
          <RouterLink v-else-if="w" class="may inline-flex items-center" :to="w.hasPlan ? `/pieces/${w.piece}/plan` : `/pieces/${w.piece}`">{{
            w.hasPlan ? t('owner.Things.itsPlan') : t('owner.Things.lookItOver')
          }}</RouterLink>
        </template>
      </article>
    </section>
    <section class="px-4 sm:px-8 py-6 grid gap-4 content-start overflow-y-auto" :aria-label="t('owner.Things.sittings')" tabindex="0">
      <h2 class="text-3xl">{{ t('owner.Things.sittings') }}</h2>
      <p v-if="things && things.sittings.length === 0" class="text-xl leading-snug">{{ t('owner.Things.noSittings') }}</p>
      <ol class="grid">
        <li v-for="s in things?.sittings ?? []" :key="s.from" class="grid gap-1 border-t-2 border-ink py-3 leading-snug">
          <p class="text-2xl font-head">{{ date(s.from) }}</p>
          <p class="text-xl">{{ t('owner.Things.fromUntil', [time(s.from), time(s.until), span(s.minutes)]) }}</p>
          <p class="text-lg text-soft">{{ s.pieces.join(', ') }}</p>
        </li>
      </ol>
      <p class="text-soft leading-snug">{{ t('owner.Things.carriesOver') }} <RouterLink class="quiet" to="/workshop">{{
        t('owner.Things.changeSittings')
      }}</RouterLink></p>
    </section>
  </main>
</template>
