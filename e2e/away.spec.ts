import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';

const demo = demoHousehold();

test('out of reach of the house: it is said, the next stage opens, and all comes back', async ({
  page,
  context,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  // The stage after Look comes while nobody waits for it.
  const next = page.waitForResponse(/assets\/ChooseView-.*\.js$/);
  await page.goto(`${demo.base}/look`);
  await (await next).finished();
  const strip = page.getByRole('contentinfo');
  await context.setOffline(true);
  await expect(strip).toContainText('cannot be reached', { timeout: 3000 });
  const row = page.getByRole('navigation', { name: 'The row' });
  await row.getByRole('link', { name: 'Book' }).click();
  await expect(strip).toContainText('This screen is not on this device yet');
  await row.getByRole('link', { name: 'Choose' }).click();
  await expect(page.getByText('Touch a comb to lift it')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Winter' })).toBeVisible();
  await context.setOffline(false);
  await expect(strip).not.toContainText('cannot be reached');
  await row.getByRole('link', { name: 'Book' }).click();
  await expect(page.getByRole('button', { name: 'One harvest' })).toBeVisible();
});
