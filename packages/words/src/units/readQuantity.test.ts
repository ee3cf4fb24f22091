import { IMPERIAL, METRIC, US_UNITS, type Dimension, type Units } from '@furrow/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readQuantity } from './readQuantity.js';
import { UNIT_TABLE, fromBase, toBase, unitsFor, type Unit } from './unitTable.js';

const read = (text: string, dimension: Dimension, units: Units = METRIC): number | string => {
  const bare = unitsFor(dimension, units).at(-1)!;
  const said = readQuantity(text, dimension, bare, units);
  return said.ok ? said.base : said.why;
};

describe('a quantity as people type it', () => {
  it.each<[string, Dimension, number]>([
    ['5,8 kg', 'mass', 5800],
    ['5.8', 'mass', 5800],
    ['850 g', 'mass', 850],
    ['12 lb 3 oz', 'mass', 12 * 453.59237 + 3 * 28.349523125],
    ['12lb3oz', 'mass', 12 * 453.59237 + 3 * 28.349523125],
    ['2 libras', 'mass', 2 * 453.59237],
    ['20,5 cm', 'length', 205],
    ['1/2 in', 'length', 12.7],
    ['½ in', 'length', 12.7],
    ['1 3/8"', 'length', 1.375 * 25.4],
    ['17¼ in', 'length', 17.25 * 25.4],
    ['5 ft 2 in', 'length', 62 * 25.4],
    ['110 F', 'temperature', (78 * 5) / 9],
    ['110 °F', 'temperature', (78 * 5) / 9],
    ['-18', 'temperature', -18],
    ['−18 °C', 'temperature', -18],
    ['12 mph', 'speed', 12 * 1.609344],
    ['20 km/h', 'speed', 20],
    ['3 m/s', 'speed', 10.8],
    ['370 ml', 'volume', 0.37],
    ['5 US gal', 'volume', 5 * 3.785411784],
    ['5 imp gal', 'volume', 5 * 4.54609],
    ['1 uk pint', 'volume', 0.56826125],
    ['12 US fl oz', 'volume', (12 * 3.785411784) / 128],
  ])('%s is read', (text, dimension, base) => {
    expect(read(text, dimension)).toBeCloseTo(base, 6);
  });
  it('takes a pint and a gallon as the household means them, and asks where nobody said', () => {
    expect(read('5 gal', 'volume', US_UNITS)).toBeCloseTo(18.927, 3);
    expect(read('5 gal', 'volume', IMPERIAL)).toBeCloseTo(22.73, 2);
    expect(read('5.5 pt', 'volume', US_UNITS)).toBeCloseTo(2.6025, 4);
    expect(read('5 gal', 'volume', METRIC)).toBe('which-gallon');
    expect(read('1 gal 1 pt', 'volume', US_UNITS)).toBeCloseTo(3.785411784 * 1.125, 6);
  });
  it.each<[string, Dimension, string]>([
    ['', 'mass', 'no-number'],
    ['heavy', 'mass', 'no-number'],
    ['5 stone', 'mass', 'no-unit'],
    ['5 in', 'mass', 'no-unit'],
    ['1.234,5', 'mass', 'no-number'],
    ['1e3', 'mass', 'no-unit'],
    ['--1', 'mass', 'no-number'],
    ['3 oz 12 lb', 'mass', 'no-unit'],
    ['2 kg 3', 'mass', 'no-number'],
    ['2 kg -3 g', 'mass', 'no-unit'],
    ['5 °C 3 °F', 'temperature', 'no-unit'],
    ['1/0 in', 'length', 'no-number'],
  ])('refuses %j as a %s: %s', (text, dimension, why) => {
    expect(read(text, dimension)).toBe(why);
  });
  it('reads every figure in every unit back as it was', () => {
    const dimensions = Object.keys(UNIT_TABLE) as Dimension[];
    const choices = dimensions.flatMap((dimension) =>
      [METRIC, US_UNITS, IMPERIAL].flatMap((units) =>
        unitsFor(dimension, units).map((unit) => [dimension, units, unit] as const),
      ),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...choices),
        fc.integer({ min: 0, max: 99_999 }),
        ([dimension, units, unit]: readonly [Dimension, Units, Unit], hundredths) => {
          const value = hundredths / 100;
          expect(read(`${value} ${unit.sign}`, dimension, units)).toBeCloseTo(
            toBase(value, unit),
            6,
          );
          expect(fromBase(toBase(value, unit), unit)).toBeCloseTo(value, 6);
        },
      ),
    );
  });
});
