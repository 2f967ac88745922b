import { z } from 'zod'
import type { DeskEntry } from '@/core/edition/deskEntry'
import type { DeskMemory, Waiting } from './deskMemory'

const KIND = 'typothesis-desk'

const fileSchema = z.looseObject({
  kind: z.literal(KIND),
  slug: z.string(),
  entries: z.array(z.looseObject({ kind: z.string(), id: z.string(), version: z.number().int().positive() })),
})

/** What waits at a desk as a file, to be taken to another device or another address of this workshop. */
export const writeDeskFile = (slug: string, queue: readonly Waiting[]): string =>
  JSON.stringify(
    { kind: KIND, slug, entries: queue.map(({ version, entry }) => ({ ...entry, version })) },
    null,
    1,
  )

/**
 * Adds what such a file holds to a desk's memory; what is there already is not added twice.
 *
 * @returns the memory after it and how many came, or what is wrong with the file
 */
export function takeDeskFile(
  memory: DeskMemory,
  slug: string,
  text: string,
): { memory: DeskMemory; came: number } | { problem: string } {
  let said: unknown
  try {
    said = JSON.parse(text)
  } catch {
    return { problem: 'This is no file of a pull desk: it cannot be read.' }
  }
  const { data } = fileSchema.safeParse(said)
  if (!data) return { problem: 'This is no file of a pull desk.' }
  if (data.slug !== slug) return { problem: `This is of another job’s desk: ${data.slug}.` }
  const known = new Set(memory.queue.map(({ entry }) => entry.id))
  const news = data.entries
    .filter(({ id }) => !known.has(id))
    .map(({ version, ...entry }) => ({ version, entry: entry as unknown as DeskEntry, refused: null }))
  return { memory: { ...memory, queue: [...memory.queue, ...news] }, came: news.length }
}
