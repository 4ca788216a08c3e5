<script setup lang="ts">
import { api } from '../api/client'
import type { CarePageView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { t } from '../words'
import CareSheet from './CareSheet.vue'

/** For the owner, without signing in: nothing but the piece's own care. */
const props = defineProps<{ address: string }>()
const { value: page, problem, reload } = useLoad(() => api.get<CarePageView>(`/care/${props.address}`))
void reload()
</script>

<template>
  <main class="px-5 py-6 max-w-2xl w-full mx-auto grid gap-5 content-start">
    <Notice :text="problem" @again="reload" />
    <template v-if="page">
      <CareSheet :page="page" />
      <p class="no-print"><a class="may inline-flex items-center" :href="`/calendar/care/${address}.ics`">{{ t('passport.CarePage.intoMyCalendar') }}</a></p>
    </template>
  </main>
</template>
