import { answerOf, expect, kept, openStation, signAs, test } from './fixtures'
import type { Page } from '@playwright/test'

/** Reads something with the simulated spectrophotometer: the tile first, as it wants. */
async function read(page: Page, what: string, under?: string): Promise<void> {
  await page.getByRole('button', { name: `Read: ${what}` }).click()
  const dialog = page.getByRole('dialog', { name: `Read: ${what}` })
  await expect(dialog).toBeVisible()
  if (await dialog.getByText('Tile not read yet.').isVisible()) {
    await expect(dialog.getByRole('button', { name: 'Take the reading' })).toBeDisabled()
    await dialog.getByRole('button', { name: 'Read the tile' }).click()
  }
  await expect(dialog.getByText('Tile read: the instrument is set.')).toBeVisible()
  if (under) await dialog.getByLabel('Under the instrument lies').selectOption({ label: under })
  await dialog.getByRole('button', { name: 'Take the reading' }).click()
  await expect(dialog).toBeHidden()
}
const room = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Ink bench' }).getByRole('link', { name, exact: true }).click()

test('from a target patch to a corrected batch, its card, and the pull that used it', async ({
  page,
  sample,
}) => {
  test.slow()
  await page.goto(`${sample.url}/jobs/samphire/ink/match`)
  await test.step('a patch is read and recipes are found, weighed and ranked', async () => {
    await expect(page.getByRole('button', { name: 'Find recipes' })).toBeDisabled()
    await read(page, 'Target patch', 'Patch “Slack water”')
    await expect(page.getByText('spectrum known')).toBeVisible()
    await page.getByLabel('Most to mix, g').fill('0')
    await expect(page.getByText('must be more than 0')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Find recipes' })).toBeDisabled()
    await page.getByLabel('Most to mix, g').fill('30')
    await page.getByRole('button', { name: 'Find recipes' }).click()
    const recipes = page.getByRole('region', { name: 'Recipes' })
    await expect(recipes.getByRole('listitem')).toHaveCount(10)
    await expect(recipes.getByRole('listitem').first()).toContainText(/\d g/)
    await recipes.getByRole('button', { name: 'Take recipe 1', exact: true }).click()
  })
  await test.step('the mix goes on a card and a batch is weighed in', async () => {
    await expect(page).toHaveURL(/ink\/card$/)
    await signAs(page, 'Tam Brocket')
    await kept(page)
    await page.getByRole('button', { name: 'Save on a card' }).click()
    await expect(page.getByRole('heading', { name: 'On card “Slack water”, version 1' })).toBeVisible()
    const batch = page.getByRole('region', { name: 'Weigh a batch' })
    for (const button of await batch.getByRole('button', { name: /^Weigh in/ }).all()) await button.click()
    await page.getByRole('button', { name: 'Batch is mixed' }).click()
    await expect(page.getByRole('list', { name: 'Batches' }).getByRole('listitem')).toContainText(
      'of version 1, usable until',
    )
    await kept(page)
  })
  await test.step('the batch is drawn down, read, and corrected once', async () => {
    await room(page, 'Correct')
    await read(page, 'Batch drawn down')
    const off = answerOf(page).getByText(/ΔE [\d.]+ from Slack water/)
    const before = Number(/ΔE ([\d.]+) from/.exec(await off.innerText())![1])
    await page.getByLabel('Good enough below, ΔE00').fill('0.3')
    await page.getByRole('button', { name: 'Find the smallest correction' }).click()
    const added = page.getByRole('button', { name: 'Added: save it on the batch' })
    await expect(added).toBeVisible()
    await added.click()
    await expect(page.getByRole('button', { name: 'Find the smallest correction' })).toBeVisible()
    await read(page, 'Batch drawn down')
    await expect(off).toBeVisible()
    await expect
      .poll(async () => Number(/ΔE ([\d.]+) from/.exec(await off.innerText())![1]))
      .toBeLessThan(before)
    await kept(page)
  })
  await test.step('the corrected mix is the card’s next version, printed with a spot for the dab', async () => {
    await room(page, 'Recipe card')
    await page.getByLabel('Why a new version').fill('Corrected on the slab.')
    await page.getByRole('button', { name: 'Save as version 2' }).click()
    await expect(page.getByRole('heading', { name: 'On card “Slack water”, version 2' })).toBeVisible()
    await expect(page.getByRole('img', { name: 'Spot for the dab of card 2' })).toBeVisible()
    await kept(page)
    await page.emulateMedia({ media: 'print' })
    await expect(page.getByRole('region', { name: 'Recipe card' })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Print the card' })).toBeHidden()
    await page.emulateMedia({ media: 'screen' })
  })
  await test.step('the pull knows its card', async () => {
    await openStation(page, 'Prove')
    await signAs(page, 'Tam Brocket')
    const pull = page.getByRole('button', { name: /^Pull proof/ })
    const next = Number((await pull.innerText()).match(/\d+/)![0]) + 1
    await pull.click()
    await expect(page.getByRole('button', { name: `Pull proof ${next}` })).toBeVisible()
    await expect(
      page
        .getByRole('list', { name: 'Proofs' })
        .getByText(/Mix: .*→ Slack water, card 2/)
        .first(),
    ).toBeVisible()
    await page.goto(`${sample.url}/jobs/samphire/ink/card`)
    await expect(page.getByRole('heading', { name: '1 pull from this card' })).toBeVisible()
  })
})

test('a search can be stopped, and a colour out of reach is said to be', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/ink/match`)
  await page.getByRole('radio', { name: 'L*a*b*' }).click()
  await page.getByLabel('L*', { exact: true }).fill('70')
  await page.getByLabel('a*', { exact: true }).fill('-90')
  await page.getByLabel('b*', { exact: true }).fill('60')
  await page.getByLabel('Most inks in a recipe').selectOption('4')
  await page.getByRole('button', { name: 'Find recipes' }).click()
  await page.getByRole('button', { name: 'Stop searching' }).click()
  await expect(page.getByRole('button', { name: 'Find recipes' })).toBeEnabled()
  await expect(page.getByRole('region', { name: 'Recipes' })).toBeHidden()
  await page.getByLabel('Most inks in a recipe').selectOption('2')
  await page.getByRole('button', { name: 'Find recipes' }).click()
  await expect(answerOf(page)).toContainText('No recipe from this shelf comes near')
})

test('an ink is brought in by drawdown, by file with its faults said, and refused when swapped', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/store/inks/new`)
  await read(page, 'Film over white', 'Eelgrass over black, 12 µm')
  await read(page, 'Film over black', 'Eelgrass over white, 12 µm')
  await read(page, 'White ground', 'White card')
  await read(page, 'Black ground', 'Black card')
  await expect(page.getByText(/reads brighter than over white; were the two swapped\?/)).toBeVisible()
  for (const [what, under] of [
    ['Film over white', 'Eelgrass over white, 12 µm'],
    ['Film over black', 'Eelgrass over black, 12 µm'],
  ]) {
    await page
      .getByText(what, { exact: true })
      .locator('..')
      .getByRole('button', { name: 'Read again' })
      .click()
    await page.getByRole('dialog').getByLabel('Under the instrument lies').selectOption({ label: under })
    await page.getByRole('dialog').getByRole('button', { name: 'Take the reading' }).click()
  }
  await expect(page.getByText(/may be off by up to/)).toBeVisible()
  await page.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByText('is empty: fill it in')).toBeVisible()
  await page.getByLabel('Name of the ink').fill('Eelgrass')
  await page.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByRole('link', { name: 'Eelgrass' })).toBeVisible()

  await page.goto(`${sample.url}/store/inks/new`)
  await page.getByRole('radio', { name: 'spectral file' }).click()
  const nms = Array.from({ length: 36 }, (_, i) => 380 + 10 * i)
  const csv = [
    `Ink,${nms.join(',')}`,
    `Eider,${nms.map(() => 12).join(',')}`,
    `Broken,${nms.map((nm) => (nm === 500 ? 'x' : 40)).join(',')}`,
  ].join('\n')
  await page
    .getByLabel('A file of readings')
    .setInputFiles({ name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.getByText('Line 3, 500: “x” is not a number')).toBeVisible()
  await expect(page.getByText('The values are percent')).toBeVisible()
  await page.getByRole('button', { name: 'Put 1 ink on the shelf' }).click()
  await expect(page.getByRole('link', { name: 'Eider' })).toBeVisible()
  await page.getByRole('link', { name: 'Eider' }).click()
  await page.getByLabel('Opened on').fill('yesterday')
  await page.getByRole('button', { name: 'Save the tube' }).click()
  await expect(page.getByText('must be a date such as')).toBeVisible()
})

test('red vanishes over blue until white goes in; stiffness and amount answer', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/ink`)
  await page.getByLabel('Printed over').selectOption({ label: 'a dry layer of Dusk blue' })
  await expect(page.getByRole('table', { name: /^This mix over Dusk blue/ }).getByRole('img')).toHaveCount(9)
  await expect(page.getByRole('table', { name: /^With one part in ten of Salt white/ })).toBeVisible()
  await room(page, 'Stiffness')
  await page.getByLabel('Room now, °C').fill('11')
  await expect(answerOf(page)).toContainText('it would wipe cleaner and harder')
  await page.getByLabel('Room, °C', { exact: true }).fill('18')
  await page.getByLabel('Off the heat, °C').fill('40')
  await page.getByLabel('Minutes later').fill('4')
  await page.getByLabel('Plate then, °C').fill('33')
  await page.getByRole('button', { name: 'Save how it cools' }).click()
  await expect(page.getByText(/loses 63 % in 10\.\d/)).toBeVisible()
  await page.getByLabel('Known, Pa·s').fill('1')
  await page.getByLabel('Known drips in, s').fill('20')
  await page.getByLabel('Oil drips in, s').fill('36')
  await page.getByRole('button', { name: 'Save: light oil 1.8 Pa·s' }).click()
  await expect(page.getByText('both at 20 °C: now 1.8 Pa·s')).toBeVisible()
  await room(page, 'Amount')
  await page.getByLabel('Put on the slab, g').fill('26')
  await page.getByLabel('for pulls').fill('0')
  await signAs(page, 'Ida Quill')
  await page.getByRole('button', { name: 'Save the weighing' }).click()
  await expect(page.getByText('must be 1 or more')).toBeVisible()
  await page.getByLabel('for pulls').fill('10')
  await page.getByLabel('Scraped back after them, g').fill('14')
  await page.getByRole('button', { name: 'Save the weighing' }).click()
  await expect(page.getByText('weighed once: nothing is claimed before a second time')).toBeVisible()
  await page.getByLabel('Put on the slab, g').fill('25')
  await page.getByLabel('for pulls').fill('10')
  await page.getByLabel('Scraped back after them, g').fill('12.5')
  await page.getByRole('button', { name: 'Save the weighing' }).click()
  await expect(page.getByText(/weighed over 20 pulls, ± /)).toBeVisible()
  await expect(page.getByText(/52 % is carded back to the slab, as weighed/)).toBeVisible()
  await test.step('without a scale: one tap an addition, kept across a reload', async () => {
    const count = page.getByRole('group', { name: 'Without a scale: count it in, one tap an addition' })
    const first = count.getByRole('button', { name: /one squeeze/ }).first()
    await first.click()
    await first.click()
    await expect(count).toContainText('2 squeezes: about 4 g, from 2.8 g to 5.2 g until it is weighed.')
    await page.reload()
    await expect(count).toContainText('2 squeezes')
    await count.getByRole('button', { name: /^Take the last .+ back$/ }).click()
    await expect(count).toContainText('1 squeeze: about 2 g')
    await count.getByRole('button', { name: 'Take it as the mix' }).click()
    await expect(count).not.toContainText('about 2 g')
    await kept(page)
  })
})
