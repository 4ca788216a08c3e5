<script setup lang="ts">
import { ref, watch } from 'vue'
import Over from '../kit/Over.vue'
import { useAct } from '../kit/useAct'
import { useSure } from '../session/useSure'
import { t } from '../words'

/** The password once more, before something that matters; what was being done goes on from there. */
const { asked, give, leave } = useSure()
const { busy, problem, errors, run } = useAct()
const password = ref('')
const code = ref('')
const wantsCode = ref(false)
watch(asked, () => {
  password.value = code.value = problem.value = ''
  wantsCode.value = false
})
watch(errors, (wrong) => {
  wantsCode.value ||= 'code' in wrong
})
const go = (): Promise<boolean> => run(() => give(password.value, code.value), () => undefined)
</script>

<template>
  <Over :open="asked" :title="t('people.SureDialog.isItYou')" @close="leave">
    <form class="grid gap-5" @submit.prevent="go">
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
  </Over>
</template>
