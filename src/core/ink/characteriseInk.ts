import { z } from 'zod'
import { coefficientSpectrum, reflectanceSpectrum, SPECTRUM_LENGTH } from '../colour/spectrum'
import { positive } from '../units/schemas'
import { enterSurface, geometrySchema, surfaceSchema } from './surface'

/** What an instrument resolves: readings closer than this are alike. */
const READS_ALIKE = 0.0005
/** Noise that a reading over black may exceed the one over white by before it is called wrong. */
const NOISE = 0.01

const characteriseShape = z.strictObject({
  overWhite: reflectanceSpectrum,
  overBlack: reflectanceSpectrum,
  white: reflectanceSpectrum,
  black: reflectanceSpectrum,
  filmMicrometres: positive,
  surface: surfaceSchema,
  geometry: geometrySchema.default('di:8'),
})

export const characteriseInput = characteriseShape.superRefine((drawdown, context) => {
  const { overWhite, overBlack, white, black } = drawdown
  const refuse = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path, message })
  const brighter = overBlack.findIndex((value, i) => value > overWhite[i] + NOISE)
  const swapped = black.findIndex((value, i) => value >= white[i])
  if (swapped >= 0) refuse(['black', swapped], 'must be darker than the white ground; were the two swapped?')
  else if (brighter >= 0)
    refuse(['overBlack', brighter], 'reads brighter than over white; were the two swapped?')
  else if (separateAll(drawdown).every((value) => value === null))
    refuse(['overBlack'], 'reads as over white: the film is too opaque to tell k from s; use a thinner film')
})
export const characteriseOutput = z.strictObject({ k: coefficientSpectrum, s: coefficientSpectrum })
export type Coefficients = z.infer<typeof characteriseOutput>

/**
 * K and S of one wavelength from its reflectance over two grounds, all inside the surface.
 * With C = b·coth(bSX), R(a − Rg + C) = 1 − Rg(a − C) is linear in a and C: two grounds give both
 * (Kubelka 1948; two-background method, e.g. ISO 18314-2). Then S = arcoth(C/b)/(bX), K = S(a − 1).
 *
 * @returns null where the film hides the ground, so that only the ratio is known
 */
function separate(
  overWhite: number,
  overBlack: number,
  white: number,
  black: number,
  filmMicrometres: number,
): { k: number; s: number } | null {
  const determinant = 2 * (white * overBlack - overWhite * black)
  // No scattering at all: what comes back has passed the film twice (Bouguer–Beer).
  if (determinant < 1e-12)
    return { k: -Math.log(Math.min(1, overWhite / white)) / (2 * filmMicrometres), s: 0 }
  const [one, two] = [1 + overWhite * white, 1 + overBlack * black]
  const a = Math.max(1, (one * (overBlack - black) - two * (overWhite - white)) / determinant)
  const c = ((overWhite + white) * two - (overBlack + black) * one) / determinant
  const b = Math.sqrt(a * a - 1)
  if (b < 1e-7) return { k: 0, s: c > 0 ? 1 / (c * filmMicrometres) : 0 }
  if (c <= b) return null
  const s = Math.log((c + b) / (c - b)) / (2 * b * filmMicrometres)
  return { k: s * (a - 1), s }
}

/** Every wavelength of a drawdown taken inside the surface and separated where it can be. */
function separateAll({
  overWhite,
  overBlack,
  white,
  black,
  filmMicrometres,
  surface,
  geometry = 'di:8',
}: z.input<typeof characteriseShape>): ({ k: number; s: number } | null)[] {
  const inside = (value: number) => enterSurface(value, surface, geometry)
  return overWhite.map((value, i) =>
    // What the instrument reads alike over both grounds tells only how dark the film is.
    value - overBlack[i] < READS_ALIKE
      ? null
      : separate(inside(value), inside(overBlack[i]), inside(white[i]), inside(black[i]), filmMicrometres),
  )
}

/**
 * Absorption and scattering of an ink from a drawdown of known thickness over a white and a black ground.
 * Where one wavelength hides the ground, s is taken from its neighbours and k from the ratio K/S = (1−R)²/2R.
 *
 * @returns k and s per micrometre, 36 values each
 */
export function characteriseInk(drawdown: z.input<typeof characteriseInput>): Coefficients {
  const { overWhite, surface, geometry = 'di:8' } = drawdown
  const found = separateAll(drawdown)
  const k = new Array<number>(SPECTRUM_LENGTH)
  const s = new Array<number>(SPECTRUM_LENGTH)
  for (let i = 0; i < SPECTRUM_LENGTH; i++) {
    const here = found[i]
    if (here) {
      k[i] = Math.max(0, here.k)
      s[i] = Math.max(0, here.s)
    } else {
      s[i] = neighbourly(found, i)
      const masstone = Math.max(1e-6, enterSurface(overWhite[i], surface, geometry))
      k[i] = (s[i] * (1 - masstone) ** 2) / (2 * masstone)
    }
  }
  return { k, s }
}

/** Scattering of the nearest wavelengths that could be separated, weighed by nearness. */
function neighbourly(found: readonly ({ s: number } | null)[], at: number): number {
  const below = found.slice(0, at).findLastIndex((value) => value !== null)
  const above = found.findIndex((value, i) => i > at && value !== null)
  if (below < 0) return found[above]!.s
  if (above < 0) return found[below]!.s
  const share = (at - below) / (above - below)
  return found[below]!.s * (1 - share) + found[above]!.s * share
}
