import { UNIT_SYSTEMS } from '../packages/core/src/records/vocabulary/units.js';
import { ROW_ADDRESSES } from './addresses.js';
import { cutOff } from './cutOff.js';
import { demoHousehold } from './demoHousehold.js';
import { metricSaid } from './inUnits.js';
import { readOut } from './readOut.js';
import { expect, test } from '@playwright/test';

/** Every screen of the practice household in pounds, inches, imperial gallons, and degrees Celsius. */
const demo = demoHousehold();
test.beforeAll(async () => {
  const { rules } = await demo.read('/rules');
  await demo.post('/rules', { ...rules, units: UNIT_SYSTEMS.imperial });
});

/** Measures of this system that are metric elsewhere, and what the law says in grams. */
const AS_THEY_ARE = ['°C', 'per 100 g'];
const OF_THE_STATES = /\d\s?US (gal|qt|pt)|\d\s?°F/;

test('nothing on any screen is metric or of the United States where imperial was chosen', async ({
  page,
}) => {
  for (const path of ROW_ADDRESSES) {
    await page.goto(demo.base + path);
    await expect(page.locator('h1').first()).toBeVisible();
    await page.waitForTimeout(600);
    expect(await metricSaid(page, AS_THEY_ARE), path).toEqual([]);
    expect(
      (await readOut(page)).filter((text) => OF_THE_STATES.test(text)),
      path,
    ).toEqual([]);
    expect(await cutOff(page), path).toEqual([]);
  }
});
