import { expect, test } from '@playwright/test';
import { demoHousehold } from './demoHousehold.js';
import { liesOnPhone } from './onPhone.js';

const demo = demoHousehold();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'allow' });

test('jars filled on the veranda carry the number the phone took along, and come home once', async ({
  page,
  context,
}) => {
  const { items } = await demo.read('/harvests');
  const batch = items.find(({ stage }) => stage === 'drain')!;
  const { drains, lots } = await demo.read('/harvests/{id}', batch.id);
  const crushed = lots.find(({ kind }) => kind === 'crushed')!;
  const honeyG = Math.round(crushed.nowG * 0.7);
  await demo.post(
    '/drains/{id}/close',
    { honeyG, wetWaxG: crushed.nowG - honeyG, minutes: 20, gapReason: 'Stuck to the bucket' },
    { id: drains[0].id },
  );
  await page.goto(`${demo.base}/jar/${batch.id}`);
  const fill = page.getByRole('button', { name: /^Filled \d/ }).first();
  await expect(fill).toBeVisible();
  await liesOnPhone(page);

  await context.setOffline(true);
  const strip = page.getByRole('contentinfo');
  const waits = strip.getByRole('button', { name: /waiting$/ });
  const along = page.getByText(/Out of reach of the house\. The next jars filled are/);
  await expect(along).toBeVisible();
  const number = /IPE-\d{6}-A\d+/.exec((await along.textContent())!)![0];
  await fill.tap();
  await expect(waits).toHaveText('1 waiting');
  const row = page.getByRole('row', { name: new RegExp(number) });
  await expect(row).toContainText('waits here');
  await expect(row).toContainText('once the house has it');
  await page.reload();
  await expect(row).toContainText('waits here');
  expect(
    (await demo.read('/harvests/{id}', batch.id)).lots.some(({ kind }) => kind === 'jars'),
  ).toBe(false);

  await context.setOffline(false);
  await expect(waits).toHaveCount(0);
  await expect(row.getByRole('link', { name: `Label sheet of lot ${number}` })).toBeVisible();
  const after = await demo.read('/harvests/{id}', batch.id);
  expect(after.lots.filter(({ kind }) => kind === 'jars').map(({ code }) => code)).toEqual([
    number,
  ]);
  expect(after.balanced).toBe(true);
});
