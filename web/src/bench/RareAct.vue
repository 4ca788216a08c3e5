<script setup lang="ts">
/** What is seldom done to a step under way: told apart by a sign and its words, not by a letter alone. */
defineProps<{ label: string, meaning: string, letter: string, sign: 'door' | 'shelf' | 'hands' | 'drop' | 'time' | 'rung', disabled?: boolean }>()
const emit = defineEmits<{ act: [] }>()
const SIGNS = {
  door: 'M5 21V3h9v18M14 5l5 2v12l-5 2M3 21h18M11 12h.5',
  shelf: 'M12 3v10M8 9l4 4 4-4M3 18h18M5 18v3M19 18v3',
  hands: 'M3 9h6l2 2h4l-3 3H8M21 15h-6l-2-2',
  time: 'M12 4a8 8 0 1 1-.01 0M12 8v4l3 2',
  rung: 'M7 21V3M17 21V3M7 7h10M7 12h10M7 17h10',
  drop: 'M12 3c4 5 6 8 6 11a6 6 0 0 1-12 0c0-3 2-6 6-11M9 13l3 2-1 2 3 2',
} as const
</script>

<template>
  <button
    class="may grid! grid-cols-[auto_auto] justify-between! content-center gap-x-1! gap-y-0.5! px-2! py-1! min-h-15! text-left leading-tight" type="button"
    :disabled="disabled" :title="`${label}: ${meaning}`" @click="emit('act')"
  >
    <svg viewBox="0 0 24 24" class="size-6" fill="none" stroke="currentColor" stroke-width="1.8" stroke-linejoin="round" aria-hidden="true">
      <path :d="SIGNS[sign]" />
    </svg>
    <span class="key min-w-0!">{{ letter }}</span>
    <span class="col-span-2 text-[.85rem] leading-tight">{{ label }}</span>
  </button>
</template>
