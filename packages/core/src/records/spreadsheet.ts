import { z } from 'zod';
import { atMost, percent, wholeMinutes } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { HIVE_KIND_NAMES } from './vocabulary/hive.js';
import { dateSchema, gramsSchema, idSchema, nameSchema, noteSchema } from './common.js';

/** So many harvests come in at once: more than a household has in twenty years. */
export const SHEET_ROWS_MAX = 2000;

/**
 * Harvests of an old sheet, all or none: each names one of `hives`, which is here already or is
 * made.
 */
export const spreadsheetHarvestsSchema = z.strictObject({
  hives: z
    .array(
      z.strictObject({
        name: nameSchema,
        hiveId: idSchema,
        /** Where it is not here yet: its kind and place; measures as the kind begins with. */
        make: z
          .strictObject({
            kind: z.enum(HIVE_KIND_NAMES, refuses('field.choose-hive-kind')),
            siteId: idSchema,
          })
          .nullable(),
      }),
    )
    .min(1, refuses('field.which-hives'))
    .max(200, atMost(200)),
  harvests: z
    .array(
      z.strictObject({
        batchId: idSchema,
        visitId: idSchema,
        hiveName: nameSchema,
        date: dateSchema,
        honeyG: gramsSchema,
        waxG: gramsSchema,
        moisturePercent: percent(10, 45).nullable(),
        minutes: wholeMinutes(0, 10_000),
        note: noteSchema,
      }),
    )
    .min(1, refuses('field.no-harvest'))
    .max(SHEET_ROWS_MAX, refuses('field.at-once', { most: SHEET_ROWS_MAX })),
});
export type SpreadsheetHarvests = z.infer<typeof spreadsheetHarvestsSchema>;
