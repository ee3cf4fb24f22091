import type { Knex } from 'knex';
import { closeDatabase, openDatabase } from './database.js';

/** A database that can be closed, swapped and opened again under everybody who holds it. */
export interface Reopenable {
  db: Knex;
  /** True while the file is being swapped: requests are told to wait. */
  swapping: () => boolean;
  /** Closes the file, lets `swap` put another in its place, and opens what is there then. */
  swap: (swap: () => void | Promise<void>) => Promise<void>;
}

/** Opens a database file behind a stand-in that always speaks to the connection of now. */
export async function openReopenable(filename: string): Promise<Reopenable> {
  let current = await openDatabase(filename);
  let busy = false;
  const db = new Proxy((() => undefined) as unknown as Knex, {
    apply: (_target, _self, args: unknown[]) =>
      (current as unknown as (...a: unknown[]) => unknown)(...args),
    get: (_target, key) => {
      const value = Reflect.get(current, key) as unknown;
      return typeof value === 'function'
        ? (value as (...a: unknown[]) => unknown).bind(current)
        : value;
    },
  });
  return {
    db,
    swapping: () => busy,
    swap: async (swap) => {
      busy = true;
      try {
        await closeDatabase(current);
        try {
          await swap();
        } finally {
          current = await openDatabase(filename);
        }
      } finally {
        busy = false;
      }
    },
  };
}
