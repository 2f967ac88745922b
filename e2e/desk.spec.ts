import type { Page } from '@playwright/test'
import { answering, expect, test } from './fixtures'
import { desk as line, nameHand } from './pullDesk'

/** A knuckle needs its time: the same key within 400 ms is one press. */
const keys = async (page: Page, ...codes: string[]) => {
  for (const code of codes) {
    await page.keyboard.press(code)
    await page.waitForTimeout(60)
  }
}

test('a pull is made by keypad alone, with its fault, and the next is asked for it', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await page.getByRole('link', { name: 'Open the pull desk' }).click()
  const desk = line(page)
  await expect(desk.getByRole('heading', { level: 1 })).toContainText('Mooring posts: warm-up')
  await expect(desk).toContainText('Another day: warm-ups, not numbered, until 2 more in a row match.')
  await desk.getByRole('button', { name: 'Warm-ups done: count from here' }).click()
  await expect(desk.getByRole('heading', { level: 1 })).toContainText('Mooring posts: pull 12')
  await expect(desk).toContainText(
    /Ink the plate; lift sheet \d+ \d+:\d\d after|Lift sheet \d+; ink the plate/,
  )
  await keys(page, 'Numpad0')
  await expect(desk.getByText('◆ Enter who inks, under Hands: every pull is saved with it.')).toBeVisible()
  await nameHand(page)
  await keys(page, 'NumpadEnter')
  await expect(desk).toContainText(/Lift sheet \d+ (in|now)/)
  await keys(page, 'NumpadDecimal')
  await page.reload()
  await expect(desk).toContainText(/ahead|They meet/)
  await keys(page, 'Numpad0')
  await expect(desk).toContainText('Write this on the sheet before the peel:')
  await keys(page, 'NumpadSubtract')
  await expect(desk).toContainText('1 min earlier than now: kept as estimated.')
  await keys(page, 'NumpadEnter', 'NumpadSubtract', 'Numpad7', 'Numpad8')
  await expect(desk).toContainText('The eye: lighter. ◆ starved, top left')
  await expect(desk.getByRole('group', { name: 'What it came from' })).toContainText(
    'wiped out: after the pull the lines are empty, and were before it',
  )
  await keys(page, 'Numpad1')
  await expect(desk).toContainText('The eye: lighter. ◆ starved (wiped out), top left')
  // Pressed twice within 400 ms: once.
  await page.keyboard.press('NumpadEnter')
  await page.keyboard.press('NumpadEnter')
  await expect(desk.getByRole('heading', { level: 1 })).toContainText('pull 13')
  await expect(desk.getByText('All saved')).toBeVisible()
  await expect(desk).toContainText(
    'Before the pull: starved (wiped out), top left: A lighter hand and a clean face of the rag',
  )
  // One step back: it is amended, not lost.
  await keys(page, 'Backspace')
  await expect(desk).toContainText('what you say now amends what was said')
  await keys(page, 'NumpadMultiply', 'Numpad4')
  await expect(desk.getByText('All saved')).toBeVisible()
  await page.getByRole('link', { name: 'Back to the edition' }).click()
  const row = page
    .getByRole('region', { name: 'Pulls so far' })
    .getByRole('row')
    .filter({ has: page.getByRole('rowheader', { name: '12', exact: true }) })
  await expect(row).toContainText('rejected: starved, kept as set-up sheet (amended)')
})

test('the connection drops in the middle: pulls wait on the device, survive a reload, and arrive once', async ({
  page,
  sample,
  context,
}) => {
  await page.goto(`${sample.url}/desk/mooring-posts`)
  const desk = line(page)
  const heading = desk.getByRole('heading', { level: 1 })
  const warm = desk.getByRole('button', { name: 'Warm-ups done: count from here' })
  await expect(heading).toBeVisible()
  if (await warm.isVisible()) await warm.click()
  await expect(heading).toContainText(/pull \d+/)
  const before = Number(/pull (\d+)/.exec((await heading.textContent())!)![1])
  await nameHand(page)
  await context.setOffline(true)
  for (let i = 0; i < 3; i++) {
    await keys(page, 'Numpad0', 'NumpadEnter', 'NumpadAdd')
    await page.waitForTimeout(420)
    await keys(page, 'NumpadEnter')
    await expect(heading).toContainText(`pull ${before + i + 1}`)
    await page.waitForTimeout(420)
  }
  await expect(desk).toContainText('◆ Offline: 3 saved on this device, waiting for the server')
  // The answer to the first sending is lost: what arrived is sent again and kept once.
  let lost = 0
  await page.route('**/sync', async (route) => {
    const reply = await route.fetch()
    lost += 1
    await (lost === 1 ? route.abort() : route.fulfill({ response: reply }))
  })
  await context.setOffline(false)
  await expect(desk.getByText('All saved')).toBeVisible({ timeout: 20_000 })
  expect(lost).toBeGreaterThan(1)
  await page.unroute('**/sync')
  await page.reload()
  await expect(heading).toContainText(`pull ${before + 3}`)
})

test('a server killed in mid-pull loses nothing, and two desks share one meeting', async ({
  browser,
  page,
}) => {
  const { startServer } = await import('./server')
  const server = await startServer({ sample: true })
  try {
    await page.goto(`${server.url}/desk/mooring-posts`)
    const desk = line(page)
    await nameHand(page)
    const clean = await (await browser.newContext()).newPage()
    await clean.goto(`${server.url}/desk/mooring-posts`)
    await line(clean)
      .getByText(/^Hands:/)
      .click()
    await line(clean).getByRole('radio', { name: 'Clean hands' }).click()
    await line(clean).getByRole('heading', { level: 1 }).click()
    await keys(page, 'NumpadEnter')
    await expect(line(clean)).toContainText(/Lift sheet \d+ (in|now)/)
    await keys(clean, 'NumpadEnter')
    await expect(desk).toContainText(/ahead|They meet/)
    await keys(page, 'Numpad0', 'NumpadEnter')
    await server.kill()
    await page.waitForTimeout(420)
    await keys(page, 'NumpadEnter')
    await expect(desk).toContainText('1 saved on this device, waiting for the server')
    await server.restart()
    await expect(desk.getByText('All saved')).toBeVisible({ timeout: 30_000 })
    await expect(line(clean)).toContainText('Ink the plate; lift sheet')
  } finally {
    await server.remove()
  }
})

/** A zone in which it is about noon now: a clock set back an hour there is of the same day, whenever the test runs. */
function zoneAtNoon(): string {
  const hours = 12 - new Date().getUTCHours()
  return `Etc/GMT${hours < 0 ? '+' : '-'}${Math.abs(hours)}`
}

test('two desks pull at once and get two numbers; a clock set back is said, and the moment kept as estimated', async ({
  browser,
}) => {
  const { startServer } = await import('./server')
  const server = await startServer({ sample: true })
  try {
    const timezoneId = zoneAtNoon()
    const [page, other] = await Promise.all([0, 1].map(() => browser.newPage({ timezoneId })))
    for (const one of [page, other]) {
      await one.goto(`${server.url}/desk/mooring-posts`)
      await answering(one)
      await line(one).getByRole('button', { name: 'Warm-ups done: count from here' }).click()
      await nameHand(one)
    }
    await Promise.all(
      [page, other].map(async (one) => {
        for (const key of ['Numpad0', 'NumpadEnter', 'NumpadEnter']) {
          await one.keyboard.press(key)
          await one.waitForTimeout(700)
        }
      }),
    )
    for (const one of [page, other]) await expect(line(one).getByText('All saved')).toBeVisible()
    await page.clock.setSystemTime(new Date(Date.now() - 3_600_000))
    for (const key of ['Numpad0', 'NumpadEnter', 'NumpadEnter']) {
      await page.keyboard.press(key)
      await page.waitForTimeout(700)
    }
    // The note may be there from before: of two pulls at once one can be heard first and be the later. The number tells.
    await expect(page.getByRole('heading', { name: /pull 15, sheet/ })).toBeVisible()
    await expect(line(page).getByText('All saved')).toBeVisible()
    await expect(line(page)).toContainText(
      'its moment is before the pull before it; kept as estimated. Look at this device’s clock.',
    )
    const csv = await (await page.request.get(`${server.url}/jobs/mooring-posts/record/pulls.csv`)).text()
    const numbers = csv
      .split('\n')
      .filter((row) => /Edition/i.test(row))
      .map((row) => Number(/\b(\d+)\b/.exec(row)![1]))
    expect(numbers).toEqual(Array.from({ length: 14 }, (_one, i) => i + 1))
  } finally {
    await server.remove()
  }
})
