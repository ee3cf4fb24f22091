import type { Locator, Page } from '@playwright/test';

/**
 * A weighing on a scale that was zeroed with the empty vessel on it: the gross is the net, the tare
 * 0.
 */
async function zeroed(
  scope: Page | Locator,
  weight: string,
  gross: string,
  tare: string,
): Promise<void> {
  await scope.getByLabel(gross, { exact: true }).fill(weight);
  await scope.getByLabel(tare, { exact: true }).fill('0');
}
export const weighLowerHoney = (scope: Page | Locator, weight: string): Promise<void> =>
  zeroed(scope, weight, 'Gross, lower vessel and honey', 'Tare, lower vessel empty');
export const weighWetWax = (scope: Page | Locator, weight: string): Promise<void> =>
  zeroed(scope, weight, 'Gross, wet wax and its bowl', 'Tare, its bowl empty');
export const weighDrawnOff = (scope: Page | Locator, weight: string): Promise<void> =>
  zeroed(scope, weight, 'Gross, honey drawn off and its vessel', 'Tare, that vessel empty');
export const weighPressed = (scope: Page | Locator, weight: string): Promise<void> =>
  zeroed(scope, weight, 'Gross, pressed honey and its vessel', 'Tare, that vessel empty');
