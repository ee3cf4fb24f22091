import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atLeastTheEnd, paneReading } from './partial.js';
import { potsEstimate } from './pots.js';
import { type Pots, potsSchema } from '../records/vocabulary/combShapes.js';

describe('a few cells through a pane', () => {
  it('speak for the rest of the frame from below, never against it from above', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (of, share) => {
          const hits = Math.round(share * of);
          const { low, mid, high } = atLeastTheEnd(hits, of);
          expect(low).toBeGreaterThan(0);
          expect(low).toBeLessThanOrEqual(mid);
          expect(mid).toBe((1 + hits / of) / 2);
          expect(high).toBe(1);
        },
      ),
    );
  });
  it('are strong evidence where all of them are capped, more so the more there are', () => {
    const low = (of: number): number => atLeastTheEnd(of, of).low;
    expect(low(40)).toBeGreaterThan(0.8);
    expect(low(40)).toBeGreaterThan(low(10));
    expect(low(10)).toBeGreaterThan(0.5);
  });
  it('say little where they are open, and nothing where there are none', () => {
    expect(atLeastTheEnd(0, 40).low).toBeLessThan(0.05);
    expect(atLeastTheEnd(0, 40).mid).toBe(0.5);
    expect(atLeastTheEnd(0, 0)).toEqual({ low: 0, mid: 0.5, high: 1 });
  });
  it('tell filling and capping apart', () => {
    const { filled, cappedOfHoney } = paneReading({ capped: 30, open: 10, empty: 0 });
    expect(filled.mid).toBe(1);
    expect(cappedOfHoney.mid).toBe(0.875);
    expect(cappedOfHoney.low).toBeLessThan(0.6);
  });
});

describe('pots', () => {
  const pots: Pots = {
    honeySealed: 10,
    honeyOpen: 4,
    pollen: 3,
    empty: 2,
    potWidthMm: 26,
    potHeightMm: 32,
  };
  it('weigh by count and size, as a range', () => {
    const { sealedKg, honeyKg, potMl, sealedShare } = potsEstimate(pots);
    expect(potMl).toBeCloseTo((Math.PI / 6) * 2.6 * 2.6 * 3.2, 6);
    // Ten ellipsoids of 11.3 ml, seven tenths full of honey at about 1.37 kg a litre.
    expect(sealedKg.mid).toBeCloseTo(10 * 0.01133 * 0.7 * 1.37, 2);
    expect(sealedKg.low).toBeLessThan(sealedKg.mid);
    expect(honeyKg.high).toBeGreaterThan(sealedKg.high);
    expect(sealedShare).toBeCloseTo(10 / 14, 9);
  });
  it('hold no honey where only pollen was counted', () =>
    expect(potsEstimate({ ...pots, honeySealed: 0, honeyOpen: 0 })).toMatchObject({
      honeyKg: { low: 0, mid: 0, high: 0 },
      sealedShare: 0,
    }));
  it('more pots never weigh less', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 1, max: 50 }),
        (count, more) =>
          potsEstimate({ ...pots, honeySealed: count + more }).honeyKg.low >
          potsEstimate({ ...pots, honeySealed: count }).honeyKg.low,
      ),
    ));
  it('are counted whole and not below nothing', () => {
    for (const bad of [{ honeySealed: -1 }, { pollen: 1.5 }, { potWidthMm: 4 }, { extra: 1 }])
      expect(potsSchema.safeParse({ ...pots, ...bad }).success).toBe(false);
  });
});
