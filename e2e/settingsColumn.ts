import type { Page } from '@playwright/test'

/** The column at the right: what differs from the BAT, and every setting by station. */
export const settingsColumn = (page: Page) => page.getByRole('complementary', { name: 'Settings' })

/** Opens a station's settings in the column at the right. */
export async function openSettingsOf(page: Page, station: string): Promise<void> {
  await settingsColumn(page)
    .getByRole('button', { name: new RegExp(`^${station}, `) })
    .click()
}

/** Takes the keys out of whatever field was typed in, as a click on no field does. */
export const leaveFields = (page: Page) => settingsColumn(page).getByRole('heading').click()
