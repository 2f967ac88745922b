import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  BLANKET_KINDS,
  blanketRemarks,
  blanketSchema,
  compressionSchema,
  layerOfBlanket,
  layPack,
  measuredModulus,
  type Blanket,
  type BlanketKind,
} from './blanket'
import { compressionAt, pressStack } from './pressStack'

const cushion: Blanket = {
  name: 'Grey cushion',
  kind: 'cushion',
  newMm: 4,
  nowMm: 4,
  modulusMPa: null,
  since: '2030-01-01',
  clogging: 'none',
  sideUp: 'either',
  note: '',
}

describe('a blanket in the stack', () => {
  it('is its kind while new, and stiffer with less to give once it has packed down', () => {
    expect(layerOfBlanket(cushion)).toEqual({
      name: 'Grey cushion',
      of: 'cushion',
      thicknessMm: 4,
      modulusMPa: 0.5,
      densificationStrain: 0.65,
    })
    const old = layerOfBlanket({ ...cushion, nowMm: 3 })
    expect(old.modulusMPa).toBeCloseTo(0.5 / 0.75, 12)
    expect(old.densificationStrain).toBeCloseTo(1 - 0.35 / 0.75, 12)
  })
  it('keeps the height of its solid wool however far it has packed down (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(BLANKET_KINDS) as BlanketKind[])),
        fc.double({ min: 0.5, max: 1, noNaN: true }),
        (kind, share) => {
          const solid = (nowMm: number) => {
            const { thicknessMm, densificationStrain } = layerOfBlanket({ ...cushion, kind, nowMm })
            return thicknessMm * (1 - densificationStrain!)
          }
          expect(solid(4 * share)).toBeCloseTo(solid(4), 9)
        },
      ),
    )
  })
  it('presses harder at one gap when stiff with size', () => {
    const peak = (clogging: Blanket['clogging']) =>
      pressStack({
        rollerRadiusMm: 50,
        gapMm: 4,
        plateThicknessMm: 1,
        layers: [layerOfBlanket({ ...cushion, clogging })],
      }).peakMPa
    expect(peak('much')).toBeGreaterThan(peak('some'))
    expect(peak('some')).toBeGreaterThan(peak('none'))
  })
  it('is measured by one weight: put into the stack it gives way as it did (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.55, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        (strain, kilograms) => {
          const trial = compressionSchema.parse({
            kilograms,
            areaMm2: 2500,
            freeMm: 4,
            loadedMm: 4 * (1 - strain),
            densificationStrain: 0.65,
          })
          const layer = layerOfBlanket({ ...cushion, modulusMPa: measuredModulus(trial) })
          expect(compressionAt([layer], (kilograms * 9.80665) / 2500)).toBeCloseTo(4 * strain, 9)
        },
      ),
    )
  })
  it.each([
    ['loadedMm', { kilograms: 5, areaMm2: 2500, freeMm: 4, loadedMm: 4.2, densificationStrain: 0.6 }],
    ['loadedMm', { kilograms: 5, areaMm2: 2500, freeMm: 4, loadedMm: 1, densificationStrain: 0.6 }],
    ['areaMm2', { kilograms: 5, areaMm2: 4, freeMm: 4, loadedMm: 3, densificationStrain: 0.6 }],
  ])('says at %s what cannot have been measured', (field, trial) =>
    expect(compressionSchema.safeParse(trial).error?.issues[0].path.join('.')).toBe(field),
  )
  it('cannot have grown', () =>
    expect(blanketSchema.safeParse({ ...cushion, nowMm: 5 }).error?.issues[0].path).toEqual(['nowMm']))
  it('says when it wants washing or is near its end', () => {
    expect(blanketRemarks(cushion, '2031-04-20T10:00:00.000Z', '2031-05-01T10:00:00.000Z')).toEqual([])
    expect(
      blanketRemarks(
        { ...cushion, nowMm: 2.8, clogging: 'some' },
        '2031-01-01T10:00:00.000Z',
        '2031-05-01T10:00:00.000Z',
      ),
    ).toEqual([
      'Lost 30 % of its height: near its end.',
      'Stiff with size: wash it, lukewarm, laid flat to dry.',
      'Not washed for 120 days.',
    ])
  })
})

describe('a school’s pack', () => {
  const shelf = [
    { id: 'a', kind: 'pusher' as const },
    { id: 'b', kind: 'cushion' as const },
    { id: 'c', kind: 'catcher' as const },
    { id: 'd', kind: 'single-felt' as const },
  ]
  it('is laid from the sheet upward, each blanket once', () => {
    expect(layPack('three', shelf)).toEqual({
      laid: [shelf[2], shelf[1], shelf[0]],
      missing: [],
      plateAt: 0,
      isFaceDown: false,
    })
    expect(layPack('wringer', shelf)).toEqual({
      laid: [shelf[3]],
      missing: ['single-felt'],
      plateAt: 1,
      isFaceDown: true,
    })
  })
})
