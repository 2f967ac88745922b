import { expect, kept, openStation, test } from './fixtures'

test('another plate thickness: the BAT’s squeeze is carried over, and set', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/press`)
  await expect(page.getByText('the BAT’s squeeze is at')).toBeHidden()
  await openStation(page, 'Plate')
  await page.getByLabel('Thickness, mm').fill('0.8')
  await kept(page)
  await openStation(page, 'Press')
  await expect(page.getByText(/a plate of another thickness: the BAT’s squeeze is at/)).toBeVisible()
  await page.getByRole('button', { name: 'Set both screws so' }).click()
  await kept(page)
  await expect(page.getByText(/pressure at left, BAT = 100 %/).locator('..')).toContainText(
    /(9[5-9]|10[0-9]|11[0-9]) %/,
  )
  await openStation(page, 'Plate')
  await page.getByLabel('Thickness, mm').fill('1.2')
  await kept(page)
  await openStation(page, 'Press')
  for (const screw of ['Left', 'Right']) await page.getByLabel(`${screw} screw, turns from zero`).fill('3')
  await kept(page)
})

test('a misfit measured at the corners is said in acts', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/register/plates`)
  const misfit = page.getByRole('region', { name: 'Misfit' })
  await expect(misfit).toContainText('Measure two corners at least')
  for (const corner of ['top left', 'top right', 'bottom left', 'bottom right'])
    await misfit.getByRole('group', { name: corner }).getByLabel('right, mm').fill('0.6')
  await expect(misfit.getByText('Move the plate 0.6 mm to the right.')).toBeVisible()
  for (const corner of ['top left', 'top right'])
    await misfit.getByRole('group', { name: corner }).getByLabel('up, mm').fill('-0.5')
  await expect(misfit.getByText(/0\.42 % too small up and down/)).toBeVisible()
})

test('a paper is learned by its weigh-ins, and parent sheets are torn', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/paper`)
  await expect(page.getByText(/For 55 %: \d+:\d\d in the water\./)).toBeVisible()
  await page.getByLabel('Damp sheet, g').fill('35')
  await page.getByRole('button', { name: 'Save this weigh-in' }).click()
  await expect(page.getByText('needs a number')).toBeVisible()
  await page.getByLabel('Was in the water, minutes').fill('12')
  await page.getByRole('button', { name: 'Lay such a sheet on the scale (simulated)' }).click()
  // A soft sized sheet of 22.5 g takes up some 59 % in twelve minutes.
  expect(Number(await page.getByLabel('Damp sheet, g').inputValue())).toBeCloseTo(35.8, 0)
  await page.getByRole('button', { name: 'Save this weigh-in' }).click()
  await expect(page.getByLabel('Was in the water, minutes')).toHaveValue('')
  await page.getByRole('link', { name: 'Tearing & stretch' }).click()
  const tearing = page.getByRole('region', { name: 'Tearing' })
  await expect(tearing.getByRole('img', { name: '3 pieces on the parent sheet' })).toBeVisible()
  await tearing.getByRole('radio', { name: 'either way' }).click()
  await expect(tearing.getByRole('img', { name: '5 pieces on the parent sheet' })).toBeVisible()
  await tearing.getByLabel('Parent sheet width').fill('200')
  await expect(tearing.getByText(/A sheet of 300 mm × 250 mm does not fit/)).toBeVisible()
})

test('the edition looks ahead to where the plate will no longer match', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await expect(page.getByText(/Between \d+ and \d+ pulls left/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Consistency' })).toContainText(
    /Plate temperature lies [\d.]+ °C lower since pull 8\. .*usually plate cooling: hotplate or room/,
  )
})

test('a paper’s growth is learned from two marks, and told for plate mark and second run', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/paper/tearing`)
  const growth = page.getByRole('region', { name: 'Growth' })
  await expect(growth).toContainText('Typical values')
  await growth.getByLabel('Between the marks, damp, mm').fill('150')
  await growth.getByRole('button', { name: 'Save these marks' }).click()
  await expect(growth.getByText(/a damp sheet is not smaller/)).toBeVisible()
  await growth.getByLabel('Between the marks, damp, mm').fill('204')
  await growth.getByRole('button', { name: 'Save these marks' }).click()
  await expect(growth).toContainText('Marks measured: 0 along, 1 across.')
  // 300 × 250 mm, long grain with the 300: 2 % of 250 across.
  await expect(growth.getByText('the sheet, damp').locator('..')).toContainText('301.1 × 255 mm')
  await expect(page.getByText('Fits a stock frame uncut: 11 × 14 in')).toBeVisible()
})

test('a damp pack says its water, its window and its mould day, and is weighed whole', async ({
  page,
  sample,
}) => {
  await page.clock.install({ time: new Date('2031-05-02T09:00:00') })
  await page.goto(`${sample.url}/jobs/the-pilot-s-window/paper`)
  await page.getByRole('radio', { name: 'Damp pack' }).click()
  const damping = page.getByRole('region', { name: 'Damping all sheets' })
  await expect(damping).toContainText(
    /\d+ ml of water taken up \(\d+ squeezes of a sprayer\), between 2 interleaves/,
  )
  await damping.getByRole('button', { name: 'Damped now' }).click()
  await expect(damping).toContainText('look for mould from Mon')
  await damping.getByLabel('Whole pack, g').fill('20')
  await damping.getByLabel('Damp interleaves alone, g').fill('30')
  await expect(damping.getByText('lighter than its dry sheets and interleaves')).toBeVisible()
  await damping.getByLabel('Whole pack, g').fill('80')
  await expect(damping.getByText(/the sheets have taken up \d+\.?\d* % on average/)).toBeVisible()
  await page.getByLabel('Damp sheet, g').fill('60')
  await expect(page.getByText(/Beside the BAT: \d+ points wetter than the BAT’s: blot again/)).toBeVisible()
})

test('a value that cannot be read stays where it was typed, and takes nothing else along when one leaves', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/plate`)
  await page.getByLabel('Width').fill('as wide as a hand')
  await expect(page.getByText('This is not a length')).toBeVisible()
  await page.getByLabel('Bevel, degrees').fill('12')
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Wipe/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Wipe' })).toBeVisible()
  await page.goto(`${sample.url}/jobs/samphire/plate`)
  await expect(page.getByLabel('Bevel, degrees')).toHaveValue('12')
  await expect(page.getByLabel('Width')).toHaveValue('148 mm')
})

test('what was changed a moment before leaving the job is saved, wherever one goes', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/help`)
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await page
    .getByRole('link', { name: /^Samphire/ })
    .first()
    .click()
  await openStation(page, 'Plate')
  await page.getByLabel('Bevel, degrees').fill('14')
  // Two pages back at once, before the hand has rested.
  await page.evaluate(() => history.go(-2))
  await expect(page).toHaveURL(`${sample.url}/`)
  await expect
    .poll(async () => {
      await page.goto(`${sample.url}/jobs/samphire/plate`)
      return page.getByLabel('Bevel, degrees').inputValue()
    })
    .toBe('14')
})
