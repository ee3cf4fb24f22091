import { z } from 'zod';
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
            kind: z.enum(HIVE_KIND_NAMES, 'Choose a kind of hive.'),
            siteId: idSchema,
          })
          .nullable(),
      }),
    )
    .min(1, 'Which hives?')
    .max(200, 'At most 200 hives.'),
  harvests: z
    .array(
      z.strictObject({
        batchId: idSchema,
        visitId: idSchema,
        hiveName: nameSchema,
        date: dateSchema,
        honeyG: gramsSchema,
        waxG: gramsSchema,
        moisturePercent: z
          .number('A percentage.')
          .min(10, 'At least 10 %.')
          .max(45, 'At most 45 %.')
          .nullable(),
        minutes: z.int('Whole minutes.').min(0).max(10_000),
        note: noteSchema,
      }),
    )
    .min(1, 'No harvest stands in it.')
    .max(SHEET_ROWS_MAX, `At most ${SHEET_ROWS_MAX} harvests at once.`),
});
export type SpreadsheetHarvests = z.infer<typeof spreadsheetHarvestsSchema>;
