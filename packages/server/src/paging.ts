import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import type { TableName } from './store/tables.js';
import { refused } from './problem.js';

/** What is asked with a list: how many things at most, and after which one. */
export interface PageAsked {
  limit: number;
  cursor?: string;
}

/**
 * A page of a list: `limit` things after the one whose id is `cursor`; `next` is the cursor of the
 * page after, or null.
 */
export function page<T extends { id: string }>(
  { limit, cursor }: PageAsked,
  items: readonly T[],
): { items: T[]; next: string | null } {
  const from = cursor ? items.findIndex((item) => item.id === cursor) + 1 : 0;
  if (cursor && from === 0) throw refused(houseSay('refusal.this-cursor-not-from-this'), 'cursor');
  const part = items.slice(from, from + limit);
  return { items: part, next: from + limit < items.length ? part[part.length - 1].id : null };
}

/**
 * The rows of a table after the one whose id is the cursor, one more than a page holds, by these
 * columns and the order they were written in; and what makes a page of the things they become. So a
 * page costs by its size, not by the table's.
 */
export async function pageAfter(
  db: Knex,
  table: TableName | 'flows',
  order: readonly string[],
  { limit, cursor }: PageAsked,
): Promise<{
  query: Knex.QueryBuilder;
  pageOf: <T extends { id: string }>(items: readonly T[]) => { items: T[]; next: string | null };
}> {
  const columns = [...order, 'rowid'].map((column) => `${table}.${column}`);
  const query = db(table).limit(limit + 1);
  for (const column of columns) query.orderBy(column);
  if (cursor) {
    const last: Record<string, string | number> | undefined = await db(table)
      .where({ id: cursor })
      .first(Object.fromEntries(columns.map((column) => [column, column])));
    if (!last) throw refused(houseSay('refusal.this-cursor-not-from-this'), 'cursor');
    const marks = columns.map(() => '?').join(', ');
    query.whereRaw(
      `(${columns.join(', ')}) > (${marks})`,
      columns.map((column) => last[column]),
    );
  }
  return {
    query,
    pageOf: (items) => {
      const part = items.slice(0, limit);
      return { items: part, next: items.length > limit ? part[limit - 1].id : null };
    },
  };
}
