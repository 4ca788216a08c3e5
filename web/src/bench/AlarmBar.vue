<script setup lang="ts">
import type { Alarm } from './useAlarms'

/** Something calls: large enough to be noticed from another room, until somebody comes or puts it off. */
defineProps<{ ringing: readonly Alarm[] }>()
const emit = defineEmits<{ stop: [], snooze: [] }>()
</script>

<template>
  <section
    v-if="ringing.length > 0" class="fixed left-0 right-0 lg:right-[36.4%] top-0 z-40 bg-ink text-raised px-8 py-6 grid gap-4 min-h-[40vh] content-center"
    role="alert" aria-label="Alarm"
  >
    <p v-for="alarm in ringing.slice(0, 2)" :key="alarm.key" class="font-head text-[3rem] leading-tight">{{ alarm.words }}<span
      class="block text-2xl font-sans"
    >{{ alarm.piece }}</span></p>
    <p v-if="ringing.length > 2" class="text-2xl">and {{ ringing.length - 2 }} more</p>
    <div class="flex gap-4">
      <button class="min-h-16 px-8 text-2xl font-semibold bg-raised text-ink" type="button" @click="emit('stop')">I come <span class="key">C</span></button>
      <button class="min-h-16 px-8 text-2xl border-2 border-raised" type="button" @click="emit('snooze')">In five minutes <span class="key">Z</span></button>
    </div>
  </section>
</template>
