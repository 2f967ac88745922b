import { z } from 'zod'
import { finite, label, nonNegative, positive } from '../units/schemas'

/** A compressible layer: ε = σ/(E + σ/ε_d), linear when the densification strain is null. */
export const layerSchema = z.strictObject({
  name: label,
  thicknessMm: positive,
  modulusMPa: positive,
  densificationStrain: positive.lt(1, { error: 'must be below 1' }).nullable(),
})
export type Layer = z.infer<typeof layerSchema>

/** A layer that can be reckoned with: beyond these nothing lies under a roller, and the search for a pressure has no end. */
const reckonedLayer = layerSchema.extend({
  thicknessMm: positive.max(100, { error: 'must be at most 100 mm' }),
  modulusMPa: positive
    .min(1e-3, { error: 'must be at least 0.001 MPa' })
    .max(1e6, { error: 'must be at most 1000000 MPa' }),
  densificationStrain: positive
    .min(1e-3, { error: 'must be at least 0.001' })
    .lt(1, { error: 'must be below 1' })
    .nullable(),
})

const stackShape = {
  rollerRadiusMm: positive.max(5000, { error: 'must be at most 5000 mm' }),
  gapMm: nonNegative.max(5000, { error: 'must be at most 5000 mm' }),
  layers: z
    .array(reckonedLayer)
    .min(1, { error: 'expected at least one layer' })
    .max(20, { error: 'expected at most 20 layers' }),
  plateThicknessMm: nonNegative.max(500, { error: 'must be at most 500 mm' }),
}

/** A stack whose gap is still to be found. */
export const stackWithoutGap = z.strictObject({
  rollerRadiusMm: stackShape.rollerRadiusMm,
  layers: stackShape.layers,
  plateThicknessMm: stackShape.plateThicknessMm,
})

/** The most the layers can give, mm; without end while one of them never densifies. */
export function layersCanGive(layers: readonly Layer[]): number {
  return layers.some((layer) => layer.densificationStrain === null)
    ? Infinity
    : layers.reduce((sum, layer) => sum + layer.thicknessMm * layer.densificationStrain!, 0)
}

export const pressStackInput = z
  .strictObject({
    ...stackShape,
    /** how many of the layers lie under the plate; in series their place does not change what they are pressed to */
    plateAt: nonNegative.int({ error: 'must be a whole number' }).optional(),
  })
  .superRefine((stack, context) => {
    if ((stack.plateAt ?? 0) > stack.layers.length)
      context.addIssue({
        code: 'custom',
        path: ['plateAt'],
        message: `must be at most ${stack.layers.length}: so many layers are laid`,
      })
    const most = layersCanGive(stack.layers)
    if (stackCompression(stack) >= most)
      context.addIssue({
        code: 'custom',
        path: ['gapMm'],
        message: `too tight: the layers can give at most ${most.toFixed(3)} mm`,
      })
  })
export type PressStack = z.infer<typeof pressStackInput>

export const pressStackOutput = z.strictObject({
  peakMPa: finite,
  lineLoadNPerMm: finite,
  contactWidthMm: finite,
  peakOffPlateMPa: finite,
})
export type Squeeze = z.infer<typeof pressStackOutput>

/** Compression over the plate at bottom dead centre: d0 = plate + Σ thickness − gap, mm; not below 0 only where it touches. */
export function stackCompression({
  gapMm,
  layers,
  plateThicknessMm,
}: Omit<PressStack, 'rollerRadiusMm'>): number {
  return plateThicknessMm + layers.reduce((sum, layer) => sum + layer.thicknessMm, 0) - gapMm
}

/** Compression of the layers under one pressure, mm: in series they share σ and add up. */
export function compressionAt(layers: readonly Layer[], sigma: number): number {
  return layers.reduce(
    (sum, { thicknessMm, modulusMPa, densificationStrain }) =>
      sum + (thicknessMm * sigma) / (modulusMPa + (densificationStrain ? sigma / densificationStrain : 0)),
    0,
  )
}

/** Newton steps at the most: near the end of what the layers can give each still doubles the pressure. */
const MOST_STEPS = 200

/**
 * Pressure that compresses the layers by `d` mm, MPa. Compression is a concave, rising function of pressure, so Newton's method
 * from the linear answer climbs to the root from below and cannot miss it.
 */
export function pressureAt(layers: readonly Layer[], d: number): number {
  if (d <= 0) return 0
  let sigma = 0
  for (let step = 0; step < MOST_STEPS; step++) {
    let compression = 0
    let slope = 0
    for (const { thicknessMm, modulusMPa, densificationStrain } of layers) {
      const stiffness = modulusMPa + (densificationStrain ? sigma / densificationStrain : 0)
      compression += (thicknessMm * sigma) / stiffness
      slope += (thicknessMm * modulusMPa) / (stiffness * stiffness)
    }
    const next = sigma + (d - compression) / slope
    if (!(next - sigma > 1e-14 * next)) return sigma
    sigma = next
  }
  return sigma
}

/** Intervals of the composite Simpson rule over half the contact: even. */
const INTERVALS = 200
/** A peak wider than this many half contacts is none. */
const WIDEST = 1000

/**
 * What the nip does to the stack: pressure from local compression d(x) = d0 − x²/2R, line load = ∫ p dx over the
 * contact of width 2√(2R·d0). A model of ours; report it relative to the BAT, never as a promise in MPa.
 * For one linear layer it equals W = (4/3)(E/T)·d0·√(2R·d0), peak = E·d0/T.
 *
 * @param intervals of Simpson's rule over half the contact: even
 * @returns zeros where nothing touches
 */
export function pressStack(stack: PressStack, intervals = INTERVALS): Squeeze {
  const { rollerRadiusMm, layers, plateThicknessMm } = stack
  const d0 = stackCompression(stack)
  const offPlate = d0 - plateThicknessMm
  if (d0 <= 0) return { peakMPa: 0, lineLoadNPerMm: 0, contactWidthMm: 0, peakOffPlateMPa: 0 }
  const half = Math.sqrt(2 * rollerRadiusMm * d0)
  // Near all that the layers can give, the pressure is a narrow peak, 1/(w² + u²): steps are evenly laid in s, with u = w·sinh s, which
  // is even in u where nothing densifies.
  const given = d0 / layersCanGive(layers)
  const width = Math.min(WIDEST, Math.sqrt(Math.max(1e-12, 1 - given) / given))
  const last = Math.asinh(1 / width)
  let sum = 0
  for (let i = 0; i <= intervals; i++) {
    const s = (last * i) / intervals
    const u = width * Math.sinh(s)
    const isEnd = i === 0 || i === intervals
    const weight = isEnd ? 1 : 2 + 2 * (i % 2)
    sum += weight * pressureAt(layers, d0 * (1 - u * u)) * width * Math.cosh(s) * last
  }
  return {
    peakMPa: pressureAt(layers, d0),
    lineLoadNPerMm: (2 * half * sum) / (3 * intervals),
    contactWidthMm: 2 * half,
    peakOffPlateMPa: pressureAt(layers, offPlate),
  }
}
