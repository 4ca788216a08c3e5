import { computed, ref } from 'vue'
import { api, setCsrfToken } from '../api/client'
import type { SessionView } from '../api/types'

const session = ref<SessionView | null>(null)
const chosen = ref<string | null>(null)
/** How far this browser's clock is behind the workshop's, in milliseconds. */
const behind = ref(0)

const take = (view: SessionView): void => {
  session.value = view
  setCsrfToken(view.csrfToken)
  behind.value = Date.parse(view.now) - Date.now()
}

/** Who is signed in, and the workshop's clock. */
export const useSession = () => ({
  person: computed(() => session.value?.person ?? null),
  timezone: computed(() => session.value?.timezone ?? 'UTC'),
  behind,
  demo: computed(() => session.value?.demo ?? false),
  alarm: computed(() => chosen.value ?? session.value?.alarm ?? 'bell'),
  /** The workshop's computer has just said what time it is. */
  sync: (now: string): void => {
    behind.value = Date.parse(now) - Date.now()
  },
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
