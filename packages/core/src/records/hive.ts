import { z } from 'zod';
import { wholeGrams } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, nameSchema, dateSchema } from './common.js';
import { HEMISPHERES, HIVE_KIND_NAMES } from './vocabulary/hive.js';

export const newSiteSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  zone: z
    .string()
    .min(1, refuses('field.choose-zone'))
    .max(60)
    .refine(isZone, refuses('field.unknown-zone')),
  hemisphere: z.enum(HEMISPHERES, refuses('field.choose-hemisphere')),
});
export type NewSite = z.infer<typeof newSiteSchema>;

const geometrySchema = z.record(z.string(), z.union([z.number(), z.string()]));
/**
 * What is said of a new hive, field by field; its measures are checked against its kind by
 * `newHiveSchema`.
 */
export const newHiveFieldsSchema = z.strictObject({
  id: idSchema,
  siteId: idSchema,
  name: nameSchema,
  kind: z.enum(HIVE_KIND_NAMES, refuses('field.choose-hive-kind')),
  geometry: geometrySchema,
  colonyStartedOn: dateSchema,
  /** True where nobody said since when it lives there. */
  colonyStartedAssumed: z.boolean().default(false),
});
/** Measures are checked against the hive's own kind where the change is written. */
export const changeHiveSchema = z.strictObject({
  name: nameSchema.optional(),
  geometry: geometrySchema.optional(),
});
export const newCombSchema = z.strictObject({
  id: idSchema,
  hiveId: idSchema,
  slot: z.int().min(1, refuses('field.place-from-1')),
  builtOn: dateSchema,
});
export const endCombSchema = z.strictObject({ reason: z.enum(['none-here', 'fell', 'removed']) });

/**
 * The order carriers hang in after a move, from the first place on: in the file, or within one box.
 */
export const newOrderSchema = z.strictObject({
  hiveId: idSchema,
  boxId: idSchema.nullable(),
  carrierIds: z.array(idSchema).min(1).max(60),
  what: z.enum(['shift', 'swap']),
});
/** A box set on: where it stands counted from the floor, 1 lowest. */
export const newBoxSchema = z.strictObject({
  id: idSchema,
  hiveId: idSchema,
  at: z.int().min(1).max(12),
  what: z.enum(['add-on-top', 'add-below', 'add-between']),
  /** Ids of its places from the first on: a device can then go on with them before they are there. */
  carrierIds: z.array(idSchema).optional(),
});
export const turnBoxSchema = z.strictObject({
  /** The side that shows to the entrance then; without it, the other one than now. */
  sideToEntrance: z.enum(['A', 'B']).optional(),
});
export const renewBoxSchema = z.strictObject({});
/** A box of the stack set in as its lowest. */
export const setBelowSchema = z.strictObject({});
export const takeOffBoxSchema = z.strictObject({
  reason: z.enum(['winter', 'harvest', 'old', 'other']),
});
/**
 * A box with its combs given to another colony, only after somebody looked at the brood it comes
 * from.
 */
export const giveBoxSchema = z.strictObject({
  toHiveId: idSchema,
  health: z.enum(['healthy', 'unsure', 'sick'], refuses('field.how-brood-looked')),
  broodCheckedOn: dateSchema,
});
/** Comb found under a roof or in a gap: what of it was cut out, apart by capped and open. */
export const strayCombSchema = z
  .strictObject({
    id: idSchema,
    visitId: idSchema,
    cappedBatchId: idSchema,
    openBatchId: idSchema,
    hiveId: idSchema,
    where: z.enum(['roof', 'gap']),
    broodSeen: z.enum(['yes', 'no'], refuses('field.brood-first')),
    queenLookedFor: z.boolean().refine((looked) => looked, refuses('field.queen-first')),
    swarmCells: z.enum(['yes', 'no'], refuses('field.swarm-cells-too')).default('no'),
    cappedG: wholeGrams(0, 50_000),
    openG: wholeGrams(0, 50_000),
    frameFitted: z.boolean(),
  })
  .refine((s) => s.cappedG + s.openG > 0, {
    message: refuses('field.weigh-cut-out'),
    path: ['cappedG'],
  });

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}
