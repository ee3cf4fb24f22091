import { sayRecord } from '../../say/sayRecord.js';
import { z } from 'zod';
import { text, instant, id, number } from '../vocabulary/fields.js';

/** What the server answers of an archive on its way out or in. */
const count = z.int().min(0);

/**
 * What an import would do to one table: rows new here, the same, newer in the archive, newer here,
 * and in conflict.
 */
export const tablePreviewAnswer = z
  .strictObject({
    table: text,
    new: count,
    same: count,
    changed: count,
    older: count,
    conflicts: count,
  })
  .meta({ id: 'TablePreview' });
export type TablePreview = z.infer<typeof tablePreviewAnswer>;

/** What an import would do: nothing of it is written yet. */
export const importPreviewAnswer = z
  .strictObject({
    created: z.union([instant, z.literal('')]).meta({ description: 'When it was written.' }),
    tables: z.array(tablePreviewAnswer),
    photos: count,
    conflicts: z.array(z.strictObject({ table: text, id: text, sentence: sayRecord })),
  })
  .meta({ id: 'ImportPreview' });
export type ImportPreview = z.infer<typeof importPreviewAnswer>;

/** `share` is how far it is, 0 to 1; `says` why it failed, in words. */
export const archiveJobAnswer = z
  .strictObject({
    id,
    kind: z.enum(['export', 'import']),
    state: z.enum(['running', 'ready', 'previewed', 'done', 'failed', 'taken-back']),
    share: number,
    says: sayRecord.nullable(),
    bytes: count,
    preview: importPreviewAnswer.nullable(),
  })
  .meta({ id: 'ArchiveJob' });
export type ArchiveJob = z.infer<typeof archiveJobAnswer>;
