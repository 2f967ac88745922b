import type { IncomingMessage } from 'node:http'

/** What an act brings beyond this is not looked at here: only files are so large. */
const MOST_LOOKED_AT = 1024 * 1024

/** How the framework writes that a word is a function of the server’s, which no page of ours sends. */
const FUNCTION = /^\$[Fh]/

const holdsFunction = (value: unknown): boolean => {
  if (typeof value === 'string') return FUNCTION.test(value)
  return typeof value === 'object' && value !== null && Object.values(value).some(holdsFunction)
}

/** Whether the text of an act can be read: a list of what it is given. The framework breaks off at any other, as if it were at fault. */
export function isActText(text: string): boolean {
  try {
    const words: unknown = JSON.parse(text)
    return Array.isArray(words) && !holdsFunction(words)
  } catch {
    return false
  }
}

/** Whether a request is an act that came as text, short enough to be looked at. */
export const bringsActText = ({ method, headers }: Pick<IncomingMessage, 'method' | 'headers'>): boolean =>
  method === 'POST' &&
  headers['next-action'] !== undefined &&
  !/^multipart\//i.test(headers['content-type'] ?? '') &&
  Number(headers['content-length'] ?? 0) <= MOST_LOOKED_AT

/** Reads what a request brings, and puts it back for who comes after. @returns null when it is cut off */
export function peek(request: IncomingMessage): Promise<Buffer | null> {
  const wanted = Number(request.headers['content-length'] ?? 0)
  if (wanted === 0) return Promise.resolve(Buffer.alloc(0))
  return new Promise((resolve) => {
    const chunks: Buffer[] = []
    let size = 0
    const finish = (bytes: Buffer | null) => {
      request.off('readable', take)
      request.off('close', cut)
      resolve(bytes)
    }
    const cut = () => finish(null)
    const take = () => {
      while (size < wanted) {
        const chunk = request.read() as Buffer | null
        if (chunk === null) return
        chunks.push(chunk)
        size += chunk.length
      }
      const bytes = Buffer.concat(chunks)
      request.unshift(bytes)
      finish(bytes)
    }
    request.on('readable', take)
    request.on('close', cut)
  })
}
