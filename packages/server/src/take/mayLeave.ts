import { houseSay } from '@furrow/words';
import { judgeHiveAt, standingAgainst, type Batch } from '@furrow/core';
import { holdByFindings } from '../book/holds.js';
import { conflict } from '../problem.js';
import { hiveView } from '../look/hiveViews.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { currentRules } from '../rules/currentRules.js';

/**
 * Judges combs again at the moment they leave: what was chosen while the colony looked healthy is
 * not taken once it was found sick or treated since. Refuses with the finding that forbids it; what
 * only has to be answered first (a colony that died since, nobody asked) may leave, into a lot that
 * is held until it is.
 */
export async function mayLeaveNow(
  unit: UnitOfWork,
  batch: Batch,
  combIds: readonly string[],
): Promise<void> {
  const hive = await hiveView(unit.db, batch.hiveId);
  const { rules } = await currentRules(unit.db);
  const leaving = judgeHiveAt(hive, rules, unit.at).filter((j) => combIds.includes(j.combId));
  for (const comb of leaving) {
    const forbids = standingAgainst(comb.verdict.findings).find((f) => f.weight === 'forbids');
    if (forbids)
      throw conflict(
        'forbidden',
        houseSay('refusal.comb', { comb: comb.label, sentence: forbids.sentence }),
        'payload.combId',
      );
  }
  await holdByFindings(unit, batch.id, hive.name, leaving);
}
