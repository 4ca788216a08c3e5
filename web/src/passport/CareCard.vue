<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { CarePageView, PassportView } from '../api/types'
import Notice from '../kit/Notice.vue'
import PaperHead from '../kit/PaperHead.vue'
import { squareCode } from '../kit/squareCode'
import { useLoad } from '../kit/useLoad'
import { t } from '../words'
import CareSheet from './CareSheet.vue'

/** The care card on paper: two sides of A6, folded, large enough for old eyes. */
const props = defineProps<{ id: number }>()
const { value: page, problem, reload } = useLoad(() => api.get<CarePageView>(`/passports/${props.id}/care-card`))
const { value: passport, reload: again } = useLoad(() => api.get<PassportView>(`/passports/${props.id}`))
void reload()
void again()
const address = computed(() => (passport.value?.address ? `${location.origin}/care/${passport.value.address}` : null))
const square = computed(() => (address.value === null ? '' : squareCode(address.value)))
const print = (): void => window.print()
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-3xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="no-print flex flex-wrap items-end gap-3">
      <h1 class="text-3xl grow">{{ t('passport.CareCard.careCard') }}</h1>
      <RouterLink class="quiet" :to="`/passports/${id}`">{{ t('passport.CareCard.toItsPassport') }}</RouterLink>
      <a class="may inline-flex items-center" :href="`/api/passports/${id}/care-card.pdf`">{{ t('passport.CareCard.asPdf') }}</a>
      <button class="do" type="button" @click="print">{{ t('passport.CareCard.print') }}</button>
    </header>
    <PaperHead />
    <div v-if="page" class="bg-raised text-ink border-2 border-ink p-6 print:border-0 print:p-0">
      <CareSheet :page="page" />
      <p v-if="address" class="grid grid-cols-[7rem_1fr] gap-4 items-center border-t border-line mt-5 pt-4 break-inside-avoid">
        <img :src="square" width="112" height="112" class="bg-white" :alt="t('passport.Passport.aSquareCode')">
        <span class="break-all">{{ t('passport.CareCard.theSameAlwaysAsItIsNow') }}<br>{{ address }}</span>
      </p>
    </div>
  </main>
</template>
