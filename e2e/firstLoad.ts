import { gzipSync } from 'node:zlib'

/** First-load script a view may have, bytes gzip. */
export const SCRIPT_LIMIT = 220 * 1024

/** Script a view loads at first, bytes gzip. @param sizes of scripts that were measured already */
export async function firstLoad(
  url: string,
  view: string,
  sizes: Map<string, number> = new Map(),
): Promise<number> {
  const html = await (await fetch(url + view)).text()
  const scripts = new Set(
    [...html.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)]
      .filter(([tag]) => !/nomodule/i.test(tag))
      .map(([, src]) => src),
  )
  let total = 0
  for (const src of scripts) {
    if (!sizes.has(src))
      sizes.set(src, gzipSync(Buffer.from(await (await fetch(url + src)).arrayBuffer())).length)
    total += sizes.get(src)!
  }
  return total
}
