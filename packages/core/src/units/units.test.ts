import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spanText } from './dates.js';
import { gToOz, kgToG, labelOunces, ozToG } from './mass.js';
import { inchToMm, mmToInch } from './length.js';
import {
  counted,
  estimateRangeText,
  hoursText,
  massColumn,
  massField,
  massRangeText,
  massText,
  weighedText,
} from './format.js';
import { readNumber } from './readNumber.js';
import { readMassG } from './readQuantity.js';
import { celsiusToF, fahrenheitToC } from './temperature.js';
import { LITRES_PER, fromLitres, toLitres, type VolumeUnit } from './volume.js';

describe('what a scale said', () => {
  it.each([
    [110, 'metric', '110 g'],
    [999, 'metric', '999 g'],
    [1000, 'metric', '1.00 kg'],
    [6330, 'metric', '6.33 kg'],
    [200, 'imperial', '7.1 oz'],
    [907, 'imperial', '2.00 lb'],
  ] as const)('%i g in %s is %s', (g, system, said) => expect(weighedText(g, system)).toBe(said));
});

describe('units', () => {
  it('round-trip', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        fc.constantFrom(...(Object.keys(LITRES_PER) as VolumeUnit[])),
        (v, unit) => {
          for (const back of [
            ozToG(gToOz(v)),
            inchToMm(mmToInch(v)),
            fahrenheitToC(celsiusToF(v)),
            fromLitres(toLitres(v, unit), unit),
          ])
            expect(back).toBeCloseTo(v, 6);
        },
      ),
    );
  });
  it('tells US from imperial pints', () =>
    expect(toLitres(1, 'imperial pint') / toLitres(1, 'US pint')).toBeCloseTo(1.201, 3));
  it('rounds label ounces down, never up', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100000 }), (g) => ozToG(labelOunces(g)) <= g + 1e-6),
    );
    expect(labelOunces(453.59237)).toBe(16);
  });
  it('reads a comma or a point and refuses a guess', () => {
    expect(readNumber('5,8')).toBe(5.8);
    expect(readNumber(' 5.8 ')).toBe(5.8);
    for (const bad of ['1.234,5', '', 'abc', '5,8 kg', '1e3', '--1'])
      expect(readNumber(bad)).toBeNull();
  });
  it('reads masses as people write them', () => {
    expect(readMassG('5,8 kg', 'kg')).toBeCloseTo(5800, 9);
    expect(readMassG('850', 'g')).toBe(850);
    expect(readMassG('12 lb 3 oz', 'kg')).toBeCloseTo(12 * 453.59237 + 3 * 28.349523125, 6);
    for (const bad of ['', 'heavy', '5 stone', '1 2 3 kg']) expect(readMassG(bad, 'kg')).toBeNull();
  });
  it('writes a mass into a field so that it reads back to the gram', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90_000 }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (g, system) => Math.abs(readMassG(massField(g, system), 'kg')! - g) < 0.5,
      ),
    );
  });
  it('writes for the screen', () => {
    expect(kgToG(1.2345)).toBe(1235);
    expect(massText(5.84)).toBe('5.8 kg');
    expect(massRangeText({ low: 1.68, mid: 2, high: 2.21 })).toBe('1.7–2.2 kg');
    expect(estimateRangeText({ low: 1.68, mid: 2, high: 2.21 })).toBe('1.7–2.2 kg');
    expect(estimateRangeText({ low: 0.031, mid: 0.05, high: 0.098 })).toBe('30–100 g');
    expect(estimateRangeText({ low: 0.031, mid: 0.05, high: 0.098 }, 'imperial')).toBe(
      '1.1–3.5 oz',
    );
    expect([hoursText(0.8), hoursText(7.2), hoursText(28), hoursText(24)]).toEqual([
      '48 min',
      '7 h 12 min',
      '1 d 4 h',
      '1 d',
    ]);
  });
});

describe('counts and days in words', () => {
  it('one is one', () => {
    expect([counted(1, 'day'), counted(3, 'day'), counted(1, 'box', 'boxes')]).toEqual([
      '1 day',
      '3 days',
      '1 box',
    ]);
  });
  it('a span of one day is that day', () => {
    expect(spanText('2026-11-27', '2026-11-27')).toBe('on 27 Nov 2026');
    expect(spanText('2026-11-27', '2026-12-03')).toBe('from 27 Nov 2026 to 3 Dec 2026');
    expect(spanText('2026-11-27', null)).toBe('from 27 Nov 2026 or later');
  });
});

describe('the masses of one column', () => {
  it('are all said in the unit of the largest', () => {
    const heavy = massColumn([8500, 220, null]);
    expect([8500, 220, null].map(heavy)).toEqual(['8.50 kg', '0.22 kg', '']);
    const light = massColumn([126, null, 138]);
    expect([126, null].map(light)).toEqual(['126 g', '']);
    expect(massColumn([8500, 215], 'imperial')(215)).toBe('0.47 lb');
    expect(massColumn([215], 'imperial')(215)).toBe('7.6 oz');
    expect(massColumn([])(0)).toBe('0 g');
  });
});
