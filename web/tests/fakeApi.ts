import { vi } from 'vitest'

/** A request as it went out. */
export interface Sent { readonly method: string, readonly path: string, readonly body: unknown, readonly key: string, readonly keepalive: boolean }

type Answer = { readonly status: number, readonly body: unknown } | 'lost'

export const ok = (body: unknown): Answer => ({ status: 200, body })
export const refuses = (status: number, detail: string, more: Record<string, unknown> = {}): Answer => ({ status, body: { detail, ...more } })
/** Nothing comes back: the cable is out, or the answer got lost on its way. */
export const lost: Answer = 'lost'

/** Stands in for the workshop's computer, and remembers what it was asked. */
const standIn = (answerTo: (asked: Sent) => Answer | undefined): Sent[] => {
  const sent: Sent[] = []
  vi.stubGlobal('fetch', async (url: string, init: RequestInit): Promise<Response> => {
    const headers = init.headers as Record<string, string>
    const asked: Sent = {
      method: init.method ?? 'GET',
      path: url.replace(/^\/api/, ''),
      body: typeof init.body === 'string' ? JSON.parse(init.body) as unknown : init.body,
      key: headers['Idempotency-Key'] ?? '',
      keepalive: init.keepalive ?? false,
    }
    sent.push(asked)
    const answer = answerTo(asked)
    if (answer === undefined) {
      throw new Error(`Nobody answers ${asked.method} ${url}.`)
    }
    // Like a real one, never at once.
    await Promise.resolve()
    if (answer === 'lost') {
      throw new TypeError('Failed to fetch')
    }
    return new Response(JSON.stringify(answer.body), { status: answer.status })
  })
  return sent
}

/** The workshop's computer as a list of answers, given in order whatever is asked. */
export const fakeApi = (...answers: Answer[]) => {
  const waiting = [...answers]
  return {
    sent: standIn(() => waiting.shift()),
    answers: (...more: Answer[]): void => {
      waiting.push(...more)
    },
  }
}

/** The workshop's computer by what is asked (“GET /words”): an answer for every time, or what makes one of what was sent. Answers what acts were sent. */
export const serving = (answers: Readonly<Record<string, Answer | ((asked: Sent) => Answer)>>): (() => readonly Sent[]) => {
  const sent = standIn((asked) => {
    const answer = answers[`${asked.method} ${asked.path}`] ?? answers[`${asked.method} ${asked.path.split('?')[0] ?? ''}`]
    return typeof answer === 'function' ? answer(asked) : answer
  })
  return () => sent.filter((asked) => asked.method !== 'GET')
}
