import type { IncomingHttpHeaders, IncomingMessage, ServerResponse } from 'node:http'
import { letIn, turnAway, type Handle } from '../door'
import { BEGUN_HEADER } from './takeHeader'
import { takePage, takePolicy } from './takePage'
import { sendPage } from './pairDoor'
import type { WantedPictures } from './wantedPictures'

/** Where a picture is taken with a device that is paired for nothing else: a token follows. */
export const TAKE_PATH = '/take/'
/** Largest picture of a phone, bytes: told before it is read. */
export const LARGEST_TAKEN = 40 * 1024 * 1024

const OVER = 'This is not wanted any more. Ask for it anew on the screen that wants it.'

/** What is read of a request that brings a picture: nothing of it may ask for anything else. */
const READ = ['host', 'content-length', 'content-type', 'x-file-name']
const onlyOfPicture = (headers: IncomingHttpHeaders): IncomingHttpHeaders =>
  Object.fromEntries(Object.entries(headers).filter(([key]) => READ.includes(key)))

/** Answers with the page that opens the camera, and takes what it sends. @param handle the framework; null: not ready yet */
export function answerTaking(wanted: WantedPictures, handle: () => Handle | null) {
  return (request: IncomingMessage, response: ServerResponse): void => {
    const token = request.url!.slice(TAKE_PATH.length)
    if (request.method === 'GET') {
      const what = wanted.whatFor(token)
      return sendPage(response, (nonce) => takePage(nonce, what), {
        status: what === null ? 410 : 200,
        policy: takePolicy,
      })
    }
    if (request.method !== 'POST') return turnAway(response, 405, 'Only a picture is taken here.')
    const bytes = Number(request.headers['content-length'] ?? 0)
    if (bytes === 0) return turnAway(response, 411, 'Send one picture.')
    if (bytes > LARGEST_TAKEN)
      return turnAway(response, 413, `At most ${LARGEST_TAKEN / 1024 / 1024} MB are taken.`)
    const begun = wanted.begin(token)
    if (begun === null) return turnAway(response, 410, OVER)
    response.once('close', () => wanted.release(begun))
    request.url = '/pictures'
    request.headers = onlyOfPicture(request.headers)
    letIn(request, response, handle(), 'desk', { [BEGUN_HEADER]: begun })
  }
}
