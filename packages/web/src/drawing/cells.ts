import { CONTENTS, type CombOutline, type Content, type Shares } from '@furrow/core';

/** A drawn cell: its outline and its glyphs as path text, ready to be joined by class. */
interface DrawnCell {
  hex: string;
  glyph: Record<Content, string>;
}
export interface Lattice {
  /** Cells ordered as bees fill comb: honey at the top and the edges first, empty at the lower middle last. */
  cells: DrawnCell[];
}

const r1 = (n: number): number => Math.round(n * 10) / 10;

/** Smooth reproducible noise for a comb's uneven frontier; drawing only, nothing is computed from it. */
function noise(x: number, y: number, seed: number): number {
  const at = (ix: number, iy: number): number => {
    let h = (ix * 374761393 + iy * 668265263 + seed * 2147483647) | 0;
    h = Math.imul(h ^ (h >>> 13), 1274126177);
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
  };
  const [xi, yi] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [(x - xi) ** 2 * (3 - 2 * (x - xi)), (y - yi) ** 2 * (3 - 2 * (y - yi))];
  const [a, b, c, d] = [at(xi, yi), at(xi + 1, yi), at(xi, yi + 1), at(xi + 1, yi + 1)];
  return a + (b - a) * u + (c - a) * v + (a - b - c + d) * u * v;
}

/**
 * The cells of one face at real size: a point-up lattice of `cellMm` within the outline, under its bar at
 * (x, y) in pixels, `s` pixels per mm. About 2,500 cells; made once for an outline.
 */
export function lattice(outline: CombOutline, x: number, y: number, s: number, seed: number, cellMm = 5.3): Lattice {
  const step = cellMm * 0.866;
  const radius = (cellMm * s * 0.985) / Math.sqrt(3);
  const q = cellMm * s;
  const half = (depth: number): number => {
    const t = depth / outline.depthMm;
    let w = outline.topWidthMm / 2 + ((outline.bottomWidthMm - outline.topWidthMm) / 2) * t;
    if (t > 0.88) w *= Math.sqrt(Math.max(0, 1 - ((t - 0.88) / 0.15) ** 2));
    return w;
  };
  const placed: { score: number; cell: DrawnCell }[] = [];
  for (let row = 0, depth = step * 0.62; depth < outline.depthMm - 1; row++, depth += step) {
    for (let along = -outline.topWidthMm / 2 + (row % 2 ? cellMm / 2 : 0); along < outline.topWidthMm / 2; along += cellMm) {
      if (Math.abs(along) + cellMm * 0.45 >= half(depth)) continue;
      const cx = x + along * s;
      const cy = y + depth * s;
      let hex = 'M';
      for (let k = 0; k < 6; k++) hex += `${k ? 'L' : ''}${r1(cx + radius * Math.cos((Math.PI / 3) * k + Math.PI / 6))} ${r1(cy + radius * Math.sin((Math.PI / 3) * k + Math.PI / 6))}`;
      const off = Math.abs(along) / half(depth);
      const score = depth / outline.depthMm - 0.1 * off * off + 0.13 * (noise(along / 52 + 9, depth / 44, seed) - 0.5) + 0.05 * (noise(along / 11, depth / 11, seed + 5) - 0.5);
      placed.push({
        score,
        cell: {
          hex: `${hex}Z`,
          glyph: {
            capped: `M${r1(cx - q * 0.24)} ${r1(cy)}h${r1(q * 0.48)}`,
            open: `M${r1(cx - q * 0.2)} ${r1(cy)}a${r1(q * 0.2)} ${r1(q * 0.2)} 0 1 0 ${r1(q * 0.4)} 0a${r1(q * 0.2)} ${r1(q * 0.2)} 0 1 0 ${r1(-q * 0.4)} 0`,
            pollen: `M${r1(cx - q * 0.22)} ${r1(cy - q * 0.22)}l${r1(q * 0.44)} ${r1(q * 0.44)}m0 ${r1(-q * 0.44)}l${r1(-q * 0.44)} ${r1(q * 0.44)}`,
            brood: `M${r1(cx)} ${r1(cy)}h.01`,
            empty: '',
          },
        },
      });
    }
  }
  placed.sort((a, b) => a.score - b.score);
  return { cells: placed.map((p) => p.cell) };
}

/** One path of fills and one of glyphs per class, for the shares of a face. */
export function facePaths(grid: Lattice, shares: Shares): { content: Content; fill: string; glyph: string }[] {
  let from = 0;
  let sum = 0;
  return CONTENTS.map((content) => {
    sum += shares[content];
    const to = content === 'empty' ? grid.cells.length : Math.round(sum * grid.cells.length);
    const part = grid.cells.slice(from, to);
    from = Math.max(from, to);
    return { content, fill: part.map((c) => c.hex).join(''), glyph: part.map((c) => c.glyph[content]).join('') };
  });
}
