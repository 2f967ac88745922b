/// <reference lib="webworker" />
import { registerRoute } from 'workbox-routing'
import { NetworkFirst, CacheFirst } from 'workbox-strategies'
import { SHELL_KEPT, type KeepShell } from './shellMessages'

declare const self: ServiceWorkerGlobalScope

/** The desk's page and its parts, put in together and never one by one. */
const SHELL = 'typothesis-desk-shell'
const PAGE = '/desk'
/** A server that has not begun to answer by then is away, s. */
const PATIENCE_S = 3

/** A broken answer of the server is none: what is kept here is better. */
const answeredWell = {
  fetchDidSucceed: ({ response }: { response: Response }) => {
    if (response.status >= 500) throw new Error(`The server answers ${response.status}.`)
    return Promise.resolve(response)
  },
}
/** Only the whole shell is put in, by `keepShell`. */
const neverKeeps = { cacheWillUpdate: () => Promise.resolve(null) }

const partsIn = (page: string) => [...page.matchAll(/\/_next\/static\/[^"'\\\s)]+/g)].map(([path]) => path)

/** Keeps the page as the server gives it now with all its parts, or leaves what was kept as it is. */
async function keepShell(parts: readonly string[]): Promise<void> {
  const page = await fetch(PAGE, { cache: 'no-store' })
  if (!page.ok) throw new Error(`the server answers ${page.status}`)
  const wanted = [...new Set([...parts, ...partsIn(await page.clone().text())])]
  const got = await Promise.all(
    wanted.map(async (path) => {
      const part = await fetch(path)
      if (!part.ok) throw new Error(`a part of the page is missing: ${part.status}`)
      return [path, part] as const
    }),
  )
  const shell = await caches.open(SHELL)
  // Parts first, the page last: a page in here has everything it asks for.
  await Promise.all(got.map(([path, part]) => shell.put(path, part)))
  await shell.put(PAGE, page)
  const keep = new Set([PAGE, ...wanted])
  for (const kept of await shell.keys()) if (!keep.has(new URL(kept.url).pathname)) await shell.delete(kept)
}

self.addEventListener('install', () => void self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
self.addEventListener('message', (event: ExtendableMessageEvent) => {
  const { kind, parts } = event.data as KeepShell
  const [port] = event.ports
  if (kind !== 'keep-shell' || !port) return
  event.waitUntil(
    keepShell(parts).then(
      () => port.postMessage(SHELL_KEPT),
      (error: unknown) => port.postMessage(error instanceof Error ? error.message : String(error)),
    ),
  )
})
self.addEventListener('notificationclick', (event) => {
  event.notification.close()
  event.waitUntil(self.clients.matchAll({ type: 'window' }).then(([window]) => window?.focus()))
})

const page = new NetworkFirst({
  cacheName: SHELL,
  networkTimeoutSeconds: PATIENCE_S,
  plugins: [answeredWell, neverKeeps],
})
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && url.pathname === PAGE,
  ({ event }) => page.handle({ event, request: new Request(PAGE) }),
)
// An address of one job's desk, as it stands in bookmarks: the server would send on to the same.
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && /^\/desk\/[^/]+$/.test(url.pathname),
  ({ url }) => Promise.resolve(Response.redirect(`${PAGE}#${url.pathname.slice(PAGE.length + 1)}`)),
)
registerRoute(
  ({ url }) => url.origin === self.location.origin && url.pathname.startsWith('/_next/static/'),
  new CacheFirst({ cacheName: SHELL, plugins: [neverKeeps] }),
)
