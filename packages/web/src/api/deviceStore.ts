import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { readonly, ref } from 'vue';
import type { OutboxEntry } from './outboxEntry.js';

interface Shape extends DBSchema {
  /** What was written here and not yet in the house, in its order. */
  outbox: { key: number; value: OutboxEntry };
  /** What was read of the house, for a page that begins out of its reach. */
  kept: { key: string; value: unknown };
}

const keeps = ref(true);
/**
 * Whether this browser keeps anything over a page that is closed. Where it does not (a private
 * window, a disk that is full), what waits stands in the page alone, and that is said.
 */
export const browserKeeps = readonly(keeps);

// Where a browser has no such store at all, asking for it throws.
const openStore = async (): Promise<IDBPDatabase<Shape>> =>
  openDB<Shape>('furrow', 1, {
    upgrade: (db) => {
      db.createObjectStore('outbox', { keyPath: 'sequence' });
      db.createObjectStore('kept');
    },
    terminated: () => (opened = null),
  });

let opened: Promise<IDBPDatabase<Shape> | null> | null = null;
function open(): Promise<IDBPDatabase<Shape> | null> {
  opened ??= openStore().catch(() => {
    keeps.value = false;
    return null;
  });
  return opened;
}

/** Does something with what is kept; null where the browser keeps nothing, or could not. */
async function trying<Answer>(
  act: (db: IDBPDatabase<Shape>) => Promise<Answer>,
): Promise<Answer | null> {
  const db = await open();
  if (!db) return null;
  try {
    const answer = await act(db);
    keeps.value = true;
    return answer;
  } catch {
    keeps.value = false;
    return null;
  }
}

/** A page may be left at once: what was put down is closed without another word from it. */
async function putDown(db: IDBPDatabase<Shape>, entry: OutboxEntry): Promise<void> {
  const transaction = db.transaction('outbox', 'readwrite');
  const put = transaction.store.put(entry);
  transaction.commit();
  await Promise.all([put, transaction.done]);
}

export const deviceStore = {
  entries: async (): Promise<OutboxEntry[]> => (await trying((db) => db.getAll('outbox'))) ?? [],
  put: (entry: OutboxEntry): Promise<unknown> => trying((db) => putDown(db, entry)),
  drop: (sequence: number): Promise<unknown> => trying((db) => db.delete('outbox', sequence)),
  read: (key: string): Promise<unknown> => trying((db) => db.get('kept', key)),
  write: (key: string, value: unknown): Promise<unknown> =>
    trying((db) => db.put('kept', value, key)),
  forget: (key: string): Promise<unknown> => trying((db) => db.delete('kept', key)),
};
