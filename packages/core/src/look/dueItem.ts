import type { Hive } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Say } from '../say/say.js';
import type { ColonyState } from './colonyState.js';

export interface DueItem {
  id: string;
  what: Say;
  why: Say;
  /** The day from which it is due; null: when it suits. */
  dueOn: string | null;
  /** Days it is overdue, 0 where it is not. */
  overdueDays: number;
}

/**
 * Part of the year by hemisphere and month: the three dark months and the two before them matter
 * here.
 */
export function yearPart(
  date: string,
  hemisphere: 'north' | 'south',
): 'winter' | 'before-winter' | 'season' {
  const month = (Number(date.slice(5, 7)) + (hemisphere === 'south' ? 6 : 0) - 1) % 12;
  if (month === 11 || month <= 1) return 'winter';
  return month === 9 || month === 10 ? 'before-winter' : 'season';
}

/** What is asked of a hive, before it is sorted by how late it is. */
export interface Asked {
  hive: Hive;
  colony: ColonyState;
  date: string;
  rules: HouseRules;
  part: ReturnType<typeof yearPart>;
  supers: Hive['boxes'];
}

export type Due = Omit<DueItem, 'overdueDays'>;
export const due = (id: string, what: Say, why: Say, dueOn: string | null = null): Due => ({
  id,
  what,
  why,
  dueOn,
});
/** Each answers with what is due of its own kind: nothing, one thing, or several. */
export type Asks = (asked: Asked) => Due | Due[] | null;
