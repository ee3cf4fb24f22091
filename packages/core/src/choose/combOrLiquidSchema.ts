import { z } from 'zod';
import { decimal, grams, kilograms, whole } from '../say/limits.js';
import { refuses } from '../say/field.js';

const price = decimal(0, 100_000);
const some = whole(0, 10_000);
const range = (high: number) =>
  z
    .strictObject({
      low: decimal(0, high),
      mid: decimal(0, high),
      high: decimal(0, high),
    })
    .refine((r) => r.low <= r.mid && r.mid <= r.high, {
      message: refuses('field.low-best-high'),
    });

/** What comb and liquid are compared by: one super or a year of them. */
export const combOrLiquidSchema = z.strictObject({
  boxes: whole(1, 200),
  piecesPerBox: whole(1, 500),
  pieceG: grams(20, 3000),
  piecePrice: price,
  packCost: price,
  /** Honey in a finished super, kg. */
  honeyKg: range(60),
  /** Share of it that runs out when it is crushed, 0 to 1. */
  outShare: range(1),
  honeyPerKg: price,
  jarCostPerKg: price,
  /** The household's own comb supers so far: finished, half done, spoilt. */
  history: z.strictObject({ finished: some, half: some, spoilt: some }),
  combHours: range(100),
  liquidHours: range(100),
  /** What is sold in a month. */
  piecesAMonth: decimal(0, 10_000),
  kgAMonth: kilograms(0, 10_000),
  draws: z.int().min(100).max(100_000),
  seed: z
    .int()
    .min(0)
    .max(2 ** 31),
});
export type CombOrLiquidInput = z.infer<typeof combOrLiquidSchema>;
