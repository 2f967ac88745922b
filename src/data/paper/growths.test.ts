import { describe, expect, it } from 'vitest'
import { keepGrowthMarks, loadGrowthMarks } from './growths'
import { addPaper } from '../shop/store'
import { at, openWorkshop } from '../shop/workshop.test.fixture'

openWorkshop()

describe('marks measured on a paper', () => {
  it('are kept with it, and refused where they cannot be', async () => {
    await addPaper(
      {
        name: 'Heron',
        gsm: 300,
        caliperMm: 0.5,
        sheetWidthMm: 300,
        sheetHeightMm: 250,
        grain: 'long',
        sheetsReceived: 5,
        note: '',
      },
      new Array<number>(36).fill(0.9),
    )
    const marks = { paperId: 'heron', direction: 'across' as const, dryMm: 200, dampMm: 203 }
    await keepGrowthMarks(marks, at())
    expect(await loadGrowthMarks()).toEqual([marks])
    await expect(keepGrowthMarks({ ...marks, dampMm: 190 }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['dampMm'] })],
    })
    await expect(keepGrowthMarks({ ...marks, paperId: 'nobody' }, at())).rejects.toThrow('This paper')
  })
})
