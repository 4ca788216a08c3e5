<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Switch } from '@headlessui/vue'
import { computed } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { useSession } from '../session/useSession'
import { play } from './bell'
import { ROLES } from '../session/roles'
import { useLight } from './useLight'
import { t } from '../words'

const { person, signOut, alarm, workshop } = useSession()
const { light, sound } = useLight()
const router = useRouter()
const emit = defineEmits<{ another: [], ask: [] }>()
/** Where one looks after one’s own things there is no counter. */
const rooms = computed(() => ['bench', workshop.value?.home === true ? 'things' : 'counter', 'pots', 'shelf', 'ledger', 'workshop'] as const)

const leave = async (): Promise<void> => {
  await signOut()
  await router.push('/sign-in')
}
const setSound = (on: boolean): void => {
  sound.value = on
  if (on) {
    play(alarm.value)
  }
}
</script>

<template>
  <header class="flex flex-wrap items-center gap-x-3 lg:gap-x-7 px-4 sm:px-6 min-[800px]:h-16 border-b border-line bg-paper">
    <RouterLink to="/bench" class="flex items-center gap-2 min-h-12 font-head text-xl font-semibold" :aria-label="t('kit.TopBar.kindHeelToTheBench')">
      <svg viewBox="0 0 32 32" class="size-8" aria-hidden="true">
        <path d="M5 8c5 1 9 4 13 8 3 3 7 3 9 6v4H15l-3-3v3H5z" fill="none" stroke="currentColor" stroke-width="2.2" stroke-linejoin="round" />
        <path d="M8 20h14" stroke="currentColor" stroke-width="1.5" stroke-dasharray="2.4 2" />
      </svg>
      {{ t('kit.TopBar.kindHeel') }}
    </RouterLink>
    <nav
      class="order-last flex grow justify-between lg:gap-1 text-[.9rem] lg:text-lg -mx-2 min-[800px]:order-none min-[800px]:grow-0 min-[800px]:justify-start
        min-[800px]:mx-0"
      :aria-label="t('kit.TopBar.rooms')"
    >
      <RouterLink
        v-for="room in rooms" :key="room" :to="`/${room}`"
        class="grid place-items-center min-h-12 min-w-11 px-1 md:px-2 lg:px-4 border-b-4 border-transparent" active-class="border-ink! font-semibold"
      >{{ t(`kit.TopBar.${room}`) }}</RouterLink>
    </nav>
    <div class="ml-auto flex items-center gap-5 py-1">
      <slot />
      <button class="may w-12 px-0! text-xl" type="button" :aria-label="t('kit.TopBar.whatPeopleAskHere')" @click="emit('ask')">?</button>
      <Menu v-if="person" as="div" class="relative">
        <MenuButton class="may"><span class="max-w-48 truncate">{{ person.name }}</span></MenuButton>
        <MenuItems class="absolute right-0 z-40 mt-2 w-72 bg-raised border-2 border-ink focus:outline-none py-2">
          <div class="px-4 py-1 text-soft">{{ ROLES[person.role].label }}</div>
          <div class="flex items-center justify-between px-4 min-h-12">
            <span aria-hidden="true">{{ t('kit.TopBar.eveningLight') }}</span>
            <Switch
              :model-value="light === 'evening'" :aria-label="t('kit.TopBar.eveningLight')" class="w-14 h-8 border-2 border-ink p-0.5 aria-checked:bg-ink"
              @update:model-value="(on: boolean) => light = on ? 'evening' : 'day'"
            >
              <span class="block size-6 border-2 border-ink bg-raised" :class="light === 'evening' ? 'translate-x-6' : ''" />
            </Switch>
          </div>
          <div class="flex items-center justify-between px-4 min-h-12">
            <span aria-hidden="true">{{ t('kit.TopBar.bellWhenAWindowOpens') }}</span>
            <Switch
              :model-value="sound" :aria-label="t('kit.TopBar.bellWhenAWindowOpens')" class="w-14 h-8 border-2 border-ink p-0.5 aria-checked:bg-ink"
              @update:model-value="setSound"
            >
              <span class="block size-6 border-2 border-ink bg-raised" :class="sound ? 'translate-x-6' : ''" />
            </Switch>
          </div>
          <MenuItem v-slot="{ active }">
            <button class="w-full text-left px-4 min-h-12" :class="active ? 'bg-ink text-raised' : ''" @click="emit('another')">{{
              t('kit.TopBar.somebodyElseGoesOn')
            }}</button>
          </MenuItem>
          <MenuItem v-slot="{ active }">
            <RouterLink class="flex items-center px-4 min-h-12" :class="active ? 'bg-ink text-raised' : ''" to="/own">{{
              t('kit.TopBar.howYouSignIn')
            }}</RouterLink>
          </MenuItem>
          <MenuItem v-slot="{ active }">
            <button class="w-full text-left px-4 min-h-12" :class="active ? 'bg-ink text-raised' : ''" @click="leave">{{ t('kit.TopBar.signOut') }}</button>
          </MenuItem>
        </MenuItems>
      </Menu>
    </div>
  </header>
</template>
