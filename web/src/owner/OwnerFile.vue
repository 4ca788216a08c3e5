<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { Kind, MessagesView, OwnerDetailsView, ReachedBy } from '../api/types'
import { inOneColour } from '../drawing/inOneColour'
import Standing from '../drawing/Standing.vue'
import Choice from '../kit/Choice.vue'
import { counted } from '../kit/counted'
import Notice from '../kit/Notice.vue'
import { useAct } from '../kit/useAct'
import { useLoad } from '../kit/useLoad'
import { useWords } from '../kit/useWords'
import { careDay } from '../passport/careDay'
import { fetchFile } from '../session/fetchFile'
import { useSession } from '../session/useSession'
import { useWhen } from '../session/useWhen'
import { t } from '../words'

/** Somebody whose pieces come here: how they are reached, what they allow, what is theirs. */
const props = defineProps<{ id: number }>()
const { value: owner, problem, reload } = useLoad(() => api.get<OwnerDetailsView>(`/owners/${props.id}`))
const { value: told, reload: lookTold } = useLoad(() => api.get<MessagesView>(`/messages?owner=${props.id}`))
watch(() => props.id, () => {
  void reload()
  void lookTold()
}, { immediate: true })
const hands = useAct()
const { person } = useSession()
const { day } = useWhen()
const words = useWords()
const form = reactive({
  name: '', ways: [] as { by: ReachedBy, at: string }[], likes: '' as ReachedBy | '', language: '', notes: '', mayKeepPictures: true, mayRemind: false,
})
watch(owner, (o) => {
  if (o !== null) {
    Object.assign(form, {
      name: o.name, ways: o.ways.map((w) => ({ ...w })), likes: o.likes ?? '', language: o.language, notes: o.notes,
      mayKeepPictures: o.mayKeepPictures, mayRemind: o.mayRemind,
    })
  }
})
const by: readonly { id: ReachedBy, label: string }[] = [
  { id: 'email', label: t('owner.OwnerFile.email') }, { id: 'phone', label: t('owner.OwnerFile.phone') },
  { id: 'post', label: t('owner.OwnerFile.post') }, { id: 'other', label: t('owner.OwnerFile.other') },
]
const likes = computed(() => [{ id: '' as const, label: t('owner.OwnerFile.anyWay') }, ...by.filter((b) => form.ways.some((w) => w.by === b.id))])
const take = (answer: OwnerDetailsView): void => {
  owner.value = answer
}
const save = () => hands.run(() => api.put<OwnerDetailsView>(`/owners/${props.id}`, {
  ...form, version: owner.value?.version ?? 0, likes: form.likes === '' ? null : form.likes, ways: form.ways.filter((w) => w.at.trim() !== ''),
}), take)
const join = (other: number) => hands.run(() => api.post<OwnerDetailsView>(`/owners/${props.id}/joined`, { version: owner.value?.version ?? 0, other }), take)
const takeOut = () => hands.run(() => fetchFile(`/owners/${props.id}/archive.zip`), () => undefined)
const erasing = ref(false)
const erase = () => hands.run(() => api.remove<OwnerDetailsView>(`/owners/${props.id}`), (answer) => {
  erasing.value = false
  take(answer)
})
const kind = (id: string): string => words.value?.kinds.find((k) => k.id === id)?.label ?? ''
const colours = (id: Kind, hex: string) => inOneColour(words.value?.kinds.find((k) => k.id === id), hex)
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1fr_1.1fr] min-h-0 lg:h-[calc(100dvh-var(--above))]">
    <section class="px-4 sm:px-8 py-6 grid gap-4 content-start overflow-y-auto" :aria-label="t('owner.OwnerFile.who')" tabindex="0">
      <Notice :text="problem || hands.problem.value" @again="reload" />
      <template v-if="owner">
        <header class="flex flex-wrap items-end gap-3">
          <h1 class="text-4xl grow">{{ owner.name }}</h1>
          <RouterLink class="quiet" to="/owners">{{ t('owner.OwnerFile.allOwners') }}</RouterLink>
        </header>
        <p v-if="owner.erased" class="caution">{{ t('owner.OwnerFile.erased') }}</p>
        <template v-else>
          <p v-for="a in owner.alike" :key="a.id" class="caution">{{
                                                                    t('owner.OwnerFile.mayBeTheSame', [a.name, a.contact || '–', counted(a.pieces, 'piece')])
                                                                  }}
            <button v-if="person?.mayReceive" class="quiet" type="button" :disabled="hands.busy.value" @click="join(a.id)">{{
              t('owner.OwnerFile.theyAreOne')
            }}</button></p>
          <form class="grid gap-4" @submit.prevent="save">
            <label class="grid gap-1">{{ t('owner.OwnerFile.name') }}<input v-model="form.name" class="write" maxlength="120" required></label>
            <fieldset class="grid gap-2"><legend class="text-lg font-semibold">{{ t('owner.OwnerFile.howTheyAreReached') }}</legend>
              <p v-for="(w, i) in form.ways" :key="i" class="grid grid-cols-[auto_1fr_auto] gap-3 items-center">
                <Choice v-model="w.by" :label="t('owner.OwnerFile.way')" :options="by" />
                <input v-model="w.at" class="write" maxlength="160" :aria-label="t('owner.OwnerFile.howTheyAreReached')">
                <button class="quiet" type="button" @click="form.ways.splice(i, 1)">{{ t('owner.OwnerFile.strikeOut') }}</button>
              </p>
              <p class="flex flex-wrap items-center gap-4">
                <button v-if="form.ways.length < 6" class="may" type="button" @click="form.ways.push({ by: 'email', at: '' })">{{
                  t('owner.OwnerFile.oneMore')
                }}</button>
                <span v-if="form.ways.length > 0" class="text-lg">{{ t('owner.OwnerFile.theyLike') }} <Choice
                  v-model="form.likes" :label="t('owner.OwnerFile.theWayTheyLike')" :options="likes"
                /></span>
              </p>
            </fieldset>
            <label class="grid gap-1">{{ t('owner.OwnerFile.notes') }}<textarea v-model="form.notes" class="write" rows="3" maxlength="1000" /></label>
            <label class="flex items-center gap-3 min-h-11 text-lg"><input v-model="form.mayKeepPictures" type="checkbox" class="size-5">{{
              t('owner.OwnerFile.mayKeepPictures')
            }}</label>
            <label class="flex items-center gap-3 min-h-11 text-lg"><input v-model="form.mayRemind" type="checkbox" class="size-5">{{
              t('owner.OwnerFile.mayRemind')
            }}</label>
            <button class="do justify-self-start" type="submit" :disabled="hands.busy.value">{{ t('owner.OwnerFile.save') }}</button>
          </form>
          <section v-if="told && told.messages.length > 0" class="grid gap-1 border-t border-line pt-4" :aria-label="t('owner.OwnerFile.whatTheyWereTold')">
            <h2 class="text-xl">{{ t('owner.OwnerFile.whatTheyWereTold') }}</h2>
            <p v-for="m in told.messages.slice(0, 8)" :key="m.id">{{ m.subject }}
              <span class="text-soft">{{ m.state === 'sent' && m.endedAt ? day(m.endedAt) : t('owner.OwnerFile.notSentYet') }}</span></p>
          </section>
          <section v-if="person?.role === 'owner'" class="grid gap-2 border-t border-line pt-4" :aria-label="t('owner.OwnerFile.whatTheyMayAskFor')">
            <h2 class="text-xl">{{ t('owner.OwnerFile.whatTheyMayAskFor') }}</h2>
            <p class="flex flex-wrap gap-3 items-center">
              <button class="may" type="button" :disabled="hands.busy.value" @click="takeOut">{{ t('owner.OwnerFile.allThatIsKnown') }}</button>
              <button v-if="!erasing" class="may" type="button" @click="erasing = true">{{ t('owner.OwnerFile.eraseThem') }}</button>
              <span v-else class="stop grid gap-2">{{ t('owner.OwnerFile.namesAndPicturesGo') }}
                <span class="flex gap-3"><button class="do" type="button" :disabled="hands.busy.value" @click="erase">{{
                  t('owner.OwnerFile.eraseForGood')
                }}</button><button class="may" type="button" @click="erasing = false">{{ t('owner.OwnerFile.leaveThem') }}</button></span></span>
            </p>
          </section>
        </template>
      </template>
    </section>
    <section
      class="bg-surround text-dark px-4 sm:px-8 py-6 grid gap-2 content-start overflow-y-auto" :aria-label="t('owner.OwnerFile.theirPieces')" tabindex="0"
    >
      <h2 class="text-3xl">{{ t('owner.OwnerFile.theirPieces') }}</h2>
      <RouterLink
        v-for="p in owner?.pieces ?? []" :key="p.id" :to="`/passports/${p.id}`"
        class="grid grid-cols-[9rem_1fr] gap-5 items-center border-t border-dark/30 py-3"
      >
        <Standing :kind="p.kind" :colours="colours(p.kind, p.hex)" :weight="1.6" class="h-20" />
        <span class="leading-snug"><strong class="text-xl">{{ p.name }}</strong><br>{{ kind(p.kind) }}, {{ counted(p.visits, 'visit') }}, {{
          p.here ? t('owner.OwnerFile.isHere') : t('owner.OwnerFile.lastHere', [day(p.lastAt)])
        }}<template v-if="p.care && p.careAt"><br>{{ t('owner.OwnerFile.next', [p.care, careDay(p.careAt)]) }}</template></span>
      </RouterLink>
    </section>
  </main>
</template>
