import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import { weighLowerHoney, weighWetWax } from './weigh.js';

const demo = demoHousehold();
test.describe.configure({ mode: 'serial' });

test('a stir is done on Today, where its line stands, and the next clock follows', async ({
  page,
}) => {
  await page.goto(`${demo.base}/`);
  await page.getByRole('button', { name: 'Stir Ipê: done' }).click();
  await expect(page.getByRole('status')).toContainText('Stir Ipê: done');
  await expect(page.getByRole('button', { name: 'Stir Ipê: done' })).toHaveCount(0);
  await expect(page.getByRole('contentinfo').getByText(/draw off in/)).toBeVisible();
  await page.getByRole('button', { name: 'Looked back' }).click();
  await expect(page.getByRole('button', { name: 'Looked back' })).toHaveCount(0);
});

test('a weighing before the start, and one with the tare above the gross, stay in the form with a sentence', async ({
  page,
}) => {
  await page.goto(`${demo.base}/drain`);
  await page.getByRole('button', { name: /^Weigh/ }).click();
  await page.getByLabel('Gross, lower vessel and honey').fill('2,4 kg');
  await page.getByLabel('Tare', { exact: true }).fill('3 kg');
  await expect(page.getByText('The tare is above the gross weight.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await page.getByLabel('Tare', { exact: true }).fill('0,31');
  await page.getByText('At another time').click();
  await page.getByLabel('Weighed at').fill('2026-03-13T09:00');
  await page.getByRole('button', { name: /Write down 2\.09 kg/ }).click();
  await expect(page.getByText('This lies before the drain began.')).toBeVisible();
  await expect(page.getByLabel('Gross, lower vessel and honey')).toHaveValue('2,4 kg');
  await page.getByLabel('Weighed at').fill('2026-03-20T09:00');
  await page.getByRole('button', { name: /Write down 2\.09 kg/ }).click();
  await expect(page.getByText(/lies in the future/)).toBeVisible();
  await page.getByLabel('Weighed at').fill('');
  await page.getByRole('button', { name: /Write down 2\.09 kg/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'weighed 2.09 kg' })).toBeVisible();
});

test('pounds and ounces are understood at the scale', async ({ page }) => {
  await page.goto(`${demo.base}/drain`);
  await page.getByRole('button', { name: /^Weigh/ }).click();
  await page.getByLabel('Gross, lower vessel and honey').fill('5 lb 8 oz');
  await page.getByLabel('Tare', { exact: true }).fill('310 g');
  await expect(page.getByRole('button', { name: /^Write down 2\.1[89] kg$/ })).toBeEnabled();
});

test('the temperature of the bench changes the forecast', async ({ page }) => {
  await page.goto(`${demo.base}/drain`);
  const told = page.getByText(/^Nine tenths out about/);
  const before = await told.textContent();
  await page.getByRole('button', { name: 'Temperature…' }).click();
  await page.getByRole('dialog').getByLabel('Bench').fill('17');
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/17 °C, 17\.8 % water/)).toBeVisible();
  await expect(told).not.toHaveText(before!);
});

test('closing asks why comb in is not honey and wax out; then it settles, and the jars are counted', async ({
  page,
}) => {
  await page.goto(`${demo.base}/drain`);
  await page.getByRole('button', { name: 'Stop draining…' }).click();
  const dialog = page.getByRole('dialog');
  await weighLowerHoney(dialog, '3,4');
  await weighWetWax(dialog, '0,7');
  await expect(dialog.getByText('275 g less came out than went in')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Close this drain' })).toBeDisabled();
  await dialog.getByLabel('Why').fill('A spill');
  await dialog.getByRole('button', { name: 'Close this drain' }).click();
  await expect(page.getByRole('heading', { name: 'Ipê settles' })).toBeVisible();
  for (const drop of ['17,9', '18,2']) {
    await page.getByRole('button', { name: 'Measure water…' }).click();
    await page.getByRole('dialog').getByLabel('Reading').fill(drop);
    await page.getByRole('button', { name: 'Keep this sample' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await expect(page.getByText(/18\.2 % water\. Between 17\.1 % and 19 %/)).toBeVisible();
  await page.getByLabel('Scum, net').fill('0');
  await page.getByRole('link', { name: 'Go on to Jar' }).click();
  await expect(page.getByText(/Settling since/)).toBeVisible();
  await expect(page.getByRole('contentinfo').getByText('Settle')).toBeVisible();
  await page.getByRole('button', { name: 'Fewest jars' }).click();
  await expect(page.getByText('6 × 500 g')).toBeVisible();
  await page.getByLabel('Keep back').fill('9');
  await expect(page.getByRole('alert')).toContainText('At most 3.4 kg.');
  await page.getByLabel('Keep back').fill('0,4');
  await expect(page.getByText('6 × 500 g')).toBeVisible();
  await page.getByLabel('Lightest 500 g jar weighed, net').fill('496');
  await page.getByRole('button', { name: 'Filled 6' }).click();
  // The label never says more than the lightest jar held.
  await expect(page.getByText('496 g / 17.4 oz')).toBeVisible();
  await page.getByRole('button', { name: /Go on to Book/ }).click();
  await page.getByRole('button', { name: 'It stays here, to be filled later' }).click();
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
  await page.getByRole('button', { name: /crushed comb to lost: 275 g/ }).focus();
  await expect(page.getByText('crushed comb to lost: 275 g')).toBeVisible();
});
