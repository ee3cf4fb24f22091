import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';

const demo = demoHousehold();
test.describe.configure({ mode: 'serial' });

test('a rule shows beside it which combs it would flip, before it is written', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await page
    .getByRole('group', { name: 'Capped share that counts as ripe' })
    .getByRole('button', { name: '100 %', exact: true })
    .click();
  await expect(page.getByText(/This changes now:.*Ipê 11: take → leave/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to what is in force' }).click();
  await expect(page.getByText('This changes now:')).toHaveCount(0);
});

test('a school is a question: whom it suits, the combs it turns drawn, written down like any rule', async ({
  page,
}) => {
  await page.goto(`${demo.base}/rules`);
  const ripe = page.getByRole('group', { name: /From which capped share is a comb ripe/ });
  await expect(ripe.getByText('Humid places, or nobody measures water.')).toBeVisible();
  await expect(
    ripe.getByRole('img', { name: 'Ipê 11: take, would be leave', exact: true }),
  ).toBeVisible();
  await page
    .getByRole('group', { name: 'Questions of which stage' })
    .getByRole('button', { name: 'Drain' })
    .click();
  const remash = page.getByRole('group', { name: /Is it mashed once more/ });
  await expect(remash.getByLabel('Never')).toBeChecked();
  await remash.getByLabel('After some hours').check();
  await page.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(page.getByRole('button', { name: 'Write these rules down' })).toHaveCount(0);
  await page.reload();
  await page
    .getByRole('group', { name: 'Questions of which stage' })
    .getByRole('button', { name: 'Drain' })
    .click();
  await expect(remash.getByLabel('After some hours')).toBeChecked();
  await page.goto(`${demo.base}/drain`);
  await expect(
    page.getByRole('button', { name: /Mash again, from|Mash again: due/ }),
  ).toBeVisible();
});

test('a rule out of bounds stays in its field with a sentence', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await page.getByLabel('Water, at most').fill('40');
  await expect(page.getByText('At most 23 %.').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Write these rules down' })).toBeDisabled();
  await expect(page.getByLabel('Water, at most')).toHaveValue('40');
});

test('rules that are not written down are asked about before the screen is left', async ({
  page,
}) => {
  await page.goto(`${demo.base}/rules?at=all`);
  const dialog = page.getByRole('dialog', { name: 'House rules are not written down' });
  const ripe = page.getByRole('group', { name: 'Capped share that counts as ripe' });
  const away = (): Promise<void> => page.getByRole('link', { name: 'Today', exact: true }).click();
  const before = await ripe.getByRole('button', { pressed: true }).textContent();
  await ripe.getByRole('button', { name: '100 %', exact: true }).click();
  await away();
  await dialog.getByRole('button', { name: 'Stay here' }).click();
  await expect(ripe.getByRole('button', { pressed: true })).toHaveText('100 %');
  // What cannot be written down says why, and may still be left.
  await page.getByLabel('Water, at most').fill('40');
  await away();
  await expect(dialog.getByText('At most 23 %.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Go, as they were before' }).click();
  await expect(page).toHaveURL(`${demo.base}/`);
  await page.goto(`${demo.base}/rules?at=all`);
  await expect(ripe.getByRole('button', { pressed: true })).toHaveText(before!);
  await ripe.getByRole('button', { name: '100 %', exact: true }).click();
  await away();
  await dialog.getByRole('button', { name: 'Write them down and go' }).click();
  await expect(page).toHaveURL(`${demo.base}/`);
  await page.getByRole('link', { name: 'Rules', exact: true }).click();
  await page.getByRole('button', { name: 'Ripe or not' }).click();
  await expect(ripe.getByRole('button', { pressed: true })).toHaveText('100 %');
  await ripe.getByRole('button', { name: before!, exact: true }).click();
  await page.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(page.getByRole('button', { name: 'Write these rules down' })).toHaveCount(0);
});

test('rules changed on another screen are not overwritten, and what was typed here stays', async ({
  page,
  context,
}) => {
  await page.goto(`${demo.base}/rules?at=all`);
  const other = await context.newPage();
  await other.goto(`${demo.base}/rules?at=all`);
  await other.getByLabel('Name on the label').fill('Casa Encosta');
  await page.getByLabel('Look again after').fill('9');
  await page.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(page.getByRole('status')).toContainText('House rules written down.');
  await other.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(other.getByRole('alert')).toContainText('changed on another screen');
  await expect(other.getByLabel('Name on the label')).toHaveValue('Casa Encosta');
  await other.getByRole('button', { name: 'Back to what is in force' }).click();
  await expect(other.getByLabel('Look again after')).toHaveValue('9');
});

test('pounds are one switch away, and undo switches back', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await page.getByRole('button', { name: 'lb, °F, in, US gal' }).click();
  await page.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(page.getByRole('status')).toContainText('House rules written down.');
  await page.goto(`${demo.base}/look?comb=12`);
  await expect(
    page
      .locator('aside')
      .getByText(/^[45]\.\d lb$/)
      .first(),
  ).toBeVisible();
  await page.keyboard.press('u');
  await expect(
    page
      .locator('aside')
      .getByText(/^2\.\d kg$/)
      .first(),
  ).toBeVisible();
});

test('the kit: a negative stock is refused, a vessel changed, taken out and put back', async ({
  page,
}) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await page.getByRole('button', { name: 'Change Small jar 300' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('In stock').fill('-4');
  await expect(dialog.getByRole('alert')).toHaveText('At least 0.');
  await expect(dialog.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await dialog.getByLabel('In stock').fill('31');
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('cell', { name: '31', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Change Gate bucket' }).click();
  await page.getByRole('button', { name: 'Take it out of the kit' }).click();
  await expect(page.getByRole('button', { name: 'Change Gate bucket' })).toHaveCount(0);
  await page.getByRole('contentinfo').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Change Gate bucket' })).toBeVisible();
});

test('a winter need that was never said is asked where it matters', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await page.getByLabel('Winter need, top-bar hive').fill('');
  await page.getByRole('button', { name: 'Write these rules down' }).click();
  await expect(page.getByRole('status')).toContainText('House rules written down.');
  await page.goto(`${demo.base}/choose`);
  await expect(page.getByText('Nothing may be taken here now.')).toBeVisible();
  await expect(page.getByText('How much has to stay in the hive for their winter?')).toBeVisible();
  await page.getByLabel('Winter need').fill('9,5');
  await page.getByRole('button', { name: 'Write down 9.5 kg' }).click();
  await expect(page.getByText('9.5 kg', { exact: true })).toBeVisible();
  await expect(page.getByText(/^[\d.]+ kg to spare$/)).toBeVisible();
});

test('the list of last entries undoes any of them that nothing rests on', async ({ page }) => {
  await page.goto(`${demo.base}/rules?at=all`);
  await page.getByRole('button', { name: 'Add a vessel…' }).click();
  await page.getByLabel('Name', { exact: true }).fill('<b>Tin</b> & co');
  await page.getByLabel('Volume, to the brim').fill('3');
  await page.getByLabel('Weight empty').fill('200');
  await page.getByLabel('Inner width').fill('160');
  await page.getByRole('button', { name: 'Put it in the kit' }).click();
  // Whatever stands in a name is text.
  await expect(page.getByRole('button', { name: 'Change <b>Tin</b> & co' })).toBeVisible();
  await page.getByRole('button', { name: 'Keys and undo' }).click();
  await page.getByRole('button', { name: 'Undo: <b>Tin</b> & co put in the kit' }).click();
  await expect(page.getByText('<b>Tin</b> & co put in the kit (undone)')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Change <b>Tin</b> & co' })).toHaveCount(0);
});
