import { test as base, expect, type Locator, type Page, type TestInfo } from '@playwright/test'
import { startServer, type TestServer } from './server'
import { noteControls } from './still'

/** Waits until the page answers: it marks itself once React has taken its fields over. */
export async function answering(page: Page): Promise<void> {
  await page.locator('html[data-answers]').waitFor({ state: 'attached' })
}

/** Every load of a page waits until it answers, and a text is looked for where it is seen. What a room is for is not said: it would stand over every first page of every test. */
async function waitForAnswers(page: Page): Promise<Page> {
  await page.addInitScript(() => localStorage.setItem('typothesis-first-lines', 'off'))
  // What is heard is said a second time where nobody sees it.
  const getByText = page.getByText.bind(page)
  page.getByText = (...what) => getByText(...what).and(page.locator(':not([role=status] p)'))
  const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)]
  page.goto = async (...to) => {
    const response = await goto(...to)
    await answering(page)
    return response
  }
  page.reload = async (...how) => {
    const response = await reload(...how)
    await answering(page)
    return response
  }
  return page
}

/** An application on the sample, laid out anew for every file, so that no file's tests change another's; one that has its things on the shelves and no job, and one on an empty folder, both fresh each test. */
export const test = base.extend<
  { sample: TestServer; empty: TestServer; bare: TestServer },
  {
    laid: { file: string | null; server: TestServer | null }
    /** one page that goes from view to view */ walked: Page
  }
>({
  page: async ({ page }, give) => give(await waitForAnswers(page)),
  walked: [
    async ({ browser }, give) => {
      const page = await waitForAnswers(await browser.newPage())
      await noteControls(page)
      await give(page)
      await page.close()
    },
    { scope: 'worker' },
  ],
  laid: [
    async ({}, use) => {
      const laid: { file: string | null; server: TestServer | null } = { file: null, server: null }
      await use(laid)
      await laid.server?.remove()
    },
    { scope: 'worker' },
  ],
  sample: [
    async ({ laid }, use, { file }) => {
      if (laid.file !== file) {
        await laid.server?.remove()
        laid.server = null
        laid.server = await startServer({ sample: true })
        laid.file = file
      }
      await use(laid.server!)
    },
    { timeout: 240_000 },
  ],
  empty: [
    async ({}, use) => {
      const server = await startServer({ sample: false, stocked: true })
      await use(server)
      await server.remove()
    },
    { timeout: 240_000 },
  ],
  bare: [
    async ({}, use) => {
      const server = await startServer({ sample: false })
      await use(server)
      await server.remove()
    },
    { timeout: 240_000 },
  ],
})

export { expect }

/** Opens a station of the line by its name. */
export async function openStation(page: Page, name: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .click()
  await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible()
}

/** Follows a link that downloads; answers where the file lies. */
export async function take(page: Page, info: TestInfo, name: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name, exact: true }).click(),
  ])
  const file = info.outputPath(download.suggestedFilename())
  await download.saveAs(file)
  return file
}

/** Waits until what is on the screen is on the disk. */
export async function kept(page: Page): Promise<void> {
  await expect(page.locator('[data-said]').filter({ hasText: /^Saved$/ })).toBeVisible()
}

/** Begins a job of the name given and sets its plate. */
export async function bareJob(
  page: Page,
  url: string,
  plate: { title: string; kind: string; thickness: string; width: string; height: string },
): Promise<void> {
  await page.goto(`${url}/jobs/new`)
  await page.getByLabel('Title of the print').fill(plate.title)
  await page.getByLabel('Artist').fill('Oona Fell')
  await page.getByLabel('Edition size').fill('6')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await openStation(page, 'Plate')
  await page.getByLabel('Name of the plate').fill(plate.title)
  await page.getByLabel('Kind').selectOption({ label: plate.kind })
  await page.getByLabel('Width').fill(plate.width)
  await page.getByLabel('Height').fill(plate.height)
  await page.getByLabel('Thickness, mm').fill(plate.thickness)
  await kept(page)
}

/** Width and height of a named line in an SVG at 1:1, mm to the thousandths it is written in. */
export function boxIn(svg: string, name: string): { widthMm: number; heightMm: number } {
  const points = [
    ...new RegExp(`<path id="${name}" d="([^"]+)"`).exec(svg)![1].matchAll(/[ML]([\d.]+) ([\d.]+)/g),
  ]
  const span = (axis: 1 | 2) =>
    Number(
      (
        Math.max(...points.map((point) => Number(point[axis]))) -
        Math.min(...points.map((point) => Number(point[axis])))
      ).toFixed(3),
    )
  return { widthMm: span(1), heightMm: span(2) }
}

/** The sentence a room opens with, and its reason. */
export const answerOf = (page: Page) => page.locator('[data-answer]')

/** Opens what is folded under a line that begins with a title; open already, it stays. */
export async function unfold(page: Page, title: string): Promise<void> {
  const fold = page
    .locator('details')
    .filter({ has: page.locator('summary', { hasText: title }) })
    .first()
  await expect(fold).toBeVisible()
  if ((await fold.getAttribute('open')) === null) await fold.locator('summary').first().click()
}

/** Pastes a list as it comes from a spreadsheet. */
export const pasteInto = (field: Locator, text: string) =>
  field.evaluate((input, list) => {
    const clipboardData = new DataTransfer()
    clipboardData.setData('text', list)
    input.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  }, text)

/** Says who works here, where the page asks for it; who is known already stays. */
export async function signAs(page: Page, name: string): Promise<void> {
  const field = page.getByLabel('Your name').filter({ visible: true }).first()
  const line = page.getByText(name, { exact: true }).filter({ visible: true }).first()
  await expect(field.or(line).first()).toBeVisible()
  if (await field.isVisible()) await field.fill(name)
}
