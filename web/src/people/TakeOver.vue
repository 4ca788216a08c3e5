<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '../api/client'
import type { HandsView, HandView } from '../api/types'
import Over from '../kit/Over.vue'
import { useAct } from '../kit/useAct'
import { vFocus } from '../kit/vFocus'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** Somebody else goes on at this tablet: who, and their short number, on keys large enough for gloves. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const { takeOver } = useSession()
const hands = ref<readonly HandView[] | null>(null)
const who = ref<HandView | null>(null)
const pin = ref('')
const { busy, problem, run } = useAct()
const LONGEST = 8
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0', '⌫']
watch(() => props.open, (open) => {
  who.value = null
  pin.value = problem.value = ''
  if (open) {
    void run(() => api.get<HandsView>('/hands'), (view) => {
      hands.value = view.hands
    })
  }
})
const press = (key: string): void => {
  problem.value = ''
  pin.value = key === '⌫' ? pin.value.slice(0, -1) : (pin.value + key).slice(0, LONGEST)
}
const go = async (): Promise<void> => {
  const taker = who.value
  if (taker === null || pin.value === '' || busy.value) {
    return
  }
  await run(() => takeOver(taker.id, pin.value), () => {
    emit('close')
    // Nothing of the other’s stays on the page.
    location.assign('/bench')
  })
  pin.value = ''
}
/** A keyboard does as well; on one of the keys Enter is that key. */
const typed = (event: KeyboardEvent): void => {
  if (/^\d$/.test(event.key)) {
    press(event.key)
  } else if (event.key === 'Backspace') {
    press('⌫')
  } else if (event.key === 'Enter' && event.target === event.currentTarget) {
    void go()
  }
}
</script>

<template>
  <Over :open="open" :title="who ? t('people.TakeOver.yourNumber', [who.name]) : t('people.TakeOver.whoGoesOnHere')" @close="emit('close')">
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <template v-if="who === null">
      <button v-for="hand in hands ?? []" :key="hand.id" class="may text-2xl! min-h-16!" type="button" @click="who = hand">{{ hand.name }}</button>
      <p v-if="hands?.length === 0" class="text-xl">{{ t('people.TakeOver.nobodyHasANumber') }}</p>
      <button class="quiet justify-self-start" type="button" @click="emit('close')">{{ t('people.SureDialog.leaveIt') }}</button>
    </template>
    <form v-else v-focus class="grid gap-4 focus:outline-none" tabindex="-1" @submit.prevent="go" @keydown="typed">
      <p class="text-4xl tracking-[.4em] text-center min-h-12" :aria-label="t('people.TakeOver.digitsTyped', [pin.length])">{{ '•'.repeat(pin.length) }}</p>
      <div class="grid grid-cols-3 gap-2">
        <template v-for="key in KEYS" :key="key">
          <button
            v-if="key !== ''" class="may text-3xl! min-h-16!" type="button" :aria-label="key === '⌫' ? t('people.TakeOver.takeTheLastAway') : key"
            @click="press(key)"
          >{{ key }}</button>
          <span v-else />
        </template>
      </div>
      <div class="flex gap-4">
        <button class="do grow text-xl!" type="submit" :disabled="busy || pin.length < 4">{{ t('people.TakeOver.goOn') }}</button>
        <button class="may" type="button" @click="who = null; problem = ''; pin = ''">{{ t('people.TakeOver.somebodyElse') }}</button>
      </div>
    </form>
  </Over>
</template>
