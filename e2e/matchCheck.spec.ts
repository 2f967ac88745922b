import { answerOf, expect, openStation, signAs, test } from './fixtures'
import { check, COMPARED, openMatchRoom, verdict } from './matchRoom'

test('two scans are laid over one another: moved register, starved corner and fingertip are pointed out, one is accepted, and the verdict lands on the print and in the chart', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await page.getByRole('link', { name: 'Match check' }).click()
  await expect(verdict(page)).toHaveText('● Matches the BAT', COMPARED)
  await page.getByLabel('Impression', { exact: true }).selectOption({ label: 'Pull 10' })
  await expect(verdict(page)).toHaveText(/◆ Differs in [4-7] of 16/, COMPARED)
  await expect(check(page, 'Register on the sheet')).toContainText(
    /The plate lies 1\.4 mm to the right, 0\.7 mm higher/,
  )
  await expect(check(page, 'Register on the sheet')).toContainText(
    'Usually sheet or plate laid beside its marks.',
  )
  await expect(check(page, 'Square to the sheet')).toContainText(/Turned 0\.(29|3|31)° clockwise/)

  // Every place is reached by keys alone.
  const places = page.getByRole('region', { name: 'Places that differ' })
  const seen: string[] = []
  const count = Number(
    /^(\d+|One)/.exec((await places.getByRole('heading').textContent())!)![1].replace('One', '1'),
  )
  for (let i = 0; i < count; i++) {
    seen.push((await places.getByRole('paragraph').first().textContent())!)
    await page.keyboard.press('n')
  }
  expect(seen.filter((words) => words.includes('starved')).join()).toMatch(
    /starved, starved or blank: .* 2[12]\d mm from the left, 1[67]\d mm from the top/,
  )
  expect(seen.filter((words) => words.includes('fingertip')).join()).toMatch(
    /fingertip, foreign marks: .* 3\d mm from the left, 21\d mm from the top/,
  )
  for (let i = 0; i < seen.findIndex((words) => words.includes('fingertip')); i++)
    await page.keyboard.press('n')
  await expect(places).toContainText('fingertip')
  await places.getByLabel('Why it may pass').fill('goes under the mount')
  await places.getByRole('button', { name: 'Accept this place (A)' }).click()
  await expect(places).toContainText('Accepted: goes under the mount')
  await expect(check(page, 'Foreign marks').getByText('matches')).toBeAttached()

  // Every way of looking shows something of the prints.
  for (const [name, picture] of [
    ['Blink', 'The BAT'],
    ['Side by side', 'Pull 10'],
    ['Difference', 'How far each place of the plate is from the BAT, ΔE00'],
    ['Swipe', 'Pull 10'],
  ]) {
    await page.getByRole('radio', { name, exact: true }).click()
    await expect(page.getByRole('img', { name: picture })).toBeVisible()
  }
  // Every check is seen in a picture of its own.
  for (const [name, picture] of [
    ['Line weight', 'How unlike the BAT’s the drawing is'],
    ['Edges of the plate', 'More and less film between the lines than the BAT'],
    ['Starved or blank', 'More and less ink than the BAT'],
    ['Colour', 'How far each place of the plate is from the BAT, ΔE00'],
  ]) {
    await page
      .getByRole('list', { name: 'Checks' })
      .getByRole('button', { name: new RegExp(`${name} `) })
      .click()
    await expect(page.getByRole('img', { name: picture })).toBeVisible()
    await expect(page.getByRole('list', { name: 'What the greys mean' })).toBeVisible()
  }
  await check(page, 'Register on the sheet').getByRole('button').click()
  await page.getByLabel('Swipe between the BAT and the impression').press('Home')
  await signAs(page, 'Tam Brocket')
  await page.getByRole('button', { name: 'Write the verdict on pull 10' }).click()
  await expect(page.getByText('On the print: differs, 1 accepted.')).toBeVisible()
  await page.getByRole('button', { name: 'Save where it lay as a misfit of the plate' }).click()
  await expect(page.getByText('Saved as a misfit')).toBeVisible()
  // The rest is checked on the server, whether somebody looks or not.
  await page.getByRole('button', { name: 'Check the one not checked yet' }).click()
  await expect(page.getByText('it goes on when this page is closed')).toBeVisible()
  await openStation(page, 'Paper')
  await page.goto(`${sample.url}/jobs/mooring-posts/edition/match`)
  const sheet = page.getByRole('region', { name: 'Contact sheet' })
  await expect(sheet.getByRole('button', { name: /Pull 11/ })).toContainText('● matches', COMPARED)
  await expect(sheet.getByRole('button', { name: /Pull 10/ })).toContainText('◆ differs')

  await openStation(page, 'Edition')
  const chart = page.getByRole('figure').filter({ hasText: 'Scan against the BAT, mean ΔE00' })
  await expect(chart).toContainText('◆ Differs by its scan: pull 10')
  await openStation(page, 'Dry & Sign')
  // By its scan it lies farther from the BAT than by the eye alone.
  await expect(page.getByRole('button', { name: /^Pull 10, .*differs by its scan/ })).toContainText(
    /pull 10, [2-9](\.\d)? off/,
  )
})

test('a change is tried on a model before a sheet is spent on it, and an impression without a scan is scanned by the model', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/prove`)
  await page.getByRole('link', { name: 'Simulated print' }).click()
  await expect(page.getByText('A model, not a photograph')).toBeVisible()
  await expect(page.getByRole('img', { name: 'Simulated print, with what is tried' })).toBeVisible(COMPARED)
  const says = answerOf(page)
  await expect(says).toContainText('Try a change on the model', COMPARED)
  // Facts of the trade (common practice, no source): tighter prints darker, wiping longer and a drier sheet lighter.
  for (const [slider, keys, words] of [
    [/^Both screws/, 'Home', 'prints darker'],
    [/^Both screws/, 'End', 'prints lighter'],
    [/^Wiping/, 'End', 'prints lighter'],
    [/^Moisture/, 'Home', 'prints lighter'],
  ] as const) {
    await page.getByRole('button', { name: 'Back to the bench' }).click()
    await expect(says).toContainText('Try a change', COMPARED)
    await page.getByRole('slider', { name: slider }).press(keys)
    await expect(says).toContainText(words, COMPARED)
  }
  await expect(page.getByRole('region', { name: 'What differs from the other print' })).toContainText(
    'Moisture',
  )

  await openMatchRoom(page, sample.url, 8)
  await page.getByRole('radio', { name: 'Simulated, a model' }).click()
  await page.getByRole('button', { name: 'Scan pull 8, dry (simulated)' }).click()
  await expect(verdict(page)).toHaveText('● Matches the BAT', COMPARED)
  await expect(page.getByText('Both pictures are simulated: no print lay on a scanner.')).toBeVisible()
})
