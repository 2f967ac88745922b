import { describe, expect, it } from 'vitest'
import type { PullEvent } from '@/core/edition/pull'
import { samplePull } from '@/core/edition/samplePull.test.fixture'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { deskAlbum } from './deskAlbum'

const smear: PullEvent = { kind: 'fault', where: 7, what: 'smear', cause: 'fingers' }
const accepted: PullEvent = { kind: 'decision', decision: 'accepted', reason: '', fate: null }
const tighter = {
  ...sampleSettings,
  press: { ...sampleSettings.press, readingLeft: sampleSettings.press.readingLeft - 0.25 },
}

describe('what a desk takes along of earlier faults', () => {
  it('is nothing where no print had one', () => {
    expect(deskAlbum([samplePull(1, [accepted])])).toEqual({})
  })
  it('is how one went the last time, with its place and what was changed', () => {
    expect(deskAlbum([samplePull(1, [smear]), samplePull(2, [accepted])])).toEqual({
      smear: 'Pull 1 had it, top left: gone with the next print, nothing set otherwise.',
    })
    const { smear: words } = deskAlbum([
      samplePull(1, [smear]),
      samplePull(2),
      samplePull(3, [accepted], { settings: tighter }),
    ])
    expect(words).toMatch(/^Pull 1 had it, top left: gone 2 prints later, .*tighter.*\.$/)
  })
  it('is that it was not cured yet', () => {
    expect(deskAlbum([samplePull(1, [smear])])).toEqual({
      smear: 'Pull 1 had it, top left: not cured yet.',
    })
  })
  it('is the change it went with, where that was so more than once', () => {
    const pulls = [
      samplePull(1, [smear]),
      samplePull(2, [accepted], { settings: tighter }),
      samplePull(3, [smear]),
      samplePull(4, [accepted], { settings: tighter }),
    ]
    expect(deskAlbum(pulls).smear).toMatch(/^2 prints here had it\. It went 2 times with .*tighter.*\.$/)
  })
  it('counts a print that was rejected for it, and no other word for a rejection', () => {
    const rejected = (reason: string): PullEvent => ({
      kind: 'decision',
      decision: 'rejected',
      reason,
      fate: 'destroyed',
    })
    expect(
      Object.keys(deskAlbum([samplePull(1, [rejected('crease')]), samplePull(2, [rejected('dropped it')])])),
    ).toEqual(['crease'])
  })
})
