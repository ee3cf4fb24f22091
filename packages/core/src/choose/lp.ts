import type { LpAnswer } from '../records/vocabulary/solver.js';
import type { ChooseModel } from './model.js';

const number = (v: number): string => (Math.abs(v) < 1e-12 ? '0' : v.toPrecision(10));
const term = (c: number, name: string): string =>
  `${c < 0 ? '-' : '+'} ${number(Math.abs(c))} ${name}`;
/** LP text is read line by line: long sums are broken. */
const sum = (terms: readonly string[]): string =>
  terms.length ? terms.map((t, i) => (i && i % 6 === 0 ? `\n ${t}` : t)).join(' ') : '0 nothing';
const x = (i: number): string => `x${i}`;

/**
 * What to add to a model: limits eased by a slack that is made small instead of the goal's worth,
 * or other wishes.
 */
export interface LpChange {
  /**
   * Limit ids, or 'amount', that may be exceeded; the sum of what they exceed, each over its step,
   * is made least.
   */
  ease?: readonly string[];
  /** More of a limit than there is. */
  more?: { id: string; by: number };
  relaxed?: boolean;
}

/**
 * The model as LP text: maximise worth, or minimise what has to be eased. Columns are x0, x1 … by
 * option and s_ by eased limit.
 */
export function lpText(model: ChooseModel, change: LpChange = {}): string {
  const { options, limits, fixed, amount } = model;
  const ease = new Set(change.ease ?? []);
  const rows: string[] = [];
  const perUnit = new Map<number, number[]>();
  options.forEach((o, i) => perUnit.set(o.unit, [...(perUnit.get(o.unit) ?? []), i]));
  for (const [u, list] of perUnit)
    rows.push(
      `u${u}: ${sum(list.map((i) => term(1, x(i))))} ${fixed.get(u) === 'take' ? '=' : '<='} 1`,
    );
  // A unit that has to be taken and has no way left makes the question impossible, on purpose.
  for (const [u, how] of fixed)
    if (how === 'take' && !perUnit.has(u)) rows.push(`u${u}: 0 nothing >= 1`);
  limits.forEach((limit, l) => {
    const uses = options.flatMap((o, i) => (limit.uses(o) > 0 ? [term(limit.uses(o), x(i))] : []));
    if (limit.beyondCosts !== undefined) uses.push(term(-1, `b${l}`));
    if (ease.has(limit.id)) uses.push(term(-limit.step, `s${l}`));
    const atMost = limit.atMost + (change.more?.id === limit.id ? change.more.by : 0);
    if (uses.length) rows.push(`l${l}: ${sum(uses)} <= ${number(atMost)}`);
  });
  if (amount) {
    const gives = options.flatMap((o, i) =>
      amount.gives(o) > 0 ? [term(amount.gives(o) / 1000, x(i))] : [],
    );
    if (ease.has('amount')) gives.push(term(1, 'samount'));
    rows.push(`amount: ${sum(gives)} >= ${number(amount.needG / 1000)}`);
  }
  model.orders.forEach(({ unit, needs }, c) => {
    const of = (u: number, sign: number): string[] =>
      (perUnit.get(u) ?? []).map((i) => term(sign, x(i)));
    rows.push(`c${c}: ${sum([...of(unit, 1), ...needs.flatMap((u) => of(u, -1))])} <= 0`);
  });
  const slacks = [
    ...limits.flatMap((limit, l) => (ease.has(limit.id) ? [`s${l}`] : [])),
    ...(ease.has('amount') ? ['samount'] : []),
  ];
  const beyond = limits.flatMap((limit, l) =>
    limit.beyondCosts === undefined ? [] : [{ name: `b${l}`, costs: limit.beyondCosts }],
  );
  const goal = ease.size
    ? `Minimize\n obj: ${sum(slacks.map((s) => term(1, s)))}`
    : `Maximize\n obj: ${sum([...options.map((o, i) => term(o.value, x(i))), ...beyond.filter((b) => b.costs > 0).map((b) => term(-b.costs, b.name))])}`;
  const names = options.map((_, i) => x(i));
  const bounds = [
    ...(change.relaxed ? names.map((n) => ` 0 <= ${n} <= 1`) : []),
    ' nothing = 0',
    ...[...slacks, ...beyond.map((b) => b.name)].map((s) => ` ${s} >= 0`),
  ];
  return `${goal}\nSubject To\n ${[...rows, 'none: 0 nothing <= 1'].join('\n ')}\nBounds\n${bounds.join('\n')}\n${change.relaxed || !names.length ? '' : `Binary\n ${names.map((n, i) => (i && i % 12 === 0 ? `\n ${n}` : n)).join(' ')}\n`}End\n`;
}

/** Share of each option in a relaxed answer, by index. */
export function sharesIn(answer: LpAnswer, model: ChooseModel): number[] {
  return model.options.map((_, i) => answer.columns[x(i)] ?? 0);
}

/** Options that a solver's answer takes, by index. */
export function takenBy(answer: LpAnswer, model: ChooseModel): number[] {
  return model.options.flatMap((_, i) => ((answer.columns[x(i)] ?? 0) > 0.5 ? [i] : []));
}
