import { describe, expect, it } from 'vitest'
import { openWantedPictures, WANTED_MS } from './wantedPictures'

const PICTURE = { id: 'a'.repeat(64), size: { widthPx: 300, heightPx: 200 }, source: null }
const opened = () => {
  const time = { now: 1_000_000 }
  const wanted = openWantedPictures(() => time.now)
  return { time, wanted, one: wanted.want('Picture of proof 3')! }
}

describe('a picture that is wanted', () => {
  it('is taken once, and handed to the field that asked for it, once', () => {
    const { wanted, one } = opened()
    expect(one.token).not.toBe(one.id)
    expect(wanted.whatFor(one.token)).toBe('Picture of proof 3')
    expect(wanted.collect(one.id)).toEqual({ stand: 'wanted' })
    const begun = wanted.begin(one.token)!
    wanted.done(begun, PICTURE)
    // The token is worth nothing from now on, though nobody has fetched the picture yet.
    expect([wanted.whatFor(one.token), wanted.begin(one.token)]).toEqual([null, null])
    wanted.release(begun)
    expect(wanted.begin(one.token)).toBeNull()
    // Who knows the token does not get the picture.
    expect(wanted.collect(one.token)).toEqual({ stand: 'gone' })
    expect(wanted.collect(one.id)).toEqual({ stand: 'taken', picture: PICTURE })
    expect(wanted.collect(one.id)).toEqual({ stand: 'gone' })
  })
  it('comes from one device at a time, and may be tried again when it was cut off or refused', () => {
    const { wanted, one } = opened()
    const begun = wanted.begin(one.token)!
    expect(wanted.begin(one.token)).toBeNull()
    wanted.release(begun)
    const again = wanted.begin(one.token)!
    expect(again).not.toBe(begun)
    // What was given up and comes all the same is not taken for it.
    wanted.done(begun, { ...PICTURE, id: 'b' })
    expect(wanted.collect(one.id)).toEqual({ stand: 'wanted' })
    wanted.done(again, PICTURE)
    expect(wanted.collect(one.id)).toEqual({ stand: 'taken', picture: PICTURE })
  })
  it('is wanted for ten minutes, or until its field waits no longer', () => {
    const { time, wanted, one } = opened()
    const other = wanted.want('Artwork')!
    wanted.forget(other.id)
    expect([wanted.whatFor(other.token), wanted.begin(other.token)]).toEqual([null, null])
    expect(one.until).toBe(time.now + WANTED_MS)
    time.now += WANTED_MS - 1
    expect(wanted.whatFor(one.token)).not.toBeNull()
    time.now += 1
    expect([wanted.whatFor(one.token), wanted.begin(one.token)]).toEqual([null, null])
    expect(wanted.collect(one.id)).toEqual({ stand: 'gone' })
  })
  it('is no crowd: twenty at most', () => {
    const { time, wanted } = opened()
    const more = Array.from({ length: 25 }, () => wanted.want('Picture'))
    expect(more.filter(Boolean)).toHaveLength(19)
    time.now += WANTED_MS
    expect(wanted.want('Picture')).not.toBeNull()
  })
})
