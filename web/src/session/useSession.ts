import { computed, ref } from 'vue'
import { api, setCsrfToken } from '../api/client'
import type { SessionView } from '../api/types'
import { sync } from './clock'

const session = ref<SessionView | null>(null)
const chosen = ref<string | null>(null)

const take = (view: SessionView): void => {
  session.value = view
  setCsrfToken(view.csrfToken)
  sync(view.now)
}

/** Who is signed in, and the workshop's clock. */
export const useSession = () => ({
  person: computed(() => session.value?.person ?? null),
  timezone: computed(() => session.value?.timezone ?? 'UTC'),
  demo: computed(() => session.value?.demo ?? false),
  alarm: computed(() => chosen.value ?? session.value?.alarm ?? 'bell'),
  /** The workshop has just chosen another sound. */
  heard: (sound: string): void => {
    chosen.value = sound
  },
  known: computed(() => session.value !== null),
  load: async (): Promise<void> => take(await api.get<SessionView>('/session')),
  signIn: async (login: string, password: string): Promise<void> => {
    if (session.value === null) {
      take(await api.get<SessionView>('/session'))
    }
    take(await api.post<SessionView>('/sign-in', { login, password }))
  },
  signOut: async (): Promise<void> => take(await api.post<SessionView>('/sign-out')),
})
