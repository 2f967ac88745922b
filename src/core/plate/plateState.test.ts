import { describe, expect, it } from 'vitest'
import { openSpots, type WatchSpot } from './plateState'

describe('spots to watch', () => {
  it('are those that are not gone', () => {
    const spot = (goneAt: string | null) => ({ note: 'a scratch', goneAt }) as WatchSpot
    expect(openSpots([spot(null), spot('2031-05-02T09:30:00.000Z')])).toEqual([spot(null)])
  })
})
