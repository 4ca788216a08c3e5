import { build, lastSeen, remember } from './seen'
import { t } from '../words'

/** A refusal or a fault as the API says it (RFC 9457), ready to be shown. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly type: string,
    readonly overridable: boolean,
    readonly errors: Readonly<Record<string, string>>,
    /** out of reach: what was asked for, as it was seen last on this device */
    readonly seen?: unknown,
  ) {
    super(detail)
  }
}

interface ProblemDocument {
  status?: number
  detail?: string
  type?: string
  overridable?: boolean
  errors?: { field: string, message: string }[]
}

let csrfToken = ''
export const setCsrfToken = (token: string): void => {
  csrfToken = token
}

/** Reads the session anew where another page has signed in meanwhile, and its token with it; answers whether it is still the same person. */
let renew: () => Promise<boolean> = () => Promise.resolve(false)
export const whenTokenIsOld = (then: () => Promise<boolean>): void => {
  renew = then
}

/** What matters asks for the password once more; answers whether it was given. */
let beSure: () => Promise<boolean> = () => Promise.resolve(false)
export const whenSureIsAsked = (then: () => Promise<boolean>): void => {
  beSure = then
}

/** An answer comes from another build of the application than this page. */
let onNewer: () => void = () => undefined
export const whenNewer = (then: () => void): void => {
  onNewer = then
}

let onSignedOut: () => void = () => undefined
export const whenSignedOut = (then: () => void): void => {
  onSignedOut = then
}

const problemOf = async (response: Response): Promise<Problem> => {
  const document: ProblemDocument = await response.json().catch(() => ({}))
  const errors = Object.fromEntries((document.errors ?? []).map((e) => [e.field, e.message]))
  return new Problem(response.status, document.detail ?? t('api.client.thatDidNotWork'), document.type ?? 'about:blank', document.overridable ?? false, errors)
}

/** What a browser sends to the end although its page is gone. */
const KEPT_ALIVE_BYTES = 60_000

const send = async (method: string, path: string, body: unknown, key: string, first: boolean): Promise<Response> => {
  const headers: Record<string, string> = { Accept: 'application/json' }
  const form = body instanceof FormData
  if (method !== 'GET') {
    if (!form) {
      headers['Content-Type'] = 'application/json'
    }
    headers['X-CSRF-Token'] = csrfToken
    headers['Idempotency-Key'] = key
  }
  if (method === 'GET') {
    return fetch(`/api${path}`, { method, headers, credentials: 'same-origin' })
  }
  const sent = form ? body : JSON.stringify(body ?? {})
  // A browser keeps only so much alive in all: what finds no room is sent again without.
  const keepalive = first && typeof sent === 'string' && new Blob([sent]).size < KEPT_ALIVE_BYTES
  return fetch(`/api${path}`, { method, headers, credentials: 'same-origin', body: sent, keepalive })
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

let underWay = 0
/** Says on the page itself that something is being done, for whoever waits until it is. */
const mark = (by: number): void => {
  underWay += by
  document.documentElement.toggleAttribute('data-acting', underWay > 0)
}
const marked = async <T>(act: Promise<T>): Promise<T> => {
  mark(1)
  try {
    return await act
  } finally {
    mark(-1)
  }
}

/** A lost answer is asked for again with the same key, so that nothing is done twice. */
const request = async <T>(method: string, path: string, body?: unknown, key: string = crypto.randomUUID()): Promise<T> => {
  let renewed = false
  for (let attempt = 0; ; attempt++) {
    let response: Response
    try {
      response = await send(method, path, body, key, attempt === 0)
    } catch {
      if (attempt < 2) {
        await pause(500 * 2 ** attempt)
        continue
      }
      const seen = method === 'GET' ? await lastSeen(path) : undefined
      throw new Problem(0, t('api.client.theWorkshopsComputerCannotBe'), 'away', false, {}, seen)
    }
    if (response.status === 503 && attempt < 2) {
      await pause(800 * 2 ** attempt)
      continue
    }
    if (!response.ok) {
      const problem = await problemOf(response)
      if (problem.type === 'csrf' && !renewed) {
        renewed = true
        if (await renew()) {
          continue
        }
        throw new Problem(401, t('api.client.somebodyElseIsSignedIn'), 'somebody-else', false, {})
      }
      if (problem.type === 'password-asked' && await beSure()) {
        continue
      }
      if (response.status === 401 && path !== '/sign-in') {
        onSignedOut()
      }
      throw problem
    }
    const of = response.headers.get('X-Kind-Heel-Build') ?? ''
    if (of !== '' && build !== '' && of !== build) {
      onNewer()
    }
    const answer = await response.json() as T
    if (method === 'GET') {
      void remember(path, answer)
    }
    return answer
  }
}

export const api = {
  get: <T>(path: string): Promise<T> => request<T>('GET', path),
  post: <T>(path: string, body?: unknown): Promise<T> => marked(request<T>('POST', path, body)),
  /** The same key again asks for the same act, not for another. */
  postOnce: <T>(path: string, body: unknown, key: string): Promise<T> => marked(request<T>('POST', path, body, key)),
  put: <T>(path: string, body?: unknown): Promise<T> => marked(request<T>('PUT', path, body)),
  remove: <T>(path: string, body?: unknown): Promise<T> => marked(request<T>('DELETE', path, body)),
}
