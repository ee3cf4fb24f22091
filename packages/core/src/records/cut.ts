import { z } from 'zod';
import { BLEMISHES, GRADES, PACKINGS, PESTS } from './vocabulary/pieces.js';
import { FLAW_KINDS } from './vocabulary/flaws.js';
import { gramsSchema, idSchema, noteSchema } from './common.js';

const mm = (high: number) =>
  z.number('Millimetres.').min(0, 'At least 0 mm.').max(high, `At most ${high} mm.`);
const flawSchema = z
  .strictObject({
    kind: z.enum(FLAW_KINDS),
    xMm: z.number('Millimetres.').min(-1000).max(2000),
    yMm: z.number('Millimetres.').min(-1000).max(2000),
    widthMm: mm(2000),
    heightMm: mm(2000),
    thicknessMm: z
      .number('Millimetres.')
      .min(8, 'At least 8 mm.')
      .max(80, 'At most 80 mm.')
      .optional(),
  })
  .refine((f) => f.kind !== 'thickness' || f.thicknessMm !== undefined, {
    message: 'How thick is it there, in mm?',
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
  widthMm: z.number('Millimetres.').min(20, 'At least 20 mm.').max(1200, 'At most 1200 mm.'),
  heightMm: z.number('Millimetres.').min(20, 'At least 20 mm.').max(1200, 'At most 1200 mm.'),
  thicknessMm: z.number('Millimetres.').min(8, 'At least 8 mm.').max(80, 'At most 80 mm.'),
  flaws: z.array(flawSchema).max(2000, 'Too many flaws.'),
  seen: z.enum(['both', 'one', 'none']),
  /** Seasons the sheet or frame has served; null where nobody knows. */
  sheetSeasons: z
    .int('Whole seasons.')
    .min(0, 'At least 0.')
    .max(40, 'At most 40.')
    .nullable()
    .default(null),
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
  flaws: z.array(flawSchema).max(2000, 'Too many flaws.'),
  thicknessMm: newCutBoardSchema.shape.thicknessMm,
  pieces: z.array(plannedPieceSchema).max(400, 'At most 400 pieces.'),
  cuts: z.array(cutSchema).max(2000),
  cutsDone: z.int('Whole cuts.').min(0, 'At least 0.').max(2000),
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
    .min(1, 'Which boards?')
    .max(40, 'At most 40 boards.'),
});

export const SPOILT_CAUSES = ['brood', 'pollen', 'unfinished', 'sagged'] as const;
export type SpoiltCause = (typeof SPOILT_CAUSES)[number];
export const SPOILT_WORDS: Record<SpoiltCause, string> = {
  brood: 'brood in it',
  pollen: 'pollen in it',
  unfinished: 'unfinished',
  sagged: 'the sheet sagged',
};
export const changeCutBoardSchema = z.strictObject({
  cutsDone: z.int().min(0).max(2000).optional(),
  spoilt: z.enum(SPOILT_CAUSES).nullable().optional(),
  sheetSeasons: newCutBoardSchema.shape.sheetSeasons.unwrap().optional(),
  done: z.boolean().optional(),
  flaws: newCutBoardSchema.shape.flaws.optional(),
  thicknessMm: newCutBoardSchema.shape.thicknessMm.optional(),
});

export const PIECE_STATES = ['planned', 'cut', 'cracked'] as const;
export type PieceState = (typeof PIECE_STATES)[number];
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
  pieceIds: z.array(idSchema).min(1, 'Which pieces?').max(400, 'At most 400 pieces.'),
});
/** Strips into jars, honey poured round them. */
export const newChunkJarsSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  jarKindId: idSchema,
  honeyLotId: idSchema,
  jars: z
    .array(z.strictObject({ pieceId: idSchema, honeyG: gramsSchema }))
    .min(1, 'Which strips?')
    .max(200, 'At most 200 jars.'),
  /** True where the person agreed to honey of another season. */
  otherSeason: z.boolean().default(false),
});

export const KEEPING_KINDS = ['rack', 'freeze', 'thaw'] as const;
export type KeepingKind = (typeof KEEPING_KINDS)[number];
const degrees = (low: number, high: number) =>
  z.number('Degrees.').min(low, `At least ${low} °C.`).max(high, `At most ${high} °C.`);
const side = z.number('Millimetres.').min(8, 'At least 8 mm.').max(1000, 'At most 1000 mm.');
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
    pieces: z.int('Whole pieces.').min(1, 'At least one.').max(400, 'At most 400.'),
    thicknessMm: z.number('Millimetres.').min(8, 'At least 8 mm.').max(300, 'At most 300 mm.'),
    /** How it stands in the cold; its other two sides, where they are known. */
    packing: z.enum(PACKINGS).default('piece'),
    widthMm: side.nullable().default(null),
    heightMm: side.nullable().default(null),
    apart: z.boolean().default(true),
    litres: z.number('Litres.').min(0, 'At least 0 L.').max(2000, 'At most 2000 L.').default(0),
    pest: z.enum(PESTS).default('moth'),
    freezerC: degrees(-45, 5).nullable().default(null),
    roomC: degrees(0, 45),
    moisturePercent: z
      .number('A percentage.')
      .min(13, 'At least 13 %.')
      .max(25, 'At most 25 %.')
      .default(18),
    humidityPercent: z
      .number('A percentage.')
      .min(0, 'At least 0 %.')
      .max(100, 'At most 100 %.')
      .nullable()
      .default(null),
  })
  .refine((k) => k.kind !== 'freeze' || k.freezerC !== null, {
    message: 'How cold is the freezer?',
    path: ['freezerC'],
  });
export type NewKeeping = z.infer<typeof newKeepingSchema>;
export const endKeepingSchema = z.strictObject({
  cracked: z.int('Whole pieces.').min(0, 'At least 0.').max(400, 'At most 400.').default(0),
  note: noteSchema.default(''),
});
