import { randomUUID } from 'node:crypto';
import { expect, test, type Page } from '@playwright/test';
import { leavesStep, openTopBar } from './lift.js';
import type { Answer } from './api.js';
import { OwnServer } from './ownServer.js';
import { weighDrawnOff, weighLowerHoney, weighPressed, weighWetWax } from './weigh.js';

/**
 * Whole days by the browser, from smoke to the closed mass, with a clock that runs twenty minutes a
 * second.
 */
const NOW = '2026-03-14T11:00:00Z*1200';
type Detail = Answer<'/harvests/{id}'>;
const touch = (page: Page, name: string | RegExp): Promise<void> =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click();
/** What the field shows after the scale was read, in grams. */
async function shown(page: Page, label: string): Promise<number> {
  const field = page.getByLabel(label);
  await expect(field).toHaveValue(/^\d+\.\d{3} kg$/);
  return Math.round(Number.parseFloat(await field.inputValue()) * 1000);
}
async function weighLower(page: Page): Promise<void> {
  await touch(page, /^Weigh(…| )/);
  await page.getByLabel('Gross, lower vessel and honey').fill('');
  await touch(page, 'Read the scale');
  await shown(page, 'Gross, lower vessel and honey');
  // Where no vessel of the kit stands under it, its tare is asked.
  const tare = page.getByLabel('Tare', { exact: true });
  if ((await tare.inputValue()) === '') await tare.fill('0');
  await touch(page, /^Write down/);
  await expect(page.getByLabel('Gross, lower vessel and honey')).toHaveCount(0);
}
/**
 * Closes the drain with all but a few grams as wet wax, as a careful person's scale would have it.
 */
async function close(
  page: Page,
  server: OwnServer,
  batchId: string,
  honeyG: number,
  pressedG = 0,
): Promise<Detail> {
  const crushed = (await server.read('/harvests/{id}', batchId)).lots.find(
    (l) => l.kind === 'crushed',
  )!;
  await touch(page, 'Stop draining…');
  const dialog = page.getByRole('dialog');
  await weighLowerHoney(dialog, `${honeyG - pressedG} g`);
  // The weight of the last turn stands there already.
  if (pressedG)
    await expect(dialog.getByLabel('Gross, pressed honey and its vessel')).toHaveValue(
      `${pressedG / 1000} kg`,
    );
  if (pressedG) await dialog.getByLabel(/^Tare, the vessel of the pressed honey/).fill('0');
  await weighWetWax(dialog, `${crushed.nowG - honeyG - 75} g`);
  await touch(page, '+ dead bees');
  await page.getByLabel('Weight, 1').fill('30 g');
  await expect(page.getByText('45 g less came out than went in')).toBeVisible();
  await touch(page, 'Close this drain');
  await expect(page.getByRole('heading', { name: /settles$/ })).toBeVisible();
  return server.read('/harvests/{id}', batchId);
}

test.describe('a rehearsed day', () => {
  test.slow();
  test('two combs crushed: smoke, stings, scale, stir, draw-off, close', async ({ page }) => {
    const server = new OwnServer(NOW);
    await server.startDemo();
    try {
      const { batchId } = await server.harvest('Ipê', [15, 14], 'crush');
      await page.goto(`${server.base}/take/${batchId}`);
      await openTopBar(page);
      await touch(page, 'Something went otherwise…');
      await touch(page, 'Sting');
      await expect(page.getByRole('dialog').getByText(/Scrape the sting off/)).toBeVisible();
      await touch(page, 'Done, go on');
      await expect(page.getByText(/1 sting$/)).toBeVisible();
      for (const bar of [15, 14]) {
        await expect(page.getByRole('heading', { name: `Lift bar ${bar}` })).toBeVisible();
        await touch(page, 'In the tub');
        await touch(page, 'Read the scale');
        await shown(page, 'Gross weight, vessel and comb');
        await touch(page, 'Write it down');
      }
      await touch(page, 'All bars in');
      await touch(page, 'Hive is closed');
      await touch(page, 'Done, on to the bench');
      await touch(page, 'Crushed: start the clock');
      await expect(page.getByText(/draining since/)).toBeVisible();
      await weighLower(page);
      // The stir is due by the house rule; the strip says so and the one large key does it.
      await touch(page, /^Stir/);
      await expect(page.getByRole('listitem').filter({ hasText: 'stirred' })).toHaveCount(1);
      await weighLower(page);
      const [{ weighings }] = (await server.read('/harvests/{id}', batchId)).drains;
      await touch(page, /^Draw off/);
      await weighDrawnOff(page, `${Math.max(50, weighings.at(-1)!.netG - 60)} g`);
      await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
      await expect(page.getByRole('listitem').filter({ hasText: 'drew off' })).toHaveCount(1);
      await expect
        .poll(async () => page.locator('.clock.display').getAttribute('aria-label'), {
          timeout: 60_000,
        })
        .toMatch(/^([6-9]|\d\d) hours/);
      await weighLower(page);
      const last = (await server.read('/harvests/{id}', batchId)).drains[0].weighings.at(-1)!;
      const detail = await close(page, server, batchId, last.netG);
      expect([detail.balanced, detail.lossG]).toEqual([true, 75]);
      expect(detail.incidents.map((i) => i.kind)).toEqual(['sting']);
      expect(detail.takes.every((t) => t.netG! > 500)).toBe(true);
    } finally {
      await server.end();
    }
  });

  test('a pile box dripped and pressed: driven down, parted, weighed full and empty, turns and rests', async ({
    page,
  }) => {
    const server = new OwnServer(NOW);
    await server.startDemo();
    try {
      await server.post('/vessels', {
        id: randomUUID(),
        name: 'Large pail',
        role: 'lower',
        volumeL: 14,
        tareG: 600,
        innerDiameterMm: 250,
      });
      const { batchId } = await server.harvest(
        'Cedro',
        [401, 402, 403, 404, 405, 406, 407, 408],
        'drip-press',
      );
      await page.goto(`${server.base}/take/${batchId}`);
      for (const key of [
        'All here',
        'Smoked',
        'Go on',
        'Smoked again',
        'Go on',
        'They are down',
        'Parted',
      ]) {
        const title = page.locator('h2.instruction');
        const before = await title.textContent();
        await touch(page, key);
        await leavesStep(page, before!);
      }
      // Nothing goes on before it was looked at from beneath.
      await expect(page.getByRole('button', { name: 'Nothing but honey' })).toBeDisabled();
      await page.getByRole('checkbox', { name: /No brood, no queen/ }).click();
      await touch(page, 'Nothing but honey');
      // A full box is too much for the bench scale: it says so, and the two sides are lifted
      // instead.
      await touch(page, 'Read the scale');
      await expect(page.getByText(/Too heavy for this scale: lift each side/)).toBeVisible();
      await page.getByLabel('Box with its combs').fill('15,4 kg');
      await touch(page, 'Weighed full');
      // The hive is closed before anything is cut.
      await touch(page, 'Hive is closed');
      await touch(page, 'It stands at the bench');
      await touch(page, 'Four walls free');
      await touch(page, 'Combs are out');
      await touch(page, 'Read the scale');
      await shown(page, 'Box without comb');
      await touch(page, 'Write it down');
      await touch(page, 'Done, on to the bench');
      await page.getByRole('radio', { name: /Two buckets, the lower with a gate/ }).click();
      await page.getByLabel(/^Lower vessel/).selectOption({ label: 'Large pail, 14 L' });
      await touch(page, 'Crushed: start the clock');
      await expect
        .poll(async () => page.locator('.clock.display').getAttribute('aria-label'), {
          timeout: 60_000,
        })
        .toMatch(/^(1\d|2\d) hours/);
      await weighLower(page);
      const dripped = (await server.read('/harvests/{id}', batchId)).drains[0].weighings.at(
        -1,
      )!.netG;
      await touch(page, /^Press/);
      await touch(page, 'Draw off what dripped first…');
      await weighDrawnOff(page, `${dripped} g`);
      await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
      await touch(page, /^Press/);
      for (const [i, g] of [0, 620, 640].entries()) {
        // Nothing stands under the spout at the first turn.
        if (i > 0) await weighPressed(page, `${g} g`);
        await touch(page, i === 0 ? 'First turn' : 'Turned, written down');
        await expect(page.getByText(new RegExp(`${i + 1} turns?[,.]`))).toBeVisible();
      }
      await expect(page.getByText('Enough', { exact: true })).toBeVisible();
      await expect(page.getByText(/of the honey is still in the wax, by weight/)).toBeVisible();
      await touch(page, 'Put the press away');
      const detail = await close(page, server, batchId, 640, 640);
      expect(detail.lots.filter((l) => l.kind === 'honey').map((l) => l.nowG)).toEqual([
        dripped,
        640,
      ]);
      expect(detail.balanced).toBe(true);
      expect(detail.takes).toHaveLength(8);
      expect(detail.takes.every((t) => t.byBox)).toBe(true);
      const { drains } = await server.read('/runs');
      expect(drains.find((r) => r.batchId === batchId)).toMatchObject({
        drippedG: dripped,
        pressedG: 640,
      });
    } finally {
      await server.end();
    }
  });

  test('a drain frame with a leak: tilt, checks, parts, leak, swap, reset, plug, tray', async ({
    page,
  }) => {
    const server = new OwnServer(NOW);
    await server.startDemo();
    try {
      for (const [name, volumeL] of [
        ['Tall jar', 3],
        ['Wide jar', 3],
        ['Cup', 0.5],
      ] as const)
        await server.post('/vessels', {
          id: randomUUID(),
          name,
          role: 'lower',
          volumeL,
          tareG: 700,
          innerDiameterMm: 130,
        });
      const { batchId } = await server.harvest('Bromélia', [203, 204], 'drain-hive');
      await page.goto(`${server.base}/take/${batchId}`);
      await touch(page, 'All here');
      await page.getByLabel('Tilt toward the outlets').fill('2');
      await expect(page.getByText(/Lift the far side by \d+ mm/)).toBeVisible();
      await expect(page.getByRole('button', { name: 'It leans enough' })).toBeDisabled();
      await page.getByLabel('Tilt toward the outlets').fill('3,2');
      await touch(page, 'It leans enough');
      await expect(page.getByRole('heading', { name: 'Before anything is opened' })).toBeVisible();
      await expect(page.getByRole('checkbox')).toHaveCount(5);
      for (const check of await page.getByRole('checkbox').all()) await check.click();
      await expect(page.getByText('Frame 2·3 has no vessel.').first()).toBeVisible();
      // A jar too small for one frame is said before anything is opened.
      await page.getByLabel(/^Frame 2·3/).selectOption({ label: 'Cup, to its mark 0.6 kg' });
      await expect(
        page.getByText(/Cup holds 0\.6 kg to its mark; frame 2·3 may give/),
      ).toBeVisible();
      const tall = await page
        .getByRole('option', { name: /^Tall jar/ })
        .first()
        .getAttribute('value');
      await page.getByLabel(/^Frame 2·3/).selectOption(tall!);
      const wide = await page
        .getByRole('option', { name: /^Wide jar/ })
        .first()
        .getAttribute('value');
      await page.getByLabel(/^Frame 2·4/).selectOption(wide!);
      await touch(page, 'All of it is so');
      const part = (n: number): Promise<void> =>
        page
          .getByRole('button', { name: `Open part ${n} of 4` })
          .last()
          .click();
      await part(1);
      await touch(page, 'It leaks');
      await expect(page.getByText('Open no more parts.')).toBeVisible();
      await expect(page.getByText(/Screen the entrance/)).toBeVisible();
      await expect(page.getByRole('button', { name: /^Open part/ })).toHaveCount(0);
      await touch(page, 'The leak is seen to');
      // Seen to, but nothing more is opened: neither another part nor another frame.
      await expect(page.getByRole('button', { name: /^Open part/ })).toHaveCount(0);
      // A swap weighs nothing: the vessel that was taken away is weighed next.
      await touch(page, 'Swap vessel…');
      await touch(page, 'Swapped');
      await expect(page.getByRole('heading', { name: 'Weigh Tall jar' })).toBeVisible();
      await touch(page, 'Read the scale');
      await shown(page, 'Gross, vessel and honey');
      await touch(page, 'Write it down');
      await touch(page, 'Only drops come now');
      await touch(page, 'Reset: cells back in line');
      await touch(page, /^Weigh .* first$/);
      await touch(page, 'Read the scale');
      await shown(page, 'Gross, vessel and honey');
      await touch(page, 'Write it down');
      await touch(page, 'The plug is in');
      await expect(page.getByText('Drain it off the hive, over a tray:')).toBeVisible();
      await touch(page, 'Stop here: 1 frame stays shut');
      await page.getByLabel('Honey on the tray, 0 if none').fill('60 g');
      await touch(page, 'Tray is seen to');
      await touch(page, 'Hive is closed');
      await touch(page, 'Done, on to the bench');
      await expect(page).toHaveURL(/\/jar\//);
      const detail = await server.read('/harvests/{id}', batchId);
      expect([detail.balanced, detail.lossG]).toEqual([true, 60]);
      expect(detail.takes).toHaveLength(1);
      expect(detail.takes[0].netG).toBeGreaterThan(50);
    } finally {
      await server.end();
    }
  });
});
