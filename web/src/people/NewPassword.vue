<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useAct } from '../kit/useAct'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** Somebody came in by an owner’s word: before all else, a password of their own. */
const { person, setPassword, signOut } = useSession()
const router = useRouter()
const password = ref('')
const { busy, problem, run } = useAct()
const go = (): Promise<boolean> => run(() => setPassword(password.value), async () => {
  await router.push('/bench')
})
const leave = async (): Promise<void> => {
  await signOut()
  await router.push('/sign-in')
}
</script>

<template>
  <main class="grid place-items-center min-h-dvh px-4">
    <form class="w-full max-w-xl grid gap-5" @submit.prevent="go">
      <h1 class="text-5xl">{{ t('people.NewPassword.welcome', [person?.name ?? '']) }}</h1>
      <p class="text-xl">{{ t('people.NewPassword.theWordWasForOnce') }}</p>
      <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
      <label class="grid gap-1 font-semibold">{{ t('people.NewPassword.aPasswordOfYourOwn') }}
        <input v-model="password" class="write font-normal" name="new-password" type="password" autocomplete="new-password" required autofocus>
      </label>
      <div class="flex gap-4">
        <button class="do grow" type="submit" :disabled="busy">{{ t('people.NewPassword.keepIt') }}</button>
        <button class="may" type="button" @click="leave">{{ t('kit.TopBar.signOut') }}</button>
      </div>
    </form>
  </main>
</template>
