import type { Browser, Page } from '@playwright/test';
import { expectNothingSerious } from './accessible.js';
import { expect, test } from './emptyHousehold.js';
import { phonesBrowser } from './phonesBrowser.js';
import { Stranger } from './stranger.js';

/**
 * A household lets phones in from its own machine: what each of them sees, and what the others hear
 * of it.
 */
test.use({ now: '2026-01-20T13:00:00Z' });

/** A phone of its own in the house's network, with its own cookies. */
async function phone(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  return context.newPage();
}
/** Reads the code at the table and types it on the phone, wrong letters first. */
async function letIn(table: Page, on: Page, key: string, name: string, person: string) {
  await table.getByRole('button', { name: key }).click();
  const letters = await table.getByLabel('The eight letters').innerText();
  const address = await table.locator('.house .address').innerText();
  await on.goto(address);
  await expect(on.getByRole('heading', { name: 'Let this phone in' })).toBeVisible();
  await expectNothingSerious(on, 'the page that pairs');
  await on.getByLabel('What this phone is called').fill(name);
  await on.getByLabel('Whose it is').fill(person);
  await on.getByLabel('The eight letters').fill('BBBB BBBB');
  await on.getByRole('button', { name: 'Let it in' }).click();
  await expect(on.getByRole('alert')).toContainText('Look again');
  await expectNothingSerious(on, 'the page that pairs, after wrong letters');
  await expect(on.getByLabel('Whose it is')).toHaveValue(person);
  await on.getByLabel('The eight letters').fill(letters);
  await on.getByRole('button', { name: 'Let it in' }).click();
  await expect(on.getByRole('navigation', { name: 'The row' })).toBeVisible();
  await expect(table.getByRole('list', { name: 'Phones that are let in' })).toContainText(name);
  await expectNothingSerious(table, 'In the house, a phone let in');
}

test('a phone of the household and one of a helper are let in, hear of each other, and are removed', async ({
  page,
  server,
  browser,
  launchOptions,
}, { annotations }) => {
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Horizontal top-bar hive', 'Orchard', 'Aroeira');
  await page.goto(`${server.base}/rules?at=house`);
  await page.getByRole('button', { name: 'Open the door of the house' }).click();
  const address = await page.locator('.house .address').innerText();

  // A phone that was not told whom to trust is warned; one that was, is not: no warning is ignored
  // here.
  const stray = await phone(browser);
  await expect(stray.goto(address)).rejects.toThrow(/ERR_CERT_AUTHORITY_INVALID/);
  await stray.context().close();
  const phones = await phonesBrowser(address, launchOptions);
  annotations.push({
    type: 'certificate',
    description: phones.trusts ? 'the authority is trusted' : 'no certutil: one key is known',
  });

  const ana = await phone(phones.browser);
  await letIn(page, ana, 'Let a phone in', 'Blue phone', 'Ana');
  const rui = await phone(phones.browser);
  await letIn(page, rui, 'Let a helper in, for today', 'Red phone', 'Rui');

  // What one writes stands on the others within a second or two, with who did it.
  expect(await ana.evaluate(() => window.isSecureContext)).toBe(true);
  await ana.goto(new URL('/look', address).href);
  const look = new Stranger(ana);
  await look.reads('All capped');
  await look.touch(/^Write down comb/);
  await expect(page.getByText('Ana, Blue phone: something was written.')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Ana, Blue phone');
  await page.keyboard.press('Escape');

  // On a narrow page the tabs slide until the one in view is in sight, but for a line of its edge.
  await ana.goto(new URL('/rules?at=house', address).href);
  await expect(ana.getByRole('button', { name: 'In the house' })).toBeInViewport({ ratio: 0.95 });
  await expect(ana.getByRole('button', { name: 'Let this phone in no longer' })).toBeVisible();
  await expectNothingSerious(ana, 'In the house, on a phone');

  // A helper sees the hive and the bench, nothing of the household's own.
  const row = rui.getByRole('navigation', { name: 'The row' });
  await expect(row.getByRole('link', { name: 'Look' })).toBeVisible();
  await expect(row.getByRole('link', { name: 'Book' })).toHaveCount(0);
  await rui.goto(new URL('/book', address).href);
  await expect(rui.getByText('The household’s own')).toBeVisible();
  await rui.goto(new URL('/look', address).href);
  await expect(rui.getByRole('heading', { name: /Aroeira/ })).toBeVisible();
  // Both have the same comb before them: each is told of the other.
  await ana.goto(new URL('/look?comb=3', address).href);
  await rui.goto(ana.url());
  await expect(rui.getByText('Ana, Blue phone is at this comb too.')).toBeVisible();
  await expect(ana.getByText('Rui, Red phone is at this comb too.')).toBeVisible();

  // Removed by one touch: it is asked for letters again.
  await page.getByRole('button', { name: 'Let Red phone in no longer' }).click();
  await expect(page.getByRole('list', { name: 'Phones that are let in' })).not.toContainText('Rui');
  await rui.reload();
  await expect(rui.getByRole('heading', { name: 'Let this phone in' })).toBeVisible();

  await page.getByRole('button', { name: 'Shut the door' }).click();
  await expect(ana.goto(address)).rejects.toThrow();
  await phones.close();
});
