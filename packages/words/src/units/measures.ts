import { METRIC, type Dimension, type Range, type Units } from '@furrow/core';
import { fittingUnit, fromBase, type Unit } from './unitTable.js';

/**
 * Decimals of a figure, so that three digits stand at most: none from a hundred on, one from ten,
 * and of what is shorter than an inch two.
 */
const DIGITS_BY_SIGN: Record<string, (size: number) => number> = {
  mm: () => 0,
  cm: (size) => (size < 100 ? 1 : 0),
  m: (size) => (size < 10 ? 1 : 0),
  in: (size) => (size < 1 ? 2 : 1),
  ft: (size) => (size < 10 ? 1 : 0),
  ml: () => 0,
  L: (size) => (size < 100 ? 1 : 0),
};
const digitsOf = (size: number, unit: Unit): number =>
  (DIGITS_BY_SIGN[unit.sign] ?? ((s: number) => (s < 100 ? 1 : 0)))(Math.abs(size));

const CM2_PER_IN2 = 6.4516;
const FEET_PER_M = 3.28084;

/** A figure with a true minus sign, and without a nought behind the point. */
const figure = (value: number, digits: number): string =>
  String(Number(value.toFixed(digits))).replace('-', '−');

/** Values of one sentence, all in the unit that fits the largest: "8.5–12 L". */
function together(dimension: Dimension, bases: readonly number[], units: Units, join: string) {
  const largest = Math.max(...bases.map(Math.abs));
  const unit = fittingUnit(dimension, largest, units);
  const digits = digitsOf(fromBase(largest, unit), unit);
  return joined(
    bases.map((base) => figure(fromBase(base, unit), digits)),
    join,
    unit,
  );
}

/** A range whose edges are shown alike is one figure; sides of a square are still two. */
function joined(figures: readonly string[], join: string, unit: Unit): string {
  const said = join === '–' ? [...new Set(figures)] : figures;
  return `${said.join(join)} ${unit.sign}`;
}

/** Litres for the screen: "8.5 L", "370 ml"; "2.2 gal", "1.5 pt". */
export const volumeText = (litres: number, units: Units = METRIC): string =>
  together('volume', [litres], units, '–');
export const volumeRangeText = ({ low, high }: Range, units: Units = METRIC): string =>
  together('volume', [low, high], units, '–');

/** What a length is said in where centimetres were chosen: a thin thing stays in millimetres. */
type MetricLength = 'mm' | 'cm';
const METRIC_LENGTH: Record<MetricLength, Unit> = {
  mm: { sign: 'mm', per: 1 },
  cm: { sign: 'cm', per: 10 },
};

function lengths(mm: readonly number[], units: Units, metric: MetricLength, join: string): string {
  if (units.length === 'inches') return together('length', mm, units, join);
  const unit = METRIC_LENGTH[metric];
  const digits = metric === 'mm' ? 0 : 1;
  const figures = mm.map((each) => figure(fromBase(each, unit), digits));
  return joined(figures, join, unit);
}

/** Millimetres for the screen: "270 mm" or, where asked, "27 cm"; "10.6 in", "0.31 in". */
export const lengthText = (
  mm: number,
  units: Units = METRIC,
  metric: MetricLength = 'mm',
): string => lengths([mm], units, metric, '–');
export const lengthRangeText = (
  { low, high }: Range,
  units: Units = METRIC,
  metric: MetricLength = 'mm',
): string => lengths([low, high], units, metric, '–');
/** "430 × 135 mm": sides of one thing, in one unit. */
export const sidesText = (
  mm: readonly number[],
  units: Units = METRIC,
  metric: MetricLength = 'mm',
): string => lengths(mm, units, metric, ' × ');

/** The face of a comb or a board: "580 cm²", "90 in²". */
export function areaText(cm2: number, units: Units = METRIC): string {
  if (units.length === 'centimetres') return `${figure(cm2, 0)} cm²`;
  const in2 = cm2 / CM2_PER_IN2;
  return `${figure(in2, in2 < 100 ? 1 : 0)} in²`;
}

/** Rain: "1.2 mm", "0.05 in". */
export const rainText = (mm: number, units: Units = METRIC): string =>
  units.length === 'centimetres' ? `${mm.toFixed(1)} mm` : `${(mm / 25.4).toFixed(2)} in`;

/** A way on foot: "100 m"; to ten feet, "330 ft". */
export const distanceText = (m: number, units: Units = METRIC): string =>
  units.length === 'centimetres'
    ? `${figure(m, 0)} m`
    : `${Math.round((m * FEET_PER_M) / 10) * 10} ft`;

/** Temperature for the screen: "24 °C", "75 °F"; as a thermometer shows it with a digit more. */
export function temperatureText(temperatureC: number, units: Units = METRIC, digits = 0): string {
  const unit = fittingUnit('temperature', 0, units);
  const there = fromBase(temperatureC, unit);
  // Whole degrees are rounded as everywhere, half up: never to a minus nought.
  return `${figure(digits === 0 ? Math.round(there) : there, digits)} ${unit.sign}`;
}

/** A difference of temperatures: 2 °C warmer is 4 °F warmer. */
export function warmerText(differenceC: number, units: Units = METRIC): string {
  const unit = fittingUnit('temperature', 0, units);
  return `${figure(Math.round(differenceC / unit.per), 0)} ${unit.sign}`;
}

/** The speed of wind: "20 km/h", "12 mph". */
export function speedText(kmH: number, units: Units = METRIC): string {
  const unit = fittingUnit('speed', kmH, units);
  return `${figure(Math.round(fromBase(kmH, unit)), 0)} ${unit.sign}`;
}
