import type { ColonyState } from './colonyState.js';
import type { Hive } from '../records/hiveViews.js';
import type { ForageByMonth, ForageState } from '../records/vocabulary/weather.js';

/**
 * Forage at a hive on a day: what was noted there lately stands over what the month is known for at
 * its site. Null where neither says anything. Takes the hive, what is known of its colony, and the
 * day (YYYY-MM-DD or longer).
 */
export function forageAt(
  hive: Pick<Hive, 'site'>,
  colony: Pick<ColonyState, 'flow'>,
  day: string,
): ForageState | null {
  if (colony.flow) return FORAGE_OF[colony.flow.flow];
  return forageIn(hive.site.forage, day);
}

const FORAGE_OF = { strong: 'flow', some: 'some', none: 'dearth' } as const;
export const forageIn = (forage: ForageByMonth, date: string): ForageState | null =>
  forage[String(Number(date.slice(5, 7)))] ?? null;
