import {
  owedWeighings,
  placeLabel,
  unitWord,
  type Batch,
  type TodayLine,
  type Vessel,
} from '@furrow/core';
import type { Knex } from 'knex';
import { breathe } from '../breathe.js';
import { list } from '../store/rows.js';
import { batchDetail } from '../harvest/detail.js';

/**
 * Weighings that were put off, a line for each: honey that is in no book until it is weighed,
 * estimated or said lost.
 */
export async function debtLines(
  db: Knex,
  batches: readonly Batch[],
): Promise<Omit<TodayLine, 'urgent'>[]> {
  const kit = new Map((await list<Vessel>(db, 'vessels')).map((v) => [v.id, v.name]));
  const lines: Omit<TodayLine, 'urgent'>[] = [];
  for (const batch of batches.filter((b) => b.stage !== 'ready')) {
    await breathe();
    const owed = owedWeighings(await batchDetail(db, batch.id));
    const base = {
      batchId: batch.id,
      hiveId: batch.hiveId,
      kind: 'weigh' as const,
      stage: 'owed' as const,
      dueAt: null,
      ifLeft: 'It is in no book until it is weighed, estimated or said lost.',
    };
    for (const vessel of owed.vessels)
      lines.push({
        ...base,
        id: `${batch.id}-owed-${vessel.vesselId}`,
        title: `Weigh ${kit.get(vessel.vesselId) ?? 'a vessel'}, honey of ${batch.hiveName}`,
      });
    for (const combs of owed.combs) {
      const what =
        combs.length > 1
          ? `the box of ${combs.length} combs`
          : `${unitWord(batch.hiveKind)} ${placeLabel(combs[0].slot)}`;
      lines.push({
        ...base,
        id: `${batch.id}-owed-${combs[0].id}`,
        title: `Weigh ${what} of ${batch.hiveName}`,
      });
    }
  }
  return lines;
}
