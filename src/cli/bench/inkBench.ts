import { deltaE00 } from '@/core/colour/deltaE00'
import type { Lab } from '@/core/colour/convertXyzToLab'
import { FilmView, type FilmConditions } from '@/core/ink/filmView'
import { LEAST_SHARE, matchInk, RECIPES } from '@/core/ink/matchInk'
import { mixCoefficients, predictInk, type SpectralInk } from '@/core/ink/predictInk'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { uniforms } from '@/core/stats/random'
import { seededShelf } from './seededShelf'

const INKS = 30
const MOST = 3
/** Step of the plain grid: 2.5 %. */
const GRID = 40
const TARGETS = 4
const CONDITIONS: FilmConditions = {
  filmMicrometres: 7,
  paper: RAG_WHITE,
  surface: { k1: 0.04, k2: 0.6 },
  geometry: '45:0',
}

/** The reference: every combination at every 2.5 %, with the same forward code; the best ten combinations. */
function searchGrid(inks: readonly SpectralInk[], target: Lab): number[] {
  const view = new FilmView(CONDITIONS)
  const k = new Float64Array(36)
  const s = new Float64Array(36)
  const score = (used: readonly SpectralInk[], shares: readonly number[]) => {
    k.fill(0)
    s.fill(0)
    used.forEach((ink, n) => {
      for (let i = 0; i < 36; i++) {
        k[i] += shares[n] * ink.k[i]
        s[i] += shares[n] * ink.s[i]
      }
    })
    return deltaE00(target, view.colour(k, s))
  }
  const best: number[] = []
  for (let i = 0; i < inks.length; i++) {
    best.push(score([inks[i]], [1]))
    for (let j = i + 1; j < inks.length; j++) {
      let pair = Infinity
      for (let p = 1; p < GRID; p++)
        pair = Math.min(pair, score([inks[i], inks[j]], [p / GRID, 1 - p / GRID]))
      best.push(pair)
      for (let m = j + 1; m < inks.length; m++) {
        let three = Infinity
        for (let p = 1; p < GRID - 1; p++)
          for (let q = 1; p + q < GRID; q++)
            three = Math.min(
              three,
              score([inks[i], inks[j], inks[m]], [p / GRID, q / GRID, 1 - (p + q) / GRID]),
            )
        best.push(three)
      }
    }
  }
  return best.sort((a, b) => a - b).slice(0, RECIPES)
}

/** Recipe search: time, how many times faster than a plain grid, and how much worse at any rank. */
export function benchInk(): boolean {
  const inks = seededShelf(INKS)
  const next = uniforms(7)
  const targets = Array.from({ length: TARGETS }, (_, t) => {
    const used = [0, 1, 2].map(() => inks[Math.floor(next() * INKS)])
    const { lab } = predictInk({
      inks: used.map((ink, i) => ({ ...ink, name: String(i) })),
      parts: [0.2 + next(), 0.2 + next(), 0.2 + next()],
      ...CONDITIONS,
      paper: [...CONDITIONS.paper],
    })
    // Every other target lies beside what the shelf reaches.
    return t % 2 === 0 ? lab : { L: Math.min(95, lab.L + 6), a: lab.a * 1.5, b: lab.b * 1.5 }
  })
  const match = (target: Lab) =>
    matchInk({ target, inks, maxInks: MOST, ...CONDITIONS, paper: [...CONDITIONS.paper] })!
  match(targets[0])
  let slowest = 0
  let worst = -Infinity
  let ours = 0
  let theirs = 0
  for (const target of targets) {
    let started = performance.now()
    const { recipes } = match(target)
    const took = performance.now() - started
    started = performance.now()
    const grid = searchGrid(inks, target)
    theirs += performance.now() - started
    ours += took
    slowest = Math.max(slowest, took)
    worst = Math.max(worst, ...grid.map((reference, rank) => recipes[rank].deltaE00 - reference))
  }
  const ratio = theirs / ours
  console.log(
    `${INKS} inks, up to ${MOST}: 4525 combinations, ${TARGETS} targets, least share ${LEAST_SHARE}`,
  )
  console.log(
    `slowest search ${(slowest / 1000).toFixed(2)} s (wanted under 1.50), mean ${(ours / TARGETS / 1000).toFixed(2)} s; plain 2.5 % grid, same forward code, mean ${(theirs / TARGETS / 1000).toFixed(2)} s: ${ratio.toFixed(1)} × as fast (wanted 20)`,
  )
  console.log(
    `worst rank against the grid: ${worst >= 0 ? '+' : ''}${worst.toFixed(3)} ΔE00 (wanted at most +0.050)`,
  )
  const view = new FilmView(CONDITIONS)
  const { k, s } = mixCoefficients(inks.slice(0, 4), [1, 2, 3, 4])
  const started = performance.now()
  for (let i = 0; i < 300; i++) view.colour(k, s)
  console.log(
    `one slider step, three films: ${(((performance.now() - started) / 300) * 3).toFixed(3)} ms (wanted under 16)`,
  )
  return slowest < 1500 && ratio >= 20 && worst <= 0.05
}
