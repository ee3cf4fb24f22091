import { randomUUID } from 'node:crypto';
import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import { opensColony } from './colony.js';
import { readFromPhoto } from './comb.js';
import { lift, openTopBar, spareTwoCombs } from './lift.js';
import { liesOnPhone } from './onPhone.js';

const demo = demoHousehold();
test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  // What lies on the phone is what this is about.
  serviceWorkers: 'allow',
});

test('a harvest taken out of reach of the house, the page begun anew in the middle, given back once', async ({
  page,
  context,
}) => {
  await spareTwoCombs(demo);
  await page.goto(`${demo.base}/look?comb=15`);
  await page.getByRole('button', { name: 'Side B' }).tap();
  await page.getByRole('button', { name: 'I see it: set the bands' }).tap();
  await page.getByLabel('Capped, side B').fill('90');
  await page.getByRole('button', { name: 'Side A' }).tap();
  await page.getByRole('button', { name: 'As at the last look' }).tap();
  await page.getByRole('button', { name: 'Write down comb 15' }).tap();
  await page.getByRole('link', { name: 'Go on to Choose' }).tap();
  await page.waitForURL(/\/choose/);
  await lift(page, 15);
  await lift(page, 14);
  await page.getByRole('button', { name: 'Go on to Ready' }).tap();
  await page.getByRole('button', { name: /go to Take/ }).tap();
  await expect(page).toHaveURL(/\/take\//);
  const batchId = page.url().split('/').at(-1)!;
  await liesOnPhone(page);

  await context.setOffline(true);
  const strip = page.getByRole('contentinfo');
  await openTopBar(page);
  await expect(page.getByRole('heading', { name: 'Lift bar 15' })).toBeVisible();
  await page.getByRole('button', { name: 'In the tub' }).tap();
  await page.getByLabel(/^Gross weight/).fill('3.4');
  await page.getByLabel(/^Tare/).fill('1.2');
  await page.getByRole('button', { name: 'Write it down', exact: true }).tap();
  await expect(page.getByRole('heading', { name: 'Lift bar 14' })).toBeVisible();
  await expect(strip.getByRole('button', { name: /waiting$/ })).toBeVisible();

  await page.reload();
  await expect(page.getByRole('heading', { name: 'Lift bar 14' })).toBeVisible();
  await page.getByRole('button', { name: 'In the tub' }).tap();
  await page.getByRole('button', { name: 'Weigh it later' }).tap();
  await expect(page.getByRole('heading', { name: 'Put the bars back' })).toBeVisible();
  await strip.getByRole('button', { name: /waiting$/ }).tap();
  const waiting = page.getByRole('dialog', { name: 'Not in the house yet' });
  await expect(waiting.getByText(/Comb 15 taken/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'All bars in' }).tap();
  await page.getByRole('button', { name: 'Hive is closed' }).tap();
  await page.getByRole('button', { name: 'Done, on to the bench' }).tap();
  await expect(page).toHaveURL(/\/cut\//);

  expect((await demo.read('/harvests/{id}', batchId)).takes).toEqual([]);
  await context.setOffline(false);
  await expect(strip.getByRole('button', { name: /waiting$/ })).toHaveCount(0);
  const { batch, takes, marks, lots } = await demo.read('/harvests/{id}', batchId);
  expect(batch.stage).toBe('cut');
  expect(takes.map(({ slot, netG }) => [slot, netG])).toEqual([
    [15, 2200],
    [14, null],
  ]);
  expect(new Set(marks.map(({ stepId }) => stepId)).size).toBe(marks.length);
  expect(lots.find(({ kind }) => kind === 'comb')?.nowG).toBe(2200);
});

test('a comb looked at out of reach is judged at once, stands over a page begun anew, and is taken back or sent', async ({
  page,
  context,
}) => {
  const looksNow = async (): Promise<number> => {
    const { items } = await demo.read('/hives');
    const bars = items.find(({ name }) => name === 'Ipê')!.bars;
    return bars.find(({ slot }) => slot === 12)!.comb!.looks.length;
  };
  const before = await looksNow();
  await page.goto(`${demo.base}/look?comb=12`);
  await expect(page.getByRole('button', { name: 'More brood' })).toBeVisible();
  await liesOnPhone(page);
  await context.setOffline(true);
  const strip = page.getByRole('contentinfo');
  const waits = strip.getByRole('button', { name: /waiting$/ });
  await page.getByRole('button', { name: 'More brood' }).tap();
  await page.getByRole('button', { name: 'Write down comb 12' }).tap();
  await expect(waits).toHaveText('1 waiting');
  await expect(page.getByRole('button', { name: 'Comb 12, leave' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Comb 12, leave' })).toBeVisible();
  await waits.tap();
  await page.getByRole('button', { name: /^Take it back/ }).tap();
  await expect(waits).toHaveCount(0);

  await page.getByRole('button', { name: 'More brood' }).tap();
  await page.getByRole('button', { name: 'Write down comb 12' }).tap();
  await expect(waits).toHaveText('1 waiting');
  expect(await looksNow()).toBe(before);
  await context.setOffline(false);
  await expect(waits).toHaveCount(0);
  await expect.poll(looksNow).toBe(before + 1);
});

test('two phones that said different things of one colony: both are shown, and one is said to stand', async ({
  page,
  context,
}) => {
  const colony = async () => {
    const { items } = await demo.read('/hives');
    return items.find(({ name }) => name === 'Ipê')!.colony!;
  };
  const tempers = async (): Promise<string[]> =>
    (await colony()).facts.flatMap(({ fact }) => (fact.kind === 'temper' ? [fact.temper] : []));
  await page.goto(`${demo.base}/look?comb=12`);
  await expect(page.getByRole('button', { name: 'More brood' })).toBeVisible();
  await liesOnPhone(page);
  await context.setOffline(true);
  await opensColony(page);
  await page.getByRole('button', { name: /^Temper / }).tap();
  await page.getByRole('button', { name: 'defensive', exact: true }).tap();
  const strip = page.getByRole('contentinfo');
  await expect(strip.getByRole('button', { name: '1 waiting' })).toBeVisible();

  const { id: colonyId } = await colony();
  await demo.post('/colonyFacts', {
    id: randomUUID(),
    colonyId,
    on: '2026-03-14',
    fact: { kind: 'temper', temper: 'nervous' },
  });
  await context.setOffline(false);
  await strip.getByRole('button', { name: /refused$/ }).tap();
  const dialog = page.getByRole('dialog', { name: 'Not in the house yet' });
  await expect(dialog.getByText('Temper of the bees noted: nervous')).toBeVisible();
  await expect(dialog.getByText(/: defensive$/)).toBeVisible();
  await dialog.getByRole('button', { name: 'What I wrote here stands' }).tap();
  await expect(dialog).toHaveCount(0);
  await expect.poll(async () => (await tempers()).at(-1)).toBe('defensive');
  expect(await tempers()).not.toContain('nervous');
});

test('an empty box set in below and a photo of a comb, out of reach of the house; both arrive once', async ({
  page,
  context,
}) => {
  const strip = page.getByRole('contentinfo');
  const waits = strip.getByRole('button', { name: /waiting$/ });
  const pile = async () => {
    const { items } = await demo.read('/hives');
    return items.find(({ kind }) => kind === 'warre')!;
  };
  const before = await pile();
  await page.goto(`${demo.base}/look/${before.id}`);
  const setIn = page.getByRole('button', { name: 'Set an empty box in below' });
  await expect(setIn).toBeVisible();
  await page.goto(`${demo.base}/look?comb=12`);
  await expect(page.getByRole('button', { name: 'From a photo…' })).toBeVisible();
  await liesOnPhone(page);

  await context.setOffline(true);
  await page.goto(`${demo.base}/look/${before.id}`);
  await setIn.tap();
  await expect(waits).toHaveText('1 waiting');
  await page.reload();
  await expect(waits).toHaveText('1 waiting');
  expect((await pile()).boxes).toHaveLength(before.boxes.length);

  await page.goto(`${demo.base}/look?comb=12`);
  await readFromPhoto(page, 'first-12');
  await page.getByRole('button', { name: 'Keep this reading' }).tap();
  await expect(waits).toHaveText('2 waiting');
  await page.getByRole('button', { name: 'Write down comb 12' }).tap();
  await expect(waits).toHaveText('3 waiting');
  await waits.tap();
  await expect(
    page.getByRole('dialog').getByRole('listitem').filter({ hasText: 'Photo of Bar 12, side A.' }),
  ).toBeVisible();
  await page.keyboard.press('Escape');

  await context.setOffline(false);
  await expect(waits).toHaveCount(0);
  const after = await pile();
  expect(after.boxes.map(({ carrierId }) => carrierId).slice(1)).toEqual(
    before.boxes.map(({ carrierId }) => carrierId),
  );
  const { items } = await demo.read('/hives');
  const bar = items.find(({ name }) => name === 'Ipê')!.bars.find(({ slot }) => slot === 12)!;
  const { photos } = bar.comb!.looks.at(-1)!;
  const photoId = photos.A ?? photos.B;
  const picture = await page.request.get(`${demo.base}/api/v1/photos/${photoId}`);
  expect([picture.status(), picture.headers()['content-type']]).toEqual([200, 'image/jpeg']);
});

test('a phone whose clock is three hours off says so, and what it writes alone stands in its own time', async ({
  page,
  context,
}) => {
  const here = await demo.read('/clocks');
  await page.clock.install({ time: Date.parse(here.now) + 3 * 3_600_000 });
  await page.goto(`${demo.base}/look?comb=13`);
  const strip = page.getByRole('contentinfo');
  await expect(strip.getByText(/clock is 3 h ahead/)).toBeVisible();
  await liesOnPhone(page);
  await context.setOffline(true);
  await page.reload();
  await page.getByRole('button', { name: 'More brood' }).tap();
  await page.getByRole('button', { name: 'Write down comb 13' }).tap();
  const waits = strip.getByRole('button', { name: /waiting$/ });
  await expect(waits).toHaveText('1 waiting');
  await context.setOffline(false);
  await expect(waits).toHaveCount(0);
  const { items } = await demo.read('/hives');
  const bar = items.find(({ name }) => name === 'Ipê')!.bars.find(({ slot }) => slot === 13)!;
  const minutesOff =
    (Date.parse(bar.comb!.looks.at(-1)!.occurredAt) -
      Date.parse((await demo.read('/clocks')).now)) /
    60_000;
  expect(Math.abs(minutesOff)).toBeLessThan(10);
});

test('what waits on a phone that finds no way home is taken in by another, and written once', async ({
  page,
  context,
  browser,
}) => {
  const looks = async (): Promise<number> => {
    const { items } = await demo.read('/hives');
    const bars = items.find(({ name }) => name === 'Ipê')!.bars;
    return bars.find(({ slot }) => slot === 11)!.comb!.looks.length;
  };
  const before = await looks();
  await page.goto(`${demo.base}/look?comb=11`);
  await expect(page.getByRole('button', { name: 'More brood' })).toBeVisible();
  await liesOnPhone(page);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'More brood' }).tap();
  await page.getByRole('button', { name: 'Write down comb 11' }).tap();
  const waits = page.getByRole('contentinfo').getByRole('button', { name: /waiting$/ });
  await waits.tap();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it all as a file' }).tap();
  const file = await (await saved).path();

  const other = await browser.newPage();
  await other.goto(`${demo.base}/rules?at=house`);
  const takeIn = other.getByLabel('File of another device to take in');
  await takeIn.setInputFiles(file);
  await expect(other.getByText('1 entry taken in')).toBeVisible();
  await expect.poll(looks).toBe(before + 1);
  await takeIn.setInputFiles({
    name: 'notes.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{}'),
  });
  await expect(other.getByRole('alert').getByText('Nothing was taken in.')).toBeVisible();
  await other.close();

  await page.keyboard.press('Escape');
  await context.setOffline(false);
  await expect(waits).toHaveCount(0);
  expect(await looks()).toBe(before + 1);
});
