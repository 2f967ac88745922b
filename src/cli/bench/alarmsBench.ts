import { EMPTY_BENCH } from '@/core/prove/settings'
import { runSeries } from '@/core/edition/editionProgress'
import { findDrifts } from '@/core/edition/holdEdition'
import { QUANTITY_KEYS, type Quantity } from '@/core/edition/quantities'
import type { EyeReading, Pull, PullEvent } from '@/core/edition/pull'
import { normals, uniforms } from '@/core/stats/random'

const EDITIONS = 500
const PULLS = 24
/** Wanted of stable editions at the most, with five charts and the eye. */
const WANTED = 0.1
/** Means and scatters of single prints that readings usually have, as recorded in the sample. */
const USUAL: Record<Quantity, [mean: number, sd: number]> = {
  uptakePercent: [55, 1.5],
  plateC: [37, 0.5],
  tone1: [1.4, 0.012],
  tone2: [0.9, 0.012],
  tone3: [0.32, 0.012],
}

type Moved = (quantity: Quantity, pull: number) => number

function edition(next: () => number, uniform: () => number, moved: Moved): Pull[] {
  return Array.from({ length: PULLS }, (_, i): Pull => {
    const seen = uniform()
    const sides: EyeReading = seen < 0.3 ? 'darker' : 'same'
    const reading: EyeReading = seen < 0.15 ? 'lighter' : sides
    const events: PullEvent[] = [
      { kind: 'eye', reading },
      ...QUANTITY_KEYS.map((quantity): PullEvent => {
        const [mean, sd] = USUAL[quantity]
        return { kind: 'reading', quantity, value: mean + sd * (next() + moved(quantity, i + 1)) }
      }),
    ]
    const at = new Date(Date.UTC(2031, 4, 2, 8, 20 * i)).toISOString()
    return {
      id: `p${i}`,
      number: i + 1,
      kind: 'edition',
      pulledAt: at,
      zone: 'Etc/UTC',
      estimated: false,
      settings: EMPTY_BENCH as Pull['settings'],
      hands: { inked: 'Ida Quill', wiped: null, laid: null },
      expected: null,
      expectation: '',
      batVersion: 1,
      events: events.map((event) => ({ event, at, by: 'Ida Quill', why: null })),
    }
  })
}

/** Which charts say something at any pull of an edition. */
function heard(pulls: readonly Pull[]): Set<string> {
  const said = new Set<string>()
  for (let n = 6; n <= pulls.length; n++) {
    const sofar = pulls.slice(0, n)
    for (const { quantity } of findDrifts(sofar, runSeries(sofar, null))) said.add(quantity)
  }
  return said
}

/** How often a stable edition is told of a shift that is none, chart by chart, and how often a true one is heard. */
export function benchAlarms(): boolean {
  const [next, uniform] = [normals(2033), uniforms(2034)]
  const tally = new Map<string, number>()
  let any = 0
  for (let i = 0; i < EDITIONS; i++) {
    const said = heard(edition(next, uniform, () => 0))
    if (said.size > 0) any += 1
    for (const one of said) tally.set(one, (tally.get(one) ?? 0) + 1)
  }
  const percent = (count: number, of = EDITIONS) => `${((100 * count) / of).toFixed(1)} %`
  console.log(
    `${EDITIONS} stable editions of ${PULLS} pulls, five charts and the eye, looked at after every pull: ${percent(any)} hear a false alarm (wanted at most ${100 * WANTED} %); of it ${['eye', ...QUANTITY_KEYS].map((one) => `${one} ${percent(tally.get(one) ?? 0)}`).join(', ')}`,
  )
  const power = (words: string, moved: Moved) => {
    const half = EDITIONS / 2
    const count = Array.from({ length: half }, () => heard(edition(next, uniform, moved))).filter((said) =>
      said.has('plateC'),
    ).length
    console.log(`${words}: heard by pull ${PULLS} in ${percent(count, half)}`)
  }
  const only =
    (by: (pull: number) => number): Moved =>
    (quantity, pull) =>
      quantity === 'plateC' ? by(pull) : 0
  power(
    'a step of 1.5 σ at pull 13',
    only((pull) => (pull > 12 ? 1.5 : 0)),
  )
  power(
    'a step of 3 σ at pull 13',
    only((pull) => (pull > 12 ? 3 : 0)),
  )
  power(
    'a drift of 2 σ over pulls 13 to 24',
    only((pull) => (2 * Math.max(0, pull - 12)) / 12),
  )
  return any <= WANTED * EDITIONS
}
