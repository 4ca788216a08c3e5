/**
 * What the workshop's computer said last, kept on this device for when a page is loaded while it is away. Only of this build of the application, and only until
 * somebody signs out.
 */
const NAME = 'kindheel-seen'
const KEPT = /^\/(session|bench|words|pots\/\d+|pieces\/\d+(\/plan)?)$/
/** What is looked at every other second is not written as often. */
const REST_MS = 5000

/** The script that this page was loaded with: each build has its own. */
export const build = document.querySelector('script[type=module][src*="/build/"]')?.getAttribute('src')?.split('/build/').at(-1) ?? ''
const CACHE = `${NAME} ${build}`
const written = new Map<string, number>()
const here = (): boolean => typeof caches !== 'undefined'

export const remember = async (path: string, answer: unknown, atOnce = false): Promise<void> => {
  const now = Date.now()
  if (!here() || !KEPT.test(path) || !atOnce && Math.abs(now - (written.get(path) ?? 0)) < REST_MS) {
    return
  }
  written.set(path, now)
  await caches.open(CACHE).then((cache) => cache.put(`/seen${path}`, new Response(JSON.stringify(answer)))).catch(() => undefined)
}

export const lastSeen = async (path: string): Promise<unknown> => {
  if (!here() || !KEPT.test(path)) {
    return undefined
  }
  const found = await caches.open(CACHE).then((cache) => cache.match(`/seen${path}`)).catch(() => undefined)
  return found?.json() as Promise<unknown> | undefined
}

/** Of another build, or of somebody who has gone. */
export const forget = async (which: (name: string) => boolean = () => true): Promise<void> => {
  written.clear()
  if (here()) {
    const names = await caches.keys().catch((): string[] => [])
    await Promise.all(names.filter((name) => name.startsWith(NAME) && which(name)).map((name) => caches.delete(name)))
  }
}

export const forgetOtherBuilds = (): Promise<void> => forget((name) => name !== CACHE)
