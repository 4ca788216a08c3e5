<script setup lang="ts">
import { ref } from 'vue'
import type { TakesView } from '../api/types'
import TakenForm from '../shelf/TakenForm.vue'
import { t } from '../words'

/** What the step takes from the shelf; where it was more, less or from another lot, it is ended with that. */
defineProps<{ takes: TakesView, running: boolean, busy: boolean }>()
const emit = defineEmits<{ done: [amount: number, lot: number | null] }>()
const open = ref(false)
</script>

<template>
  <TakenForm
    v-if="open && running" :taken="takes" :verb="t('bench.TakesFrom.doneWithThat')" :busy="busy"
    @said="(amount, lot) => emit('done', amount, lot)" @left="open = false"
  />
  <p v-else class="flex flex-wrap items-baseline gap-x-3">{{ t('bench.TakesFrom.takes', [takes.amount, takes.unit, takes.name]) }}
    <button v-if="running" class="quiet px-0!" type="button" :disabled="busy" @click="open = true">{{ t('bench.TakesFrom.otherwise') }}</button></p>
</template>
