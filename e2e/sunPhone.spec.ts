import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/** The phone at the open hive: sun mode, gloves, one hand. Everything touched there is 80 px. */
test.use({ viewport: { width: 390, height: 844 }, now: '2026-01-20T12:00:00Z' });

/** What is smaller than a gloved finger needs, by its words and size. */
async function smallTargets(page: import('@playwright/test').Page): Promise<string[]> {
  return page.evaluate(() => {
    const touched = '.row-band :is(a, button), main :is(button, summary, select, header a)';
    return [...document.querySelectorAll<HTMLElement>(touched)].flatMap((element) => {
      const { width, height } = element.getBoundingClientRect();
      // Places of a drawing are as wide as the bars they are: the keys before and after reach them
      // all.
      const isDrawn = width === 0 || element.closest('svg, .face, .section') !== null;
      if (isDrawn || (width >= 79.5 && height >= 79.5)) return [];
      const said = element.innerText.trim() || element.getAttribute('aria-label');
      return [`${said} ${Math.round(width)}x${Math.round(height)}`];
    });
  });
}

test('in the sun on a phone every key at the hive is 80 px, and the row shows where one is', async ({
  page,
  server,
}) => {
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Horizontal top-bar hive', 'Orchard', 'Aroeira');
  await page.keyboard.press('m');
  await expect(page.locator('html')).toHaveClass(/sun/);
  expect(await smallTargets(page)).toEqual([]);
  const here = page.getByRole('navigation', { name: 'The row' }).getByRole('link', {
    name: 'Look',
    exact: true,
  });
  await expect(here).toBeInViewport({ ratio: 1 });
  await person.reads('All capped');
  await person.touch(/^Write down comb/);
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  expect(await smallTargets(page)).toEqual([]);
  await person.touch('Go on to Choose');
  await person.sees(/may be taken/);
  expect(await smallTargets(page)).toEqual([]);
  await person.plansAndGoes();
  await person.at('Before you open');
  expect(await smallTargets(page)).toEqual([]);
  await expect(page.getByRole('button', { name: 'All here' })).toBeInViewport({ ratio: 1 });
  await expect(page.getByText('Stings can kill.')).toBeInViewport({ ratio: 1 });
});
