import { WRITES, type PayloadOf, type WritePath } from '../interface/writes.js';
import type { KeptPath } from './paths.js';

/** What an entry says, read by the schema of its path: every field has its value. */
type Said<Path extends WritePath> = import('zod').output<(typeof WRITES)[Path]['payload']>;

/** An entry that waits on a device, of one path. */
interface EntryOf<Path extends KeptPath> {
  /** The command's id: the house writes it once, however often it is sent. */
  id: string;
  path: Path;
  /** What stands in the place of the path, where it has one. */
  placeId: string | null;
  payload: Said<Path>;
  occurredAt: string;
}
export type WaitingEntry = { [Path in KeptPath]: EntryOf<Path> }[KeptPath];

/**
 * An entry to keep, read by the schema of its path. Throws what the schema refuses (a ZodError),
 * as the house would.
 */
export function waitingEntry<Path extends KeptPath>(
  at: { path: Path; placeId: string | null },
  payload: PayloadOf<Path> | unknown,
  { id, occurredAt }: { id: string; occurredAt: string },
): WaitingEntry {
  const read = WRITES[at.path].payload.parse(payload);
  return { id, ...at, payload: read, occurredAt } as WaitingEntry;
}
