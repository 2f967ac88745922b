import { expect, test } from './fixtures'
import { VIEWS } from './views'

/** The bar, with the lines about it, px. */
const BAR = 54
/** Where the instrument begins at the latest, px. */
const INSTRUMENT = 112
const SCREENS = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
]

test('the frame takes one bar and one strip, and every view has a title of its own', async ({
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
    if (!/^\/jobs\/(?!new)/.test(view)) continue
    for (const size of SCREENS) {
      await page.setViewportSize(size)
      const [bar, instrument] = await page.evaluate(() => {
        const bottom = (one: Element) => one.getBoundingClientRect().bottom
        const field = document.querySelector('main > section > div:nth-child(2)')!
        // A caution stands over the instrument until it was seen.
        const first = [...field.children].find((one) => !one.matches('[aria-label="Caution"], p.sr-only'))!
        const over = [...field.children]
          .filter((one) => one.matches('[aria-label="Caution"]'))
          .reduce((sum, one) => sum + one.getBoundingClientRect().height + 24, 0)
        return [bottom(document.querySelector('header')!), first.getBoundingClientRect().top - over]
      })
      expect([view, size.width, bar <= BAR, instrument <= INSTRUMENT]).toEqual([view, size.width, true, true])
    }
  }
})
