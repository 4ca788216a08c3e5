<script setup lang="ts">
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
import { lamps, useLamp } from './useLamp'
import { t } from '../words'

const { lamp } = useLamp()
</script>

<template>
  <RadioGroup v-model="lamp" class="flex flex-wrap gap-1.5 sm:shrink-0" :aria-label="t('pots.LampChoice.lookAtItUnder')">
    <RadioGroupOption v-for="l in lamps" :key="l.id" v-slot="{ checked }" :value="l.id" as="template">
      <button
        type="button" class="flex items-center gap-2 whitespace-nowrap min-h-14 px-3 border-2 border-dark text-dark font-semibold"
        :class="checked ? 'bg-dark text-surround' : ''"
      >
        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="1.8">
          <template v-if="l.id === 'daylight'">
            <circle cx="11" cy="11" r="4.5" />
            <path d="M11 1v3M11 18v3M1 11h3M18 11h3M4 4l2 2M16 16l2 2M4 18l2-2M16 6l2-2" />
          </template>
          <template v-else-if="l.id === 'lamp'"><path d="M7 14a6 6 0 1 1 8 0v3H7zM8.5 20h5" /></template>
          <template v-else><rect x="1.5" y="8" width="19" height="6" /><path d="M4 8v6M18 8v6" /></template>
        </svg>
        {{ l.label }}<span v-if="checked" class="sr-only">{{ t('pots.LampChoice.on') }}</span>
      </button>
    </RadioGroupOption>
  </RadioGroup>
</template>
