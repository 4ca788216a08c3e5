<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '../api/client'
import type { OwnView, SecondFactorView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { squareCode } from '../kit/squareCode'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'
import { ROLES } from '../session/roles'

/** How one signs in, and where one is signed in. */
const { value: own, problem, reload } = useLoad(() => api.get<OwnView>('/own'))
void reload()
const { busy, problem: refusal, run } = useAct()
const { setPassword } = useSession()
const { when } = useWhen()
/** By the machine’s own time: the demo’s can be put forward. */
const now = Date.now()
const was = ref('')
const password = ref('')
const pin = ref('')
const said = ref('')
const factor = ref<SecondFactorView | null>(null)
const code = ref('')
const square = computed(() => (factor.value ? squareCode(factor.value.address) : ''))
const take = (view: OwnView): void => {
  own.value = view
}
const change = async (): Promise<void> => {
  said.value = ''
  if (await run(() => setPassword(password.value, was.value), reload)) {
    was.value = password.value = ''
    said.value = t('people.Own.thePasswordIsChanged')
  }
}
const keepPin = async (number: string | null): Promise<void> => {
  if (await run(() => api.put<OwnView>('/own/pin', { pin: number }), take)) {
    pin.value = ''
  }
}
const begin = (): Promise<boolean> => run(() => api.get<SecondFactorView>('/own/second-factor'), (view) => {
  factor.value = view
  code.value = ''
})
const confirm = (): Promise<boolean> => run(() => api.put<OwnView>('/own/second-factor', { secret: factor.value?.secret ?? '', code: code.value }), (view) => {
  take(view)
  factor.value = null
})
const end = (path: string): Promise<boolean> => run(() => api.remove<OwnView>(path), take)
</script>

<template>
  <main class="grid gap-8 content-start px-4 sm:px-9 py-6 max-w-4xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header v-if="own" class="grid gap-1">
      <h1 class="text-4xl">{{ own.name }}</h1>
      <p class="text-lg text-soft">{{ t('people.Own.signsInAs', [own.login, ROLES[own.role].label]) }}</p>
    </header>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <template v-if="own">
      <section class="grid gap-3 border-t-[5px] border-soft pt-4" :aria-label="t('people.Own.whereYouAreSignedIn')">
        <h2 class="text-2xl">{{ t('people.Own.whereYouAreSignedIn') }}</h2>
        <ul class="grid">
          <li v-for="s in own.signIns" :key="s.id" class="flex flex-wrap items-center gap-x-5 border-b border-line py-2 text-lg">
            <strong class="grow">{{ s.device }}</strong>
            <span class="text-soft">{{ s.byPin ? t('people.Own.byNumber') : '' }}</span>
            <span>{{ t('people.Own.since', [when(s.beganAt, now)]) }}</span>
            <span v-if="s.here" class="min-w-28 text-right">{{ t('people.Own.here') }}</span>
            <button v-else class="may min-w-28" type="button" :disabled="busy" @click="end(`/own/sign-ins/${s.id}`)">{{ t('kit.TopBar.signOut') }}</button>
          </li>
        </ul>
        <button v-if="own.signIns.length > 1" class="may justify-self-start" type="button" :disabled="busy" @click="end('/own/sign-ins')">{{
          t('people.Own.signOutEverywhereElse')
        }}</button>
      </section>
      <section class="grid gap-3 border-t-[5px] border-soft pt-4" :aria-label="t('people.Own.aNumberForASharedTablet')">
        <h2 class="text-2xl">{{ t('people.Own.aNumberForASharedTablet') }}</h2>
        <p class="max-w-2xl">{{ t('people.Own.withItYouGoOn') }}</p>
        <form class="flex flex-wrap items-end gap-3" novalidate @submit.prevent="keepPin(pin)">
          <label class="grid gap-1">{{ own.hasPin ? t('people.Own.anotherNumber') : t('people.Own.fourToEightDigits') }}
            <input v-model="pin" class="write w-44! tabular-nums" name="pin" type="password" inputmode="numeric" maxlength="8" autocomplete="off">
          </label>
          <button class="may" type="submit" :disabled="busy || pin === ''">{{ t('people.Own.keepTheNumber') }}</button>
          <button v-if="own.hasPin" class="quiet" type="button" :disabled="busy" @click="keepPin(null)">{{ t('people.Own.takeTheNumberAway') }}</button>
        </form>
      </section>
      <section class="grid gap-3 border-t-[5px] border-soft pt-4" :aria-label="t('people.Own.password')">
        <h2 class="text-2xl">{{ t('people.Own.password') }}</h2>
        <form class="grid sm:grid-cols-[1fr_1fr_auto] items-end gap-3" novalidate @submit.prevent="change">
          <label class="grid gap-1">{{ t('people.Own.theOneYouHave') }}
            <input v-model="was" class="write" name="was" type="password" autocomplete="current-password"></label>
          <label class="grid gap-1">{{ t('people.Own.theNewOne') }}
            <input v-model="password" class="write" name="new-password" type="password" autocomplete="new-password"></label>
          <button class="may" type="submit" :disabled="busy || was === '' || password === ''">{{ t('people.Own.changeIt') }}</button>
        </form>
        <p v-if="said" role="status" class="text-lg">{{ said }}</p>
      </section>
      <section class="grid gap-3 border-t-[5px] border-soft pt-4" :aria-label="t('people.Own.aSecondFactor')">
        <h2 class="text-2xl">{{ t('people.Own.aSecondFactor') }}</h2>
        <p class="max-w-2xl">{{ own.hasSecondFactor ? t('people.Own.signingInAsksForDigits') : t('people.Own.anAppOnYourTelephone') }}</p>
        <button v-if="own.hasSecondFactor" class="may justify-self-start" type="button" :disabled="busy" @click="end('/own/second-factor')">{{
          t('people.Own.askForItNoMore')
        }}</button>
        <button v-else-if="factor === null" class="may justify-self-start" type="button" :disabled="busy" @click="begin">{{ t('people.Own.setItUp') }}</button>
        <form v-else class="grid sm:grid-cols-[auto_1fr] gap-6 items-center" novalidate @submit.prevent="confirm">
          <img :src="square" :alt="t('people.Own.squareCodeForYourApp')" class="size-52 bg-raised">
          <div class="grid gap-3">
            <p>{{ t('people.Own.letYourAppReadIt') }}
              <span class="tabular-nums font-semibold">{{ factor.secret.replace(/(.{4})/g, '$1 ') }}</span></p>
            <label class="grid gap-1">{{ t('people.Own.theDigitsItShowsNow') }}
              <input v-model="code" class="write w-44! tabular-nums" name="code" inputmode="numeric" autocomplete="one-time-code"></label>
            <button class="do justify-self-start" type="submit" :disabled="busy || code === ''">{{ t('people.Own.askForItFromNowOn') }}</button>
          </div>
        </form>
      </section>
    </template>
  </main>
</template>
