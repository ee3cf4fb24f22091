import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import { en } from '../packages/words/src/en/index.js';
import { RULE_KEYS } from '../packages/web/src/shell/ruleKeys.js';

/** Everything is found by a part of its name; help says what a screen is for. */
const demo = demoHousehold();

test('a hive, a comb and a rule are found by their names, by keyboard alone', async ({ page }) => {
  await page.goto(`${demo.base}/`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('/');
  const field = page.getByRole('combobox', { name: /^A hive, comb, lot/ });
  await expect(field).toBeFocused();
  await field.fill('arauc');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/look\//);
  await expect(page.getByRole('heading', { name: 'Araucária', level: 1 })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(field).toBeFocused();
  await field.fill('nothing of this name');
  await expect(page.getByText('Nothing is called “nothing of this name”.')).toBeVisible();
  await field.fill('ipe comb 1');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/comb=1/);
  await page.keyboard.press('/');
  await expect(field).toBeFocused();
  await field.fill('stir every');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/rules/);
  await expect(page.getByLabel('Stir every')).toBeFocused();
});

test('every rule that can be found stands in Rules under that name', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await expect(page.getByRole('heading', { name: 'Rules', level: 1 })).toBeVisible();
  const text = (await page.locator('main').innerText()).replace(/\s+/g, ' ');
  for (const key of RULE_KEYS) expect(text).toContain(en[key]);
});

test('a page of rules a stage; what is wrong on one is said on the others', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=judge`);
  await expect(page.getByText('Capped share that counts as ripe')).toBeVisible();
  await expect(page.getByLabel('Stir every')).toBeHidden();
  await page.getByRole('button', { name: 'Hive and bench' }).click();
  await page.getByLabel('Stir every').fill('0,1');
  await expect(page.getByLabel('Stir every')).toBeVisible();
  await page.getByRole('button', { name: 'Kit', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Kit: vessels' })).toBeVisible();
  await page.getByRole('button', { name: 'Ripe or not' }).click();
  await expect(page.getByRole('button', { name: 'Write these rules down' })).toBeDisabled();
  await expect(page.getByText('At least half an hour.').last()).toBeVisible();
  await page.getByRole('button', { name: 'Back to what is in force' }).click();
  await expect(page.getByRole('button', { name: 'Write these rules down' })).toHaveCount(0);
});

test('the question mark says what the screen is for, and the first key leads past the row', async ({
  page,
}) => {
  await page.goto(`${demo.base}/choose`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('?');
  await expect(
    page.getByText('Combs are lifted here, and go the way that suits them.'),
  ).toBeVisible();
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('main')).toBeFocused();
});

test('where the person’s own colours replace ours, what is chosen and the stage keep a mark', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto(`${demo.base}/look`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const background = (locator: ReturnType<typeof page.locator>): Promise<string> =>
    locator.evaluate((e) => getComputedStyle(e).backgroundColor);
  const [on, off] = [
    page.getByRole('button', { name: 'Side A', exact: true }),
    page.getByRole('button', { name: 'Side B', exact: true }),
  ];
  expect(await background(on)).not.toBe(await background(off));
  const row = page.getByRole('navigation', { name: 'The row' });
  expect(await background(row.getByRole('link', { name: 'Look', exact: true }))).not.toBe(
    await background(row.getByRole('link', { name: 'Take', exact: true })),
  );
});
