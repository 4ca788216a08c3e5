<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { t } from '../words'

/** Of the demo only: what to try first, in three lines that go away for good. */
const known = useLocalStorage('kindheel-tried', false)
</script>

<template>
  <aside v-if="!known" class="bg-paper border border-line px-5 py-2 my-2 text-lg" :aria-label="t('bench.TryFirst.whatToTryFirst')">
    <p>{{ t('bench.TryFirst.space') }}</p>
    <p>{{ t('bench.TryFirst.hours') }}</p>
    <div class="flex flex-wrap items-center justify-between">
      <p><RouterLink class="quiet -ml-2.5" to="/counter">{{ t('bench.TryFirst.takeIn') }}</RouterLink>{{ t('bench.TryFirst.readItsPlan') }}</p>
      <button class="quiet font-semibold -mr-2.5" type="button" @click="known = true">{{ t('bench.TryFirst.letMeBegin') }}</button>
    </div>
  </aside>
</template>
