<script setup lang="ts">
import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { FeedMadeView, FeedRowView } from '../api/types'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** One’s own hand work and the promised dates for a calendar elsewhere, under an address that only its holder knows. */
defineProps<{ feeds: readonly FeedRowView[], may: boolean }>()
const emit = defineEmits<{ revoke: [id: number], made: [] }>()
const { when } = useWhen()
const now = useNow()
const address = ref('')
const problem = ref('')
const make = async (): Promise<void> => {
  try {
    const made = await api.post<FeedMadeView>('/workshop/feeds')
    address.value = location.origin + made.path
    emit('made')
  } catch (error) {
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  }
}
</script>

<template>
  <section class="grid gap-4 content-start pt-4" :aria-label="t('workshop.Calendars.calendar')">
    <h2 class="text-2xl">{{ t('workshop.Calendars.inYourOwnCalendar') }}</h2>
    <p>{{ t('workshop.Calendars.promisedDatesAndYourHand') }}</p>
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div v-if="address" class="grid gap-2 border-2 border-ink p-4">
      <label class="grid gap-1 font-semibold">{{ t('workshop.Calendars.copyItNowItIs') }}<input
        class="write font-normal" name="address" readonly :value="address"
        @focus="($event.target as HTMLInputElement).select()"
      ></label>
    </div>
    <ul class="grid">
      <li v-for="feed in feeds" :key="feed.id" class="flex items-center gap-4 border-b border-line min-h-14">
        <span class="grow">{{ t('workshop.Calendars.anAddressMade', [when(feed.madeAt, now)]) }}</span>
        <button class="quiet" type="button" @click="emit('revoke', feed.id)">{{ t('workshop.Calendars.revokeIt') }}</button>
      </li>
    </ul>
    <button v-if="may" class="may justify-self-start" type="button" @click="make">{{ t('workshop.Calendars.makeAnAddress') }}</button>
    <p v-else class="text-soft">{{ t('workshop.Calendars.theOwnerMakesSuchAn') }}</p>
  </section>
</template>
