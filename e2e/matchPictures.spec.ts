import sharp from 'sharp'
import { sheetEdges } from '@/core/match/sheetEdges'
import { drawPlate } from '../demo/plateDrawing'
import { expect, test } from './fixtures'
import {
  atWork,
  bringOtherPlate,
  check,
  COMPARED,
  lastModelScan,
  openMatchRoom,
  originalOf,
  verdict,
} from './matchRoom'

test('pictures are brought in, refused in words, straightened by hand, and never mixed wet with dry', async ({
  page,
  sample,
}) => {
  await openMatchRoom(page, sample.url, 9)
  const choose = page.getByLabel('Picture of pull 9, dry')
  await choose.setInputFiles({
    name: 'notes.png',
    mimeType: 'image/png',
    buffer: Buffer.from('a shopping list'),
  })
  await expect(
    page.getByText('This is not a picture, or it is damaged: PNG, JPEG, WebP, AVIF and TIFF can be read.'),
  ).toBeVisible()
  await bringOtherPlate(page, 'Picture of pull 9, dry')

  await page.getByRole('radio', { name: 'Wet' }).click()
  await expect(
    page
      .getByText(
        'A wet print never goes on the scanner: photograph it from above, the whole sheet on something dark.',
      )
      .first(),
  ).toBeVisible()
  await expect(page.getByRole('radio', { name: 'Scanner' })).toHaveCount(0)
  // Only the BAT's dry print has a picture: what drying does was never read of this ink and paper.
  await page
    .getByLabel('Picture of pull 9, wet')
    .setInputFiles({ name: 'wet.png', mimeType: 'image/png', buffer: await drawPlate('samphire', '#e8e6e2') })
  await expect(
    page
      .getByRole('alert')
      .filter({ hasText: 'One picture is of the dry print and the other of the wet one' }),
  ).toContainText('in Densitometer')
  await expect(page.getByText('One picture is of the dry print and the other of the wet one')).toHaveCount(1)
  await page.getByRole('radio', { name: 'Dry' }).click()

  // What was begun for one print ends where another is looked at that has no picture.
  const impression = page.getByLabel('Impression', { exact: true })
  const bar = page.getByRole('progressbar', { name: 'How far the comparison is' })
  await impression.selectOption({ label: 'Pull 11' })
  await expect(bar).toBeVisible()
  await impression.selectOption({ label: 'Pull 8' })
  await expect(page.getByLabel('Picture of pull 8, dry')).toBeVisible()
  await expect(bar).toHaveCount(0)

  // A corner is moved by keys: the sheet is straightened by it, and it is kept.
  await page.getByLabel('Impression', { exact: true }).selectOption({ label: 'Pull 11' })
  await expect(verdict(page)).toBeVisible(COMPARED)
  await page.getByRole('button', { name: 'Corners of the picture of pull 11' }).click()
  const corner = page.getByRole('button', { name: 'Corner at the top left' })
  await corner.focus()
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight')
  await page.getByRole('button', { name: 'Straighten by these corners' }).click()
  await expect(check(page, 'Register on the sheet')).toContainText(/◆/, COMPARED)
  await page.getByRole('button', { name: 'Corners of the picture of pull 11' }).click()
  await page.getByRole('button', { name: 'Let them be found again' }).click()
  await expect(verdict(page)).toHaveText('● Matches the BAT', COMPARED)

  // So is the plate mark: judged three millimetres beside it, its rim is not the BAT's; found again, all is well.
  await page.getByRole('button', { name: 'Plate mark on the BAT' }).click()
  await page.getByRole('button', { name: 'Plate mark', exact: true }).focus()
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowLeft')
  await page.getByRole('button', { name: 'Judge by this plate mark' }).click()
  await expect(atWork(page)).toBeVisible()
  await expect(verdict(page)).toBeVisible(COMPARED)
  await page.getByRole('button', { name: 'Plate mark on the BAT' }).click()
  const dialog = page.getByRole('dialog', { name: 'Plate mark on the BAT' })
  const fromLeft = async () => Number(/([\d.]+) mm from the left/.exec((await dialog.textContent())!)![1])
  const [before, frame] = [
    await fromLeft(),
    (await dialog.getByRole('button', { name: 'Plate mark', exact: true }).boundingBox())!,
  ]
  await page.mouse.move(frame.x + frame.width / 2, frame.y + frame.height / 2)
  await page.mouse.down()
  await page.mouse.move(frame.x + frame.width / 2 + 40, frame.y + frame.height / 2, { steps: 4 })
  await page.mouse.up()
  await page.mouse.move(frame.x, frame.y)
  // It went with the hand, and stays where it was let go.
  const dragged = (await dialog.getByRole('button', { name: 'Plate mark', exact: true }).boundingBox())!
  expect(dragged.x - frame.x).toBeCloseTo(40, 0)
  expect(await fromLeft()).toBeGreaterThan(before + 1)
  await dialog.getByRole('button', { name: 'Let it be found again' }).click()
  // Not the verdict of before: it is laid over anew first, and over when the next is chosen.
  await expect(atWork(page)).toBeVisible()
  await expect(verdict(page)).toHaveText('● Matches the BAT', COMPARED)
  await expect(atWork(page)).toHaveCount(0)

  // Cancelling leaves everything as it was. It is pressed the moment it is there: on a quick machine all is over soon after.
  await page.evaluate(() => {
    new MutationObserver((_, observer) => {
      const cancel = [...document.querySelectorAll('button')].find(
        ({ textContent }) => textContent === 'Cancel',
      )
      if (!cancel) return
      observer.disconnect()
      cancel.click()
    }).observe(document.body, { childList: true, subtree: true })
  })
  await page.getByLabel('Impression', { exact: true }).selectOption({ label: 'Pull 10' })
  await expect(page.getByRole('button', { name: 'Lay pull 10 over the BAT' })).toBeVisible()
})

/** A picture of the sample as it would be on another sheet of its paper: what lies round it is as light as it is. */
async function onItsOwnPaper(dataFolder: string, imageId: string): Promise<Buffer> {
  const { data, info } = await sharp(originalOf(dataFolder, imageId))
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true })
  const size = { width: info.width, height: info.height }
  const square = { widthMm: 1, heightMm: 1 }
  const [a, b, c, d] = sheetEdges({ ...size, data }, null, {
    sheet: square,
    plate: { ...square, leftMm: 0, topMm: 0 },
  })!.corners
  // Its own paper, just within a corner.
  const inside =
    3 * (Math.round(a[1] + 0.02 * size.height) * size.width + Math.round(a[0] + 0.02 * size.width))
  const [red, green, blue] = data.subarray(inside, inside + 3)
  const ground = `<svg xmlns="http://www.w3.org/2000/svg" width="${size.width}" height="${size.height}"><path fill="rgb(${red},${green},${blue})" fill-rule="evenodd" d="M0 0H${size.width}V${size.height}H0Z M${a} L${b} L${c} L${d}Z"/></svg>`
  return sharp(data, { raw: { ...size, channels: 3 } })
    .composite([{ input: Buffer.from(ground) }])
    .png()
    .toBuffer()
}

test('a picture on paper like its own is told what is wrong with it, gets its corners by hand, and then a verdict', async ({
  page,
  sample,
}) => {
  await openMatchRoom(page, sample.url, 5)
  await bringOtherPlate(page, 'Picture of pull 5, dry')
  // What cannot be compared is no dead end.
  await page.getByRole('button', { name: 'Plate mark on the BAT' }).click()
  const mark = page.getByRole('dialog', { name: 'Plate mark on the BAT' })
  await expect(mark.getByRole('img', { name: 'The BAT’s sheet, straightened' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Another picture of pull 5' }).click()
  await page.getByLabel('Picture of pull 5, dry').setInputFiles({
    name: 'paper.png',
    mimeType: 'image/png',
    buffer: await onItsOwnPaper(sample.dataFolder, await lastModelScan(page, sample.url)),
  })
  const whole = page.getByRole('heading', { level: 2, name: /can be told/ })
  await expect(whole).toBeVisible(COMPARED)
  await expect(
    page.getByText('This print’s picture: The sheet’s edges are not seen. Set its corners by hand'),
  ).toBeVisible()
  await expect(check(page, 'Register on the sheet')).toContainText('the sheet’s edges are not seen')
  await expect(page.getByText('These pictures tell nothing of pull 5')).toBeVisible()
  await page.getByRole('button', { name: 'Corners of the picture of pull 5' }).click()
  // The sheet lies some two per cent within the picture's frame, a little askew.
  const rings = {
    'top left': ['Right', 'Down'],
    'top right': ['Left', 'Down'],
    'bottom right': ['Left', 'Up'],
    'bottom left': ['Right', 'Up'],
  }
  for (const [at, ways] of Object.entries(rings)) {
    await page.getByRole('button', { name: `Corner at the ${at}` }).focus()
    for (const way of ways) for (let i = 0; i < 2; i++) await page.keyboard.press(`Shift+Arrow${way}`)
  }
  await page.getByRole('button', { name: 'Straighten by these corners' }).click()
  await expect(verdict(page)).toBeVisible(COMPARED)
  await expect(page.getByText('The sheet’s edges are not seen')).toHaveCount(0)
  await expect(check(page, 'Register on the sheet')).not.toContainText('cannot be said')
})

/** Dots an inch of our model's scans. */
const MODEL_DPI = 100
/** The model's scan as it would be of a sheet larger than the glass: cut on the right and below. */
async function cutByTheGlass(dataFolder: string, imageId: string): Promise<Buffer> {
  const file = originalOf(dataFolder, imageId)
  const { width, height } = await sharp(file).metadata()
  return sharp(file)
    .extract({ left: 0, top: 0, width: Math.round(0.9 * width), height: Math.round(0.9 * height) })
    .withMetadata({ density: MODEL_DPI })
    .png()
    .toBuffer()
}

test('of a sheet larger than the glass is judged what is seen, and said what is not', async ({
  page,
  sample,
}) => {
  await openMatchRoom(page, sample.url, 8)
  await page.getByLabel('Picture of pull 8, dry').setInputFiles({
    name: 'cut.png',
    mimeType: 'image/png',
    buffer: await cutByTheGlass(sample.dataFolder, await lastModelScan(page, sample.url)),
  })
  await expect(page.getByRole('heading', { level: 2, name: /can be told/ })).toBeVisible(COMPARED)
  await expect(
    page.getByText('This print’s picture: A part of the sheet is seen, and in the other picture the whole.'),
  ).toBeVisible()
  await expect(check(page, 'Register on the sheet')).toContainText('Take both the same way.')
  for (const name of ['Colour', 'Edges of the plate'])
    await expect(check(page, name)).not.toContainText('cannot be said')
})

test('the check of the edition is stopped and begun again, and says of which picture nothing can be told', async ({
  page,
  sample,
}) => {
  // The server checks behind whoever is at a screen, and here are three: it may take its time.
  test.slow()
  await openMatchRoom(page, sample.url, 6)
  await page.getByRole('radio', { name: 'Simulated, a model' }).click()
  await page.getByRole('button', { name: 'Scan pull 6, dry (simulated)' }).click()
  await expect(verdict(page)).toBeVisible(COMPARED)
  await page.getByLabel('Impression', { exact: true }).selectOption({ label: 'Pull 7' })
  await bringOtherPlate(page, 'Picture of pull 7, dry')

  const sheet = page.getByRole('region', { name: 'Contact sheet' })
  const begin = sheet.getByRole('button', { name: /^Check .* not checked yet$/ })
  await begin.click()
  await sheet.getByRole('button', { name: 'Stop after what is done' }).click()
  await expect(begin).toBeVisible(COMPARED)
  await expect(sheet.getByRole('alert')).toHaveCount(0)
  await begin.click()
  await expect(sheet.getByRole('list', { name: 'Not compared' })).toContainText(
    'Pull 7: These do not look like the same plate.',
    COMPARED,
  )
  await expect(sheet.getByRole('button', { name: /Pull 6/ })).toContainText('● matches', COMPARED)
  // It ends, and only what could not be compared is left.
  await expect(begin).toBeVisible(COMPARED)
  await expect(sheet.getByRole('button', { name: /Pull 7/ })).toContainText('not checked')
})
