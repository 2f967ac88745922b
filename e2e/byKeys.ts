import { expect, type Locator, type Page } from '@playwright/test'

/** Tabs until something has the focus, as one gets to it with the keyboard alone; fails where it is not reached. */
export async function tabTo(page: Page, wanted: Locator): Promise<void> {
  await expect(wanted).toBeVisible()
  for (let i = 0; i < 80; i++) {
    if (await wanted.evaluate((one) => one === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  await expect(wanted).toBeFocused()
}
