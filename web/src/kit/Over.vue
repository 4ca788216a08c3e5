<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** Something that is answered before the page goes on. */
defineProps<{ open: boolean, title: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4 sm:p-6">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-xl p-5 sm:p-8 grid gap-5">
        <DialogTitle class="text-3xl">{{ title }}</DialogTitle>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
