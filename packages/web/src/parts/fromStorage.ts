import type { z } from 'zod';

/** What this browser keeps under a name; null where it keeps nothing, or something else. */
export function fromStorage<Schema extends z.ZodType>(
  name: string,
  schema: Schema,
): z.output<Schema> | null {
  try {
    return schema.safeParse(JSON.parse(localStorage.getItem(name) ?? 'null')).data ?? null;
  } catch {
    return null;
  }
}
