/** What came back from the server, or that nothing did. */
export interface Reply {
  /** 0: the connection ended before an answer */
  status: number
  body: unknown
  /** it had to be given up */
  isHung: boolean
  ms: number
}

/** An answer that takes longer hangs, ms. */
const HANGS_MS = 15_000

/** Asks the server as one of its own pages would. */
export async function ask(
  url: string,
  {
    body,
    headers = {},
    method = body === undefined ? 'GET' : 'POST',
  }: {
    body?: string | Uint8Array
    headers?: Record<string, string>
    method?: string
  } = {},
): Promise<Reply> {
  const began = performance.now()
  try {
    const reply = await fetch(url, {
      method,
      redirect: 'manual',
      headers: { origin: new URL(url).origin, ...headers },
      body: body as BodyInit | undefined,
      signal: AbortSignal.timeout(HANGS_MS),
    })
    const text = await reply.text()
    let said: unknown = text
    try {
      said = JSON.parse(text)
    } catch {
      // Not every door speaks JSON.
    }
    return { status: reply.status, body: said, isHung: false, ms: performance.now() - began }
  } catch (error) {
    const isHung = error instanceof DOMException && error.name === 'TimeoutError'
    return { status: 0, body: null, isHung, ms: performance.now() - began }
  }
}

/** Sends JSON. */
export const tell = (url: string, what: unknown): Promise<Reply> =>
  ask(url, { body: JSON.stringify(what), headers: { 'content-type': 'application/json' } })

/** Numbers that look random and come again with the same seed (mulberry32). */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}
