import { broken } from './axe'
import { answerOf, answering, expect, test } from './fixtures'
import { VIEWS } from './views'
import withdrawn from './words.json' with { type: 'json' }

/** Wordings that were replaced: none is shown any more. */
const WITHDRAWN = new Set(withdrawn)
/** The bar, with the lines about it, px. */
const BAR = 54
/** The sentence a room opens with, px. */
const ANSWER = { least: 28, most: 40 }
/** Where the instrument begins at the latest, px. */
const INSTRUMENT = 112
const SCREENS = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
]

test('the frame takes one bar and one strip, every view has a title of its own, and every room opens with its answer', async ({
  walked: page,
  sample,
}) => {
  // Every view there is, one after another.
  test.slow()
  const titles = new Map<string, string>()
  for (const view of VIEWS.filter((one) => !/desk|nowhere|wall/.test(one))) {
    await page.goto(sample.url + view)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached()
    const title = await page.title()
    expect([view, titles.get(title) ?? view]).toEqual([view, view])
    titles.set(title, view)
    const shown = await page.evaluate(() => {
      const texts: string[] = []
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
      while (walker.nextNode()) texts.push(walker.currentNode.textContent ?? '')
      for (const one of document.querySelectorAll('[aria-label], [title], [placeholder]'))
        for (const name of ['aria-label', 'title', 'placeholder']) texts.push(one.getAttribute(name) ?? '')
      return texts.map((text) => text.replace(/\s+/g, ' ').trim())
    })
    expect([view, ...shown.filter((text) => WITHDRAWN.has(text))]).toEqual([view])
    if (!/^\/jobs\/(?!new)/.test(view)) continue
    await expect(answerOf(page), view).toHaveCount(1)
    for (const size of SCREENS) {
      await page.setViewportSize(size)
      const [bar, instrument, letters] = await page.evaluate(() => {
        const bottom = (one: Element) => one.getBoundingClientRect().bottom
        const field = document.querySelector('main > section > div:nth-child(2)')!
        // A caution lies over the foot of the work, and takes no room from it.
        const first = [...field.children].find((one) => !one.matches('[data-cautions]'))!
        const answer = document.querySelector('[data-answer] .answer, .answer[data-answer]')!
        return [
          bottom(document.querySelector('header')!),
          first.getBoundingClientRect().top,
          Number.parseFloat(getComputedStyle(answer).fontSize),
        ]
      })
      expect([view, size.width, bar <= BAR, instrument <= INSTRUMENT]).toEqual([view, size.width, true, true])
      // Of what a room is for, nothing is beneath the fold, whatever lies over its foot.
      const cut = await page.evaluate(() => {
        const foot = Math.min(
          innerHeight,
          document.querySelector('[data-caution]')?.getBoundingClientRect().top ?? innerHeight,
        )
        return [...document.querySelectorAll('main [data-main-act]')]
          .filter((one) => one.getBoundingClientRect().bottom > foot)
          .map((one) => one.textContent)
      })
      expect([view, size.width, ...cut]).toEqual([view, size.width])
      expect(letters, view).toBeGreaterThanOrEqual(ANSWER.least)
      expect(letters, view).toBeLessThanOrEqual(ANSWER.most)
    }
  }
})

test('nothing scrolls at the pull desk, whatever is up, and its keys are where the hand is', async ({
  page,
  sample,
}) => {
  for (const size of SCREENS) {
    await page.setViewportSize(size)
    await page.goto(`${sample.url}/desk/mooring-posts`)
    const desk = page.getByRole('region', { name: 'Pull desk' })
    await expect(desk.getByRole('heading', { level: 1 })).toBeVisible()
    const fits = async () => {
      const [high, whole] = await desk.evaluate((one) => [one.clientHeight, one.scrollHeight])
      expect([size.width, whole]).toEqual([size.width, high])
      expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBe(size.height)
      for (const key of await desk.getByRole('group', { name: 'Keys' }).getByRole('button').all()) {
        const box = (await key.boundingBox())!
        expect(box.y + box.height).toBeLessThanOrEqual(size.height)
        expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(88)
      }
    }
    await fits()
    await desk.getByText(/^Hands:/).click()
    await fits()
    const inks = desk.getByLabel('Inks')
    await inks.fill('Ida Quill')
    await desk.getByText(/^Hands:/).click()
    // Pulled, judged with a fault, and its cause asked for: the fullest the desk gets.
    for (const key of ['Numpad0', 'NumpadEnter', 'NumpadSubtract', 'Numpad7', 'Numpad8']) {
      await page.keyboard.press(key)
      await page.waitForTimeout(450)
      await fits()
    }
    // Another fault, which an earlier print had: how it went then is said beside it.
    for (const key of ['Numpad0', 'Numpad1', 'Numpad5']) {
      await page.keyboard.press(key)
      await page.waitForTimeout(450)
      await fits()
    }
    await expect(desk).toContainText('Pull 7 had it: gone with the next print, nothing set otherwise.')
    for (let i = 0; i < 9; i++) {
      await page.keyboard.press('Backspace')
      await page.waitForTimeout(450)
    }
  }
})

test('where the device brings its own colours, what is chosen and what a room is for still stand out', async ({
  page,
  sample,
}) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await page.goto(`${sample.url}/jobs/mooring-posts/wipe`)
  const fill = (name: string) =>
    page.getByRole('radio', { name }).evaluate((one) => getComputedStyle(one).backgroundColor)
  await expect(page.getByRole('radio', { name: 'Light film' })).toBeVisible()
  expect(await fill('Light film')).not.toBe(await fill('Medium film'))
  const main = page.getByRole('button', { name: 'Start the wiping timer' })
  const plain = page.getByRole('button', { name: 'Add a step' })
  const ground = (one: HTMLElement | SVGElement) => getComputedStyle(one).backgroundColor
  expect(await main.evaluate(ground)).not.toBe(await plain.evaluate(ground))
})

/** What a shop pins up. */
const PINNED_UP = [
  '/',
  '/week',
  '/queue',
  '/store/presses/little-press',
  ...[
    'ink/card',
    'wipe',
    'plate/bite',
    'paper',
    'paper/tearing',
    'paper/day',
    'press/guide',
    'edition',
    'register',
  ].map((room) => `/jobs/mooring-posts/${room}`),
  '/jobs/the-pilot-s-window/dry',
]

test('every sheet a shop pins up prints without fields and buttons, and says what it is', async ({
  page,
  sample,
}) => {
  for (const view of PINNED_UP) {
    await page.emulateMedia({ media: 'screen' })
    await page.goto(sample.url + view)
    await expect(answerOf(page).first()).toBeAttached()
    await page.emulateMedia({ media: 'print' })
    for (const asks of ['button', 'input', 'select', 'textarea', 'nav a'])
      expect([view, asks, await page.locator(`${asks}:visible`).count()]).toEqual([view, asks, 0])
    expect((await page.getByRole('main').innerText()).length, view).toBeGreaterThan(60)
  }
})

test('a room says what it is for the first time somebody is there, after its caution, and never again unless asked', async ({
  browser,
  sample,
}) => {
  const page = await (await browser.newContext({ viewport: SCREENS[0] })).newPage()
  const room = `${sample.url}/jobs/mooring-posts`
  const line = page.getByRole('complementary', { name: 'First time here' })
  await page.goto(`${room}/wipe`)
  await page.getByRole('button', { name: 'Seen' }).click()
  await expect(line).toContainText('set the steps once')
  expect(await broken(page)).toEqual([])
  await line.getByRole('button', { name: 'Close' }).click()
  await expect(line).toBeHidden()
  // By a link as by an address: each room has its own.
  await page.getByRole('link', { name: /^Record/ }).click()
  await expect(line).toContainText('where each print is')
  await page.goto(`${room}/record`)
  await answering(page)
  await page.keyboard.press('?')
  const keys = page.getByRole('dialog', { name: 'Keys' })
  await expect(keys).toContainText('Here: documents, certificates')
  await expect(line).toHaveCount(0)
  // Somebody else has not been here, unless the device is told to be quiet.
  await keys.getByLabel('Say what a room is for at the first visit').uncheck()
  await page.keyboard.press('Escape')
  await page.goto(`${room}/dry`)
  await answering(page)
  await page.getByRole('button', { name: 'Seen' }).click()
  await expect(line).toHaveCount(0)
  await page.context().close()
})
