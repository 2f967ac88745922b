import type { Coefficients } from '@/core/ink/characteriseInk'
import { characteriseInk, characteriseInput } from '@/core/ink/characteriseInk'
import { characteriseTint, characteriseTintInput } from '@/core/ink/characteriseTint'
import { estimateInk, estimateInkInput, type Covering } from '@/core/ink/estimateInk'
import type { Lab } from '@/core/colour/convertXyzToLab'
import { USUAL_SURFACE, type Geometry } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import type { FieldProblem } from '@/data/database/errors'

/** Readings while they are still coming in. */
export type Readings = Partial<
  Record<'overWhite' | 'overBlack' | 'white' | 'black' | 'masstone' | 'tint', number[]>
>

/** How an ink is brought in by its readings. */
export type Method =
  | { way: 'drawdown'; readings: Readings; filmMicrometres: number | null }
  | { way: 'tint'; readings: Readings; share: number | null; whiteInk: { k: number[]; s: number[] } | null }
  | { way: 'estimated'; lab: Lab | null; covering: Covering }

/** k and s of an ink, or what is wrong and at which reading. */
export type Outcome = { ok: true; coefficients: Coefficients } | { ok: false; problems: FieldProblem[] }

/** k and s from the readings, or what is wrong and at which reading; nothing while readings are missing. */
export function bringInInk(method: Method, geometry: Geometry): Outcome | null {
  const common = { surface: USUAL_SURFACE, geometry }
  const refuse = (issues: { path: PropertyKey[]; message: string }[]): Outcome => ({
    ok: false,
    problems: issues.map(({ path, message }) => ({
      field: String(path[0]),
      message: path.length > 1 ? `${message} (at ${380 + 10 * Number(path[1])} nm)` : message,
    })),
  })
  if (method.way === 'drawdown') {
    const { overWhite, overBlack, white, black } = method.readings
    if (!overWhite || !overBlack || !white || !black) return null
    const input = characteriseInput.safeParse({
      overWhite,
      overBlack,
      white,
      black,
      filmMicrometres: method.filmMicrometres,
      ...common,
    })
    return input.success
      ? { ok: true, coefficients: characteriseInk(input.data) }
      : refuse(input.error.issues)
  }
  if (method.way === 'tint') {
    const { masstone, tint } = method.readings
    if (!masstone || !tint || !method.whiteInk) return null
    const input = characteriseTintInput.safeParse({
      masstone,
      tint,
      share: method.share,
      whiteInk: method.whiteInk,
      ...common,
    })
    return input.success
      ? { ok: true, coefficients: characteriseTint(input.data) }
      : refuse(input.error.issues)
  }
  if (!method.lab) return null
  const input = estimateInkInput.safeParse({
    lab: method.lab,
    filmMicrometres: 7,
    paper: [...RAG_WHITE],
    covering: method.covering,
    ...common,
  })
  return input.success ? { ok: true, coefficients: estimateInk(input.data) } : refuse(input.error.issues)
}
