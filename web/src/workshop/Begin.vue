<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { BeginInput } from '../api/types'
import Silhouette from '../drawing/Silhouette.vue'
import { useAct } from '../kit/useAct'
import { useSession } from '../session/useSession'
import { read } from './shifts'
import { t } from '../words'

/** The first page of an empty workshop: whose it is. The word comes with the address that was shown where it was started. */
const { begin } = useSession()
const router = useRouter()
const DAYS = [t('workshop.Begin.mon'), t('workshop.Begin.tue'), t('workshop.Begin.wed'),
  t('workshop.Begin.thu'), t('workshop.Begin.fri'), t('workshop.Begin.sat'), t('workshop.Begin.sun')]
const MONEY = ['EUR', 'GBP', 'CHF', 'USD', 'SEK', 'DKK', 'NOK', 'PLN', 'CZK', 'CAD', 'AUD', 'NZD', 'JPY']
const route = useRoute()
/** It comes behind the address, or is typed. */
const came = computed(() => route.hash.slice(1))
const word = ref('')
const form = ref({
  workshop: '', address: '', reach: '', currency: 'EUR', days: [1, 2, 3, 4, 5], hours: '09:00–12:30\n13:15–17:30', name: '', login: '', password: '',
})
/** For oneself: evenings instead of days, and no name of a workshop. */
const isHome = ref(false)
const forWhom = (home: boolean): void => {
  isHome.value = home
  Object.assign(form.value, home ? { days: [2, 4], hours: '19:00–20:30' } : { days: [1, 2, 3, 4, 5], hours: '09:00–12:30\n13:15–17:30' })
}
const { busy, problem, errors, run } = useAct()
/** “Mara Quill” signs in as “mara” unless she says otherwise. */
const guess = computed(() => form.value.name.trim().toLowerCase().split(/\s+/)[0]?.replace(/[^\p{L}\p{N}._-]/gu, '') ?? '')
const go = (): Promise<boolean> => {
  const { hours, login, ...rest } = form.value
  const input: BeginInput = {
    ...rest, login: login.trim() === '' ? guess.value : login.trim(), shifts: read(hours), word: came.value || word.value.trim(), home: isHome.value,
  }
  return run(() => begin(input), async () => {
    await router.push(isHome.value ? '/things' : '/bench')
  })
}
const wrong = (field: string): boolean => Object.keys(errors.value).some((f) => f === field || f.startsWith(`${field}[`))
</script>

<template>
  <main class="grid lg:grid-cols-[1fr_1.4fr] min-h-dvh">
    <div class="hidden lg:flex flex-col justify-center bg-surround px-12" aria-hidden="true">
      <div class="flex items-end gap-2 shelf px-4">
        <Silhouette kind="boot/lace" half="left" :weight="0.9" />
        <Silhouette kind="boot/lace" half="right" :weight="0.9" />
      </div>
    </div>
    <form class="px-4 sm:px-10 py-8 grid gap-5 content-center max-w-3xl" novalidate @submit.prevent="go">
      <h1 class="text-5xl">{{ isHome ? t('workshop.Begin.yourThings') : t('workshop.Begin.yourWorkshop') }}</h1>
      <p class="text-xl text-soft -mt-2">{{ t('workshop.Begin.whatStandsHereCanAll') }}</p>
      <div class="flex flex-wrap items-center gap-3" role="group" :aria-label="t('workshop.Begin.forWhom')">
        <span class="text-xl font-semibold w-full">{{ t('workshop.Begin.forWhom') }}</span>
        <button class="may" type="button" :class="isHome ? '' : 'bg-ink! text-raised!'" :aria-pressed="!isHome" @click="forWhom(false)">{{
          t('workshop.Begin.forCustomers')
        }}</button>
        <button class="may" type="button" :class="isHome ? 'bg-ink! text-raised!' : ''" :aria-pressed="isHome" @click="forWhom(true)">{{
          t('workshop.Begin.forOwn')
        }}</button>
      </div>
      <p v-if="isHome" class="text-lg leading-snug">{{ t('workshop.Begin.ownAbout') }}</p>
      <label v-if="came === ''" class="grid gap-1 font-semibold">{{ t('workshop.Begin.theWordThatStood') }}
        <input v-model="word" class="write font-normal" name="word" autocomplete="off" :aria-invalid="wrong('word')"></label>
      <fieldset v-if="!isHome" class="grid sm:grid-cols-2 gap-4">
        <legend class="text-2xl font-head mb-2">{{ t('workshop.Begin.thePlace') }}</legend>
        <label class="grid gap-1 font-semibold">{{ t('workshop.WhoWeAre.nameOfTheWorkshop') }}
          <input v-model="form.workshop" class="write font-normal" name="workshop" maxlength="80" autofocus :aria-invalid="wrong('workshop')"></label>
        <label class="grid gap-1 font-semibold">{{ t('workshop.Begin.money') }}
          <input v-model="form.currency" class="write font-normal w-32!" name="currency" list="money" maxlength="3" :aria-invalid="wrong('currency')">
          <datalist id="money"><option v-for="m in MONEY" :key="m" :value="m" /></datalist></label>
        <label class="grid gap-1 font-semibold">{{ t('workshop.WhoWeAre.address') }}
          <textarea v-model="form.address" class="write font-normal" name="address" rows="2" maxlength="200" /></label>
        <label class="grid gap-1 font-semibold">{{ t('workshop.WhoWeAre.howYouAreReached') }}
          <textarea v-model="form.reach" class="write font-normal" name="reach" rows="2" maxlength="120" /></label>
      </fieldset>
      <fieldset class="grid sm:grid-cols-[1fr_auto] gap-4">
        <legend class="text-2xl font-head mb-2">{{ isHome ? t('workshop.Begin.yourSittings') : t('workshop.Begin.yourHours') }}</legend>
        <div class="grid grid-cols-4 content-start gap-x-2" role="group" :aria-label="t('workshop.Begin.onWhichDays')">
          <label v-for="(day, i) in DAYS" :key="day" class="flex items-center gap-2 min-h-11">
            <input v-model="form.days" type="checkbox" class="size-6 shrink-0 accent-ink" :value="i + 1">{{ day }}</label>
        </div>
        <label class="grid gap-1 font-semibold">{{ t('workshop.Begin.fromUntil') }}
          <textarea v-model="form.hours" class="write font-normal tabular-nums w-44!" name="hours" rows="2" :aria-invalid="wrong('shifts')" /></label>
      </fieldset>
      <fieldset class="grid sm:grid-cols-2 gap-4">
        <legend class="text-2xl font-head mb-2">{{ t('workshop.Begin.you') }}</legend>
        <label class="grid gap-1 font-semibold">{{ t('workshop.Begin.yourName') }}
          <input v-model="form.name" class="write font-normal" name="name" maxlength="80" autocomplete="name" :aria-invalid="wrong('name')"></label>
        <label class="grid gap-1 font-semibold">{{ t('workshop.Begin.youSignInAs') }}
          <input
            v-model="form.login" class="write font-normal" name="login" maxlength="40" autocapitalize="none" autocomplete="username" :placeholder="guess"
            :aria-invalid="wrong('login')"
          ></label>
        <label class="grid gap-1 font-semibold sm:col-span-2">{{ t('workshop.Begin.aPasswordOfTwelve') }}
          <input
            v-model="form.password" class="write font-normal" name="password" type="password" autocomplete="new-password" :aria-invalid="wrong('password')"
          ></label>
      </fieldset>
      <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
      <button class="do justify-self-start px-12!" type="submit" :disabled="busy">{{
        isHome ? t('workshop.Begin.openIt') : t('workshop.Begin.openTheWorkshop')
      }}</button>
    </form>
  </main>
</template>
