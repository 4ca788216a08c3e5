<script setup lang="ts">
import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { NoteInput } from '../api/types'
import { vFocus } from '../kit/vFocus'
import { t } from '../words'

/** A word about a piece, a part, a step, or all that is on a ticket: typed or spoken into the field, kept in the ledger, found by the search at the counter. */
const props = defineProps<{ path: string, at?: Partial<NoteInput>, about?: string }>()
const emit = defineEmits<{ kept: [] }>()
const open = ref(false)
const text = ref('')
const said = ref('')
const busy = ref(false)
const keep = async (): Promise<void> => {
  busy.value = true
  try {
    await api.post(props.path, { ...props.at, text: text.value })
    text.value = ''
    open.value = false
    said.value = 'Kept in the ledger.'
    emit('kept')
  } catch (error) {
    // What was written stays.
    said.value = error instanceof Problem ? error.detail : t('kit.useAct.thatDidNotWork')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form v-if="open" class="grid gap-2" novalidate @submit.prevent="keep">
    <label class="grid gap-1 font-semibold">{{ t('step.NoteForm.aNote', [about ? t('step.NoteForm.on', [about]) : '']) }}
      <textarea v-model="text" v-focus class="write font-normal" name="note" rows="2" maxlength="500" @keydown.esc="open = false" /></label>
    <div class="flex gap-3">
      <button class="may" type="submit" :disabled="busy || text.trim() === ''">{{ t('step.NoteForm.keepTheNote') }}</button>
      <button class="quiet" type="button" @click="open = false">{{ t('step.NoteForm.leaveIt') }}</button>
    </div>
    <p v-if="said" role="status">{{ said }}</p>
  </form>
  <div v-else class="flex flex-wrap items-baseline gap-x-3">
    <button class="quiet px-0!" type="button" data-note @click="open = true; said = ''">{{
      t('step.NoteForm.writeANote', [about ? t('step.NoteForm.on', [about]) : ''])
    }}</button>
    <span v-if="said" role="status" class="text-soft">{{ said }}</span>
  </div>
</template>
