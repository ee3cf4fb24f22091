import type { Page } from '@playwright/test';
import { expect, test } from './emptyHousehold.js';
import { openTopBar } from './lift.js';
import { weighDrawnOff, weighLowerHoney, weighWetWax } from './weigh.js';
import { boxAtRest } from './boxAtRest.js';

test.use({ now: '2026-03-14T13:00:00Z' });

async function field(page: Page, label: string | RegExp, value: string): Promise<void> {
  const input = page.getByLabel(label, { exact: typeof label === 'string' });
  await input.fill(value);
}
/** Sets the shares of the side shown, by typing the numbers beside the bands. */
async function shares(page: Page, side: 'A' | 'B', values: Record<string, string>): Promise<void> {
  for (const [content, value] of Object.entries(values)) {
    const input = page.getByLabel(`${content}, side ${side}`);
    await input.fill(value);
    await input.press('Tab');
    await expect(input).toHaveValue(value);
  }
}

test('one comb goes from an empty database to a labelled jar, every gram accounted for', async ({
  page,
  server,
}) => {
  await page.goto(`${server.base}/`);
  await expect(page.getByRole('heading', { name: 'Nothing runs, nothing is due.' })).toBeVisible();

  // Rules: the winter need and the kit.
  await page.getByRole('link', { name: 'House rules and kit' }).click();
  await field(page, /Winter need, top-bar hive/, '0,5');
  await page.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(page.getByRole('status')).toContainText('House rules written down.');
  for (const [name, role, volume, tare, width] of [
    ['Blue tub', 'tub', '20', '1200', '350'],
    ['Holed bucket', 'upper', '12', '500', '250'],
    ['Pail', 'lower', '2', '300', '150'],
  ]) {
    await page.getByRole('button', { name: 'Add a vessel…' }).click();
    await field(page, 'Name', name);
    await page.getByLabel('What it is for').selectOption(role);
    await field(page, 'Volume, to the brim', volume);
    await field(page, 'Weight empty', tare);
    await field(page, 'Inner width', width);
    await page.getByRole('button', { name: 'Put it in the kit' }).click();
    await expect(page.getByRole('button', { name: `Change ${name}` })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Add jars or boxes…' }).click();
  await field(page, 'Name', 'Jar 250');
  await field(page, 'Net weight', '250');
  await field(page, 'Weight empty, with lid', '140');
  await field(page, 'In stock', '3');
  await page.getByRole('button', { name: 'Put them in the kit' }).click();
  await expect(page.getByRole('cell', { name: 'Jar 250', exact: true })).toBeVisible();

  // A site and a hive, first with something missing.
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  await page.getByRole('link', { name: 'Make a hive' }).click();
  await page.getByRole('button', { name: 'Make this hive' }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await field(page, 'Name of the site', 'Quinta');
  await page.getByLabel('Time zone').selectOption('America/Sao_Paulo');
  await page.getByRole('button', { name: 'South' }).click();
  await field(page, 'Name of the hive', 'Cambará');
  await field(page, 'This colony lives here since', '2024-09-20');
  const board = page.getByRole('slider', { name: 'Follower board stands behind bar' });
  const box = await boxAtRest(board);
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 34 * 9.1, box.y + box.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(board).toHaveAttribute('aria-valuenow', '8');
  await expect(page.getByLabel('Bars in front of the board')).toHaveValue('8');
  await page.getByRole('button', { name: 'Make this hive' }).click();
  await expect(page.getByRole('heading', { name: 'Cambará' })).toBeVisible();

  // Look: one brood comb that stays, one honey comb on bar 8, and one for winter on bar 7.
  await expect(page.getByText('Not read', { exact: true })).toBeVisible();
  for (const [bar, a] of [
    [7, { Capped: '80', Open: '10' }],
    [8, { Capped: '85', Open: '10' }],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(`^Comb ${bar},`) }).click();
    await page.getByRole('button', { name: 'I see it: set the bands' }).click();
    await shares(page, 'A', a);
    await page.getByRole('button', { name: 'Side B' }).click();
    // With nothing else read nobody knows whether comb 7 can be spared. Comb 8 may go once side B
    // is seen.
    await expect(page.getByText('Test first', { exact: true })).toBeVisible();
    if (bar === 7)
      await expect(page.getByText(/^Read more combs first: 7 others not read yet/)).toBeVisible();
    await page.getByRole('button', { name: 'Like side A' }).click();
    if (bar === 8) {
      // Dragging the lower edge of the capped band changes the number beside it.
      const edge = page.getByRole('slider', { name: 'Lower edge of capped' });
      await edge.focus();
      await edge.press('ArrowDown');
      await expect(page.getByLabel('Capped, side B')).toHaveValue('86');
      await page.getByRole('button', { name: 'Measure water…' }).click();
      await page.getByRole('button', { name: 'Brix %' }).click();
      await page.getByLabel('Reading', { exact: true }).fill('80,4');
      await expect(page.getByText(/17\.9 % water\. Between/)).toBeVisible();
      await page.getByRole('button', { name: 'Keep this sample' }).click();
      await expect(
        page.getByRole('listitem').filter({ hasText: '17.9 % water side' }),
      ).toBeVisible();
    }
    await page.getByRole('button', { name: `Write down comb ${bar}` }).click();
    await expect(page.getByRole('status')).toContainText(`Comb ${bar} written down.`);
  }
  await expect(page.getByText('Take', { exact: true }).first()).toBeVisible();

  // A draft survives a reload.
  await page.getByRole('button', { name: /^Comb 6,/ }).click();
  await page.getByRole('button', { name: 'I see it: set the bands' }).click();
  await shares(page, 'A', { Brood: '60' });
  await page.reload();
  await expect(page.getByLabel('Brood, side A')).toHaveValue('60');
  await expect(page.getByText('Leave', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Write down comb 6' }).click();
  await expect(page.getByRole('status')).toContainText('Comb 6 written down.');

  // Choose: the brood comb cannot be lifted; the ripe one is lifted already, put back and lifted
  // again by hand.
  await page.getByRole('link', { name: 'Go on to Choose' }).click();
  // Look draws its combs under the same names until the next screen is there.
  await page.waitForURL(/\/choose/);
  await page.getByRole('button', { name: /^Comb 6,/ }).click();
  await expect(page.getByText('Comb 6 carries brood: it stays.')).toBeVisible();
  await expect(page.getByText('1 comb out')).toBeVisible();
  const comb8 = page.getByRole('button', { name: /^Comb 8,/ });
  // The first touch shows its ways, the second puts it back.
  await comb8.click();
  await expect(page.getByRole('heading', { name: /^Comb 8 in hand/ })).toBeVisible();
  await comb8.click();
  await expect(comb8).toHaveAttribute('aria-pressed', 'false');
  await comb8.click();
  await expect(comb8).toHaveAttribute('aria-pressed', 'true');
  // The way is said, whether or not a better one was being looked for still.
  await page
    .getByRole('group', { name: /^Comb 8 in hand/ })
    .getByRole('button', { name: /^Crush and strain/ })
    .click();
  await expect(page.getByText('1 comb out')).toBeVisible();
  await expect(page.getByText(/^[\d.]+ kg to spare$/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on to Ready' }).click();

  // Ready.
  await expect(page.getByText('Take 1 comb, close the hive')).toBeVisible();
  await page.getByRole('button', { name: /Throw a chipped jar away/ }).click();
  await expect(page.getByText('No honey for children under twelve months.')).toBeVisible();
  await page.getByRole('button', { name: 'Read the thermometer' }).click();
  await expect(page.getByText(/practice thermometer/)).toBeVisible();
  await page.getByRole('button', { name: /go to Take/ }).click();

  // Take, a step at a time; the tare is forgotten first.
  await openTopBar(page);
  await page.getByRole('button', { name: 'In the tub', exact: true }).click();
  await field(page, 'Gross weight, vessel and comb', '3,4 kg');
  await field(page, 'Tare, before this comb', '0');
  await expect(page.getByText(/Tare forgotten\?/)).toBeVisible();
  await field(page, 'Tare, before this comb', '5 kg');
  await expect(page.getByText('The tare is above the gross weight.')).toBeVisible();
  await field(page, 'Tare, before this comb', '1,2 kg');
  await expect(page.getByText('2.20 kg net')).toBeVisible();
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  await page.getByRole('button', { name: 'All bars in' }).click();
  await page.getByRole('button', { name: 'Hive is closed' }).click();
  await page.getByRole('button', { name: 'Done, on to the bench' }).click();

  // Drain.
  await expect(page.getByText('2.20 kg of comb to crush.')).toBeVisible();
  await page.getByRole('link', { name: 'Cut pieces first' }).click();
  await page.getByRole('button', { name: 'Weigh and pack' }).click();
  await field(page, 'Pieces cut', '1');
  await field(page, 'Their weight together', '200');
  await page.getByRole('button', { name: 'Write the pieces down' }).click();
  await expect(page.getByText('1 piece, the lightest 200 g')).toBeVisible();
  await page.getByRole('link', { name: 'Crush the rest' }).click();
  await expect(page.getByText('2.00 kg of comb to crush.')).toBeVisible();
  await page.getByRole('button', { name: 'Crushed: start the clock' }).click();
  await expect(page.getByText(/draining since/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh…' }).click();
  await page.getByRole('button', { name: 'Read the scale' }).click();
  await expect(page.getByLabel('Gross, lower vessel and honey')).not.toHaveValue('');
  await field(page, 'Gross, lower vessel and honey', '0,32 kg');
  await page.getByRole('button', { name: 'Write down 0.02 kg' }).click();
  await expect(page.getByText('weighed 0.02 kg')).toBeVisible();
  await page.getByRole('button', { name: /^Stir/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'stirred' })).toBeVisible();
  await page
    .getByRole('button', { name: /Draw off/ })
    .first()
    .click();
  await weighDrawnOff(page, '0,5');
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('drew off 0.50 kg')).toBeVisible();
  // The clock is the server's: it survives a reload.
  await page.reload();
  await expect(
    page.getByRole('contentinfo', { name: 'Clocks and messages' }).getByText('Cambará'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Stop draining…' }).click();
  await weighLowerHoney(page.getByRole('dialog'), '1,1 kg');
  await weighWetWax(page, '0,35 kg');
  await expect(page.getByText('50 g less came out than went in')).toBeVisible();
  await field(page, 'Why', 'Stuck to the bucket');
  await page.getByRole('button', { name: 'Close this drain' }).click();

  // Settle: the scum off, two drops of water.
  await expect(page.getByRole('heading', { name: 'Cambará settles' })).toBeVisible();
  await field(page, 'Scum, net', '0');
  await page.getByRole('button', { name: 'Skimmed' }).click();
  await expect(page.getByText('Skimmed', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Go on to Jar' }).click();

  // Jar: six would be needed, three are there.
  await expect(page.getByText('3 × 250 g')).toBeVisible();
  await expect(page.getByText('3 more of “Jar 250” are missing.')).toBeVisible();
  await page.getByRole('button', { name: 'Filled 3' }).click();
  await expect(page.getByText('250 g / 8.8 oz')).toBeVisible();
  await expect(page.getByText('Harvested 14 Mar 2026', { exact: true })).toBeVisible();
  const href = await page
    .getByRole('link', { name: /Label sheet of lot .*/ })
    .last()
    .getAttribute('href');
  const pdf = await page.request.get(`${server.base}${href}`);
  expect(pdf.headers()['content-type']).toContain('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByRole('button', { name: 'Wax and rinse' }).click();
  await field(page, 'Clean wax', '90');
  await page.getByRole('button', { name: 'Write the wax down' }).click();
  await expect(page.getByText(/90 g clean/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Fill', exact: true }).click();
  await page.getByRole('button', { name: /Go on to Book/ }).click();
  await page.getByRole('button', { name: 'It stays here, to be filled later' }).click();

  // Book.
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
  await expect(page.getByText('2200 g', { exact: true }).first()).toBeVisible();
  await page.getByLabel('Which lot').selectOption({ label: 'Cambará, honey, 0.85 kg' });
  await field(page, 'How much', '9000');
  await field(page, 'Why', 'Eaten');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('alert')).toContainText('more would leave');
  await expect(page.getByLabel('How much')).toHaveValue('9000');
  await field(page, 'How much', '850');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('status')).toContainText('850 g written down.');
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
  await page.getByRole('contentinfo').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('status')).toContainText('Undone.');
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
});
