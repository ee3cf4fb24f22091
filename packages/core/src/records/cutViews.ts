import { z } from 'zod';
import { sayRecord } from '../say/sayRecord.js';
import { SPOILT_CAUSES, PIECE_STATES, KEEPING_KINDS } from './vocabulary/cut.js';
import { row, id, number, instant, revision, grams, text } from './vocabulary/fields.js';
import { FLAW_KINDS } from './vocabulary/flaws.js';
import { BLEMISHES, GRADES, PACKINGS, PESTS } from './vocabulary/pieces.js';

/** What is read of combs under the knife, their pieces, and comb that is kept. */
export const cutBoardFields = {
  ...row,
  id,
  batchId: id,
  combId: id,
  widthMm: number,
  heightMm: number,
  thicknessMm: number,
  flaws: z.array(
    z.strictObject({
      kind: z.enum(FLAW_KINDS),
      xMm: number,
      yMm: number,
      widthMm: number,
      heightMm: number,
      thicknessMm: number.optional(),
    }),
  ),
  seen: z.enum(['both', 'one', 'none']),
  sheetSeasons: number.nullable(),
  cuts: z.array(z.strictObject({ x1Mm: number, y1Mm: number, x2Mm: number, y2Mm: number })),
  cutsDone: number,
  value: number.nullable(),
  provenOptimal: z.boolean(),
  possiblePieces: number.nullable(),
  spoilt: z.enum(SPOILT_CAUSES).nullable(),
  doneAt: instant.nullable(),
  revision,
};

export const cutBoardRecord = z.strictObject(cutBoardFields).meta({ id: 'CutBoard' });
/** A comb under the knife: its flaws and the plan. */
export type CutBoard = z.infer<typeof cutBoardRecord>;

export const cutPieceRecord = z
  .strictObject({
    ...row,
    id,
    boardId: id,
    batchId: id,
    jarKindId: id,
    xMm: number,
    yMm: number,
    widthMm: number,
    heightMm: number,
    lowG: number,
    midG: number,
    highG: number,
    bestSide: z.enum(['A', 'B']).nullable(),
    state: z.enum(PIECE_STATES),
    blemishes: z.array(z.enum(BLEMISHES)),
    netG: grams.nullable(),
    grade: z.enum(GRADES).nullable(),
    price: number.nullable(),
    reason: sayRecord.nullable(),
    lotId: id.nullable(),
    revision,
  })
  .meta({ id: 'CutPiece' });
export type CutPiece = z.infer<typeof cutPieceRecord>;

export const keepingRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    kind: z.enum(KEEPING_KINDS),
    order: z.enum(['whole', 'pieces']),
    pieces: number,
    thicknessMm: number,
    packing: z.enum(PACKINGS),
    widthMm: number.nullable(),
    heightMm: number.nullable(),
    apart: z.boolean(),
    litres: number,
    pest: z.enum(PESTS),
    freezerC: number.nullable(),
    roomC: number,
    moisturePercent: number,
    humidityPercent: number.nullable(),
    startedAt: instant,
    dueAt: instant,
    endedAt: instant.nullable(),
    cracked: number,
    note: text,
    revision,
  })
  .meta({ id: 'Keeping' });
/** Comb on a rack, in the freezer or thawing, with the instant it is ready by the slow edge. */
export type Keeping = z.infer<typeof keepingRecord>;
