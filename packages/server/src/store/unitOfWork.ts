import { houseSay } from '@furrow/words';
import { plainSay, flowSay, lotSay, type Say } from '@furrow/core';
import { fromKept, kept } from './kept.js';
import { randomUUID } from 'node:crypto';
import { bookBalance, type BookFlow, type Command } from '@furrow/core';
import type { Knex } from 'knex';
import { conflict, notFound } from '../problem.js';
import { opened, toRow, type Row } from './rows.js';
import { type Changes, type NewRow, type TableName, TABLE_NAMES } from './tables.js';
import { z } from 'zod';
import { columnOf, rowsOf, type AskedRow, rowOf } from './asked.js';

/** What a flow of mass is kept as. */
export const FLOW_COLUMNS = {
  id: z.string(),
  fromLot: z.string(),
  toLot: z.string(),
  g: z.number(),
  at: z.string(),
  recordedAt: z.string(),
  voids: z.string().nullable(),
  reason: z.string(),
  commandId: z.string(),
};
type FlowRow = AskedRow<typeof FLOW_COLUMNS>;

/** A row as it was before a command changed it. */
const journalledRow = z.looseObject({ id: z.string(), revision: z.number() });

/**
 * One write: everything in it happens in one transaction, and every changed row is journalled with
 * what it was before, which is what undo reads.
 */
export class UnitOfWork {
  /** Ends of the flows this write made. */
  private readonly touched = new Set<string>();
  constructor(
    readonly db: Knex.Transaction,
    readonly command: Command,
    readonly recordedAt: string,
  ) {}

  get at(): string {
    return this.command.occurredAt;
  }

  async insert<Table extends TableName>(
    table: Table,
    thing: NewRow<Table>,
  ): Promise<NewRow<Table> & { revision: number; recordedAt: string }> {
    const row = {
      ...(thing as NewRow<Table> & { id: string }),
      revision: 1,
      recordedAt: this.recordedAt,
    };
    await this.db(table).insert(toRow(table, row));
    await this.journal(table, row.id, null, row);
    return row;
  }

  /**
   * Changes a row; `baseRevision` is the one the person saw. A stale one is refused, nothing is
   * lost on either side.
   */
  async update<Table extends TableName>(
    table: Table,
    id: string,
    changes: Changes<Table>,
    baseRevision?: number,
  ): Promise<void> {
    const before: Row | undefined = await this.db(table).where({ id, removedAt: null }).first();
    if (!before) throw notFound('entry');
    if (baseRevision !== undefined && baseRevision !== before.revision) {
      throw conflict('stale', houseSay('refusal.this-was-changed-in-meantime'), 'baseRevision');
    }
    const row = { ...toRow(table, changes), revision: before.revision + 1 };
    await this.db(table).where({ id }).update(row);
    await this.journal(table, id, before, { ...before, ...row });
  }

  /** Writes a flow of mass into the book. */
  async flow(flow: {
    from: string;
    to: string;
    g: number;
    /** Why it goes. */
    reason: Say;
    at?: string;
    voids?: string;
    id?: string;
  }): Promise<void> {
    if (flow.g === 0 && !flow.voids) return;
    this.touched.add(flow.from).add(flow.to);
    const row: FlowRow = {
      id: flow.id ?? randomUUID(),
      fromLot: flow.from,
      toLot: flow.to,
      g: flow.g,
      at: flow.at ?? this.at,
      recordedAt: this.recordedAt,
      voids: flow.voids ?? null,
      reason: kept(flow.reason),
      commandId: this.command.id,
    };
    await this.db('flows').insert(row);
  }

  /**
   * No lot may ever be drawn below zero, in order of when things happened. What a lot held depends
   * on its own flows alone, so only the lots this write touched are looked at, each over its whole
   * history.
   */
  async checkBook(): Promise<void> {
    if (!this.touched.size) return;
    const ids = [...this.touched].filter((id) => id !== 'outside' && id !== 'loss');
    for (let i = 0; i < ids.length; i += 400) await this.checkLots(ids.slice(i, i + 400));
  }

  private async checkLots(ids: readonly string[]): Promise<void> {
    const lots = await rowsOf(
      { id: z.string(), kind: z.string(), name: z.string(), removedAt: z.string().nullable() },
      this.db('lots').whereIn('id', ids),
    );
    const own = new Set(ids);
    const end = (id: string): string => (own.has(id) || id === 'loss' ? id : 'outside');
    const flows = (await flowsOfLots(this.db, ids)).map((f) => ({
      ...f,
      from: end(f.from),
      to: end(f.to),
    }));
    const problem = bookBalance({
      lots: lots.filter((l) => !l.removedAt).map(({ id, kind }) => ({ id, kind })),
      flows,
    }).problems[0];
    if (problem) {
      const drawn = lots.find((lot) => lot.id === problem.lot && !lot.removedAt);
      const name = drawn ? fromKept(drawn.name) : lotSay('lot.taken-back');
      throw conflict('overdrawn', houseSay('refusal.book-would-not-hold-more', { name }), 'g');
    }
  }

  private async journal(
    tableName: string,
    rowId: string,
    before: unknown,
    after: unknown,
  ): Promise<void> {
    await this.db('journal').insert({
      commandId: this.command.id,
      tableName,
      rowId,
      before: before === null ? null : JSON.stringify(before),
      after: JSON.stringify(after),
    });
  }
}

export function asBookFlow(row: FlowRow): BookFlow {
  return {
    id: row.id,
    from: row.fromLot,
    to: row.toLot,
    g: row.g,
    at: row.at,
    reason: row.reason,
    ...(row.voids ? { voids: row.voids } : {}),
  };
}

/** Flows in force that touch any of these lots: those that were voided, and the voids, are gone. */
export async function flowsOfLots(db: Knex, ids: readonly string[]): Promise<BookFlow[]> {
  const rows = await rowsOf(
    FLOW_COLUMNS,
    db('flows')
      .whereIn('fromLot', [...ids])
      .union([db('flows').whereIn('toLot', [...ids])]),
  );
  const voided = new Set<string>();
  for (let i = 0; i < rows.length; i += 5000)
    for (const id of await columnOf(
      z.string(),
      db('flows')
        .whereIn(
          'voids',
          rows.slice(i, i + 5000).map((r) => r.id),
        )
        .pluck('voids'),
    ))
      voided.add(id);
  return rows.filter((r) => !r.voids && !voided.has(r.id)).map(asBookFlow);
}

/**
 * Whether something written later to this row still stands. What was undone since, and the undoing,
 * stand no more.
 */
async function restsOn(
  db: Knex,
  tableName: string,
  rowId: string,
  sequence: number,
  commandId: string,
): Promise<boolean> {
  const later = await db('journal')
    .join('commands', 'commands.id', 'journal.commandId')
    .where({ tableName, rowId, undoes: null, undoneBy: null })
    .where('journal.sequence', '>', sequence)
    .whereNot('journal.commandId', commandId)
    .first('journal.sequence');
  return later !== undefined;
}

/**
 * Takes back everything a command wrote, newest first: rows as they were, flows by voids. Refused
 * where something later built on it.
 */
export async function undoCommand(unit: UnitOfWork, commandId: string): Promise<void> {
  const command = await rowOf(
    { undoneBy: z.string().nullable(), sentence: z.string() },
    unit.db('commands').where({ id: commandId }).first('undoneBy', 'sentence'),
  );
  if (!command) throw notFound('entry-to-undo');
  if (command.undoneBy)
    throw conflict('undone-already', houseSay('refusal.this-was-undone-already'));
  const entries = await rowsOf(
    {
      sequence: z.number(),
      tableName: z.enum(TABLE_NAMES),
      rowId: z.string(),
      before: z.string().nullable(),
    },
    unit.db('journal').where({ commandId }).orderBy('sequence', 'desc'),
  );
  for (const { sequence, tableName, rowId, before } of entries) {
    const now: Row | undefined = await unit.db(tableName).where({ id: rowId }).first();
    const later = await restsOn(unit.db, tableName, rowId, sequence, commandId);
    if (!now || later)
      throw conflict('built-upon', plainSay('cannot-undo', { what: fromKept(command.sentence) }));
    if (before === null) await unit.update(tableName, rowId, { removedAt: unit.recordedAt });
    else {
      const {
        revision: _revision,
        recordedAt: _recordedAt,
        ...old
      } = journalledRow.parse(JSON.parse(before));
      await unit.db(tableName).where({ id: rowId }).update({ removedAt: null });
      await unit.update(tableName, rowId, opened(tableName, old));
    }
  }
  const flows = await rowsOf(FLOW_COLUMNS, unit.db('flows').where({ commandId, voids: null }));
  for (const flow of flows) {
    // Nothing comes back from loss, so its void is written from outside; a void only cancels.
    await unit.flow({
      from: flow.toLot === 'loss' ? 'outside' : flow.toLot,
      to: flow.fromLot,
      g: flow.g,
      reason: flowSay('flow.undone'),
      voids: flow.id,
    });
  }
  await unit.db('commands').where({ id: commandId }).update({ undoneBy: unit.command.id });
}
