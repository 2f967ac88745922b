import type { IncomingHttpHeaders } from 'node:http'
import { ASKING_HEADER, type Asking } from './share/roles'

/** What pages may load and run: what came from here, scripts by today's mark only. @param nonce that mark, new with every answer */
export const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

/** What every answer says. */
export const answerHeaders = (nonce: string): Record<string, string> => ({
  'content-security-policy': contentPolicy(nonce),
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
})

/** Words of a server in front of this one, or of the framework to itself: there is none, so whoever sends them makes them up. */
const MADE_UP =
  /^(x-forwarded-|forwarded$|x-real-ip$|x-middleware-|x-invoke-|x-nextjs-|x-typothesis-|x-nonce$|content-security-policy)/

/** The headers of a request without what it cannot know. What the framework is told of the page's mark, and of who asks, goes the same way. */
export function ownHeaders(headers: IncomingHttpHeaders, nonce: string, asking: Asking): IncomingHttpHeaders {
  const kept = Object.fromEntries(Object.entries(headers).filter(([name]) => !MADE_UP.test(name)))
  return {
    ...kept,
    'content-security-policy': contentPolicy(nonce),
    'x-nonce': nonce,
    [ASKING_HEADER]: asking,
  }
}
