import { z } from 'zod';
import { PROVES } from './rows.js';

/**
 * What a query of its own columns answers. Where Furrow is made and tested it is held against what
 * it is said to be; built for use it is trusted, as rows are.
 */
type Columns = Readonly<Record<string, z.ZodType>>;
/** A row of a query, by the columns it selects. */
export type AskedRow<Shape extends Columns> = { [Column in keyof Shape]: z.output<Shape[Column]> };

/** The rows of a query, by the columns it selects. Throws, in tests, where a row is another. */
export async function rowsOf<Shape extends Columns>(
  columns: Shape,
  query: PromiseLike<unknown>,
): Promise<AskedRow<Shape>[]> {
  const rows = await query;
  if (PROVES) z.array(z.object(columns)).parse(rows);
  return rows as AskedRow<Shape>[];
}

/** The one row of a query, or undefined where there is none. Throws as `rowsOf` does. */
export async function rowOf<Shape extends Columns>(
  columns: Shape,
  query: PromiseLike<unknown>,
): Promise<AskedRow<Shape> | undefined> {
  const row = await query;
  if (PROVES && row !== undefined) z.object(columns).parse(row);
  return row as AskedRow<Shape> | undefined;
}

/** One column of a query, from the top. Throws as `rowsOf` does. */
export async function columnOf<Value extends z.ZodType>(
  value: Value,
  query: PromiseLike<unknown>,
): Promise<z.output<Value>[]> {
  const all = await query;
  if (PROVES) z.array(value).parse(all);
  return all as z.output<Value>[];
}

/** The one row of a query that always has one: a count, a sum, a highest. Throws where it has none. */
export async function sumsOf<Shape extends Columns>(
  columns: Shape,
  query: PromiseLike<unknown>,
): Promise<AskedRow<Shape>> {
  const row = await rowOf(columns, query);
  if (!row) throw new Error('A query of sums answers one row');
  return row;
}
