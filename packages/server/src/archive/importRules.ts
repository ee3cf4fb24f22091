import type { Knex } from 'knex';
import type { ArchiveRow } from './unpackArchive.js';

/** House rules of an archive beside those that are here. */
export interface RulesPlan {
  /** What a version of the archive is called here. */
  versionHere: ReadonlyMap<number, number>;
  /** Versions that are not here yet, under the numbers they get here. */
  fresh: ArchiveRow[];
  same: number;
}

interface VersionRow {
  version: number;
  rules: string;
  commandId: string;
}

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
  const here = (await db('ruleVersions').orderBy('version')) as VersionRow[];
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
  const own = (await trx('ruleVersions').where({ version: before }).first()) as VersionRow;
  const last = (await trx('ruleVersions').max('version as n').first()) as { n: number };
  await trx('ruleVersions').insert({ ...own, version: last.n + 1 });
}
