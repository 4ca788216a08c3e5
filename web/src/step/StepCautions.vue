<script setup lang="ts">
import type { StepView } from '../api/types'
import { t } from '../words'

/** What can hurt in a step. */
defineProps<{ step: StepView }>()
</script>

<template>
  <p v-for="c in step.cautions" :key="c.rule" class="caution text-bench"><strong>{{ t('step.StepCautions.careful') }}</strong> {{ c.text }}</p>
</template>
