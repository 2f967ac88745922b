import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { LAUNCH, ZONE } from './browser'
import { startServer, type TestServer } from './server'

const ROOT = path.resolve(import.meta.dirname, '..')
const median = (values: number[]) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]
const p95 = (values: number[]) => values.toSorted((a, b) => a - b)[Math.ceil(0.95 * values.length) - 1]

/** Fills a stopped server's folder, then starts it again. */
async function fill(server: TestServer, jobs: number, pulls: number): Promise<void> {
  await server.kill()
  const filled = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'src/cli/bench/fillLog.ts', String(jobs), String(pulls)],
    { cwd: ROOT, env: { ...process.env, TYPOTHESIS_DATA: server.dataFolder }, encoding: 'utf8' },
  )
  if (filled.status !== 0) throw new Error(filled.stderr)
  await server.restart()
}

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

/** Pulls at the desk with a full log, and the page of a job beside many others, each beside the small workshop in this process. */
export async function benchLog(): Promise<boolean> {
  const server = await startServer({ sample: true })
  const browser = await chromium.launch(LAUNCH)
  try {
    const job = `${server.url}/jobs/mooring-posts/edition`
    const small = await response(job)
    await fill(server, 25, 200)
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, timezoneId: ZONE })
    // The compiler that runs this file names functions by a helper the page does not have.
    await page.addInitScript('globalThis.__name = (named) => named')
    await page.goto(`${server.url}/desk/mooring-posts`, { waitUntil: 'networkidle' })
    await page.getByRole('button', { name: 'Count from now on' }).click()
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
      await page.getByText('All with the server').waitFor()
      await page.waitForTimeout(450)
    }
    console.log(
      `5 000 pulls in the database, key to screen: "pulled" p95 ${p95(pulled).toFixed(0)} ms, "matches" p95 ${p95(kept).toFixed(0)} ms, ${pulled.length} pulls (wanted under 100 ms)`,
    )
    await fill(server, 175, 200)
    const large = await response(job)
    const full = await response(`${server.url}/jobs/filled-1/edition`)
    console.log(
      `Job page, server: ${small.toFixed(1)} ms in the sample, ${large.toFixed(1)} ms with 200 jobs × 200 pulls beside it: ratio ${(large / small).toFixed(2)} (wanted 1.5 at most); a job of 200 pulls ${full.toFixed(1)} ms`,
    )
    return p95(pulled) < 100 && p95(kept) < 100 && large / small <= 1.5
  } finally {
    await browser.close()
    await server.remove()
  }
}
