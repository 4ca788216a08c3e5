<script setup lang="ts">
import { computed } from 'vue'
import { api } from '../api/client'
import type { AccountChange, OwnView } from '../api/types'
import { useAct } from '../kit/useAct'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** How somebody signs in has changed: they are told, as it might not have been them. */
const { person, notesSeen } = useSession()
const { day, time } = useWhen()
const hands = useAct()
const SAYS: Readonly<Record<AccountChange, string>> = {
  'new-password': t('people.ItWasMe.newPassword'), 'word-given': t('people.ItWasMe.wordGiven'),
  'second-factor-on': t('people.ItWasMe.secondFactorOn'), 'second-factor-off': t('people.ItWasMe.secondFactorOff'),
  'short-number': t('people.ItWasMe.shortNumber'), 'elsewhere': t('people.ItWasMe.elsewhere'),
}
const notes = computed(() => person.value?.notes ?? [])
const me = (): Promise<boolean> => hands.run(() => api.remove<OwnView>('/own/notes'), notesSeen)
</script>

<template>
  <div v-if="notes.length > 0" class="no-print caution border-x-0! flex flex-wrap items-center gap-x-6 gap-y-2" role="status">
    <ul class="grow">
      <li v-for="(note, i) in notes" :key="i">{{ SAYS[note.what] }} {{ t('people.ItWasMe.when', [`${day(note.at)}, ${time(note.at)}`, note.device]) }}</li>
    </ul>
    <span class="flex flex-wrap items-center gap-x-4">{{ t('people.ItWasMe.notYou') }}
      <button class="may" type="button" :disabled="hands.busy.value" @click="me">{{ t('people.ItWasMe.itWasMe') }}</button></span>
  </div>
</template>
