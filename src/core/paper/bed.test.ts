import { describe, expect, it } from 'vitest'
import { sheetOnTheBed } from './growth'

describe('the sheet on the bed', () => {
  const sheet = { sheetWidthMm: 200, sheetHeightMm: 300, grain: 'long' as const }
  const growth = { alongPercent: 0.5, acrossPercent: 2 }
  it('is its own size when dry, and grown across its grain more than along it when damp', () => {
    expect(sheetOnTheBed(sheet, 'dry', growth)).toEqual({ widthMm: 200, heightMm: 300 })
    expect(sheetOnTheBed(sheet, 'damp', growth)).toEqual({
      widthMm: expect.closeTo(204, 9),
      heightMm: expect.closeTo(301.5, 9),
    })
    expect(sheetOnTheBed({ ...sheet, grain: 'short' }, 'damp', growth)).toEqual({
      widthMm: expect.closeTo(201, 9),
      heightMm: expect.closeTo(306, 9),
    })
  })
})
