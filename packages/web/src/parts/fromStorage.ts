/**
 * What this browser keeps under a name; null where it keeps nothing, or something else. Takes what
 * it has to look like.
 */
export function fromStorage<Kept>(
  name: string,
  isSuch: (value: unknown) => value is Kept,
): Kept | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(name) ?? 'null');
    return isSuch(kept) ? kept : null;
  } catch {
    return null;
  }
}

/** Whether it is an object with named things in it, whatever they are. */
export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
