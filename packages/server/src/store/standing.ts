import type { ColonyFact, Standing } from '@furrow/core';
import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import { z } from 'zod';
import { conflict } from '../problem.js';
import { fromKept } from './kept.js';
import { rowOf, rowsOf } from './asked.js';
import type { UnitOfWork } from './unitOfWork.js';

const WRITER = {
  commandId: z.string(),
  sentence: z.string(),
  occurredAt: z.string(),
  recordedAt: z.string(),
  device: z.string(),
  person: z.string().nullable(),
};
type Writer = z.output<z.ZodObject<typeof WRITER>>;
const writerColumns = {
  commandId: 'commands.id',
  sentence: 'commands.sentence',
  occurredAt: 'commands.occurredAt',
  recordedAt: 'commands.recordedAt',
  device: 'commands.device',
  person: 'commands.person',
};

/** What a row says itself: a fact of a colony, or a weight. */
const saidBy = (row: Record<string, unknown>): Pick<Standing, 'fact' | 'netG'> => ({
  fact: typeof row.fact === 'string' ? (JSON.parse(row.fact) as ColonyFact) : null,
  netG: typeof row.netG === 'number' ? row.netG : null,
});

const asStanding = (
  { commandId, sentence, occurredAt, device, person }: Writer,
  row: Record<string, unknown>,
): Standing => ({
  ...saidBy(row),
  commandId,
  says: fromKept(sentence),
  occurredAt,
  device,
  person,
});

/** What wrote a row that stands there; null where an archive brought it. */
export async function standingOf(
  db: Knex,
  tableName: 'takes',
  row: { id: string; netG: number | null },
): Promise<Standing | null> {
  const writer = await rowOf(
    WRITER,
    db('journal')
      .join('commands', 'commands.id', 'journal.commandId')
      .where({ 'journal.tableName': tableName, 'journal.rowId': row.id })
      .whereNull('journal.before')
      .select(writerColumns)
      .first(),
  );
  return writer ? asStanding(writer, row) : null;
}

/** What another device said of the same thing. */
interface SaidOfIt {
  table: 'colonyFacts' | 'looks';
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
  const written: Record<string, unknown>[] = await unit
    .db(table)
    .join('journal', (on) =>
      on.on('journal.rowId', `${table}.id`).andOnVal('journal.tableName', table),
    )
    .join('commands', 'commands.id', 'journal.commandId')
    .whereNull('journal.before')
    .whereNull(`${table}.removedAt`)
    .where(same)
    .whereNot('commands.device', device)
    .where('commands.recordedAt', '>', occurredAt)
    .select(`${table}.*`)
    .select({ commandId: 'commands.id' });
  const other = written.find(isOther);
  if (!other) return;
  const [writer] = await rowsOf(
    WRITER,
    unit
      .db('commands')
      .where({ id: String(other.commandId) })
      .select(writerColumns),
  );
  throw conflict(
    'said-otherwise',
    houseSay('refusal.said-otherwise'),
    undefined,
    asStanding(writer, other),
  );
}
