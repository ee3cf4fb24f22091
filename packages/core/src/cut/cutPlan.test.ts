import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate } from '../calculators.js';
import { cutPlan, type CutPlanInput, type Placement } from './cutPlan.js';
import { knifeCuts, partsAfter } from './knifeCuts.js';

type Piece = CutPlanInput['pieces'][number];
const piece = (
  id: string,
  widthMm: number,
  heightMm: number,
  value: number,
  change: Partial<Piece> = {},
): Piece => ({ id, widthMm, heightMm, value, mayTurn: true, ...change });
const whole = (change: Partial<CutPlanInput>): CutPlanInput => ({
  comb: { widthMm: 40, heightMm: 30 },
  kerfMm: 0,
  pieces: [],
  defects: [],
  stepMm: 10,
  ...change,
});
const overlaps = (
  a: { xMm: number; yMm: number; widthMm: number; heightMm: number },
  b: typeof a,
  kerf = 0,
): boolean =>
  a.xMm < b.xMm + b.widthMm + kerf - 1e-9 &&
  b.xMm < a.xMm + a.widthMm + kerf - 1e-9 &&
  a.yMm < b.yMm + b.heightMm + kerf - 1e-9 &&
  b.yMm < a.yMm + a.heightMm + kerf - 1e-9;

/**
 * Every set of placements on the lattice that knife cuts can free, one piece after the other: slow
 * and plain.
 */
function exhaustive(input: CutPlanInput): number {
  const { comb, kerfMm, pieces, defects, stepMm = 5, wasteValuePerCm2: waste = 0 } = input;
  const spots: Placement[] = [];
  for (const p of pieces)
    for (const [w, h] of p.mayTurn && p.widthMm !== p.heightMm
      ? [
          [p.widthMm, p.heightMm],
          [p.heightMm, p.widthMm],
        ]
      : [[p.widthMm, p.heightMm]]) {
      for (let x = 0; x + w <= comb.widthMm + 1e-9; x += stepMm)
        for (let y = 0; y + h <= comb.heightMm + 1e-9; y += stepMm) {
          const spot = { id: p.id, xMm: x, yMm: y, widthMm: w, heightMm: h };
          if (!defects.some((d) => overlaps(spot, d))) spots.push(spot);
        }
    }
  const worth = (list: Placement[]): number =>
    list.reduce(
      (v, s) =>
        v + pieces.find((p) => p.id === s.id)!.value - (waste * s.widthMm * s.heightMm) / 100,
      (waste * comb.widthMm * comb.heightMm) / 100,
    );
  let best = worth([]);
  const search = (from: number, chosen: Placement[]): void => {
    if (worth(chosen) > best && knifeCuts(comb, kerfMm, chosen)) best = worth(chosen);
    for (let i = from; i < spots.length; i++) {
      const s = spots[i];
      const limit = pieces.find((p) => p.id === s.id)!.limit ?? Infinity;
      // Neighbours are a kerf apart along one axis or the other.
      if (
        chosen.filter((c) => c.id === s.id).length < limit &&
        !chosen.some((c) => overlaps(c, s, kerfMm))
      )
        search(i + 1, [...chosen, s]);
    }
  };
  search(0, []);
  return best;
}
const sizes = fc.integer({ min: 8, max: 34 });
const defect = fc.record({
  xMm: fc.integer({ min: -10, max: 45 }),
  yMm: fc.integer({ min: -10, max: 35 }),
  widthMm: fc.integer({ min: 0, max: 14 }),
  heightMm: fc.integer({ min: 0, max: 14 }),
  kind: fc.constant('open'),
});
const small = fc
  .record({
    kerfMm: fc.constantFrom(0, 1, 3),
    stepMm: fc.constant(10),
    defects: fc.array(defect, { maxLength: 3 }),
    wasteValuePerCm2: fc.constantFrom(0, 0.3),
    pieces: fc.array(
      fc.record({
        widthMm: sizes,
        heightMm: sizes,
        value: fc.integer({ min: 0, max: 9 }),
        mayTurn: fc.boolean(),
        limit: fc.constantFrom(undefined, 1, 2),
      }),
      { minLength: 1, maxLength: 2 },
    ),
  })
  .map((c): CutPlanInput => ({
    ...c,
    comb: { widthMm: 40, heightMm: 30 },
    pieces: c.pieces.map((p, i) => ({ ...p, id: `p${i}` })),
  }));

describe('cut-plan', () => {
  it('cuts four squares from a comb that holds four, and trims what hangs over', () => {
    const plan = cutPlan(
      whole({
        comb: { widthMm: 203, heightMm: 203 },
        kerfMm: 3,
        stepMm: 1,
        pieces: [piece('square', 100, 100, 34)],
      }),
    );
    expect(plan).toMatchObject({ value: 136, provenOptimal: true });
    expect(plan.placements.map((p) => [p.xMm, p.yMm])).toEqual([
      [0, 0],
      [103, 0],
      [0, 103],
      [103, 103],
    ]);
    expect(plan.cuts).toEqual([
      { x1Mm: 101.5, y1Mm: 0, x2Mm: 101.5, y2Mm: 203 },
      { x1Mm: 0, y1Mm: 101.5, x2Mm: 101.5, y2Mm: 101.5 },
      { x1Mm: 101.5, y1Mm: 101.5, x2Mm: 203, y2Mm: 101.5 },
    ]);
    expect(plan.leftoverCm2).toBeCloseTo(12.09, 9);
    const less = cutPlan(
      whole({
        comb: { widthMm: 210, heightMm: 110 },
        kerfMm: 3,
        stepMm: 5,
        pieces: [piece('square', 100, 100, 34)],
      }),
    );
    expect(less.placements).toHaveLength(2);
    expect(less.cuts[0]).toEqual({ x1Mm: 0, y1Mm: 101.5, x2Mm: 210, y2Mm: 101.5 });
  });
  it('finds what exhaustive search finds, with and without limits, and says that it is proven', () => {
    fc.assert(
      fc.property(small, (input) => {
        const plan = cutPlan(input);
        expect(plan.value).toBeCloseTo(exhaustive(input), 7);
        expect(plan.provenOptimal).toBe(true);
      }),
      { numRuns: 120 },
    );
  }, 60_000);
  it('never lies on a defect, on the wrong place or closer than the kerf, and comes off by its own cuts', () => {
    const any = fc
      .record({
        comb: fc.record({
          widthMm: fc.integer({ min: 60, max: 260 }),
          heightMm: fc.integer({ min: 40, max: 160 }),
        }),
        kerfMm: fc.constantFrom(0, 2, 2.5, 6),
        stepMm: fc.constantFrom(4, 5, 7),
        defects: fc.array(
          fc.record({
            xMm: fc.integer({ min: -20, max: 260 }),
            yMm: fc.integer({ min: -20, max: 160 }),
            widthMm: fc.integer({ min: 0, max: 40 }),
            heightMm: fc.integer({ min: 0, max: 40 }),
            kind: fc.constant('pollen'),
          }),
          { maxLength: 8 },
        ),
        pieces: fc.array(
          fc.record({
            widthMm: fc.double({ min: 22, max: 90, noNaN: true }),
            heightMm: fc.double({ min: 22, max: 90, noNaN: true }),
            value: fc.integer({ min: 1, max: 40 }),
            mayTurn: fc.boolean(),
            limit: fc.constantFrom(undefined, undefined, 3),
          }),
          { minLength: 1, maxLength: 3 },
        ),
      })
      .map((c): CutPlanInput => ({
        ...c,
        pieces: c.pieces.map((p, i) => ({ ...p, id: `p${i}` })),
      }));
    fc.assert(
      fc.property(any, (input) => {
        const { placements, cuts, leftoverCm2, value } = cutPlan(input);
        placements.forEach((p, i) => {
          expect(Math.abs(p.xMm / input.stepMm! - Math.round(p.xMm / input.stepMm!))).toBeLessThan(
            1e-9,
          );
          expect(
            p.xMm >= 0 &&
              p.yMm >= 0 &&
              p.xMm + p.widthMm <= input.comb.widthMm + 1e-6 &&
              p.yMm + p.heightMm <= input.comb.heightMm + 1e-6,
          ).toBe(true);
          expect(input.defects.some((d) => overlaps(p, d))).toBe(false);
          expect(placements.some((q, j) => j < i && overlaps(p, q, input.kerfMm))).toBe(false);
        });
        for (const p of input.pieces)
          expect(placements.filter((q) => q.id === p.id).length).toBeLessThanOrEqual(
            p.limit ?? Infinity,
          );
        // After the last cut every piece lies alone, and no cut has run through one.
        const parts = partsAfter(input.comb, cuts, cuts.length, placements);
        expect(parts.every((part) => part.pieces.length <= 1)).toBe(true);
        for (const c of cuts)
          for (const p of placements)
            expect(
              c.x1Mm === c.x2Mm
                ? c.x1Mm > p.xMm + 1e-6 &&
                    c.x1Mm < p.xMm + p.widthMm - 1e-6 &&
                    c.y1Mm < p.yMm + p.heightMm - 1e-6 &&
                    c.y2Mm > p.yMm + 1e-6
                : c.y1Mm > p.yMm + 1e-6 &&
                    c.y1Mm < p.yMm + p.heightMm - 1e-6 &&
                    c.x1Mm < p.xMm + p.widthMm - 1e-6 &&
                    c.x2Mm > p.xMm + 1e-6,
            ).toBe(false);
        const area = placements.reduce((sum, p) => sum + p.widthMm * p.heightMm, 0) / 100;
        expect(leftoverCm2).toBeCloseTo((input.comb.widthMm * input.comb.heightMm) / 100 - area, 6);
        expect(value).toBeCloseTo(
          placements.reduce((v, p) => v + input.pieces.find((q) => q.id === p.id)!.value, 0),
          6,
        );
      }),
      { numRuns: 120 },
    );
  }, 60_000);
  it('a flaw never raises the value, a limit neither, and a piece that is worth less than waste is left', () => {
    fc.assert(
      fc.property(small, defect, (input, flaw) => {
        const without = { ...input, pieces: input.pieces.map(({ limit: _limit, ...p }) => p) };
        expect(
          cutPlan({ ...without, defects: [...input.defects, flaw] }).value,
        ).toBeLessThanOrEqual(cutPlan(without).value + 1e-9);
        expect(cutPlan(input).value).toBeLessThanOrEqual(cutPlan(without).value + 1e-9);
      }),
      { numRuns: 60 },
    );
    const cheap = cutPlan(whole({ pieces: [piece('p', 20, 20, 1)], wasteValuePerCm2: 1 }));
    expect(cheap).toMatchObject({
      placements: [],
      value: 12,
      provenOptimal: true,
      leftoverCm2: 12,
      cuts: [],
    });
  });
  it('keeps to the stock on a whole comb, with a bound that shows how good it is', () => {
    const defects = Array.from({ length: 12 }, (_, i) => ({
      xMm: (i * 67) % 400,
      yMm: (i * 41) % 120,
      widthMm: 12 + i,
      heightMm: 8,
      kind: 'open',
    }));
    const pieces = [
      piece('square', 90, 90, 34),
      piece('strip', 35, 100, 14),
      piece('sample', 60, 45, 11),
    ];
    const comb = { widthMm: 430, heightMm: 135 };
    const free = cutPlan({ comb, kerfMm: 3, defects, pieces });
    expect(free.provenOptimal).toBe(true);
    const limited = cutPlan({
      comb,
      kerfMm: 3,
      defects,
      pieces: pieces.map((p, i) => ({ ...p, limit: [1, 2, 3][i] })),
    });
    expect(limited.value).toBeLessThanOrEqual(free.value);
    expect(limited.value).toBe(34 + 28 + 33);
    expect(limited.provenOptimal).toBe(true);
  }, 20_000);
  it('answers or says what is wrong: nothing fits, no price, no pieces, a lattice too fine, an id twice', () => {
    const ask = (input: object): unknown => calculate('cut-plan', input);
    expect(
      ask({
        comb: { widthMm: 50, heightMm: 50 },
        kerfMm: 3,
        pieces: [piece('big', 90, 90, 5)],
        defects: [],
      }),
    ).toMatchObject({ placements: [], provenOptimal: true, leftoverCm2: 25 });
    expect(
      ask({
        comb: { widthMm: 100, heightMm: 100 },
        kerfMm: 3,
        pieces: [piece('free', 40, 40, 0)],
        defects: [],
      }),
    ).toMatchObject({ placements: [], value: 0 });
    const overlapping = [
      { xMm: 0, yMm: 0, widthMm: 60, heightMm: 60, kind: 'open' },
      { xMm: 30, yMm: 30, widthMm: 300, heightMm: 300, kind: 'brood' },
    ];
    expect(
      ask({
        comb: { widthMm: 100, heightMm: 100 },
        kerfMm: 3,
        pieces: [piece('p', 40, 20, 3)],
        defects: overlapping,
      }),
    ).toMatchObject({ provenOptimal: true });
    expect(() =>
      ask({ comb: { widthMm: 50, heightMm: 50 }, kerfMm: 3, pieces: [], defects: [] }),
    ).toThrow();
    expect(() =>
      ask({
        comb: { widthMm: -50, heightMm: 50 },
        kerfMm: 3,
        pieces: [piece('p', 4, 4, 1)],
        defects: [],
      }),
    ).toThrow(/field\.above-0/);
    expect(() =>
      ask({
        comb: { widthMm: 50, heightMm: 50 },
        kerfMm: 3,
        pieces: [piece('p', 4, 4, 1), piece('p', 5, 5, 1)],
        defects: [],
      }),
    ).toThrow(/field\.id-twice/);
    expect(() =>
      ask({
        comb: { widthMm: 90_000, heightMm: 50 },
        kerfMm: 3,
        stepMm: 1,
        pieces: [piece('p', 40, 40, 1)],
        defects: [],
      }),
    ).toThrow(/calc\.too-many-steps/);
  });
});

describe('the knife', () => {
  it('cannot free a pinwheel, and says so', () => {
    const pin = [
      { xMm: 0, yMm: 0, widthMm: 20, heightMm: 10 },
      { xMm: 20, yMm: 0, widthMm: 10, heightMm: 20 },
      { xMm: 10, yMm: 20, widthMm: 20, heightMm: 10 },
      { xMm: 0, yMm: 10, widthMm: 10, heightMm: 20 },
    ];
    expect(knifeCuts({ widthMm: 30, heightMm: 30 }, 0, pin)).toBeNull();
    expect(knifeCuts({ widthMm: 30, heightMm: 30 }, 0, pin.slice(0, 3))).not.toBeNull();
  });
  it('leaves parts that add up to the comb, whatever was cut so far', () => {
    const plan = cutPlan(
      whole({
        comb: { widthMm: 200, heightMm: 130 },
        kerfMm: 2,
        stepMm: 5,
        pieces: [piece('a', 60, 55, 5), piece('b', 35, 90, 4)],
      }),
    );
    for (let done = 0; done <= plan.cuts.length; done++) {
      const parts = partsAfter({ widthMm: 200, heightMm: 130 }, plan.cuts, done, plan.placements);
      expect(parts).toHaveLength(done + 1);
      expect(parts.reduce((sum, p) => sum + (p.x1 - p.x0) * (p.y1 - p.y0), 0)).toBeCloseTo(
        200 * 130,
        6,
      );
      expect(parts.flatMap((p) => p.pieces).sort((x, y) => x - y)).toEqual(
        plan.placements.map((_, i) => i),
      );
    }
  });
});
