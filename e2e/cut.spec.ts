import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import { openTopBar } from './lift.js';

const demo = demoHousehold();
test.describe.configure({ mode: 'serial' });

test('a comb goes the other way: cut first, the rest crushed, and both stand in one book', async ({
  page,
}) => {
  await page.goto(`${demo.base}/choose`);
  // Comb 14 is lifted by the chooser already: taken in hand, put back, and lifted to be cut.
  await expect(page.getByText('1 comb out')).toBeVisible();
  await page.getByRole('button', { name: /^Comb 14,/ }).click();
  await page
    .getByRole('group', { name: 'Comb 14 in hand' })
    .getByRole('button', { name: /Cut comb/ })
    .click();
  await page.getByRole('button', { name: 'Go on to Ready' }).click();
  await expect(page.getByText('cut comb, in boxes, the trimmings crushed')).toBeVisible();
  await page.getByRole('button', { name: /go to Take/ }).click();
  await openTopBar(page);
  await page.getByRole('button', { name: 'In the tub', exact: true }).click();
  // The tub is tared by what the kit says of it.
  await expect(page.getByLabel('Tare, before this comb')).toHaveValue('1.24 kg');
  await page.getByLabel('Gross weight, vessel and comb').fill('a lot');
  await expect(page.getByRole('alert')).toHaveText('A weight such as 4.3 kg.');
  await expect(page.getByRole('button', { name: 'Write it down', exact: true })).toBeDisabled();
  await page.getByLabel('Gross weight, vessel and comb').fill('9,9');
  await expect(page.getByText(/Far from the estimate/)).toBeVisible();
  await page.getByLabel('Gross weight, vessel and comb').fill('3,44');
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  await page.getByRole('button', { name: 'All bars in' }).click();
  await page.getByRole('button', { name: 'Hive is closed' }).click();
  await page.getByRole('button', { name: 'Done, on to the bench' }).click();
  await expect(page).toHaveURL(/\/cut\//);
  await expect(page.getByText('2.20 kg comb uncut and uncrushed.')).toBeVisible();
  await page.getByRole('button', { name: 'Weigh and pack' }).click();
  await page.getByLabel('Pieces cut').fill('5');
  await page.getByLabel('Their weight together').fill('9000');
  await page.getByRole('button', { name: 'Write the pieces down' }).click();
  await expect(page.getByRole('alert')).toContainText('Only 2.20 kg of comb are there to cut.');
  await expect(page.getByLabel('Pieces cut')).toHaveValue('5');
  await page.getByLabel('Their weight together').fill('1,1 kg');
  await page.getByRole('button', { name: 'Write the pieces down' }).click();
  await expect(page.getByText('5 pieces, the lightest 220 g')).toBeVisible();
  await page.getByRole('link', { name: 'Crush the rest' }).click();
  await expect(page.getByText('1.10 kg of comb to crush.')).toBeVisible();
  await page.getByLabel('At the bench').fill('70');
  await expect(page.getByText('At most 45 °C.')).toBeVisible();
  await page.getByLabel('At the bench').fill('24');
  await page.getByRole('button', { name: 'Crushed: start the clock' }).click();
  await expect(page.getByText(/draining since/)).toBeVisible();
  await page.goto(page.url().replace('/drain/', '/book/'));
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
  await expect(page.getByRole('row', { name: /^Ipê, 5 pieces/ })).toContainText('1100 g');
});

test('two drains at once have two clocks, each its own', async ({ page }) => {
  await page.goto(`${demo.base}/`);
  const strip = page.getByRole('contentinfo', { name: 'Clocks and messages' });
  await expect(strip.getByRole('link')).toHaveCount(2);
  await strip.getByRole('link').last().click();
  await expect(page.getByText(/1\.1 kg crushed = about/)).toBeVisible();
});

test('what is written on one screen shows on another at once', async ({ page, context }) => {
  await page.goto(`${demo.base}/drain`);
  const log = page.getByRole('listitem');
  await expect(log.filter({ hasText: /°C$/ })).toHaveCount(0);
  const bench = await context.newPage();
  await bench.goto(page.url());
  await bench.getByRole('button', { name: 'Temperature…' }).click();
  await bench.getByRole('button', { name: 'Read the thermometer' }).click();
  await bench.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await expect(log.filter({ hasText: /°C$/ })).toHaveCount(1);
});

test('the sheet prints without the row and the buttons', async ({ page }) => {
  await page.goto(`${demo.base}/choose`);
  await page.getByRole('button', { name: /^Comb 12,/ }).click();
  // With comb 14 gone the next one is ripe, but theirs: it goes only with a reason.
  await expect(page.getByRole('dialog')).toContainText('Ripe, but theirs');
  await page.getByLabel('Why take it').fill('They are to be fed');
  await page.getByRole('button', { name: 'Take comb 12 anyway' }).click();
  await expect(page.getByText(/the winter would be .* short/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on to Ready' }).click();
  await expect(page.getByText('From washing the gear')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'The row' })).toBeHidden();
  await expect(page.getByRole('button', { name: /go to Take/ })).toBeHidden();
  await expect(page.getByText('Stings and allergy')).toBeVisible();
  const calendar = await page.request.get(`${demo.base}/api/v1/plans/timetable.ics`);
  // No day is kept yet: the calendar has what runs at the bench, and no step of this one.
  expect(calendar.status()).toBe(200);
  expect(await calendar.text()).not.toContain('Smoke and wait');
});
