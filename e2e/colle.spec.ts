import { broken } from './axe'
import { answerOf, expect, kept, openStation, signAs, test } from './fixtures'

test('a piece of thin paper is chosen by its colour, laid, and proved on two papers side by side', async ({
  page,
  sample,
}) => {
  test.slow()
  // One of the papers gets its colour; the other is taken as rag, and says so.
  await page.goto(`${sample.url}/store/papers/egret-soft`)
  await page.getByText(/^Its colour: taken as an ordinary rag/).click()
  await page.getByRole('radio', { name: 'by eye' }).click()
  await page.getByLabel('Its colour on this screen').fill('#d8b874')
  await page.getByRole('button', { name: 'Save its colour' }).click()
  await expect(page.getByText('Its colour: chosen by eye')).toBeVisible()

  const room = `${sample.url}/jobs/samphire/register/chine-colle`
  await page.goto(room)
  const inks = page.getByRole('region', { name: 'The ink on each paper' })
  await expect(inks.getByRole('link', { name: 'Egret soft' })).toHaveCount(0)
  await expect(inks.getByRole('link', { name: 'Heron white' })).toBeVisible()
  await inks.getByRole('button', { name: 'Cut from Egret soft' }).click()
  await expect(page.getByLabel('Cut from', { exact: true })).toHaveValue('paper egret-soft')
  await expect(answerOf(page)).toContainText('Egret soft')
  await page
    .getByLabel('Paste', { exact: true })
    .selectOption({ label: 'Pre-cooked wheat-paste powder, dusted on damp paper' })
  await page.getByLabel('Left without ink').selectOption({ label: 'beneath the piece' })
  await expect(page.getByRole('list', { name: 'How it is laid' })).toContainText(
    'Raw starch that is dusted does not stick',
  )
  await page.getByRole('button', { name: 'Make it part of the print' }).click()
  await kept(page)
  await expect(page.getByRole('button', { name: 'It is part of the print' })).toBeDisabled()
  expect(await broken(page)).toEqual([])

  // A proof carries it; another paper is one change, and the papers stand in a row.
  const prove = async (number: number) => {
    await openStation(page, 'Prove')
    await signAs(page, 'Tam Brocket')
    await page.getByRole('button', { name: /^Pull proof/ }).click()
    await expect(
      page.getByRole('list', { name: 'Proofs' }).getByText(String(number), { exact: true }),
    ).toBeVisible()
  }
  await prove(4)
  await page.goto(room)
  await inks.getByRole('button', { name: 'Cut from Dunlin cream' }).click()
  await page.getByRole('button', { name: 'Lay it so from now on' }).click()
  await expect(page.getByRole('button', { name: 'It is part of the print' })).toBeVisible()
  await kept(page)
  await prove(5)
  await expect(page.getByRole('list', { name: 'Proofs' }).getByRole('listitem').first()).toContainText(
    'Piece Pool: Egret soft → Dunlin cream',
  )
  const tried = page.getByRole('region', { name: 'The papers tried' }).getByRole('listitem')
  await expect(tried.first()).toContainText('Pool: Dunlin cream')
  await expect(tried.nth(1)).toContainText('Pool: Egret soft')
  await page.goto(room)
  await page.getByRole('button', { name: 'Take Pool off the print' }).click()
  await kept(page)
  await expect(page.getByRole('list', { name: 'On the print' }).getByRole('listitem')).toHaveCount(0)
})
