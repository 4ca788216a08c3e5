<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '../api/client'
import type { Role, StaffRowView, StaffView } from '../api/types'
import Choice from '../kit/Choice.vue'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useWhen } from '../session/useWhen'
import { t } from '../words'
import { ROLES } from '../session/roles'

/** Who works here: they come, forget their password, leave. The owner’s. */
const { value: staff, problem, reload } = useLoad(() => api.get<StaffView>('/people'))
void reload()
const { busy, problem: refusal, run } = useAct(reload)
const { when, day } = useWhen()
/** By the machine’s own time: the demo’s can be put forward. */
const now = Date.now()
const adding = ref(false)
const open = ref<number | null>(null)
const form = ref<{ name: string, login: string, role: Role }>({ name: '', login: '', role: 'restorer' })
/** Told once: it stays until the next thing is done. */
const word = ref<{ name: string, login: string, word: string } | null>(null)
const sure = ref<number | null>(null)
const roles = computed(() => (staff.value?.roles ?? []).map((id) => ({ id, label: ROLES[id].label })))
const here = computed(() => (staff.value?.people ?? []).filter((p) => p.leftOn === null))
const gone = computed(() => (staff.value?.people ?? []).filter((p) => p.leftOn !== null))
const take = (view: StaffView): void => {
  const given = view.people.find((p) => p.id === view.wordFor)
  word.value = given && view.word ? { name: given.name, login: given.login, word: view.word } : null
  staff.value = { ...view, word: null }
  open.value = sure.value = null
  adding.value = false
}
const add = (): Promise<boolean> => run(() => api.post<StaffView>('/people', { ...form.value, version: 0 }), take)
const begin = (): void => {
  form.value = { name: '', login: '', role: 'restorer' }
  adding.value = true
  open.value = word.value = null
}
const look = (p: StaffRowView): void => {
  open.value = open.value === p.id ? null : p.id
  form.value = { name: p.name, login: p.login, role: p.role }
  adding.value = false
  sure.value = null
}
const keep = (p: StaffRowView): Promise<boolean> => run(() => api.put<StaffView>(`/people/${p.id}`, { ...form.value, version: p.version }), take)
const giveWord = (p: StaffRowView): Promise<boolean> => run(() => api.post<StaffView>(`/people/${p.id}/word`, { version: p.version }), take)
const left = (p: StaffRowView): Promise<boolean> => run(() => api.post<StaffView>(`/people/${p.id}/left`, { version: p.version }), take)
const back = (p: StaffRowView): Promise<boolean> => run(() => api.remove<StaffView>(`/people/${p.id}/left`, { version: p.version }), take)
const signOut = (p: StaffRowView): Promise<boolean> => run(() => api.remove<StaffView>(`/people/${p.id}/sign-ins`), take)
const standing = (p: StaffRowView): string => {
  if (p.wordUntil !== null) {
    return t('people.Staff.hasAWordUntil', [when(p.wordUntil, now)])
  }
  return p.seenAt === null ? t('people.Staff.wasNeverSignedIn') : p.signedIn > 0 ? t('people.Staff.signedInAt', [counted(p.signedIn, 'place')])
    : t('people.Staff.wasHere', [when(p.seenAt, now)])
}
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6 max-w-5xl w-full mx-auto">
    <Notice :text="problem" @again="reload" />
    <header class="flex flex-wrap items-end gap-4">
      <h1 class="text-4xl grow">{{ t('people.Staff.whoWorksHere') }}</h1>
      <button v-if="!adding" class="do" type="button" @click="begin">{{ t('people.Staff.somebodyNew') }}</button>
    </header>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <section v-if="word" class="border-4 border-ink bg-raised p-5 grid gap-2" :aria-label="t('people.Staff.aWordForOnce')" role="status">
      <p class="text-xl">{{ t('people.Staff.signsInOnceWith', [word.name, word.login]) }}</p>
      <p class="text-5xl font-semibold tabular-nums select-all">{{ word.word }}</p>
      <p class="text-lg">{{ t('people.Staff.itIsShownNowAnd') }}</p>
    </section>
    <form v-if="adding" class="grid sm:grid-cols-[1fr_1fr_auto] items-end gap-4 border-y-[5px] border-soft py-5" novalidate @submit.prevent="add">
      <label class="grid gap-1">{{ t('people.SignIn.name') }}<input v-model="form.name" class="write" name="name" maxlength="80" autocomplete="off"></label>
      <label class="grid gap-1">{{ t('people.Staff.signsInAs') }}
        <input v-model="form.login" class="write" name="login" maxlength="40" autocapitalize="none" autocomplete="off"></label>
      <p class="text-xl pb-2"><Choice v-model="form.role" :label="t('people.Staff.role')" :options="roles" /></p>
      <p class="sm:col-span-3 flex gap-4">
        <button class="do" type="submit" :disabled="busy">{{ t('people.Staff.addThem') }}</button>
        <button class="may" type="button" @click="adding = false">{{ t('people.SureDialog.leaveIt') }}</button>
      </p>
    </form>
    <ul class="grid">
      <li v-for="p in here" :key="p.id" class="border-t border-line py-3 grid gap-3">
        <div class="flex flex-wrap items-baseline gap-x-5 text-lg">
          <button
            class="text-left min-h-11 text-xl font-semibold grow underline decoration-2 underline-offset-4" type="button" :aria-expanded="open === p.id"
            @click="look(p)"
          >{{ p.name }}</button>
          <span>{{ ROLES[p.role].label }}</span>
          <span class="text-soft sm:w-72 text-right">{{ standing(p) }}</span>
        </div>
        <form v-if="open === p.id" class="grid sm:grid-cols-[1fr_1fr_auto] items-end gap-4 pb-3" novalidate @submit.prevent="keep(p)">
          <label class="grid gap-1">{{ t('people.SignIn.name') }}<input v-model="form.name" class="write" maxlength="80"></label>
          <label class="grid gap-1">{{ t('people.Staff.signsInAs') }}<input v-model="form.login" class="write" maxlength="40" autocapitalize="none"></label>
          <p class="text-xl pb-2"><Choice v-model="form.role" :label="t('people.Staff.role')" :options="roles" /></p>
          <p class="sm:col-span-3 flex flex-wrap gap-3">
            <button class="do" type="submit" :disabled="busy">{{ t('people.Staff.keepThis') }}</button>
            <button v-if="!p.isYou" class="may" type="button" :disabled="busy" @click="giveWord(p)">{{ t('people.Staff.forgotTheirPassword') }}</button>
            <button v-if="!p.isYou && p.signedIn > 0" class="may" type="button" :disabled="busy" @click="signOut(p)">{{
              t('people.Staff.signThemOut')
            }}</button>
            <template v-if="!p.isYou">
              <button v-if="sure !== p.id" class="may" type="button" @click="sure = p.id">{{ t('people.Staff.theyLeave') }}</button>
              <button v-else class="may border-4!" type="button" :disabled="busy" @click="left(p)">{{ t('people.Staff.yesTheyLeave', [p.name]) }}</button>
            </template>
          </p>
        </form>
      </li>
    </ul>
    <section v-if="gone.length > 0" class="grid gap-1 text-lg" :aria-label="t('people.Staff.wereHereBefore')">
      <h2 class="text-2xl">{{ t('people.Staff.wereHereBefore') }}</h2>
      <p v-for="p in gone" :key="p.id" class="flex flex-wrap items-center gap-x-5 border-t border-line py-2">
        <strong class="grow">{{ p.name }}</strong>
        <span class="text-soft">{{ t('people.Staff.leftOn', [p.leftOn ? day(p.leftOn) : '']) }}</span>
        <button class="may" type="button" :disabled="busy" @click="back(p)">{{ t('people.Staff.theyAreBack') }}</button>
      </p>
    </section>
    <dl class="grid sm:grid-cols-2 gap-x-8 gap-y-2 border-t-[5px] border-soft pt-4">
      <div v-for="role in roles" :key="role.id"><dt class="font-semibold inline">{{ role.label }}: </dt><dd class="inline">{{ ROLES[role.id].may }}</dd></div>
    </dl>
  </main>
</template>
