import { houseSay } from '@furrow/words';
import { rowsOf } from './asked.js';
import { z } from 'zod';
import { conflict } from '../problem.js';
import type { UnitOfWork } from './unitOfWork.js';
import { writtenRows } from './writtenRows.js';

/** Two who read one scale write within so long of each other, and of the same weight by so much. */
const TOGETHER_MS = 3 * 60_000;
const NEAR_G = 20;
const NEAR_SHARE = 0.02;

const WRITTEN = {
  g: z.number(),
  occurredAt: z.string(),
  device: z.string(),
  person: z.string().nullable(),
};

const isNear = (a: number, b: number): boolean =>
  Math.abs(a - b) <= Math.max(NEAR_G, NEAR_SHARE * Math.max(a, b));

/**
 * The same weight of the same thing, written by two devices at once, is asked about instead of
 * counted twice. Takes the table, what is the same thing there, the column of its grams and the
 * grams.
 *
 * @throws `written-just-now` unless it was said that it is another one.
 */
export async function askIfWrittenByAnother(
  unit: UnitOfWork,
  table: 'weighings' | 'drainEvents',
  same: Record<string, string>,
  column: string,
  g: number,
): Promise<void> {
  if (unit.command.again) return;
  const at = Date.parse(unit.at);
  const query = writtenRows(unit.db, table)
    .whereNotNull(`${table}.${column}`)
    .where(Object.fromEntries(Object.entries(same).map(([key, v]) => [`${table}.${key}`, v])))
    .where(`${table}.occurredAt`, '>=', new Date(at - TOGETHER_MS).toISOString())
    .where(`${table}.occurredAt`, '<=', new Date(at + TOGETHER_MS).toISOString())
    .select({ g: `${table}.${column}`, occurredAt: `${table}.occurredAt` })
    .select('commands.device as device', 'commands.person as person');
  const written = await rowsOf(WRITTEN, query);
  const { device, person } = unit.command;
  const other = written.find(
    (w) => isNear(w.g, g) && (w.device !== device || (w.person ?? undefined) !== person),
  );
  if (!other) return;
  const who = other.person
    ? houseSay('refusal.somebody-at', { person: other.person, device: other.device })
    : houseSay('refusal.another-screen');
  throw conflict(
    'written-just-now',
    houseSay('refusal.wrote-this-just-now-yours', { who, g: { massG: other.g, as: 'read' } }),
  );
}
