import { computed, ref } from 'vue'
import { api, Problem, setCsrfToken, whenTokenIsOld } from '../api/client'
import { forget } from '../api/seen'
import type { BeginInput, SessionView } from '../api/types'
import { sync } from './clock'

const session = ref<SessionView | null>(null)
const chosen = ref<string | null>(null)
const identity = ref<SessionView['workshop']>(null)

/** Who was signed in on this page last: what is tapped while the session ends is theirs. */
const last = ref<SessionView['person']>(null)

const take = (view: SessionView): void => {
  session.value = view
  identity.value = null
  last.value = view.person ?? last.value
  setCsrfToken(view.csrfToken)
  sync(view.now)
}

/** Somebody is signed in: what this device has seen is for whoever saw it. */
const isNow = async (answer: Promise<SessionView>): Promise<void> => {
  const before = last.value?.id
  take(await answer)
  if (last.value?.id !== before) {
    await forget()
  }
}

whenTokenIsOld(async () => {
  const before = session.value?.person?.id
  take(await api.get<SessionView>('/session'))
  return session.value?.person?.id === before
})

/** Who is signed in, and the workshop's clock. */
export const useSession = () => ({
  person: computed(() => session.value?.person ?? null),
  last: computed(() => last.value),
  timezone: computed(() => session.value?.timezone ?? 'UTC'),
  demo: computed(() => session.value?.demo ?? false),
  /** who the workshop is, for papers, and how it says hours */
  workshop: computed(() => identity.value ?? session.value?.workshop ?? null),
  alarm: computed(() => chosen.value ?? session.value?.alarm ?? 'bell'),
  /** The workshop has just said otherwise who it is. */
  is: (workshop: SessionView['workshop']): void => {
    identity.value = workshop
  },
  /** They have said that it was them. */
  notesSeen: (): void => {
    if (session.value?.person) {
      session.value = { ...session.value, person: { ...session.value.person, notes: [] } }
    }
  },
  /** The workshop has just chosen another sound. */
  heard: (sound: string): void => {
    chosen.value = sound
  },
  known: computed(() => session.value !== null),
  load: async (): Promise<void> => {
    try {
      take(await api.get<SessionView>('/session'))
    } catch (error) {
      // Out of reach: who was here goes on, by this device's own clock.
      if (!(error instanceof Problem) || error.seen === undefined || session.value !== null) {
        throw error
      }
      session.value = error.seen as SessionView
      last.value = session.value.person
      setCsrfToken(session.value.csrfToken)
    }
  },
  /** nobody works here yet */
  empty: computed(() => session.value?.empty ?? false),
  signIn: async (login: string, password: string, code: string): Promise<void> => {
    if (session.value === null) {
      take(await api.get<SessionView>('/session'))
    }
    await isNow(api.post<SessionView>('/sign-in', code === '' ? { login, password } : { login, password, code }))
  },
  /** Another goes on at this tablet. */
  takeOver: (person: number, pin: string): Promise<void> => isNow(api.post<SessionView>('/hands', { person, pin })),
  setPassword: (password: string, was = ''): Promise<void> => isNow(api.put<SessionView>('/password', { password, was })),
  begin: (input: BeginInput): Promise<void> => isNow(api.post<SessionView>('/begin', input)),
  signOut: async (): Promise<void> => {
    take(await api.post<SessionView>('/sign-out'))
    await forget()
  },
})
