import { z } from 'zod';
import { HIVE_KIND_NAMES } from '../hive/kinds.js';
import { topBarGeometrySchema } from '../hive/topBar.js';
import { dateSchema, idSchema, nameSchema } from './common.js';

export const newSiteSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  zone: z.string().min(1, 'Choose a time zone.').max(60).refine(isZone, 'This time zone is not known here.'),
  hemisphere: z.enum(['north', 'south'], 'Choose north or south.'),
});
export type NewSite = z.infer<typeof newSiteSchema>;

export const newHiveSchema = z.strictObject({
  id: idSchema,
  siteId: idSchema,
  name: nameSchema,
  kind: z.enum(HIVE_KIND_NAMES),
  geometry: topBarGeometrySchema,
  colonyStartedOn: dateSchema,
});
export type NewHive = z.infer<typeof newHiveSchema>;

export const changeHiveSchema = z.strictObject({ name: nameSchema.optional(), geometry: topBarGeometrySchema.optional() });

export const newCombSchema = z.strictObject({ id: idSchema, hiveId: idSchema, slot: z.int().min(1, 'A bar from 1 up.'), builtOn: dateSchema });
export const endCombSchema = z.strictObject({ reason: z.enum(['none-here', 'fell', 'removed']) });

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}
