import { expect, type Page } from '@playwright/test';
import type { BatchDetail } from '../packages/core/src/records/views.js';
import { leavesStep } from './lift.js';
import type { OwnServer } from './ownServer.js';
import type { Stranger } from './stranger.js';
import { weighLowerHoney, weighWetWax } from './weigh.js';

/** Every line of the step before anything is opened, once it is there. */
export async function makesSure(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { name: 'Before anything is opened' })).toBeVisible();
  await expect(page.getByRole('checkbox')).toHaveCount(5);
  for (const check of await page.getByRole('checkbox').all()) await check.click();
}

/** Everything that came in, less all that went out or is lost, is what stands in the lots. */
export async function balances(server: OwnServer, hive?: string): Promise<BatchDetail> {
  const { items } = await server.read('/harvests');
  const harvest = items.find((h) => !hive || h.hiveName === hive)!;
  const detail = await server.read('/harvests/{id}', harvest.id);
  const lots = new Set(detail.lots.map((l) => l.id));
  const cameG = detail.flows.reduce((sum, f) => sum + (lots.has(f.from) ? 0 : f.g), 0);
  const wentG = detail.flows.reduce((sum, f) => sum + (lots.has(f.to) ? 0 : f.g), 0);
  expect(detail.lots.reduce((sum, l) => sum + l.nowG, 0)).toBe(cameG - wentG);
  return detail;
}

/** The drain stopped and weighed: honey in the lower vessel, wet wax in its bowl, in kilograms. */
export async function closesDrain(
  person: Stranger,
  { honeyKg, wetWaxKg }: { honeyKg: string; wetWaxKg: string },
): Promise<void> {
  await person.touch('Stop draining…');
  await weighLowerHoney(person.page.getByRole('dialog'), honeyKg);
  await weighWetWax(person.page.getByRole('dialog'), wetWaxKg);
  await person.touch('Close this drain');
  await person.at(/settles$/);
}

/**
 * Step after step of Take by its large key, every line of a step ticked, until one is asked for or
 * the hive is done.
 */
export async function goesOnUntil(page: Page, stop: RegExp | 'done'): Promise<void> {
  const instruction = page.locator('h2.instruction');
  for (;;) {
    const said = (await instruction.textContent())!;
    for (const line of await page.getByRole('checkbox').all()) await line.click();
    if (stop === 'done') {
      if (await page.getByRole('button', { name: 'Done, on to the bench' }).isVisible()) return;
    } else if (stop.test(said)) return;
    await page.locator('aside .p-button.main').first().click();
    await leavesStep(page, said);
  }
}

/**
 * Schools, named alone or by their group, and some figures of the household's rules, before the
 * first hive.
 */
export async function setsRules(
  person: Stranger,
  base: string,
  schools: readonly (string | readonly [group: string, school: string])[],
  figures: Readonly<Record<string, string>> = {},
): Promise<void> {
  await person.page.goto(`${base}/rules?at=all`);
  for (const school of schools)
    if (typeof school === 'string') await person.touch(school);
    else await person.touchIn(...school);
  for (const [label, value] of Object.entries(figures)) await person.fill(label, value);
  await person.touch('Write these rules down');
  await person.sees('House rules written down.');
}
