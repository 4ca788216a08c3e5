<script setup lang="ts">
import { ref } from 'vue'
import { play, type Calls } from '../kit/bell'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** What is heard when something calls, and whether the device may say it when this page is not in front. */
defineProps<{ alarm: string, may: boolean }>()
const emit = defineEmits<{ keep: [alarm: string] }>()
const { heard } = useSession()
const SOUNDS = {
  bell: t('workshop.Bells.aSmallBell'), knock: t('workshop.Bells.aKnockOnWood'), chime: t('workshop.Bells.threeNotes'), silent: t('workshop.Bells.nothing'),
} as const
const CALLS: Readonly<Record<Calls, string>> = {
  opens: t('workshop.Bells.aWindowOpens'), closes: t('workshop.Bells.itClosesSoon'), missed: t('workshop.Bells.itWasMissed'),
  message: t('workshop.Bells.somebodySaysSomething'),
}
const allowed = ref(typeof Notification === 'undefined' ? 'none' : Notification.permission)
const choose = (sound: keyof typeof SOUNDS): void => {
  play(sound)
  heard(sound)
  emit('keep', sound)
}
const allow = async (): Promise<void> => {
  allowed.value = await Notification.requestPermission()
}
</script>

<template>
  <section class="grid gap-4 content-start pt-4" :aria-label="t('workshop.Bells.alarm')">
    <h2 class="text-2xl">{{ t('workshop.Bells.whenSomethingCalls') }}</h2>
    <div class="grid grid-cols-2 gap-3" role="radiogroup" :aria-label="t('workshop.Bells.whatIsHeard')">
      <button
        v-for="(label, sound) in SOUNDS" :key="sound" type="button" role="radio" :aria-checked="alarm === sound" class="min-h-16 border-2 text-lg"
        :class="alarm === sound ? 'border-ink bg-ink text-raised' : 'border-line'" :disabled="!may" @click="choose(sound)"
      >{{ label }}</button>
    </div>
    <p v-if="alarm !== 'silent'" class="flex flex-wrap items-center gap-x-2">{{ t('workshop.Bells.hearHow') }}
      <button v-for="(label, calls) in CALLS" :key="calls" type="button" class="quiet" @click="play(alarm, calls)">{{ label }}</button></p>
    <p v-if="allowed === 'granted'">{{ t('workshop.Bells.thisDeviceAlsoSaysIt') }}</p>
    <p v-else-if="allowed === 'denied' || allowed === 'none'">{{ t('workshop.Bells.thisDeviceDoesNotLet') }}</p>
    <button v-else class="may justify-self-start" type="button" @click="allow">{{ t('workshop.Bells.letThisDeviceSayIt') }}</button>
  </section>
</template>
