import { randomUUID } from 'node:crypto';
import { expect, test } from '@playwright/test';
import { demoHousehold } from './demoHousehold.js';
import { liesOnPhone } from './onPhone.js';

const demo = demoHousehold();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'allow' });

test('a comb laid, planned, cut and cracked on the veranda comes home in its order, once', async ({
  page,
  context,
}) => {
  const { items } = await demo.read('/hives');
  const hive = items.find(({ name }) => name === 'Ipê')!;
  const combId = hive.bars.find(({ slot }) => slot === 13)!.comb!.id;
  const batchId = randomUUID();
  await demo.post('/harvests', {
    ...{ visitId: randomUUID(), batchId, hiveId: hive.id, method: 'cut', combIds: [combId] },
    anyway: [{ combId, reason: 'Chosen for a rehearsal' }],
  });
  await demo.post('/takes', {
    ...{ id: randomUUID(), batchId, combId, outcome: 'taken', vesselId: null },
    ...{ grossG: 4040, tareG: 1240 },
  });
  await demo.post('/harvests/{id}/stage', { stage: 'cut' }, { id: batchId });
  await page.goto(`${demo.base}/cut/${batchId}`);
  const key = (name: string | RegExp) => page.getByRole('button', { name }).first();
  await expect(key('Lay it on the board')).toBeVisible();
  await liesOnPhone(page);

  await context.setOffline(true);
  const waits = page.getByRole('contentinfo').getByRole('button', { name: /waiting$/ });
  await key('Lay it on the board').tap();
  await expect(waits).toHaveText('1 waiting');
  await key('Find the best cuts').tap();
  await expect(page.getByRole('heading', { name: /^Plan 1 of/ })).toBeVisible({ timeout: 40_000 });
  await key('Keep this plan').tap();
  await expect(waits).toHaveText('2 waiting');
  await key(/^Cut 1 of \d+ made/).tap();
  await expect(key(/^Cut 2 of/)).toBeVisible();

  await page.reload();
  await expect(key(/^Cut 2 of/)).toBeVisible();
  await page
    .getByRole('img', { name: /on the board/ })
    .getByRole('button')
    .last()
    .tap();
  await key('This one cracked').tap();
  await expect(page.getByRole('button', { name: /cracked/ }).first()).toBeVisible();
  expect((await demo.read('/harvests/{id}', batchId)).boards).toEqual([]);

  await context.setOffline(false);
  await expect(waits).toHaveCount(0);
  const { boards, pieces } = await demo.read('/harvests/{id}', batchId);
  expect(boards.map(({ cutsDone }) => cutsDone)).toEqual([1]);
  expect(pieces.filter(({ state }) => state === 'cracked')).toHaveLength(1);
  expect(pieces.length).toBeGreaterThan(1);
});
