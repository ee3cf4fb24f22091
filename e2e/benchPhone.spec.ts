import { expect, test } from '@playwright/test';
import { OwnServer } from './ownServer.js';

/** A phone at the bench, with sticky fingers: every key is 64 px high. */
const server = new OwnServer('2026-03-14T18:12:00Z');
test.describe.configure({ mode: 'serial' });
test.beforeAll(() => server.startDemo());
test.afterAll(() => server.end());
test.use({ viewport: { width: 390, height: 844 } });

for (const [path, sign] of [
  ['/drain', 'crushed = about'],
  ['/take', 'Nothing to take now.'],
  ['/round', 'Load'],
] as const)
  test(`no key of ${path} is smaller than 64 px on a phone`, async ({ page }) => {
    await page.goto(`${server.base}${path}`);
    await page.getByText(sign).first().waitFor();
    const small = await page.locator('.stage.bench').evaluateAll((stages) =>
      stages.flatMap((stage) =>
        [...stage.querySelectorAll<HTMLElement>('button, .p-button')].flatMap((key) => {
          const { height, width } = key.getBoundingClientRect();
          return width > 0 && height < 63.5 ? [`${key.innerText} ${Math.round(height)}`] : [];
        }),
      ),
    );
    expect(small).toEqual([]);
  });
