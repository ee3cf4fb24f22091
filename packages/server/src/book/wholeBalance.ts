import { bookBalance, type MassBalance } from '@furrow/core';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';
import { openAsItIs } from '../store/identity.js';
import { FLOW_COLUMNS, asBookFlow } from '../store/unitOfWork.js';

/** What the whole book comes to; its lots and entries are read page by page. */
export type WholeBalance = Omit<MassBalance, 'lots'>;

/**
 * Sums the whole book to the gram. Takes the household's database file: it runs in a thread, for it
 * takes as long as the book is thick.
 */
export async function wholeBalance(file: string): Promise<WholeBalance> {
  const db = openAsItIs(file);
  try {
    const lots = await rowsOf(
      { id: z.string(), kind: z.string() },
      db('lots').where({ removedAt: null }).select('id', 'kind'),
    );
    const flows = await rowsOf(FLOW_COLUMNS, db('flows').select(Object.keys(FLOW_COLUMNS)));
    const { lossG, balanced, problems } = bookBalance({ lots, flows: flows.map(asBookFlow) });
    return { lossG, balanced, problems };
  } finally {
    await db.destroy();
  }
}
