import { mkdirSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { chromium } from '@playwright/test'
import { LAUNCH } from './browser'
import { startServer } from './server'

/** The main views, from the demo data. */
const VIEWS: Record<string, string> = {
  morning: '/',
  'new-job': '/jobs/new',
  store: '/store',
  plate: '/jobs/samphire/plate',
  bath: '/jobs/mooring-posts/plate/bath',
  bite: '/jobs/mooring-posts/plate/bite',
  artwork: '/jobs/samphire/plate/artwork',
  making: '/jobs/samphire/plate/making',
  states: '/jobs/samphire/plate/states',
  zones: '/jobs/samphire/plate/zones',
  inks: '/jobs/samphire/wipe/inks',
  tone: '/jobs/mooring-posts/wipe/tone',
  'chine-colle': '/jobs/samphire/register/chine-colle',
  ink: '/jobs/mooring-posts/ink',
  stiffness: '/jobs/mooring-posts/ink/stiffness',
  'ink-sheet': '/store/inks/dusk-blue',
  wipe: '/jobs/mooring-posts/wipe',
  paper: '/jobs/mooring-posts/paper',
  press: '/jobs/mooring-posts/press',
  register: '/jobs/mooring-posts/register',
  prove: '/jobs/samphire/prove',
  edition: '/jobs/mooring-posts/edition',
  dry: '/jobs/mooring-posts/dry',
  signed: '/jobs/the-pilot-s-window/dry',
  record: '/jobs/the-pilot-s-window/record',
}

/** Takes a picture of each main view: `npm run screenshots -- [--out DIR] [--theme dark] [--width 390] [--full] [view …]`. */
async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: { out: { type: 'string', default: 'docs/screenshots' }, theme: { type: 'string', default: 'light' }, width: { type: 'string', default: '1280' }, full: { type: 'boolean', default: false } },
  })
  const out = path.resolve(values.out)
  mkdirSync(out, { recursive: true })
  const server = await startServer({ sample: true })
  const browser = await chromium.launch(LAUNCH)
  const page = await browser.newPage({ viewport: { width: Number(values.width), height: 800 }, colorScheme: values.theme === 'dark' ? 'dark' : 'light', timezoneId: 'Etc/UTC' })
  try {
    for (const [name, route] of Object.entries(VIEWS)) {
      if (positionals.length > 0 && !positionals.includes(name)) continue
      await page.goto(server.url + route, { waitUntil: 'networkidle' })
      await page.screenshot({ path: path.join(out, `${name}.png`), fullPage: values.full })
    }
  } finally {
    await browser.close()
    await server.remove()
  }
}

await main()
