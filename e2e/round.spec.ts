import { randomUUID } from 'node:crypto';
import { makeHive, look, SEALED } from './household.js';
import { expect, test } from './emptyHousehold.js';

const FRAMED = {
  ...{ broodBoxes: 1, supers: 1, framesPerSuper: 8, framePitchMm: 40, combWidthMm: 420 },
  ...{ superDepthMm: 168, broodDepthMm: 240, sheet: 'starter' },
};

test('a round of hives says what to load, who goes without, and takes the word of a person', async ({
  page,
  server,
}) => {
  await page.goto(`${server.base}/round`);
  await expect(page.getByRole('heading', { name: 'No hive in boxes yet.' })).toBeVisible();

  for (const name of ['Jatobá', 'Peroba']) {
    const hive = await makeHive(server, name, 'framed', FRAMED);
    for (const bar of hive.bars.filter((b) => b.comb && b.slot >= 200))
      await look(server, bar.comb!.id, { sides: { A: SEALED, B: SEALED }, depthMm: 138 });
  }
  await page.goto(`${server.base}/round`);
  await expect(page.getByText('Load 0 boxes; 2 more would be needed than you have.')).toBeVisible();
  await server.post('/gear', {
    ...{ id: randomUUID(), name: 'Shallow super', kind: 'empty-super', stock: 1 },
    ...{ volumeL: 26, weightKg: 4, repair: null, dueOn: null },
  });
  await page.reload();
  await expect(page.getByText('Load 1 box; 1 more would be needed than you have.')).toBeVisible();
  await page.getByRole('button', { name: 'Jatobá needs one less' }).click();
  await expect(page.getByText('Load 1 box.', { exact: true })).toBeVisible();
  const peroba = page.getByRole('listitem').filter({ hasText: 'Peroba' });
  await expect(peroba).toContainText('gets 1');
  // What was said stays on the device.
  await page.reload();
  await expect(page.getByText('Load 1 box.', { exact: true })).toBeVisible();
});
