import type { Batch } from '@furrow/core';
import type { UnitOfWork } from '../store/unitOfWork.js';

/**
 * A batch code unique for ever: letters of the hive, the harvest's date, and a letter that counts the
 * batches of that hive and day. Given by the server, once, when the first lot is filled.
 */
async function batchCode(unit: UnitOfWork, batch: Batch): Promise<string> {
  if (batch.code) return batch.code;
  const letters = batch.hiveName.normalize('NFD').replace(/[^A-Za-z]/g, '').toUpperCase().slice(0, 4) || 'HIVE';
  const stem = `${letters}-${batch.date.replaceAll('-', '').slice(2)}`;
  const used = new Set<string>((await unit.db('batches').where('code', 'like', `${stem}-%`).pluck('code')) as string[]);
  let code = '';
  for (let n = 0; !code; n++) {
    const candidate = `${stem}-${n < 26 ? String.fromCharCode(65 + n) : n}`;
    if (!used.has(candidate)) code = candidate;
  }
  await unit.update('batches', batch.id, { code });
  return code;
}

/** Code of a lot: its batch's, and a number that counts the lots of it that were filled. */
export async function lotCode(unit: UnitOfWork, batch: Batch): Promise<string> {
  const code = await batchCode(unit, batch);
  const lots = await unit.db('lots').where({ batchId: batch.id }).whereNotNull('code').count('id as n').first();
  return `${code}${Number(lots?.n ?? 0) + 1}`;
}
