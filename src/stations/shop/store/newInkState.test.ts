import { describe, expect, it } from 'vitest'
import { predictInk } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import type { StoreInk } from '@/data/shop/inks'
import { SAMPLE_TRAY, TRAY_FILM } from '@/devices/sampleTray'
import { atFirstInk, fromFilm, inkFrom, openNewInk, readNewInk } from './newInkState'

const sample = (key: string) => [...SAMPLE_TRAY.find((one) => one.key === key)!.reflectance]
const flat = (value: number) => new Array<number>(36).fill(value)
const shelf = [
  { id: 'bone-black', name: 'Bone black', k: flat(0.3), s: flat(0.01) },
  { id: 'chalk', name: 'Chalk white', k: flat(0.0004), s: flat(0.34) },
] as StoreInk[]
const fresh = openNewInk(shelf, TRAY_FILM)
const drawdown = {
  overWhite: sample('eelgrass-over-white'),
  overBlack: sample('eelgrass-over-black'),
  white: sample('white-card'),
  black: sample('black-card'),
}
const tint = { masstone: sample('eelgrass-masstone'), tint: sample('eelgrass-tint') }

describe('an ink while it is brought in', () => {
  it('takes the first ink of the shelf that scatters like one for the white of its tint', () => {
    expect(fresh.whiteId).toBe('chalk')
    expect(openNewInk([shelf[0]], TRAY_FILM).whiteId).toBe('')
  })
  it('is read by the way it is known, and by that alone', () => {
    expect(readNewInk(fresh, shelf)).toBeNull()
    expect(readNewInk({ ...fresh, readings: drawdown }, shelf)).toMatchObject({ ok: true })
    expect(readNewInk({ ...fresh, way: 'tint', readings: drawdown }, shelf)).toBeNull()
    expect(readNewInk({ ...fresh, way: 'tint', readings: tint }, shelf)).toMatchObject({ ok: true })
    expect(readNewInk({ ...fresh, way: 'file', readings: drawdown }, shelf)).toBeNull()
    expect(
      readNewInk({ ...fresh, way: 'estimated', lab: { L: 40, a: 10, b: -20 }, readings: drawdown }, shelf),
    ).toMatchObject({ ok: true })
  })
  it('has its share in percent; without one, or without the white, a tint says nothing or where', () => {
    const tinted = { ...fresh, way: 'tint' as const, readings: tint }
    expect(readNewInk({ ...tinted, share: null }, shelf)).toMatchObject({ problems: [{ field: 'share' }] })
    expect(readNewInk({ ...tinted, whiteId: '' }, shelf)).toBeNull()
    const [ten, twenty] = [10, 20].map((share) => readNewInk({ ...tinted, share }, shelf))
    if (!ten?.ok || !twenty?.ok) throw new Error('both can be told')
    // The same tint with twice the ink in it is of an ink half as strong.
    expect(twenty.coefficients.s[18]).toBeLessThan(ten.coefficients.s[18])
  })
  it('goes on the shelf as it was said, with its source', () => {
    const said = { ...fresh, name: 'Eelgrass', note: 'a gift', viscosityPas: 40, way: 'tint' as const }
    expect(inkFrom(said, said.name, { k: flat(0.1), s: flat(0.02) })).toMatchObject({
      name: 'Eelgrass',
      note: 'a gift',
      source: 'tint',
      viscosityPas: 40,
      kind: 'oil',
      gramsLeft: null,
    })
    expect(inkFrom({ ...said, viscosityPas: null }, '', { k: [], s: [] }).viscosityPas).toBeNaN()
  })
  it('from a film of a file prints that film again', () => {
    const reflectance = sample('eelgrass-over-white')
    const { k, s } = fromFilm(reflectance, 'covering', '45:0')
    const { reflectance: printed } = predictInk({
      inks: [{ name: 'Eelgrass', k, s }],
      parts: [1],
      filmMicrometres: 7,
      paper: [...RAG_WHITE],
      surface: USUAL_SURFACE,
      geometry: '45:0',
    })
    reflectance.forEach((value, i) => expect(printed[i]).toBeCloseTo(value, 6))
  })
  it('shows what is refused at its own fields', () => {
    expect(
      atFirstInk([
        { field: 'inks.0.name', message: 'is empty: fill it in' },
        { field: '0.viscosityPas', message: 'must be more than 0' },
        { field: '', message: 'Try again.' },
      ]).map(({ field }) => field),
    ).toEqual(['name', 'viscosityPas', ''])
  })
})
