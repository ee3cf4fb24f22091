import type { Knex } from 'knex';
import { kept } from './kept.js';

/** Rules of the first judgement in the words of the one engine's questions. */
const QUESTION_OF: Record<string, string> = {
  capped: 'ripe',
  moisture: 'ripe',
  honey: 'enough',
  pots: 'ripe',
  winter: 'theirs',
  'first-season': 'season',
};

/** Questions to which 'no' is the good answer. */
const GOOD_IS_NO = ['dead', 'treated', 'syrup', 'brood', 'theirs'];

interface OldReason {
  rule: string;
  fits: boolean | null;
  sentence: string;
  measured?: number;
  limit?: number;
  unit?: string;
}

function answerOf(question: string, fits: boolean | null): 'yes' | 'no' | 'unknown' {
  if (fits === null) return 'unknown';
  return fits === GOOD_IS_NO.includes(question) ? 'no' : 'yes';
}

/**
 * A verdict as it was written down before findings: its reasons are kept word for word, none
 * decides anything again.
 */
export function asFindings(verdict: Record<string, unknown>): Record<string, unknown> {
  const { reasons, decidedBy, ...rest } = verdict;
  if (!Array.isArray(reasons)) return verdict;
  const question = (rule: string): string => QUESTION_OF[rule] ?? rule;
  return {
    ...rest,
    decidedBy: question(decidedBy as string),
    findings: (reasons as OldReason[]).map(({ rule, fits, ...said }) => ({
      ...said,
      question: question(rule),
      answer: answerOf(question(rule), fits),
      weight: 'notes',
      rule,
      restsOn: [],
    })),
  };
}

/**
 * Facts that the one judgement needs of a site and a lot; holds; verdicts in the words of its
 * questions.
 */
export async function up(knex: Knex): Promise<void> {
  for (const sql of [
    'ALTER TABLE sites ADD COLUMN latitude REAL',
    'ALTER TABLE sites ADD COLUMN longitude REAL',
    'ALTER TABLE sites ADD COLUMN poisonousNectar TEXT',
    'ALTER TABLE lots ADD COLUMN granulating INTEGER NOT NULL DEFAULT 0',
  ])
    await knex.raw(sql);
  await kept(knex, 'holds', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('cause').notNullable();
    t.text('sentence').notNullable();
    t.text('onDate').notNullable();
    t.text('liftedOn');
    t.text('liftedWord');
  });
  await knex.raw('CREATE INDEX holdsOfBatch ON holds(batchId) WHERE removedAt IS NULL');
  await knex.raw('CREATE INDEX takesOfComb ON takes(combId, occurredAt)');
  const looks: { id: string; verdict: string }[] = await knex('looks').select('id', 'verdict');
  for (const { id, verdict } of looks)
    await knex('looks')
      .where({ id })
      .update({ verdict: JSON.stringify(asFindings(JSON.parse(verdict))) });
}

/** Verdicts stay in the words of the questions: nothing older reads them again. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw('DROP INDEX takesOfComb');
  await knex.schema.dropTable('holds');
  await knex.raw('ALTER TABLE lots DROP COLUMN granulating');
  for (const column of ['poisonousNectar', 'longitude', 'latitude'])
    await knex.raw(`ALTER TABLE sites DROP COLUMN ${column}`);
}
