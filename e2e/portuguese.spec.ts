import type { Page } from '@playwright/test';
import { ROW_ADDRESSES } from './addresses.js';
import { demoHousehold } from './demoHousehold.js';
import { ENGLISH_WORDS } from './englishWords.js';
import { readOut, withoutNames } from './readOut.js';
import { insidesShown } from './saidWhole.js';
import { expect, test } from '@playwright/test';

/** Every screen of the practice household in Portuguese: no English word is left, nothing cut off. */
const demo = demoHousehold();
test.use({ locale: 'pt-BR' });

test.beforeAll(async () => {
  const { rules } = await demo.read('/rules');
  await demo.post('/rules', { ...rules, language: 'pt-BR' });
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
  const [jars, vessels, gear, hives] = await Promise.all([
    demo.read('/jars'),
    demo.read('/vessels'),
    demo.read('/gear'),
    demo.read('/hives'),
  ]);
  const notes = gear.items.map((thing) => thing.repair ?? '');
  const tasks = hives.items.flatMap(({ site }) => [...site.tasks.map((t) => t.what), site.name]);
  const named = [...jars.items, ...vessels.items, ...gear.items].map(({ name }) => name);
  // The longest first: one may stand within another.
  return [...named, ...notes, ...tasks].filter(Boolean).sort((a, b) => b.length - a.length);
}
for (const path of ROW_ADDRESSES)
  test(`nothing on ${path} is English where Portuguese was chosen`, async ({ page }) => {
    await page.goto(demo.base + path);
    await expect(page.locator('h1').first()).toBeVisible();
    await page.waitForTimeout(800);
    await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
    expect(await englishSaid(page, await namesGiven())).toEqual([]);
    expect(await insidesShown(page)).toEqual([]);
  });
