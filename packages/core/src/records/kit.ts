import { z } from 'zod';
import { gramsSchema, idSchema, nameSchema } from './common.js';

const litres = z.number('Litres.').gt(0, 'Above 0 litres.').max(500, 'At most 500 litres.');

export const newVesselSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  role: z.enum(['tub', 'upper', 'lower', 'settling']),
  volumeL: litres,
  tareG: gramsSchema,
  innerDiameterMm: z.number('Millimetres.').min(30, 'At least 30 mm.').max(1500, 'At most 1500 mm.'),
  /** Room left above the mark; null: as everywhere. */
  headspacePercent: z.number('A percentage.').min(0, 'At least 0 %.').max(60, 'At most 60 %.').nullable().default(null),
  /** Holes in its floor or mesh; null where it has none. */
  holeMm: z.number('Millimetres.').min(0.05, 'At least 0.05 mm.').max(30, 'At most 30 mm.').nullable().default(null),
});
export type NewVessel = z.infer<typeof newVesselSchema>;
export const changeVesselSchema = newVesselSchema.omit({ id: true }).partial().extend({ headspacePercent: newVesselSchema.shape.headspacePercent.unwrap().optional(), holeMm: newVesselSchema.shape.holeMm.unwrap().optional() });

export const newJarKindSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  netG: z.int('Whole grams.').min(10, 'At least 10 g.').max(50_000, 'At most 50 kg.'),
  tareG: gramsSchema,
  /** What goes into it: liquid honey, a strip of comb topped up with honey, or a cut piece of comb. */
  purpose: z.enum(['jar', 'chunk', 'piece']).default('jar'),
  /** What one empty costs. */
  cost: z.number('A price.').min(0, 'At least 0.').max(10_000, 'At most 10 000.').default(0),
  stock: z.int('Whole jars.').min(0, 'Stock is at least 0.').max(10_000, 'At most 10 000.'),
  value: z.number('A price.').min(0, 'At least 0.').max(100_000, 'At most 100 000.'),
});
export type NewJarKind = z.infer<typeof newJarKindSchema>;
export const changeJarKindSchema = newJarKindSchema.omit({ id: true }).partial().extend({ purpose: z.enum(['jar', 'chunk', 'piece']).optional(), cost: newJarKindSchema.shape.cost.unwrap().optional() });
