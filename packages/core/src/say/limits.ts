import { z } from 'zod';
import { fieldSay, refuses } from './field.js';
import type { SayValue } from './say.js';

/*
 * Numbers of a field with their two limits: what is typed beyond one is refused with that limit, in
 * the reader's units. Each takes the lowest and the highest that may be typed.
 */

/** A limit as it is said: with its unit, but nought has none. */
type Said = (limit: number) => SayValue;
const bare: Said = (limit) => limit;
const unitless =
  (said: Said): Said =>
  (limit) =>
    limit === 0 ? 0 : said(limit);

export const A_NUMBER = refuses('field.number');
export const A_WHOLE_NUMBER = refuses('field.whole-number');
export const atLeast = (least: number, said: Said = bare): string =>
  refuses('field.at-least', { least: said(least) });
export const atMost = (most: number, said: Said = bare): string =>
  refuses('field.at-most', { most: said(most) });
export const atMostLetters = (most: number): string => refuses('field.letters', { most });

type Limited<Kind> = (low: number, high: number) => Kind;
const decimalOf =
  (said: Said): Limited<z.ZodNumber> =>
  (low, high) =>
    z.number(A_NUMBER).min(low, atLeast(low, said)).max(high, atMost(high, said));
const wholeOf =
  (said: Said): Limited<z.ZodInt> =>
  (low, high) =>
    z.int(A_WHOLE_NUMBER).min(low, atLeast(low, said)).max(high, atMost(high, said));

const asGrams = unitless((massG) => ({ massG, as: 'read' }));
const asMinutes = unitless((minutes) => ({ hours: minutes / 60 }));
const asHours = unitless((hours) => ({ hours }));
const asDays = unitless((days) => ({ hours: days * 24 }));

export const decimal = decimalOf(bare);
export const whole = wholeOf(bare);
export const kilograms = decimalOf(unitless((kg) => ({ massG: kg * 1000, as: 'large' })));
export const grams = decimalOf(asGrams);
export const wholeGrams = wholeOf(asGrams);
export const litres = decimalOf(unitless((volumeL) => ({ volumeL })));
export const millilitres = decimalOf(unitless((ml) => ({ volumeL: ml / 1000 })));
export const millimetres = decimalOf(unitless((lengthMm) => ({ lengthMm })));
export const millimetresOfRain = decimalOf(unitless((rainMm) => ({ rainMm })));
export const squareCentimetres = decimalOf(unitless((areaCm2) => ({ areaCm2 })));
export const asCelsius: Said = (temperatureC) => ({ temperatureC });
export const celsius = decimalOf(asCelsius);
export const percent = decimalOf((share) => ({ percent: share }));
export const kilometresAnHour = decimalOf(unitless((speedKmH) => ({ speedKmH })));
export const minutes = decimalOf(asMinutes);
export const wholeMinutes = wholeOf(asMinutes);
export const wholeHours = wholeOf(asHours);
export const wholeDays = wholeOf(asDays);
export const wholeWeeks = wholeOf((weeks) => fieldSay('field.weeks', { weeks }));
export const wholeMonths = wholeOf((months) => fieldSay('field.months', { months }));
