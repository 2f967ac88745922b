import { leaveFields } from './settingsColumn'
import type { Page } from '@playwright/test'
import { answerOf, bareJob, expect, kept, openStation, signAs, test } from './fixtures'

const plateBox = async (page: Page) => (await page.locator('canvas').last().boundingBox())!
/** Clicks at shares of the plate's width and height. */
async function clickAt(page: Page, x: number, y: number): Promise<void> {
  const box = await plateBox(page)
  await page.mouse.click(box.x + x * box.width, box.y + y * box.height)
}
async function outline(page: Page, points: readonly (readonly [number, number])[]): Promise<void> {
  await page.getByRole('radio', { name: 'Outline' }).click()
  for (const [x, y] of [...points, points[0]]) await clickAt(page, x, y)
}
const ledger = (page: Page) => page.getByRole('list', { name: 'Zones, bottom to top' })
async function dress(page: Page, name: string, ink: string): Promise<void> {
  await ledger(page).getByLabel('Name').fill(name)
  await ledger(page).getByLabel('Ink', { exact: true }).selectOption({ label: ink })
}

test('a plate of six inks is mapped, ordered and wiped by the pacer', async ({ page, empty }) => {
  await bareJob(page, empty.url, {
    title: 'Six inks',
    kind: 'Zinc, etched',
    thickness: '1',
    width: '160',
    height: '100',
  })
  await openStation(page, 'Wipe')
  await page.getByRole('link', { name: 'À la poupée' }).click()
  await expect(page.getByText('Draw the plate’s zones first')).toBeVisible()
  await openStation(page, 'Plate')
  await page.getByRole('link', { name: 'Zones', exact: true }).click()
  await expect(page.locator('canvas').first()).toBeVisible()
  const bands = [
    ['Sky', 'Ferry blue', 0, 0.3],
    ['Hills', 'Mussel violet', 0.3, 0.45],
    ['Field', 'Gorse yellow', 0.45, 0.6],
    ['Bank', 'Reed ochre', 0.6, 0.75],
    ['Water', 'Dusk blue', 0.75, 0.9],
    ['Reeds', 'Quay black', 0.9, 0.99],
  ] as const
  for (const [name, ink, top, bottom] of bands) {
    await outline(page, [
      [0.01, top + 0.005],
      [0.99, top + 0.005],
      [0.99, bottom],
      [0.01, bottom],
    ])
    await dress(page, name, ink)
  }
  await expect(ledger(page).getByRole('button', { name: /^Field Gorse yellow/ })).toContainText(
    /\d+\.?\d* cm², \d+ %/,
  )
  await page.getByRole('radio', { name: 'Brush' }).click()
  await page.keyboard.press('Escape')
  const box = await plateBox(page)
  await page.mouse.move(box.x + 0.3 * box.width, box.y + 0.15 * box.height)
  await page.mouse.down()
  await page.mouse.move(box.x + 0.36 * box.width, box.y + 0.16 * box.height, { steps: 5 })
  await page.mouse.up()
  await dress(page, 'Cloud', 'none: kept white')
  // Taken back, and drawn again.
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Redo' }).click()
  for (const [spot, x, y] of [
    ['Dark spot', 0.5, 0.95],
    ['Bright spot', 0.8, 0.1],
    ['Middle spot', 0.5, 0.7],
  ] as const) {
    await page.getByRole('radio', { name: spot }).click()
    await clickAt(page, x, y)
  }
  await page.reload()
  await expect(ledger(page).getByRole('listitem')).toHaveCount(7)
  await signAs(page, 'Oona Fell')
  await page.getByRole('button', { name: 'Save as map 1' }).click()
  await expect(page.getByText('Map 1, saved by Oona Fell')).toBeVisible()

  await openStation(page, 'Wipe')
  await page.getByRole('link', { name: 'À la poupée' }).click()
  const order = page.getByRole('list', { name: 'Inks in order' })
  await expect(order.getByRole('listitem')).toHaveCount(7)
  await expect(order).toContainText('Last, clean: Cloud kept white')
  const names = await order.locator('li b').allInnerTexts()
  expect(names.indexOf('Gorse yellow')).toBeLessThan(names.indexOf('Mussel violet'))
  await expect(page.getByText('the least there is')).toBeVisible()
  const first = names[0]
  await page.getByRole('button', { name: `${first} later` }).click()
  await expect(page.getByText(/the proposal: [\d.]+ mm|the least there is/)).toBeVisible()
  await page.getByRole('button', { name: 'Back to the proposal' }).click()
  await page.getByRole('button', { name: 'Use this order, and put 6 inks on the slab' }).click()
  await kept(page)
  await expect(page.getByRole('button', { name: 'Ink in this order' })).toBeDisabled()
  await page.getByRole('link', { name: 'Wiping steps' }).click()
  await expect(page.getByRole('list', { name: 'Inks in order' }).getByRole('listitem')).toHaveCount(6)
  await expect(answerOf(page)).toContainText('6 colours one by one')
  await page
    .getByRole('list', { name: 'Wiping steps' })
    .getByRole('listitem')
    .nth(2)
    .locator('summary')
    .click()
  await page.getByRole('button', { name: 'Leave step 3 out' }).click()
  await expect(page.getByText(/Not in the order: clean fingers/)).toBeVisible()
  await kept(page)

  await page.getByRole('button', { name: 'Start the wiping timer' }).click()
  await expect(page.getByText(`Ready: Ink 1: ${first}`)).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/dab 1; by dolly/)).toBeVisible()
  await page.waitForTimeout(420)
  await page.keyboard.press('Enter')
  await expect(page.getByText(`${first}: rag 1`).first()).toBeVisible()
  await page.getByRole('button', { name: 'Back to the order' }).click()

  // Each ink is a mix of its own, and the amount is its share of the plate.
  await openStation(page, 'Ink')
  const slab = page.getByRole('radiogroup', { name: 'Ink of this plate' })
  await expect(slab.getByRole('radio')).toHaveCount(6)
  await openStation(page, 'Paper')
  const paper = page.getByLabel('Paper from the stockroom')
  await paper.selectOption({ index: 1 })
  await kept(page)
  await openStation(page, 'Press')
  await page.getByRole('combobox', { name: 'Press', exact: true }).selectOption({ index: 1 })
  await page.getByLabel('Standard blanket sets').selectOption({ label: 'Two, no cushion: a small roller' })
  await kept(page)
  await openStation(page, 'Register')
  await page.getByRole('button', { name: 'Save layout' }).click()
  await kept(page)
  await openStation(page, 'Prove')
  await page.getByRole('button', { name: /^Pull proof 1/ }).click()
  await page.getByRole('button', { name: 'Approve as BAT' }).first().click()
  const approval = page.getByRole('dialog')
  await approval.getByRole('button', { name: 'Approve proof 1 as BAT' }).click()
  await expect(approval).toBeHidden()
  await openStation(page, 'Edition')
  const printOne = async (n: number) => {
    await page
      .getByRole('button', { name: new RegExp(`^Pull ${n}`) })
      .first()
      .click()
    await expect(page.getByRole('heading', { name: new RegExp(`^Pull ${n}: pencil`) })).toBeVisible()
    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { name: `Before pull ${n + 1}` })).toBeVisible()
  }
  await printOne(1)
  await openStation(page, 'Ink')
  await slab.getByRole('radio', { name: /Mussel violet/ }).click()
  await page.getByText('Oils and powders').click()
  await page.getByLabel('Light copperplate oil').fill('2')
  await kept(page)
  await openStation(page, 'Edition')
  await expect(
    page.getByRole('list', { name: 'Settings that differ from the BAT' }).getByRole('listitem'),
  ).toHaveCount(1)
  await expect(page.getByText(/Ink \d, light copperplate oil added: 2 drops/).first()).toBeVisible()
  await printOne(2)
  await printOne(3)
  await openStation(page, 'Record')
  const sheet = page.getByRole('article', { name: 'Documentation sheet' })
  for (const [, ink] of bands) await expect(sheet).toContainText(ink)
})

test('a zone that crosses itself shows where, and is untangled; off the plate it cannot be', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/plate/zones`)
  await expect(page.locator('canvas').first()).toBeVisible()
  await outline(page, [
    [0.55, 0.1],
    [0.8, 0.4],
    [0.8, 0.1],
    [0.55, 0.4],
  ])
  const wrong = page.getByRole('list', { name: 'What is wrong with the map' })
  await expect(wrong).toContainText('Zone 4 crosses itself.')
  await expect(wrong).toContainText('Zone 4 has no ink')
  await expect(page.getByRole('button', { name: 'Save as map 2' })).toBeDisabled()
  await wrong.getByRole('button', { name: 'Untangle it' }).click()
  await expect(wrong).not.toContainText('crosses')
  await ledger(page).getByLabel('Name').fill('Sky')
  await expect(wrong).toContainText('Sky is there twice')
  await page.getByRole('button', { name: 'Take Sky out' }).click()
  await expect(wrong).toBeHidden()
})

test('zones are drawn and moved with keys alone', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/plate/zones`)
  await expect(page.locator('canvas').first()).toBeVisible()
  await page.getByRole('button', { name: 'Add a box' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('img', { name: /Zone 4 is chosen/ })).toBeVisible()
  await expect(ledger(page).getByRole('button', { name: /^Zone 4 no/ })).toContainText('24 cm²')
  await leaveFields(page)
  await page.keyboard.press('.')
  await expect(page.getByText('corner 1 of 4')).toBeVisible()
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowLeft')
  await expect(ledger(page).getByRole('button', { name: /^Zone 4 no/ })).toContainText('28 cm²')
  await page.keyboard.press('Control+z')
  await expect(ledger(page).getByRole('button', { name: /^Zone 4 no/ })).toContainText('27 cm²')
  await page.keyboard.press('Delete')
  await expect(ledger(page).getByRole('button', { name: /^Zone 4 no/ })).toBeHidden()
})

test('spots are read by the densitometer and held against the BAT', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/wipe/tone`)
  await expect(page.getByText('in Posts; 25, 60 mm; BAT 1.42')).toBeVisible()
  await page.getByLabel('Which pull').selectOption({ label: 'Edition pull 11' })
  await page.getByLabel('Middle spot, D').fill('9')
  await expect(page.getByText('must be within 0 and 4 D')).toBeVisible()
  await page.getByRole('button', { name: /Read with the densitometer/ }).click()
  await expect(page.getByLabel('Dark spot, D')).not.toHaveValue('')
  await signAs(page, 'Tam Brocket')
  await page.getByRole('button', { name: 'Save 3 readings' }).click()
  await expect(page.getByText('Enter a reason. The first entry')).toBeVisible()
  await page.getByLabel('Why read again').fill('The first was taken wet')
  await page.getByRole('button', { name: 'Save 3 readings' }).click()
  await expect(page.getByRole('row', { name: /^Edition pull 11/ })).toContainText('◆')
})

test('a piece for chine collé is made from a zone, and its template exported at 1:1', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/register/chine-colle`)
  await page.getByLabel('Shape').selectOption({ label: 'Joints' })
  await page.getByLabel('Allowance outward (− inward), mm').fill('-15')
  await expect(page.getByText('so much allowance inward leaves nothing.')).toBeVisible()
  await page.getByLabel('Allowance outward (− inward), mm').fill('1')
  await expect(page.getByRole('img', { name: /paste on the side that looks up/ })).toBeVisible()
  await page.getByText(/^Its sheet:/).click()
  await page.getByLabel('Sheet of thin paper, width').fill('10')
  await expect(page.getByText('◆ The piece is larger than the sheet.')).toBeVisible()
  await page.getByLabel('Sheet of thin paper, width').fill('210')
  // What it is cut from is asked before it can be part of the print.
  await page.getByRole('button', { name: 'Make it part of the print' }).click()
  await expect(page.getByText('Choose what it is cut from.')).toBeVisible()
  await page.getByLabel('Cut from', { exact: true }).selectOption('a print from elsewhere')
  await page.getByLabel('Title of the print').fill('Slack tide')
  await page.getByLabel('Its artist, named in the documents').fill('Ines Falk')
  await page.getByRole('button', { name: 'Make it part of the print' }).click()
  await expect(page.getByRole('list', { name: 'On the print' })).toContainText(
    'Joints: from “Slack tide” by Ines Falk',
  )
  await kept(page)
  await expect(page.getByRole('link', { name: 'Template, PDF' })).toBeVisible()
  const svg = await page.request.get(
    `${sample.url}/jobs/samphire/register/chine-colle/template?piece=Joints&what=template&form=svg`,
  )
  expect(await svg.text()).toContain('Cut with the FACE up')
  const pdf = await page.request.get(
    `${sample.url}/jobs/samphire/register/chine-colle/template?piece=Joints&what=sheet&form=pdf`,
  )
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
  await page.getByRole('radio', { name: 'Trimmed on the plate' }).click()
  await expect(page.getByText(/Cut along the edge with a fresh blade/)).toBeVisible()
  await expect(page.getByLabel('Allowance outward (− inward), mm')).toBeHidden()
})
