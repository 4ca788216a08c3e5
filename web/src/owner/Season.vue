<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api } from '../api/client'
import type { MessagesView, MessageTextView, PreviewView, SeasonCareView, SeasonOwnerView, SeasonView } from '../api/types'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { careDay } from '../passport/careDay'
import { useNow } from '../session/useNow'
import { t } from '../words'
import { monthAfter, monthName, monthOf, monthWord } from './months'

/** Who is due in a month: each owner once, with all that is theirs; one message serves. */
const router = useRouter()
const now = useNow()
const month = ref(monthOf(now.value))
const page = ref(0)
const { value: season, problem, reload } = useLoad(() => api.get<SeasonView>(`/season/${month.value}?page=${page.value}`))
watch(month, () => {
  page.value = 0
})
watch([month, page], () => void reload(), { immediate: true })
const hands = useAct(reload)

const canBeTold = (o: SeasonOwnerView): boolean => !o.told && o.by !== null
const chosen = ref<number[]>([])
const looked = ref<number | null>(null)
watch(season, (s) => {
  chosen.value = (s?.owners ?? []).filter(canBeTold).map((o) => o.owner)
  looked.value = s?.owners.find((o) => o.owner === looked.value)?.owner ?? s?.owners[0]?.owner ?? null
})
const preview = ref<PreviewView | null>(null)
const look = async (): Promise<void> => {
  const of = looked.value
  if (of === null) {
    preview.value = null
    return
  }
  await hands.run(() => api.get<PreviewView>(`/season/${month.value}/owners/${of}`), (p) => {
    preview.value = p
  })
}
watch(looked, () => void look())
const byPiece = (cares: readonly SeasonCareView[]) => [...new Set(cares.map((c) => c.passport))].map((passport) => ({
  passport, piece: cares.find((c) => c.passport === passport)?.piece ?? '', cares: cares.filter((c) => c.passport === passport),
}))
const inYear = (iso: string): string => {
  const year = ` ${monthOf(now.value).slice(0, 4)}`
  const said = careDay(iso)
  return said.endsWith(year) ? said.slice(0, -year.length) : said
}
const WAYS = {
  email: t('owner.Season.byEmail'), phone: t('owner.Season.byTelephone'), post: t('owner.Season.byLetter'), other: t('owner.Season.otherwise'),
} as const

/** The words themselves are the workshop’s own. */
const writing = ref(false)
const words = reactive({ subject: '', text: '' })
const fields = computed(() => (season.value?.text.fields ?? []).map((f) => `{${f}}`).join('  '))
const write = (): void => {
  Object.assign(words, { subject: season.value?.text.subject ?? '', text: season.value?.text.text ?? '' })
  writing.value = true
}
const keep = () => hands.run(() => api.put<MessageTextView>('/message-texts/care', { ...words }), async () => {
  writing.value = false
  await reload()
  await look()
})
const tell = () => hands.run(
  () => api.post<MessagesView>('/season', { month: month.value, owners: chosen.value }),
  async () => {
    await router.push('/messages')
  },
)
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.1fr_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section class="px-4 sm:px-8 py-6 grid gap-4 content-start overflow-y-auto" :aria-label="t('owner.Season.whoIsDue')" tabindex="0">
      <Notice :text="problem || hands.problem.value" @again="reload" />
      <header class="flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1 class="text-3xl grow">{{ t('owner.Season.dueIn', [monthName(month)]) }}</h1>
        <span class="flex gap-2">
          <button v-for="step in [-1, 1]" :key="step" class="may" type="button" @click="month = monthAfter(month, step)">{{
            t(step < 0 ? 'owner.Season.before' : 'owner.Season.after', [monthWord(monthAfter(month, step))])
          }}</button>
        </span>
      </header>
      <p v-if="season && season.owners.length === 0" class="text-xl">{{ t('owner.Season.nobodyIsDue') }}</p>
      <ol v-if="season" class="grid">
        <li v-for="o in season.owners" :key="o.owner" class="grid grid-cols-[2.75rem_minmax(0,1fr)] gap-x-2 border-t border-line py-3">
          <label class="grid place-items-center size-11 self-start"><input
            v-model="chosen" type="checkbox" class="size-7 accent-ink" :value="o.owner" :disabled="!canBeTold(o)"
            :aria-label="t('owner.Season.tell', [o.name])"
          ></label>
          <div class="leading-snug">
            <p class="flex flex-wrap items-baseline gap-x-4">
              <button
                type="button" class="text-xl font-bold min-h-11 text-left underline-offset-4" :class="looked === o.owner ? 'underline decoration-2' : ''"
                @click="looked = o.owner"
              >{{ o.name }}</button>
              <span class="text-soft">{{ o.by === null ? t('owner.Season.noWay') : `${WAYS[o.by]}, ${o.contact}` }}</span>
              <strong v-if="o.told">{{ t('owner.Season.told') }}</strong>
            </p>
            <p v-for="p in byPiece(o.cares)" :key="p.passport">
              <RouterLink class="by-finger font-semibold underline underline-offset-4" :to="`/passports/${p.passport}`">{{ p.piece }}</RouterLink>
              <span v-for="c in p.cares" :key="c.kind" :class="c.told ? 'text-soft' : ''"> · {{ c.label }}, {{
                c.late ? t('owner.Season.since', [inYear(c.at)]) : inYear(c.at)
              }}</span>
            </p>
          </div>
        </li>
      </ol>
      <p v-if="season && (season.more || page > 0)" class="flex gap-3">
        <button class="may" type="button" :disabled="page === 0" @click="page -= 1">{{ t('owner.Owners.before') }}</button>
        <button class="may" type="button" :disabled="!season.more" @click="page += 1">{{ t('owner.Owners.further') }}</button>
      </p>
      <p v-if="season && season.notAsked > 0" class="text-soft">{{ t('owner.Season.notAsked', [counted(season.notAsked, 'owner')]) }}</p>
      <section v-if="season && season.kept.length > 0" class="grid gap-1 pt-4" :aria-label="t('owner.Season.keptHere')">
        <h2 class="text-2xl">{{ t('owner.Season.keptHere') }}</h2>
        <p v-for="k in season.kept" :key="k.passport" class="border-t border-line py-2 flex flex-wrap gap-x-4 items-baseline">
          <RouterLink class="by-finger font-semibold underline underline-offset-4" :to="`/passports/${k.passport}`">{{ k.piece }}</RouterLink>
          <span class="grow">{{ k.ownerName }}</span><span>{{ k.where }}</span>
          <span :class="k.over ? 'font-bold' : 'text-soft'">{{ k.until ? t('owner.Season.until', [careDay(k.until)]) : t('owner.Season.noEnd') }}</span>
        </p>
      </section>
    </section>
    <section
      class="bg-surround text-dark px-4 sm:px-8 py-6 grid gap-4 content-start overflow-y-auto" :aria-label="t('owner.Season.theMessage')" tabindex="0"
    >
      <button
        class="do text-2xl! min-h-16! w-full" type="button" :disabled="hands.busy.value || chosen.length === 0" @click="tell"
      >{{ chosen.length === 1 ? t('owner.Season.writeToOne') : t('owner.Season.writeToThem', [chosen.length]) }}</button>
      <article v-if="preview && !writing" class="bg-raised text-ink px-6 py-5 grid gap-3 text-lg leading-relaxed">
        <h2 class="text-2xl">{{ preview.subject }}</h2>
        <p class="whitespace-pre-line">{{ preview.body }}</p>
      </article>
      <p v-if="season && !writing" class="flex flex-wrap gap-3">
        <button class="may" type="button" @click="write">{{ t('owner.Season.otherWords') }}</button>
        <RouterLink class="may" to="/messages">{{ t('owner.Season.messages') }}</RouterLink>
      </p>
      <form v-if="writing" class="bg-raised text-ink px-6 py-5 grid gap-3" @submit.prevent="keep">
        <label class="grid gap-1">{{ t('owner.Season.subject') }}<input v-model="words.subject" class="write" name="subject" maxlength="120" required></label>
        <label class="grid gap-1">{{ t('owner.Season.text') }}<textarea
          v-model="words.text" class="write" name="text" rows="13" maxlength="3000" required
        /></label>
        <p class="text-soft">{{ t('owner.Season.filledIn') }} {{ fields }}</p>
        <p class="flex gap-3"><button class="do" type="submit" :disabled="hands.busy.value">{{ t('owner.Season.theseWords') }}</button>
          <button class="may" type="button" @click="writing = false">{{ t('owner.Season.leaveThem') }}</button></p>
      </form>
    </section>
  </main>
</template>
