import { demoHousehold } from './demoHousehold.js';
import { ROW_ADDRESSES } from './addresses.js';
import { expectNothingSerious, smallType } from './accessible.js';
import { lift, spareTwoCombs } from './lift.js';
import { expect, test, type Page } from '@playwright/test';
import { opensColony } from './colony.js';

// Colours are measured at rest: a key that has just come alive would be caught between two of them.
test.use({ contextOptions: { reducedMotion: 'reduce' } });

const demo = demoHousehold();
const PHONE = { width: 390, height: 844 };

for (const path of [...ROW_ADDRESSES, '/rules?at=house', '/nowhere']) {
  test(`no serious accessibility finding on ${path}, on a desk, a phone and in the sun`, async ({
    page,
  }) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    await page.goto(demo.base + path);
    await expect(page.locator('h1').first()).toBeVisible();
    await expectNothingSerious(page, `desk ${path}`);
    await page.setViewportSize(PHONE);
    await page.reload();
    await expect(page.locator('h1').first()).toBeVisible();
    await expectNothingSerious(page, `phone ${path}`);
    await page.evaluate(() => document.documentElement.classList.add('sun'));
    await expectNothingSerious(page, `sun ${path}`);
    expect(await smallType(page), 'type under 17 px in the sun').toEqual([]);
    expect(errors).toEqual([]);
  });
}

/** A dialog, or a screen with work in it, as it stands: on a desk, and as narrow as a phone. */
async function expectAtBothSizes(page: Page, what: string): Promise<void> {
  await expectNothingSerious(page, what);
  const desk = page.viewportSize()!;
  await page.setViewportSize(PHONE);
  await expectNothingSerious(page, `${what}, on a phone`);
  await page.setViewportSize(desk);
}

/** As fast as a person may: quicker ones are a bouncing contact's. */
async function pressSpace(page: Page): Promise<void> {
  await page.waitForTimeout(350);
  await page.keyboard.press('Space');
}

test('no serious finding on the screens with work in them, their dialogs and sun mode', async ({
  page,
}) => {
  test.slow();
  await spareTwoCombs(demo);
  await page.goto(`${demo.base}/look?comb=14`);
  await page.getByRole('button', { name: 'Measure water…' }).click();
  await expectAtBothSizes(page, 'moisture dialog');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'As a table' }).click();
  await expectAtBothSizes(page, 'table');
  for (const hive of ['Araucária', 'Bromélia', 'Miúda']) {
    await page.goto(`${demo.base}/look`);
    await page.getByRole('link', { name: hive, exact: true }).click();
    await page.getByRole('heading', { name: hive, level: 1 }).waitFor();
    await expectAtBothSizes(page, `look ${hive}`);
  }
  await page.goto(`${demo.base}/look?comb=14`);
  await page.getByRole('button', { name: 'Paint cells' }).click();
  await expectAtBothSizes(page, 'paint');
  await page.getByRole('button', { name: 'From outside' }).click();
  await expectAtBothSizes(page, 'from outside');
  for (const [opens, what] of [
    ['From a photo…', 'photo'],
    ['Stray comb…', 'stray comb'],
    ['The colony is gone…', 'dead colony'],
  ]) {
    await page.getByRole('button', { name: opens }).click();
    await page.getByRole('dialog').waitFor();
    await expectAtBothSizes(page, what);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await opensColony(page);
  await page.getByRole('button', { name: /^Forage/ }).click();
  await expectAtBothSizes(page, 'forage');
  await page.goto(`${demo.base}/choose`);
  await lift(page, 14);
  await page.getByRole('button', { name: /^Comb 13,/ }).click();
  await page.getByLabel('Why take it').fill('It broke off its bar');
  await expectAtBothSizes(page, 'take anyway dialog');
  await page.getByRole('button', { name: 'Take comb 13 anyway' }).click();
  await expectAtBothSizes(page, 'choose');
  await page.getByRole('button', { name: 'Go on to Ready' }).click();
  await expect(page.getByText('From washing the gear')).toBeVisible();
  await expectAtBothSizes(page, 'ready');
  await page.getByRole('button', { name: /go to Take/ }).click();
  await page.getByRole('heading', { name: 'Before you open' }).waitFor();
  // The space bar is the one large key.
  // The first wait that is cut short is asked about, once.
  for (let i = 0; i < 7; i++) await pressSpace(page);
  await expect(page.getByRole('heading', { name: 'Lift bar 14' })).toBeVisible();
  await pressSpace(page);
  await page.getByRole('button', { name: 'Read the scale' }).click();
  await expectAtBothSizes(page, 'weigh');
  await page.keyboard.press('Escape');
  await page.goto(`${demo.base}/drain`);
  await page.getByRole('button', { name: 'Stop draining…' }).click();
  await expectAtBothSizes(page, 'stop dialog');
  await page.goto(`${demo.base}/rules?at=all`);
  await page.getByRole('button', { name: 'Add a vessel…' }).click();
  await expectAtBothSizes(page, 'vessel dialog');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Keys and undo' }).click();
  await expectAtBothSizes(page, 'keys');
  await page.getByLabel('Sun mode').click();
  await page.keyboard.press('Escape');
  for (const path of ['/', '/look', '/drain', '/rules', '/book']) {
    await page.goto(demo.base + path);
    await page.locator('h1').first().waitFor();
    await expectAtBothSizes(page, `sun ${path}`);
  }
});

/** Compressed script of a first visit to a stage, kB: a poor line carries it in two or three seconds. */
const FIRST_LOAD_KB = {
  '/': 240,
  '/look': 385,
  '/choose': 475,
  '/ready': 335,
  '/take': 355,
  '/drain': 415,
  '/cut': 375,
  '/jar': 375,
};
for (const [path, mostKb] of Object.entries(FIRST_LOAD_KB))
  test(`the first load of ${path} stays under ${mostKb} kB of compressed script`, async ({
    page,
  }) => {
    let bytes = 0;
    page.on('requestfinished', (request) => {
      // What a worker computes with comes beside what is shown.
      if (request.resourceType() === 'script')
        void request.sizes().then((sizes) => (bytes += sizes.responseBodySize));
    });
    await page.goto(demo.base + path);
    await page.locator('h1').first().waitFor();
    await page.waitForTimeout(300);
    expect(bytes).toBeGreaterThan(50_000);
    expect(bytes).toBeLessThan(mostKb * 1000);
  });

test('a server that does not answer is said, and the screen comes back', async ({ page }) => {
  await page.route('**/api/v1/hives', (route) => route.abort());
  await page.goto(`${demo.base}/look`);
  await expect(page.getByRole('heading', { name: 'Furrow did not answer.' })).toBeVisible();
  await page.unroute('**/api/v1/hives');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('heading', { name: 'Ipê' })).toBeVisible();
});
