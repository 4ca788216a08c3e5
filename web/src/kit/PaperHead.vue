<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../session/useSession'

/** Who the workshop is, at the head of what is printed; on the screen everybody knows. */
const { workshop } = useSession()
const lines = computed(() => [...(workshop.value?.address ?? '').split('\n'), workshop.value?.reach ?? ''].map((l) => l.trim()).filter((l) => l !== ''))
</script>

<template>
  <div v-if="workshop && (workshop.name !== '' || lines.length > 0)" class="print-only justify-between items-baseline gap-6 border-b border-ink pb-1">
    <strong class="font-head text-xl">{{ workshop.name }}</strong>
    <span class="text-right">{{ lines.join(' · ') }}</span>
  </div>
</template>
