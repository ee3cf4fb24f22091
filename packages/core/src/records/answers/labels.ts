import { z } from 'zod';
import { labelSaleRecord } from '../harvestViews.js';
import { printRecord } from '../labels.js';
import { id, text, number } from '../vocabulary/fields.js';
import { LANGUAGES } from '../../say/languages.js';
import { labelLinesRecord, labelTextRecord } from '../vocabulary/labels.js';

/**
 * A print as the spool lists it: how many labels, of which lot; what stood on them is in its PDF.
 */
export const printAnswer = printRecord
  .omit({ fields: true, labels: true })
  .extend({ count: number, code: text, batchId: id.nullable() })
  .meta({ id: 'Print' });
export type PrintLine = z.infer<typeof printAnswer>;

/**
 * The words of a lot's label in the household's language, its lines in every language, and its code as
 * rows of dark runs on a square of `size`.
 */
export const lotLabelAnswer = z
  .strictObject({
    sale: labelSaleRecord,
    words: labelTextRecord,
    inLanguages: z.record(z.enum(LANGUAGES), labelLinesRecord),
    count: z.int(),
    qrText: text,
    qr: z.strictObject({
      size: z.int(),
      runs: z.array(z.strictObject({ x: z.int(), y: z.int(), length: z.int() })),
    }),
    code: text,
  })
  .meta({ id: 'LotLabel' });
export type LotLabel = z.infer<typeof lotLabelAnswer>;
