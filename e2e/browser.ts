import { existsSync } from 'node:fs'

const PLACES = [
  process.env.TYPOTHESIS_CHROMIUM,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
]

/** How headless Chromium is started: the system's own browser, cut off from everything but this machine. */
export const LAUNCH = {
  executablePath: PLACES.find((place) => place && existsSync(place)),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--force-color-profile=srgb',
  ],
}

/** Where browsers and servers of the tests stand: in one zone, so that no page is written twice. */
export const ZONE = 'Europe/Lisbon'
