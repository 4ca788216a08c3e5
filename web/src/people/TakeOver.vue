<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { HandsView, HandView } from '../api/types'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** Somebody else goes on at this tablet: who, and their short number, on keys large enough for gloves. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const { takeOver } = useSession()
const hands = ref<readonly HandView[] | null>(null)
const who = ref<HandView | null>(null)
const pin = ref('')
const problem = ref('')
const busy = ref(false)
const LONGEST = 8
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0', '⌫']
const said = (error: unknown): string => error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
watch(() => props.open, async (open) => {
  who.value = null
  pin.value = problem.value = ''
  if (open) {
    try {
      hands.value = (await api.get<HandsView>('/hands')).hands
    } catch (error) {
      problem.value = said(error)
    }
  }
})
const press = (key: string): void => {
  problem.value = ''
  pin.value = key === '⌫' ? pin.value.slice(0, -1) : (pin.value + key).slice(0, LONGEST)
}
const typed = (event: KeyboardEvent): void => {
  if (who.value !== null && /^\d$/.test(event.key)) {
    press(event.key)
  } else if (who.value !== null && event.key === 'Backspace') {
    press('⌫')
  }
}
const go = async (): Promise<void> => {
  if (who.value === null || pin.value === '' || busy.value) {
    return
  }
  busy.value = true
  try {
    await takeOver(who.value.id, pin.value)
    // Nothing of the other’s stays on the page.
    location.assign('/bench')
  } catch (error) {
    problem.value = said(error)
  } finally {
    pin.value = ''
    busy.value = false
  }
}
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4" @keydown="typed">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-xl p-5 sm:p-8 grid gap-5">
        <DialogTitle class="text-3xl">{{ who ? t('people.TakeOver.yourNumber', [who.name]) : t('people.TakeOver.whoGoesOnHere') }}</DialogTitle>
        <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
        <template v-if="who === null">
          <button v-for="hand in hands ?? []" :key="hand.id" class="may text-2xl! min-h-16!" type="button" @click="who = hand">{{ hand.name }}</button>
          <p v-if="hands?.length === 0" class="text-xl">{{ t('people.TakeOver.nobodyHasANumber') }}</p>
          <button class="quiet justify-self-start" type="button" @click="emit('close')">{{ t('people.SureDialog.leaveIt') }}</button>
        </template>
        <form v-else class="grid gap-4" @submit.prevent="go">
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
      </DialogPanel>
    </div>
  </Dialog>
</template>
