import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comb, household } from '../../fixtures/chooser.js';
import { WAYS } from '../records/vocabulary/ways.js';
import { marketOf } from './index.js';
import { outcomeOf, type Outcome } from './outcome.js';

const { rules, jars } = household();
const market = marketOf(jars, rules);
const RANGES = [
  'honeyKg',
  'combKg',
  'pieces',
  'chunkJars',
  'cleanWaxG',
  'handsOnMinutes',
  'elapsedHours',
] as const satisfies readonly (keyof Outcome)[];
const aUnit = fc.double({ min: 0.2, max: 6, noNaN: true }).map((kg) => comb('c', kg));
const aWay = fc.constantFrom(...WAYS);

describe('what a unit gives by a way', () => {
  it('is told in ranges whose edges are in order, and never under nothing', () => {
    fc.assert(
      fc.property(aUnit, aWay, (unit, way) => {
        const outcome = outcomeOf(unit, way, rules, market)!;
        for (const key of RANGES) {
          const { low, mid, high } = outcome[key];
          expect(low).toBeGreaterThanOrEqual(0);
          expect(low).toBeLessThanOrEqual(mid + 1e-9);
          expect(mid).toBeLessThanOrEqual(high + 1e-9);
        }
      }),
      { numRuns: 200 },
    );
  });
  it('is never more honey than was in it, nor more comb', () => {
    fc.assert(
      fc.property(aUnit, aWay, (unit, way) => {
        const { honeyKg, combKg } = outcomeOf(unit, way, rules, market)!;
        for (const edge of ['low', 'mid', 'high'] as const) {
          expect(combKg[edge]).toBeLessThanOrEqual(unit.estimate!.honeyKg[edge] + 1e-9);
          expect(honeyKg[edge]).toBeLessThanOrEqual(unit.estimate!.honeyKg[edge] + 1e-9);
        }
      }),
      { numRuns: 200 },
    );
  });
  it('grows with the comb', () => {
    const of = (kg: number): number =>
      outcomeOf(comb('c', kg), 'crush', rules, market)!.honeyKg.mid;
    expect(of(2)).toBeCloseTo(2 * of(1), 6);
  });
  it('takes no wax and no room at the bench where the comb stays in its hive', () => {
    const outcome = outcomeOf(comb('c', 2), 'drain-hive', rules, market)!;
    expect(outcome.cleanWaxG).toEqual({ low: 0, mid: 0, high: 0 });
    expect([outcome.tubL, outcome.crushedL]).toEqual([0, 0]);
  });
  it('waits for the freezer where comb is cut, and not where the rule freezes nothing', () => {
    const hours = (freeze: 'pieces' | 'none') =>
      outcomeOf(comb('c', 2), 'cut', { ...rules, freeze, freezerL: 50 }, market)!;
    expect(hours('pieces').freezerL).toBeGreaterThan(0);
    expect(hours('none').freezerL).toBe(0);
    expect(hours('pieces').elapsedHours.high).toBeGreaterThanOrEqual(
      hours('none').elapsedHours.high,
    );
  });
  it('is unknown where nobody read the comb', () => {
    expect(outcomeOf({ ...comb('c', 2), estimate: null }, 'crush', rules, market)).toBeNull();
  });
});
