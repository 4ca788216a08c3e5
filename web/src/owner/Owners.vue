<script setup lang="ts">
import { ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { OwnerListView } from '../api/types'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Whose pieces come here, by name. */
const find = ref('')
const page = ref(0)
const { value: list, problem, reload } = useLoad(() => api.get<OwnerListView>(`/owners/all?find=${encodeURIComponent(find.value)}&page=${page.value}`))
void reload()
const { day } = useWhen()
const { person } = useSession()
watch(find, () => {
  page.value = 0
  void reload()
})
watch(page, () => void reload())
</script>

<template>
  <main class="grid gap-4 content-start px-4 sm:px-9 py-6 max-w-4xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-4">
      <h1 class="text-4xl grow">{{ t('owner.Owners.owners') }}</h1>
      <RouterLink v-if="person?.mayReceive" class="may" to="/season">{{ t('owner.Owners.whoIsDue') }}</RouterLink>
      <RouterLink class="may" to="/messages">{{ t('owner.Owners.messages') }}</RouterLink>
      <RouterLink v-if="person?.mayPlan" class="may" to="/comes-back">{{ t('owner.Owners.whatComesBack') }}</RouterLink>
      <a v-if="person?.role === 'owner'" class="may inline-flex items-center" href="/api/owners.csv">{{ t('owner.Owners.asATable') }}</a>
      <label class="grid gap-1">{{ t('owner.Owners.aFewLetters') }}<input v-model="find" class="write" type="search" autocomplete="off"></label>
    </header>
    <p v-if="list && list.owners.length === 0" class="text-xl">{{ find === '' ? t('owner.Owners.nobodyYet') : t('owner.Owners.nobodyCalledSo') }}</p>
    <ol v-if="list" class="grid">
      <li v-for="o in list.owners" :key="o.id" class="border-t border-line">
        <RouterLink class="flex flex-wrap items-baseline gap-x-5 py-3 hover:bg-paper" :to="`/owners/${o.id}`">
          <strong class="text-xl grow">{{ o.name }}</strong>
          <span class="text-soft">{{ o.contact }}</span>
          <span class="w-44 text-right">{{ counted(o.pieces, 'piece') }}{{ o.here > 0 ? t('owner.Owners.here', [o.here]) : '' }}</span>
          <span class="w-36 text-right text-soft">{{ day(o.lastAt) }}</span>
        </RouterLink>
      </li>
    </ol>
    <p v-if="list && (list.more || page > 0)" class="flex gap-3">
      <button class="may" type="button" :disabled="page === 0" @click="page -= 1">{{ t('owner.Owners.before') }}</button>
      <button class="may" type="button" :disabled="!list.more" @click="page += 1">{{ t('owner.Owners.further') }}</button>
    </p>
  </main>
</template>
