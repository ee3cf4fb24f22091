import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { OwnServer } from './ownServer.js';
import { weighLowerHoney, weighWetWax } from './weigh.js';

// A household of its own, from a drained lot to labels, a gift, wax, the seasons and the archive.
const server = new OwnServer('2026-03-14T13:00:00Z');
const empty = new OwnServer('2026-03-14T18:00:00Z');
test.describe.configure({ mode: 'serial' });
test.beforeAll(() => server.startDemo());
test.afterAll(async () => {
  await server.end();
  await empty.end();
});
const status = (page: Page) => page.getByRole('contentinfo').getByRole('status');
const at = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();
async function batch(): Promise<string> {
  return (await server.read('/harvests')).items.find((b) => !b.closedAt)!.id;
}
async function pdfText(page: Page, href: string): Promise<string> {
  const pdf = await getDocument({
    data: new Uint8Array(await (await page.request.get(new URL(href, server.base).href)).body()),
    verbosity: 0,
  }).promise;
  const texts = await Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) =>
      (await (await pdf.getPage(i + 1)).getTextContent()).items
        .map((t) => ('str' in t ? t.str : ''))
        .join(' '),
    ),
  );
  return texts.join(' ');
}

test('a drained lot is filled, its jars weighed one by one, its labels designed, printed and printed again', async ({
  page,
}) => {
  await page.goto(`${server.base}/drain/${await batch()}`);
  await page.getByRole('button', { name: 'Stop draining…' }).click();
  await weighLowerHoney(page.getByRole('dialog'), '3,46');
  await weighWetWax(page, '0,7');
  await page.getByLabel('Why').fill('Stuck to bucket and strainer');
  await page.getByRole('button', { name: 'Close this drain' }).click();
  await page.getByRole('link', { name: 'Go on to Jar' }).click();
  await page.getByRole('button', { name: /^Filled 3/ }).click();
  const code = (await page.getByRole('cell', { name: /^IPE-260314-A1/ }).textContent())!.trim();

  await page.getByRole('button', { name: `Weigh the jars of ${code}` }).click();
  await page.getByLabel('Jar 1 of 3, net').fill('303');
  await at(page, 'Next jar');
  await page.getByLabel('Jar 2 of 3, net').fill('29');
  await at(page, 'Next jar');
  await at(page, 'Write the weights down');
  await expect(page.getByRole('alert')).toContainText('29 g is far from 300 g');
  await at(page, 'Take the last back');
  await page.getByLabel('Jar 2 of 3, net').fill('297');
  await at(page, 'Next jar');
  await expect(page.getByText(/1 of 2 jars under 300 g, the lightest 297 g/)).toBeVisible();
  await at(page, 'Write the weights down');
  // The label never says more than the lightest jar held.
  await expect(page.getByText('297 g / 10.4 oz')).toBeVisible();

  await at(page, 'Labels');
  await page.getByRole('button', { name: 'Line: 297 g / 10.4 oz' }).click();
  await at(page, 'Larger');
  await expect(page.getByText('11.5 pt')).toBeVisible();
  await page.getByLabel('Add a line').selectOption({ label: 'Own line' });
  await page.getByLabel('What it says').fill('Picked on 2 Jan 2020');
  await expect(page.getByRole('alert').first()).toContainText(
    '“2 Jan 2020” is not a date of this harvest',
  );
  await expect(page.getByRole('button', { name: 'Print 3 labels' })).toBeDisabled();
  await page.getByLabel('What it says').fill('Mel de açude, 1º corte');
  await at(page, 'Make it fit');
  await expect(page.getByText(/The lines are/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Begin at label 3', exact: true }).click();
  await at(page, 'Print 3 labels');
  await expect(status(page)).toContainText("3 labels in the printer's spool.");
  const href = (await page
    .getByRole('link', { name: 'PDF', exact: true })
    .first()
    .getAttribute('href'))!;
  const text = await pdfText(page, href);
  for (const words of [
    `Batch ${code}`,
    '297 g / 10.4 oz',
    'Harvested 14 Mar 2026',
    'Mel de açude, 1º corte',
    'Not for children under twelve months.',
    'Gift, not for sale.',
  ])
    expect(text).toContain(words);
  await page.getByRole('button', { name: 'Some came out wrong…' }).first().click();
  await page.getByLabel('What went wrong').fill('Smeared');
  await at(page, 'Write it down');
  await expect(page.getByText('1 misprinted: Smeared')).toBeVisible();
  await expect(page.getByText(/printed again/).first()).toBeVisible();
});

test('the rest is planned over several lots, promises first; a jar is given away', async ({
  page,
}) => {
  await page.goto(`${server.base}/jar/${await batch()}?at=several`);
  await page.getByRole('button', { name: 'Promise some jars…' }).click();
  await page.getByLabel('Which jars').selectOption({ label: 'Small jar 300' });
  await page.getByLabel('How many').fill('4');
  await page.getByLabel('For whom, if you like').fill('Dona Lurdes');
  await at(page, 'Promise them');
  await expect(page.getByText(/4 × Small jar 300, a gift for Dona Lurdes/)).toBeVisible();
  const fill = page.getByRole('button', { name: /^Filled \d+ jars as drawn/ });
  await expect(fill).toBeEnabled({ timeout: 20_000 });
  await expect(page.getByText(/4 × Small jar 300|[5-9] × Small jar 300/).first()).toBeVisible();
  await fill.click();
  await expect(status(page)).toContainText('jars filled.');
  await at(page, 'Shelf');
  await page.getByRole('button', { name: /Some of IPE-260314-A1 left the shelf/ }).click();
  await page.getByLabel('They were').selectOption({ label: 'Given' });
  await at(page, 'Write it down');
  await expect(status(page)).toContainText('1 given.');
  await expect(page.getByText('2 of 3 × 300 g')).toBeVisible();
});

test('wax is frozen and rendered, the rinse becomes mead, feeding waits for a look at the brood', async ({
  page,
}) => {
  await page.goto(`${server.base}/jar/${await batch()}?at=wax`);
  await expect(page.getByText(/Render or freeze it before/)).toBeVisible();
  await at(page, 'Into the freezer');
  await expect(page.getByText('In the freezer: moth cannot work there.')).toBeVisible();
  await page.getByLabel('Rinse water').fill('2,5');
  await page.getByLabel('Sugar reading').fill('50');
  await expect(page.getByText('At most 40 °Brix.')).toBeVisible();
  await page.getByLabel('Sugar reading').fill('8');
  await expect(page.getByText('0.25 kg')).toBeVisible();
  await at(page, 'Write the rinse down');
  await expect(page.getByText('2.5 L at 8 °Brix')).toBeVisible();
  await expect(page.getByRole('contentinfo', { name: 'Clocks and messages' })).toContainText(
    /use the rinse in/,
  );
  await at(page, 'Fed back');
  await expect(page.getByText('Not to be fed.')).toBeVisible();
  await at(page, 'Poured away');
  await page.getByRole('button', { name: 'Poured away' }).last().click();
  await expect(page.getByText(/2\.5 L at 8 °Brix: poured away/)).toBeVisible();
  await page.getByLabel('Clean wax', { exact: true }).fill('130');
  await at(page, 'Its blocks…');
  await page.getByLabel('Block 1', { exact: true }).fill('140');
  await at(page, 'Write the wax down');
  await expect(page.getByText('The blocks weigh more than the clean wax.')).toBeVisible();
  await page.getByLabel('Block 1', { exact: true }).fill('130');
  await at(page, 'Write the wax down');
  await expect(page.getByText(/gave 130 g, \d+ %; 130 g yellow/)).toBeVisible();
});

test('a jar is traced to its comb by its code and by a picture of it; the book balances and the seasons speak', async ({
  page,
}) => {
  const id = await batch();
  const { lots } = await server.read('/harvests/{id}', id);
  const jar = lots.find((l) => l.kind === 'jars')!;
  await page.goto(`${server.base}/book/${id}`);
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
  await page.getByRole('button', { name: /^comb 17/ }).click();
  await expect(page.getByText(/was 4\d % of what was taken together/)).toBeVisible();
  // The code as it stands on the printed label, photographed: here the label as the screen draws
  // it.
  await page.goto(`${server.base}/jar/${id}`);
  const picture = await page.getByRole('img', { name: /^Label: Honey/ }).screenshot();
  await page.goto(`${server.base}/book`);
  await page
    .getByLabel('Picture of the code')
    .setInputFiles({ name: 'label.png', mimeType: 'image/png', buffer: picture });
  await expect(page.getByRole('heading', { name: /^Where it is from: IPE-260314/ })).toBeVisible();
  await expect(
    page
      .getByRole('region', { name: /^Trace of IPE/ })
      .getByRole('row', { name: /Ipê, comb/ })
      .first(),
  ).toContainText('100 %');
  await page.getByLabel('Picture of the code').setInputFiles({
    name: 'no.png',
    mimeType: 'image/png',
    buffer: readFileSync('docs/screenshots/today.png'),
  });
  await expect(page.getByText(/No square code can be read/)).toBeVisible();
  const lot = await page.request.get(`${server.base}/lot/${jar.code}`);
  expect(await lot.text()).toContain('Encosta');

  await at(page, 'Seasons');
  await expect(page.getByText('2024/25 gave most:')).toBeVisible();
  await at(page, 'Hive');
  await expect(page.getByRole('row', { name: /^Guabiroba/ })).toBeVisible();
  await at(page, 'Do I estimate right?');
  await expect(page.getByRole('img', { name: /Your last 4 combs weighed/ })).toBeVisible();
  await at(page, 'Asked');
  await expect(page.getByText('Nothing in the book contradicts itself.')).toBeVisible();
});

test('everything goes out as one archive and is there already; a broken one and a doubtful sheet change nothing', async ({
  page,
}) => {
  await page.goto(`${server.base}/book?at=inout`);
  await at(page, 'Write the archive');
  const save = page.getByRole('link', { name: /^Save the archive/ });
  await expect(save).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), save.click()]);
  const file = (await download.path())!;
  await page.getByLabel('Archive to take in').setInputFiles({
    name: 'half.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(file).subarray(0, 40_000),
  });
  await expect(page.getByRole('alert')).toContainText('cut off');
  await page
    .getByLabel('Archive to take in')
    .setInputFiles({ name: 'all.zip', mimeType: 'application/zip', buffer: readFileSync(file) });
  await expect(page.getByText('Everything in it is here already.')).toBeVisible();

  const sheet =
    'Data;Colmeia;Mel (kg);Cera (g)\n14/03/2023;Ipê;3,4;120\n02/04/2023;Jatobá;6,9;\n31/02/2023;Ipê;2;80\n';
  const put = (text: string) =>
    page.getByLabel('Sheet to take in').setInputFiles({
      name: 'old.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(`\uFEFF${text}`),
    });
  await put(sheet);
  await expect(page.getByText('Row 4, “Data”:')).toBeVisible();
  await expect(
    page.getByRole('button', { name: 'Take the sheet in, all or nothing' }),
  ).toBeDisabled();
  await put(sheet.replace('31/02', '28/02'));
  await expect(page.getByText('3 harvests, 12.30 kg of honey.')).toBeVisible();
  await page.getByLabel('Kind of Jatobá').selectOption({ label: 'Warré hive' });
  await page.getByLabel('Site of Jatobá').selectOption({ label: 'Encosta' });
  await at(page, 'Take the sheet in, all or nothing');
  await expect(status(page)).toContainText('3 harvests are in the book.');
  await at(page, 'Seasons');
  await at(page, 'Hive');
  await expect(page.getByRole('row', { name: /^Jatobá/ })).toContainText('6.90 kg');
  // In a household that knows none of it yet, the same archive is new and comes in whole.
  await empty.start();
  await page.goto(`${empty.base}/book?at=inout`);
  const takeIn = async (): Promise<void> => {
    await page
      .getByLabel('Archive to take in')
      .setInputFiles({ name: 'all.zip', mimeType: 'application/zip', buffer: readFileSync(file) });
    await expect(page.getByText('This is what it would do.')).toBeVisible();
    await at(page, 'Take it in, all or nothing');
    await expect(page.getByText('It is in.')).toBeVisible({ timeout: 20_000 });
  };
  await takeIn();
  // Taken back as one thing, everything in it is new again.
  await at(page, 'Take it back');
  await expect(page.getByText('Taken back.', { exact: true })).toBeVisible();
  await takeIn();
  await at(page, 'One harvest');
  await expect(page.getByText('Balanced to the gram')).toBeVisible();
});
