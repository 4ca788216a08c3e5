<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Problem } from '../api/client'
import Silhouette from '../drawing/Silhouette.vue'
import { vFocus } from '../kit/vFocus'
import { useSession } from '../session/useSession'
import { t } from '../words'

const login = ref('')
const password = ref('')
const code = ref('')
/** Somebody has a second factor: asked for once the password was right. */
const wantsCode = ref(false)
const problem = ref('')
const busy = ref(false)
const { signIn } = useSession()
const router = useRouter()
const route = useRoute()

const go = async (): Promise<void> => {
  busy.value = true
  problem.value = ''
  try {
    await signIn(login.value.trim(), password.value, wantsCode.value ? code.value.trim() : '')
    const to = route.query['to']
    await router.push(typeof to === 'string' && to.startsWith('/') && !to.startsWith('//') ? to : '/bench')
  } catch (error) {
    const asksForCode = error instanceof Problem && error.type === 'second-factor'
    problem.value = asksForCode && !wantsCode.value ? '' : error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
    wantsCode.value = asksForCode
    code.value = ''
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="grid lg:grid-cols-[1.25fr_1fr] items-center min-h-dvh">
    <div class="hidden lg:flex h-full flex-col justify-center bg-surround px-16" aria-hidden="true">
      <div class="flex items-end gap-2 shelf px-6">
        <Silhouette kind="low-shoe/brogue" half="left" :weight="0.9" />
        <Silhouette kind="low-shoe/brogue" half="right" :weight="0.9" />
      </div>
    </div>
    <form class="mx-auto w-full max-w-md px-4 sm:px-8 grid gap-5" @submit.prevent="go">
      <h1 class="text-5xl">{{ t('people.SignIn.kindHeel') }}</h1>
      <p class="text-xl text-soft -mt-2">{{ t('people.SignIn.whoIsAtTheBench') }}</p>
      <label class="grid gap-1 font-semibold">{{ t('people.SignIn.name') }}
        <input v-model="login" class="write font-normal" name="login" autocomplete="username" autocapitalize="none" required autofocus>
      </label>
      <label class="grid gap-1 font-semibold">{{ t('people.SignIn.password') }}
        <input v-model="password" class="write font-normal" name="password" type="password" autocomplete="current-password" required>
      </label>
      <label v-if="wantsCode" class="grid gap-1 font-semibold">{{ t('people.SignIn.digits') }}
        <input v-model="code" v-focus class="write font-normal tabular-nums" name="code" inputmode="numeric" autocomplete="one-time-code" required>
      </label>
      <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
      <button class="do" type="submit" :disabled="busy">{{ t('people.SignIn.signIn') }}</button>
    </form>
  </main>
</template>
