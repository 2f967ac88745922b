import { afterEach, describe, expect, it } from 'vitest'
import { inTradeWords, showTongue, shownTongue } from './tradeWords'

afterEach(() => showTongue('british'))

describe('words of the trade', () => {
  it('are British as they are written, until a workshop reads American ones', () => {
    expect(shownTongue()).toBe('british')
    expect(inTradeWords('Scrim, then hand')).toBe('Scrim, then hand')
  })
  // Pairs of either side of the ocean [common practice, no source].
  it.each([
    ['Scrim only, tone left', 'Tarlatan only, tone left'],
    ['ground with white spirit, little of it', 'ground with mineral spirits, little of it'],
    ['White spirit, little of it', 'Mineral spirits, little of it'],
    ['Light copperplate oil', 'Light plate oil'],
    ['Hand with French chalk', 'Hand with whiting'],
    ['Whiting with a little water', 'Whiting with a little water'],
  ])('%s is %s in America', (british, american) => {
    showTongue('american')
    expect(inTradeWords(british)).toBe(american)
    expect(inTradeWords(american)).toBe(american)
  })
})
