import { test as base, expect, type Page } from '@playwright/test'
import { startServer, type TestServer } from './server'

/** An application on the sample and one on an empty folder, one of each a worker, started when first wanted. */
export const test = base.extend<object, { sample: TestServer; empty: TestServer }>({
  sample: [async ({}, use) => {
    const server = await startServer({ sample: true })
    await use(server)
    await server.remove()
  }, { scope: 'worker', timeout: 90_000 }],
  empty: [async ({}, use) => {
    const server = await startServer({ sample: false })
    await use(server)
    await server.remove()
  }, { scope: 'worker', timeout: 90_000 }],
})

export { expect }

/** Opens a station of the line by its name. */
export async function openStation(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(`^${name}`) }).click()
  await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible()
}

/** Waits until what is on the screen is on the disk. */
export async function kept(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^Kept$/ })).toBeVisible()
}
