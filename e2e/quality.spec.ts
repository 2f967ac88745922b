import { readdirSync } from 'node:fs'
import path from 'node:path'
import { firstLoad, SCRIPT_LIMIT } from './firstLoad'
import { expect, test } from './fixtures'
import { VIEWS } from './views'

/** A job's own address only leads to the station where it is; the sample has no class, and one is walked where it is made. */
const LEADS_ON = ['/jobs/[job]', '/jobs/[job]/edition/class']

test('every page of the application is among the views that are walked', () => {
  const app = path.resolve(import.meta.dirname, '../src/app')
  const pages = readdirSync(app, { recursive: true, encoding: 'utf8' })
    .filter((file) => path.basename(file) === 'page.tsx')
    .map((file) => `/${path.dirname(file)}`.replace(/^\/\.$|\/\([a-z]+\)/g, '') || '/')
    .filter((page) => !LEADS_ON.includes(page))
  const isWalked = (page: string) => {
    const address = new RegExp(`^${page.replace(/\[\w+\]/g, '[^/]+')}$`)
    return VIEWS.some((view) => address.test(view))
  }
  expect(pages.length).toBeGreaterThan(40)
  expect(pages.filter((page) => !isWalked(page))).toEqual([])
})

test('first-load script of every view is within its limit', async ({ sample }) => {
  const sizes = new Map<string, number>()
  for (const view of VIEWS) {
    const total = await firstLoad(sample.url, view, sizes)
    console.log(`${view}: ${(total / 1024).toFixed(0)} kB gzip`)
    expect(total, view).toBeGreaterThan(0)
    expect(total, view).toBeLessThanOrEqual(SCRIPT_LIMIT)
  }
})

test('a pull can be made and judged by keyboard alone, and every target at the edition is 44 px', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  for (const target of await page
    .getByRole('main')
    .locator('button:visible, summary:visible, input:visible, select:visible')
    .all()) {
    const box = (await target.boundingBox())!
    expect(box.height, await target.innerText()).toBeGreaterThanOrEqual(44)
  }
  await page.getByLabel('Your name').focus()
  await page.keyboard.type('Ida Quill')
  // The pull stands beside the answer, before its fields.
  const pull = page.getByRole('button', { name: /^Pull \d+/ })
  for (let i = 0; i < 6 && !(await pull.evaluate((one) => one === document.activeElement)); i++)
    await page.keyboard.press('Shift+Tab')
  await expect(pull).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /pencil this time/ })).toBeVisible()
  await page.keyboard.press('-')
  await expect(page.getByText('Seen lighter. What becomes of it?')).toBeVisible()
  await page.getByRole('button', { name: 'Set aside' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('row', { name: /lighter .*set aside/ })).toBeVisible()
})

test('stations turn with the bracket keys, and the list of keys opens with a question mark', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/ink`)
  await page.keyboard.press(']')
  await expect(page.getByRole('heading', { level: 1, name: 'Wipe' })).toBeVisible()
  await page.keyboard.press('[')
  await expect(page.getByRole('heading', { level: 1, name: 'Ink' })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0)
  // Opened by its button, it gives the focus back to it.
  const button = page.getByRole('button', { name: 'Keyboard shortcuts' })
  await button.press('Enter')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(button).toBeFocused()
})

test('the morning sheet is written from the day’s readings, and every line opens to its sum', async ({
  page,
  sample,
}) => {
  await page.goto(sample.url)
  await page.getByLabel('Room, °C').fill('23')
  await page.getByRole('button', { name: 'Update today’s advice' }).click()
  const sheet = page.getByRole('region', { name: 'Today’s advice for Mooring posts' })
  await expect(sheet).toContainText(
    '4° warmer, the plate kept warm: 0.79 × as stiff: plate at 28°; oil cannot come out',
  )
  await sheet.getByText('4° warmer').click()
  await expect(sheet).toContainText('Ink under the roller today')
  await page.getByLabel('Room, °C').fill('95')
  await page.getByRole('button', { name: 'Update today’s advice' }).click()
  await expect(page.getByText('must be within −10 and 50 °C')).toBeVisible()
})

test('cautions stand where the hazard is, and stay away for the day from whoever saw them', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/press`)
  const caution = page.getByRole('complementary', { name: 'Caution' })
  await expect(caution).toContainText('The roller pinches')
  await expect(caution).toContainText('safety data sheet')
  await expect(caution).toContainText('swing back')
  // Nobody is named at this device: the next one has not seen it.
  await caution.getByRole('button', { name: 'Seen', exact: true }).click()
  await expect(caution).toBeHidden()
  await page.reload()
  await expect(caution).toBeVisible()
  const works = async (person: string) => {
    await page.getByRole('button', { name: /works? here/i }).click()
    await page.getByLabel('Somebody else').fill(person)
    await page.getByRole('button', { name: 'Works here now' }).click()
    await expect(page.getByRole('button', { name: `${person} works here` })).toBeFocused()
    await expect(page.getByRole('heading', { level: 1, name: 'Press' })).toBeVisible()
  }
  await works('Ida Quill')
  await caution.getByRole('button', { name: 'Hide until tomorrow' }).click()
  await page.reload()
  await expect(page.getByRole('heading', { level: 1, name: 'Press' })).toBeVisible()
  await expect(caution).toBeHidden()
  await works('Tam Brocket')
  await expect(caution).toBeVisible()
})

test('a day is the one outside the window of whoever looks', async ({ browser, sample }) => {
  const { dryings } = (await (
    await fetch(`${sample.url}/jobs/the-pilot-s-window/record/job.json`)
  ).json()) as { dryings: { laidAt: string }[] }
  const said: string[] = []
  // 25 hours apart: never the same day.
  for (const timezoneId of ['Pacific/Kiritimati', 'Pacific/Pago_Pago']) {
    const page = await browser.newPage({ timezoneId })
    const faults: string[] = []
    page.on('pageerror', ({ message }) => faults.push(message))
    await page.goto(`${sample.url}/jobs/the-pilot-s-window/record`)
    const day = new Date(dryings[0].laidAt).toLocaleDateString('en-GB', {
      timeZone: timezoneId,
      day: 'numeric',
      month: 'short',
      year: 'numeric',
    })
    await expect(page.getByText(`from ${day} to`)).toBeVisible()
    // The server knows it from now on: nothing is written twice, and page and server agree.
    expect(await (await page.request.get(`${sample.url}/jobs/the-pilot-s-window/record`)).text()).toContain(
      `from ${day} to`,
    )
    expect(faults).toEqual([])
    said.push(day)
    await page.close()
  }
  expect(Date.parse(said[0])).toBeGreaterThan(Date.parse(said[1]))
})

/** Views that write moments or lay out a day. */
const WITH_MOMENTS = [
  '/',
  '/queue',
  '/queue/wall',
  '/drying',
  '/desk/mooring-posts',
  ...['paper/day', 'prove', 'edition', 'dry', 'record'].map((room) => `/jobs/mooring-posts/${room}`),
]

test('in another zone than the server’s, no view is first written otherwise than it stays', async ({
  browser,
  sample,
}) => {
  // So far east that even the day is another.
  const page = await browser.newPage({ timezoneId: 'Pacific/Kiritimati' })
  const faults: string[] = []
  page.on('pageerror', ({ message }) => faults.push(`${new URL(page.url()).pathname}: ${message}`))
  // The zone is known to the server from the second page on.
  await page.goto(`${sample.url}/jobs/new`)
  for (const view of WITH_MOMENTS) {
    await page.goto(sample.url + view)
    await page.locator('html[data-answers]').waitFor({ state: 'attached' })
  }
  await page.close()
  expect(faults).toEqual([])
})
