import { describe, expect, it } from 'vitest'
import type { PullEvent } from '../edition/pull'
import { byCloseness, closenessTo } from './closeness'
import { resumeSorting } from './numbering'

const said = (number: number, ...events: PullEvent[]) => ({
  number,
  events: events.map((event) => ({ event, at: '2031-05-02T09:00:00.000Z', by: 'Ida', why: null })),
})
const tone = (value: number): PullEvent => ({ kind: 'reading', quantity: 'tone1', value })
const bat = said(1, tone(1.4))

describe('how close an impression is to the BAT', () => {
  it('is counted in tolerances, by the farthest of its readings', () => {
    expect(closenessTo(said(2, tone(1.46)), bat)).toEqual({
      distance: expect.closeTo(1, 9),
      by: ['tone, dark spot'],
    })
    expect(closenessTo(said(2, tone(1.4), { kind: 'eye', reading: 'same' }), bat)).toEqual({
      distance: 0,
      by: [],
    })
    expect(
      closenessTo(
        said(2, { kind: 'eye', reading: 'darker' }, { kind: 'fault', where: 7, what: 'spot' }),
        bat,
      ),
    ).toEqual({ distance: 1.5, by: ['the eye: darker', '1 fault'] })
  })
  it('counts a feature that differs as the edge of what passes', () =>
    expect(closenessTo(said(2, tone(1.41), { kind: 'features', features: { emboss: -1 } }), bat)).toEqual({
      distance: 1,
      by: ['plate mark: shallow', 'tone, dark spot'],
    }))
  it('compares dry with dry, and never wet with dry', () => {
    const dry = (value: number): PullEvent => ({ kind: 'reading', quantity: 'tone1', value, dry: true })
    expect(closenessTo(said(2, tone(1.52), dry(1.3)), said(1, tone(1.4), dry(1.3)))!.distance).toBe(0)
    expect(closenessTo(said(2, dry(1.3)), bat)).toBeNull()
  })
  it('is not known where nothing was seen', () => expect(closenessTo(said(2), bat)).toBeNull())
  it('orders the closest first, the unknown last as pulled', () => {
    expect(
      byCloseness([said(5), said(4, tone(1.5)), said(2), said(3, tone(1.39))], bat).map(
        ({ number }) => number,
      ),
    ).toEqual([3, 4, 2, 5])
  })
})

describe('a kept order', () => {
  it('goes on with what is there: gone ones fall out, new ones stand at the end', () => {
    const kept = [
      { pullId: 'b', kind: 'edition' as const },
      { pullId: 'gone', kind: 'AP' as const },
      { pullId: 'a', kind: 'PP' as const },
    ]
    expect(resumeSorting(kept, ['a', 'b', 'c', 'd'], 'bat', 2)).toEqual([
      { pullId: 'b', kind: 'edition' },
      { pullId: 'a', kind: 'PP' },
      { pullId: 'c', kind: 'edition' },
      { pullId: 'd', kind: 'AP' },
      { pullId: 'bat', kind: 'BAT' },
    ])
  })
  it('leaves no room in an edition that is full, and the BAT stands once, at the end', () => {
    const kept = [
      { pullId: 'bat', kind: 'BAT' as const },
      { pullId: 'a', kind: 'edition' as const },
    ]
    expect(resumeSorting(kept, ['bat', 'a', 'b'], null, 1)).toEqual([
      { pullId: 'a', kind: 'edition' },
      { pullId: 'bat', kind: 'AP' },
      { pullId: 'b', kind: 'AP' },
    ])
    expect(resumeSorting(kept, ['a', 'b'], 'bat', 2).map(({ kind }) => kind)).toEqual([
      'edition',
      'edition',
      'BAT',
    ])
  })
})
