import { type Batch, LOT_KINDS, type Say } from '@furrow/core';
import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { z } from 'zod';
import { columnOf, rowOf, rowsOf, type AskedRow } from '../store/asked.js';
import { refused } from '../problem.js';
import { batchView } from '../harvest/batches.js';

/** A code as a person types it from a label: any case, spaces and hyphens as they please. */
const plainCode = (code: string): string => code.replace(/[^A-Za-z0-9]/g, '').toUpperCase();

const CODED_LOT = {
  id: z.string(),
  batchId: z.string(),
  kind: z.enum(LOT_KINDS),
  code: z.string(),
};

/** A number of a jar lot that a device took along. */
const TAKEN = { code: z.string(), batchCode: z.string(), batchId: z.string() };

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
  const taken = await rowsOf(
    { id: z.string(), code: z.string(), date: z.string(), hive: z.string() },
    db('takenNumbers')
      .join('batches', 'batches.id', 'takenNumbers.batchId')
      .join('visits', 'visits.id', 'batches.visitId')
      .join('hives', 'hives.id', 'batches.hiveId')
      .distinct(
        'batches.id as id',
        'takenNumbers.batchCode as code',
        'visits.date as date',
        'hives.name as hive',
      ),
  );
  // A lot's code is its batch's with a number: a code that begins another's would be read as one of
  // its lots.
  const continues = (code: string, start: string): boolean =>
    code.startsWith(start) && /^\d*$/.test(code.slice(start.length));
  const found = [...rows, ...taken].find(
    (r) =>
      r.id !== butBatchId &&
      (continues(plain, plainCode(r.code)) || continues(plainCode(r.code), plain)),
  );
  return found ? houseSay('refusal.code-of', { hive: found.hive, on: { date: found.date } }) : null;
}

/**
 * A batch code unique for ever: letters of the hive, the harvest's date, and a letter that counts
 * the batches of that hive and day. The one it has, or the one it will have with its first lot: a
 * device may have taken numbers of it along.
 */
async function batchCodeOf(db: Knex, batch: Batch): Promise<string> {
  if (batch.code) return batch.code;
  const taken = await rowOf(TAKEN, db('takenNumbers').where({ batchId: batch.id }).first());
  if (taken) return taken.batchCode;
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
    if (!(await codeInUse(db, candidate))) code = candidate;
  }
  return code;
}

/**
 * Numbers that devices take along begin here: what the house itself numbers goes on from 1, as if
 * nobody had taken any.
 */
const TAKEN_FROM = 21;

/** The next codes of lots that neither a lot has nor a device took along, from a number on. */
async function nextCodes(
  db: Knex,
  batchId: string,
  batchCode: string,
  count: number,
  from = 1,
): Promise<string[]> {
  const filled = await columnOf(
    z.string(),
    db('lots').where({ batchId }).whereNotNull('code').pluck('code'),
  );
  const taken = await columnOf(z.string(), db('takenNumbers').where({ batchId }).pluck('code'));
  const known = new Set([...filled, ...taken]);
  const codes: string[] = [];
  for (let n = Math.max(from, filled.length + 1); codes.length < count; n++) {
    const code = lotCodeOf(batchCode, n);
    if (!known.has(code)) codes.push(code);
  }
  return codes;
}
/** A batch's code and a number: with a hyphen where the two would read as one number. */
const lotCodeOf = (batchCode: string, n: number): string =>
  `${batchCode}${/\d$/.test(batchCode) ? '-' : ''}${n}`;

/**
 * Code of a lot: its batch's, and a number that counts the lots of it that were filled. `taken` is
 * one that the device took along and may have written on the jars.
 */
export async function lotCode(
  unit: UnitOfWork,
  batch: Batch,
  taken: string | null = null,
): Promise<string> {
  const code = await batchCodeOf(unit.db, batch);
  if (code !== batch.code) await unit.update('batches', batch.id, { code });
  if (taken === null) return (await nextCodes(unit.db, batch.id, code, 1))[0];
  const problem = await takenRefused(unit.db, batch.id, code, taken);
  if (problem) throw refused(problem, 'payload.code');
  return taken;
}

/** What stands against a number that was written on jars; null where nothing does. */
async function takenRefused(
  db: Knex,
  batchId: string,
  batchCode: string,
  code: string,
): Promise<Say | null> {
  const [lot, taken] = [
    await db('lots').where({ code }).first(),
    await rowOf(TAKEN, db('takenNumbers').where({ code }).first()),
  ];
  if (lot) return houseSay('refusal.number-stands-on-other-jars', { code });
  // A house that was set up anew knows of no number that was taken along.
  const isOfBatch = taken ? taken.batchId === batchId : isLotOf(code, batchCode);
  return isOfBatch ? null : houseSay('refusal.number-of-no-harvest', { code });
}
const isLotOf = (code: string, batchCode: string): boolean =>
  code.startsWith(batchCode) && /^-?\d+$/.test(code.slice(batchCode.length));

/**
 * Numbers that a device takes along for the jars of a harvest, so many that no lot has yet: it fills
 * jars out of reach of the house, and writes them on. The same ones as long as they are not used.
 */
export async function takeNumbers(
  db: Knex,
  { batchId, device, count }: { batchId: string; device: string; count: number },
  now: Date,
): Promise<string[]> {
  return db.transaction(async (trx) => {
    const batch = await batchView(trx, batchId);
    const free = await columnOf(
      z.string(),
      trx('takenNumbers')
        .where({ batchId, device })
        .whereNotIn('code', trx('lots').whereNotNull('code').select('code'))
        .orderBy('rowid')
        .pluck('code'),
    );
    const batchCode = await batchCodeOf(trx, batch);
    const more = await nextCodes(
      trx,
      batchId,
      batchCode,
      Math.max(0, count - free.length),
      TAKEN_FROM,
    );
    const takenAt = now.toISOString();
    for (const code of more)
      await trx('takenNumbers').insert({ code, batchCode, batchId, device, takenAt });
    return [...free, ...more];
  });
}
