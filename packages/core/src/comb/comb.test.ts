import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BadInput } from '../badInput.js';
import { calculate } from '../calculators.js';
import { CONTENTS, bandEdges, moveEdge, setShare, type Shares } from './contents.js';
import { combEstimate } from './estimate.js';
import { areaShareOfDepth, depthOfAreaShare, faceAreaCm2 } from './outline.js';

const sealed: Shares = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const shares = fc
  .tuple(...CONTENTS.map(() => fc.integer({ min: 0, max: 100 })))
  .filter((p) => p.some((n) => n > 0))
  .map((parts) => {
    const sum = parts.reduce((a, b) => a + b, 0);
    return Object.fromEntries(CONTENTS.map((c, i) => [c, parts[i] / sum])) as Shares;
  });
const total = (s: Shares): number => CONTENTS.reduce((sum, c) => sum + s[c], 0);

describe('honey and wax in comb', () => {
  it('holds about 0.33 kg in a square decimetre of 25 mm sealed on both sides', () => {
    const { honeyKg } = combEstimate({
      sides: [
        { areaCm2: 100, shares: sealed },
        { areaCm2: 100, shares: sealed },
      ],
      thicknessMm: 25,
      combAge: 'new',
    });
    expect(honeyKg.mid).toBeCloseTo(0.33, 2);
    expect(honeyKg.low).toBeLessThan(honeyKg.mid);
    expect(honeyKg.high).toBeGreaterThan(honeyKg.mid);
  });
  it('keeps wax at 4 to 6 % of new sealed comb', () => {
    const { honeyKg, waxKg } = combEstimate({
      sides: [
        { areaCm2: 600, shares: sealed },
        { areaCm2: 600, shares: sealed },
      ],
      thicknessMm: 30,
      combAge: 'new',
    });
    expect(waxKg.mid / (honeyKg.mid + waxKg.mid)).toBeCloseTo(0.05, 6);
    expect(waxKg.low / (honeyKg.mid + waxKg.low)).toBeCloseTo(0.04, 6);
    expect(waxKg.high / (honeyKg.mid + waxKg.high)).toBeCloseTo(0.06, 6);
  });
  it('weighs the capped share by area', () => {
    const half: Shares = { capped: 0.5, open: 0.5, pollen: 0, brood: 0, empty: 0 };
    expect(
      combEstimate({
        sides: [
          { areaCm2: 300, shares: sealed },
          { areaCm2: 100, shares: half },
        ],
        thicknessMm: 25,
        combAge: 'new',
      }).cappedShareOfHoney,
    ).toBeCloseTo(350 / 400, 12);
  });
  it('gives 0 where there is no honey', () => {
    const empty: Shares = { capped: 0, open: 0, pollen: 0, brood: 0, empty: 1 };
    const result = combEstimate({
      sides: [
        { areaCm2: 300, shares: empty },
        { areaCm2: 300, shares: empty },
      ],
      thicknessMm: 25,
      combAge: 'used',
    });
    expect(result.cappedShareOfHoney).toBe(0);
    expect(result.honeyKg).toEqual({ low: 0, mid: 0, high: 0 });
  });
  it('widens and never narrows for an unseen side, its middle like the seen one', () => {
    fc.assert(
      fc.property(shares, shares, (seen, other) => {
        const one = combEstimate({
          sides: [{ areaCm2: 600, shares: seen }],
          thicknessMm: 28,
          combAge: 'new',
        });
        const same = combEstimate({
          sides: [
            { areaCm2: 600, shares: seen },
            { areaCm2: 600, shares: seen },
          ],
          thicknessMm: 28,
          combAge: 'new',
        });
        const both = combEstimate({
          sides: [
            { areaCm2: 600, shares: seen },
            { areaCm2: 600, shares: other },
          ],
          thicknessMm: 28,
          combAge: 'new',
        });
        for (const key of ['honeyKg', 'cappedHoneyKg', 'openHoneyKg'] as const) {
          expect(one[key].mid).toBeCloseTo(same[key].mid, 9);
          expect(one[key].low).toBeLessThanOrEqual(both[key].low + 1e-9);
          expect(one[key].high).toBeGreaterThanOrEqual(both[key].high - 1e-9);
        }
      }),
    );
  });
  it('names the side whose shares do not sum', () => {
    const bad = { ...sealed, capped: 0.8 };
    expect(() =>
      calculate('comb-estimate', {
        sides: [
          { areaCm2: 1, shares: sealed },
          { areaCm2: 1, shares: bad },
        ],
        thicknessMm: 25,
        combAge: 'new',
      }),
    ).toThrow(expect.objectContaining({ path: 'sides[1].shares' }) as BadInput);
  });
});

describe('dragging and typing shares', () => {
  it('always sum to one', () => {
    fc.assert(
      fc.property(
        shares,
        fc.integer({ min: 0, max: 3 }),
        fc.double({ min: -0.5, max: 1.5, noNaN: true }),
        (s, edge, at) => {
          const moved = moveEdge(s, edge, at);
          expect(total(moved)).toBeCloseTo(1, 9);
          expect(Math.min(...CONTENTS.map((c) => moved[c]))).toBeGreaterThanOrEqual(-1e-12);
        },
      ),
    );
    fc.assert(
      fc.property(
        shares,
        fc.constantFrom(...CONTENTS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (s, content, value) => {
          const typed = setShare(s, content, value);
          expect(total(typed)).toBeCloseTo(1, 9);
          expect(typed[content]).toBeCloseTo(value, 9);
        },
      ),
    );
  });
  it('puts the edges where the shares end', () =>
    expect(bandEdges({ capped: 0.5, open: 0.25, pollen: 0, brood: 0, empty: 0.25 })).toEqual([
      0, 0.5, 0.75, 0.75, 0.75, 1,
    ]));
});

describe('outline', () => {
  const outline = { topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 };
  it('has the area of a trapezoid', () => expect(faceAreaCm2(outline)).toBeCloseTo(663, 6));
  it('turns area into depth and back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        (share) =>
          Math.abs(areaShareOfDepth(outline, depthOfAreaShare(outline, share)) - share) < 1e-9,
      ),
    );
  });
});
