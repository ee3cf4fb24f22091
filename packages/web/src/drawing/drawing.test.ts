import { CONTENTS, COUNTS_AS, type Shares } from '@furrow/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { facePaths, lattice } from './cells.js';
import { slab } from './slab.js';

const outline = { topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 };
const shares: Shares = { capped: 0.5, open: 0.25, pollen: 0.05, brood: 0, empty: 0.2 };
const cellsIn = (path: string): number => path.split('Z').length - 1;

describe('a comb face', () => {
  it('has as many real cells as its area holds', () => {
    const { hex: cells } = lattice(outline, 0, 0, 1, 3);
    // A hexagon of 5.3 mm across the flats covers 0.243 cm².
    expect(cells.length).toBeGreaterThan((0.85 * 663) / 0.243);
    expect(cells.length).toBeLessThan(663 / 0.243);
  });
  it('gives every cell exactly one content, in the shares said', () => {
    const grid = lattice(outline, 0, 0, 1, 3);
    fc.assert(
      fc.property(
        fc
          .tuple(...CONTENTS.map(() => fc.integer({ min: 0, max: 9 })))
          .filter((p) => p.some(Boolean)),
        (parts) => {
          const sum = parts.reduce((a, b) => a + b, 0);
          const s = Object.fromEntries(CONTENTS.map((c, i) => [c, parts[i] / sum])) as Shares;
          const paths = facePaths(grid, s);
          expect(paths.reduce((n, p) => n + cellsIn(p.fill), 0)).toBe(grid.hex.length);
          for (const p of paths)
            expect(
              Math.abs(cellsIn(p.fill) / grid.hex.length - s[COUNTS_AS[p.content]]),
            ).toBeLessThan(0.002);
        },
      ),
      { numRuns: 20 },
    );
  });
  it('is the same for the same seed', () =>
    expect(lattice(outline, 0, 0, 1, 3)).toEqual(lattice(outline, 0, 0, 1, 3)));
});

describe('a comb seen edge-on', () => {
  it('hangs its bands from the bar down, a side not seen without any', () => {
    const both = slab({ x: 100, y: 20, s: 1, depthMm: 200, A: shares, B: null });
    expect(both.bands.map((b) => b.content)).toEqual(['capped', 'open', 'pollen', 'empty']);
    // Side A lies left of the midrib at 100.
    for (const { d } of both.bands)
      for (const [, x] of d.matchAll(/[ML]([\d.]+) /g)) expect(Number(x)).toBeLessThanOrEqual(100);
  });
  it('keeps one scale both ways', () => {
    const width = (s: number): number =>
      Number(
        /L([\d.]+) /.exec(
          slab({ x: 0, y: 0, s, depthMm: 200, A: shares, B: shares }).outline.split('Q').at(-1)!,
        )![1],
      );
    expect(width(2) / width(1)).toBeCloseTo(2, 1);
  });
});
