import { z } from 'zod';
import { houseRulesSchema } from '../houseRules.js';
import { id, instant, number, revision, row, text } from './common.js';
import { batchAnswer, batchDetailAnswer } from './harvests.js';
import { hiveAnswer, lookAnswer, siteAnswer } from './hives.js';
import { gearAnswer, jarKindAnswer, tickAnswer, vesselAnswer } from './kit.js';

/**
 * What a write answers with: mostly the view that it changed, as it stands then. A repeated command
 * answers the same shape; a view that is gone by then is null.
 */
export const idWritten = z.strictObject({ id });
export const detailWritten = z.strictObject({ detail: batchDetailAnswer });
export const hiveWritten = z.strictObject({ hive: hiveAnswer });
export const batchWritten = z.strictObject({ batch: batchAnswer });
export const batchesWritten = z.strictObject({ batches: z.array(batchAnswer) });
export const splitWritten = z.strictObject({ detail: batchDetailAnswer, batchId: id });
export const strayWritten = z.strictObject({ hive: hiveAnswer, batches: z.array(batchAnswer) });
export const withdrawnWritten = z.strictObject({ hiveId: id });

export const siteWritten = z.strictObject({ site: siteAnswer });
/** A look as it was judged, and what Furrow says of it at once. */
export const lookWritten = z.strictObject({ look: lookAnswer, said: z.array(text) });
export const looksWritten = z.strictObject({ looks: z.array(lookAnswer) });
export const photoWritten = z.strictObject({
  photo: z
    .strictObject({
      ...row,
      id,
      sha256: text,
      widthPx: z.int(),
      heightPx: z.int(),
      bytes: z.int(),
      takenOn: z.iso.date().nullable(),
      revision,
    })
    .meta({ id: 'Photo' }),
});

export const vesselWritten = z.strictObject({ vessel: vesselAnswer });
export const jarKindWritten = z.strictObject({ jarKind: jarKindAnswer });
export const gearWritten = z.strictObject({ gear: gearAnswer });
export const tickWritten = z.strictObject({ tick: tickAnswer });
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
      at: instant,
      temperatureC: number.nullable(),
      windKmH: number.nullable(),
      rainMm: number.nullable(),
      humidityPercent: number.nullable(),
      cloudPercent: number.nullable(),
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
export const sheetWritten = z.strictObject({ harvests: z.int() });
export const fillingsWritten = z.strictObject({ lotIds: z.array(id) });
export const flowWritten = z.strictObject({ flowId: id });
export const printWritten = z.strictObject({ printId: id });
export const undoWritten = z.strictObject({ undoes: id });
