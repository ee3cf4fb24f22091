import { read } from './reading.js';
import { writerText } from './store/writer.js';

/** What was written last, and what came too late to fit. */
export const journalReads = [
  read('/held', async ({ db }) => ({ items: await db('heldCommands').orderBy('recordedAt') })),
  read('/journal', async ({ db }) => {
    const rows = await db('commands').whereNull('undoes').orderBy('sequence', 'desc').limit(30);
    return {
      items: rows.map((r) => ({
        by: writerText(r),
        commandId: r.id,
        kind: r.route,
        sentence: r.sentence,
        occurredAt: r.occurredAt,
        recordedAt: r.recordedAt,
        undoneBy: r.undoneBy,
      })),
    };
  }),
];
