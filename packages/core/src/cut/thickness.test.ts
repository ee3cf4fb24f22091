import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Mass } from '../say/say.js';
import { cutSay } from './says.js';
import type { Flaw } from '../records/vocabulary/flaws.js';
import { freeCm2 } from './board.js';
import { cutPlan } from './cutPlan.js';
import { movePiece } from './moveCut.js';
import { type CombBox, pieceG, pieceWanted } from './pieces.js';
import { knifeDefects, pieceThicknessMm, type ThickBoard, unfitFor } from './thickness.js';

const box = (more: Partial<CombBox> = {}): CombBox =>
  ({
    id: 'box',
    name: 'Box',
    purpose: 'piece',
    widthMm: 100,
    heightMm: 100,
    depthMm: 40,
    shape: 'rectangle',
    minG: 260,
    maxG: 600,
    netG: 300,
    value: 9,
    cost: 1,
    stock: 50,
    ...more,
  }) as CombBox;
const region = (xMm: number, widthMm: number, thicknessMm: number): Flaw => ({
  kind: 'thickness',
  xMm,
  yMm: 0,
  widthMm,
  heightMm: 200,
  thicknessMm,
});
const board = (flaws: Flaw[] = [], thicknessMm = 30): ThickBoard => ({
  widthMm: 400,
  heightMm: 200,
  thicknessMm,
  flaws,
});
const plan = (b: ThickBoard, boxes: CombBox[], all?: Set<string>) =>
  cutPlan({
    comb: b,
    kerfMm: 0,
    pieces: boxes.map((x) => pieceWanted(x, x.stock, true, b.thicknessMm)),
    defects: knifeDefects(b, boxes, all),
  });

describe('thickness of a comb, region by region', () => {
  it('leaves a box out where its expected weight misses its window, and says both numbers', () => {
    const g = pieceG({ widthMm: 100, heightMm: 100, shape: 'rectangle', thicknessMm: 30 });
    // To ten grams, as an estimate is said.
    const range: Mass = { massG: { low: 370, high: 430 }, as: 'estimate' };
    const [light, heavy] = [Math.ceil(g.high) + 1, Math.floor(g.low) - 1];
    expect(unfitFor(box({ minG: light }), 30)).toEqual(
      cutSay('cut.thickness.it-would-weigh-under-its', {
        range,
        minG: { massG: light, as: 'read' },
      }),
    );
    expect(unfitFor(box({ maxG: heavy, minG: null }), 30)).toEqual(
      cutSay('cut.thickness.it-would-weigh-over-its', {
        range,
        maxG: { massG: heavy, as: 'read' },
      }),
    );
    expect(unfitFor(box({ minG: Math.floor(g.high) }), 30)).toBeNull();
    expect(plan(board(), [box({ minG: Math.ceil(g.high) + 1 })]).placements).toEqual([]);
  });
  it('cuts it all the same where the person says so', () => {
    expect(plan(board(), [box({ minG: 900 })], new Set(['box'])).placements).toHaveLength(8);
  });
  it('knows comb too thick for its box, and comb that lies low where no weight says it', () => {
    expect(unfitFor(box({ minG: null, maxG: null }), 45)).toEqual(
      cutSay('cut.thickness.thick-its-box-deep', {
        thicknessMm: { lengthMm: 45 },
        depthMm: { lengthMm: 40 },
      }),
    );
    expect(unfitFor(box({ minG: null, maxG: null }), 20)).toEqual(
      cutSay('cut.thickness.thick-low-in-box-deep', {
        thicknessMm: { lengthMm: 20 },
        depthMm: { lengthMm: 40 },
      }),
    );
    expect(unfitFor(box({ minG: 10, maxG: null }), 20)).toBeNull();
    expect(unfitFor(box({ purpose: 'chunk', minG: null, maxG: null }), 45)).toBeNull();
  });
  it('keeps a box off a thin half, and another that takes thin comb may lie there', () => {
    const thin = board([region(200, 200, 10)]);
    expect(plan(thin, [box()]).placements.every((p) => p.xMm + p.widthMm <= 200)).toBe(true);
    expect(plan(thin, [box()]).placements).toHaveLength(4);
    const both = plan(thin, [
      box(),
      box({ id: 'small', depthMm: null, minG: null, maxG: null, value: 3 }),
    ]);
    expect(both.placements.filter((p) => p.id === 'small').every((p) => p.xMm >= 200)).toBe(true);
    expect(both.placements).toHaveLength(8);
  });
  it('lets a box lie only in the region that suits it, though the comb as a whole does not', () => {
    const placements = plan(board([region(0, 120, 30)], 10), [box()]).placements;
    expect(placements).toHaveLength(2);
    expect(placements.every((p) => p.xMm + p.widthMm <= 120)).toBe(true);
  });
  it('weighs a piece by the thickness under it', () => {
    const b = board([region(200, 200, 20)]);
    const at = (xMm: number) => pieceThicknessMm(b, { xMm, yMm: 0, widthMm: 100, heightMm: 100 });
    expect([at(0), at(150), at(300)]).toEqual([30, 25, 20]);
  });
  it('is no flaw: free comb stays free, and a piece that does not mind may be moved there', () => {
    const b = board([region(200, 200, 10)]);
    expect(freeCm2(b)).toBe(800);
    const piece = { jarKindId: 'box', xMm: 0, yMm: 0, widthMm: 100, heightMm: 100 };
    const with_ = (boxes: CombBox[]) => ({ ...b, flaws: knifeDefects(b, boxes) });
    expect(movePiece(with_([box()]), 0, 5, [piece], 0, { xMm: 250, yMm: 0 }).says).toEqual(
      cutSay('cut.moveCut.there-comb-not-thickness-for'),
    );
    expect(
      movePiece(with_([box({ minG: null, maxG: null, depthMm: null })]), 0, 5, [piece], 0, {
        xMm: 250,
        yMm: 0,
      }).says,
    ).toBeNull();
  });
  it('never places a piece wholly on comb that does not suit its box', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 45 }),
        fc.integer({ min: 10, max: 45 }),
        fc.integer({ min: 1, max: 79 }),
        (base, other, at) => {
          const b = board([region(at * 5, 400 - at * 5, other)], base);
          return plan(b, [box()]).placements.every((p) => {
            const mm = pieceThicknessMm(b, p);
            return (
              unfitFor(box(), p.xMm >= at * 5 ? other : base) === null &&
              mm >= Math.min(base, other) - 1e-9 &&
              mm <= Math.max(base, other) + 1e-9
            );
          });
        },
      ),
      { numRuns: 60 },
    );
  });
});
