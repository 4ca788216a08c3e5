<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api } from '../api/client'
import type { OwnersView, OwnerView } from '../api/types'
import { counted } from '../kit/counted'
import { vFocus } from '../kit/vFocus'
import { t } from '../words'

/** Whose it is: typed, or found by a few letters of the name or figures of the telephone. Nobody is chosen unless they are chosen. */
defineProps<{ problem: string | undefined }>()
const name = defineModel<string>({ required: true })
const emit = defineEmits<{ known: [owner: OwnerView] }>()
const found = ref<readonly OwnerView[]>([])
const active = ref(-1)
const open = ref(false)
let asked = 0

const look = useDebounceFn(async () => {
  const mine = ++asked
  const typed = name.value.trim()
  const owners = typed.length < 2 ? [] : (await api.get<OwnersView>(`/owners?find=${encodeURIComponent(typed)}`).catch(() => ({ owners: [] }))).owners
  if (mine === asked) {
    found.value = owners
    active.value = -1
  }
}, 150)
watch(name, () => void look())
const shown = computed(() => open.value && found.value.length > 0)
const take = (owner: OwnerView | undefined): void => {
  if (owner !== undefined) {
    asked++
    found.value = []
    open.value = false
    emit('known', owner)
  }
}
const onKey = (event: KeyboardEvent): void => {
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    active.value = Math.min(found.value.length - 1, Math.max(-1, active.value + (event.key === 'ArrowDown' ? 1 : -1)))
    event.preventDefault()
  } else if (event.key === 'Enter' && active.value >= 0) {
    event.preventDefault()
    take(found.value[active.value])
  } else if (event.key === 'Escape') {
    open.value = false
  }
}
</script>

<template>
  <div class="relative">
    <label class="grid gap-1 font-semibold">{{ t('counter.KnownOwner.whoseIsIt') }}
      <input
        v-model="name" v-focus class="write font-normal" name="customer" role="combobox" autocomplete="off" aria-autocomplete="list"
        :aria-expanded="shown" aria-controls="known-owners" :aria-activedescendant="active >= 0 ? `owner-${active}` : undefined" :aria-invalid="!!problem"
        @keydown="onKey" @input="open = true"
      >
      <span v-if="problem" class="font-normal">{{ problem }}</span>
    </label>
    <ul
      v-if="shown" id="known-owners" role="listbox" :aria-label="t('counter.KnownOwner.knownOwners')"
      class="absolute z-30 inset-x-0 top-full bg-raised border-2 border-ink"
    >
      <li
        v-for="(owner, i) in found" :id="`owner-${i}`" :key="owner.customer + owner.contact" role="option" :aria-selected="i === active"
        class="px-4 py-2 cursor-pointer" :class="i === active ? 'bg-ink text-raised' : ''" @mousedown.prevent="take(owner)"
      ><strong>{{ owner.customer }}</strong> <span>{{ owner.contact }}</span> · {{ counted(owner.pieces.length, 'piece') }}</li>
    </ul>
  </div>
</template>
