import { expect, type Page } from '@playwright/test';

/** Opens the one line that says what is known of the colony, unless it stands open already. */
export async function opensColony(page: Page): Promise<void> {
  const colony = page.locator('details.colony');
  await expect(colony).toBeVisible();
  if ((await colony.getAttribute('open')) === null) await colony.locator('summary').click();
}
