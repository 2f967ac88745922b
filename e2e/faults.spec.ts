import { settingsColumn } from './settingsColumn'
import { readdir, readFile, rm, writeFile } from 'node:fs/promises'
import path from 'node:path'
import { answerOf, expect, kept, openStation, signAs, test } from './fixtures'
import { startServer } from './server'

test('a power cut between two clicks loses nothing that was confirmed', async ({ page }) => {
  const server = await startServer({ sample: true })
  try {
    await page.goto(`${server.url}/jobs/mooring-posts/edition`)
    await signAs(page, 'Tam Brocket')
    await page.getByRole('button', { name: 'Pull 12', exact: true }).click()
    await expect(page.getByRole('heading', { name: /^Pull 12: pencil this time/ })).toBeVisible()
    await server.kill()
    await page.getByRole('button', { name: 'Match: accept' }).click()
    await expect(page.getByText('Not saved: the server does not answer.')).toBeVisible()
    await server.restart()
    await page.getByRole('button', { name: 'Match: accept' }).click()
    await expect(answerOf(page)).toContainText('11 of 24 accepted')
    await server.kill()
    await server.restart()
    await page.reload()
    await expect(answerOf(page)).toContainText('11 of 24 accepted')
    await expect(page.getByRole('row', { name: /^12 .*accepted/ })).toHaveCount(1)
  } finally {
    await server.remove()
  }
})

test('a damaged workshop says so with the way back, and opens without a restart once it is mended', async ({
  page,
}) => {
  const server = await startServer({ sample: true })
  const database = path.join(server.dataFolder, 'typothesis.sqlite')
  try {
    await page.goto(server.url)
    await expect(page.getByRole('link', { name: /Mooring posts/ }).first()).toBeVisible()
    await server.kill()
    const whole = new Map<string, Buffer>()
    for (const name of await readdir(server.dataFolder))
      if (name.startsWith('typothesis.sqlite'))
        whole.set(name, await readFile(path.join(server.dataFolder, name)))
    for (const name of whole.keys()) await rm(path.join(server.dataFolder, name))
    await writeFile(database, 'no database at all')
    await server.restart()
    await page.reload()
    await expect(page.getByRole('heading', { name: 'This workshop does not open' })).toBeVisible()
    await expect(page.getByRole('main')).toContainText('is damaged')
    await rm(database)
    await page.reload()
    await expect(page.getByRole('main')).toContainText(
      /is missing, and there was one: \d+ pictures lie beside it/,
    )
    for (const [name, bytes] of whole) await writeFile(path.join(server.dataFolder, name), bytes)
    await page.reload()
    await expect(page.getByRole('link', { name: /Mooring posts/ }).first()).toBeVisible()
  } finally {
    await server.remove()
  }
})

test('a double press pulls once, and a lost answer does not pull again', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/samphire/prove`)
  await signAs(page, 'Tam Brocket')
  let cut = true
  await page.route('**/jobs/samphire/prove', async (route) => {
    if (route.request().method() !== 'POST' || !cut) return route.continue()
    cut = false
    await route.fetch()
    await route.abort('connectionreset')
  })
  await page.getByRole('button', { name: 'Pull proof 4' }).click()
  await expect(page.getByText('Not saved: the server does not answer.')).toBeVisible()
  await page.getByRole('button', { name: 'Pull proof 4' }).dblclick()
  await expect(page.getByRole('button', { name: 'Pull proof 5' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: 'Pull proof 5' })).toBeVisible()
})

test('of two windows on one job the later is told, and nothing is overwritten', async ({
  page,
  context,
  sample,
}) => {
  const other = await context.newPage()
  await page.goto(`${sample.url}/jobs/samphire/wipe`)
  await other.goto(`${sample.url}/jobs/samphire/wipe`)
  await page.getByRole('radio', { name: 'Medium film' }).click()
  await kept(page)
  await other.getByRole('radio', { name: 'Heavy (mood)' }).click()
  await expect(other.getByRole('alert').filter({ hasText: 'changed in another window' })).toBeVisible()
  await other.getByRole('button', { name: 'Reload this job' }).click()
  await expect(other.getByRole('radio', { name: 'Medium film' })).toBeChecked()
  await other.close()
})

test('impossible values are said at their field and change nothing', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/samphire/plate`)
  const width = page.getByLabel('Width')
  await width.fill('-5')
  await expect(page.getByText('This is not a length')).toBeVisible()
  await width.fill('0')
  await expect(page.getByText('must be more than 0')).toBeVisible()
  await width.fill('900')
  await expect(page.getByText('The plate is wider (900 mm) than the sheet (280 mm).')).toBeVisible()
  await page.reload()
  await expect(width).toHaveValue('148 mm')

  await openStation(page, 'Ink')
  for (const ink of ['Samphire green', 'Kelp black', 'Clear base'])
    await page.getByLabel(`${ink}, parts`).fill('0')
  await expect(page.getByText('must add up to more than 0 parts')).toBeVisible()
  await page.reload()
  // The two before it left a mix that can be; the last zero did not, and was not kept.
  await expect(page.getByLabel('Clear base, parts')).toHaveValue('2')
})

test('a late answer to an earlier change does not hide what is wrong with a later one', async ({
  page,
  sample,
}) => {
  await page.goto(`${sample.url}/jobs/samphire/register`)
  await page.route('**/jobs/samphire/register', async (route) => {
    if (route.request().method() === 'POST') await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  const ratio = page.getByLabel('Bottom margin as a multiple of the top')
  await ratio.fill('1.4')
  await expect(page.getByText('Saving…')).toBeVisible()
  await ratio.fill('9')
  await expect(page.getByText('must be within 0.2 and 5')).toBeVisible()
  await page.waitForTimeout(2000)
  await expect(page.getByText('must be within 0.2 and 5')).toBeVisible()
  await expect(page.getByText('Not saved yet')).toBeVisible()
  await page.reload()
  await expect(ratio).toHaveValue('1.4')
})

test('of a mix with a field that cannot be read, the others are kept', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/ink`)
  const [plate, room] = [page.getByLabel('Plate, °C'), page.getByLabel('Room, °C')]
  const was = await plate.inputValue()
  await plate.fill('warm')
  await room.fill('20.5')
  await page.waitForTimeout(1500)
  await page.reload()
  await expect(room).toHaveValue('20.5')
  await expect(plate).toHaveValue(was)
})

test('undo takes the last change back, by button and by key', async ({ page, sample }) => {
  await page.goto(`${sample.url}/jobs/mooring-posts/press`)
  await page.getByRole('button', { name: 'Loosen both ¼' }).click()
  await expect(page.getByLabel('Left screw, turns from zero')).toHaveValue('3.25')
  await expect(settingsColumn(page)).toContainText('1 differs from the BAT')
  await expect(page.getByRole('list', { name: 'What differs' })).toContainText(
    'Press: Both screws3 1/4 turns, BAT 3 turns',
  )
  await page.keyboard.press('Control+z')
  await expect(page.getByLabel('Left screw, turns from zero')).toHaveValue('3')
  await kept(page)
  await page.reload()
  await expect(settingsColumn(page)).toContainText('Every setting matches.')
})

test.describe('uploads that are refused', () => {
  const refusals: [string, Buffer, string][] = [
    ['text called a picture', Buffer.from('hello'), 'This is not a picture, or it is damaged'],
    ['121 MB', Buffer.alloc(121 * 1048576), 'at most 120 MB are taken'],
  ]
  for (const [what, bytes, words] of refusals) {
    test(what, async ({ page, sample }, testInfo) => {
      const file = testInfo.outputPath('a.png')
      await writeFile(file, bytes)
      await page.goto(`${sample.url}/jobs/samphire/plate`)
      await page.getByLabel('Photo of the plate, state II').setInputFiles(file)
      await expect(page.getByText(words)).toBeVisible()
    })
  }

  test('what a page of another origin sends, to every route', async ({ sample }) => {
    for (const route of [
      '/pictures',
      '/desk/samphire/sync',
      '/desk/samphire/rails',
      '/jobs/samphire/edition',
    ])
      for (const headers of [{ origin: 'http://elsewhere.example' }, undefined]) {
        const reply = await fetch(sample.url + route, { method: 'POST', body: '{}', headers })
        expect(reply.status, route).toBe(403)
      }
  })

  test('200 MB straight at the server, and a picture that is none', async ({ sample }) => {
    const large = await fetch(`${sample.url}/pictures`, {
      method: 'POST',
      body: Buffer.alloc(200 * 1048576),
      headers: { 'x-file-name': 'a.png', origin: sample.url },
    }).catch(() => null)
    expect(large === null || large.status === 413).toBe(true)
    const text = await fetch(`${sample.url}/pictures`, {
      method: 'POST',
      body: 'hello',
      headers: { origin: sample.url },
    })
    expect([text.status, ((await text.json()) as { message: string }).message]).toEqual([
      400,
      'This is not a picture, or it is damaged: PNG, JPEG, WebP, AVIF and TIFF can be read.',
    ])
  })

  test('job files that are not JSON, of a later version, or forged', async ({ page, sample }) => {
    const good = (await (
      await fetch(`${sample.url}/jobs/the-pilot-s-window/record/job.json`)
    ).json()) as Record<string, unknown> & { prints: { mark: string }[] }
    await page.goto(`${sample.url}/jobs/new`)
    const chooser = page.getByLabel('Import a job')
    const offer = (text: string) =>
      chooser.setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(text) })
    await offer('{ half')
    await expect(page.getByText('This is not JSON')).toBeVisible()
    await offer(JSON.stringify({ ...good, version: 9 }))
    await expect(page.getByText('version 9 is from a later Typothesis')).toBeVisible()
    await offer(JSON.stringify({ ...good, prints: [...good.prints, good.prints[0]] }))
    await expect(page.getByText('the number 1/6 is given twice')).toBeVisible()
  })
})
