<script setup lang="ts">
/** A drop of paint: full, or an outline for one that is still to come. */
withDefaults(defineProps<{ hex: string, full?: boolean, size?: number }>(), { full: true, size: 22 })
</script>

<template>
  <svg :width="size" :height="size * 1.3" viewBox="0 0 20 26" aria-hidden="true">
    <path
      d="M10 1.5C12.5 7 18 11.5 18 17a8 8 0 0 1-16 0C2 11.5 7.5 7 10 1.5z" :fill="full ? hex : 'none'" stroke="#161616" stroke-width="1.2"
      :stroke-dasharray="full ? undefined : '2.5 2'"
    />
  </svg>
</template>
