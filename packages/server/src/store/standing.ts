import type { ColonyFact, Standing } from '@furrow/core';
import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import { z } from 'zod';
import { conflict } from '../problem.js';
import { fromKept } from './kept.js';
import { rowsOf } from './asked.js';
import type { UnitOfWork } from './unitOfWork.js';
import { writtenRows } from './writtenRows.js';

type Table = 'colonyFacts' | 'looks' | 'placements' | 'takes' | 'ticks';

/** What a row says itself: a fact of a colony, or a weight. */
const saidBy = (row: Record<string, unknown>): Pick<Standing, 'fact' | 'netG'> => ({
  fact: typeof row.fact === 'string' ? (JSON.parse(row.fact) as ColonyFact) : null,
  netG: typeof row.netG === 'number' ? row.netG : null,
});

const WRITER = {
  commandId: z.string(),
  sentence: z.string(),
  saidAt: z.string(),
  device: z.string(),
  person: z.string().nullable(),
};
/** Rows of a table with what wrote them, as they stand. */
const withWriters = async (
  query: Knex.QueryBuilder,
  table: Table,
): Promise<{ row: Record<string, unknown>; standing: Standing }[]> => {
  const rows = await rowsOf(
    WRITER,
    query.select(`${table}.*`).select({
      commandId: 'commands.id',
      sentence: 'commands.sentence',
      saidAt: 'commands.occurredAt',
      device: 'commands.device',
      person: 'commands.person',
    }),
  );
  return rows.map((row) => ({
    row,
    standing: {
      ...saidBy(row),
      commandId: row.commandId,
      says: fromKept(row.sentence),
      occurredAt: row.saidAt,
      device: row.device,
      person: row.person,
    },
  }));
};

/** What wrote a row that stands there; null where an archive brought it. */
export async function standingOf(db: Knex, table: Table, id: string): Promise<Standing | null> {
  const query = writtenRows(db, table).where({ [`${table}.id`]: id });
  const [found] = await withWriters(query, table);
  return found?.standing ?? null;
}

/** What another device said of the same thing. */
interface SaidOfIt {
  table: Table;
  /** Which of its rows are of the same thing. */
  same: Record<string, string>;
  /** Whether a row says something else than what is written now. */
  isOther: (row: Record<string, unknown>) => boolean;
}

/**
 * Asks which stands where another device said something else of the same thing, and neither knew of
 * the other: what is written now was said before the house had heard of that, and the other way
 * round. Whoever knew what stood there, and says something else, means it.
 *
 * @throws `said-otherwise`, with what stands there, unless it was said that this is to stand too.
 */
export async function askWhichStands(
  unit: UnitOfWork,
  { table, same, isOther }: SaidOfIt,
): Promise<void> {
  const { again, device, occurredAt } = unit.command;
  if (again) return;
  const query = writtenRows(unit.db, table)
    .where(same)
    .whereNot('commands.device', device)
    .where('commands.recordedAt', '>', occurredAt);
  const other = (await withWriters(query, table)).find(({ row }) => isOther(row));
  if (!other) return;
  throw conflict('said-otherwise', houseSay('refusal.said-otherwise'), undefined, other.standing);
}
