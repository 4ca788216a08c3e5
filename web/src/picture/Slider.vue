<script setup lang="ts">
import { ref } from 'vue'
import type { PictureView } from '../api/types'
import { t } from '../words'

/** Before and after in one frame: what lies left of the thread is before. */
defineProps<{ before: PictureView, after: PictureView }>()
const share = ref(50)
</script>

<template>
  <figure class="grid gap-2">
    <div class="relative bg-surround overflow-hidden h-96">
      <img :src="after.full" class="absolute inset-0 size-full object-contain" :alt="t('picture.Slider.after')">
      <img
        :src="before.full" class="absolute inset-0 size-full object-contain" :alt="t('picture.Slider.before')"
        :style="{ clipPath: `inset(0 ${100 - share}% 0 0)` }"
      >
      <span class="absolute inset-y-0 w-1 bg-paper border-x border-dark" :style="{ left: `${share}%` }" aria-hidden="true" />
      <span class="absolute left-2 top-2 bg-paper px-2">{{
        t('picture.Slider.before2')
      }}</span><span class="absolute right-2 top-2 bg-paper px-2">{{ t('picture.Slider.after2') }}</span>
    </div>
    <label class="grid gap-1">{{
      t('picture.Slider.moreOfBeforeOrOf')
    }}<input v-model.number="share" type="range" min="0" max="100" class="w-full h-11 accent-ink"></label>
  </figure>
</template>
