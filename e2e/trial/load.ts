import { startServer } from '../server'
import { VIEWS } from '../views'
import { ask, randomFrom, tell } from './door'
import { knownDesk, pullEntry, SLUG } from './log'

const AT_ONCE = 4
const MB_SAMPLE_MS = 5000

export interface Loaded {
  seconds: number
  requests: number
  answered5xx: number
  hangs: number
  /** ms */
  median: number
  p95: number
  /** after the first minute or fifth, and at the end, MB */
  memoryEarly: number
  memoryEnd: number
  memoryMost: number
}

/** People look at every view while desks pull, for a while and each so many times at least, however slow the machine; memory is watched. */
export async function loadMixed(seconds: number, seed: number, looksEach = 1): Promise<Loaded> {
  const random = randomFrom(seed)
  const server = await startServer({ sample: true })
  try {
    const desk = await knownDesk(server)
    const end = performance.now() + seconds * 1000
    const took: number[] = []
    const memory: number[] = []
    let [answered5xx, hangs, pulls] = [0, 0, 0]
    const watch = setInterval(() => memory.push(server.memoryMb()), Math.min(MB_SAMPLE_MS, seconds * 50))
    const person = async () => {
      for (let looks = 0; looks < looksEach || performance.now() < end; looks++) {
        const reply =
          random() < 0.1
            ? await tell(`${server.url}/desk/${SLUG}/sync`, {
                entries: [pullEntry(desk, `load-${(pulls += 1)}`, [{ kind: 'eye', reading: 'same' }])],
              })
            : await ask(server.url + VIEWS[Math.floor(random() * VIEWS.length)])
        took.push(reply.ms)
        if (reply.status >= 500) answered5xx += 1
        if (reply.isHung) hangs += 1
      }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, person))
    clearInterval(watch)
    took.sort((a, b) => a - b)
    return {
      seconds,
      requests: took.length,
      answered5xx,
      hangs,
      median: took[Math.floor(took.length / 2)],
      p95: took[Math.floor(took.length * 0.95)],
      memoryEarly: memory[Math.floor(memory.length / 5)],
      memoryEnd: memory.at(-1)!,
      memoryMost: Math.max(...memory),
    }
  } finally {
    await server.remove()
  }
}
