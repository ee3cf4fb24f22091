import type { ChooseModel } from './model.js';

/** A set being filled: knows what is left of every limit, who goes before whom, and what fits. */
function filling(model: ChooseModel) {
  const { options, limits, orders } = model;
  const uses = options.map((o) => limits.map((l) => l.uses(o)));
  const left = limits.map((l) => l.atMost + 1e-9);
  const taken = new Map<number, number>();
  const ordersOf = new Map<number, (readonly number[])[]>();
  for (const { unit, needs } of orders) ordersOf.set(unit, [...(ordersOf.get(unit) ?? []), needs]);
  const inOrder = (u: number): boolean =>
    (ordersOf.get(u) ?? []).every((needs) => needs.some((n) => taken.has(n)));
  return {
    taken,
    fits: (i: number): boolean => {
      const u = options[i].unit;
      if (taken.has(u) || !inOrder(u)) return false;
      const row = uses[i];
      for (let k = 0; k < row.length; k++)
        if (row[k] > left[k] && limits[k].beyondCosts === undefined) return false;
      return true;
    },
    /** What it uses of what is left, so that the scarce weighs most. */
    weight: (i: number): number =>
      uses[i].reduce((sum, use, k) => (use > 0 ? sum + use / Math.max(left[k], use) : sum), 0.05),
    take: (i: number): void => {
      taken.set(options[i].unit, i);
      uses[i].forEach((use, k) => (left[k] -= use));
    },
  };
}

/**
 * A first good answer at once: the option with the most worth for what it uses of what is scarce,
 * again and again, while everything holds. Fixed units come first; `prefer`, shares of the relaxed
 * model by option, is followed before. Gives option indices, or null where it finds none.
 */
export function greedyChoice(
  model: ChooseModel,
  prefer: readonly number[] | null = null,
): number[] | null {
  const { options, fixed, amount } = model;
  const set = filling(model);
  const best = (
    score: (i: number) => number,
    only: (i: number) => boolean = () => true,
  ): number | null => {
    let found = -1;
    let high = 0;
    for (let i = 0; i < options.length; i++) {
      if (!only(i) || !set.fits(i)) continue;
      const s = score(i);
      if (s > high) [found, high] = [i, s];
    }
    return found < 0 ? null : found;
  };
  const byWorth = (i: number): number => options[i].value / set.weight(i);
  for (const [u, how] of fixed) {
    if (how !== 'take') continue;
    const i = best(
      (o) => 1e6 + byWorth(o),
      (o) => options[o].unit === u,
    );
    if (i === null) return null;
    set.take(i);
  }
  if (prefer) {
    // Rows of the order can only be followed from the back: passes until nothing more fits.
    const ranked = options
      .map((_, i) => i)
      .filter((i) => prefer[i] > 0.05)
      .sort((a, b) => prefer[b] - prefer[a] || a - b);
    for (let before = -1; before !== set.taken.size;) {
      before = set.taken.size;
      for (const i of ranked) if (set.fits(i)) set.take(i);
    }
  }
  for (let i = best(byWorth); i !== null; i = best(byWorth)) set.take(i);
  if (amount) {
    const given = (): number =>
      [...set.taken.values()].reduce((sum, i) => sum + amount.gives(options[i]), 0);
    while (given() < amount.needG) {
      const i = best((o) => amount.gives(options[o]) / (1 + Math.max(0, -options[o].value)));
      if (i === null) return null;
      set.take(i);
    }
  }
  return [...set.taken.values()].sort((a, b) => a - b);
}
