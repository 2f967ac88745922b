import type { Page } from '@playwright/test'
import { expect, signAs, test } from './fixtures'

const written = (page: Page) => page.locator('[data-written]')
const take = (page: Page) => page.getByRole('button', { name: 'It was no pull: withdraw it' })

test('a pull entered by mistake is withdrawn at the edition: at once the last, with a reason an earlier one, and the BAT’s proof never', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await signAs(page, 'Ida Quill')
  await page.getByRole('button', { name: 'Pull 12', exact: true }).click()
  await expect(
    page.getByRole('heading', { name: 'Pull 12: pencil this time on the back, outside the plate' }),
  ).toBeFocused()
  await page.getByRole('button', { name: 'Withdraw pull 12' }).press('Enter')
  await expect(page.getByLabel('Why')).toHaveCount(0)
  await take(page).press('Enter')
  await expect(page.getByRole('heading', { name: 'Before pull 12' })).toBeFocused()
  await expect(written(page)).toHaveText('Pull 12 is withdrawn.')
  await expect(page.getByRole('status').getByText('Pull 12 is withdrawn.')).toBeAttached()
  await expect(page.getByText('11 of 12 accepted')).toHaveCount(0)

  const row = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: '9', exact: true }) })
  await row.getByRole('button', { name: 'Withdraw pull 9' }).click()
  await take(page).click()
  await expect(page.getByText('Enter a reason: another was pulled after it.')).toBeVisible()
  await page.getByLabel('Why').fill('one sheet, entered twice')
  await take(page).click()
  await expect(page.getByRole('rowheader', { name: '9', exact: true })).toHaveCount(0)
  await expect(page.getByRole('rowheader', { name: '10', exact: true })).toBeVisible()
  await expect(written(page)).toHaveText('Pull 9 is withdrawn.')

  // A warm-up counts a sheet too, and can be taken back.
  await page.getByRole('button', { name: 'Warm-up pull, not counted' }).click()
  await expect(page.getByText('Warm-up 1 was the last through the press.')).toBeVisible()
  await page.getByRole('button', { name: 'Withdraw warm-up 1' }).click()
  await take(page).click()
  await expect(page.getByText('was the last through the press')).toHaveCount(0)

  await page.reload()
  await page.getByText(/^Withdrawn: \d+$/).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Pull 9, sheet' })).toContainText(
    'withdrawn by Ida Quill',
  )
  await expect(page.getByText('one sheet, entered twice')).toBeVisible()

  await page.goto(`${sample.url}/jobs/mooring-posts/prove`)
  await page.getByRole('button', { name: /^Withdraw proof 3/ }).click()
  await page.getByRole('dialog').getByLabel('Why').fill('oops')
  await take(page).click()
  await expect(page.getByText('It stays: BAT 1 was approved from it.')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Pull proof 4' }).click()
  await page.getByRole('button', { name: 'Withdraw proof 4' }).click()
  await take(page).click()
  await expect(page.getByRole('button', { name: 'Pull proof 4' })).toBeVisible()
  await expect(page.getByRole('list', { name: 'Proofs' })).toBeFocused()
})

test('a pull the server already has is withdrawn at the desk by going back past it', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/desk/mooring-posts`)
  const desk = page.getByRole('region', { name: 'Pull desk' })
  await desk.getByText(/^Hands:/).click()
  await page.getByLabel('Inks', { exact: true }).fill('Ida Quill')
  await desk.getByText(/^Hands:/).click()
  await desk.getByRole('heading', { level: 1 }).click()
  const count = desk.getByRole('button', { name: 'Warm-ups done: count from here' })
  if (await count.isVisible()) await count.click()
  await expect(desk.getByRole('heading', { name: /pull 12/ })).toBeVisible()
  const key = async (name: string) => {
    // Knuckles on one key twice at once are one press.
    await page.waitForTimeout(450)
    await page.keyboard.press(name)
  }
  const heard = () => page.waitForResponse((response) => response.url().endsWith('/sync') && response.ok())
  const sent = heard()
  for (const name of ['Numpad0', 'NumpadEnter', 'NumpadEnter']) await key(name)
  await sent
  await expect(desk.getByText('All saved')).toBeVisible()
  await expect(desk.getByRole('heading', { name: /pull 13/ })).toBeVisible()
  const takenBack = heard()
  for (let i = 0; i < 3; i++) await key('Backspace')
  await takenBack
  await expect(desk.getByRole('heading', { name: /pull 12/ })).toBeVisible()
  await expect(desk.getByText('All saved')).toBeVisible()
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await expect(page.getByRole('heading', { name: 'Before pull 12' })).toBeVisible()
  await page.getByText(/^Withdrawn: \d+$/).click()
  await expect(page.getByText('taken back at the desk')).toBeVisible()
})
