import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { PLATE_KINDS, type PlateKind } from '../plate/plate'
import { usualScaleOf } from '../press/pressCard'
import { PRESS_KINDS } from '../press/pressKindNames'
import type { PressKind } from '../press/pressKind'
import { usualPack } from '../press/usualPack'
import { firstReading } from '../press/usualScales'
import { usualWiping } from '../wipe/usualWiping'
import { BEGUN } from './begun.test.fixture'
import { beginBench, carryInto, type BeginWith } from './beginBench'
import { completeBench } from './completeBench'
import { PURPOSE_KEYS } from './purpose'
import { leftAsLaidOut } from './settingOrigins'
import { benchSchema, checkBench, EMPTY_BENCH } from './settings'

const PLATES = Object.keys(PLATE_KINDS) as PlateKind[]
const PRESSES = Object.keys(PRESS_KINDS) as PressKind[]

const said = (kind: PlateKind = 'plastic-drypoint', press: PressKind = 'two-screw'): BeginWith => ({
  ...BEGUN,
  plate: { ...BEGUN.plate!, kind },
  press: { ...BEGUN.press!, kind: press, scale: usualScaleOf(press) },
})

describe('beginBench', () => {
  test('of every kind of plate at every kind of press, all stations are set and a proof can be pulled', () => {
    for (const plate of PLATES)
      for (const kind of PRESSES) {
        const bench = beginBench(said(plate, kind))
        expect(benchSchema.parse(bench)).toEqual(bench)
        for (const purpose of PURPOSE_KEYS)
          expect(completeBench(bench, purpose), `${plate} ${kind}`).not.toBeNull()
      }
  })
  test('what was said is said, and all the rest says of itself that nobody set it', () => {
    const bench = beginBench(said())
    const keys = leftAsLaidOut(bench).map(({ path }) => path)
    for (const path of ['plate.thicknessMm', 'paper.dampMinutes', 'press.readingLeft', 'wipe.steps'])
      expect(
        keys.some((key) => key.startsWith(path)),
        path,
      ).toBe(true)
    for (const path of ['plate.kind', 'plate.widthMm', 'ink.mixes.0.parts', 'paper.gsm', 'press.pressId'])
      expect(bench.origins![path], path).toBe('typed')
    const read = beginBench({ ...said(), press: { ...said().press!, reading: 3.5 } })
    expect(read.press!.readingRight).toBe(3.5)
    expect(read.origins!['press.readingRight']).toBe('typed')
  })
  test('a reading that is not on the press’s scale is refused', () => {
    expect(() => beginBench({ ...said(), press: { ...said().press!, reading: -2000 } })).toThrow()
  })
  test('whatever is missing stays unset, and what is there holds together', () => {
    fc.assert(
      fc.property(fc.subarray(['plate', 'ink', 'paper', 'press'] as const), (left) => {
        const whole = said()
        const bench = beginBench({ ...whole, ...Object.fromEntries(left.map((one) => [one, null])) })
        expect(benchSchema.parse(bench)).toEqual(bench)
        for (const one of left) expect(bench[one]).toBeNull()
        expect(bench.wipe === null).toBe(bench.plate === null)
        expect(bench.register === null).toBe(bench.plate === null || bench.paper === null)
        expect(checkBench(bench)).toEqual([])
        expect(
          Object.keys(bench.origins ?? {}).every((path) => bench[path.split('.')[0] as 'plate'] !== null),
        ).toBe(true)
      }),
    )
    expect(
      beginBench({ title: 'Reeds', plate: null, ink: null, paper: null, press: null, shelf: [] }),
    ).toEqual(EMPTY_BENCH)
  })
  test('a small plate begins on a piece of a large sheet, and on the sheet that was chosen', () => {
    expect(beginBench(said()).paper).toMatchObject({ sheetWidthMm: 190, sheetHeightMm: 140 })
    const chosen = { ...said().paper!, sheet: { widthMm: 280, heightMm: 380 } }
    const bench = beginBench({ ...said(), paper: chosen })
    expect(bench.paper).toMatchObject({ sheetWidthMm: 280, sheetHeightMm: 380 })
    expect(bench.origins!['paper.sheetWidthMm']).toBe('typed')
  })
})

describe('carryInto', () => {
  const earlier = beginBench({ ...BEGUN, press: { ...BEGUN.press!, reading: 3.25 } })
  const nothing: BeginWith = { ...BEGUN, plate: null, ink: null, paper: null, press: null }
  test('brings over what was not said, as carried, with a plate of its own name in its first state', () => {
    const worn = { ...earlier, plate: { ...earlier.plate!, state: 4 } }
    const bench = carryInto(beginBench(nothing), worn, 'Rushes')
    expect(bench.plate).toEqual({ ...earlier.plate, name: 'Rushes', state: 1 })
    for (const station of ['ink', 'wipe', 'paper', 'press', 'register'] as const)
      expect(bench[station]).toEqual(earlier[station])
    expect(new Set(Object.values(bench.origins!))).toEqual(new Set(['carried']))
    expect(completeBench(bench, 'edition')).not.toBeNull()
  })
  test('what was said stands, and goes before what was', () => {
    const said = beginBench({ ...nothing, ink: { id: 'silt-brown', name: 'Silt brown' } })
    const bench = carryInto(said, earlier, 'Rushes')
    expect(bench.ink).toEqual(said.ink)
    expect(bench.press!.readingLeft).toBe(3.25)
    expect(bench.origins!['ink.mixes.0.parts']).toBe('typed')
  })
  test('of an empty bench nothing comes', () => {
    expect(carryInto(beginBench(nothing), EMPTY_BENCH, 'Rushes')).toEqual({ ...EMPTY_BENCH, origins: {} })
  })
})

describe('what one begins with', () => {
  test('soft plates are wiped with paper, a burr keeps its tone, a slab is rolled', () => {
    expect(usualWiping('carton-laminate').steps.some(({ material }) => material === 'paper')).toBe(true)
    expect(usualWiping('copper-drypoint').plateTone).toBe('medium')
    expect(usualWiping('slab').steps.every(({ material }) => material !== 'tarlatan')).toBe(true)
  })
  test('no blankets by hand, a felt either side of a kitchen roller, and the shelf’s own where they lie there', () => {
    expect(usualPack('baren', []).pack).toEqual([])
    expect(usualPack('kitchen-roller', [])).toMatchObject({ plateAt: 1, isFaceDown: true })
    expect(usualPack('two-screw', []).pack.map(({ name }) => name)).toEqual(['Catcher', 'Cushion', 'Pusher'])
    const own = (['catcher', 'cushion', 'pusher'] as const).map((kind) => ({
      id: kind,
      name: `My ${kind}`,
      kind,
      newMm: 2,
      nowMm: 1.8,
      modulusMPa: null,
      since: null,
      clogging: 'none' as const,
      sideUp: 'either' as const,
      note: '',
    }))
    expect(usualPack('two-screw', own).pack.map(({ name }) => name)).toEqual([
      'My catcher',
      'My cushion',
      'My pusher',
    ])
  })
  test('the first reading is on the scale of every kind of press', () => {
    for (const kind of PRESSES) {
      const scale = usualScaleOf(kind)
      expect(firstReading(scale)).toBeGreaterThanOrEqual(scale.least)
      expect(firstReading(scale)).toBeLessThanOrEqual(scale.most)
    }
  })
})
