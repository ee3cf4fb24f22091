import { demoHousehold } from './demoHousehold.js';
import { expect, test, type Page } from '@playwright/test';
import { boxAtRest } from './boxAtRest.js';

const demo = demoHousehold();
test.describe.configure({ mode: 'serial' });

const verdict = (page: Page, word: string) =>
  expect(page.locator('aside').getByText(word, { exact: true }).first()).toBeVisible();

test('dragging a band edge moves the numbers, and the verdict follows', async ({ page }) => {
  await page.goto(`${demo.base}/look?comb=14`);
  await verdict(page, 'Take');
  const edge = page.getByRole('slider', { name: 'Lower edge of capped' });
  const face = await boxAtRest(page.getByRole('group', { name: /Bar 14, side A/ }));
  const knob = await boxAtRest(edge.locator('.knob'));
  await page.mouse.move(knob.x + knob.width / 2, knob.y + knob.height / 2);
  await page.mouse.down();
  await page.mouse.move(knob.x + knob.width / 2, face.y + face.height * 0.3, { steps: 10 });
  await page.mouse.up();
  const capped = Number(await page.getByLabel('Capped, side A').inputValue());
  expect(capped).toBeGreaterThan(15);
  expect(capped).toBeLessThan(45);
  let sum = 0;
  for (const content of ['Capped', 'Open', 'Pollen', 'Brood', 'Empty'])
    sum += Number(await page.getByLabel(`${content}, side A`).inputValue());
  expect(Math.abs(sum - 100)).toBeLessThanOrEqual(2);
  // Only side A was touched: side B counts as not seen this time, and cannot save it.
  await expect(page.getByText(/even a sealed side B would not reach 75 %/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Side B' }).click();
  await expect(page.getByText('Side B was not seen this time.')).toBeVisible();
  await page.getByRole('button', { name: 'Like side A' }).click();
  await verdict(page, 'Leave');
  await page.getByRole('button', { name: 'Put down, keep the last look' }).click();
  await verdict(page, 'Take');
});

test('a typed share outside 0 to 100 is said at its field and changes nothing', async ({
  page,
}) => {
  await page.goto(`${demo.base}/look?comb=12`);
  const capped = page.getByLabel('Capped, side A');
  await capped.fill('140');
  await expect(page.getByRole('alert')).toHaveText('At most 100 %.');
  await expect(capped).toHaveValue('140');
  await expect(page.getByRole('button', { name: 'Write down comb 12' })).toHaveCount(0);
});

test('three drops from open cells of both sides turn leave into take', async ({ page }) => {
  await page.goto(`${demo.base}/look?comb=13`);
  await verdict(page, 'Leave');
  await page.getByLabel('Capped, side A').fill('60');
  await page.getByLabel('Capped, side A').press('Tab');
  await page.getByLabel('Open, side A').fill('39');
  await page.getByRole('button', { name: 'Side B' }).click();
  await page.getByRole('button', { name: 'Like side A' }).click();
  for (const [i, side] of (['A', 'B', 'B'] as const).entries()) {
    await page.getByRole('button', { name: 'Measure water…' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: 'Water %' }).click();
    await dialog.getByLabel('Reading', { exact: true }).fill(`17,${i + 2}`);
    await dialog.getByRole('button', { name: `Side ${side}` }).click();
    await dialog.getByRole('button', { name: 'Keep this sample' }).click();
    if (i === 0) await expect(page.getByText(/one drop proves nothing/).first()).toBeVisible();
  }
  await expect(page.getByText(/but dry: 17\.4 % water in the wettest of 3/)).toBeVisible();
  await page.getByRole('button', { name: 'Take away sample 3' }).click();
  await verdict(page, 'Test first');
});

test('a scale that is read wrongly is bounded, and says what it gives', async ({ page }) => {
  await page.goto(`${demo.base}/look?comb=11`);
  await page.getByRole('button', { name: 'Measure water…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Brix %' }).click();
  await dialog.getByLabel('Reading', { exact: true }).fill('18,6');
  await expect(dialog.getByRole('alert')).toHaveText('At least 55 %.');
  await expect(dialog.getByRole('button', { name: 'Keep this sample' })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Index n' }).click();
  await dialog.getByLabel('Reading', { exact: true }).fill('1.4890');
  await dialog.getByRole('button', { name: 'Does not' }).click();
  await dialog.getByLabel("Honey's temperature").fill('30');
  // 1.4890 at 30 °C uncorrected is 1.4913 at 20 °C.
  await expect(dialog.getByText(/18\.1 % water/)).toBeVisible();
});

test('combs come and go on their bars, the board moves, and each can be undone', async ({
  page,
}) => {
  await page.goto(`${demo.base}/look?comb=16`);
  await expect(page.getByText('No comb hangs from bar 16.')).toBeVisible();
  await page.getByRole('button', { name: 'Comb was built on bar 16' }).click();
  await verdict(page, 'Not read');
  await page.getByRole('contentinfo').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('No comb hangs from bar 16.')).toBeVisible();
  const board = page.getByRole('slider', { name: 'Follower board stands behind bar' });
  await board.focus();
  await board.press('ArrowLeft');
  await page.getByRole('button', { name: 'Follower board behind bar 16: write it down' }).click();
  await expect(page.getByRole('status')).toContainText('Follower board behind bar 16.');
  await page.reload();
  await expect(
    page.getByRole('slider', { name: 'Follower board stands behind bar' }),
  ).toHaveAttribute('aria-valuenow', '16');
});

test('two screens at once: the second one hears of the change, and a stale one is told so', async ({
  page,
  context,
}) => {
  await page.goto(`${demo.base}/look`);
  const other = await context.newPage();
  await other.goto(`${demo.base}/look`);
  await page.getByRole('button', { name: 'This hive…' }).click();
  await other.getByRole('button', { name: 'This hive…' }).click();
  await page.getByLabel('Bar width').fill('35');
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // The other screen's form still holds what was typed there.
  await other.getByLabel('Comb depth').fill('210');
  await expect(other.getByLabel('Comb depth')).toHaveValue('210');
  await other.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await expect(other.getByRole('alert')).toContainText('changed in the meantime');
  await expect(other.getByLabel('Comb depth')).toHaveValue('210');
  await page.getByRole('button', { name: 'This hive…' }).click();
  await expect(page.getByLabel('Bar width')).toHaveValue('35');
  await page.getByLabel('Bar width').fill('90');
  await expect(page.getByRole('alert')).toContainText('at most 45 mm');
  await expect(
    page.getByRole('dialog').getByRole('button', { name: 'Write it down' }),
  ).toBeDisabled();
});

test('the keys walk the combs, the sides, the stages', async ({ page }) => {
  await page.goto(`${demo.base}/look?comb=12`);
  await verdict(page, 'Take');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('comb 11,')).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByRole('group', { name: /Bar 11, side B/ })).toBeVisible();
  await page.keyboard.press('v');
  await expect(page.getByRole('table')).toBeVisible();
  await page.keyboard.press('.');
  await expect(page).toHaveURL(/choose/);
  await page.keyboard.press(',');
  await expect(page).toHaveURL(/look/);
  await page.keyboard.press('r');
  await expect(page.getByRole('heading', { name: 'Rules' })).toBeVisible();
  await page.keyboard.press('d');
  await expect(page).toHaveURL(`${demo.base}/`);
  await page.keyboard.press('?');
  // Once the dialog holds the focus: a key pressed right after it is put down belongs to the page
  // again.
  await expect(page.getByRole('dialog').getByRole('button', { name: 'Close' })).toBeFocused();
  await page.keyboard.press('Escape');
  await page.keyboard.press('m');
  await expect(page.locator('html')).toHaveClass(/sun/);
});
