<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { WorkshopView } from '../api/types'
import Notice from '../kit/Notice.vue'
import { useSession } from '../session/useSession'
import Bells from './Bells.vue'
import Calendars from './Calendars.vue'
import Hours from './Hours.vue'
import LearnedHere from './LearnedHere.vue'
import OtherDays from './OtherDays.vue'
import OutAndIn from './OutAndIn.vue'
import SetUp from './SetUp.vue'
import Stations from './Stations.vue'
import WhoWeAre from './WhoWeAre.vue'
import { useWorkshop } from './useWorkshop'
import { t } from '../words'

/** What the workshop sets for itself: hours, days, stations, what is heard; and what it has learned. */
const { workshop, problem, busy, load, put, places, setUp, post, remove } = useWorkshop()
void load()
const { person, is } = useSession()
const isOwner = computed(() => person.value?.role === 'owner')
/** One’s own hours are the restorer’s, those of all the owner’s. */
const mayKeep = (id: number): boolean => isOwner.value || person.value?.mayPlan === true && person.value.id === id
const identify = async (identity: WorkshopView['identity']): Promise<void> => {
  if (await put('/identity', identity)) {
    is(identity)
  }
}
const rooms = computed(() => [
  t('workshop.Workshop.hours'), t('workshop.Workshop.days'), t('workshop.Workshop.stations'), t('workshop.Workshop.learned'),
  t('workshop.Workshop.alarmAndCalendar'), t('workshop.Workshop.nameAndPapers'),
  ...(isOwner.value ? [t('workshop.Workshop.outAndIn')] : []),
])
</script>

<template>
  <main class="grid gap-5 content-start px-4 sm:px-9 py-6">
    <header class="flex flex-wrap items-end gap-x-6 gap-y-2">
      <h1 class="text-3xl grow">{{ t('workshop.Workshop.theWorkshop') }}</h1>
      <RouterLink v-if="isOwner" class="may" to="/people">{{ t('workshop.Workshop.people') }}</RouterLink>
      <RouterLink v-if="person?.mayReceive" class="may" to="/prices">{{ t('workshop.Workshop.prices') }}</RouterLink>
      <RouterLink class="may" to="/day">{{ t('workshop.Workshop.daySheet') }}</RouterLink>
    </header>
    <Notice :text="problem" @again="load" />
    <TabGroup v-if="workshop">
      <TabList class="flex flex-wrap gap-1 border-b-2 border-ink text-lg">
        <Tab
          v-for="room in rooms" :key="room" class="min-h-12 px-4 border-b-4 border-transparent ui-selected:border-ink aria-selected:border-ink
          aria-selected:font-semibold"
        >{{ room }}</Tab>
      </TabList>
      <TabPanels>
        <TabPanel><Hours :workshop="workshop" :busy="busy" :may="mayKeep" @keep="(id, hours) => put(`/people/${id}`, hours)" /></TabPanel>
        <TabPanel>
          <OtherDays
            :workshop="workshop" :busy="busy" :may="person?.mayPlan ?? false" @add="(day) => post('/days', day)" @remove="(id) => remove(`/days/${id}`)"
          />
        </TabPanel>
        <TabPanel>
          <Stations :stations="workshop.stations" :may="person?.mayPlan ?? false" @change="places" />
          <SetUp
            :switch-minutes="workshop.switchMinutes" :handover-minutes="workshop.handoverMinutes"
            :switch-seen="workshop.switchSeen" :handover-seen="workshop.handoverSeen" :may="person?.mayPlan ?? false" @change="setUp"
          />
        </TabPanel>
        <TabPanel><LearnedHere :workshop="workshop" :may="isOwner" @reset="(of) => post('/learned/reset', of)" /></TabPanel>
        <TabPanel class="grid lg:grid-cols-2 gap-10">
          <Bells :alarm="workshop.alarm" :may="person?.mayPlan ?? false" @keep="(alarm) => put('/alarm', { alarm })" />
          <Calendars :feeds="workshop.feeds" :may="isOwner" @revoke="(id) => remove(`/feeds/${id}`)" @made="load" />
        </TabPanel>
        <TabPanel><WhoWeAre :identity="workshop.identity" :busy="busy" :may="isOwner" @keep="identify" /></TabPanel>
        <TabPanel v-if="isOwner"><OutAndIn /></TabPanel>
      </TabPanels>
    </TabGroup>
  </main>
</template>
