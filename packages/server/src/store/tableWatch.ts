import { AsyncLocalStorage } from 'node:async_hooks';

const WRITES =
  /^\s*(?:insert(?:\s+or\s+\w+)?\s+into|replace\s+into|update(?:\s+or\s+\w+)?|delete\s+from)\s+[`"[]?(\w+)/i;
const READS = /^\s*(?:select|with|explain)\b/i;
/** Statements that change no row. */
const NEITHER = /^\s*(?:begin|commit|rollback|savepoint|release|pragma)\b/i;
const NAMED = /\b(?:from|join)\s+[`"[]?(\w+)/gi;

/** Tables that what runs now has read: each read of its own, whatever runs beside it. */
const reading = new AsyncLocalStorage<Set<string>>();

/** A moment of a database: how often each table had been written by then. */
export interface Moment {
  all: number;
  written: ReadonlyMap<string, number>;
}

/** What the statements of one database file write and read. */
export class TableWatch {
  /** Statements that may have written anywhere. */
  private all = 0;
  private readonly written = new Map<string, number>();

  /** Takes notice of a statement before it runs. */
  note(sql: string): void {
    const into = WRITES.exec(sql)?.[1];
    if (into) this.written.set(into, (this.written.get(into) ?? 0) + 1);
    else if (!READS.test(sql) && !NEITHER.test(sql)) this.all++;
    const names = reading.getStore();
    if (names) for (const [, name] of sql.matchAll(NAMED)) names.add(name);
  }
  now(): Moment {
    return { all: this.all, written: new Map(this.written) };
  }
  /** Whether none of these tables was written since then; without tables, none at all. */
  isAsAt(then: Moment, tables?: Iterable<string>): boolean {
    if (this.all !== then.all) return false;
    for (const table of tables ?? this.written.keys())
      if (this.written.get(table) !== then.written.get(table)) return false;
    return true;
  }
}

/** What `read` answers, and the tables it was read from. */
export async function withTables<T>(
  read: () => Promise<T>,
): Promise<{ answer: T; tables: ReadonlySet<string> }> {
  const tables = new Set<string>();
  const answer = await reading.run(tables, read);
  return { answer, tables };
}

/** Says that what runs now rests on these tables, too. */
export function restsOn(tables: Iterable<string>): void {
  const names = reading.getStore();
  if (names) for (const table of tables) names.add(table);
}

/** By the settings of a database, which its transactions share with it. */
const watches = new WeakMap<object, TableWatch>();

/** The watch over a database that was opened with these settings. */
export function watchOf({ config }: { config: object }): TableWatch {
  const there = watches.get(config);
  if (there) return there;
  const watch = new TableWatch();
  watches.set(config, watch);
  return watch;
}
