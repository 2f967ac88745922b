/** Thinner than any atom: below this there is no film. */
const NO_FILM_MICROMETRES = 1e-11

/**
 * Reflectance of one film of ink over a ground, inside the surface, at one wavelength.
 *
 * Kubelka–Munk hyperbolic solution (Kubelka 1948): R = (1 − Rg(a − b·coth bSX)) / (a − Rg + b·coth bSX), a = (K+S)/S, b = √(a² − 1).
 * Multiplied through by S so that the limits need no branches of their own: β = bS = √(K(K+2S)),
 * R = (S − Rg(K+S − β·coth βX)) / (K+S − Rg·S + β·coth βX). S → 0 is Bouguer–Beer, Rg·e^(−2KX); K → 0 is (Rg + (1−Rg)SX)/(1 + (1−Rg)SX).
 *
 * @param k absorption per micrometre, 0 or more
 * @param s scattering per micrometre, 0 or more
 * @param filmMicrometres film thickness X, 0 or more
 * @param ground reflectance Rg of what lies under the film, inside the surface
 */
export function reflectFilm(k: number, s: number, filmMicrometres: number, ground: number): number {
  if (filmMicrometres < NO_FILM_MICROMETRES || (k === 0 && s === 0)) return ground
  const beta = Math.sqrt(k * (k + 2 * s))
  const depth = beta * filmMicrometres
  const betaCoth = depth < 1e-6 ? 1 / filmMicrometres + (beta * depth) / 3 : beta / Math.tanh(depth)
  return (s - ground * (k + s - betaCoth)) / (k + s - ground * s + betaCoth)
}

/**
 * Reflectance of a film so thick that no ground shows: R∞ = 1 + K/S − √((K/S)² + 2K/S) (Kubelka & Munk 1931).
 *
 * @param k absorption per micrometre
 * @param s scattering per micrometre, above 0
 */
export function reflectMasstone(k: number, s: number): number {
  const ratio = k / s
  return 1 + ratio - Math.sqrt(ratio * ratio + 2 * ratio)
}
