import { WAVELENGTHS_NM } from '@/core/colour/spectrum'

/** How an invented pigment absorbs: bumps, and a step that swallows everything on one side of an edge. Per micrometre of film. */
export interface PigmentBands {
  /** absorbed everywhere */
  floor: number
  /** [centre nm, half-width nm, strength] */
  bumps?: readonly (readonly [number, number, number])[]
  /** [edge nm, softness nm, strength]: absorbs below the edge; a negative softness absorbs above it */
  edge?: readonly [number, number, number]
}

/** Absorption spectrum of an invented pigment, 36 values rounded so that the shelf reads the same everywhere. */
export function absorption({ floor, bumps = [], edge }: PigmentBands): number[] {
  return WAVELENGTHS_NM.map((nm) => {
    const humps = bumps.reduce(
      (sum, [centre, width, strength]) => sum + strength * Math.exp(-(((nm - centre) / width) ** 2)),
      0,
    )
    const step = edge ? edge[2] / (1 + Math.exp((nm - edge[0]) / edge[1])) : 0
    return Number((floor + humps + step).toFixed(6))
  })
}

/** Scattering spectrum: falls slowly towards the red, as fine pigment does. */
export function scattering(at550: number): number[] {
  return WAVELENGTHS_NM.map((nm) => Number((at550 * (550 / nm) ** 0.8).toFixed(6)))
}
