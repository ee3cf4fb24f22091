import { demoHousehold } from './demoHousehold.js';
import { expect, test } from '@playwright/test';
import ICAL from 'ical.js';
import { chooserIsDone, lift } from './lift.js';
import { boxAtRest } from './boxAtRest.js';

const demo = demoHousehold();
test.describe.configure({ mode: 'serial' });

test('a comb is pinned and the alternatives change; the wish is named, and an impossible one explained', async ({
  page,
}) => {
  await page.goto(`${demo.base}/choose`);
  await chooserIsDone(page);
  const worth = page.getByRole('row').filter({ hasText: 'Most worth' });
  await expect(worth).toContainText('1 cut comb');
  await expect(page.getByRole('radio', { name: 'Everything crushed' })).toBeVisible();
  // In hand: every way with what it gives; pressing it pins the comb and the sets are made anew.
  await lift(page, 14);
  await page.getByRole('button', { name: /^Comb 12,/ }).click();
  await expect(page.getByRole('heading', { name: 'Comb 12 in hand, pinned' })).toBeVisible();
  await page
    .getByRole('group', { name: 'Comb 12 in hand' })
    .getByRole('button', { name: /Slice and drip/ })
    .click();
  await expect(worth).toContainText('1 slice and drip');
  await expect(page.getByText('One lot', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Let all be chosen' }).click();
  await expect(worth).toContainText('1 cut comb');

  // A wish that the winter forbids is explained by what would have to give; the last good set
  // stays.
  await page.getByRole('button', { name: 'What you want…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Least work' }).click();
  await expect(dialog.getByText('Ready by')).toHaveCount(0);
  await dialog.getByLabel('At least a named amount').check();
  await dialog.getByLabel('How many').fill('0');
  await expect(
    dialog.getByText('At least one.').or(dialog.getByText('At least 1.')).first(),
  ).toBeVisible();
  await dialog.getByLabel('How many').fill('12');
  await dialog.getByLabel('Of which').selectOption({ label: 'Round jar 500' });
  await dialog.getByRole('button', { name: 'That is it' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: 'That cannot be done under your rules.' }),
  ).toContainText('what Ipê can spare');
  await page.getByRole('button', { name: 'What you want…' }).click();
  await dialog.getByLabel('How many').fill('3');
  await dialog.getByRole('button', { name: 'That is it' }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Least work' })).toBeVisible();
});

test('two hives are chosen together, and one vessel for both asks what is lost', async ({
  page,
}) => {
  await page.goto(`${demo.base}/choose`);
  await chooserIsDone(page);
  await page.getByRole('button', { name: 'What you want…' }).click();
  await page.getByRole('dialog').getByLabel('Araucária').check();
  await page.getByRole('dialog').getByRole('button', { name: 'That is it' }).click();
  await expect(page.getByText('Together with Araucária.')).toBeVisible();
  await chooserIsDone(page);
  await page.getByRole('button', { name: 'One lot or more…' }).click();
  await page.getByLabel('Each hive in its own vessel').uncheck();
  await expect(page.getByRole('dialog')).toContainText(
    /No jar can say any more whether it came from Ipê or Araucária/,
  );
  await page.getByLabel('Each hive in its own vessel').check();
  await expect(page.getByRole('dialog')).not.toContainText('No jar can say any more whether');
  await page.getByRole('button', { name: 'That is it' }).click();
});

test('comb against liquid shows both as distributions, and a price below nothing is said', async ({
  page,
}) => {
  await page.goto(`${demo.base}/comb-or-liquid`);
  await expect(
    page.getByRole('img', { name: /Comb brings .* in nine of ten years, liquid/ }),
  ).toBeVisible();
  const before = await page.getByText('Over such years level at').textContent();
  await page.getByLabel('Finished').fill('20');
  await expect(page.getByText(/brings more in \d+ of 10 such years|Nearly even/)).toBeVisible();
  await page.getByLabel('Honey brings').fill('10');
  await expect(page.getByText('Over such years level at')).not.toHaveText(before!);
  await page.getByLabel('A lower price to try').fill('20');
  await page.getByLabel('Pieces sold a month').fill('10');
  await page.getByLabel('then sold a month').fill('20');
  await expect(page.getByText(/full supers bring .* less, sold in/)).toBeVisible();
  await page.getByLabel('sells at').fill('-4');
  await expect(page.getByRole('alert').filter({ hasText: 'At least 0' })).toBeVisible();
  // A number that was refused leaves no old answer standing.
  await expect(page.getByText('Over such years level at')).toHaveCount(0);
});

test('a step is moved by the keyboard and the rest follows; the calendar opens elsewhere; the sheet is a page a day', async ({
  page,
}) => {
  await page.goto(`${demo.base}/choose`);
  await page.evaluate(() => localStorage.removeItem('furrow.draft.choose'));
  await page.reload();
  await chooserIsDone(page);
  await page.getByRole('button', { name: 'Go on to Ready' }).click();
  await expect(page.getByText('From washing the gear')).toBeVisible();
  await expect(page.getByText('practice weather, no forecast')).toBeVisible();

  // The hour opens into its reasons; weather typed in stands over the practice service.
  await page.getByLabel('First smoke').fill('2026-03-17T10:00');
  await expect(page.getByText('Tuesday 17 March at 10:00')).toBeVisible();
  await page.getByRole('button', { name: 'Encosta: weather, notes, forage…' }).click();
  await page.getByRole('dialog').getByLabel('Rain').fill('2,5');
  await page.getByRole('button', { name: 'Write the weather down' }).click();
  await expect(page.getByText('Not this hour')).toBeVisible();
  await expect(page.getByText(/Rain, 2\.5 mm in the hour: the hive stays closed/)).toBeVisible();
  await page.getByRole('slider', { name: 'Day and hour' }).press('ArrowDown');
  await expect(page.getByText('Wednesday 18 March at 10:00')).toBeVisible();

  // The dog at this site adds its step; the first cut is moved an hour later and what follows goes
  // with it.
  await expect(page.getByText('Dog and animals away')).toBeVisible();
  const rack = page.getByRole('slider', { name: /Drip on the rack, begins/ });
  // The steps are planned anew for the day that was chosen.
  await expect(rack).toHaveAttribute('aria-valuetext', /^Wednesday 18 March/);
  const before = await rack.getAttribute('aria-valuetext');
  const knife = page.getByRole('slider', { name: /Cut about \d+ pieces, begins/ });
  await knife.press('ArrowDown');
  await expect(rack).not.toHaveAttribute('aria-valuetext', before!);
  await expect(
    page.getByRole('button', { name: /Cut about \d+ pieces: back to where it was/ }),
  ).toBeVisible();
  // Put into the night it says so; taken back all is as before.
  for (let i = 0; i < 14; i++) await knife.press('ArrowDown');
  // Said at the step, and with what does not fit above the timetable.
  await expect(page.locator('.conflict', { hasText: 'Outside your working hours' })).toBeVisible();
  await expect(
    page.getByText(/^1 step does not fit as set: Outside your working hours/),
  ).toBeVisible();
  await page.getByRole('button', { name: /back to where it was/ }).click();
  await expect(rack).toHaveAttribute('aria-valuetext', before!);

  await page.getByRole('button', { name: 'Keep this plan', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Calendar file, with alarms' })).toBeVisible();
  const file = await page.request.get(
    `${demo.base}${await page.getByRole('link', { name: 'Calendar file, with alarms' }).getAttribute('href')}`,
  );
  const calendar = new ICAL.Component(ICAL.parse(await file.text()));
  const events = calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
  expect(
    events
      .find((e) => e.summary === 'Ipê: Smoke and wait')!
      .startDate.toJSDate()
      .toISOString(),
  ).toBe('2026-03-18T13:00:00.000Z');
  expect(events.every((e) => e.component.getAllSubcomponents('valarm').length === 1)).toBe(true);
  const sheet = await page.request.get(`${demo.base}/api/v1/plans/sheet.pdf`);
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('the list is ticked on a phone, and the table sees it; a missing line says what to do instead', async ({
  browser,
  page,
}) => {
  const phone = await (
    await browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      isMobile: true,
    })
  ).newPage();
  await phone.goto(`${demo.base}/bring`);
  const veils = phone.getByRole('checkbox', { name: /Veils, suits and gloves/ });
  // Two quick fingers: both lines are kept.
  const water = phone.getByRole('checkbox', { name: /Bucket of water/ });
  await veils.tap();
  await water.tap();
  await expect(veils).toBeChecked();
  const row = await boxAtRest(phone.getByText(/^Veils, suits and gloves for \d+$/));
  expect(
    (await boxAtRest(phone.locator('label').filter({ hasText: 'Veils' }))).height,
  ).toBeGreaterThanOrEqual(64);
  expect(row.x + row.width).toBeLessThanOrEqual(390);
  await phone.getByRole('button', { name: 'Long knife: missing' }).tap();
  await expect(phone.getByText('A bread knife with its edge taken off; never tear.')).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expect(
    phone.getByRole('status').filter({ hasText: 'Long knife: noted as missing.' }),
  ).toBeVisible();
  await phone.reload();
  await expect(veils).toBeChecked();
  await expect(water).toBeChecked();
  await page.goto(`${demo.base}/ready`);
  await expect(page.getByRole('checkbox', { name: /Veils, suits and gloves/ })).toBeChecked();
  await expect(page.getByText('torn at the thumb: sew or replace')).toBeVisible();
  await phone.close();
});
