<script setup lang="ts">
import { ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import Over from '../kit/Over.vue'
import { t } from '../words'

/** Something is not ready. The restorer may go on with a word why; the ledger keeps it. */
const props = defineProps<{ refusal: { readonly sentence: string } | null; instead?: { readonly label: string; readonly to: string } | null }>()
const emit = defineEmits<{ why: [why: string], leave: [] }>()
const why = ref('')
watch(() => props.refusal, () => {
  why.value = ''
})
</script>

<template>
  <Over :open="refusal !== null" :title="t('step.OverrideDialog.notYet')" @close="emit('leave')">
    <p class="stop text-xl">{{ refusal?.sentence }}</p>
    <form class="grid gap-4" @submit.prevent="emit('why', why)">
      <label class="grid gap-1 font-semibold">{{ t('step.OverrideDialog.ifYouGoOnAll') }}
        <input v-model="why" class="write font-normal" name="why" required>
      </label>
      <div class="flex gap-4">
        <RouterLink v-if="instead" class="do grow text-center" :to="instead.to">{{ instead.label }}</RouterLink>
        <button v-else class="do grow" type="button" @click="emit('leave')">{{ t('step.OverrideDialog.waitForIt') }}</button>
        <button class="may" type="submit" :disabled="why.trim() === ''">{{ t('step.OverrideDialog.goOnAndNoteIt') }}</button>
      </div>
    </form>
  </Over>
</template>
