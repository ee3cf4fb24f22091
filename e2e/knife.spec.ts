import { randomUUID } from 'node:crypto';
import { expect, test, type Page } from '@playwright/test';
import { picturePath, setCorners, showExamples } from './comb.js';
import type { Answer } from './api.js';
import { OwnServer } from './ownServer.js';
import { boxAtRest } from './boxAtRest.js';

/**
 * Comb honey by the browser: from a photo of the comb to packed, frozen, labelled pieces and two
 * chunk jars.
 */
type Detail = Answer<'/harvests/{id}'>;
const touch = (page: Page, name: string | RegExp): Promise<void> =>
  page
    .getByRole('button', { name, exact: typeof name === 'string' })
    .first()
    .click();
const at = (page: Page, name: string): Promise<void> =>
  page.getByRole('group', { name: 'Where at the bench' }).getByRole('button', { name }).click();

test.describe.configure({ mode: 'serial' });
test.slow();
const server = new OwnServer('2026-03-14T12:00:00Z');
let batchId = '';
const detail = (): Promise<Detail> => server.read('/harvests/{id}', batchId);
test.beforeAll(() => server.startDemo());
test.afterAll(() => server.end());

test('a comb read from a photo is taken, and lies on the board with its flaws', async ({
  page,
}) => {
  const { items } = await server.read('/hives');
  const hive = items.find((h) => h.name === 'Ipê')!;
  await page.goto(`${server.base}/look`);
  await page.getByRole('button', { name: /^Comb 13/ }).click();
  await touch(page, 'From a photo…');
  await page.getByLabel('Photo of the comb').setInputFiles(picturePath('first-12'));
  await expect(page.getByText('Drag the four corners')).toBeVisible();
  await setCorners(page, 'first-12');
  for (const [word, content] of [
    ['Capped', 'capped'],
    ['Open', 'open'],
    ['Empty', 'empty'],
    ['Pollen', 'pollen'],
  ])
    await showExamples(page, 'first-12', word, content, (x, y) => page.mouse.click(x, y));
  await touch(page, 'Read the cells');
  await expect(page.getByText(/\d+ cells: \d+ % capped/)).toBeVisible({ timeout: 30_000 });
  await touch(page, 'Keep this reading');
  await touch(page, 'Write down comb 13');
  await expect(page.getByText('Comb 13 written down.')).toBeVisible();
  const combIds = [13, 12].map((slot) => hive.bars.find((b) => b.slot === slot)!.comb!.id);
  batchId = randomUUID();
  await server.post('/harvests', {
    visitId: randomUUID(),
    batchId,
    hiveId: hive.id,
    method: 'cut',
    combIds,
    anyway: combIds.map((combId) => ({ combId, reason: 'Chosen for a rehearsal' })),
  });
  const day = { startLocal: '2026-03-14T09:00', kitchenTemperatureC: 24, moisturePercent: 17.9 };
  await server.post('/harvests/{id}/plan', day, { id: batchId });
  for (const combId of combIds)
    await server.post('/takes', {
      id: randomUUID(),
      batchId,
      combId,
      outcome: 'taken',
      vesselId: null,
      grossG: 4040,
      tareG: 1240,
    });
  await server.post('/harvests/{id}/stage', { stage: 'cut' }, { id: batchId });
  await page.goto(`${server.base}/cut/${batchId}`);
  await page
    .getByRole('navigation', { name: 'Combs' })
    .getByRole('button', { name: /comb 13/ })
    .click();
  await touch(page, 'Lay it on the board');
  await expect(page.getByText(/cm² without a flaw/)).toBeVisible();
  const kinds = (await detail()).boards[0].flaws.map((f) => f.kind);
  expect(kinds).toEqual(expect.arrayContaining(['edge', 'open']));
  // A crack drawn with the finger is a flaw of its own, and can be rubbed out again.
  await touch(page, 'crack');
  const comb = await boxAtRest(page.getByRole('img', { name: /on the board/ }));
  await page.mouse.move(comb.x + 120, comb.y + 60);
  await page.mouse.down();
  await page.mouse.move(comb.x + 128, comb.y + 130, { steps: 4 });
  await page.mouse.up();
  await expect
    .poll(async () => (await detail()).boards[0].flaws.filter((f) => f.kind === 'crack').length)
    .toBe(1);
});

test('where the comb is thin, drawn with its millimetres, a box it would not fill stays off it', async ({
  page,
}) => {
  await page.goto(`${server.base}/cut/${batchId}`);
  await page
    .getByRole('navigation', { name: 'Combs' })
    .getByRole('button', { name: /comb 13/ })
    .click();
  await touch(page, 'another thickness');
  await page.getByLabel('Thick there').fill('10');
  await page.getByText('Or by numbers').click();
  for (const [label, mm] of [
    ['From the left', '0'],
    ['Below the bar', '0'],
    ['Wide', '120'],
    ['High', '300'],
  ])
    await page.getByLabel(label, { exact: true }).fill(mm);
  await touch(page, 'Draw it');
  await expect(page.getByText('10 mm thick')).toBeVisible();
  await expect(page.getByText(/mm thick, one place measured apart/)).toBeVisible();
  await touch(page, 'another thickness');
  await page.getByRole('checkbox', { name: 'Cut for Wide jar 700' }).uncheck();
  await touch(page, 'Find the best cuts');
  await expect(page.getByRole('heading', { name: /^Plan 1 of/ })).toBeVisible({ timeout: 20_000 });
  const thin = await boxAtRest(page.locator('svg rect[stroke-dasharray="3 5"]'));
  const cups = page
    .getByRole('img', { name: /on the board/ })
    .getByRole('button', { name: /^Sample cup/ });
  expect(await cups.count()).toBeGreaterThan(0);
  for (const piece of await cups.all())
    expect((await boxAtRest(piece)).x).toBeGreaterThan(thin.x + thin.width - 6);
  await page.getByRole('button', { name: 'Put the plans away' }).click();
  await touch(page, 'Rub out');
  await page.getByText('10 mm thick').click({ force: true });
  await expect(page.getByText('10 mm thick')).toHaveCount(0);
  await touch(page, 'Rub out');
});

test('the best cuts are found and kept; one piece cracks and the rest is planned anew', async ({
  page,
}) => {
  await page.goto(`${server.base}/cut/${batchId}`);
  await page
    .getByRole('navigation', { name: 'Combs' })
    .getByRole('button', { name: /comb 13/ })
    .click();
  // Strips come from the other comb.
  await page.getByRole('checkbox', { name: 'Cut for Wide jar 700' }).uncheck();
  await touch(page, 'Find the best cuts');
  await expect(page.getByRole('heading', { name: /^Plan 1 of/ })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText(/nothing better on 5 mm/)).toBeVisible();
  await touch(page, 'Keep this plan');
  await expect(page.getByRole('button', { name: /^Cut 1 of \d+ made/ })).toBeVisible();
  const planned = (await detail()).pieces.length;
  expect(planned).toBeGreaterThan(2);
  await touch(page, /^Cut 1 of/);
  await expect(page.getByRole('button', { name: /^Cut 2 of/ })).toBeVisible();
  const board = page.getByRole('img', { name: /on the board/ });
  await board.getByRole('button').last().click();
  await touch(page, 'This one cracked');
  await expect(board.getByRole('button', { name: /cracked/ })).toHaveCount(1);
  await expect(page.getByText(/\d+ to \d+ likely|\d+ likely/)).toBeVisible();
  const again = await detail();
  expect(again.pieces.filter((p) => p.state === 'cracked')).toHaveLength(1);
  expect(again.boards[0].cutsDone).toBe(1);
  for (let i = 0; i < 60; i++) {
    const next = page.getByRole('button', { name: /^(Cut \d+ of \d+ made|Last cut made)$/ });
    const name = await next.textContent();
    await next.click();
    await expect(page.getByRole('button', { name: name!, exact: true })).toHaveCount(0);
    if (name === 'Last cut made') break;
  }
  await expect(page.getByRole('heading', { name: 'All cut' })).toBeVisible();
  expect((await detail()).pieces.every((p) => p.state !== 'planned')).toBe(true);
});

test('both combs stand in the batch; the second is planned against the stock, stopped and kept', async ({
  page,
}) => {
  await page.goto(`${server.base}/cut/${batchId}?at=batch`);
  await touch(page, 'Lay it on the board');
  await touch(page, 'Plan 1 comb together');
  await touch(page, /^(Stop|Keep these plans)$/);
  await page.reload();
  await expect
    .poll(async () => (await detail()).pieces.filter((p) => p.state === 'planned').length)
    .toBeLessThanOrEqual(40);
  // For the rehearsal only strips are cut from it.
  await at(page, 'Board');
  await page
    .getByRole('navigation', { name: 'Combs' })
    .getByRole('button', { name: /comb 12/ })
    .click();
  const anew = page.getByRole('button', { name: 'Plan it anew' });
  const find = page.getByRole('button', { name: 'Find the best cuts' });
  await expect(anew.or(find).first()).toBeVisible();
  if (await find.isVisible())
    for (const box of ['Cut for Flat box 250', 'Cut for Sample cup'])
      await page.getByRole('checkbox', { name: box }).uncheck();
  await anew.or(find).first().click();
  await expect(page.getByRole('heading', { name: /^Plan 1 of/ })).toBeVisible({ timeout: 20_000 });
  await touch(page, 'Keep this plan');
  await expect(page.getByRole('button', { name: /^Cut 1 of/ })).toBeVisible();
  const svg = await page.request.get(
    `${server.base}/api/v1/cutBoards/${(await detail()).boards[1].id}/template.svg`,
  );
  expect(await svg.text()).toContain('100 mm if printed at 100 %');
});

test('frozen and thawed by the clock, weighed, graded, packed and labelled; two chunk jars; the book balances', async ({
  page,
}) => {
  const now = await detail();
  const second = now.boards[1];
  for (const done of [second.cuts.length])
    await server.patch('/cutBoards/{id}', second.id, { cutsDone: done, done: true });
  await page.goto(`${server.base}/cut/${batchId}?at=cold`);
  await touch(page, 'Into the freezer now');
  await expect(page.getByText(/it may come out/)).toBeVisible();
  await expect(page.getByRole('contentinfo', { name: 'Clocks and messages' })).toContainText(
    /may come out of the freezer in \d+ h/,
  );
  await touch(page, 'Out of the freezer, closed');
  await expect(page.getByText(/it may be unwrapped/)).toBeVisible();
  await touch(page, 'Unwrapped');
  await expect
    .poll(async () => (await detail()).keepings.map((k) => k.endedAt !== null))
    .toEqual([true, true]);

  await at(page, 'Weigh and pack');
  const first = page.getByRole('button', { name: /^Read the scale for/ }).first();
  await first.click();
  await expect(page.getByText('read from the practice scale').first()).toBeVisible();
  await page.getByRole('button', { name: 'Write', exact: true }).first().click();
  await expect(
    page.getByRole('button', { name: /^Pack 1 into|^Fill 1 chunk jar/ }).first(),
  ).toBeVisible();
  for (const p of (await detail()).pieces.filter((x) => x.state === 'cut' && x.netG === null))
    await server.patch('/cutPieces/{id}', p.id, { netG: p.midG });
  const drain = (await server.read('/harvests')).items.find((b) => b.stage === 'drain')!;
  const { drains } = await server.read('/harvests/{id}', drain.id);
  await server.post('/drainEvents', {
    id: randomUUID(),
    drainId: drains[0].id,
    kind: 'draw-off',
    g: 1100,
    minutes: 2,
  });
  await page.reload();
  const packs = page.getByRole('button', { name: /^Pack \d+ into/ });
  await expect(packs.first()).toBeVisible();
  for (let left = await packs.count(); left > 0; left--) {
    await packs.first().click();
    await expect(packs).toHaveCount(left - 1);
  }
  await page.getByRole('checkbox', { name: /Honey of another harvest/ }).check();
  await touch(page, /^Fill 2 chunk jars/);
  await expect(page.getByText(/2 chunk jars, the lightest/)).toBeVisible();
  const labels = await page.request.get(
    new URL(
      (await page.getByRole('link', { name: 'Labels' }).first().getAttribute('href'))!,
      server.base,
    ).href,
  );
  expect(labels.headers()['content-type']).toContain('application/pdf');
  await at(page, 'What came of it');
  await touch(page, /left the shelf…$/);
  await page.getByLabel('They were').selectOption({ label: 'Given' });
  await page.getByLabel('To whom, if you like').fill('Dona Lurdes');
  await touch(page, 'Write it down');
  await expect(page.getByRole('status')).toContainText('1 given.');
  const end = await detail();
  expect(end.balanced).toBe(true);
  expect(end.outs.map((o) => o.fate)).toEqual(['given']);
  expect(end.lots.find((l) => l.kind === 'jars')).toMatchObject({ count: 2 });
  await page.goto(`${server.base}/book/${batchId}`);
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
  // From the code on a label back to the comb, however it is typed.
  const { code } = end.lots.find((l) => l.kind === 'jars')!;
  await page.getByLabel('Where is a jar from? Its code').fill('IPE-nothing');
  await touch(page, 'Trace it');
  await expect(page.getByText(/No lot has the code "IPE-nothing"/)).toBeVisible();
  await page
    .getByLabel('Where is a jar from? Its code')
    .fill(code!.toLowerCase().replaceAll('-', ' '));
  await touch(page, 'Trace it');
  const trace = page.getByRole('region', { name: `Trace of ${code}` });
  await expect(trace.getByRole('heading', { name: `Where it is from: ${code}` })).toBeVisible();
  await expect(trace.getByRole('row', { name: /Ipê, comb/ }).first()).toContainText('%');
});
