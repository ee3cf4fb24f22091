import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

import { BadInput } from '../badInput.js';
import { honeyDensityKgPerL, honeySpecificGravity } from './density.js';
import {
  diastaseHalfLifeHours,
  enzymeLossText,
  honeyHeat,
  invertaseHalfLifeHours,
} from './heat.js';
import { honeyKeeping, keepsAt } from './keeping.js';
import { honeyMoisture, wedmoreIndex, wedmoreMoisture } from './moisture.js';
import { honeyProperties } from './properties.js';
import { brixToRefractiveIndex, refractiveIndexToBrix } from './sucrose.js';
import { flowFactor, honeyViscosityPaS } from './viscosity.js';

describe('moisture from a refractometer', () => {
  it.each([
    [1.5044, 13],
    [1.4992, 15],
    [1.494, 17],
    [1.4915, 18],
    [1.489, 19],
    [1.4865, 20],
    [1.474, 25],
  ])('index %f is %f %% water (International Honey Commission table)', (refractiveIndex, water) =>
    expect(Math.abs(honeyMoisture({ refractiveIndex }).moisturePercent - water)).toBeLessThan(0.05),
  );
  it.each([
    [60, 1.44193],
    [70, 1.46546],
    [75, 1.47787],
    [80, 1.49071],
    [85, 1.50398],
  ])('Brix %f is index %f (ICUMSA 1974)', (brix, index) =>
    expect(brixToRefractiveIndex(brix)).toBeCloseTo(index, 8),
  );
  it.each([
    [75, 1.55],
    [80, 1.69],
    [85, 1.85],
  ])('Brix %f honey holds about 100 - Brix - %f water', (brixPercent, less) =>
    expect(honeyMoisture({ brixPercent }).moisturePercent).toBeCloseTo(100 - brixPercent - less, 1),
  );
  it('reads 79.7 Brix as 18.6 % water, not 20.3', () =>
    expect(honeyMoisture({ brixPercent: 79.7 }).moisturePercent).toBeCloseTo(18.6, 1));
  it('corrects an uncompensated index by 0.00023 per °C', () =>
    expect(
      honeyMoisture({ refractiveIndex: 1.4892, temperatureC: 30, temperatureCompensated: false })
        .refractiveIndex20,
    ).toBeCloseTo(1.4915, 10));
  it('corrects an uncompensated percent scale through the index', () => {
    const warm = honeyMoisture({
      moisturePercent: 18,
      temperatureC: 30,
      temperatureCompensated: false,
    });
    expect(warm.moisturePercent).toBeCloseTo(wedmoreMoisture(wedmoreIndex(18) + 0.0023), 10);
    expect(warm.moisturePercent).toBeLessThan(18);
  });
  it('ignores the temperature of a compensated instrument', () =>
    expect(honeyMoisture({ moisturePercent: 18, temperatureC: 35 }).moisturePercent).toBeCloseTo(
      18,
      9,
    ));
  it('marks wet, dry and off-table results as approximate', () => {
    expect(honeyMoisture({ moisturePercent: 25.1 }).approximate).toBe(true);
    expect(honeyMoisture({ moisturePercent: 12.9 }).approximate).toBe(true);
    for (const moisturePercent of [13, 18, 25])
      expect(honeyMoisture({ moisturePercent }).approximate).toBe(false);
    expect(honeyMoisture({ brixPercent: 59 }).approximate).toBe(true);
  });
  it('refuses none, two, or no honey', () => {
    expect(() => honeyMoisture({})).toThrow(BadInput);
    expect(() => honeyMoisture({ brixPercent: 80, moisturePercent: 18 })).toThrow(
      /calc\.exactly-one/,
    );
    expect(() => honeyMoisture({ refractiveIndex: 1.6 })).toThrow(BadInput);
  });
  it('round-trips Brix and index', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 88, noNaN: true }),
        (brix) => Math.abs(refractiveIndexToBrix(brixToRefractiveIndex(brix)) - brix) < 1e-6,
      ),
    );
  });
});

describe('density', () => {
  it.each([
    [13, 1.4457],
    [14, 1.4404],
    [15, 1.435],
    [16, 1.4295],
    [17, 1.4237],
    [18, 1.4171],
    [19, 1.4101],
    [20, 1.4027],
    [21, 1.395],
  ])('specific gravity at %f %% is %f (White 1975)', (water, sg) =>
    expect(honeySpecificGravity(water)).toBeCloseTo(sg, 10),
  );
  it('puts 1.41 kg of 18 % honey in a litre', () =>
    expect(honeyDensityKgPerL(18)).toBeCloseTo(1.4146, 3));
  it('falls by 0.0006 kg/L per °C', () =>
    expect(honeyDensityKgPerL(18, 20) - honeyDensityKgPerL(18, 30)).toBeCloseTo(0.006, 10));
  it('falls with water all the way and stays above water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 90, noNaN: true }),
        (w) =>
          honeySpecificGravity(w) > honeySpecificGravity(w + 1) && honeySpecificGravity(w) >= 1,
      ),
    );
  });
});

describe('viscosity', () => {
  it.each([
    [13.7, 420],
    [14.2, 269],
    [15.5, 138],
    [17.1, 69],
    [18.2, 48.1],
    [19.1, 34.9],
    [20.2, 20.4],
    [21.5, 13.6],
  ])('white clover at 25 °C and %f %%: %f poise within 10 %% (Munro 1943)', (water, poise) => {
    expect(Math.abs((honeyViscosityPaS(water, 25) * 10) / poise - 1)).toBeLessThan(0.1);
  });
  it.each([
    [13.7, 600],
    [20.6, 189.6],
    [29, 68.4],
    [39.4, 21.4],
    [48.1, 10.7],
    [71.1, 2.6],
  ])('sweet clover of 16.1 %% at %f °C: %f poise within 10 %% (Munro 1943)', (t, poise) => {
    expect(Math.abs((honeyViscosityPaS(16.1, t) * 10) / poise - 1)).toBeLessThan(0.1);
  });
  it('makes 20 °C about three times as slow as 30 °C', () =>
    expect(flowFactor(18, 30) / flowFactor(18, 20)).toBeCloseTo(3.1, 0));
  it('has no value for glass', () =>
    expect(() => honeyProperties({ moisturePercent: 2, temperatureC: -20 })).toThrow(BadInput));
  it('marks what lies outside the tables', () => {
    expect(honeyProperties({ moisturePercent: 22, temperatureC: 25 }).approximate).toBe(true);
    expect(honeyProperties({ moisturePercent: 18, temperatureC: 25 }).approximate).toBe(false);
  });
});

describe('warmth', () => {
  it.each([
    [10, 12600 * 24],
    [25, 540 * 24],
    [40, 31 * 24],
    [63, 16.2],
    [80, 1.2],
  ])('diastase half-life at %f °C is %f h', (t, h) =>
    expect(diastaseHalfLifeHours(t)).toBeCloseTo(h, 6),
  );
  it.each([
    [20, 820 * 24],
    [50, 1.28 * 24],
    [70, 0.78],
  ])('invertase half-life at %f °C is %f h', (t, h) =>
    expect(invertaseHalfLifeHours(t)).toBeCloseTo(h, 6),
  );
  it.each([
    [38, 2, 0.001, 0.004],
    [70, 1, 0.12, 0.59],
    [25, 90 * 24, 0.11, 0.22],
  ])('%f °C for %f h costs %f of diastase, %f of invertase', (temperatureC, hours, d, i) => {
    const kept = honeyHeat({ exposures: [{ temperatureC, hours }] });
    expect(1 - kept.diastaseRetainedFraction).toBeCloseTo(d, 2);
    expect(1 - kept.invertaseRetainedFraction).toBeCloseTo(i, 2);
  });
  it('multiplies over warmings', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (temperatureC, hours) => {
          const once = honeyHeat({
            exposures: [{ temperatureC, hours: 2 * hours }],
          }).diastaseRetainedFraction;
          const twice = honeyHeat({
            exposures: [
              { temperatureC, hours },
              { temperatureC, hours },
            ],
          }).diastaseRetainedFraction;
          expect(twice).toBeCloseTo(once, 12);
        },
      ),
    );
  });
});

describe('keeping', () => {
  it.each([
    [17.1, 'keeps'],
    [17.11, 'watch'],
    [19, 'watch'],
    [19.01, 'use-soon'],
    [20, 'use-soon'],
    [20.01, 'ferments'],
  ])('%f %% is %s (Lochhead 1933)', (moisturePercent, grade) =>
    expect(honeyKeeping({ moisturePercent, bee: 'honeybee' }).grade).toBe(grade),
  );
  it('keeps stingless honey cold, however dry, and never says safe', () => {
    const result = honeyKeeping({ moisturePercent: 16, bee: 'stingless' });
    expect(result.grade).toBe('keep-cold');
    for (const w of [16, 18, 19.5, 25])
      expect(honeyKeeping({ moisturePercent: w, bee: 'honeybee' }).reason).not.toMatch(/\bsafe\b/i);
  });
});

describe('how long honey keeps, by warmth', () => {
  it('lets yeast stand still in the cold and in the heat, and be what the water says between', () => {
    const yeast = (water: number): string[] =>
      keepsAt(water, 'honeybee', [10, 11, 20, 27, 28]).map((k) => k.yeast);
    expect(yeast(16.5)).toEqual(['still', 'keeps', 'keeps', 'keeps', 'still']);
    expect(yeast(19.5)).toEqual(['still', 'use-soon', 'use-soon', 'use-soon', 'still']);
  });
  it('says nothing of the cold for the thin honey of stingless bees', () =>
    expect(keepsAt(26, 'stingless', [8])[0].yeast).toBe('keep-cold'));
  it('halves its enzymes as White (1964) found', () => {
    const [warm, hot] = keepsAt(17, 'honeybee', [20, 30]);
    expect([warm.diastaseHalfDays, warm.invertaseHalfDays].map(Math.round)).toEqual([1480, 820]);
    expect([hot.diastaseHalfDays, hot.invertaseHalfDays].map(Math.round)).toEqual([200, 83]);
  });
});

describe('what warmth costs, in words', () => {
  it('has no more digits than the half-lives', () =>
    expect([0, 0.02, 0.06, 0.44, 9.96, 58.7].map(enzymeLossText)).toEqual([
      '0',
      '< 0.1',
      '0.1',
      '0.4',
      '10.0',
      '59',
    ]));
});
