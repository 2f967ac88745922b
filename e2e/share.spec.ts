import { createHash, X509Certificate } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import {
  chromium,
  request,
  type APIResponse,
  type Browser,
  type BrowserContext,
  type Page,
} from '@playwright/test'
import { broken } from './axe'
import { tabTo } from './byKeys'
import { LAUNCH, ZONE } from './browser'
import { answering, expect, test } from './fixtures'
import { desk, heading, keys, openDesk, opensAlone, pullsAt } from './pullDesk'
import { startServer, type TestServer } from './server'
import { VIEWS } from './views'

const ROOT = path.resolve(import.meta.dirname, '..')
/** This machine by an address that stands for one in the room. */
const ADDRESS = '127.0.0.3'

/** A browser on another device, which trusts the workshop’s authority. */
async function deviceThatTrusts({ dataFolder }: TestServer): Promise<Browser> {
  const authority = new X509Certificate(readFileSync(path.join(dataFolder, 'share/authority.crt')))
  const known = createHash('sha256')
    .update(authority.publicKey.export({ type: 'spki', format: 'der' }))
    .digest('base64')
  return chromium.launch({
    ...LAUNCH,
    args: [...LAUNCH.args, `--ignore-certificate-errors-spki-list=${known}`],
  })
}

/** What a device’s scripts ask, with its cookies; who is asked was compared already by the browser. */
const scriptsOf = async (context: BrowserContext) =>
  request.newContext({ ignoreHTTPSErrors: true, storageState: await context.storageState() })

/** What a device that is paired for desk and pictures may ask: for a picture. */
const OF_PICTURES = ['wantPictureAction', 'collectPictureAction', 'forgetPictureAction']

/** Every act the built application knows, by the name the framework gave it; but for those named. */
function acts(but: readonly string[] = []): string[] {
  const file = path.join(ROOT, '.next/server/server-reference-manifest.json')
  const { node } = JSON.parse(readFileSync(file, 'utf8')) as {
    node: Record<string, { exportedName: string }>
  }
  return Object.keys(node).filter((id) => !but.includes(node[id].exportedName))
}

/** Every route of the application that is no page, on the sample; what stands for any name is filled in. */
const routes = (): string[] =>
  (readdirSync(path.join(ROOT, 'src/app'), { recursive: true }) as string[])
    .filter((file) => path.basename(file) === 'route.ts')
    .map((file) =>
      `/${file}`
        .replace(/\/route\.ts$/, '')
        .replace(/\/\([^)]+\)/, '')
        .replace('[job]', 'mooring-posts')
        .replace('[press]', 'little-press')
        .replace('[id]', 'x')
        .replace('[size]', 'small'),
    )

/** Does something with each of many, some at a time. */
async function withEach<One>(many: readonly One[], act: (one: One) => Promise<void>): Promise<void> {
  const AT_ONCE = 8
  for (let i = 0; i < many.length; i += AT_ONCE) await Promise.all(many.slice(i, i + AT_ONCE).map(act))
}

/** Pairs a device at its pairing page, by a code made at the machine; both by keys alone. */
async function pair(
  machine: Page,
  device: Page,
  { url, name, role }: { url: string; name: string; role: string },
) {
  await tabTo(machine, machine.getByRole('button', { name: 'Make a code for a device' }))
  await machine.keyboard.press('Enter')
  await expect(machine.getByRole('region', { name: 'The code' })).toBeVisible()
  // Opened while a code runs out, by a clock that is not quite the server's, the page stays as it is first written.
  const failed: string[] = []
  const late = await machine.context().newPage()
  late.on('pageerror', (error) => void failed.push(error.message))
  await late.clock.install({ time: new Date(Date.now() + 7000) })
  await late.goto(machine.url())
  await answering(late)
  await expect(late.getByText(/^For one device, \d:\d\d more/)).toBeVisible()
  await late.close()
  expect(failed).toEqual([])
  const code = (await machine
    .getByRole('region', { name: 'The code' })
    .getByLabel(/^Code \d{6}$/)
    .innerText())!
  await device.goto(url)
  await expect(device.getByRole('heading', { name: 'Pair this device' })).toBeVisible()
  await tabTo(device, device.getByLabel('Code'))
  await device.keyboard.type(code)
  await tabTo(device, device.getByLabel('Name of this device'))
  await device.keyboard.type(name)
  await device.keyboard.press('Enter')
  await expect(device.getByRole('heading', { name: `“${name}” waits to be let in` })).toBeVisible()
  const asks = machine.getByRole('region', { name: 'Asks to be let in' })
  await expect(asks).toContainText(name)
  await tabTo(machine, asks.getByRole('button', { name: `Let in: ${role}` }))
  await machine.keyboard.press('Enter')
}

test('a tablet is paired for the desk, pulls five while the machine goes and comes back, and is taken out', async ({
  page: machine,
}) => {
  test.slow()
  const server = await startServer({ sample: true, shareAt: ADDRESS })
  const browser = await deviceThatTrusts(server)
  try {
    await machine.goto(`${server.url}/devices`)
    await expect(machine.getByText('Shared, with no device yet')).toBeVisible()
    const url = (
      await machine
        .getByText(/^https:/)
        .first()
        .innerText()
    ).trim()
    const context = await browser.newContext({ viewport: { width: 1024, height: 768 }, timezoneId: ZONE })
    const tablet = await context.newPage()

    await test.step('unpaired it reaches the pairing page and nothing else, by whatever way', async () => {
      const scripts = await scriptsOf(context)
      const isOut = (answer: APIResponse) =>
        answer.status() === 401 || (answer.status() === 303 && answer.headers().location === '/pair')
      await withEach([...VIEWS, ...routes(), '/_next/static/chunks/a.js'], async (at) => {
        expect(isOut(await scripts.get(url + at, { maxRedirects: 0 })), at).toBe(true)
        const posted = await scripts.post(url + at, { headers: { origin: url }, maxRedirects: 0 })
        expect(posted.status(), at).toBe(401)
      })
      await withEach(acts(), async (act) => {
        const headers = { origin: url, 'next-action': act, 'content-type': 'text/plain;charset=UTF-8' }
        expect((await scripts.post(`${url}/devices`, { headers, data: '[]' })).status()).toBe(401)
      })
      await tablet.goto(`${url}/jobs/mooring-posts/plate`)
      await expect(tablet.getByRole('heading', { name: 'Pair this device' })).toBeVisible()
      expect(await broken(tablet)).toEqual([])
      await tablet.getByLabel('Code').fill('123456')
      await tablet.getByLabel('Name of this device').fill('Tablet at the press')
      await tablet.getByRole('button', { name: 'Ask to be let in' }).click()
      await expect(tablet.getByRole('alert')).toHaveText(/No code is open at the machine/)
    })

    await test.step('it asks with a code, and the machine lets it in', async () => {
      await pair(machine, tablet, { url, name: 'Tablet at the press', role: 'desk and pictures' })
      await expect(tablet).toHaveURL(`${url}/desk`)
      await expect(tablet.getByRole('link', { name: /^Mooring posts, / })).toBeVisible()
      await expect(machine.getByText('Shared with 1 device')).toBeVisible()
      await expect(machine.getByRole('region', { name: 'Paired devices' })).toContainText(
        'Tablet at the press',
      )
      expect(await broken(machine)).toEqual([])
    })

    await test.step('for the desk and pictures it gets these, and nothing else', async () => {
      const scripts = await scriptsOf(context)
      const notIts = VIEWS.filter((view) => !view.startsWith('/desk') && view !== '/nowhere')
      await withEach(notIts, async (at) => {
        const said = await (await scripts.get(url + at)).text()
        expect(said, at).toContain('Not on this device')
        // Neither in the page nor in its title.
        expect(said, at).not.toMatch(/Oona Fell|Mooring posts|Lamp black/)
      })
      const its = /^\/(desk|desks|pictures)|schema\.json$/
      await withEach(
        routes().filter((route) => !its.test(route)),
        async (at) => expect((await scripts.get(url + at)).status(), at).toBe(403),
      )
      await withEach(acts(OF_PICTURES), async (act) => {
        const headers = { origin: url, 'next-action': act, 'content-type': 'text/plain;charset=UTF-8' }
        const said = await (await scripts.post(`${url}/desk`, { headers, data: '[]' })).text()
        expect(said).toMatch(/This device is paired for the pull desk|at the machine the workshop is kept on/)
      })
    })

    await test.step('what waits on it is seen at the machine', async () => {
      const scripts = await scriptsOf(context)
      const said = { words: [], waiting: { toSend: 2, refused: 1 } }
      await scripts.post(`${url}/desk/mooring-posts/rails`, { headers: { origin: url }, data: said })
      await expect(machine.getByRole('region', { name: 'Paired devices' })).toContainText(
        'On it 2 entries to send, 1 refused',
      )
    })

    await test.step('five pulls, with the server killed and begun again in between', async () => {
      await openDesk(tablet, url)
      await opensAlone(tablet)
      const before = await pullsAt(machine, server.url)
      const pull = () => keys(tablet, 'Numpad0', 'NumpadEnter', 'NumpadEnter')
      await pull()
      await pull()
      await expect.poll(() => pullsAt(machine, server.url)).toBe(before + 2)
      await server.kill()
      await pull()
      await tablet.reload()
      await expect(heading(tablet)).toContainText(`pull ${before + 4}`)
      await pull()
      await server.restart()
      await pull()
      await expect(desk(tablet).getByText('All saved')).toBeVisible({ timeout: 40_000 })
      expect(await pullsAt(machine, server.url)).toBe(before + 5)
    })

    await test.step('a phone that is paired for nothing brings one picture to the field that wants it', async () => {
      const pictures = () => readdirSync(path.join(server.dataFolder, 'pictures'))
      const before = new Set(pictures())
      await machine.goto(`${server.url}/jobs/samphire/plate/artwork`)
      const wantedAt = async () => {
        await machine.getByRole('button', { name: 'Take it with a phone' }).first().click()
        const code = machine.getByRole('dialog').getByRole('img', { name: /as a QR code$/ })
        return (await code.getAttribute('aria-label'))!.split(' ')[0]
      }
      const address = await wantedAt()
      expect(await broken(machine)).toEqual([])
      const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
      await phone.goto(address)
      expect(await broken(phone)).toEqual([])
      const picture = path.join(ROOT, 'docs/screenshots/plate.png')
      await phone.getByLabel('Open the camera').setInputFiles(picture)
      await expect(phone.getByText('The picture is there.')).toBeVisible()
      await expect(machine.getByRole('dialog')).toBeHidden()
      const [taken] = pictures().filter((id) => !before.has(id))
      const kept = async () => (await machine.request.get(`${server.url}/raw/samphire`)).text()
      await expect.poll(kept).toContain(taken)
      await phone.goto(address)
      await expect(phone.getByRole('heading', { name: 'Not wanted any more' })).toBeVisible()
      await phone.goto(url)
      await expect(phone.getByRole('heading', { name: 'Pair this device' })).toBeVisible()
      // A colour is picked from such a picture as from any other.
      await machine.goto(`${server.url}/jobs/samphire/ink/match`)
      await machine.getByRole('radio', { name: 'colour from a photo' }).click()
      await phone.goto(await wantedAt())
      await phone.getByLabel('Open the camera').setInputFiles(picture)
      await expect(machine.getByText('Spot in a picture', { exact: true })).toBeVisible()
    })

    await test.step('a second device may do all but share; the first, taken out, gets nothing any more', async () => {
      const scripts = await scriptsOf(context)
      await machine.goto(`${server.url}/devices`)
      const other = await (await browser.newContext({ timezoneId: ZONE })).newPage()
      await pair(machine, other, { url, name: 'Second desk', role: 'whole workshop' })
      await expect(other).toHaveURL(`${url}/`)
      await other.goto(`${url}/store`)
      await expect(other.getByRole('heading', { name: 'Stockroom' })).toBeVisible()
      await other.goto(`${url}/devices`)
      await expect(other.getByRole('heading', { name: 'Not on this device' })).toBeVisible()
      const small = { viewport: { width: 1280, height: 400 }, timezoneId: ZONE }
      const wall = await (await browser.newContext(small)).newPage()
      await wall.clock.install()
      await pair(machine, wall, { url, name: 'Screen on the wall', role: 'wall screen, to look at' })
      await expect(wall).toHaveURL(`${url}/wall`)
      await expect(wall.getByRole('region', { name: 'Samphire' })).toContainText('Plate')
      await expect(wall.getByRole('link')).toHaveCount(0)
      // Longer than its screen it turns by itself.
      const scrolled = () => wall.evaluate(() => scrollY)
      expect(await scrolled()).toBe(0)
      await wall.clock.runFor(21_000)
      await expect.poll(scrolled).toBe(320)
      await wall.goto(`${url}/jobs/samphire/plate`)
      await expect(wall.getByText('paired as a screen on the wall, and for nothing else')).toBeVisible()
      await wall.getByRole('link', { name: 'To what it is for' }).click()
      await expect(wall).toHaveURL(`${url}/wall`)
      await context.setOffline(true)
      await keys(tablet, 'Numpad0')
      await machine.getByRole('button', { name: 'Take out Tablet at the press' }).click()
      await expect(machine.getByText('Shared with 2 devices')).toBeVisible()
      expect((await scripts.get(`${url}/desk`, { maxRedirects: 0 })).status()).toBe(401)
      await context.setOffline(false)
      await expect(desk(tablet)).toContainText(
        'This device is not paired, or no longer. 1 entry was not sent',
      )
      await expect(desk(tablet).getByText(/^What waits here: 1;/)).toBeVisible()
      expect(await broken(tablet)).toEqual([])
      // Nothing more is pulled on it.
      await keys(tablet, 'NumpadEnter', 'Numpad0')
      await expect(desk(tablet).getByText(/^What waits here: 1;/)).toBeVisible()
    })
  } finally {
    await browser.close()
    await server.remove()
  }
})

test('without the word nothing is shared, and the machine says how it is', async ({ page, empty }) => {
  await page.goto(`${empty.url}/devices`)
  await expect(page.getByText('Nobody but this machine reaches the workshop')).toBeVisible()
  await expect(page.getByText('npm start -- --share')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Make a code' })).toBeHidden()
})
