import { houseSay } from '@furrow/words';
import type { Request } from 'express';
import type { Knex } from 'knex';
import type { Writer } from '../events.js';
import { Problem } from '../problem.js';
import { callerOf, deviceOf } from './visitor.js';
import { z } from 'zod';
import { rowOf } from '../store/asked.js';

/**
 * A command as its device signs it: under the name and the person it was let in with, whatever it
 * says itself.
 */
export function signed(request: Request, command: unknown): unknown {
  const device = deviceOf(request);
  if (!device || !command || typeof command !== 'object') return command;
  return { ...command, device: device.name, person: device.person };
}

/** Who asks, as others are told of it: the table has no name. */
export const whoIs = (request: Request): Writer =>
  whoWrites(request) ?? { caller: callerOf(request), says: null };

/** Who writes, as others are told; null at the table. */
export function whoWrites(request: Request): Writer | null {
  const device = deviceOf(request);
  return device && { caller: device.id, says: `${device.person}, ${device.name}` };
}

/**
 * A helper takes back what it wrote itself, nothing else.
 *
 * @throws `not-for-helpers`.
 */
export async function refuseOthersUndo(db: Knex, request: Request): Promise<void> {
  const device = deviceOf(request);
  if (device?.kind !== 'helper' || !request.path.endsWith('/undo')) return;
  const { payload } = (request.body ?? {}) as { payload?: { commandId?: unknown } };
  const command = await rowOf(
    { device: z.string(), person: z.string().nullable() },
    db('commands')
      .where({ id: String(payload?.commandId) })
      .first('device', 'person'),
  );
  if (command && command.device === device.name && command.person === device.person) return;
  throw new Problem(403, 'not-for-helpers', houseSay('refusal.this-was-written-by-another'));
}
