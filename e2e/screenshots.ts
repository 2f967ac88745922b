import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { chromium, type Page } from '@playwright/test'
import { LAUNCH, ZONE } from './browser'
import { startServer } from './server'

/** The main views, from the demo data: their pictures are kept with the documents. */
const VIEWS: Record<string, string> = {
  morning: '/',
  store: '/store',
  plate: '/jobs/samphire/plate',
  artwork: '/jobs/samphire/plate/artwork',
  begin: '/jobs/new',
  zones: '/jobs/samphire/plate/zones',
  ink: '/jobs/mooring-posts/ink',
  wipe: '/jobs/mooring-posts/wipe',
  inks: '/jobs/samphire/wipe/inks',
  paper: '/jobs/mooring-posts/paper',
  day: '/jobs/mooring-posts/paper/day',
  press: '/jobs/mooring-posts/press',
  register: '/jobs/mooring-posts/register',
  prove: '/jobs/samphire/prove',
  edition: '/jobs/mooring-posts/edition',
  'match-check': '/jobs/mooring-posts/edition/match',
  desk: '/desk/mooring-posts',
  dry: '/jobs/mooring-posts/dry',
  record: '/jobs/the-pilot-s-window/record',
}

/** Rooms whose picture is taken only when it is asked for by name. */
const MORE: Record<string, string> = {
  week: '/week',
  album: '/faults/crease',
  states: '/jobs/samphire/plate/states',
  making: '/jobs/samphire/plate/making',
  'chine-colle': '/jobs/samphire/register/chine-colle',
  guide: '/jobs/mooring-posts/press/guide',
  quote: '/jobs/mooring-posts/edition/quote',
  'press-card': '/store/presses/little-press',
  blankets: '/store/blankets',
  plates: '/jobs/mooring-posts/register/plates',
  tearing: '/jobs/mooring-posts/paper/tearing',
  queue: '/queue',
  bite: '/jobs/mooring-posts/plate/bite',
  bath: '/jobs/mooring-posts/plate/bath',
  match: '/jobs/mooring-posts/ink/match',
  correct: '/jobs/mooring-posts/ink/correct',
  card: '/jobs/mooring-posts/ink/card',
  stiffness: '/jobs/mooring-posts/ink/stiffness',
  amount: '/jobs/mooring-posts/ink/amount',
  'ink-sheet': '/store/inks/dusk-blue',
  'paper-sheet': '/store/papers/heron-white',
  drying: '/drying',
  tone: '/jobs/mooring-posts/wipe/tone',
  signed: '/jobs/the-pilot-s-window/dry',
  model: '/jobs/samphire/prove/model',
  runs: '/jobs/two-tides/runs',
  'second-run': '/jobs/two-tides/edition',
}

/** What is done on a view before its picture is taken, where the address alone does not show it. */
const BEFORE: Record<string, (page: Page) => Promise<void>> = {
  begin: async (page) => {
    await page.getByLabel('Title of the print').fill('Reeds')
    await page.getByLabel('Your name').fill('Oona Fell')
    await page.getByLabel('What is the plate?').selectOption({ label: 'Drypoint on plastic' })
    await page.getByLabel('Size of the plate').fill('120 × 90 mm')
    await page.getByLabel('What do you print with?').selectOption({ label: 'The little press' })
    await page.getByLabel('Ink', { exact: true }).fill('Harbour black')
    await page.getByLabel('Paper', { exact: true }).fill('Heron 300 g 56 × 76 cm')
    await page.evaluate(() => scrollTo(0, 0))
  },
  'match-check': async (page) => {
    await page.getByLabel('Impression', { exact: true }).selectOption({ label: 'Pull 10' })
    await page.getByRole('heading', { name: /Differs in/ }).waitFor()
    await page.getByRole('slider', { name: /^Swipe/ }).waitFor()
  },
}

/** Takes a picture of each main view: `npm run screenshots -- [--out DIR] [--theme dark] [--width 390] [--full] [view …]`. */
async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: {
      out: { type: 'string', default: 'docs/screenshots' },
      theme: { type: 'string', default: 'light' },
      width: { type: 'string', default: '1280' },
      full: { type: 'boolean', default: false },
    },
  })
  const out = path.resolve(values.out)
  mkdirSync(out, { recursive: true })
  // Laid out anew, so that its day is today.
  const sample = mkdtempSync(path.join(tmpdir(), 'typothesis-sample-'))
  const seeded = spawnSync(process.execPath, ['--import', 'tsx', 'src/cli/seed.ts'], {
    env: { ...process.env, TYPOTHESIS_DATA: sample, NODE_ENV: 'production' },
    encoding: 'utf8',
  })
  if (seeded.status !== 0) throw new Error(seeded.stderr)
  process.env.TYPOTHESIS_TEST_SAMPLE = sample
  const server = await startServer({ sample: true })
  const browser = await chromium.launch(LAUNCH)
  const page = await browser.newPage({
    viewport: { width: Number(values.width), height: 800 },
    colorScheme: values.theme === 'dark' ? 'dark' : 'light',
    timezoneId: ZONE,
  })
  // Whoever looks at the pictures reads what a room is for beside them.
  await page.addInitScript(() => localStorage.setItem('typothesis-first-lines', 'off'))
  try {
    const wanted = Object.entries(positionals.length > 0 ? { ...VIEWS, ...MORE } : VIEWS).filter(
      ([name]) => positionals.length === 0 || positionals.includes(name),
    )
    for (const [name, route] of wanted) {
      await page.goto(server.url + route, { waitUntil: 'networkidle' })
      await BEFORE[name]?.(page)
      await page.screenshot({ path: path.join(out, `${name}.png`), fullPage: values.full })
    }
  } finally {
    await browser.close()
    await server.remove()
    rmSync(sample, { recursive: true, force: true })
  }
}

await main()
