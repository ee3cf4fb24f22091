import { counted, dateWords } from '@furrow/core';
import type { Knex } from 'knex';
import { faultOf } from '../store/rowShapes.js';
import { JSON_COLUMNS } from '../store/rows.js';
import { bookView } from '../book/lots.js';
import { z } from 'zod';
import { sumsOf } from '../store/asked.js';

/** What a household's file holds, in few figures. */
export interface HouseholdSummary {
  hives: number;
  harvests: number;
  /** Days of the first and the last harvest, YYYY-MM-DD; null without one. */
  firstOn: string | null;
  lastOn: string | null;
  /** When the newest entry was written, an instant; null in an empty household. */
  newestAt: string | null;
  /** What the book says against itself; 0 where it balances. */
  bookProblems: number;
}

/** Whether there is anything in it that would be missed. */
export const isEmptyHousehold = (s: HouseholdSummary): boolean =>
  s.hives === 0 && s.harvests === 0 && s.newestAt === null;

/**
 * The same in words: "3 hives, 2 harvests from 14 Mar 2026 to 2 Nov 2026, newest entry 2 Nov 2026."
 */
export function summaryText(s: HouseholdSummary): string {
  if (isEmptyHousehold(s)) return 'an empty household';
  const span =
    s.firstOn && s.lastOn ? ` from ${dateWords(s.firstOn)} to ${dateWords(s.lastOn)}` : '';
  const newest = s.newestAt ? `, newest entry ${dateWords(s.newestAt.slice(0, 10))}` : '';
  const book = s.bookProblems ? `; its book names ${counted(s.bookProblems, 'problem')}` : '';
  return `${counted(s.hives, 'hive')}, ${counted(s.harvests, 'harvest')}${span}${newest}${book}`;
}

const damaged = (what: string): Error =>
  new Error(`This backup is damaged: ${what}. Nothing was changed.`);

async function countOf(db: Knex, table: string): Promise<number> {
  const row = await sumsOf(
    { n: z.number() },
    db(table).where({ removedAt: null }).count('* as n').first(),
  );
  return Number(row.n);
}

/** What is in an open household, without judging it. */
export async function summaryOf(db: Knex): Promise<HouseholdSummary> {
  const span = await sumsOf(
    { first: z.string().nullable(), last: z.string().nullable() },
    db('visits')
      .join('batches', 'batches.visitId', 'visits.id')
      .where({ 'batches.removedAt': null })
      .min('visits.date as first')
      .max('visits.date as last')
      .first(),
  );
  const newest = await sumsOf(
    { at: z.string().nullable() },
    db('commands').max('recordedAt as at').first(),
  );
  return {
    hives: await countOf(db, 'hives'),
    harvests: await countOf(db, 'batches'),
    firstOn: span.first,
    lastOn: span.last,
    newestAt: newest.at,
    bookProblems: (await bookView(db)).problems.length,
  };
}

/** Throws a sentence where the file's pages or its references are broken. */
async function provePages(db: Knex): Promise<void> {
  const pages = await db.raw('PRAGMA integrity_check').then(
    (rows: { integrity_check: string }[]) => rows[0].integrity_check,
    () => 'unreadable',
  );
  if (pages !== 'ok') throw damaged('its pages do not fit together');
  const dangling = (await db.raw('PRAGMA foreign_key_check')) as unknown[];
  if (dangling.length)
    throw damaged(
      `${counted(dangling.length, 'entry points', 'entries point')} to what is not there`,
    );
}

const ROWS_AT_ONCE = 1000;

/** Throws where a column kept as JSON does not hold what an entry of its kind would. */
async function proveContents(db: Knex): Promise<void> {
  for (const [table, names] of Object.entries(JSON_COLUMNS)) {
    const columns = names.map((name) => ({ name, kind: 'json' as const }));
    const identity = table === 'hives' ? ['kind'] : [];
    for (let from = 0; ; from += ROWS_AT_ONCE) {
      const rows: Record<string, unknown>[] = await db(table)
        .select(...identity, ...names)
        .orderBy('rowid')
        .limit(ROWS_AT_ONCE)
        .offset(from);
      const broken = rows.filter((row) => faultOf(table, columns, row)).length;
      if (broken)
        throw damaged(`${counted(broken, 'entry', 'entries')} of ${table} cannot be read`);
      if (rows.length < ROWS_AT_ONCE) break;
    }
  }
}

/** Ends of a flow that are no lot. */
const ENDS = ['outside', 'loss'];

/** Throws where the book moves honey from or to a lot that nobody opened. */
async function proveBook(db: Knex): Promise<void> {
  const lost = await sumsOf(
    { n: z.number() },
    db('flows')
      .where(
        (q) => void q.whereNotIn('fromLot', db('lots').select('id')).whereNotIn('fromLot', ENDS),
      )
      .orWhere((q) => void q.whereNotIn('toLot', db('lots').select('id')).whereNotIn('toLot', ENDS))
      .count('* as n')
      .first(),
  );
  if (Number(lost.n))
    throw damaged(`${counted(Number(lost.n), 'entry', 'entries')} of the book belong to no lot`);
}
/**
 * Proves that an open, migrated database is a whole household: pages, references, what is kept as
 * JSON, the lots of every flow. Gives what it holds; throws a sentence where it is damaged.
 */
export async function proveHousehold(db: Knex): Promise<HouseholdSummary> {
  await provePages(db);
  await proveContents(db);
  await proveBook(db);
  return summaryOf(db);
}
