import type { Knex } from 'knex';
import { hiveView } from './hiveViews.js';
import { batchDetail, batchView } from './views.js';

/** What a write answers is kept for its repetition: whole views only as the id they are read by again, so that the record stays small. */
export const VIEWS: Record<string, (db: Knex, id: string) => Promise<unknown>> = {
  detail: batchDetail,
  batch: batchView,
  hive: hiveView,
};
const MARK = '$read';

const idOf = (key: string, value: unknown): string | null => {
  const thing = value as { id?: string; batch?: { id: string } } | null;
  return (key === 'detail' ? thing?.batch?.id : thing?.id) ?? null;
};

/** The answer as it is kept. */
export function keptAnswer(answer: Record<string, unknown>): string {
  return JSON.stringify(
    Object.fromEntries(
      Object.entries(answer).map(([key, value]) => {
        const id = key in VIEWS ? idOf(key, value) : null;
        return [key, id ? { [MARK]: id } : value];
      }),
    ),
  );
}

/** A kept answer for a repeated command: what it wrote, seen as it stands now. Answers of an older Furrow are whole already. */
export async function readAnswer(db: Knex, text: string): Promise<Record<string, unknown>> {
  const kept = JSON.parse(text) as Record<string, unknown>;
  for (const [key, value] of Object.entries(kept)) {
    const id = (value as { [MARK]?: string } | null)?.[MARK];
    if (id && key in VIEWS) kept[key] = await VIEWS[key](db, id).catch(() => null);
  }
  return kept;
}
