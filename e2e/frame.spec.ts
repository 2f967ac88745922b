import { answerOf, expect, test } from './fixtures'
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
        // A caution stands over the instrument until it was seen.
        const first = [...field.children].find((one) => !one.matches('[aria-label="Caution"], p.sr-only'))!
        const over = [...field.children]
          .filter((one) => one.matches('[aria-label="Caution"]'))
          .reduce((sum, one) => sum + one.getBoundingClientRect().height + 24, 0)
        const answer = document.querySelector('[data-answer] .answer, .answer[data-answer]')!
        return [
          bottom(document.querySelector('header')!),
          first.getBoundingClientRect().top - over,
          Number.parseFloat(getComputedStyle(answer).fontSize),
        ]
      })
      expect([view, size.width, bar <= BAR, instrument <= INSTRUMENT]).toEqual([view, size.width, true, true])
      expect(letters, view).toBeGreaterThanOrEqual(ANSWER.least)
      expect(letters, view).toBeLessThanOrEqual(ANSWER.most)
    }
  }
})
