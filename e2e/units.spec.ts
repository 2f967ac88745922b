import { expect, kept, test } from './fixtures'

test('a workshop that reads inches first has them on every screen and paper, and types either', async ({
  page,
  sample,
}) => {
  const job = `${sample.url}/jobs/mooring-posts`
  await page.goto(`${sample.url}/store`)
  await page.getByRole('radio', { name: 'Inches, °F, ounces' }).click()
  await expect(page.getByRole('row', { name: /Heron white/ })).toContainText(/\d in × \d+.* in/)
  await test.step('fields take a bare number in inches, and millimetres as they are said', async () => {
    await page.goto(`${job}/plate`)
    const width = page.getByLabel('Width', { exact: true })
    await expect(width).toHaveValue('7.087 in')
    await width.fill('5 1/2')
    await expect(page.getByText('139.7 mm')).toBeVisible()
    await width.fill('180 mm')
    await kept(page)
    await page.reload()
    await expect(width).toHaveValue('7.087 in')
    await width.fill('180')
    await expect(page.getByText('180 inches or millimetres?')).toBeVisible()
    await page.getByRole('button', { name: '180 mm' }).click()
    await kept(page)
  })
  await test.step('temperatures and weights', async () => {
    await page.goto(`${job}/ink/stiffness`)
    const room = page.getByLabel('Room now, °F')
    await room.fill('20 °C')
    await room.blur()
    await expect(room).toHaveValue('68')
    await expect(page.getByText(/drops? of light oil into 0\.\d+ oz/)).toBeVisible()
  })
  await test.step('the record, on the screen and as PDF', async () => {
    await page.goto(`${job}/record`)
    await expect(page.getByRole('article', { name: 'Documentation sheet' })).toContainText(
      '7.09 in × 4.72 in',
    )
    // What nobody typed or measured is said to be so.
    await expect(page.getByText('1 (as laid out, nobody set it)')).toBeVisible()
    const pdf = await page.request.get(`${job}/record/documentation.pdf`)
    const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
    const document = await getDocument({ data: new Uint8Array(await pdf.body()) }).promise
    const { items } = await (await document.getPage(1)).getTextContent()
    const text = items
      .map((item) => ('str' in item ? item.str : ''))
      .join(' ')
      .replace(/\s+/g, ' ')
    expect(text).toContain('7.09 in × 4.72 in')
    expect(text).toMatch(/\d ° ?F/)
    expect(text).not.toMatch(/\d (?:mm\b|° ?C)/)
    expect(text).toContain('0.0472 in (measured)')
  })
  await test.step('and back', async () => {
    await page.goto(`${sample.url}/store`)
    await page.getByRole('radio', { name: 'Millimetres, °C, grams' }).click()
    await expect(page.getByRole('row', { name: /Heron white/ })).toContainText(/\d mm × \d/)
    await page.goto(`${job}/plate`)
    await expect(page.getByLabel('Width', { exact: true })).toHaveValue('180 mm')
  })
})

test('a workshop that reads American words has them on screens and papers', async ({ page, sample }) => {
  const wipe = `${sample.url}/jobs/mooring-posts/wipe`
  // The page is written anew by then.
  const read = (words: string) =>
    Promise.all([page.waitForEvent('load'), page.getByRole('radio', { name: words }).click()])
  const method = page.getByLabel('Start from a method')
  await page.goto(wipe)
  await expect(method).toContainText('Scrim only, tone left')
  await page.goto(`${sample.url}/store`)
  await read('American: tarlatan, plate oil, mineral spirits')
  await page.goto(wipe)
  await expect(method).toContainText('Tarlatan only, tone left')
  await expect(page.getByText(/scrim/i)).toHaveCount(0)
  await page.goto(`${sample.url}/jobs/mooring-posts/ink/card`)
  await expect(page.getByText(/light plate oil/i).first()).toBeVisible()
  await page.goto(`${sample.url}/store`)
  await read('British: scrim, copperplate oil, white spirit')
  await page.goto(wipe)
  await expect(method).toContainText('Scrim only, tone left')
})
