import type { Page } from '@playwright/test'
import { broken } from './axe'
import { firstLoad, SCRIPT_LIMIT } from './firstLoad'
import { answerOf, expect, kept, openStation, pasteInto, signAs, test } from './fixtures'

/** Fills in what a job begins with. */
async function begin(page: Page, url: string, title: string, purpose: string): Promise<void> {
  await page.goto(`${url}/jobs/new`)
  await page.getByLabel('Title of the print').fill(title)
  await page.getByLabel('Artist').fill('Bryn Ash')
  await page.getByLabel('What is it for?').selectOption({ label: purpose })
}

/** Starts the job, and sets plate, ink, paper and press: what every print takes. */
async function setTheBench(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.getByLabel('Name of the plate').fill(title)
  await page.getByLabel('Kind').selectOption({ label: 'Copper, drypoint' })
  await page.getByLabel('Width').fill('120 mm')
  await page.getByLabel('Height').fill('90 mm')
  await page.getByLabel('Thickness, mm').fill('1')
  await kept(page)
  await openStation(page, 'Ink')
  await page.getByLabel('Add an ink').selectOption({ label: 'Quay black (estimated)' })
  await kept(page)
  await openStation(page, 'Paper')
  const paper = page.getByLabel('Paper from the stockroom')
  await paper.selectOption(
    await paper
      .locator('option')
      .filter({ hasText: /Heron white/ })
      .first()
      .getAttribute('value'),
  )
  await kept(page)
  await openStation(page, 'Press')
  const press = page.getByRole('combobox', { name: 'Press', exact: true })
  await press.selectOption({ index: 1 })
  await page.getByLabel('Standard blanket sets').selectOption({ label: 'Two, no cushion: a small roller' })
  await kept(page)
}

test('a press test: one trial proof with its moment, kept, dried, signed imp. by the printer, embossed and filed', async ({
  page,
  empty,
}) => {
  test.slow()
  await begin(page, empty.url, 'First pressure', 'Press or plate test')
  await expect(page.getByLabel('Edition size')).toHaveCount(0)
  await setTheBench(page, 'First pressure')
  await expect(page.getByRole('navigation', { name: 'Stations' })).toContainText('Wipe')
  await openStation(page, 'Prove')
  await expect(answerOf(page)).toContainText('Pull the first proof')
  await signAs(page, 'Bryn Ash')
  await page.getByRole('button', { name: 'Pull proof 1' }).click()
  await expect(page.getByText('Pencil this on the sheet before the peel:')).toBeVisible()
  await page.getByRole('button', { name: 'Keep it as a print' }).click()
  await expect(answerOf(page)).toContainText('Proof 1 is kept: dry and sign it')
  await page.getByRole('link', { name: 'Go to Dry & Sign' }).click()
  await page.getByRole('button', { name: 'Start drying' }).click()
  await page.getByText(/^Marks:/).click()
  await page.getByLabel('Signed by').selectOption({ label: 'The printer, for the artist' })
  await expect(
    page.getByText('Enter the printer’s name: the printer signs for the artist.').first(),
  ).toBeVisible()
  await expect(page.getByRole('button', { name: 'Mark 1 impression' })).toBeDisabled()
  await page.getByLabel('Printer’s name (imp.)').fill('Tam Brocket')
  await page.getByLabel('Chop').selectOption({ label: 'In ink and embossed' })
  await expect(page.getByLabel('The prints are marked')).toHaveValue('moment')
  await page.getByRole('button', { name: 'Mark 1 impression' }).click()
  await expect(page.getByText(/Tam Brocket imp\., for the artist/)).toBeVisible()
  await openStation(page, 'Record')
  const sheet = page.getByRole('article', { name: 'Documentation sheet' })
  await expect(sheet).toContainText(', test')
  await expect(sheet).toContainText('Trial proofs')
  await expect(sheet).not.toContainText('BAT')
  await page.goto(empty.url)
  await expect(page.getByRole('navigation', { name: 'Jobs' })).toContainText('signed and filed: test')
})

test('a series that varies: pulled without a range, then changed to single prints, and nothing is lost', async ({
  page,
  empty,
}) => {
  test.slow()
  await begin(page, empty.url, 'Five tides', 'Series that varies (E.V.)')
  await page.getByLabel('Series size').fill('2')
  await setTheBench(page, 'Five tides')
  await openStation(page, 'Prints')
  await expect(answerOf(page)).toContainText('Before the first print: Wipe and Register')
  await openStation(page, 'Wipe')
  await page.getByLabel('Start from a method').selectOption({ label: 'Paper only, after the card' })
  await kept(page)
  await openStation(page, 'Register')
  await page.getByRole('button', { name: 'Save layout' }).click()
  await kept(page)
  await openStation(page, 'Prints')
  await signAs(page, 'Bryn Ash')
  await page.getByRole('button', { name: 'Pull print 1' }).click()
  await page.getByRole('button', { name: 'Keep it', exact: true }).click()
  await expect(answerOf(page)).toContainText('1 of 2 accepted')
  // Nobody is asked whether it is lighter or darker than something that was never approved.
  await page.getByRole('button', { name: 'Pull print 2' }).click()
  await expect(page.getByRole('button', { name: 'Keep it', exact: true })).toBeVisible()
  await expect(page.getByText('Beside the BAT it')).toHaveCount(0)
  await page.keyboard.press('Enter')
  await expect(answerOf(page)).toContainText('All 2 are accepted')

  await page.getByRole('link', { name: 'Runs' }).click()
  await page.getByRole('radio', { name: 'Single or unique prints' }).click()
  await expect(page.getByText(/Every print is one of its own/)).toBeVisible()
  await openStation(page, 'Prints')
  await expect(answerOf(page)).toContainText('2 prints kept: dry and sign, or pull another')
  await openStation(page, 'Dry & Sign')
  await page.getByRole('button', { name: 'Start drying' }).click()
  await page.getByRole('button', { name: 'Mark 2 impressions' }).click()
  await expect(page.getByRole('region', { name: 'Signing list' }).getByText('1/1')).toHaveCount(2)
})

test('sixty children: pasted, two late, one not here, printed one by one, and every print finds its maker', async ({
  page,
  empty,
}) => {
  test.slow()
  await begin(page, empty.url, 'Open day', 'Class or open day')
  await setTheBench(page, 'Open day')
  await openStation(page, 'Prints')
  await expect(answerOf(page)).toContainText('List who prints')
  const sixty = Array.from(
    { length: 60 },
    (_, i) => `Child ${i + 1}\t15 min\t4\t${['0,5', '0.75', '1'][i % 3]}`,
  ).join('\n')
  await pasteInto(page.getByLabel('Name, row 1'), sixty)
  await page.getByLabel('Prints go home on').fill('2031-05-09')
  await page.getByRole('radio', { name: 'As they came' }).click()
  await page.getByRole('button', { name: 'Save the list' }).click()
  const turns = page.getByRole('list', { name: 'Turns' }).getByRole('listitem')
  await expect(turns).toHaveCount(60)
  await expect(answerOf(page)).toContainText('Child 1: 0.5 mm under the plate')
  await page.getByRole('button', { name: 'Child 1 is late' }).click()
  await expect(answerOf(page)).toContainText('Child 2: 0.25 mm under the plate')
  await page.getByRole('button', { name: 'Child 2 is late' }).click()
  await page.getByRole('button', { name: 'Child 3 is not here' }).click()
  await expect(turns).toHaveCount(59)
  await expect(turns.last()).toContainText('Child 2')
  await expect(page.getByRole('list', { name: 'Not in the queue' })).toContainText('Child 3')

  await signAs(page, 'Bryn Ash')
  await page.getByRole('button', { name: 'Child 4 printed' }).click()
  await expect(page.getByText(/Pencil on sheet 1:/)).toContainText('Child 4')
  await expect(turns).toHaveCount(58)
  await page.getByRole('button', { name: 'Child 5 printed' }).click()
  await expect(page.getByText(/Pencil on sheet 2:/)).toContainText('Child 5')
  // The press was turned for something else: the next plate of that kind begins where the last printed well.
  await openStation(page, 'Press')
  await page.getByLabel('Left screw, turns from zero').fill('1')
  await page.getByLabel('Right screw, turns from zero').fill('1')
  await kept(page)
  await openStation(page, 'Prints')
  const before = page.getByRole('button', { name: /^Set the press as the last of copper, drypoint/ })
  await before.click()
  await expect(before).toHaveCount(0)
  const prints = page.getByRole('region', { name: 'Prints and their makers' })
  await prints.getByLabel('Find a print: sheet, name or time').fill('2')
  await expect(prints.getByRole('listitem').filter({ hasText: 'Child 5' })).toBeVisible()
  await prints.getByRole('button', { name: 'Take the names out' }).click()
  await expect(prints.getByText('The prints have not gone home yet: the names find them.')).toBeVisible()

  expect(await broken(page)).toEqual([])
  expect(await firstLoad(empty.url, '/jobs/open-day/edition/class')).toBeLessThanOrEqual(SCRIPT_LIMIT)
  for (const width of [320, 768, 1920]) {
    await page.setViewportSize({ width, height: 800 })
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), {
        message: `at ${width} px`,
      })
      .toBeLessThanOrEqual(0)
  }
  await page.getByRole('link', { name: 'Wall screen' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Open day' })).toBeVisible()
})

test('a job begins on existing prints: one of another job and one from outside, printed over one by one', async ({
  page,
  sample,
}) => {
  test.slow()
  await begin(page, sample.url, 'Tide marks', 'Single or unique prints')
  await setTheBench(page, 'Tide marks')
  await page.getByRole('link', { name: 'Runs' }).click()
  await page.getByText('Begin on existing prints').click()
  const job = page.getByRole('combobox', { name: 'Job', exact: true })
  await job.selectOption({ label: (await job.locator('option').nth(1).textContent())! })
  const offered = page.getByRole('list', { name: 'Its numbered prints' }).getByRole('checkbox')
  await offered.first().check()
  await signAs(page, 'Bryn Ash')
  await page.getByRole('button', { name: 'Take in 1 print' }).click()
  await expect(answerOf(page)).toContainText('Print over 1 existing print')

  await page.getByRole('radio', { name: 'Outside' }).click()
  await page.getByLabel('What it is, and whose').fill('Salt pans, by Odd Fell')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(page.getByText('Number on the print is empty: fill it in')).toBeVisible()
  await page.getByLabel('Number on the print').fill('3/20')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(answerOf(page)).toContainText('Print over 2 existing prints')
  expect(await broken(page)).toEqual([])

  await openStation(page, 'Prints')
  await expect(page.getByText(/^Onto /)).toBeVisible()
  const first = (await page.getByText(/^Onto /).textContent())!.replace('Onto ', '')
  await page.getByRole('button', { name: 'Pull print 1' }).click()
  await page.getByRole('button', { name: 'Keep it', exact: true }).click()
  await expect(page.getByText(/^Onto /)).not.toHaveText(`Onto ${first}`)
  await openStation(page, 'Record')
  const sheet = page.getByRole('article', { name: 'Documentation sheet' })
  await expect(sheet).toContainText('Printed over')
  await expect(sheet).toContainText(`over ${first}`)
  // The job it comes from knows where it is now.
  await page.goto(`${sample.url}/jobs/the-pilot-s-window/record`)
  await expect(page.getByRole('region', { name: 'Custody' })).toContainText('printed over 1')
})

test('monotype over two existing prints from a slab: white tried, a mask, a ghost judged, one unique print each', async ({
  page,
  empty,
}) => {
  test.slow()
  await begin(page, empty.url, 'Tide marks', 'Single or unique prints')
  await setTheBench(page, 'Tide marks')
  await openStation(page, 'Plate')
  await page.getByLabel('Kind').selectOption({ label: 'Smooth slab, for monotypes' })
  await kept(page)
  await page.getByRole('link', { name: 'Runs' }).click()
  await page.getByText('Begin on existing prints').click()
  // No other job has prints to give: those from outside are asked for at once.
  await expect(page.getByRole('radio', { name: 'Outside' })).toHaveCount(0)
  await signAs(page, 'Bryn Ash')
  for (const mark of ['3/20', '4/20']) {
    await page.getByLabel('What it is, and whose').fill('Salt pans, by Odd Fell')
    await page.getByLabel('Number on the print').fill(mark)
    await page.getByRole('button', { name: 'Take it in' }).click()
    await expect(answerOf(page)).toContainText(`Print over ${mark === '3/20' ? '1 existing' : '2 existing'}`)
  }

  await openStation(page, 'Prints')
  await page.getByRole('link', { name: 'Lay-downs' }).click()
  await expect(answerOf(page)).toContainText('Lay-down 1 onto 3/20 of Salt pans, by Odd Fell')
  await expect(page.getByRole('radio', { name: 'Ghost of the last' })).toHaveCount(0)
  const laid = page.getByRole('button', { name: 'Laid down' })
  await expect(laid).toBeDisabled()
  await page.getByLabel('Ink', { exact: true }).selectOption({ label: 'Reed ochre' })
  await expect(page.getByRole('list', { name: 'What it will look like' })).toContainText('all over')
  await laid.click()
  const lying = page.getByRole('list', { name: 'Lay-downs of this print' })
  await expect(lying).toContainText('1. Reed ochre, rolled')

  // White is tried over what lies there, within what the tape leaves open.
  await page.getByLabel('Ink', { exact: true }).selectOption({ label: 'Dusk blue' })
  await page.getByRole('group', { name: 'White stirred in' }).getByRole('button', { name: '1 in 4' }).click()
  await page.getByRole('radio', { name: 'only within' }).click()
  await expect(laid).toBeDisabled()
  await page.getByLabel('The place the tape leaves open').fill('Moon')
  await expect(page.getByRole('list', { name: 'What it will look like' })).toContainText('everywhere else')
  await laid.click()
  await expect(lying).toContainText('2. Dusk blue with 25 % white within Moon, rolled')
  expect(await broken(page)).toEqual([])
  await page.getByRole('button', { name: 'Finished: keep print 1' }).click()
  await expect(page.getByRole('button', { name: /^Finished/ })).toHaveCount(0)

  // The next print takes the ghost of what lay on the slab, and says how much that kept.
  await page
    .getByLabel('Print', { exact: true })
    .selectOption({ label: 'the next, onto 4/20 of Salt pans, by Odd Fell' })
  await page.getByRole('radio', { name: 'Ghost of the last' }).click()
  await expect(answerOf(page)).toContainText('a ghost, about 30 % of the first')
  await laid.click()
  const judge = page.getByRole('group', { name: 'What it kept of the first' })
  await judge.getByRole('button', { name: '50 %' }).click()
  await expect(judge.getByRole('button', { name: '50 %' })).toHaveAttribute('aria-pressed', 'true')
  await expect(lying).toContainText('ghost of Dusk blue with 25 % white within Moon, 50 % of it')
  await page.getByRole('radio', { name: 'Drawn from behind' }).click()
  await page.getByLabel('Ink', { exact: true }).selectOption({ label: 'Reed ochre' })
  await page.getByLabel('What was drawn, and with what').fill('reeds, with a pencil')
  await laid.click()
  await expect(lying).toContainText('Reed ochre, drawn from behind: reeds, with a pencil')
  expect(await broken(page)).toEqual([])
  await page.getByRole('button', { name: 'Finished: keep print 2' }).click()
  await expect(page.getByRole('button', { name: /^Finished/ })).toHaveCount(0)
  // The next ghost is told from this one.
  await page.getByLabel('Print', { exact: true }).selectOption('')
  await page.getByRole('radio', { name: 'Ghost of the last' }).click()
  await expect(answerOf(page)).toContainText('From 1 ghost judged here.')

  await openStation(page, 'Record')
  const sheet = page.getByRole('article', { name: 'Documentation sheet' })
  await expect(sheet).toContainText('over 3/20 of Salt pans, by Odd Fell; Reed ochre, rolled')
  await expect(sheet).toContainText('over 4/20 of Salt pans, by Odd Fell; ghost of')
})
