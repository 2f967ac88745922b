import { reflectFilm } from './kubelkaMunk'

/** More than any ink absorbs in a micrometre. */
const MOST_ABSORPTION = 50

/**
 * Absorption that gives a film of known scattering a wanted reflectance over its ground, inside the surface.
 * Reflectance falls as absorption grows, so halving finds it; a film that cannot be as bright or as dark is met as nearly as can be.
 *
 * @param reflectance wanted, inside; @param s scattering per micrometre; @param ground reflectance under the film, inside
 * @returns k per micrometre
 */
export function absorptionFromFilm(
  reflectance: number,
  s: number,
  filmMicrometres: number,
  ground: number,
): number {
  const at = (k: number) => reflectFilm(k, s, filmMicrometres, ground)
  if (at(0) <= reflectance) return 0
  let low = 0
  let high = 1e-3
  while (at(high) > reflectance && high < MOST_ABSORPTION) high *= 2
  for (let i = 0; i < 80 && high - low > 1e-12 * high; i++) {
    const middle = (low + high) / 2
    if (at(middle) > reflectance) low = middle
    else high = middle
  }
  return (low + high) / 2
}
