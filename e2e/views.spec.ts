import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from './fixtures'
import { VIEWS } from './views'

/** Widths from a phone to a wall screen, px. */
const WIDTHS = [320, 768, 1920]
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

/** No view has frames: all of it is checked within the page, which takes a third of the time. */
const axe = (page: Page) => new AxeBuilder({ page }).setLegacyMode(true)

test.describe('every view', () => {
  test.describe.configure({ mode: 'parallel' })
  for (const view of VIEWS) {
    test(`${view}: axe finds nothing, light and dark, and nothing runs out of the page from 320 to 1920 px`, async ({
      walked: page,
      sample,
    }) => {
      await page.setViewportSize({ width: 1280, height: 800 })
      await page.goto(sample.url + view)
      const light = await axe(page)
        .options({ runOnly: RULES, resultTypes: ['violations'] })
        .analyze()
      // The dim room changes colours and nothing else.
      await page.evaluate(() => (document.documentElement.dataset.theme = 'dark'))
      const dark = await axe(page).withRules(['color-contrast']).analyze()
      expect(
        [...light.violations, ...dark.violations].map(
          ({ id, nodes }) => `${id} ${nodes[0].html.slice(0, 160)}`,
        ),
      ).toEqual([])
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
