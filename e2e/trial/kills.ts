import { setTimeout as rest } from 'node:timers/promises'
import sharp from 'sharp'
import { startServer } from '../server'
import { ask, randomFrom, tell } from './door'
import { examine, knownDesk, pullEntry, pullsAtServer, SLUG } from './log'

const WRITERS = 6
/** After a start the server lives so long at the most, ms. */
const LONGEST_LIFE_MS = 1500

export interface Killed {
  kills: number
  confirmed: number
  lost: number
  doubled: number
  isWell: boolean
  said: string
}

/** Ends the server at random moments while six write, and counts what of the confirmed is there afterwards, once. */
export async function killUnderWriters(kills: number, seed: number): Promise<Killed> {
  const random = randomFrom(seed)
  const server = await startServer({ sample: true })
  try {
    const desk = await knownDesk(server)
    const confirmed = new Set<string>()
    const pictures = new Set<string>()
    let isOver = false
    const writer = async (name: number) => {
      for (let i = 0; !isOver; i++) {
        // Sent until it is confirmed, as a desk does: the same id every time.
        const id = `kill-${name}-${i}`
        const entries = [pullEntry(desk, id, [{ kind: 'eye', reading: 'same' }])]
        while (!isOver) {
          const { status, body } = await tell(`${server.url}/desk/${SLUG}/sync`, { entries })
          const outcomes = (body as { outcomes?: { outcome: string }[] } | null)?.outcomes
          if (status === 200 && outcomes && outcomes[0].outcome !== 'refused') {
            confirmed.add(id)
            break
          }
          await rest(40)
        }
      }
    }
    const painter = async () => {
      for (let i = 0; !isOver; i++) {
        const grey = { r: i % 256, g: (i >> 8) % 256, b: 7 }
        const png = await sharp({ create: { width: 40, height: 30, channels: 3, background: grey } })
          .png()
          .toBuffer()
        const { status, body } = await ask(`${server.url}/pictures`, { body: png })
        if (status === 200) pictures.add((body as { id: string }).id)
        else await rest(40)
      }
    }
    const writers = [...Array.from({ length: WRITERS - 1 }, (_, name) => writer(name)), painter()]
    for (let i = 0; i < kills; i++) {
      await rest(random() * LONGEST_LIFE_MS)
      await server.kill()
      await server.restart()
    }
    isOver = true
    await Promise.all(writers)
    const there = await pullsAtServer(server)
    const times = new Map<string, number>()
    for (const { id } of there) times.set(id, (times.get(id) ?? 0) + 1)
    const numbers = there.filter(({ kind }) => kind === 'edition').map(({ number }) => number)
    const shown = await Promise.all(
      [...pictures].map(async (id) => (await ask(`${server.url}/pictures/${id}/view`)).status === 200),
    )
    await server.kill()
    const { isWell, said } = examine(server)
    return {
      kills,
      confirmed: confirmed.size + pictures.size,
      lost: [...confirmed].filter((id) => !times.has(id)).length + shown.filter((one) => !one).length,
      doubled:
        [...times.values()].filter((count) => count > 1).length + numbers.length - new Set(numbers).size,
      isWell,
      said,
    }
  } finally {
    await server.remove()
  }
}
