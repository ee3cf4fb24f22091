import { z } from 'zod';
import {
  A_NUMBER,
  atMost,
  atMostLetters,
  decimal,
  millilitres,
  millimetres,
  percent,
  whole,
  wholeGrams,
} from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, nameSchema, gramsSchema } from './common.js';
import { PIECE_SHAPES } from './vocabulary/pieces.js';
import { VESSEL_ROLES } from './vocabulary/vessels.js';

const litres = z.number(A_NUMBER).gt(0, refuses('field.above-0')).max(500, atMost(500));

export const newVesselSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  role: z.enum(VESSEL_ROLES),
  volumeL: litres,
  tareG: gramsSchema,
  innerDiameterMm: millimetres(30, 1500),
  /** Room left above the mark; null: as everywhere. */
  headspacePercent: percent(0, 60).nullable().default(null),
  /** Holes in its floor or mesh; null where it has none. */
  holeMm: millimetres(0.05, 30).nullable().default(null),
});
export type NewVessel = z.infer<typeof newVesselSchema>;
export const changeVesselSchema = newVesselSchema.omit({ id: true }).partial().extend({
  headspacePercent: newVesselSchema.shape.headspacePercent.unwrap().optional(),
  holeMm: newVesselSchema.shape.holeMm.unwrap().optional(),
});

const sideMm = millimetres(5, 1000);

export const newJarKindSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  netG: wholeGrams(10, 50_000),
  tareG: gramsSchema,
  /**
   * What goes into it: liquid honey, a strip of comb topped up with honey, a cut piece of comb, or
   * a small one to taste.
   */
  purpose: z.enum(['jar', 'chunk', 'piece', 'sample']).default('jar'),
  /** What one empty costs. */
  cost: decimal(0, 10_000).default(0),
  /** To its brim, as it is sold. */
  volumeMl: millilitres(5, 50_000).nullable().default(null),
  /** Which lid goes on it. */
  lid: z.string().trim().max(60, atMostLetters(60)).default(''),
  /** Inner measures of a box for comb, or of the strip a chunk jar takes, mm. */
  widthMm: sideMm.nullable().default(null),
  heightMm: sideMm.nullable().default(null),
  depthMm: sideMm.nullable().default(null),
  shape: z.enum(PIECE_SHAPES).default('rectangle'),
  /** Net weights a piece, or honey in a jar, may have. */
  minG: wholeGrams(1, 20_000).nullable().default(null),
  maxG: wholeGrams(1, 20_000).nullable().default(null),
  stock: whole(0, 10_000),
  value: decimal(0, 100_000),
});
export type NewJarKind = z.infer<typeof newJarKindSchema>;
const k = newJarKindSchema.shape;
export const changeJarKindSchema = newJarKindSchema.omit({ id: true }).partial().extend({
  purpose: k.purpose.unwrap().optional(),
  cost: k.cost.unwrap().optional(),
  volumeMl: k.volumeMl.unwrap().optional(),
  lid: k.lid.unwrap().optional(),
  widthMm: k.widthMm.unwrap().optional(),
  heightMm: k.heightMm.unwrap().optional(),
  depthMm: k.depthMm.unwrap().optional(),
  shape: k.shape.unwrap().optional(),
  minG: k.minG.unwrap().optional(),
  maxG: k.maxG.unwrap().optional(),
});
