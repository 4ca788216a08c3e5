<script setup lang="ts">
import { t } from '../words'
/** A sentence about what went wrong, and the way on. */
defineProps<{ text: string }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div v-if="text" role="alert" class="stop flex items-center gap-4">
    <span class="grow">{{ text }}</span>
    <button class="underline underline-offset-4 min-h-11 px-2" type="button" @click="$emit('again')">{{ t('kit.Notice.tryAgain') }}</button>
  </div>
</template>
