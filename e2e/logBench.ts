import { chromium, type Page } from '@playwright/test'
import { LAUNCH, ZONE } from './browser'
import { fill } from './fill'
import { startServer } from './server'

const median = (values: number[]) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]
const p95 = (values: number[]) => values.toSorted((a, b) => a - b)[Math.ceil(0.95 * values.length) - 1]

/** What the server takes for a page, ms: the middle of twenty after five to warm up. */
async function response(url: string): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < 25; i++) {
    const began = performance.now()
    await (await fetch(url)).text()
    if (i >= 5) times.push(performance.now() - began)
  }
  return median(times)
}

/** From a key to its word on the screen, ms, as the page itself sees it: the key's own stamp to the first frame that shows the word. */
async function keyToScreen(page: Page, key: string, words: string): Promise<number> {
  const shown = page.evaluate(
    (wanted) =>
      new Promise<number>((resolve, reject) => {
        setTimeout(
          () =>
            reject(
              new Error(`“${wanted}” never came: ${document.querySelector('main')?.innerText.slice(0, 400)}`),
            ),
          15_000,
        )
        let pressed = 0
        document.addEventListener(
          'keydown',
          ({ timeStamp }) => {
            pressed = timeStamp
          },
          { capture: true, once: true },
        )
        const look = () =>
          pressed > 0 && document.body.innerText.includes(wanted)
            ? resolve(performance.now() - pressed)
            : requestAnimationFrame(look)
        requestAnimationFrame(look)
      }),
    words,
  )
  // The page must be listening before the key goes down.
  await page.evaluate(() => new Promise(requestAnimationFrame))
  await page.keyboard.press(key)
  return shown
}

/** Views whose answer must not grow with the workshop, and the largest share of the small workshop's time they may take. */
const ANSWERS = { 'first screen': '/', shelves: '/store', 'job page': '/jobs/mooring-posts/edition' }
const MOST_RATIO = 1.5

/** The middle answer of each of the views, ms, and its size, kB. */
async function answers(url: string): Promise<{ ms: number; kB: number }[]> {
  const found: { ms: number; kB: number }[] = []
  for (const path of Object.values(ANSWERS))
    found.push({
      ms: await response(url + path),
      kB: (await (await fetch(url + path)).arrayBuffer()).byteLength / 1000,
    })
  return found
}

/** Pulls at the desk with a full log, and what the server takes for pages beside many other jobs, each against the small workshop in this process. */
export async function benchLog(): Promise<boolean> {
  const server = await startServer({ sample: true })
  const browser = await chromium.launch(LAUNCH)
  try {
    const small = await answers(server.url)
    await fill(server, 25, 200)
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, timezoneId: ZONE })
    // The compiler that runs this file names functions by a helper the page does not have.
    await page.addInitScript('globalThis.__name = (named) => named')
    await page.goto(`${server.url}/desk/mooring-posts`, { waitUntil: 'networkidle' })
    await page.getByRole('button', { name: 'Warm-ups done: count from here' }).click()
    await page.getByText(/^Hands:/).click()
    await page.getByLabel('Inks').fill('Ida Quill')
    await page.getByText(/^Hands:/).click()
    const [pulled, kept]: [number[], number[]] = [[], []]
    for (let number = 12; number < 24; number++) {
      pulled.push(await keyToScreen(page, 'Numpad0', 'Write this on the sheet before the peel:'))
      await page.waitForTimeout(450)
      await keyToScreen(page, 'NumpadEnter', 'Side by side with the BAT')
      await page.waitForTimeout(450)
      kept.push(await keyToScreen(page, 'NumpadEnter', `pull ${number + 1}`))
      await page.getByText('All saved').waitFor()
      await page.waitForTimeout(450)
    }
    console.log(
      `5 000 pulls in the database, key to screen: "pulled" p95 ${p95(pulled).toFixed(0)} ms, "matches" p95 ${p95(kept).toFixed(0)} ms, ${pulled.length} pulls (wanted under 100 ms)`,
    )
    await fill(server, 175, 200)
    const large = await answers(server.url)
    const full = await response(`${server.url}/jobs/filled-1/edition`)
    const ratios = Object.keys(ANSWERS).map((view, at) => {
      const ratio = large[at].ms / small[at].ms
      console.log(
        `${view}: ${small[at].ms.toFixed(1)} ms, ${small[at].kB.toFixed(0)} kB in the sample; ${large[at].ms.toFixed(1)} ms, ${large[at].kB.toFixed(0)} kB with 200 jobs × 200 pulls beside it: ratio ${ratio.toFixed(2)} (wanted ${MOST_RATIO} at most)`,
      )
      return ratio
    })
    console.log(`A job of 200 pulls: ${full.toFixed(1)} ms`)
    return p95(pulled) < 100 && p95(kept) < 100 && ratios.every((ratio) => ratio <= MOST_RATIO)
  } finally {
    await browser.close()
    await server.remove()
  }
}
