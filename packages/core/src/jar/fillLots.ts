import type { FillGoal, JarKind } from './jarKind.js';
import type { LpSolver } from '../records/vocabulary/solver.js';

/** A lot of honey that waits to be filled. */
export interface LotToFill {
  id: string;
  honeyG: number;
}
/** Jars promised: an order or a gift, by kind. */
export interface Reserved {
  jarKindId: string;
  count: number;
}
export interface FillLotsInput {
  lots: LotToFill[];
  jars: JarKind[];
  goal: FillGoal;
  reserved?: Reserved[];
  keepBackG?: number;
}
export interface LotsFilled {
  lots: { id: string; fills: { id: string; count: number; netG: number }[]; leftG: number }[];
  filledG: number;
  leftG: number;
  value: number;
  /** What was promised and cannot be filled now: it waits for next week's jars. */
  short: { jarKindId: string; missing: number }[];
  provenOptimal: boolean;
}

/** As the linear solver counts: two sums of grams this near are one. */
const EPS = 1e-6;

/**
 * Fills jars from several lots at once, none mixed with another: a jar holds honey of one lot. What
 * is promised comes first, then the goal (least left over, most value, fewest jars) and its ties,
 * each as a whole-number program of its own that keeps what the one before reached. Takes grams,
 * the stock of jars shared by all lots, grams to keep back of the whole. Exact; `provenOptimal` is
 * false only where a solver ran out of time.
 */
export function fillLots(input: FillLotsInput, solve: LpSolver): LotsFilled {
  const { lots, jars, goal, reserved = [], keepBackG = 0 } = input;
  const pairs = lots.flatMap((lot, l) =>
    jars.flatMap((jar, j) => {
      const most = Math.min(jar.stock, Math.floor(lot.honeyG / jar.netG));
      return most > 0 ? [{ l, j, name: `n${l}_${j}`, most }] : [];
    }),
  );
  const terms = (of: (p: (typeof pairs)[number]) => number): string => {
    const list = pairs
      .filter((p) => of(p) !== 0)
      .map((p) => `${of(p) < 0 ? '-' : '+'} ${Math.abs(of(p))} ${p.name}`);
    return list.length ? list.join('\n ') : '0 zero';
  };
  const total = lots.reduce((g, lot) => g + lot.honeyG, 0) - keepBackG;
  const promised = reserved.filter((r) => jars.some((j) => j.id === r.jarKindId) && r.count > 0);
  const base = [
    ...lots.map(
      (lot, l) => `lot${l}: ${terms((p) => (p.l === l ? jars[p.j].netG : 0))} <= ${lot.honeyG}`,
    ),
    ...jars.map((jar, j) => `stock${j}: ${terms((p) => (p.j === j ? 1 : 0))} <= ${jar.stock}`),
    `keep: ${terms((p) => jars[p.j].netG)} <= ${Math.max(0, total)}`,
    ...promised.map(
      (r, i) => `promise${i}: ${terms((p) => (jars[p.j].id === r.jarKindId ? 1 : 0))} - r${i} >= 0`,
    ),
  ];
  const bounds = [
    ...pairs.map((p) => ` 0 <= ${p.name} <= ${p.most}`),
    ...promised.map((r, i) => ` 0 <= r${i} <= ${r.count}`),
    ' 0 <= zero <= 0',
  ];
  const whole = [...pairs.map((p) => ` ${p.name}`), ...promised.map((_, i) => ` r${i}`)];
  const grams = terms((p) => jars[p.j].netG);
  const value = terms((p) => jars[p.j].value);
  const fewer = terms(() => -1);
  const promises = promised.length ? promised.map((_, i) => `+ 1 r${i}`).join(' ') : '0 zero';
  const order = {
    'most-value': [promises, value, grams, fewer],
    'least-left': [promises, grams, fewer, value],
    'fewest-jars': [promises, grams, fewer, grams, value],
  }[goal];
  const reached: string[] = [];
  let columns: Record<string, number> = {};
  let proven = true;
  if (pairs.length)
    order.forEach((objective, step) => {
      const lp = `Maximize\n obj: ${objective}\nSubject To\n ${[...base, ...reached].join('\n ')}\nBounds\n${bounds.join('\n')}\nGeneral\n${whole.join('\n')}\nEnd\n`;
      const found = solve(lp, { timeLimitS: 3, gap: 0 });
      columns = found.columns;
      proven &&= found.status === 'optimal';
      // For fewest jars what is left may be anything under the smallest jar: only then do fewer
      // jars count first.
      const atLeast =
        goal === 'fewest-jars' && step === 1
          ? Math.max(0, Math.min(found.value, total - Math.min(...jars.map((j) => j.netG)) + 1))
          : found.value;
      reached.push(
        `reached${step}: ${objective} >= ${(atLeast - EPS * Math.max(1, Math.abs(atLeast))).toFixed(6)}`,
      );
    });
  const n = (l: number, j: number): number => Math.round(columns[`n${l}_${j}`] ?? 0);
  const filled = lots.map((lot, l) => {
    const fills = jars.flatMap((jar, j) =>
      n(l, j) > 0 ? [{ id: jar.id, count: n(l, j), netG: jar.netG }] : [],
    );
    return {
      id: lot.id,
      fills,
      leftG: lot.honeyG - fills.reduce((g, f) => g + f.count * f.netG, 0),
    };
  });
  const counted = (kind: string): number =>
    filled.reduce((sum, lot) => sum + (lot.fills.find((f) => f.id === kind)?.count ?? 0), 0);
  return {
    lots: filled,
    filledG: filled.reduce((g, lot) => g + lot.fills.reduce((s, f) => s + f.count * f.netG, 0), 0),
    leftG: filled.reduce((g, lot) => g + lot.leftG, 0),
    value: filled.reduce(
      (v, lot) =>
        v +
        lot.fills.reduce((s, f) => s + f.count * (jars.find((j) => j.id === f.id)?.value ?? 0), 0),
      0,
    ),
    short: [...new Set(reserved.map((r) => r.jarKindId))].flatMap((kind) => {
      const missing =
        reserved.filter((r) => r.jarKindId === kind).reduce((s, r) => s + r.count, 0) -
        counted(kind);
      return missing > 0 ? [{ jarKindId: kind, missing }] : [];
    }),
    provenOptimal: proven,
  };
}
