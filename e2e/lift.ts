import { expect, type Page } from '@playwright/test';
import type { Api } from './api.js';

/** Waits until the chooser has spoken its last word on the question as it stands. */
export async function chooserIsDone(page: Page): Promise<void> {
  await expect(
    page
      .getByText(/^(Proven: no set is better|By your rules there is nothing|That cannot be done)/)
      .first(),
  ).toBeVisible({ timeout: 40_000 });
}
/** Lifts a comb by touch where the chooser has not lifted it already. */
export async function lift(page: Page, bar: number): Promise<void> {
  await chooserIsDone(page);
  const comb = page.getByRole('button', { name: new RegExp(`^Comb ${bar},`) });
  if ((await comb.getAttribute('aria-pressed')) !== 'true') await comb.click();
  await expect(comb).toHaveAttribute('aria-pressed', 'true');
}

/** A wait that is cut short is asked about once; this person has waited as long as they like. */
export async function goesOnEarly(page: Page): Promise<void> {
  const asked = page.getByRole('button', { name: 'Go on all the same' });
  if (await asked.isVisible()) await asked.click();
}

/**
 * The step is done and the next one stands there; a wait that is asked about, once, is gone on from
 * all the same.
 */
export async function leavesStep(page: Page, before: string): Promise<void> {
  const title = page.locator('h2.instruction');
  const isOver = page.getByRole('timer', { name: 'The wait is over' });
  // The question may come a moment after the touch; a wait that ends under it takes the question
  // away, and the person goes on by the key that stands there.
  let tries = 0;
  await expect(async () => {
    await goesOnEarly(page);
    tries++;
    if (tries > 1 && (await title.textContent()) === before && (await isOver.isVisible()))
      await page.getByRole('button', { name: 'Go on', exact: true }).click({ timeout: 2000 });
    await expect(title).not.toHaveText(before, { timeout: 2000 });
  }).toPass();
}

/**
 * Goes through the opening of a top-bar hive: ready, smoked once or twice with its waits, the board
 * out.
 */
export async function openTopBar(page: Page): Promise<void> {
  for (;;) {
    const key = page.getByRole('button', {
      name: /^(All here|Smoked|Smoked again|Go on|Go on all the same|Opened a little|Board is out)$/,
    });
    await expect(key).toBeVisible();
    const label = (await key.textContent())!.trim();
    const title = page.locator('h2.instruction');
    const before = await title.textContent();
    // A tap that fell between two paints is given again, as a person would.
    await expect(async () => {
      if ((await title.textContent()) === before) await key.click();
      await goesOnEarly(page);
      await expect(title).not.toHaveText(before!, { timeout: 4000 });
    }).toPass();
    if (label === 'Board is out') return;
  }
}

/**
 * The demo's winter spares one comb of Ipê, counted low: a household whose winter needs less spares
 * two.
 */
export async function spareTwoCombs(api: Api): Promise<void> {
  const { rules } = await api.read('/rules');
  await api.post('/rules', { ...rules, winterNeedKg: 9.5 });
}
