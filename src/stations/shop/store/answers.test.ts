import { describe, expect, it } from 'vitest'
import { inkSheetAnswer, newInkAnswer, paperSheetAnswer, shelfAnswer } from './answers'

const paper = (name: string, sheetsLeft: number, lowAt: number | null = null) => ({
  id: name,
  name,
  sheetsLeft,
  lowAt,
})
const shelf = { inks: [], papers: [], presses: 0, reservations: [] }
const wants = (paperId: string, sheets: number) => ({ jobId: 'a', title: 'A', paperId, sheets })

describe('what the stockroom says first', () => {
  it('asks for the first thing where there is none', () => {
    expect(shelfAnswer(shelf)).toMatchObject({ asks: { page: '/store/inks/new' } })
  })
  it('names what is missing before what is low, and what is low before that there is enough', () => {
    const papers = [paper('Heron white', 10), paper('Egret soft', 12, 20)]
    expect(shelfAnswer({ ...shelf, papers, reservations: [wants('Heron white', 18)] })).toEqual({
      says: '◆ Buy Heron white',
      because: 'Heron white: 10 lie there, the jobs want 18.',
    })
    expect(shelfAnswer({ ...shelf, papers })).toMatchObject({ says: 'Order Egret soft soon' })
    expect(shelfAnswer({ ...shelf, papers: [paper('Heron white', 10)] }).says).toContain('Enough')
  })
  it('names an ink whose tube is used up, and none whose amount is not known', () => {
    const inks = [
      { name: 'Kelp black', gramsNow: 0 },
      { name: 'Quay black', gramsNow: null },
    ]
    expect(shelfAnswer({ ...shelf, inks }).says).toBe('◆ Buy Kelp black')
  })
})

describe('what one thing of the stockroom says', () => {
  it('tells how an ink covers and what is left of it, never less than nothing', () => {
    expect(inkSheetAnswer({ gramsNow: 120, opacity: 0.964, suits: ['etching'] }).says).toBe(
      'It covers 96 %; 120 g left',
    )
    expect(inkSheetAnswer({ gramsNow: -3, opacity: 0.5, suits: [] }).says).toContain('0 g left')
    expect(inkSheetAnswer({ gramsNow: null, opacity: 0.5, suits: [] }).says).toContain('not known')
  })
  it('tells how many sheets are free, short or low', () => {
    const stands = { left: 70, reserved: 18, free: 52, standing: 'enough' } as const
    expect(paperSheetAnswer(stands).says).toBe('52 sheets free')
    expect(paperSheetAnswer({ ...stands, standing: 'low' }).says).toBe('52 sheets free: order again')
    expect(paperSheetAnswer({ left: 12, reserved: 18, free: -6, standing: 'short' }).says).toBe(
      '◆ 6 sheets short',
    )
    expect(paperSheetAnswer({ left: 0, reserved: 0, free: 0, standing: 'enough' }).says).toContain(
      'count them',
    )
  })
  it('says what a new ink needs', () => {
    expect(newInkAnswer('Dusk blue', true).says).toBe('Put Dusk blue on the shelf')
    expect(newInkAnswer('', false).says).toContain('read its colour')
  })
})
