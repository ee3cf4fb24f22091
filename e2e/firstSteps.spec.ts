import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/** What an empty household offers before its first hive. */
test('the demo household opens beside, and nothing done there is in one’s own', async ({
  page,
  server,
}) => {
  await page.goto(server.base);
  const opens = page.context().waitForEvent('page');
  await page.getByRole('button', { name: 'See the demo household' }).click();
  const demo = await opens;
  await expect(demo.getByRole('link', { name: /^Ipê/ }).first()).toBeVisible({ timeout: 30_000 });
  expect(new URL(demo.url()).port).not.toBe(new URL(server.base).port);
  await expect(page.getByRole('link', { name: 'Open it again' })).toHaveAttribute(
    'href',
    demo.url(),
  );
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Nothing runs, nothing is due.' })).toBeVisible();
});

test('the drawing of a kind leads to a hive of that kind', async ({ page, server }) => {
  const person = new Stranger(page);
  await page.goto(server.base);
  await person.touch('Warré hive');
  await expect(page.getByRole('radio', { name: 'Warré hive' })).toBeChecked();
  await person.fill('Name of the site', 'Hollow lane');
  await person.fill('Name of the hive', 'Sorrel');
  await person.touch('Make this hive');
  await person.at('Sorrel');
});

test('the first verdict stands after eight acts', async ({ page, server }) => {
  const person = new Stranger(page);
  await page.goto(server.base);
  await person.touch('Horizontal top-bar hive');
  await person.fill('Name of the site', 'Lime walk');
  await person.fill('Name of the hive', 'Comfrey');
  await person.touch('Make this hive');
  await person.touch('Read, go on');
  await person.touch('Half capped');
  await person.touch('Side B');
  await person.touch('Half capped');
  await expect(page.locator('aside.verdict .head b')).toHaveText('Leave');
  expect(person.touches).toBeLessThanOrEqual(8);
});

test('a sheet kept before comes in with its site and hive, which are made on the way', async ({
  page,
  server,
}) => {
  const person = new Stranger(page);
  await page.goto(server.base);
  await person.touch('Take in what you kept before');
  await page.getByLabel('Sheet to take in').setInputFiles({
    name: 'old.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('date,hive,honey kg\n2024-06-02,Bramble,4.25\n2025-06-14,Bramble,3.1\n'),
  });
  await page.getByLabel('Kind of Bramble').selectOption({ label: 'Horizontal top-bar hive' });
  await person.sees('Where did these hives stand?');
  await person.touch('Make this site');
  await expect(page.getByRole('alert').first()).toBeVisible();
  await person.fill('Name of the site', 'Quarry edge');
  await person.touch('Make this site');
  await expect(page.getByLabel('Site of Bramble').locator('option:checked')).toHaveText(
    'Quarry edge',
  );
  await person.touch('Take the sheet in, all or nothing');
  await person.sees('2 harvests are in the book.');
  const { items } = await server.read('/harvests');
  expect(items.map((h) => h.hiveName)).toEqual(['Bramble', 'Bramble']);
});
