<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { ref, watch } from 'vue'
import { Problem } from '../api/client'
import { useSure } from '../session/useSure'
import { t } from '../words'

/** The password once more, before something that matters; what was being done goes on from there. */
const { asked, give, leave } = useSure()
const password = ref('')
const code = ref('')
const wantsCode = ref(false)
const problem = ref('')
const busy = ref(false)
watch(asked, () => {
  password.value = code.value = problem.value = ''
  wantsCode.value = false
})
const go = async (): Promise<void> => {
  busy.value = true
  problem.value = ''
  try {
    await give(password.value, code.value)
  } catch (error) {
    wantsCode.value ||= error instanceof Problem && 'code' in error.errors
    problem.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <Dialog :open="asked" class="relative z-50" @close="leave">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-6">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-xl p-5 sm:p-8">
        <form class="grid gap-5" @submit.prevent="go">
          <DialogTitle class="text-3xl">{{ t('people.SureDialog.isItYou') }}</DialogTitle>
          <p class="text-xl">{{ t('people.SureDialog.thisMattersGiveYourPassword') }}</p>
          <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
          <label class="grid gap-1 font-semibold">{{ t('people.SignIn.password') }}
            <input v-model="password" class="write font-normal" name="sure-password" type="password" autocomplete="current-password" required>
          </label>
          <label v-if="wantsCode" class="grid gap-1 font-semibold">{{ t('people.SignIn.digits') }}
            <input v-model="code" class="write font-normal tabular-nums" name="sure-code" inputmode="numeric" autocomplete="one-time-code" required>
          </label>
          <div class="flex gap-4">
            <button class="do grow" type="submit" :disabled="busy">{{ t('people.SureDialog.itIsMe') }}</button>
            <button class="may" type="button" @click="leave">{{ t('people.SureDialog.leaveIt') }}</button>
          </div>
        </form>
      </DialogPanel>
    </div>
  </Dialog>
</template>
