import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import { lift, openTopBar, spareTwoCombs } from './lift.js';
import { boxAtRest } from './boxAtRest.js';

const demo = demoHousehold();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('at the hive with a phone: look, choose, plan and take two combs', async ({ page }) => {
  await spareTwoCombs(demo);
  await page.goto(`${demo.base}/look?comb=15`);
  // On a phone the verdict and its reason are pinned below the drawing, in view wherever one reads.
  const verdict = page.locator('.comb-bar .short');
  await expect(verdict).toContainText('Test first comb 15: Look at side B first');
  const stands = await boxAtRest(verdict);
  expect(stands.y + stands.height).toBeLessThan(844);
  await page.getByRole('button', { name: 'Side B' }).tap();
  await page.getByRole('button', { name: 'I see it: set the bands' }).tap();
  await page.getByLabel('Capped, side B').fill('90');
  await page.getByRole('button', { name: 'Side A' }).tap();
  await page.getByRole('button', { name: 'As at the last look' }).tap();
  await page.getByRole('button', { name: 'Write down comb 15' }).tap();
  await expect(page.getByText('Take', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Go on to Choose' }).tap();
  await page.waitForURL(/\/choose/);
  // The next stage begins at its top, however far down the one before was read.
  await expect.poll(() => page.locator('main').evaluate((e) => e.scrollTop)).toBe(0);
  await lift(page, 15);
  await lift(page, 14);
  await expect(page.getByText('2 combs out')).toBeVisible();
  await page.getByRole('button', { name: 'Go on to Ready' }).tap();
  await page.getByRole('button', { name: /go to Take/ }).tap();
  await openTopBar(page);
  await expect(page.getByRole('heading', { name: 'Lift bar 15' })).toBeVisible();
  const key = await boxAtRest(page.getByRole('button', { name: 'In the tub' }));
  expect(key.height).toBeGreaterThanOrEqual(80);
  expect(key.x).toBeGreaterThanOrEqual(0);
  expect(key.x + key.width).toBeLessThanOrEqual(390);
  // The page itself never scrolls sideways.
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: 'Brood seen' }).tap();
  await expect(page.getByRole('heading', { name: 'Lift bar 14' })).toBeVisible();
  await page.getByRole('button', { name: 'In the tub' }).tap();
  await page.getByRole('button', { name: 'Read the scale' }).tap();
  await expect(page.getByText('read from the practice scale')).toBeVisible();
  await page.getByRole('button', { name: 'Write it down', exact: true }).tap();
  await expect(page.getByRole('heading', { name: 'Put the bars back' })).toBeVisible();
  // Undo from the strip brings the comb back, and its step with it.
  await page.getByRole('contentinfo').getByRole('button', { name: 'Undo' }).tap();
  await page.getByRole('button', { name: 'Step before' }).tap();
  await expect(page.getByRole('button', { name: 'In the tub' })).toBeVisible();
});
