import type { Page } from '@playwright/test'
import { expect, signAs, test } from './fixtures'

const written = (page: Page) => page.locator('[data-written]')

test('keys never act for the person: a control that has the focus keeps its Enter, Ctrl is the browser’s, and keys are switched off', async ({
  page,
  sample,
}) => {
  const edition = `${sample.url}/jobs/mooring-posts/edition`
  await page.goto(edition)
  await signAs(page, 'Ida Quill')
  await page.getByRole('heading', { name: 'Before pull 12' }).click()
  await page.keyboard.press('Control+0')
  await page.keyboard.press('Control+Numpad0')
  await expect(written(page)).toHaveText('Pull 11: darker than the BAT, accepted.')
  await page.keyboard.press('0')
  await expect(
    page.getByRole('heading', { name: 'Pull 12: pencil this time on the back, outside the plate' }),
  ).toBeFocused()
  await expect(written(page)).toHaveText('Pull 12 recorded.')

  // A link in the header is followed, and nothing is decided on the way.
  await page.getByLabel('Menu', { exact: true }).press('Enter')
  await page
    .getByRole('navigation', { name: 'Workshop' })
    .getByRole('link', { name: 'Stockroom' })
    .press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Stockroom' })).toBeVisible()
  await page.goto(edition)
  await expect(written(page)).toHaveText('Pull 12 recorded.')
  await page.keyboard.press('Control+-')
  await page.keyboard.press('Control+Enter')
  await expect(written(page)).toHaveText('Pull 12 recorded.')
  await page.getByRole('button', { name: 'is darker' }).press('Enter')
  await expect(written(page)).toHaveText('Pull 12: darker than the BAT.')
  await page.getByRole('button', { name: 'Set aside' }).press('Enter')
  await expect(written(page)).toHaveText('Pull 12: darker than the BAT, set aside.')
  await expect(page.getByRole('heading', { name: 'Before pull 13' })).toBeFocused()

  // Switched off, keys do nothing, here and after a reload; what is clicked still works.
  await page.getByRole('button', { name: 'Keyboard shortcuts' }).click()
  // Each view lists its own keys.
  const list = page.getByRole('dialog', { name: 'Keys' })
  await expect(list.getByText('Pulled now')).toBeVisible()
  await expect(list.getByText(/screw/)).toHaveCount(0)
  await page.getByLabel('Keys alone act on this device').uncheck()
  await page.keyboard.press('Escape')
  await page.reload()
  await page.getByRole('heading', { name: 'Before pull 13' }).click()
  await page.keyboard.press('0')
  await page.keyboard.press(']')
  await expect(written(page)).toHaveText('Pull 12: darker than the BAT, set aside.')
  await expect(page).toHaveURL(edition)
  await page.getByRole('button', { name: 'Keyboard shortcuts' }).click()
  await page.getByLabel('Keys alone act on this device').check()
  await page.keyboard.press('Escape')
  await page.getByRole('heading', { name: 'Before pull 13' }).click()
  await page.keyboard.press('Numpad0')
  await expect(written(page)).toHaveText('Pull 13 recorded.')
})

test('the screws do not turn with Ctrl, and a tap at the desk leaves the keypad its Enter', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/press`)
  const left = page.getByLabel('Left screw')
  const before = await left.inputValue()
  for (const chord of ['Control+2', 'Control+Numpad8', 'Alt+2']) await page.keyboard.press(chord)
  await expect(left).toHaveValue(before)
  await page.keyboard.press('Numpad8')
  await expect(left).not.toHaveValue(before)
  await page.keyboard.press('Control+z')
  await expect(left).toHaveValue(before)

  await page.getByRole('button', { name: 'Keyboard shortcuts' }).click()
  await expect(page.getByRole('dialog', { name: 'Keys' }).getByText(/^The left side/)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.goto(`${sample.url}/desk/mooring-posts`)
  const desk = page.getByRole('region', { name: 'Pull desk' })
  await desk.getByRole('group', { name: 'Keys' }).getByRole('button').first().click()
  await expect(desk.getByRole('group', { name: 'Keys' }).getByRole('button').first()).not.toBeFocused()
  // A link by Tab and Enter is a link.
  await page.getByRole('link', { name: 'Back to the edition' }).press('Enter')
  await expect(page).toHaveURL(/mooring-posts\/edition/)
})

test('at the pacer a link or a button with the focus keeps its Enter, and the pacer its own', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/wipe`)
  await page.getByRole('button', { name: 'Start the wiping timer' }).click()
  await expect(page.getByText(/^Ready: /)).toBeVisible()
  const sound = page.getByLabel('Sound at the end of a step')
  await sound.press('Space')
  await expect(sound).toBeChecked()
  await expect(page.getByText(/^Ready: /)).toBeVisible()
  await page.keyboard.press('Control+Enter')
  await expect(page.getByText(/^Ready: /)).toBeVisible()
  await page.getByLabel('Menu', { exact: true }).press('Enter')
  await page
    .getByRole('navigation', { name: 'Workshop' })
    .getByRole('link', { name: 'Stockroom' })
    .press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Stockroom' })).toBeVisible()
})
