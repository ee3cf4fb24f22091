import { describe, expect, it } from 'vitest';
import { FLAW_WORDS } from './board.js';
import { cutSay } from './says.js';
import { seededRandom } from '../units/seeded.js';
import { cutPlans } from './alternatives.js';
import { batchPlan, type BatchPlanInput, batchPlanSteps } from './batchPlan.js';
import { countedPlan } from '../../fixtures/countedPlan.js';
import { cutPlan, type CutPlanInput, cutQuestion } from './cutPlan.js';
import { cutHistory, superOutcomes } from './history.js';
import { knifeCuts, partsAfter } from './knifeCuts.js';
import { moveCutLine, movePiece } from './moveCut.js';
import { combBoxes, pieceWanted } from './pieces.js';
import { JARS } from '../../fixtures/chooser.js';
import { crackThrough, replan } from './replan.js';
import type { CutBoard, CutPiece } from '../records/views.js';

const comb = { widthMm: 430, heightMm: 135 };
const PIECES = [
  { id: 'square', widthMm: 90, heightMm: 90, value: 34, mayTurn: true },
  { id: 'strip', widthMm: 35, heightMm: 100, value: 14, mayTurn: true },
  { id: 'sample', widthMm: 60, heightMm: 45, value: 11, mayTurn: true },
];
const flaws = (seed: number, n = 6, w = 430, h = 135) => {
  const next = seededRandom(seed);
  return Array.from({ length: n }, () => ({
    xMm: next() * w,
    yMm: next() * h,
    widthMm: 5 + next() * 25,
    heightMm: 4 + next() * 12,
    kind: 'open',
  }));
};

describe('several good plans', () => {
  const input: CutPlanInput = { comb, kerfMm: 3, defects: flaws(3), pieces: PIECES };
  it("differ in what they give, best first, and stand by the person's own prices", () => {
    const plans = cutPlans(input);
    expect(plans.length).toBeGreaterThan(1);
    expect(plans[0]).toMatchObject({ provenOptimal: true });
    const mixes = plans.map((p) =>
      PIECES.map((k) => p.placements.filter((q) => q.id === k.id).length).join(),
    );
    expect(new Set(mixes).size).toBe(plans.length);
    plans.forEach((p, i) => {
      expect(p.value).toBeCloseTo(
        p.placements.reduce((v, q) => v + PIECES.find((k) => k.id === q.id)!.value, 0),
        6,
      );
      if (i) expect(p.value).toBeLessThanOrEqual(plans[i - 1].value + 1e-9);
    });
    expect(cutPlans(input).map((p) => p.value)).toEqual(plans.map((p) => p.value));
    expect(cutPlans(input, () => true)).toHaveLength(1);
  }, 20_000);
});

describe('a crack in mid-job', () => {
  const input: CutPlanInput = { comb, kerfMm: 3, defects: [], pieces: PIECES };
  it('plans only the part it lies in anew, keeps the others and the cuts that were made', () => {
    const plan = cutPlan(input);
    const done = 3;
    const parts = partsAfter(comb, plan.cuts, done, plan.placements);
    const hit = plan.placements.findIndex(
      (_, i) =>
        parts.some((p) => p.pieces.includes(i) && p.pieces.length > 0) &&
        i === plan.placements.length - 1,
    );
    const crack = crackThrough(plan.placements[hit]);
    const again = replan(input, plan, done, [crack]);
    expect(again.cuts.slice(0, done)).toEqual(plan.cuts.slice(0, done));
    expect(again.value).toBeLessThanOrEqual(plan.value);
    const untouched = parts
      .filter((p) => !p.pieces.includes(hit))
      .flatMap((p) => p.pieces)
      .map((i) => plan.placements[i]);
    for (const p of untouched) expect(again.placements).toContainEqual(p);
    for (const p of again.placements)
      expect(
        p.xMm < crack.xMm + crack.widthMm &&
          crack.xMm < p.xMm + p.widthMm &&
          p.yMm < crack.yMm + crack.heightMm &&
          crack.yMm < p.yMm + p.heightMm,
      ).toBe(false);
    // Every piece is freed by the new order of cuts.
    const end = partsAfter(comb, again.cuts, again.cuts.length, again.placements);
    expect(end.every((p) => p.pieces.length <= 1)).toBe(true);
  });
  it('leaves nothing of a comb that broke everywhere', () => {
    const plan = cutPlan(input);
    expect(
      replan(input, plan, 0, [{ kind: 'crack', xMm: 0, yMm: 0, widthMm: 430, heightMm: 135 }]),
    ).toMatchObject({ placements: [], value: 0 });
  });
});

describe('a piece moved by hand', () => {
  const board = {
    ...comb,
    flaws: [{ xMm: 300, yMm: 0, widthMm: 20, heightMm: 135, kind: 'pollen' }],
  };
  const pieces = [
    { xMm: 0, yMm: 0, widthMm: 90, heightMm: 90 },
    { xMm: 95, yMm: 0, widthMm: 90, heightMm: 90 },
  ];
  it('snaps to the lattice and brings the knife along', () => {
    const moved = movePiece(board, 3, 5, pieces, 1, { xMm: 131, yMm: 22 });
    expect(moved).toMatchObject({ says: null, pieces: [pieces[0], { xMm: 130, yMm: 20 }] });
    expect(moved.cuts).toEqual(knifeCuts(board, 3, moved.pieces));
  });
  it('stays where it was on a flaw, another piece or beyond the comb, and says why', () => {
    expect(movePiece(board, 3, 5, pieces, 1, { xMm: 250, yMm: 0 })).toMatchObject({
      pieces,
      says: cutSay('cut.moveCut.flaw-there', { kind: FLAW_WORDS.pollen }),
    });
    expect(movePiece(board, 3, 5, pieces, 1, { xMm: 60, yMm: 0 })).toMatchObject({
      pieces,
      says: cutSay('cut.moveCut.there-it-meets-another-piece'),
    });
    expect(movePiece(board, 3, 5, pieces, 1, { xMm: 9000, yMm: 9000 }).pieces[1]).toMatchObject({
      xMm: 340,
      yMm: 45,
    });
  });
});

describe('a cut moved by hand', () => {
  const board = {
    ...comb,
    flaws: [{ xMm: 300, yMm: 0, widthMm: 20, heightMm: 135, kind: 'pollen' }],
  };
  const pieces = [
    { xMm: 0, yMm: 0, widthMm: 90, heightMm: 60 },
    { xMm: 0, yMm: 65, widthMm: 90, heightMm: 60 },
    { xMm: 95, yMm: 0, widthMm: 90, heightMm: 60 },
    { xMm: 95, yMm: 65, widthMm: 90, heightMm: 60 },
  ];
  const upright = { x1Mm: 91.5, y1Mm: 0, x2Mm: 91.5, y2Mm: 135 };
  it('takes the pieces behind it along, in steps of the lattice', () => {
    const moved = moveCutLine(board, 3, 5, pieces, upright, 12);
    expect(moved.says).toBeNull();
    expect(moved.pieces.map((p) => p.xMm)).toEqual([0, 0, 105, 105]);
    expect(moved.cuts).toEqual(knifeCuts(board, 3, moved.pieces));
    expect(moveCutLine(board, 3, 5, pieces, upright, 2).pieces).toEqual(pieces);
  });
  it('stays at a neighbour, a flaw or the edge of the comb, and says why', () => {
    expect(moveCutLine(board, 3, 5, pieces, upright, -20)).toMatchObject({
      pieces,
      says: cutSay('cut.moveCut.there-it-meets-another-piece'),
    });
    expect(moveCutLine(board, 3, 5, pieces, upright, 130)).toMatchObject({
      pieces,
      says: cutSay('cut.moveCut.there-piece-would-lie-on'),
    });
    expect(moveCutLine(board, 3, 5, pieces, upright, 400)).toMatchObject({
      pieces,
      says: cutSay('cut.moveCut.there-comb-ends'),
    });
    // A trim below both: the pieces before it go with it.
    expect(
      moveCutLine(
        board,
        3,
        5,
        pieces,
        { x1Mm: 0, y1Mm: 126.5, x2Mm: 430, y2Mm: 126.5 },
        5,
      ).pieces.map((p) => p.yMm),
    ).toEqual([0, 70, 0, 70]);
  });
});

describe('what a box asks of the comb', () => {
  it("is its inner measures, its price less the empty box, as many as are there; of a chunk jar only the strip's share", () => {
    const boxes = combBoxes(JARS);
    expect(boxes.map((b) => b.id)).toEqual(['box', 'wide']);
    expect(pieceWanted(boxes[0], 24, false, 30)).toEqual({
      id: 'box',
      widthMm: 90,
      heightMm: 90,
      value: 32,
      mayTurn: false,
      limit: 24,
    });
    expect(pieceWanted(boxes[0], -2, true, 30).limit).toBe(0);
    const strip = pieceWanted(boxes[1], 8, true, 30);
    expect(strip.value).toBeGreaterThan(20);
    expect(strip.value).toBeLessThan(68);
  });
});

/**
 * The best of several combs under one stock: every budget of every comb by the counted table,
 * joined comb by comb.
 */
function exactBatch(input: BatchPlanInput): number {
  const limits = input.pieces.map((p) => p.limit!);
  const budgets: number[][] = [[]];
  for (const limit of limits)
    budgets.splice(
      0,
      budgets.length,
      ...budgets.flatMap((b) => Array.from({ length: limit + 1 }, (_, n) => [...b, n])),
    );
  const key = (b: number[]): string => b.join();
  let best = new Map(budgets.map((b) => [key(b), 0]));
  for (const c of input.combs) {
    const q = cutQuestion({
      ...input,
      comb: c.comb,
      defects: c.defects,
      pieces: input.pieces.map(({ limit: _limit, ...p }) => p),
    });
    const own = new Map(budgets.map((b) => [key(b), countedPlan(q.grid, q.nets, b).net]));
    best = new Map(
      budgets.map((b) => [
        key(b),
        Math.max(
          ...budgets
            .filter((part) => part.every((n, i) => n <= b[i]))
            .map((part) => own.get(key(part))! + best.get(key(b.map((n, i) => n - part[i])))!),
        ),
      ]),
    );
  }
  return best.get(key(limits))!;
}

/** Three small combs under one stock, their flaws by a seed. */
const smallBatch = (seed: number): BatchPlanInput => ({
  kerfMm: 2,
  stepMm: 10,
  wasteValuePerCm2: 0,
  combs: [1, 2, 3].map((i) => ({
    id: `c${i}`,
    comb: { widthMm: 120, heightMm: 90 },
    defects: flaws(seed * 10 + i, 2, 120, 90),
  })),
  pieces: [
    { id: 'square', widthMm: 60, heightMm: 60, value: 20, mayTurn: false, limit: 2 },
    { id: 'strip', widthMm: 30, heightMm: 90, value: 13, mayTurn: true, limit: 1 },
    { id: 'sample', widthMm: 40, heightMm: 30, value: 5, mayTurn: true, limit: 3 },
  ],
});

describe('a batch planned together', () => {
  it('is the exact answer on small batches, under the stock, and proven', () => {
    for (let seed = 1; seed <= 5; seed++) {
      const input = smallBatch(seed);
      const [plan, exact] = [batchPlan(input), exactBatch(input)];
      expect(plan.value).toBeCloseTo(exact, 6);
      expect(plan).toMatchObject({ provenOptimal: true, bound: plan.value });
      for (const p of input.pieces) expect(plan.used[p.id]).toBeLessThanOrEqual(p.limit!);
    }
  }, 60_000);
  it('on fewer places of its lattices is no better than the best, and its bound no less', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const input = smallBatch(seed);
      const best = batchPlan(input);
      expect(best.provenOptimal).toBe(true);
      for (const steps of [30, 300, 3000]) {
        const few = batchPlan(input, steps);
        expect(few.value, `seed ${seed}`).toBeLessThanOrEqual(best.value + 1e-6);
        expect(few.bound, `seed ${seed}`).toBeGreaterThanOrEqual(best.value - 1e-6);
        if (few.provenOptimal) expect(few.value).toBeCloseTo(best.value, 6);
      }
    }
  }, 60_000);
  it('gives each comb its own best where the stock is never short, and says so', () => {
    const combs = [1, 2].map((i) => ({
      id: `c${i}`,
      comb: { widthMm: 200, heightMm: 120 },
      defects: flaws(i, 3, 200, 120),
    }));
    const plan = batchPlan({
      kerfMm: 3,
      combs,
      pieces: PIECES.map((p) => ({ ...p, limit: 99 })),
    });
    expect(plan.provenOptimal).toBe(true);
    for (const [i, c] of combs.entries())
      expect(plan.plans[i].plan.value).toBeCloseTo(
        cutPlan({ kerfMm: 3, comb: c.comb, defects: c.defects, pieces: PIECES }).value,
        6,
      );
  }, 20_000);
  it('can be stopped between two combs, and answers with no combs and no stock', () => {
    const input: BatchPlanInput = {
      kerfMm: 3,
      combs: [{ id: 'a', comb, defects: [] }],
      pieces: PIECES.map((p) => ({ ...p, limit: 0 })),
    };
    const steps = batchPlanSteps(input);
    expect(steps.next()).toMatchObject({ done: false });
    steps.return(undefined as never);
    expect(batchPlan(input)).toMatchObject({
      value: 0,
      plans: [{ plan: { placements: [] } }],
    });
    expect(batchPlan({ ...input, combs: [] })).toMatchObject({ value: 0, plans: [] });
  });
});

describe('what a super really gave', () => {
  const board = (id: string, change: Partial<CutBoard> = {}): CutBoard => ({
    id,
    batchId: 'b',
    combId: id,
    ...comb,
    thicknessMm: 35,
    flaws: [],
    seen: 'both',
    sheetSeasons: 2,
    cuts: [],
    cutsDone: 0,
    value: 0,
    provenOptimal: true,
    possiblePieces: 4,
    spoilt: null,
    doneAt: null,
    revision: 1,
    ...change,
  });
  const piece = (
    boardId: string,
    state: CutPiece['state'],
    lotId: string | null = null,
  ): CutPiece => ({
    id: `${boardId}${Math.abs(state.length * 7)}${lotId}`,
    boardId,
    batchId: 'b',
    jarKindId: 'square',
    xMm: 0,
    yMm: 0,
    widthMm: 90,
    heightMm: 90,
    lowG: 230,
    midG: 250,
    highG: 270,
    bestSide: null,
    state,
    blemishes: [],
    netG: null,
    grade: null,
    price: null,
    reason: null,
    lotId,
    revision: 1,
  });
  it('sets possible, planned and made beside each other, with what left the shelf and what spoilt', () => {
    const pieces = [
      piece('x', 'cut', 'lot'),
      piece('x', 'cut', 'lot'),
      piece('x', 'cracked'),
      piece('y', 'planned'),
    ];
    const [record] = cutHistory(
      [board('x'), board('y', { spoilt: 'pollen' })],
      pieces,
      [
        {
          id: 'o',
          lotId: 'lot',
          fate: 'sold',
          count: 1,
          g: 250,
          price: 34,
          discountAmount: null,
          discountPercent: null,
          personId: null,
          occurredAt: '',
        },
      ],
      () => 'super 2',
    );
    expect(record).toEqual({
      key: 'super 2',
      combs: 2,
      possible: 8,
      planned: 4,
      cut: 2,
      cracked: 1,
      packed: 2,
      out: { sold: 1, given: 0, eaten: 0 },
      spoilt: [{ cause: 'pollen', sheetSeasons: 2 }],
    });
    expect(superOutcomes([record])).toEqual({ finished: 0, half: 1, spoilt: 0 });
    expect(
      superOutcomes([
        { ...record, cut: 7 },
        { ...record, cut: 0 },
        { ...record, possible: 0 },
      ]),
    ).toEqual({ finished: 1, half: 0, spoilt: 1 });
  });
});
