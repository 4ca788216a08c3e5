<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../session/useSession'
import { t } from '../words'

/** What only those at the bench may do, or only who plans: others look on, and are told so once. */
const props = withDefaults(defineProps<{ planning?: boolean, silent?: boolean }>(), { planning: false, silent: false })
const { person } = useSession()
const may = computed(() => (props.planning ? person.value?.mayPlan : person.value?.works) !== false)
</script>

<template>
  <p v-if="!may && !silent" class="caution">{{ planning ? t('kit.ForHands.settled') : t('kit.ForHands.lookOn') }}</p>
  <fieldset class="contents" :disabled="!may"><slot /></fieldset>
</template>
