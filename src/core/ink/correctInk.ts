import { findByName, hasName, isNamedBefore } from '../units/byName'
import { z } from 'zod'
import { deltaE00 } from '../colour/deltaE00'
import { describeSpectrum } from '../colour/describeSpectrum'
import { reflectanceSpectrum } from '../colour/spectrum'
import { finite, label, nonNegative, positive } from '../units/schemas'
import { absorptionFromFilm } from './absorptionFromFilm'
import { FilmView } from './filmView'
import { matchShape } from './matchInk'
import { mixCoefficients } from './predictInk'
import { searchMixes } from './searchMixes'
import { enterSurface } from './surface'

/** Corrections whose colour differs by less than this are equally good, and the one with fewer grams is taken. */
const EQUALLY_GOOD = 0.01
/** Least grams worth adding, as a share of the batch. */
const LEAST_ADDED = 1e-4

export const correctInkInput = matchShape
  .extend({
    /** what is in the pot */
    batch: z
      .array(z.strictObject({ name: label, grams: nonNegative }))
      .min(1, { error: 'expected at least one ink' }),
    maxAddGrams: positive,
    /** reflectance of the actual batch on this paper at this thickness: moves the forecast to where the batch really is */
    measured: reflectanceSpectrum.optional(),
    /** a difference that is near enough: then the least grams that reach it are wanted, not the nearest colour */
    enoughDeltaE00: positive.optional(),
  })
  .superRefine(({ inks, batch }, context) => {
    const issue = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message })
    inks.forEach(
      ({ name }, i) => isNamedBefore(inks, i) && issue(['inks', i, 'name'], `${name} is there twice`),
    )
    batch.forEach(
      ({ name }, i) => hasName(inks, name) || issue(['batch', i, 'name'], `${name} is not among the inks`),
    )
    if (!(batch.reduce((sum, { grams }) => sum + grams, 0) > 0))
      issue(['batch'], 'grams must add up to more than 0')
  })
export type CorrectInkInput = z.input<typeof correctInkInput>
export const correctInkOutput = z.strictObject({
  add: z.array(z.strictObject({ name: label, grams: finite })),
  deltaE00Before: finite,
  deltaE00After: finite,
})
export type Correction = z.infer<typeof correctInkOutput>

/**
 * What the batch is as one ink: the sum of what was put in, moved to its measured colour where there is one. The measured
 * film fixes one number a wavelength, so scattering is kept as reckoned and absorption takes the difference.
 */
function batchCoefficients({
  batch,
  inks,
  measured,
  filmMicrometres,
  paper,
  surface,
  geometry = 'di:8',
}: CorrectInkInput): { k: number[]; s: number[] } {
  const used = batch.map(({ name }) => findByName(inks, name)!)
  const { k, s } = mixCoefficients(
    used,
    batch.map(({ grams }) => grams),
  )
  if (!measured) return { k, s }
  return {
    s,
    k: measured.map((value, i) =>
      absorptionFromFilm(
        enterSurface(value, surface, geometry),
        s[i],
        filmMicrometres,
        enterSurface(paper[i], surface, geometry),
      ),
    ),
  }
}

/**
 * The smallest additions that bring a batch nearest to a target: least ΔE00 first, then least grams; or, where a difference is near
 * enough, the least grams that reach it. Ink can only be added.
 * The batch takes part in the search as an ink that must stay in the mix with at least its share of what `maxAddGrams` allows.
 *
 * @param onProgress told how much is done, 0 to 1; answering false gives up
 * @returns nothing to add where no addition helps; null when told to give up
 */
export function correctInk(
  input: CorrectInkInput,
  onProgress?: (done: number) => boolean,
): Correction | null {
  const {
    target,
    inks,
    maxInks,
    batch,
    maxAddGrams,
    measured,
    enoughDeltaE00,
    filmMicrometres,
    paper,
    surface,
    geometry = 'di:8',
  } = input
  const grams = batch.reduce((sum, one) => sum + one.grams, 0)
  const base = batchCoefficients(input)
  const view = new FilmView({ filmMicrometres, paper, surface, geometry })
  const before = deltaE00(target, measured ? describeSpectrum(measured).lab : view.colour(base.k, base.s))
  const offer = inks.map(({ k, s }) => ({ k, s, least: 0 }))
  const search = searchMixes({
    offer,
    always: [{ ...base, least: grams / (grams + maxAddGrams) }],
    target,
    view,
    most: maxInks,
    onProgress,
  })
  if (!search) return null
  const corrections = search.found.map(({ indices, shares, deltaE00: after }) => {
    const added = indices
      .map((i, n) => ({ name: inks[i].name, grams: (shares[n + 1] / shares[0]) * grams }))
      .filter((one) => one.grams > LEAST_ADDED * grams)
    return { added, after, total: added.reduce((sum, one) => sum + one.grams, 0) }
  })
  if (enoughDeltaE00 !== undefined && before <= enoughDeltaE00)
    return { add: [], deltaE00Before: before, deltaE00After: before }
  const after = (added: readonly { name: string; grams: number }[], share: number) => {
    const { k, s } = mixCoefficients(
      [{ name: 'batch', ...base }, ...added.map(({ name }) => findByName(inks, name)!)],
      [grams, ...added.map((one) => one.grams * share)],
    )
    return deltaE00(target, view.colour(k, s))
  }
  const sufficient =
    enoughDeltaE00 === undefined
      ? []
      : corrections
          .filter((one) => one.after <= enoughDeltaE00)
          .map((one) =>
            shorten(
              one,
              (share) => after(one.added, share) <= enoughDeltaE00,
              (share) => after(one.added, share),
            ),
          )
  const [smallest] = sufficient.sort((a, b) => a.total - b.total)
  if (smallest) return { add: smallest.added, deltaE00Before: before, deltaE00After: smallest.after }
  const nearest = Math.min(before, ...corrections.map(({ after }) => after))
  const [best] = corrections
    .filter(({ after }) => after <= nearest + EQUALLY_GOOD)
    .sort((a, b) => a.total - b.total)
  if (!best || before <= nearest + EQUALLY_GOOD)
    return { add: [], deltaE00Before: before, deltaE00After: before }
  return { add: best.added, deltaE00Before: before, deltaE00After: best.after }
}

/** The least share of an addition that still suffices, by halving: on the way from the batch to the whole addition the colour only comes nearer. */
function shorten(
  whole: { added: { name: string; grams: number }[]; total: number },
  suffices: (share: number) => boolean,
  score: (share: number) => number,
) {
  let [low, high] = [0, 1]
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2
    if (suffices(middle)) high = middle
    else low = middle
  }
  return {
    added: whole.added.map(({ name, grams }) => ({ name, grams: grams * high })),
    total: whole.total * high,
    after: score(high),
  }
}
