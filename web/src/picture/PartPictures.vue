<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api } from '../api/client'
import type { PicturesView, PictureView } from '../api/types'
import { t } from '../words'

/** The pictures that are pinned to a part of a half, small; or before and after of one place, large. A way to all of them. */
const props = defineProps<{ piece: number, part: string | null, half: string | null }>()
const all = ref<readonly PictureView[]>([])
watch(() => props.piece, (piece) => {
  void api.get<PicturesView>(`/pieces/${piece}/pictures`).then((view) => {
    all.value = view.pictures
  }).catch(() => undefined)
}, { immediate: true })
const shown = computed(() => {
  if (props.part !== null) {
    return all.value.filter((p) => p.part === props.part && (p.half === null || p.half === props.half)).slice(0, 4)
  }
  const after = all.value.find((p) => p.moment === 'after' && all.value.some((b) => b.moment === 'before' && b.side === p.side && b.half === p.half))
  const before = all.value.find((p) => p.moment === 'before' && p.side === after?.side && p.half === after?.half)
  return after === undefined || before === undefined ? [] : [before, after]
})
</script>

<template>
  <RouterLink
    v-if="shown.length > 0" :to="`/pieces/${piece}/pictures`" :class="part === null ? 'grid grid-cols-2 gap-3' : 'flex gap-3 justify-self-start'"
    :aria-label="part === null ? t('picture.PartPictures.beforeAndAfter') : t('picture.PartPictures.picturesOfThisPart')"
  >
    <figure v-for="p in shown" :key="p.id" class="bg-surround p-1.5">
      <img
        :src="p.thumb" :srcset="part === null ? `${p.thumb} 480w, ${p.full} 2400w` : undefined" sizes="(min-width: 64rem) 26rem, 45vw" :alt="p.moment"
        class="object-cover" :class="part === null ? 'w-full aspect-3/2' : 'h-16 w-24'"
      >
      <figcaption v-if="part === null" class="bg-paper px-2">{{ p.moment }}</figcaption>
    </figure>
  </RouterLink>
</template>
