import { uniforms } from '@/core/stats/random'
import { absorption, scattering } from '@demo/pigmentBands'
import type { SpectralInk } from '@/core/ink/predictInk'

/** A shelf of invented inks, the same every time: edges and bumps of every hue, thin and covering, with a white, a base and a black. */
export function seededShelf(count: number, seed = 20310502): SpectralInk[] {
  const next = uniforms(seed)
  const plain: SpectralInk[] = [
    { name: 'white', k: absorption({ floor: 0.0003, edge: [400, 12, 0.02] }), s: scattering(0.34) },
    { name: 'base', k: absorption({ floor: 0.0001 }), s: scattering(0.002) },
    { name: 'black', k: absorption({ floor: 0.16 }), s: scattering(0.006) },
  ]
  const coloured = Array.from({ length: count - plain.length }, (_, i): SpectralInk => {
    const floor = 0.002 + 0.015 * next()
    const strength = 0.04 + 0.16 * next()
    const bands =
      next() < 0.4
        ? { floor, edge: [470 + 140 * next(), 8 + 20 * next(), strength] as const }
        : { floor, bumps: [[440 + 240 * next(), 30 + 40 * next(), strength] as const] }
    return {
      name: `ink ${i + 1}`,
      k: absorption(bands),
      s: scattering(next() < 0.5 ? 0.003 + 0.01 * next() : 0.03 + 0.08 * next()),
    }
  })
  return [...plain, ...coloured]
}
