import * as words from '@furrow/words';
import type { Units } from '@furrow/core';
import { language } from './learned.js';

/**
 * Measures as this screen says them: what packages/words makes of a figure and a unit, with the
 * comma or point of the reader's language.
 */
const here =
  <Given extends unknown[]>(say: (...given: Given) => string) =>
  (...given: Given): string =>
    words.inLanguage(say(...given), language);

export const estimateRangeText = here(words.estimateRangeText);
export const lengthText = here(words.lengthText);
export const massField = here(words.massField);
export const massFigure = here(words.massFigure);
export const massRangeText = here(words.massRangeText);
export const massText = here(words.massText);
export const readingField = here(words.readingField);
export const sidesText = here(words.sidesText);
export const smallMassRangeText = here(words.smallMassRangeText);
export const smallMassText = here(words.smallMassText);
export const temperatureText = here(words.temperatureText);
export const volumeText = here(words.volumeText);
export const weighedText = here(words.weighedText);

/** How the masses of one column are said, all in one unit. Takes grams, null where there is none. */
export function massColumn(
  columnG: readonly (number | null)[],
  units?: Units,
): (g: number | null) => string {
  return here(words.massColumn(columnG, units));
}

/** A figure without a unit, to so many decimals: "18.5", "18,5". */
export const figure = (value: number, digits = 0): string => here(() => value.toFixed(digits))();
/** A figure as it is, with as few decimals as it has; at most so many where that is said. */
export const plainFigure = (value: number, digits?: number): string =>
  here(() => String(digits === undefined ? value : Number(value.toFixed(digits))))();
/** Both edges of a range without their unit: "1.5–2.0", one figure where they are said alike. */
export const figureRange = (
  { low, high }: Readonly<{ low: number; high: number }>,
  digits = 0,
): string => [...new Set([figure(low, digits), figure(high, digits)])].join('–');
