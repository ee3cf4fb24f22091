import type { Page } from '@playwright/test';
import { UNIT_SYSTEMS } from '../packages/core/src/records/vocabulary/units.js';
import { ROW_ADDRESSES } from './addresses.js';
import { cutOff } from './cutOff.js';
import { demoHousehold } from './demoHousehold.js';
import { ENGLISH_WORDS } from './englishWords.js';
import { metricSaid } from './inUnits.js';
import { readOut, withoutNames } from './readOut.js';
import { insidesShown } from './saidWhole.js';
import { expect, test } from '@playwright/test';

/**
 * Every screen of the practice household in Portuguese and the units of the United States: no
 * English word is left, no metric sign, nothing cut off.
 */
const demo = demoHousehold();
test.use({ locale: 'pt-BR' });

test.beforeAll(async () => {
  const { rules } = await demo.read('/rules');
  await demo.post('/rules', { ...rules, language: 'pt-BR', units: UNIT_SYSTEMS.us });
});

/** Texts of the page with an English word, or with a figure whose decimals begin with a point. */
async function englishSaid(page: Page, names: readonly string[]): Promise<string[]> {
  const said = withoutNames(await readOut(page), names);
  return said.filter((text) => {
    const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
    return words.some((word) => ENGLISH_WORDS.has(word)) || /\d\.\d(?!\d\d)/.test(text);
  });
}
/** What people named in the practice household: its names are theirs, in whatever language. */
async function namesGiven(): Promise<string[]> {
  const [jars, vessels, gear, hives, flows] = await Promise.all([
    demo.read('/jars'),
    demo.read('/vessels'),
    demo.read('/gear'),
    demo.read('/hives'),
    demo.read('/flows'),
  ]);
  const reasons = flows.items.flatMap(
    ({
      reason: {
        with: { why, text },
      },
    }) => [
      String(text ?? ''),
      typeof why === 'object' && 'with' in why ? String(why.with.text ?? '') : '',
    ],
  );
  const notes = gear.items.map((thing) => thing.repair ?? '');
  const tasks = hives.items.flatMap(({ site }) => [...site.tasks.map((t) => t.what), site.name]);
  const named = [...jars.items, ...vessels.items, ...gear.items].map(({ name }) => name);
  // The longest first: one may stand within another.
  return [...named, ...notes, ...tasks, ...reasons]
    .filter(Boolean)
    .sort((a, b) => b.length - a.length);
}
/** How screens are held: at the table, and in the hand. */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
];
async function holds(page: Page): Promise<void> {
  await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
  const names = await namesGiven();
  expect(await englishSaid(page, names)).toEqual([]);
  expect(await metricSaid(page, [...names, ...NUTRITION])).toEqual([]);
  expect(await insidesShown(page)).toEqual([]);
}
/** Said so by the law, in whatever units. */
const NUTRITION = ['Informação nutricional por 100 g', 'Nutrição por 100 g'];
for (const path of ROW_ADDRESSES)
  test(`nothing on ${path} is English, metric or cut off where Portuguese was chosen`, async ({
    page,
  }) => {
    for (const size of SIZES) {
      await page.setViewportSize(size);
      await page.goto(demo.base + path);
      await expect(page.locator('h1').first()).toBeVisible();
      await page.waitForTimeout(800);
      expect(await cutOff(page), `${size.width} wide`).toEqual([]);
      await holds(page);
    }
  });

test('nothing about a hive of any kind is English where Portuguese was chosen', async ({
  page,
}) => {
  for (const hive of ['Araucária', 'Bromélia', 'Miúda']) {
    await page.goto(`${demo.base}/look`);
    await page.getByRole('link', { name: hive, exact: true }).click();
    await page.getByRole('heading', { name: hive, level: 1 }).waitFor();
    await holds(page);
  }
});

test('a device may speak its own language, the household’s or what it asks for', async ({
  page,
}) => {
  await page.goto(`${demo.base}/rules?at=jar`);
  await expect(page.getByRole('heading', { name: 'Regras', level: 1 })).toBeVisible();
  const own = page.getByRole('group', { name: 'Neste aparelho' });
  await own.getByRole('button', { name: 'English' }).click();
  await expect(page.getByRole('heading', { name: 'Rules', level: 1 })).toBeVisible();
  await page.goto(demo.base);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('are ripe');
  await page.goto(`${demo.base}/rules?at=jar`);
  const back = page.getByRole('group', { name: 'On this device' });
  await back.getByRole('button', { name: 'As the household' }).click();
  await expect(page.getByRole('heading', { name: 'Regras', level: 1 })).toBeVisible();
});
