import { describe, expect, it } from 'vitest'
import { couponSpots } from './couponSpots'

const plate = { widthMm: 200, heightMm: 100 }

describe('where the crops of a proof are taken', () => {
  it('is where the spots lie, left for right of the plate', () => {
    const [dark] = couponSpots({ spots: { tone1: [50, 20], tone2: null, tone3: null } }, plate)
    expect(dark).toEqual({ name: expect.stringContaining('dark'), x: 0.75, y: 0.2 })
  })
  it('is spread over the print while nobody placed them, and never off it', () => {
    expect(couponSpots(null, plate).map(({ x }) => x)).toEqual([0.25, 0.5, 0.75, 0.06])
    expect(couponSpots({ spots: { tone1: [260, -5], tone2: null, tone3: null } }, plate)[0]).toMatchObject({
      x: 0,
      y: 0,
    })
    expect(couponSpots({ spots: { tone1: [50, 20], tone2: null, tone3: null } }, null)[0].x).toBe(0.25)
  })
})
