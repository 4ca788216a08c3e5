<script setup lang="ts">
/** A tag that hangs from the cord: what a way costs. The one that was taken is dark. */
defineProps<{ sum: string, range: string, taken: boolean }>()
</script>

<template>
  <svg viewBox="0 0 240 132" class="w-full max-w-72" role="img" :aria-label="`${sum} ${range}`">
    <path d="M120 0C116 14 126 18 120 34" fill="none" stroke="var(--ink)" stroke-width="2.5" />
    <path d="M42 62 120 24 198 62v62H42z" :fill="taken ? 'var(--ink)' : 'var(--raised)'" stroke="var(--ink)" stroke-width="2.5" stroke-linejoin="round" />
    <circle cx="120" cy="42" r="6" fill="var(--room)" stroke="var(--ink)" stroke-width="2.5" />
    <text
      x="120" y="93" text-anchor="middle" font-size="31" font-weight="600" font-family="var(--font-head)" :fill="taken ? 'var(--raised)' : 'var(--ink)'"
    >{{ sum }}</text>
    <text x="120" y="115" text-anchor="middle" font-size="15" :fill="taken ? 'var(--raised)' : 'var(--ink)'">{{ range }}</text>
  </svg>
</template>
