import { readdirSync } from 'node:fs'
import path from 'node:path'
import type { Page } from '@playwright/test'
import { drawPlate } from '../demo/plateDrawing'
import { expect, signAs } from './fixtures'

/** Opens the sample's match check as one of its printers, at one of its pulls. */
export async function openMatchRoom(page: Page, url: string, pull: number): Promise<void> {
  await page.goto(`${url}/jobs/mooring-posts/edition/match`)
  await signAs(page, 'Ida Quill')
  await page.getByLabel('Impression', { exact: true }).selectOption({ label: `Pull ${pull}` })
}

/** A comparison takes seconds; on a slow machine with others beside it, many. */
export const COMPARED = { timeout: 240_000 }

export const verdict = (page: Page) =>
  page.getByRole('heading', { level: 2, name: /Matches the BAT|Differs in/ })

/** The comparison under way says at which step it is. */
export const atWork = (page: Page) => page.locator('[data-said]').filter({ hasText: '…' })

export const check = (page: Page, name: string) =>
  page.getByRole('list', { name: 'Checks' }).getByRole('listitem').filter({ hasText: name }).first()

/** Gives an impression the picture of another plate, and waits until that is said. */
export async function bringOtherPlate(page: Page, picture: string): Promise<void> {
  await page.getByLabel(picture).setInputFiles({
    name: 'other.png',
    mimeType: 'image/png',
    buffer: await drawPlate('samphire', '#e8e6e2'),
  })
  await expect(
    page.getByRole('alert').filter({ hasText: 'These do not look like the same plate.' }),
  ).toBeVisible(COMPARED)
}

/** The sample's last picture that our model took, by its id. */
export async function lastModelScan(page: Page, url: string): Promise<string> {
  const raw = JSON.stringify(await (await page.request.get(`${url}/raw/mooring-posts`)).json())
  return [...raw.matchAll(/\\"imageId\\":\\"(\w+)\\",\\"taken\\":\\"model\\"/g)].at(-1)![1]
}

/** The file a picture came as. */
export function originalOf(dataFolder: string, imageId: string): string {
  const folder = path.join(dataFolder, 'pictures', imageId)
  return path.join(
    folder,
    readdirSync(folder).find((name) => name.startsWith('original'))!,
  )
}
