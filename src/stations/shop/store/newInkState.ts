import type { Lab } from '@/core/colour/convertXyzToLab'
import { absorptionFromFilm } from '@/core/ink/absorptionFromFilm'
import type { Coefficients } from '@/core/ink/characteriseInk'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import type { InkSource } from '@/core/ink/inkTrust'
import { UNKNOWN_TUBE } from '@/core/ink/shelfInk'
import { enterSurface, USUAL_SURFACE, type Geometry } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import type { FieldProblem } from '@/data/database/errors'
import type { NewInk, StoreInk } from '@/data/shop/inks'
import { bringInInk, type Method, type Outcome, type Readings } from './bringInInk'

/** An ink while it is brought in: how it is known, its readings, and what is said of it. */
export interface NewInkState {
  way: InkSource
  /** of the instrument the readings come from */
  geometry: Geometry
  readings: Readings
  /** thickness of a drawdown's film, micrometres */
  film: number | null
  /** ink in a tint, percent by volume */
  share: number | null
  /** the white a tint was let down with */
  whiteId: string
  /** a colour picked from a picture */
  lab: Lab | null
  covering: Covering
  name: string
  kind: StoreInk['kind']
  note: string
  forecastable: boolean
  viscosityPas: number | null
}

/** Film a file's readings are taken for, micrometres, and the scattering then guessed. */
const FILE_FILM = 7
/** An ink that scatters so much somewhere is taken for a white. */
const SCATTERS_AS_WHITE = 0.2

/** Nothing read yet. @param film thickness the workshop's drawdowns usually have, micrometres */
export const openNewInk = (inks: readonly StoreInk[], film: number): NewInkState => ({
  way: 'drawdown',
  geometry: '45:0',
  readings: {},
  film,
  share: 10,
  whiteId: inks.find(({ s }) => Math.max(...s) > SCATTERS_AS_WHITE)?.id ?? '',
  lab: null,
  covering: 'transparent',
  name: '',
  kind: 'oil',
  note: '',
  forecastable: true,
  viscosityPas: 50,
})

/** What the chosen way of knowing an ink has to go on; null: a file brings its inks itself. */
function methodOf(state: NewInkState, inks: readonly StoreInk[]): Method | null {
  const { way, readings, film, share, whiteId, lab, covering } = state
  const white = inks.find(({ id }) => id === whiteId)
  switch (way) {
    case 'drawdown':
      return { way, readings, filmMicrometres: film }
    case 'tint':
      return {
        way,
        readings,
        share: share === null ? null : share / 100,
        whiteInk: white ? { k: white.k, s: white.s } : null,
      }
    case 'estimated':
      return { way, lab, covering }
    case 'file':
      return null
  }
}

/** k and s of the ink as far as it is read, or what is wrong with a reading; null while readings are missing. */
export function readNewInk(state: NewInkState, inks: readonly StoreInk[]): Outcome | null {
  const method = methodOf(state, inks)
  return method && bringInInk(method, state.geometry)
}

/** The ink as it goes on the shelf. */
export const inkFrom = (
  { kind, note, forecastable, viscosityPas, way }: NewInkState,
  name: string,
  { k, s }: Coefficients,
): NewInk => ({
  name,
  kind,
  note,
  forecastable,
  k,
  s,
  source: way,
  viscosityPas: viscosityPas ?? Number.NaN,
  ...UNKNOWN_TUBE,
})

/** k and s of a single film over ordinary rag: scattering by how it covers, absorption from the reading. */
export function fromFilm(
  reflectance: readonly number[],
  covering: Covering,
  geometry: Geometry,
): Coefficients {
  const { scattering } = COVERINGS[covering]
  const inside = (value: number) => enterSurface(value, USUAL_SURFACE, geometry)
  const k = reflectance.map((value, i) =>
    absorptionFromFilm(inside(value), scattering, FILE_FILM, inside(RAG_WHITE[i])),
  )
  return { k, s: k.map(() => scattering) }
}

/** Problems of a list of inks at the fields of its first one. */
export const atFirstInk = (problems: readonly FieldProblem[]): FieldProblem[] =>
  problems.map(({ field, message }) => ({ field: field.replace(/^(inks\.)?0\./, ''), message }))
