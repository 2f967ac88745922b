import { broken } from './axe'
import { answerOf, expect, openStation, take, test } from './fixtures'

test('materials are brought in by a list, found, put away and offered no more, and go out as a list', async ({
  page,
  empty,
}, info) => {
  await page.goto(`${empty.url}/store`)
  const inks = page.getByRole('region', { name: 'Inks', exact: true })
  const papers = page.getByRole('region', { name: 'Papers', exact: true })
  const bringIn = async (name: string, text: string) => {
    await page.getByRole('button', { name: 'Bring in a list' }).click()
    const dialog = page.getByRole('dialog', { name: 'Bring in a list' })
    await dialog
      .getByLabel('A list of papers or of inks (CSV)')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
    return dialog
  }
  await test.step('a list that is none is refused; of one with a fault, the rest comes in', async () => {
    const dialog = await bringIn('nothing.csv', 'a,b\n1,2')
    await expect(dialog.getByText(/The first line has to name the columns/)).toBeVisible()
    await dialog.getByLabel('A list of papers or of inks (CSV)').setInputFiles({
      name: 'papers.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'Paper;Weight;Size;Stock;Remarks\nTern laid;120;50 × 70 cm;25;\nCoot;heavy;50 × 70 cm;3;\n',
      ),
    })
    await expect(dialog.getByText('New: Tern laid.')).toBeVisible()
    await expect(dialog.getByRole('list', { name: 'Lines that cannot be read' })).toContainText(
      'Line 3, Weight',
    )
    expect(await broken(page)).toEqual([])
    await dialog.getByRole('button', { name: 'Add 1 paper' }).click()
    await expect(dialog).toBeHidden()
    await expect(papers.getByRole('row', { name: /Tern laid 120 g\/m² 500 mm × 700 mm .* 25/ })).toBeVisible()
  })
  await test.step('inks by their colour', async () => {
    const dialog = await bringIn('inks.csv', 'Ink,Colour\nMadder of mine,#a02040')
    await dialog.getByRole('button', { name: 'Add 1 ink' }).click()
    await expect(inks.getByRole('listitem').filter({ hasText: 'Madder of mine' })).toContainText('estimated')
  })
  await test.step('found, and put in order', async () => {
    await page.getByLabel('Find by name or note').fill('tern laid')
    await page.getByRole('button', { name: 'Show' }).click()
    await expect(papers.getByRole('row')).toHaveCount(2)
    await expect(inks.getByText('No ink here.')).toBeVisible()
    await page.getByLabel('Find by name or note').fill('')
    await page.getByLabel('In order of').selectOption({ label: 'least left' })
    await page.getByRole('button', { name: 'Show' }).click()
    await expect(papers.getByRole('row').nth(1)).not.toContainText('not counted')
  })
  await test.step('put away: no job is offered it, and it says when it goes', async () => {
    await page.getByRole('button', { name: 'Tidy the shelves' }).click()
    await page.getByRole('button', { name: 'Tern laid: put away' }).click()
    await expect(papers.getByText('Tern laid')).toHaveCount(0)
    await page.getByRole('button', { name: 'Madder of mine: put away' }).click()
    await expect(inks.getByText('Madder of mine')).toHaveCount(0)
    await page.goto(`${empty.url}/jobs/new`)
    await expect(page.locator('#begin-papers option[value^="Tern laid"]')).toHaveCount(0)
    await expect(page.locator('#begin-inks option[value="Madder of mine"]')).toHaveCount(0)
    await page.goto(`${empty.url}/store?place=away`)
    await expect(papers.getByRole('row', { name: /Tern laid/ })).toContainText(/goes for good on \d/)
    expect(await broken(page)).toEqual([])
    await page.getByRole('button', { name: 'Tern laid: back on the shelf' }).click()
    await expect(papers.getByText('Tern laid')).toHaveCount(0)
    await page.goto(`${empty.url}/jobs/new`)
    await expect(page.locator('#begin-papers option[value^="Tern laid"]')).toHaveCount(1)
  })
  await test.step('out as lists that come in again as they went', async () => {
    await page.goto(`${empty.url}/store`)
    const file = await take(page, info, 'Papers as CSV')
    await page.getByRole('button', { name: 'Bring in a list' }).click()
    const dialog = page.getByRole('dialog', { name: 'Bring in a list' })
    await dialog.getByLabel('A list of papers or of inks (CSV)').setInputFiles(file)
    await expect(dialog.getByText('Nothing new is in it.')).toBeVisible()
    await page.keyboard.press('Escape')
    await take(page, info, 'Inks as CSV')
  })
})

test('a job is offered as a template where new ones are begun, also when it is put away', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/jobs/new`)
  await page.getByLabel('Title of the print').fill('Reeds')
  await page.getByLabel('Your name').fill('Oona Fell')
  await page.getByLabel('What is the plate?').selectOption({ label: 'Drypoint on plastic' })
  await page.getByLabel('Size of the plate').fill('120 x 90 mm')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await openStation(page, 'Plate')
  await page.getByRole('link', { name: 'Runs' }).click()
  await page.getByLabel('A template: offered wherever a new job is begun').check()
  await page.getByRole('button', { name: 'Put it away' }).click()
  await expect(page.getByText('◆ It lies put away.')).toBeVisible()
  await page.goto(`${empty.url}/jobs/new`)
  await page.getByRole('link', { name: 'Reeds' }).click()
  await expect(page.getByText('As Reeds wherever you say nothing here.')).toBeVisible()
  await expect(answerOf(page)).not.toContainText('Enter what you have')
})
