<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { api } from '../api/client'
import type { FirstPairView, PieceProgress } from '../api/types'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** An empty workshop is led from here to its first finished pair: a stitch for each stretch of it, the next one said and where it is done. */
const { demo, workshop } = useSession()
const route = useRoute()
const first = ref<FirstPairView | null>(null)
const known = useLocalStorage('kindheel-knows-the-way', false)
const OVER: readonly PieceProgress[] = ['collected']
const led = computed(() => !demo.value && !known.value && (first.value === null || first.value.progress === null || !OVER.includes(first.value.progress)))
watch(() => route.fullPath, async () => {
  if (led.value) {
    // What stands elsewhere on the page matters more than this: it is asked for again on the next.
    first.value = await api.get<FirstPairView>('/first-pair').catch(() => first.value)
  }
}, { immediate: true })
/** Where one looks after one’s own things nothing is handed over: it is done when it is done. */
const home = computed(() => workshop.value?.home === true)
const STRETCHES = computed(() => [t('kit.FirstPair.takeIn'), t('kit.FirstPair.lookOver'), t('kit.FirstPair.plan'), t('kit.FirstPair.work'),
  ...(home.value ? [] : [t('kit.FirstPair.handOver')])])
interface Next { readonly at: number, readonly says: string, readonly to: string, readonly does: string }
const next = computed((): Next | null => {
  const { progress, piece, ticket, name } = first.value ?? { progress: undefined, piece: null, ticket: null, name: null }
  const here = `/pieces/${piece}`
  const said = [name ?? '']
  switch (progress) {
    case null: return home.value
      ? { at: 0, says: t('kit.FirstPair.nothingHereYetAtHome'), to: '/things', does: t('kit.FirstPair.putItDown') }
      : { at: 0, says: t('kit.FirstPair.nothingHereYet'), to: '/counter/new', does: t('kit.FirstPair.takeItIn') }
    case 'to-look-over': return { at: 1, says: t('kit.FirstPair.isHere', said), to: here, does: t('kit.FirstPair.lookItOver') }
    case 'to-plan': return { at: 2, says: t('kit.FirstPair.isLookedOver', said), to: here, does: t('kit.FirstPair.haveItPlanned') }
    case 'referred': return { at: 2, says: t('kit.FirstPair.isForOthers', said), to: `${here}/plan`, does: t('kit.FirstPair.readIt') }
    case 'planned': return { at: 3, says: t('kit.FirstPair.isPlanned', said), to: '/bench', does: t('kit.FirstPair.toTheBench') }
    case 'in-work': return { at: 3, says: t('kit.FirstPair.isInWork', said), to: '/bench', does: t('kit.FirstPair.toTheBench') }
    case 'ready': return home.value
      ? null
      : { at: 4, says: t('kit.FirstPair.isReady', said), to: `/tickets/${ticket}/leaving`, does: t('kit.FirstPair.handItOver') }
    default: return null
  }
})
const isHere = computed(() => next.value !== null && route.path === next.value.to)
</script>

<template>
  <aside
    v-if="led && next"
    class="no-print bg-raised border-b border-line px-4 sm:px-6 py-2 grid lg:grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-8 gap-y-1"
    :aria-label="t('kit.FirstPair.theFirstPair')"
  >
    <ol class="flex items-center gap-x-1">
      <li
        v-for="(stretch, i) in STRETCHES" :key="stretch" class="grid justify-items-center min-w-16 leading-tight"
        :class="i === next.at ? 'font-semibold' : 'text-soft'" :aria-current="i === next.at ? 'step' : undefined"
      >
        <svg viewBox="0 0 64 12" class="w-16 h-3" aria-hidden="true">
          <circle cx="4" cy="6" r="1.6" class="fill-soft" /><circle cx="60" cy="6" r="1.6" class="fill-soft" />
          <path v-if="i < next.at" d="M8 6H56" class="stroke-ink" stroke-width="3.5" stroke-linecap="round" />
          <path v-else-if="i === next.at" d="M8 6C20 -2 32 14 44 3" class="stroke-ink" fill="none" stroke-width="2.5" stroke-linecap="round" />
        </svg>{{ stretch }}</li>
    </ol>
    <p class="text-bench">{{ next.says }}</p>
    <div class="flex items-center gap-x-2">
      <RouterLink v-if="!isHere" class="may" :to="next.to">{{ next.does }}</RouterLink>
      <button class="quiet" type="button" @click="known = true">{{ t('kit.FirstPair.iKnowTheWay') }}</button>
    </div>
  </aside>
</template>
