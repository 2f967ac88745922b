import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from '@playwright/test'
import type { RunOptions } from 'axe-core'

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

declare global {
  interface Window {
    axe: typeof import('axe-core')
  }
}

/** What breaks a rule on the page as it stands, by rule and place. No view has frames: all of it is checked within the page. */
const violations = (page: Page, options: RunOptions) =>
  page.evaluate(async (options) => {
    const { violations } = await window.axe.run({ ...options, resultTypes: ['violations'], iframes: false })
    return violations.map(({ id, nodes }) => `${id} ${nodes[0].html.slice(0, 160)}`)
  }, options)

/** What breaks a rule on the page, in the light room and the dim one, which changes colours and nothing else. */
export async function broken(page: Page): Promise<string[]> {
  await page.evaluate(AXE)
  const light = await violations(page, { runOnly: RULES })
  await page.evaluate(() => (document.documentElement.dataset.theme = 'dark'))
  return [...light, ...(await violations(page, { runOnly: ['color-contrast'] }))]
}
