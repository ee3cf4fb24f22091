import { ROW_ADDRESSES } from './addresses.js';
import { cutOff } from './cutOff.js';
import { demoHousehold } from './demoHousehold.js';
import { readOut } from './readOut.js';
import { insidesShown } from './saidWhole.js';
import { expect, test } from '@playwright/test';

/** Every screen of the practice household in English and metric, as it begins. */
const demo = demoHousehold();

/** A measure of the other units: none is left over from another household's choice. */
const NOT_METRIC = /\d\s?(lb|oz|°F|gal|mph)(?!\p{L})/u;

for (const path of ROW_ADDRESSES)
  test(`nothing on ${path} is cut off or in other than metric units`, async ({ page }) => {
    for (const size of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      await page.setViewportSize(size);
      await page.goto(demo.base + path);
      await expect(page.locator('h1').first()).toBeVisible();
      await page.waitForTimeout(600);
      expect(await cutOff(page), `${size.width} wide`).toEqual([]);
      expect((await readOut(page)).filter((text) => NOT_METRIC.test(text))).toEqual([]);
      expect(await insidesShown(page)).toEqual([]);
    }
  });
