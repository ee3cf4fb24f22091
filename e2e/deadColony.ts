import type { Page } from '@playwright/test';

/**
 * Signs of the checklist of a dead colony that were looked for and not found: all but heads in
 * empty cells.
 */
const NOT_FOUND = [
  /Sunken, greasy caps/,
  /A carpet of dead bees/,
  /Gnawed comb/,
  /Brown streaks/,
  /Mould on comb/,
  /Few bees, deformed wings/,
  /Treated in the months before/,
  /Wet inside/,
];
/** One sign of the checklist answered. */
export const answersSign = (page: Page, name: RegExp, answer: 'Yes' | 'No'): Promise<void> =>
  page.getByRole('group', { name }).getByRole('button', { name: answer }).click();
/** Every other sign answered with no. */
export async function answersTheRest(page: Page): Promise<void> {
  for (const sign of NOT_FOUND) await answersSign(page, sign, 'No');
}
