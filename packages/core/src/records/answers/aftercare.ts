import { z } from 'zod';
import { WAX_WAYS } from '../vocabulary/waxWays.js';
import {
  type Aftercare,
  GEAR_WAYS,
  type GearCare,
  type Rinse,
  RINSE_FATES,
  WAX_CARES,
  type WaxCare,
  type WaxRun,
} from '../aftercare.js';
import { id, instant, number, revision, row, text } from './common.js';

/** What the server answers of wax, rinse and wet gear, as schemas. */
const waxCareAnswer: z.ZodType<WaxCare> = z
  .strictObject({ ...row, id, batchId: id, kind: z.enum(WAX_CARES), occurredAt: instant })
  .meta({ id: 'WaxCare' });

const waxRunAnswer: z.ZodType<WaxRun> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    way: z.enum(WAX_WAYS),
    rinsed: z.boolean(),
    filtered: number,
    inG: number,
    cleanG: number,
    blocks: z.array(z.strictObject({ g: number, colour: text })),
    occurredAt: instant,
  })
  .meta({ id: 'WaxRun' });

const rinseAnswer: z.ZodType<Rinse> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    lotId: id,
    litres: number,
    brixPercent: number,
    cold: z.boolean(),
    honeyG: number,
    fate: z.enum(RINSE_FATES).nullable(),
    fedHiveId: id.nullable(),
    targetGravity: number.nullable(),
    finalGravity: number.nullable(),
    addedHoneyG: number,
    addedWaterL: number,
    occurredAt: instant,
    usedAt: instant.nullable(),
    revision,
  })
  .meta({ id: 'Rinse' });

const gearCareAnswer: z.ZodType<GearCare> = z
  .strictObject({ ...row, id, batchId: id, way: z.enum(GEAR_WAYS), occurredAt: instant })
  .meta({ id: 'GearCare' });

export const aftercareAnswer: z.ZodType<Aftercare> = z
  .strictObject({
    waxCares: z.array(waxCareAnswer),
    waxRuns: z.array(waxRunAnswer),
    rinses: z.array(rinseAnswer),
    gearCares: z.array(gearCareAnswer),
    combG: number,
    householdRuns: z.array(z.strictObject({ way: z.enum(WAX_WAYS), inG: number, cleanG: number })),
    feed: z.strictObject({ hiveId: id, hiveName: text, may: z.boolean(), reason: text }),
  })
  .meta({ id: 'Aftercare' });
