import { houseSay } from '@furrow/words';
import { openRow, find } from '../store/rows.js';
import { randomUUID } from 'node:crypto';
import { addDays, lotNamed, lotSay, type Batch, type LotKind, type Say } from '@furrow/core';
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

/** Kinds of which a harvest has one lot, and what each is called. */
const OWN_LOTS = {
  comb: lotSay('lot.comb'),
  crushed: lotSay('lot.crushed'),
  honey: lotSay('lot.honey'),
  'wet-wax': lotSay('lot.wet-wax'),
  'clean-wax': lotSay('lot.clean-wax'),
} as const satisfies Partial<Record<LotKind, Say>>;
type OwnLot = keyof typeof OWN_LOTS;

/** What the lots of a harvest are called by: its hive, and its own name where it has one. */
export const harvestCalled = (batch: Pick<Batch, 'hiveName' | 'lotName'>): string =>
  [batch.hiveName, batch.lotName].filter(Boolean).join(' ');

/** The lot of a kind in a batch, made when first needed; called by its kind unless `what` is said. */
export async function lotOf(
  unit: UnitOfWork,
  batch: Batch,
  kind: OwnLot,
  what: Say = OWN_LOTS[kind],
): Promise<string> {
  const there = await openRow(
    'lots',
    unit.db('lots').where({ batchId: batch.id, kind, removedAt: null }).orderBy('recordedAt'),
  );
  return there?.id ?? makeLot(unit, batch, kind, what);
}

/** How its name ended before it was said by key. */
const PRESSED_BEFORE = '%, pressed honey';
/** Pressed honey is cloudier than what dripped: a lot of its own, unless the person joins them. */
export async function pressedLotOf(unit: UnitOfWork, batch: Batch): Promise<string> {
  const there = await openRow(
    'lots',
    unit
      .db('lots')
      .where({ batchId: batch.id, kind: 'honey', removedAt: null })
      .where(
        (q) => void q.whereLike('name', '%"lot.pressed"%').orWhereLike('name', PRESSED_BEFORE),
      ),
  );
  return there?.id ?? makeLot(unit, batch, 'honey', lotSay('lot.pressed'));
}

/** Open stray comb is thin and was built anywhere: its honey is used first, from the start. */
async function useFirstBy(unit: UnitOfWork, batch: Batch): Promise<string | null> {
  const { decision } = await find(unit.db, 'batches', batch.id, 'harvest');
  if (decision.stray !== 'open') return null;
  const { rules } = await currentRules(unit.db);
  return addDays(batch.date, rules.useFirstDays);
}

async function makeLot(unit: UnitOfWork, batch: Batch, kind: LotKind, what: Say): Promise<string> {
  const id = randomUUID();
  const useBy = kind === 'honey' ? await useFirstBy(unit, batch) : null;
  await unit.insert('lots', {
    id,
    batchId: batch.id,
    kind,
    name: lotNamed(harvestCalled(batch), what),
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
