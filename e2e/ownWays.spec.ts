import type { Page } from '@playwright/test'
import { answerOf, expect, kept, openStation, signAs, test, unfold } from './fixtures'
import { Hand } from './hand'

/** Adds a press from the stockroom. */
async function addPress(page: Page, hand: Hand, url: string, name: string, kind: string, way: string) {
  await page.goto(`${url}/store`)
  await hand.tap(page.getByRole('button', { name: 'Add a press' }))
  const dialog = page.getByRole('dialog')
  await hand.fill(dialog.getByLabel('Name of the press'), name)
  await hand.pick(dialog.getByLabel('Kind', { exact: true }), kind)
  await hand.pick(dialog.getByLabel('How the pressure is read'), way)
  // Nothing of a thread is asked.
  await expect(dialog.getByLabel(/thread/i)).toHaveCount(0)
  await hand.tap(dialog.getByRole('button', { name: 'Add this press' }))
  await expect(dialog).toBeHidden()
}

/** A new job with plate, ink, wiping and paper, as little of each as will do. */
async function job(page: Page, hand: Hand, url: string, title: string, plate: { kind: string; mm: string }) {
  await page.goto(`${url}/jobs/new`)
  await hand.fill(page.getByLabel('Title of the print'), title)
  await hand.fill(page.getByLabel('Artist'), 'Bryn Ash')
  await hand.fill(page.getByLabel('Edition size'), '1')
  await hand.tap(page.getByRole('button', { name: 'Start the job' }))
  await hand.fill(page.getByLabel('Name of the plate'), title)
  await hand.pick(page.getByLabel('Kind'), plate.kind)
  await hand.fill(page.getByLabel('Width'), '120 mm')
  await hand.fill(page.getByLabel('Height'), '90 mm')
  await hand.fill(page.getByLabel('Thickness, mm'), plate.mm)
  await kept(page)
  await openStation(page, 'Ink')
  await hand.pick(page.getByLabel('Add an ink'), /estimated/)
  await kept(page)
  await openStation(page, 'Wipe')
  await hand.pick(page.getByLabel('Start from a method'), 'Paper only')
  await kept(page)
  await openStation(page, 'Paper')
  await hand.pick(page.getByLabel('Paper from the stockroom'), /Heron white/)
  await kept(page)
}

/** Chooses the press and lays one blotter over the sheet. */
async function atThePress(page: Page, hand: Hand, press: string) {
  await openStation(page, 'Press')
  await hand.pick(page.getByRole('combobox', { name: 'Press', exact: true }), press)
  await hand.pick(page.getByLabel('Add a layer'), 'Blotter')
  await kept(page)
}

async function layOutAndPull(page: Page, hand: Hand) {
  await openStation(page, 'Register')
  await hand.tap(page.getByRole('button', { name: 'Save layout' }))
  await kept(page)
  await openStation(page, 'Prove')
  await signAs(page, 'Bryn Ash')
  await hand.tap(page.getByRole('button', { name: 'Pull proof 1' }))
  await expect(page.getByRole('button', { name: 'Pull proof 2' })).toBeVisible()
}

test('scratched plastic on a gauge press: one light proof, one tightening; then a carton plate too thin for it', async ({
  page,
  empty,
}, info) => {
  test.slow()
  const hand = new Hand()
  await addPress(page, hand, empty.url, 'Gauge press', 'Geared, read on a gauge', 'A gauge or ruler')
  await job(page, hand, empty.url, 'Scratched', { kind: 'Drypoint on plastic', mm: '0.75' })
  await atThePress(page, hand, 'Gauge press')
  await hand.fill(page.getByLabel('Left gauge'), '30')
  await hand.fill(page.getByLabel('Right gauge'), '30')
  await kept(page)
  await expect(answerOf(page)).toContainText('Both sides at 30 on the gauge')
  // What the drawing shows is the stack as it is laid; of a gap nothing is claimed.
  await expect(page.getByText(/nobody measured where the roller stands/)).toBeVisible()
  await layOutAndPull(page, hand)
  info.annotations.push({
    type: 'acts',
    description: `${hand.acts} to the first proof on a press of one's own`,
  })
  console.log(`acts to the first proof on an own gauge press: ${hand.acts}`)

  await openStation(page, 'Press')
  const verdict = page.getByRole('region', { name: 'Pulled so' })
  await hand.tap(verdict.getByRole('radio', { name: 'A bit light' }))
  await expect(verdict).toContainText('“A bit light”: 1 on the gauge tighter, typically')
  await hand.tap(verdict.getByRole('button', { name: 'Set both to 31 on the gauge' }))
  await kept(page)
  await openStation(page, 'Prove')
  await expect(answerOf(page)).toContainText('Both gauges 1 on the gauge tighter')
  await hand.tap(page.getByRole('button', { name: 'Pull proof 2' }))
  await expect(page.getByRole('button', { name: 'Pull proof 3' })).toBeVisible()
  await openStation(page, 'Press')
  await hand.tap(verdict.getByRole('radio', { name: 'Right', exact: true }))
  await expect(verdict).toContainText('Saved: this is the setting.')

  const next = new Hand()
  await job(page, next, empty.url, 'Carton', { kind: 'Carton drypoint', mm: '0.35' })
  await atThePress(page, next, 'Gauge press')
  await expect(answerOf(page)).toContainText('Start at 31 on the gauge, 0.4 mm under the plate')
  await expect(answerOf(page)).toContainText('Scratched printed well with other things under the roller')
  await next.tap(page.getByRole('button', { name: 'Lay 0.4 mm of make-ready' }))
  await next.tap(page.getByRole('button', { name: 'Set it so' }))
  await kept(page)
  await expect(answerOf(page)).toContainText('Both sides at 31 on the gauge')
  await unfold(page, 'Press')
  await next.pick(page.getByLabel('Make-ready of'), 'plastic')
  await expect(page.getByText(/bevel its edges and cut it no larger than the plate/)).toBeVisible()
  await kept(page)
  await layOutAndPull(page, next)
  console.log(`acts to the first proof of the next job: ${next.acts}`)

  // Whoever gets the press gets what worked on it.
  await page.goto(`${empty.url}/store/presses/gauge-press`)
  const worked = page.getByRole('region', { name: 'Settings that worked' })
  await expect(worked.getByRole('row', { name: /Scratched/ })).toContainText('31 on the gauge')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    worked.getByRole('link', { name: 'Save them as a table (CSV)' }).click(),
  ])
  const { readFile } = await import('node:fs/promises')
  expect(await readFile(await download.path(), 'utf8')).toContain('Scratched,31 on the gauge')
})

test('rubbed by hand: no screw, gap or zero is asked, and three places say what the next print wants', async ({
  page,
  empty,
}) => {
  const hand = new Hand()
  await page.goto(`${empty.url}/store`)
  await page.getByRole('button', { name: 'Add a press' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name of the press').fill('My baren')
  await dialog.getByLabel('Kind', { exact: true }).selectOption({ label: 'By hand: baren or spoon' })
  await expect(dialog.getByLabel(/Roller|Bed|thread/)).toHaveCount(0)
  await dialog.getByRole('button', { name: 'Add this press' }).click()
  await expect(dialog).toBeHidden()
  await job(page, hand, empty.url, 'Hand reed', { kind: 'Copper, etched', mm: '1' })
  await openStation(page, 'Press')
  await page.getByRole('combobox', { name: 'Press', exact: true }).selectOption({ label: 'My baren' })
  await page.getByRole('radio', { name: 'Firm' }).click()
  await kept(page)
  await expect(answerOf(page)).toContainText('Rub from the middle outward, 1 pass, a firm hand')
  await expect(page.getByText('Deep bites seldom fill a print by hand')).toBeVisible()
  await expect(page.getByText(/roller pinches|turns from zero/)).toHaveCount(0)
  for (const [where, look] of [
    ['left', 'Full'],
    ['middle', 'Full'],
    ['right', 'Pale'],
  ] as const)
    await page
      .getByRole('radiogroup', { name: `${where} of the print` })
      .getByRole('radio', { name: look })
      .click()
  await expect(page.getByText('Next time give the right a second pass.')).toBeVisible()
  await layOutAndPull(page, hand)
})
