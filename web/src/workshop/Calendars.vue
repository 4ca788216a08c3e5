<script setup lang="ts">
import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { FeedMadeView, FeedRowView } from '../api/types'
import { useNow } from '../session/useNow'
import { useWhen } from '../session/useWhen'

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
    problem.value = error instanceof Problem ? error.detail : 'That did not work.'
  }
}
</script>

<template>
  <section class="grid gap-4 content-start pt-4" aria-label="Calendar">
    <h2 class="text-2xl">In your own calendar</h2>
    <p>Promised dates and your hand work, in any calendar that takes an address. Whoever has the address can read it.</p>
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div v-if="address" class="grid gap-2 border-2 border-ink p-4">
      <label class="grid gap-1 font-semibold">Copy it now: it is shown this once<input
        class="write font-normal" name="address" readonly :value="address"
        @focus="($event.target as HTMLInputElement).select()"
      ></label>
    </div>
    <ul class="grid">
      <li v-for="feed in feeds" :key="feed.id" class="flex items-center gap-4 border-b border-line min-h-14">
        <span class="grow">An address made {{ when(feed.madeAt, now) }}</span>
        <button class="quiet" type="button" @click="emit('revoke', feed.id)">revoke it</button>
      </li>
    </ul>
    <button v-if="may" class="may justify-self-start" type="button" @click="make">Make an address</button>
    <p v-else class="text-soft">The owner makes such an address, as it tells customers’ names.</p>
  </section>
</template>
