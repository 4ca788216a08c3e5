<script setup lang="ts">
import { RouterLink } from 'vue-router'
</script>

<template>
  <main class="grid place-content-center gap-4 text-center">
    <h1 class="text-3xl">There is nothing here</h1>
    <RouterLink class="quiet justify-self-center" to="/bench">Back to the bench</RouterLink>
  </main>
</template>
