import type { Knex } from 'knex';
/** How a view that a write answered with is read by its id, under the name it has in the answer. */
export type ViewReaders = Readonly<Record<string, (db: Knex, id: string) => Promise<unknown>>>;

const MARK = '$read';

const idOf = (key: string, value: unknown): string | null => {
  const thing = value as { id?: string; batch?: { id: string } } | null;
  return (key === 'detail' ? thing?.batch?.id : thing?.id) ?? null;
};

/**
 * The answer as it is kept for its repetition: whole views only as the id they are read by again,
 * so that the record stays small.
 */
export function keptAnswer(answer: Record<string, unknown>, views: ViewReaders): string {
  return JSON.stringify(
    Object.fromEntries(
      Object.entries(answer).map(([key, value]) => {
        const id = key in views ? idOf(key, value) : null;
        return [key, id ? { [MARK]: id } : value];
      }),
    ),
  );
}

/**
 * A kept answer for a repeated command: what it wrote, seen as it stands now. Answers of an older
 * Furrow are whole already.
 */
export async function readAnswer(
  db: Knex,
  text: string,
  views: ViewReaders,
): Promise<Record<string, unknown>> {
  const kept = JSON.parse(text) as Record<string, unknown>;
  for (const [key, value] of Object.entries(kept)) {
    const id = (value as { [MARK]?: string } | null)?.[MARK];
    if (id && key in views) kept[key] = await views[key](db, id).catch(() => null);
  }
  return kept;
}
