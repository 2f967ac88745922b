import type { Locator, Page } from '@playwright/test'
import { pasteInto } from './fixtures'

/** Counts what a hand does: a tap, a field filled, a choice made. */
export class Hand {
  acts = 0
  async tap(what: Locator): Promise<void> {
    this.acts++
    await what.click()
  }
  async fill(what: Locator, text: string): Promise<void> {
    this.acts++
    await what.fill(text)
  }
  async pick(what: Locator, label: string | RegExp): Promise<void> {
    this.acts++
    const option = what.locator('option').filter({ hasText: label }).first()
    await what.selectOption(await option.getAttribute('value'))
  }
  async press(page: Page, key: string): Promise<void> {
    this.acts++
    await page.keyboard.press(key)
  }
  async paste(what: Locator, text: string): Promise<void> {
    this.acts++
    await pasteInto(what, text)
  }
}
