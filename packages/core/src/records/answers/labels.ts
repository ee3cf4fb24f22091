import { z } from 'zod';
import { labelFieldSchema } from '../../jar/labelDesign.js';
import type { LabelDesignRecord, LabelSheetRecord } from '../labels.js';
import { id, instant, number, revision, row, text } from './common.js';

/** What the server answers of labels and the printer's spool, as schemas. */
const sheetMeasures = {
  paperWidthMm: number,
  paperHeightMm: number,
  columns: number,
  rows: number,
  marginLeftMm: number,
  marginTopMm: number,
  labelWidthMm: number,
  labelHeightMm: number,
  gapXMm: number,
  gapYMm: number,
};
export const labelSheetAnswer: z.ZodType<LabelSheetRecord> = z
  .strictObject({ ...row, id, name: text, ...sheetMeasures, revision })
  .meta({ id: 'LabelSheet' });

export const labelDesignAnswer: z.ZodType<LabelDesignRecord> = z
  .strictObject({
    ...row,
    id,
    name: text,
    sheetId: id,
    fields: z.array(labelFieldSchema),
    qr: z.boolean(),
    revision,
  })
  .meta({ id: 'LabelDesign' });

/** A print as the spool lists it: how many labels, of which lot; what stood on them is in its PDF. */
export const printAnswer = z
  .strictObject({
    ...row,
    id,
    lotId: id,
    sheet: z.strictObject({ name: text, ...sheetMeasures }),
    qr: z.boolean(),
    qrText: text,
    startAt: number,
    misprinted: number,
    why: text,
    reprintOf: id.nullable(),
    occurredAt: instant,
    count: number,
    code: text,
    batchId: id.nullable(),
  })
  .meta({ id: 'Print' });
