import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

import { BadInput } from '../badInput.js';
import { calculate } from '../calculators.js';
import { bandEdges, moveEdge, setShare } from './contents.js';
import { CONTENTS } from '../records/vocabulary/comb.js';
import type { Shares } from '../records/vocabulary/combShapes.js';
import { hiveKind, readShape } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import { combEstimate, READ_BY, type ReadBy } from './estimate.js';
import { areaShareOfDepth, depthOfAreaShare, faceAreaCm2 } from './outline.js';

const sealed: Shares = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const shares = fc
  .tuple(...CONTENTS.map(() => fc.integer({ min: 0, max: 100 })))
  .filter((p) => p.some((n) => n > 0))
  .map((parts) => {
    const sum = parts.reduce((a, b) => a + b, 0);
    return Object.fromEntries(CONTENTS.map((c, i) => [c, parts[i] / sum])) as Shares;
  });
const bare: Shares = { capped: 0, open: 0, pollen: 0, brood: 0, empty: 1 };
const both = (areaCm2: number, of: Shares) => [
  { areaCm2, shares: of },
  { areaCm2, shares: of },
];
/** A frame of a kind's own measures, sealed on both sides from edge to edge. */
function fullFrame(kind: HiveKindName, change: Record<string, number> = {}) {
  const shape = readShape({ kind, geometry: { ...hiveKind(kind).defaults, ...change } });
  return combEstimate({
    sides: both(faceAreaCm2(shape.outline), sealed),
    thicknessMm: shape.thicknessMm,
    combAge: 'new',
    kind,
  });
}
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
  it('keeps 10.7 to 12.5 g of wax in a square decimetre of bare comb: 70,000 to 77,000 cells a kilogram (SCIENCE 13)', () => {
    const { waxKg } = combEstimate({ sides: both(100, bare), thicknessMm: 25, combAge: 'new' });
    const cells = (2 * (100 * 100)) / (0.866 * 5.3 ** 2);
    expect(waxKg.low * 1000).toBeCloseTo((cells / 77_000) * 1000, 0);
    expect(waxKg.mid * 1000).toBeGreaterThan(11);
    expect(waxKg.mid * 1000).toBeLessThan(12.1);
    expect(waxKg.high).toBeGreaterThan(waxKg.mid);
  });
  it('puts caps on top only where there are caps: wax grows with the capped share, from bare to sealed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.constantFrom('framed', 'drain-frame', 'top-bar'),
        fc.constantFrom('new' as const, 'brood-used' as const),
        (capped, kind, combAge) => {
          const wax = (share: number) =>
            combEstimate({
              sides: both(500, { ...bare, capped: share, empty: 1 - share }),
              thicknessMm: 30,
              combAge,
              kind,
            }).waxKg;
          for (const edge of ['low', 'mid', 'high'] as const)
            expect(wax(capped + 0.1)[edge]).toBeGreaterThan(wax(capped)[edge]);
        },
      ),
    );
  });
  it.each([
    ['framed', { superDepthMm: 168 }, 'medium', 1.6, 2.3],
    ['framed', { superDepthMm: 240 }, 'deep', 2.3, 3.6],
    ['cut-comb', {}, 'shallow', 1.3, 1.8],
    ['drain-frame', {}, 'drain', 2, 3.2],
  ] as const)(
    'a full %s frame %j holds what a %s one usually gives (SCIENCE 13)',
    (kind, change, _, low, high) => {
      const full = fullFrame(kind, change);
      expect(full.honeyKg.mid).toBeGreaterThan(low);
      expect(full.honeyKg.mid).toBeLessThan(high);
    },
  );
  it('keeps the whole range of a full drain frame within 2 to 3.2 kg, and its wax to its caps', () => {
    const { honeyKg, waxKg } = fullFrame('drain-frame');
    expect(honeyKg.low).toBeGreaterThanOrEqual(2);
    expect(honeyKg.high).toBeLessThanOrEqual(3.2);
    // 15.2 dm² of caps of 1.1 to 4.8 g.
    expect(waxKg.mid).toBeLessThan(0.05);
    expect(
      combEstimate({
        sides: both(500, bare),
        thicknessMm: 44,
        combAge: 'new',
        kind: 'drain-frame',
      }).waxKg,
    ).toEqual({ low: 0, mid: 0, high: 0 });
  });
  it('a medium super of nine gives 16 to 20 kg in the middle (SCIENCE 13)', () => {
    const { mid } = fullFrame('framed').honeyKg;
    expect(9 * mid).toBeGreaterThan(16);
    expect(9 * mid).toBeLessThan(20);
  });
  it('is the same without a kind as for natural comb, and refuses pots', () => {
    const input = { sides: both(600, sealed), thicknessMm: 28, combAge: 'new' as const };
    expect(combEstimate({ ...input, kind: 'top-bar' })).toEqual(combEstimate(input));
    expect(() => calculate('comb-estimate', { ...input, kind: 'stingless' })).toThrow(
      expect.objectContaining({ path: 'kind' }) as BadInput,
    );
  });
  it('carries the error of its reading: widest by eye, less after a photo, then painted, least counted', () => {
    const half: Shares = { capped: 0.5, open: 0.2, pollen: 0, brood: 0, empty: 0.3 };
    const width = (readBy?: ReadBy): number => {
      const { honeyKg } = combEstimate({
        sides: both(600, half).map((side) => ({ ...side, readBy })),
        thicknessMm: 28,
        combAge: 'new',
      });
      return honeyKg.high - honeyKg.low;
    };
    const widths = [undefined, 'counted', 'painted', 'photo', 'eye'] as const;
    for (let i = 1; i < widths.length; i++)
      expect(width(widths[i])).toBeGreaterThan(width(widths[i - 1]));
  });
  it('never holds more than all of its face, however it was read', () => {
    fc.assert(
      fc.property(shares, fc.constantFrom(...READ_BY), (seen, readBy) => {
        const read = (s: Shares, by?: ReadBy) =>
          combEstimate({
            sides: both(600, s).map((side) => ({ ...side, readBy: by })),
            thicknessMm: 28,
            combAge: 'new',
          }).honeyKg;
        expect(read(seen, readBy).high).toBeLessThanOrEqual(read(sealed).high + 1e-9);
        expect(read(seen, readBy).low).toBeGreaterThanOrEqual(0);
        expect(read(seen, readBy).mid).toBe(read(seen).mid);
      }),
    );
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
