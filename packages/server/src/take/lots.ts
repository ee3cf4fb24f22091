import { randomUUID } from 'node:crypto';
import type { Batch } from '@furrow/core';
import type { UnitOfWork } from '../store/unitOfWork.js';

/** The lot of a kind in a batch, made when first needed. */
export async function lotOf(
  unit: UnitOfWork,
  batch: Batch,
  kind: string,
  name: string,
): Promise<string> {
  const there = await unit.db('lots').where({ batchId: batch.id, kind, removedAt: null }).first();
  if (there) return there.id as string;
  const id = randomUUID();
  await unit.insert('lots', {
    id,
    batchId: batch.id,
    kind,
    name: `${batch.hiveName}, ${name}`,
    code: null,
    count: null,
    netG: null,
    jarKindId: null,
    lowestWeighedG: null,
  });
  return id;
}

export async function addMinutes(unit: UnitOfWork, batch: Batch, minutes: number): Promise<void> {
  if (minutes > 0)
    await unit.update('batches', batch.id, { handsOnMinutes: batch.handsOnMinutes + minutes });
}
