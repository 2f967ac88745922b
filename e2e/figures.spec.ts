import { execFileSync } from 'node:child_process'
import { expect, openStation, test } from './fixtures'

/** Where a figure stands: pages of the sample by what they show. */
const PAGES = [
  '/jobs/mooring-posts/edition',
  '/jobs/mooring-posts/ink/amount',
  '/jobs/mooring-posts/paper',
  '/jobs/mooring-posts/paper/day',
  '/jobs/mooring-posts/edition/quote',
  '/jobs/mooring-posts/plate',
  '/jobs/mooring-posts/plate/states',
]
/** Figures that must be on more than one of them. */
const SHARED = ['sheets-to-damp', 'ink-to-mix', 'pulls-to-come', 'plate-life']

const calc = (name: string, input: object) =>
  JSON.parse(
    execFileSync('npm', ['run', '-s', 'calc', '--', name], {
      input: JSON.stringify(input),
      encoding: 'utf8',
    }),
  ) as Record<string, number>

test('one number has one value, on every screen and by calc', async ({ page, sample }) => {
  const seen = new Map<string, { at: string; value: string }[]>()
  for (const path of PAGES) {
    await page.goto(sample.url + path)
    await expect(page.locator('[data-figure]').first()).toBeVisible()
    for (const figure of await page.locator('[data-figure]').all()) {
      const name = (await figure.getAttribute('data-figure'))!
      const value = (await figure.innerText()).trim().toLowerCase()
      seen.set(name, [...(seen.get(name) ?? []), { at: path, value }])
    }
  }
  for (const [name, places] of seen)
    expect([name, ...new Set(places.map(({ value }) => value))], JSON.stringify(places)).toHaveLength(2)
  for (const name of SHARED) expect(new Set(seen.get(name)!.map(({ at }) => at)).size).toBeGreaterThan(1)

  const number = (name: string) => Number.parseFloat(seen.get(name)![0].value)
  const rows = (
    await (await page.request.get(`${sample.url}/jobs/mooring-posts/record/pulls.csv`)).text()
  ).split('\n')
  const [accepted, rejected] = ['accepted', 'rejected'].map(
    (decision) => rows.filter((row) => /edition/i.test(row) && row.includes(decision)).length,
  )
  const need = calc('edition-need', {
    left: 24 - accepted,
    accepted,
    rejected,
    confidence: 0.9,
    gramsPerPull: { mean: number('ink-a-pull'), sd: 0, n: 1 },
    minutesPerPull: 0,
  })
  expect(number('sheets-to-damp')).toBe(need.sheets)
  expect(need.grams).toBeNull()
  expect(number('ink-to-mix')).toBe(Math.ceil(need.sheets * number('ink-a-pull')))
  await page.goto(sample.url)
  await expect(page.getByText(`damp ${need.sheets} sheets for the ${24 - accepted} left`)).toBeVisible()
})

test('what is typed at one station counts at the others at once', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/plate`)
  await page.getByLabel('Its maker says it stands about, pulls').fill('20')
  await openStation(page, 'Edition')
  await expect(page.getByText(/The plate .* stand the \d+ pulls to come/)).toBeVisible()
  await openStation(page, 'Ink')
  await page.getByLabel('A pull uses up, g').fill('3')
  await openStation(page, 'Edition')
  const sheets = Number(await page.locator('[data-figure="sheets-to-damp"]').innerText())
  await expect(page.locator('[data-figure="ink-to-mix"]')).toHaveText(`${3 * sheets} g`)
  await openStation(page, 'Press')
  for (const side of ['Left', 'Right']) await page.getByLabel(`${side} screw, turns from zero`).fill('6')
  await openStation(page, 'Edition')
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing is pressed' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Pull \d+ all the same$/ })).toBeVisible()
})
