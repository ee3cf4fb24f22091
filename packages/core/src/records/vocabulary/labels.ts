import { z } from 'zod';
import { atMostLetters, decimal } from '../../say/limits.js';
import { text, number } from './fields.js';

/** What may support the name of a flower on a label. */
export const FLOWER_SUPPORTS = ['analysis', 'single-flow', 'taste', 'none'] as const;
export type FlowerSupport = (typeof FLOWER_SUPPORTS)[number];

/**
 * A sheet of labels as data, mm: any rows and columns, margins from the upper left, gaps between. A
 * roll is a sheet of one.
 */
export interface LabelSheet {
  paperWidthMm: number;
  paperHeightMm: number;
  columns: number;
  rows: number;
  marginLeftMm: number;
  marginTopMm: number;
  labelWidthMm: number;
  labelHeightMm: number;
  gapXMm: number;
  gapYMm: number;
}

/** Lines a label can carry. All but `own` come from the record. */
export const LABEL_FIELDS = [
  'title',
  'origin',
  'net',
  'harvested',
  'bestBefore',
  'batch',
  'flower',
  'moisture',
  'nutrition',
  'warning',
  'gift',
  'maker',
  'own',
] as const;
export type LabelFieldKind = (typeof LABEL_FIELDS)[number];

export const labelFieldSchema = z.strictObject({
  kind: z.enum(LABEL_FIELDS),
  sizePt: decimal(4, 48),
  bold: z.boolean().default(false),
  /** Words of an own line. */
  text: z.string().trim().max(120, atMostLetters(120)).default(''),
});
export type LabelField = z.infer<typeof labelFieldSchema>;

export interface LabelDesign {
  fields: readonly LabelField[];
  qr: boolean;
}

/** What the lines of a label say in one language. */
const labelLines = {
  title: text,
  origin: text,
  net: text,
  harvested: text,
  bestBefore: text,
  batch: text,
  warning: text,
  gift: text,
  maker: text,
  flower: text,
  moisture: text,
  nutrition: text,
};
export const labelLinesRecord = z.strictObject(labelLines).meta({ id: 'LabelLines' });
export type LabelLines = z.infer<typeof labelLinesRecord>;

export const labelTextRecord = z
  .strictObject({
    ...labelLines,
    netG: number,
    /** The same lines in a second language; left out where the label speaks one. */
    second: labelLinesRecord.optional(),
  })
  .meta({ id: 'LabelText' });
export type LabelText = z.infer<typeof labelTextRecord>;
