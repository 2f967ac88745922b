import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleMix } from '../prove/sampleSettings.test.fixture'
import { inkOf, inkSettingSchema } from './mix'
import { addMix, changeFirstMix, changeMix, mixOfId, withoutMix } from './severalMixes'
import { inksOnPlate, laidOutMix, mixFrom, mixOfInk, type PlateRecipe } from './plateInks'

const blue = { ...sampleMix, name: 'Ferry blue', roomC: 12, plateC: 15 }
const plate = { widthMm: 200, heightMm: 100 }
const of = (name: string): PlateRecipe => ({ source: 'ink', id: name.toLowerCase(), name, recipe: null })
const wanted = (name: string, gramsPerPull = 0.2) => ({ ...of(name), gramsPerPull, batchGrams: 4 })

describe('several inks of one run', () => {
  it('are as warm as each other, whichever is changed, and keep the rest their own', () => {
    const two = addMix(inkOf(sampleMix), blue)
    expect(two.mixes.map(({ roomC, plateC }) => [roomC, plateC])).toEqual([
      [20, 37],
      [20, 37],
    ])
    const warmer = changeMix(two, 'mix-2', { plateC: 41, batchGrams: 7 })
    expect(warmer.mixes.map(({ plateC, batchGrams }) => [plateC, batchGrams])).toEqual([
      [41, 60],
      [41, 7],
    ])
    expect(changeFirstMix(two, { name: 'Soot' }).mixes.map(({ name }) => name)).toEqual([
      'Soot',
      'Ferry blue',
    ])
    expect(mixOfId(two, 'mix-2').name).toBe('Ferry blue')
    expect(mixOfId(two, 'gone').name).toBe('Low water black')
  })
  it('a rag keeps its number for good, and no other ever gets it (property)', () => {
    const act = fc.oneof(fc.constant('add' as const), fc.nat({ max: 11 }))
    fc.assert(
      fc.property(fc.array(act, { maxLength: 40 }), (acts) => {
        let ink = inkOf(sampleMix)
        const whose = new Map([[1, 'mix-1']])
        for (const one of acts) {
          if (one === 'add') {
            if (ink.mixes.length < 12) ink = addMix(ink, blue)
          } else ink = withoutMix(ink, ink.mixes[one % ink.mixes.length].id)
          for (const { id, rag } of ink.mixes) {
            expect(whose.get(rag) ?? id).toBe(id)
            whose.set(rag, id)
          }
          expect(inkSettingSchema.safeParse(ink).success).toBe(true)
          expect(ink.mixes.length).toBeGreaterThan(0)
        }
      }),
    )
  })
  it('are refused with one number or one id twice', () => {
    const two = addMix(inkOf(sampleMix), blue)
    const refusal = (patch: object) =>
      inkSettingSchema.safeParse({ mixes: [two.mixes[0], { ...two.mixes[1], ...patch }] }).error?.issues[0]
        .message
    expect(refusal({ rag: 1 })).toBe('two mixes have the same rag')
    expect(refusal({ id: 'mix-1' })).toBe('two mixes have the same id')
    expect(refusal({})).toBeUndefined()
  })
})

describe('the inks of a plate', () => {
  const laidOut = laidOutMix(plate)
  it('come from their card, or as they stand on the shelf', () => {
    // 2 dm² at 1.2 g/dm² put on, of which 55 % goes back.
    expect(laidOut.gramsPerPull).toBe(1.08)
    expect(laidOutMix(plate, 6).gramsPerPull).toBe(0.18)
    expect(laidOutMix(null).gramsPerPull).toBe(1.2)
    expect(mixFrom(of('Dusk blue'), laidOut)).toMatchObject({
      name: 'Dusk blue',
      parts: [{ inkId: 'dusk blue', name: 'Dusk blue', parts: 1 }],
      modifiers: [],
    })
    const card: PlateRecipe = {
      source: 'card',
      id: 'low',
      name: 'Low water',
      recipe: { mix: sampleMix, version: 3 },
    }
    expect(mixFrom(card, laidOut)).toMatchObject({
      name: 'Low water',
      parts: sampleMix.parts,
      modifiers: sampleMix.modifiers,
      gramsPerPull: 1.08,
      card: { id: 'low', version: 3, isChanged: false },
    })
  })
  it('are known by their card, their one ink or their name', () => {
    const { ink } = inksOnPlate(null, [wanted('Dusk blue'), wanted('Rust')], laidOut, () => false)
    expect(mixOfInk(ink, { ...of('Dusk blue'), name: 'Renamed since' })?.id).toBe('mix-1')
    expect(mixOfInk(ink, { ...of('Soot'), name: 'Rust' })?.id).toBe('mix-2')
    expect(mixOfInk(ink, of('Soot'))).toBeNull()
    expect(mixOfInk(null, of('Soot'))).toBeNull()
  })
  it('stay as they are where somebody set them; the others come by their share of the plate', () => {
    const begun = inkOf({ ...sampleMix, name: 'Rust', gramsPerPull: 9 })
    const kept = inksOnPlate(begun, [wanted('Dusk blue', 0.3), wanted('Rust', 0.1)], laidOut, () => false)
    expect(kept.ink!.mixes.map(({ name, rag, gramsPerPull }) => [name, rag, gramsPerPull])).toEqual([
      ['Rust', 1, 9],
      ['Dusk blue', 2, 0.3],
    ])
    expect(kept.paths).toEqual(['mixes.1'])
    const shared = inksOnPlate(begun, [wanted('Rust', 0.1)], laidOut, (place) => place === 0)
    expect(shared.ink!.mixes[0]).toMatchObject({ gramsPerPull: 0.1, batchGrams: 4, parts: sampleMix.parts })
    expect(shared.paths).toEqual(['mixes.0.gramsPerPull', 'mixes.0.batchGrams'])
  })
})
