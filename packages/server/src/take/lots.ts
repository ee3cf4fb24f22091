import { houseSay } from '@furrow/words';
import { openRow, find } from '../store/rows.js';
import { randomUUID } from 'node:crypto';
import { addDays, type Batch, type LotKind } from '@furrow/core';
import { conflict } from '../problem.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';

/** A harvest that still takes entries. */
export async function openBatch(unit: UnitOfWork, id: string): Promise<Batch> {
  const batch = await batchView(unit.db, id);
  if (batch.closedAt) throw conflict('closed', houseSay('refusal.this-harvest-closed'));
  return batch;
}

/** The lot of a kind in a batch, made when first needed. */
export async function lotOf(
  unit: UnitOfWork,
  batch: Batch,
  kind: LotKind,
  name: string,
): Promise<string> {
  const there = await openRow(
    'lots',
    unit.db('lots').where({ batchId: batch.id, kind, removedAt: null }).orderBy('recordedAt'),
  );
  return there?.id ?? makeLot(unit, batch, kind, name);
}

const PRESSED = 'pressed honey';
/** Pressed honey is cloudier than what dripped: a lot of its own, unless the person joins them. */
export async function pressedLotOf(unit: UnitOfWork, batch: Batch): Promise<string> {
  const there = await openRow(
    'lots',
    unit
      .db('lots')
      .where({ batchId: batch.id, kind: 'honey', removedAt: null })
      .where('name', 'like', `%, ${PRESSED}`),
  );
  return there?.id ?? makeLot(unit, batch, 'honey', PRESSED);
}

/** Open stray comb is thin and was built anywhere: its honey is used first, from the start. */
async function useFirstBy(unit: UnitOfWork, batch: Batch): Promise<string | null> {
  const { decision } = await find(unit.db, 'batches', batch.id, 'harvest');
  if (decision.stray !== 'open') return null;
  const { rules } = await currentRules(unit.db);
  return addDays(batch.date, rules.useFirstDays);
}

async function makeLot(
  unit: UnitOfWork,
  batch: Batch,
  kind: LotKind,
  name: string,
): Promise<string> {
  const id = randomUUID();
  const useBy = kind === 'honey' ? await useFirstBy(unit, batch) : null;
  await unit.insert('lots', {
    id,
    batchId: batch.id,
    kind,
    name: `${[batch.hiveName, batch.lotName].filter(Boolean).join(' ')}, ${name}`,
    code: null,
    count: null,
    netG: null,
    jarKindId: null,
    lowestWeighedG: null,
    useBy,
  });
  return id;
}

export async function addMinutes(unit: UnitOfWork, batch: Batch, minutes: number): Promise<void> {
  if (minutes > 0)
    await unit.update('batches', batch.id, { handsOnMinutes: batch.handsOnMinutes + minutes });
}
