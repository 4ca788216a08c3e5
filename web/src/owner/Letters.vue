<script setup lang="ts">
import { api } from '../api/client'
import type { MessagesView, MessageView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Letters to be posted, a sheet each: the address stands where a window envelope shows it. */
const { value: all, problem, reload } = useLoad(() => api.get<MessagesView>('/messages?state=waiting&by=post'))
void reload()
const hands = useAct(reload)
const { workshop } = useSession()
const { day } = useWhen()
const print = (): void => window.print()
const posted = async (): Promise<void> => {
  for (const m of all.value?.messages ?? []) {
    await hands.run(() => api.post<MessageView>(`/messages/${m.id}/done`, {}), () => undefined)
  }
  await reload()
}
</script>

<template>
  <main class="grid gap-8 content-start px-4 sm:px-8 py-6 max-w-4xl w-full mx-auto">
    <Notice :text="problem || hands.problem.value" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-3">
      <h1 class="text-4xl grow">{{ t('owner.Letters.letters') }}</h1>
      <template v-if="all && all.messages.length > 0">
        <button class="do" type="button" @click="print">{{ t('owner.Letters.print') }}</button>
        <a class="may inline-flex items-center" href="/api/letters.pdf">{{ t('owner.Letters.asPdf') }}</a>
        <button class="may" type="button" :disabled="hands.busy.value" @click="posted">{{ t('owner.Letters.allPosted') }}</button>
      </template>
      <RouterLink class="quiet" to="/messages">{{ t('owner.Season.messages') }}</RouterLink>
    </header>
    <p v-if="all && all.messages.length === 0" class="text-xl">{{ t('owner.Letters.none') }}</p>
    <article
      v-for="m in all?.messages ?? []" :key="m.id" class="letter bg-raised text-ink grid content-start gap-8 text-lg leading-relaxed px-10 py-10"
    >
      <p class="flex flex-wrap justify-between gap-x-8 text-soft">
        <strong v-if="workshop?.name" class="text-ink font-head text-xl">{{ workshop.name }}</strong>
        <span class="text-right whitespace-pre-line">{{ workshop?.address }}</span>
      </p>
      <address class="not-italic whitespace-pre-line min-h-32 pt-4">{{ m.ownerName }}<br>{{ m.to }}</address>
      <p class="text-right">{{ day(m.writtenAt) }}</p>
      <h2 class="text-2xl">{{ m.subject }}</h2>
      <p class="whitespace-pre-line">{{ m.body }}</p>
    </article>
  </main>
</template>

<style scoped>
@media print {
  .letter { break-after: page; padding: 10mm 5mm; background: none; font-size: 12pt; }
}
</style>
