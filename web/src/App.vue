<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue'
import { RouterView, useRoute, useRouter } from 'vue-router'
import { useKeys } from './kit/keys'
import TopBar from './kit/TopBar.vue'
import { useSession } from './session/useSession'
import ItWasMe from './people/ItWasMe.vue'
import SureDialog from './people/SureDialog.vue'
import TakeOver from './people/TakeOver.vue'
import { useTray } from './pots/useTray'
import { isOld } from './router'
import { t } from './words'

const route = useRoute()
const router = useRouter()
const again = (): void => location.reload()
useTray().keepSending()
/** Somebody else goes on at this tablet. */
const another = ref(false)
const { demo, person } = useSession()
/** Of a workshop that has just begun. */
const FirstPair = defineAsyncComponent(() => import('./kit/FirstPair.vue'))
/** ?: what people ask on this screen. Read only by who asks. */
const Help = defineAsyncComponent(() => import('./help/Help.vue'))
const asking = ref(false)
const inside = computed(() => route.meta['open'] !== true)
/** Screens that fill the page are lower by as much as stands above them is high. */
const { height } = useElementSize(useTemplateRef('above'), undefined, { box: 'border-box' })
watch(height, (px) => {
  if (px > 0) {
    document.documentElement.style.setProperty('--above', `${px}px`)
  }
})
/** For whoever goes by keyboard or by ear: past the rooms, and past the rack. */
const straight = (): void => {
  const first = document.querySelector<HTMLElement>('[data-first]') ?? document.querySelector('main')
  first?.setAttribute('tabindex', first.getAttribute('tabindex') ?? '-1')
  first?.focus()
}
/** N: somebody stands at the counter. On the bench it answers a test. */
useKeys((event) => {
  if (event.key === '?' && inside.value) {
    event.preventDefault()
    asking.value = true
  }
  if (event.key === 'n' && inside.value && route.path !== '/bench') {
    event.preventDefault()
    void router.push('/counter/new')
  }
})
</script>

<template>
  <div class="flex min-h-dvh flex-col">
    <a
      v-if="inside" class="no-print do fixed -top-24 left-2 z-50 focus:top-2" href="#page" @click.prevent="straight"
    >{{ t('app.App.straight') }}</a>
    <div ref="above">
      <TopBar v-if="inside" class="no-print" @another="another = true" @ask="asking = true" />
      <p v-if="isOld" class="no-print caution border-x-0! flex flex-wrap items-center gap-x-4" role="status">{{ t('app.App.kindHeelIsNewerThan') }}
        <button class="quiet" type="button" @click="again">{{ t('app.App.loadThePageAnew') }}</button></p>
      <template v-if="inside">
        <FirstPair v-if="person && !demo" />
        <ItWasMe />
      </template>
    </div>
    <template v-if="inside">
      <SureDialog />
      <TakeOver :open="another" @close="another = false" />
      <Help v-if="asking" :path="route.path" @leave="asking = false" />
    </template>
    <RouterView v-slot="{ Component }">
      <component :is="Component" :key="route.path" class="grow" />
    </RouterView>
  </div>
</template>
