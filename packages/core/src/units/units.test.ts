import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gToOz, kgToG, labelOunces, ozToG } from './mass.js';
import { inchToMm, mmToInch } from './length.js';
import { counted, hoursText } from './format.js';
import { readNumber } from './readNumber.js';
import { celsiusToF, fahrenheitToC } from './temperature.js';
import { LITRES_PER, fromLitres, toLitres, type VolumeUnit } from './volume.js';

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
  it('writes for the screen', () => {
    expect(kgToG(1.2345)).toBe(1235);
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
});
