import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from '@playwright/test'
import type { RunOptions } from 'axe-core'
import { expect, test } from './fixtures'
import { VIEWS } from './views'

/** Widths from a phone to a wall screen, px. */
const WIDTHS = [320, 768, 1920]
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** What breaks a rule on the page as it stands, by rule and place. No view has frames: all of it is checked within the page. */
const violations = (page: Page, options: RunOptions) =>
  page.evaluate(async (options) => {
    const { violations } = await window.axe.run({ ...options, resultTypes: ['violations'], iframes: false })
    return violations.map(({ id, nodes }) => `${id} ${nodes[0].html.slice(0, 160)}`)
  }, options)

declare global {
  interface Window {
    axe: typeof import('axe-core')
  }
}

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
      await page.evaluate(AXE)
      const light = await violations(page, { runOnly: RULES })
      // The dim room changes colours and nothing else.
      await page.evaluate(() => (document.documentElement.dataset.theme = 'dark'))
      const dark = await violations(page, { runOnly: ['color-contrast'] })
      expect([...light, ...dark]).toEqual([])
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
