import { randomBytes } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { peek } from '../actWords'
import { cookieOf, SESSION, setCookie, WAITING } from './cookies'
import { PAIRED_DAYS, type Devices } from './devices'
import { pagePolicy, pairPage, REFUSED_WORDS, waitingPage } from './pages'
import { CODE_MS, type Pairing } from './pairing'
import { DEVICE_HOMES, PAIR_PATH } from './roles'

const MOST_BYTES = 2048
const PAIRED_SECONDS = PAIRED_DAYS * 86_400

const mark = (): string => randomBytes(16).toString('base64')

/** Answers with a page that stands by itself. @param policy what it may load; left out: nothing */
export function sendPage(
  response: ServerResponse,
  make: (nonce: string) => string,
  { status = 200, cookies = [] as string[], policy = pagePolicy } = {},
): void {
  const nonce = mark()
  response.writeHead(status, {
    'content-type': 'text/html; charset=utf-8',
    'content-security-policy': policy(nonce),
    'x-content-type-options': 'nosniff',
    // With none at all a browser would not say where a form comes from.
    'referrer-policy': 'same-origin',
    'cache-control': 'no-store',
    ...(cookies.length > 0 ? { 'set-cookie': cookies } : {}),
  })
  response.end(make(nonce))
}

/** Sends a browser on. */
export function sendOn(response: ServerResponse, location: string, cookies: string[] = []): void {
  response.writeHead(303, {
    location,
    'cache-control': 'no-store',
    ...(cookies.length > 0 ? { 'set-cookie': cookies } : {}),
  })
  response.end()
}

/** The pairing page: a code and a name are given, then it waits until the machine has let the device in. */
export function answerPairing({ pairing, devices }: { pairing: Pairing; devices: Devices }) {
  const look = (request: IncomingMessage, response: ServerResponse) => {
    const token = cookieOf(request.headers.cookie, WAITING)
    if (token === null) return sendPage(response, (nonce) => pairPage(nonce, null))
    const standing = pairing.collect(token)
    if (standing.stand === 'waiting') return sendPage(response, (nonce) => waitingPage(nonce, standing.name))
    const forget = setCookie(WAITING, '', 0)
    if (standing.stand === 'gone')
      return sendPage(
        response,
        (nonce) =>
          pairPage(nonce, 'The machine did not let this device in. Make a new code there to try again.'),
        { cookies: [forget] },
      )
    const session = devices.pair(standing.device)
    return sendOn(response, DEVICE_HOMES[standing.device.role], [
      setCookie(SESSION, session, PAIRED_SECONDS),
      forget,
    ])
  }
  const ask = async (request: IncomingMessage, response: ServerResponse) => {
    if (Number(request.headers['content-length'] ?? 0) > MOST_BYTES)
      return sendPage(response, (nonce) => pairPage(nonce, 'This is too long.'), { status: 413 })
    const said = new URLSearchParams((await peek(request))?.toString('utf8') ?? '')
    const name = said.get('name') ?? ''
    const answer = pairing.ask(said.get('code') ?? '', name)
    if ('token' in answer)
      return sendOn(response, PAIR_PATH, [setCookie(WAITING, answer.token, CODE_MS / 1000)])
    sendPage(response, (nonce) => pairPage(nonce, REFUSED_WORDS[answer.refused], name), { status: 403 })
  }
  return async (request: IncomingMessage, response: ServerResponse): Promise<void> =>
    request.method === 'POST' ? ask(request, response) : look(request, response)
}
