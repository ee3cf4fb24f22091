import type { Range, Units } from '@furrow/core';
import { GRAMS_PER_POUND, METRIC, gToOz } from '@furrow/core';

const inPounds = (units: Units): boolean => units.mass === 'pounds';

/** The large unit itself: "kg" or "lb". */
export const largeUnit = (units: Units): 'kg' | 'lb' => (inPounds(units) ? 'lb' : 'kg');
/** The small one: "g" or "oz". */
export const smallUnit = (units: Units): 'g' | 'oz' => (inPounds(units) ? 'oz' : 'g');

/** Grams in one of the large unit, and in one of the small. */
export const gramsPerLarge = (units: Units): number => (inPounds(units) ? GRAMS_PER_POUND : 1000);
export const gramsPerSmall = (units: Units): number => (inPounds(units) ? GRAMS_PER_POUND / 16 : 1);

/** Kilograms as a number of the reader's large unit, kilograms or pounds. */
export const largeMass = (kg: number, units: Units): number => (kg * 1000) / gramsPerLarge(units);

/** The same as figures alone, where the unit stands beside them once: "1.7". */
export const massFigure = (kg: number, units: Units, digits = 1): string =>
  largeMass(kg, units).toFixed(digits);

/**
 * Kilograms for the screen: "5.8 kg" or "12.8 lb", to 0.1 (an estimate's honest step) unless
 * `digits` says more.
 */
export const massText = (kg: number, units: Units = METRIC, digits = 1): string =>
  `${massFigure(kg, units, digits)} ${largeUnit(units)}`;

/**
 * A mass to stand in a field and be read back to the gram: kilograms as they are, pounds to as few
 * decimals as that asks for, so that what was typed as 1 lb does not come back as 1.001.
 */
export function massField(g: number, units: Units = METRIC): string {
  if (!inPounds(units)) return `${g / 1000} kg`;
  const pounds = [0, 1, 2].map((digits) => Number((g / GRAMS_PER_POUND).toFixed(digits)));
  const isSame = (lb: number): boolean => Math.round(lb * GRAMS_PER_POUND) === Math.round(g);
  return `${pounds.find(isSame) ?? (g / GRAMS_PER_POUND).toFixed(3)} lb`;
}

/** A scale's reading to stand in a field: every gram of it, and read back as it was. */
export const readingField = (g: number, units: Units = METRIC): string =>
  inPounds(units) ? massField(g, units) : `${(g / 1000).toFixed(3)} kg`;

/** Whether grams are said in the small unit: below a kilogram, below a pound. */
const isSmall = (g: number, units: Units): boolean => Math.abs(g) < gramsPerLarge(units);

/**
 * Grams for the screen: to 10 g for estimates (`step` 10) or as read (`step` 1); ounces to 0.1, and
 * from a pound on pounds to 0.1 or 0.01.
 */
export function smallMassText(g: number, units: Units = METRIC, step = 10): string {
  if (!inPounds(units)) return `${Math.round(g / step) * step} g`;
  if (isSmall(g, units)) return `${gToOz(g).toFixed(1)} oz`;
  return massText(g / 1000, units, step > 1 ? 1 : 2);
}

/** "9 lb 13 oz", "1 lb 2.4 oz": pounds and what a kitchen scale says beside them, to 0.1 oz. */
function poundsAndOunces(g: number): string {
  const tenths = Math.round(gToOz(Math.abs(g)) * 10);
  const lb = Math.floor(tenths / 160);
  const oz = (tenths % 160) / 10;
  const sign = g < 0 ? '−' : '';
  return oz === 0 ? `${sign}${lb} lb` : `${sign}${lb} lb ${oz} oz`;
}

/**
 * What a scale said, grams: to the gram below a kilogram, else to 10 g. Ounces below a pound, then
 * pounds and ounces.
 */
export function weighedText(g: number, units: Units = METRIC): string {
  if (isSmall(g, units)) return smallMassText(g, units, 1);
  return inPounds(units) ? poundsAndOunces(g) : massText(g / 1000, units, 2);
}

/**
 * How the masses of one column are said, all in one unit, so that they add up as they are shown: by
 * the largest of them kilograms to 10 g, or grams; pounds to 0.01, or ounces. Takes grams, null
 * where there is none (said as nothing).
 */
export function massColumn(
  columnG: readonly (number | null)[],
  units: Units = METRIC,
): (g: number | null) => string {
  const most = Math.max(0, ...columnG.map((g) => Math.abs(g ?? 0)));
  return (g) => {
    if (g === null) return '';
    return isSmall(most, units) ? smallMassText(g, units, 1) : massText(g / 1000, units, 2);
  };
}

/** Both edges of a range; one figure where they are said alike. */
const edges = (low: string, high: string): string => (low === high ? low : `${low}–${high}`);

/** The two edges of a range of kilograms: "1.7–2.2 kg". */
export const massRangeText = (range: Range, units: Units = METRIC): string =>
  `${edges(massFigure(range.low, units), massFigure(range.high, units))} ${largeUnit(units)}`;

/** The two edges of a range of grams, to 10 g: "100–250 g"; both in pounds where one is. */
export function smallMassRangeText(range: Range, units: Units = METRIC): string {
  if (inPounds(units) && !isSmall(range.high, units))
    return massRangeText(
      { low: range.low / 1000, mid: range.mid / 1000, high: range.high / 1000 },
      units,
    );
  const edge = (g: number): string =>
    inPounds(units) ? gToOz(g).toFixed(1) : String(Math.round(g / 10) * 10);
  return `${edges(edge(range.low), edge(range.high))} ${smallUnit(units)}`;
}

/**
 * The edges of an estimate of kilograms; under one of the large unit in the small, or a small one
 * would read "0.0–0.1 kg".
 */
export function estimateRangeText(rangeKg: Range, units: Units = METRIC): string {
  if (!isSmall(rangeKg.high * 1000, units)) return massRangeText(rangeKg, units);
  const inG = { low: rangeKg.low * 1000, mid: rangeKg.mid * 1000, high: rangeKg.high * 1000 };
  return smallMassRangeText(inG, units);
}
