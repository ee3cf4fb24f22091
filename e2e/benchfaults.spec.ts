import { expect, test } from '@playwright/test';
import { OwnServer } from './ownServer.js';

/** What goes wrong at a bench: each handled on the screen, nothing counted twice, nothing lost. */
const server = new OwnServer('2026-03-14T18:12:00Z');
test.describe.configure({ mode: 'serial' });
test.beforeAll(() => server.startDemo());
test.afterAll(() => server.end());
let batchId = '';
const drain = async () => (await server.read('/harvests/{id}', batchId)).drains[0];
test.beforeAll(async () => {
  const { items } = await server.read('/harvests');
  batchId = items.find((b) => b.stage === 'drain')!.id;
});

test('a scale unplugged in mid-pour is said; the last steady weight and what was typed stay', async ({
  page,
}) => {
  await page.goto(`${server.base}/drain/${batchId}`);
  await page.getByRole('button', { name: 'Weigh…' }).click();
  await expect(page.getByText('practice scale')).toBeVisible();
  await page.getByLabel('Gross, lower vessel and honey').fill('2,1 kg');
  await page.getByText("The scale's own keys").click();
  await page.getByRole('button', { name: 'Pull its plug' }).click();
  await expect(page.getByRole('alert').getByText(/The scale is silent since .*/)).toBeVisible();
  await expect(page.getByText(/It last showed \d\.\d{3} kg/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Read the scale' })).toBeDisabled();
  await expect(page.getByLabel('Gross, lower vessel and honey')).toHaveValue('2,1 kg');
  await page.getByRole('button', { name: 'Plug it in' }).click();
  await expect(page.getByRole('button', { name: 'Read the scale' })).toBeEnabled();
  expect((await drain()).weighings).toHaveLength(4);
});

test('what was typed outlives a restart of the server, and the clock goes on', async ({ page }) => {
  const parts = page.waitForResponse(/assets\/written-.*\.js$/);
  await page.goto(`${server.base}/drain/${batchId}`);
  await page.getByRole('button', { name: 'Weigh…' }).click();
  await page.getByLabel('Gross, lower vessel and honey').fill('2,31 kg');
  await (await parts).finished();
  // And what that part itself is made of.
  await page.waitForTimeout(1500);
  await server.stop();
  await page.getByRole('button', { name: 'Write down 2.00 kg' }).click();
  // It is kept on the device and stands at once; the house has it as soon as it is back.
  const waits = page.getByRole('contentinfo').getByRole('button', { name: '1 waiting' });
  await expect(waits).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'weighed 2.00 kg' })).toHaveCount(1);
  await server.start();
  await expect(waits).toHaveCount(0);
  await expect(page.getByRole('listitem').filter({ hasText: 'weighed 2.00 kg' })).toHaveCount(1);
  expect((await drain()).weighings.filter((w) => w.netG === 2000)).toHaveLength(1);
  await page.reload();
  await expect(page.locator('.clock.display')).toHaveAttribute('aria-label', /^5 hours/);
});

test('weight that went down is asked about; the forgotten draw-off settles it', async ({
  page,
}) => {
  await page.goto(`${server.base}/drain/${batchId}`);
  // Two minutes ahead of the one before, so that they are not one moment.
  await server.post(
    '/weighings',
    {
      id: crypto.randomUUID(),
      drainId: (await drain()).id,
      grossG: 900,
      tareG: 310,
      source: 'hand',
    },
    {
      at: new Date(
        Date.parse((await drain()).weighings.at(-1)!.occurredAt) + 120_000,
      ).toISOString(),
    },
  );
  await expect(page.getByText(/less than before, and no draw-off is written down/)).toBeVisible();
  await page.getByRole('button', { name: /^I drew off/ }).click();
  await expect(page.getByText(/no draw-off is written down/)).toHaveCount(0);
  expect((await drain()).events.filter((e) => e.kind === 'draw-off').map((e) => e.g)).toEqual([
    1410,
  ]);
});

test('two weighings at one minute are asked about, one is left out and can be counted again', async ({
  page,
}) => {
  await page.goto(`${server.base}/drain/${batchId}`);
  const at = (await drain()).weighings.at(-1)!.occurredAt;
  await server.post(
    '/weighings',
    {
      id: crypto.randomUUID(),
      drainId: (await drain()).id,
      grossG: 960,
      tareG: 310,
      source: 'hand',
    },
    { at },
  );
  await expect(page.getByText(/Two weighings at .*60 g apart/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave this weighing out' }).click();
  await expect(page.getByText(/Two weighings at/)).toHaveCount(0);
  await expect(page.getByRole('listitem').filter({ hasText: 'left out' })).toHaveCount(1);
  expect((await drain()).weighings.filter((w) => w.leftOut)).toHaveLength(1);
  await page.getByRole('button', { name: 'Count it again' }).click();
  await expect(page.getByText(/Two weighings at/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave this weighing out' }).click();
  await expect(page.getByText(/Two weighings at/)).toHaveCount(0);
});

test("a phone whose clock is three hours ahead: said, and written by the server's clock", async ({
  page,
}) => {
  const { now } = await server.read('/clocks');
  await page.clock.install({ time: new Date(Date.parse(now) + 3 * 3_600_000) });
  await page.goto(`${server.base}/drain/${batchId}`);
  await expect(
    page.getByText(/This device's clock is 3 h( \d+ min)? ahead: Furrow writes by its own/),
  ).toBeVisible();
  await page
    .getByRole('button', { name: /^Stir|^Mash again/ })
    .first()
    .click();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /stirred|mashed again/ })
      .first(),
  ).toBeVisible();
  const { items } = await server.read('/journal');
  expect(Math.abs(Date.parse(items[0].occurredAt) - Date.parse(items[0].recordedAt))).toBeLessThan(
    60_000,
  );
});

test('the same tap twice is one entry', async ({ page }) => {
  await page.goto(`${server.base}/drain/${batchId}`);
  const before = (await drain()).events.length;
  await page.getByRole('button', { name: 'Mash again' }).dblclick();
  await expect.poll(async () => (await drain()).events.length).toBe(before + 1);
  await page.waitForTimeout(600);
  expect((await drain()).events.length).toBe(before + 1);
});

test('readings are kept in a row, go out as SenML and come in again without being counted twice', async ({
  page,
}) => {
  await page.goto(`${server.base}/drain/${batchId}`);
  await page.getByRole('button', { name: /^Weigh(…| )/ }).click();
  await page.getByRole('button', { name: 'Keep in a row' }).click();
  await expect(page.getByRole('button', { name: /^Keeping: [1-9]/ })).toBeVisible({
    timeout: 25_000,
  });
  await page.getByRole('button', { name: 'Put it away' }).click();
  const { readings } = (await server.read('/harvests/{id}', batchId)).drains[0];
  expect(readings.length).toBeGreaterThan(3);
  await page.getByRole('button', { name: 'Readings…' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: /Take the readings out/ }).click(),
  ]);
  const file = await download.path();
  await page.getByLabel(/Bring readings in/).setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('[{"n":"x","u":"lux","v":1}]'),
  });
  await expect(page.getByText(/has the unit "lux".*Nothing was changed/)).toBeVisible();
  await page.getByLabel(/Bring readings in/).setInputFiles(file);
  await expect(page.getByText(/This will come in:/)).toBeVisible();
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByRole('status')).toContainText(/were there already/);
  // A reading of the refractometer comes in too; it stands beside the drain like one typed there.
  const moisture = [
    { n: 'refractometer:moisture', u: '/', t: Date.parse(readings[0].at) / 1000, v: 0.184 },
  ];
  await page.getByLabel(/Bring readings in/).setInputFiles({
    name: 'water.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(moisture)),
  });
  await expect(page.getByText(/1 readings? of water/)).toBeVisible();
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect
    .poll(async () =>
      (await server.read('/harvests/{id}', batchId)).drains[0].events
        .filter((e) => e.kind === 'moisture')
        .map((e) => e.moisturePercent),
    )
    .toEqual([18.4]);
});
