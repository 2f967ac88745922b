import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { settingEntries } from '../prove/settingEntries'
import {
  LAID_THINGS,
  laidWarnings,
  layerOfThing,
  MAKE_READY,
  stackInOrder,
  type LaidThing,
} from './laidStack'
import { isSamePack, pressSettingSchema, type LaidLayer } from './pressSetting'
import { pressStack, pressStackInput } from './pressStack'

const felt = (name: string): LaidLayer => ({
  name,
  thicknessMm: 3,
  modulusMPa: 0.8,
  densificationStrain: 0.6,
  of: 'single-felt',
})
/** A kitchen roller: felt, tissue, sheet, plate face down, tissue, felt. */
const tissue: LaidLayer = { ...felt('Tissue'), thicknessMm: 0.05, of: 'tissue' }
const roller = {
  ...sampleSettings.press,
  pack: [felt('Lower'), tissue, tissue, felt('Upper')],
  plateAt: 2,
  isFaceDown: true,
}

describe('a stack as it is laid', () => {
  it('is read from the bed upward, the sheet under a plate that lies face down', () => {
    expect(stackInOrder({ ...roller, makeReadyMm: 0.3 }, 0.6, 0.4).map(({ name }) => name)).toEqual([
      ...['Lower', 'Tissue', 'Sheet', 'Plate', 'Make-ready', 'Tissue', 'Upper'],
    ])
  })
  it('of earlier releases lies all over the sheet', () => {
    const { plateAt: _, isFaceDown: __, makeReadyOf: ___, ...kept } = sampleSettings.press
    const read = pressSettingSchema.parse({ ...kept, makeReadyMm: 0.2 })
    expect(stackInOrder(read, 1.2, 0.55).map(({ what }) => what)).toEqual([
      ...['make-ready', 'plate', 'sheet', 'layer', 'layer', 'layer'],
    ])
  })
  it('is as high whatever its order (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4 }), fc.boolean(), (plateAt, isFaceDown) => {
        const height = stackInOrder({ ...roller, plateAt, isFaceDown }, 0.6, 0.4).reduce(
          (sum, { mm }) => sum + mm,
          0,
        )
        expect(height).toBeCloseTo(7.1, 9)
      }),
    )
  })
  it('has no more layers under the plate than are laid', () =>
    expect(pressSettingSchema.safeParse({ ...roller, plateAt: 5 }).error?.issues[0]).toMatchObject({
      path: ['plateAt'],
      message: 'must be at most 4: so many layers are laid',
    }))
  it('is pressed alike wherever the plate lies in it: the layers are in series', () => {
    const stack = {
      rollerRadiusMm: 45,
      gapMm: 5,
      plateThicknessMm: 1,
      layers: [felt('A'), felt('B')].map(({ of: _, ...layer }) => layer),
    }
    expect(pressStack(pressStackInput.parse({ ...stack, plateAt: 1 }))).toEqual(
      pressStack(pressStackInput.parse(stack)),
    )
    expect(pressStackInput.safeParse({ ...stack, plateAt: 3 }).error?.issues[0].path).toEqual(['plateAt'])
  })
  it('stands in the list of settings where it is not as usual', () => {
    const said = settingEntries({ ...sampleSettings, press: roller }).find(
      ({ key }) => key === 'press.plateLies',
    )
    expect(said?.text).toBe('face down, 2 layers under it')
    expect(settingEntries(sampleSettings).some(({ key }) => key === 'press.plateLies')).toBe(false)
  })
  it('presses alike whatever its layers are made of, as long as they give way alike', () => {
    const { of: _, ...bare } = felt('Lower')
    expect(isSamePack([felt('Lower')], [bare])).toBe(true)
    expect(isSamePack([felt('Lower')], [{ ...bare, thicknessMm: 2 }])).toBe(false)
  })
})

describe('what is said of a stack', () => {
  it('thin paper against a felt takes its texture; a blotter between hides it', () => {
    const open = { ...roller, pack: [felt('Lower')], plateAt: 0, isFaceDown: false, makeReadyMm: 0 }
    expect(laidWarnings(open, 80)).toEqual([
      'Thin paper right against “Lower” takes its texture: lay a blotter or a spare sheet between.',
    ])
    expect(laidWarnings({ ...open, pack: [layerOfThing('blotter'), felt('Lower')] }, 80)).toEqual([])
    expect(laidWarnings(open, 300)).toEqual([])
    expect(laidWarnings({ ...open, pack: [layerOfThing('towel')] }, 80)[0]).toContain('spare sheet')
  })
  it('face down the paper lies on what is under the plate', () => {
    expect(laidWarnings({ ...roller, plateAt: 0 }, 300)[0]).toContain('on the bare bed')
    expect(laidWarnings({ ...roller, pack: [felt('Lower'), felt('Upper')], plateAt: 1 }, 80)[0]).toContain(
      '“Lower”',
    )
  })
  it('make-ready of plastic or metal is bevelled and no larger than the plate; card need not be', () => {
    for (const makeReadyOf of Object.keys(MAKE_READY) as (keyof typeof MAKE_READY)[])
      expect(laidWarnings({ ...roller, makeReadyMm: 0.5, makeReadyOf }, 300)).toHaveLength(
        makeReadyOf === 'card' ? 0 : 1,
      )
    expect(laidWarnings({ ...roller, makeReadyMm: 0, makeReadyOf: 'metal' }, 300)).toEqual([])
  })
  it('every thing that is laid can be reckoned with', () => {
    for (const thing of Object.keys(LAID_THINGS) as LaidThing[])
      expect(
        pressSettingSchema.safeParse({ ...roller, pack: [layerOfThing(thing)], plateAt: 0 }).success,
      ).toBe(true)
  })
})
