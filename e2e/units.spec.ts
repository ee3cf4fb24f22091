import { UNIT_SYSTEMS } from '../packages/core/src/records/vocabulary/units.js';
import { demoHousehold } from './demoHousehold.js';
import { metricSaid } from './inUnits.js';
import { insidesShown } from './saidWhole.js';
import { expect, test } from '@playwright/test';

/**
 * The practice household with the units of the United States, in English: what stands behind a key
 * is not metric either. Every screen by itself is walked in Portuguese (portuguese.spec.ts).
 */
const demo = demoHousehold();

test.beforeAll(async () => {
  const { rules } = await demo.read('/rules');
  await demo.post('/rules', { ...rules, units: UNIT_SYSTEMS.us });
});

/** What is called so, in whatever units: jars by their people, nutrition by the law. */
async function namesGiven(): Promise<string[]> {
  const jars = await demo.read('/jars');
  return [...jars.items.map((jar) => jar.name), 'Nutrition per 100 g'];
}

test('a household may measure in kilograms and degrees Fahrenheit', async ({ page }) => {
  const { rules } = await demo.read('/rules');
  const mixed = { ...UNIT_SYSTEMS.metric, temperature: 'fahrenheit' as const };
  await demo.post('/rules', { ...rules, units: mixed });
  await page.goto(`${demo.base}/drain`);
  const main = page.getByRole('main');
  await expect(main).toContainText('75 °F');
  await expect(main).toContainText(/\d kg at the start/);
  await expect(main).not.toContainText('°C');
  await page.goto(`${demo.base}/rules?at=jar`);
  // What is mixed is shown each by itself, without a touch.
  await expect(page.getByRole('button', { name: '°F', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await demo.post('/rules', { ...rules, units: UNIT_SYSTEMS.us });
});

test('nothing about a hive of any kind is metric where US units were chosen', async ({ page }) => {
  for (const hive of ['Araucária', 'Bromélia', 'Miúda']) {
    await page.goto(`${demo.base}/look`);
    await page.getByRole('link', { name: hive, exact: true }).click();
    await page.getByRole('heading', { name: hive, level: 1 }).waitFor();
    await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
    expect(await metricSaid(page, []), hive).toEqual([]);
  }
});

/** A key that opens a dialog, and where it stands. */
const DIALOGS: [path: string, opens: string][] = [
  ['/look?comb=14', 'Measure water…'],
  ['/look?comb=14', 'From a photo…'],
  ['/look?comb=14', 'Stray comb…'],
  ['/look?comb=14', 'Paint cells'],
  ['/look?comb=14', 'As a table'],
  ['/drain', 'Stop draining…'],
  ['/rules?at=all', 'Add a vessel…'],
  ['/rules?at=all', 'Add jars or boxes…'],
  ['/rules?at=all', 'Add a thing…'],
];
for (const [path, opens] of DIALOGS)
  test(`nothing behind ‘${opens}’ is metric where US units were chosen`, async ({ page }) => {
    await page.goto(demo.base + path);
    await page.getByRole('button', { name: opens }).first().click();
    await page.waitForTimeout(300);
    expect(await metricSaid(page, await namesGiven())).toEqual([]);
    expect(await insidesShown(page)).toEqual([]);
  });
