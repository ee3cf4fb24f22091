import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type CellClass, cellOf, cellsWithin, faceLattice } from '../comb/face.js';
import type { Shares } from '../records/vocabulary/combShapes.js';
import { bestSideUp, boardOf, freeCm2, type SeenSide } from './board.js';

const outline = { topWidthMm: 200, bottomWidthMm: 200, depthMm: 140 };
const none: SeenSide = { face: null, shares: null };
const shares = (s: Partial<Shares>): SeenSide => ({
  face: null,
  shares: { capped: 0, open: 0, pollen: 0, brood: 0, empty: 0, ...s },
});
function painted(patches: [CellClass, number, number, number][]): SeenSide {
  const lattice = faceLattice(outline);
  const cells = new Uint8Array(lattice.xMm.length).fill(cellOf('capped'));
  for (const [what, x, y, r] of patches)
    for (const i of cellsWithin(lattice, x, y, r)) cells[i] = cellOf(what);
  return { face: { lattice, cells }, shares: null };
}
const cover = (
  flaws: { xMm: number; yMm: number; widthMm: number; heightMm: number }[],
  x: number,
  y: number,
): boolean =>
  flaws.some((f) => x >= f.xMm && x <= f.xMm + f.widthMm && y >= f.yMm && y <= f.yMm + f.heightMm);

describe('a comb on the board', () => {
  it('has its bands as flaws where only shares are known', () => {
    const board = boardOf({
      outline,
      sides: { A: shares({ capped: 0.7, open: 0.3 }), B: none },
      leastCm2: 1,
    });
    expect(board).toMatchObject({ widthMm: 200, heightMm: 140, seen: 'one' });
    // 98 mm of sealed comb below the bar, then open cells to the foot.
    expect(board.flaws[0]).toMatchObject({ kind: 'edge', yMm: expect.any(Number) as number });
    expect(board.flaws).toContainEqual({
      kind: 'open',
      xMm: 0,
      yMm: 100,
      widthMm: 200,
      heightMm: 25,
    });
    expect([cover(board.flaws, 100, 138), cover(board.flaws, 100, 97)]).toEqual([true, false]);
    expect(freeCm2(board)).toBeCloseTo(200, 6);
  });
  it('takes what is painted on either side, B turned over', () => {
    const { flaws, seen } = boardOf({
      outline,
      sides: { A: painted([['pollen', -60, 50, 12]]), B: painted([['brood', -60, 100, 10]]) },
      leastCm2: 1,
    });
    expect(seen).toBe('both');
    expect(
      cover(
        flaws.filter((f) => f.kind === 'pollen'),
        40,
        50,
      ),
    ).toBe(true);
    expect(
      cover(
        flaws.filter((f) => f.kind === 'brood'),
        160,
        100,
      ),
    ).toBe(true);
    expect(cover(flaws, 40, 100)).toBe(false);
  });
  it('lets a small open patch go by the house rule, brood never', () => {
    const small = (leastCm2: number) =>
      boardOf({
        outline,
        sides: {
          A: painted([
            ['open', 0, 60, 4],
            ['brood', 60, 60, 3],
          ]),
          B: none,
        },
        leastCm2,
      }).flaws.map((f) => f.kind);
    expect(small(0)).toContain('open');
    expect(small(6)).not.toContain('open');
    expect(small(6)).toContain('brood');
  });
  it('leaves out what is outside a comb that narrows, and adds nothing for a side nobody saw', () => {
    const board = boardOf({
      outline: { topWidthMm: 240, bottomWidthMm: 140, depthMm: 150 },
      sides: { A: none, B: none },
      leastCm2: 1,
    });
    expect(board.seen).toBe('none');
    expect(new Set(board.flaws.map((f) => f.kind))).toEqual(new Set(['edge']));
    expect(cover(board.flaws, 4, 140)).toBe(true);
    expect(cover(board.flaws, 120, 140)).toBe(false);
    expect(freeCm2(board)).toBeLessThanOrEqual(((240 + 140) / 2) * 1.5);
  });
  it('knows the better side of a piece, B turned over; alike or unseen sides have none', () => {
    const sides = { A: painted([['open', -60, 60, 6]]), B: painted([]) };
    expect(bestSideUp(outline, sides, { xMm: 20, yMm: 30, widthMm: 60, heightMm: 60 })).toBe('B');
    expect(
      bestSideUp(
        outline,
        { A: sides.B, B: sides.A },
        { xMm: 120, yMm: 30, widthMm: 60, heightMm: 60 },
      ),
    ).toBe('A');
    expect(bestSideUp(outline, sides, { xMm: 120, yMm: 30, widthMm: 60, heightMm: 60 })).toBeNull();
    expect(
      bestSideUp(outline, { A: sides.A, B: none }, { xMm: 20, yMm: 30, widthMm: 60, heightMm: 60 }),
    ).toBeNull();
  });
  it('never finds more room with more flaws, and its flaws lie within the board', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom<CellClass>('open', 'pollen', 'empty', 'damaged'),
            fc.integer({ min: -90, max: 90 }),
            fc.integer({ min: 5, max: 135 }),
            fc.integer({ min: 3, max: 25 }),
          ),
          { maxLength: 4 },
        ),
        (patches) => {
          const [less, more] = [patches.slice(1), patches].map((p) =>
            boardOf({ outline, sides: { A: painted(p), B: none }, leastCm2: 0 }),
          );
          expect(freeCm2(more)).toBeLessThanOrEqual(freeCm2(less) + 1e-6);
          for (const f of more.flaws)
            expect(
              f.xMm >= 0 &&
                f.yMm >= 0 &&
                f.xMm + f.widthMm <= 200 &&
                f.yMm + f.heightMm <= 140 &&
                f.widthMm > 0 &&
                f.heightMm > 0,
            ).toBe(true);
        },
      ),
      { numRuns: 25 },
    );
  });
});
