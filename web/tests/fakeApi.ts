import { vi } from 'vitest'

/** A request as it went out. */
export interface Sent { readonly method: string, readonly path: string, readonly body: unknown, readonly key: string, readonly keepalive: boolean }

type Answer = { readonly status: number, readonly body: unknown } | 'lost'

export const ok = (body: unknown): Answer => ({ status: 200, body })
export const refuses = (status: number, detail: string, more: Record<string, unknown> = {}): Answer => ({ status, body: { detail, ...more } })
/** Nothing comes back: the cable is out, or the answer got lost on its way. */
export const lost: Answer = 'lost'

/** Stands in for the workshop's computer: answers what it is told, in order, and remembers what it was asked. */
export const fakeApi = (...answers: Answer[]) => {
  const sent: Sent[] = []
  const waiting = [...answers]
  vi.stubGlobal('fetch', async (url: string, init: RequestInit): Promise<Response> => {
    const headers = init.headers as Record<string, string>
    sent.push({
      method: init.method ?? 'GET',
      path: url.replace(/^\/api/, ''),
      body: typeof init.body === 'string' ? JSON.parse(init.body) as unknown : init.body,
      key: headers['Idempotency-Key'] ?? '',
      keepalive: init.keepalive ?? false,
    })
    const answer = waiting.shift()
    if (answer === undefined) {
      throw new Error(`Nobody answers ${url}.`)
    }
    // Like a real one, never at once.
    await Promise.resolve()
    if (answer === 'lost') {
      throw new TypeError('Failed to fetch')
    }
    return new Response(JSON.stringify(answer.body), { status: answer.status })
  })
  return {
    sent,
    answers: (...more: Answer[]): void => {
      waiting.push(...more)
    },
  }
}
