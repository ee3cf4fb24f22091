import { z } from 'zod';
import { KEEPING_GRADES, type LotKeeping } from '../vocabulary/keeping.js';
import { labelFieldSchema, type LabelText } from '../vocabulary/labels.js';
import type { LabelSale } from '../harvestViews.js';
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

/**
 * A print as the spool lists it: how many labels, of which lot; what stood on them is in its PDF.
 */
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

const labelWords: z.ZodType<LabelText> = z
  .strictObject({
    title: text,
    origin: text,
    net: text,
    netG: number,
    harvested: text,
    bestBefore: text,
    batch: text,
    warning: text,
    gift: text,
    maker: text,
    flower: text,
    moisture: text,
    nutrition: text,
  })
  .meta({ id: 'LabelText' });

const lotKeeping: z.ZodType<LotKeeping> = z.strictObject({
  grade: z.enum(KEEPING_GRADES).nullable(),
  bestBeforeMonths: number.nullable(),
  useByDays: number.nullable(),
  words: text,
  notForSale: text.nullable(),
  sentence: text,
});

const labelSale: z.ZodType<LabelSale> = z.strictObject({
  bee: z.enum(['honeybee', 'stingless']),
  moisturePercent: number.nullable(),
  keeping: lotKeeping,
  holds: z.array(text),
});

/** The words of a lot's label, and its code as rows of dark runs on a square of `size`. */
export const lotLabelAnswer = z
  .strictObject({
    sale: labelSale,
    words: labelWords,
    count: z.int(),
    qrText: text,
    qr: z.strictObject({
      size: z.int(),
      runs: z.array(z.strictObject({ x: z.int(), y: z.int(), length: z.int() })),
    }),
    code: text,
  })
  .meta({ id: 'LotLabel' });
