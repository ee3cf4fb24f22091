import { METRIC, US_UNITS } from '@furrow/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  estimateRangeText,
  massColumn,
  massField,
  massRangeText,
  massText,
  readingField,
  smallMassRangeText,
  smallMassText,
  weighedText,
} from './mass.js';
import { readMassG } from './readQuantity.js';
import { largestOf, unitsFor } from './unitTable.js';

const KILOGRAM = largestOf(unitsFor('mass', METRIC));

describe('what a scale said', () => {
  it.each([
    [110, METRIC, '110 g'],
    [999, METRIC, '999 g'],
    [1000, METRIC, '1.00 kg'],
    [6330, METRIC, '6.33 kg'],
    [200, US_UNITS, '7.1 oz'],
    [907, US_UNITS, '2 lb'],
    [4450, US_UNITS, '9 lb 13 oz'],
    [4460, US_UNITS, '9 lb 13.3 oz'],
    [-4450, US_UNITS, '−9 lb 13 oz'],
  ] as const)('%i g is %s', (g, units, said) => expect(weighedText(g, units)).toBe(said));
  it('never says sixteen ounces', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60_000 }), (g) => {
        expect(weighedText(g, US_UNITS)).not.toMatch(/\b1[6-9](\.\d)? oz|\b\d{3,} oz/);
      }),
    );
  });
  it('reads back to a twentieth of an ounce, as it is said', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60_000 }), (g) => {
        const back = readMassG(weighedText(g, US_UNITS), KILOGRAM, US_UNITS)!;
        expect(Math.abs(back - g)).toBeLessThan(1.45);
      }),
    );
  });
});

describe('a mass for the screen', () => {
  it('is written into a field so that it reads back to the gram', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90_000 }),
        fc.constantFrom(METRIC, US_UNITS),
        (g, units) => Math.abs(readMassG(massField(g, units), KILOGRAM, units)! - g) < 0.5,
      ),
    );
  });
  it('stands in a field as the scale read it, in the household’s unit', () => {
    expect([readingField(1240), readingField(1240, US_UNITS)]).toEqual(['1.240 kg', '2.734 lb']);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 90_000 }), (g) => {
        const back = readMassG(readingField(g, US_UNITS), KILOGRAM, US_UNITS)!;
        expect(Math.round(back)).toBe(g);
      }),
    );
  });
  it('comes back as it was typed in pounds', () => {
    const typed = (text: string): string =>
      massField(Math.round(readMassG(text, KILOGRAM, US_UNITS)!), US_UNITS);
    expect([typed('1 lb'), typed('7 lb 4 oz'), typed('2.5 lb'), typed('0.8 lb')]).toEqual([
      '1 lb',
      '7.25 lb',
      '2.5 lb',
      '0.8 lb',
    ]);
  });
  it('is said to the step that it is known to', () => {
    expect(massText(5.84)).toBe('5.8 kg');
    expect(massText(5.84, US_UNITS)).toBe('12.9 lb');
    expect(massRangeText({ low: 1.68, mid: 2, high: 2.21 })).toBe('1.7–2.2 kg');
    expect(estimateRangeText({ low: 1.68, mid: 2, high: 2.21 })).toBe('1.7–2.2 kg');
    expect(estimateRangeText({ low: 0.031, mid: 0.05, high: 0.098 })).toBe('30–100 g');
    expect(estimateRangeText({ low: 0.031, mid: 0.05, high: 0.098 }, US_UNITS)).toBe('1.1–3.5 oz');
  });
  it('is in pounds from a pound on, not in a hundred ounces', () => {
    expect(smallMassText(4460, US_UNITS)).toBe('9.8 lb');
    expect(smallMassText(4460, US_UNITS, 1)).toBe('9.83 lb');
    expect(smallMassRangeText({ low: 300, mid: 400, high: 900 }, US_UNITS)).toBe('0.7–2.0 lb');
    expect(estimateRangeText({ low: 0.3, mid: 0.4, high: 0.8 }, US_UNITS)).toBe('0.7–1.8 lb');
  });
});

describe('the masses of one column', () => {
  it('are all said in the unit of the largest', () => {
    const heavy = massColumn([8500, 220, null]);
    expect([8500, 220, null].map(heavy)).toEqual(['8.50 kg', '0.22 kg', '']);
    const light = massColumn([126, null, 138]);
    expect([126, null].map(light)).toEqual(['126 g', '']);
    expect(massColumn([8500, 215], US_UNITS)(215)).toBe('0.47 lb');
    expect(massColumn([215], US_UNITS)(215)).toBe('7.6 oz');
    expect(massColumn([])(0)).toBe('0 g');
  });
});
