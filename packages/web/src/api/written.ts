import { refusalOf, waitingEntry, type KeptPath, type WaitingEntry } from '@furrow/core';
import { ZodError } from 'zod';
import { said } from '../words/units.js';
import { Refused } from './client.js';

/**
 * What shows an entry as the house will write it, and reads it by its schema: it judges, and so
 * weighs a good part of the application. It comes when something waits, or when nobody waits for
 * anything else.
 */
export {
  batchesWith,
  harvestWith,
  hivesWith,
  jarsWith,
  ticksWith,
  waitingEntry,
} from '@furrow/core';

/** An entry read by the schema of its path. Throws a refusal as the house would say it. */
export function entryRead(
  at: { path: KeptPath; placeId: string | null },
  payload: unknown,
  told: { id: string; occurredAt: string },
): WaitingEntry {
  try {
    return waitingEntry(at, payload, told);
  } catch (error) {
    throw refusedBy(error);
  }
}

/** What a schema would not have, as the house would refuse it. */
function refusedBy(error: unknown): unknown {
  if (!(error instanceof ZodError)) return error;
  const [issue] = error.issues;
  const why = said(refusalOf(issue.message));
  return new Refused(400, 'bad-input', why, ['payload', ...issue.path].join('.'));
}
