import { openSettingsOf, settingsColumn } from './settingsColumn'
import { answerOf, expect, openStation, signAs, test } from './fixtures'

test('sheets go through two plates and a hand: one is lost between them, another run is put on the bench', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/two-tides/edition`)
  await page.getByRole('link', { name: 'Run 2 of 3: Ebb' }).click()
  const runs = page.getByRole('region', { name: 'Runs in their order' })
  await expect(runs.getByRole('listitem')).toHaveCount(3)
  await expect(
    page.getByRole('img', { name: 'Sheet 4: Key plate through, Ebb through, Sand colour waits' }),
  ).toBeVisible()
  await expect(answerOf(page)).toContainText(/Begin \d+ sheets with Key plate/)
  await expect(answerOf(page)).toContainText('Enough for the 3 still wanted, 9 times in 10')
  await page.getByRole('button', { name: 'Record what became of sheet 5' }).click()
  await signAs(page, 'Tam Brocket')
  await page.getByRole('button', { name: 'It is lost' }).click()
  await expect(page.getByText('Enter what became of it.')).toBeVisible()
  await page.getByLabel('What became of it').fill('Torn in the blotters')
  await page.getByRole('button', { name: 'It is lost' }).click()
  await expect(
    page.getByRole('img', { name: 'Sheet 5: Key plate through, Ebb lost, Sand colour lost' }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Record what became of sheet 4' }).click()
  // Most sheets get the colours of the one before.
  const colours = page.getByLabel('Colours used, or what became of it')
  await expect(colours).toHaveValue('Raw sienna, one wash')
  await colours.fill('')
  await page.getByRole('button', { name: 'Sand colour: done' }).click()
  await expect(page.getByText('Enter the colours used, or what was done.')).toBeVisible()
  await colours.fill('Raw sienna, two washes')
  await page.getByRole('button', { name: 'Sand colour: done' }).click()
  await expect(page.getByText('2 of 4 through all 3 runs')).toBeVisible()

  await openStation(page, 'Edition')
  await expect(page.getByText('sheets wait for this run')).toBeVisible()
  await signAs(page, 'Tam Brocket')
  await page.getByRole('button', { name: 'Pull 4', exact: true }).click()
  await page.getByRole('button', { name: 'Match: accept' }).click()
  await page.getByRole('button', { name: 'Pull 5', exact: true }).click()
  await expect(
    page.getByText('No sheet waits for “Ebb”: it needs one that is through “Key plate”.'),
  ).toBeVisible()

  await page.getByRole('link', { name: 'Run 2 of 3: Ebb' }).click()
  await page.getByRole('button', { name: 'Work on this' }).click()
  await expect(page.getByRole('link', { name: 'Run 1 of 3: Key plate' })).toBeVisible()
  await openSettingsOf(page, 'Ink')
  await expect(settingsColumn(page)).toContainText('Flood blue')
  await page.getByRole('button', { name: 'Add a run…' }).click()
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByText('is empty: fill it in')).toBeVisible()
  await page.getByLabel('What it is called').fill('Ghost')
  await page.getByLabel('Kind of run').selectOption({ label: 'Ghost (second pull)' })
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(runs.getByRole('listitem')).toHaveCount(4)
  await page.getByRole('button', { name: 'Take Ghost away' }).click()
  await expect(runs.getByRole('listitem')).toHaveCount(3)
  await page.getByRole('radio', { name: 'Series that varies (E.V.)' }).click()
  await openStation(page, 'Prints')
  await expect(page.getByText('The prints vary by intent')).toBeVisible()
})
