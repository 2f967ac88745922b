import type { Page } from '@playwright/test'
import { answering, expect } from './fixtures'

/** The pull desk of a page. */
export const desk = (page: Page) => page.getByRole('region', { name: 'Pull desk' })
/** What the desk says is in hand. */
export const heading = (page: Page) => desk(page).getByRole('heading', { level: 1 })

/** Presses keys as a hand does, one after the other. */
export async function keys(page: Page, ...codes: string[]): Promise<void> {
  for (const code of codes) {
    await page.keyboard.press(code)
    await page.waitForTimeout(430)
  }
}

/** Says who inks: nothing is pulled without a name. */
export async function nameHand(page: Page): Promise<void> {
  const hands = desk(page).getByText(/^Hands:/)
  await hands.click()
  await desk(page).getByLabel('Inks').fill('Ida Quill')
  await hands.click()
}

/** Opens the desk of the mooring posts, with somebody who inks, where pulls count. */
export async function openDesk(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/desk/mooring-posts`)
  await answering(page)
  await expect(heading(page)).toBeVisible()
  await nameHand(page)
  const count = desk(page).getByRole('button', { name: 'Warm-ups done: count from here' })
  if (await count.isVisible()) await count.click()
  await expect(heading(page)).toContainText(/pull \d+/)
}

/** Waits until the desk opens without the server too. */
export const opensAlone = (page: Page) => expect(desk(page).locator('[data-opens-alone]')).toBeAttached()

/** How many edition pulls of the mooring posts the server knows. */
export const pullsAt = async (page: Page, url: string): Promise<number> =>
  (await (await page.request.get(`${url}/jobs/mooring-posts/record/pulls.csv`)).text())
    .split('\n')
    .filter((row) => /Edition/i.test(row)).length
