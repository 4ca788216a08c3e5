<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed } from 'vue'
import { RouterView, useRoute, useRouter } from 'vue-router'
import { isTyping } from './kit/keys'
import TopBar from './kit/TopBar.vue'

const route = useRoute()
const router = useRouter()
/** N: somebody stands at the counter. On the bench it answers a test. */
useEventListener(window, 'keydown', (event) => {
  if (event.key === 'n' && inside.value && route.path !== '/bench' && !isTyping(event.target) && !event.ctrlKey && !event.metaKey && !event.altKey) {
    event.preventDefault()
    void router.push('/counter/new')
  }
})
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
