import type { Cut, Rect } from '../records/vocabulary/flaws.js';

/**
 * One part of the comb between two cuts, by the middles of its cuts, with the pieces it still
 * holds.
 */
export interface Part {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
  pieces: number[];
}

const EPS = 1e-6;

/**
 * Where a group of pieces falls apart along one axis with room for the kerf: the end of the first
 * group, or null.
 */
function gap(spans: readonly (readonly [number, number])[], kerfMm: number): number | null {
  const sorted = [...spans].sort((p, q) => p[0] - q[0]);
  let end = -Infinity;
  for (const [from, to] of sorted) {
    if (end > -Infinity && from - end >= kerfMm - EPS && from - end > -EPS) return end;
    end = Math.max(end, to);
  }
  return null;
}

/**
 * The straight cuts, edge to edge of what lies on the board, that free every piece, in the order of
 * the knife: first what hangs over is trimmed off, then the part is cut in two, and so on. A cut
 * runs in the middle of its kerf; none is made where the comb's own edge is nearer than half a
 * kerf. Null where the pieces cannot be freed by such cuts.
 */
export function knifeCuts(
  comb: { widthMm: number; heightMm: number },
  kerfMm: number,
  pieces: readonly Rect[],
): Cut[] | null {
  const cuts: Cut[] = [];
  const half = kerfMm / 2;
  const queue: Part[] = [
    { x0: 0, y0: 0, x1: comb.widthMm, y1: comb.heightMm, pieces: pieces.map((_, i) => i) },
  ];
  while (queue.length) {
    const part = queue.shift()!;
    if (!part.pieces.length) continue;
    const own = part.pieces.map((i) => pieces[i]);
    const box = {
      x0: Math.min(...own.map((p) => p.xMm)) - half,
      y0: Math.min(...own.map((p) => p.yMm)) - half,
      x1: Math.max(...own.map((p) => p.xMm + p.widthMm)) + half,
      y1: Math.max(...own.map((p) => p.yMm + p.heightMm)) + half,
    };
    // Longest strokes first: across the height of the part, then across what is left of its width.
    const across = (y: number): void =>
      void cuts.push({ x1Mm: part.x0, y1Mm: y, x2Mm: part.x1, y2Mm: y });
    const down = (x: number): void =>
      void cuts.push({ x1Mm: x, y1Mm: part.y0, x2Mm: x, y2Mm: part.y1 });
    if (box.y0 > part.y0 + EPS) across((part.y0 = box.y0));
    if (box.y1 < part.y1 - EPS) across((part.y1 = box.y1));
    if (box.x0 > part.x0 + EPS) down((part.x0 = box.x0));
    if (box.x1 < part.x1 - EPS) down((part.x1 = box.x1));
    if (own.length === 1) continue;
    const xEnd = gap(
      own.map((p) => [p.xMm, p.xMm + p.widthMm] as const),
      kerfMm,
    );
    const yEnd =
      xEnd === null
        ? gap(
            own.map((p) => [p.yMm, p.yMm + p.heightMm] as const),
            kerfMm,
          )
        : null;
    if (xEnd !== null) {
      const at = xEnd + half;
      down(at);
      const left = part.pieces.filter((i) => pieces[i].xMm + pieces[i].widthMm <= xEnd + EPS);
      queue.unshift(
        { ...part, x1: at, pieces: left },
        { ...part, x0: at, pieces: part.pieces.filter((i) => !left.includes(i)) },
      );
    } else if (yEnd !== null) {
      const at = yEnd + half;
      across(at);
      const upper = part.pieces.filter((i) => pieces[i].yMm + pieces[i].heightMm <= yEnd + EPS);
      queue.unshift(
        { ...part, y1: at, pieces: upper },
        { ...part, y0: at, pieces: part.pieces.filter((i) => !upper.includes(i)) },
      );
    } else return null;
  }
  return cuts;
}

/** Parts of the comb once the first `done` cuts were made, each with the pieces that lie in it. */
export function partsAfter(
  comb: { widthMm: number; heightMm: number },
  cuts: readonly Cut[],
  done: number,
  pieces: readonly Rect[],
): Part[] {
  let parts: Part[] = [{ x0: 0, y0: 0, x1: comb.widthMm, y1: comb.heightMm, pieces: [] }];
  for (const cut of cuts.slice(0, done)) {
    parts = parts.flatMap((p) => {
      if (cut.x1Mm === cut.x2Mm) {
        const spans = cut.y1Mm <= p.y0 + EPS && cut.y2Mm >= p.y1 - EPS;
        if (!spans || cut.x1Mm <= p.x0 + EPS || cut.x1Mm >= p.x1 - EPS) return [p];
        return [
          { ...p, x1: cut.x1Mm },
          { ...p, x0: cut.x1Mm },
        ];
      }
      const spans = cut.x1Mm <= p.x0 + EPS && cut.x2Mm >= p.x1 - EPS;
      if (!spans || cut.y1Mm <= p.y0 + EPS || cut.y1Mm >= p.y1 - EPS) return [p];
      return [
        { ...p, y1: cut.y1Mm },
        { ...p, y0: cut.y1Mm },
      ];
    });
  }
  const inside = (p: Part, r: Rect): boolean =>
    r.xMm + r.widthMm / 2 > p.x0 &&
    r.xMm + r.widthMm / 2 < p.x1 &&
    r.yMm + r.heightMm / 2 > p.y0 &&
    r.yMm + r.heightMm / 2 < p.y1;
  return parts.map((p) => ({ ...p, pieces: pieces.flatMap((r, i) => (inside(p, r) ? [i] : [])) }));
}
