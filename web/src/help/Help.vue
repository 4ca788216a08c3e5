<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed } from 'vue'
import { t } from '../words'
import { meaning, pageOf } from './pages'

/** What this screen is asked about, on one page. */
const props = defineProps<{ path: string }>()
const emit = defineEmits<{ leave: [] }>()
const page = computed(() => pageOf(props.path))
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('leave')">
    <div class="fixed inset-0 bg-surround/85" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="bg-paper border-4 border-ink w-full max-w-[72rem] max-h-[calc(100dvh-2rem)] overflow-y-auto px-6 sm:px-10 py-6 grid gap-6">
        <div class="flex items-start gap-6">
          <DialogTitle class="text-3xl grow">{{ t('help.Help.whatPeopleAskHere') }}</DialogTitle>
          <button class="may" type="button" @click="emit('leave')">{{ t('help.Help.goOn') }}</button>
        </div>
        <div class="grid lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] gap-x-12 gap-y-6">
          <dl class="grid gap-5 content-start">
            <div v-for="[asked, answer] in page.asks" :key="asked">
              <dt class="font-head text-2xl leading-tight">{{ asked }}</dt>
              <dd class="text-lg leading-snug mt-1">{{ answer }}</dd>
            </div>
          </dl>
          <div class="grid gap-6 content-start">
            <section :aria-label="t('help.Help.keys')">
              <h2 class="text-xl">{{ t('help.Help.keys') }}</h2>
              <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2 mt-2 leading-snug">
                <template v-for="[key, does] in page.keys" :key="key">
                  <dt><span class="key">{{ key }}</span></dt><dd>{{ does }}</dd>
                </template>
              </dl>
            </section>
          </div>
        </div>
        <section class="border-t border-line pt-4" :aria-label="t('help.Help.words')">
          <h2 class="text-xl">{{ t('help.Help.words') }}</h2>
          <dl class="columns-1 sm:columns-2 gap-x-12 mt-2 leading-snug">
            <div v-for="word in page.words" :key="word" class="break-inside-avoid py-1">
              <dt class="inline font-semibold">{{ t('help.Help.word', [word]) }}</dt> <dd class="inline">{{ meaning(word) }}</dd>
            </div>
          </dl>
        </section>
      </DialogPanel>
    </div>
  </Dialog>
</template>
