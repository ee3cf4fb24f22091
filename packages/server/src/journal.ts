import { rowsOf } from './store/asked.js';
import { z } from 'zod';
import { fromKept } from './store/kept.js';
import { read } from './reading.js';
import { writerText } from './store/writer.js';

const text = z.string();
const COMMAND = {
  id: text,
  route: text,
  person: text.nullable(),
  device: text,
  deviceAt: text.nullable(),
  sentence: text,
  occurredAt: text,
  recordedAt: text,
  undoneBy: text.nullable(),
};

const HELD = { id: text, route: text, command: text, why: text, recordedAt: text };

/** What was written last, and what came too late to fit. */
export const journalReads = [
  read('/held', async ({ db }) => {
    const rows = await rowsOf(HELD, db('heldCommands').orderBy('recordedAt'));
    return { items: rows.map((row) => ({ ...row, why: fromKept(row.why) })) };
  }),
  read('/journal', async ({ db }) => {
    const rows = await rowsOf(
      COMMAND,
      db('commands').whereNull('undoes').orderBy('sequence', 'desc').limit(30),
    );
    return {
      items: rows.map((r) => ({
        by: writerText(r),
        commandId: r.id,
        kind: r.route,
        sentence: fromKept(r.sentence),
        occurredAt: r.occurredAt,
        recordedAt: r.recordedAt,
        undoneBy: r.undoneBy,
      })),
    };
  }),
];
