<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { LikeJobsView } from '../api/types'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** How something like it was done before: the nearest jobs, looked for when they are asked for. */
const props = defineProps<{ piece: number }>()
const { value: like, problem, reload } = useLoad(() => api.get<LikeJobsView>(`/pieces/${props.piece}/like`))
const { day } = useWhen()
</script>

<template>
  <section class="grid gap-2" :aria-label="t('passport.LikeJobs.before')">
    <h2 class="text-2xl">{{ t('passport.LikeJobs.before') }}</h2>
    <Notice :text="problem" @again="reload" />
    <p v-if="like === null"><button class="may" type="button" @click="reload">{{ t('passport.LikeJobs.look') }}</button></p>
    <p v-else-if="like.jobs.length === 0">{{ t('passport.LikeJobs.nothingLikeIt') }}</p>
    <ol v-else class="grid">
      <li v-for="j in like.jobs" :key="j.piece" class="border-t border-line py-2 leading-snug">
        <RouterLink class="font-bold text-lg underline underline-offset-4" :to="`/ledger/${j.piece}`">{{ j.name }}</RouterLink>
        <span class="text-soft">{{ t('passport.LikeJobs.alike', [Math.round(100 * j.likeness), day(j.finishedAt), counted(j.minutes, 'minute')]) }}</span>
        <p v-if="j.found.length > 0"><span class="text-soft">{{ t('passport.Passport.found') }}</span> {{ j.found.join(', ') }}</p>
        <p v-if="j.done.length > 0"><span class="text-soft">{{ t('passport.Passport.done') }}</span> {{ j.done.join(', ') }}</p>
      </li>
    </ol>
  </section>
</template>
