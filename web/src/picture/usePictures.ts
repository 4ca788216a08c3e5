import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { PicturesView } from '../api/types'
import { useLoad } from '../kit/useLoad'
import { t } from '../words'

const MOST_BYTES = 25_000_000

export interface Where { readonly moment: string, readonly half?: string, readonly part?: string, readonly side?: string }

/** The pictures of a piece; what cannot be kept gets a sentence and nothing is lost. */
export const usePictures = (piece: number) => {
  const { value: pictures, problem, reload } = useLoad(() => api.get<PicturesView>(`/pieces/${piece}/pictures`))
  const refused = ref('')
  const busy = ref(false)

  const send = async (act: () => Promise<PicturesView>): Promise<string> => {
    try {
      pictures.value = await act()
      return ''
    } catch (error) {
      return error instanceof Problem ? error.detail : t('picture.usePictures.thatDidNotWork')
    }
  }
  const form = (file: File, where: Where): FormData => {
    const filled = new FormData()
    filled.set('file', file)
    for (const [key, value] of Object.entries(where)) {
      if (typeof value === 'string' && value !== '') {
        filled.set(key, value)
      }
    }
    return filled
  }
  /** One after the other; what was said of one is not lost over the next. */
  const add = async (files: Iterable<File>, where: Where): Promise<void> => {
    busy.value = true
    const said: string[] = []
    for (const file of files) {
      said.push(file.size > MOST_BYTES
        ? t('picture.usePictures.hasMbUpTo25', [file.name, Math.round(file.size / 1_000_000)])
        : await send(() => api.post<PicturesView>(`/pieces/${piece}/pictures`, form(file, where))))
    }
    refused.value = [...new Set(said.filter((sentence) => sentence !== ''))].join(' ')
    busy.value = false
  }
  const remove = async (id: number): Promise<void> => {
    busy.value = true
    refused.value = await send(() => api.remove<PicturesView>(`/pictures/${id}`))
    busy.value = false
  }
  return { pictures, problem, refused, busy, reload, add, remove }
}
