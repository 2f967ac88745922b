import { counted } from '@/core/units/counted'
import { playDays } from '@/core/day/chanceOfFinishing'
import type { DaySetting } from '@/core/day/dayPlan'
import { sampleDay } from '@/core/day/sampleDay.test.fixture'
import { orderFlow } from '@/core/day/flowOrder'
import { queueBound, queuePeople, type QueuedPerson } from '@/core/day/pressQueue'

const PEOPLE = 60
const DAYS = 10_000
const SETTING: DaySetting = { ...sampleDay, pulls: 24, tubSheets: 4 }

/** People with plates and times that follow from their place in the list. */
const crowd: QueuedPerson[] = Array.from({ length: PEOPLE }, (_, i) => ({
  name: `Guest ${i + 1}`,
  prepMinutes: 8 + ((i * 37) % 23),
  pressMinutes: 4 + ((i * 17) % 9),
  thicknessMm: [0.5, 0.8, 1, 1.2][i % 4],
}))

function timed<T>(act: () => T): { result: T; ms: number } {
  const began = performance.now()
  const result = act()
  return { result, ms: performance.now() - began }
}

/** Queues 60 people and plays 10 000 days of 24 impressions, each beside a plain reference in this process. */
export function benchPlan(): boolean {
  const johnson = timed(() =>
    orderFlow({
      tasks: crowd.map(({ name, prepMinutes, pressMinutes }) => ({ name, prepMinutes, pressMinutes })),
    }),
  )
  const cases = [
    [1, 1],
    [4, 1],
    [4, 2],
  ] as const
  const queued = cases.map(([places, presses]) => {
    const { result, ms } = timed(() => queuePeople({ people: crowd, places, presses, order: 'soonest' }))
    const bound = queueBound(crowd, places, presses)
    console.log(
      `${PEOPLE} people, ${places} places, ${counted(presses, 'press', 'presses')}: ${ms.toFixed(1)} ms (wanted under 500; Johnson’s rule alone takes ${johnson.ms.toFixed(2)} ms, ratio ${(ms / johnson.ms).toFixed(0)}); ends after ${result.endMinutes} min, ${((100 * (result.endMinutes - bound)) / bound).toFixed(1)} % over the bound`,
    )
    return ms
  })
  // The reference: as many normal deviates and exponentials, and nothing else.
  const draws = timed(() => {
    let sum = 0
    for (let i = 0; i < DAYS * SETTING.pulls * 2; i++)
      sum += Math.exp(0.2 * Math.sqrt(-2 * Math.log(((i % 9973) + 1) / 9974)) * Math.cos(i))
    return sum
  })
  const played = timed(() =>
    playDays(SETTING, 0, [{ from: 180, to: 210 }], { inkWipe: 0.2, pull: 0.15 }, DAYS, 1),
  )
  console.log(
    `${DAYS} days of ${SETTING.pulls} impressions: ${played.ms.toFixed(0)} ms (wanted under 2000; the bare draws ${draws.ms.toFixed(0)} ms, ratio ${(played.ms / draws.ms).toFixed(2)})`,
  )
  return queued.every((ms) => ms < 500) && played.ms < 2000
}
