import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { expect, kept, openStation, signAs, take, test } from './fixtures'

type File = Record<string, unknown> & {
  job: Record<string, unknown>
  runs: { bench: { press: Record<string, unknown> } }[]
  exportedAt: string
  inks: unknown
}

/** A benched job without a pull, brought in as another workshop's file would be. */
async function bringIn(page: Page, url: string): Promise<void> {
  const file = (await (await page.request.get(`${url}/jobs/mooring-posts/record/job.json`)).json()) as File
  file.runs[0].bench.press = { ...file.runs[0].bench.press, readingLeft: 3.5, readingRight: 3.5 }
  const bare = {
    ...file,
    job: { ...file.job, title: 'Slack water', editionSize: 12 },
    pulls: [],
    bats: [],
    prints: [],
    unlocks: [],
    custody: [],
    watchSpots: [],
    misfits: [],
  }
  await page.goto(`${url}/jobs/new`)
  await page.getByLabel('Import a job (.json or .zip)').setInputFiles({
    name: 'slack.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(bare)),
  })
  await expect(page).toHaveURL(/slack-water\/record/)
}

/** Pulls at the desk: pulled, moment copied, and what was seen; a knuckle needs 400 ms between two presses of one key. */
async function pullAtDesk(page: Page, ...seen: string[]): Promise<void> {
  for (const key of ['Numpad0', 'NumpadEnter', ...seen]) {
    await page.keyboard.press(key)
    await page.waitForTimeout(430)
  }
}

/** Pulls at the edition with one reading of the dark spot. */
async function pullWithTone(page: Page, number: number, tone: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^Pull ${number}\\b`) }).click()
  await expect(
    page.getByRole('heading', { name: `Pull ${number}: pencil this time on the back, outside the plate` }),
  ).toBeVisible()
  await page.getByRole('textbox', { name: 'Tone, dark spot, D' }).fill(tone)
}

test('an edition of twelve with two rejects: proved, approved, pulled with the connection cut, held, sorted, numbered, taken along', async ({
  page,
  context,
  sample,
  bare,
}, info) => {
  test.slow()
  await bringIn(page, sample.url)
  await test.step('four proofs, one change each', async () => {
    const changes: [station: string, change: () => Promise<void>][] = [
      [
        'Press',
        async () => {
          await page.getByRole('button', { name: 'Tighten both ¼' }).click()
        },
      ],
      [
        'Ink',
        async () => {
          await page.getByLabel('Light copperplate oil, drops').fill('4')
        },
      ],
      [
        'Press',
        async () => {
          await page.getByRole('button', { name: 'Tighten both ¼' }).click()
        },
      ],
    ]
    await openStation(page, 'Prove')
    await signAs(page, 'Ida Quill')
    for (let proof = 1; proof <= 4; proof++) {
      if (proof > 1) {
        const [station, change] = changes[proof - 2]
        await openStation(page, station)
        await change()
        await kept(page)
        await openStation(page, 'Prove')
        await expect(page.getByText(`Changed since proof ${proof - 1}`)).toBeVisible()
      }
      await page.getByRole('button', { name: `Pull proof ${proof}` }).click()
      await page
        .getByLabel(`Proof ${proof} is`)
        .getByRole('radio', { name: proof === 4 ? 'Same' : 'Lighter' })
        .click()
      await page.getByRole('button', { name: 'Save what was seen' }).click()
      await expect(page.getByLabel(`Proof ${proof} is`)).toBeHidden()
    }
    await page.goto(`${sample.url}/jobs/slack-water/wipe/tone`)
    await page.getByLabel('Dark spot, D').fill('1.4')
    await signAs(page, 'Ida Quill')
    await page.getByRole('button', { name: 'Save 1 reading' }).click()
    await expect(page.getByRole('region', { name: 'Readings' })).toContainText('1.4')
  })
  await test.step('approved, with what may differ and still pass', async () => {
    await openStation(page, 'Prove')
    await page.getByRole('button', { name: 'Approve as BAT' }).first().click()
    await page.getByText('What may differ to the eye and still pass').click()
    await page.getByLabel('Edges').selectOption({ label: 'dirty' })
    await page.getByRole('button', { name: 'Approve proof 4 as BAT' }).click()
    await expect(page.getByRole('heading', { level: 1, name: 'Edition' })).toBeVisible()
  })
  await test.step('six at the desk, the connection cut in the middle', async () => {
    await page.goto(`${sample.url}/desk/slack-water`)
    const desk = page.getByRole('region', { name: 'Pull desk' })
    await desk.getByText(/^Hands:/).click()
    await desk.getByLabel('Inks').fill('Ida Quill')
    await desk.getByText(/^Hands:/).click()
    await pullAtDesk(page, 'NumpadEnter')
    await pullAtDesk(page, 'NumpadEnter')
    await expect(desk.getByRole('heading', { level: 1 })).toContainText('pull 3')
    await expect(desk.getByText('All saved')).toBeVisible()
    await context.setOffline(true)
    await pullAtDesk(page, 'NumpadEnter')
    await pullAtDesk(page, 'NumpadSubtract', 'Numpad7', 'Numpad4', 'NumpadMultiply', 'Numpad4')
    await expect(desk).toContainText('◆ Offline: 2 saved on this device, waiting for the server')
    await context.setOffline(false)
    await expect(desk.getByText('All saved')).toBeVisible()
    await pullAtDesk(page, 'NumpadEnter')
    await pullAtDesk(page, 'NumpadEnter')
    await expect(desk.getByRole('heading', { level: 1 })).toContainText('pull 7')
    await expect(desk.getByText('All saved')).toBeVisible()
    await page.getByRole('link', { name: 'Back to the edition' }).click()
    await expect(page.getByRole('row', { name: /^4 .*rejected: smear, kept as set-up sheet/ })).toBeVisible()
  })
  await test.step('eight with readings, one of them thrown out: all within the tolerance, and too few to tell more', async () => {
    for (const [i, tone] of ['1.4', '1.39', '1.4', '1.41', '1.42', '1.43', '1.44', '1.45'].entries()) {
      const number = 7 + i
      await pullWithTone(page, number, tone)
      if (number === 10) {
        await page.getByText('What is not as the BAT').click()
        await page.getByLabel('Pull 10, plate edges').selectOption({ label: 'dirty' })
        await expect(page.getByText('It differs, and still passes by what the BAT allows.')).toBeVisible()
        await page.getByLabel('Pull 10, register').selectOption({ label: 'skewed' })
        await expect(page.getByText('◆ Does not pass: register: skewed.')).toBeVisible()
        await page.getByText('Reject it…').click()
        await page.getByLabel('What is wrong with it').selectOption('shifted')
        await page.getByLabel('What becomes of the sheet').selectOption({ label: 'Destroyed' })
        await page.getByRole('button', { name: 'Reject this pull' }).click()
      } else await page.getByRole('button', { name: 'Match: accept' }).click()
      await expect(
        page.getByRole('row', { name: new RegExp(`^${number} .*(accepted|rejected)`) }),
      ).toBeVisible()
    }
    await expect(page.getByText('12 of 12')).toBeVisible()
    // Seven that count: too few to tell a shift from chance.
    await expect(page.getByRole('region', { name: 'Consistency' })).toContainText(
      'Whether it holds can be told from 8 readings on.',
    )
    await expect(page.getByText('All within the tolerance.')).toBeVisible()
    await expect(
      page.getByRole('row', { name: /^10 .*edges: dirty; register: skewed.*rejected: shifted, destroyed/ }),
    ).toBeVisible()
  })
  await test.step('sorted: the closest first, two as proofs, kept over a reload', async () => {
    await openStation(page, 'Dry & Sign')
    const lane = (name: string) => page.getByRole('region', { name, exact: true })
    await expect(lane('Rejected').getByRole('listitem')).toHaveCount(2)
    await page.getByRole('button', { name: 'Closest to the BAT first' }).click()
    await expect(lane('Edition').getByRole('listitem').last()).toContainText('pull 14')
    await page.getByLabel('What pull 14 is to be').selectOption({ label: 'Artist’s proof' })
    await page.getByLabel('What pull 13 is to be').selectOption({ label: 'Printer’s proof' })
    await expect(page.getByText('The edition is declared as 12, but 10 prints stand in it')).toBeVisible()
    // By keys: the artist's proof is lifted, moved into the printer's proofs, and laid down beside the other.
    await lane('Artist’s proof')
      .getByRole('button', { name: /^Pull 14/ })
      .focus()
    // Each key waits until what the one before did is said: a slow machine takes its time.
    const dragged = page.locator('[id^=DndLiveRegion]')
    await page.keyboard.press('Space')
    await expect(dragged).toContainText(/picked up|moved over/i)
    const lifted = await dragged.textContent()
    await page.waitForTimeout(200)
    await page.keyboard.press('ArrowDown')
    await expect(dragged).not.toHaveText(lifted!)
    await page.keyboard.press('Space')
    await expect(lane('Printer’s proof').getByRole('listitem')).toHaveCount(2)
    // And by hand.
    await lane('Archive').scrollIntoViewIfNeeded()
    const [tile, row] = [
      await lane('Printer’s proof')
        .getByRole('button', { name: /^Pull 14/ })
        .boundingBox(),
      await lane('Archive').boundingBox(),
    ]
    await page.mouse.move(tile!.x + 30, tile!.y + 30)
    await page.mouse.down()
    await page.mouse.move(tile!.x + 36, tile!.y + 34)
    await page.mouse.move(row!.x + 300, row!.y + row!.height / 2, { steps: 12 })
    await page.waitForTimeout(150)
    await page.mouse.up()
    await expect(lane('Archive').getByRole('listitem')).toHaveCount(1)
    await page.getByText(/^Marks:/).click()
    await page.getByLabel('Printer’s name (imp.)').fill('Tam Brocket')
    await page.getByLabel('Chop').selectOption({ label: 'Blind, embossed' })
    await kept(page)
    await page.reload()
    await expect(lane('Archive').getByRole('button', { name: /^Pull 14/ })).toBeVisible()
    await expect(page.getByLabel('Printer’s name (imp.)')).toHaveValue('Tam Brocket')
    await page.getByLabel('What pull 5 is to be').selectOption({ label: 'Set aside…' })
    await page.getByRole('button', { name: 'Set aside it' }).click()
    await expect(page.getByText('Enter a reason. The first entry')).toBeVisible()
    await page.getByRole('button', { name: 'Close' }).click()
    await page.getByRole('button', { name: 'Declare the edition as 10' }).click()
  })
  await test.step('numbered and signed; the plate is struck', async () => {
    await page.getByRole('button', { name: 'Number 13 impressions' }).click()
    const list = page.getByRole('region', { name: 'Signing list' })
    await expect(list.getByRole('listitem')).toHaveText([
      ...Array.from({ length: 10 }, (_, i) => `${i + 1}/10`),
      'PP 1/1',
      'Archive 1/1',
      'BAT',
    ])
    await expect(list).toContainText('imp. Tam Brocket')
    await page.getByRole('button', { name: 'Cancel the plate…' }).click()
    await signAs(page, 'Ida Quill')
    await page.getByRole('button', { name: 'Record the cancellation proof' }).click()
    await expect(page.getByText('The plate is cancelled: Scored across twice.')).toBeVisible()
  })
  await test.step('recorded, taken along as one folder, and equal in an empty workshop', async () => {
    await openStation(page, 'Record')
    const credits = page.getByRole('region', { name: 'Credits' })
    await credits.getByRole('button', { name: 'Add credit' }).click()
    await expect(credits.getByText('is empty: fill it in').first()).toBeVisible()
    await credits.getByLabel('Role').fill('Printed by')
    await credits.getByLabel('Who').fill('Tam Brocket')
    await credits.getByRole('button', { name: 'Add credit' }).click()
    const sheet = page.getByRole('article', { name: 'Documentation sheet' })
    await expect(sheet).toContainText('Tam Brocket')
    await expect(sheet).toContainText('Scored across twice; one cancellation proof')
    const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
    const labels = await getDocument({
      data: new Uint8Array(await readFile(await take(page, info, 'Labels'))),
    }).promise
    expect(labels.numPages).toBe(1)
    const words = (await (await labels.getPage(1)).getTextContent()).items
      .map((item) => ('str' in item ? item.str : ''))
      .join(' ')
    expect(words.match(/Slack water/g)).toHaveLength(13)
    // A reject is in the record, and gets no certificate.
    expect(
      (
        await getDocument({ data: new Uint8Array(await readFile(await take(page, info, 'Certificates'))) })
          .promise
      ).numPages,
    ).toBe(13)
    const written = JSON.parse(await readFile(await take(page, info, 'Job as JSON'), 'utf8')) as File
    const folder = await take(page, info, 'Job folder')
    await page.goto(`${bare.url}/jobs/new`)
    await page.getByLabel('Import a job (.json or .zip)').setInputFiles(folder)
    await expect(page).toHaveURL(/slack-water\/record/)
    const arrived = (await (
      await page.request.get(`${page.url().replace(/\/$/, '')}/job.json`)
    ).json()) as File
    expect({ ...arrived, exportedAt: '' }).toEqual({ ...written, exportedAt: '' })
  })
})
