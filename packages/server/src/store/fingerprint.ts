import { createHash } from 'node:crypto';

/** Ids that a form makes anew at every try: they name the entry, they are not what it says. */
const NAMED_BY_CLIENT = new Set(['id', 'batchId', 'visitId', 'cappedBatchId', 'openBatchId']);

/**
 * A value with the keys of every object in one order and without the ids a client made for it, so
 * that the same content reads the same.
 */
function inOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inOrder);
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).filter(
    ([key, v]) => v !== undefined && !NAMED_BY_CLIENT.has(key),
  );
  return Object.fromEntries(
    entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, inOrder(v)]),
  );
}

/**
 * What a command asks, as SHA-256 in hex: its route, its target and its content, whatever the order
 * of keys and the ids it was given.
 */
export const fingerprintOf = (
  route: string,
  params: Readonly<Record<string, string>>,
  payload: unknown,
): string =>
  createHash('sha256')
    .update(JSON.stringify([route, params, inOrder(payload)]))
    .digest('hex');
