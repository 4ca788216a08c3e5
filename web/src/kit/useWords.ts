import { ref, type Ref } from 'vue'
import { api } from '../api/client'
import type { WordsView } from '../api/types'

const words = ref<WordsView | null>(null)
let asked: Promise<void> | null = null

/** The words of the trade, fetched once. */
export const useWords = (): Ref<WordsView | null> => {
  asked ??= api.get<WordsView>('/words').then((view) => {
    words.value = view
  }).catch(() => {
    asked = null
  })
  return words
}
