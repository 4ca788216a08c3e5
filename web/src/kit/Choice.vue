<script setup lang="ts" generic="T extends string">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed } from 'vue'
import { t } from '../words'

/** A choice inside a sentence: the word itself opens it. */
const props = defineProps<{
  modelValue: T
  options: readonly { id: T, label: string, meaning?: string, hex?: string }[]
  label: string
  disabled?: boolean
  mixed?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const chosen = computed(() => props.options.find((o) => o.id === props.modelValue))
</script>

<template>
  <Listbox as="span" class="relative inline-block" :model-value="modelValue" :disabled="disabled" @update:model-value="(v: T) => emit('update:modelValue', v)">
    <ListboxButton
      class="inline-flex items-center gap-2 border-b-2 border-ink min-h-11 px-1 font-semibold disabled:border-transparent aria-expanded:bg-raised"
      :aria-label="`${label}: ${mixed ? t('kit.Choice.mixed') : chosen?.label ?? modelValue}`"
    >
      <span v-if="chosen?.hex && !mixed" class="inline-block size-5 border border-soft" :style="{ backgroundColor: chosen.hex }" />
      <span>{{ mixed ? t('kit.Choice.mixed') : chosen?.label ?? modelValue }}</span>
      <svg v-if="!disabled" width="10" height="7" aria-hidden="true"><path d="M1 1l4 5 4-5" fill="none" stroke="currentColor" stroke-width="1.6" /></svg>
    </ListboxButton>
    <ListboxOptions class="absolute left-0 z-30 mt-1 min-w-60 max-w-96 max-h-96 overflow-auto bg-raised border-2 border-ink focus:outline-none">
      <ListboxOption v-for="option in options" :key="option.id" v-slot="{ active, selected }" :value="option.id" as="template">
        <li class="flex items-start gap-3 px-4 py-2 min-h-12 cursor-pointer leading-tight" :class="active ? 'bg-ink text-raised' : ''">
          <span v-if="option.hex" class="mt-0.5 inline-block size-6 shrink-0 border border-soft" :style="{ backgroundColor: option.hex }" />
          <span class="pt-0.5">
            <span class="font-semibold">{{ option.label }}</span>
            <span v-if="selected"> ·</span>
            <span v-if="option.meaning && option.meaning !== option.label" class="block text-sm font-normal">{{ option.meaning }}</span>
          </span>
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
