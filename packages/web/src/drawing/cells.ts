import {
  CELL_CLASSES,
  CONTENTS,
  bandCells,
  bandEdges,
  cellOf,
  classOf,
  depthOfAreaShare,
  faceLattice,
  fillOrder,
  toneOf,
  type CellClass,
  type CombOutline,
  type FaceLattice,
  type Shares,
  type Tone,
} from '@furrow/core';

/**
 * A lattice laid on the page: its outlines and glyphs as path text, ready to be joined by class.
 */
export interface DrawnLattice {
  lattice: FaceLattice;
  order: Uint32Array;
  hex: string[];
  /** Middle of each cell, px. */
  x: number[];
  y: number[];
  cellPx: number;
}
export interface CellPath {
  content: CellClass;
  tone: Tone;
  fill: string;
  glyph: string;
}

const r1 = (n: number): number => Math.round(n * 10) / 10;

/**
 * The cells of one face at real size under its bar at (x, y) px, `s` px per mm; made once for an
 * outline.
 */
export function lattice(
  outline: CombOutline,
  x: number,
  y: number,
  s: number,
  seed: number,
  pitchMm?: number,
): DrawnLattice {
  return drawLattice(faceLattice(outline, pitchMm), x, y, s, seed);
}

export function drawLattice(
  face: FaceLattice,
  x: number,
  y: number,
  s: number,
  seed: number,
): DrawnLattice {
  const cellPx = face.pitchMm * s;
  const radius = (cellPx * 0.985) / Math.sqrt(3);
  const corners = Array.from({ length: 6 }, (_, k) => [
    radius * Math.cos((Math.PI / 3) * k + Math.PI / 6),
    radius * Math.sin((Math.PI / 3) * k + Math.PI / 6),
  ]);
  const xs = Array.from(face.xMm, (mm) => x + mm * s);
  const ys = Array.from(face.yMm, (mm) => y + mm * s);
  const hex = xs.map(
    (cx, i) => `M${corners.map(([dx, dy]) => `${r1(cx + dx)} ${r1(ys[i] + dy)}`).join('L')}Z`,
  );
  return { lattice: face, order: fillOrder(face, seed), hex, x: xs, y: ys, cellPx };
}

/** The mark that tells a class without its colour. */
function glyph(content: CellClass, cx: number, cy: number, q: number): string {
  if (content === 'capped') return `M${r1(cx - q * 0.24)} ${r1(cy)}h${r1(q * 0.48)}`;
  if (content === 'open')
    return `M${r1(cx - q * 0.2)} ${r1(cy)}a${r1(q * 0.2)} ${r1(q * 0.2)} 0 1 0 ${r1(q * 0.4)} 0a${r1(q * 0.2)} ${r1(q * 0.2)} 0 1 0 ${r1(-q * 0.4)} 0`;
  if (content === 'pollen')
    return `M${r1(cx - q * 0.22)} ${r1(cy - q * 0.22)}l${r1(q * 0.44)} ${r1(q * 0.44)}m0 ${r1(-q * 0.44)}l${r1(-q * 0.44)} ${r1(q * 0.44)}`;
  if (content === 'damaged')
    return `M${r1(cx - q * 0.28)} ${r1(cy + q * 0.2)}l${r1(q * 0.2)} ${r1(-q * 0.3)}l${r1(q * 0.12)} ${r1(q * 0.22)}l${r1(q * 0.22)} ${r1(-q * 0.34)}`;
  if (content === 'brood' || content === 'drone') return `M${r1(cx)} ${r1(cy)}h.01`;
  return '';
}

/** One path of fills and one of glyphs per class and tone. */
export function cellPaths(drawn: DrawnLattice, cells: Uint8Array): CellPath[] {
  const parts = new Map<number, { fill: string[]; glyph: string[] }>();
  for (let i = 0; i < cells.length; i++) {
    let part = parts.get(cells[i]);
    if (!part) parts.set(cells[i], (part = { fill: [], glyph: [] }));
    part.fill.push(drawn.hex[i]);
    part.glyph.push(glyph(classOf(cells[i]), drawn.x[i], drawn.y[i], drawn.cellPx));
  }
  return [...parts]
    .map(([code, { fill, glyph: marks }]) => ({
      content: classOf(code),
      tone: toneOf(code),
      fill: fill.join(''),
      glyph: marks.join(''),
    }))
    .sort((a, b) => CELL_CLASSES.indexOf(a.content) - CELL_CLASSES.indexOf(b.content));
}

/** Paths for a face of which only the shares are known: its bands, as bees fill comb. */
export function facePaths(drawn: DrawnLattice, shares: Shares): CellPath[] {
  return cellPaths(drawn, bandCells(drawn.order, shares));
}

/**
 * Paths for a face of which only the shares are known, as straight bands from the bar down: what
 * the knife reckons with.
 */
export function bandPaths(drawn: DrawnLattice, outline: CombOutline, shares: Shares): CellPath[] {
  const edges = bandEdges(shares).map((edge) => depthOfAreaShare(outline, edge) * outline.depthMm);
  const cells = Uint8Array.from(drawn.lattice.yMm, (y) => {
    const band = CONTENTS.findIndex((_, i) => y < edges[i + 1] - 1e-6);
    return cellOf(CONTENTS[band < 0 ? CONTENTS.length - 1 : band]);
  });
  return cellPaths(drawn, cells);
}

/** How wide a cell's mark is drawn, where it is more than a dot. */
const GLYPH_WIDTHS: Partial<Record<CellClass, number>> = { drone: 4.6, brood: 3.2 };

/** Fill and mark of a class; a tone darkens or lightens within it. */
export function cellColour(
  content: CellClass,
  tone: Tone,
): { fill: string; mark: string; glyphWidth: number; round: boolean } {
  const base = content === 'drone' ? 'brood' : content;
  const fill =
    tone === 'none' || tone === 'amber'
      ? `var(--${base})`
      : `color-mix(in srgb, var(--${base}) 72%, ${tone === 'pale' ? '#fff' : '#3b2308'})`;
  return {
    fill,
    mark: `var(--${base}-mark)`,
    glyphWidth: GLYPH_WIDTHS[content] ?? 1.1,
    round: base === 'brood',
  };
}
