import { z } from 'zod';
import { atMost, celsius, litres, millimetres, percent, whole } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { BLEMISHES, GRADES, PACKINGS, PESTS } from './vocabulary/pieces.js';
import { FLAW_KINDS } from './vocabulary/flaws.js';
import { gramsSchema, idSchema, noteSchema } from './common.js';
import { SPOILT_CAUSES, PIECE_STATES } from './vocabulary/cut.js';

const mm = (high: number) => millimetres(0, high);
const flawSchema = z
  .strictObject({
    kind: z.enum(FLAW_KINDS),
    xMm: millimetres(-1000, 2000),
    yMm: millimetres(-1000, 2000),
    widthMm: mm(2000),
    heightMm: mm(2000),
    thicknessMm: millimetres(8, 80).optional(),
  })
  .refine((f) => f.kind !== 'thickness' || f.thicknessMm !== undefined, {
    message: refuses('field.how-thick'),
    path: ['thicknessMm'],
  });
const cutSchema = z.strictObject({
  x1Mm: z.number(),
  y1Mm: z.number(),
  x2Mm: z.number(),
  y2Mm: z.number(),
});

/** A comb laid on the board: what its reading says of it. */
export const newCutBoardSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  combId: idSchema,
  widthMm: millimetres(20, 1200),
  heightMm: millimetres(20, 1200),
  thicknessMm: millimetres(8, 80),
  flaws: z.array(flawSchema).max(2000, refuses('field.many-flaws')),
  seen: z.enum(['both', 'one', 'none']),
  /** Seasons the sheet or frame has served; null where nobody knows. */
  sheetSeasons: whole(0, 40).nullable().default(null),
});
export type NewCutBoard = z.infer<typeof newCutBoardSchema>;

const plannedPieceSchema = z.strictObject({
  id: idSchema,
  jarKindId: idSchema,
  xMm: mm(2000),
  yMm: mm(2000),
  widthMm: mm(1200),
  heightMm: mm(1200),
  lowG: gramsSchema,
  midG: gramsSchema,
  highG: gramsSchema,
  bestSide: z.enum(['A', 'B']).nullable(),
});
/**
 * The plan of one board as it stands: its flaws, its pieces, the knife's order and how far it went.
 */
export const planCutSchema = z.strictObject({
  flaws: z.array(flawSchema).max(2000, refuses('field.many-flaws')),
  thicknessMm: newCutBoardSchema.shape.thicknessMm,
  pieces: z.array(plannedPieceSchema).max(400, atMost(400)),
  cuts: z.array(cutSchema).max(2000),
  cutsDone: whole(0, 2000),
  value: z.number().min(0),
  provenOptimal: z.boolean(),
  /** Pieces the same boxes would get from this comb without a flaw. */
  possiblePieces: z.int().min(0).max(2000),
});
export type PlanCut = z.infer<typeof planCutSchema>;

/** Several boards planned together: all or none. */
export const planBoardsSchema = z.strictObject({
  boards: z
    .array(z.strictObject({ boardId: idSchema, plan: planCutSchema }))
    .min(1, refuses('field.which-boards'))
    .max(40, atMost(40)),
});

export const changeCutBoardSchema = z.strictObject({
  cutsDone: z.int().min(0).max(2000).optional(),
  spoilt: z.enum(SPOILT_CAUSES).nullable().optional(),
  sheetSeasons: newCutBoardSchema.shape.sheetSeasons.unwrap().optional(),
  done: z.boolean().optional(),
  flaws: newCutBoardSchema.shape.flaws.optional(),
  thicknessMm: newCutBoardSchema.shape.thicknessMm.optional(),
});

/**
 * What came of one piece: whole or cracked, what is seen on it, what it weighs. Its grade and price
 * follow by rule.
 */
export const changeCutPieceSchema = z.strictObject({
  state: z.enum(PIECE_STATES).optional(),
  blemishes: z.array(z.enum(BLEMISHES)).max(6).optional(),
  netG: gramsSchema.nullable().optional(),
  /** Another grade than the rule's, by the person's own eye. */
  grade: z.enum(GRADES).optional(),
});

/** Pieces of one kind into their boxes: a lot of its own, every piece with its own weight. */
export const newPackingSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  jarKindId: idSchema,
  pieceIds: z.array(idSchema).min(1, refuses('field.which-pieces')).max(400, atMost(400)),
});
/** Strips into jars, honey poured round them. */
export const newChunkJarsSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  jarKindId: idSchema,
  honeyLotId: idSchema,
  jars: z
    .array(z.strictObject({ pieceId: idSchema, honeyG: gramsSchema }))
    .min(1, refuses('field.which-strips'))
    .max(200, atMost(200)),
  /** True where the person agreed to honey of another season. */
  otherSeason: z.boolean().default(false),
});

const degrees = (low: number, high: number) => celsius(low, high);
const side = millimetres(8, 1000);
/**
 * Comb set to drain on a rack or into the cold; when it is ready is worked out by the core and
 * kept.
 */
export const newKeepingSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    kind: z.enum(['rack', 'freeze']),
    order: z.enum(['whole', 'pieces']),
    pieces: whole(1, 400),
    thicknessMm: millimetres(8, 300),
    /** How it stands in the cold; its other two sides, where they are known. */
    packing: z.enum(PACKINGS).default('piece'),
    widthMm: side.nullable().default(null),
    heightMm: side.nullable().default(null),
    apart: z.boolean().default(true),
    litres: litres(0, 2000).default(0),
    pest: z.enum(PESTS).default('moth'),
    freezerC: degrees(-45, 5).nullable().default(null),
    roomC: degrees(0, 45),
    moisturePercent: percent(13, 25).default(18),
    humidityPercent: percent(0, 100).nullable().default(null),
  })
  .refine((k) => k.kind !== 'freeze' || k.freezerC !== null, {
    message: refuses('field.freezer'),
    path: ['freezerC'],
  });
export type NewKeeping = z.infer<typeof newKeepingSchema>;
export const endKeepingSchema = z.strictObject({
  cracked: whole(0, 400).default(0),
  note: noteSchema.default(''),
});
