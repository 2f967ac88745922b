import { describe, expect, it } from 'vitest'
import { qrOf } from '@/ui/qrOf'
import { readPdfPage } from '../../../core/sheet/pdfReader.test.fixture'
import { renderShelfLabelsPdf } from './shelfLabelsPdf'

const URL = 'https://192.168.4.7:4430'
const LABELS = ['quay-black', 'kelp-black'].map((id) => ({
  title: id,
  lines: ['oil, 70 Pa·s'],
  page: `/store/inks/${id}`,
}))

describe('labels of the shelves, measured by an independent reader', () => {
  it('lie on A4, and bear a code only while the workshop is shared', async () => {
    const [bare, shared] = [
      await readPdfPage(await renderShelfLabelsPdf(LABELS, null)),
      await readPdfPage(await renderShelfLabelsPdf(LABELS, URL)),
    ]
    expect(Math.abs(shared.widthMm - 210)).toBeLessThan(0.1)
    expect(Math.abs(shared.heightMm - 297)).toBeLessThan(0.1)
    const points = (page: typeof bare) => page.paths.reduce((sum, path) => sum + path.length, 0)
    // Every dark square of a code is drawn, four corners each.
    const squares = LABELS.reduce((sum, { page }) => sum + qrOf(URL + page).path.split('M').length - 1, 0)
    expect(points(shared) - points(bare)).toBeGreaterThanOrEqual(4 * squares)
    expect(points(shared) - points(bare)).toBeLessThanOrEqual(5 * squares)
  })
})
