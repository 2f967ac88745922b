import type { Page } from '@playwright/test'
import { broken } from './axe'
import { tabTo } from './byKeys'
import { answerOf, expect, openStation, test } from './fixtures'
import { Hand } from './hand'

/** Says a first print with an ink, a paper and a press of one's own, none of which is in the workshop yet. */
async function say(
  page: Page,
  hand: Hand,
  print: { title: string; purpose?: string; size?: string; plate: string; press: string },
) {
  await hand.fill(page.getByLabel('Title of the print'), print.title)
  // Whose print it is goes without saying.
  await hand.fill(page.getByLabel('Your name'), 'Oona Fell')
  if (print.purpose) await hand.pick(page.getByLabel('What is it for?'), print.purpose)
  if (print.size) await hand.fill(page.getByLabel('Edition size'), print.size)
  await hand.pick(page.getByLabel('What is the plate?'), print.plate)
  await hand.fill(page.getByLabel('Size of the plate'), '12 x 9 cm')
  await hand.pick(page.getByLabel('What do you print with?'), print.press)
  await hand.fill(page.getByLabel('Ink', { exact: true }), 'Harbour black')
  await hand.fill(page.getByLabel('Paper', { exact: true }), 'Heron 300 g 56 × 76 cm')
}

test('a hobby: from nothing to the first print in ten acts, rubbed by hand with one’s own ink and paper', async ({
  page,
  bare,
}) => {
  const hand = new Hand()
  await page.goto(bare.url)
  await expect(answerOf(page)).toContainText('Enter what you have')
  expect(await broken(page)).toEqual([])
  await say(page, hand, {
    title: 'Reeds',
    purpose: 'Single or unique prints',
    plate: 'Drypoint on plastic',
    press: 'By hand: baren or spoon',
  })
  // What it comes to is seen before anything is begun.
  await expect(answerOf(page)).toContainText('Ready for the first print')
  const comes = page.getByRole('region', { name: 'What it comes to' })
  await expect(comes.getByRole('img')).toBeVisible()
  await expect(comes.getByRole('list', { name: 'The first print' })).toContainText('Soak, 30 minutes')
  await expect(comes).toContainText('Rub the back with a medium hand')
  expect(await broken(page)).toEqual([])
  await hand.tap(page.getByRole('button', { name: 'Start the job' }))
  const acts = page.getByRole('region', { name: 'Your first print, act by act' })
  await expect(acts).toContainText('Work up about 1.3 g of Harbour black')
  await expect(acts.getByRole('link', { name: 'Paper' })).toBeVisible()
  expect(await broken(page)).toEqual([])
  await hand.tap(page.getByRole('button', { name: 'Pull print 1', exact: true }))
  await expect(page.getByRole('heading', { name: /^Pull 1: pencil/ })).toBeVisible()
  console.log(`acts to the first print of a hobby: ${hand.acts}`)
  expect(hand.acts).toBeLessThanOrEqual(10)

  // Nothing that nobody said reads as if somebody had.
  await openStation(page, 'Record')
  const sheet = page.getByRole('article', { name: 'Documentation sheet' })
  await expect(sheet).toContainText('as laid out, nobody set it')
  await page.goto(`${bare.url}/store`)
  await expect(page.getByRole('region', { name: 'Papers', exact: true })).toContainText('not counted')
  await expect(answerOf(page)).not.toContainText('Buy')
})

test('an edition shop: the first proof in ten acts, a signed edition of three in twenty', async ({
  page,
  bare,
}) => {
  test.slow()
  const hand = new Hand()
  await page.goto(bare.url)
  await say(page, hand, {
    title: 'Withies',
    size: '3',
    plate: 'Copper, etched',
    press: 'Roller over bed, two screws',
  })
  await hand.tap(page.getByRole('button', { name: 'Start the job' }))
  await expect(page.getByRole('region', { name: 'Your first print, act by act' })).toContainText(
    'Set the press to 4 turns',
  )
  await hand.tap(page.getByRole('button', { name: 'Pull proof 1' }))
  await expect(page.getByRole('button', { name: 'Pull proof 2' })).toBeVisible()
  console.log(`acts to the first proof of an edition: ${hand.acts}`)
  expect(hand.acts).toBeLessThanOrEqual(10)
  await hand.tap(page.getByRole('button', { name: 'Approve as BAT' }))
  await hand.tap(page.getByRole('button', { name: 'Approve proof 1 as BAT' }))
  await expect(page.getByText('Every setting is as at the BAT.')).toBeVisible()
  for (const print of [1, 2, 3]) {
    await expect(page.getByRole('heading', { name: `Before pull ${print}` })).toBeVisible()
    await page.getByRole('heading', { name: `Before pull ${print}` }).click()
    await hand.press(page, '0')
    await expect(page.getByRole('heading', { name: new RegExp(`^Pull ${print}`) })).toBeVisible()
    await hand.press(page, 'Enter')
  }
  await hand.tap(page.getByRole('link', { name: /^Go to Dry & Sign/ }))
  await hand.tap(page.getByRole('button', { name: /^Number \d impressions/ }))
  await expect(page.getByRole('region', { name: 'Signing list' })).toContainText('3/3')
  console.log(`acts to a signed edition of three: ${hand.acts}`)
  expect(hand.acts).toBeLessThanOrEqual(20)
})

test('a class: twenty names pasted, and the first five prints found under their makers', async ({
  page,
  bare,
}) => {
  const hand = new Hand()
  await page.goto(bare.url)
  await say(page, hand, {
    title: 'Tuesday class',
    purpose: 'Class or open day',
    plate: 'Carton drypoint',
    press: 'Roller over bed, one screw',
  })
  await hand.tap(page.getByRole('button', { name: 'Start the job' }))
  await expect(answerOf(page)).toContainText('List who prints')
  const twenty = Array.from({ length: 20 }, (_, i) => `Pupil ${i + 1}\t10 min\t1\t0.4`).join('\n')
  await hand.paste(page.getByLabel('Name, row 1'), twenty)
  await hand.fill(page.getByLabel('Prints go home on'), '2031-05-09')
  await hand.tap(page.getByRole('radio', { name: 'As they came' }))
  await hand.tap(page.getByRole('button', { name: 'Save the list' }))
  await expect(page.getByRole('list', { name: 'Turns' }).getByRole('listitem')).toHaveCount(20)
  for (const pupil of [1, 2, 3, 4, 5]) {
    await hand.tap(page.getByRole('button', { name: `Pupil ${pupil} printed`, exact: true }))
    await expect(page.getByText(new RegExp(`Pencil on sheet ${pupil}:`))).toContainText(`Pupil ${pupil}`)
  }
  console.log(`acts to the first five prints of a class: ${hand.acts}`)
  const prints = page.getByRole('region', { name: 'Prints and their makers' })
  for (const pupil of [1, 2, 3, 4, 5]) {
    await prints.getByLabel('Find a print: sheet, name or time').fill(`Pupil ${pupil}`)
    await expect(prints.getByRole('listitem')).toHaveCount(1)
    await expect(prints.getByRole('listitem')).toContainText(`Pupil ${pupil}`)
  }
})

test('what cannot be read is said at its field, and nothing that was written is lost', async ({
  page,
  bare,
}) => {
  const hand = new Hand()
  await page.goto(bare.url)
  await hand.fill(page.getByLabel('Title of the print'), 'Reeds')
  await hand.fill(page.getByLabel('Size of the plate'), '120')
  await hand.fill(page.getByLabel('Paper', { exact: true }), 'Heron')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await expect(page.getByText('Write both sides, such as 120 × 90 mm.')).toBeVisible()
  await expect(page.getByText(/Add its weight and its size/)).toBeVisible()
  await page.getByLabel('Size of the plate').fill('120 x 90')
  await page.getByLabel('Paper', { exact: true }).fill('Heron 300 g 56 x 76 cm')
  await page.getByRole('button', { name: 'Start the job' }).click()
  // Whose print it is is missing, and so is nothing else.
  await expect(page.getByLabel('Your name')).toHaveAttribute('aria-invalid', 'true')
  await expect(page.getByLabel('Paper', { exact: true })).toHaveValue('Heron 300 g 56 x 76 cm')
  await page.getByLabel('Artist, if it is not you').fill('Oona Fell')
  await page.getByRole('button', { name: 'Start the job' }).click()
  // Not everything is said: the job opens at the first station that wants something.
  await expect(page).toHaveURL(/\/jobs\/reeds\/plate/)
})

test('in inches and by keys alone: from nothing to the first proof, and every size is read in inches from then on', async ({
  page,
  bare,
}) => {
  await page.goto(bare.url)
  const say = async (label: string, text: string) => {
    await tabTo(page, page.getByLabel(label, { exact: true }))
    await page.keyboard.type(text)
  }
  await say('Title of the print', 'Withies')
  await say('Your name', 'Oona Fell')
  await say('Edition size', '3')
  await say('What is the plate?', 'Copper, etched')
  await say('Size of the plate', '5 x 7 in')
  await expect(
    page.getByText('Inches and American trade words are read first from here on; the stockroom changes it.'),
  ).toBeVisible()
  await say('What do you print with?', 'Roller over bed, two')
  await say('Ink', 'Harbour black')
  await say('Paper', 'Heron 300 g 22 x 30 in')
  await tabTo(page, page.getByRole('button', { name: 'Start the job' }))
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Your first print, act by act' })).toBeVisible()
  await tabTo(page, page.getByRole('button', { name: 'Pull proof 1' }))
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Pull proof 2' })).toBeVisible()
  await page.goto(`${bare.url}/jobs/withies/plate`)
  await expect(page.getByLabel('Width')).toHaveValue(/^5 in/)
  await page.goto(`${bare.url}/store`)
  await expect(page.getByRole('radio', { name: 'Inches, °F, ounces' })).toBeChecked()
  await expect(page.getByRole('region', { name: 'Papers', exact: true })).toContainText('22 in × 30 in')
})

test('a postcard rubbed by hand, in inches: refused while the plate is larger, begun with the margins it has', async ({
  page,
  bare,
}) => {
  const hand = new Hand()
  await page.goto(bare.url)
  await say(page, hand, {
    title: 'Gull',
    purpose: 'Single or unique prints',
    plate: 'Drypoint on plastic',
    press: 'By hand: baren or spoon',
  })
  await hand.fill(page.getByLabel('Paper', { exact: true }), 'Heron 300 g 4 x 6 in')
  await hand.fill(page.getByLabel('Size of the plate'), '5 x 7 in')
  await expect(answerOf(page)).toContainText('Still to mend: the size of the plate')
  await hand.tap(page.getByRole('button', { name: 'Start the job' }))
  const size = page.getByLabel('Size of the plate')
  await expect(size).toHaveAttribute('aria-invalid', 'true')
  await expect(page.getByText('◆ The plate is larger than this sheet.')).toBeVisible()
  expect(await broken(page)).toEqual([])

  await hand.fill(size, '3 x 4.5 in')
  await expect(answerOf(page)).toContainText('Ready for the first print')
  await hand.tap(page.getByRole('button', { name: 'Start the job' }))
  await hand.tap(page.getByRole('button', { name: 'Pull print 1', exact: true }))
  await expect(page.getByRole('heading', { name: /^Pull 1: pencil/ })).toBeVisible()
  // The other stations have the sheet whole, and its narrow margins.
  await page.goto(`${bare.url}/jobs/gull/paper`)
  await expect(page.getByLabel('Sheet width')).toHaveValue(/^4 in/)
})
