import { read } from '../reading.js';
import { archiveTables } from './tables.js';
import { z } from 'zod';
import { sumsOf } from '../store/asked.js';

/** The tables of the household, and how many rows each has. */
export const tableReads = [
  read('/tables', async ({ db }) => {
    const items = [];
    for (const { name } of await archiveTables(db)) {
      const counted = await sumsOf({ n: z.number() }, db(name).count('* as n').first());
      items.push({ name, rows: Number(counted.n) });
    }
    return { items };
  }),
];
