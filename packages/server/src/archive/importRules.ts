import type { Knex } from 'knex';
import type { ArchiveRow } from './unpackArchive.js';
import { z } from 'zod';
import { rowsOf, sumsOf } from '../store/asked.js';

/** House rules of an archive beside those that are here. */
export interface RulesPlan {
  /** What a version of the archive is called here. */
  versionHere: ReadonlyMap<number, number>;
  /** Versions that are not here yet, under the numbers they get here. */
  fresh: ArchiveRow[];
  same: number;
}

const VERSION_ROW = { version: z.number(), rules: z.string(), commandId: z.string() };

/**
 * How the versions of an archive's house rules are told from those here: a bare number means
 * something else in another household, so what is not here already comes in under a number of its
 * own. Null where this household never said a rule: then the archive's take the place of what a
 * database begins with.
 */
export async function planRules(
  db: Knex,
  rows: readonly ArchiveRow[] | null,
): Promise<RulesPlan | null> {
  const here = await rowsOf(VERSION_ROW, db('ruleVersions').orderBy('version'));
  const neverSaid = here.every((own) => own.commandId === 'first-run');
  if (!rows || neverSaid) return null;
  let last = Math.max(...here.map((own) => own.version));
  const versionHere = new Map<number, number>();
  const fresh: ArchiveRow[] = [];
  for (const row of [...rows].sort((a, b) => Number(a.values.version) - Number(b.values.version))) {
    const own = here.find(
      (h) => h.commandId === row.values.commandId && h.rules === row.values.rules,
    );
    const version = own?.version ?? ++last;
    versionHere.set(Number(row.values.version), version);
    if (!own) fresh.push({ ...row, values: { ...row.values, version } });
  }
  return { versionHere, fresh, same: rows.length - fresh.length };
}

/** Rows that name a version of the rules, with the number it has here. */
export function repointed(rows: ArchiveRow[], plan: RulesPlan | null): ArchiveRow[] {
  if (!plan) return rows;
  return rows.map((row) => {
    const here = plan.versionHere.get(Number(row.values.rulesVersion));
    return here === undefined ? row : { ...row, values: { ...row.values, rulesVersion: here } };
  });
}

/**
 * The rules that were in force here are in force again, as the newest version: what came in is
 * history.
 */
export async function keepOwnRules(trx: Knex.Transaction, before: number): Promise<void> {
  const own = await sumsOf(VERSION_ROW, trx('ruleVersions').where({ version: before }).first());
  const last = await sumsOf({ n: z.number() }, trx('ruleVersions').max('version as n').first());
  await trx('ruleVersions').insert({ ...own, version: last.n + 1 });
}
