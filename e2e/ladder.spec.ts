import { readFile } from 'node:fs/promises'
import { expect, kept, openStation, signAs, take, test } from './fixtures'

test('a complaint is answered with what helped before, and any two proofs are compared', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/prove`)
  const next = page.getByRole('region', { name: 'What to change next' })
  await next.getByText(/^What each change did/).click()
  await next.getByRole('checkbox', { name: 'Include other presses, plates and papers' }).check()
  await expect(next.getByRole('table')).toContainText('press tighter')
  await expect(next.getByRole('table')).toContainText('line strength toward filled in')
  await page.getByText('Compare any two proofs').click()
  await page.getByLabel('This proof').selectOption({ label: 'Proof 1' })
  await expect(page.getByRole('list', { name: 'What differs between the two' })).toContainText('Make-ready')
  await openStation(page, 'Press')
  await page.getByLabel('Left screw, turns from zero').fill('2')
  await kept(page)
  await openStation(page, 'Prove')
  await signAs(page, 'Tam Brocket')
  const proof = Number(/\d+/.exec((await page.getByText(/^Changed since proof \d+$/).textContent())!)![0]) + 1
  await page.getByRole('button', { name: `Pull proof ${proof}` }).click()
  const rung = page.getByRole('list', { name: 'Proofs' }).getByRole('listitem').first()
  await expect(rung.getByLabel(`Picture of proof ${proof}`)).toBeAttached()
  await rung.getByText('What is not as wanted').click()
  await rung.getByLabel(`Proof ${proof}, plate tone`).selectOption({ label: 'too much' })
  await rung.getByLabel(`Proof ${proof}, sharpness`).selectOption({ label: 'drawn out along the travel' })
  await rung.getByLabel(`Picture of proof ${proof}`).setInputFiles('docs/screenshots/press.png')
  await expect(
    rung.getByRole('img', { name: `Proof ${proof}: dark spot, middle spot, bright spot, edge` }),
  ).toBeVisible()
  await rung.getByRole('button', { name: 'Save what was seen' }).click()
  await expect(next).toContainText('Plate tone: too much')
  await expect(next.getByRole('listitem').filter({ hasText: 'Wipe longer by about 45 s' })).toContainText(
    'the trade’s usual remedy; no trial of yours yet',
  )
  // What no setting mends is told by its sign, with its own remedy.
  await expect(next.getByRole('list', { name: 'Causes to look for' })).toContainText(
    'Crept, the blanket pushed: lines drawn out along the travel, more toward its end? Dry blankets',
  )
  // What it lacks leads to earlier prints like it.
  await rung.getByRole('link', { name: 'Plate tone: too much' }).click()
  await expect(page.getByRole('heading', { name: 'Fault album: plate tone: too much' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Prints that had it' })).toContainText(`Proof ${proof}`)
  await page.goBack()
  // Back to an earlier proof's settings and on from there: the ladder says where the branch set out from.
  await page.getByRole('button', { name: 'Go back to proof 2' }).click()
  await page.getByRole('button', { name: 'Set the bench as proof 2' }).click()
  await expect(page.getByText(`Changed since proof ${proof}`)).toBeVisible()
  await page.getByRole('button', { name: `Pull proof ${proof + 1}` }).click()
  await expect(rung).toContainText(/set out from proof \d+:/)
})

test('an edition is quoted before it is accepted, and says when the plate cannot stand it', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/edition`)
  await page.getByRole('link', { name: 'Quote', exact: true }).click()
  await page.getByLabel('Signed').fill('24')
  await page.getByLabel('An hour of work').fill('30')
  await expect(page.getByText('starts, 9 in 10 sure')).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'Work' })).toContainText('× 30')
  await page.getByLabel('Signed').fill('2000')
  await expect(page.getByText(/^◆ The plate/)).toContainText('The plate will not stand it')
  await page.getByLabel('Ink a pull, g').fill('0')
  await expect(page.getByText('must be more than 0')).toBeVisible()
})

test('a signed print is followed, numbers are locked once one has left, and the folder comes in elsewhere', async ({
  page,
  sample,
  empty,
}, info) => {
  await page.goto(`${sample.url}/jobs/the-pilot-s-window/dry`)
  await page.getByRole('button', { name: 'Undo the numbering…' }).click()
  await page.getByRole('button', { name: 'Undo the numbering', exact: true }).click()
  await expect(page.getByText('Enter a reason. The earlier numbers are kept in the log.')).toBeVisible()
  await page.keyboard.press('Escape')
  await openStation(page, 'Record')
  const custody = page.getByRole('region', { name: 'Custody' })
  await custody.getByLabel('Move to').selectOption({ label: 'Consigned' })
  await signAs(page, 'Oona Fell')
  await custody.getByRole('button', { name: 'Save the move' }).click()
  await expect(custody.getByText('Enter the recipient.')).toBeVisible()
  await custody.getByLabel('Recipient').fill('Marram House')
  await custody.getByLabel('Receipt').fill('31')
  await custody.getByRole('button', { name: 'Save the move' }).click()
  await expect(custody.getByRole('list', { name: 'Custody so far' })).toContainText(
    'consigned Marram House, receipt 31, Oona Fell',
  )
  await openStation(page, 'Dry & Sign')
  await page.getByRole('button', { name: 'Undo the numbering…' }).click()
  await page.getByLabel('Why').fill('Sort anew')
  await expect(page.getByRole('dialog')).toContainText('Taken back by Oona Fell')
  await page.getByRole('button', { name: 'Undo the numbering', exact: true }).click()
  await expect(
    page.getByText('A print has left the workshop under its number: the numbers stay.'),
  ).toBeVisible()
  await page.keyboard.press('Escape')
  await openStation(page, 'Record')
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
  const certificates = await getDocument({
    data: new Uint8Array(await readFile(await take(page, info, 'Certificates'))),
  }).promise
  expect(certificates.numPages).toBe(8)
  const folder = await take(page, info, 'Job folder')
  await page.goto(`${empty.url}/jobs/new`)
  await page.getByLabel('Import a job (.json or .zip)').setInputFiles(folder)
  await expect(page.getByRole('heading', { level: 1, name: 'Record' })).toBeVisible()
  await expect(page.getByRole('list', { name: 'Custody so far' })).toContainText('consigned Marram House')
})
