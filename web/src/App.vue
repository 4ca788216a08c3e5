<script setup lang="ts">
import { computed } from 'vue'
import { RouterView, useRoute } from 'vue-router'
import TopBar from './kit/TopBar.vue'

const route = useRoute()
const inside = computed(() => route.meta['open'] !== true)
</script>

<template>
  <div class="flex min-h-dvh flex-col">
    <TopBar v-if="inside" class="no-print" />
    <RouterView v-slot="{ Component }">
      <component :is="Component" :key="route.path" class="grow" />
    </RouterView>
  </div>
</template>
