import type { BrowserContext, Page } from '@playwright/test'
import { answering, expect, test } from './fixtures'
import { desk, heading, keys, openDesk, opensAlone, pullsAt } from './pullDesk'
import { startServer } from './server'

test('with the server gone the desk opens, reloads and goes on; all of it arrives once it is back', async ({
  page,
  browser,
}) => {
  const server = await startServer({ sample: true })
  try {
    await openDesk(page, server.url)
    await opensAlone(page)
    const before = await pullsAt(page, server.url)
    // A pull is with the server before it is judged.
    await keys(page, 'NumpadEnter', 'Numpad0')
    await expect.poll(() => pullsAt(page, server.url)).toBe(before + 1)
    await server.kill()
    await keys(page, 'NumpadEnter', 'NumpadEnter')
    await expect(desk(page)).toContainText('◆ Offline: 1 saved on this device')
    await desk(page).getByRole('link', { name: 'Back to the edition' }).click()
    await expect(desk(page).getByText('the edition cannot be opened now. The desk goes on.')).toBeVisible()
    await page.reload()
    await answering(page)
    await expect(heading(page)).toContainText(`pull ${before + 2}`)
    await keys(page, 'NumpadEnter')
    await expect(page).toHaveTitle(/^\d:\d\d .+ · Mooring posts$/)
    await keys(page, 'Numpad0', 'NumpadEnter', 'NumpadSubtract', 'NumpadEnter')
    // By its own address too, as from a bookmark, and in a window that was closed meanwhile.
    const again = await page.context().newPage()
    await page.close()
    await again.goto(`${server.url}/desk/mooring-posts`)
    await expect(heading(again)).toContainText(`pull ${before + 3}`)
    await expect(desk(again)).toContainText('◆ Offline: 2 saved on this device')
    await server.restart()
    await expect(desk(again).getByText('All saved')).toBeVisible({ timeout: 30_000 })
    expect(await pullsAt(again, server.url)).toBe(before + 2)
    // A device that never opened this desk says that it needs the server.
    const stranger = await browser.newContext()
    const strange = await stranger.newPage()
    await strange.goto(`${server.url}/desk`)
    await expect(strange.getByText('No desk was opened on this device yet.')).toBeVisible()
    await strange.goto(`${server.url}/desk#no-such-job`)
    await expect(strange.getByText('◆ This job is not in this workshop.')).toBeVisible()
    await stranger.close()
  } finally {
    await server.remove()
  }
})

test('what the first desks left is taken over; one pull that is refused stays, is put right, and holds nothing up', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/desk`)
  const { id, settings } = await page.evaluate(async () => {
    const reply = await fetch('/desk/mooring-posts/sync', { method: 'POST', body: '{"entries":[]}' })
    return ((await reply.json()) as { desk: { id: string; settings: object } }).desk
  })
  const left = (name: string, pull: string) => ({
    kind: 'pull',
    id: pull,
    pullKind: 'warmup',
    runPosition: 0,
    pulledAt: new Date().toISOString(),
    zone: 'Europe/Lisbon',
    estimated: false,
    hands: { inked: name, wiped: name, laid: null },
    settings,
    batVersion: 1,
    by: name,
    events: [{ kind: 'eye', reading: 'same' }],
  })
  const queue = [left('I'.repeat(121), 'left-1'), left('Ida Quill', 'left-2')]
  await page.evaluate(([key, text]) => localStorage.setItem(key, text), [
    `typothesis-desk-${id}`,
    JSON.stringify({ queue }),
  ] as const)
  await page.goto(`${sample.url}/desk#mooring-posts`)
  const refused = page.getByRole('region', { name: 'Refused by the server' })
  await expect(refused).toContainText('◆ 1 refused by the server: kept here until you put it right')
  await refused.getByText(/^◆ 1 refused/).click()
  await expect(refused).toContainText('Who inks: must be at most 120 characters.')
  expect(await page.evaluate((key) => localStorage.getItem(key), `typothesis-desk-${id}`)).toBeNull()
  // Every page of the device tells of it, and it is there after a reload.
  await page.goto(`${sample.url}/store`)
  await page.getByRole('link', { name: '◆ The server refused what a desk here sent' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    (async () => {
      await desk(page)
        .getByText(/^What waits here:/)
        .click()
      await desk(page).getByRole('button', { name: 'Save what waits as a file' }).click()
    })(),
  ])
  expect(download.suggestedFilename()).toBe('desk-mooring-posts.json')
  await refused.getByText(/^◆ 1 refused/).click()
  await refused.getByLabel('Inked').fill('Oona Fell')
  await refused.getByLabel('Wiped').fill('Oona Fell')
  await refused.getByRole('button', { name: 'Send it again' }).click()
  await expect(refused).toBeHidden()
  await expect(desk(page).getByText('All saved')).toBeVisible()
  const csv = await (await page.request.get(`${sample.url}/jobs/mooring-posts/record/pulls.csv`)).text()
  expect(csv).toContain('Oona Fell')
  // The file holds what is there by now: it comes, and is not made again.
  await desk(page)
    .getByText(/^What waits here:/)
    .click()
  await desk(page)
    .getByLabel('Take in a desk’s file')
    .setInputFiles((await download.path())!)
  await expect(desk(page).getByText('1 entry taken in.')).toBeVisible()
})

test('a device that keeps nothing says so before the first pull', async ({ page, sample }) => {
  await page.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await openDesk(page, sample.url)
  const alarm = desk(page).getByText('◆ This device keeps nothing: its storage is full.')
  await expect(alarm).toContainText('Each pull goes to the server at once')
  const before = await pullsAt(page, sample.url)
  await keys(page, 'Numpad0')
  await expect.poll(() => pullsAt(page, sample.url)).toBe(before + 1)
  await keys(page, 'NumpadEnter', 'NumpadEnter')
  await page.context().setOffline(true)
  await expect(desk(page)).toContainText('◆ Offline')
  await expect(alarm).toContainText('write on paper what you pull')
  await keys(page, 'Numpad0')
  await expect(desk(page).getByText('◆ Nothing can be pulled now')).toBeVisible()
  await expect(desk(page).getByRole('button', { name: 'Pulled' })).toBeVisible()
})

test('one window of a device works at a desk; where no page can be kept it is said', async ({
  browser,
  sample,
}) => {
  const context: BrowserContext = await browser.newContext({ serviceWorkers: 'block' })
  const [one, two] = [await context.newPage(), await context.newPage()]
  await openDesk(one, sample.url)
  await expect(desk(one)).toContainText('◆ This desk cannot be opened without the server')
  await two.goto(`${sample.url}/desk#mooring-posts`)
  await expect(two.getByRole('heading', { name: 'This desk is open in another window' })).toBeVisible()
  await two.getByRole('button', { name: 'Take it over' }).click()
  await expect(heading(two)).toBeVisible()
  await expect(one.getByRole('heading', { name: 'This desk is open in another window' })).toBeVisible()
  await context.close()
})

test('of two desks one has a clock ten minutes ahead: neither undoes the other’s Enter', async ({
  browser,
  sample,
}) => {
  const [inky, clean] = await Promise.all([0, 1].map(() => browser.newPage()))
  await openDesk(inky, sample.url)
  // The rails have been moved before the second desk is opened.
  await keys(inky, 'NumpadEnter', 'Backspace')
  await clean.clock.install({ time: new Date(Date.now() + 600_000) })
  // A server under load: a key may be pressed before it first said how the rails stand.
  await clean.route('**/rails', async (route) => {
    // As long on the way there as back.
    await new Promise((resolve) => setTimeout(resolve, 2000))
    const response = await route.fetch()
    await new Promise((resolve) => setTimeout(resolve, 2000))
    await route.fulfill({ response })
  })
  await openDesk(clean, sample.url)
  await clean.keyboard.press('NumpadDecimal')
  await expect(desk(inky)).toContainText(/Ink the plate (in|now)/)
  await clean.unrouteAll({ behavior: 'wait' })
  await keys(inky, 'NumpadEnter')
  await expect(desk(clean)).toContainText(/ahead|They meet/)
  await keys(inky, 'NumpadEnter')
  // Asked again and again, what was done stands at both.
  await inky.waitForTimeout(4500)
  for (const page of [inky, clean]) await expect(desk(page)).toContainText(/ahead|They meet/)
  const call = async (page: Page) => (await desk(page).locator('.far-number').textContent())!
  const seconds = (words: string) => {
    const [, minutes, rest] = /(\d+):(\d\d)/.exec(words)!
    return Number(minutes) * 60 + Number(rest)
  }
  // And the two see the same meeting, as if their clocks were one.
  const apart = async () => {
    const [one, other] = await Promise.all([inky, clean].map(call))
    return Math.abs(seconds(one) - seconds(other))
  }
  await expect.poll(apart).toBeLessThanOrEqual(2)
  await Promise.all([inky.close(), clean.close()])
})
