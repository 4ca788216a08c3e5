import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { PicturesView } from '../api/types'
import { useLoad } from '../kit/useLoad'

const MOST_BYTES = 25_000_000

export interface Where { readonly moment: string, readonly half?: string, readonly part?: string, readonly side?: string }

/** The pictures of a piece; what cannot be kept gets a sentence and nothing is lost. */
export const usePictures = (piece: number) => {
  const { value: pictures, problem, reload } = useLoad(() => api.get<PicturesView>(`/pieces/${piece}/pictures`))
  const refused = ref('')
  const busy = ref(false)

  const add = async (file: File, where: Where): Promise<boolean> => {
    if (file.size > MOST_BYTES) {
      refused.value = `This picture has ${Math.round(file.size / 1_000_000)} MB; up to 25 MB can be kept. Take it with a smaller setting.`
      return false
    }
    const form = new FormData()
    form.set('file', file)
    for (const [key, value] of Object.entries(where)) {
      if (typeof value === 'string' && value !== '') {
        form.set(key, value)
      }
    }
    return run(() => api.post<PicturesView>(`/pieces/${piece}/pictures`, form))
  }
  const run = async (act: () => Promise<PicturesView>): Promise<boolean> => {
    busy.value = true
    try {
      pictures.value = await act()
      refused.value = ''
      return true
    } catch (error) {
      refused.value = error instanceof Problem ? error.detail : 'That did not work.'
      return false
    } finally {
      busy.value = false
    }
  }
  return { pictures, problem, refused, busy, reload, add, remove: (id: number) => run(() => api.remove<PicturesView>(`/pictures/${id}`)) }
}
