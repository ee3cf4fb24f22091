import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { paneReading, seenShare } from './partial.js';
import { potsEstimate, potsSchema, type Pots } from './pots.js';

describe('a few cells through a pane', () => {
  it('give a range round what was counted, never a certainty', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (of, share) => {
          const hits = Math.round(share * of);
          const { low, mid, high } = seenShare(hits, of);
          expect(low).toBeGreaterThan(0);
          expect(high).toBeLessThan(1);
          expect(mid).toBe(hits / of);
          expect(high - low).toBeGreaterThan(0.02);
        },
      ),
    );
  });
  it('narrow with more cells, and know nothing without one', () => {
    const width = (of: number): number => seenShare(of / 2, of).high - seenShare(of / 2, of).low;
    expect(width(40)).toBeLessThan(width(10));
    expect(seenShare(0, 0)).toEqual({ low: 0, mid: 0.5, high: 1 });
  });
  it('tell filling and capping apart', () => {
    const { filled, cappedOfHoney } = paneReading({ capped: 30, open: 10, empty: 0 });
    expect(filled.mid).toBe(1);
    expect(cappedOfHoney.mid).toBe(0.75);
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
