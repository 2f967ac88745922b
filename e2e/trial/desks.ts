import { pressKey, type DeskKey } from '@/core/edition/deskKeys'
import { FRESH_DESK, unrefused, type DeskMemory } from '@/stations/across/desk/deskMemory'
import type { Desk } from '@/stations/across/desk/deskShape'
import { deskStep } from '@/stations/across/desk/deskSteps'
import { nextToSend, withOutcomes } from '@/stations/across/desk/deskTalk'
import { startServer } from '../server'
import { randomFrom, tell } from './door'
import { pullsAtServer, SLUG } from './log'

const DESKS = 2
/** A key a while apart, ms of the desk's clock: an hour is so many keys. */
const KEY_MS = 6000
const HOUR_MS = 3_600_000
const KEYS: DeskKey[] = [
  'enter',
  'enter',
  'enter',
  'dot',
  '0',
  '0',
  'minus',
  'plus',
  'back',
  '7',
  '8',
  'star',
]

export interface CutOff {
  pulled: number
  lost: number
  doubled: number
  /** pulls whose decision at the server is not the last one said at the desk */
  otherwise: number
  refused: number
}

/** What a desk said last of each pull it did not take back. */
function lastWords(memory: readonly ReturnType<typeof unrefused>[number][]): Map<string, string | null> {
  const words = new Map<string, string | null>()
  for (const entry of memory) {
    if (entry.kind === 'pull') words.set(entry.id, null)
    if (entry.kind === 'withdrawal') words.delete(entry.pullId)
    if (entry.kind !== 'amendment') continue
    const decided = entry.events.findLast(({ kind }) => kind === 'decision')
    if (decided) words.set(entry.pullId, (decided as { decision: string }).decision)
  }
  return words
}

/** Two desks work an hour without the server, each by keys at random, and come back over a line on which every third answer is lost. */
export async function cutOffDesks(seed: number): Promise<CutOff> {
  const random = randomFrom(seed)
  const server = await startServer({ sample: true })
  try {
    const { body } = await tell(`${server.url}/desk/${SLUG}/sync`, { entries: [] })
    const { desk } = body as { desk: Desk }
    const at = Date.now() - HOUR_MS
    let ids = 0
    const desks = Array.from({ length: DESKS }, () => {
      let memory: DeskMemory = { ...FRESH_DESK, warmEnded: '2026-01-01' }
      for (let moment = at; moment < at + HOUR_MS; moment += KEY_MS) {
        const { state, act } = pressKey(memory.state, KEYS[Math.floor(random() * KEYS.length)])
        const now = {
          moment,
          today: memory.warmEnded,
          zone: 'Europe/Lisbon',
          inker: 'Ida Quill',
          rollerSeconds: null,
          makeId: () => `desk-${seed}-${(ids += 1)}`,
        }
        memory = act ? deskStep(memory, act, state, desk, now) : { ...memory, state }
      }
      return memory
    })
    const words = desks.map(({ queue }) => lastWords(unrefused(queue)))
    let refused = 0
    // Both at once, until nothing waits: an answer that is lost has everything of it sent again.
    await Promise.all(
      desks.map(async (first) => {
        for (let memory = first, round = 0; nextToSend(memory.queue).length > 0; round++) {
          const lot = nextToSend(memory.queue).slice(0, 1 + Math.floor(random() * 40))
          const { body: said } = await tell(`${server.url}/desk/${SLUG}/sync`, {
            version: 1,
            entries: lot.map(({ version, entry }) => ({ ...entry, version })),
          })
          if (round % 3 === 2) continue
          memory = withOutcomes(memory, (said as { outcomes: never[] }).outcomes)
          refused += memory.queue.filter((one) => one.refused !== null).length
        }
      }),
    )
    const there = (await pullsAtServer(server)).filter(({ id }) => id.startsWith(`desk-${seed}-`))
    const known = new Map(there.map(({ id, events }) => [id, events]))
    const said = words.flatMap((one) => [...one])
    return {
      pulled: said.length,
      lost: said.filter(([id]) => !known.has(id)).length,
      doubled: there.length - known.size + there.filter(({ id }) => !said.some(([one]) => one === id)).length,
      otherwise: said.filter(([id, decision]) => {
        const held = known.get(id)?.findLast(({ event }) => event.kind === 'decision')?.event.decision
        return (held ?? null) !== decision
      }).length,
      refused,
    }
  } finally {
    await server.remove()
  }
}
