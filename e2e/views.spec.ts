import { broken } from './axe'
import { expect, test } from './fixtures'
import { movedControls } from './still'
import { VIEWS } from './views'

/** Widths from a phone to a wall screen, px. */
const WIDTHS = [320, 768, 1920]
test.describe('every view', () => {
  test.describe.configure({ mode: 'parallel' })
  for (const view of VIEWS) {
    test(`${view}: axe finds nothing, light and dark, and nothing runs out of the page from 320 to 1920 px`, async ({
      walked: page,
      sample,
    }) => {
      await page.setViewportSize({ width: 1280, height: 800 })
      await page.goto(sample.url + view)
      // The desk is put together on the device, a moment after the page answers.
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
      expect(await broken(page)).toEqual([])
      expect(await movedControls(page), 'moved under a hand').toEqual([])
      // One, but for what a drag says of itself while it lasts.
      await expect(
        page.locator(':is([role=status], [role=log], [aria-live=polite]):not([id^=DndLiveRegion])'),
      ).toHaveCount(1)
      for (const width of WIDTHS) {
        await page.setViewportSize({ width, height: 800 })
        await expect
          .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), {
            message: `at ${width} px`,
          })
          .toBeLessThanOrEqual(0)
      }
    })
  }
})
