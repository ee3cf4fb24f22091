import { entryOf } from '../units/known.js';
import { type CombDefect, cutPlan, type CutPlanInput, type Placement } from './cutPlan.js';
import { knifeCuts, partsAfter } from './knifeCuts.js';
import type { Cut, Rect } from '../records/vocabulary/flaws.js';

export interface Replanned {
  placements: Placement[];
  cuts: Cut[];
  value: number;
}

const meets = (a: Rect, b: Rect): boolean =>
  a.xMm < b.xMm + b.widthMm &&
  b.xMm < a.xMm + a.widthMm &&
  a.yMm < b.yMm + b.heightMm &&
  b.yMm < a.yMm + a.heightMm;

const EDGE_MM = 1e-9;
/** A place of a part’s own plan within the comb; at an edge of it, the middle of the cut there. */
function inWhole(
  ownMm: number,
  lengthMm: number,
  fromMm: number,
  [low, high]: readonly [number, number],
): number {
  if (ownMm <= EDGE_MM) return low;
  return ownMm >= lengthMm - EDGE_MM ? high : ownMm + fromMm;
}

/**
 * Plans the rest of a comb anew from the cuts already made. Parts where nothing changed keep their
 * pieces; a part with a new flaw on it is planned again in its own right, its lattice from its own
 * corner, for what is left of each kind. Takes the plan, how many of its cuts were made, and what
 * came up since (cracks, drawn flaws).
 */
export function replan(
  input: CutPlanInput,
  plan: { placements: readonly Placement[]; cuts: readonly Cut[] },
  cutsDone: number,
  found: readonly CombDefect[],
): Replanned {
  const { comb, kerfMm } = input;
  const made = plan.cuts.slice(0, cutsDone);
  const parts = partsAfter(comb, plan.cuts, cutsDone, plan.placements);
  const half = kerfMm / 2;
  const inner = parts.map((p) => {
    const [x0, y0, x1, y1] = [
      p.x0 > 0 ? p.x0 + half : 0,
      p.y0 > 0 ? p.y0 + half : 0,
      p.x1 < comb.widthMm ? p.x1 - half : comb.widthMm,
      p.y1 < comb.heightMm ? p.y1 - half : comb.heightMm,
    ];
    return { xMm: x0, yMm: y0, widthMm: Math.max(0, x1 - x0), heightMm: Math.max(0, y1 - y0) };
  });
  const touched = inner.map((r) => found.some((f) => meets(r, f)));
  const kept = parts.flatMap((p, i) => (touched[i] ? [] : p.pieces.map((k) => plan.placements[k])));
  const left = new Map(
    input.pieces.map((p) => [
      p.id,
      (p.limit ?? Infinity) - kept.filter((k) => k.id === p.id).length,
    ]),
  );
  const placements: Placement[] = [];
  const cuts: Cut[] = [...made];
  parts.forEach((part, i) => {
    const r = inner[i];
    let own: Placement[] = part.pieces.map((k) => plan.placements[k]);
    if (touched[i] && r.widthMm > 0 && r.heightMm > 0) {
      const here = [...input.defects, ...found].map((d) => ({
        ...d,
        xMm: d.xMm - r.xMm,
        yMm: d.yMm - r.yMm,
      }));
      const pieces = input.pieces.map((p) => {
        const n = entryOf(left, p.id);
        return Number.isFinite(n) ? { ...p, limit: Math.max(0, n) } : p;
      });
      own = cutPlan({
        ...input,
        comb: { widthMm: r.widthMm, heightMm: r.heightMm },
        defects: here,
        pieces,
      }).placements.map((p) => ({ ...p, xMm: p.xMm + r.xMm, yMm: p.yMm + r.yMm }));
      for (const p of own) left.set(p.id, entryOf(left, p.id) - 1);
    }
    placements.push(...own);
    const within =
      knifeCuts(
        { widthMm: r.widthMm, heightMm: r.heightMm },
        kerfMm,
        own.map((p) => ({ ...p, xMm: p.xMm - r.xMm, yMm: p.yMm - r.yMm })),
      ) ?? [];
    const x = (v: number): number => inWhole(v, r.widthMm, r.xMm, [part.x0, part.x1]);
    const y = (v: number): number => inWhole(v, r.heightMm, r.yMm, [part.y0, part.y1]);
    cuts.push(
      ...within.map((c) => ({
        x1Mm: x(c.x1Mm),
        y1Mm: y(c.y1Mm),
        x2Mm: x(c.x2Mm),
        y2Mm: y(c.y2Mm),
      })),
    );
  });
  const area = placements.reduce((sum, p) => sum + p.widthMm * p.heightMm, 0);
  const value =
    placements.reduce((v, p) => v + (input.pieces.find((q) => q.id === p.id)?.value ?? 0), 0) +
    ((input.wasteValuePerCm2 ?? 0) * (comb.widthMm * comb.heightMm - area)) / 100;
  return { placements, cuts, value };
}

/**
 * A crack through a piece as a flaw: a strip across its shorter side at its middle, so that its
 * halves may still be used.
 */
export function crackThrough(piece: Rect, widthMm = 6): CombDefect {
  const lying = piece.widthMm >= piece.heightMm;
  return lying
    ? {
        kind: 'crack',
        xMm: piece.xMm + piece.widthMm / 2 - widthMm / 2,
        yMm: piece.yMm,
        widthMm,
        heightMm: piece.heightMm,
      }
    : {
        kind: 'crack',
        xMm: piece.xMm,
        yMm: piece.yMm + piece.heightMm / 2 - widthMm / 2,
        widthMm: piece.widthMm,
        heightMm: widthMm,
      };
}
