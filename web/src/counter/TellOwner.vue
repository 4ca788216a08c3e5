<script setup lang="ts">
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { MessageView } from '../api/types'
import { useAct } from '../kit/useAct'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** An owner is written to that it is ready, or will be late and why: in the way they like. */
const props = defineProps<{ ticket: number, occasion: 'ready' | 'late' }>()
const { person } = useSession()
const { busy, problem, run } = useAct()
const why = ref('')
const written = ref<MessageView | null>(null)
const tell = () => run(
  () => api.post<MessageView>(`/tickets/${props.ticket}/messages`, { occasion: props.occasion, why: why.value }),
  (message) => {
    written.value = message
    why.value = ''
  },
)
const WAYS = {
  email: t('counter.TellOwner.anEmail'), phone: t('counter.TellOwner.aCall'), post: t('counter.TellOwner.aLetter'), other: t('counter.TellOwner.aCall'),
} as const
</script>

<template>
  <div v-if="person?.mayReceive" class="grid gap-2 grow">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-if="written" class="text-lg" aria-live="polite">{{ t('counter.TellOwner.written', [WAYS[written.by], written.to]) }}
      <RouterLink class="quiet" to="/messages">{{ t('counter.TellOwner.seeIt') }}</RouterLink></p>
    <label v-else-if="occasion === 'late'" class="grid gap-1">{{ t('counter.TellOwner.becauseWhat') }}
      <input v-model="why" class="write" name="why" maxlength="300"></label>
    <p v-if="!written"><button class="may" type="button" :disabled="busy || (occasion === 'late' && why.trim() === '')" @click="tell">{{
      occasion === 'late' ? t('counter.TellOwner.writeLate') : t('counter.TellOwner.writeReady')
    }}</button></p>
  </div>
</template>
