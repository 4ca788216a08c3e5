import { useLocalStorage } from '@vueuse/core'
import { watchEffect, type Ref } from 'vue'

const light = useLocalStorage<'day' | 'evening'>('kindheel-light', 'day')
const sound = useLocalStorage('kindheel-sound', false)

watchEffect(() => {
  document.documentElement.dataset['light'] = light.value
})

/** Day or evening, and whether the bench may make a sound; both are this browser's own. */
export const useLight = (): { light: Ref<'day' | 'evening'>, sound: Ref<boolean> } => ({ light, sound })
