<script setup lang="ts">
import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { NoteInput } from '../api/types'
import { vFocus } from '../kit/vFocus'

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
    said.value = error instanceof Problem ? error.detail : 'That did not work.'
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form v-if="open" class="grid gap-2" novalidate @submit.prevent="keep">
    <label class="grid gap-1 font-semibold">A note{{ about ? ` on ${about}` : '' }}
      <textarea v-model="text" v-focus class="write font-normal" name="note" rows="2" maxlength="500" @keydown.esc="open = false" /></label>
    <div class="flex gap-3">
      <button class="may" type="submit" :disabled="busy || text.trim() === ''">Keep the note</button>
      <button class="quiet" type="button" @click="open = false">Leave it</button>
    </div>
    <p v-if="said" role="status">{{ said }}</p>
  </form>
  <div v-else class="flex flex-wrap items-baseline gap-x-3">
    <button class="quiet px-0!" type="button" data-note @click="open = true; said = ''">Write a note{{ about ? ` on ${about}` : '' }}</button>
    <span v-if="said" role="status" class="text-soft">{{ said }}</span>
  </div>
</template>
