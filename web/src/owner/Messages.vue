<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { MessagesView, MessageState, MessageView } from '../api/types'
import Choice from '../kit/Choice.vue'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useNow } from '../session/useNow'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** What owners are told: what goes by itself, what waits for hands, and what did not go. */
const SHOWN = [
  { id: 'all', label: t('owner.Messages.all') }, { id: 'state=failed', label: t('owner.Messages.whatDidNotGo') },
  { id: 'state=waiting&by=phone', label: t('owner.Messages.calls') }, { id: 'state=waiting&by=post', label: t('owner.Messages.letters') },
  { id: 'state=waiting', label: t('owner.Messages.waiting') }, { id: 'state=sent', label: t('owner.Messages.sent') },
]
const shown = ref('all')
const page = ref(0)
const { value: all, problem, reload } = useLoad(() => api.get<MessagesView>(`/messages?${shown.value === 'all' ? '' : `${shown.value}&`}page=${page.value}`))
watch(shown, () => {
  page.value = 0
})
watch([shown, page], () => void reload(), { immediate: true })
const hands = useAct(reload)
const { person } = useSession()
const now = useNow()
const { when } = useWhen()
const looked = ref<number | null>(null)
const open = computed(() => all.value?.messages.find((m) => m.id === looked.value) ?? all.value?.messages[0] ?? null)
const STATES: Readonly<Record<MessageState, string>> = {
  waiting: t('owner.Messages.waits'), sending: t('owner.Messages.goesNow'), sent: t('owner.Messages.went'), failed: t('owner.Messages.didNotGo'),
  stopped: t('owner.Messages.stopped'),
}
const WAYS = { email: t('owner.Messages.email'), phone: t('owner.Messages.call'), post: t('owner.Messages.letter'), other: t('owner.Messages.other') } as const
const state = (m: MessageView): string =>
  m.state === 'waiting' && m.by !== 'email' ? t('owner.Messages.waitsForYou')
    : m.state === 'waiting' && Date.parse(m.notBefore) > now.value ? t('owner.Messages.goesAt', [when(m.notBefore, now.value)])
      : m.endedAt === null ? STATES[m.state] : `${STATES[m.state]}, ${when(m.endedAt, now.value)}`
const act = (m: MessageView, what: 'done' | 'stop' | 'again') => hands.run(() => api.post<MessageView>(`/messages/${m.id}/${what}`, {}), reload)
const byHand = (m: MessageView): boolean => (m.state === 'waiting' && m.by !== 'email') || m.state === 'failed'
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.1fr_1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section class="px-4 sm:px-8 py-6 grid gap-4 content-start overflow-y-auto" :aria-label="t('owner.Messages.messages')" tabindex="0">
      <Notice :text="problem || hands.problem.value" @again="reload" />
      <header class="flex flex-wrap items-end gap-x-4 gap-y-2">
        <h1 class="text-4xl grow">{{ t('owner.Messages.messages') }}</h1>
        <Choice v-model="shown" :label="t('owner.Messages.show')" :options="SHOWN" />
        <RouterLink class="may" to="/season">{{ t('owner.Messages.whoIsDue') }}</RouterLink>
      </header>
      <template v-if="all">
        <p v-if="all.simulated" class="caution">{{ t('owner.Messages.simulated') }}</p>
        <p v-if="all.failed > 0" class="stop">{{ t('owner.Messages.someDidNotGo', [all.failed]) }}</p>
        <p v-if="all.letters > 0 || all.calls > 0" class="flex flex-wrap items-center gap-3 text-lg">
          <RouterLink v-if="all.letters > 0" class="may" to="/messages/letters">{{ t('owner.Messages.printLetters', [all.letters]) }}</RouterLink>
          <button v-if="all.calls > 0" class="may" type="button" @click="shown = 'state=waiting&by=phone'">{{
            t('owner.Messages.ringUp', [all.calls])
          }}</button>
        </p>
        <p v-if="all.messages.length === 0" class="text-xl py-8">{{
          shown === 'all' ? t('owner.Messages.nothingYet') : t('owner.Messages.nothingOfThat')
        }}</p>
        <ol class="grid">
          <li v-for="m in all.messages" :key="m.id" class="border-t border-line">
            <button
              type="button" class="w-full text-left grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 px-3 py-2.5 leading-snug"
              :class="m.id === open?.id ? 'bg-paper' : ''" :aria-current="m.id === open?.id" @click="looked = m.id"
            >
              <span><strong class="text-lg">{{ m.ownerName }}</strong><br>{{ m.subject }}</span>
              <span class="text-right"><strong :class="m.state === 'sent' ? 'font-normal' : ''">{{ state(m) }}</strong><br>
                <span class="text-soft">{{ WAYS[m.by] }}</span></span>
            </button>
          </li>
        </ol>
        <p v-if="all.more || page > 0" class="flex gap-3">
          <button class="may" type="button" :disabled="page === 0" @click="page -= 1">{{ t('owner.Messages.newer') }}</button>
          <button class="may" type="button" :disabled="!all.more" @click="page += 1">{{ t('owner.Messages.older') }}</button>
        </p>
      </template>
    </section>
    <section
      class="bg-surround text-dark px-4 sm:px-8 py-6 grid gap-4 content-start overflow-y-auto" :aria-label="t('owner.Messages.theMessage')" tabindex="0"
    >
      <template v-if="open">
        <p v-if="open.by === 'phone' || open.by === 'other'" class="font-head text-4xl">{{ open.to }}</p>
        <p v-if="open.failure" class="stop">{{ open.failure }}<template v-if="open.state === 'waiting'"> {{
          t('owner.Messages.triedAgain', [when(open.notBefore, now)])
        }}</template></p>
        <p class="flex flex-wrap gap-3">
          <button v-if="byHand(open)" class="do" type="button" :disabled="hands.busy.value" @click="act(open, 'done')">{{
            open.by === 'post' ? t('owner.Messages.posted') : t('owner.Messages.theyKnow')
          }}</button>
          <template v-if="person?.mayReceive">
            <button v-if="open.state === 'failed' && open.by === 'email'" class="may" type="button" :disabled="hands.busy.value" @click="act(open, 'again')">{{
              t('owner.Messages.sendAgain')
            }}</button>
            <button
              v-if="open.state === 'waiting' || open.state === 'failed'" class="may" type="button" :disabled="hands.busy.value" @click="act(open, 'stop')"
            >{{ t('owner.Messages.doNotSend') }}</button>
          </template>
          <RouterLink class="may" :to="`/owners/${open.owner}`">{{ open.ownerName }}</RouterLink>
        </p>
        <article class="bg-raised text-ink px-6 py-5 grid gap-3 text-lg leading-relaxed">
          <p class="text-soft whitespace-pre-line">{{ WAYS[open.by] }}: {{ open.to }}</p>
          <h2 class="text-2xl">{{ open.subject }}</h2>
          <p class="whitespace-pre-line">{{ open.body }}</p>
        </article>
      </template>
    </section>
  </main>
</template>
