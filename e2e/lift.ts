import { expect, type Page } from '@playwright/test';

/** Waits until the chooser has spoken its last word on the question as it stands. */
export async function chooserIsDone(page: Page): Promise<void> {
  await expect(page.getByText(/^(Proven: no set is better|By your rules there is nothing|That cannot be done)/).first()).toBeVisible({ timeout: 40_000 });
}
/** Lifts a comb by touch where the chooser has not lifted it already. */
export async function lift(page: Page, bar: number): Promise<void> {
  await chooserIsDone(page);
  const comb = page.getByRole('button', { name: new RegExp(`^Comb ${bar},`) });
  if ((await comb.getAttribute('aria-pressed')) !== 'true') await comb.click();
  await expect(comb).toHaveAttribute('aria-pressed', 'true');
}
