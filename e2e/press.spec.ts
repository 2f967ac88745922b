import { answerOf, boxIn, expect, kept, openStation, test } from './fixtures'

test('the press is set through the guide: zero, felts, tightened from one side, strips, warm-up', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/press`)
  await expect(page.getByRole('img', { name: /^Pressure across \d+\.?\d* mm of contact$/ })).toBeVisible()
  await page.getByRole('link', { name: 'Setting guide' }).click()
  const says = answerOf(page)
  await page.getByRole('button', { name: 'Both at zero' }).click()
  await expect(says).toContainText('Back both off to 5 turns')
  for (let i = 0; i < 20; i++) await page.keyboard.press('Numpad2')
  await expect(says).toContainText('Feed the blankets in, square')
  await page.getByRole('button', { name: 'Blankets are in' }).click()
  const wanted = page.getByRole('region', { name: 'Wanted' })
  await wanted.getByLabel('Left, turns from zero').fill('-1')
  await expect(wanted.getByText('must be 0 or more')).toBeVisible()
  await wanted.getByLabel('Left, turns from zero').fill('4')
  await wanted.getByLabel('Right, turns from zero').fill('4')
  await expect(says).toContainText('Tighten both 1 turn')
  await expect(page.getByRole('button', { name: 'Save this setting' })).toBeDisabled()
  for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Tighten right ¼' }).click()
  // One too many: back past the mark, and up to it again by tightening.
  await expect(says).toContainText('Loosen right 3/4 turn')
  await page.reload()
  await expect(says).toContainText('Loosen right 3/4 turn')
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Loosen right ¼' }).click()
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Tighten right ¼' }).click()
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Tighten left ¼' }).click()
  await expect(says).toContainText('The screws stand')
  const strip = (name: string) => page.getByRole('radiogroup', { name }).or(page.getByRole('group', { name }))
  for (const where of ['left', 'middle'])
    await strip(`${where} strip`).getByRole('radio', { name: 'Holds' }).click()
  await expect(
    page.getByText('Three strips of paper between roller and bed: pull each gently.'),
  ).toBeVisible()
  await strip('right strip').getByRole('radio', { name: 'Pulls out' }).click()
  await expect(page.getByText('The right is looser: tighten it by an eighth')).toBeVisible()
  await page.getByRole('button', { name: 'Count a warm-up' }).click()
  await page.getByRole('button', { name: 'Count a warm-up' }).click()
  await expect(page.getByText('The blankets are warm: what comes now counts.')).toBeVisible()
  await page.getByRole('button', { name: 'Save this setting' }).click()
  await kept(page)
  await openStation(page, 'Press')
  await expect(page.getByLabel('Left screw, turns from zero')).toHaveValue('4')
  await expect(page.getByLabel('Right screw, turns from zero')).toHaveValue('4')
})

test('the registration sheet comes as PDF, whole or in pages, with a second paper round the plate', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/register`)
  await page.getByLabel('A second paper on the same sheet').selectOption({ label: 'Proofing oat' })
  await expect(page.getByText('A proof on other paper than the edition’s proves less.')).toBeVisible()
  const { readFile } = await import('node:fs/promises')
  const take = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name, exact: true }).click(),
    ])
    return readFile(await download.path())
  }
  const svg = (await take('SVG')).toString('utf8')
  expect(boxIn(svg, 'paper')).toEqual({ widthMm: 300, heightMm: 250 })
  expect(boxIn(svg, 'other-paper')).toEqual({ widthMm: 300, heightMm: 420 })
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
  const pages = async (bytes: Buffer) => (await getDocument({ data: new Uint8Array(bytes) }).promise).numPages
  expect(await pages(await take('PDF, whole'))).toBe(1)
  expect(await pages(await take('PDF, A4 pages'))).toBe(4)
})
