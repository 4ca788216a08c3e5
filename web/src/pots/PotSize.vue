<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '../api/client'
import type { PotsView, PotView } from '../api/types'
import { figure } from '../kit/figure'
import { useLoad } from '../kit/useLoad'
import { t } from '../words'

/** How much a pot comes to, what it is mixed in, what is poured into it, and what it is called. */
const props = defineProps<{ pot: PotView, busy: boolean }>()
const emit = defineEmits<{ amount: [ml: number], jar: [ml: number], pour: [from: number, share: number], name: [name: string] }>()
const { value: all, reload } = useLoad(() => api.get<PotsView>('/pots'))
void reload()
const others = computed(() => (all.value?.pots ?? []).filter((p) => p.id !== props.pot.id && p.state !== 'empty' && p.drops > 0))
const amount = ref('')
const jar = ref('')
const name = ref(props.pot.name)
const from = ref('')
const share = ref('1')
const now = computed(() => {
  const drops = props.pot.recipe.length > 0 ? props.pot.recipe : props.pot.drops
  return drops.reduce((sum, d) => sum + d.ml, 0)
})
watch(now, (ml) => {
  amount.value = ml > 0 ? ml.toFixed(1) : ''
}, { immediate: true })
const shares = [
  { id: '1', label: t('pots.PotSize.allOfIt') },
  { id: '0.5', label: t('pots.PotSize.halfOfIt') },
  { id: '0.25', label: t('pots.PotSize.aQuarterOfIt') },
]
</script>

<template>
  <div class="grid gap-4 py-2">
    <form v-if="now > 0" class="flex flex-wrap items-end gap-3" @submit.prevent="emit('amount', figure(amount))">
      <label class="grid gap-1 w-40">{{ t('pots.PotSize.toComeToMl') }}<input v-model="amount" class="write" inputmode="decimal" required></label>
      <button class="may" type="submit" :disabled="busy">{{ t('pots.PotSize.soMuch') }}</button>
      <button class="may" type="button" :disabled="busy" @click="emit('amount', now * 2)">{{ t('pots.PotSize.twiceAsMuch') }}</button>
      <button class="may" type="button" :disabled="busy" @click="emit('amount', now / 2)">{{ t('pots.PotSize.half') }}</button>
    </form>
    <form class="flex flex-wrap items-end gap-3" @submit.prevent="emit('jar', figure(jar))">
      <label class="grid gap-1 w-40">{{ t('pots.PotSize.aJarOfMl') }}<input
        v-model="jar" class="write" inputmode="decimal" required :placeholder="pot.capacityMl.toFixed(1)"
      ></label>
      <button class="may" type="submit" :disabled="busy">{{ t('pots.PotSize.takeThatJar') }}</button>
    </form>
    <form v-if="others.length > 0" class="flex flex-wrap items-end gap-3" @submit.prevent="emit('pour', Number(from), Number(share))">
      <label class="grid gap-1 grow min-w-48">{{ t('pots.PotSize.pourInFrom') }}<select v-model="from" class="write" required>
        <option value="" disabled>{{ t('pots.PotSize.whichPot') }}</option>
        <option v-for="p in others" :key="p.id" :value="String(p.id)">{{ p.name }}, {{ p.customer }}</option>
      </select></label>
      <label class="grid gap-1">{{ t('pots.PotSize.howMuch') }}<select v-model="share" class="write">
        <option v-for="s in shares" :key="s.id" :value="s.id">{{ s.label }}</option>
      </select></label>
      <button class="may" type="submit" :disabled="busy || from === ''">{{ t('pots.PotSize.pour') }}</button>
    </form>
    <form class="flex flex-wrap items-end gap-3" @submit.prevent="emit('name', name)">
      <label class="grid gap-1 grow min-w-48">{{ t('pots.PotSize.itsName') }}<input v-model="name" class="write" maxlength="120" required></label>
      <button class="may" type="submit" :disabled="busy || name.trim() === pot.name">{{ t('pots.PotSize.callItThat') }}</button>
    </form>
  </div>
</template>
