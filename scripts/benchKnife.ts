/**
 * The knife beside a general solver: the same combs with the same places where pieces may begin,
 * given to HiGHS as a packing model (pieces that lie apart, whether or not a knife can free them).
 * Prints how much longer it takes, and whether an answer of its that a knife can free is worth
 * more. Asserts nothing.
 */
import { solver } from '../packages/core/fixtures/chooser.js';
import { seeded } from '../packages/core/fixtures/random.js';
import {
  batchPlan,
  cutPlan,
  knifeCuts,
  quickCutPlan,
  type CutPlanInput,
} from '../packages/core/src/index.js';
import { cutQuestion, type CutQuestion } from '../packages/core/src/cut/cutPlan.js';
import type { LpSolver } from '../packages/core/src/records/vocabulary/solver.js';

/** What HiGHS may take for a comb before it is asked for what it has, in seconds. */
const PATIENCE_S = Number(process.env.FURROW_BENCH_PATIENCE ?? 20);
const COMBS = Number(process.env.FURROW_BENCH_COMBS ?? 8);

const KINDS = [
  { id: 'square', widthMm: 90, heightMm: 90, value: 34, mayTurn: true },
  { id: 'strip', widthMm: 35, heightMm: 100, value: 14, mayTurn: true },
  { id: 'sample', widthMm: 60, heightMm: 45, value: 11, mayTurn: true },
];
const LIMITS: readonly (readonly (number | undefined)[])[] = [
  [],
  [undefined, undefined, 3],
  [undefined, 2, 3],
  [2, 4, 4],
];

function combOf(
  number: number,
  flaws: number,
): { widthMm: number; heightMm: number } & {
  defects: CutPlanInput['defects'];
} {
  const { between } = seeded(number);
  return {
    widthMm: 430,
    heightMm: 135,
    defects: Array.from({ length: flaws }, () => ({
      xMm: between(0, 430),
      yMm: between(0, 135),
      widthMm: between(5, 30),
      heightMm: between(4, 16),
      kind: 'open',
    })),
  };
}
function questionOf(number: number): CutPlanInput {
  const { widthMm, heightMm, defects } = combOf(number, 12);
  const limits = LIMITS[number % LIMITS.length];
  return {
    comb: { widthMm, heightMm },
    kerfMm: 2,
    pieces: KINDS.map((kind, i) => ({ ...kind, limit: limits[i] })),
    defects,
  };
}

/** Stocks of the three kinds for ten combs together. */
const STOCKS: readonly (readonly (number | undefined)[])[] = [
  [12, 20, 30],
  [5, undefined, 40],
  [20, 10, undefined],
];

interface Placed {
  name: string;
  kind: number;
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

/** Every place of every lay, and for each start what lies over it: two pieces meet at a start. */
function packingLp({ grid, nets, limits }: CutQuestion): { lp: string; placed: Placed[] } {
  const placed = grid.xs.flatMap((xMm, a) =>
    grid.ys.flatMap((yMm, c) =>
      grid.free[a * grid.ys.length + c].map(({ lay }) => ({
        ...grid.lays[lay],
        name: `p${a}_${c}_${lay}`,
        xMm,
        yMm,
      })),
    ),
  );
  const covers = (p: Placed, x: number, y: number): boolean =>
    p.xMm <= x &&
    x < p.xMm + p.widthMm + grid.kerfMm - 1e-9 &&
    p.yMm <= y &&
    y < p.yMm + p.heightMm + grid.kerfMm - 1e-9;
  const sum = (of: readonly Placed[]): string => of.map((p) => p.name).join('\n + ');
  const rows = grid.xs.flatMap((x, a) =>
    grid.ys.flatMap((y, c) => {
      const over = placed.filter((p) => covers(p, x, y));
      return over.length > 1 ? [` at${a}_${c}: ${sum(over)} <= 1`] : [];
    }),
  );
  const stock = limits.flatMap((limit, kind) => {
    const of = placed.filter((p) => p.kind === kind);
    return limit === null || !of.length ? [] : [` kind${kind}: ${sum(of)} <= ${limit}`];
  });
  const worth = placed.map((p) => `${nets[p.kind]} ${p.name}`).join('\n + ');
  const names = placed.map((p) => ` ${p.name}`);
  const lines = ['Maximize', ` obj: ${worth}`, 'Subject To', ...rows, ...stock];
  return { lp: [...lines, 'Binary', ...names, 'End', ''].join('\n'), placed };
}

const median = (of: readonly number[]): number =>
  [...of].sort((p, q) => p - q)[Math.floor(of.length / 2)] ?? NaN;
const ms = (from: number): number => performance.now() - from;

const inMs = (ms: number): string => `${ms.toFixed(0)} ms`;
const limitsText = (limits: readonly (number | undefined)[]): string =>
  limits.map((limit) => limit ?? '–').join(' ') || 'none';

/** One comb by both: how long each took, and what each found. */
interface Compared {
  ownMs: number;
  theirMs: number;
  isProven: boolean;
  isFinished: boolean;
  /** Whether an answer that a knife can free is worth more than ours. */
  isWorse: boolean;
  says: string;
}
function compare(input: CutPlanInput, solve: LpSolver): Compared {
  let from = performance.now();
  const plan = cutPlan(input);
  const ownMs = ms(from);
  const { lp, placed } = packingLp(cutQuestion(input));
  from = performance.now();
  const found = solve(lp, { timeLimitS: PATIENCE_S, gap: 0 });
  const theirMs = ms(from);
  const pieces = placed.filter((p) => (found.columns[p.name] ?? 0) > 0.5);
  const isFree = pieces.length > 0 && knifeCuts(input.comb, input.kerfMm, pieces) !== null;
  const isFinished = found.status === 'optimal';
  const theirs = [
    `HiGHS ${inMs(theirMs)}`,
    ...(isFinished ? [] : ['unfinished']),
    found.value.toFixed(0),
    ...(isFree ? [] : ['no knife frees it']),
  ];
  return {
    ownMs,
    theirMs,
    isProven: plan.provenOptimal,
    isFinished,
    isWorse: isFree && found.value > plan.value + 1e-6,
    says: `${`${inMs(ownMs)}, ${plan.value}`.padEnd(16)} ${theirs.join(', ')}`,
  };
}

function benchBatch(limits: readonly (number | undefined)[]): void {
  const from = performance.now();
  const { value, bound, provenOptimal } = batchPlan({
    kerfMm: 2,
    pieces: KINDS.map((kind, i) => ({ ...kind, limit: limits[i] })),
    combs: Array.from({ length: 10 }, (_, i) => {
      const { defects, ...comb } = combOf(i + 1, 6);
      return { id: `comb${i}`, comb, defects };
    }),
  });
  const proof = provenOptimal ? ', proven' : ` of at most ${bound}`;
  const name = `ten combs, stock ${limitsText(limits)}`;
  console.log(`${name.padEnd(34)} ${inMs(ms(from))} (promised 5000), ${value}${proof}`);
}

/** Large combs, a dozen flaws, every kind limited: what is shown at once, and the best. */
const LARGE = [
  { widthMm: 480, heightMm: 250 },
  { widthMm: 600, heightMm: 300 },
];
function benchLarge(comb: { widthMm: number; heightMm: number }): void {
  const { between } = seeded(7);
  const input: CutPlanInput = {
    comb,
    kerfMm: 2,
    pieces: KINDS.map((kind, i) => ({ ...kind, limit: [3, 4, 50][i] })),
    defects: Array.from({ length: 12 }, () => ({
      xMm: between(0, comb.widthMm),
      yMm: between(0, comb.heightMm),
      widthMm: between(5, 30),
      heightMm: between(4, 16),
      kind: 'open',
    })),
  };
  let from = performance.now();
  const quick = quickCutPlan(input);
  const atOnce = `${quick.value} in ${inMs(ms(from))}`;
  from = performance.now();
  const { value, bound, provenOptimal } = cutPlan(input);
  const proof = provenOptimal ? 'proven' : `of at most ${bound}`;
  const name = `${comb.widthMm} x ${comb.heightMm} mm, all limited`;
  console.log(`${name.padEnd(34)} ${atOnce}, then ${value}, ${proof} in ${inMs(ms(from))}`);
}

export async function benchKnife(): Promise<void> {
  const solve = await solver();
  const all: Compared[] = [];
  for (let number = 1; number <= COMBS; number++) {
    const compared = compare(questionOf(number), solve);
    all.push(compared);
    const name = `comb ${number}, limits ${limitsText(LIMITS[number % LIMITS.length])}`;
    console.log(`${name.padEnd(34)} ${compared.says}`);
  }
  const count = (pick: (c: Compared) => boolean): number => all.filter(pick).length;
  const own = all.map((c) => c.ownMs);
  const ratio = median(all.map((c) => c.theirMs / c.ownMs));
  console.log(`the knife, ${COMBS} combs: median ${inMs(median(own))}`);
  console.log(`  the slowest ${inMs(Math.max(...own))} (promised 2000)`);
  console.log(`  not proven ${count((c) => !c.isProven)}`);
  console.log(`beside HiGHS: ${ratio.toFixed(0)} times faster in the median (wanted 50)`);
  console.log(`  ended at ${PATIENCE_S} s and so longer: ${count((c) => !c.isFinished)}`);
  console.log(`  answers that a knife frees and are worth more: ${count((c) => c.isWorse)}`);
  for (const comb of LARGE) benchLarge(comb);
  for (const limits of STOCKS) benchBatch(limits);
}
