import { describe, expect, it } from 'vitest'
import { inkLeftIn, inksInPlate, type InkInPlate } from './inkLeftIn'

const tide: InkInPlate = { name: 'Tide', kind: 'water-washable', inkIds: ['tide'] }
const dune: InkInPlate = { name: 'Dune', kind: 'water-washable', inkIds: ['dune'] }
const quay: InkInPlate = { name: 'Quay black', kind: 'oil', inkIds: ['quay'] }
const lost: InkInPlate = { name: 'Old tube', kind: 'oil', inkIds: ['lost'] }

describe('ink left in a plate', () => {
  it('goes on where it is water-washable and the same', () => {
    expect(inkLeftIn([tide], [tide])).toMatchObject({ goesOn: true, step: null })
    expect(inkLeftIn([tide], [dune, tide]).goesOn).toBe(true)
    // The same pigments under another name are the same ink.
    expect(inkLeftIn([tide], [{ ...tide, name: 'Tide, thinner' }]).goesOn).toBe(true)
  })
  it('is cleaned out where it is oil, whatever follows', () => {
    for (const was of [[quay], [lost], [tide, quay]]) {
      const { goesOn, because, step } = inkLeftIn(was, was)
      expect(goesOn).toBe(false)
      expect(because).toMatch(/^Clean it out first: (Quay black|Old tube) is an oil ink/)
      expect(step).toMatchObject({ label: 'Clean the old ink out', seconds: 300, hazard: 'cleaning' })
    }
  })
  it('is cleaned out where another colour follows, with soap and not with solvent', () => {
    const { because, step } = inkLeftIn([tide, dune], [dune])
    expect(because).toBe('Clean it out first: Tide would print into the new ink.')
    expect(step!.detail).toContain('soap')
    expect(step!.detail).not.toContain('solvent')
  })
  it('is of a mix as its ink that skins, and of one that is no longer on the shelf as oil', () => {
    const kinds = { tide: 'water-washable', quay: 'oil' } as const
    const mix = (name: string, ...ids: string[]) => ({ name, parts: ids.map((inkId) => ({ inkId })) })
    expect(
      inksInPlate([mix('Low water', 'tide'), mix('Both', 'tide', 'quay'), mix('Gone', 'sold')], kinds),
    ).toEqual([
      { name: 'Low water', kind: 'water-washable', inkIds: ['tide'] },
      { name: 'Both', kind: 'oil', inkIds: ['tide', 'quay'] },
      { name: 'Gone', kind: 'oil', inkIds: ['sold'] },
    ])
  })
  it('names all that are oil', () => {
    expect(inkLeftIn([quay, tide, lost], [tide]).because).toBe(
      'Clean it out first: Quay black and Old tube are oil inks and skin in the lines.',
    )
  })
})
