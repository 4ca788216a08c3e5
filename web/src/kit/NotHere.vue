<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { t } from '../words'
</script>

<template>
  <main class="grid place-content-center gap-4 text-center">
    <h1 class="text-3xl">{{ t('kit.NotHere.thereIsNothingHere') }}</h1>
    <RouterLink class="quiet justify-self-center" to="/bench">{{ t('kit.NotHere.backToTheBench') }}</RouterLink>
  </main>
</template>
