import sharp from 'sharp'
import { expect, test } from './fixtures'
import { check, COMPARED, lastModelScan, openMatchRoom, originalOf } from './matchRoom'

/** A picture of the sample as a camera took it of the sheet lying across, with what cameras write into their files. */
const byCamera = (file: string): Promise<Buffer> =>
  sharp(file)
    .rotate(90)
    .withIccProfile('p3')
    .withExif({
      IFD0: { Make: 'Fulmar', Model: 'Fulmar 9' },
      IFD2: { FNumber: '18/10', BodySerialNumber: 'SN-4471-K' },
    })
    .png()
    .toBuffer()

test('a picture lying across, left at the scanner, is turned upright and known as a camera’s by its file; its top can be named by hand', async ({
  page,
  sample,
}) => {
  await openMatchRoom(page, sample.url, 9)
  await expect(page.getByRole('radio', { name: 'Scanner' })).toBeChecked()
  await page.getByLabel('Picture of pull 9, dry').setInputFiles({
    name: 'across.png',
    mimeType: 'image/png',
    buffer: await byCamera(originalOf(sample.dataFolder, await lastModelScan(page, sample.url))),
  })
  await expect(page.getByText('This print’s picture: Taken with Fulmar 9, as its file says.')).toBeVisible(
    COMPARED,
  )
  await expect(page.getByText(/^△ This print’s picture: Its colours are read by the profile/)).toBeVisible()
  await expect(check(page, 'Register on the sheet').getByText('matches')).toBeAttached()
  await expect(check(page, 'Tone curve')).toContainText('taken with another device than the other picture')
  // Of the device its name alone is kept.
  const job = await (await page.request.get(`${sample.url}/raw/mooring-posts`)).text()
  expect(job).toContain('Fulmar 9')
  expect(job).not.toContain('SN-4471-K')

  await page.getByRole('button', { name: 'Corners of the picture of pull 9' }).click()
  const shown = page.getByRole('img', { name: 'the picture of pull 9' })
  await expect.poll(() => shown.evaluate((image) => (image as HTMLImageElement).naturalHeight)).not.toBe(0)
  const corner = page.getByRole('button', { name: 'Corner at the top left' })
  const heightOf = async () => (await corner.boundingBox())!.y
  const before = await heightOf()
  const next = page.getByRole('button', { name: 'The top is the next side' })
  await next.click()
  expect(await heightOf()).toBeGreaterThan(before + 100)
  for (let i = 0; i < 3; i++) await next.click()
  expect(await heightOf()).toBeCloseTo(before, 0)
  for (let i = 0; i < 2; i++) await next.click()
  await page.getByRole('button', { name: 'Straighten by these corners' }).click()
  // However they are named, the drawing says which way a print lies.
  await expect(check(page, 'Register on the sheet').getByText('matches')).toBeAttached(COMPARED)
})
