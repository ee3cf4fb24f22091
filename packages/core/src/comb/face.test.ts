import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONTENTS } from '../records/vocabulary/comb.js';
import { type Shares, storedFaceSchema } from '../records/vocabulary/combShapes.js';
import {
  bandCells,
  CELL_CLASSES,
  cellAt,
  cellCount,
  cellOf,
  cellsWithin,
  classOf,
  faceLattice,
  faceShares,
  fillOrder,
  layOver,
  mirrorFace,
  neighbours,
  packFace,
  patchOf,
  toneOf,
  TONES,
  unpackFace,
} from './face.js';

const outline = { topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 };
const lattice = faceLattice(outline);
const n = cellCount(lattice);
const anyCells = fc
  .integer({ min: 0, max: 2 ** 30 })
  .map((seed) =>
    Uint8Array.from({ length: n }, (_, i) =>
      cellOf(CELL_CLASSES[(Math.imul(i + seed, 2654435761) >>> 16) % 7]),
    ),
  );

describe('the lattice of a face', () => {
  it("holds as many real cells as its area, the same left and right of the bar's middle", () => {
    expect(n).toBeGreaterThan((0.85 * 66300) / 24.3);
    expect(n).toBeLessThan(66300 / 24.3);
    for (let row = 0; row < lattice.rowStart.length - 1; row++) {
      const [from, to] = [lattice.rowStart[row], lattice.rowStart[row + 1]];
      if (to > from) expect(lattice.xMm[from]).toBeCloseTo(-lattice.xMm[to - 1], 4);
    }
  });
  it('finds the cell under a finger, and none beside the comb', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: n - 1 }),
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        (i, off) => cellAt(lattice, lattice.xMm[i] + off * lattice.pitchMm, lattice.yMm[i]) === i,
      ),
    );
    expect(cellAt(lattice, 260, 20)).toBe(-1);
    expect(cellAt(lattice, 0, 400)).toBe(-1);
  });
  it('a brush paints what lies under it, at least one cell, and nothing farther', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: n - 1 }),
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        (i, radius) => {
          const found = cellsWithin(lattice, lattice.xMm[i], lattice.yMm[i], radius);
          expect(found).toContain(i);
          const all = Array.from(lattice.xMm.keys()).filter(
            (j) =>
              Math.hypot(lattice.xMm[j] - lattice.xMm[i], lattice.yMm[j] - lattice.yMm[i]) <=
              radius,
          );
          expect(found.length).toBe(Math.max(1, all.length));
        },
      ),
      { numRuns: 60 },
    );
  });
  it("each cell has up to six neighbours, each the other's", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: n - 1 }), (i) => {
        const around = neighbours(lattice, i);
        expect(around.length).toBeLessThanOrEqual(6);
        for (const j of around) expect(neighbours(lattice, j)).toContain(i);
      }),
      { numRuns: 200 },
    );
  });
});

describe('cells of a face', () => {
  it('are packed and come back, every class and tone', () => {
    const cells = Uint8Array.from({ length: n }, (_, i) =>
      cellOf(CELL_CLASSES[i % 7], TONES[i % 4]),
    );
    expect(unpackFace(packFace(lattice, cells)).cells).toEqual(cells);
    expect([classOf(cells[6]), toneOf(cells[6])]).toEqual(['drone', 'amber']);
    fc.assert(
      fc.property(anyCells, (some) => {
        expect(unpackFace(packFace(lattice, some)).cells).toEqual(some);
      }),
      { numRuns: 10 },
    );
  });
  it('are kept in under 4 kB, also on a large frame with a ragged front and scattered cells', () => {
    const large = faceLattice({ topWidthMm: 460, bottomWidthMm: 460, depthMm: 350 }, 4.9);
    expect(cellCount(large)).toBeGreaterThan(7000);
    const cells = bandCells(fillOrder(large, 3), {
      capped: 0.4,
      open: 0.3,
      pollen: 0.1,
      brood: 0.1,
      empty: 0.1,
    });
    for (let i = 0; i < cells.length; i += 23) cells[i] = cellOf(CELL_CLASSES[i % 6]);
    expect(JSON.stringify(packFace(large, cells)).length).toBeLessThan(4096);
  });
  it('that are not of the lattice are refused, and so is nonsense', () => {
    const face = packFace(lattice, new Uint8Array(n));
    expect(() => unpackFace({ ...face, outline: { ...outline, depthMm: 150 } })).toThrow(
      /calc\.face-cells/,
    );
    expect(() => unpackFace({ ...face, packed: 'AAAA' })).toThrow(/calc\.face-unreadable/);
    expect(() => unpackFace(packFace(lattice, new Uint8Array(n).fill(7)))).toThrow(
      /calc\.cell-unknown/,
    );
    expect(storedFaceSchema.safeParse({ ...face, packed: '<script>' }).success).toBe(false);
    expect(storedFaceSchema.safeParse({ ...face, pitchMm: 2 }).success).toBe(false);
  });
  it('mirrored twice are as before, and hold the same shares', () => {
    fc.assert(
      fc.property(anyCells, (cells) => {
        expect(mirrorFace(lattice, mirrorFace(lattice, cells))).toEqual(cells);
        expect(faceShares(mirrorFace(lattice, cells))).toEqual(faceShares(cells));
      }),
      { numRuns: 10 },
    );
  });
  it('laid down as bands have the shares that were said', () => {
    fc.assert(
      fc.property(
        fc
          .tuple(...CONTENTS.map(() => fc.integer({ min: 0, max: 9 })))
          .filter((p) => p.some(Boolean)),
        (parts) => {
          const sum = parts.reduce((a, b) => a + b, 0);
          const shares = Object.fromEntries(CONTENTS.map((c, i) => [c, parts[i] / sum])) as Shares;
          const counted = faceShares(bandCells(fillOrder(lattice, 5), shares));
          for (const c of CONTENTS) expect(Math.abs(counted[c] - shares[c])).toBeLessThan(0.002);
        },
      ),
      { numRuns: 20 },
    );
  });
  it('count drone as brood and damaged as empty', () => {
    const cells = new Uint8Array(n).fill(cellOf('drone'));
    cells.fill(cellOf('damaged'), 0, n / 2);
    expect(faceShares(cells).brood + faceShares(cells).empty).toBeCloseTo(1, 9);
    expect(faceShares(cells).brood).toBeCloseTo(0.5, 2);
  });
  it('a patch is what hangs together, and ends where the class does', () => {
    const cells = bandCells(fillOrder(lattice, 5), {
      capped: 0.4,
      open: 0.6,
      pollen: 0,
      brood: 0,
      empty: 0,
    });
    const patch = patchOf(lattice, cells, Math.floor(n / 50));
    expect(new Set(patch.map((i) => cells[i])).size).toBe(1);
    expect(patch.length).toBeGreaterThan(0.3 * n);
    const lone = cells.slice();
    lone[1200] = cellOf('pollen');
    expect(patchOf(lattice, lone, 1200)).toEqual([1200]);
  });
  it('of an earlier look are compared in millimetres, and unknown where that comb did not reach', () => {
    const short = faceLattice({ topWidthMm: 400, bottomWidthMm: 325, depthMm: 102 });
    const over = layOver(
      { lattice: short, cells: new Uint8Array(cellCount(short)).fill(cellOf('capped')) },
      lattice,
    );
    expect(over[0]).toBe(cellOf('capped'));
    expect(over[n - 1]).toBe(255);
  });
});
