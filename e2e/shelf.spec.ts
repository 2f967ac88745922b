import { fill } from './fill'
import { expect, test } from './fixtures'
import { startServer } from './server'

test('with more jobs than a shelf and a morning bear, the ones at work come first and any is found', async ({
  page,
}) => {
  test.slow()
  const server = await startServer({ sample: true })
  try {
    await fill(server, 14, 1)
    await page.goto(server.url)
    const shelf = page.getByRole('navigation', { name: 'Jobs', exact: true })
    const mornings = page.getByRole('region', { name: /^Today’s advice for (?!the workshop)/ })
    await expect(shelf.getByRole('listitem')).toHaveCount(12)
    await expect(shelf.getByText('1 to 12 of 18')).toBeVisible()
    await expect(mornings).toHaveCount(6)
    const underWay = page.getByRole('navigation', { name: 'More jobs under way' })
    await test.step('the shelf is turned without the sheet', async () => {
      const first = await mornings.first().getAttribute('aria-label')
      await shelf.getByRole('link', { name: 'Earlier jobs' }).click()
      await expect(shelf.getByRole('listitem')).toHaveCount(6)
      // The link that was followed is gone: the focus is where the new page lies, and Tab goes on from there.
      await expect(shelf.getByText('13 to 18 of 18')).toBeFocused()
      await page.keyboard.press('Tab')
      await expect(shelf.getByRole('link', { name: 'More recent jobs' })).toBeFocused()
      await expect(mornings.first()).toHaveAttribute('aria-label', first!)
    })
    await test.step('and the sheet without the shelf', async () => {
      const first = await mornings.first().getAttribute('aria-label')
      await underWay.getByRole('link', { name: 'Earlier jobs' }).click()
      await expect(mornings.first()).not.toHaveAttribute('aria-label', first!)
      await expect(shelf.getByText('13 to 18 of 18')).toBeVisible()
    })
    await test.step('a job is found by a part of its title', async () => {
      await page.getByLabel('Find by title or artist').fill('FILLED 1')
      await page.getByRole('button', { name: 'Find' }).click()
      await expect(shelf.getByText('6 jobs of 18 with “FILLED 1”')).toBeVisible()
      await expect(shelf.getByRole('listitem')).toHaveCount(6)
    })
    await test.step('and what is not there is said', async () => {
      await page.getByLabel('Find by title or artist').fill('no such plate')
      await page.getByRole('button', { name: 'Find' }).click()
      await expect(shelf.getByText('None of 18 with “no such plate”')).toBeVisible()
      await shelf.getByRole('link', { name: 'Show them all' }).click()
      await expect(shelf.getByText('1 to 12 of 18')).toBeVisible()
    })
  } finally {
    await server.remove()
  }
})

test('the workshop is backed up at once, and says so', async ({ page, sample }) => {
  await page.goto(sample.url)
  const backup = page.getByRole('region', { name: 'Backup' })
  await backup.getByRole('button', { name: 'Back up now' }).press('Enter')
  await expect(backup.locator('[data-said]')).toHaveText(/^Backup today \d\d:\d\d, checked$/)
  await page.reload()
  await expect(backup.locator('[data-said]')).toHaveText(/^Backup today \d\d:\d\d, checked$/)
})
