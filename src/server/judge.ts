/** What is looked at of a request before anything else is. */
export interface Asked {
  method: string
  /** path and query, as they were sent */
  url: string
  host: string | undefined
  origin: string | undefined
  /** bytes it says it brings; undefined: it does not say */
  contentLength: string | undefined
  /** it brings what it has not counted */
  isChunked: boolean
  /** where the framework’s own script says it stands; undefined: it does not say */
  routerState?: string | string[]
}

/** Why a request is turned away. */
export interface Refusal {
  status: 400 | 403 | 411 | 413 | 421
  words: string
}

const LONGEST_URL = 4096
/** Most bytes a request may bring: a zipped job folder. What a pull desk sends is far smaller. */
export const MOST_BYTES = 210 * 1024 * 1024
const MOST_DESK_BYTES = 16 * 1024 * 1024
/** What only asks may come from anywhere: the browser shows it to nobody but this origin. */
const ASKS = new Set(['GET', 'HEAD', 'OPTIONS'])

/** The names this machine answers to by itself on a port. */
export const ownHosts = (port: number): string[] =>
  ['127.0.0.1', 'localhost', '[::1]'].map((name) => `${name}:${port}`)

/**
 * Where somebody is sent on to who asks by another name of this machine: what a browser keeps, it keeps by address, so there is one only.
 *
 * @returns null: they ask by the proper name, or bring something
 */
export function properAddress(
  { method, url, host }: Pick<Asked, 'method' | 'url' | 'host'>,
  port: number,
): string | null {
  const [proper] = ownHosts(port)
  return method === 'GET' && host?.toLowerCase() !== proper ? `http://${proper}${url}` : null
}

/** Whether a path can be read: it begins at the root, holds no control character, and all that is escaped in it is text. */
function isReadable(url: string): boolean {
  if (!url.startsWith('/') || url.startsWith('//') || url.includes('\\') || url.length > LONGEST_URL)
    return false
  try {
    const [path, query = ''] = url.split('?', 2)
    decodeURIComponent(query.replace(/\+/g, ' '))
    return !/[\u0000-\u001f\u007f]/.test(decodeURIComponent(path))
  } catch {
    return false
  }
}

/** Longest word of where a page stands that the framework reads. */
const LONGEST_STATE = 40_000

/** Whether where a page says it stands can be read: the framework breaks off at what cannot, as if it were at fault. */
function isState(said: string | string[] | undefined): boolean {
  if (said === undefined) return true
  if (Array.isArray(said) || said.length > LONGEST_STATE) return false
  try {
    const state: unknown = JSON.parse(decodeURIComponent(said))
    return Array.isArray(state) && state.length >= 2 && typeof state[1] === 'object' && state[1] !== null
  } catch {
    return false
  }
}

function refuseBody({ url, contentLength, isChunked }: Asked): Refusal | null {
  if (isChunked) return { status: 411, words: 'Say how many bytes come.' }
  if (contentLength === undefined) return null
  const bytes = Number(contentLength)
  if (!/^\d+$/.test(contentLength)) return { status: 400, words: 'This is no number of bytes.' }
  const most = url.startsWith('/desk/') ? MOST_DESK_BYTES : MOST_BYTES
  return bytes > most
    ? { status: 413, words: `This is too large: at most ${Math.floor(most / 1024 / 1024)} MB are taken.` }
    : null
}

/**
 * Looks at a request at the door. A page of another origin that found this address, or gave it a name of its own, gets nothing and
 * changes nothing.
 *
 * @param hosts the names this workshop answers to, each with its port
 * @param scheme how it is asked
 * @returns why it is turned away; null: it may come in
 */
export function judge(
  asked: Asked,
  hosts: readonly string[],
  scheme: 'http' | 'https' = 'http',
): Refusal | null {
  const host = asked.host?.toLowerCase()
  if (host === undefined || !hosts.includes(host))
    return { status: 421, words: 'This workshop does not answer to that name.' }
  if (!isReadable(asked.url)) return { status: 400, words: 'This address cannot be read.' }
  if (!isState(asked.routerState)) return { status: 400, words: 'Where this page stands cannot be read.' }
  if (ASKS.has(asked.method)) return null
  if (asked.origin !== `${scheme}://${host}`)
    return { status: 403, words: 'Changes are taken from this workshop’s own pages only.' }
  return refuseBody(asked)
}
