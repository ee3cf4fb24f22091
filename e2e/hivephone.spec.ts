import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import { readFromPhoto } from './comb.js';
import { boxAtRest } from './boxAtRest.js';

/** At the hive with a phone: thumb and touch. */
const demo = demoHousehold();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
const verdict = (page: import('@playwright/test').Page, word: string) =>
  expect(page.locator('.verdict .head')).toContainText(word);

test('a frame is painted with the thumb, a bar is shifted, and the verdicts follow', async ({
  page,
}) => {
  await page.goto(`${demo.base}/look`);
  await page.getByRole('link', { name: 'Guabiroba', exact: true }).tap();
  await page.getByRole('button', { name: /super 2, place 5/ }).tap();
  await verdict(page, 'Take');
  await page.getByRole('button', { name: 'Paint cells' }).tap();
  await page.getByRole('radio', { name: /Brood/ }).tap();
  const canvas = page.getByRole('img', { name: /Super 2, frame 5, side A/ });
  await canvas.scrollIntoViewIfNeeded();
  const box = await boxAtRest(canvas);
  await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2);
  await verdict(page, 'Leave');
  await page.getByRole('button', { name: 'Put down, keep the last look' }).tap();
  await page.goto(`${demo.base}/look?comb=14`);
  await page.getByRole('button', { name: 'Shift bar 14 toward the entrance' }).tap();
  await expect(page.getByRole('button', { name: 'Comb 13, may take' })).toBeVisible();
});

test('steppers fill the bands with gloves on', async ({ page }) => {
  await page.goto(`${demo.base}/look?comb=12`);
  const more = page.getByRole('button', { name: 'More brood' });
  await more.scrollIntoViewIfNeeded();
  const box = await boxAtRest(more);
  expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(64);
  await more.tap();
  await verdict(page, 'Leave');
  await page.getByRole('button', { name: 'Put down, keep the last look' }).tap();
});

test('a photo from the camera is read on the phone', async ({ page }) => {
  await page.goto(`${demo.base}/look?comb=12`);
  await readFromPhoto(page, 'first-12');
});
