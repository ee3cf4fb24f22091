import { randomUUID } from 'node:crypto';
import { expect, test, type Page } from '@playwright/test';
import { opensColony } from '../colony.js';
import { chooserIsDone, lift, openTopBar } from '../lift.js';
import { Api } from '../api.js';
import { combsToCut, framesRunning } from './scenes.js';
import { picturePath, setCorners, showExamples } from '../comb.js';
import { weighLowerHoney, weighWetWax } from '../weigh.js';

const shot = async (page: Page, name: string): Promise<void> => {
  await page.waitForTimeout(900);
  // A picture of a screen that still loads would say nothing of it.
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0, { timeout: 30_000 });
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

/** The same view as the household of the practice data reads it; then in English again. */
async function inPortuguese(page: Page, view: string, shows: string): Promise<void> {
  await page.evaluate(() => localStorage.setItem('furrow.language', 'pt-BR'));
  await page.reload();
  await page.getByText(shows).first().waitFor();
  await shot(page, `${view}-portuguese`);
  await page.evaluate(() => localStorage.removeItem('furrow.language'));
  await page.reload();
}

test('pictures of the main views', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await shot(page, 'today');
  await page.goto('/look?comb=13');
  await shot(page, 'look');
  await inPortuguese(page, 'look', 'Seguir para Escolher');
  await page.goto('/look?comb=13');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  await page.getByLabel('Photo of the comb').setInputFiles(picturePath('first-12'));
  await page.getByText('Drag the four corners').waitFor();
  await setCorners(page, 'first-12');
  for (const [word, content] of [
    ['Capped', 'capped'],
    ['Open', 'open'],
    ['Empty', 'empty'],
    ['Pollen', 'pollen'],
  ])
    await showExamples(page, 'first-12', word, content, (x, y) => page.mouse.click(x, y));
  await page.getByRole('button', { name: 'Read the cells' }).click();
  await page.getByText(/cells: \d+ % capped/).waitFor();
  await shot(page, 'look-photo');
  await page.goto('/drain');
  // The forecast comes from its worker, and what an act would bring after it.
  await page.getByText('crushed = about').waitFor();
  await page.getByText('it brings').waitFor();
  await shot(page, 'drain');
  await page.goto('/book');
  await shot(page, 'book');
  await page.goto('/choose');
  await chooserIsDone(page);
  await shot(page, 'choose');
  await page.goto('/rules');
  await page.getByText('turns 8 combs now').waitFor();
  await shot(page, 'rules');
  await page.goto('/comb-or-liquid');
  for (const [label, value] of [
    ['Finished', '5'],
    ['Half', '2'],
    ['Spoilt', '1'],
    ['Pieces sold a month', '12'],
    ['Honey sold a month', '6'],
  ])
    await page.getByLabel(label).fill(value);
  await page.locator('main').evaluate((main) => main.scrollTo(0, 0));
  await shot(page, 'comb-or-liquid');
  await page.goto('/choose');
  await lift(page, 14);
  await page
    .getByRole('group', { name: 'Comb 14 in hand' })
    .or(page.getByRole('heading', { name: 'What to make of them' }))
    .first()
    .waitFor();
  await page.getByRole('button', { name: 'Go on to Ready' }).click();
  await page.getByText('Wash and dry the gear').waitFor();
  await shot(page, 'ready');
  const ready = page.url();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/bring');
  for (const line of ['Veils, suits and gloves for 2', 'Brush or feather'])
    await page.getByRole('checkbox', { name: new RegExp(line) }).check();
  await page.getByRole('button', { name: 'Long knife: missing' }).click();
  await shot(page, 'bring-phone');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(ready);
  await page.getByRole('button', { name: /go to Take/ }).click();
  await expect(page.getByRole('button', { name: 'All here' })).toBeVisible();
  // Out of reach of the house: what is done waits on the phone.
  await page.context().setOffline(true);
  await openTopBar(page);
  const url = page.url();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('button', { name: 'Sun mode' }).click();
  await page.locator('main').evaluate((main) => main.scrollTo(0, 0));
  await shot(page, 'take-phone');
  await page.context().setOffline(false);
  await expect(page.getByRole('button', { name: /waiting$/ })).toHaveCount(0);
  await page.goto(url);
  await page.getByRole('button', { name: 'In the tub' }).click();
  await page.getByRole('button', { name: 'Read the scale' }).click();
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.evaluate(() => localStorage.setItem('furrow.sun', 'no'));
  const cut = `/cut/${await combsToCut(new Api('http://127.0.0.1:4590'))}`;
  await page.goto(`${cut}?at=batch`);
  await page.getByRole('button', { name: 'Lay 3 combs on the board' }).click();
  await page.getByRole('button', { name: 'Plan 3 combs together' }).click();
  await page.getByRole('button', { name: 'Keep these plans' }).waitFor({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Keep these plans' }).click();
  await page.getByRole('button', { name: /frame 2·5/ }).click();
  for (const n of [1, 2, 3]) await page.getByRole('button', { name: `Cut ${n} of` }).click();
  await page.getByRole('button', { name: 'Cut 4 of' }).waitFor();
  await shot(page, 'cut');
  await page.goto('/drain');
  await page.getByRole('button', { name: 'Stop draining…' }).click();
  await weighLowerHoney(page.getByRole('dialog'), '3,46');
  await weighWetWax(page, '0,7');
  await page.getByLabel('Why').fill('Stuck to bucket and strainer');
  await page.getByRole('button', { name: 'Close this drain' }).click();
  await page.getByRole('link', { name: 'Go on to Jar' }).click();
  await page.getByText('5 × 500 g').waitFor();
  await page.getByRole('button', { name: 'Filled 3' }).click();
  await page.getByText('300 g / 10.5 oz').waitFor();
  await shot(page, 'jar');
  await page.getByRole('button', { name: 'Labels', exact: true }).click();
  await page.getByRole('button', { name: 'Line: 300 g / 10.5 oz' }).click();
  await shot(page, 'jar-labels');
  await page.goto('/book?at=seasons');
  await page.getByText('2024/25 gave most:').waitFor();
  await shot(page, 'seasons');
  const api = new Api('http://127.0.0.1:4590');
  await page.goto(`/take/${await framesRunning(api)}`);
  await page.getByText('2 of 4 parts open.').waitFor();
  await shot(page, 'frames');
});

test('pictures of what waits out of reach of the house', async ({ page, context }) => {
  const house = new Api('http://127.0.0.1:4590', 'Rui’s phone');
  const waits = page.getByRole('contentinfo').getByRole('button', { name: /waiting$|refused$/ });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/look?comb=9');
  await page.getByRole('button', { name: 'More brood' }).waitFor();
  // Dialogs come when nobody waits for anything else.
  await page.waitForTimeout(6000);
  await context.setOffline(true);
  for (const comb of [9, 10]) {
    await page.getByRole('button', { name: 'More brood' }).click();
    await page.getByRole('button', { name: `Write down comb ${comb}` }).click();
    await page.keyboard.press('ArrowRight');
  }
  await opensColony(page);
  await page.getByRole('button', { name: /^Temper / }).click();
  await page.getByRole('button', { name: 'defensive', exact: true }).click();
  await waits.click();
  await shot(page, 'waiting');

  const { items } = await house.read('/hives');
  const colony = items.find(({ name }) => name === 'Ipê')!.colony!;
  await house.post('/colonyFacts', {
    id: randomUUID(),
    colonyId: colony.id,
    on: '2026-03-14',
    fact: { kind: 'temper', temper: 'nervous' },
  });
  await page.keyboard.press('Escape');
  await context.setOffline(false);
  await page.getByRole('button', { name: /refused$/ }).click();
  await page.getByText('Temper of the bees noted: nervous').waitFor();
  await shot(page, 'which-stands');
});
