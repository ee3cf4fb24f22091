import { createHash } from 'node:crypto';

/** A value with the keys of every object in one order, so that the same content reads the same. */
function inOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inOrder);
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined);
  return Object.fromEntries(
    entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, inOrder(v)]),
  );
}

/** What a command asks, as SHA-256 in hex: its route, its target and its content, whatever the order of keys. */
export const fingerprintOf = (
  route: string,
  params: Readonly<Record<string, string>>,
  payload: unknown,
): string =>
  createHash('sha256')
    .update(JSON.stringify(inOrder([route, params, payload])))
    .digest('hex');
