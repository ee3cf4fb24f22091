import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { HIVE_KINDS } from '../packages/core/src/hive/kinds.js';
import { answersSign, answersTheRest } from './deadColony.js';
import { expect, test } from './emptyHousehold.js';
import { look, makeHive } from './household.js';
import { opensColony } from './colony.js';

/**
 * What is judged, from an empty household: said at the comb, obeyed by the chooser, carried to the
 * jar.
 */
const TOP_BAR = {
  bars: 20,
  barWidthMm: 36,
  combDepthMm: 204,
  topWidthMm: 400,
  bottomWidthMm: 250,
  followerAfterBar: 8,
};

const verdict = (page: Page, word: string) =>
  expect(page.locator('aside.verdict .head b')).toHaveText(word);
const fact = async (page: Page, name: RegExp, answer: string): Promise<void> => {
  await opensColony(page);
  await page.getByRole('button', { name }).click();
  await page.getByRole('button', { name: answer, exact: true }).click();
};

test.describe('the judgement, from an empty household', () => {
  test.slow();
  test('asks what the winter needs, stops for a sick colony everywhere, and follows its honey to the shelf', async ({
    page,
    server,
  }) => {
    const hive = await makeHive(server, 'Canela', 'top-bar', TOP_BAR);
    for (const bar of hive.bars.filter((b) => b.comb)) await look(server, bar.comb!.id);
    await page.goto(`${server.base}/look/${hive.id}?comb=8`);
    await page.getByRole('button', { name: 'Read, go on' }).click();

    // The need was never said: verdict and chooser wait for it, and it is asked right there.
    await verdict(page, 'Test first');
    await expect(page.locator('aside.verdict .why')).toContainText('Say what the winter needs');
    await page.getByRole('link', { name: 'Choose', exact: true }).click();
    await expect(page.getByText('Nothing may be taken here now.')).toBeVisible();
    await page.getByLabel('Winter need').fill('9');
    await page.getByRole('button', { name: 'Write down 9 kg' }).click();
    await expect(page.getByText(/^[\d.]+ kg to spare$/)).toBeVisible();
    await page.getByRole('button', { name: 'No', exact: true }).click();

    // A harvest, brought to the jars.
    const combId = hive.bars.find((b) => b.slot === 8)!.comb!.id;
    const batchId = randomUUID();
    await server.post('/harvests', {
      visitId: randomUUID(),
      batchId,
      hiveId: hive.id,
      method: 'crush',
      combIds: [combId],
      anyway: [],
    });
    await server.post('/takes', {
      id: randomUUID(),
      batchId,
      combId,
      outcome: 'taken',
      vesselId: null,
      grossG: 3300,
      tareG: 1100,
    });
    const drainId = randomUUID();
    await server.post('/drains', {
      id: drainId,
      batchId,
      upperVesselId: null,
      lowerVesselId: null,
      method: 'mash',
      moisturePercent: 18,
      temperatureC: 25,
    });
    const closed = {
      honeyG: 1700,
      wetWaxG: 450,
      minutes: 20,
      gapReason: 'Stuck to the bucket',
    };
    await server.post('/drains/{id}/close', closed, { id: drainId });
    const jarKindId = randomUUID();
    await server.post('/jars', {
      id: jarKindId,
      name: 'Round',
      netG: 500,
      tareG: 200,
      stock: 10,
      value: 0,
      cost: 0,
      purpose: 'jar',
    });
    await server.post('/fillings', {
      id: randomUUID(),
      batchId,
      jarKindId,
      count: 2,
      netG: 500,
      lowestWeighedG: 501,
    });

    // Found sick: the comb stays, the chooser offers nothing, the jars are held.
    await page.goto(`${server.base}/look/${hive.id}?comb=7`);
    await verdict(page, 'Take');
    await fact(page, /^Brood never checked/, 'Looks sick');
    await verdict(page, 'Leave');
    await expect(page.locator('aside.verdict .why')).toContainText('Ask the bee inspector');
    await page.getByRole('link', { name: 'Choose', exact: true }).click();
    await expect(page.getByText('Nothing may be taken here now.')).toBeVisible();
    await page.goto(server.base);
    await expect(
      page.getByText(/^Held back: Canela, harvest of 20 Jan 2026/).first(),
    ).toBeVisible();
    await page.goto(`${server.base}/jar/${batchId}?at=shelf`);
    await expect(page.getByText('Held back: disease in the colony.')).toBeVisible();
    await expect(page.getByText(/water not measured/)).toBeVisible();
    await page.getByRole('button', { name: /left the shelf…$/ }).click();
    await page.getByLabel('They were').selectOption('given');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByText(/^Held back: .*Ask the bee inspector/).last()).toBeVisible();

    // Somebody has spoken, in writing: the hold is lifted, the colony cleared.
    await page.getByRole('button', { name: 'Somebody has spoken…' }).click();
    await page.getByLabel('Who said what, in writing').fill('Inspector: no disease, 20 January.');
    await page.getByRole('button', { name: 'Lift the hold' }).click();
    await expect(page.getByText('Held back: disease in the colony.')).toHaveCount(0);
    await page.goto(`${server.base}/look/${hive.id}?comb=7`);
    await fact(page, /^Inspector/, 'Found no disease');
    await verdict(page, 'Take');
  });

  test('fed, treated and long unseen combs say so, each with its age', async ({ page, server }) => {
    const hive = await makeHive(server, 'Louro', 'top-bar', TOP_BAR);
    for (const bar of hive.bars.filter((b) => b.comb)) await look(server, bar.comb!.id);
    const { rules } = await server.read('/rules');
    await server.post('/rules', { ...rules, winterNeedKg: 2 });
    await page.goto(`${server.base}/look/${hive.id}?comb=8`);
    await page.getByRole('button', { name: 'Read, go on' }).click();
    await verdict(page, 'Take');

    // Built before it was treated, leaflet not read: test first; no supers allowed: never.
    await opensColony(page);
    await page.getByRole('button', { name: /^Treated/ }).click();
    await page.getByLabel('On', { exact: true }).fill('2025-11-01');
    await page.getByLabel('Product').fill('Acid strips');
    await page.getByLabel('Waiting time, from its leaflet').fill('10');
    await page.getByRole('button', { name: 'Leaflet not read yet' }).click();
    await verdict(page, 'Test first');
    await expect(page.locator('aside.verdict .why')).toContainText('read the leaflet');
    await page.getByRole('contentinfo').getByRole('button', { name: 'Undo' }).click();
    await verdict(page, 'Take');

    // Fed a week ago, seen full only since: whether it was filled from it is not known.
    await opensColony(page);
    await page.getByRole('button', { name: /^Fed/ }).click();
    await page.getByLabel('On', { exact: true }).fill('2026-01-10');
    await page.getByLabel('How much').fill('2');
    await page.getByRole('button', { name: 'syrup' }).click();
    await verdict(page, 'Test first');
    await expect(page.locator('aside.verdict .why')).toContainText('Fed 2 L syrup on 10 Jan 2026');
    await opensColony(page);
    await page.getByRole('button', { name: /^Fed/ }).click();
    await page
      .getByLabel('It is not in the comb any more, because')
      .fill('these combs were full before');
    await page.getByRole('button', { name: 'Clear what was fed' }).click();
    await verdict(page, 'Take');
  });

  test('a dead colony is asked sign by sign, its brood box read, its comb sorted, its hive closed once', async ({
    page,
    server,
  }) => {
    const hive = await makeHive(server, 'Cambuí', 'framed', {
      broodBoxes: 1,
      supers: 1,
      framesPerSuper: 9,
      framePitchMm: 40,
      combWidthMm: 420,
      superDepthMm: 168,
      broodDepthMm: 240,
      sheet: 'starter',
    });
    const half = { capped: 0.4, open: 0.3, pollen: 0, brood: 0, empty: 0.3 };
    const first = hive.bars.find((b) => b.comb)!;
    await look(server, first.comb!.id, { sides: { A: half, B: half }, depthMm: 138 });
    await page.goto(`${server.base}/look/${hive.id}?comb=${first.slot}`);
    await page.getByRole('button', { name: 'Read, go on' }).click();
    await verdict(page, 'Leave');
    await page.getByRole('button', { name: 'The colony is gone…' }).click();
    await page.getByLabel('The hive is closed against robbers').check();
    await page.getByRole('button', { name: 'It is gone; answer later' }).click();
    await verdict(page, 'Test first');
    // The tick is remembered, though the signs are not answered yet.
    await expect(page.getByText('Close the hive against robbers')).toHaveCount(0);
    await page.getByRole('button', { name: 'Dead colony: checklist…' }).click();
    await expect(page.getByLabel('The hive is closed against robbers')).toBeChecked();
    await answersSign(page, /Heads in empty cells/, 'Yes');
    await expect(page.getByText(/One sign does not clear it, 8 were not looked for/)).toBeVisible();
    await answersTheRest(page);
    await page.getByRole('button', { name: 'Write it down' }).click();
    await verdict(page, 'Take');
    await expect(page.locator('aside.verdict .why')).toContainText('capped apart');
    await page.getByRole('button', { name: 'Read its brood box too' }).click();
    await expect(
      page
        .getByRole('button', { name: /^brood 1, place 1|box 1, place 1|super 1, place 1/ })
        .first(),
    ).toBeVisible();
  });

  test('pots drawn off are empty at once, and nobody draws again this year', async ({
    page,
    server,
  }) => {
    const hive = await makeHive(server, 'Mirim', 'stingless', HIVE_KINDS.stingless.defaults);
    const group = hive.bars.find((b) => b.comb)!;
    const pots = {
      honeySealed: 12,
      honeyOpen: 3,
      pollen: 4,
      empty: 2,
      potWidthMm: 26,
      potHeightMm: 32,
    };
    await look(server, group.comb!.id, { sides: { A: null, B: null }, pots });
    await page.goto(`${server.base}/look/${hive.id}?comb=${group.slot}`);
    await page.getByRole('button', { name: 'Read, go on' }).click();
    await verdict(page, 'Take');
    await expect(page.locator('aside.verdict .why')).toContainText('At most 6 of 12 sealed pots');
    const batchId = randomUUID();
    await server.post('/harvests', {
      visitId: randomUUID(),
      batchId,
      hiveId: hive.id,
      method: 'draw-pots',
      combIds: [group.comb!.id],
      anyway: [],
    });
    await server.post('/takes', {
      id: randomUUID(),
      batchId,
      combId: group.comb!.id,
      outcome: 'taken',
      vesselId: null,
      grossG: 260,
      tareG: 180,
      potsEmptied: 6,
    });
    await page.reload();
    await verdict(page, 'Leave');
    await expect(page.getByText('Pots drawn on 20 Jan 2026. Not looked at since.')).toBeVisible();
    await expect(page.locator('aside.verdict .why')).toContainText('once a year at most');
    await expect(page.getByText('Look for the first time')).toHaveCount(0);
  });

  test('a comb touched before its look is there is answered by that look', async ({
    page,
    server,
  }) => {
    const hive = await makeHive(server, 'Marreca', 'top-bar', TOP_BAR);
    const combs = hive.bars.filter((b) => b.comb);
    for (const bar of combs.slice(1)) await look(server, bar.comb!.id);
    await page.goto(`${server.base}/choose/${hive.id}`);
    const first = combs[0];
    const key = page.getByRole('button', { name: new RegExp(`^Comb ${first.slot},`) });
    await expect(key).toBeVisible();

    // What another hand wrote takes long to come here.
    await page.route('**/api/v1/hives', async (route) => {
      await new Promise((r) => setTimeout(r, 1500));
      await route.continue();
    });
    const asked = page.waitForRequest('**/api/v1/hives');
    const broody = { capped: 0.2, open: 0, pollen: 0, brood: 0.6, empty: 0.2 };
    await look(server, first.comb!.id, { sides: { A: broody, B: broody } });
    await asked;
    await key.click();
    await expect(page.getByText(`Comb ${first.slot} carries brood: it stays.`)).toBeVisible();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  });
});
