import { type Batch, LOT_KINDS, type Say } from '@furrow/core';
import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { z } from 'zod';
import { rowOf, rowsOf, type AskedRow } from '../store/asked.js';

/** A code as a person types it from a label: any case, spaces and hyphens as they please. */
const plainCode = (code: string): string => code.replace(/[^A-Za-z0-9]/g, '').toUpperCase();

const CODED_LOT = {
  id: z.string(),
  batchId: z.string(),
  kind: z.enum(LOT_KINDS),
  code: z.string(),
};

/** The lot of a code as it stands on a label, however it is written; null where there is none. */
export async function lotByCode(
  db: Knex,
  code: string,
): Promise<AskedRow<typeof CODED_LOT> | null> {
  const columns = Object.keys(CODED_LOT);
  const exact = await rowOf(CODED_LOT, db('lots').where({ code, removedAt: null }).first(columns));
  const id =
    exact?.id ??
    (
      await rowsOf(
        { id: z.string(), code: z.string() },
        db('lots').where({ removedAt: null }).whereNotNull('code').select('id', 'code'),
      )
    ).find((r) => plainCode(r.code) === plainCode(code))?.id;
  if (!id) return null;
  return (await rowOf(CODED_LOT, db('lots').where({ id }).first(columns))) ?? null;
}

/**
 * Whose code this is, however it is written; null where it never was one. Codes of what was taken
 * back count too: labels may exist.
 */
export async function codeInUse(
  db: Knex,
  code: string,
  butBatchId: string | null = null,
): Promise<Say | null> {
  const plain = plainCode(code);
  const rows = await rowsOf(
    { id: z.string(), code: z.string(), date: z.string(), hive: z.string() },
    db('batches')
      .join('visits', 'visits.id', 'batches.visitId')
      .join('hives', 'hives.id', 'batches.hiveId')
      .whereNotNull('batches.code')
      .select(
        'batches.id as id',
        'batches.code as code',
        'visits.date as date',
        'hives.name as hive',
      ),
  );
  // A lot's code is its batch's with a number: a code that begins another's would be read as one of
  // its lots.
  const continues = (code: string, start: string): boolean =>
    code.startsWith(start) && /^\d*$/.test(code.slice(start.length));
  const found = rows.find(
    (r) =>
      r.id !== butBatchId &&
      (continues(plain, plainCode(r.code)) || continues(plainCode(r.code), plain)),
  );
  return found ? houseSay('refusal.code-of', { hive: found.hive, on: { date: found.date } }) : null;
}

/**
 * A batch code unique for ever: letters of the hive, the harvest's date, and a letter that counts
 * the batches of that hive and day. Given by the server, once, when the first lot is filled.
 */
async function batchCode(unit: UnitOfWork, batch: Batch): Promise<string> {
  if (batch.code) return batch.code;
  const letters =
    batch.hiveName
      .normalize('NFD')
      .replace(/[^A-Za-z]/g, '')
      .toUpperCase()
      .slice(0, 4) || 'HIVE';
  const stem = `${letters}-${batch.date.replaceAll('-', '').slice(2)}`;
  let code = '';
  for (let n = 0; !code; n++) {
    const candidate = `${stem}-${n < 26 ? String.fromCharCode(65 + n) : n}`;
    if (!(await codeInUse(unit.db, candidate))) code = candidate;
  }
  await unit.update('batches', batch.id, { code });
  return code;
}

/** Code of a lot: its batch's, and a number that counts the lots of it that were filled. */
export async function lotCode(unit: UnitOfWork, batch: Batch): Promise<string> {
  const code = await batchCode(unit, batch);
  const lots = await unit
    .db('lots')
    .where({ batchId: batch.id })
    .whereNotNull('code')
    .count('id as n')
    .first();
  return `${code}${/\d$/.test(code) ? '-' : ''}${Number(lots?.n ?? 0) + 1}`;
}
