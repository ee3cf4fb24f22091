import type { Dimension, Units } from '@furrow/core';
import { readNumber } from '@furrow/core';
import { readQuantity, type ReadQuantity } from './readQuantity.js';
import { fromBase, largestOf, smallestOf, toBase, unitsFor, type Unit } from './unitTable.js';

/** How a number that is kept in a metric unit is shown in a field and read back from it. */
export interface FieldUnit {
  /** What stands beside the field. */
  sign: string | undefined;
  /** The number as it stands in the field. */
  shown: (kept: number) => number;
  /** What a person typed, in the kept unit; null where it cannot be read. */
  read: (text: string) => number | null;
  /** Why it cannot be read; null where it can. */
  why: (text: string) => 'no-number' | 'no-unit' | 'which-gallon' | null;
  /** Whether a unit of its own was typed: then what was understood is shown. */
  hasOwnUnit: (text: string) => boolean;
}

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A metric unit that numbers are kept in: what it measures, and to which step it is kept. */
interface KeptUnit {
  dimension: Dimension;
  /** As a unit of its dimension. */
  unit: Unit;
  /** Decimals that are kept: a gram, a tenth of a millimetre, a hundredth of a degree. */
  keeps: number;
  /** The unit of the field, and its decimals, in other than metric units. */
  other: (units: Units) => Unit;
  digits: number;
  /** What stands behind the unit: "an hour". */
  per?: string;
}

const first = (dimension: Dimension) => (units: Units) => smallestOf(unitsFor(dimension, units));
const last = (dimension: Dimension) => (units: Units) => largestOf(unitsFor(dimension, units));

const KEPT: Record<string, KeptUnit> = {
  kg: {
    dimension: 'mass',
    unit: { sign: 'kg', per: 1000 },
    keeps: 3,
    other: last('mass'),
    digits: 2,
  },
  g: { dimension: 'mass', unit: { sign: 'g', per: 1 }, keeps: 0, other: first('mass'), digits: 1 },
  'g an hour': {
    dimension: 'mass',
    unit: { sign: 'g', per: 1 },
    keeps: 0,
    other: first('mass'),
    digits: 1,
    per: ' an hour',
  },
  '°C': {
    dimension: 'temperature',
    unit: { sign: '°C', per: 1, zeroAt: 0 },
    keeps: 2,
    other: first('temperature'),
    digits: 1,
  },
  mm: {
    dimension: 'length',
    unit: { sign: 'mm', per: 1 },
    keeps: 1,
    other: first('length'),
    digits: 2,
  },
  cm: {
    dimension: 'length',
    unit: { sign: 'cm', per: 10 },
    keeps: 2,
    other: first('length'),
    digits: 2,
  },
  L: {
    dimension: 'volume',
    unit: { sign: 'L', per: 1 },
    keeps: 3,
    other: last('volume'),
    digits: 2,
  },
  ml: {
    dimension: 'volume',
    unit: { sign: 'ml', per: 0.001 },
    keeps: 1,
    other: first('volume'),
    digits: 1,
  },
  'km/h': {
    dimension: 'speed',
    unit: { sign: 'km/h', per: 1 },
    keeps: 1,
    other: first('speed'),
    digits: 0,
  },
};

/** A price of a kilogram is one of a pound: what is more of the one is less of the other. */
function priceOfMass(units: Units): FieldUnit {
  const poundKg = units.mass === 'pounds' ? 0.45359237 : 1;
  const read = (text: string): number | null => {
    const shown = readNumber(text);
    return shown === null ? null : rounded(shown / poundKg, 6);
  };
  return {
    sign: units.mass === 'pounds' ? 'a lb' : 'a kg',
    shown: (price) => (poundKg === 1 ? price : rounded(price * poundKg, 2)),
    read,
    why: (text) => (read(text) === null ? 'no-number' : null),
    hasOwnUnit: () => false,
  };
}

/** A number of something that has no units to choose from: per cent, days, pots. */
function plain(sign: string | undefined): FieldUnit {
  // "18.5 %" is what stands beside the field: typed with it, it is the same.
  const bare = (text: string): string =>
    sign && text.trim().endsWith(sign) ? text.trim().slice(0, -sign.length) : text;
  const read = (text: string): number | null => readNumber(bare(text));
  return {
    sign,
    shown: (kept) => kept,
    read,
    why: (text) => (read(text) === null ? 'no-number' : null),
    hasOwnUnit: () => false,
  };
}

/** Takes the metric unit that stands in the code; gives how the household types it. */
export function fieldUnit(kept: string | undefined, units: Units): FieldUnit {
  if (kept === 'a kg') return priceOfMass(units);
  const how = kept === undefined ? undefined : KEPT[kept];
  if (!how) return plain(kept);
  const isMetric = unitsFor(how.dimension, units).some((u) => u.sign === how.unit.sign);
  const unit = isMetric ? how.unit : how.other(units);
  const readAll = (text: string): ReadQuantity => readQuantity(text, how.dimension, unit, units);
  return {
    sign: `${unit.sign}${how.per ?? ''}`,
    shown: (value) =>
      isMetric ? value : rounded(fromBase(toBase(value, how.unit), unit), how.digits),
    read: (text) => {
      const read = readAll(text);
      if (!read.ok) return null;
      const value = fromBase(read.base, how.unit);
      // What is typed in the kept unit itself is kept as it was typed.
      return read.units.every((u) => u.sign === how.unit.sign)
        ? Number(value.toPrecision(12))
        : rounded(value, how.keeps);
    },
    why: (text) => {
      const read = readAll(text);
      return read.ok ? null : read.why;
    },
    hasOwnUnit: (text) => {
      const read = readAll(text);
      return read.ok && read.units.some((u) => u !== unit && u.sign !== unit.sign);
    },
  };
}
