import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { backupsKept } from './backupsKept'

const day = (n: number, hour = 8) => new Date(Date.UTC(2031, 4, n, hour)).toISOString()

describe('backups that stay', () => {
  it('are the last of each of seven days and of each of four weeks, worked by hand', () => {
    // May 2031 began on a Thursday. Every day from the 1st to the 31st, a Saturday: the 25th to the 31st by days; by weeks the 31st,
    // and the Sundays the 25th, the 18th and the 11th.
    const month = Array.from({ length: 31 }, (_, i) => day(i + 1))
    expect(backupsKept(month)).toEqual([31, 30, 29, 28, 27, 26, 25, 18, 11].map((n) => day(n)))
  })
  it('are the last of a day with several', () =>
    expect(backupsKept([day(3, 8), day(3, 17), day(3, 12), day(2)])).toEqual([day(3, 17), day(2)]))
  it('stay however long nobody was there', () => expect(backupsKept([day(1), day(400)])).toHaveLength(2))
  it('hold the newest, are never more than eleven, and kept once are kept again (property)', () => {
    const moments = fc.array(
      fc.integer({ min: 0, max: 900 }).map((n) => day(n)),
      { minLength: 1, maxLength: 80 },
    )
    fc.assert(
      fc.property(moments, (list) => {
        const kept = backupsKept(list)
        expect(kept[0]).toBe([...list].sort().at(-1))
        expect(kept.length).toBeLessThanOrEqual(11)
        expect(backupsKept(kept)).toEqual(kept)
      }),
    )
  })
})
