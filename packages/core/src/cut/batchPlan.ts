import {
  type CombDefect,
  type CutPlan,
  type CutPlanInput,
  cutQuestion,
  planOf,
} from './cutPlan.js';
import { fillRoom } from './fillRoom.js';
import {
  type CutTable,
  gridSteps,
  readPlan,
  solveGrid,
  type Spot,
  wholeRegion,
} from './guillotine.js';
import { netOf } from './pricedPlan.js';
import type { LpSolver } from '../records/vocabulary/solver.js';

export interface BatchPlanInput extends Omit<CutPlanInput, 'comb' | 'defects'> {
  combs: { id: string; comb: { widthMm: number; heightMm: number }; defects: CombDefect[] }[];
}
export interface BatchPlan {
  plans: { id: string; plan: CutPlan }[];
  value: number;
  /** No plan of all combs within the stock can be worth more. */
  bound: number;
  provenOptimal: boolean;
  used: Record<string, number>;
}
/** One plan of one comb among which the master chooses. */
interface Column {
  comb: number;
  spots: Spot[];
  net: number;
  uses: number[];
}

/** Steps all solutions may take together (about four seconds here), and rounds at most. */
const MOST_STEPS = 900_000_000;
const MOST_ROUNDS = 25;

const number = (v: number): string => (Math.abs(v) < 1e-12 ? '0' : v.toPrecision(12));
const sum = (terms: readonly [number, string][]): string =>
  terms
    .map(
      ([c, name], i) =>
        `${i && i % 6 === 0 ? '\n ' : ''}${c < 0 ? '-' : '+'} ${number(Math.abs(c))} ${name}`,
    )
    .join(' ');

/** The master as LP text: one plan for each comb, no more of a kind than the stock. */
function masterLp(
  columns: readonly Column[],
  combs: number,
  limits: readonly (number | null)[],
  whole: boolean,
): string {
  const name = (i: number): string => `c${i}`;
  const one = Array.from(
    { length: combs },
    (_, comb) =>
      `comb${comb}: ${sum(columns.flatMap((c, i): [number, string][] => (c.comb === comb ? [[1, name(i)]] : [])))} <= 1`,
  );
  const stock = limits.flatMap((limit, kind) => {
    const uses = columns.flatMap((c, i): [number, string][] =>
      c.uses[kind] > 0 ? [[c.uses[kind], name(i)]] : [],
    );
    return limit === null || !uses.length ? [] : [`kind${kind}: ${sum(uses)} <= ${limit}`];
  });
  return `Maximize\n obj: ${sum(columns.map((c, i): [number, string] => [c.net, name(i)]))}\nSubject To\n ${[...one, ...stock].join('\n ')}\nBounds\n${columns.map((_, i) => ` 0 <= ${name(i)} <= 1`).join('\n')}\n${whole ? `Binary\n${columns.map((_, i) => ` ${name(i)}`).join('\n')}\n` : ''}End\n`;
}

/**
 * Plans several combs together against one stock of boxes. Column generation: a linear master
 * chooses among plans of the combs under the stock, its prices make new plans of each comb (exact,
 * as for one), until no plan would pay; then the master chooses whole plans, and what is left of
 * the stock fills the room that is left. Every round of prices gives a bound. Yields the share done
 * (0 to 1) after each comb, so that whoever computes can show it and stop; deterministic, since
 * rounds go by size and not by a clock. The solver is given in.
 */
export function* batchPlanSteps(
  input: BatchPlanInput,
  solve: LpSolver,
): Generator<number, BatchPlan> {
  const { combs, ...shared } = input;
  const wants = combs.map((c): CutPlanInput => ({ ...shared, comb: c.comb, defects: c.defects }));
  // Stock is the batch's: no comb has a limit of its own beyond what it can hold.
  const free = { ...shared, pieces: shared.pieces.map(({ limit: _limit, ...p }) => p) };
  const questions = combs.map((c) =>
    cutQuestion({
      ...free,
      comb: c.comb,
      defects: c.defects,
      pieces: free.pieces.map((p, i) => (shared.pieces[i].limit === 0 ? { ...p, limit: 0 } : p)),
    }),
  );
  const limits = shared.pieces.map((p) => p.limit ?? null);
  const nets = shared.pieces.map((_, kind) => Math.max(0, ...questions.map((q) => q.nets[kind])));
  const perRound = questions.reduce((n, q) => n + gridSteps(q.grid), 0);
  const rounds = Math.max(2, Math.min(MOST_ROUNDS, Math.floor(MOST_STEPS / Math.max(1, perRound))));
  const columns: Column[] = combs.map((_, comb) => ({
    comb,
    spots: [],
    net: 0,
    uses: limits.map(() => 0),
  }));
  const known = new Set<string>();
  const column = (comb: number, spots: Spot[]): boolean => {
    const uses = limits.map((_, kind) => spots.filter((s) => s.kind === kind).length);
    const net = netOf(spots, questions[comb].nets);
    const key = `${comb}:${uses.join()}:${net.toFixed(6)}`;
    if (!spots.length || known.has(key)) return false;
    known.add(key);
    columns.push({ comb, spots, net, uses });
    return true;
  };
  const base = combs.reduce(
    (v, c) => v + ((shared.wasteValuePerCm2 ?? 0) * c.comb.widthMm * c.comb.heightMm) / 100,
    0,
  );
  let bound = Infinity;
  let prices = limits.map(() => 0);
  for (let round = 0; round < rounds; round++) {
    let [dual, grew] = [
      prices.reduce((v, price, kind) => v + price * (limits[kind] ?? 0), 0),
      false,
    ];
    for (let c = 0; c < combs.length; c++) {
      const table: CutTable = solveGrid(
        questions[c].grid,
        questions[c].nets.map((net, kind) => net - prices[kind]),
      );
      dual += table.best;
      grew = column(c, readPlan(table, wholeRegion(table.grid))) || grew;
      // The same plan within one comb's even share of the stock, for the whole-number master to
      // choose from.
      if (round < 2) {
        const left = limits.map((l) => (l === null ? Infinity : Math.ceil(l / combs.length)));
        column(
          c,
          readPlan(table, wholeRegion(table.grid), (kind) => (left[kind]-- > 0 ? null : [])),
        );
      }
      yield (round + (c + 1) / combs.length) / (rounds + 1);
    }
    bound = Math.min(bound, dual);
    const relaxed = solve(masterLp(columns, combs.length, limits, false), {
      timeLimitS: 1,
      gap: 0,
    });
    const next = limits.map((limit, kind) =>
      limit === null ? 0 : Math.max(0, relaxed.duals[`kind${kind}`] ?? 0),
    );
    if (!grew || relaxed.value >= bound - 1e-6) break;
    // Halfway to the master's prices at first: they jump while it knows few plans.
    prices = round < 2 ? next.map((p, i) => (p + prices[i]) / 2) : next;
  }
  const chosen = solve(masterLp(columns, combs.length, limits, true), {
    timeLimitS: 1.5,
    gap: 0.0005,
  });
  const spotsOf: Spot[][] = combs.map(
    (_, c) =>
      columns.find((col, i) => col.comb === c && (chosen.columns[`c${i}`] ?? 0) > 0.5)?.spots ?? [],
  );
  const used = (kind: number, but = -1): number =>
    spotsOf.reduce(
      (n, spots, c) => n + (c === but ? 0 : spots.filter((s) => s.kind === kind).length),
      0,
    );
  const worth = (): number =>
    spotsOf.reduce((v, spots, c) => v + netOf(spots, questions[c].nets), 0);
  const stockBound = nets.reduce(
    (v, n, kind) => v + (n > 0 ? n * (limits[kind] ?? Infinity) : 0),
    0,
  );
  bound = Math.min(bound, stockBound);
  for (let c = 0; c < combs.length; c++) {
    if (limits.every((l, kind) => l !== null && used(kind) >= l) || worth() >= bound - 1e-6) break;
    spotsOf[c] = fillRoom(
      questions[c].grid,
      questions[c].nets,
      limits.map((l, kind) => (l === null ? null : l - used(kind, c))),
      spotsOf[c],
    );
    yield (rounds + (c + 1) / combs.length) / (rounds + 1);
  }
  const net = worth();
  const whole = questions.every((q) => q.grid.whole);
  const proven = whole && net >= bound - 1e-6;
  return {
    plans: combs.map((c, i) => ({ id: c.id, plan: planOf(wants[i], spotsOf[i], proven) })),
    value: net + base,
    bound: bound + base,
    provenOptimal: proven,
    used: Object.fromEntries(shared.pieces.map((p, kind) => [p.id, used(kind)])),
  };
}

/** All steps of {@link batchPlanSteps} at once. */
export function batchPlan(input: BatchPlanInput, solve: LpSolver): BatchPlan {
  const steps = batchPlanSteps(input, solve);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
