import { judgeHiveAt, standingAgainst, type Batch } from '@furrow/core';
import { conflict } from '../problem.js';
import { hiveView } from '../store/hiveViews.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { currentRules } from '../store/views.js';

/**
 * Judges combs again at the moment they leave: what was chosen while the colony looked healthy is not taken once it was
 * found sick or treated since. Refuses with the finding that forbids it.
 */
export async function mayLeaveNow(
  unit: UnitOfWork,
  batch: Batch,
  combIds: readonly string[],
): Promise<void> {
  const hive = await hiveView(unit.db, batch.hiveId);
  const { rules } = await currentRules(unit.db);
  for (const comb of judgeHiveAt(hive, rules, unit.at)) {
    if (!combIds.includes(comb.combId)) continue;
    const forbids = standingAgainst(comb.verdict.findings).find((f) => f.weight === 'forbids');
    if (forbids)
      throw conflict('forbidden', `Comb ${comb.label}: ${forbids.sentence}`, 'payload.combId');
  }
}
