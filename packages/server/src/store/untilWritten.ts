import type { Knex } from 'knex';
import { share } from './keptText.js';
import { PROVES } from './rows.js';
import { restsOn, watchOf, withTables, type Moment } from './tableWatch.js';

/** What was read, when, and from which tables; those are known when it has been read. */
interface Known {
  since: Moment;
  answer: Promise<{ answer: unknown; tables: ReadonlySet<string> }>;
  tables?: ReadonlySet<string>;
}
/** By connection: another file in its place is read anew. */
const known = new WeakMap<object, Map<string, Known>>();

/** Whoever is given what was read for all may not change it. */
function frozen(thing: unknown): void {
  if (typeof thing !== 'object' || thing === null || Object.isFrozen(thing)) return;
  for (const part of Object.values(thing)) frozen(part);
  Object.freeze(thing);
}

/**
 * What `read` answers, read once for everybody until a table is written that it was read from: a
 * household reads far more often than it writes, on every screen of every device. Which tables those
 * are is seen from its queries, never said. Within a transaction it is read at once. What was read
 * is shared: nobody may change it, and where rows are proven it is frozen.
 *
 * @param what Tells one thing read from another.
 */
export async function untilWritten<T>(db: Knex, what: string, read: () => Promise<T>): Promise<T> {
  if (db.isTransaction) return read();
  const client = db.client as { config: object };
  const watch = watchOf(client);
  const all = known.get(client) ?? new Map<string, Known>();
  known.set(client, all);
  const there = all.get(what);
  const isGood = there && watch.isAsAt(there.since, there.tables);
  const found = isGood ? there : { since: watch.now(), answer: withTables(read) };
  if (!isGood) all.set(what, found);
  try {
    const { answer, tables } = await found.answer;
    restsOn(tables);
    if (PROVES) frozen(answer);
    share(answer);
    found.tables = tables;
    return answer as T;
  } catch (error) {
    if (all.get(what) === found) all.delete(what);
    throw error;
  }
}
