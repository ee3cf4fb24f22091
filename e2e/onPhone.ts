import type { Page } from '@playwright/test';

/** The application and what a day needs lie on the phone. */
export async function liesOnPhone(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // What was read is written down once in a while.
  await page.waitForTimeout(4000);
}
