import { sayRecord } from '../say/sayRecord.js';
import { z } from 'zod';
import { atLeast, atMost, atMostLetters, millimetres, whole } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, nameSchema } from './common.js';
import { number, row, id, instant, text, revision } from './vocabulary/fields.js';
import { LANGUAGES } from '../say/languages.js';
import { labelFieldSchema, labelTextRecord, FLOWER_SUPPORTS } from './vocabulary/labels.js';

export const sheetMeasures = {
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

const mm = (low: number, high: number) => millimetres(low, high);
const some = whole(1, 60);
/** A sheet of labels as measured with a ruler. */
export const newLabelSheetSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  paperWidthMm: mm(20, 500),
  paperHeightMm: mm(15, 700),
  columns: some,
  rows: some,
  marginLeftMm: mm(0, 100),
  marginTopMm: mm(0, 100),
  labelWidthMm: mm(15, 500),
  labelHeightMm: mm(10, 700),
  gapXMm: mm(0, 60),
  gapYMm: mm(0, 60),
});
export type NewLabelSheet = z.infer<typeof newLabelSheetSchema>;

/** The language that stands under the household's on every line of a label; null: none. */
const secondLanguage = z.enum(LANGUAGES).nullable();
/**
 * How the household's label looks: its lines in order, its sheet, with or without a code to scan,
 * in one language or two.
 */
export const newLabelDesignSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  sheetId: idSchema,
  fields: z.array(labelFieldSchema).min(1, atLeast(1)).max(24, atMost(24)),
  qr: z.boolean(),
  secondLanguage: secondLanguage.default(null),
});
/** What is not said stays as it is: no default may come in. */
export const changeLabelDesignSchema = newLabelDesignSchema
  .extend({ secondLanguage })
  .omit({ id: true })
  .partial();

/** Labels of one lot into the printer's spool. */
export const newPrintSchema = z.strictObject({
  id: idSchema,
  lotId: idSchema,
  designId: idSchema,
  /** The first free label of a sheet begun before, 0 is the upper left. */
  startAt: whole(0, 3599).default(0),
  /** How many; null: one for each jar or piece. */
  copies: whole(1, 2000).nullable().default(null),
});
/** Some came out wrong: how many and why; they are printed again. */
export const misprintSchema = z.strictObject({
  count: whole(1, 2000),
  why: z.string().trim().min(1, refuses('field.what-went-wrong')).max(200, atMostLetters(200)),
  reprintId: idSchema.nullable().default(null),
  startAt: newPrintSchema.shape.startAt,
});
/** A print as it is kept: what stood on every label, so that it can be printed again as it was. */
export const printRecord = z.strictObject({
  ...row,
  id,
  lotId: id,
  /** As it was then; before sheets were named by key their name was a text. */
  sheet: z.strictObject({ name: z.union([text, sayRecord]), ...sheetMeasures }),
  fields: z.array(labelFieldSchema),
  qr: z.boolean(),
  qrText: text,
  labels: z.array(labelTextRecord),
  startAt: number,
  misprinted: number,
  why: text,
  reprintOf: id.nullable(),
  occurredAt: instant,
  revision,
});
export type Print = z.infer<typeof printRecord>;

/** What the household claims of a lot, and what supports it. */
export const lotClaimSchema = z
  .strictObject({
    flower: z.string().trim().max(60, atMostLetters(60)).nullable(),
    flowerSupport: z.enum(FLOWER_SUPPORTS).nullable(),
  })
  .refine((c) => !c.flower || c.flowerSupport !== null, {
    message: refuses('field.flower-support'),
    path: ['flowerSupport'],
  });
/** A batch code of the household's own, before the first lot of the harvest is filled. */
export const batchCodeSchema = z.strictObject({
  code: z
    .string()
    .trim()
    .min(3, refuses('field.three-letters'))
    .max(30, atMost(30))
    .regex(/^[A-Za-z0-9][A-Za-z0-9 ./-]*$/, refuses('field.code-letters')),
});

/** What the server answers of labels and the printer's spool, as schemas. */

export const labelSheetRecord = z
  .strictObject({ ...row, id, name: sayRecord, ...sheetMeasures, revision })
  .meta({ id: 'LabelSheet' });
export type LabelSheetRecord = z.infer<typeof labelSheetRecord>;

export const labelDesignRecord = z
  .strictObject({
    ...row,
    id,
    name: sayRecord,
    sheetId: id,
    fields: z.array(labelFieldSchema),
    qr: z.boolean(),
    secondLanguage,
    revision,
  })
  .meta({ id: 'LabelDesign' });
export type LabelDesignRecord = z.infer<typeof labelDesignRecord>;
