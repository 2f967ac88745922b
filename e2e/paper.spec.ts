import { boxIn, expect, kept, openStation, signAs, test } from './fixtures'

test('a paper’s stock is entered, runs low, is reserved for jobs, and says what could stand in', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/store`)
  await page.getByRole('link', { name: 'Dunlin cream' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Dunlin cream' })).toBeVisible()
  const stock = page.getByRole('region', { name: 'Stock' })
  const lies = stock.getByText('sheets lie there, by the book').locator('..')
  await expect(lies).toContainText('21')
  await signAs(page, 'Oona Fell')
  await stock.getByLabel('What happened').selectOption({ label: 'Spoiled or given away' })
  await stock.getByLabel('Sheets').fill('40')
  await stock.getByRole('button', { name: 'Save the entry' }).click()
  await expect(stock.getByText('only 21 lie there by the book: count them first')).toBeVisible()
  await stock.getByLabel('What happened').selectOption({ label: 'Counted: lie there' })
  await stock.getByLabel('Sheets').fill('19')
  await stock.getByRole('button', { name: 'Save the entry' }).click()
  await expect(stock.getByRole('list', { name: 'Entries' })).toContainText(
    'counted: lie there 19 (−2), Oona Fell',
  )
  await expect(lies).toContainText('19')
  const known = page.getByRole('region', { name: 'What is known of it' })
  await known.getByLabel('Reorder level').fill('20')
  await known.getByRole('button', { name: 'Save these words' }).click()
  await expect(stock.getByText('Low: order again at 20.')).toBeVisible()
  await expect(
    page.getByRole('region', { name: 'What could stand in' }).getByRole('listitem').first(),
  ).toContainText(/steps? away/)
  await page.goto(sample.url)
  await expect(page.getByRole('region', { name: 'Today’s advice for the workshop' })).toContainText(
    'Dunlin cream runs low: 19 free.',
  )
  await page.goto(`${sample.url}/jobs/the-pilot-s-window/paper`)
  await expect(page.getByText('Stock and substitutes:')).toBeVisible()
})

test('an unknown paper is weighed into the store', async ({ page, sample }) => {
  await page.goto(`${sample.url}/store`)
  await page.getByRole('button', { name: 'Add a paper' }).click()
  const dialog = page.getByRole('dialog', { name: 'Add a paper' })
  await dialog.getByLabel('Name of the paper').fill('Found in the drawer')
  await dialog.getByLabel('Sheet width').fill('210')
  await dialog.getByLabel('Sheet height').fill('297')
  await dialog.getByLabel('Unknown? Weight of one dry sheet, g').fill('15.6')
  await dialog.getByRole('button', { name: '250 g/m²' }).click()
  await expect(dialog.getByLabel('Weight, g/m²')).toHaveValue('250')
  await dialog.getByLabel('Sizing').selectOption({ label: 'hard' })
  await dialog.getByRole('button', { name: 'Add this paper' }).click()
  await expect(page.getByRole('row', { name: /Found in the drawer 250 g\/m² .* hard/ })).toBeVisible()
})

test('a sheet too wet is told how many strokes, and a blotting weighed before and after teaches', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/paper`)
  const blotting = page.getByRole('region', { name: 'Blotting' })
  await expect(blotting).toContainText('One stroke takes 4.4 % of its water, by 2 sheets.')
  // 22.5 g dry: 38.25 g is 70 %.
  await page.getByLabel('Damp sheet, g').fill('38.25')
  await expect(page.getByText('15 points too wet: blot again.')).toBeVisible()
  await expect(blotting).toContainText('5 strokes with blotters bring it to 55 %.')
  await blotting.getByRole('button', { name: 'Record weight before blotting' }).click()
  await page.getByLabel('Damp sheet, g').fill('40')
  await blotting.getByLabel('Strokes').fill('5')
  await blotting.getByRole('button', { name: 'Save this blotting' }).click()
  await expect(blotting.getByText('a blotted sheet is not wetter than before')).toBeVisible()
  await page.getByLabel('Damp sheet, g').fill('35')
  await blotting.getByRole('button', { name: 'Save this blotting' }).click()
  await expect(blotting).toContainText('by 3 sheets')
})

test('the tears stand in order, with deckles kept or torn off', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/paper/tearing`)
  const tearing = page.getByRole('region', { name: 'Tearing' })
  await expect(tearing.getByRole('listitem')).toHaveText([
    'The sheet, from the left: 300 mm',
    'Strip 1, from the top: 250 mm 3 times',
  ])
  await tearing.getByLabel('Deckle torn off all round, mm').fill('300')
  await expect(tearing.getByText('leaves nothing of the sheet')).toBeVisible()
  await tearing.getByLabel('Deckle torn off all round, mm').fill('8')
  await expect(tearing.getByRole('listitem').first()).toHaveText('The sheet, from every side: 8 mm of deckle')
  await expect(tearing.getByText('from one parent sheet').locator('..')).toContainText('2')
  await tearing.getByLabel('Extra sheets for proofs').fill('7')
  await expect(tearing.getByText(/^parent sheets for \d+$/).locator('..')).toContainText('13')
})

test('the registration sheet is drawn for the damp sheet as its marks say', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/the-pilot-s-window/register`)
  await page.getByRole('radio', { name: 'The damp sheet, grown' }).click()
  // 380 × 280 mm with the grain along the 380: 0.35 % and 1.5 %.
  await expect(page.getByText(/The damp sheet is 381\.3 × 284\.2 mm \(typical growth\)/)).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'SVG', exact: true }).click(),
  ])
  const { readFile } = await import('node:fs/promises')
  expect(boxIn(await readFile(await download.path(), 'utf8'), 'paper').widthMm).toBeCloseTo(381.33, 2)
})

test('prints are laid into a place that has room, asked for, and taken out', async ({ page, sample }) => {
  await page.clock.install({ time: new Date('2031-05-05T08:00:00') })
  await page.goto(`${sample.url}/drying`)
  await page.getByRole('button', { name: 'Add this place' }).click()
  await expect(page.getByText('is empty: fill it in')).toBeVisible()
  await page.getByLabel('Name of the place').fill('Small stack')
  await page.getByLabel('Capacity (prints)').fill('4')
  await page.getByRole('button', { name: 'Add this place' }).click()
  await expect(page.getByRole('region', { name: 'Small stack' })).toContainText('Empty.')
  await page.goto(`${sample.url}/jobs/mooring-posts/dry`)
  await signAs(page, 'Ida Quill')
  await page.getByLabel('In which place').selectOption({ label: 'Small stack, 4 free' })
  await page.getByRole('button', { name: 'Start drying' }).click()
  await expect(page.getByText(/Small stack has 4 places free, 10 prints are to be laid/)).toBeVisible()
  await page.getByLabel('In which place').selectOption({ label: 'Blotter press, 16 free' })
  await page.getByRole('button', { name: 'Start drying' }).click()
  const drying = page.getByRole('region', { name: 'Drying prints' })
  await expect(drying.getByRole('listitem').first()).toContainText(
    'Blotter press: change what lies between the 10 of Mooring posts',
  )
  await page.goto(`${sample.url}/drying`)
  await expect(page.getByRole('img', { name: '10 of 16 places taken' })).toBeVisible()
  await page.getByRole('button', { name: 'Somebody else' }).click()
  await page.getByLabel('Your name').fill('')
  await page.getByRole('button', { name: 'Changed', exact: true }).click()
  await expect(page.getByText('is empty: fill it in')).toBeVisible()
  await signAs(page, 'Ida Quill')
  await page.getByRole('button', { name: 'Changed', exact: true }).click()
  await expect(page.getByText('is empty: fill it in')).toBeHidden()
  await page.getByRole('button', { name: 'Taken out' }).click()
  await expect(page.getByRole('img', { name: '0 of 16 places taken' })).toBeVisible()
})

test('a thin paper hands its growth to the chine collé template', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/samphire/register/chine-colle`)
  await page.getByLabel('Cut from', { exact: true }).selectOption({ label: 'Egret soft' })
  await page.getByText(/^Its sheet:/).click()
  await expect(page.getByLabel('Grows along the grain, %')).toHaveValue('0.35')
  await expect(page.getByLabel('Sheet of thin paper, width')).toHaveValue('280 mm')
  await openStation(page, 'Paper')
  await page.getByLabel('Weight, g/m²').fill('255')
  await kept(page)
})

test('an entry whose answer is lost is pressed again, and stands in the book once', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/store/papers/dunlin-cream`)
  const entries = page.getByRole('list', { name: 'Entries' }).getByRole('listitem')
  const before = await entries.count()
  await signAs(page, 'Ida Quill')
  await page.getByLabel('Sheets', { exact: true }).fill('7')
  // The server gets it and does it; the answer never comes.
  let lost = 0
  await page.route('**/store/papers/dunlin-cream', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue()
    lost += 1
    await route.fetch()
    await route.abort('connectionreset')
  })
  const enter = page.getByRole('button', { name: 'Save the entry' })
  await enter.click()
  await expect(page.getByText('Not saved: the server does not answer.')).toBeVisible()
  await enter.click()
  await expect(entries).toHaveCount(before + 1)
  await page.reload()
  await expect(entries).toHaveCount(before + 1)
  expect(lost).toBe(1)
})
