import { hiveKind } from '../hive/kinds.js';
import type { ChoiceUnit } from './choiceUnits.js';

/** A unit that is taken only where at least one of `needs` is taken too; with none it stays. */
export interface TakingOrder {
  unit: number;
  needs: number[];
}

/**
 * What goes before what. Bars of a long hive from the back (those that cannot be taken are put back
 * in their order); whole boxes from the top, none from under one that stays; single combs of a
 * stack only where the box above is done; and in a box what stays keeps one block. Takes the units,
 * which of them may be taken at all, and what is pinned: pinned ones stand outside the order.
 */
export function takingOrders(
  units: readonly ChoiceUnit[],
  open: ReadonlySet<number>,
  fixed: ReadonlyMap<number, 'take' | 'leave'>,
): TakingOrder[] {
  const hives = [...new Set(units.map((unit) => unit.hiveId))];
  return hives.flatMap((hiveId) => {
    // With the bees gone there is no nest to keep the rest together with.
    const mine = units.flatMap((unit, u) =>
      unit.hiveId === hiveId && !unit.dead ? [{ unit, u }] : [],
    );
    const free = mine.filter(({ u }) => open.has(u) && !fixed.has(u));
    return [
      ...fromTheBack(free),
      ...fromTheTop(mine, free, open, fixed),
      ...inOneBlock(mine, free, open, fixed),
    ];
  });
}

interface Placed {
  unit: ChoiceUnit;
  u: number;
}

/** Bars of one file, hindmost first: each needs the one behind it. */
function fromTheBack(free: readonly Placed[]): TakingOrder[] {
  const row = free
    .filter(({ unit }) => unit.order !== null && unit.what !== 'box')
    .sort((a, b) => b.unit.order! - a.unit.order!);
  return row.slice(1).map((front, i) => ({ unit: front.u, needs: [row[i].u] }));
}

const holdsHoney = (unit: ChoiceUnit): boolean =>
  unit.estimate === null || unit.estimate.honeyKg.mid > 0;

/**
 * What hangs in the box above has to go first: a box, or every comb with honey of a box that is
 * taken comb by comb.
 */
function fromTheTop(
  mine: readonly Placed[],
  free: readonly Placed[],
  open: ReadonlySet<number>,
  fixed: ReadonlyMap<number, 'take' | 'leave'>,
): TakingOrder[] {
  const stacked = mine.filter(({ unit }) => hiveKind(unit.kind).unitTaken === 'box');
  const levels = [...new Set(stacked.map(({ unit }) => levelOf(unit)))].sort((a, b) => b - a);
  return free.flatMap(({ unit, u }) => {
    const above = levels[levels.indexOf(levelOf(unit)) - 1];
    if (above === undefined || !stacked.some((p) => p.u === u)) return [];
    return stacked
      .filter((p) => levelOf(p.unit) === above && holdsHoney(p.unit) && fixed.get(p.u) !== 'take')
      .map((p) => ({ unit: u, needs: open.has(p.u) && !fixed.has(p.u) ? [p.u] : [] }));
  });
}

/**
 * The number of the box a unit is, or hangs in: places are numbered by box and place (see
 * placeNumber).
 */
const levelOf = (unit: ChoiceUnit): number =>
  unit.what === 'box' ? unit.order! : Math.floor(unit.slots[0] / 100);

/** Between two combs that stay none is taken: one of them has to go too. */
function inOneBlock(
  mine: readonly Placed[],
  free: readonly Placed[],
  open: ReadonlySet<number>,
  fixed: ReadonlyMap<number, 'take' | 'leave'>,
): TakingOrder[] {
  return free
    .filter(({ unit }) => hiveKind(unit.kind).keepsBlock && unit.what !== 'box')
    .flatMap(({ unit, u }) => {
      const sameBox = mine.filter(
        (p) =>
          p.u !== u &&
          p.unit.boxId === unit.boxId &&
          holdsHoney(p.unit) &&
          fixed.get(p.u) !== 'take',
      );
      const before = sameBox.filter((p) => p.unit.slots[0] < unit.slots[0]);
      const after = sameBox.filter((p) => p.unit.slots[0] > unit.slots[0]);
      const may = (p: Placed): number[] => (open.has(p.u) && !fixed.has(p.u) ? [p.u] : []);
      return before.flatMap((left) =>
        after.map((right) => ({ unit: u, needs: [...may(left), ...may(right)] })),
      );
    });
}
