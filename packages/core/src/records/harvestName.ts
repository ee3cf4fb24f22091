import type { Say } from '../say/say.js';
import { wayIn, waySay } from './vocabulary/waySays.js';
import type { Batch } from './views.js';

type Named = Pick<Batch, 'id' | 'hiveId' | 'date' | 'method' | 'createdAt' | 'lotName'>;

/**
 * What tells a harvest from the others of its hive on its day: the name its lot was given, else its
 * way, and a letter where the way is the same, in the order they were begun. Takes all harvests
 * newest first, as the server lists them: lots chosen in one act share their instant. Empty where
 * it is the only one.
 */
export function harvestMark(batch: Named, all: readonly Named[]): Say | string {
  if (batch.lotName) return batch.lotName;
  const sameDay = all.filter((b) => b.hiveId === batch.hiveId && b.date === batch.date);
  if (sameDay.length < 2) return '';
  const way = wayIn(batch.method);
  const sameWay = sameDay
    .filter((b) => b.method === batch.method)
    .reverse()
    .sort((a, b) => a.createdAt.localeCompare(b.createdAt));
  if (sameWay.length < 2) return way;
  const letter = String.fromCharCode(65 + sameWay.findIndex((b) => b.id === batch.id));
  return waySay('way.lettered', { way, letter });
}
