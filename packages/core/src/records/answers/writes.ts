import { sayRecord } from '../../say/sayRecord.js';
import { z } from 'zod';
import { batchDetailRecord, batchRecord } from '../harvestViews.js';
import { hiveRecord, siteRecord, lookRecord, photoRecord } from '../hiveViews.js';
import { houseRulesSchema } from '../houseRules.js';
import { gearRecord, tickRecord } from '../plan.js';
import { vesselRecord, jarKindRecord } from '../views.js';
import { id, instant, row, revision } from '../vocabulary/fields.js';
import { weatherFields } from '../vocabulary/weather.js';

/**
 * What a write answers with: mostly the view that it changed, as it stands then. A repeated command
 * answers the same shape; a view that is gone by then is null.
 */
export const idWritten = z.strictObject({ id });
export const detailWritten = z.strictObject({ detail: batchDetailRecord });
export const hiveWritten = z.strictObject({ hive: hiveRecord });
export const batchWritten = z.strictObject({ batch: batchRecord });
export const batchesWritten = z.strictObject({ batches: z.array(batchRecord) });
export const splitWritten = z.strictObject({ detail: batchDetailRecord, batchId: id });
export const strayWritten = z.strictObject({ hive: hiveRecord, batches: z.array(batchRecord) });
export const withdrawnWritten = z.strictObject({ hiveId: id });

export const siteWritten = z.strictObject({ site: siteRecord });
/** A look as it was judged, and what Furrow says of it at once. */
export const lookWritten = z.strictObject({ look: lookRecord, said: z.array(sayRecord) });
export const looksWritten = z.strictObject({ looks: z.array(lookRecord) });
export const photoWritten = z.strictObject({
  photo: photoRecord,
});

export const vesselWritten = z.strictObject({ vessel: vesselRecord });
export const jarKindWritten = z.strictObject({ jarKind: jarKindRecord });
export const gearWritten = z.strictObject({ gear: gearRecord });
export const tickWritten = z.strictObject({ tick: tickRecord });
export const rulesWritten = z.strictObject({
  version: z.int(),
  recordedAt: instant,
  rules: houseRulesSchema,
});
export const weatherWritten = z.strictObject({
  entry: z
    .strictObject({
      ...row,
      id,
      siteId: id,
      ...weatherFields,
      revision,
    })
    .meta({ id: 'WeatherEntry' }),
});
/** The secret of the address stands in the entry alone: it is never answered. */
export const calendarLinkWritten = z.strictObject({
  link: z.strictObject({ id, recordedAt: instant }),
});
export const nothingWritten = z.strictObject({});

/** Readings that were new, and those that were here already. */
export const readingsWritten = z.strictObject({ added: z.int(), known: z.int() });
export const spreadsheetWritten = z.strictObject({ harvests: z.int() });
export const fillingsWritten = z.strictObject({ lotIds: z.array(id) });
export const flowWritten = z.strictObject({ flowId: id });
export const printWritten = z.strictObject({ printId: id });
export const undoWritten = z.strictObject({ undoes: id });
