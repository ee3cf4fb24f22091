import { z } from 'zod';
import { balance, outRecord } from '../bookViews.js';
import { cutBoardFields, cutPieceRecord, keepingRecord } from '../cutViews.js';
import { text, day, number } from '../vocabulary/fields.js';

/** What the whole book comes to. */
export const bookAnswer = z
  .strictObject({
    lossG: balance.lossG,
    balanced: balance.balanced,
    problems: balance.problems,
  })
  .meta({ id: 'Book' });

/** Everything that lay on the cutting board, without its lines, with what came of it. */
export const cutHistoryAnswer = z.strictObject({
  boards: z.array(z.strictObject({ ...cutBoardFields, hiveName: text, date: day })),
  pieces: z.array(cutPieceRecord),
  outs: z.array(outRecord),
  keepings: z.array(keepingRecord),
  racks: z.array(z.strictObject({ hours: number, temperatureC: number, moisturePercent: number })),
});
export type CutHistory = z.infer<typeof cutHistoryAnswer>;
