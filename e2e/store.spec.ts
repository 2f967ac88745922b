import { readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { FLEETING } from '@/server/endsWithInput'
import { settingsColumn } from './settingsColumn'
import { bareJob, expect, kept, openStation, signAs, test } from './fixtures'

/** Folders of samples that are open beside a workshop. */
const samples = () => readdirSync(tmpdir()).filter((name) => name.startsWith(FLEETING))

test('a paper and a press come into the store, and what cannot be is said at its field', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/store`)
  await test.step('a paper', async () => {
    await page.getByRole('button', { name: 'Add a paper' }).click()
    const dialog = page.getByRole('dialog', { name: 'Add a paper' })
    await dialog.getByLabel('Name of the paper').fill('Curlew grey')
    await dialog.getByLabel('Sheet width').fill('22 in')
    await dialog.getByLabel('Sheet height').fill('wide')
    await dialog.getByLabel('Weight, g/m²').fill('-5')
    await dialog.getByRole('button', { name: 'Add this paper' }).click()
    await expect(dialog.getByText('This is not a length')).toBeVisible()
    await expect(dialog.getByText('must be more than 0')).toBeVisible()
    await dialog.getByLabel('Sheet height').fill('30 in')
    await dialog.getByLabel('Weight, g/m²').fill('280')
    await dialog.getByLabel('Sheets in the stockroom').fill('12')
    await dialog.getByRole('button', { name: 'Add this paper' }).click()
    await expect(dialog).toBeHidden()
    await expect(
      page.getByRole('row', { name: /Curlew grey 280 g\/m² 558\.8 mm × 762 mm .* 12/ }),
    ).toBeVisible()
  })
  await test.step('a press', async () => {
    await page.getByRole('button', { name: 'Add a press' }).click()
    const dialog = page.getByRole('dialog', { name: 'Add a press' })
    await dialog.getByText('Its scale, roller and bed').click()
    await dialog.getByLabel('Screw thread').fill('M17')
    await expect(dialog.getByText('M17 is not a usual metric thread')).toBeVisible()
    await dialog.getByLabel('Screw thread').fill('1/2-13')
    await expect(dialog.getByText('1.954 mm a turn')).toBeVisible()
    await dialog.getByRole('button', { name: 'Add this press' }).click()
    await expect(dialog.getByText('is empty: fill it in')).toBeVisible()
    await dialog.getByLabel('Name of the press').fill('The attic press')
    await dialog.getByRole('button', { name: 'Add this press' }).click()
    await expect(page.getByText('The attic press: 1/2-13, 1.954 mm a turn')).toBeVisible()
  })
})

test('an own ink, paper and press are added where they are missed, and the bench goes on with them', async ({
  page,
  empty,
}) => {
  await bareJob(page, empty.url, {
    title: 'Own things',
    kind: 'Copper, drypoint',
    thickness: '1',
    width: '120 mm',
    height: '90 mm',
  })
  await test.step('an ink by its name and its colour by eye', async () => {
    await openStation(page, 'Ink')
    await page.getByRole('button', { name: 'An ink that is not on the shelf' }).click()
    const dialog = page.getByRole('dialog', { name: 'An ink that is not on the shelf' })
    await dialog.getByLabel('Name of the ink').fill('Old tube, madder')
    await dialog.getByRole('button', { name: 'Put it on the shelf and use it' }).click()
    await expect(dialog.getByText('Choose its colour.')).toBeVisible()
    await dialog.getByLabel('Its colour, printed solid').fill('#a02040')
    await expect(dialog.getByRole('img', { name: 'In a deep line, printed solid' })).toBeVisible()
    await dialog.getByRole('button', { name: 'Put it on the shelf and use it' }).click()
    await expect(dialog).toBeHidden()
    await expect(page.getByRole('list', { name: 'Inks in the mix' })).toContainText('Old tube, madder')
    await expect(page.getByLabel('Name of the mix')).toHaveValue('Old tube, madder mix')
    await expect(page.getByRole('list', { name: 'Inks in the mix' })).toContainText('estimated')
    await kept(page)
  })
  await test.step('a paper by name, weight and size', async () => {
    await openStation(page, 'Paper')
    await page.getByRole('button', { name: 'Add a paper' }).click()
    const dialog = page.getByRole('dialog', { name: 'Add a paper' })
    await dialog.getByLabel('Name of the paper').fill('Curlew grey')
    await dialog.getByLabel('Sheet width').fill('380 mm')
    await dialog.getByLabel('Sheet height').fill('560 mm')
    await dialog.getByLabel('Weight, g/m²').fill('250')
    await expect(dialog.getByText('taken as 0.45 mm, usual for its weight')).toBeVisible()
    await dialog.getByRole('button', { name: 'Add this paper' }).click()
    await expect(page.getByLabel('Paper from the stockroom').locator('option:checked')).toContainText(
      'Curlew grey, 250 g/m²',
    )
    await kept(page)
  })
  await test.step('a press by its name and how it is read', async () => {
    await openStation(page, 'Press')
    await page.getByRole('button', { name: 'Add a press' }).click()
    const dialog = page.getByRole('dialog', { name: 'Add a press' })
    await dialog.getByLabel('Name of the press').fill('Attic press')
    await dialog.getByRole('button', { name: 'Add this press' }).click()
    await expect(
      page.getByRole('combobox', { name: 'Press', exact: true }).locator('option:checked'),
    ).toHaveText('Attic press')
  })
})

test('a decision is amended with its reason, and both stay', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await signAs(page, 'Ida Quill')
  await page.getByRole('button', { name: 'Amend pull 7' }).click()
  const dialog = page.getByRole('dialog', { name: 'Amend pull 7' })
  await dialog.getByRole('button', { name: 'Set aside' }).click()
  await expect(dialog.getByText('Enter a reason. The first entry')).toBeVisible()
  await dialog.getByLabel('Why').fill('The crease pressed out.')
  await dialog.getByRole('button', { name: 'Set aside' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByRole('row', { name: /^7 .*set aside \(amended\)/ })).toBeVisible()
})

test('the sample opens beside an empty workshop, never in it, and goes without a trace', async ({
  page,
  bare,
}) => {
  test.slow()
  await page.goto(bare.url)
  await expect(page.getByRole('heading', { name: 'Your first print' })).toBeVisible()
  await page.getByRole('button', { name: 'Look at the sample' }).click()
  const go = page.getByRole('link', { name: 'Go to the sample' })
  await expect(go).toBeVisible({ timeout: 240_000 })
  const address = (await go.getAttribute('href'))!
  expect(address).not.toContain(bare.url)
  const [sample] = await Promise.all([page.context().waitForEvent('page'), go.click()])
  await expect(sample.getByRole('navigation', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(4)
  await expect(sample.getByText('in edition: 10 of 24 accepted, 1 rejected')).toBeVisible()
  await expect(sample.getByText('This is the sample: invented, beside your own workshop.')).toBeVisible()
  await sample.close()
  // One's own workshop has nothing of it, and finds it open after a reload.
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Your first print' })).toBeVisible()
  await page.getByRole('button', { name: 'Close it: it leaves no trace' }).click()
  await expect(page.getByRole('button', { name: 'Look at the sample' })).toBeVisible()
  await expect.poll(() => fetch(address).catch(() => null)).toBeNull()

  // It ends with the workshop too, however that ends, and while it is still being laid out.
  expect(samples()).toEqual([])
  await page.getByRole('button', { name: 'Look at the sample' }).click()
  await expect.poll(() => samples().length, { timeout: 60_000 }).toBe(1)
  await bare.kill()
  await expect.poll(samples, { timeout: 20_000 }).toEqual([])
})

test('the registration sheet and the record are print-ready', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/the-pilot-s-window/record`)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('article', { name: 'Documentation sheet' })).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeHidden()
  await expect(settingsColumn(page)).toBeHidden()
  const sheet = await fetch(`${sample.url}/jobs/the-pilot-s-window/register/sheet.svg?view=above`)
  expect(sheet.headers.get('content-type')).toContain('image/svg+xml')
  expect(await sheet.text()).toContain('scale(-1 1)')
  const schema = (await (await fetch(`${sample.url}/job-file.schema.json`)).json()) as {
    properties: Record<string, unknown>
  }
  expect(Object.keys(schema.properties)).toEqual(
    expect.arrayContaining(['format', 'version', 'pulls', 'prints']),
  )
})
