import { broken } from './axe'
import { answerOf, expect, openStation, test } from './fixtures'

test('jobs are found, put away, brought back, renamed, and begun again as another', async ({
  page,
  empty,
}) => {
  const begin = async (title: string) => {
    await page.goto(`${empty.url}/jobs/new`)
    await page.getByLabel('Title of the print').fill(title)
    await page.getByLabel('Artist').fill('Oona Fell')
    await page.getByLabel('What is it for?').selectOption({ label: 'Single or unique prints' })
    await page.getByLabel('What is the plate?').selectOption({ label: 'Drypoint on plastic' })
    await page.getByLabel('Size of the plate').fill('120 x 90')
    await page.getByLabel('What do you print with?').selectOption({ label: 'The little press' })
    await page.getByLabel('Ink', { exact: true }).fill('Quay black')
    await page.getByLabel('Paper', { exact: true }).fill('Heron white')
    await page.getByRole('button', { name: 'Start the job' }).click()
    await expect(page.getByRole('region', { name: 'Your first print, act by act' })).toBeVisible()
  }
  await begin('Reeds')
  await begin('Reeds')
  await page.goto(`${empty.url}/jobs`)
  await expect(answerOf(page)).toContainText('2 jobs on the shelf')
  const rows = page.getByRole('row').filter({ has: page.getByRole('link') })
  await expect(rows).toHaveCount(2)
  expect(await broken(page)).toEqual([])

  await test.step('put away, and back', async () => {
    await rows.first().getByRole('button', { name: 'Reeds: put away' }).click()
    await expect(rows).toHaveCount(1)
    await page.getByLabel('Where they lie').selectOption('archive')
    await page.getByRole('button', { name: 'Show' }).click()
    await expect(answerOf(page)).toContainText('1 job put away')
    await rows.first().getByRole('button', { name: 'Reeds: into the bin' }).click()
    await expect(answerOf(page)).toContainText('No job is put away')
    await page.getByLabel('Where they lie').selectOption('bin')
    await page.getByRole('button', { name: 'Show' }).click()
    await expect(rows.first()).toContainText('goes for good on')
    expect(await broken(page)).toEqual([])
    await rows.first().getByRole('button', { name: 'Reeds: back on the shelf' }).click()
    await expect(answerOf(page)).toContainText('No job is in the bin')
  })
  await test.step('renamed: one of the two is told apart', async () => {
    await page.goto(`${empty.url}/jobs/reeds-2/runs`)
    await page.getByRole('button', { name: 'Change title, artist or size' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Title of the print').fill('')
    await dialog.getByRole('button', { name: 'Save' }).click()
    await expect(dialog.getByText('Title of the print is empty: fill it in')).toBeVisible()
    await dialog.getByLabel('Title of the print').fill('Rushes')
    await dialog.getByRole('button', { name: 'Save' }).click()
    await expect(dialog).toBeHidden()
    await expect(page.getByRole('region', { name: 'Job', exact: true })).toContainText('Rushes')
    await page.goto(`${empty.url}/jobs`)
    await page.getByLabel('Find by title or artist').fill('rush')
    await page.getByRole('button', { name: 'Show' }).click()
    await expect(answerOf(page)).toContainText('1 of 2 jobs on the shelf with “rush”')
    await expect(rows).toHaveCount(1)
  })
  await test.step('a new print as this one: only what differs is said', async () => {
    await page.goto(`${empty.url}/jobs/reeds-2/runs`)
    await page.getByRole('link', { name: 'Begin a new print as this one' }).click()
    await expect(page.getByText('As Rushes wherever you say nothing here.')).toBeVisible()
    await expect(answerOf(page)).toContainText('Ready for the first print')
    await page.getByLabel('Title of the print').fill('Sedge')
    await page.getByLabel('Ink', { exact: true }).fill('Dusk blue')
    await page.getByRole('button', { name: 'Start the job' }).click()
    await expect(page.getByRole('region', { name: 'Your first print, act by act' })).toContainText(
      'Work up about 1.3 g of Dusk blue',
    )
    await openStation(page, 'Press')
    await expect(page.getByText('The little press', { exact: false }).first()).toBeVisible()
  })
})
