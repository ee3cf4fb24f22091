import { GRAMS_PER_POUND, gToOz } from './mass.js';
import { celsiusToF } from './temperature.js';

export type UnitSystem = 'metric' | 'imperial';

/**
 * A range of a measured or estimated quantity: low edge, best guess, high edge, all in the unit the
 * name says.
 */
export interface Range {
  low: number;
  mid: number;
  high: number;
}

/**
 * Kilograms for the screen: "5.8 kg" or "12.8 lb", to 0.1 (an estimate's honest step) unless
 * `digits` says more.
 */
export function massText(kg: number, system: UnitSystem = 'metric', digits = 1): string {
  return system === 'metric'
    ? `${kg.toFixed(digits)} kg`
    : `${((kg * 1000) / GRAMS_PER_POUND).toFixed(digits)} lb`;
}

/**
 * A mass to stand in a field and be read back by readMassG: every gram in kg, to 0.001 lb in
 * pounds.
 */
export function massField(g: number, system: UnitSystem = 'metric'): string {
  return system === 'metric' ? `${g / 1000} kg` : `${(g / GRAMS_PER_POUND).toFixed(3)} lb`;
}

/** Grams for the screen, to 10 g for estimates (`step` 10) or as read (`step` 1); ounces to 0.1. */
export function smallMassText(g: number, system: UnitSystem = 'metric', step = 10): string {
  return system === 'metric' ? `${Math.round(g / step) * step} g` : `${gToOz(g).toFixed(1)} oz`;
}

/**
 * What a scale said, grams: to the gram below a kilogram, else to 10 g. Pounds: ounces below a
 * pound.
 */
export function weighedText(g: number, system: UnitSystem = 'metric'): string {
  const isSmall = g < (system === 'metric' ? 1000 : GRAMS_PER_POUND);
  return isSmall ? smallMassText(g, system, 1) : massText(g / 1000, system, 2);
}

/**
 * How the masses of one column are said, all in one unit: by the largest of them kilograms to 10 g,
 * or grams; pounds to 0.01, or ounces. Takes grams, null where there is none (said as nothing).
 */
export function massColumn(
  columnG: readonly (number | null)[],
  system: UnitSystem = 'metric',
): (g: number | null) => string {
  const most = Math.max(0, ...columnG.map((g) => Math.abs(g ?? 0)));
  const isSmall = most < (system === 'metric' ? 1000 : GRAMS_PER_POUND);
  return (g) => {
    if (g === null) return '';
    return isSmall ? smallMassText(g, system, 1) : massText(g / 1000, system, 2);
  };
}

/** Kilograms as a number of the reader's large unit, kilograms or pounds. */
export const largeMass = (kg: number, system: UnitSystem): number =>
  system === 'metric' ? kg : (kg * 1000) / GRAMS_PER_POUND;

/** The same as figures alone, where the unit stands beside them once: "1.7". */
export const massFigure = (kg: number, system: UnitSystem, digits = 1): string =>
  largeMass(kg, system).toFixed(digits);

/** The large unit itself: "kg" or "lb". */
export const largeUnit = (system: UnitSystem): 'kg' | 'lb' => (system === 'metric' ? 'kg' : 'lb');

/** The two edges of a range of kilograms: "1.7–2.2 kg". */
export function massRangeText(range: Range, system: UnitSystem = 'metric'): string {
  const per = system === 'metric' ? 1 : GRAMS_PER_POUND / 1000;
  const unit = system === 'metric' ? 'kg' : 'lb';
  return `${(range.low / per).toFixed(1)}–${(range.high / per).toFixed(1)} ${unit}`;
}

/** The two edges of a range of grams, to 10 g: "100–250 g". */
export function smallMassRangeText(range: Range, system: UnitSystem = 'metric'): string {
  const edge = (g: number): string =>
    system === 'metric' ? String(Math.round(g / 10) * 10) : gToOz(g).toFixed(1);
  return `${edge(range.low)}–${edge(range.high)} ${system === 'metric' ? 'g' : 'oz'}`;
}

/**
 * The edges of an estimate of kilograms; under 1 kg in grams, or a small one would read "0.0–0.1
 * kg".
 */
export function estimateRangeText(rangeKg: Range, system: UnitSystem = 'metric'): string {
  if (rangeKg.high >= 1) return massRangeText(rangeKg, system);
  const inG = { low: rangeKg.low * 1000, mid: rangeKg.mid * 1000, high: rangeKg.high * 1000 };
  return smallMassRangeText(inG, system);
}

/** Temperature for the screen, whole degrees. */
export function temperatureText(temperatureC: number, system: UnitSystem = 'metric'): string {
  return system === 'metric'
    ? `${Math.round(temperatureC)} °C`
    : `${Math.round(celsiusToF(temperatureC))} °F`;
}

/**
 * A count with its word: "1 day", "3 days", "1 box", "2 boxes". Takes the word's plural where it is
 * not the word with an s.
 */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`;

/** Hours as "7 h 12 min", "48 min" or "1 d 4 h". */
export function hoursText(hours: number): string {
  const minutes = Math.max(0, Math.round(hours * 60));
  const d = Math.floor(minutes / 1440);
  const h = Math.floor((minutes % 1440) / 60);
  const min = minutes % 60;
  if (d > 0) return h > 0 ? `${d} d ${h} h` : `${d} d`;
  if (h > 0) return min > 0 ? `${h} h ${min} min` : `${h} h`;
  return `${min} min`;
}
