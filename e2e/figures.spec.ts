import sqlite3 from 'sqlite3'
import path from 'node:path'
import { ENTRIES } from '../src/cli/calc/entries'
import { expect, openStation, pasteInto, test } from './fixtures'
import { FIGURES, PAGE, PAGES, type JobFile, type Known } from './figureTable'

/** Figures that must be on more than one page. */
const SHARED = ['sheets-to-damp', 'ink-to-mix', 'pulls-to-come', 'plate-life']
/** Figures nobody computes: what lies there or was typed. */
const TYPED = new Set(['sheets-there', 'bed-width', 'water-taken-up', 'oil-drops'])

const rowsOf = <Row>(dataFolder: string, sql: string): Promise<Row[]> =>
  new Promise((resolve, reject) => {
    const database = new sqlite3.Database(path.join(dataFolder, 'typothesis.sqlite'), sqlite3.OPEN_READONLY)
    database.all<Row>(sql, (error, rows) => {
      database.close()
      if (error) reject(error)
      else resolve(rows)
    })
  })

async function calc(name: string, input: object): Promise<unknown> {
  const entry = ENTRIES.find((one) => one.name === name)!
  return entry.output.parse(await entry.run(entry.input.parse(input) as never))
}

/** A number as it stands on the screen, and with how many decimals. */
function shownNumber(text: string): { value: number; decimals: number } {
  const [number] = /[-−]?\d+(?:\.\d+)?/.exec(text)!
  return { value: Number(number.replace('−', '-')), decimals: number.split('.')[1]?.length ?? 0 }
}

test('one number has one value, on every screen and by calc', async ({ page, sample }) => {
  const seen = new Map<string, { at: string; value: string }[]>()
  const fields = new Map<string, string>()
  for (const at of PAGES) {
    await page.goto(sample.url + at)
    if (at === PAGE.queue)
      await pasteInto(page.getByLabel('Name, row 1'), 'Ash\t20\t6\t0.5\nBirch\t12\t8\t1\nCedar\t25\t5\t1.2')
    await expect(page.locator('[data-figure]').first()).toBeVisible()
    for (const figure of await page.locator('[data-figure]').all()) {
      const name = (await figure.getAttribute('data-figure'))!
      const value = (await figure.textContent())!.trim().toLowerCase()
      seen.set(name, [...(seen.get(name) ?? []), { at, value }])
    }
    const filled = await page
      .locator('input, select, textarea')
      .evaluateAll((all) =>
        (all as HTMLInputElement[]).map((one) => [
          one.labels?.[0]?.textContent ?? one.getAttribute('aria-label') ?? '',
          one.value,
        ]),
      )
    for (const [label, value] of filled) fields.set(`${at} ${label}`, value)
  }
  await test.step('one value on every screen', () => {
    for (const [name, places] of seen)
      expect([name, ...new Set(places.map(({ value }) => value))], JSON.stringify(places)).toHaveLength(2)
    for (const name of SHARED) expect(new Set(seen.get(name)!.map(({ at }) => at)).size).toBeGreaterThan(1)
  })
  await test.step('and that of calc', async () => {
    const field = (at: string, label: string) => {
      const value = fields.get(`${at} ${label}`)
      if (value === undefined) throw new Error(`no field ${label} at ${at}`)
      return value
    }
    const job = (await (
      await page.request.get(`${sample.url}/jobs/mooring-posts/record/job.json`)
    ).json()) as JobFile
    const [{ strip }] = await rowsOf<{ strip: string }>(sample.dataFolder, 'SELECT strip FROM bite_strips')
    const known: Known = {
      job,
      field,
      number: (at, label) => Number.parseFloat(field(at, label)),
      shown: (figure) => seen.get(figure)![0].value,
      soak: await rowsOf(
        sample.dataFolder,
        "SELECT seconds, uptakePercent FROM weigh_ins WHERE paperId = 'heron-white' ORDER BY id",
      ),
      // Kept with the version of its shape, which is no part of a strip.
      strip: (({ points, temperatureC }) => ({ points, temperatureC }))(JSON.parse(strip) as Known['strip']),
    }
    expect([...seen.keys()].filter((name) => !TYPED.has(name)).toSorted()).toEqual(
      [...new Set(FIGURES.map(({ figure }) => figure))].toSorted(),
    )
    expect(FIGURES.length).toBeGreaterThanOrEqual(40)
    for (const { figure, calc: name, input, expect: wanted } of FIGURES) {
      const out = name === null ? {} : await calc(name, input(known))
      const value = wanted(out, known)
      const shown = known.shown(figure)
      if (typeof value === 'string') expect([figure, shown]).toEqual([figure, value.toLowerCase()])
      else {
        const { value: number, decimals } = shownNumber(shown)
        const off = Math.abs(number - value)
        expect([figure, shown, value, off <= 0.5 * 10 ** -decimals + 1e-9]).toEqual([
          figure,
          shown,
          value,
          true,
        ])
      }
    }
  })
  const left =
    Number(seen.get('accepted')![0].value.split(' of ')[1]) -
    shownNumber(seen.get('accepted')![0].value).value
  await page.goto(sample.url)
  await expect(
    page.getByText(`damp ${seen.get('sheets-to-damp')![0].value} sheets for the ${left} left`),
  ).toBeVisible()
})

test('what is typed at one station counts at the others at once', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/plate`)
  await page.getByLabel('Its maker says it stands about, pulls').fill('20')
  await openStation(page, 'Edition')
  await expect(page.getByText(/The plate .* stand the \d+ pulls to come/)).toBeVisible()
  await openStation(page, 'Ink')
  await page.getByLabel('Ink used a pull, g').fill('3')
  await openStation(page, 'Edition')
  const sheets = Number(await page.locator('[data-figure="sheets-to-damp"]').innerText())
  await expect(page.locator('[data-figure="ink-to-mix"]')).toHaveText(`${3 * sheets} g`)
  await openStation(page, 'Press')
  for (const side of ['Left', 'Right']) await page.getByLabel(`${side} screw, turns from zero`).fill('6')
  await openStation(page, 'Edition')
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing is pressed' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Pull \d+ all the same$/ })).toBeVisible()
})
