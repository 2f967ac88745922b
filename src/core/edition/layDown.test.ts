import { describe, expect, it } from 'vitest'
import { filmsAt, ghostInks, isGhostOf, liesAt, placesOf } from './laidPlaces'
import { layDownSchema, type LaidInk, type LayDown } from './layDown'
import { layDownWords } from './layDownWords'
import { readPull } from './readPull'
import { samplePull } from './samplePull.test.fixture'

const ink = (name: string, place: LaidInk['place'] = 'all', area = ''): LaidInk => ({
  name,
  parts: [{ inkId: name.toLowerCase(), name, parts: 1 }],
  micrometres: 5,
  place,
  area,
})
const laid = (number: number, inks: LaidInk[], more: Partial<LayDown> = {}): LayDown => ({
  number,
  way: 'slab',
  tool: 'rolled',
  inks,
  kept: null,
  marks: '',
  imageId: null,
  ...more,
})

describe('lay-downs of a print', () => {
  const print = [
    laid(1, [ink('Ochre')]),
    laid(2, [ink('Blue', 'within', 'Moon'), ink('Grey', 'around', 'Moon')]),
  ]
  it('lie where the tape lets them: all over, within, or around', () => {
    expect(placesOf(print)).toEqual([null, 'Moon'])
    expect(filmsAt(print, 'Moon').map(({ name }) => name)).toEqual(['Ochre', 'Blue'])
    expect(filmsAt(print, null).map(({ name }) => name)).toEqual(['Ochre', 'Grey'])
    expect(liesAt(ink('Blue', 'within', 'Moon'), 'Sun')).toBe(false)
    expect(liesAt(ink('Grey', 'around', 'Moon'), 'Sun')).toBe(true)
  })
  it('leave a ghost of the same inks at the same places, thinner', () => {
    expect(
      ghostInks(print[1].inks, 0.3).map(({ name, micrometres, area }) => [name, micrometres, area]),
    ).toEqual([
      ['Blue', 1.5, 'Moon'],
      ['Grey', 1.5, 'Moon'],
    ])
  })
  it('are ghosts of what lay on the slab, and of nothing that came onto it since', () => {
    const ghost = ghostInks(print[1].inks, 0.3)
    expect(isGhostOf(ghost, print[1].inks)).toBe(true)
    expect(isGhostOf(ghost, print[0].inks)).toBe(false)
    expect(isGhostOf(ghost, [ink('Blue', 'within', 'Sun'), print[1].inks[1]])).toBe(false)
  })
  it('are said in words', () => {
    expect(layDownWords(print[0])).toBe('Ochre, rolled')
    expect(layDownWords(print[1])).toBe('Blue within Moon and Grey around Moon, rolled')
    expect(layDownWords(laid(3, [ink('Ochre')], { way: 'ghost', kept: 0.3 }))).toBe(
      'ghost of Ochre, 30 % of it',
    )
    expect(layDownWords(laid(3, [ink('Ochre')], { way: 'behind', marks: 'waves, by pencil' }))).toBe(
      'Ochre, drawn from behind: waves, by pencil',
    )
  })
  it('name the place the tape shows', () => {
    const { error } = layDownSchema.safeParse(laid(1, [ink('Blue', 'within')]))
    expect(error!.issues[0].path).toEqual(['inks', 0, 'area'])
  })
  it('are read from the print in their order, the last word on each', () => {
    const pull = samplePull(1, [
      { kind: 'laid', laid: print[1] },
      { kind: 'laid', laid: print[0] },
      { kind: 'laid', laid: { ...print[0], imageId: 'seen' } },
    ])
    const { layDowns, amended } = readPull(pull)
    expect(layDowns.map(({ number, imageId }) => [number, imageId])).toEqual([
      [1, 'seen'],
      [2, null],
    ])
    expect(amended).toEqual(['laid.1'])
  })
})
