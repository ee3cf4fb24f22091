import { houseSay } from '@furrow/words';
import type { Say } from '@furrow/core';
import { rowOf } from './asked.js';
import {
  WRITES,
  commandSchema,
  type Command,
  type Params,
  type WritePath,
  type WrittenOf,
} from '@furrow/core';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { ServerClock } from '../clock.js';
import { kept } from './kept.js';
import { Problem, asProblem, conflict, refused } from '../problem.js';
import { keptAnswer, readAnswer, type ViewReaders } from './answers.js';
import { refuseIfDamaged } from './damage.js';
import { refuseFarDates } from './farDates.js';
import { fingerprintOf } from './fingerprint.js';
import { UnitOfWork } from './unitOfWork.js';

/**
 * A write as a route offers it. `run` does everything through the unit of work and gives the
 * answer.
 */
export interface Write<Path extends string = string> {
  method: 'post' | 'patch';
  path: Path;
  schema: z.ZodType;
  /** What it answers with: what `run` gives is of this shape. */
  answers: z.ZodObject;
  /** What the journal and the undo button call it. */
  sentence: (payload: never) => string | Say;
  run: (unit: UnitOfWork, payload: never, params: never) => Promise<Record<string, unknown>>;
}

/** What a stage says of one of its commands: its sentence in the journal, and what it does. */
interface Done<Payload, Places, Answer> {
  sentence: (payload: Payload) => string | Say;
  run: (unit: UnitOfWork, payload: Payload, params: Places) => Promise<Answer>;
}

/**
 * Ties a command of the interface to what carries it out: another payload or answer than the one
 * that is told does not compile.
 */
export function write<Path extends WritePath>(
  path: Path,
  done: Done<z.output<(typeof WRITES)[Path]['payload']>, Params<Path>, WrittenOf<Path>>,
): Write<Path> {
  const { method, payload, answers } = WRITES[path];
  return { method, path, schema: payload, answers, ...done };
}

/** The same for a command that comes in its own way, such as a picture with its entry in a header. */
export function ownWrite<Schema extends z.ZodType, Answer extends z.ZodObject>(
  definition: Pick<Write, 'method' | 'path'> & { schema: Schema; answers: Answer } & Done<
      z.output<Schema>,
      Record<string, string>,
      z.output<Answer>
    >,
): Write {
  return definition;
}

/** How far ahead a device's clock may run before its time is refused. */
const CLOCK_AHEAD_MS = 5 * 60_000;
/**
 * A command older than this that no longer fits was written without a connection: it is kept, not
 * dropped.
 */
const LATE_MS = 10 * 60_000;

/** Late entries that did not fit, kept at most: a season without a signal is a tenth of it. */
const HELD_MOST = 500;

/** What is looked up of a command that comes in again. */
const KNOWN_COMMAND = {
  route: z.string(),
  fingerprint: z.string().nullable(),
  response: z.string(),
};

/** What every write is done with. */
export interface Writing {
  db: Knex;
  clock: Pick<ServerClock, 'now'>;
  views: ViewReaders;
}

/**
 * The one path of every write: parse, same id answered from the record, one transaction that
 * changes rows, journals them and checks the book. Gives the answer and whether it was new.
 */
export async function performWrite(
  { db, clock, views }: Writing,
  definition: Write,
  body: unknown,
  params: Record<string, string>,
): Promise<{ answer: Record<string, unknown>; isNew: boolean }> {
  refuseIfDamaged(db);
  const command = commandSchema.parse(body);
  const now = clock.now();
  const route = `${definition.method} ${definition.path}`;
  if (Date.parse(command.occurredAt) > now.getTime() + CLOCK_AHEAD_MS)
    throw refused(houseSay('refusal.this-lies-in-future-clock'), 'occurredAt');
  const parsed = definition.schema.safeParse(command.payload);
  if (!parsed.success) {
    const problem = asProblem(parsed.error);
    throw new Problem(
      problem.status,
      problem.code,
      problem.says,
      problem.path ? `payload.${problem.path}` : 'payload',
    );
  }
  refuseFarDates(parsed.data, now);
  const fingerprint = fingerprintOf(route, params, parsed.data);
  try {
    return await db.transaction(async (trx) => {
      const known = await rowOf(KNOWN_COMMAND, trx('commands').where({ id: command.id }).first());
      if (known) {
        if (known.route !== route || (known.fingerprint && known.fingerprint !== fingerprint))
          throw conflict('id-used', houseSay('refusal.something-else-was-written-under'), 'id');
        return { answer: await readAnswer(trx, known.response, views), isNew: false };
      }
      const unit = new UnitOfWork(trx, command, now.toISOString());
      const answer = await definition.run(unit, parsed.data as never, params as never);
      await unit.checkBook();
      const last = await trx('commands').max('sequence as sequence').first();
      await trx('commands').insert({
        id: command.id,
        sequence: Number(last?.sequence ?? 0) + 1,
        route,
        fingerprint,
        device: command.device,
        deviceAt: command.deviceAt ?? null,
        person: command.person ?? null,
        sentence: kept(definition.sentence(parsed.data as never)),
        occurredAt: command.occurredAt,
        recordedAt: now.toISOString(),
        response: keptAnswer(answer, views),
        undoes: (answer.undoes as string | undefined) ?? null,
        undoneBy: null,
      });
      // What did not fit before fits now: it waits no longer.
      await trx('heldCommands').where({ id: command.id }).delete();
      return { answer, isNew: true };
    });
  } catch (error) {
    const problem = asProblem(error);
    if (problem.status === 409 && now.getTime() - Date.parse(command.occurredAt) > LATE_MS)
      await holdLate(db, route, command, problem, now);
    throw error;
  }
}

async function holdLate(
  db: Knex,
  route: string,
  command: Command,
  problem: Problem,
  now: Date,
): Promise<void> {
  await db('heldCommands')
    .insert({
      id: command.id,
      route,
      command: JSON.stringify(command),
      why: kept(problem.says),
      recordedAt: now.toISOString(),
    })
    .onConflict('id')
    .ignore();
  // The newest stay: no device fills the household's file with what does not fit.
  await db('heldCommands')
    .whereNotIn(
      'id',
      db('heldCommands').orderBy('recordedAt', 'desc').limit(HELD_MOST).select('id'),
    )
    .delete();
}
