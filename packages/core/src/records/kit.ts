import { z } from 'zod';
import { idSchema, nameSchema, gramsSchema } from './common.js';
import { PIECE_SHAPES } from './vocabulary/pieces.js';
import { VESSEL_ROLES } from './vocabulary/vessels.js';

const litres = z.number('Litres.').gt(0, 'Above 0 litres.').max(500, 'At most 500 litres.');

export const newVesselSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  role: z.enum(VESSEL_ROLES),
  volumeL: litres,
  tareG: gramsSchema,
  innerDiameterMm: z
    .number('Millimetres.')
    .min(30, 'At least 30 mm.')
    .max(1500, 'At most 1500 mm.'),
  /** Room left above the mark; null: as everywhere. */
  headspacePercent: z
    .number('A percentage.')
    .min(0, 'At least 0 %.')
    .max(60, 'At most 60 %.')
    .nullable()
    .default(null),
  /** Holes in its floor or mesh; null where it has none. */
  holeMm: z
    .number('Millimetres.')
    .min(0.05, 'At least 0.05 mm.')
    .max(30, 'At most 30 mm.')
    .nullable()
    .default(null),
});
export type NewVessel = z.infer<typeof newVesselSchema>;
export const changeVesselSchema = newVesselSchema.omit({ id: true }).partial().extend({
  headspacePercent: newVesselSchema.shape.headspacePercent.unwrap().optional(),
  holeMm: newVesselSchema.shape.holeMm.unwrap().optional(),
});

const sideMm = z.number('Millimetres.').min(5, 'At least 5 mm.').max(1000, 'At most 1000 mm.');

export const newJarKindSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  netG: z.int('Whole grams.').min(10, 'At least 10 g.').max(50_000, 'At most 50 kg.'),
  tareG: gramsSchema,
  /**
   * What goes into it: liquid honey, a strip of comb topped up with honey, a cut piece of comb, or
   * a small one to taste.
   */
  purpose: z.enum(['jar', 'chunk', 'piece', 'sample']).default('jar'),
  /** What one empty costs. */
  cost: z.number('A price.').min(0, 'At least 0.').max(10_000, 'At most 10 000.').default(0),
  /** To its brim, as it is sold. */
  volumeMl: z
    .number('Millilitres.')
    .min(5, 'At least 5 ml.')
    .max(50_000, 'At most 50 L.')
    .nullable()
    .default(null),
  /** Which lid goes on it. */
  lid: z.string().trim().max(60, 'At most 60 letters.').default(''),
  /** Inner measures of a box for comb, or of the strip a chunk jar takes, mm. */
  widthMm: sideMm.nullable().default(null),
  heightMm: sideMm.nullable().default(null),
  depthMm: sideMm.nullable().default(null),
  shape: z.enum(PIECE_SHAPES).default('rectangle'),
  /** Net weights a piece, or honey in a jar, may have. */
  minG: z
    .int('Whole grams.')
    .min(1, 'At least 1 g.')
    .max(20_000, 'At most 20 kg.')
    .nullable()
    .default(null),
  maxG: z
    .int('Whole grams.')
    .min(1, 'At least 1 g.')
    .max(20_000, 'At most 20 kg.')
    .nullable()
    .default(null),
  stock: z.int('Whole jars.').min(0, 'Stock is at least 0.').max(10_000, 'At most 10 000.'),
  value: z.number('A price.').min(0, 'At least 0.').max(100_000, 'At most 100 000.'),
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
