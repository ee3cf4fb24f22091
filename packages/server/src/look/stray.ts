import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import { addDays, type Hive, flowSay } from '@furrow/core';
import { atHome } from '../spoken.js';
import { refused } from '../problem.js';
import { hiveView } from './hiveViews.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { write } from '../store/writes.js';
import { lotOf } from '../take/lots.js';
import { buildComb } from './placing.js';
import { dateAt } from './dateAt.js';

/**
 * Comb found under a roof or in a gap: a short harvest of its own, capped and open kept apart as
 * two batches.
 */
export const strayWrites = [
  write('/strayCombs', {
    sentence: (p) =>
      houseSay(p.where === 'roof' ? 'entry.stray-comb-roof' : 'entry.stray-comb-gap'),
    run: async (unit, p) => {
      const hive = await hiveView(unit.db, p.hiveId);
      const on = dateAt(unit.at, hive.site.zone);
      const colony = hive.colony;
      if (p.broodSeen === 'yes')
        throw refused(houseSay('refusal.brood-in-it-cut-brood'), 'payload.broodSeen');
      await unit.insert('visits', {
        id: p.visitId,
        hiveId: hive.id,
        date: on,
        occurredAt: unit.at,
      });
      const batches: string[] = [];
      for (const [batchId, what, g] of [
        [p.cappedBatchId, 'capped', p.cappedG],
        [p.openBatchId, 'open', p.openG],
      ] as const) {
        if (g === 0) continue;
        await strayBatch(unit, { batchId, visitId: p.visitId, hiveId: hive.id, what, g, on });
        batches.push(batchId);
      }
      // Comb is built anew where a frame is missing: until it is in, it stands among what is due.
      if (colony)
        await unit.insert('colonyFacts', {
          id: p.id,
          colonyId: colony.id,
          onDate: on,
          fact: { kind: 'gap', gap: !p.frameFitted },
        });
      if (p.swarmCells === 'yes') await lookForSwarm(unit, hive, on);
      return {
        hive: await hiveView(unit.db, hive.id),
        batches: await Promise.all(batches.map((id) => batchView(unit.db, id))),
      };
    },
  }),
];

/**
 * Days within which a colony with swarm cells is looked at again: a sealed cell hatches about a
 * week later.
 */
const SWARM_DAYS = 3;
async function lookForSwarm(unit: UnitOfWork, hive: Hive, on: string): Promise<void> {
  const { rules } = await currentRules(unit.db);
  const task = {
    id: randomUUID(),
    what: atHome(rules)(houseSay('given.swarm-task', { hive: hive.name })),
    dueOn: addDays(on, SWARM_DAYS),
    doneOn: null,
  };
  await unit.update('sites', hive.siteId, { tasks: [...hive.site.tasks, task] });
}

type Stray = 'capped' | 'open';
/**
 * One part of it: a comb that ended the day it was found, taken and weighed, on its way to Drain.
 */
async function strayBatch(
  unit: UnitOfWork,
  part: { batchId: string; visitId: string; hiveId: string; what: Stray; g: number; on: string },
): Promise<void> {
  const { version, rules } = await currentRules(unit.db);
  const [carrierId, combId] = [randomUUID(), randomUUID()];
  await unit.insert('carriers', {
    id: carrierId,
    kind: 'stray',
    label: `stray, ${part.what}`,
    madeOn: part.on,
    sheet: null,
  });
  await buildComb(unit, carrierId, 'comb', part.on, combId);
  await unit.update('combs', combId, { endedOn: part.on, endReason: 'taken' });
  await unit.insert('batches', {
    id: part.batchId,
    visitId: part.visitId,
    hiveId: part.hiveId,
    method: 'crush',
    // A name as a person may give one: in the words of the household.
    lotName: atHome(rules)(houseSay(`given.stray-${part.what}`)),
    stage: 'drain',
    code: null,
    combIds: [combId],
    anyway: [],
    decision: { stray: part.what },
    plan: null,
    rulesVersion: version,
    handsOnMinutes: 0,
    closedAt: null,
    lookedBackAt: null,
    createdAt: unit.at,
  });
  await unit.insert('takes', {
    id: randomUUID(),
    batchId: part.batchId,
    combId,
    slot: 0,
    outcome: 'taken',
    vesselId: null,
    grossG: part.g,
    tareG: 0,
    netG: part.g,
    occurredAt: unit.at,
  });
  const lot = await lotOf(unit, await batchView(unit.db, part.batchId), 'comb');
  await unit.flow({
    from: 'outside',
    to: lot,
    g: part.g,
    reason: flowSay(`flow.stray.${part.what}`),
  });
}
