import { houseSay } from '@furrow/words';
import { fromKept } from '../store/kept.js';
import { codeOf } from '../store/thrown.js';
import { rmSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { bookBalance, type ImportPreview, firstOf, saidOf, type Say } from '@furrow/core';
import type { Knex } from 'knex';
import { breathe } from '../breathe.js';
import { writeSynced } from '../store/writeSynced.js';
import { Problem, asProblem, conflict, refused } from '../problem.js';
import { FLOW_COLUMNS, asBookFlow } from '../store/unitOfWork.js';
import { keepOwnRules, planRules, repointed } from './importRules.js';
import type { Archive } from './openArchive.js';
import { archiveTables, type Table } from './tables.js';
import type { ArchiveRow, Cell } from './unpackArchive.js';
import { z } from 'zod';
import { rowOf, rowsOf, sumsOf } from '../store/asked.js';

export type ConflictChoice = 'mine' | 'theirs';
type OnShare = (share: number) => void;

const CHUNK = 200;
/** Written anew by every database, so that a row that differs only there is the same row. */
const OWN_TIME = new Set(['recordedAt']);
/** Numbered by the database: what comes in is numbered on from what is here. */
const NUMBERED: Record<string, string> = { commands: 'sequence', journal: 'sequence' };
/** What a row is called where two say different things. */
const NAMES = ['name', 'code', 'sentence', 'date', 'reason'];

function sameValue(a: unknown, b: Cell): boolean {
  if (a === null || a === undefined) return b === null;
  if (typeof b === 'number') return Number(a) === b;
  return (typeof a === 'string' ? a : JSON.stringify(a)) === b;
}

interface Sorted {
  fresh: ArchiveRow[];
  changed: ArchiveRow[];
  conflicts: ArchiveRow[];
  same: number;
  older: number;
}

const NOTHING_SORTED: Sorted = { fresh: [], changed: [], conflicts: [], same: 0, older: 0 };

/** Each row with the one that stands under its key here, asked for a few at a time. */
async function besideHere(
  db: Knex,
  table: Table,
  rows: readonly ArchiveRow[],
): Promise<[ArchiveRow, Record<string, unknown> | undefined][]> {
  const pairs: [ArchiveRow, Record<string, unknown> | undefined][] = [];
  for (let i = 0; i < rows.length; i += CHUNK) {
    const part = rows.slice(i, i + CHUNK);
    const keys = part.map((row) => row.values[table.key] ?? null);
    const found: Record<string, unknown>[] = await db(table.name).whereIn(table.key, keys);
    const here = new Map(found.map((r) => [String(r[table.key]), r]));
    for (const row of part) pairs.push([row, here.get(String(row.values[table.key]))]);
    await breathe();
  }
  return pairs;
}

/** A table's rows against those that are here, by key; journal lines go with their command. */
async function sortRows(
  db: Knex,
  table: Table,
  rows: readonly ArchiveRow[],
  newCommands: ReadonlySet<string>,
): Promise<Sorted> {
  const sorted: Sorted = { fresh: [], changed: [], conflicts: [], same: 0, older: 0 };
  if (table.name === 'journal') {
    for (const row of rows)
      if (newCommands.has(row.values.commandId as string)) sorted.fresh.push(row);
      else sorted.same++;
    return sorted;
  }
  for (const [row, mine] of await besideHere(db, table, rows)) {
    if (!mine) {
      sorted.fresh.push(row);
      continue;
    }
    const differs = table.columns.some(
      (c) =>
        !OWN_TIME.has(c.name) &&
        c.name !== 'revision' &&
        NUMBERED[table.name] !== c.name &&
        !sameValue(mine[c.name], row.values[c.name] ?? null),
    );
    if (!differs) sorted.same++;
    // The house rules a database begins with are nobody's choice: those of the archive take their
    // place.
    else if (table.name === 'ruleVersions' && mine.commandId === 'first-run')
      sorted.changed.push(row);
    else if (!table.kept || mine.revision === row.values.revision) sorted.conflicts.push(row);
    else if (Number(row.values.revision) > Number(mine.revision)) sorted.changed.push(row);
    else sorted.older++;
  }
  return sorted;
}

async function sortAll(
  db: Knex,
  archive: Archive,
  onShare: OnShare,
): Promise<{ table: Table; sorted: Sorted }[]> {
  const tables = await archiveTables(db);
  const named = (name: string): Table => firstOf(tables, (t) => t.name === name);
  const commands = await besideHere(
    db,
    named('commands'),
    (await archive.rows(named('commands'))) ?? [],
  );
  const newCommands = new Set(
    commands.filter(([, mine]) => !mine).map(([row]) => String(row.values.id)),
  );
  const all: { table: Table; sorted: Sorted }[] = [];
  const rules = await planRules(db, await archive.rows(named('ruleVersions')));
  for (const [i, table] of tables.entries()) {
    const rows = await archive.rows(table);
    if (rows) {
      const sorted =
        rules && table.name === 'ruleVersions'
          ? { ...NOTHING_SORTED, fresh: rules.fresh, same: rules.same }
          : await sortRows(db, table, repointed(rows, rules), newCommands);
      all.push({ table, sorted });
    }
    onShare((i + 1) / tables.length);
    await breathe();
  }
  return all;
}

/**
 * Rows about which the person says whose stands: what both changed, and whose house rules are in
 * force.
 */
function asking(table: Table, sorted: Sorted, most = 20): ArchiveRow[] {
  const ownRulesStand = table.name === 'ruleVersions' && !sorted.changed.length;
  const rows = ownRulesStand ? sorted.fresh.slice(-1) : sorted.conflicts;
  return rows.slice(0, most);
}

/**
 * What an archive would do here, without doing it.
 *
 * @throws The sentence of the first row that cannot be read.
 */
export async function previewImport(
  db: Knex,
  archive: Archive,
  onShare: OnShare = () => {},
): Promise<ImportPreview> {
  const all = await sortAll(db, archive, onShare);
  const nameOf = (row: ArchiveRow): string | Say => {
    const key = NAMES.find((n) => row.values[n]);
    return key
      ? `“${String(row.values[key]).slice(0, 60)}”`
      : houseSay('refusal.row', { line: row.line });
  };
  return {
    created: archive.created,
    tables: all.map(({ table, sorted }) => ({
      table: table.name,
      new: sorted.fresh.length,
      same: sorted.same,
      changed: sorted.changed.length,
      older: sorted.older,
      conflicts: asking(table, sorted, Infinity).length,
    })),
    photos: archive.photos.length,
    conflicts: all
      .flatMap(({ table, sorted }) =>
        asking(table, sorted).map((row) => ({
          table: table.name,
          id: String(row.values[table.key]),
          sentence: houseSay('refusal.changed-both', { table: table.name, row: nameOf(row) }),
        })),
      )
      .slice(0, 60),
  };
}

/**
 * Takes an archive in: all of it or nothing. New rows are added, newer ones replace, older ones are
 * left; where both changed, `choice` says whose stands. References and the book are checked before
 * anything stays. Pictures are written first: they carry their content as their name and harm
 * nobody alone.
 */
export async function applyImport(
  db: Knex,
  archive: Archive,
  photoFolder: string,
  choice: ConflictChoice,
  onShare: OnShare = () => {},
): Promise<ImportPreview> {
  const preview = await previewImport(db, archive, (s) => onShare(s * 0.3));
  const written: string[] = [];
  try {
    for (const sha256 of archive.photos) {
      const name = `${sha256}.jpg`;
      const isNew = writeSynced(photoFolder, name, await readFile(archive.photo(sha256)));
      if (isNew) written.push(name);
      await breathe();
    }
    await writeRows(db, archive, choice, onShare);
  } catch (error) {
    // All or nothing: pictures of rows that did not come in go again.
    for (const name of written) rmSync(join(photoFolder, name), { force: true });
    throw error;
  }
  onShare(1);
  return preview;
}

/** The rows of an archive in one transaction, with the checks that let it stand. */
async function writeRows(
  db: Knex,
  archive: Archive,
  choice: ConflictChoice,
  onShare: OnShare,
): Promise<void> {
  await db.transaction(async (trx) => {
    const rulesBefore = await rowOf(
      { version: z.number(), commandId: z.string() },
      trx('ruleVersions').orderBy('version', 'desc').first(),
    );
    const all = await sortAll(trx, archive, (s) => onShare(0.3 + s * 0.2));
    const total = all.reduce((n, { sorted }) => n + sorted.fresh.length + sorted.changed.length, 1);
    let done = 0;
    for (const { table, sorted } of all) {
      const numbered = NUMBERED[table.name];
      let next = numbered
        ? Number(
            (
              await sumsOf(
                { n: z.number().nullable() },
                trx(table.name).max(`${numbered} as n`).first(),
              )
            ).n ?? 0,
          )
        : 0;
      const rows = numbered
        ? [...sorted.fresh].sort((a, b) => Number(a.values[numbered]) - Number(b.values[numbered]))
        : byReference(table, sorted.fresh);
      for (let i = 0; i < rows.length; i += CHUNK) {
        const part = rows
          .slice(i, i + CHUNK)
          .map((r) => ({ ...r.values, ...(numbered ? { [numbered]: ++next } : {}) }));
        try {
          await trx(table.name).insert(part);
        } catch (error) {
          throw await namedRow(trx, table, part, rows.slice(i, i + CHUNK), error);
        }
        done += part.length;
        onShare(0.5 + (done / total) * 0.45);
        await breathe();
      }
      for (const row of [...sorted.changed, ...(choice === 'theirs' ? sorted.conflicts : [])]) {
        const { [table.key]: id, ...values } = row.values;
        if (numbered) delete values[numbered];
        if (table.name === 'flows')
          throw conflict(
            'flow-differs',
            houseSay('refusal.row-flows-csv-says-something', { line: row.line }),
            'archive',
          );
        await trx(table.name)
          .where({ [table.key]: id })
          .update(values);
        done++;
      }
    }
    const newRules = all.find(({ table }) => table.name === 'ruleVersions')?.sorted.fresh.length;
    if (newRules && choice === 'mine' && rulesBefore && rulesBefore.commandId !== 'first-run')
      await keepOwnRules(trx, rulesBefore.version);
    await checkWhole(trx);
  });
}

/** Rows of a table that refer to rows of the same table come after them. */
function byReference(table: Table, rows: readonly ArchiveRow[]): ArchiveRow[] {
  const own = table.foreign.find((f) => f.table === table.name);
  return own
    ? [...rows].sort(
        (a, b) => Number(a.values[own.column] !== null) - Number(b.values[own.column] !== null),
      )
    : [...rows];
}

/** The sentence of the very row that could not be written. */
async function namedRow(
  trx: Knex.Transaction,
  table: Table,
  part: Record<string, Cell>[],
  rows: readonly ArchiveRow[],
  error: unknown,
): Promise<Error> {
  const code = codeOf(error);
  for (const [i, values] of part.entries()) {
    try {
      await trx(table.name).insert(values);
    } catch (why) {
      const of = codeOf(why);
      const row = houseSay('refusal.row-of', {
        line: rows[i]?.line ?? '?',
        file: `${table.resource}.csv`,
      });
      if (of === 'SQLITE_CONSTRAINT_UNIQUE')
        return conflict(
          'place-taken',
          houseSay('refusal.does-not-fit-beside-what', { row }),
          'archive',
        );
      if (of === 'SQLITE_CONSTRAINT_FOREIGNKEY')
        return refused(houseSay('refusal.refers-to-something-that-neither', { row }), 'archive');
      return refused(houseSay('refusal.cannot-be-written-nothing-was', { row }), 'archive');
    }
  }
  return code?.startsWith('SQLITE_CONSTRAINT')
    ? refused(
        houseSay('refusal.csv-does-not-fit-together', { resource: table.resource }),
        'archive',
      )
    : asProblem(error);
}

async function checkWhole(trx: Knex.Transaction): Promise<void> {
  const lots = await rowsOf(
    { id: z.string(), kind: z.string(), name: z.string() },
    trx('lots').where({ removedAt: null }).select('id', 'kind', 'name'),
  );
  const flows = (await rowsOf(FLOW_COLUMNS, trx('flows'))).map(asBookFlow);
  let problem: { lot: string } | undefined;
  try {
    problem = bookBalance({ lots: lots.map(({ id, kind }) => ({ id, kind })), flows }).problems[0];
  } catch (error) {
    throw new Problem(
      400,
      'bad-book',
      houseSay('refusal.book-in-it-does-not', { error: saidOf(error) }),
      'archive',
    );
  }
  if (!problem) return;
  const drawn = lots.find((l) => l.id === problem.lot);
  throw new Problem(
    409,
    'overdrawn',
    houseSay('refusal.with-this-book-would-not', {
      lot: drawn ? fromKept(drawn.name) : problem.lot,
    }),
    'archive',
  );
}
