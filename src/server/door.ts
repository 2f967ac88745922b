import { randomBytes } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { bringsActText, isActText, peek } from './actWords'
import { answerHeaders, ownHeaders } from './headers'
import { judge, type Refusal } from './judge'
import { ASKING_HEADER, askingOf, type Asking } from './share/roles'
import { isSame, makeToken } from './share/secret'

/**
 * An act that a page cannot do itself the framework sends on to one that can: as a request of this process to its own door on this machine,
 * with the headers of the first. By this word, which nobody outside ever sees, such a request is known, and stays whose it was.
 */
const INSIDE = makeToken()
const INSIDE_HEADER = 'x-typothesis-inside'

/** Who asked, of a request the framework sends to itself; null: it comes from outside. */
export function askingInside({ headers }: Pick<IncomingMessage, 'headers'>): Asking | null {
  const said = headers[INSIDE_HEADER]
  if (typeof said !== 'string' || !isSame(said, INSIDE)) return null
  return askingOf(String(headers[ASKING_HEADER] ?? ''))
}

/** How the framework answers a request. */
export type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>

/** Turns a request away. What it brings is not read. */
export function turnAway(response: ServerResponse, status: number, words: string): void {
  response.writeHead(status, {
    'content-type': 'text/plain; charset=utf-8',
    'x-content-type-options': 'nosniff',
    connection: 'close',
  })
  response.end(words)
}

/** What is wrong with a request before anything else is looked at; null: nothing. */
export const refusalOf = (
  { method = 'GET', url = '/', headers }: IncomingMessage,
  hosts: readonly string[],
  scheme: 'http' | 'https',
): Refusal | null =>
  judge(
    {
      method,
      url,
      host: headers.host,
      origin: headers.origin,
      contentLength: headers['content-length'],
      isChunked: headers['transfer-encoding'] !== undefined,
      routerState: headers['next-router-state-tree'],
    },
    hosts,
    scheme,
  )

/**
 * Lets a request in to the framework, which is told who asks.
 *
 * @param handle null: it is not ready yet
 * @param more headers of the door’s own
 */
export function letIn(
  request: IncomingMessage,
  response: ServerResponse,
  handle: Handle | null,
  asking: Asking,
  more: Record<string, string> = {},
): void {
  if (!handle) return turnAway(response, 503, 'The workshop is being opened: try again in a moment.')
  const nonce = randomBytes(16).toString('base64')
  const isInside = askingInside(request) !== null
  const host = isInside ? request.headers['x-forwarded-host'] : request.headers.host
  request.headers = {
    ...ownHeaders(request.headers, nonce, asking),
    ...more,
    [INSIDE_HEADER]: INSIDE,
    // What it sends to itself goes by http, and is held against the host that was asked first.
    'x-forwarded-host': host,
    'x-forwarded-proto': 'http',
  }
  for (const [name, value] of Object.entries(answerHeaders(nonce))) response.setHeader(name, value)
  const answer = async () => {
    // What it sends to itself was looked at before, and comes without its length.
    if (!isInside && bringsActText(request)) {
      const bytes = await peek(request)
      if (!bytes || !isActText(bytes.toString('utf8')))
        return turnAway(response, 400, 'What this act is given cannot be read.')
    }
    await handle(request, response)
  }
  answer().catch((error: unknown) => {
    console.error(error)
    if (!response.headersSent) turnAway(response, 500, 'This could not be answered.')
  })
}
