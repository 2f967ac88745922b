import sharp from 'sharp'
import { GREY_STRIP } from '@/core/match/strip/greyStrip'
import { stripSheet } from '@/core/match/strip/stripSheet'
import { drawingToSvg } from '@/core/sheet/sheetDrawing'
import { expect, test } from './fixtures'
import { check, COMPARED, lastModelScan, openMatchRoom, originalOf } from './matchRoom'

/** Pixels to a millimetre of our model's scans. */
const PER_MM = 100 / 25.4
/** The dark lid of our model's scanner. */
const LID = '#2c2b29'
/** Room below the sheet for the strip, px. */
const ROOM = 140

/** The strip as it is cut from its page. */
function strip(): Promise<Buffer> {
  const { widthMm, heightMm } = GREY_STRIP
  return sharp(
    Buffer.from(
      drawingToSvg(stripSheet(), {
        xPx: ((210 - widthMm) / 2) * PER_MM,
        yPx: 40 * PER_MM,
        widthPx: Math.round(widthMm * PER_MM),
        heightPx: Math.round(heightMm * PER_MM),
        pxPerMm: PER_MM,
      }),
    ),
  )
    .png()
    .toBuffer()
}

/** A scan with the strip below its sheet, as a device sees it that raises contrast by so much. */
async function besideStrip(file: string, contrast: number): Promise<Buffer> {
  const { width, height } = await sharp(file).metadata()
  const { data, info } = await sharp({
    create: { width, height: height + ROOM, channels: 3, background: LID },
  })
    .composite([
      { input: file, left: 0, top: 0 },
      { input: await strip(), left: 120, top: height + 20 },
    ])
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true })
  const seen = data.map(
    (value) => value - (255 * contrast * Math.sin((2 * Math.PI * value) / 255)) / (2 * Math.PI),
  )
  return sharp(seen, { raw: { width: info.width, height: info.height, channels: 3 } })
    .withMetadata({ density: 100 })
    .png()
    .toBuffer()
}

test('a photograph is held against a scan once the grey strip lies beside both', async ({ page, sample }) => {
  await openMatchRoom(page, sample.url, 9)
  const scan = originalOf(sample.dataFolder, await lastModelScan(page, sample.url))

  // The strip is at hand where the picture is asked for.
  const link = page.getByRole('link', { name: 'Grey strip to print, PDF' })
  const [download] = await Promise.all([page.waitForEvent('download'), link.click()])
  expect(download.suggestedFilename()).toBe('grey-strip.pdf')

  // A photograph with it, against a scan without it.
  await page.getByRole('radio', { name: 'Photograph from above' }).click()
  await page.getByLabel('Picture of pull 9, dry').setInputFiles({
    name: 'phone.png',
    mimeType: 'image/png',
    buffer: await besideStrip(scan, 0.35),
  })
  const unsaid = page.getByRole('heading', { level: 2, name: /cannot/ })
  await expect(unsaid).toBeVisible(COMPARED)
  await expect(check(page, 'Tone curve')).toContainText('with the grey strip beside the sheet')
  await expect(
    page.getByText('A grey strip is seen beside the sheet, and none beside the other'),
  ).toBeVisible()
  await expect(link).toBeVisible()

  await page.getByRole('button', { name: 'Another picture of the BAT' }).click()
  const dialog = page.getByRole('dialog', { name: 'Another picture of the BAT' })
  await dialog.getByRole('radio', { name: 'Scanner' }).click()
  await dialog.getByLabel('Picture of the BAT, dry').setInputFiles({
    name: 'scan.png',
    mimeType: 'image/png',
    buffer: await besideStrip(scan, 0),
  })
  await expect(page.getByText('Its tones and the BAT’s were brought together by the grey strip')).toBeVisible(
    COMPARED,
  )
  await expect(page.getByText('A grey strip is seen beside the sheet, and none')).toHaveCount(0)
  for (const name of ['Tone curve', 'Line weight'])
    await expect(check(page, name).getByText('matches')).toBeAttached()
  await expect(check(page, 'Colour')).toContainText('a grey strip brings tones together, not colours')
})
